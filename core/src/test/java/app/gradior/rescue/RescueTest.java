package app.gradior.rescue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.Food;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Mixture;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class RescueTest {
    private static final double ENDLESS = Double.POSITIVE_INFINITY;
    private static final Sauce.Hob HOB =
            new Sauce.Hob(new PotOnHeat(new PotShape(240, 232, 130), 0, 1, 1500), new Heat(Look.LIVELY, LidState.OPEN));

    /** A gravy with soy sauce: about 900 mL, step 4 to 5, 1.9 % salt. */
    private static final Mixture GRAVY = Sauces.of("vegetable-stock", 800)
            .plus(Sauces.of("soy-sauce", 70))
            .plus(Sauces.of("onion", 60))
            .plus(Sauces.of("cornflour", 30))
            .cookedThrough();

    private static final Mixture SWEET_TOMATO = Sauces.of("passata", 700)
            .plus(Sauces.of("sugar", 90))
            .plus(Sauces.of("vinegar-cider", 60))
            .plus(Sauces.of("salt", 8))
            .cookedThrough();

    private static Sauce sauce(Mixture mixture) {
        return new Sauce(mixture, 60, 1, Optional.of(HOB));
    }

    private static Rescue rescue(Mixture mixture, Set<Complaint> wrong, double less, double step, double leastMl) {
        List<Food> liquids = List.of(Sauces.food("cream-double"), Sauces.food("passata"), Sauces.food("milk"));
        return new Rescue(
                sauce(mixture), wrong, less, step, leastMl, ENDLESS, ENDLESS, liquids, Optional.of(StarchKind.MAIZE));
    }

    private static void meetsAll(Rescue rescue) {
        Ways.Answer answer = rescue.answer();
        assertThat(answer.cannot()).isEmpty();
        assertThat(answer.ways())
                .hasSizeBetween(1, 4)
                .isSortedAccordingTo((a, b) -> Double.compare(a.change(), b.change()));
        for (Way way : answer.ways()) {
            for (Aim aim : rescue.aims()) {
                assertThat(Math.abs(aim.missedBy(way.of(aim.measure()))))
                        .as(aim + " of " + way.moves())
                        .isLessThanOrEqualTo(1);
            }
            Mixture again = rescue.sauce().mixture();
            for (Move move : way.moves()) {
                assertThat(move.amount()).isPositive();
                again = move.on(again);
            }
            assertThat(again.massG()).as("conserved").isCloseTo(way.after().massG(), within(1e-9));
        }
    }

    @Test
    void lessSaltTheSameThicknessAndNoLessThanEightHundred() {
        double step = sauce(GRAVY).of(Measure.STEP);
        Rescue rescue = rescue(GRAVY, Set.of(Complaint.TOO_SALTY), 0.25, step, 800);
        meetsAll(rescue);
        Way best = rescue.answer().ways().get(0);
        assertThat(best.moves()).as("thinned and thickened again").hasSizeGreaterThan(1);
        assertThat(best.of(Measure.SALT)).isCloseTo(0.75 * rescue.sauce().of(Measure.SALT), within(0.02));
    }

    @ParameterizedTest
    @CsvSource({"TOO_SWEET, 0.2", "TOO_SOUR, 0.25", "TOO_SALTY, 0.3", "TOO_THIN, 0.1", "TOO_THICK, 0.1"})
    void everyWayMeetsEveryWish(Complaint wrong, double less) {
        double step = sauce(SWEET_TOMATO).of(Measure.STEP);
        double wanted = wrong == Complaint.TOO_THIN ? step + 1 : wrong == Complaint.TOO_THICK ? step - 1 : step;
        meetsAll(rescue(SWEET_TOMATO, Set.of(wrong), less, wanted, 0));
    }

    @Test
    void whatIsTooThickIsThinnedByWaterFirstAndWhatIsTooThinIsThickenedOrBoiledDown() {
        double step = sauce(GRAVY).of(Measure.STEP);
        Way thinner = rescue(GRAVY, Set.of(Complaint.TOO_THICK), 0.1, step - 1, 0)
                .answer()
                .ways()
                .get(0);
        assertThat(thinner.moves()).hasSize(1).first().isInstanceOf(Move.Add.class);
        List<Way> thicker = rescue(GRAVY, Set.of(Complaint.TOO_THIN), 0.1, step + 1, 0)
                .answer()
                .ways();
        assertThat(thicker.get(0).moves()).hasSize(1).first().isInstanceOf(Move.Thicken.class);
        assertThat(thicker.get(0).minutes()).isZero();
        double salt = sauce(GRAVY).of(Measure.SALT);
        assertThat(thicker).as("boiling down makes it saltier").allMatch(way -> way.of(Measure.SALT) < 1.05 * salt);
    }

    @Test
    void boilingDownTakesItsMinutesAndIsNoWayWithoutThem() {
        Mixture thin = Sauces.of("passata", 900).cookedThrough();
        double step = sauce(thin).of(Measure.STEP);
        Rescue long1 = new Rescue(
                sauce(thin),
                Set.of(Complaint.TOO_THIN),
                0.1,
                step + 1,
                0,
                ENDLESS,
                ENDLESS,
                List.of(),
                Optional.empty());
        Way down = long1.answer().ways().get(0);
        assertThat(down.moves()).hasSize(1).first().isInstanceOf(Move.Reduce.class);
        assertThat(down.minutes()).isBetween(3.0, 60.0);
        Rescue late = new Rescue(
                sauce(thin), Set.of(Complaint.TOO_LATE), 0.1, step + 1, 0, ENDLESS, 2, List.of(), Optional.empty());
        assertThat(late.answer().ways()).isEmpty();
        Ways.Cannot cannot = late.answer().cannot().orElseThrow();
        assertThat(cannot.missed()).extracting(Aim::measure).containsExactly(Measure.STEP);
        assertThat(cannot.nearest().orElseThrow().of(Measure.STEP)).isBetween(step, step + 0.85);
    }

    @Test
    void nobodyPromisesAMinuteOfBoilingDownWhereThePotIsNotKnown() {
        Sauce anywhere = new Sauce(GRAVY, 60, 1, Optional.empty());
        double step = anywhere.of(Measure.STEP) + 1;
        Rescue late = new Rescue(
                anywhere,
                Set.of(Complaint.TOO_LATE),
                0.1,
                step,
                0,
                ENDLESS,
                5,
                List.of(),
                Optional.of(StarchKind.MAIZE));
        assertThat(late.moves()).noneMatch(Move.Reduce.class::isInstance);
        assertThat(late.answer().ways()).isNotEmpty();
    }

    @Test
    void whatCannotBeHadIsSaidWithWhatCould() {
        // Half the salt, the same thickness, no more than now, and nothing to thicken with: one of them has to go.
        double ml = sauce(GRAVY).of(Measure.VOLUME);
        double step = sauce(GRAVY).of(Measure.STEP);
        Rescue rescue = new Rescue(
                sauce(GRAVY),
                Set.of(Complaint.TOO_SALTY),
                0.5,
                step,
                ml,
                ml * 1.05,
                ENDLESS,
                List.of(),
                Optional.empty());
        Ways.Cannot cannot = rescue.answer().cannot().orElseThrow();
        assertThat(cannot.missed()).isNotEmpty();
        assertThat(cannot.without()).isPresent();
        assertThat(cannot.instead()).isNotEmpty();
    }

    @Test
    void aPotIsNotFilledToItsBrim() {
        Mixture full = GRAVY.times(4.6);
        Rescue rescue =
                rescue(full, Set.of(Complaint.TOO_SALTY), 0.4, sauce(full).of(Measure.STEP), 0);
        double room = HOB.pot().shape().capacityMl();
        rescue.answer().ways().forEach(way -> assertThat(way.of(Measure.VOLUME)).isLessThan(0.96 * room));
        assertThat(rescue.answer().ways().isEmpty())
                .isEqualTo(rescue.answer().cannot().isPresent());
    }

    @Test
    void nothingSaltyHelpsAgainstSaltAndNothingIsDoneForWhatIsRight() {
        Rescue salty = new Rescue(
                sauce(GRAVY),
                Set.of(Complaint.TOO_SALTY),
                0.2,
                sauce(GRAVY).of(Measure.STEP),
                0,
                ENDLESS,
                ENDLESS,
                List.of(Sauces.food("soy-sauce"), Sauces.food("milk")),
                Optional.of(StarchKind.MAIZE));
        assertThat(salty.moves())
                .noneMatch(
                        move -> move instanceof Move.Add add && add.food().id().equals("soy-sauce"));
        assertThat(salty.moves())
                .anyMatch(
                        move -> move instanceof Move.Add add && add.food().id().equals("milk"));
    }

    @ParameterizedTest
    @EnumSource(Complaint.class)
    void everyComplaintHasAWayByHandOrInGrams(Complaint wrong) {
        assertThat(wrong.measure().isPresent() || !wrong.handlings().isEmpty()).isTrue();
        for (Handling handling : wrong.handlings()) {
            Mixture after = handling.on(sauce(GRAVY));
            assertThat(after.massG()).as(handling.name()).isBetween(0.5 * GRAVY.massG(), 1.1 * GRAVY.massG());
        }
        assertThat(Complaint.ofKey(wrong.key())).isEqualTo(wrong);
    }

    @Test
    void aScorchedPotKeepsWhatSticksToItAndFlourWantsItsMinutes() {
        double leftMl =
                GRAVY.volumeMl20c() - Handling.CHANGE_POTS.on(sauce(GRAVY)).volumeMl20c();
        assertThat(leftMl).as("3 mm over the floor").isCloseTo(HOB.pot().shape().volumeMl(3), within(1.0));
        Mixture floury = Sauces.of("milk", 500).plus(Sauces.of("wheat-flour", 30));
        assertThat(Handling.SIMMER_ON.minutes(floury)).isEqualTo(10);
        assertThat(Handling.SIMMER_ON.minutes(GRAVY)).isEqualTo(2);
    }

    @Test
    void whoGivesNoFigureMeansThePlannedStepElseOneMoreOrLess() {
        Sauce gravy = sauce(GRAVY);
        double is = gravy.of(Measure.STEP);
        double ml = gravy.of(Measure.VOLUME);
        OptionalDouble none = OptionalDouble.empty();
        assertThat(Unsaid.step(gravy, Set.of(Complaint.TOO_SALTY), OptionalDouble.of(7)))
                .isEqualTo(is);
        assertThat(Unsaid.step(gravy, Set.of(Complaint.TOO_THIN), none)).isEqualTo(is + 1);
        assertThat(Unsaid.step(gravy, Set.of(Complaint.TOO_THICK), none)).isEqualTo(is - 1);
        assertThat(Unsaid.step(gravy, Set.of(Complaint.TOO_THIN), OptionalDouble.of(is + 2)))
                .isEqualTo(is + 2);
        assertThat(Unsaid.step(gravy, Set.of(Complaint.TOO_THIN), OptionalDouble.of(is - 2)))
                .as("planned thinner than it is: what is complained of counts")
                .isEqualTo(is + 1);
        assertThat(Unsaid.step(gravy, Set.of(Complaint.TOO_LATE), OptionalDouble.of(is - 1)))
                .isEqualTo(is - 1);
        assertThat(Unsaid.step(gravy, Set.of(Complaint.TOO_LATE), OptionalDouble.of(9.5)))
                .isEqualTo(9);
        assertThat(Unsaid.leastMl(gravy, Set.of(Complaint.TOO_LITTLE))).isCloseTo(4 / 3.0 * ml, within(1e-9));
        assertThat(Unsaid.leastMl(gravy, Set.of(Complaint.TOO_MUCH))).isZero();
        assertThat(Unsaid.mostMl(gravy, Set.of(Complaint.TOO_MUCH))).isCloseTo(2 / 3.0 * ml, within(1e-9));
        assertThat(Unsaid.mostMl(gravy, Set.of(Complaint.LUMPY))).isInfinite();
        assertThat(Unsaid.minutes(Set.of(Complaint.TOO_LATE))).isEqualTo(5);
        assertThat(Unsaid.minutes(Set.of(Complaint.TOO_SALTY))).isInfinite();
    }

    @Test
    void whatNobodyNoticesIsNoChange() {
        assertThat(Measure.SALT.isThere(0.02)).isFalse();
        assertThat(Measure.SALT.isThere(0.04)).isTrue();
        assertThat(Measure.STEP.differ(5, 5.08)).isFalse();
        assertThat(Measure.STEP.differ(5, 4.8)).isTrue();
    }
}

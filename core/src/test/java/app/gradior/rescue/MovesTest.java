package app.gradior.rescue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.finding.Refused;
import app.gradior.finding.Wrong;
import app.gradior.heat.EthanolWater;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What each move does and how much of it is usual; what is wished and meant; what a way costs: worked out here once more. */
class MovesTest {
    private static final double ENDLESS = Double.POSITIVE_INFINITY;
    private static final PotOnHeat POT = new PotOnHeat(new PotShape(240, 232, 130), 0, 1, 1500);
    private static final Sauce.Hob HOB = new Sauce.Hob(POT, new Heat(Look.LIVELY, LidState.OPEN));

    /** A cream sauce with wine, butter on it, and too much salt. */
    private static final Mixture SAUCE = Sauces.of("milk", 500)
            .plus(Sauces.of("wine-white", 200))
            .plus(Sauces.of("butter", 60))
            .plus(Sauces.of("wheat-flour", 25))
            .plus(Sauces.of("salt", 14))
            .cookedThrough();

    /** A broth with oil on it. */
    private static final Mixture FAT = Sauces.of("vegetable-stock", 700).plus(Sauces.of("olive-oil", 60));

    private static Sauce sauce(Mixture mixture) {
        return new Sauce(mixture, 60, 1, Optional.of(HOB));
    }

    private static Rescue rescue(Sauce sauce, double less, double leastMl, double mostMl, Complaint... wrong) {
        return new Rescue(
                sauce,
                Set.of(wrong),
                less,
                sauce.of(Measure.STEP),
                leastMl,
                mostMl,
                ENDLESS,
                List.of(Sauces.food("milk"), Sauces.food("soy-sauce")),
                Optional.of(StarchKind.MAIZE));
    }

    private static void holds(Move move, double usual, double most) {
        assertThat(move.usual(SAUCE)).isCloseTo(usual, within(1e-9));
        assertThat(move.most(SAUCE)).isCloseTo(most, within(1e-9));
        assertThat(move.of(7)).isNotEqualTo(move).hasSameClassAs(move);
        assertThat(move.of(7).amount()).isEqualTo(7);
    }

    @Test
    void whatEachMoveDoesAndHowMuchOfItIsUsual() {
        double massG = SAUCE.massG();
        holds(new Move.PourAway(0.3), 0.15, 0.6);
        assertThat(new Move.PourAway(0.3).on(SAUCE).massG()).isCloseTo(0.7 * massG, within(1e-9));
        assertThat(new Move.PourAway(2).on(SAUCE).massG()).isZero();
        double fat = FAT.freeFatG();
        assertThat(fat).isGreaterThan(50);
        assertThat(new Move.Skim(1).usual(FAT)).isCloseTo(0.3 * fat, within(1e-9));
        assertThat(new Move.Skim(1).most(FAT)).isCloseTo(0.9 * fat, within(1e-9));
        assertThat(new Move.Skim(1).of(12)).isEqualTo(new Move.Skim(12));
        assertThat(new Move.Skim(12).on(FAT).freeFatG()).isCloseTo(fat - 12, within(1e-9));
        assertThat(new Move.Skim(12).on(FAT).massG()).isCloseTo(FAT.massG() - 12, within(1e-9));
        Move.Add oil = new Move.Add(Sauces.food("olive-oil"), 46);
        holds(oil, 0.1 * massG, 1.5 * massG);
        assertThat(oil.ml()).isCloseTo(50, within(1.0));
        assertThat(oil.on(SAUCE).massG()).isCloseTo(massG + 46, within(1e-9));
        Move.Thicken starch = new Move.Thicken(StarchKind.MAIZE, 10);
        holds(starch, 0.008 * massG, 0.08 * massG);
        assertThat(starch.waterG()).isEqualTo(15);
        assertThat(starch.on(SAUCE).massG()).isCloseTo(massG + 25, within(1e-9));
        holds(new Move.Reduce(1), 0.1 * SAUCE.waterG(), 0.85 * SAUCE.waterG());
        assertThat(List.of(new Move.PourAway(0), new Move.Skim(0), oil, starch, new Move.Reduce(0)))
                .extracting(Move::order)
                .containsExactly(0, 1, 2, 3, 4);
    }

    /** With the water goes as much spirit as its vapour has of it, and no more than there is. */
    @Test
    void whatBoilsOffIsWaterAndSpirit() {
        double spirit = EthanolWater.vapourMassFraction(SAUCE.waterG(), SAUCE.ethanolG());
        assertThat(SAUCE.ethanolG()).isGreaterThan(5);
        Mixture little = new Move.Reduce(10).on(SAUCE);
        assertThat(little.ethanolG()).isCloseTo(SAUCE.ethanolG() - 10 * spirit, within(1e-9));
        assertThat(little.massG()).isCloseTo(SAUCE.massG() - 10, within(1e-9));
        Mixture much = new Move.Reduce(400).on(SAUCE);
        assertThat(much.ethanolG()).isZero();
        assertThat(much.massG()).isCloseTo(SAUCE.massG() - 400, within(1e-9));
        assertThat(new Move.Reduce(5000).on(SAUCE).massG())
                .isCloseTo(SAUCE.massG() - 0.85 * SAUCE.waterG(), within(1e-9));
    }

    @Test
    void aWishIsMissedByWhatNobodyNotices() {
        Aim at = Aim.at(Measure.VOLUME, 500);
        assertThat(at.low()).isEqualTo(498);
        assertThat(at.high()).isEqualTo(502);
        assertThat(at.missedBy(494)).isEqualTo(-2);
        assertThat(at.missedBy(507)).isEqualTo(2.5);
        assertThat(at.missedBy(498)).isZero();
        assertThat(at.missedBy(502)).isZero();
        Aim least = Aim.atLeast(Measure.SUGAR, 3);
        assertThat(least.missedBy(2.5)).isCloseTo(-5, within(1e-9));
        assertThat(least.missedBy(1e9)).isZero();
        assertThat(Aim.atMost(Measure.SALT, 1).missedBy(-5)).isZero();
        assertThat(Refused.why(() -> new Aim(Measure.SALT, 2, 1))).isInstanceOf(Wrong.Least.class);
    }

    @Test
    void whatNobodyWeighsIsAskedFor() {
        assertThat(EnumSet.allOf(Complaint.class).stream().filter(Complaint::asksHowMuch))
                .containsExactly(
                        Complaint.TOO_SALTY,
                        Complaint.TOO_SWEET,
                        Complaint.TOO_SOUR,
                        Complaint.TOO_HOT,
                        Complaint.TOO_FAT);
    }

    /** Grams to begin with, of a kilogram. */
    @ParameterizedTest
    @CsvSource({
        "WARM_WATER, water, 40",
        "NEW_YOLK, egg-yolk, 60",
        "LEMON, lemon-juice, 8",
        "SUGAR, sugar, 8",
        "SODA, baking-soda, 0.6",
        "PINCH_OF_SALT, salt, 1",
        "BUTTER, butter, 20"
    })
    void aSpoonToBeginWith(Handling handling, String food, double grams) {
        Mixture kilogram = SAUCE.times(1000 / SAUCE.massG());
        Move.Add adds = (Move.Add) handling.adds(kilogram).orElseThrow();
        assertThat(adds.food().id()).isEqualTo(food);
        assertThat(adds.amount()).isCloseTo(grams, within(1e-9));
        assertThat(handling.on(sauce(kilogram)).massG()).isCloseTo(1000 + grams, within(1e-6));
    }

    @Test
    void handsThatAddNothingLeaveWhatTheirToolDoes() {
        assertThat(Handling.STARCH_AGAIN.adds(SAUCE))
                .contains(new Move.Thicken(StarchKind.TAPIOCA, 0.006 * SAUCE.massG()));
        assertThat(Handling.WHISK.adds(SAUCE)).isEmpty();
        assertThat(Handling.WHISK.on(sauce(SAUCE))).isEqualTo(sauce(SAUCE).mixture());
        assertThat(Handling.SIEVE.on(sauce(SAUCE)).massG()).isLessThan(SAUCE.massG());
        assertThat(Handling.CHANGE_POTS
                        .on(new Sauce(SAUCE, 60, 1, Optional.empty()))
                        .massG())
                .isCloseTo(0.9 * SAUCE.massG(), within(1e-9));
        assertThat(Handling.CHANGE_POTS.on(sauce(SAUCE.times(0.1))).massG())
                .as("half of a puddle")
                .isCloseTo(0.05 * SAUCE.massG(), within(1e-9));
        assertThat(Handling.WHISK.minutes(SAUCE)).isZero();
        Mixture half = Sauces.of("water", 500).plus(Sauces.of("wheat-flour", 20));
        assertThat(Handling.SIMMER_ON.minutes(half.plus(Sauces.of("cornflour", 50))))
                .isEqualTo(2);
        assertThat(Handling.SIMMER_ON.minutes(half.plus(Sauces.of("cornflour", 20))))
                .isEqualTo(10);
    }

    @Test
    void aStepMeantIsOnTheStairAndNearEnoughToThePlanIsThere() {
        Sauce sauce = sauce(SAUCE);
        double is = sauce.of(Measure.STEP);
        assertThat(Unsaid.step(sauce, Set.of(Complaint.TOO_THIN), OptionalDouble.of(is + 0.04)))
                .isEqualTo(is + 1);
        assertThat(Unsaid.step(sauce, Set.of(Complaint.TOO_THIN), OptionalDouble.of(is + 0.06)))
                .isEqualTo(is + 0.06);
        assertThat(Unsaid.step(sauce, Set.of(Complaint.TOO_THICK), OptionalDouble.of(is - 0.04)))
                .isEqualTo(is - 1);
        assertThat(Unsaid.step(sauce, Set.of(Complaint.TOO_THICK), OptionalDouble.of(is - 0.06)))
                .isEqualTo(is - 0.06);
        assertThat(Unsaid.step(sauce, Set.of(Complaint.TOO_THICK, Complaint.TOO_THIN), OptionalDouble.empty()))
                .isEqualTo(is + 1);
        Sauce water = sauce(Sauces.of("water", 500));
        assertThat(Unsaid.step(water, Set.of(Complaint.TOO_THICK), OptionalDouble.empty()))
                .isEqualTo(0.5);
    }

    @Test
    void whatIsWishedOfASauceThatIsTooSalty() {
        Sauce sauce = sauce(SAUCE);
        double salt = sauce.of(Measure.SALT);
        double room = 0.95 * POT.shape().capacityMl() / SpecificVolume.expansion(100);
        Rescue salty = rescue(sauce, 0.25, 400, ENDLESS, Complaint.TOO_SALTY, Complaint.LUMPY);
        assertThat(salty.aims())
                .containsExactly(
                        new Aim(Measure.STEP, salty.step() - 0.1, salty.step() + 0.1),
                        Aim.atMost(Measure.SALT, 0.75 * salt),
                        new Aim(Measure.VOLUME, 400, room));
        assertThat(rescue(sauce, 0.25, 0, 300, Complaint.TOO_FAT).aims())
                .containsExactly(
                        new Aim(Measure.STEP, salty.step() - 0.1, salty.step() + 0.1),
                        Aim.atMost(Measure.SALT, 1.03 * salt),
                        Aim.atMost(Measure.FAT, 0.75 * sauce.of(Measure.FAT)),
                        new Aim(Measure.VOLUME, 0, 300));
        assertThat(rescue(sauce, 0.25, 500, 300, Complaint.TOO_THIN).aims())
                .contains(new Aim(Measure.VOLUME, 300, 300));
        Sauce anywhere = new Sauce(Sauces.of("passata", 500), 60, 1, Optional.empty());
        assertThat(rescue(anywhere, 0.25, 0, ENDLESS, Complaint.TOO_THIN).aims())
                .as("hardly salted: as salty as it may get")
                .containsExactly(
                        new Aim(Measure.STEP, anywhere.of(Measure.STEP) - 0.1, anywhere.of(Measure.STEP) + 0.1),
                        Aim.atMost(Measure.SALT, 1.2));
    }

    @Test
    void whatMayBeDone() {
        Sauce sauce = sauce(SAUCE);
        Move water = new Move.Add(Sauces.food("water"), 0);
        Move milk = new Move.Add(Sauces.food("milk"), 0);
        Move soy = new Move.Add(Sauces.food("soy-sauce"), 0);
        Move starch = new Move.Thicken(StarchKind.MAIZE, 0);
        assertThat(rescue(sauce, 0.25, 0, ENDLESS, Complaint.TOO_SALTY).moves())
                .containsExactly(water, milk, starch, new Move.Reduce(0));
        assertThat(rescue(sauce(FAT), 0.25, 0, ENDLESS, Complaint.TOO_FAT).moves())
                .containsExactly(new Move.Skim(0), water, milk, soy, starch, new Move.Reduce(0));
        assertThat(rescue(sauce(FAT), 0.25, 0, ENDLESS, Complaint.TOO_SALTY).moves())
                .doesNotContain(new Move.Skim(0));
        assertThat(rescue(sauce, 0.25, 0, ENDLESS, Complaint.TOO_FAT).moves())
                .as("none of it floats")
                .doesNotContain(new Move.Skim(0));
        assertThat(rescue(sauce, 0.25, 0, 400, Complaint.TOO_THIN).moves())
                .containsExactly(water, milk, soy, starch, new Move.Reduce(0), new Move.PourAway(0));
        assertThat(rescue(sauce, 0.25, 0, ENDLESS, Complaint.TOO_MUCH).moves()).contains(new Move.PourAway(0));
    }

    @Test
    void whatThereHardlyIsCannotBeTooMuch() {
        Rescue mild = rescue(sauce(SAUCE), 0.25, 0, ENDLESS, Complaint.TOO_HOT, Complaint.LUMPY);
        assertThat(mild.absent()).contains(Measure.HEAT);
        assertThat(mild.measured()).isFalse();
        assertThat(mild.answer().ways()).isEmpty();
        assertThat(mild.answer().cannot()).isEmpty();
        assertThat(mild.handlings()).containsExactly(Handling.SUGAR, Handling.WHISK, Handling.SIEVE, Handling.BLEND);
        Rescue salty = rescue(sauce(SAUCE), 0.25, 0, ENDLESS, Complaint.TOO_SALTY);
        assertThat(salty.absent()).isEmpty();
        assertThat(salty.measured()).isTrue();
        assertThat(rescue(sauce(SAUCE), 0.25, 0, ENDLESS, Complaint.TOO_THIN).absent())
                .isEmpty();
        assertThat(Measure.HEAT.isThere(15)).isFalse();
        assertThat(Measure.HEAT.isThere(15.1)).isTrue();
        assertThat(Measure.VOLUME.differ(500, 504)).isFalse();
        assertThat(Measure.VOLUME.differ(504.1, 500)).isTrue();
    }

    @Test
    void minutesAtTheStoveAreThoseOfWhatLeaves() {
        Sauce sauce = sauce(SAUCE);
        double goneG = sauce.mostGoneG(20);
        assertThat(goneG).isBetween(50.0, 600.0);
        assertThat(sauce.minutes(sauce.mixture(), goneG)).isCloseTo(20, within(0.01));
        assertThat(sauce.mostGoneG(-1)).isZero();
        assertThat(sauce.mostGoneG(ENDLESS)).isEqualTo(ENDLESS);
        assertThat(sauce.minutes(SAUCE, 0)).isZero();
        Sauce anywhere = new Sauce(SAUCE, 60, 1, Optional.empty());
        assertThat(anywhere.minutes(SAUCE, 10)).isNaN();
        assertThat(anywhere.minutes(SAUCE, 0)).isZero();
        assertThat(anywhere.mostGoneG(5)).isEqualTo(ENDLESS);
    }

    /** Each way's cost by its own moves, and no more of anything than the wish needs: water alone by the salt that it spreads. */
    @Test
    void aWayCostsWhatItChangesAndTheLeastComesFirst() {
        for (Complaint wrong : List.of(Complaint.TOO_SALTY, Complaint.TOO_MUCH, Complaint.TOO_FAT)) {
            Sauce sauce = sauce(SAUCE);
            double most = wrong == Complaint.TOO_MUCH ? 500 : ENDLESS;
            List<Way> ways = rescue(sauce, 0.25, 0, most, wrong).answer().ways();
            assertThat(ways).isNotEmpty();
            for (Way way : ways) {
                double cost = 0.02 * way.moves().size() + 0.15 * way.minutes() / 60;
                for (Move move : way.moves()) {
                    double factor = Map.<Class<?>, Double>of(
                                    Move.PourAway.class, 2 * SAUCE.massG(), Move.Reduce.class, 0.4)
                            .getOrDefault(move.getClass(), 1.0);
                    cost += factor * move.amount() / SAUCE.massG();
                }
                assertThat(way.change()).as("%s", way.moves()).isCloseTo(cost, within(1e-9));
                assertThat(way.change()).isLessThanOrEqualTo(3 * ways.get(0).change() + 0.15);
                boolean boils = way.moves().stream().anyMatch(Move.Reduce.class::isInstance);
                assertThat(way.minutes() > 0).isEqualTo(boils);
            }
        }
        double step = sauce(SAUCE).of(Measure.STEP);
        Rescue thin = new Rescue(
                sauce(SAUCE),
                Set.of(Complaint.TOO_THIN),
                0.25,
                step + 1,
                0,
                ENDLESS,
                ENDLESS,
                List.of(),
                Optional.empty());
        Way boiled = new Ways(thin.sauce(), List.of(Aim.at(Measure.STEP, step + 1)), ENDLESS)
                .by(List.of(new Move.Reduce(0)))
                .ways()
                .get(0);
        double goneG = boiled.moves().get(0).amount();
        assertThat(boiled.minutes()).isCloseTo(thin.sauce().minutes(SAUCE, goneG), within(1e-6));
        assertThat(boiled.change())
                .isCloseTo(0.02 + 0.15 * boiled.minutes() / 60 + 0.4 * goneG / SAUCE.massG(), within(1e-9));
        Sauce anywhere = new Sauce(SAUCE, 60, 1, Optional.empty());
        Way unknown = new Ways(anywhere, List.of(Aim.at(Measure.STEP, step + 1)), ENDLESS)
                .by(List.of(new Move.Reduce(0)))
                .ways()
                .get(0);
        assertThat(unknown.minutes()).isNaN();
        assertThat(unknown.change())
                .isCloseTo(0.02 + 0.4 * unknown.moves().get(0).amount() / SAUCE.massG(), within(1e-9));
        Sauce broth = sauce(Sauces.of("water", 500).plus(Sauces.of("salt", 12)));
        Rescue salty = new Rescue(
                broth,
                Set.of(Complaint.TOO_SALTY),
                0.25,
                broth.of(Measure.STEP),
                0,
                ENDLESS,
                ENDLESS,
                List.of(),
                Optional.empty());
        Way water = salty.answer().ways().get(0);
        assertThat(water.moves()).hasSize(1);
        assertThat(water.moves().get(0).amount()).isCloseTo(512 / 3.0, within(3.0));
    }

    /** No move of a way is needless: with any of them left out a wish is missed. */
    @Test
    void noMoveIsNeedless() {
        for (Complaint wrong : List.of(Complaint.TOO_SALTY, Complaint.TOO_SWEET, Complaint.TOO_LITTLE)) {
            Sauce sauce = sauce(SAUCE.plus(Sauces.of("sugar", 80)));
            double least = wrong == Complaint.TOO_LITTLE ? 1.3 * sauce.of(Measure.VOLUME) : 0;
            Rescue rescue = rescue(sauce, 0.25, least, ENDLESS, wrong);
            List<Way> ways = rescue.answer().ways();
            assertThat(ways).as("%s", wrong).isNotEmpty();
            for (Way way : ways) {
                assertThat(missed(rescue, way.moves())).isLessThanOrEqualTo(1);
                for (int i = 0; i < way.moves().size(); i++) {
                    List<Move> less = new ArrayList<>(way.moves());
                    less.set(i, less.get(i).of(0));
                    assertThat(missed(rescue, less))
                            .as("%s without %s", way.moves(), i)
                            .isGreaterThan(1);
                }
            }
        }
    }

    private static double missed(Rescue rescue, List<Move> moves) {
        Mixture now = rescue.sauce().mixture();
        for (Move move : moves) {
            now = move.on(now);
        }
        Mixture after = now;
        return rescue.aims().stream()
                .mapToDouble(aim -> Math.abs(aim.missedBy(rescue.sauce().of(aim.measure(), after))))
                .max()
                .orElseThrow();
    }
}

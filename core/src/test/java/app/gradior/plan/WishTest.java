package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.larder.Catalogue;
import app.gradior.larder.StarchKind;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Wish.Obstacle;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class WishTest {
    private static final OptionalDouble ANY = OptionalDouble.empty();
    private static final PotOnHeat POT = PotOnHeat.unknownPair(new PotShape(260, 240, 140), 0);

    private static SauceRoutes.Ways ways(Mixture all) {
        SauceRoutes routes = new SauceRoutes(
                List.of(Stage.of(StageKind.REDUCE, all, new StageEnd.StepServed(6))),
                0,
                POT,
                Thickening.Mix.slurry(StarchKind.MAIZE),
                6,
                60,
                1);
        return (SauceRoutes.Ways) routes.ways();
    }

    private static final SauceRoutes.Ways WAYS = ways(
            Sauces.of("passata", 800).plus(Sauces.of("vegetable-stock", 600)).plus(Sauces.of("salt", 8)));

    private static Wish.Answer wish(OptionalDouble ml, OptionalDouble minutes, double salt, boolean starch) {
        return new Wish(ml, minutes, SaltLimit.of(salt), starch).of(WAYS, StarchKind.MAIZE);
    }

    @Test
    void aYieldThatCanBeIsMetExactly() {
        Wish.Answer answer = wish(OptionalDouble.of(1000), ANY, 5, true);
        assertThat(answer.met()).isTrue();
        assertThat(answer.point().volumeMl20c()).isCloseTo(1000, within(0.5));
        assertThat(wish(ANY, ANY, 5, true).point()).isEqualTo(WAYS.written());
    }

    @Test
    void aYieldThatCannotBeSaysHowMuchMoreToMake() {
        Wish.Answer answer = wish(OptionalDouble.of(4000), ANY, 5, true);
        assertThat(answer.obstacle()).contains(Obstacle.YIELD);
        double most = WAYS.curve().leastReduced().volumeMl20c();
        assertThat(answer.why()).contains(new WishFinding.GivesLess(most, 4000));
        assertThat(answer.instead()).containsExactly(new WishFinding.MakeTimes(4000 / most));
        assertThat(answer.point()).isEqualTo(WAYS.curve().leastReduced());
        double least = WAYS.curve().mostReduced().volumeMl20c();
        assertThat(wish(OptionalDouble.of(0.99 * least), ANY, 5, true).met())
                .as("all but the end's yield is the end's")
                .isTrue();
        assertThat(wish(OptionalDouble.of(0.95 * least), ANY, 5, true).met()).isFalse();
        assertThat(wish(OptionalDouble.of(50), ANY, 5, true).point())
                .isEqualTo(WAYS.curve().mostReduced());
    }

    @Test
    void withoutStarchItSaysHowMuchWouldDo() {
        Wish.Answer answer = wish(OptionalDouble.of(1000), ANY, 5, false);
        assertThat(answer.obstacle()).contains(Obstacle.STARCH);
        assertThat(answer.instead().get(0))
                .isInstanceOfSatisfying(
                        WishFinding.AllowStarch.class,
                        allow -> assertThat(allow.starchG()).isPositive());
        assertThat(answer.point().starchG()).isCloseTo(0, within(1e-6));
    }

    @Test
    void tooLateNamesTheMinutesAndTheStarchThatSavesThem() {
        double needed = WAYS.written().minutes();
        Wish.Answer answer = wish(ANY, OptionalDouble.of(needed - 20), 5, true);
        assertThat(answer.obstacle()).contains(Obstacle.TIME);
        assertThat(answer.instead()).contains(new WishFinding.StartEarlier(20));
        assertThat(answer.instead().get(1)).isInstanceOfSatisfying(WishFinding.TakeStarch.class, take -> {
            assertThat(take.starchG()).isGreaterThan(WAYS.written().starchG());
            assertThat(take.volumeMl()).isGreaterThan(WAYS.written().volumeMl20c());
        });
        assertThat(wish(ANY, OptionalDouble.of(needed + 1), 5, true).met()).isTrue();
        assertThat(wish(ANY, OptionalDouble.of(-30), 5, true).why())
                .contains(new WishFinding.NoTime(Math.ceil(needed)));
    }

    @Test
    void tooSaltyNamesTheSaltToHoldBackAndTheWayThatIsNot() {
        double salt = WAYS.written().sauce().saltPercent();
        Wish.Answer answer = wish(ANY, ANY, 0.8 * salt, true);
        assertThat(answer.obstacle()).contains(Obstacle.SALT);
        double over = 0.2 * salt / 100 * WAYS.written().sauce().massG();
        assertThat(answer.instead().get(0))
                .isInstanceOfSatisfying(
                        WishFinding.HoldBackSalt.class,
                        hold -> assertThat(hold.saltG()).isCloseTo(over, within(1e-9)));
        assertThat(answer.instead().get(1)).isInstanceOf(WishFinding.StopAt.class);
        assertThat(answer.why())
                .contains(new WishFinding.TooSalty(WAYS.written().sauce().saltPercent(), 0.8 * salt));
    }

    /** Nobody can hold back salt that is not in it: what brings the salt is named, and how much less of it does. */
    @Test
    void saltIsHeldBackWhereItIsAndElseLessOfWhatBringsIt() {
        LineReader reader = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);
        List<LineReading> lines = Stream.of("150 ml soy sauce", "6 g salt", "400 ml water", "2 kg tomatoes")
                .map(reader::read)
                .toList();
        SaltLimit limit = SaltLimit.of(2).from(lines, 2);
        double soySaltG = limit.sources().get(0).saltG();
        assertThat(soySaltG).isCloseTo(2 * 150 * 1.18 * 0.15, within(0.5));
        assertThat(limit.less(5)).containsExactly(new WishFinding.HoldBackSalt(5));
        assertThat(limit.less(soySaltG / 2))
                .singleElement()
                .isInstanceOfSatisfying(WishFinding.PourLess.class, less -> {
                    assertThat(less.food().id()).isEqualTo("soy-sauce");
                    assertThat(less.volumeMl()).isCloseTo(150, within(5.0));
                    assertThat(less.share()).isBetween(0.7, 0.9);
                });
        List<WishFinding> both = limit.less(soySaltG + 6);
        assertThat(both).hasSize(2);
        assertThat(both.get(0))
                .isInstanceOfSatisfying(
                        WishFinding.HoldBackSalt.class,
                        hold -> assertThat(hold.saltG()).isCloseTo(12, within(0.3)));
        assertThat(both.get(1)).isInstanceOf(WishFinding.PourLess.class);
        assertThat(SaltLimit.of(2).from(List.of(reader.read("100 g miso")), 1).less(2))
                .singleElement()
                .isInstanceOfSatisfying(
                        WishFinding.TakeLess.class,
                        less -> assertThat(less.massG()).isBetween(5.0, 40.0));
        assertThat(SaltLimit.of(2).less(3)).containsExactly(new WishFinding.HoldBackSalt(3));
    }

    @Test
    void theUsualLimitIsNobodysWish() {
        double salt = WAYS.written().sauce().saltPercent();
        Wish.Answer answer =
                new Wish(ANY, ANY, new SaltLimit(0.8 * salt, true, List.of()), true).of(WAYS, StarchKind.MAIZE);
        assertThat(answer.why()).contains(new WishFinding.SaltierThanUsual(salt, 0.8 * salt));
    }
}

package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.larder.StarchKind;
import app.gradior.larder.Table;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Wish.Obstacle;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.Texture;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class WishTest {
    private static final OptionalDouble ANY = OptionalDouble.empty();
    private static final PotOnHeat POT = PotOnHeat.unknownPair(new PotShape(260, 240, 140), 0);

    private static SauceRoutes.Ways ways(Mixture all) {
        return ways(all, 0);
    }

    private static SauceRoutes.Ways ways(Mixture all, double starchG) {
        SauceRoutes routes = new SauceRoutes(
                List.of(Stage.of(StageKind.REDUCE, all, new StageEnd.StepServed(6))),
                starchG,
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
        return new Wish(ml, minutes, List.of(TasteLimit.of(Taste.SALT, salt)), starch).of(WAYS, StarchKind.MAIZE);
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

    /** A sauce that is written with starch, and one that only starch thickens. */
    @Test
    void withoutStarchTheSauceIsReducedAsFarAsItGoes() {
        SauceRoutes.Ways written = ways(Sauces.of("passata", 800).plus(Sauces.of("vegetable-stock", 600)), 20);
        assertThat(written.written().starchG()).isCloseTo(20, within(0.1));
        Wish.Answer reduced = new Wish(ANY, ANY, List.of(), false).of(written, StarchKind.MAIZE);
        assertThat(reduced.met()).isTrue();
        assertThat(reduced.point()).isEqualTo(written.curve().mostReduced());
        assertThat(new Wish(ANY, ANY, List.of(), true)
                        .of(written, StarchKind.MAIZE)
                        .point())
                .isEqualTo(written.written());
        double least = written.curve().mostReduced().volumeMl20c();
        Wish.Answer more =
                new Wish(OptionalDouble.of(1.5 * least), ANY, List.of(), false).of(written, StarchKind.MAIZE);
        assertThat(more.why()).get().isInstanceOfSatisfying(WishFinding.YieldWithoutStarch.class, without -> {
            assertThat(without.volumeMl()).isEqualTo(least);
            assertThat(without.wantedMl()).isCloseTo(1.5 * least, within(0.5));
        });
        assertThat(more.instead().get(1))
                .isInstanceOfSatisfying(
                        WishFinding.MakeTimes.class,
                        make -> assertThat(make.times()).isCloseTo(1.5, within(0.001)));

        Stage covered = new Stage(
                StageKind.REDUCE,
                Sauces.of("vegetable-stock", 4000),
                Look.BARE,
                LidState.CLOSED,
                new StageEnd.StepServed(6));
        SauceRoutes.Ways stock = (SauceRoutes.Ways)
                new SauceRoutes(List.of(covered), 0, POT, Thickening.Mix.slurry(StarchKind.MAIZE), 6, 60, 1).ways();
        Wish.Answer thin = new Wish(ANY, ANY, List.of(), false).of(stock, StarchKind.MAIZE);
        assertThat(thin.obstacle()).contains(Obstacle.STARCH);
        assertThat(thin.why()).contains(new WishFinding.NeedsStarch());
        assertThat(thin.instead())
                .containsExactly(
                        new WishFinding.AllowStarch(stock.curve().mostReduced().starchG(), StarchKind.MAIZE),
                        new WishFinding.LowerStep());
    }

    /** Starch is not named where no more of it is taken, and no way is named that tastes as much. */
    @Test
    void onlyWhatHelpsIsNamed() {
        double quickest = WAYS.curve().leastReduced().minutes();
        assertThat(quickest).isZero();
        Wish.Answer most = wish(OptionalDouble.of(WAYS.curve().leastReduced().volumeMl20c()), ANY, 5, true);
        assertThat(most.met()).isTrue();
        Wish.Answer tooSalty = wish(ANY, ANY, 0.01, true);
        assertThat(tooSalty.instead()).noneMatch(WishFinding.StopAt.class::isInstance);
        double salt = Taste.SALT.percent(WAYS.curve().points().get(10).sauce());
        assertThat(wish(ANY, ANY, salt, true).instead())
                .contains(new WishFinding.StopAt(
                        WAYS.curve().points().get(10).volumeMl20c(),
                        WAYS.curve().points().get(10).starchG(),
                        StarchKind.MAIZE));
        double needed = WAYS.written().minutes();
        assertThat(wish(ANY, OptionalDouble.of(needed - 0.4), 5, true).met())
                .as("half a minute is nothing")
                .isTrue();
        Wish.Answer hardlyLate = wish(ANY, OptionalDouble.of(needed - 0.6), 5, true);
        assertThat(hardlyLate.obstacle()).contains(Obstacle.TIME);
        assertThat(hardlyLate.why()).contains(new WishFinding.TakesLonger(Math.ceil(needed), Math.floor(needed - 0.6)));
        assertThat(wish(ANY, OptionalDouble.of(0.9), 5, true).why())
                .contains(new WishFinding.NoTime(Math.ceil(needed)));
        assertThat(wish(ANY, OptionalDouble.of(1), 5, true).why())
                .contains(new WishFinding.TakesLonger(Math.ceil(needed), 1));
        double least = WAYS.curve().mostReduced().volumeMl20c();
        assertThat(Wish.nearEnd(WAYS.curve(), least / 1.019))
                .as("two in a hundred")
                .isEqualTo(least);
        assertThat(Wish.nearEnd(WAYS.curve(), least / 1.021)).isEqualTo(least / 1.021);
        assertThat(Wish.nearEnd(WAYS.curve(), 1000)).isEqualTo(1000);
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
                .contains(new WishFinding.TooMuch(
                        Taste.SALT, WAYS.written().sauce().saltPercent(), 0.8 * salt));
    }

    /** Nobody can hold back salt that is not in it: what brings the salt is named, and how much less of it does. */
    @Test
    void saltIsHeldBackWhereItIsAndElseLessOfWhatBringsIt() {
        LineReader reader = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);
        List<LineReading> lines = Stream.of("150 ml soy sauce", "6 g salt", "400 ml water", "2 kg tomatoes")
                .map(reader::read)
                .toList();
        TasteLimit limit = TasteLimit.of(Taste.SALT, 2).from(lines, 2);
        double soySaltG = limit.sources().get(0).g();
        assertThat(soySaltG).isCloseTo(2 * 150 * 1.18 * 0.15, within(0.5));
        double all = limit.sources().stream().mapToDouble(TasteLimit.Source::g).sum();
        assertThat(limit.less(5, all)).singleElement().isEqualTo(new TasteLimit.Less(Optional.empty(), 1, 5, false));
        assertThat(limit.less(soySaltG / 2, all)).singleElement().satisfies(less -> {
            assertThat(less.food().orElseThrow().id()).isEqualTo("soy-sauce");
            assertThat(less.massG() / 1.18).isCloseTo(150, within(5.0));
            assertThat(less.share()).isBetween(0.7, 0.9);
            assertThat(less.withWater()).isTrue();
        });
        List<TasteLimit.Less> both = limit.less(soySaltG + 6, all);
        assertThat(both).hasSize(2);
        assertThat(both.get(0).food()).isEmpty();
        assertThat(both.get(0).massG()).isCloseTo(12, within(0.3));
        assertThat(both.get(1).food()).isPresent();
        TasteLimit miso = TasteLimit.of(Taste.SALT, 2).from(List.of(reader.read("100 g miso")), 1);
        assertThat(miso.less(2, miso.sources().get(0).g())).singleElement().satisfies(less -> {
            assertThat(less.massG()).isBetween(5.0, 40.0);
            assertThat(less.withWater()).isFalse();
        });
        assertThat(TasteLimit.of(Taste.SALT, 2).less(3, 10).get(0).massG()).isEqualTo(3);
    }

    private static Wish.Answer of(TasteLimit limit, List<LineReading> lines) {
        SauceRoutes.Ways ways = ways(new Ingredients(lines, Texture.CHUNKY).mixture());
        return new Wish(ANY, ANY, List.of(limit.from(lines, 1)), true).of(ways, StarchKind.MAIZE);
    }

    private static List<LineReading> read(String... lines) {
        LineReader reader = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);
        return Stream.of(lines).map(reader::read).toList();
    }

    @Test
    void whatIsTooSaltyBySoySaysHowMuchLessTheMilderOneAndTheStarchThatMakesUpForIt() {
        List<LineReading> lines = read("120 ml soy sauce", "500 ml water", "60 g sugar");
        Wish.Answer answer = of(TasteLimit.of(Taste.SALT, 2), lines);
        assertThat(answer.obstacle()).contains(Obstacle.SALT);
        WishFinding.PourLess less = (WishFinding.PourLess) answer.instead().get(0);
        assertThat(less.volumeMl()).isBetween(20.0, 118.0);
        assertThat(less.starchG()).as("what the soy sauce thickened is made up").isBetween(0.1, 6.0);
        WishFinding.TakeMilder milder =
                (WishFinding.TakeMilder) answer.instead().get(1);
        assertThat(milder.milder().id()).isEqualTo("soy-sauce-less-salt");
        double now = Taste.SALT.percent(answer.point().sauce());
        assertThat(milder.percent()).isCloseTo(now * 8.5 / 15, within(0.05 * now));
        // Poured less as it says, the same way is as salty as it may be.
        String leftMl = String.format(Locale.ROOT, "%.1f", 120 - less.volumeMl());
        String waterMl = String.format(Locale.ROOT, "%.1f", 500 + less.volumeMl());
        Mixture mild = new Ingredients(
                        read(leftMl + " ml soy sauce", waterMl + " ml water", "60 g sugar"), Texture.CHUNKY)
                .mixture();
        assertThat(mild.saltG() / answer.point().sauce().massG()).isCloseTo(0.02, within(0.0005));
    }

    @Test
    void tooSweetAndTooSharpNameWhatBringsIt() {
        List<LineReading> chutney = read("600 g plums", "150 g sugar", "100 ml cider vinegar", "100 ml water");
        Wish.Answer sweet = of(TasteLimit.of(Taste.SUGAR, 20), chutney);
        assertThat(sweet.obstacle()).contains(Obstacle.SUGAR);
        assertThat(sweet.instead().get(0)).isInstanceOfSatisfying(WishFinding.TakeLess.class, less -> {
            assertThat(less.food().id()).isEqualTo("sugar");
            assertThat(less.share()).isBetween(0.6, 0.8);
            assertThat(less.massG()).isBetween(20.0, 150.0);
        });
        Wish.Answer sharp = of(TasteLimit.of(Taste.SHARPNESS, 0.6), chutney);
        assertThat(sharp.obstacle()).contains(Obstacle.SHARPNESS);
        assertThat(sharp.why())
                .contains(new WishFinding.TooMuch(
                        Taste.SHARPNESS, Taste.SHARPNESS.percent(sharp.point().sauce()), 0.6));
        assertThat(of(TasteLimit.of(Taste.SHARPNESS, 15), chutney).met()).isTrue();
    }

    @Test
    void acidThatBoilsOffIsNotPouredLessForTwice() {
        TasteLimit limit = TasteLimit.of(Taste.SHARPNESS, 1).from(read("200 ml cider vinegar"), 1);
        double goneIn = limit.sources().get(0).g();
        double half = limit.less(1, goneIn / 2).get(0).massG();
        assertThat(half).isCloseTo(2 * limit.less(1, goneIn).get(0).massG(), within(1e-9));
    }

    @Test
    void everyMilderFoodIsThereAndIsMilder() {
        Catalogue larder = Catalogue.standard();
        int found = 0;
        for (Food food : larder.foods()) {
            for (Taste taste : Taste.values()) {
                Optional<Food> milder = Milder.of(taste, food);
                if (milder.isPresent()) {
                    found++;
                    assertThat(taste.percent(milder.get())).as(food.id()).isLessThan(taste.percent(food));
                }
            }
        }
        assertThat(found).isEqualTo(Table.rows("/larder/milder.csv").size());
    }

    @Test
    void theUsualLimitIsNobodysWish() {
        double salt = WAYS.written().sauce().saltPercent();
        Wish.Answer answer = new Wish(ANY, ANY, List.of(new TasteLimit(Taste.SALT, 0.8 * salt, true, List.of())), true)
                .of(WAYS, StarchKind.MAIZE);
        assertThat(answer.why()).contains(new WishFinding.SaltierThanUsual(salt, 0.8 * salt));
    }
}

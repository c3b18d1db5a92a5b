package app.gradior.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.care.Caution;
import app.gradior.care.StageCautions;
import app.gradior.heat.LidState;
import app.gradior.larder.CookingIn;
import app.gradior.larder.Food;
import app.gradior.larder.StarchKind;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import app.gradior.plan.PotRanking;
import app.gradior.plan.SauceRoutes;
import app.gradior.plan.Thickening;
import app.gradior.sauce.Piece;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageWork;
import app.gradior.sauce.Work;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Food that cooks in a sauce and is no part of it; a pan in the oven. */
class CookedInTest {
    private static final PotOnHeat POT = new PotOnHeat(new PotShape(260, 240, 140), 0, 1, 1500);
    private static final Mixture SAUCE = Sauces.of("tomato-canned", 1200).plus(Sauces.of("olive-oil", 40));
    private static final double SIMMERED_MIN = 5;

    private static Stage simmer(double minutes) {
        return Stage.of(StageKind.SIMMER, SAUCE, new StageEnd.Minutes(minutes));
    }

    private static Stage cookIn(double minutes, Map<Integer, Piece> foods) {
        return Stage.of(StageKind.COOK_IN, new StageEnd.Minutes(minutes)).with(foods, Work.NONE);
    }

    private static Map<Integer, Piece> food(String id, double massG) {
        return Map.of(7, Piece.of(Sauces.food(id), massG));
    }

    private static SauceRun.Cooked cook(Stage... stages) {
        SauceRun.Cooked cooked = SauceRun.cook(List.of(stages), POT, 1, 65);
        assertThat(cooked.stuck()).isEmpty();
        return cooked;
    }

    private static Stage[] with(Map<Integer, Piece> foods, double minutes) {
        return new Stage[] {simmer(SIMMERED_MIN), cookIn(minutes, foods)};
    }

    @Test
    void whatTheFoodGivesIsInTheSauceAndNothingElseOfIt() {
        double foodG = 600;
        SauceRun.Cooked alone = cook(simmer(SIMMERED_MIN), cookIn(20, Map.of()));
        SauceRun.Cooked cooked = cook(with(food("chicken", foodG), 20));
        Mixture left = cooked.pieces().food().all();
        double inG = SAUCE.massG() + foodG;
        assertThat(cooked.out().massG() + cooked.evaporatedG() + left.massG()).isCloseTo(inG, within(1e-9 * inG));
        double lost = 1 - left.massG() / foodG;
        assertThat(lost)
                .as("a thigh loses a sixth to a quarter in twenty minutes")
                .isBetween(0.15, 0.25);
        double gained = cooked.out().massG() - alone.out().massG();
        assertThat(gained).isCloseTo(lost * foodG, within(25.0));
        assertThat(cooked.out().coarseG())
                .as("the meat itself stays meat")
                .isEqualTo(alone.out().coarseG());
    }

    @Test
    void riceTakesTheLiquidUpAndTheSauceIsThickerForIt() {
        SauceRun.Cooked alone = cook(simmer(SIMMERED_MIN), cookIn(15, Map.of()));
        SauceRun.Cooked cooked = cook(with(food("rice", 150), 15));
        double swollenG = cooked.pieces().food().all().massG();
        assertThat(swollenG / 150)
                .as("rice weighs two and a half times as much")
                .isBetween(2.2, 2.8);
        assertThat(cooked.out().massG()).isLessThan(alone.out().massG() - 150);
        assertThat(cooked.out().saltG()).isLessThan(alone.out().saltG());
    }

    @Test
    void foodLiftsTheLevelAndTheScaleAndChillsThePot() {
        PotCourse course = new PotCourse(POT, 1, 65, Variation.NONE);
        course.begin(simmer(60));
        course.advance(40);
        double hotC = course.tempC();
        double levelMm = course.levelMm();
        double weighsG = course.weighsG();
        course.begin(cookIn(20, food("minced-beef", 500)));
        assertThat(course.tempC()).isLessThan(hotC - 10);
        assertThat(course.weighsG()).isCloseTo(weighsG + 500, within(1e-6));
        assertThat(course.levelMm()).isGreaterThan(levelMm + 5);
        assertThat(course.massG()).as("the sauce itself").isCloseTo(weighsG, within(1e-6));
        assertThat(course.look().levelMm()).isEqualTo(course.levelMm());
    }

    @Test
    void aPotIsAsFullAsTheSauceAndTheFoodInIt() {
        Stage alone = Stage.of(StageKind.COOK_IN, SAUCE, new StageEnd.Minutes(20));
        Stage with = alone.with(food("chicken", 600), Work.NONE);
        assertThat(PotRanking.fullestShare(cook(with), 1) - PotRanking.fullestShare(cook(alone), 1))
                .as("600 g of chicken, hot")
                .isBetween(570.0, 640.0);
    }

    @Test
    void itIsLiftedOutWithAFilmAndPutBackWithIt() {
        Stage out =
                Stage.of(StageKind.TAKE_OUT, new StageEnd.CooksWord(1)).with(Map.of(), new Work.TakeOut(Set.of(7), 1));
        Stage back = Stage.of(StageKind.PUT_BACK, new StageEnd.CooksWord(1)).with(Map.of(), new Work.PutBack(Set.of()));
        SauceRun.Cooked lifted = cook(simmer(5), cookIn(15, food("minced-beef", 500)), out);
        double filmG = lifted.stages().get(2).leftBehind().massG();
        assertThat(filmG).isBetween(10.0, 150.0);
        assertThat(lifted.pieces().food().isEmpty()).isTrue();
        SauceRun.Cooked again = cook(simmer(5), cookIn(15, food("minced-beef", 500)), out, back);
        assertThat(again.pieces().food().all().massG()).isGreaterThan(400);
        double inG = SAUCE.massG() + 500;
        double thereG = again.out().massG() + again.pieces().food().all().massG() + again.evaporatedG();
        assertThat(thereG).isCloseTo(inG, within(1e-6));
    }

    @Test
    void blendedWithItsFoodItIsAllSauce() {
        SauceRun.Cooked cooked =
                cook(simmer(5), cookIn(12, food("carrot", 300)), Stage.of(StageKind.BLEND, new StageEnd.CooksWord(2)));
        assertThat(cooked.pieces().food().isEmpty()).isTrue();
        double inG = SAUCE.massG() + 300;
        assertThat(cooked.out().massG() + cooked.evaporatedG() + cooked.leftBehindG())
                .isCloseTo(inG, within(1e-6));
    }

    @Test
    void severalStagesGoOnCookingWhatIsInThere() {
        SauceRun.Cooked twice =
                cook(simmer(5), cookIn(10, food("chicken", 600)), Stage.of(StageKind.SIMMER, new StageEnd.Minutes(10)));
        SauceRun.Cooked once = cook(simmer(5), cookIn(20, food("chicken", 600)));
        assertThat(twice.pieces().food().all().massG())
                .isCloseTo(once.pieces().food().all().massG(), within(2.0));
    }

    @Test
    void fleshIsAThingOfItsOwnAndSeasoningIsNot() {
        assertThat(Stream.of("chicken", "minced-lamb", "prawn", "carrot", "egg").map(Sauces::food))
                .allMatch(food -> CookingIn.of(food).isPresent());
        assertThat(Stream.of("anchovy", "stock-cube", "chicken-stock", "lard", "gelatine", "onion", "fish-sauce")
                        .map(Sauces::food))
                .allMatch(food -> CookingIn.of(food).isEmpty());
    }

    private static List<Caution> cautions(double minutes, String... ids) {
        List<LineReading> lines = Stream.of(ids)
                .map(id -> {
                    Food food = Sauces.food(id);
                    return new LineReading(
                            food.name(),
                            Optional.of(food),
                            400,
                            0,
                            LineReading.Sureness.SURE,
                            "",
                            List.of(),
                            Optional.empty());
                })
                .toList();
        SauceRun.Cooked cooked = cook(with(food(ids[0], 400), minutes));
        return StageCautions.of(cooked.stages().get(1), lines, List.of(), 95);
    }

    @Test
    void eachFoodIsSafeAtItsOwnHeatAndTooFewMinutesAreTold() {
        assertThat(cautions(25, "chicken", "minced-beef", "carrot"))
                .filteredOn(Caution.Through.class::isInstance)
                .map(c -> ((Caution.Through) c).safeC())
                .containsExactly(74.0, 71.0);
        assertThat(cautions(25, "chicken")).noneMatch(Caution.NotDone.class::isInstance);
        assertThat(cautions(15, "chicken"))
                .filteredOn(Caution.NotDone.class::isInstance)
                .singleElement()
                .satisfies(c -> {
                    Caution.NotDone raw = (Caution.NotDone) c;
                    assertThat(raw.food()).isEqualTo(Sauces.food("chicken"));
                    assertThat(raw.minutes()).isCloseTo(15, within(1e-9));
                    assertThat(raw.doneMin()).isEqualTo(25);
                });
        assertThat(cautions(8, "carrot")).noneMatch(Caution.Through.class::isInstance);
    }

    private static Stage oven(double airC, LidState lid, double minutes) {
        return new Stage(StageKind.OVEN, Mixture.EMPTY, StageKind.OVEN.usualLook(), lid, new StageEnd.Minutes(minutes))
                .with(Map.of(), StageWork.inOven(airC).in(StageKind.OVEN));
    }

    private static StageResult inOven(double airC, LidState lid) {
        return cook(simmer(5), oven(airC, lid, 60)).stages().get(1);
    }

    @Test
    void anOpenPanInTheOvenStaysBelowItsBoilAndACoveredOneComesNearIt() {
        StageResult open = inOven(135, LidState.OPEN);
        StageResult covered = inOven(135, LidState.CLOSED);
        assertThat(open.end().tempC()).isBetween(75.0, 90.0);
        assertThat(covered.end().tempC()).isBetween(92.0, 100.5);
        assertThat(covered.evaporatedG()).isLessThan(open.evaporatedG());
        StageResult foil = inOven(135, LidState.FOIL);
        assertThat(foil.evaporatedG()).isBetween(covered.evaporatedG() - 1e-9, open.evaporatedG());
    }

    @Test
    void aHotterOvenTakesMoreAndNoMoreThanItsHeatBoilsOff() {
        double before = 0;
        for (double airC : new double[] {100, 130, 160, 200, 250}) {
            StageResult result = inOven(airC, LidState.OPEN);
            assertThat(result.evaporatedG()).isGreaterThan(before);
            before = result.evaporatedG();
            double areaM2 = 2 * POT.shape().surfaceM2(0) + POT.shape().wallM2(60) + 0.01;
            double mostG = 1000 * 18 * areaM2 * (airC - 60) * 3600 / 2.25e6 * (60 + result.warmUpMinutes()) / 60;
            assertThat(result.evaporatedG()).isLessThan(mostG);
        }
        assertThat(inOven(160, LidState.OPEN).evaporatedG())
                .as("an open braise loses some 150 to 350 g an hour")
                .isBetween(150.0, 380.0);
    }

    @Test
    void aColdPanTakesTheBestPartOfAnHourToGetHotInTheOven() {
        Stage cold = oven(160, LidState.CLOSED, 30).adding(SAUCE);
        double fromCold = cook(cold).stages().get(0).warmUpMinutes();
        assertThat(fromCold).isBetween(25.0, 80.0);
        assertThat(cook(simmer(5), oven(160, LidState.CLOSED, 30))
                        .stages()
                        .get(1)
                        .warmUpMinutes())
                .isLessThan(0.2 * fromCold);
    }

    @Test
    void aPlanReducesBeforeItsFoodGoesInAndNotWithIt() {
        List<Stage> stages = List.of(simmer(10), cookIn(20, food("minced-beef", 400)), oven(150, LidState.CLOSED, 30));
        SauceRoutes routes = new SauceRoutes(stages, 0, POT, Thickening.Mix.slurry(StarchKind.MAIZE), 6, 65, 1);
        assertThat(routes.mainStage()).isZero();
        SauceRoutes.Ways ways = (SauceRoutes.Ways) routes.ways();
        SauceRoutes.Way way = routes.along(ways, ways.curve().mostReduced());
        assertThat(way.cooked().stages().get(1).minutes()).isCloseTo(20, within(0.01));
        assertThat(way.cooked().stages().get(2).minutes()).isCloseTo(30, within(0.01));
        assertThat(way.cooked().stages().get(2).end().stepServed()).isCloseTo(6, within(0.01));
        assertThat(way.cooked().pieces().food().isEmpty()).isFalse();
        List<Stage> only = List.of(cookIn(20, food("chicken", 400)).adding(SAUCE));
        assertThat(new SauceRoutes(only, 0, POT, Thickening.Mix.slurry(StarchKind.MAIZE), 6, 65, 1).mainStage())
                .as("nothing else boils")
                .isZero();
    }

    @Test
    void theOvenTakesNoBurnerAndNoStirring() {
        assertThat(StageKind.OVEN.needsBurner()).isFalse();
        assertThat(StageKind.SIMMER.needsBurner()).isTrue();
        assertThat(inOven(160, LidState.OPEN).stirring()).isEqualTo(Stirring.IN_OVEN);
    }
}

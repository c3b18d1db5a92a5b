package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.care.StageCautions;
import app.gradior.course.SauceRun;
import app.gradior.course.StageResult;
import app.gradior.finding.Finding;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.util.List;
import org.junit.jupiter.api.Test;

class SauceRoutesTest {
    private static final PotOnHeat POT = new PotOnHeat(new PotShape(260, 240, 140), 0, 1, 1500);
    private static final Thickening.Mix POTATO = Thickening.Mix.slurry(StarchKind.POTATO);

    private static SauceRoutes routes(List<Stage> stages, double starchG, double step, double servedC) {
        return new SauceRoutes(stages, starchG, POT, POTATO, step, servedC, 1);
    }

    private static SauceRoutes.Ways ways(SauceRoutes routes) {
        assertThat(routes.ways()).isInstanceOf(SauceRoutes.Ways.class);
        return (SauceRoutes.Ways) routes.ways();
    }

    private static StageResult last(SauceRoutes.Way way) {
        return way.cooked().stages().get(way.cooked().stages().size() - 1);
    }

    /** Sweat, deglaze by half, simmer twelve minutes, slurry: the simmer is what can be shortened. */
    private static List<Stage> gravy() {
        return List.of(
                Stage.of(
                        StageKind.SWEAT,
                        Sauces.of("mushroom", 500).plus(Sauces.of("butter", 30)),
                        new StageEnd.Minutes(12)),
                Stage.of(StageKind.DEGLAZE, Sauces.of("perry", 500), new StageEnd.FractionOfAdded(0.5)),
                Stage.of(StageKind.SIMMER, Sauces.of("mushroom-stock", 600), new StageEnd.Minutes(12)),
                Stage.of(StageKind.SLURRY, new StageEnd.Minutes(1)));
    }

    /** Stew, mill, sharpen and sweeten, reduce, then enrich with butter and season: something comes after. */
    private static List<Stage> glaze() {
        return List.of(
                Stage.of(
                        StageKind.SIMMER,
                        Sauces.of("damson", 1000).plus(Sauces.of("water", 250)),
                        new StageEnd.Minutes(15)),
                Stage.of(StageKind.MILL, new StageEnd.Minutes(5)),
                Stage.of(StageKind.REDUCE, Sauces.of("sugar", 250), new StageEnd.StepServed(6.5)),
                Stage.of(StageKind.SEASON, Sauces.of("vinegar-cider", 60), new StageEnd.CooksWord(1)),
                Stage.of(StageKind.ENRICH, Sauces.of("butter", 25), new StageEnd.CooksWord(1)));
    }

    @Test
    void withNothingBeforeOrAfterTheWaysAreThoseOfThePlainReduction() {
        Mixture all = Sauces.of("passata", 800).plus(Sauces.of("vegetable-stock", 500));
        SauceRoutes routes = routes(List.of(Stage.of(StageKind.REDUCE, all, new StageEnd.StepServed(6))), 0, 6, 60);
        Routes plain = new Routes(all, POT, new Heat(Look.LIVELY, LidState.OPEN), POTATO, 6, 60, 1);
        assertThat(ways(routes).curve()).isEqualTo(plain.curve());
    }

    @Test
    void timesAWayIsSoMuchOfEverythingAndEndsAtSoManyTimesTheWeights() {
        List<Stage> stages = List.of(
                Stage.of(StageKind.SIMMER, Sauces.of("passata", 400), new StageEnd.Weight(350)),
                Stage.of(StageKind.ADD, Sauces.of("water", 50), new StageEnd.Volume(380)),
                Stage.of(StageKind.SIMMER, new StageEnd.Minutes(4)));
        SauceRoutes.Way way = new SauceRoutes.Way(stages, SauceRun.cook(stages, POT, 1, 60), 0, 0, 0, List.of(0, 1, 2));
        List<Stage> triple = way.times(3);
        assertThat(triple).extracting(stage -> stage.adds().massG()).containsExactly(1200.0, 150.0, 0.0);
        assertThat(triple)
                .extracting(Stage::end)
                .containsExactly(new StageEnd.Weight(1050), new StageEnd.Volume(1140), new StageEnd.Minutes(4));
    }

    /** A slurry before the reduction has no powder of its own: nothing is stirred in there. */
    @Test
    void anEmptySlurryBeforeTheReductionIsNoStage() {
        Mixture all = Sauces.of("passata", 800).plus(Sauces.of("vegetable-stock", 500));
        Stage reduce = Stage.of(StageKind.REDUCE, all, new StageEnd.StepServed(6));
        SauceRoutes with = routes(List.of(Stage.of(StageKind.SLURRY, new StageEnd.Minutes(20)), reduce), 0, 6, 60);
        assertThat(ways(with).curve())
                .isEqualTo(ways(routes(List.of(reduce), 0, 6, 60)).curve());
    }

    @Test
    void everyWayEndsAtTheStepThroughAllItsStages() {
        for (SauceRoutes routes : List.of(routes(gravy(), 24, 4.5, 65), routes(glaze(), 0, 6.5, 20))) {
            SauceRoutes.Ways ways = ways(routes);
            for (int i : new int[] {0, 6, 12, 18, ways.curve().points().size() - 1}) {
                Routes.Point point = ways.curve().points().get(i);
                SauceRoutes.Way way = routes.along(ways, point);
                assertThat(SauceRoutes.trouble(way)).isEmpty();
                assertThat(last(way).end().stepServed()).as("point " + i).isCloseTo(routes.targetStep(), within(0.005));
                assertThat(last(way).out().volumeMl20c())
                        .as("yield of point " + i)
                        .isCloseTo(point.volumeMl20c(), within(0.02 * point.volumeMl20c()));
                double in =
                        way.stages().stream().mapToDouble(s -> s.adds().massG()).sum();
                double out = way.cooked().out().massG()
                        + way.cooked().evaporatedG()
                        + way.cooked().leftBehindG();
                assertThat(out).isCloseTo(in, within(1e-6));
            }
        }
    }

    @Test
    void whatComesAfterTheReductionIsReckonedWith() {
        SauceRoutes routes = routes(glaze(), 0, 6.5, 20);
        SauceRoutes.Ways ways = ways(routes);
        SauceRoutes.Way way = routes.along(ways, ways.curve().mostReduced());
        double atTheEndOfReducing = way.cooked().stages().get(way.main()).end().stepServed();
        assertThat(atTheEndOfReducing)
                .as("vinegar thins it afterwards: it must be reduced further than the step wanted")
                .isGreaterThan(6.55);
    }

    @Test
    void theWayAsWrittenKeepsItsMinutesOrItsStarch() {
        SauceRoutes byMinutes = routes(gravy(), 24, 4.5, 65);
        SauceRoutes.Ways ways = ways(byMinutes);
        assertThat(ways.written().minutes()).isCloseTo(12, within(0.2));
        SauceRoutes byStep = routes(glaze(), 6, 6.5, 20);
        assertThat(ways(byStep).written().starchG()).isCloseTo(6, within(0.01));
        SauceRoutes without = routes(glaze(), 0, 6.5, 20);
        assertThat(ways(without).written()).isEqualTo(ways(without).curve().mostReduced());
    }

    @Test
    void starchGoesIntoTheSlurryThereIsOrIntoOneOfItsOwnAfterTheReduction() {
        SauceRoutes gravy = routes(gravy(), 24, 4.5, 65);
        SauceRoutes.Way with = gravy.along(ways(gravy), ways(gravy).curve().leastReduced());
        assertThat(with.stages()).hasSize(4);
        assertThat(with.coldLiquidG()).isCloseTo(1.5 * with.starchG(), within(1e-9));
        SauceRoutes glaze = routes(glaze(), 0, 6.5, 20);
        SauceRoutes.Way added = glaze.along(ways(glaze), ways(glaze).curve().leastReduced());
        assertThat(added.stages()).hasSize(6);
        assertThat(added.stages().get(3).kind()).isEqualTo(StageKind.SLURRY);
        SauceRoutes.Way reduced = gravy.along(ways(gravy), ways(gravy).curve().mostReduced());
        assertThat(reduced.starchG()).isZero();
        assertThat(reduced.stages()).noneMatch(s -> s.kind() == StageKind.SLURRY);
    }

    @Test
    void noWayNamesWhatToChange() {
        SauceRoutes cold =
                routes(List.of(Stage.of(StageKind.SEASON, Sauces.of("salt", 5), new StageEnd.Minutes(1))), 0, 5, 20);
        assertThat(((SauceRoutes.NoWay) cold.ways()).field()).isEqualTo("stages");
        SauceRoutes thick = routes(
                List.of(Stage.of(StageKind.REDUCE, Sauces.of("tomato-paste", 300), new StageEnd.StepServed(4))),
                0,
                4,
                20);
        assertThat(((SauceRoutes.NoWay) thick.ways()).field()).isEqualTo("target");
        assertThat(((SauceRoutes.NoWay) thick.ways()).why()).isInstanceOf(CannotReach.TooThick.class);
    }

    @Test
    void potsThatFitComeFirstTheQuickestBeforeTheOthersWithTheirReason() {
        SauceRoutes routes = routes(glaze(), 0, 6.5, 20);
        SauceRoutes.Way way = routes.along(ways(routes), ways(routes).curve().mostReduced());
        List<PotRanking.Ranked> ranked = PotRanking.of(
                List.of(
                        candidate(1, 140, 70, PotMaterial.STAINLESS),
                        candidate(2, 220, 120, PotMaterial.BARE_IRON),
                        candidate(3, 240, 130, PotMaterial.ENAMEL),
                        candidate(4, 300, 80, PotMaterial.STAINLESS),
                        candidate(5, 180, 70, PotMaterial.STAINLESS),
                        candidate(6, 480, 100, PotMaterial.STAINLESS),
                        candidate(7, 400, 100, PotMaterial.STAINLESS)),
                way,
                true,
                1,
                20);
        assertThat(ranked).extracting(r -> r.candidate().id()).startsWith(4L, 3L);
        assertThat(ranked.get(0).minutes()).isLessThan(ranked.get(1).minutes());
        assertThat(why(ranked, 1))
                .isInstanceOfSatisfying(
                        PotFinding.TooSmall.class,
                        small -> assertThat(small.sauceMl()).isGreaterThan(small.brimMl()));
        assertThat(why(ranked, 2)).isEqualTo(new PotFinding.Reactive(PotMaterial.BARE_IRON));
        assertThat(why(ranked, 5))
                .isInstanceOfSatisfying(
                        PotFinding.TooFull.class,
                        full -> assertThat(full.share()).isBetween(2 / 3.0, 1.0));
        assertThat(why(ranked, 6))
                .isInstanceOfSatisfying(
                        PotFinding.TooLow.class,
                        low -> assertThat(low.levelMm()).isLessThan(StageCautions.leastMm(Look.LIVELY, 3)));
        assertThat(why(ranked, 7))
                .as("thick, it catches sooner than a thin sauce")
                .isInstanceOfSatisfying(
                        PotFinding.TooLow.class,
                        low -> assertThat(low.levelMm())
                                .isBetween(
                                        StageCautions.leastMm(Look.LIVELY, 3), StageCautions.leastMm(Look.LIVELY, 6)));
    }

    private static PotRanking.Candidate candidate(long id, double mm, double heightMm, PotMaterial material) {
        return new PotRanking.Candidate(
                id, "pot " + id, PotOnHeat.unknownPair(new PotShape(mm, mm, heightMm), 0), material);
    }

    private static Finding why(List<PotRanking.Ranked> ranked, long id) {
        return ranked.stream()
                .filter(r -> r.candidate().id() == id)
                .findFirst()
                .orElseThrow()
                .why()
                .orElseThrow();
    }
}

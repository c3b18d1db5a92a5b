package app.gradior.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.larder.Food;
import app.gradior.larder.Rendering;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Moves;
import app.gradior.sauce.Piece;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageWork;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Pieces that are lifted out and put back, fat that is rendered and poured off. */
class PiecesTest {
    private static final PotOnHeat POT = new PotOnHeat(new PotShape(260, 240, 140), 0, 1, 1200);
    private static final double SERVED_C = 60;

    /** A stage as it is typed: foods and grams that go in, by their places. */
    private record Typed(StageKind kind, Map<Integer, Piece> in, StageEnd end, StageWork work) {}

    private static Typed typed(StageKind kind, StageEnd end, StageWork work, Map<Integer, Piece> in) {
        return new Typed(kind, in, end, work);
    }

    private static Typed boil(StageKind kind, double minutes, Map<Integer, Piece> in) {
        return typed(kind, new StageEnd.Minutes(minutes), StageWork.NONE, in);
    }

    private static Typed takeOut(@Nullable Double share, Integer... lines) {
        return typed(
                StageKind.TAKE_OUT,
                new StageEnd.CooksWord(1),
                new StageWork(List.of(lines), share, null, null),
                Map.of());
    }

    private static Typed putBack(Integer... lines) {
        return typed(StageKind.PUT_BACK, new StageEnd.CooksWord(1), StageWork.of(List.of(lines)), Map.of());
    }

    private static Typed render(
            double minutes, @Nullable Double keepG, @Nullable Double share, Map<Integer, Piece> in) {
        return typed(StageKind.RENDER, new StageEnd.Minutes(minutes), new StageWork(List.of(), null, keepG, share), in);
    }

    private static Map<Integer, Piece> in(Object... placeFoodGrams) {
        Map<Integer, Piece> in = new TreeMap<>();
        for (int i = 0; i < placeFoodGrams.length; i += 3) {
            Food food = Sauces.food((String) placeFoodGrams[i + 1]);
            in.put((Integer) placeFoodGrams[i], Piece.of(food, ((Number) placeFoodGrams[i + 2]).doubleValue()));
        }
        return in;
    }

    private static List<Stage> stages(Typed... typed) {
        Moves moves = new Moves();
        for (Typed one : typed) {
            moves.add(one.kind, one.work);
        }
        List<Stage> stages = new ArrayList<>();
        for (Typed one : typed) {
            Mixture adds = Mixture.EMPTY;
            for (Piece piece : one.in.values()) {
                adds = adds.plus(piece.mixture());
            }
            stages.add(Stage.of(one.kind, adds, one.end)
                    .with(
                            moves.among(one.kind, one.in.keySet(), line -> Optional.ofNullable(one.in.get(line))),
                            one.work.in(one.kind)));
        }
        return stages;
    }

    private static SauceRun.Cooked cook(Typed... typed) {
        List<Stage> stages = stages(typed);
        SauceRun.Cooked cooked = SauceRun.cook(stages, POT, 1, SERVED_C);
        assertThat(cooked.stuck()).isEmpty();
        double inG = stages.stream().mapToDouble(s -> s.adds().massG()).sum();
        assertThat(cooked.out().massG() + cooked.evaporatedG() + cooked.leftBehindG())
                .isCloseTo(inG, within(1e-9 * inG));
        return cooked;
    }

    private static double lifted(SauceRun.Cooked cooked, int stage) {
        return cooked.stages().get(stage).leftBehind().massG();
    }

    @Test
    void aBayLeafLeavesWithWhatClingsAndTheSauceStaysAsItIs() {
        SauceRun.Cooked cooked =
                cook(boil(StageKind.SIMMER, 30, in(0, "passata", 700, 1, "bay-leaf", 0.6)), takeOut(null, 1));
        assertThat(lifted(cooked, 1)).isBetween(0.6, 3.0);
        Mixture before = cooked.stages().get(0).out();
        assertThat(cooked.out().massG()).isGreaterThan(0.985 * before.massG());
        assertThat(cooked.out().brixPercent()).isCloseTo(before.brixPercent(), within(0.15));
    }

    @Test
    void bonesTakeTheirSolidsAndTheLiquidTheyHoldWithThemAndLeaveTheirGelatine() {
        SauceRun.Cooked cooked =
                cook(boil(StageKind.SIMMER, 60, in(0, "water", 3000, 1, "stock-bones", 1000)), takeOut(null, 1));
        Mixture out = cooked.stages().get(1).leftBehind();
        assertThat(out.massG()).as("drained bones").isBetween(550.0, 1000.0);
        assertThat(out.coarseG()).isCloseTo(140, within(2.0));
        assertThat(cooked.out().coarseG()).isLessThan(2);
        double gelatine = cooked.out().body().g(app.gradior.mixture.Body.Part.GELATINE);
        assertThat(gelatine).as("of 80 g in the bones").isBetween(45.0, 80.0);
    }

    @Test
    void whatIsTakenOutAndPutBackIsAsIfItHadStayedButForItsTime() {
        SauceRun.Cooked moved = cook(
                boil(StageKind.SIMMER, 10, in(0, "water", 600, 1, "sugar", 300, 2, "apricot", 400)),
                takeOut(null, 2),
                boil(StageKind.SIMMER, 1, Map.of()),
                putBack(2));
        SauceRun.Cooked fruitOut = cook(
                boil(StageKind.SIMMER, 10, in(0, "water", 600, 1, "sugar", 300, 2, "apricot", 400)),
                takeOut(null, 2),
                boil(StageKind.SIMMER, 1, Map.of()));
        double back = moved.out().massG() - fruitOut.out().massG();
        assertThat(back).isCloseTo(lifted(fruitOut, 1), within(3.0));
        assertThat(lifted(fruitOut, 1))
                .as("400 g of fruit, partly fallen apart")
                .isBetween(150.0, 420.0);
        assertThat(moved.leftBehindG()).isCloseTo(0, within(1e-6));
        assertThat(moved.out().body().boundG())
                .isCloseTo(fruitOut.stages().get(0).out().body().boundG(), within(0.5));
    }

    @Test
    void fruitBesideThePotDoesNotFallApartWhileItsSyrupReduces() {
        Typed poach = boil(StageKind.SIMMER, 5, in(0, "water", 600, 1, "sugar", 300, 2, "apricot", 400));
        SauceRun.Cooked stayed = cook(poach, boil(StageKind.SIMMER, 25, Map.of()));
        SauceRun.Cooked moved = cook(poach, takeOut(null, 2), boil(StageKind.SIMMER, 25, Map.of()), putBack());
        assertThat(moved.out().body().boundG())
                .isGreaterThan(5 * stayed.out().body().boundG());
    }

    @Test
    void halfOfThePiecesIsHalfAndAShareOfThePotIsThatShare() {
        Typed stew = boil(StageKind.SIMMER, 15, in(0, "water", 900, 1, "carrot", 300));
        double all = lifted(cook(stew, takeOut(null, 1)), 1);
        SauceRun.Cooked half = cook(stew, takeOut(0.5, 1));
        assertThat(lifted(half, 1)).isCloseTo(all / 2, within(0.05 * all));
        SauceRun.Cooked rest = cook(stew, takeOut(0.5, 1), takeOut(null, 1));
        assertThat(lifted(rest, 1) + lifted(rest, 2)).isCloseTo(all, within(0.05 * all));
        SauceRun.Cooked ladle = cook(stew, takeOut(0.25));
        Mixture before = ladle.stages().get(0).out();
        assertThat(lifted(ladle, 1)).isCloseTo(0.25 * before.massG(), within(0.01 * before.massG()));
        assertThat(cook(stew, takeOut(null)).leftBehindG())
                .as("nothing named, nothing out")
                .isZero();
    }

    /** Of the fruit, half was beside the pot meanwhile: once it is back, all of it is lifted again. */
    @Test
    void halfThatIsPutBackJoinsTheHalfThatStayed() {
        Typed stew = boil(StageKind.SIMMER, 15, in(0, "water", 900, 1, "carrot", 300));
        double all = lifted(cook(stew, takeOut(null, 1)), 1);
        assertThat(lifted(cook(stew, takeOut(0.5, 1), putBack(1), takeOut(null, 1)), 3))
                .isCloseTo(all, within(0.03 * all));
        assertThat(lifted(cook(stew, takeOut(0.5, 1), takeOut(0.5, 1), putBack(), takeOut(null, 1)), 4))
                .isCloseTo(all, within(0.03 * all));
    }

    /** A ladle of the pot, pieces and all, and another: both come back, with the pieces that were in them. */
    @Test
    void eachShareOfThePotComesBackWithItsPieces() {
        Typed stew = boil(StageKind.SIMMER, 15, in(0, "water", 900, 1, "carrot", 300));
        SauceRun.Cooked stayed = cook(stew, takeOut(null, 1));
        SauceRun.Cooked once = cook(stew, takeOut(0.5), putBack(), takeOut(null, 1));
        assertThat(lifted(once, 3)).isCloseTo(lifted(stayed, 1), within(0.01 * lifted(stayed, 1)));
        SauceRun.Cooked twice = cook(stew, takeOut(0.5), takeOut(0.5), putBack());
        assertThat(twice.leftBehindG()).isCloseTo(0, within(1e-9));
        assertThat(twice.out().massG() + twice.evaporatedG()).isCloseTo(1200, within(1e-6));
    }

    /** Half of the fruit stands beside the pot while the other cooks on and falls apart: together they are as firm as between the two. */
    @Test
    void theTimeInThePotIsThatOfEach() {
        Typed poach = boil(StageKind.SIMMER, 5, in(0, "water", 600, 1, "sugar", 300, 2, "apricot", 400));
        Typed on = boil(StageKind.SIMMER, 20, Map.of());
        double firm = firm(cook(poach, takeOut(null, 2)), 1);
        double soft = firm(cook(poach, on, takeOut(null, 2)), 2);
        assertThat(firm).isGreaterThan(3 * soft);
        for (SauceRun.Cooked cooked : List.of(
                cook(poach, takeOut(0.5, 2), on, putBack(), takeOut(null, 2)),
                cook(poach, takeOut(0.5), on, putBack(), takeOut(null, 2)))) {
            assertThat(firm(cooked, 4)).isBetween(1.5 * soft, 0.75 * firm);
        }
        assertThat(firm(cook(poach, takeOut(0.5), on, takeOut(0.5), putBack(), takeOut(null, 2)), 5))
                .as("most of it was beside the pot, half of it for all of the time")
                .isBetween(1.5 * soft, 0.75 * firm);
    }

    private static double firm(SauceRun.Cooked cooked, int stage) {
        return cooked.stages().get(stage).leftBehind().body().boundG();
    }

    @Test
    void baconGivesItsFatByTheMinuteAndAllButASpoonIsPouredOff() {
        SauceRun.Cooked kept = cook(render(10, null, null, in(0, "bacon", 200)));
        assertThat(kept.leftBehindG()).isZero();
        assertThat(kept.evaporatedG()).as("water of 200 g of lardons").isBetween(40.0, 75.0);
        SauceRun.Cooked spoon = cook(render(10, 13.0, null, in(0, "bacon", 200)));
        double most = 0.31 * 200 * Rendering.of(Sauces.food("bacon")).mostShare();
        assertThat(spoon.leftBehindG() + 13).as("fat that came out").isBetween(0.75 * most, most);
        assertThat(spoon.stages().get(0).leftBehind().freeFatG()).isCloseTo(spoon.leftBehindG(), within(1e-9));
        SauceRun.Cooked quick = cook(render(3, 13.0, null, in(0, "bacon", 200)));
        assertThat(quick.leftBehindG()).isLessThan(0.8 * spoon.leftBehindG());
        SauceRun.Cooked half = cook(render(10, null, 0.5, in(0, "bacon", 200)));
        assertThat(half.leftBehindG()).isCloseTo((spoon.leftBehindG() + 13) / 2, within(0.01));
        assertThat(cook(render(2, 100.0, null, in(0, "bacon", 100))).leftBehindG())
                .isZero();
    }

    @Test
    void oilInThePanIsPouredOffWithIt() {
        double without = cook(render(8, 0.0, null, in(0, "bacon", 150))).leftBehindG();
        double with = cook(render(8, 0.0, null, in(0, "bacon", 150, 1, "olive-oil", 20)))
                .leftBehindG();
        assertThat(with - without).isCloseTo(20, within(0.3));
    }

    @Test
    void crispBaconIsLiftedOutWithTheFatAndTheProteinThatAreStillInIt() {
        Typed crisp = render(10, 13.0, null, in(0, "bacon", 200));
        SauceRun.Cooked out = cook(crisp, takeOut(null, 0));
        Mixture bacon = out.stages().get(1).leftBehind();
        assertThat(bacon.massG()).as("crisp lardons of 200 g").isBetween(75.0, 125.0);
        assertThat(bacon.freeFatG()).isBetween(20.0, 40.0);
        assertThat(out.out().massG()).as("fat and a film in the pan").isBetween(8.0, 30.0);
        SauceRun.Cooked back = cook(
                crisp,
                takeOut(null, 0),
                boil(StageKind.SIMMER, 10, in(1, "cream-double", 200)),
                putBack(0),
                takeOut(null, 0));
        assertThat(lifted(back, 4))
                .as("once more, with cream on it")
                .isBetween(bacon.massG() * 0.9, bacon.massG() * 1.6);
    }

    @Test
    void aSieveLeavesNothingToLiftOut() {
        SauceRun.Cooked cooked = cook(
                boil(StageKind.SIMMER, 20, in(0, "water", 800, 1, "carrot", 200)),
                typed(StageKind.SIEVE, new StageEnd.Minutes(2), StageWork.NONE, Map.of()),
                takeOut(null, 1));
        assertThat(lifted(cooked, 2)).isZero();
    }
}

package app.gradior.web.care;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.Catalogue;
import app.gradior.mixture.Mixture;
import app.gradior.room.words.Words;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import app.gradior.texture.Consistency;
import app.gradior.vessel.PotShape;
import app.gradior.web.draw.CurvesDrawing;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/** What the page on the model shows: each picture is reckoned by the model that it explains, of sauces that stand in any kitchen. */
final class ModelPictures {
    private static final double SERVED_C = 20;
    /** The stair ends here. */
    private static final double THICKEST = 9.5;

    private static final int MINUTES = 40;
    private static final int EVERY = 2;
    private static final int COLDEST_C = 10;
    private static final int HOTTEST_C = 95;
    private static final int EVERY_C = 5;
    private static final Map<String, Double> SYRUP = Map.of("sugar", 620.0, "water", 380.0);
    private static final Map<String, Double> GRAVY = Map.of("chicken-stock", 960.0, "cornflour", 40.0);
    private static final Map<String, Double> TOMATO = Map.of("passata", 1000.0);
    private static final PotShape NARROW = new PotShape(160, 160, 100);
    private static final PotShape USUAL = new PotShape(200, 200, 110);
    private static final PotShape WIDE = new PotShape(280, 280, 80);

    private ModelPictures() {}

    /** Thickness of three sauces as they cool: what sugar, starch and pulp do. */
    static String coldLater() {
        return CurvesDrawing.draw(
                List.of(cooling("A", SYRUP), cooling("B", GRAVY), cooling("C", TOMATO)),
                Words.text("page.care.knows.celsius"),
                Words.text("page.care.knows.step"),
                Words.text("page.care.knows.cold-later.drawn"));
    }

    private static CurvesDrawing.Curve cooling(String mark, Map<String, Double> foods) {
        Mixture sauce = of(foods).cookedThrough();
        List<CurvesDrawing.Point> points = new ArrayList<>();
        for (int c = COLDEST_C; c <= HOTTEST_C; c += EVERY_C) {
            points.add(new CurvesDrawing.Point(c, Consistency.stepCooked(sauce, c)));
        }
        return new CurvesDrawing.Curve(mark, points);
    }

    /** The same sauce in three pots: what is left of it, g. */
    static String pots() {
        return CurvesDrawing.draw(
                List.of(
                        simmering("A", TOMATO, NARROW, Look.GENTLE, SimmerRun::massG, Double.POSITIVE_INFINITY),
                        simmering("B", TOMATO, USUAL, Look.GENTLE, SimmerRun::massG, Double.POSITIVE_INFINITY),
                        simmering("C", TOMATO, WIDE, Look.GENTLE, SimmerRun::massG, Double.POSITIVE_INFINITY)),
                Words.text("page.care.knows.minutes"),
                Words.text("page.care.knows.grams"),
                Words.text("page.care.knows.pots.drawn"));
    }

    /** The same sauce and pot at three heats: its step when served. */
    static String heats() {
        return CurvesDrawing.draw(
                List.of(
                        simmering("A", SYRUP, USUAL, Look.BARE, SimmerRun::stepServed, THICKEST),
                        simmering("B", SYRUP, USUAL, Look.GENTLE, SimmerRun::stepServed, THICKEST),
                        simmering("C", SYRUP, USUAL, Look.LIVELY, SimmerRun::stepServed, THICKEST)),
                Words.text("page.care.knows.minutes"),
                Words.text("page.care.knows.step"),
                Words.text("page.care.knows.heats.drawn"));
    }

    /** @param most where the drawing ends */
    private static CurvesDrawing.Curve simmering(
            String mark,
            Map<String, Double> foods,
            PotShape pot,
            Look look,
            ToDoubleFunction<SimmerRun> figure,
            double most) {
        SimmerRun run =
                new SimmerRun(of(foods), PotOnHeat.unknownPair(pot, 0), new Heat(look, LidState.OPEN), 1, SERVED_C);
        List<CurvesDrawing.Point> points = new ArrayList<>();
        points.add(new CurvesDrawing.Point(0, figure.applyAsDouble(run)));
        for (int minute = EVERY; minute <= MINUTES; minute += EVERY) {
            if (run.advance(60.0 * EVERY) == SimmerRun.End.DRY) {
                break;
            }
            double y = figure.applyAsDouble(run);
            if (y > most) {
                break;
            }
            points.add(new CurvesDrawing.Point(minute, y));
        }
        return new CurvesDrawing.Curve(mark, points);
    }

    private static Mixture of(Map<String, Double> foods) {
        Mixture all = Mixture.EMPTY;
        for (Map.Entry<String, Double> food : foods.entrySet()) {
            all = all.plus(Mixture.of(Catalogue.standard().food(food.getKey()).orElseThrow(), food.getValue()));
        }
        return all;
    }
}

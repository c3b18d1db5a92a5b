package app.gradior.estimate;

import app.gradior.course.SauceRun;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.plan.SauceRoutes;
import app.gradior.plan.StopAt;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.simmer.PotOnHeat;
import java.util.ArrayList;
import java.util.List;

/**
 * Minutes of each stage of a plan, and of all of them, with their bands, before anything has been read from the pot.
 *
 * <p>Each uncertain number (rate of evaporation, starting water, solids, the sauce's body) is moved alone by as much as puts
 * the tenth and the ninetieth percentile there; the logarithms of what that does to the minutes add up by their squares,
 * upward and downward apart. A tenth of the work of drawing members, and within a few points of what they give (test).
 */
public final class StageBands {
    /** Standard deviations from the middle to the tenth and ninetieth percentile of a normal. */
    private static final double BAND = 1.2816;
    /** Stages shorter than this are the cook's own doing: they have no band, min. */
    private static final double LEAST_MIN = 0.2;

    private static final double LOWEST_PAIR = 0.05;
    private static final double HIGHEST_PAIR = 20;

    private StageBands() {}

    /**
     * The bands.
     *
     * @param stages one a stage, warming up included
     * @param all of them together
     * @param highIsOpen whether at the high end it does not get there at all
     */
    public record Bands(List<Band> stages, Band all, boolean highIsOpen) {
        public Bands {
            stages = List.copyOf(stages);
        }
    }

    /** What was moved, and by how many standard deviations. */
    private enum Uncertain {
        RATE,
        WATER,
        SOLIDS,
        BODY
    }

    /**
     * The bands of a way.
     *
     * @param way cooked through
     * @param spread how far the lines may be off
     * @param prior what is believed of pot and sauce
     */
    public static Bands of(SauceRoutes.Way way, PotOnHeat pot, Ingredients.Spread spread, Prior prior, double servedC) {
        int n = way.cooked().stages().size();
        double[] middle = minutes(way.cooked(), n);
        double[] up = new double[n + 1];
        double[] down = new double[n + 1];
        List<Stage> byLook = endingByLook(way);
        boolean open = false;
        Look look = way.main() < n ? way.stages().get(way.main()).look() : Look.LIVELY;
        for (Uncertain what : Uncertain.values()) {
            double far = BAND * sd(what, spread, prior, look);
            double[] first = moved(byLook, way, pot, what, far, prior.bodyFactor(), servedC);
            double[] second = moved(byLook, way, pot, what, -far, prior.bodyFactor(), servedC);
            for (int i = 0; i <= n; i++) {
                double a = first.length == 0 ? Double.POSITIVE_INFINITY : log(first[i], middle[i]);
                double b = second.length == 0 ? Double.POSITIVE_INFINITY : log(second[i], middle[i]);
                up[i] += square(Math.max(0, Math.max(a, b)));
                down[i] += square(Math.min(0, Math.min(a, b)));
            }
            open |= first.length == 0 || second.length == 0;
        }
        List<Band> bands = new ArrayList<>();
        for (int i = 0; i <= n; i++) {
            double high = middle[i] * Math.exp(Math.sqrt(up[i]));
            bands.add(new Band(
                    middle[i] * Math.exp(-Math.sqrt(down[i])),
                    middle[i],
                    Math.max(middle[i], Math.min(StopAt.MOST_MINUTES, high))));
        }
        return new Bands(bands.subList(0, n), bands.get(n), open);
    }

    /** The stages as a cook ends them: the main one, when no starch follows, by its thickness and not by weight. */
    private static List<Stage> endingByLook(SauceRoutes.Way way) {
        List<Stage> stages = new ArrayList<>(way.stages());
        if (way.starchG() > 0 || way.main() >= way.cooked().stages().size()) {
            return stages;
        }
        double step = way.cooked().stages().get(way.main()).end().stepServed();
        Stage main = stages.get(way.main());
        if (step >= 1 && step <= 9.5) {
            stages.set(way.main(), main.ending(new StageEnd.StepServed(step)));
        }
        return stages;
    }

    private static double sd(Uncertain what, Ingredients.Spread spread, Prior prior, Look look) {
        return switch (what) {
            case RATE -> Belief.rateLogSd(prior, look);
            case WATER -> Belief.waterLogSd(spread);
            case SOLIDS -> Belief.solidsLogSd(spread);
            case BODY -> prior.bodyLogSd();
        };
    }

    /** Minutes of the stages and of all with one number moved; empty when it does not get there. */
    // Wide: what a way is reckoned from, and by how much each is moved.
    private static double[] moved(
            List<Stage> stages,
            SauceRoutes.Way way,
            PotOnHeat pot,
            Uncertain what,
            double log,
            double bodyFactor,
            double servedC) {
        double factor = Math.exp(log);
        List<Stage> moved = stages;
        if (what == Uncertain.WATER || what == Uncertain.SOLIDS) {
            moved = stages.stream()
                    .map(s -> s.changed(m -> scaled(m, what, factor)))
                    .toList();
        }
        PotOnHeat there = what == Uncertain.RATE
                ? pot.withPairFactor(Math.max(LOWEST_PAIR, Math.min(HIGHEST_PAIR, pot.pairFactor() * factor)))
                : pot;
        double body = what == Uncertain.BODY ? bodyFactor * factor : bodyFactor;
        SauceRun.Cooked cooked = SauceRun.cookBriefly(moved, there, body, servedC);
        return cooked.stuck().isPresent()
                ? new double[0]
                : minutes(cooked, way.cooked().stages().size());
    }

    private static Mixture scaled(Mixture adds, Uncertain what, double factor) {
        return what == Uncertain.WATER ? adds.scaled(factor, 1) : adds.scaled(1, factor);
    }

    private static double[] minutes(SauceRun.Cooked cooked, int n) {
        double[] minutes = new double[n + 1];
        for (int i = 0; i < n; i++) {
            var stage = cooked.stages().get(i);
            minutes[i] = stage.warmUpMinutes() + stage.minutes();
        }
        minutes[n] = cooked.minutes();
        return minutes;
    }

    private static double log(double moved, double middle) {
        return middle < LEAST_MIN ? 0 : Math.log(Math.max(LEAST_MIN, moved) / middle);
    }

    private static double square(double x) {
        return x * x;
    }
}

package app.gradior.web.plan;

import app.gradior.care.StageCautions;
import app.gradior.heat.Look;
import app.gradior.measure.Numbers;
import app.gradior.plan.Routes;
import app.gradior.plan.Taste;
import app.gradior.room.plan.PlanAnswer;
import app.gradior.room.words.Words;
import app.gradior.vessel.PotShape;
import app.gradior.web.draw.RoutesDrawing;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** The ways of a plan: as a chart, as a slider's words, and in figures. */
final class PlanChart {
    private static final int LISTED = 4;

    private final PlanAnswer answer;
    private final Figures figures;

    PlanChart(PlanAnswer answer, Figures figures) {
        this.answer = answer;
        this.figures = figures;
    }

    /** A way of the chart in words. */
    public record WayRow(
            String minutes, String yield, String starch, String salt, String sugar, String alcohol, boolean chosen) {}

    /** Where reducing gathers more of a taste than it may have; nothing is shaded without a limit. */
    private static Optional<RoutesDrawing.Shade> over(PlanAnswer.Done done, Taste taste, @Nullable Double most) {
        if (most == null) {
            return Optional.empty();
        }
        return lastMinute(done, p -> taste.percent(p.sauce()) <= most).stream()
                .boxed()
                .findFirst()
                .map(m ->
                        new RoutesDrawing.Shade(m, Words.text("plan-chart.over-taste", Numbers.plain(most, 2), taste)));
    }

    /** The routes on one chart. */
    public String drawing() {
        PlanAnswer.Done done = done();
        List<RoutesDrawing.Shade> shades = new ArrayList<>();
        done.reduceMinutes().ifPresent(minutes -> {
            var at = answer.setting().draft().serveAt();
            shades.add(new RoutesDrawing.Shade(
                    minutes, Words.text("plan-chart.later-than", (at == null ? "" : figures.time(at)))));
        });
        over(done, Taste.SALT, answer.setting().draft().mostSaltPercent()).ifPresent(shades::add);
        over(done, Taste.SUGAR, answer.setting().draft().mostSugarPercent()).ifPresent(shades::add);
        over(done, Taste.SHARPNESS, answer.setting().draft().mostAcidPercent()).ifPresent(shades::add);
        PotShape shape = answer.setting().pot().shape();
        Look look = done.main().stage().look();
        lastMinute(done, p -> shape.levelMm(p.volumeMl20c()) >= StageCautions.leastMm(look, p.stepHot()))
                .ifPresent(
                        m -> shades.add(new RoutesDrawing.Shade(m, Words.text("plan-chart.too-shallow-here-catches"))));
        if (answer.setting().draft().starch() == null
                && done.ways().curve().mostReduced().starchG() > PlanView.SOME_STARCH_G) {
            shades.add(new RoutesDrawing.Shade(0, Words.text("plan-chart.needs-starch")));
        }
        return RoutesDrawing.draw(new RoutesDrawing.Chart(
                done.ways().curve().points(),
                done.wish().point(),
                done.other().map(PlanAnswer.Other::points).orElse(List.of()),
                done.other().map(PlanAnswer.Other::name).orElse(""),
                done.wantedMl(),
                Words.say(answer.setting().mix().kind()),
                shades,
                figures::volume,
                figures::volumeField,
                figures.mlPerUnit(),
                minutes(done.main().minutes()) + " · "
                        + figures.volume(done.last().out().volumeMl20c())));
    }

    /** The minute after which the points no longer do; empty when all of them do. */
    private static OptionalDouble lastMinute(PlanAnswer.Done done, Predicate<Routes.Point> does) {
        List<Routes.Point> points = done.ways().curve().points();
        for (int i = points.size() - 1; i >= 0; i--) {
            if (!does.test(points.get(i))) {
                return OptionalDouble.of(
                        i + 1 < points.size() ? points.get(i + 1).minutes() : 0);
            }
        }
        return OptionalDouble.empty();
    }

    /** Which point of the curve the chosen way is nearest to: where the slider stands. */
    public int chosenIndex() {
        List<Routes.Point> points = done().ways().curve().points();
        int best = 0;
        for (int i = 1; i < points.size(); i++) {
            double here =
                    Math.abs(points.get(i).evaporatedG() - done().wish().point().evaporatedG());
            double there = Math.abs(
                    points.get(best).evaporatedG() - done().wish().point().evaporatedG());
            best = here < there ? i : best;
        }
        return best;
    }

    public int lastIndex() {
        return done().ways().curve().points().size() - 1;
    }

    public String chosenWords() {
        Routes.Point p = done().wish().point();
        return minutes(p.minutes()) + ", " + figures.volume(p.volumeMl20c()) + ", "
                + PlanView.starch(p.starchG(), figures) + " "
                + Words.say(answer.setting().mix().kind());
    }

    /** The chart as a table: every fourth way. */
    public List<WayRow> ways() {
        List<Routes.Point> points = done().ways().curve().points();
        Routes.Point chosen = done().wish().point();
        List<WayRow> rows = new ArrayList<>();
        boolean shown = false;
        for (int i = 0; i < points.size(); i += LISTED) {
            boolean here = points.get(i).evaporatedG() == chosen.evaporatedG();
            if (!shown && !here && points.get(i).evaporatedG() < chosen.evaporatedG()) {
                rows.add(row(chosen, true));
                shown = true;
            }
            rows.add(row(points.get(i), here));
            shown |= here;
        }
        return rows;
    }

    private WayRow row(Routes.Point p, boolean chosen) {
        return new WayRow(
                minutes(p.minutes()),
                figures.volume(p.volumeMl20c()),
                PlanView.starch(p.starchG(), figures),
                Numbers.fixed(p.sauce().saltPercent(), 1) + " %",
                figures.mass(p.sauce().sugarsG()),
                figures.mass(p.sauce().ethanolG()),
                chosen);
    }

    private PlanAnswer.Done done() {
        return answer.done().orElseThrow();
    }

    private String minutes(double minutes) {
        return figures.minutes(minutes);
    }
}

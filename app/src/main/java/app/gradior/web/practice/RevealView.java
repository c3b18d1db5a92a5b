package app.gradior.web.practice;

import app.gradior.estimate.Forecast;
import app.gradior.measure.Numbers;
import app.gradior.practice.Burnt;
import app.gradior.practice.Deed;
import app.gradior.practice.Foretold;
import app.gradior.practice.Reveal;
import app.gradior.practice.Said;
import app.gradior.practice.Scenario;
import app.gradior.room.practice.PracticeRun;
import app.gradior.room.words.Words;
import app.gradior.texture.Stair;
import app.gradior.web.draw.CurvesDrawing;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;

/**
 * The truth of a practice as its page shows it.
 *
 * @param total of a hundred, all pots together
 */
public record RevealView(String total, List<Pot> pots) {
    private static final double SOME_SPILT_G = 3;

    /**
     * A pot.
     *
     * @param came what came of it, in a sentence
     * @param parts the score's
     * @param judged what was said beside what was
     * @param costs what cost most, in words
     * @param foretold what a forecast would have said at the last judgement; empty where nothing was judged
     * @param curve its thickness at the table, minute by minute
     */
    public record Pot(
            int number,
            String total,
            String came,
            List<Part> parts,
            List<JudgedRow> judged,
            List<String> costs,
            String foretold,
            String curve) {}

    /** @param share of what could be had, 0 to 100 */
    public record Part(String name, long share) {}

    /** All in words. */
    public record JudgedRow(
            String minute, String saidNow, String now, String saidCold, String cold, String saidLeft, String left) {}

    static RevealView of(PracticeRun run, Figures figures) {
        List<Pot> pots = new ArrayList<>();
        for (int pot = 0; pot < run.practice().scenario().pots().size(); pot++) {
            pots.add(pot(run, pot, figures));
        }
        return new RevealView(String.valueOf(Math.round(run.score().orElse(0.0))), pots);
    }

    private static Pot pot(PracticeRun run, int number, Figures figures) {
        Reveal reveal = Reveal.of(run.practice(), number, run.said());
        Scenario.Goal goal = run.practice().scenario().goal();
        return new Pot(
                number + 1,
                String.valueOf(Math.round(reveal.score().total())),
                came(reveal, goal, figures),
                List.of(
                        part("thickness", reveal.score().thickness()),
                        part("yield", reveal.score().yield()),
                        part("time", reveal.score().time()),
                        part("clean", reveal.score().clean()),
                        part("calm", reveal.score().calm())),
                reveal.judged().stream().map(RevealView::row).toList(),
                reveal.costs().stream().map(RevealView::cost).toList(),
                foretold(run, number),
                curve(reveal, goal));
    }

    private static Part part(String key, double share) {
        return new Part(Words.text("reveal.part." + key), Math.round(100 * share));
    }

    private static String came(Reveal reveal, Scenario.Goal goal, Figures figures) {
        String came = Words.text(
                "reveal.came",
                step(reveal.stepServed()),
                step(goal.step()),
                figures.temp(goal.servedC()),
                figures.volume(reveal.volumeMl()),
                minutes(reveal.minutes()),
                minutes(reveal.steadyMinutes()));
        List<String> more = new ArrayList<>(List.of(came));
        Burnt burnt = Burnt.of(reveal.burnt());
        if (burnt != Burnt.CLEAN) {
            more.add(Words.say(burnt));
        }
        if (reveal.spiltG() > SOME_SPILT_G) {
            more.add(Words.text("reveal.spilt", Numbers.plain(reveal.spiltG(), 0)));
        }
        if (!Double.isNaN(goal.saltPercent())) {
            more.add(Words.text(
                    "reveal.salt", Numbers.plain(reveal.saltPercent(), 1), Numbers.plain(goal.saltPercent(), 1)));
        }
        return String.join(" ", more);
    }

    private static JudgedRow row(Reveal.Judged judged) {
        Said said = judged.said();
        return new JudgedRow(
                minutes(said.atS() / 60),
                step(said.stepNow()),
                step(judged.stepNow()),
                step(said.stepCold()),
                step(judged.stepCold()),
                minutes(said.minutesLeft()),
                Double.isInfinite(judged.minutesLeft()) ? Words.text("reveal.never") : minutes(judged.minutesLeft()));
    }

    private static String cost(Reveal.Cost cost) {
        Deed deed = cost.deed();
        String what = deedWords(deed);
        long points = Math.round(Math.abs(cost.points()));
        return Words.text(cost.points() >= 0 ? "reveal.cost" : "reveal.won", what, minutes(deed.atS() / 60), points);
    }

    private static String deedWords(Deed deed) {
        return switch (deed.kind()) {
            case HEAT -> Words.text("reveal.deed.heat", Numbers.plain(deed.value(), 0));
            case LID -> Words.text("reveal.deed.lid-" + (int) deed.value());
            case SPLASH, SLURRY, SALT, BUTTER ->
                Words.text("reveal.deed." + deed.kind().key(), Numbers.plain(deed.value(), 1));
            default -> Words.text("reveal.deed." + deed.kind().key());
        };
    }

    /** What Gradior would have said of it where the cook judged last. */
    private static String foretold(PracticeRun run, int pot) {
        return run.said().stream()
                .filter(said -> said.pot() == pot)
                .reduce((first, second) -> second)
                .flatMap(last -> Foretold.at(run.practice(), pot, last.atS()).map(forecast -> foretold(forecast, last)))
                .orElse("");
    }

    private static String foretold(Forecast forecast, Said last) {
        return Words.text(
                "reveal.foretold",
                minutes(last.atS() / 60),
                step(forecast.stepServed().middle()),
                Numbers.plain(forecast.stepServed().low(), 1),
                Numbers.plain(forecast.stepServed().high(), 1));
    }

    private static String step(double step) {
        return Numbers.plain(step, 1) + " " + Words.say(Stair.Tread.of(step));
    }

    private static String minutes(double minutes) {
        return Words.text("reveal.minutes", Numbers.plain(minutes, minutes < 10 ? 1 : 0));
    }

    private static String curve(Reveal reveal, Scenario.Goal goal) {
        List<CurvesDrawing.Point> was = reveal.curve().stream()
                .map(point -> new CurvesDrawing.Point(point.minute(), point.stepServed()))
                .toList();
        double end = was.get(was.size() - 1).x();
        List<CurvesDrawing.Curve> curves = new ArrayList<>();
        curves.add(new CurvesDrawing.Curve(Words.text("reveal.curve.true"), was));
        curves.add(new CurvesDrawing.Curve(
                Words.text("reveal.curve.wanted"),
                List.of(new CurvesDrawing.Point(0, goal.step()), new CurvesDrawing.Point(end, goal.step()))));
        if (!reveal.judged().isEmpty()) {
            curves.add(new CurvesDrawing.Curve(
                    Words.text("reveal.curve.said"),
                    reveal.judged().stream()
                            .map(j -> new CurvesDrawing.Point(
                                    j.said().atS() / 60, j.said().stepCold()))
                            .toList()));
        }
        return CurvesDrawing.draw(
                curves,
                Words.text("page.care.knows.minutes"),
                Words.text("page.care.knows.step"),
                Words.text("reveal.curve.drawn", step(reveal.stepServed()), step(goal.step())));
    }
}

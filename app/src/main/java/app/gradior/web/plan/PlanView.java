package app.gradior.web.plan;

import app.gradior.care.Caution;
import app.gradior.care.Cautions;
import app.gradior.course.StageResult;
import app.gradior.estimate.Band;
import app.gradior.measure.Numbers;
import app.gradior.plan.PotRanking;
import app.gradior.plan.Wish;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.plan.PlanAnswer;
import app.gradior.room.plan.PlanWork;
import app.gradior.room.words.Words;
import app.gradior.simmer.PotState;
import app.gradior.texture.AsMet;
import app.gradior.texture.Stair;
import app.gradior.vessel.PotShape;
import app.gradior.web.draw.SectionDrawing;
import app.gradior.web.draw.StairDrawing;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/** What comes of a plan, in words and drawings. */
final class PlanView {
    static final double FEW_MIN = 0.5;
    /** Less starch than this is none, g. */
    static final double SOME_STARCH_G = 0.05;

    private final PlanAnswer answer;
    private final Figures figures;

    PlanView(PlanAnswer answer, Figures figures) {
        this.answer = answer;
        this.figures = figures;
    }

    /** A word and its figure. */
    public record Fact(String word, String figure) {}

    /** A pot and how it would do. */
    public record PotRow(long id, String name, String minutes, String full, String reason, boolean here) {}

    /** So many times as much. */
    public record TimesRow(String times, String minutes, String note, String inTwo) {}

    /** The ways on one chart. */
    public PlanChart chart() {
        return new PlanChart(answer, figures);
    }

    public boolean possible() {
        return answer.done().isPresent();
    }

    /** What to do, in a sentence; or why it cannot be done. */
    public String saying() {
        if (answer.noWay().isPresent()) {
            return Words.say(answer.noWay().get().why(), figures);
        }
        PlanAnswer.Done done = done();
        PotState main = done.main().end();
        String reduce = done.main().minutes() < FEW_MIN
                ? Words.text("plan-view.no-need-to-reduce")
                : Words.text("plan-view.reduce-to", mm(main.levelMm()));
        String starch = done.way().starchG() > SOME_STARCH_G
                ? Words.text(
                        "plan-view.then-of",
                        starch(done.way().starchG(), figures),
                        Words.say(answer.setting().mix().kind()))
                : "";
        return Words.text(
                "plan-view.of-on-the-table",
                reduce + starch,
                figures.volume(done.last().out().volumeMl20c()),
                treads(answer.setting().draft().targetStep()));
    }

    /** A step by its name, one between two by both. */
    private static String treads(double step) {
        Stair.Tread below = Stair.Tread.of(Math.floor(step));
        Stair.Tread near = Stair.Tread.of(step);
        boolean between = Math.abs(step - Math.rint(step)) > 0.3 && step > 1 && step < 9;
        return between
                ? Words.text("plan-view.to-2", Words.say(below), Words.say(Stair.Tread.of(Math.floor(step) + 1)))
                : Words.say(near);
    }

    /** The wish that is not met, and the nearest things that can; empty when it is. */
    public String unmet() {
        if (answer.done().isEmpty() || done().wish().met()) {
            return answer.noWay().isPresent() ? potAdvice() : "";
        }
        List<String> instead = new ArrayList<>(potsInTime());
        done().wish().instead().forEach(way -> instead.add(Words.say(way, figures)));
        return Words.say(done().wish().why(), figures) + ": " + joined(instead) + ".";
    }

    /** For want of a way in this pot: one that takes it, or what to do when none does. */
    private String potAdvice() {
        if (answer.pots().isEmpty()) {
            return "";
        }
        Optional<PotRanking.Ranked> fits =
                answer.pots().stream().filter(PotRanking.Ranked::fits).findFirst();
        if (fits.isPresent()) {
            return Words.text(
                    "plan-view.your-takes-it-in-all",
                    fits.get().candidate().name(),
                    minutes(fits.get().minutes()));
        }
        PotRanking.Ranked roomiest = answer.pots().stream()
                .min(Comparator.comparingDouble(PotRanking.Ranked::fullestShare))
                .orElseThrow();
        return Words.text(
                "plan-view.none-of-your-pots-takes-it",
                roomiest.candidate().name(),
                Numbers.plain(100 * roomiest.fullestShare(), 0));
    }

    /** Pots of the kit that make it in the time there is. */
    private List<String> potsInTime() {
        OptionalDouble there = done().reduceMinutes();
        boolean late =
                done().wish().obstacle().filter(o -> o == Wish.Obstacle.TIME).isPresent();
        if (!late || there.isEmpty()) {
            return List.of();
        }
        double others = done().way().cooked().minutes() - done().main().minutes();
        return answer.pots().stream()
                .filter(r -> r.fits() && r.minutes() - others <= there.getAsDouble())
                .limit(1)
                .map(r -> Words.text("plan-view.your-makes-it-in", r.candidate().name(), minutes(r.minutes() - others)))
                .toList();
    }

    private static String joined(List<String> parts) {
        if (parts.size() < 2) {
            return String.join("", parts);
        }
        return Words.text(
                "plan-view.or", String.join(", ", parts.subList(0, parts.size() - 1)), parts.get(parts.size() - 1));
    }

    /** The three answers of a plan. */
    public List<Fact> answers() {
        PlanAnswer.Done done = done();
        return List.of(
                new Fact(
                        Words.text("plan-view.will-give-cold"),
                        figures.volume(done.last().out().volumeMl20c())),
                new Fact(
                        Words.text("plan-view.all-stages-take"),
                        minutes(done.bands().all().middle())));
    }

    /** The band of all its minutes. */
    public String minutesBand() {
        return figures.minutesBand(done().bands().all(), done().bands().highIsOpen());
    }

    public String servedAt() {
        return figures.temp(answer.setting().draft().servedC());
    }

    /** How thick it is at the end in the pot, on the table and after a night; empty with nothing liquid. */
    public String stair() {
        PotState end = done().last().end();
        if (!(end.mixture().serumG() > 0)) {
            return "";
        }
        double servedC = answer.setting().draft().servedC();
        List<AsMet> met = AsMet.all(end.mixture(), answer.setting().prior().bodyFactor(), end.tempC(), servedC);
        return StairDrawing.draw(
                end.stepHot(),
                new Band(end.stepServed(), end.stepServed(), end.stepServed()),
                answer.setting().draft().targetStep(),
                Words.text("pot-view.in-the-pot", figures.temp(end.tempC())),
                Words.text("pot-view.at-the-table", figures.temp(servedC)),
                Optional.of(StairDrawing.Night.of(met.get(met.size() - 1))));
    }

    public String servedFigure() {
        return figures.step(done().last().end().stepServed());
    }

    /** Beside the chart. */
    public List<Fact> facts() {
        return new PlanFacts(answer, figures).all();
    }

    /** How much of everything, against what is written. */
    /** What of the kit it uses that is put away; empty for none. */
    public String putAway() {
        String pot = answer.setting().pot().retired() ? answer.setting().pot().name() : "";
        String burner = answer.setting()
                .burner()
                .filter(KitBurner::retired)
                .map(KitBurner::name)
                .orElse("");
        String what = pot.isEmpty() || burner.isEmpty() ? pot + burner : Words.text("plan-view.and", pot, burner);
        return what.isEmpty() ? "" : Words.text("plan-view.put-away-in-the-kit-choose", what);
    }

    public String scaleWords() {
        double factor = answer.setting().factor();
        double start = answer.done().map(d -> d.ways().before().volumeMl20c()).orElse(0.0);
        return Words.text(
                "plan-view.as-written",
                Numbers.cooks(factor),
                (start > 0 ? Words.text("plan-view.comes-to-the-reduction", figures.volume(start)) : ""));
    }

    public String fullness() {
        double share = fullest();
        return Words.text(
                "plan-view.full-2",
                Numbers.plain(100 * share, 0),
                (share > Cautions.FULLEST_SHARE ? Words.text("plan-view.too-full") : Words.text("plan-view.fits")));
    }

    private double fullest() {
        return answer.done()
                .map(d -> PotRanking.fullestShare(
                        d.way().cooked(), answer.setting().pot().shape().capacityMl()))
                .orElse(0.0);
    }

    /** The pot laid beside it, in a sentence; empty without one. */
    public String otherWords() {
        return done().other()
                .map(o -> Double.isNaN(o.minutes())
                        ? Words.text("plan-view.it-cannot-give-as-much-at", o.name())
                        : Words.text(
                                "plan-view.of-reducing-for-the-same-yield",
                                o.name(),
                                minutes(o.minutes()),
                                minutes(done().wish().point().minutes())))
                .orElse("");
    }

    /** The stages of the way. */
    public List<PlanStageRow> stages() {
        return PlanStageRow.all(answer, figures);
    }

    /** The pot in section with the levels at which stages end. */
    public String section() {
        PotShape shape = answer.setting().pot().shape();
        if (answer.done().isEmpty()) {
            return SectionDrawing.draw(shape, 0, 0, OptionalDouble.empty(), false);
        }
        PlanAnswer.Done done = done();
        List<SectionDrawing.Mark> marks = new ArrayList<>();
        List<String> names =
                answer.setting().names(done.way()).stream().map(Words::say).toList();
        List<StageResult> stages = done.way().cooked().stages();
        for (int i = 0; i < stages.size(); i++) {
            boolean reduces =
                    stages.get(i).evaporatedG() > 20 && i != done.way().main();
            if (reduces) {
                marks.add(new SectionDrawing.Mark(
                        Words.text("plan-view.to", names.get(i).toLowerCase(Locale.ROOT)),
                        stages.get(i).end().levelMm()));
            }
        }
        return SectionDrawing.draw(
                shape,
                done.main().curve().get(0).levelMm(),
                OptionalDouble.of(done.main().end().levelMm()),
                marks);
    }

    public String startMm() {
        return Numbers.plain(done().main().curve().get(0).levelMm(), 1);
    }

    public String stopMm() {
        return Numbers.plain(done().main().end().levelMm(), 1);
    }

    public List<PotRow> pots() {
        return answer.pots().stream()
                .map(r -> new PotRow(
                        r.candidate().id(),
                        r.candidate().name(),
                        Double.isInfinite(r.minutes()) ? "—" : minutes(r.minutes()),
                        Words.text("plan-view.full", Numbers.plain(100 * r.fullestShare(), 0)),
                        r.why().map(why -> Words.say(why, figures)).orElse(""),
                        r.candidate().id() == answer.setting().pot().id()))
                .toList();
    }

    /** Why doubling does not double. */
    public List<TimesRow> times() {
        return done().times().stream()
                .map(t -> new TimesRow(
                        t.times() + " ×",
                        Double.isNaN(t.minutes()) ? "—" : minutes(t.minutes()),
                        t.fullestShare() > 1
                                ? Words.text("plan-view.does-not-go-in")
                                : t.fullestShare() > Cautions.FULLEST_SHARE
                                        ? Words.text(
                                                "plan-view.boils-over-full", Numbers.plain(100 * t.fullestShare(), 0))
                                        : Words.text("plan-view.full", Numbers.plain(100 * t.fullestShare(), 0)),
                        Double.isNaN(t.minutesInTwo())
                                ? "—"
                                : Words.text("plan-view.half-in-your", minutes(t.minutesInTwo()), t.secondPot())))
                .toList();
    }

    public List<Caution> cautions() {
        return answer.cautions();
    }

    /** How it cools, in a sentence; empty when it is eaten hot. */
    public String coolingWords(PlanWork work) {
        return work.cooling()
                .map(course -> Words.text(
                        "plan-view.cools",
                        work.container(),
                        minutes(work.coolingMinutes()),
                        (course.warmInTime() && course.coldInTime()
                                ? Words.text("plan-view.inside-both-limits")
                                : Words.text("plan-view.which-is-too-slow-make-less"))))
                .orElse("");
    }

    private PlanAnswer.Done done() {
        return answer.done().orElseThrow();
    }

    private String minutes(double minutes) {
        return figures.minutes(minutes);
    }

    static String mm(double level) {
        return Numbers.plain(level, 0) + " mm";
    }

    /** So much starch, or none. */
    static String starch(double grams, Figures figures) {
        return grams < SOME_STARCH_G ? Words.text("draw.none") : figures.mass(grams);
    }
}

package app.gradior.web.sauces;

import app.gradior.care.Caution;
import app.gradior.care.Cautions;
import app.gradior.course.SauceRun;
import app.gradior.course.StageResult;
import app.gradior.heat.LidState;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.measure.LineRemark;
import app.gradior.measure.MeasureSystem;
import app.gradior.measure.Numbers;
import app.gradior.method.Homes;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.StagePlan;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.FoodNames;
import app.gradior.room.words.Words;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.SauceLimits;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.PotOnHeat;
import app.gradior.texture.Consistency;
import app.gradior.texture.Stair;
import app.gradior.web.draw.TasteDrawing;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** What is understood of a sauce while it is typed: each line, the whole, the stages cooked through, and what is amiss. */
final class SauceView {
    private static final int SPARE_LINES = 2;

    private final Lines lines;
    private final Kitchen kitchen;
    private final Kitchen written;
    private final Figures figures;

    /**
     * What a kitchen sees.
     *
     * @param measures what the sauce is written in
     */
    SauceView(Lines lines, Kitchen kitchen, MeasureSystem measures) {
        this.lines = lines;
        this.kitchen = kitchen;
        this.written = kitchen.measuring(measures);
        this.figures = new Figures(kitchen);
    }

    /** A line of the form: as typed, as corrected, as understood. */
    record Row(
            int index,
            String text,
            String food,
            String grams,
            int stage,
            String understood,
            String mass,
            String spread,
            String sureness,
            String remark,
            List<String> offers,
            String homes) {
        /** One of which nothing is understood yet. */
        static Row empty(int index, SauceForm.Line line) {
            return new Row(
                    index, line.text(), line.food(), line.grams(), line.stage(), "", "", "", "", "", List.of(), "");
        }
    }

    /** Keys of the kinds of stage that a line goes in at, the likeliest first. */
    private static String homes(LineReading reading) {
        return reading.food()
                .map(food -> Homes.of(food).stream().map(StageKind::key).collect(Collectors.joining(" ")))
                .orElse("");
    }

    /** Foods that a line may also mean, to be taken with one tap: the one that was nearly named, the one after an "or". */
    private static List<String> offers(LineReading reading) {
        LineRemark remark = reading.remark().orElse(null);
        if (remark instanceof LineRemark.NearMiss near) {
            return List.of(Words.say(near.food()));
        }
        return remark instanceof LineRemark.OrAnother other ? List.of(Words.say(other.or())) : List.of();
    }

    /** A figure of the whole, with its word. */
    record Total(String word, String figure, String hint) {}

    /** What a stage comes to. */
    record StageFigure(String minutes, String after) {}

    /** Everything beside the form. */
    record Whole(
            List<Total> totals,
            String taste,
            List<String> warnings,
            List<StageFigure> stages,
            String cookedIn,
            List<Caution> cautions) {}

    List<Row> rows(SauceForm form) {
        List<Row> rows = new ArrayList<>();
        for (SauceForm.Line line : form.lines()) {
            rows.add(row(rows.size(), line));
        }
        for (int i = 0; i < SPARE_LINES; i++) {
            rows.add(Row.empty(rows.size(), new SauceForm.Line("", "", "", 0)));
        }
        return rows;
    }

    private Row row(int index, SauceForm.Line line) {
        if (line.isBlank()) {
            return Row.empty(index, line);
        }
        Optional<Food> food = FoodNames.named(lines.catalogue(kitchen), line.food());
        double massG = Numbers.parse(line.grams()).orElse(-1);
        Lines.Typed typed = new Lines.Typed(
                line.text(), food.map(Food::id).orElse(null), massG > 0 && massG <= 100_000 ? massG : null);
        List<Lines.Typed> parts = lines.parts(written, typed);
        if (parts.size() > 1) {
            return several(index, line, parts);
        }
        LineReading reading = lines.read(written, typed);
        boolean weighed = reading.massG() > 0;
        String spread = weighed && reading.logSd() > 0.015
                ? Words.text("sauce-view.to", figures.mass(reading.lowG()), figures.mass(reading.highG()))
                : "";
        return new Row(
                index,
                line.text(),
                line.food(),
                line.grams(),
                line.stage(),
                reading.food().map(Words::say).orElse(Words.text("sauce-view.not-understood")),
                weighed ? figures.mass(reading.massG()) : "—",
                spread,
                typed.corrected() ? "corrected" : reading.sureness().name().toLowerCase(Locale.ROOT),
                reading.remark().map(Words::say).orElse(""),
                typed.corrected() ? List.of() : offers(reading),
                homes(reading));
    }

    /** A line of several foods: all of them, together; it is kept as a line of each. */
    private Row several(int index, SauceForm.Line line, List<Lines.Typed> parts) {
        List<LineReading> readings =
                parts.stream().map(part -> lines.read(written, part)).toList();
        double massG = readings.stream().mapToDouble(LineReading::massG).sum();
        boolean sure = readings.stream().allMatch(r -> r.sureness() == LineReading.Sureness.SURE);
        return new Row(
                index,
                line.text(),
                line.food(),
                line.grams(),
                line.stage(),
                readings.stream()
                        .flatMap(r -> r.food().stream())
                        .map(Words::say)
                        .collect(Collectors.joining(", ")),
                massG > 0 ? figures.mass(massG) : "—",
                "",
                (sure ? LineReading.Sureness.SURE : LineReading.Sureness.LIKELY)
                        .name()
                        .toLowerCase(Locale.ROOT),
                Words.text("sauce-view.kept-as-a-line-of-each"),
                List.of(),
                homes(readings.get(0)));
    }

    Whole whole(SauceBook.Draft draft, List<KitchenKit.KitPot> pots) {
        List<LineReading> readings =
                draft.lines().stream().map(line -> lines.read(written, line)).toList();
        Ingredients all = new Ingredients(readings, draft.texture());
        Mixture m = all.mixture();
        if (!(m.massG() > 0)) {
            return new Whole(List.of(), "", List.of(), List.of(), "", List.of());
        }
        double hotMl = m.volumeMl20c() * SpecificVolume.expansion(100);
        Optional<KitchenKit.KitPot> pot = pots.stream()
                .filter(p -> Cautions.suits(p.shape(), p.material(), hotMl))
                .findFirst()
                .or(() -> pots.stream().filter(p -> p.shape().holds(hotMl)).findFirst());
        List<StageFigure> stages = List.of();
        List<String> warnings = warnings(draft, readings);
        String cookedIn = "";
        Ingredients sauce = new Ingredients(StagePlan.sauceLines(draft, readings), draft.texture());
        Mixture alone = sauce.mixture();
        List<Total> totals = totals(sauce, alone.massG() > 0 ? alone : m, draft.servedC());
        if (pot.isPresent() && !draft.stages().isEmpty() && SauceLimits.isServed(draft.servedC())) {
            SauceRun.Cooked cooked = StagePlan.cook(
                    draft, readings, 1, PotOnHeat.unknownPair(pot.get().shape(), kitchen.altitudeM()));
            stages = figures(cooked.stages());
            cooked.stuck().ifPresent(stuck -> warnings.add(Words.text("stage.stuck", stuck.stage() + 1, stuck.why())));
            if (cooked.stuck().isEmpty()) {
                cookedIn = Words.text(
                        "sauce-view.in-your-all-stages-take-about",
                        pot.get().name(),
                        figures.minutes(cooked.minutes()),
                        figures.volume(cooked.out().volumeMl20c()),
                        stepWords(cooked.out(), draft.servedC()));
            }
        }
        List<Caution> cautions = new ArrayList<>();
        pot.ifPresent(p -> cautions.addAll(Cautions.of(all, p.shape(), p.material(), hotMl)));
        if (draft.stages().stream().anyMatch(stage -> stage.kind() == StageKind.BLEND)) {
            cautions.add(Cautions.blender());
        }
        return new Whole(
                totals, TasteDrawing.draw(alone.massG() > 0 ? alone : m), warnings, stages, cookedIn, cautions);
    }

    private List<StageFigure> figures(List<StageResult> results) {
        List<StageFigure> figured = new ArrayList<>();
        List<StageKind> soFar = new ArrayList<>();
        for (StageResult result : results) {
            soFar.add(result.stage().kind());
            figured.add(figure(result, StageKind.makeSauce(soFar)));
        }
        return figured;
    }

    private StageFigure figure(StageResult result, boolean sauce) {
        double minutes = result.warmUpMinutes() + result.minutes();
        String after = figures.volume(result.out().volumeMl20c());
        if (sauce && !Double.isNaN(result.end().stepServed())) {
            after += Words.text(
                    "sauce-view.step-served", figures.step(result.end().stepServed()));
        }
        return new StageFigure(
                minutes < 0.5
                        ? Words.text("sauce-view.at-once")
                        : Words.text("sauce-view.about", figures.minutes(Math.max(1, minutes))),
                after);
    }

    private static List<String> warnings(SauceBook.Draft draft, List<LineReading> readings) {
        List<String> warnings = new ArrayList<>();
        for (int line : StagePlan.unused(draft, readings)) {
            warnings.add(Words.text(
                    "sauce-view.is-used-in-no-stage", readings.get(line).text().strip()));
        }
        boolean aims = draft.stages().stream()
                .anyMatch(
                        s -> (s.lid() == LidState.CLOSED || s.lid() == LidState.FOIL) && s.kind() == StageKind.REDUCE);
        if (aims) {
            warnings.add(Words.text("sauce-view.a-stage-reduces-with-the-lid"));
        }
        if (!draft.stages().isEmpty() && draft.stages().get(0).lines().isEmpty()) {
            warnings.add(Words.text("sauce-view.nothing-goes-in-at-the-first"));
        }
        return warnings;
    }

    private List<Total> totals(Ingredients all, Mixture m, double servedC) {
        List<Total> totals = new ArrayList<>();
        totals.add(new Total(
                Words.text("sauce-view.together"),
                figures.mass(m.massG()),
                Words.text("sauce-view.everything-in-the-pot-before-the")));
        totals.add(new Total(
                Words.text("sauce-view.volume"),
                figures.volume(m.volumeMl20c()),
                Words.text("sauce-view.at-room", figures.temp(20))));
        if (m.serumG() > 0 && SauceLimits.isServed(servedC)) {
            totals.add(new Total(
                    Words.text("sauce-view.thickness-as-mixed"),
                    stepWords(m.cookedThrough(), servedC),
                    Words.text("sauce-view.cooked-but-not-reduced-when-served")));
        }
        double spoons = m.volumeMl20c() / figures.tablespoonMl();
        totals.add(new Total(
                Words.text("sauce-view.in-a-tablespoon"),
                Words.text(
                        "sauce-view.g-sugar-g-salt",
                        Numbers.plain(m.sugarsG() / spoons, 1),
                        Numbers.plain(m.saltG() / spoons, 2)),
                Words.text("sauce-view.ml-of-it-as-mixed", Numbers.plain(figures.tablespoonMl(), 1))));
        totals.add(new Total(
                Words.text("sauce-view.salt"),
                Numbers.fixed(m.saltPercent(), 2) + " %",
                Words.text("sauce-view.grams-of-salt-in-g")));
        totals.add(new Total(
                Words.text("sauce-view.brix"),
                Numbers.fixed(m.brixPercent(), 1),
                Words.text("sauce-view.grams-of-dissolved-solids-in-g")));
        totals.add(new Total(
                "pH",
                Words.text("sauce-view.about", Numbers.fixed(m.ph(), 1)),
                Words.text("sauce-view.an-estimate-never-to-preserve-by")));
        if (m.ethanolG() > 0.5) {
            totals.add(new Total(
                    Words.text("sauce-view.alcohol"),
                    figures.mass(m.ethanolG()),
                    Words.text("sauce-view.before-it-cooks")));
        }
        String allergens = all.allergens().stream().map(Words::say).collect(Collectors.joining(", "));
        totals.add(new Total(
                Words.text("sauce-view.allergens"),
                allergens.isEmpty() ? Words.text("sauce-view.none-known") : allergens,
                Words.text("sauce-view.a-help-to-read-labels-not")));
        return totals;
    }

    private String stepWords(Mixture m, double servedC) {
        double step = Consistency.step(m, 1, servedC);
        return figures.step(step) + " " + Words.say(Stair.Tread.of(step));
    }
}

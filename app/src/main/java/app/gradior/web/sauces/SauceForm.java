package app.gradior.web.sauces;

import app.gradior.finding.Fault;
import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.MeasureSystem;
import app.gradior.measure.Numbers;
import app.gradior.measure.WrittenIn;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.StageDraft;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.FoodNames;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.sauce.Outline;
import app.gradior.sauce.SauceLimits;
import app.gradior.sauce.School;
import app.gradior.sauce.SchoolAnswer;
import app.gradior.sauce.Texture;
import app.gradior.sauce.Use;
import app.gradior.web.frame.Figures;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The sauce's form as typed: nothing of it is lost when it comes back with faults.
 *
 * @param id 0 for a new sauce
 * @param lines with the number of the stage each goes in at, 0 for none
 * @param measures what the lines are written in; empty for what their words say
 */
// Wide: fields of one form.
record SauceForm(
        long id,
        int version,
        String name,
        String texture,
        String step,
        String servedC,
        String use,
        String yield,
        String tags,
        Map<School, SchoolAnswer> schools,
        List<Line> lines,
        List<StageRow> stages,
        String notes,
        String measures) {
    private static final int MOST_STAGES = 24;

    /** A line of the form. */
    record Line(String text, String food, String grams, int stage) {
        boolean isBlank() {
            return text.isBlank();
        }
    }

    static SauceForm blank(Figures figures, Optional<Outline> outline) {
        return new SauceForm(
                0,
                0,
                "",
                Texture.SMOOTH.name(),
                "5",
                figures.degrees(20),
                "",
                "",
                "",
                Map.of(),
                List.of(),
                outline.map(o -> o.steps().stream().map(StageRow::plain).toList())
                        .orElse(List.of()),
                "",
                "");
    }

    static SauceForm of(long id, int version, SauceBook.Draft draft, Catalogue catalogue, Figures figures) {
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < draft.lines().size(); i++) {
            Lines.Typed line = draft.lines().get(i);
            String food = Optional.ofNullable(line.foodId())
                    .flatMap(catalogue::food)
                    .map(Words::say)
                    .orElse("");
            String grams = line.massG() == null ? "" : Numbers.plain(line.massG(), 1);
            lines.add(new Line(line.text(), food, grams, stageOf(draft, i)));
        }
        Double yieldMl = draft.yieldMl();
        return new SauceForm(
                id,
                version,
                draft.name(),
                draft.texture().name(),
                Numbers.plain(draft.targetStep(), 1),
                figures.degrees(draft.servedC()),
                draft.use().map(Use::name).orElse(""),
                yieldMl == null ? "" : Numbers.plain(yieldMl, 0).replace(",", ""),
                draft.tags(),
                draft.schools(),
                lines,
                draft.stages().stream()
                        .map(stage -> StageRow.of(stage, draft.lines()))
                        .toList(),
                draft.notes(),
                draft.measures()
                        .map(MeasureSystem::name)
                        .orElse(id == 0 ? "" : figures.kitchen().measures().name()));
    }

    private static int stageOf(SauceBook.Draft draft, int line) {
        for (int s = 0; s < draft.stages().size(); s++) {
            if (draft.stages().get(s).lines().contains(line)) {
                return s + 1;
            }
        }
        return 0;
    }

    static SauceForm of(HttpServletRequest request) {
        String[] texts = values(request, "text");
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < Math.min(texts.length, SauceLimits.MOST_LINES + 1); i++) {
            lines.add(new Line(texts[i], at(values(request, "food"), i), at(values(request, "grams"), i), (int)
                    Numbers.parse(at(values(request, "lineStage"), i)).orElse(0)));
        }
        String[] kinds = values(request, "stageKind");
        List<StageRow> stages = new ArrayList<>();
        for (int i = 0; i < Math.min(kinds.length, MOST_STAGES + 1); i++) {
            stages.add(new StageRow(
                    kinds[i],
                    at(values(request, "stageTitle"), i),
                    at(values(request, "stageEnd"), i),
                    at(values(request, "stageValue"), i),
                    at(values(request, "stageLook"), i),
                    at(values(request, "stageLid"), i),
                    at(values(request, "stagePieces"), i),
                    at(values(request, "stageShare"), i),
                    at(values(request, "stageKeep"), i),
                    at(values(request, "stageOven"), i)));
        }
        Map<School, SchoolAnswer> schools = new EnumMap<>(School.class);
        for (School school : School.values()) {
            String answer = parameter(request, "school-" + school.name());
            school.answer(answer).ifPresent(a -> schools.put(school, a));
        }
        return new SauceForm(
                (long) Numbers.parse(parameter(request, "id")).orElse(0),
                (int) Numbers.parse(parameter(request, "version")).orElse(0),
                parameter(request, "name"),
                parameter(request, "texture"),
                parameter(request, "targetStep"),
                parameter(request, "servedC"),
                parameter(request, "use"),
                parameter(request, "yieldMl"),
                parameter(request, "tags"),
                schools,
                lines,
                stages,
                parameter(request, "notes"),
                parameter(request, "measures"));
    }

    /** The same with the amounts that a cook gave where the text gave none, and the lines put right that were in doubt. */
    SauceForm answered(HttpServletRequest request) {
        String[] places = values(request, "answerLine");
        String[] answers = values(request, "answer");
        List<Line> told = new ArrayList<>(lines);
        for (int i = 0; i < Math.min(places.length, answers.length); i++) {
            int at = (int) Numbers.parse(places[i]).orElse(-1);
            if (at >= 0 && at < told.size() && !answers[i].isBlank()) {
                Line line = told.get(at);
                told.set(at, new Line(answers[i].strip() + " " + line.text(), line.food(), line.grams(), line.stage()));
            }
        }
        String[] doubtful = values(request, "fixedLine");
        String[] fixed = values(request, "fixed");
        for (int i = 0; i < Math.min(doubtful.length, fixed.length); i++) {
            int at = (int) Numbers.parse(doubtful[i]).orElse(-1);
            if (at >= 0
                    && at < told.size()
                    && !fixed[i].isBlank()
                    && !fixed[i].strip().equals(told.get(at).text())) {
                told.set(at, new Line(fixed[i].strip(), "", "", told.get(at).stage()));
            }
        }
        return new SauceForm(
                id, version, name, texture, step, servedC, use, yield, tags, schools, told, stages, notes, measures);
    }

    /**
     * What was read anew, with one stage more where that was, and all that a cook had changed of what was read before.
     *
     * @param before as it was sent
     */
    SauceForm keeping(SauceForm before) {
        if (before.lines.size() != lines.size()) {
            return this;
        }
        int at = 0;
        while (at < before.stages.size()
                && at < stages.size()
                && before.stages.get(at).equals(stages.get(at))) {
            at++;
        }
        int inserted = stages.size() > before.stages.size() ? at : MOST_STAGES;
        List<Line> kept = before.lines.stream()
                .map(line -> new Line(
                        line.text(),
                        line.food(),
                        line.grams(),
                        line.stage() > inserted ? line.stage() + 1 : line.stage()))
                .toList();
        return new SauceForm(
                id,
                version,
                before.name,
                texture,
                step,
                servedC,
                use,
                yield,
                before.tags,
                schools,
                kept,
                stages,
                notes,
                measures);
    }

    private static String parameter(HttpServletRequest request, String name) {
        String value = request.getParameter(name);
        return value == null ? "" : value;
    }

    private static String[] values(HttpServletRequest request, String name) {
        String[] values = request.getParameterValues(name);
        return values == null ? new String[0] : values;
    }

    private static String at(String[] values, int i) {
        return i < values.length ? values[i] : "";
    }

    boolean chunky() {
        return texture.equals(Texture.CHUNKY.name());
    }

    /** What the words of its lines say of whose cups and spoons they are. */
    Optional<WrittenIn> guess() {
        return WrittenIn.guess(lines.stream().map(Line::text).toList());
    }

    /** What its lines are written in: as the cook says, else as their words say, else as the kitchen has them. */
    MeasureSystem writtenIn(Kitchen kitchen) {
        for (MeasureSystem system : MeasureSystem.values()) {
            if (system.name().equals(measures)) {
                return system;
            }
        }
        return guess().map(WrittenIn::system).orElse(kitchen.measures());
    }

    /**
     * The draft that the form says; what cannot be read becomes a fault of its field.
     *
     * @param understands what lines mean
     */
    SauceBook.Draft draft(Understands understands, Figures figures, List<Fault> faults) {
        Catalogue catalogue = understands.catalogue();
        List<Lines.Typed> typed = new ArrayList<>();
        List<Integer> stageOfLine = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            if (!line.isBlank()) {
                String field = "lines[" + i + "]";
                Lines.Typed whole = new Lines.Typed(
                        line.text(), foodId(catalogue, line.food(), field, faults), mass(line.grams(), field, faults));
                for (Lines.Typed part : understands.parts(whole)) {
                    typed.add(part);
                    stageOfLine.add(line.stage());
                }
            }
        }
        return new SauceBook.Draft(
                name,
                typed,
                chunky() ? Texture.CHUNKY : Texture.SMOOTH,
                Numbers.parse(step).orElse(Double.NaN),
                figures.celsius(servedC),
                useOf(),
                yield.isBlank() ? null : Numbers.parse(yield).orElse(Double.NaN),
                tags,
                stageDrafts(understands, typed, stageOfLine, faults),
                schools,
                notes,
                Optional.of(writtenIn(figures.kitchen())));
    }

    private Optional<Use> useOf() {
        for (Use one : Use.values()) {
            if (one.name().equals(use)) {
                return Optional.of(one);
            }
        }
        return Optional.empty();
    }

    private List<StageDraft> stageDrafts(
            Understands understands, List<Lines.Typed> typed, List<Integer> stageOfLine, List<Fault> faults) {
        List<StageDraft> drafts = new ArrayList<>();
        for (int s = 0; s < stages.size(); s++) {
            int place = s;
            StageRow row = stages.get(s);
            List<Integer> in = new ArrayList<>();
            for (int line = 0; line < stageOfLine.size(); line++) {
                if (stageOfLine.get(line) == s + 1) {
                    in.add(line);
                }
            }
            try {
                MeasureSystem written = writtenIn(understands.kitchen());
                drafts.add(row.draft(
                        in,
                        words -> understands
                                .pieces(written)
                                .named(words, understands.inBy(place, typed, stageOfLine, written))));
            } catch (Unfit e) {
                faults.add(new Fault("stages[" + s + "]", Told.of("stage.stuck", s + 1, e.why())));
            } catch (IllegalArgumentException e) {
                faults.add(new Fault("stages[" + s + "]", Told.of("stage.stuck", s + 1, new Wrong.NotTaken())));
            }
        }
        return drafts;
    }

    private static @Nullable String foodId(Catalogue catalogue, String name, String field, List<Fault> faults) {
        if (name.isBlank()) {
            return null;
        }
        Optional<Food> food = FoodNames.named(catalogue, name);
        if (food.isEmpty()) {
            faults.add(new Fault(field, Told.of("sauce-form.is-no-food-of-the-larder", name.strip())));
        }
        return food.map(Food::id).orElse(null);
    }

    private static @Nullable Double mass(String text, String field, List<Fault> faults) {
        if (text.isBlank()) {
            return null;
        }
        double grams = Numbers.parse(text).orElse(Double.NaN);
        if (!(grams > 0 && grams <= 100_000)) {
            faults.add(new Fault(field, Told.of("sauce-form.g-more-than-and-at-most", text.strip())));
            return null;
        }
        return grams;
    }
}

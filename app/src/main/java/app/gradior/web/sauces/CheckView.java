package app.gradior.web.sauces;

import app.gradior.larder.Food;
import app.gradior.larder.FoodMeasure;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.Numbers;
import app.gradior.method.ReadRecipe;
import app.gradior.method.ReadRecipe.EndWord;
import app.gradior.method.ReadRecipe.ReadLine;
import app.gradior.method.ReadRecipe.ReadStage;
import app.gradior.method.ReadRecipe.Span;
import app.gradior.room.book.StageDraft;
import app.gradior.room.exchange.BroughtIn;
import app.gradior.room.words.Words;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** What was read of a recipe, beside its text: what each line and stage rests on, what is asked, what was not used. */
final class CheckView {
    private static final int MOST_ASKED = 12;
    private static final Pattern STAMP = Pattern.compile("(?m)^\\s*[\\[(]?\\d{1,2}:\\d{2}(?::\\d{2})?[\\])]?\\s*");

    private final BroughtIn.Recipe recipe;
    private final Figures figures;

    CheckView(BroughtIn.Recipe recipe, Figures figures) {
        this.recipe = recipe;
        this.figures = figures;
    }

    /**
     * A stretch of the text.
     *
     * @param line places of the lines that rest on it, parted by blanks; may be empty
     * @param stage number of the stage that rests on it; 0 for none
     * @param used whether anything rests on it
     */
    record Mark(String text, String line, int stage, boolean used) {}

    /** A line as understood. */
    record Line(int index, String text, String food, String mass, String sureness, int stage, boolean optional) {}

    /**
     * A stage as a sentence.
     *
     * @param number from 1
     */
    record Stage(int number, String sentence, String quote, boolean sure) {}

    /**
     * Something that the text does not say, or that is in doubt.
     *
     * @param field how an answer is sent
     * @param value what is answered so far
     * @param usual an example, so that a cook has a measure
     */
    record Ask(int index, String field, String question, String value, String usual) {}

    /** A piece that was not used, and why; its place in the text. */
    record Left(String text, String why, String at) {}

    List<Mark> marks() {
        String text = recipe.text();
        TreeSet<Integer> edges = new TreeSet<>(List.of(0, text.length()));
        List<Span> spans = new ArrayList<>();
        recipe.read().lines().forEach(line -> spans.add(line.at()));
        recipe.read().stages().forEach(stage -> spans.add(stage.at()));
        spans.forEach(span -> {
            edges.add(span.from());
            edges.add(span.to());
        });
        List<Mark> marks = new ArrayList<>();
        Integer from = null;
        for (int to : edges) {
            if (from != null) {
                marks.add(mark(text.substring(from, to), from));
            }
            from = to;
        }
        return marks;
    }

    private Mark mark(String piece, int at) {
        StringBuilder lines = new StringBuilder();
        List<ReadLine> all = recipe.read().lines();
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).at().from() <= at && at < all.get(i).at().to()) {
                lines.append(lines.isEmpty() ? "" : " ").append(i);
            }
        }
        int stage = 0;
        List<ReadStage> stages = recipe.read().stages();
        for (int s = 0; s < stages.size() && stage == 0; s++) {
            stage = stages.get(s).at().from() <= at && at < stages.get(s).at().to() ? s + 1 : 0;
        }
        return new Mark(piece, lines.toString(), stage, !lines.isEmpty() || stage > 0);
    }

    List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        for (ReadLine line : recipe.read().lines()) {
            LineReading reading = line.reading();
            lines.add(new Line(
                    lines.size(),
                    line.text(),
                    reading.food().map(Words::say).orElse(Words.text("sauce-view.not-understood")),
                    reading.massG() > 0 ? figures.mass(reading.massG()) : "—",
                    reading.sureness().name().toLowerCase(Locale.ROOT),
                    line.stage(),
                    line.optional()));
        }
        return lines;
    }

    List<Stage> stages() {
        List<Stage> stages = new ArrayList<>();
        for (ReadStage stage : recipe.read().stages()) {
            int number = stages.size() + 1;
            String of = number <= recipe.draft().stages().size()
                    ? pieces(recipe.draft().stages().get(number - 1))
                    : "";
            stages.add(
                    new Stage(number, sentence(stage) + (of.isEmpty() ? "" : ": " + of), stage.says(), stage.sure()));
        }
        return stages;
    }

    /** What comes out or goes back. */
    private String pieces(StageDraft stage) {
        return stage.working().lines().stream()
                .map(line -> recipe.read().lines().get(line))
                .map(line -> line.reading().food().map(Words::say).orElse(line.text()))
                .collect(Collectors.joining(", "));
    }

    /** "Reduce, until half of it is left, lively, lid off": only what was read, nothing usual. */
    private String sentence(ReadStage stage) {
        List<String> words = new ArrayList<>();
        words.add(Words.text("check.kind." + stage.kind().name()));
        stage.end().value().ifPresent(value -> words.add(StageSentence.end(BroughtIn.end(stage), value, figures)));
        if (stage.end().by() != EndWord.MINUTES) {
            stage.minutes()
                    .ifPresent(m -> words.add(Words.text(
                            "check.minutes", Numbers.plain((m.low() + m.high()) / 2, m.high() < 3 ? 1 : 0))));
        }
        stage.look().ifPresent(look -> words.add(Words.say(look)));
        stage.lid().ifPresent(lid -> words.add(Words.text("check.lid", lid)));
        return String.join(", ", words);
    }

    /**
     * What is asked, amounts first.
     *
     * @param answers what was answered so far, by field and line: "answer 3"
     */
    List<Ask> asks(Map<String, String> answers) {
        List<Ask> asks = new ArrayList<>();
        List<ReadLine> lines = recipe.read().lines();
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).isAsked()) {
                Food food = lines.get(i).reading().food().orElseThrow();
                asks.add(new Ask(
                        i,
                        "answer",
                        Words.text("check.how-much", food),
                        answers.getOrDefault("answer " + i, ""),
                        usual(food)));
            }
        }
        for (int i = 0; i < lines.size() && asks.size() < MOST_ASKED; i++) {
            if (lines.get(i).isDoubtful()) {
                asks.add(new Ask(
                        i,
                        "fixed",
                        doubt(lines.get(i)),
                        answers.getOrDefault(
                                "fixed " + i, LineReader.head(lines.get(i).text())),
                        ""));
            }
        }
        return asks;
    }

    private String doubt(ReadLine line) {
        LineReading reading = line.reading();
        return reading.food().isEmpty()
                ? Words.text("check.what-is", line.text())
                : Words.text("check.read-as", line.text(), reading.food().get(), figures.mass(reading.massG()));
    }

    /** What one of it, a spoon or a cup of it weighs. */
    private String usual(Food food) {
        Optional<FoodMeasure> piece = food.measure("piece");
        if (piece.isPresent()) {
            return Words.text("check.usual-piece", figures.mass(piece.get().massG()));
        }
        return food.pourable()
                ? Words.text(
                        "check.usual-cup",
                        figures.volume(recipe.read().measures().cupMl()))
                : Words.text(
                        "check.usual-spoon",
                        figures.mass(recipe.read().measures().tablespoonMl() * food.densityGPerMl()));
    }

    /** What was not used, but for single words, headings and what stands within a stage's own words. */
    List<Left> left() {
        return recipe.read().left().stream()
                .filter(left -> left.text().matches("(?s).*\\p{L}+\\W+\\p{L}+\\W+\\p{L}+.*")
                        && !left.text().strip().endsWith(":")
                        && !left.text().strip().equals(recipe.read().name())
                        && !(left.why() == ReadRecipe.Why.NOTHING_TO_DO && isWithinAStage(left.at())))
                .map(left -> new Left(
                        STAMP.matcher(left.text()).replaceAll("").strip(),
                        Words.say(left.why()),
                        left.at().from() + "-" + left.at().to()))
                .toList();
    }

    private boolean isWithinAStage(Span piece) {
        return recipe.read().stages().stream()
                .anyMatch(stage -> stage.at().from() <= piece.from()
                        && piece.to() <= stage.at().to());
    }
}

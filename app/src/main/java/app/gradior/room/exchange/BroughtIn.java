package app.gradior.room.exchange;

import app.gradior.finding.Refusal;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.measure.LineReader;
import app.gradior.method.MethodReader;
import app.gradior.method.PieceWords;
import app.gradior.method.ReadRecipe;
import app.gradior.method.ReadRecipe.ReadLine;
import app.gradior.method.ReadRecipe.ReadStage;
import app.gradior.method.ReadRecipe.Span;
import app.gradior.method.ReadRecipe.StageWord;
import app.gradior.method.RecipeSense;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.StageDraft;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Told;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.Moves;
import app.gradior.sauce.SauceLimits;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageWork;
import app.gradior.sauce.Texture;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jsoup.Jsoup;
import org.springframework.stereotype.Service;

/** Recipes of any kind, read into a sauce that the cook looks at before anything is kept. */
@Service
public class BroughtIn {
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_TITLE = 120;
    private static final int LONGEST_NOTES = 2000;
    private static final int LONGEST_TAGS = 300;
    private static final int MOST_STAGES = 24;
    private static final double USUAL_MINUTES = 5;
    private static final double AT_ONCE = 1;
    private static final double COLD_C = 20;
    private static final double USUAL_STEP = 5;
    private static final int SHORTEST_PAGE = 80;

    private final Lines lines;
    private final RecipeReader recipes;

    BroughtIn(Lines lines, RecipeReader recipes) {
        this.lines = lines;
        this.recipes = recipes;
    }

    /**
     * A recipe as it came and as it was read.
     *
     * @param text what was read: the text itself, or what a page or its data say, as text
     * @param said what it says of itself beside lines and stages
     * @param made pieces of the text that the cook made stages
     * @param others names of other recipes in the same file
     */
    public record Recipe(
            String text,
            ReadRecipe read,
            RecipeSense.Said said,
            List<Span> made,
            SauceBook.Draft draft,
            List<String> others) {}

    /**
     * Reads a recipe.
     *
     * @param raw plain text, Markdown, captions, a page, or a recipe as data
     * @throws Refusal when nothing in it is a recipe
     */
    public Recipe read(Kitchen kitchen, String raw) {
        return read(kitchen, raw, false);
    }

    /**
     * The same.
     *
     * @param inItsMeasures whether it is known to be written in the kitchen's measures; else its words tell
     * @throws Refusal when nothing in it is a recipe
     */
    public Recipe read(Kitchen kitchen, String raw, boolean inItsMeasures) {
        String start = raw.stripLeading();
        boolean data = start.startsWith("{") || start.startsWith("[{");
        boolean page = start.startsWith("<");
        if (!data && !page) {
            return of(kitchen, inItsMeasures, raw, "", List.of());
        }
        try {
            RecipeReader.Recipe found = recipes.read(raw);
            return of(kitchen, inItsMeasures, asText(found), found.tags(), found.others());
        } catch (Refusal refusal) {
            String words = page ? Jsoup.parse(raw).wholeText().strip() : "";
            if (words.length() < SHORTEST_PAGE) {
                throw refusal;
            }
            return of(kitchen, inItsMeasures, words, "", List.of());
        }
    }

    /**
     * A text that was read, with pieces of it made stages that the reading left.
     *
     * @param text as {@link Recipe#text} has it
     * @param made places of the text; those of no piece that was left are passed over
     * @throws Refusal when nothing in it is a recipe
     */
    public Recipe again(Kitchen kitchen, String text, List<Span> made, String tags) {
        MethodReader reader = lines.methods(kitchen);
        String head = head(text);
        ReadRecipe read = reader.read(head, Optional.empty(), kitchen.measures());
        for (Span piece : made) {
            read = reader.made(read, head, piece);
        }
        return of(reader, read, head, made, tags, List.of());
    }

    private static String head(String text) {
        return text.length() > MethodReader.LONGEST ? text.substring(0, MethodReader.LONGEST) : text;
    }

    private static String asText(RecipeReader.Recipe recipe) {
        StringBuilder text = new StringBuilder(recipe.name()).append("\n\n");
        if (!recipe.yield().isBlank()) {
            text.append("Makes ").append(recipe.yield()).append("\n\n");
        }
        text.append("Ingredients\n");
        recipe.lines().forEach(line -> text.append("- ").append(line).append('\n'));
        text.append("\nMethod\n");
        recipe.method().forEach(step -> text.append("- ").append(step).append('\n'));
        return text.toString();
    }

    private Recipe of(Kitchen kitchen, boolean inItsMeasures, String text, String tags, List<String> others) {
        MethodReader reader = lines.methods(kitchen);
        String head = head(text);
        ReadRecipe read = reader.read(
                head, inItsMeasures ? Optional.of(kitchen.measures()) : Optional.empty(), kitchen.measures());
        return of(reader, read, head, List.of(), tags, others);
    }

    // Wide: a recipe as it came and as it was read.
    private static Recipe of(
            MethodReader reader, ReadRecipe read, String text, List<Span> made, String tags, List<String> others) {
        if (read.lines().isEmpty()) {
            throw Refusal.unfit("file", Told.of("recipe-reader.no-ingredient-lines-were-found-put"));
        }
        RecipeSense.Said said = RecipeSense.of(read, text);
        String all = tags.isBlank() ? String.join(", ", said.tags()) : tags;
        return new Recipe(text, read, said, made, draft(reader.pieces(read.measures()), text, read, said, all), others);
    }

    private static SauceBook.Draft draft(
            PieceWords words, String text, ReadRecipe read, RecipeSense.Said said, String tags) {
        List<Lines.Typed> typed = read.lines().stream()
                .limit(SauceLimits.MOST_LINES)
                .map(BroughtIn::typed)
                .toList();
        List<StageDraft> stages = new ArrayList<>();
        List<Integer> waiting = new ArrayList<>();
        for (int s = 0; s < read.stages().size() && stages.size() < MOST_STAGES; s++) {
            List<Integer> in = new ArrayList<>(waiting);
            for (int line = 0; line < typed.size(); line++) {
                if (read.lines().get(line).stage() == s + 1) {
                    in.add(line);
                }
            }
            ReadStage stage = read.stages().get(s);
            StageKind kind = StageKind.ofKey(stage.kind().key());
            if (kind.movesPieces() && !in.isEmpty()) {
                waiting = in;
                in = List.of();
            } else {
                waiting = new ArrayList<>();
            }
            stages.add(stage(stage, kind, in).with(moved(words, read, stage, s, stages)));
        }
        String notes = text.strip();
        return new SauceBook.Draft(
                read.name().length() > LONGEST_NAME ? "" : read.name(),
                typed,
                read.stages().stream().anyMatch(BroughtIn::makesSmooth) ? Texture.SMOOTH : Texture.CHUNKY,
                said.target().map(RecipeSense.Target::step).orElse(USUAL_STEP),
                said.target().map(RecipeSense.Target::servedC).orElse(COLD_C),
                said.use(),
                read.yieldMl()
                        .map(range -> (range.low() + range.high()) / 2)
                        .filter(ml -> ml >= SauceLimits.LEAST_YIELD_ML && ml <= SauceLimits.MOST_YIELD_ML)
                        .orElse(null),
                tags.length() > LONGEST_TAGS ? "" : tags,
                stages,
                said.schools(),
                notes.length() > LONGEST_NOTES ? notes.substring(0, LONGEST_NOTES - 10) + " …" : notes,
                Optional.of(read.measures()));
    }

    private static boolean makesSmooth(ReadStage stage) {
        return stage.kind() == StageWord.BLEND || stage.kind() == StageWord.MILL || stage.kind() == StageWord.SIEVE;
    }

    /** A line as the sauce keeps it; a part of a divided line says what it weighs. */
    private static Lines.Typed typed(ReadLine line) {
        String text = LineReader.head(line.text());
        return line.part()
                ? new Lines.Typed(
                        text,
                        line.reading().food().orElseThrow().id(),
                        line.reading().massG())
                : Lines.Typed.of(text);
    }

    /** The pieces that come out or go back: those that the stage names, among what is in the pot or was taken out of it. */
    private static StageWork moved(
            PieceWords words, ReadRecipe read, ReadStage stage, int place, List<StageDraft> before) {
        Moves moves = new Moves();
        before.forEach(one -> moves.add(one.kind(), one.working()));
        boolean back = stage.kind() == StageWord.PUT_BACK;
        List<PieceWords.In> in = new ArrayList<>();
        for (int i = 0; i < Math.min(read.lines().size(), SauceLimits.MOST_LINES); i++) {
            ReadLine line = read.lines().get(i);
            if (line.stage() > 0 && line.stage() <= place && moves.beside().contains(i) == back) {
                in.add(new PieceWords.In(
                        i, line.stage(), line.text(), line.reading().food()));
            }
        }
        return switch (stage.kind()) {
            case TAKE_OUT -> StageWork.of(words.meant(stage.says(), in));
            case PUT_BACK -> StageWork.of(words.named(stage.says(), in));
            default -> StageWork.NONE;
        };
    }

    /** By what a stage that was read ends, as a sauce has it. */
    public static EndKind end(ReadStage read) {
        return switch (read.end().by()) {
            case MINUTES -> EndKind.MINUTES;
            case FRACTION -> read.kind() == StageWord.DEGLAZE ? EndKind.FRACTION_ADDED : EndKind.FRACTION;
            case VOLUME -> EndKind.VOLUME;
            case WEIGHT -> EndKind.WEIGHT;
            case LEVEL -> EndKind.LEVEL;
            case STEP -> EndKind.STEP_HOT;
            case BOIL -> read.end().value().isEmpty() ? EndKind.WORD : EndKind.BOILING;
            case COOLED -> EndKind.COOLED;
            case WORD -> EndKind.WORD;
        };
    }

    private static StageDraft stage(ReadStage read, StageKind kind, List<Integer> in) {
        double minutes = read.minutes()
                .map(m -> (m.low() + m.high()) / 2)
                .orElse(
                        kind.tool().isPresent() || kind.treatment() == StageKind.Treatment.OFF_THE_HEAT
                                ? AT_ONCE
                                : USUAL_MINUTES);
        double value = read.end().value().orElse(Double.NaN);
        EndKind end = end(read);
        double figure = end == EndKind.WORD ? minutes : end == EndKind.COOLED && Double.isNaN(value) ? COLD_C : value;
        Look look = read.look()
                .filter(l -> kind.treatment() == StageKind.Treatment.BOILING)
                .orElse(kind.usualLook());
        LidState lid = read.lid().orElse(kind.usualLid());
        String says = read.says().strip().replaceAll("\\s+", " ").replaceAll("[.,;:]+$", "");
        String title = says.length() > LONGEST_TITLE ? says.substring(0, LONGEST_TITLE - 2) + "…" : says;
        return new StageDraft(kind, title, in, look, lid, end, figure);
    }
}

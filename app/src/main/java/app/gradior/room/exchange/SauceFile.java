package app.gradior.room.exchange;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.measure.MeasureSystem;
import app.gradior.measure.Numbers;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.StageDraft;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.School;
import app.gradior.sauce.SchoolAnswer;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageWork;
import app.gradior.sauce.Texture;
import app.gradior.sauce.Use;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A sauce as a file: Gradior's own JSON (docs/schema/sauce.schema.json), schema.org Recipe, Markdown text. */
@Component
public class SauceFile {
    private static final String FORMAT = "gradior.sauce";
    private static final int VERSION = 1;

    private final JsonMapper json;

    SauceFile(JsonMapper json) {
        this.json = json;
    }

    /** Gradior's own JSON. */
    public String json(SauceBook.Draft draft) {
        ObjectNode root = json.createObjectNode();
        root.put("format", FORMAT).put("formatVersion", VERSION).put("name", draft.name());
        ArrayNode lines = root.putArray("lines");
        for (Lines.Typed line : draft.lines()) {
            ObjectNode node = lines.addObject().put("text", line.text());
            if (line.foodId() != null) {
                node.put("food", line.foodId());
            }
            Double massG = line.massG();
            if (massG != null) {
                node.put("massG", massG.doubleValue());
            }
        }
        root.put("texture", draft.texture().name().toLowerCase(Locale.ROOT))
                .put("targetStep", draft.targetStep())
                .put("servedC", draft.servedC());
        draft.use().ifPresent(use -> root.put("use", use.name().toLowerCase(Locale.ROOT)));
        Double yieldMl = draft.yieldMl();
        if (yieldMl != null) {
            root.put("yieldMl", yieldMl.doubleValue());
        }
        root.put("tags", draft.tags());
        ArrayNode stages = root.putArray("stages");
        for (StageDraft stage : draft.stages()) {
            ObjectNode node = stages.addObject()
                    .put("kind", stage.kind().key())
                    .put("title", stage.title())
                    .put("look", stage.look().key())
                    .put("lid", stage.lid().key())
                    .put("end", stage.end().name().toLowerCase(Locale.ROOT))
                    .put("value", stage.value());
            ArrayNode in = node.putArray("lines");
            stage.named().forEach(in::add);
            number(node, "share", stage.working().share());
            number(node, "keepFatG", stage.working().keepFatG());
            number(node, "keepFatShare", stage.working().keepFatShare());
            number(node, "ovenC", stage.working().ovenC());
        }
        ObjectNode schools = root.putObject("schools");
        draft.schools()
                .forEach((school, answer) -> schools.put(
                        school.name().toLowerCase(Locale.ROOT), answer.name().toLowerCase(Locale.ROOT)));
        root.put("notes", draft.notes());
        draft.measures().ifPresent(m -> root.put("measures", m.name().toLowerCase(Locale.ROOT)));
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }

    /** schema.org Recipe as JSON-LD. */
    public String jsonLd(SauceBook.Draft draft) {
        ObjectNode root = json.createObjectNode();
        root.put("@context", "https://schema.org").put("@type", "Recipe").put("name", draft.name());
        ArrayNode ingredients = root.putArray("recipeIngredient");
        draft.lines().forEach(line -> ingredients.add(line.text()));
        ArrayNode steps = root.putArray("recipeInstructions");
        for (String step : steps(draft)) {
            steps.addObject().put("@type", "HowToStep").put("text", step);
        }
        Double yieldMl = draft.yieldMl();
        if (yieldMl != null) {
            root.put("recipeYield", Numbers.plain(yieldMl, 0) + " ml");
        }
        if (!draft.tags().isBlank()) {
            root.put("keywords", draft.tags());
        }
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }

    /** Markdown that {@link RecipeReader} reads back. */
    public String markdown(SauceBook.Draft draft) {
        StringBuilder text = new StringBuilder("# ").append(draft.name()).append("\n\n## Ingredients\n\n");
        draft.lines().forEach(line -> text.append("- ").append(line.text()).append('\n'));
        List<String> steps = steps(draft);
        if (!steps.isEmpty()) {
            text.append("\n## Method\n\n");
            for (int i = 0; i < steps.size(); i++) {
                text.append(i + 1).append(". ").append(steps.get(i)).append('\n');
            }
        }
        if (!draft.notes().isBlank()) {
            text.append('\n').append(draft.notes().strip()).append('\n');
        }
        return text.toString();
    }

    private static List<String> steps(SauceBook.Draft draft) {
        List<String> steps = new ArrayList<>();
        for (StageDraft stage : draft.stages()) {
            StringBuilder step = new StringBuilder(Words.say(stage.kind()));
            if (!stage.title().isBlank()) {
                step.append(": ").append(stage.title().strip());
            }
            if (!stage.named().isEmpty()) {
                List<String> in = stage.named().stream()
                        .filter(i -> i >= 0 && i < draft.lines().size())
                        .map(i -> draft.lines().get(i).text())
                        .toList();
                step.append(" (").append(String.join("; ", in)).append(')');
            }
            step.append(", ")
                    .append(Words.say(stage.end()))
                    .append(' ')
                    .append(Numbers.plain(stage.value(), 2))
                    .append(' ');
            step.append(Words.say(stage.end(), "unit"));
            steps.add(step.append('.').toString());
        }
        return steps;
    }

    /** Whether a text is Gradior's own JSON. */
    public boolean isOwn(String text) {
        return text.stripLeading().startsWith("{") && text.contains("\"" + FORMAT + "\"");
    }

    /**
     * A draft from Gradior's own JSON.
     *
     * @param faults gets every field that cannot be read; such a field is left as for a new sauce
     */
    public SauceBook.Draft read(String text, List<Fault> faults) {
        JsonNode root;
        try {
            root = json.readTree(text);
        } catch (tools.jackson.core.JacksonException e) {
            throw Refusal.malformed("file", Told.of("sauce-file.this-json-is-broken-or-nested"));
        }
        if (!FORMAT.equals(root.path("format").asString(""))
                || root.path("formatVersion").asInt(0) != VERSION) {
            throw Refusal.unfit("formatVersion", Told.of("sauce-file.only-of-version-is-read-here", FORMAT, VERSION));
        }
        List<Lines.Typed> lines = new ArrayList<>();
        for (JsonNode line : root.path("lines")) {
            String food = line.path("food").asString("");
            lines.add(new Lines.Typed(
                    line.path("text").asString(""), food.isEmpty() ? null : food, number(line.path("massG"))));
        }
        Map<School, SchoolAnswer> schools = new EnumMap<>(School.class);
        for (School school : School.values()) {
            String answer = root.path("schools")
                    .path(school.name().toLowerCase(Locale.ROOT))
                    .asString("");
            school.answer(answer).ifPresent(a -> schools.put(school, a));
        }
        Double step = number(root.path("targetStep"));
        Double served = number(root.path("servedC"));
        return new SauceBook.Draft(
                root.path("name").asString(""),
                lines,
                named(Texture.class, root.path("texture"), "texture", faults).orElse(Texture.SMOOTH),
                step == null ? 5 : step,
                served == null ? 20 : served,
                root.has("use") ? named(Use.class, root.path("use"), "use", faults) : Optional.empty(),
                number(root.path("yieldMl")),
                root.path("tags").asString(""),
                stages(root.path("stages"), faults),
                schools,
                root.path("notes").asString(""),
                root.has("measures")
                        ? named(MeasureSystem.class, root.path("measures"), "measures", faults)
                        : Optional.empty());
    }

    private static List<StageDraft> stages(JsonNode nodes, List<Fault> faults) {
        List<StageDraft> stages = new ArrayList<>();
        int i = 0;
        for (JsonNode node : nodes) {
            String field = "stages[" + i++ + "]";
            try {
                List<Integer> in = new ArrayList<>();
                node.path("lines").forEach(line -> in.add(line.asInt(-1)));
                Double value = number(node.path("value"));
                StageKind kind = StageKind.ofKey(node.path("kind").asString(""));
                StageDraft stage = new StageDraft(
                        kind,
                        node.path("title").asString(""),
                        kind.movesPieces() ? List.of() : in,
                        Look.ofKey(node.path("look").asString("")),
                        LidState.ofKey(node.path("lid").asString("")),
                        EndKind.valueOf(node.path("end").asString("").toUpperCase(Locale.ROOT)),
                        value == null ? Double.NaN : value);
                stages.add(stage.with(new StageWork(
                        kind.movesPieces() ? in : List.of(),
                        number(node.path("share")),
                        number(node.path("keepFatG")),
                        number(node.path("keepFatShare")),
                        number(node.path("ovenC")))));
            } catch (Unfit e) {
                faults.add(new Fault(field, Told.of("stage.left-out", i, e.why())));
            } catch (IllegalArgumentException e) {
                faults.add(new Fault(field, Told.of("stage.left-out", i, new Wrong.NotTaken())));
            }
        }
        return stages;
    }

    private static <E extends Enum<E>> Optional<E> named(
            Class<E> type, JsonNode node, String field, List<Fault> faults) {
        for (E one : type.getEnumConstants()) {
            if (one.name().equalsIgnoreCase(node.asString(""))) {
                return Optional.of(one);
            }
        }
        faults.add(new Fault(field, Told.of("sauce-file.is-which-is-not-known", field, node.asString(""))));
        return Optional.empty();
    }

    private static void number(ObjectNode node, String name, @Nullable Double value) {
        if (value != null) {
            node.put(name, value.doubleValue());
        }
    }

    private static @Nullable Double number(JsonNode node) {
        return node.isNumber() ? node.asDouble() : null;
    }
}

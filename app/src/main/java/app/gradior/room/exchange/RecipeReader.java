package app.gradior.room.exchange;

import app.gradior.finding.Refusal;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.sauce.SauceLimits;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads recipes as other people keep them: schema.org Recipe as JSON-LD, alone or in a saved page, and plain or Markdown text.
 * Nothing in a file is run, fetched or trusted; texts come out as text.
 */
@Component
public class RecipeReader {
    /** Largest file taken, bytes. */
    public static final int MOST_BYTES = 2_000_000;

    private static final int MOST_DEPTH = 60;
    private static final Pattern BULLET = Pattern.compile("^\\s*(?:[-*•·–]|\\[[ x]?\\])\\s+");
    private static final Pattern NUMBERED = Pattern.compile("^\\s*\\d{1,2}[.)]\\s+");
    private static final Pattern INGREDIENTS =
            Pattern.compile("(?i)^\\W*(ingredients?|you need|for the .{1,40}):?\\W*$");
    private static final Pattern METHOD =
            Pattern.compile("(?i)^\\W*(method|instructions?|directions?|preparation|steps|how to.{0,30}):?\\W*$");
    private static final Pattern YIELD = Pattern.compile("(?i)^\\W*(makes|yields?|serves|portions)\\b[: ]*(.{1,80})$");

    private final JsonMapper json;

    RecipeReader(JsonMapper json) {
        this.json = json;
    }

    /**
     * A recipe as it was found.
     *
     * @param lines ingredient lines, as written
     * @param method how it is made, a step each
     * @param yield in the recipe's words; may be empty
     * @param others names of other recipes in the same file
     */
    public record Recipe(
            String name, List<String> lines, List<String> method, String yield, String tags, List<String> others) {
        public Recipe {
            lines = List.copyOf(lines);
            method = List.copyOf(method);
            others = List.copyOf(others);
        }
    }

    /**
     * The bytes of a file as text.
     *
     * @throws Refusal when it is too large, empty or in an encoding that cannot be read
     */
    public static String text(byte[] bytes) {
        if (bytes.length > MOST_BYTES) {
            throw Refusal.unfit("file", Told.of("recipe-reader.this-file-has-mb-at-most", bytes.length / 1_000_000));
        }
        if (bytes.length == 0) {
            throw Refusal.unfit("file", Told.of("recipe-reader.there-is-nothing-in-this-file"));
        }
        Charset charset = StandardCharsets.UTF_8;
        int skip = 0;
        if (bytes.length >= 2 && (bytes[0] & 0xFF) == 0xFE && (bytes[1] & 0xFF) == 0xFF) {
            charset = StandardCharsets.UTF_16BE;
            skip = 2;
        } else if (bytes.length >= 2 && (bytes[0] & 0xFF) == 0xFF && (bytes[1] & 0xFF) == 0xFE) {
            charset = StandardCharsets.UTF_16LE;
            skip = 2;
        } else if (bytes.length >= 3 && (bytes[0] & 0xFF) == 0xEF && (bytes[1] & 0xFF) == 0xBB) {
            skip = 3;
        }
        try {
            String text = charset.newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes, skip, bytes.length - skip))
                    .toString();
            if (text.indexOf('\0') >= 0) {
                throw Refusal.unfit("file", Told.of("recipe-reader.this-is-not-a-text-file"));
            }
            return text;
        } catch (CharacterCodingException e) {
            throw Refusal.unfit("file", Told.of("recipe-reader.the-letters-of-this-file-are"));
        }
    }

    /**
     * The recipe in a text of any kind.
     *
     * @throws Refusal when none is found, saying what was looked for
     */
    public Recipe read(String text) {
        String start = text.stripLeading();
        if (start.startsWith("{") || start.startsWith("[")) {
            return jsonLd(List.of(start));
        }
        if (start.startsWith("<") || start.toLowerCase(Locale.ROOT).contains("<script")) {
            List<String> blocks = Jsoup.parse(text).select("script[type=application/ld+json]").stream()
                    .map(Element::data)
                    .toList();
            if (blocks.isEmpty()) {
                throw Refusal.unfit("file", Told.of("recipe-reader.this-page-holds-no-recipe-as"));
            }
            return jsonLd(blocks);
        }
        return plain(text);
    }

    // --- JSON-LD
    // ------------------------------------------------------------------------------------------------------

    private Recipe jsonLd(List<String> blocks) {
        List<JsonNode> recipes = new ArrayList<>();
        String fault = "";
        for (String block : blocks) {
            try {
                collect(json.readTree(block), recipes, 0);
            } catch (JacksonException e) {
                fault = " "
                        + Words.text(
                                "recipe-reader.the-data-is-broken", firstLine(String.valueOf(e.getOriginalMessage())));
            }
        }
        if (recipes.isEmpty()) {
            throw Refusal.unfit("file", Told.of("recipe-reader.no-schema-org-recipe-was-found", fault));
        }
        JsonNode recipe = recipes.get(0);
        List<String> lines = new ArrayList<>();
        texts(recipe.has("recipeIngredient") ? recipe.get("recipeIngredient") : recipe.path("ingredients"), lines, 0);
        List<String> method = new ArrayList<>();
        texts(recipe.path("recipeInstructions"), method, 0);
        List<String> yield = new ArrayList<>();
        texts(recipe.path("recipeYield"), yield, 0);
        List<String> tags = new ArrayList<>();
        texts(recipe.path("keywords"), tags, 0);
        return new Recipe(
                clean(recipe.path("name").asString("")),
                lines.stream().limit(SauceLimits.MOST_LINES).toList(),
                method,
                yield.isEmpty() ? "" : yield.get(0),
                String.join(", ", tags),
                recipes.stream()
                        .skip(1)
                        .map(other -> clean(other.path("name").asString("")))
                        .toList());
    }

    private static String firstLine(String message) {
        int end = message.indexOf('\n');
        String line = end < 0 ? message : message.substring(0, end);
        return line.length() > 160 ? line.substring(0, 160) + "…" : line;
    }

    private static void collect(JsonNode node, List<JsonNode> recipes, int depth) {
        if (depth > MOST_DEPTH) {
            throw Refusal.unfit("file", Told.of("recipe-reader.this-file-is-nested-too-deeply"));
        }
        if (node.isObject() && isRecipe(node.path("@type"))) {
            recipes.add(node);
            return;
        }
        if (node.isObject() || node.isArray()) {
            for (JsonNode child : node) {
                collect(child, recipes, depth + 1);
            }
        }
    }

    private static boolean isRecipe(JsonNode type) {
        if (type.isArray()) {
            for (JsonNode one : type) {
                if (isRecipe(one)) {
                    return true;
                }
            }
            return false;
        }
        String name = type.asString("");
        return name.equals("Recipe") || name.endsWith("/Recipe") || name.endsWith(":Recipe");
    }

    /** Every text of a property, whatever its shape: a string, lines in a string, steps, sections, lists of them. */
    private static void texts(JsonNode node, List<String> into, int depth) {
        if (depth > MOST_DEPTH || into.size() > 500) {
            return;
        }
        if (node.isString() || node.isNumber()) {
            String raw = node.asString();
            String broken = raw.replaceAll("(?i)<\\s*(br|/p|/li)\\s*/?>", "\n");
            for (String line : broken.split("\\R")) {
                String text = clean(line);
                if (!text.isEmpty()) {
                    into.add(text);
                }
            }
        } else if (node.isArray()) {
            for (JsonNode child : node) {
                texts(child, into, depth + 1);
            }
        } else if (node.isObject()) {
            for (String key : new String[] {"itemListElement", "steps", "text", "name", "item"}) {
                if (node.has(key) && !(key.equals("name") && (node.has("text") || node.has("itemListElement")))) {
                    texts(node.get(key), into, depth + 1);
                }
            }
        }
    }

    /** Markup and entities out, spaces closed up. */
    private static String clean(String text) {
        String cut = text.length() > 2000 ? text.substring(0, 2000) : text;
        return Jsoup.parse(cut).text().replace('\u00a0', ' ').strip();
    }

    // --- text
    // ---------------------------------------------------------------------------------------------------------

    private enum Part {
        HEAD,
        INGREDIENTS,
        METHOD
    }

    private static Recipe plain(String text) {
        String name = "";
        String yield = "";
        List<String> lines = new ArrayList<>();
        List<String> method = new ArrayList<>();
        List<String> loose = new ArrayList<>();
        Part part = Part.HEAD;
        for (String raw : text.split("\\R")) {
            String line = raw.strip();
            if (line.isEmpty() || line.matches("[-=_*]{3,}")) {
                continue;
            }
            String words = line.replaceAll("^#+\\s*|\\*\\*|__", "").strip();
            var made = YIELD.matcher(words);
            if (INGREDIENTS.matcher(words).matches()) {
                part = Part.INGREDIENTS;
            } else if (METHOD.matcher(words).matches()) {
                part = Part.METHOD;
            } else if (part != Part.METHOD && made.matches()) {
                yield = words;
            } else if (name.isEmpty()
                    && part == Part.HEAD
                    && !BULLET.matcher(line).find()) {
                name = words;
            } else if (part == Part.METHOD || NUMBERED.matcher(line).find() && words.length() > 40) {
                method.add(words.replaceFirst(NUMBERED.pattern(), ""));
            } else if (BULLET.matcher(line).find() || part == Part.INGREDIENTS) {
                lines.add(words.replaceFirst(BULLET.pattern(), ""));
            } else {
                loose.add(words);
            }
        }
        if (lines.isEmpty()) {
            lines.addAll(loose.stream().filter(l -> l.length() <= 90).toList());
        }
        if (lines.isEmpty()) {
            throw Refusal.unfit("file", Told.of("recipe-reader.no-ingredient-lines-were-found-put"));
        }
        return new Recipe(
                name.length() > 120 ? name.substring(0, 120) : name,
                lines.stream().limit(SauceLimits.MOST_LINES).toList(),
                method,
                yield,
                "",
                List.of());
    }
}

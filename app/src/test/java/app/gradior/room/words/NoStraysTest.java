package app.gradior.room.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** No text for people stands outside of the bundles: not in a page, not in a script, not in a class. */
class NoStraysTest {
    private static final Path MAIN = Path.of("src/main");
    /** A word of two letters and more that is no unit. */
    private static final Pattern WORD = Pattern.compile(
            "(?<![\\w.#{-])(?!(?:min|mL|kg|mm|cm|oz|fl|tsp|tbsp|pH|Bx|Gradior|nbsp|rarr|sr)\\b)[A-Za-z]{2,}");

    private static final Pattern TWO_WORDS =
            Pattern.compile("[a-z]{2,}[,:;.]? [A-Za-z]?[a-z]{2,}|[A-Z][a-z]{2,} [a-z]+");

    private static List<Path> files(String ending, String... without) throws IOException {
        try (Stream<Path> all = Files.walk(MAIN)) {
            return all.filter(f -> f.toString().endsWith(ending))
                    .filter(f ->
                            Stream.of(without).noneMatch(part -> f.toString().contains(part)))
                    .sorted()
                    .toList();
        }
    }

    /** Attributes of which the values are shown, and expressions that are. */
    private static final Pattern SHOWN = Pattern.compile(
            "\\s(aria-label|title|placeholder|alt|th:text|th:aria-label|th:title|th:placeholder)=\"([^\"]*)\"");

    private static List<String> straysOfPage(String page) {
        List<String> strays = new ArrayList<>();
        String plain = page.replaceAll("(?s)<!--.*?-->|<script.*?</script>|<title.*?</title>", "");
        for (String text : plain.replaceAll("(?s)<(?:[^>\"]|\"[^\"]*\")*>", "\n")
                .replaceAll("\\[\\[.*?]]", "")
                .split("\n")) {
            if (WORD.matcher(text).find()) {
                strays.add(text.strip());
            }
        }
        Matcher shown = SHOWN.matcher(plain);
        while (shown.find()) {
            boolean expression = shown.group(1).startsWith("th:");
            Matcher literal = Pattern.compile(expression ? "'([^']*)'" : "(.*)").matcher(shown.group(2));
            while (literal.find()) {
                if (TWO_WORDS.matcher(literal.group(1)).find()
                        || !expression && WORD.matcher(literal.group(1)).find()) {
                    strays.add(shown.group());
                }
            }
        }
        return strays;
    }

    @Test
    void noTextStandsInAPage() throws IOException {
        assertThat(straysOfPage("<p th:text=\"'two words'\" title=\"Kit\">some words [[#{a.key}]]</p>"))
                .hasSize(3);
        assertThat(straysOfPage("<p th:text=\"#{a.key(${x})}\">[[#{a.key}]] <b>12 min</b></p>"))
                .isEmpty();
        List<String> strays = new ArrayList<>();
        List<Path> pages = files(".html");
        for (Path page : pages) {
            straysOfPage(Files.readString(page)).forEach(text -> strays.add(page.getFileName() + ": " + text));
        }
        assertThat(pages).hasSizeGreaterThan(40);
        assertThat(strays).isEmpty();
    }

    private static final Pattern COMMENT = Pattern.compile("(?<=^|\\s)/\\*.*?\\*/|(?m)(^|\\s)//.*$", Pattern.DOTALL);
    /** What only programmers, logs and the database read. */
    private static final Pattern NOT_FOR_PEOPLE = Pattern.compile(
            "(?:new (?:Illegal\\w+|UnsupportedOperation|UncheckedIO)Exception|LOG\\.\\w+|getLogger|super|hash|Pattern\\.compile)"
                    + "\\((?:[^;\"]|\"(?:[^\"\\\\]|\\\\.)*\")*;|@\\w+\\((?:[^)\"]|\"\"\".*?\"\"\"|\"(?:[^\"\\\\]|\\\\.)*\")*\\)",
            Pattern.DOTALL);

    private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"");
    /** Classes of drawings, fragments of pages, markup, the policy of scripts: two words, and none of them read. */
    private static final Pattern NO_TEXT =
            Pattern.compile("::|<\\w|</|='|='self'|-src|class=|^ ?data-|filename=|charset=|^Unrecognized|\\{\\}");
    /** Made-up kitchens of the demo; classes in drawings; lines that are read, as a cook would type them. */
    private static final String[] KEPT = {
        "Mapper.java",
        "Upkeep.java",
        "AccessTables.java",
        "/room/demo/",
        "/web/draw/",
        "/room/words/",
        "RecipeReader.java",
        "WhatIHave.java"
    };

    private static final Set<String> NAMES_OF_UNITS = Set.of("fl oz", " fl oz");

    private static List<String> straysOfClass(String source) {
        String code =
                NOT_FOR_PEOPLE.matcher(COMMENT.matcher(source).replaceAll(" ")).replaceAll(";");
        List<String> strays = new ArrayList<>();
        Matcher literal = LITERAL.matcher(code);
        while (literal.find()) {
            String text = literal.group(1);
            if (TWO_WORDS.matcher(text).find() && !NO_TEXT.matcher(text).find() && !NAMES_OF_UNITS.contains(text)) {
                strays.add(text);
            }
        }
        return strays;
    }

    @Test
    void noTextStandsInAClass() throws IOException {
        assertThat(straysOfClass("return \"two words\"; // three more \"words here\""))
                .containsExactly("two words");
        assertThat(straysOfClass("LOG.warn(\"two words {}\", x); x = Words.text(\"a-key.of-it\");"))
                .isEmpty();
        List<String> strays = new ArrayList<>();
        for (Path file : files(".java", KEPT)) {
            straysOfClass(Files.readString(file)).forEach(text -> strays.add(file.getFileName() + ": " + text));
        }
        assertThat(strays).isEmpty();
    }

    private static final Pattern SAID_BY_SCRIPT = Pattern.compile("\\bword\\('([\\w-]+)'");

    @Test
    void scriptsSayWhatTheBundlesHave() throws IOException {
        List<String> strays = new ArrayList<>();
        for (Path file : files(".js")) {
            String code = COMMENT.matcher(Files.readString(file)).replaceAll(" ");
            Matcher said = SAID_BY_SCRIPT.matcher(code);
            while (said.find()) {
                assertThat(Words.keys(Language.ENGLISH)).contains("script." + said.group(1));
            }
            Matcher shown = Pattern.compile(
                            "(?:textContent|append|Option|confirm|aria-label')\\W{1,4}[(`'\"]+([^`'\"]*)")
                    .matcher(code);
            while (shown.find()) {
                if (TWO_WORDS.matcher(shown.group(1)).find()) {
                    strays.add(file.getFileName() + ": " + shown.group());
                }
            }
        }
        assertThat(strays).isEmpty();
        assertThat(Scripts.texts(Language.ENGLISH))
                .contains("\"sign-in\":\"Sign in\"")
                .contains("\"one\":\"One entry is kept here and will be sent.\"")
                .contains("\"other\":\"{0} entries are kept here and will be sent.\"")
                .doesNotContain("<");
    }

    /** Names of fields and figures, and the heads of tables: one word is a text there. */
    private static final Pattern SAID_ON_THE_BENCH =
            Pattern.compile("(?:Field\\.\\w+|new Field\\.Choice)\\(\\s*\"[^\"]*\",\\s*\"([A-Za-z][^\"]*)\""
                    + "|\\.(?:big|fact|table)\\(\\s*\"(?!pH\")([A-Za-z][^\"]*)\"|List\\.of\\(\\s*\"([a-z]+)\"");

    @Test
    void noSingleWordStandsOnTheBench() throws IOException {
        assertThat(SAID_ON_THE_BENCH
                        .matcher("Field.food(\"with\", \"with\", x)")
                        .find())
                .isTrue();
        assertThat(SAID_ON_THE_BENCH.matcher("List.of(\n  \"jar\", y)").find()).isTrue();
        assertThat(SAID_ON_THE_BENCH
                        .matcher("Field.food(\"with\", Words.text(\"a.key\"), x)")
                        .find())
                .isFalse();
        for (Path file : files(".java")) {
            if (file.toString().contains("/web/bench/")) {
                assertThat(SAID_ON_THE_BENCH
                                .matcher(Files.readString(file))
                                .results()
                                .map(r -> r.group()))
                        .as(file.getFileName().toString())
                        .isEmpty();
            }
        }
    }

    /** A word where the other way is a text. */
    private static final Pattern BESIDE_A_TEXT =
            Pattern.compile("Words\\.(?:text|say)\\((?:[^()]|\\([^()]*\\))*\\)\\s*:\\s*\"[A-Za-z]{3,}\""
                    + "|\\?\\s*\"[A-Za-z]{3,}\"\\s*:\\s*(?:Words|figures)\\.");

    @Test
    void noSingleWordStandsBesideAText() throws IOException {
        assertThat(BESIDE_A_TEXT
                        .matcher("x > 1 ? Words.text(\"a.b\", f(x)) : \"none\"")
                        .find())
                .isTrue();
        assertThat(BESIDE_A_TEXT.matcher("x < 1 ? \"none\" : figures.volume(x)").find())
                .isTrue();
        for (Path file : files(".java")) {
            assertThat(BESIDE_A_TEXT.matcher(Files.readString(file)).results().map(r -> r.group()))
                    .as(file.getFileName().toString())
                    .isEmpty();
        }
    }
}

package app.gradior.finding;

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

/** The core has nothing to say in words: it answers with findings. */
class WordlessTest {
    private static final Path SOURCES = Path.of("src/main/java/app/gradior");
    /** What cooks write and the core reads. */
    private static final Set<String> VOCABULARY = Set.of(
            "measure/Words.java",
            "measure/Unit.java",
            "measure/Weigher.java",
            "clock/Preparation.java",
            "larder/Trait.java");

    /** What this room looks for in others' texts, in small letters; what it said itself would begin with a large one or end in a stop. */
    private static final String READS = "method/";

    private static final Pattern SAID = Pattern.compile("\"(?:\\p{Lu}\\p{Ll}+ .*|[^\\\\|(]*[.!?:])\"");

    private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/|(?m)(^|\\s)//.*$", Pattern.DOTALL);
    /** A text with two words, outside of what only programmers are told. */
    private static final Pattern SENTENCE = Pattern.compile("\"[^\"]*[a-zA-Z]{2,}[:,]? +[a-z]{2,}[^\"]*\"");

    private static final Pattern FOR_PROGRAMMERS =
            Pattern.compile("new Illegal(Argument|State)Exception\\((?:[^;\"]|\"[^\"]*\")*;");

    private static List<String> sentences(String source) {
        String code =
                FOR_PROGRAMMERS.matcher(COMMENT.matcher(source).replaceAll("")).replaceAll("");
        List<String> found = new ArrayList<>();
        for (String line : code.split("\n")) {
            Matcher matcher = SENTENCE.matcher(line);
            while (matcher.find()) {
                found.add(matcher.group());
            }
        }
        return found;
    }

    @Test
    void noSentenceStandsInTheCore() throws IOException {
        List<String> strays = new ArrayList<>();
        int files = 0;
        try (Stream<Path> all = Files.walk(SOURCES)) {
            for (Path file : all.filter(f -> f.toString().endsWith(".java")).toList()) {
                files++;
                String name = SOURCES.relativize(file).toString();
                if (!VOCABULARY.contains(name)) {
                    sentences(Files.readString(file)).stream()
                            .filter(text -> !name.startsWith(READS)
                                    || SAID.matcher(text).matches())
                            .forEach(text -> strays.add(name + ": " + text));
                }
            }
        }
        assertThat(files).isGreaterThan(100);
        assertThat(strays).isEmpty();
    }

    @Test
    void sentencesAreFound() {
        assertThat(sentences("throw refused(\"take a larger pot\");")).hasSize(1);
        assertThat(sentences(
                        "// take a larger \"pot or two\"\nthrow new IllegalStateException(\"two rows of \" + key);"))
                .isEmpty();
    }

    /** A finding's figures are those of its record, by their names. */
    @Test
    void figuresHaveTheirNames() {
        Wrong.Range range = new Wrong.Range("servedC", 130, -20, 110, " °C");
        assertThat(range.code()).isEqualTo("Wrong.Range");
        assertThat(range.figures())
                .containsEntry("field", "servedC")
                .containsEntry("value", 130.0)
                .containsEntry("low", -20.0)
                .containsEntry("unit", " °C")
                .hasSize(5);
        assertThat(Unfit.inRange("x", 1, 1, 2, "")).isEqualTo(1);
        assertThat(Refused.range(() -> Unfit.inRange("x", Double.NaN, 1, 2, "")).value())
                .isNaN();
        assertThat(Refused.why(() -> Unfit.above("x", 0, 0, " W"))).isEqualTo(new Wrong.NotAbove("x", 0, 0, " W"));
        assertThat(Unfit.atLeast("x", 0, 0, "")).isZero();
        assertThat(Refused.why(() -> Unfit.atLeast("x", -0.1, 0, " g"))).isEqualTo(new Wrong.Least("x", -0.1, 0, " g"));
    }

    /** A rule's own name of a value goes under the path it came by, unless that says it already. */
    @Test
    void aRulesNameGoesUnderThePath() {
        Unfit unfit = new Unfit("topDiameterMm", new Wrong.NoNumber("topDiameterMm"));
        assertThat(path("pot", unfit)).isEqualTo("pot.topDiameterMm");
        assertThat(path("", unfit)).isEqualTo("topDiameterMm");
        assertThat(path("pot.topDiameterMm", unfit)).isEqualTo("pot.topDiameterMm");
        assertThat(path("pot", new Unfit(new Wrong.Blank()))).isEqualTo("pot");
        assertThat(path("pot", new IllegalArgumentException("No enum constant")))
                .isEqualTo("pot");
    }

    private static String path(String field, RuntimeException thrown) {
        try {
            return Refusal.checked(field, () -> {
                throw thrown;
            });
        } catch (Refusal refusal) {
            return refusal.faults().get(0).field();
        }
    }
}

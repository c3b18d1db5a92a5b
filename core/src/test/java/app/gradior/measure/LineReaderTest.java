package app.gradior.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Written;
import app.gradior.finding.Finding;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading.Sureness;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LineReaderTest {
    private static final Map<MeasureSystem, LineReader> READERS = new ConcurrentHashMap<>();

    private final LineReader metric = of(MeasureSystem.METRIC);
    private final LineReader us = of(MeasureSystem.US);

    private static LineReader of(MeasureSystem system) {
        return READERS.computeIfAbsent(system, key -> new LineReader(Catalogue.standard(), key));
    }

    /** What came of one hand-written line. */
    private enum Outcome {
        RIGHT,
        HONESTLY_UNSURE,
        WRONG
    }

    private static Outcome outcome(CSVRecord row) {
        LineReader reader = of(MeasureSystem.valueOf(row.get("kitchen")));
        LineReading reading = reader.read(row.get("line"));
        double grams = row.get("grams").equals("-") ? Double.NaN : Double.parseDouble(row.get("grams"));
        boolean right = reading.food().map(Food::id).orElse("").equals(row.get("food"))
                && (Double.isNaN(grams) || Math.abs(reading.massG() - grams) <= 0.03 * grams + 0.01);
        if (right) {
            return Outcome.RIGHT;
        }
        return reading.sureness() == Sureness.UNSURE ? Outcome.HONESTLY_UNSURE : Outcome.WRONG;
    }

    private static List<CSVRecord> handWritten() throws IOException {
        return lines("lines");
    }

    private static List<CSVRecord> lines(String list) throws IOException {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter('|')
                .setQuote(null)
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (InputStream in = LineReaderTest.class.getResourceAsStream("/measure/" + list + ".csv");
                InputStreamReader text = new InputStreamReader(in, StandardCharsets.UTF_8)) {
            return format.parse(text).getRecords();
        }
    }

    /** Lines as people write them, with the grams worked out by hand; "?" where no reader could know. */
    @Test
    void readsNinetyFiveInAHundredLinesRightOrSaysItIsUnsure() throws IOException {
        List<String> wrong = new ArrayList<>();
        int unsure = 0;
        int lines = 0;
        for (CSVRecord row : handWritten()) {
            lines++;
            Outcome outcome = outcome(row);
            if (outcome == Outcome.WRONG) {
                wrong.add(row.get("line"));
            } else if (outcome == Outcome.HONESTLY_UNSURE && !row.get("food").equals("?")) {
                unsure++;
            }
        }
        assertThat(lines).isGreaterThanOrEqualTo(300);
        assertThat(wrong).hasSizeLessThanOrEqualTo(lines / 20);
        assertThat(unsure).as("lines that a cook would have to help with").isLessThanOrEqualTo(lines / 20);
    }

    /**
     * A second list, of classes: list numbers, headings, sums, number words, modifiers, tins, shared nouns, units, near misses. A dash for
     * grams: only the food is looked at; "?" where the reader has to ask.
     */
    @Test
    void ofASecondListNoneIsSilentlyWrong() throws IOException {
        List<String> silent = new ArrayList<>();
        int right = 0;
        int all = 0;
        for (CSVRecord row : lines("more-lines")) {
            Outcome outcome = outcome(row);
            boolean asks = row.get("food").equals("?") && outcome == Outcome.HONESTLY_UNSURE;
            boolean any =
                    row.get("food").equals("-") && metric.read(row.get("line")).usable();
            all++;
            right += outcome == Outcome.RIGHT || asks || any ? 1 : 0;
            if (outcome == Outcome.WRONG && !any) {
                silent.add(row.get("line"));
            }
        }
        assertThat(all).isGreaterThanOrEqualTo(300);
        assertThat(silent).hasSizeLessThan(all / 100);
        assertThat(right).isGreaterThanOrEqualTo(all * 95 / 100);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '=',
            value = {
                "1 tbsp each soy sauce, honey and rice vinegar = 1 tbsp soy sauce | 1 tbsp honey | 1 tbsp rice vinegar",
                "2 tsp each of cumin seeds and coriander seeds = 2 tsp cumin seeds | 2 tsp coriander seeds",
                "salt and pepper = salt | pepper",
                "1 egg plus 2 yolks = 1 egg | 2 yolks",
                "1 tbsp cornflour mixed with 2 tbsp water = 1 tbsp cornflour | 2 tbsp water",
                "zest of one lemon, juice of two = zest of one lemon | juice of two lemon",
                "2 carrots, 1 celery stick, 1 onion = 2 carrots | 1 celery stick | 1 onion",
                "1 tsp salt and 1/2 tsp pepper = 1 tsp salt | 1/2 tsp pepper",
                "1 cup plus 2 tbsp sugar = 1 cup plus 2 tbsp sugar",
                "juice and zest of 1 lemon = juice and zest of 1 lemon",
                "500 g plums, about 12 = 500 g plums, about 12",
                "bread and butter pickles = bread and butter pickles",
                "200 g sugar, plus 2 tbsp for sprinkling = 200 g sugar, plus 2 tbsp for sprinkling",
                "2 tbsp oil and vinegar = 2 tbsp oil and vinegar",
                "Sea salt, pepper, nutmeg = Sea salt | pepper | nutmeg",
                "salt & pepper = salt | pepper",
                "salt, pepper, 2 glorps = salt, pepper, 2 glorps",
                "salt, pepper, glorps = salt, pepper, glorps",
                "sugar, honey, nutmeg = sugar, honey, nutmeg",
                "salt and glorps = salt and glorps",
                "glorps and salt = glorps and salt",
                "salt and pepper and nutmeg = salt | pepper | nutmeg",
                "sugar and honey = sugar | honey",
                "sugar, white and honey = sugar, white and honey",
                "salt and pepper, 1 tsp each = 1 tsp salt | 1 tsp pepper",
                "salt and pepper, a pinch each = a pinch salt | a pinch pepper",
                "salt and pepper, pinch each = pinch salt | pinch pepper",
                "cumin and coriander seeds: ½ tsp of each. = ½ tsp cumin | ½ tsp coriander seeds",
                "½ tsp each ground cumin and coriander = ½ tsp ground cumin | ½ tsp ground coriander",
                "½ tsp each ground cumin, dried thyme and coriander seeds = ½ tsp ground cumin | ½ tsp dried thyme | ½ tsp coriander seeds",
                "1 tsp each smoked paprika and garlic = 1 tsp smoked paprika | 1 tsp garlic",
                "ground cumin and coriander, ½ tsp each = ½ tsp ground cumin | ½ tsp ground coriander",
                "1 tsp each cumin and ground coriander = 1 tsp cumin | 1 tsp ground coriander",
                "salt and freshly ground black pepper, to taste = salt | freshly ground black pepper",
                "salt, pepper and nutmeg to taste. = salt | pepper | nutmeg",
                "honey, to taste = honey, to taste",
                "1 tsp salt and ½ tsp pepper, or to taste = 1 tsp salt | ½ tsp pepper",
                "1 tbsp each soy sauce and glorps = 1 tbsp each soy sauce and glorps",
                "Juice of half an orange and 2 tbsp honey = Juice of half an orange | 2 tbsp honey",
                "1 tsp each salt, salt, salt, salt, salt, salt, salt, salt, salt, salt, salt, salt, pepper"
                        + " = 1 tsp each salt, salt, salt, salt, salt, salt, salt, salt, salt, salt, salt, salt, pepper",
                "Sauce: = Sauce:"
            })
    void aLineOfSeveralFoodsIsCutWhereItSaysHowMuchOfEach(String line, String parts) {
        assertThat(String.join(" | ", metric.parts(line))).isEqualTo(parts);
    }

    @Test
    void aSlipOfThePenIsOfferedAndNeverTakenInSilence() {
        LineReading near = metric.read("200 g passatta");
        assertThat(near.food().map(Food::id)).contains("passata");
        assertThat(near.sureness()).isEqualTo(Sureness.UNSURE);
        assertThat(near.remark()).containsInstanceOf(LineRemark.NearMiss.class);
        assertThat(metric.read("2 tbsp sugr").food().map(Food::id))
                .as("four letters are too few")
                .isEmpty();
        assertThat(metric.read("200 g strawbreies").food().map(Food::id)).contains("strawberry");
        assertThat(Spelling.apart("lemon", "melon", 2)).isEqualTo(2);
        assertThat(Spelling.apart("basil", "bsail", 2)).isEqualTo(1);
        assertThat(Spelling.apart("basil", "thyme", 1)).isEqualTo(2);
    }

    private static String reads(CSVRecord row) {
        LineReader reader = of(MeasureSystem.valueOf(row.get("kitchen")));
        LineReading r = reader.read(row.get("line"));
        return String.format(
                Locale.ROOT,
                "%s|%s|%s|%.2f|%.3f|%s|%s|%s|%s",
                row.get("kitchen"),
                row.get("line"),
                r.food().map(Food::id).orElse(""),
                r.massG(),
                r.logSd(),
                r.sureness(),
                r.amount(),
                String.join(" ", r.unknownWords()),
                r.remark().map(Finding::code).orElse(""));
    }

    /**
     * What is read of each line to the last figure; ./gradior docs writes it down anew, to be looked through. The third list has every unit, and
     * every way to say an amount that the reader knows.
     */
    @ParameterizedTest
    @CsvSource({"lines, reads", "more-lines, more-reads", "amounts, amounts"})
    void everyLineIsReadAsItWasLastLookedThrough(String lines, String reads) throws IOException {
        Written.inFile(
                Path.of("src/test/resources/measure/" + reads + ".txt"),
                lines(lines).stream().map(LineReaderTest::reads).toList());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"2 tbsp tomato glork", "1 florble of wurzle", "salt to taste", "3 of the usual", "500 g glarp"})
    void saysSoWhenItIsNotSure(String line) {
        LineReading reading = metric.read(line);
        assertThat(reading.sureness()).isEqualTo(Sureness.UNSURE);
        assertThat(reading.remark()).isPresent();
    }

    @Test
    void cupsAreTheKitchensOwn() {
        assertThat(us.read("1 cup water").massG()).isCloseTo(236.1, within(0.3));
        assertThat(metric.read("1 cup water").massG()).isCloseTo(249.5, within(0.3));
        assertThat(us.read("1 cup sugar").massG()).isCloseTo(200, within(0.1));
        assertThat(new LineReader(Catalogue.standard(), MeasureSystem.AUSTRALIAN)
                        .read("1 tbsp water")
                        .massG())
                .isCloseTo(19.96, within(0.05));
    }

    @Test
    void aSplashIsLessCertainThanAScale() {
        assertThat(metric.read("a splash of water").logSd())
                .isGreaterThan(metric.read("10 ml water").logSd());
        assertThat(metric.read("2-3 onions").logSd())
                .isGreaterThan(metric.read("2 onions").logSd());
        LineReading onions = metric.read("2 onions");
        assertThat(onions.lowG()).isBetween(150.0, 299.0);
        assertThat(onions.highG()).isBetween(301.0, 600.0);
    }

    @Test
    void keepsUnknownWords() {
        assertThat(metric.read("200 g wild bog damsons").unknownWords()).containsExactly("wild", "bog");
    }
}

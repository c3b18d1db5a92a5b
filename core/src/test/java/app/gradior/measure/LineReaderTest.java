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
import java.util.Random;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LineReaderTest {
    private final LineReader metric = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);
    private final LineReader us = new LineReader(Catalogue.standard(), MeasureSystem.US);

    /** What came of one hand-written line. */
    private enum Outcome {
        RIGHT,
        HONESTLY_UNSURE,
        WRONG
    }

    private static Outcome outcome(CSVRecord row) {
        LineReader reader = new LineReader(Catalogue.standard(), MeasureSystem.valueOf(row.get("kitchen")));
        LineReading reading = reader.read(row.get("line"));
        double grams = Double.parseDouble(row.get("grams"));
        boolean right = reading.food().map(Food::id).orElse("").equals(row.get("food"))
                && Math.abs(reading.massG() - grams) <= 0.03 * grams + 0.01;
        if (right) {
            return Outcome.RIGHT;
        }
        return reading.sureness() == Sureness.UNSURE ? Outcome.HONESTLY_UNSURE : Outcome.WRONG;
    }

    private static List<CSVRecord> handWritten() throws IOException {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter('|')
                .setQuote(null)
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (InputStream in = LineReaderTest.class.getResourceAsStream("/measure/lines.csv");
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

    private static String reads(CSVRecord row) {
        LineReader reader = new LineReader(Catalogue.standard(), MeasureSystem.valueOf(row.get("kitchen")));
        LineReading r = reader.read(row.get("line"));
        return String.format(
                Locale.ROOT,
                "%s|%s|%s|%.2f|%.3f|%s|%s|%s",
                row.get("kitchen"),
                row.get("line"),
                r.food().map(Food::id).orElse(""),
                r.massG(),
                r.logSd(),
                r.sureness(),
                String.join(" ", r.unknownWords()),
                r.remark().map(Finding::code).orElse(""));
    }

    /** What is read of each line to the last figure; ./gradior docs writes it down anew, to be looked through. */
    @Test
    void everyLineIsReadAsItWasLastLookedThrough() throws IOException {
        Written.inFile(
                Path.of("src/test/resources/measure/reads.txt"),
                handWritten().stream().map(LineReaderTest::reads).toList());
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

    @Test
    void neverThrowsOnAnyText() {
        Random random = new Random(11);
        String alphabet = "0123456789½⅓¼/.,-–() xgkmlotbspcuan éøß\t%&'\"<>[]{}日本±٣²";
        for (int i = 0; i < 100_000; i++) {
            StringBuilder text = new StringBuilder();
            int length = random.nextInt(60);
            for (int j = 0; j < length; j++) {
                text.append(alphabet.charAt(random.nextInt(alphabet.length())));
            }
            LineReading reading = metric.read(text.toString());
            assertThat(reading.massG()).isGreaterThanOrEqualTo(0);
            assertThat(reading.lowG()).isLessThanOrEqualTo(reading.highG());
        }
        assertThat(metric.read("1 ".repeat(100_000)).sureness()).isEqualTo(Sureness.UNSURE);
        assertThat(metric.read("999999999 kg water").remark()).contains(new LineRemark.TooMuch(100));
    }
}

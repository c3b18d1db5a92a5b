package app.gradior.method;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.Written;
import app.gradior.heat.Look;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.MeasureSystem;
import app.gradior.method.ReadRecipe.Span;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class MethodReaderTest {
    private static final MethodReader READER = new MethodReader(Catalogue.standard());

    static List<GoldText> texts() {
        return IntStream.concat(IntStream.rangeClosed(1, 18), IntStream.rangeClosed(51, 90))
                .mapToObj(i -> GoldText.of(String.format(Locale.ROOT, "%02d", i)))
                .toList();
    }

    private static ReadRecipe read(String text) {
        return READER.read(text, Optional.empty(), MeasureSystem.METRIC);
    }

    /** Shares of all texts of a shape: lines found, lines that are right of those given, stages, ends of the stages matched. */
    @ParameterizedTest
    @CsvSource({"written, 0.95, 0.95, 0.98, 0.99", "spoken, 0.94, 0.95, 0.95, 0.95"})
    void mostLinesAndStagesAreRight(String shape, double recall, double precision, double stages, double ends) {
        double found = 0;
        double wanted = 0;
        double given = 0;
        double share = 0;
        double right = 0;
        double matched = 0;
        int count = 0;
        for (GoldText text : texts()) {
            if (text.shape().equals(shape)) {
                GoldText.Score score = text.score(read(text.text()));
                found += score.found();
                wanted += score.wanted();
                given += score.given();
                share += score.stages();
                right += score.endsRight();
                matched += score.matched();
                count++;
            }
        }
        assertThat(count).isBetween(20, 40);
        assertThat(found / wanted).as("lines found").isGreaterThanOrEqualTo(recall);
        assertThat(found / given).as("lines that are right").isGreaterThanOrEqualTo(precision);
        assertThat(share / count).as("stages").isGreaterThanOrEqualTo(stages);
        assertThat(right / matched).as("ends").isGreaterThanOrEqualTo(ends);
    }

    @ParameterizedTest
    @MethodSource("texts")
    void shapeAndMeasuresAreTold(GoldText text) {
        ReadRecipe read = read(text.text());
        assertThat(read.spoken()).as(text.id()).isEqualTo(text.shape().equals("spoken"));
        assertThat(read.measures().name().toLowerCase(Locale.ROOT))
                .as(text.id())
                .isEqualTo(text.measures());
    }

    /** Every letter is in a line, a stage or what is left, with its reason. */
    @ParameterizedTest
    @MethodSource("texts")
    void nothingIsLost(GoldText text) {
        ReadRecipe read = read(text.text());
        BitSet said = new BitSet();
        spans(read).forEach(span -> said.set(span.from(), span.to()));
        for (int i = 0; i < text.text().length(); i++) {
            if (Character.isLetterOrDigit(text.text().charAt(i))) {
                assertThat(said.get(i)).as(text.id() + " at " + i).isTrue();
            }
        }
        assertThat(read.lines())
                .allSatisfy(line ->
                        assertThat(line.stage()).isBetween(1, read.stages().size()));
    }

    /** What is read of each text to the last figure; ./gradior docs writes it down anew, so that a changed rule shows all that it changes. */
    @Test
    void everyTextIsReadAsItWasLastLookedThrough() throws IOException {
        Written.inFile(
                Path.of("src/test/resources/method/reads.txt"),
                texts().stream()
                        .flatMap(text -> told(text.id(), read(text.text())))
                        .toList());
    }

    private static Stream<String> told(String id, ReadRecipe read) {
        List<String> told = new ArrayList<>();
        told.add(row(id, "sauce", read.name(), range(read.yieldMl())));
        read.lines()
                .forEach(line -> told.add(row(
                        id,
                        "line",
                        line.text(),
                        line.reading().food().map(Food::id).orElse("?"),
                        String.format(Locale.ROOT, "%.1f g", line.reading().massG()),
                        line.stage(),
                        line.optional() ? "optional" : "",
                        line.part() ? "part" : "",
                        line.group(),
                        place(line.at()))));
        read.stages()
                .forEach(stage -> told.add(row(
                        id,
                        "stage",
                        stage.kind().key(),
                        stage.end().by(),
                        stage.end().value().isPresent() ? stage.end().value().getAsDouble() : "",
                        range(stage.minutes()),
                        stage.look().map(Look::key).orElse(""),
                        stage.lid().map(Enum::name).orElse(""),
                        stage.sure() ? "sure" : "doubtful",
                        place(stage.at()))));
        read.left().forEach(left -> told.add(row(id, "left", left.why(), place(left.at()))));
        return told.stream();
    }

    private static String row(Object... cells) {
        return Arrays.stream(cells).map(String::valueOf).collect(Collectors.joining("|"));
    }

    private static String range(Optional<ReadRecipe.Range> range) {
        return range.map(r -> String.format(Locale.ROOT, "%.2f-%.2f", r.low(), r.high()))
                .orElse("");
    }

    private static String place(Span span) {
        return span.from() + "-" + span.to();
    }

    private static List<Span> spans(ReadRecipe read) {
        List<Span> spans = new ArrayList<>();
        read.lines().forEach(line -> spans.add(line.at()));
        read.stages().forEach(stage -> spans.add(stage.at()));
        read.left().forEach(left -> spans.add(left.at()));
        return spans;
    }

    /** Words of the texts in any order, any characters, any length: an answer, its places within the text. */
    @Test
    void itNeverThrows() {
        Random random = new Random(17);
        List<String> words = new ArrayList<>();
        texts().forEach(text -> words.addAll(List.of(text.text().split("(?<=\\s)"))));
        for (int round = 0; round < 300; round++) {
            StringBuilder text = new StringBuilder();
            int length = random.nextInt(120);
            for (int i = 0; i < length; i++) {
                text.append(
                        random.nextInt(9) == 0
                                ? String.valueOf((char) random.nextInt(0x2FF))
                                : words.get(random.nextInt(words.size())));
                text.append(random.nextInt(12) == 0 ? "\n" : "");
            }
            String whole = text.toString();
            assertThat(spans(read(whole))).allSatisfy(span -> {
                assertThat(span.from()).isBetween(0, span.to());
                assertThat(span.to()).isLessThanOrEqualTo(whole.length());
            });
        }
        assertThat(read("").lines()).isEmpty();
        assertThat(read("\n \t\n").stages()).isEmpty();
    }

    /** A text as long as may be, without a stop in it: still an answer. */
    @Test
    void aLongTextIsReadToItsEnd() {
        String talk = GoldText.of("06").text();
        StringBuilder text = new StringBuilder();
        while (text.length() < MethodReader.LONGEST) {
            text.append(talk.replace('\n', ' ')).append(' ');
        }
        ReadRecipe read = read(text.toString());
        assertThat(read.lines()).hasSizeBetween(10, 200);
        assertThat(read.stages()).isNotEmpty();
    }

    @Test
    void whatIsNotTheSauceIsLeftWithItsReason() {
        ReadRecipe read = read(GoldText.of("03").text());
        assertThat(read.left()).anySatisfy(left -> {
            assertThat(left.text()).contains("sausages");
            assertThat(left.why()).isEqualTo(ReadRecipe.Why.THE_MEAL);
        });
        assertThat(read.name()).isEqualTo("Brown onion and stout gravy");
        assertThat(read.yieldMl()).hasValueSatisfying(range -> assertThat(700.0).isBetween(range.low(), range.high()));
        ReadRecipe prawn = read(GoldText.of("07").text());
        assertThat(prawn.left()).anySatisfy(left -> assertThat(left.why()).isEqualTo(ReadRecipe.Why.A_WARNING));
    }
}

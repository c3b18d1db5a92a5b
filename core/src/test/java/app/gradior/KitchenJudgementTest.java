package app.gradior;

import static app.gradior.ReferenceTable.number;
import static app.gradior.ReferenceTable.rows;
import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.larder.Catalogue;
import app.gradior.measure.LineReader;
import app.gradior.measure.MeasureSystem;
import app.gradior.mixture.Mixture;
import app.gradior.texture.Consistency;
import app.gradior.texture.Stair;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;

/** Sauces as an experienced cook finds them, hot and cold, beside what the model says of the same ingredients. */
class KitchenJudgementTest {
    /** A cook's judgement is no finer, steps. */
    private static final double HALF_A_STEP = 0.5;

    private static final double FARTHEST_OFF = 1.2;
    private static final double WANTED_INSIDE = 0.9;
    private static final double HOT_C = 65;
    private static final double ACETIC_VOLATILITY = 0.7;
    private static final LineReader READER = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);

    /** A figure, and between which steps a cook finds it. */
    record Judged(String name, String when, double low, double high, double step) {
        double off() {
            return Math.max(0, Math.max(low - step, step - high));
        }

        boolean inside() {
            return off() <= HALF_A_STEP;
        }

        /** A line of the page. */
        String asMarkdown() {
            return String.format(
                    Locale.ROOT,
                    "| %s | %s | %.1f to %.1f | %.1f | %s |",
                    name,
                    when,
                    low,
                    high,
                    step,
                    inside() ? "" : String.format(Locale.ROOT, "%.1f off", off()));
        }
    }

    private static Mixture cooked(CSVRecord row) {
        Mixture raw = Mixture.EMPTY;
        for (String line : row.get("ingredients").split("\\|")) {
            String[] words = line.strip().split(" ", 2);
            double grams = Double.parseDouble(words[0]);
            raw = raw.plus(Mixture.of(
                    READER.read(grams + " g " + words[1])
                            .food()
                            .orElseThrow(() -> new AssertionError("no food: " + words[1])),
                    grams));
        }
        Mixture m = raw.cookedFor(number(row, "cooked_min")).cooked();
        m = row.get("pieces").equals("blended") ? m.blended() : m;
        double goneG = number(row, "gone_g");
        double alcoholG = goneG > 0 ? m.ethanolG() : 0;
        double aceticG =
                m.aceticG() * Math.pow(Math.max(0, m.waterG() - goneG + alcoholG) / m.waterG(), ACETIC_VOLATILITY);
        double waterG = m.massG()
                - goneG
                - (m.massG() - m.waterG() - m.ethanolG() - m.aceticG())
                - aceticG
                - (m.ethanolG() - alcoholG);
        return m.withVolatiles(waterG, m.ethanolG() - alcoholG, aceticG);
    }

    private static List<Judged> judged() {
        List<Judged> all = new ArrayList<>();
        for (CSVRecord row : rows("kitchen_judgement")) {
            Mixture m = cooked(row);
            if (!row.get("hot65_low").isEmpty()) {
                all.add(judged(row, "65 °C", "hot65", m, HOT_C, 0));
            }
            double coldC = number(row, "cold_c");
            all.add(judged(row, Math.round(coldC) + " °C", "cold", m, coldC, number(row, "held_h")));
        }
        return all;
    }

    // Wide: a figure of the table and the sauce it is of.
    private static Judged judged(CSVRecord row, String when, String columns, Mixture m, double tempC, double heldH) {
        double step = Stair.step(Consistency.flowCooked(m, 1, tempC, heldH).viscosityPaS());
        return new Judged(
                row.get("name"),
                when,
                number(row, columns + "_low"),
                number(row, columns + "_high"),
                Math.max(1, Math.min(9, step)));
    }

    @Test
    void nineOfTenFiguresAreWhereACookFindsThem() {
        List<Judged> all = judged();
        assertThat(all).allSatisfy(j -> assertThat(j.off()).as(j.asMarkdown()).isLessThan(FARTHEST_OFF));
        assertThat(all.stream().filter(Judged::inside)).hasSizeGreaterThan((int) (WANTED_INSIDE * all.size()));
    }

    @Test
    void thePageShowsWhereTheModelIsOff() throws IOException {
        List<Judged> all = judged();
        String table = String.format(
                        Locale.ROOT,
                        "%d of %d figures are inside (%.0f %%).%n%n| sauce | at | a cook finds | the model says | |%n|---|---|---|---|---|%n",
                        all.stream().filter(Judged::inside).count(),
                        all.size(),
                        100.0 * all.stream().filter(Judged::inside).count() / all.size())
                + all.stream().map(Judged::asMarkdown).collect(Collectors.joining("\n")) + "\n";
        Written.onTheModelsPage("judged", table);
    }
}

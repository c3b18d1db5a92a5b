package app.gradior;

import static app.gradior.ReferenceTable.number;
import static app.gradior.ReferenceTable.rows;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.heat.EthanolWater;
import app.gradior.heat.WaterProperties;
import app.gradior.measure.MeasureSystem;
import java.io.IOException;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The model against published measurements, at the tolerances that docs/model.md promises. */
class PublishedTablesTest {
    static Stream<ReferenceComparison.Row> published() {
        return ReferenceComparison.all().stream().flatMap(table -> table.compared().stream());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("published")
    void modelMeetsTheTable(ReferenceComparison.Row row) {
        assertThat(row.error())
                .as("%s: published %s, model %s", row, row.reference(), row.model())
                .isCloseTo(0, within(row.tolerance()));
    }

    @Test
    void thePageShowsTheErrorsThereAre() throws IOException {
        String table = "| what | table | rows | must be within | mean error | worst |\n|---|---|---|---|---|---|\n"
                + ReferenceComparison.all().stream()
                        .map(ReferenceComparison.Table::asMarkdown)
                        .collect(Collectors.joining("\n"))
                + "\n";
        Written.onTheModelsPage("tables", table);
    }

    @Test
    void vapourBetweenTwoPointsIsBetweenThem() {
        assertThat(EthanolWater.vapourMoleFraction(0.0095)).isCloseTo(0.085, within(1e-9));
    }

    @Test
    void saturationTemperatureIsTheInverseOfThePressure() {
        for (double tempC = 7; tempC < 212; tempC += 0.37) {
            assertThat(WaterProperties.saturationTempC(WaterProperties.saturationPressurePa(tempC)))
                    .isCloseTo(tempC, within(1e-7));
        }
    }

    @Test
    void householdMeasuresAreExact() {
        Map<String, Double> ours = Map.ofEntries(
                Map.entry("us_cup", MeasureSystem.US.cupMl()),
                Map.entry("us_tablespoon", MeasureSystem.US.tablespoonMl()),
                Map.entry("us_teaspoon", MeasureSystem.US.teaspoonMl()),
                Map.entry("us_fluid_ounce", MeasureSystem.US.fluidOunceMl()),
                Map.entry("us_pint", MeasureSystem.US.pintMl()),
                Map.entry("us_quart", MeasureSystem.US.quartMl()),
                Map.entry("imperial_fluid_ounce", MeasureSystem.IMPERIAL.fluidOunceMl()),
                Map.entry("imperial_pint", MeasureSystem.IMPERIAL.pintMl()),
                Map.entry("metric_cup", MeasureSystem.METRIC.cupMl()),
                Map.entry("metric_tablespoon", MeasureSystem.METRIC.tablespoonMl()),
                Map.entry("australian_tablespoon", MeasureSystem.AUSTRALIAN.tablespoonMl()),
                Map.entry("metric_teaspoon", MeasureSystem.METRIC.teaspoonMl()));
        for (CSVRecord row : rows("kitchen_measures")) {
            assertThat(ours.get(row.get("measure")))
                    .as(row.get("measure"))
                    .isCloseTo(number(row, "millilitres"), within(0.0011));
        }
    }
}

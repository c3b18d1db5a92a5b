package app.gradior;

import static app.gradior.ReferenceTable.number;
import static app.gradior.ReferenceTable.rows;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.heat.Atmosphere;
import app.gradior.heat.BoilingPoint;
import app.gradior.heat.EthanolWater;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.heat.WaterProperties;
import app.gradior.larder.StarchKind;
import app.gradior.measure.MeasureSystem;
import app.gradior.mixture.Mixture;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import app.gradior.texture.Consistency;
import app.gradior.texture.SerumViscosity;
import app.gradior.vessel.PotShape;
import java.util.Map;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The model against published measurements, at the tolerances that docs/model.md promises. */
class PublishedTablesTest {

    static Stream<CSVRecord> viscosity() {
        return rows("sucrose_viscosity_20c").stream();
    }

    @ParameterizedTest
    @MethodSource("viscosity")
    void serumViscosityWithinFourPercent(CSVRecord row) {
        double expected = number(row, "viscosity_mpa_s");
        assertThat(1000 * SerumViscosity.paS(number(row, "brix_percent"), 20))
                .isCloseTo(expected, within(0.04 * expected));
    }

    static Stream<CSVRecord> elevation() {
        return rows("sucrose_boiling_elevation").stream();
    }

    @ParameterizedTest
    @MethodSource("elevation")
    void boilingElevationOfSugarWithinThreeTenthsOfAKelvin(CSVRecord row) {
        Mixture syrup = Sauces.syrup(number(row, "brix_percent"));
        double boiling = BoilingPoint.boilingC(
                new Consistency(syrup, 1).waterActivity(syrup.waterG(), 0), Atmosphere.SEA_LEVEL_PA);
        double water = BoilingPoint.boilingC(1, Atmosphere.SEA_LEVEL_PA);
        assertThat(boiling - water).isCloseTo(number(row, "elevation_k"), within(0.3));
    }

    static Stream<CSVRecord> altitude() {
        return rows("boiling_altitude").stream();
    }

    @ParameterizedTest
    @MethodSource("altitude")
    void waterBoilsLowerOnTheHill(CSVRecord row) {
        double boiling = BoilingPoint.boilingC(1, Atmosphere.pressurePa(number(row, "altitude_m")));
        assertThat(boiling).isCloseTo(number(row, "boiling_c"), within(0.3));
    }

    static Stream<CSVRecord> tomato() {
        return rows("tomato_concentrate_rheology").stream();
    }

    @ParameterizedTest
    @MethodSource("tomato")
    void tomatoConcentratesWithinFifteenPercent(CSVRecord row) {
        double expected = number(row, "consistency_k_pa_sn") * Math.pow(50, number(row, "flow_index_n") - 1);
        Mixture concentrate = Sauces.tomatoConcentrate(number(row, "total_solids_percent"));
        assertThat(Consistency.flowCooked(concentrate, 32).viscosityPaS()).isCloseTo(expected, within(0.15 * expected));
    }

    static Stream<CSVRecord> equilibrium() {
        return rows("ethanol_water_vle").stream();
    }

    @ParameterizedTest
    @MethodSource("equilibrium")
    void vapourOverEthanolAndWaterMeetsEveryPoint(CSVRecord row) {
        assertThat(EthanolWater.vapourMoleFraction(number(row, "liquid_x")))
                .isCloseTo(number(row, "vapour_y"), within(1e-9));
    }

    @Test
    void vapourBetweenTwoPointsIsBetweenThem() {
        assertThat(EthanolWater.vapourMoleFraction(0.0095)).isCloseTo(0.085, within(1e-9));
    }

    static Stream<CSVRecord> alcohol() {
        return rows("alcohol_retention").stream();
    }

    /** A 1 kg stew with 3 % alcohol, 24 cm pot: five minutes open at a lively simmer, then gentle with the lid ajar. */
    @ParameterizedTest
    @MethodSource("alcohol")
    void alcoholLeftFollowsTheRetentionTable(CSVRecord row) {
        Mixture stew = Sauces.of("water", 870).plus(Sauces.of("brandy", 91)).plus(Sauces.of("white-bean", 39));
        PotOnHeat pot = PotOnHeat.unknownPair(new PotShape(240, 240, 120), 0);
        SimmerRun run = new SimmerRun(stew, pot, new Heat(Look.LIVELY, LidState.OPEN), 1, 60);
        run.advance(5 * 60);
        run.set(new Heat(Look.GENTLE, LidState.AJAR), 1);
        run.advance((number(row, "minutes") - 5) * 60);
        double leftPercent = 100 * run.mixture().ethanolG() / stew.ethanolG();
        assertThat(leftPercent).isCloseTo(number(row, "left_percent"), within(15.0));
    }

    static Stream<CSVRecord> spoons() {
        return rows("starch_spoons").stream();
    }

    @ParameterizedTest
    @MethodSource("spoons")
    void starchSpoonsWithinHalfAStep(CSVRecord row) {
        String food = Map.of("maize", "cornflour", "wheat_flour", "wheat-flour", "potato", "potato-starch")
                .get(row.get("starch"));
        Mixture stock = Sauces.of("vegetable-stock", 237).plus(Sauces.of(food, number(row, "grams")));
        assertThat(stock.starchPowderG(StarchKind.ofKey(row.get("starch"))))
                .isCloseTo(number(row, "grams"), within(0.01));
        assertThat(Consistency.stepCooked(stock, 65)).isCloseTo(number(row, "step"), within(0.5));
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

    /** IAPWS-95 steam-table values. */
    @Test
    void waterItself() {
        assertThat(WaterProperties.saturationPressurePa(20)).isCloseTo(2339, within(3.0));
        assertThat(WaterProperties.saturationPressurePa(60)).isCloseTo(19_946, within(20.0));
        assertThat(WaterProperties.saturationPressurePa(120)).isCloseTo(198_670, within(200.0));
        assertThat(WaterProperties.saturationTempC(WaterProperties.saturationPressurePa(87.3)))
                .isCloseTo(87.3, within(1e-6));
        assertThat(WaterProperties.latentHeatJPerKg(80)).isCloseTo(2.308e6, within(0.002e6));
        assertThat(WaterProperties.densityKgPerM3(98)).isCloseTo(1000 / 1.042, within(0.5));
    }
}

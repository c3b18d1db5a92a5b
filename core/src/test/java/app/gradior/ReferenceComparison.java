package app.gradior;

import static app.gradior.ReferenceTable.number;
import static app.gradior.ReferenceTable.rows;

import app.gradior.heat.Atmosphere;
import app.gradior.heat.BoilingPoint;
import app.gradior.heat.EthanolWater;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.heat.WaterProperties;
import app.gradior.mixture.Acidity;
import app.gradior.mixture.Mixture;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import app.gradior.texture.Consistency;
import app.gradior.texture.SerumViscosity;
import app.gradior.texture.Stair;
import app.gradior.vessel.PotShape;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.apache.commons.csv.CSVRecord;

/** Every published table beside what the model says: the tests hold it, docs/model.md prints it. */
final class ReferenceComparison {
    private ReferenceComparison() {}

    /** How far model and table are apart. */
    enum Off {
        PERCENT(" %", (reference, model) -> 100 * (model - reference) / reference),
        KELVIN(" K", (reference, model) -> model - reference),
        POINTS(" points", (reference, model) -> model - reference),
        STEPS(" step", (reference, model) -> model - reference),
        PH("", (reference, model) -> model - reference),
        FRACTION("", (reference, model) -> model - reference);

        final String unit;
        final java.util.function.DoubleBinaryOperator error;

        Off(String unit, java.util.function.DoubleBinaryOperator error) {
            this.unit = unit;
            this.error = error;
        }
    }

    /** One table: what it tells, how near the model must be, and both figures of a row. */
    record Table(
            String name,
            String what,
            double tolerance,
            Off off,
            ToDoubleFunction<CSVRecord> reference,
            ToDoubleFunction<CSVRecord> model) {
        List<Row> compared() {
            return rows(name).stream()
                    .map(row -> {
                        double r = reference.applyAsDouble(row);
                        double m = model.applyAsDouble(row);
                        return new Row(
                                name, String.join(" ", row.values()), r, m, off.error.applyAsDouble(r, m), tolerance);
                    })
                    .toList();
        }

        /** A line of the page: rows, tolerance, mean and worst error. */
        String asMarkdown() {
            List<Row> compared = compared();
            double worst = compared.stream()
                    .mapToDouble(r -> Math.abs(r.error()))
                    .max()
                    .orElseThrow();
            double mean = compared.stream().mapToDouble(Row::error).average().orElseThrow();
            return String.format(
                    Locale.ROOT,
                    "| %s | %s | %d | %s%s | %+.2g%s | %.2g%s |",
                    what,
                    name,
                    compared.size(),
                    tolerance == Math.rint(tolerance) ? String.valueOf((long) tolerance) : String.valueOf(tolerance),
                    off.unit,
                    Math.abs(mean) < 1e-12 ? 0.0 : mean,
                    off.unit,
                    worst,
                    off.unit);
        }
    }

    /** One row of a table. */
    record Row(String table, String at, double reference, double model, double error, double tolerance) {
        @Override
        public String toString() {
            return table + " [" + at + "]";
        }
    }

    static List<Table> all() {
        return List.of(
                new Table(
                        "water_vapour_pressure",
                        "vapour pressure of water",
                        0.2,
                        Off.PERCENT,
                        r -> 1000 * number(r, "pressure_kpa"),
                        r -> WaterProperties.saturationPressurePa(number(r, "temperature_c"))),
                new Table(
                        "water_latent_heat",
                        "latent heat of water",
                        0.2,
                        Off.PERCENT,
                        r -> 1000 * number(r, "latent_kj_per_kg"),
                        r -> WaterProperties.latentHeatJPerKg(number(r, "temperature_c"))),
                new Table(
                        "water_density",
                        "density of water",
                        0.1,
                        Off.PERCENT,
                        r -> number(r, "density_kg_per_m3"),
                        r -> WaterProperties.densityKgPerM3(number(r, "temperature_c"))),
                new Table(
                        "standard_atmosphere",
                        "air pressure by altitude",
                        0.1,
                        Off.PERCENT,
                        r -> number(r, "pressure_pa"),
                        r -> Atmosphere.pressurePa(number(r, "altitude_m"))),
                new Table(
                        "boiling_altitude",
                        "boiling point of water by altitude",
                        0.3,
                        Off.KELVIN,
                        r -> number(r, "boiling_c"),
                        r -> BoilingPoint.boilingC(1, Atmosphere.pressurePa(number(r, "altitude_m")))),
                new Table(
                        "sucrose_boiling_elevation",
                        "boiling elevation of sugar",
                        0.3,
                        Off.KELVIN,
                        r -> number(r, "elevation_k"),
                        ReferenceComparison::elevationK),
                new Table(
                        "sucrose_water_activity",
                        "water activity of sugar",
                        0.5,
                        Off.PERCENT,
                        r -> number(r, "water_activity"),
                        r -> BoilingPoint.waterActivity(1000, 342.3 * number(r, "mol_per_kg_water"), 0, 0)),
                new Table(
                        "nacl_water_activity",
                        "water activity of salt",
                        1.5,
                        Off.PERCENT,
                        r -> number(r, "water_activity"),
                        r -> BoilingPoint.waterActivity(1000, 0, 2 * number(r, "mol_per_kg_water"), 0)),
                new Table(
                        "acid_solution_ph", "pH of acids", 0.15, Off.PH, r -> number(r, "ph"), ReferenceComparison::ph),
                new Table(
                        "ethanol_water_vle",
                        "vapour over spirit",
                        1e-9,
                        Off.FRACTION,
                        r -> number(r, "vapour_y"),
                        r -> EthanolWater.vapourMoleFraction(number(r, "liquid_x"))),
                new Table(
                        "alcohol_retention",
                        "alcohol left in a stew",
                        15,
                        Off.POINTS,
                        r -> number(r, "left_percent"),
                        ReferenceComparison::alcoholLeftPercent),
                new Table(
                        "sucrose_density_20c",
                        "density of sugar solutions",
                        1.5,
                        Off.PERCENT,
                        r -> number(r, "density_g_per_ml"),
                        r -> 1000 / Sauces.syrup(number(r, "brix_percent")).volumeMl20c()),
                new Table(
                        "water_viscosity",
                        "viscosity of water",
                        10,
                        Off.PERCENT,
                        r -> number(r, "viscosity_mpa_s"),
                        r -> 1000 * SerumViscosity.paS(0, number(r, "temperature_c"))),
                new Table(
                        "sucrose_viscosity_20c",
                        "viscosity of sugar at 20 °C",
                        4,
                        Off.PERCENT,
                        r -> number(r, "viscosity_mpa_s"),
                        r -> 1000 * SerumViscosity.paS(number(r, "brix_percent"), 20)),
                new Table(
                        "sucrose_viscosity_hot",
                        "viscosity of sugar, hot",
                        7,
                        Off.PERCENT,
                        r -> number(r, "viscosity_mpa_s"),
                        r -> 1000 * SerumViscosity.paS(number(r, "brix_percent"), number(r, "temperature_c"))),
                new Table(
                        "tomato_concentrate_rheology",
                        "tomato concentrates at 32 °C",
                        15,
                        Off.PERCENT,
                        ReferenceComparison::at50PerS,
                        r -> Consistency.flowCooked(Sauces.tomatoConcentrate(number(r, "total_solids_percent")), 32)
                                .viscosityPaS()),
                new Table(
                        "starch_spoons",
                        "starch by spoons to the cup",
                        0.5,
                        Off.STEPS,
                        r -> number(r, "step"),
                        ReferenceComparison::spoonedStep),
                new Table(
                        "food_rheology",
                        "foods as they are",
                        0.7,
                        Off.STEPS,
                        r -> Stair.step(at50PerS(r)),
                        ReferenceComparison::foodStep));
    }

    private static double elevationK(CSVRecord r) {
        Mixture syrup = Sauces.syrup(number(r, "brix_percent"));
        double activity = new Consistency(syrup, 1).waterActivity(syrup.waterG(), 0);
        return BoilingPoint.boilingC(activity, Atmosphere.SEA_LEVEL_PA)
                - BoilingPoint.boilingC(1, Atmosphere.SEA_LEVEL_PA);
    }

    private static double ph(CSVRecord r) {
        boolean acetic = r.get("acid").equals("acetic");
        double grams = number(r, "mol_per_l") * (acetic ? 60.05 : 192.12);
        return Acidity.ph(1000, acetic ? grams : 0, acetic ? 0 : grams, 0, Acidity.Buffers.NONE);
    }

    private static double at50PerS(CSVRecord r) {
        return number(r, "consistency_k_pa_sn") * Math.pow(50, number(r, "flow_index_n") - 1);
    }

    /** A 1 kg stew, as thick as one (0.3 Pa·s), with 3 % alcohol, 24 cm pot: five minutes open at a lively simmer, then gentle with the lid ajar. */
    private static double alcoholLeftPercent(CSVRecord r) {
        Mixture stew = Sauces.of("water", 764)
                .plus(Sauces.of("brandy", 91))
                .plus(Sauces.of("wheat-flour", 105))
                .plus(Sauces.of("white-bean", 40));
        PotOnHeat pot = PotOnHeat.unknownPair(new PotShape(240, 240, 120), 0);
        SimmerRun run = new SimmerRun(stew, pot, new Heat(Look.LIVELY, LidState.OPEN), 1, 60);
        run.advance(5 * 60);
        run.set(new Heat(Look.GENTLE, LidState.AJAR), 1);
        run.advance((number(r, "minutes") - 5) * 60);
        return 100 * run.mixture().ethanolG() / stew.ethanolG();
    }

    private static double spoonedStep(CSVRecord r) {
        String food = Map.of("maize", "cornflour", "wheat_flour", "wheat-flour", "potato", "potato-starch")
                .get(r.get("starch"));
        Mixture stock = Sauces.of("vegetable-stock", 237).plus(Sauces.of(food, number(r, "grams")));
        return Consistency.stepCooked(stock, 65);
    }

    private static double foodStep(CSVRecord r) {
        String name = r.get("food");
        double tempC = number(r, "temperature_c");
        if (name.startsWith("cream-")) {
            double fat = Double.parseDouble(name.replaceAll("\\D", ""));
            double double48 = fat / 48;
            Mixture cream =
                    Sauces.of("cream-double", 1000 * double48).plus(Sauces.of("milk-skimmed", 1000 * (1 - double48)));
            return Consistency.stepCooked(cream, tempC);
        }
        return Consistency.stepCooked(Sauces.of(name, 1000).blended(), tempC);
    }
}

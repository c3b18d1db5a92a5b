package app.gradior.judge;

import static app.gradior.ReferenceTable.number;
import static app.gradior.ReferenceTable.rows;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;

/** The judge is judged: its pots of water beside the published balance, its sauces beside published tables. */
class HiddenPotTest {
    private static final double SEA_PA = 101_325;

    private static HiddenPot water(double cm, double kg, double watts, double airPa) {
        double m = cm / 100;
        double metal = 22_000 * (Math.PI / 4 * m * m + Math.PI * m * m / 4);
        HiddenPot pot = new HiddenPot(new HiddenPot.Vessel(m, m, m / 2, metal, watts, airPa), Nature.USUAL);
        Stuff water = new Stuff();
        water.water = 1000 * kg;
        pot.put(water);
        return pot;
    }

    private static HiddenPot halfFull(CSVRecord row, double watts, double airPa) {
        double cm = number(row, "pot_cm");
        return water(cm, Math.PI / 4 * cm * cm * cm / 4 / 1000, watts, airPa);
    }

    private static void lid(HiddenPot pot, String lid) {
        if (lid.equals("closed")) {
            pot.lid(1, Nature.USUAL.lidLeak());
        } else if (lid.equals("ajar")) {
            pot.lid(0.85, 0.55);
        }
    }

    /** kg/h once nothing changes any more. */
    private static double kgPerHour(HiddenPot pot, double watts, double belowK, double flux) {
        if (flux > 0) {
            pot.keepBoiling(flux);
        } else {
            pot.keepBelow(belowK);
        }
        double full = pot.stuff.water;
        for (int i = 0; i < 3000; i++) {
            pot.pass(5);
            pot.stuff.water = full;
        }
        double before = pot.lostG();
        for (int i = 0; i < 60; i++) {
            pot.pass(5);
        }
        return (pot.lostG() - before) * 12 / 1000;
    }

    private static double found(CSVRecord row) {
        String kind = row.get("kind");
        double cm = row.get("pot_cm").matches("[\\d.]+") ? number(row, "pot_cm") : 0;
        double surface = Math.PI / 4 * cm * cm / 1e4;
        double watts = row.get("net_w").isEmpty() ? 5000 : number(row, "net_w");
        if (kind.equals("flux") || kind.startsWith("flux_at_1") || kind.equals("flux_at_3000_m")) {
            double pressure = kind.equals("flux_at_1500_m") ? 84_560 : kind.equals("flux_at_3000_m") ? 70_110 : SEA_PA;
            HiddenPot pot = halfFull(row, 5000, pressure);
            pot.pass(1);
            return kgPerHour(pot, 5000, pot.boilC() - number(row, "temp_c"), 0) / surface;
        }
        if (kind.endsWith("_Pas")) {
            HiddenPot pot = halfFull(row, 5000, SEA_PA);
            double paS = Double.parseDouble(kind.replaceAll("[^\\d.]", ""));
            while (pot.stuff.viscosity(95, Nature.USUAL) < paS) {
                pot.stuff.freePulp += 1;
            }
            return kgPerHour(pot, 5000, pot.boilC() - 95, 0) / surface;
        }
        if (kind.equals("boiling_flux") || kind.equals("below_the_boil")) {
            return kgPerHour(halfFull(row, watts, SEA_PA), watts, 0, 1e4) / surface;
        }
        if (kind.equals("loss")) {
            HiddenPot pot = halfFull(row, watts, SEA_PA);
            lid(pot, row.get("lid"));
            return kgPerHour(pot, watts, 0, 1e4);
        }
        return Double.NaN;
    }

    @Test
    void potsOfWaterLoseWhatTheBalanceSays() {
        List<String> off = new ArrayList<>();
        int judged = 0;
        for (CSVRecord row : rows("pot_balance")) {
            double found = found(row);
            if (!Double.isNaN(found)) {
                judged++;
                if (!(found > 0.85 * number(row, "low") && found < 1.15 * number(row, "high"))) {
                    off.add(row.toString().replaceAll(".*values=", "") + " found " + found);
                }
            }
        }
        assertThat(judged).isEqualTo(21);
        assertThat(off).as(String.join("\n", off)).isEmpty();
    }

    @Test
    void sugarAndTomatoAreAsThickAsPublished() {
        for (CSVRecord row : rows("sucrose_viscosity_20c")) {
            Stuff syrup = new Stuff();
            syrup.sucrose = number(row, "brix_percent");
            syrup.water = 100 - syrup.sucrose;
            assertThat(Math.log(1000 * syrup.viscosity(20, Nature.USUAL) / number(row, "viscosity_mpa_s")))
                    .as("" + row)
                    .isCloseTo(0, within(0.06));
        }
    }

    @Test
    void nothingGoesButVapour() {
        Random random = new Random(7);
        HiddenPot pot = new HiddenPot(new HiddenPot.Vessel(0.24, 0.24, 0.13, 3000, 1200, SEA_PA), Nature.USUAL);
        pot.put(Stuff.of("wine-red", 800, random));
        pot.put(Stuff.of("onion", 200, random));
        double before = pot.massG();
        pot.keepBoiling(25);
        for (int i = 0; i < 200; i++) {
            pot.pass(5);
        }
        assertThat(pot.massG() + pot.lostG()).isCloseTo(before, within(1e-6));
        assertThat(pot.lostG()).isGreaterThan(50);
    }
}

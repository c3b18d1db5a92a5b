package app.gradior.judge;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** What is in a hidden pot, in grams; changed by what is done to it. */
public final class Stuff {
    private static final Map<String, CSVRecord> FOODS = read("foods.csv", "id");
    private static final Map<String, CSVRecord> STARCHES = read("starches.csv", "key");
    /** Grains of roots burst and dissolve at the boil, grains of cereals hardly; kitchen teaching. */
    private static final Map<String, Double> WORN_PER_MIN =
            Map.of("potato", 0.02, "tapioca", 0.018, "arrowroot", 0.015);

    private static final double USUAL_WORN_PER_MIN = 0.003;
    private static final double WEARS_C = 94;
    private static final double YIELD_PER_PAS = 12;
    private static final double WATER_SD = 0.025;
    private static final double SOLIDS_SD = 0.025;

    double water;
    double ethanol;
    double acetic;
    double sucrose;
    double hexoses;
    double solubles;
    double salt;
    double fat;
    double coarse;
    double gelatine;
    double pulpMass;
    double starchMass;
    /** Pulp in the liquid, as so much of tomato juice's would do. */
    double freePulp;
    /** Raw and swollen starch powder, as so much of maize's would do. */
    double rawStarch;

    double swollenStarch;
    /** Share of what swollen starch does that is lost in a minute at the boil. */
    double wornPerMin;

    final List<Pieces> pieces = new ArrayList<>();

    /** Pulp, or starch in cells, that comes out of pieces with time. */
    static final class Pieces {
        final double minutes;
        final boolean starch;
        double grams;
        double out;

        Pieces(double minutes, boolean starch, double grams) {
            this.minutes = minutes;
            this.starch = starch;
            this.grams = grams;
        }
    }

    private static Map<String, CSVRecord> read(String file, String key) {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setCommentMarker('#')
                .get();
        Map<String, CSVRecord> rows = new HashMap<>();
        try (InputStreamReader in =
                new InputStreamReader(Stuff.class.getResourceAsStream("/larder/" + file), StandardCharsets.UTF_8)) {
            format.parse(in).forEach(row -> rows.put(row.get(key), row));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return rows;
    }

    private static double figure(CSVRecord row, String column) {
        String text = row.get(column);
        return text.isEmpty() ? 0 : Double.parseDouble(text);
    }

    /** Whether the table has that food. */
    public static boolean knows(String food) {
        return FOODS.containsKey(food);
    }

    /** So many grams of a food of the table, its water and its solids each a little off. */
    public static Stuff of(String food, double grams, Random random) {
        CSVRecord row = FOODS.get(food);
        if (row == null) {
            throw new IllegalArgumentException("no food " + food);
        }
        Stuff s = new Stuff();
        double wet = grams / 100 * Nature.about(random, 1, WATER_SD);
        double dry = grams / 100 * Nature.about(random, 1, SOLIDS_SD);
        double sugars = figure(row, "sugars");
        double hexoses = Math.min(sugars, figure(row, "hexoses"));
        s.water = wet * figure(row, "water");
        s.ethanol = wet * figure(row, "ethanol");
        s.acetic = dry * figure(row, "acetic");
        s.sucrose = dry * (sugars - hexoses);
        s.hexoses = dry * hexoses;
        s.gelatine = dry * figure(row, "gelatine");
        s.solubles = dry * (figure(row, "solubles") + figure(row, "acids")) - s.gelatine;
        s.salt = dry * figure(row, "salt");
        s.fat = dry * figure(row, "fat");
        s.coarse = dry * figure(row, "coarse");
        s.pulpMass = dry * figure(row, "pulp");
        double pulp = s.pulpMass * (row.get("body_factor").isEmpty() ? 1 : figure(row, "body_factor"));
        double minutes = figure(row, "softens_min");
        if (row.get("body").equals("cut")) {
            s.pieces.add(new Pieces(minutes > 0 ? minutes : 1e6, false, pulp));
        } else {
            s.freePulp = pulp;
        }
        double cells = dry * figure(row, "cell_starch");
        if (cells > 0) {
            s.pieces.add(new Pieces(row.get("cell_kind").equals("pulse") ? 45 : 12, true, cells));
        }
        if (!row.get("starch_kind").isEmpty()) {
            CSVRecord kind = Objects.requireNonNull(STARCHES.get(row.get("starch_kind")));
            s.rawStarch = grams / figure(kind, "critical_over_maize");
            s.starchMass = dry * figure(row, "starch");
            s.wornPerMin = WORN_PER_MIN.getOrDefault(row.get("starch_kind"), USUAL_WORN_PER_MIN);
        }
        return s;
    }

    /** Puts it in. */
    void add(Stuff more) {
        water += more.water;
        ethanol += more.ethanol;
        acetic += more.acetic;
        sucrose += more.sucrose;
        hexoses += more.hexoses;
        solubles += more.solubles;
        salt += more.salt;
        fat += more.fat;
        coarse += more.coarse;
        gelatine += more.gelatine;
        freePulp += more.freePulp;
        pulpMass += more.pulpMass;
        starchMass += more.starchMass;
        rawStarch += more.rawStarch;
        swollenStarch += more.swollenStarch;
        wornPerMin = Math.max(wornPerMin, more.wornPerMin);
        pieces.addAll(more.pieces);
    }

    double serum() {
        return water + ethanol + acetic + sucrose + hexoses + solubles + salt + gelatine;
    }

    double mass() {
        return serum() + fat + coarse + pulpMass + starchMass;
    }

    /** mL at 20 °C. */
    double volume() {
        return water * 1.0018
                + ethanol * 1.24
                + acetic * 0.95
                + (sucrose + hexoses + solubles + gelatine) * 0.62
                + salt * 0.35
                + fat * 1.09
                + (coarse + pulpMass + starchMass) * 0.66;
    }

    /** J/K. */
    double heatCapacity() {
        return 4.2 * water + 2.5 * (ethanol + acetic) + 1.6 * (mass() - water - ethanol - acetic - fat) + 2.1 * fat;
    }

    /** After some minutes at a temperature, °C: pieces fall apart, granules swell. */
    void heated(double minutes, double tempC, Nature nature) {
        if (tempC < 68) {
            return;
        }
        double swells = rawStarch * (1 - Math.exp(-minutes));
        rawStarch -= swells;
        swollenStarch += swells;
        if (tempC > WEARS_C) {
            swollenStarch *= Math.exp(-nature.wears() * wornPerMin * minutes);
        }
        double pace = minutes * Math.pow(2, (tempC - 97) / 10) / nature.softening();
        for (Pieces piece : pieces) {
            double falls = piece.grams * (1 - Math.exp(-pace / piece.minutes));
            piece.grams -= falls;
            piece.out += falls;
        }
    }

    /** Blended, or pressed through a mill: pieces are no more. */
    void brokenUp() {
        for (Pieces piece : pieces) {
            piece.out += piece.grams;
            piece.grams = 0;
        }
    }

    /** Through a mill: what is coarse stays behind, wet, with some on the tool. */
    void milled(Nature nature) {
        brokenUp();
        double behind = nature.clings() * coarse + 15;
        coarse = 0;
        times(1 - Math.min(0.5, behind / mass()));
    }

    /** What is left of everything, 0 to 1. */
    void times(double share) {
        water *= share;
        ethanol *= share;
        acetic *= share;
        sucrose *= share;
        hexoses *= share;
        solubles *= share;
        salt *= share;
        fat *= share;
        coarse *= share;
        gelatine *= share;
        pulpMass *= share;
        starchMass *= share;
        freePulp *= share;
        rawStarch *= share;
        swollenStarch *= share;
        for (Pieces piece : pieces) {
            piece.grams *= share;
            piece.out *= share;
        }
    }

    /** Water's activity by Raoult, each sugar holding some water to itself. */
    double waterActivity() {
        double ofSucrose = (sucrose + solubles) / 342;
        double ofHexoses = hexoses / 180;
        double free = Math.max(0.05 * water / 18, water / 18 - 4 * ofSucrose - 2 * ofHexoses);
        return free / (free + ofSucrose + ofHexoses + 2 * salt / 58.4);
    }

    /** Share of the vapour's mass that is spirit, and of the pressure that water has to bring: by Margules. */
    double spiritShareOfVapour() {
        double x = spiritMoles();
        double y = x * spiritActivity(x) * 2.25;
        double w = (1 - x) * wateryActivity(x);
        return y * 46 / (y * 46 + w * 18);
    }

    /** Vapour pressure over that of pure water. */
    double pressureShare() {
        double x = spiritMoles();
        return waterActivity() * (1 - x) * wateryActivity(x) + x * spiritActivity(x) * 2.25;
    }

    private double spiritMoles() {
        return ethanol > 0 ? ethanol / 46 / (ethanol / 46 + water / 18) : 0;
    }

    private static double spiritActivity(double x) {
        return Math.exp((1 - x) * (1 - x) * (1.6 + 2 * (0.92 - 1.6) * x));
    }

    private static double wateryActivity(double x) {
        return Math.exp(x * x * (0.92 + 2 * (1.6 - 0.92) * (1 - x)));
    }

    /** Apparent viscosity at 50 1/s, Pa·s. */
    double viscosity(double tempC, Nature nature) {
        double[] both = liquidAndNetwork(tempC, nature);
        double drops = Math.min(0.68, 1.09 * fat / volume());
        return (both[0] + both[1]) * Math.pow(1 - drops / 0.75, -1.9);
    }

    /** What it stands up to, Pa: by the network alone; a thick pulp of 1 Pa·s at 50 1/s stands some 12 Pa. */
    double yieldPa(double tempC, Nature nature) {
        return YIELD_PER_PAS * liquidAndNetwork(tempC, nature)[1];
    }

    private double[] liquidAndNetwork(double tempC, Nature nature) {
        double serum = serum();
        double sugars = Math.min(0.85, (sucrose + 0.8 * hexoses + solubles) / (serum - 0.2 * hexoses));
        double watery = 1e-3 * Math.exp(-3.7188 + 578.919 / (tempC + 273.15 - 137.546));
        double sweet = sugarPower(sugars) * (1 - 0.0068 * (tempC - 20));
        double jelly = 0.033 * 1000 * gelatine / serum;
        double liquid = watery * Math.exp(sweet) * (1 + nature.gelatine() * (jelly + 0.5 * jelly * jelly));
        double liquid20 = 1e-3 * Math.exp(sugarPower(sugars));
        double bound = 0;
        double out = 0;
        double cells = 0;
        for (Pieces piece : pieces) {
            if (piece.starch) {
                cells += piece.out;
            } else {
                bound += piece.grams;
                out += piece.out;
            }
        }
        double cooler = Math.pow(watery * Math.exp(sweet) / liquid20, 0.65);
        double pulpRoot = Math.sqrt(nature.pulp() * Math.pow(freePulp / serum, 1.9))
                + Math.sqrt(nature.pieces() * Math.pow((out + 0.3 * bound) / serum, 1.9));
        double pulp = 2.2e5 * pulpRoot * pulpRoot * (1 - 0.01 * Math.max(0, 100 * sugars - 45));
        double held = 1 - 0.011 * Math.max(0, 100 * sugars - 20);
        double powder = 820e3 * nature.starch() * Math.pow(held * swollenStarch / serum, 2.2);
        double grains = 300e3 * nature.cells() * Math.pow(held * 0.5 * cells / serum, 2.2);
        double network = liquid20
                * (pulp * cooler + (powder + grains) * cooler * cooler + 2 * Math.sqrt(pulp * powder) * cooler);
        return new double[] {liquid, network};
    }

    /** Salt, g in 100 g. */
    public double saltPercent() {
        return 100 * salt / mass();
    }

    /** Sugars, g in 100 g of the liquid. */
    public double sweetPercent() {
        return 100 * (sucrose + hexoses) / serum();
    }

    /** Protein, pulp and starch that hold a bubble or a skin, g in 100 g. */
    public double holdingPercent() {
        return 100 * (gelatine + pulpMass + starchMass + 0.3 * fat) / mass();
    }

    private static double sugarPower(double share) {
        return 2.8 * share / (1 - 0.975 * share);
    }
}

package app.gradior.mixture;

import app.gradior.larder.BodyForm;
import app.gradior.larder.CellStarch;
import app.gradior.larder.Composition;
import app.gradior.larder.Food;
import app.gradior.larder.Makeup;
import app.gradior.larder.SolidFat;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * What gives a mixture its body, and in what state it is: pulp in the liquid and in pieces, starch in cells, gelatine, egg, pectin, kinds
 * of sugar and of fat. All of it is within the masses of the {@link Mixture}, so that nothing here adds to them. Immutable.
 */
public final class Body {
    /** With what a part stays behind in a mill, a sieve or a jug. */
    private enum With {
        LIQUID,
        SUSPENDED,
        FREE_PULP,
        PIECES,
        FAT,
        PROTEIN
    }

    /** One part, in grams; pulp in grams of tomato-juice pulp that would do the same. */
    public enum Part {
        /** Pulp in the liquid. */
        FREE(With.FREE_PULP),
        /** Pulp in the liquid that came out of pieces. */
        FREED(With.FREE_PULP),
        /** Pulp in pieces: of berries, stone fruit, tomato; of onion, mushroom; of carrot, pepper; that never fall apart. */
        SOFT(With.PIECES),
        MIDDLE(With.PIECES),
        FIRM(With.PIECES),
        LASTING(With.PIECES),
        /** Raw starch in pulses, tubers, meal. */
        RAW_PULSE(With.PIECES),
        RAW_TUBER(With.PIECES),
        RAW_MEAL(With.FREE_PULP),
        /** Swollen starch in its cells, and out of them. */
        IN_CELLS(With.PIECES),
        LOOSE(With.FREE_PULP),
        /** Ground solids that thicken by their volume alone: spice, cocoa. */
        FINE(With.FREE_PULP),
        GELATINE(With.SUSPENDED),
        /** Fresh yolk and white: as they come, set, and curdled. */
        YOLK(With.SUSPENDED),
        SET_YOLK(With.SUSPENDED),
        CURDLED_YOLK(With.SUSPENDED),
        WHITE(With.SUSPENDED),
        SET_WHITE(With.SUSPENDED),
        PECTIN(With.SUSPENDED),
        HEXOSES(With.LIQUID),
        LACTOSE(With.LIQUID),
        PROTEIN(With.PROTEIN),
        /** mmol, not grams. */
        PHOSPHATE(With.LIQUID),
        BUTTER_FAT(With.FAT),
        COCOA_FAT(With.FAT),
        COCONUT_FAT(With.FAT),
        LARD_FAT(With.FAT);

        private final With with;

        Part(With with) {
            this.with = with;
        }
    }

    private static final int PARTS = Part.values().length;
    public static final Body NONE = new Body(new double[PARTS]);

    /** Whole cut vegetables count a third until they fall apart or are blended; kitchen estimate. */
    public static final double BOUND_SHARE = 1.0 / 3.0;
    /** Swollen starch in whole cells thickens as so much of it would outside; kitchen estimate. */
    public static final double IN_CELLS_SHARE = 0.25;
    /** Softening times of the classes of pieces, minutes at a simmer; kitchen teaching. */
    private static final double SOFT_MIN = 8;

    private static final double MIDDLE_MIN = 25;
    private static final double FIRM_MIN = 60;
    private static final double BETWEEN_SOFT_AND_MIDDLE = 14;
    private static final double BETWEEN_MIDDLE_AND_FIRM = 40;
    /** Acid keeps vegetables firm: so much longer below pH 4. Fruit has its own acid in its time already. */
    private static final double SOUR_LONGER = 2;

    /** Yolk sets from here, °C; in a sauce without starch it curdles above. */
    private static final double YOLK_SETS_C = 72;

    public static final double YOLK_CURDLES_C = 86;
    private static final double WHITE_SETS_C = 68;
    /** Share of gelatine that long boiling breaks, per minute at a simmer; kitchen teaching. */
    private static final double GELATINE_LOSS_PER_MIN = 0.001;

    private final double[] grams;

    private Body(double[] grams) {
        this.grams = grams;
    }

    /** Pulp that is in the liquid, and nothing else. */
    public static Body ofPulp(double freeG) {
        return NONE.with(Part.FREE, freeG);
    }

    /** Of so many grams of a food, of which its parts are {@code share} times those in 100 g. */
    static Body of(Food food, double share) {
        Makeup m = food.makeup();
        Composition c = food.per100g();
        double[] g = new double[PARTS];
        g[pulpPart(food).ordinal()] += share * c.pulp() * food.bodyFactor();
        if (food.bodyForm() == BodyForm.SMOOTH) {
            g[Part.FINE.ordinal()] = share * Math.max(0, c.coarse() - m.cellStarch());
        }
        g[starchPart(m.cells()).ordinal()] += share * m.cellStarch();
        g[Part.GELATINE.ordinal()] = share * m.gelatine();
        g[Part.YOLK.ordinal()] = share * m.yolk();
        g[Part.WHITE.ordinal()] = share * m.white();
        g[Part.PECTIN.ordinal()] = share * m.pectin().per100g();
        g[Part.HEXOSES.ordinal()] = share * Math.min(c.sugars(), m.hexoses());
        g[Part.LACTOSE.ordinal()] = share * m.lactose();
        g[Part.PROTEIN.ordinal()] = share * m.protein();
        g[Part.PHOSPHATE.ordinal()] = share * m.phosphateMmol();
        Part fat = fatPart(m.solidFat());
        if (fat != null) {
            g[fat.ordinal()] = share * c.fat();
        }
        return new Body(g);
    }

    private static Part pulpPart(Food food) {
        double minutes = food.makeup().softensMin();
        if (food.bodyForm() == BodyForm.SMOOTH) {
            return Part.FREE;
        }
        if (!(minutes > 0)) {
            return Part.LASTING;
        }
        if (minutes < BETWEEN_SOFT_AND_MIDDLE) {
            return Part.SOFT;
        }
        return minutes < BETWEEN_MIDDLE_AND_FIRM ? Part.MIDDLE : Part.FIRM;
    }

    private static Part starchPart(CellStarch cells) {
        return switch (cells) {
            case PULSE -> Part.RAW_PULSE;
            case TUBER -> Part.RAW_TUBER;
            case MEAL -> Part.RAW_MEAL;
            case COOKED, NONE -> Part.IN_CELLS;
        };
    }

    /** Grams of fat that is solid when cold as that one is. */
    public double fatG(SolidFat kind) {
        Part part = fatPart(kind);
        return part == null ? 0 : g(part);
    }

    private static @Nullable Part fatPart(SolidFat fat) {
        return switch (fat) {
            case BUTTER -> Part.BUTTER_FAT;
            case COCOA -> Part.COCOA_FAT;
            case COCONUT -> Part.COCONUT_FAT;
            case LARD -> Part.LARD_FAT;
            case NONE -> null;
        };
    }

    /** Grams of a part. */
    public double g(Part part) {
        return grams[part.ordinal()];
    }

    /** Pulp in the liquid, wherever it came from. */
    public double freeG() {
        return g(Part.FREE) + g(Part.FREED);
    }

    /** Pulp in pieces, whatever they are of. */
    public double boundG() {
        return g(Part.SOFT) + g(Part.MIDDLE) + g(Part.FIRM) + g(Part.LASTING);
    }

    /** Pulp that counts for thickness, grams. */
    public double effectiveG() {
        return freeG() + BOUND_SHARE * boundG();
    }

    /** Whether there is egg that sets, or has set and may curdle, when it gets hotter. */
    boolean anyToSet() {
        return g(Part.YOLK) + g(Part.WHITE) + g(Part.SET_YOLK) > 0;
    }

    /** Share of pieces of a class, of raw starch or of gelatine that is left after so many minutes at a simmer. */
    public static double left(Part pieces, double minutes, boolean sour) {
        return switch (pieces) {
            case SOFT -> Math.exp(-minutes / SOFT_MIN);
            case MIDDLE -> Math.exp(-minutes / (sour ? SOUR_LONGER * MIDDLE_MIN : MIDDLE_MIN));
            case FIRM -> Math.exp(-minutes / (sour ? SOUR_LONGER * FIRM_MIN : FIRM_MIN));
            case RAW_PULSE -> Math.exp(-minutes / CellStarch.PULSE.swellsMin());
            case RAW_TUBER -> Math.exp(-minutes / CellStarch.TUBER.swellsMin());
            case RAW_MEAL -> Math.exp(-minutes / CellStarch.MEAL.swellsMin());
            case GELATINE -> Math.exp(-GELATINE_LOSS_PER_MIN * minutes);
            default -> 1;
        };
    }

    /** After so many minutes at a simmer: pieces fell apart, starch swelled, gelatine weakened. */
    Body cookedFor(double minutes, boolean sour) {
        double[] g = softened(minutes, sour).grams.clone();
        g[Part.GELATINE.ordinal()] *= left(Part.GELATINE, minutes, sour);
        return new Body(g);
    }

    /** The same without what long boiling takes away. */
    Body softened(double minutes, boolean sour) {
        double[] g = grams.clone();
        move(g, Part.SOFT, Part.FREED, 1 - left(Part.SOFT, minutes, sour));
        move(g, Part.MIDDLE, Part.FREED, 1 - left(Part.MIDDLE, minutes, sour));
        move(g, Part.FIRM, Part.FREED, 1 - left(Part.FIRM, minutes, sour));
        move(g, Part.RAW_PULSE, Part.IN_CELLS, 1 - left(Part.RAW_PULSE, minutes, sour));
        move(g, Part.RAW_TUBER, Part.IN_CELLS, 1 - left(Part.RAW_TUBER, minutes, sour));
        move(g, Part.RAW_MEAL, Part.LOOSE, 1 - left(Part.RAW_MEAL, minutes, sour));
        return new Body(g);
    }

    /** With so much of the sucrose turned into glucose and fructose. */
    Body inverted(double sucroseG) {
        return with(Part.HEXOSES, g(Part.HEXOSES) + sucroseG);
    }

    /**
     * Heated: egg that sets there has set, or has curdled.
     *
     * @param guarded whether starch keeps yolk from curdling
     */
    Body heated(double tempC, boolean guarded) {
        double[] g = grams.clone();
        if (tempC >= WHITE_SETS_C) {
            move(g, Part.WHITE, Part.SET_WHITE, 1);
        }
        if (tempC >= YOLK_SETS_C) {
            move(g, Part.YOLK, Part.SET_YOLK, 1);
        }
        if (tempC > YOLK_CURDLES_C && !guarded) {
            move(g, Part.SET_YOLK, Part.CURDLED_YOLK, 1);
        }
        return new Body(g);
    }

    /** Blended: pieces and cells are no more. */
    Body freed() {
        double[] g = grams.clone();
        for (Part pieces : new Part[] {Part.SOFT, Part.MIDDLE, Part.FIRM, Part.LASTING}) {
            move(g, pieces, Part.FREED, 1);
        }
        move(g, Part.IN_CELLS, Part.LOOSE, 1);
        move(g, Part.RAW_PULSE, Part.RAW_MEAL, 1);
        move(g, Part.RAW_TUBER, Part.RAW_MEAL, 1);
        return new Body(g);
    }

    private static void move(double[] g, Part from, Part to, double share) {
        double moved = share * g[from.ordinal()];
        g[from.ordinal()] -= moved;
        g[to.ordinal()] += moved;
    }

    /** The same with so much of one part. */
    private Body with(Part part, double newG) {
        if (!(newG >= 0)) {
            throw new IllegalArgumentException(part + " is " + newG + " g: 0 or more expected");
        }
        double[] g = grams.clone();
        g[part.ordinal()] = newG;
        return new Body(g);
    }

    Body plus(Body other) {
        double[] g = grams.clone();
        for (int i = 0; i < PARTS; i++) {
            g[i] += other.grams[i];
        }
        return new Body(g);
    }

    Body minus(Body other) {
        double[] g = grams.clone();
        for (int i = 0; i < PARTS; i++) {
            g[i] = Math.max(0, g[i] - other.grams[i]);
        }
        return new Body(g);
    }

    Body times(double factor) {
        double[] g = grams.clone();
        for (int i = 0; i < PARTS; i++) {
            g[i] *= factor;
        }
        return new Body(g);
    }

    /** The shares of its parts that go. */
    Body shares(Mixture.Shares of, double fat) {
        double[] g = grams.clone();
        for (Part part : Part.values()) {
            g[part.ordinal()] *= switch (part.with) {
                case LIQUID -> of.liquid();
                case SUSPENDED -> of.suspended();
                case FREE_PULP -> of.freePulp();
                case PIECES -> of.boundPulp();
                case FAT -> fat;
                case PROTEIN -> of.protein();
            };
        }
        return new Body(g);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Body that && Arrays.equals(grams, that.grams);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(grams);
    }

    @Override
    public String toString() {
        return "Body" + Arrays.toString(grams);
    }
}

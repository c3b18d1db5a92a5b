package app.gradior.measure;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The units that lines use: weights, volumes and counted things, with how far a cook's hand is off. */
enum Unit {
    GRAM(Kind.WEIGHT, "g", 1, 0.01, "g", "gr", "gram", "gramme"),
    KILOGRAM(Kind.WEIGHT, "kg", 1000, 0.01, "kg", "kilo", "kilogram"),
    MILLIGRAM(Kind.WEIGHT, "mg", 0.001, 0.02, "mg"),
    OUNCE(Kind.WEIGHT, "oz", 28.3495, 0.02, "oz", "ounce"),
    POUND(Kind.WEIGHT, "lb", 453.592, 0.01, "lb", "pound"),
    MILLILITRE(Kind.VOLUME, "ml", 1, 0.03, "ml", "millilitre", "milliliter", "mil", "cc"),
    CENTILITRE(Kind.VOLUME, "cl", 10, 0.03, "cl"),
    DECILITRE(Kind.VOLUME, "dl", 100, 0.03, "dl"),
    LITRE(Kind.VOLUME, "l", 1000, 0.02, "l", "litre", "liter", "ltr"),
    CUP(Kind.VOLUME, "cup", Double.NaN, 0.06, "cup", "c", "cupful"),
    TABLESPOON(
            Kind.VOLUME,
            "tbsp",
            Double.NaN,
            0.08,
            "tbsp",
            "tbs",
            "tbl",
            "tablespoon",
            "tblsp",
            "tbsps",
            "tablespoonful",
            "spoonful"),
    DESSERTSPOON(Kind.VOLUME, "dsp", 10, 0.1, "dsp", "dessertspoon", "dstspn", "dessertspoonful"),
    TEASPOON(Kind.VOLUME, "tsp", Double.NaN, 0.08, "tsp", "tsps", "teaspoon", "teaspoonful"),
    FLUID_OUNCE(Kind.VOLUME, "fl oz", Double.NaN, 0.04, "floz"),
    PINT(Kind.VOLUME, "pint", Double.NaN, 0.03, "pint", "pt"),
    QUART(Kind.VOLUME, "quart", Double.NaN, 0.03, "quart", "qt"),
    GALLON(Kind.VOLUME, "gallon", Double.NaN, 0.03, "gallon"),
    GILL(Kind.VOLUME, "gill", 142, 0.05, "gill"),
    DROP(Kind.VOLUME, "drop", 0.05, 0.4, "drop"),
    SQUEEZE(Kind.VOLUME, "squeeze", 5, 0.4, "squeeze"),
    DOLLOP(Kind.VOLUME, "dollop", 20, 0.35, "dollop", "blob"),
    LADLE(Kind.VOLUME, "ladle", 90, 0.2, "ladle", "ladleful"),
    MUG(Kind.VOLUME, "mug", 300, 0.2, "mug", "mugful"),
    PINCH(Kind.VOLUME, "pinch", 0.31, 0.4, "pinch"),
    DASH(Kind.VOLUME, "dash", 0.62, 0.4, "dash"),
    SPLASH(Kind.VOLUME, "splash", 10, 0.5, "splash", "slosh"),
    DRIZZLE(Kind.VOLUME, "drizzle", 8, 0.4, "drizzle"),
    GLUG(Kind.VOLUME, "glug", 20, 0.4, "glug"),
    GLASS(Kind.VOLUME, "glass", 150, 0.2, "glass", "wineglass"),
    SHOT(Kind.VOLUME, "shot", 25, 0.2, "shot"),
    CAN(Kind.CONTAINER, "can", 400, 0.05, "can", "tin"),
    JAR(Kind.CONTAINER, "jar", 300, 0.15, "jar"),
    BOTTLE(Kind.CONTAINER, "bottle", 500, 0.15, "bottle"),
    TUBE(Kind.CONTAINER, "tube", 140, 0.1, "tube"),
    POT(Kind.CONTAINER, "pot", 300, 0.15, "pot"),
    TUB(Kind.CONTAINER, "tub", 250, 0.15, "tub"),
    CARTON(Kind.CONTAINER, "carton", 500, 0.3, "carton"),
    BAG(Kind.CONTAINER, "bag", 200, 0.15, "bag"),
    PACKET(Kind.CONTAINER, "packet", 200, 0.3, "packet", "pack", "pkt", "package"),
    PUNNET(Kind.CONTAINER, "punnet", 250, 0.15, "punnet"),
    SACHET(Kind.CONTAINER, "sachet", 10, 0.3, "sachet"),
    BLOCK(Kind.CONTAINER, "block", 250, 0.3, "block"),
    CLOVE(Kind.COUNT, "clove", 4, 0.3, "clove"),
    HEAD(Kind.COUNT, "head", 45, 0.3, "head"),
    BULB(Kind.COUNT, "bulb", 150, 0.4, "bulb"),
    STICK(Kind.COUNT, "stick", 50, 0.3, "stick"),
    STALK(Kind.COUNT, "stalk", 50, 0.3, "stalk", "rib"),
    SPRIG(Kind.COUNT, "sprig", 1, 0.4, "sprig"),
    LEAF(Kind.COUNT, "leaf", 0.3, 0.4, "leaf"),
    SLICE(Kind.COUNT, "slice", 15, 0.4, "slice"),
    RASHER(Kind.COUNT, "rasher", 30, 0.25, "rasher"),
    HANDFUL(Kind.COUNT, "handful", 30, 0.4, "handful"),
    BUNCH(Kind.COUNT, "bunch", 60, 0.4, "bunch"),
    KNOB(Kind.COUNT, "knob", 15, 0.35, "knob", "piece", "nub", "chunk"),
    THUMB(Kind.COUNT, "thumb", 25, 0.35, "thumb"),
    CUBE(Kind.COUNT, "cube", 10, 0.3, "cube"),
    STRIP(Kind.COUNT, "strip", 4, 0.4, "strip"),
    SHEET(Kind.COUNT, "sheet", 4, 0.4, "sheet"),
    RING_SLICE(Kind.COUNT, "ring", 45, 0.4, "ring"),
    FILLET(Kind.COUNT, "fillet", 4, 0.3, "fillet"),
    POD(Kind.COUNT, "pod", 1, 0.4, "pod"),
    BERRY(Kind.COUNT, "berry", 0.15, 0.4),
    GRATING(Kind.COUNT, "grating", 0.1, 0.5, "grating", "scrape", "scraping"),
    GRIND(Kind.COUNT, "grind", 0.1, 0.5, "grind", "twist", "turn");

    enum Kind {
        WEIGHT,
        VOLUME,
        CONTAINER,
        COUNT
    }

    private static final Map<String, Unit> BY_WORD = new HashMap<>();

    static {
        for (Unit unit : values()) {
            unit.words.forEach(word -> BY_WORD.put(word, unit));
        }
    }

    private final Kind kind;
    private final String key;
    private final double size;
    private final double logSd;
    private final List<String> words;

    Unit(Kind kind, String key, double size, double logSd, String... words) {
        this.kind = kind;
        this.key = key;
        this.size = size;
        this.logSd = logSd;
        this.words = List.of(words);
    }

    /** The unit that a word in the singular names. */
    static Optional<Unit> named(String word) {
        return Optional.ofNullable(BY_WORD.get(word));
    }

    /** Whether it is a weight or a volume that a scale, a cup or a spoon gives: not a hand's measure, not a count. */
    boolean isExact() {
        return kind == Kind.WEIGHT || kind == Kind.VOLUME && ordinal() < GILL.ordinal();
    }

    Kind kind() {
        return kind;
    }

    /** As foods name their measures. */
    String key() {
        return key;
    }

    double logSd() {
        return logSd;
    }

    /** Grams of one, for weights; grams as a last resort, for containers and counts. */
    double grams() {
        return size;
    }

    /** Millilitres of one, for volumes. */
    double millilitres(MeasureSystem system) {
        return switch (this) {
            case CUP -> system.cupMl();
            case TABLESPOON -> system.tablespoonMl();
            case TEASPOON -> system.teaspoonMl();
            case FLUID_OUNCE -> system.fluidOunceMl();
            case PINT -> system.pintMl();
            case QUART -> system.quartMl();
            case GALLON -> 4 * system.quartMl();
            default -> size;
        };
    }
}

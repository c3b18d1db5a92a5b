package app.gradior.larder;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;

/** Where in a kitchen a food stands. By what it is made of, so that own foods have a shelf too; what that gets wrong is told in {@code shelves.csv}. */
public enum Shelf {
    VEGETABLES,
    FRUIT,
    MEAT_AND_FISH,
    DAIRY_AND_EGGS,
    STOCKS_AND_JUICES,
    WINE_AND_SPIRITS,
    VINEGARS,
    FATS,
    SALT_AND_SAUCES,
    SWEET,
    HERBS_AND_SPICES,
    THICKENERS,
    NUTS_AND_PULSES;

    private static final double MOSTLY = 60;
    private static final double POWDER = 50;
    private static final double ALCOHOLIC = 2.5;
    private static final double SHARP = 3;
    private static final double SALTY = 4;
    private static final double SWEET_FROM = 40;
    private static final double DRY_BELOW = 20;
    private static final double NUTTY_PROTEIN = 6;
    private static final double FRUITY_ACID = 0.8;
    private static final double FRUITY_SUGAR = 8;
    /** Measures in which spices are told and nuts are not. */
    private static final Set<String> SPOONED = Set.of("tsp", "pinch", "stick", "leaf", "pod");

    private static final Map<String, Shelf> ROWS = read();

    /** The shelf of a food. */
    public static Shelf of(Food food) {
        Shelf told = ROWS.get(food.id());
        return told != null ? told : byNature(food);
    }

    private static Shelf byNature(Food food) {
        Composition c = food.per100g();
        if (c.starch() >= POWDER) {
            return THICKENERS;
        }
        if (food.has(Trait.DAIRY) || food.has(Trait.EGG)) {
            return DAIRY_AND_EGGS;
        }
        if (c.salt() >= SALTY) {
            return SALT_AND_SAUCES;
        }
        if (food.ofFlesh()) {
            return food.pourable() ? STOCKS_AND_JUICES : c.fat() > MOSTLY ? FATS : MEAT_AND_FISH;
        }
        if (c.fat() >= MOSTLY && food.makeup().protein() < NUTTY_PROTEIN) {
            return FATS;
        }
        if (c.ethanol() >= ALCOHOLIC) {
            return WINE_AND_SPIRITS;
        }
        if (c.acetic() >= SHARP) {
            return VINEGARS;
        }
        return plant(food, c);
    }

    private static Shelf plant(Food food, Composition c) {
        if (c.sugars() >= SWEET_FROM) {
            return c.pulp() + c.coarse() >= SHARP ? FRUIT : SWEET;
        }
        if (food.pourable() && c.water() >= MOSTLY) {
            return STOCKS_AND_JUICES;
        }
        if (c.water() >= DRY_BELOW) {
            boolean fruit = c.acids() >= FRUITY_ACID || c.sugars() >= FRUITY_SUGAR;
            return fruit ? FRUIT : VEGETABLES;
        }
        boolean spice = food.measures().keySet().stream().anyMatch(SPOONED::contains)
                && !food.measures().containsKey("cup");
        return spice || food.makeup().protein() < NUTTY_PROTEIN ? HERBS_AND_SPICES : NUTS_AND_PULSES;
    }

    private static Map<String, Shelf> read() {
        Map<String, Shelf> rows = new HashMap<>();
        for (CSVRecord row : Table.rows("/larder/shelves.csv")) {
            if (rows.put(row.get("food"), valueOf(row.get("shelf").toUpperCase(Locale.ROOT))) != null) {
                throw new IllegalStateException("shelves.csv: " + row.get("food"));
            }
        }
        return Map.copyOf(rows);
    }
}

package app.gradior.larder;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVRecord;

/**
 * What a food does that is cooked in a sauce and stays a thing of its own: what it gives and takes rises toward the most with a time constant.
 *
 * @param gives of its own liquid to the sauce in the end, g for each g as it goes in, 0 to 1
 * @param takes of the sauce's liquid, g for each g as it goes in, 0 to 4
 * @param minutes in which 63 % of that has passed, above 0
 * @param doneMin minutes after which the usual piece is done
 * @param safeC what its middle has to reach, °C; absent where nothing hangs on it
 */
public record CookingIn(double gives, double takes, double minutes, double doneMin, OptionalDouble safeC) {
    /** Meat of which the table says nothing: of any kind, and so as hot as poultry; kitchen estimate. */
    private static final CookingIn OF_MEAT = new CookingIn(0.22, 0, 15, 30, OptionalDouble.of(74));
    /** Fish of which the table says nothing; kitchen estimate. */
    private static final CookingIn OF_FISH = new CookingIn(0.16, 0, 5, 8, OptionalDouble.of(63));
    /** Flesh has at least so much protein, g in 100 g: less is stock, fat or a sauce made of it. */
    private static final double LEAST_PROTEIN = 10;
    /** Flesh is moist: gelatine and cubes are not, g in 100 g. */
    private static final double LEAST_WATER = 40;
    /** More salt than this, g in 100 g, and it seasons the sauce: anchovies, stock cubes. */
    private static final double MOST_SALT = 4;

    private static final Map<String, CookingIn> ROWS = read();

    /** How a food cooks in a sauce; empty for what becomes part of it. */
    public static Optional<CookingIn> of(Food food) {
        CookingIn row = ROWS.get(food.id());
        if (row != null) {
            return Optional.of(row);
        }
        boolean piece = food.ofFlesh()
                && food.makeup().protein() >= LEAST_PROTEIN
                && food.per100g().water() >= LEAST_WATER
                && food.per100g().salt() < MOST_SALT;
        if (!piece) {
            return Optional.empty();
        }
        return Optional.of(food.has(Trait.FISH) ? OF_FISH : OF_MEAT);
    }

    /** Share of what it gives and takes that has passed after so many minutes at a simmer. */
    public double share(double afterMinutes) {
        return 1 - Math.exp(-Math.max(0, afterMinutes) / minutes);
    }

    private static Map<String, CookingIn> read() {
        Map<String, CookingIn> rows = new HashMap<>();
        for (CSVRecord row : Table.rows("/larder/cooking-in.csv")) {
            String safe = row.get("safe_c");
            CookingIn read = new CookingIn(
                    Double.parseDouble(row.get("gives")),
                    Double.parseDouble(row.get("takes")),
                    Double.parseDouble(row.get("minutes")),
                    Double.parseDouble(row.get("done_min")),
                    safe.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(safe)));
            boolean sound =
                    read.gives >= 0 && read.gives <= 1 && read.takes >= 0 && read.minutes > 0 && read.doneMin > 0;
            if (!sound || rows.put(row.get("food"), read) != null) {
                throw new IllegalStateException("cooking-in.csv: " + row.get("food"));
            }
        }
        return Map.copyOf(rows);
    }
}

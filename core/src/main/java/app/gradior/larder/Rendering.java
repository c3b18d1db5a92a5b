package app.gradior.larder;

import java.util.HashMap;
import java.util.Map;
import org.apache.commons.csv.CSVRecord;

/**
 * How the fat of a food comes out of it in a pan: its share rises toward the most with a time constant.
 *
 * @param mostShare of its fat that comes out in the end, 0 to 1
 * @param minutes in which 63 % of that is out, 0 for what is liquid already
 */
public record Rendering(double mostShare, double minutes) {
    /** Oil, butter, fat that melts: all of it at once. */
    public static final Rendering AT_ONCE = new Rendering(1, 0);
    /** Meat of which the table says nothing; kitchen estimate. */
    private static final Rendering OF_MEAT = new Rendering(0.5, 10);
    /** From so much fat on, g in 100 g, a food gives any off. */
    private static final double LEAST_FAT = 3;
    /** More than this is fat itself, and melts. */
    private static final double FAT_ITSELF = 90;

    private static final Map<String, Rendering> ROWS = read();

    /** How a food gives off its fat. */
    public static Rendering of(Food food) {
        Rendering row = ROWS.get(food.id());
        if (row != null) {
            return row;
        }
        double fat = food.per100g().fat();
        return food.ofFlesh() && fat >= LEAST_FAT && fat < FAT_ITSELF ? OF_MEAT : AT_ONCE;
    }

    /** Whether it gives off fat little by little, in a pan. */
    public boolean isSlow() {
        return minutes > 0;
    }

    /** Share of its fat that is out after so many minutes in a hot pan. */
    public double share(double afterMinutes) {
        return isSlow() ? mostShare * (1 - Math.exp(-Math.max(0, afterMinutes) / minutes)) : mostShare;
    }

    private static Map<String, Rendering> read() {
        Map<String, Rendering> rows = new HashMap<>();
        for (CSVRecord row : Table.rows("/larder/rendering.csv")) {
            Rendering read =
                    new Rendering(Double.parseDouble(row.get("most_share")), Double.parseDouble(row.get("minutes")));
            if (!(read.mostShare > 0 && read.mostShare <= 1 && read.minutes >= 0)
                    || rows.put(row.get("food"), read) != null) {
                throw new IllegalStateException("rendering.csv: " + row.get("food"));
            }
        }
        return Map.copyOf(rows);
    }
}

package app.gradior.larder;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/** What is bought instead of a food to have less salt, sugar or acid of it. */
public final class Milder {
    private static final Map<String, String> ROWS = read();

    private Milder() {}

    /**
     * The milder one.
     *
     * @param taste salt, sugar or sharpness
     */
    public static Optional<Food> of(String taste, Food food) {
        return Optional.ofNullable(ROWS.get(taste + " " + food.id()))
                .flatMap(id -> Catalogue.standard().food(id));
    }

    private static Map<String, String> read() {
        Map<String, String> rows = new HashMap<>();
        for (CSVRecord row : Table.rows("/larder/milder.csv")) {
            if (rows.put(row.get("taste") + " " + row.get("food"), row.get("instead")) != null) {
                throw new IllegalStateException("milder.csv: " + row.get("food"));
            }
        }
        return Map.copyOf(rows);
    }
}

package app.gradior.plan;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.larder.Table;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/** What is bought instead of a food to have less salt, sugar or acid of it. */
final class Milder {
    private static final Map<Row, String> ROWS = read();

    private Milder() {}

    private record Row(Taste taste, String foodId) {}

    /** The one that has less of that taste. */
    static Optional<Food> of(Taste taste, Food food) {
        return Optional.ofNullable(ROWS.get(new Row(taste, food.id())))
                .flatMap(id -> Catalogue.standard().food(id));
    }

    private static Map<Row, String> read() {
        Map<Row, String> rows = new HashMap<>();
        for (CSVRecord row : Table.rows("/larder/milder.csv")) {
            Taste taste = Taste.valueOf(row.get("taste").toUpperCase(Locale.ROOT));
            if (rows.put(new Row(taste, row.get("food")), row.get("instead")) != null) {
                throw new IllegalStateException("milder.csv: " + row.get("food"));
            }
        }
        return Map.copyOf(rows);
    }
}

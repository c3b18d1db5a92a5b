package app.gradior.measure;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Table;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVRecord;

/** Names of foods that mean another food where the recipe was written: the table {@code measure/regional.csv}. */
final class RegionalNames {
    private static final List<CSVRecord> ROWS = Table.rows("/measure/regional.csv");

    private RegionalNames() {}

    /** The foods by the names that they have there; what a kitchen calls so itself stays as it calls it. */
    static Catalogue in(MeasureSystem system, Catalogue catalogue) {
        Map<String, String> names = new HashMap<>();
        for (CSVRecord row : ROWS) {
            String words = row.get("words");
            boolean there = row.get("system").equals(system.name().toLowerCase(Locale.ROOT));
            boolean ours = catalogue
                    .food(row.get("instead_of"))
                    .filter(food -> food.aliases().contains(words))
                    .isPresent();
            if (there && ours) {
                names.put(words, row.get("food"));
            }
        }
        return names.isEmpty() ? catalogue : catalogue.with(List.of(), names);
    }
}

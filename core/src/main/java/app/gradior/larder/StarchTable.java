package app.gradior.larder;

import java.util.EnumMap;
import java.util.Map;
import org.apache.commons.csv.CSVRecord;

/** Reads the table of starches: one row everything of a starch. */
final class StarchTable {
    private static final Map<StarchKind, StarchRow> ROWS = read("/larder/starches.csv");

    private StarchTable() {}

    static StarchRow of(StarchKind kind) {
        StarchRow row = ROWS.get(kind);
        if (row == null) {
            throw new IllegalStateException("the table of starches has no row " + kind.key());
        }
        return row;
    }

    private static Map<StarchKind, StarchRow> read(String resource) {
        Map<StarchKind, StarchRow> rows = new EnumMap<>(StarchKind.class);
        for (CSVRecord row : Table.rows(resource)) {
            StarchKind kind = StarchKind.ofKey(row.get("key"));
            if (rows.put(kind, row(row)) != null) {
                throw new IllegalStateException("two rows of starch " + kind.key());
            }
        }
        return rows;
    }

    private static StarchRow row(CSVRecord row) {
        return new StarchRow(
                number(row, "starch_share", 0.1, 1),
                number(row, "gelatinises_c", 40, 100),
                new StarchRow.Strength(
                        number(row, "critical_over_maize", 0.1, 10),
                        number(row, "exponent", 1, 4),
                        number(row, "heat_exponent", 0, 3),
                        number(row, "sets_cold", 0, 10)),
                number(row, "held_loss_per_min", 0, 1),
                number(row, "acid_sensitivity", 0, 10),
                row.get("roux").equals("yes"),
                row.get("weeps").equals("yes"),
                new StarchHandling(number(row, "set_min", 0, 60), number(row, "most_boil_min", 0, 600)));
    }

    private static double number(CSVRecord row, String column, double low, double high) {
        double value = Double.parseDouble(row.get(column));
        if (!(value >= low && value <= high)) {
            throw new IllegalStateException("starch " + row.get("key") + ": " + column + " is " + value + ", " + low
                    + " to " + high + " expected");
        }
        return value;
    }
}

package app.gradior;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** A published table in the test resources. */
public final class ReferenceTable {
    private ReferenceTable() {}

    public static List<CSVRecord> rows(String name) {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setCommentMarker('#')
                .get();
        try (InputStream in = ReferenceTable.class.getResourceAsStream("/reference/" + name + ".csv");
                InputStreamReader reader = new InputStreamReader(in, StandardCharsets.UTF_8)) {
            return format.parse(reader).getRecords();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }
}

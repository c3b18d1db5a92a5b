package app.gradior.larder;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** The tables that ship with the core. */
public final class Table {
    private Table() {}

    /**
     * The rows of a table, by the names of its columns; lines that begin with # are words about it.
     *
     * @param resource its place on the class path, from the root
     * @throws IllegalStateException when there is no such table
     */
    public static List<CSVRecord> rows(String resource) {
        try (InputStream in = Table.class.getResourceAsStream(resource)) {
            if (in == null) {
                throw new IllegalStateException("the table " + resource + " is missing");
            }
            CSVFormat format = CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .setCommentMarker('#')
                    .setTrim(true)
                    .get();
            try (CSVParser rows = format.parse(new InputStreamReader(in, StandardCharsets.UTF_8))) {
                return rows.getRecords();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

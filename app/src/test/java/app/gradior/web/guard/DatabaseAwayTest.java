package app.gradior.web.guard;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.UncategorizedSQLException;

/** A full disk and an absent database are told apart, and from a fault in what was asked. */
class DatabaseAwayTest {
    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '"',
            value = {
                "1021, Disk full (/tmp/x); waiting for someone to free some space, full",
                "1114, The table 'batch_event' is full, full",
                "1030, \"Got error 28 \"\"No space left on device\"\" from storage engine InnoDB\", full",
                "3, Error writing file '/tmp/x' (Errcode: 28), other",
                "3, Error writing file '/tmp/x' (errno: 28 No space), full",
                "1026, Error writing file '/tmp/x' (errno: 122 quota), other",
                "1030, \"Got error 168 \"\"Unknown\"\" from storage engine\", other",
                "1040, Too many connections, away",
                "1047, WSREP has not yet prepared node for application use, away",
                "1180, Error while appending streaming replication fragment(provider status: Not connected), away",
                "1205, Lock wait timeout exceeded, away",
                "1213, Deadlock found, away",
                "1062, Duplicate entry, other",
            })
    void codes(int code, String message, String what) {
        SQLException fault = new SQLException(message, "HY000", code);
        String said = DatabaseAway.says(new UncategorizedSQLException("insert", "sql", fault))
                .orElse("other");
        assertThat(said)
                .contains(what.equals("away") ? "is away for a moment" : what.equals("full") ? "disk" : "other");
    }

    @ParameterizedTest
    @CsvSource({"08001", "08S01"})
    void noConnection(String state) {
        assertThat(DatabaseAway.says(new RuntimeException(new SQLTransientConnectionException("gone", state))))
                .isPresent();
    }
}

package app.gradior.nodes;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.time.Duration;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.output.MigrateResult;
import org.junit.jupiter.api.Test;

/** A start beside a database node that is cut off. */
class TablesInTimeTest {
    private final Flyway flyway = mock(Flyway.class);
    private final TablesInTime tables = new TablesInTime(new Patience(4, Duration.ZERO, Duration.ZERO));

    private static FlywayException becauseOf(SQLException cause) {
        return new FlywayException("the history could not be read", cause);
    }

    @Test
    void aNodeThatIsCutOffIsLeftForTheNext() {
        when(flyway.migrate())
                .thenThrow(becauseOf(new SQLTransientConnectionException("reconnected elsewhere")))
                .thenThrow(becauseOf(new SQLException("not ready", "08S01", 1047)))
                .thenReturn(new MigrateResult("", "", "", ""));
        assertThatCode(() -> tables.migrate(flyway)).doesNotThrowAnyException();
        verify(flyway, times(3)).migrate();
    }

    @Test
    void withNoneThereItGivesUpAndSaysWhy() {
        FlywayException away = becauseOf(new SQLTransientConnectionException("nobody"));
        doThrow(away).when(flyway).migrate();
        assertThatThrownBy(() -> tables.migrate(flyway)).isSameAs(away);
        verify(flyway, times(4)).migrate();
    }

    @Test
    void whoRefusesAtOnceIsAskedForAsLong() {
        TablesInTime patient = new TablesInTime(new Patience(1, Duration.ofMinutes(1), Duration.ZERO));
        FlywayException away = becauseOf(new SQLException("Too many connections", "08004", 1040));
        when(flyway.migrate()).thenThrow(away, away, away, away).thenReturn(new MigrateResult("", "", "", ""));
        assertThatCode(() -> patient.migrate(flyway)).doesNotThrowAnyException();
        verify(flyway, times(5)).migrate();
    }

    @Test
    void whatIsWrongWithTheTablesIsNotTriedAgain() {
        FlywayException wrong = becauseOf(new SQLException("no such column", "42S22", 1054));
        doThrow(wrong).when(flyway).migrate();
        assertThatThrownBy(() -> tables.migrate(flyway)).isSameAs(wrong);
        verify(flyway, times(1)).migrate();
    }
}

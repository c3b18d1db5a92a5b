package app.gradior.journeys;

import app.gradior.testing.PrivateMariaDb;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/**
 * The demo kitchen is cooked once; later applications get a copy of it, with its live pots as far on as they were then. Cooking forty
 * batches anew for every journey would cost more than the journeys.
 */
final class DemoCopy {
    private static final String KEPT = "demo_as_it_was";
    private static final Clock CLOCK = Clock.systemUTC();
    private static Instant keptAt = Instant.EPOCH;

    private DemoCopy() {}

    /** Copies the demo kitchen into an empty database, if it was cooked before. */
    static synchronized void into(String database) {
        if (keptAt.equals(Instant.EPOCH)) {
            return;
        }
        long seconds = Duration.between(keptAt, CLOCK.instant()).toSeconds();
        try (Connection connection = connection();
                Statement statement = connection.createStatement()) {
            copy(statement, KEPT, database);
            asFarOn(statement, database + ".", 0, seconds);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /**
     * Live pots are as far on as they were so many seconds ago.
     *
     * @param place what stands before a table's name
     * @param after only batches with higher ids
     */
    static void asFarOn(Statement statement, String place, long after, long seconds) throws SQLException {
        String live = "state = 'LIVE' and id > " + after;
        String later = " + interval " + seconds + " second";
        statement.execute("update " + place + "batch_event set happened_at = happened_at" + later
                + ", recorded_at = recorded_at" + later + " where batch_id in (select id from " + place
                + "batch where " + live + ")");
        statement.execute("update " + place + "batch set started_at = started_at" + later + " where " + live);
    }

    /** Keeps the demo kitchen as it was just cooked. */
    static synchronized void keep(String database) {
        if (!keptAt.equals(Instant.EPOCH)) {
            return;
        }
        PrivateMariaDb.get().create(KEPT);
        try (Connection connection = connection();
                Statement statement = connection.createStatement()) {
            copy(statement, database, KEPT);
            keptAt = CLOCK.instant();
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void copy(Statement statement, String from, String to) throws SQLException {
        List<String> tables = new ArrayList<>();
        try (ResultSet names = statement.executeQuery(
                "select table_name from information_schema.tables where table_schema = '" + from + "'")) {
            while (names.next()) {
                tables.add(names.getString(1));
            }
        }
        statement.execute("set foreign_key_checks = 0");
        for (String table : tables) {
            statement.execute("create table " + to + ".`" + table + "` like " + from + ".`" + table + "`");
            statement.execute("insert into " + to + ".`" + table + "` select * from " + from + ".`" + table + "`");
        }
    }

    private static Connection connection() throws SQLException {
        PrivateMariaDb db = PrivateMariaDb.get();
        String url = db.address();
        return DriverManager.getConnection(url, db.owner(), db.password());
    }
}

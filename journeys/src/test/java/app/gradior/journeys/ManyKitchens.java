package app.gradior.journeys;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Neighbours of a kitchen: as many copies of it as are wanted, each a kitchen of its own with a year's batches, readings, plans and jars,
 * its cook and a token. One statement a table, so that ten thousand are there in minutes.
 */
final class ManyKitchens {
    /** A copy's ids are those of the kitchen it is of and its number times this. */
    static final long APART = 1_000_000;
    /** What is nobody's kitchen, or made for each copy below. */
    private static final Set<String> NOT_COPIED = Set.of(
            "account",
            "api_token",
            "attempt_bucket",
            "flyway_schema_history",
            "form_once",
            "half_in",
            "invitation",
            "known_device",
            "member",
            "outbox",
            "paper_word",
            "passkey_challenge",
            "second_step",
            "shedlock",
            "signup_word",
            "SPRING_SESSION",
            "SPRING_SESSION_ATTRIBUTES",
            "stove_device",
            "user_credentials",
            "user_entities");
    /** Texts that name what is in the kitchen. */
    private static final Set<String> WITH_IDS = Set.of("plan.draft", "batch_plan.plan");
    /** Columns that say of an account, which is the same in every copy. */
    private static final Set<String> THE_SAME = Set.of("of_id", "account_id");

    private ManyKitchens() {}

    /** The token of a copy's cook. */
    static String token(int copy) {
        return "grd_" + String.format("%048d", copy);
    }

    /** A copy's id of what has that one in the kitchen it is of. */
    static long id(long original, int copy) {
        return original + copy * APART;
    }

    /** Copies from the first number to the last of the first kitchen there is, so that the database knows how many there are now. */
    static void copy(Connection connection, int first, int last) throws SQLException {
        lay(connection, first, last);
        try (Statement statement = connection.createStatement()) {
            for (String table : column(
                    statement, "select table_name from information_schema.tables where table_schema = database()")) {
                statement.execute("analyze table `" + table + "`");
            }
        }
    }

    /** The same, for a few of them. */
    static void lay(Connection connection, int first, int last) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute("set foreign_key_checks = 0, unique_checks = 0");
            for (String table : column(
                    statement,
                    "select table_name from information_schema.tables where table_schema = database() and table_type = 'BASE TABLE'")) {
                if (!NOT_COPIED.contains(table)) {
                    statement.execute(copying(statement, table, first, last));
                }
            }
            String copies = " from seq_" + first + "_to_" + last + " s";
            String kitchen = "(select min(id) from kitchen) + s.seq * " + APART;
            statement.execute("insert into account (id, kitchen_id, login, password_hash) select s.seq * " + APART
                    + ", " + kitchen + ", concat('cook-', s.seq), ''" + copies);
            statement.execute("insert into member (kitchen_id, account_id, role, since) select " + kitchen
                    + ", s.seq * " + APART + ", 'OWNER', utc_timestamp(3)" + copies);
            statement.execute(
                    "insert into api_token (kitchen_id, label, token_hash, scope, created_at, expires_at) select "
                            + kitchen
                            + ", 'many', sha2(concat('grd_', lpad(s.seq, 48, '0')), 256), 'ALL', utc_timestamp(3),"
                            + " utc_timestamp(3) + interval 1 year" + copies);
            statement.execute("set foreign_key_checks = 1, unique_checks = 1");
        }
    }

    private static String copying(Statement statement, String table, int first, int last) throws SQLException {
        List<String> names = new ArrayList<>();
        List<String> values = new ArrayList<>();
        boolean ofAKitchen = false;
        try (ResultSet columns = statement.executeQuery("select column_name, data_type from information_schema.columns"
                + " where table_schema = database() and table_name = '" + table
                + "' and is_generated = 'NEVER' order by ordinal_position")) {
            while (columns.next()) {
                String name = columns.getString(1);
                boolean isId = columns.getString(2).equals("bigint")
                        && (name.equals("id") || name.endsWith("_id"))
                        && !THE_SAME.contains(name);
                ofAKitchen |= name.equals("kitchen_id");
                names.add("`" + name + "`");
                values.add(value(table, name, isId));
            }
        }
        String kitchen = ofAKitchen ? "t.kitchen_id" : table.equals("kitchen") ? "t.id" : "";
        String which = kitchen.isEmpty()
                ? " where t.sauce_id < " + APART // versions and lines of sauces
                : " where " + kitchen + " = (select min(id) from kitchen)";
        return "insert into `" + table + "` (" + String.join(", ", names) + ") select " + String.join(", ", values)
                + " from seq_" + first + "_to_" + last + " s straight_join `" + table + "` t" + which;
    }

    private static String value(String table, String column, boolean isId) {
        if (isId) {
            return "t.`" + column + "` + s.seq * " + APART;
        }
        if (WITH_IDS.contains(table + "." + column)) {
            return ofItsOwn("t.`" + column + "`");
        }
        return column.equals("demo") ? "false" : "t.`" + column + "`";
    }

    /** What is kept as a text names sauces, pots and burners by ids of at most two digits: the copy's have six. */
    private static String ofItsOwn(String json) {
        String names = "\"(sauceId|potId|burnerId|otherPotId|otherBurnerId)\":";
        String one = "regexp_replace(" + json + ", '" + names
                + "([1-9])([,}])', concat('\"\\\\1\":', s.seq, '00000\\\\2\\\\3'))";
        return "regexp_replace(" + one + ", '" + names
                + "([1-9][0-9])([,}])', concat('\"\\\\1\":', s.seq, '0000\\\\2\\\\3'))";
    }

    static List<String> column(Statement statement, String query) throws SQLException {
        List<String> found = new ArrayList<>();
        try (ResultSet rows = statement.executeQuery(query)) {
            while (rows.next()) {
                found.add(rows.getString(1));
            }
        }
        return found;
    }
}

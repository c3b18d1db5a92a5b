package app.gradior.web.guard;

import app.gradior.nodes.Passing;
import app.gradior.room.words.Words;
import java.sql.SQLException;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.transaction.CannotCreateTransactionException;

/** Tells faults of the database itself, which pass, from faults of what was asked of it. */
public final class DatabaseAway {
    /** After so long it is worth asking again, s. */
    public static final int RETRY_AFTER_S = 3;
    /** MariaDB: disk full, table is full. */
    private static final Set<Integer> FULL = Set.of(1021, 1114);
    /** MariaDB: a file could not be written, an error of the storage engine; full only when the system's own number says so. */
    private static final Set<Integer> FULL_IF_THE_SYSTEM_SAYS_SO = Set.of(3, 1026, 1030);
    /** The system's number for "no space left on device", as the server writes it into its message. */
    private static final Pattern NO_SPACE = Pattern.compile("(?i)(errno|error):? 28\\b");

    private DatabaseAway() {}

    /** What a cook is told of it; empty when the fault is another. */
    public static Optional<String> says(@Nullable Throwable fault) {
        for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql && full(sql)) {
                return Optional.of(Words.text("database-away.the-disk-of-the-kitchen-s"));
            }
            if (Passing.isItself(cause)
                    || cause instanceof DataAccessResourceFailureException
                    || cause instanceof CannotCreateTransactionException) {
                return Optional.of(Words.text("database-away.the-database-is-away-for-a"));
            }
        }
        return Optional.empty();
    }

    private static boolean full(SQLException fault) {
        return FULL.contains(fault.getErrorCode())
                || FULL_IF_THE_SYSTEM_SAYS_SO.contains(fault.getErrorCode())
                        && NO_SPACE.matcher(String.valueOf(fault.getMessage())).find();
    }
}

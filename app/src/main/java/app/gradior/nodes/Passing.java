package app.gradior.nodes;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Faults of the database that pass: nobody is there for a moment, or whoever is there cannot do it just now. */
public final class Passing {
    /**
     * MariaDB: a node that is cut off from its cluster, or was at the commit; one that everybody came back to at once, so that it takes
     * nobody in; server shutdown, lock waited for too long, deadlock, read-only for now. Whether what was sent is kept is not known then: it is sent again under its client key.
     */
    private static final Set<Integer> CODES = Set.of(1040, 1047, 1053, 1180, 1205, 1213, 1290, 1836);

    private Passing() {}

    /** Whether a fault is one of these, or came of one. */
    public static boolean is(@Nullable Throwable fault) {
        for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
            if (isItself(cause)) {
                return true;
            }
        }
        return false;
    }

    /** Whether it is one of these itself, whatever it came of. */
    public static boolean isItself(Throwable fault) {
        return fault instanceof SQLTransientConnectionException
                || fault instanceof SQLNonTransientConnectionException
                || fault instanceof SQLException known && CODES.contains(known.getErrorCode());
    }
}

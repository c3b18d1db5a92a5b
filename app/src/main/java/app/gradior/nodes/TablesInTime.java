package app.gradior.nodes;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import java.time.Duration;
import java.util.concurrent.locks.LockSupport;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/**
 * Brings the tables up to date at the start, over another database node when the first is reached but answers nothing, because it is cut off from
 * its cluster: the driver leaves it alone for a while once it refused, and the next try is asked of the next.
 */
@Component
class TablesInTime implements FlywayMigrationStrategy {
    private static final Logger LOG = LoggerFactory.getLogger(TablesInTime.class);
    private static final int TRIES = 4;
    private static final Duration BETWEEN = Duration.ofSeconds(1);
    /** MariaDB: this node is not ready, as the cluster sees it. */
    private static final int NOT_READY = 1047;

    private final Duration between;

    @Autowired
    TablesInTime() {
        this(BETWEEN);
    }

    TablesInTime(Duration between) {
        this.between = between;
    }

    @Override
    public void migrate(Flyway flyway) {
        for (int tried = 1; ; tried++) {
            try {
                flyway.migrate();
                return;
            } catch (FlywayException e) {
                if (tried == TRIES || !isAway(e)) {
                    throw e;
                }
                LOG.warn("the database did not answer, and is asked again: {}", e.getMessage());
                LockSupport.parkNanos(between.toNanos());
            }
        }
    }

    private static boolean isAway(Throwable fault) {
        for (@Nullable Throwable cause = fault; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLTransientConnectionException
                    || cause instanceof SQLNonTransientConnectionException
                    || cause instanceof SQLException sql && sql.getErrorCode() == NOT_READY) {
                return true;
            }
        }
        return false;
    }
}

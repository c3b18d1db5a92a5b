package app.gradior.nodes;

import org.flywaydb.core.Flyway;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/** Brings the tables up to date at the start, with {@link Patience}. */
@Component
class TablesInTime implements FlywayMigrationStrategy {
    private final Patience patience;

    @Autowired
    TablesInTime() {
        this(Patience.OF_A_START);
    }

    TablesInTime(Patience patience) {
        this.patience = patience;
    }

    @Override
    public void migrate(Flyway flyway) {
        patience.until(flyway::migrate);
    }
}

package app.gradior.room.house;

import app.gradior.access.Leaving;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.JdbcOperations;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** Takes away kitchens and accounts whose week to think is over, with everything that was theirs. */
@Component
public class Erasure {
    private static final Logger LOG = LoggerFactory.getLogger(Erasure.class);
    /** A kitchen's tables, those that hang on others first. A test compares them with what the database has. */
    private static final List<String> TABLES = List.of(
            "lesson_hand",
            "lesson",
            "container",
            "photo",
            "batch_event",
            "recorder",
            "batch_plan",
            "plan",
            "batch",
            "water_test",
            "jar",
            "sauce",
            "pot",
            "burner",
            "kitchen_food",
            "kitchen_name",
            "kitchen_measure",
            "kitchen_in_house",
            "food_snapshot",
            "form_once",
            "api_token",
            "invitation",
            "stove_device",
            "member");

    private final Leaving leaving;
    private final JdbcOperations database;
    private final TransactionOperations transaction;
    private final ApplicationEventPublisher publisher;

    Erasure(
            Leaving leaving,
            JdbcOperations database,
            TransactionOperations transaction,
            ApplicationEventPublisher publisher) {
        this.leaving = leaving;
        this.database = database;
        this.transaction = transaction;
        this.publisher = publisher;
    }

    /** An account is gone: its sessions are over. */
    public record AccountGone(String login) {}

    @Scheduled(initialDelay = 5, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    public void eraseWhatIsDue() {
        for (long kitchen : leaving.kitchensDue()) {
            alone(() -> kitchen(kitchen), "kitchen", kitchen);
        }
        for (long account : leaving.accountsDue()) {
            alone(() -> account(account), "account", account);
        }
    }

    /** One that cannot be erased keeps no other from going. */
    private void alone(Runnable erase, String what, long id) {
        try {
            transaction.executeWithoutResult(status -> erase.run());
        } catch (RuntimeException e) {
            LOG.error("{} {} is not erased: {}", what, id, e.toString());
        }
    }

    private void kitchen(long id) {
        database.update("delete l from sauce_line l join sauce s on s.id = l.sauce_id where s.kitchen_id = ?", id);
        database.update("delete v from sauce_version v join sauce s on s.id = v.sauce_id where s.kitchen_id = ?", id);
        for (String table : TABLES) {
            database.update("delete from " + table + " where kitchen_id = ?", id);
        }
        database.update(
                "update account a set kitchen_id = (select min(m.kitchen_id) from member m where m.account_id = a.id)"
                        + " where kitchen_id = ?",
                id);
        database.update("delete from kitchen where id = ?", id);
        LOG.info("kitchen {} is gone", id);
    }

    /** What they recorded in others' kitchens stays, and names nobody any more. */
    private void account(long id) {
        leaving.goAlong(id).forEach(place -> kitchen(place.kitchenId()));
        leaving.login(id).ifPresent(login -> publisher.publishEvent(new AccountGone(login)));
        database.update("update recorder set name = '' where kind = 'PERSON' and of_id = ?", id);
        leaving.eraseAccount(id);
    }
}

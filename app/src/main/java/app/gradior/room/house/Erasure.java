package app.gradior.room.house;

import app.gradior.access.Leaving;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.function.LongConsumer;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** Takes away kitchens and accounts whose week to think is over, with everything that was theirs. */
@Component
public class Erasure {
    private static final Logger LOG = LoggerFactory.getLogger(Erasure.class);
    private final Leaving leaving;
    private final List<LongConsumer> order;
    private final ErasureMapper rows;
    private final TransactionOperations transaction;
    private final ApplicationEventPublisher publisher;

    Erasure(
            Leaving leaving,
            ErasureMapper rows,
            TransactionOperations transaction,
            ApplicationEventPublisher publisher) {
        this.leaving = leaving;
        this.rows = rows;
        // What hangs on others goes before them.
        this.order = List.of(
                rows::sauceLine,
                rows::sauceVersion,
                rows::lessonHand,
                rows::lesson,
                rows::container,
                rows::photo,
                rows::alarmHeard,
                rows::practiceJudgement,
                rows::practiceRun,
                rows::practiceConsent,
                rows::batchEvent,
                rows::batchPast,
                rows::recorder,
                rows::batchPlan,
                rows::plan,
                rows::batch,
                rows::waterTest,
                rows::jar,
                rows::sauce,
                rows::pot,
                rows::burner,
                rows::kitchenFood,
                rows::kitchenName,
                rows::kitchenMeasure,
                rows::kitchenInHouse,
                rows::foodSnapshot,
                rows::formOnce,
                rows::apiToken,
                rows::outbox,
                rows::audit,
                rows::invitation,
                rows::stoveDevice,
                rows::member,
                rows::account,
                rows::kitchen);
        this.transaction = transaction;
        this.publisher = publisher;
    }

    /** An account is gone: its sessions are over. */
    public record AccountGone(String login) {}

    @Scheduled(initialDelay = 5, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    @SchedulerLock(name = "erasure")
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
        order.forEach(table -> table.accept(id));
        LOG.info("kitchen {} is gone", id);
    }

    /** What they recorded in others' kitchens stays, and names nobody any more. */
    private void account(long id) {
        leaving.goAlong(id).forEach(place -> kitchen(place.kitchenId()));
        leaving.login(id).ifPresent(login -> {
            publisher.publishEvent(new AccountGone(login));
            rows.heardByNobody(login);
            rows.auditOfNobody(login);
            rows.uninvited(login);
        });
        rows.nameless("PERSON", id);
        rows.eyeOf(id);
        rows.practisedBy(id);
        rows.consentOf(id);
        leaving.eraseAccount(id);
    }
}

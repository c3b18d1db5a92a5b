package app.gradior.access;

import app.gradior.kept.Utc;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.concurrent.TimeUnit;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** What was done of a kitchen's doors and its data as a whole: by whom, and when. Owners see it; it is kept a year. */
@Service
public class Audit {
    /** How long. */
    static final Duration KEPT = Duration.ofDays(365);

    private static final int LONGEST_ABOUT = 200;

    private final AuditMapper rows;
    private final Clock clock;

    Audit(AuditMapper rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** What is noted. */
    public enum What {
        SIGNED_IN,
        JOINED,
        PAIRED,
        INVITED,
        DEVICE_INVITED,
        INVITATION_ENDED,
        DEVICE_ENDED,
        ROLE_CHANGED,
        TAKEN_OUT,
        LEFT,
        PASSWORD_CHANGED,
        PASSKEY_ADDED,
        PASSKEY_REMOVED,
        SECOND_STEP_BEGUN,
        SECOND_STEP_ENDED,
        PAPER_MADE,
        PASSWORD_RECOVERED,
        SESSIONS_ENDED,
        TOKEN_MADE,
        TOKEN_ENDED,
        EXPORTED,
        READ_IN,
        BATCH_DELETED,
        CLOSING,
        KEPT_OPEN,
        ACCOUNT_CLOSING,
        ACCOUNT_KEPT
    }

    /**
     * An entry.
     *
     * @param who the login, or the device's name; empty once their account is gone
     * @param about whom or what, as they are called; may be empty
     */
    public record Entry(long id, Instant at, String who, What what, String about) {}

    /**
     * Notes it.
     *
     * @param accountId who; 0 for a device
     */
    public void note(long kitchenId, long accountId, String who, What what, String about) {
        String told = about.length() > LONGEST_ABOUT ? about.substring(0, LONGEST_ABOUT) : about;
        rows.note(kitchenId, accountId, Utc.now(clock), who, what, told);
    }

    /**
     * The latest, newest first.
     *
     * @param before entries before that one; 0 for the latest
     */
    public List<Entry> of(long kitchenId, long before, int most) {
        return rows.of(kitchenId, before, most).stream()
                .map(row -> new Entry(row.id(), Utc.instant(row.at()), row.who(), row.what(), row.about()))
                .toList();
    }

    /** As the table has it. */
    record AuditRow(long id, LocalDateTime at, String who, What what, String about) {}

    @Scheduled(initialDelay = 7, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    @SchedulerLock(name = "audit")
    public void forget() {
        rows.forget(Utc.now(clock).minus(KEPT));
    }
}

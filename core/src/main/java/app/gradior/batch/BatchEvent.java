package app.gradior.batch;

import java.time.Instant;
import java.util.List;

/**
 * One entry of a batch's log.
 *
 * @param understood what it put into the pot, as understood when it was recorded
 * @param by the name of who or what recorded it; empty when that is not known
 */
public record BatchEvent(
        long id,
        String clientKey,
        Instant at,
        Instant recordedAt,
        EventBody body,
        List<Understood> understood,
        String by) {
    public BatchEvent {
        understood = List.copyOf(understood);
    }

    /** The same, understood. */
    public BatchEvent with(List<Understood> in) {
        return new BatchEvent(id, clientKey, at, recordedAt, body, in, by);
    }

    /** False for what an older version recorded, as long as nobody knows what it means. */
    public boolean isUnderstood() {
        return understood.size() == body.linesIn();
    }

    /** One of nobody. */
    public BatchEvent(
            long id, String clientKey, Instant at, Instant recordedAt, EventBody body, List<Understood> understood) {
        this(id, clientKey, at, recordedAt, body, understood, "");
    }

    /** One of nobody that put nothing in. */
    public BatchEvent(long id, String clientKey, Instant at, Instant recordedAt, EventBody body) {
        this(id, clientKey, at, recordedAt, body, List.of());
    }
}

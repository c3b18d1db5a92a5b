package app.gradior.kitchen;

import java.time.Instant;

/** One entry of a batch's log. */
public record BatchEvent(long id, String clientKey, Instant at, Instant recordedAt, EventBody body) {}

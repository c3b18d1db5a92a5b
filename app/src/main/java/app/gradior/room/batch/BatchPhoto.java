package app.gradior.room.batch;

import java.time.LocalDateTime;

/** A row as its table holds it; times are UTC. */
public record BatchPhoto(long id, long kitchenId, long batchId, LocalDateTime addedAt, byte[] image) {}

package app.gradior.room.book;

import java.time.LocalDateTime;

/** A row as its table holds it; times are UTC. */
public record LastCooked(long sauceId, LocalDateTime lastAt, long batches) {}

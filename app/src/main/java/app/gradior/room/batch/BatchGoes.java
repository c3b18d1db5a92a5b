package app.gradior.room.batch;

/**
 * A batch is being removed for good: every room that has something of it takes it away, within the same transaction.
 *
 * @param finished whether it was cooked to its end
 */
public record BatchGoes(long kitchenId, long batchId, boolean finished) {}

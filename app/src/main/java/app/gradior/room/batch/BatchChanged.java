package app.gradior.room.batch;

import app.gradior.batch.BatchEvent;

/** Something was recorded of a batch; told once it is kept for good. */
public record BatchChanged(long kitchenId, long batchId, BatchEvent event) {}

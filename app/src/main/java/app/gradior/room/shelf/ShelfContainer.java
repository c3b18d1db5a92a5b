package app.gradior.room.shelf;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A row as its table holds it; times are UTC. */
// Wide: columns of its table.
public record ShelfContainer(
        long id,
        long kitchenId,
        long batchId,
        String name,
        double ml,
        String place,
        LocalDate packedOn,
        LocalDate useBy,
        String reason,
        String state,
        @Nullable LocalDate stateOn,
        String why,
        int revision) {
    /** The same with another date. */
    public ShelfContainer dated(LocalDate date, String reasonFor) {
        return new ShelfContainer(
                id, kitchenId, batchId, name, ml, place, packedOn, date, reasonFor, state, stateOn, why, revision);
    }

    /** The same in another state. */
    public ShelfContainer marked(String newState, LocalDate on, String reasonWhy) {
        return new ShelfContainer(
                id, kitchenId, batchId, name, ml, place, packedOn, useBy, reason, newState, on, reasonWhy, revision);
    }

    /** The same, new of a batch. */
    public ShelfContainer of(long kitchen, long batch) {
        return new ShelfContainer(0, kitchen, batch, name, ml, place, packedOn, useBy, reason, state, stateOn, why, 0);
    }
}

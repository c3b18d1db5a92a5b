package app.gradior.room.shelf;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A row as its table holds it; times are UTC. */
// Wide: columns of its table.
public record ContainerRow(
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
    public ContainerRow dated(LocalDate date, String reasonFor) {
        return new ContainerRow(
                id, kitchenId, batchId, name, ml, place, packedOn, date, reasonFor, state, stateOn, why, revision);
    }

    /** The same in another state. */
    public ContainerRow marked(String newState, LocalDate on, String reasonWhy) {
        return new ContainerRow(
                id, kitchenId, batchId, name, ml, place, packedOn, useBy, reason, newState, on, reasonWhy, revision);
    }

    /** The same, new of a batch. */
    public ContainerRow of(long kitchen, long batch) {
        return new ContainerRow(0, kitchen, batch, name, ml, place, packedOn, useBy, reason, state, stateOn, why, 0);
    }
}

package app.gradior.room.shelf;

import java.time.LocalDate;

/** A row as its table holds it; times are UTC. */
public record KeptContainer(
        long id,
        long kitchenId,
        long batchId,
        String sauce,
        String name,
        double ml,
        String place,
        LocalDate useBy,
        String reason,
        String state) {}

package app.gradior.room.larder;

import java.time.LocalDateTime;

/** A row as its table holds it; times are UTC. */
public record FoodRow(long kitchenId, String foodId, String body, LocalDateTime changedAt) {
    /** The same in a kitchen. */
    public FoodRow in(long kitchen) {
        return new FoodRow(kitchen, foodId, body, changedAt);
    }
}

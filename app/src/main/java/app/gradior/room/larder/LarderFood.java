package app.gradior.room.larder;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import java.time.LocalDateTime;

/** A row as its table holds it; times are UTC. A file does without the revision, which counts changes here. */
@JsonIgnoreProperties("revision")
public record LarderFood(long kitchenId, String foodId, String body, LocalDateTime changedAt, int revision) {
    @JsonCreator
    static LarderFood ofFile(long kitchenId, String foodId, String body, LocalDateTime changedAt) {
        return new LarderFood(kitchenId, foodId, body, changedAt, 1);
    }

    /** The same, new in a kitchen. */
    public LarderFood in(long kitchen) {
        return new LarderFood(kitchen, foodId, body, changedAt, 1);
    }
}

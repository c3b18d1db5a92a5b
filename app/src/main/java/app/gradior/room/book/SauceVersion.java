package app.gradior.room.book;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * A row as its table holds it; times are UTC.
 *
 * @param measures the cups and spoons it was written in; empty for those of its kitchen
 */
// Wide: columns of its table.
public record SauceVersion(
        long id,
        long kitchenId,
        int version,
        String name,
        String texture,
        double targetStep,
        double servedC,
        String useOf,
        @Nullable Double yieldMl,
        String tags,
        String stages,
        String schools,
        String notes,
        String measures,
        LocalDateTime savedAt) {
    /** The same of another sauce and kitchen. */
    public SauceVersion of(long newId, long kitchen) {
        return new SauceVersion(
                newId,
                kitchen,
                version,
                name,
                texture,
                targetStep,
                servedC,
                useOf,
                yieldMl,
                tags,
                stages,
                schools,
                notes,
                measures,
                savedAt);
    }
}

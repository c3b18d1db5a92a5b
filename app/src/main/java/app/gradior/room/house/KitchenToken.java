package app.gradior.room.house;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/** A row as its table holds it; times are UTC. */
public record KitchenToken(
        long id,
        long kitchenId,
        String label,
        String scope,
        LocalDateTime createdAt,
        LocalDateTime expiresAt,
        @Nullable LocalDateTime lastUsedAt) {}

package app.gradior.kept;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Times as tables keep them: in universal time, without saying so. */
public final class Utc {
    private Utc() {}

    public static LocalDateTime now(Clock clock) {
        return of(clock.instant());
    }

    public static LocalDateTime of(Instant instant) {
        return LocalDateTime.ofInstant(instant, ZoneOffset.UTC);
    }

    public static Instant instant(LocalDateTime kept) {
        return kept.toInstant(ZoneOffset.UTC);
    }

    /** Empty where nothing is kept. */
    public static Optional<Instant> ifKept(@Nullable LocalDateTime kept) {
        return Optional.ofNullable(kept).map(Utc::instant);
    }
}

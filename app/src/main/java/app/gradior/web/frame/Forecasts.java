package app.gradior.web.frame;

import app.gradior.estimate.Forecast;
import app.gradior.kitchen.Batch;
import app.gradior.kitchen.Batches;
import app.gradior.kitchen.Kitchen;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** Forecasts of now, worked out again after an event or a few seconds; every page with a pot asks for them. */
@Component
public class Forecasts {
    private static final long SECONDS_GOOD = 5;

    private final Batches batches;
    private final Cache<Key, Forecast> recent = Caffeine.newBuilder()
            .maximumSize(300)
            .expireAfterWrite(Duration.ofMinutes(2))
            .build();

    Forecasts(Batches batches) {
        this.batches = batches;
    }

    private record Key(long batch, int events, long slot) {}

    public Forecast now(Kitchen kitchen, Batch batch) {
        Instant now = batches.now();
        Key key = new Key(batch.id(), batch.events().size(), now.getEpochSecond() / SECONDS_GOOD);
        return recent.get(key, k -> batches.forecast(kitchen, batch, now));
    }
}

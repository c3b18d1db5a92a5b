package app.gradior.web.frame;

import app.gradior.batch.Batch;
import app.gradior.estimate.Forecast;
import app.gradior.room.batch.Batches;
import app.gradior.room.house.Kitchen;
import app.gradior.web.guard.PeopleFirst;
import app.gradior.web.guard.Quotas;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.Timer;
import io.micrometer.core.instrument.binder.cache.CaffeineCacheMetrics;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/**
 * Forecasts of now, worked out again after an event or a few seconds, since every page with a pot asks for them; and those of finished
 * batches, which only change with what is recorded.
 */
@Component
public class Forecasts {
    private static final long SECONDS_GOOD = 5;
    /** Moments of a finished batch at which is asked what was known. */
    private static final int LOOKS_BACK = 4;

    private final Batches batches;
    private final Quotas quotas;
    private final PeopleFirst people;
    private final Cache<Key, Forecast> recent = Caffeine.newBuilder()
            .maximumSize(300)
            .recordStats()
            .expireAfterWrite(Duration.ofMinutes(2))
            .build();

    private final Cache<Key, Forecast> ended = kept();
    private final Cache<Key, List<Forecast>> past = kept();
    private final Timer taken;
    /** Of programs: with their rests, and without what their calls waited. */
    private final Timer takenForPrograms;

    private final Timer waited;

    Forecasts(Batches batches, Quotas quotas, PeopleFirst people, MeterRegistry registry) {
        this.batches = batches;
        this.quotas = quotas;
        this.people = people;
        this.taken = Timer.builder("gradior.forecast").register(registry);
        this.takenForPrograms = Timer.builder("gradior.forecast.program").register(registry);
        this.waited = Timer.builder("gradior.forecast.wait").register(registry);
        CaffeineCacheMetrics.monitor(registry, recent, "forecasts.now");
        CaffeineCacheMetrics.monitor(registry, ended, "forecasts.ended");
    }

    private static <T> Cache<Key, T> kept() {
        return Caffeine.newBuilder()
                .maximumSize(200)
                .recordStats()
                .expireAfterWrite(Duration.ofHours(1))
                .build();
    }

    private record Key(long batch, int events, long slot) {}

    /** A finished batch as it is known now to have been when it came off. */
    public Forecast ended(Kitchen kitchen, Batch batch) {
        return ended.get(new Key(batch.id(), batch.events().size(), 0), k -> at(kitchen, batch, batch.cameOff()));
    }

    /** A finished batch as it was known at its start and at each quarter of its time, and last as {@link #ended}. */
    public List<Forecast> lookingBack(Kitchen kitchen, Batch batch) {
        return past.get(new Key(batch.id(), batch.events().size(), 0), k -> {
            List<Forecast> known = new ArrayList<>();
            double minutes = batch.minuteOf(batch.cameOff());
            for (int i = 0; i < LOOKS_BACK; i++) {
                Instant at = batch.momentOf(minutes * i / LOOKS_BACK);
                known.add(at(kitchen, batch.knownAt(at), at));
            }
            known.add(ended(kitchen, batch));
            return known;
        });
    }

    /** As it was known at a moment. */
    public Forecast at(Kitchen kitchen, Batch batch, Instant moment) {
        try {
            return waited.recordCallable(() -> quotas.inTurn(
                    kitchen.id(), Quotas.Work.FORECASTS, () -> taken.record(() -> batches.forecast(batch, moment))));
        } catch (RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    public Forecast now(Kitchen kitchen, Batch batch) {
        Instant now = batches.now();
        return recent.get(key(batch, now), k -> at(kitchen, batch, now));
    }

    private static Key key(Batch batch, Instant now) {
        return new Key(batch.id(), batch.events().size(), now.getEpochSecond() / SECONDS_GOOD);
    }

    /** For a program, whose call has its turn already and makes room for pages: no page waits for it. */
    public Forecast forProgram(Batch batch, Instant moment) {
        return takenForPrograms.record(() -> batches.forecast(batch, moment, people.pace()));
    }

    /** The same of now; what it takes is there for pages, too. */
    public Forecast nowForProgram(Batch batch) {
        Instant now = batches.now();
        Key key = key(batch, now);
        Forecast known = recent.getIfPresent(key);
        if (known != null) {
            return known;
        }
        Forecast fresh = forProgram(batch, now);
        recent.put(key, fresh);
        return fresh;
    }
}

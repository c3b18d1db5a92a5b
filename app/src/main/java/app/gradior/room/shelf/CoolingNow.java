package app.gradior.room.shelf;

import app.gradior.batch.Batch;
import app.gradior.care.Storage;
import app.gradior.clock.CoolingWatch;
import app.gradior.room.batch.Batches;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What is cooling now, by what cooks said of it, and the limit that comes next. */
@Service
public class CoolingNow {
    private static final Duration WATCHED = Duration.ofHours(14);
    /** So long before a limit it is told. */
    private static final double WARN_MIN = 15;

    private static final double WARM_C = app.gradior.clock.Cooling.WARM_LIMIT_C;
    private static final double COLD_C = app.gradior.clock.Cooling.COLD_LIMIT_C;

    private final Batches batches;
    private final Finishing finishing;
    private final Cache<Key, Course> courses = Caffeine.newBuilder()
            .maximumSize(100)
            .expireAfterAccess(Duration.ofHours(1))
            .build();

    CoolingNow(Batches batches, Finishing finishing) {
        this.batches = batches;
        this.finishing = finishing;
    }

    private record Key(long batch, int events) {}

    /** How it cools, from when; held hot it does not. */
    private record Course(CoolingWatch watch, Instant since, boolean held) {}

    /**
     * A sauce that cools.
     *
     * @param limitC the next limit, °C
     * @param limitAt by when
     * @param urgent whether a limit is near or missed
     */
    public record Now(
            Batch batch, CoolingWatch.State state, double tempC, double limitC, Instant limitAt, boolean urgent) {}

    /** All that cool and are not cold yet. */
    public List<Now> of(Kitchen kitchen) {
        return of(kitchen, new ArrayList<>());
    }

    /**
     * The same.
     *
     * @param odd takes the batches whose cooling cannot be reckoned
     */
    public List<Now> of(Kitchen kitchen, List<Odd> odd) {
        List<Now> all = new ArrayList<>();
        for (Batch batch : batches.finishedWithin(kitchen.id(), WATCHED)) {
            Odd.tried(odd, batch.name(), "/log/" + batch.id(), () -> one(kitchen, batch))
                    .flatMap(now -> now)
                    .ifPresent(all::add);
        }
        return all;
    }

    private Optional<Now> one(Kitchen kitchen, Batch batch) {
        boolean kept =
                batch.cooling().filter(said -> said.what() != Storage.EAT_NOW).isPresent();
        if (!kept) {
            return Optional.empty();
        }
        Course course = courses.get(new Key(batch.id(), batch.events().size()), key -> {
            Finishing.View view = finishing.of(kitchen, batch);
            return new Course(view.chosen().watch(), view.since(), view.held());
        });
        double minute = Duration.between(course.since(), batches.now()).toMillis() / 60_000.0;
        CoolingWatch.State state = course.watch().state(minute);
        return course.held() || state == CoolingWatch.State.COLD
                ? Optional.empty()
                : Optional.of(now(batch, course.watch(), state, minute, course.since()));
    }

    private static Now now(Batch batch, CoolingWatch watch, CoolingWatch.State state, double minute, Instant since) {
        double tempC = watch.tempC(minute);
        boolean warm = tempC > WARM_C;
        double limit = warm ? watch.warmLimitMinute() : watch.coldLimitMinute();
        boolean missed = state == CoolingWatch.State.LATE || state == CoolingWatch.State.TOO_LATE;
        boolean near = state == CoolingWatch.State.WILL_BE_LATE && limit - minute <= WARN_MIN;
        return new Now(
                batch, state, tempC, warm ? WARM_C : COLD_C, since.plusSeconds(Math.round(60 * limit)), missed || near);
    }
}

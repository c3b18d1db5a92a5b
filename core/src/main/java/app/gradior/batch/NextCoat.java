package app.gradior.batch;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * The coat that goes on next.
 *
 * @param number from 1
 * @param of so many
 * @param coat as planned
 * @param at when; empty when nobody said when the food is done, and none is on yet
 */
public record NextCoat(int number, int of, OnFood.Coat coat, Optional<Instant> at) {
    private static final double SECONDS_PER_MINUTE = 60;

    /** The next one of a batch; empty when all are on, or it is brushed on nothing. */
    public static Optional<NextCoat> of(Batch batch) {
        OnFood food = batch.plan().onFood();
        List<Instant> on = batch.folded().coats();
        if (food == null || on.size() >= food.coats().size()) {
            return Optional.empty();
        }
        OnFood.Coat coat = food.coats().get(on.size());
        return Optional.of(new NextCoat(on.size() + 1, food.coats().size(), coat, at(food, on, coat)));
    }

    /** As long before the food is done as planned, but never before the last coat has had its time. */
    private static Optional<Instant> at(OnFood food, List<Instant> on, OnFood.Coat coat) {
        Instant doneAt = food.doneAt();
        Optional<Instant> planned =
                doneAt == null ? Optional.empty() : Optional.of(doneAt.minus(minutes(coat.beforeDoneMin())));
        if (on.isEmpty()) {
            return planned;
        }
        Instant dry = on.get(on.size() - 1).plus(minutes(food.waitMin(on.size())));
        return planned.filter(dry::isBefore).or(() -> Optional.of(dry));
    }

    private static Duration minutes(double minutes) {
        return Duration.ofSeconds(Math.round(minutes * SECONDS_PER_MINUTE));
    }

    /** Minutes until then; NaN when nobody knows. */
    double minutesFrom(Instant now) {
        return at.map(then -> Batch.minutesBetween(now, then)).orElse(Double.NaN);
    }
}

package app.gradior.web.frame;

import app.gradior.batch.Batch;
import app.gradior.estimate.Forecast;
import app.gradior.room.batch.Batches;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/**
 * The live pots of a kitchen with their forecasts, kept current beside the pages that show them: no page's time grows with the number of
 * pots.
 */
@Component
public class LivePots implements DisposableBean {
    /** A page waits no longer than this for pots that were never looked at, all together. */
    private static final Duration PATIENCE = Duration.ofMillis(1500);

    private static final int MOST_KEPT = 1000;

    private final Batches batches;
    private final Forecasts forecasts;
    private final ExecutorService workers;
    private final Beside<Reckoned> kept;

    LivePots(Batches batches, Forecasts forecasts) {
        this.batches = batches;
        this.forecasts = forecasts;
        this.workers =
                Executors.newFixedThreadPool(Math.max(1, Runtime.getRuntime().availableProcessors() - 1), work -> {
                    Thread thread = new Thread(work, "live-pots");
                    thread.setDaemon(true);
                    return thread;
                });
        this.kept = new Beside<>(new FairQueue(workers), MOST_KEPT);
    }

    @Override
    public void destroy() {
        workers.shutdownNow();
    }

    /** A batch with its forecast, or why there is none. */
    private record Reckoned(Optional<On> on, List<Odd> odd) {}

    /** A batch and what is believed of it. */
    public record On(Batch batch, Forecast forecast) {
        /**
         * As a page shows it.
         *
         * @param odd takes it when it cannot be shown after all
         */
        public <T> Optional<T> shown(List<Odd> odd, Supplier<T> as) {
            return Odd.tried(odd, batch.name(), "/pot/" + batch.id(), as);
        }
    }

    /**
     * All that are on.
     *
     * @param on those that are reckoned
     * @param waiting those that are not yet
     */
    public record All(List<On> on, List<Batches.Head> waiting) {}

    /**
     * All that are on now.
     *
     * @param odd takes those that cannot be reckoned
     */
    public All of(Kitchen kitchen, List<Odd> odd) {
        List<Batches.Head> heads = batches.liveHeads(kitchen.id());
        Instant now = batches.now();
        List<Optional<Reckoned>> answers = kept.of(
                heads.stream()
                        .map(head ->
                                new Beside.Wanted<>(head.id(), head.lastEntry(), kitchen.id(), work(kitchen, head)))
                        .toList(),
                now,
                PATIENCE);
        List<On> on = new ArrayList<>();
        List<Batches.Head> waiting = new ArrayList<>();
        for (int i = 0; i < heads.size(); i++) {
            Optional<Reckoned> answer = answers.get(i);
            answer.flatMap(Reckoned::on).ifPresent(on::add);
            answer.map(Reckoned::odd).ifPresent(odd::addAll);
            if (answer.isEmpty()) {
                waiting.add(heads.get(i));
            }
        }
        return new All(on, waiting);
    }

    private Supplier<Reckoned> work(Kitchen kitchen, Batches.Head head) {
        return () -> {
            List<Odd> odd = new ArrayList<>();
            Optional<On> on = Odd.tried(odd, head.name(), "/pot/" + head.id(), () -> {
                Batch batch = batches.batch(kitchen.id(), head.id());
                return new On(batch, forecasts.now(kitchen, batch));
            });
            return new Reckoned(on, odd);
        };
    }
}

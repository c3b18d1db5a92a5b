package app.gradior.room.kit;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchTelling;
import app.gradior.batch.EventBody;
import app.gradior.estimate.BatchStory;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.Reading;
import app.gradior.estimate.Estimator;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Learning;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.kept.Utc;
import app.gradior.reading.ReadingKind;
import app.gradior.room.house.Kitchen;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a kitchen's finished batches taught of its burner-and-pot pairs and its sauces. */
@Service
public class Lessons {
    /** Older batches are not looked at: pots and cooks change. */
    private static final int MOST = 400;

    private final LessonMapper lessons;

    Lessons(LessonMapper lessons) {
        this.lessons = lessons;
    }

    /** The latest, newest first. */
    public List<KeptLesson> latest(long kitchenId) {
        return lessons.latest(kitchenId, MOST);
    }

    /** What the latest that count say of the cook's hand. */
    public List<KeptHand> hands(long kitchenId) {
        return lessons.hands(kitchenId, MOST);
    }

    /** What a batch taught, when it is removed for good. */
    public void forget(long kitchenId, long batchId) {
        lessons.remove(kitchenId, batchId);
    }

    /** Works out what a finished batch says, and keeps it. */
    public void learn(Kitchen kitchen, Batch batch) {
        Instant finished = batch.finishedAt();
        if (finished == null) {
            return;
        }
        double end = batch.minuteOf(finished);
        BatchStory story = new BatchTelling(batch).story();
        BatchStory whole = story.with(afterwards(batch, end));
        Learning.Lesson lesson = Learning.lesson(whole, end);
        BatchStory planned = new BatchTelling(batch.knownAt(Instant.MIN)).story();
        Optional<Forecast.Finish> foretold = Estimator.forecast(planned, 0).finish();
        Optional<Forecast.Finish> unlearnt =
                Estimator.forecast(planned.unlearnt(), 0).finish();
        lessons.keep(new KeptLesson(
                batch.id(),
                kitchen.id(),
                batch.sauceId(),
                batch.origin().potId(),
                batch.origin().burnerId(),
                Utc.of(finished),
                lesson.pair().log(),
                lesson.pair().precision(),
                lesson.body().log(),
                lesson.body().precision(),
                end,
                minute(foretold.map(f -> f.minute().middle())),
                minute(foretold.map(f -> f.minute().low())),
                minute(foretold.map(f -> f.minute().high())),
                minute(unlearnt.map(f -> f.minute().middle())),
                true));
        lessons.forgetHands(batch.id());
        Learning.hands(whole, end)
                .forEach((kind, hand) -> lessons.keepHand(KeptHand.of(batch.id(), kitchen.id(), kind, hand)));
    }

    private static @Nullable Double minute(Optional<Double> minute) {
        return minute.orElse(null);
    }

    /** What was found when it was over: how much it gave, and how thick it was the next day by spoon and ring. */
    private static List<Happening> afterwards(Batch batch, double endMinute) {
        List<Happening> found = new ArrayList<>();
        batch.finish()
                .map(EventBody.Finished::yieldMl)
                .ifPresent(ml -> found.add(new Happening(endMinute, new Reading(ReadingKind.YIELD, ml))));
        batch.nextDay()
                .map(EventBody.NextDay::step)
                .ifPresent(step -> found.add(new Happening(endMinute, new Reading(ReadingKind.SERVED, step))));
        batch.nextDay()
                .map(EventBody.NextDay::ringMm)
                .ifPresent(mm -> found.add(new Happening(endMinute, new Reading(ReadingKind.NEXT_DAY_RING, mm))));
        return found;
    }

    /** Lets a batch count, or leaves it out. */
    @Transactional
    public void count(long kitchenId, long batchId, boolean counted) {
        if (lessons.count(kitchenId, batchId, counted) == 0) {
            throw Refusal.missing(Thing.BATCH);
        }
    }
}

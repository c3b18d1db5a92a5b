package app.gradior.room.kit;

import app.gradior.estimate.Learning;
import app.gradior.reading.ReadingKind;

/** What one batch says of how its cook reads by one kind, as its table holds it. */
public record KeptHand(
        long batchId, long kitchenId, ReadingKind kind, int readings, double mean, double squares, double modelSd) {
    static KeptHand of(long batchId, long kitchenId, ReadingKind kind, Learning.HandLesson lesson) {
        return new KeptHand(
                batchId, kitchenId, kind, lesson.readings(), lesson.mean(), lesson.squares(), lesson.modelSd());
    }

    Learning.HandLesson lesson() {
        return new Learning.HandLesson(readings, mean, squares, modelSd);
    }
}

package app.gradior.room.practice;

import app.gradior.practice.Practice;
import app.gradior.practice.Said;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * A practice of one cook.
 *
 * @param what a lesson's key, or {@link Practices#FREE} or {@link Practices#WEEKLY}
 * @param name of a free pot what is cooked; else empty
 * @param score of a hundred, once it is over
 */
public record PracticeRun(
        long id,
        String what,
        String name,
        Practice practice,
        List<Said> said,
        Instant startedAt,
        Optional<Double> score) {
    public PracticeRun {
        said = List.copyOf(said);
    }

    /** The same with something done. */
    PracticeRun with(Practice done) {
        return new PracticeRun(id, what, name, done, said, startedAt, score);
    }

    /** The same with what was said. */
    PracticeRun with(List<Said> all) {
        return new PracticeRun(id, what, name, practice, all, startedAt, score);
    }

    /** The same, over. */
    PracticeRun scored(double total) {
        return new PracticeRun(id, what, name, practice, said, startedAt, Optional.of(total));
    }

    public boolean isOver() {
        return score.isPresent();
    }
}

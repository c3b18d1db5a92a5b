package app.gradior.estimate;

import app.gradior.course.PotCourse;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.Reading;
import app.gradior.mixture.Mixture;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.Stage;
import app.gradior.simmer.SimmerRun;

/** One way the batch may truly be: the pot re-run with one choice of the uncertain numbers. */
final class EnsembleMember {
    private static final double LEAST_PAIR = 0.05;
    private static final double MOST_PAIR = 20;

    private final BatchStory story;
    private final Belief belief;
    private final double[] z;
    private final PotCourse course;
    private int part;
    private int next;
    private boolean onHeat = true;
    private double pouredG;

    EnsembleMember(BatchStory story, Belief belief, double[] z) {
        this.story = story;
        this.belief = belief;
        this.z = z.clone();
        double pair = story.pot().pairFactor() * belief.pairFactor(z);
        this.course = new PotCourse(
                story.pot().withPairFactor(Math.max(LEAST_PAIR, Math.min(MOST_PAIR, pair))),
                belief.bodyFactor(z),
                story.servedC(),
                belief.variation(this.z));
        if (story.hotAtStart()) {
            course.beginHot(stage(0));
        } else {
            course.begin(stage(0));
        }
    }

    /** A stage with this member's amounts. */
    private Stage stage(int index) {
        return story.parts().get(index).stage().changed(this::scaled);
    }

    private Mixture scaled(Mixture mixture) {
        return mixture.scaled(belief.waterFactor(z), belief.solidsFactor(z));
    }

    PotCourse course() {
        return course;
    }

    double bodyFactor() {
        return belief.bodyFactor(z);
    }

    /** Place of the stage it is in; the number of stages when all are over. */
    int part() {
        return part;
    }

    /** Re-runs all that happened up to a minute; for each reading, in order, writes what this member would have read. */
    void follow(double untilMinute, double[] predicted) {
        int reading = 0;
        while (next < story.happenings().size() && story.happenings().get(next).minute() <= untilMinute) {
            Happening happening = story.happenings().get(next++);
            to(happening.minute());
            if (happening.what() instanceof Reading taken) {
                if (reading < predicted.length) {
                    predicted[reading++] = read(taken);
                }
            } else {
                happen(happening.what());
            }
        }
        to(untilMinute);
    }

    /** Re-runs all that happened up to a minute, without reading anything. */
    void follow(double untilMinute) {
        follow(untilMinute, new double[0]);
    }

    private void happen(BatchStory.What what) {
        if (what instanceof BatchStory.NextStage) {
            nextStage();
        } else if (what instanceof BatchStory.LookSet set) {
            course.set(set.look());
        } else if (what instanceof BatchStory.LidSet set) {
            course.set(set.lid());
        } else if (what instanceof BatchStory.Added added) {
            course.add(added.mixture(), added.foods());
        } else if (what instanceof BatchStory.Poured poured) {
            course.add(poured.mixture());
            pouredG += poured.mixture().massG();
        } else if (what instanceof BatchStory.Taken taken) {
            if (taken.mlHot() > 0) {
                course.takeOutMl(taken.mlHot());
            } else {
                course.takeOutG(taken.massG());
            }
        } else if (what instanceof BatchStory.Pressed pressed) {
            course.press(pressed.pressing(), pressed.leftG() < 0 ? Double.NaN : pressed.leftG());
        } else if (what instanceof BatchStory.OnHeat set) {
            onHeat = set.on();
            course.setOnHeat(set.on());
        }
    }

    private void nextStage() {
        if (part < story.parts().size()) {
            part++;
            pouredG = 0;
            onHeat = true;
            if (part < story.parts().size()) {
                course.begin(stage(part));
            } else {
                course.end();
            }
        }
    }

    /** From here on it is on the heat, whether it was or not, and what is still to be poured is in: what a forecast assumes. */
    void goOn() {
        if (!onHeat) {
            onHeat = true;
            course.setOnHeat(true);
        }
        course.drift(belief.driftFactor(z));
        pourRest();
    }

    private void pourRest() {
        if (part < story.parts().size()) {
            Mixture whole = story.parts().get(part).inPortions();
            double left = whole.massG() > 0 ? 1 - pouredG / whole.massG() : 0;
            if (left > 0) {
                pouredG = whole.massG();
                course.add(whole.times(left));
            }
        }
    }

    /**
     * Lets it go on by itself, from stage to stage, until a minute. A pot whose last stage is over stays as it is, on the heat if it
     * was: that is what happens when nobody comes.
     *
     * @return whether all stages are over
     */
    boolean goOnTo(double minute, StageEnds ends) {
        while (part < story.parts().size()) {
            SimmerRun.End end = course.advanceToEnd(Math.max(0, minute - course.minute()));
            if (end != SimmerRun.End.REACHED) {
                return false;
            }
            ends.over(part, course);
            if (part == story.parts().size() - 1) {
                part++;
            } else {
                nextStage();
                pourRest();
            }
        }
        to(minute);
        return true;
    }

    /** Hears of each stage that is over. */
    @FunctionalInterface
    interface StageEnds {
        void over(int part, PotCourse course);
    }

    private void to(double minute) {
        course.advance(minute - course.minute());
    }

    private double read(Reading reading) {
        double read = read(reading.kind());
        // A pot without a liquid has no thickness to be off by.
        return Double.isFinite(read) ? read : reading.value();
    }

    /** What this member would read now; NaN when there is nothing to read. */
    double read(ReadingKind kind) {
        return kind.of(course, story.emptyG());
    }
}

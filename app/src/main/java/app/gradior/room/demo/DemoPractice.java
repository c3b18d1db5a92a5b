package app.gradior.room.demo;

import app.gradior.access.Members;
import app.gradior.practice.CookEye;
import app.gradior.practice.Deed;
import app.gradior.practice.Lesson;
import app.gradior.practice.Practice;
import app.gradior.practice.Said;
import app.gradior.room.practice.Practices;
import java.util.List;
import java.util.Random;
import org.springframework.stereotype.Component;

/** Five lessons of somebody who reads too thick at first, and learns. */
@Component
class DemoPractice {
    private static final List<Lesson> LESSONS =
            List.of(Lesson.BUBBLES, Lesson.SPOON, Lesson.COLD, Lesson.LIDS, Lesson.BUBBLES);
    private static final double[] JUDGED_S = {200, 380, 560};
    private static final double OFF_S = 720;
    /** How far off the first judgement is, steps, and how much of that is left after each lesson. */
    private static final double FIRST_OFF = 1.3;

    private static final double LEFT_EACH = 0.62;
    private static final double SPREAD = 0.25;
    private static final long SEED = 1201;

    private final Practices practices;
    private final Members members;

    DemoPractice(Practices practices, Members members) {
        this.practices = practices;
        this.members = members;
    }

    void fill(long kitchenId) {
        Practices.Cook cook =
                new Practices.Cook(kitchenId, members.of(kitchenId).get(0).accountId());
        Random random = new Random(SEED);
        double off = FIRST_OFF;
        for (int i = 0; i < LESSONS.size(); i++) {
            Lesson lesson = LESSONS.get(i);
            Practice pot = new Practice(lesson.scenario(), SEED + i, List.of());
            long id = practices.start(cook, lesson.key(), "", lesson.scenario(), SEED + i);
            for (double s : JUDGED_S) {
                double by = off + SPREAD * random.nextGaussian();
                practices.reads(cook, id, CookEye.Sense.SPOON, 0, s, within(pot.stepHot(0, s) + by));
                practices.says(
                        cook,
                        id,
                        new Said(
                                s,
                                0,
                                within(pot.stepHot(0, s) + by),
                                within(pot.stepServed(0, s) - by),
                                Math.max(0, (OFF_S - s) / 60 * (1 - off / 3))));
            }
            practices.does(cook, id, new Deed(OFF_S, 0, Deed.Kind.OFF, 0));
            off *= LEFT_EACH;
        }
    }

    private static double within(double step) {
        return Math.max(0, Math.min(9, step));
    }
}

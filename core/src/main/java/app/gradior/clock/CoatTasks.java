package app.gradior.clock;

import java.util.ArrayList;
import java.util.List;

/** Brushing food in coats as pieces of work that end when the food is done. */
public final class CoatTasks {
    /** To take the food out, brush it all over and put it back, min; kitchen estimate. */
    private static final double BRUSH_MIN = 2;

    private static final double SET_ASIDE_MIN = 1;

    private CoatTasks() {}

    /**
     * The work in order.
     *
     * @param beforeDoneMin when each coat goes on, minutes before the food is done, the first first
     * @param forTable whether some is kept clean for the table
     */
    public static List<Task> of(List<Double> beforeDoneMin, boolean forTable) {
        List<Task> tasks = new ArrayList<>();
        if (forTable) {
            tasks.add(Task.byHand(new TaskName.SetAside(), SET_ASIDE_MIN));
        }
        int coats = beforeDoneMin.size();
        for (int i = 0; i < coats; i++) {
            double until = i + 1 < coats ? beforeDoneMin.get(i + 1) : 0;
            double brush = Math.min(BRUSH_MIN, beforeDoneMin.get(i) - until);
            // From the first coat on the food sets the time: nothing waits.
            tasks.add(new Task(new TaskName.Coat(i + 1, coats), brush, true, false, false));
            double glazing = beforeDoneMin.get(i) - until - brush;
            if (glazing > 0) {
                tasks.add(new Task(new TaskName.Glazing(), glazing, false, false, i + 1 == coats));
            }
        }
        return tasks;
    }
}

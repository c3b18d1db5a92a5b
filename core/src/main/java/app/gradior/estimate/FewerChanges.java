package app.gradior.estimate;

import app.gradior.estimate.BatchStory.Added;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.LidSet;
import app.gradior.estimate.BatchStory.LookSet;
import app.gradior.estimate.BatchStory.OnHeat;
import app.gradior.estimate.BatchStory.What;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A story in which heat or lid was changed hundreds of times, or something added hundreds of times, told with fewer changes: settings
 * that held for the shortest times are left out, additions close together are one. Each change is a break in every member's course, and
 * no cook makes so many; what a broken device sends must not cost seconds.
 */
final class FewerChanges {
    /** Up to so many of a kind all are told. */
    static final int MOST = 80;

    private FewerChanges() {}

    static BatchStory of(BatchStory story) {
        List<Happening> happenings = story.happenings();
        List<Happening> fewer = additions(settings(happenings));
        return fewer.size() == happenings.size() ? story : story.withOnly(fewer);
    }

    private static boolean sets(What what) {
        return what instanceof LookSet || what instanceof LidSet || what instanceof OnHeat;
    }

    private static List<Happening> settings(List<Happening> happenings) {
        int count = (int) happenings.stream().filter(h -> sets(h.what())).count();
        if (count <= MOST) {
            return happenings;
        }
        double[] held = new double[happenings.size()];
        Map<Class<?>, Integer> last = new HashMap<>();
        Arrays.fill(held, Double.POSITIVE_INFINITY);
        for (int i = 0; i < happenings.size(); i++) {
            What what = happenings.get(i).what();
            if (sets(what)) {
                Integer before = last.put(what.getClass(), i);
                if (before != null) {
                    held[before] =
                            happenings.get(i).minute() - happenings.get(before).minute();
                }
            }
        }
        Set<Integer> dropped = new HashSet<>();
        List<Integer> shortestFirst = new ArrayList<>();
        for (int i = 0; i < held.length; i++) {
            if (held[i] < Double.POSITIVE_INFINITY) {
                shortestFirst.add(i);
            }
        }
        shortestFirst.sort((a, b) -> Double.compare(held[a], held[b]));
        dropped.addAll(shortestFirst.subList(0, Math.min(count - MOST, shortestFirst.size())));
        List<Happening> kept = new ArrayList<>();
        for (int i = 0; i < held.length; i++) {
            if (!dropped.contains(i)) {
                kept.add(happenings.get(i));
            }
        }
        return kept;
    }

    private static List<Happening> additions(List<Happening> happenings) {
        List<Happening> added =
                happenings.stream().filter(h -> h.what() instanceof Added).toList();
        if (added.size() <= MOST) {
            return happenings;
        }
        double near = (added.get(added.size() - 1).minute() - added.get(0).minute()) / MOST;
        List<Happening> fewer = new ArrayList<>(happenings);
        fewer.removeAll(added);
        Happening together = added.get(0);
        for (Happening next : added.subList(1, added.size())) {
            if (next.minute() - together.minute() <= near
                    && together.what() instanceof Added first
                    && next.what() instanceof Added second) {
                together = new Happening(
                        together.minute(), new Added(first.mixture().plus(second.mixture())));
            } else {
                fewer.add(together);
                together = next;
            }
        }
        fewer.add(together);
        return fewer;
    }
}

package app.gradior.estimate;

import app.gradior.estimate.BatchStory.Added;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.LidSet;
import app.gradior.estimate.BatchStory.LookSet;
import app.gradior.estimate.BatchStory.OnHeat;
import app.gradior.estimate.BatchStory.Poured;
import app.gradior.estimate.BatchStory.Reading;
import app.gradior.estimate.BatchStory.Taken;
import app.gradior.estimate.BatchStory.What;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A story in which heat or lid was changed hundreds of times, or something added or taken hundreds of times, told with fewer changes:
 * settings that held for the shortest times are left out, additions close together are one, never across a stage's end or a blend. Each change is a break in every member's course, and
 * no cook makes so many; what a broken device sends must not cost seconds.
 */
final class FewerChanges {
    /** Up to so many of a kind all are told. */
    static final int MOST = 50;

    private FewerChanges() {}

    static BatchStory of(BatchStory story) {
        List<Happening> happenings = story.happenings();
        List<Happening> fewer = moves(settings(happenings));
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

    private static boolean moves(What what) {
        return what instanceof Added || what instanceof Poured || what instanceof Taken;
    }

    private static List<Happening> moves(List<Happening> happenings) {
        List<Happening> moving =
                happenings.stream().filter(h -> moves(h.what())).toList();
        if (moving.size() <= MOST) {
            return happenings;
        }
        double near = (moving.get(moving.size() - 1).minute() - moving.get(0).minute()) / MOST;
        List<Happening> fewer = happenings;
        for (Across across : Across.values()) {
            fewer = together(happenings, near, across);
            if (fewer.stream().filter(h -> moves(h.what())).count() <= 2 * MOST) {
                break;
            }
        }
        return fewer;
    }

    /** What may lie between two moves that are told as one, at the time of the first; the least that makes them few enough. */
    private enum Across {
        HEAT,
        READINGS,
        OTHER_MOVES;

        boolean parts(What between) {
            return !sets(between) && (ordinal() < READINGS.ordinal() || !(between instanceof Reading));
        }
    }

    private static List<Happening> together(List<Happening> happenings, double near, Across across) {
        List<Happening> fewer = new ArrayList<>();
        Map<Object, Integer> open = new HashMap<>(); // by kind: where in fewer the one is that the next may join
        for (Happening next : happenings) {
            if (!moves(next.what())) {
                if (across.parts(next.what())) {
                    open.clear();
                }
                fewer.add(next);
                continue;
            }
            Object kind = kind(next.what());
            if (across != Across.OTHER_MOVES) {
                open.keySet().retainAll(Set.of(kind));
            }
            Integer at = open.get(kind);
            if (at != null && next.minute() - fewer.get(at).minute() <= near) {
                Happening first = fewer.get(at);
                fewer.set(at, new Happening(first.minute(), sum(first.what(), next.what())));
            } else {
                open.put(kind, fewer.size());
                fewer.add(next);
            }
        }
        return fewer;
    }

    /** What may be one: of one kind, and taken out by weight not with taken out by volume. */
    private static Object kind(What move) {
        return move instanceof Taken taken && taken.massG() == 0 ? Taken.class.getName() : move.getClass();
    }

    private static What sum(What first, What next) {
        if (first instanceof Added a && next instanceof Added b) {
            return a.and(b);
        }
        if (first instanceof Poured a && next instanceof Poured b) {
            return new Poured(a.mixture().plus(b.mixture()));
        }
        if (first instanceof Taken a && next instanceof Taken b) {
            return new Taken(a.massG() + b.massG(), a.mlHot() + b.mlHot());
        }
        throw new IllegalArgumentException(first + " and " + next + " are no one move");
    }
}

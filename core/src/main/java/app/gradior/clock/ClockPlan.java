package app.gradior.clock;

import app.gradior.finding.Unfit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The day planned back from serving: several sauces over the burners there are and one pair of hands.
 *
 * <p>Each sauce is put as late as it can be without two hands-on pieces of work, or two pots on one burner, at a time. Sauces are
 * put one after the other; every order of up to {@link #ORDERED} sauces is tried and the calmest day kept. What a cook has moved
 * stays where it was put, and what it then runs into is named.
 */
public final class ClockPlan {
    private static final int ORDERED = 5;
    private static final int EARLIEST_MIN = 3 * 24 * 60;
    private static final double TOO_LONG_HELD_COST = 20;
    private static final double WAITING_COST = 0.3;

    private ClockPlan() {}

    /**
     * A sauce to be ready at a time.
     *
     * @param tasks in order
     * @param dueMinute when it is served, on the day's own scale
     * @param holdMinutes how long before that it may be ready without harm
     * @param movedMinutes how much earlier than it must the cook wants it ready; not 0 pins it there
     * @param across how many burners its pan takes, side by side: 1 or 2
     */
    public record Job(String name, List<Task> tasks, int dueMinute, int holdMinutes, int movedMinutes, int across) {
        /** In a pot on one burner. */
        public Job(String name, List<Task> tasks, int dueMinute, int holdMinutes, int movedMinutes) {
            this(name, tasks, dueMinute, holdMinutes, movedMinutes, 1);
        }

        public Job {
            tasks = List.copyOf(tasks);
            Unfit.inRange("across", across, 1, 2, "");
            Unfit.atLeast("holdMinutes", holdMinutes, 0, "");
        }

        boolean pinned() {
            return movedMinutes != 0;
        }
    }

    /**
     * A piece of work in its place.
     *
     * @param burner from 0; −1 off the heat
     * @param across how many burners from that one on
     */
    public record Placed(Task task, int startMinute, int endMinute, int burner, int across) {
        /** On one burner, or off the heat. */
        public Placed(Task task, int startMinute, int endMinute, int burner) {
            this(task, startMinute, endMinute, burner, 1);
        }

        private boolean sharesBurner(Placed other) {
            return burner >= 0
                    && other.burner >= 0
                    && burner < other.burner + other.across
                    && other.burner < burner + across;
        }
    }

    /**
     * A sauce in its place.
     *
     * @param placed in order of time
     */
    public record Row(Job job, List<Placed> placed) {
        public Row {
            placed = List.copyOf(placed);
        }

        public int startMinute() {
            return placed.isEmpty() ? job.dueMinute() : placed.get(0).startMinute();
        }

        public int readyMinute() {
            return placed.isEmpty()
                    ? job.dueMinute()
                    : placed.get(placed.size() - 1).endMinute();
        }

        /** Minutes between ready and served. */
        public int spareMinutes() {
            return job.dueMinute() - readyMinute();
        }

        /** Minutes it stands between pieces of work. */
        int waitingMinutes() {
            int sum = 0;
            for (int i = 1; i < placed.size(); i++) {
                sum += placed.get(i).startMinute() - placed.get(i - 1).endMinute();
            }
            return sum;
        }
    }

    /** What a day runs into. */
    public enum Trouble {
        /** Two pieces of work want the hands at once. */
        HANDS,
        /** Two pots want one burner at once. */
        BURNER,
        /** Ready too long before it is served. */
        HELD,
        /** Begins before the day does. */
        LATE
    }

    /**
     * A conflict that stands.
     *
     * @param job which sauce, by its place in the list
     * @param other the sauce it runs into; −1 for none
     * @param fromMinute when
     * @param toMinute until when
     */
    public record Conflict(Trouble trouble, int job, int other, int fromMinute, int toMinute) {}

    /**
     * The day.
     *
     * @param rows in the order of the jobs
     */
    public record Day(List<Row> rows, List<Conflict> conflicts) {
        public Day {
            rows = List.copyOf(rows);
            conflicts = List.copyOf(conflicts);
        }

        /** When the first of them begins; the earliest due time without any. */
        public int startMinute() {
            return rows.stream().mapToInt(Row::startMinute).min().orElse(0);
        }
    }

    /**
     * Plans the day.
     *
     * @param burners how many there are, 1 or more
     * @param nowMinute before which nothing can begin
     */
    public static Day of(List<Job> jobs, int burners, int nowMinute) {
        return of(jobs, burners, nowMinute, List.of());
    }

    /**
     * Plans the day around pots that are on already.
     *
     * @param busy burners that are taken, and from when to when
     */
    public static Day of(List<Job> jobs, int burners, int nowMinute, List<Placed> busy) {
        Unfit.atLeast("burners", burners, 1, "");
        List<Integer> free = new ArrayList<>();
        List<Integer> first = new ArrayList<>();
        for (int i = 0; i < jobs.size(); i++) {
            (jobs.get(i).pinned() ? first : free).add(i);
        }
        free.sort(Comparator.comparingInt((Integer i) -> -minutes(jobs.get(i))));
        List<List<List<Task>>> blocks =
                jobs.stream().map(job -> blocks(job.tasks())).toList();
        Row[] best = new Row[0];
        double bestCost = Double.POSITIVE_INFINITY;
        for (List<Integer> order : orders(free)) {
            List<Integer> all = new ArrayList<>(first);
            all.addAll(order);
            Row[] rows = placed(jobs, blocks, all, burners, busy);
            double cost = cost(rows);
            if (cost < bestCost - 1e-9) {
                best = rows;
                bestCost = cost;
            }
        }
        return new Day(List.of(best), conflicts(best, nowMinute, busy));
    }

    private static int minutes(Job job) {
        return job.tasks().stream().mapToInt(Task::wholeMinutes).sum();
    }

    private static List<List<Integer>> orders(List<Integer> items) {
        if (items.size() > ORDERED || items.size() < 2) {
            return List.of(items);
        }
        List<List<Integer>> all = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            List<Integer> rest = new ArrayList<>(items);
            int head = rest.remove(i);
            for (List<Integer> tail : orders(rest)) {
                List<Integer> order = new ArrayList<>();
                order.add(head);
                order.addAll(tail);
                all.add(order);
            }
        }
        return all;
    }

    /** Minutes that finished sauces stand, those too long for them many times, and a part of those that half-made ones do. */
    private static double cost(Row[] rows) {
        double cost = 0;
        for (Row row : rows) {
            cost += row.spareMinutes()
                    + TOO_LONG_HELD_COST
                            * Math.max(0, row.spareMinutes() - row.job().holdMinutes())
                    + WAITING_COST * row.waitingMinutes();
        }
        return cost;
    }

    private static Row[] placed(
            List<Job> jobs, List<List<List<Task>>> blocks, List<Integer> order, int burners, List<Placed> busy) {
        Row[] rows = new Row[jobs.size()];
        List<Placed> taken = new ArrayList<>(busy);
        for (int job : order) {
            Row row = best(jobs.get(job), blocks.get(job), taken, burners);
            rows[job] = row;
            taken.addAll(row.placed());
        }
        return rows;
    }

    /** The job on the burner where it runs into least, is ready latest and begins latest. */
    private static Row best(Job job, List<List<Task>> blocks, List<Placed> taken, int burners) {
        Row best = onBurner(job, blocks, taken, 0);
        int fewest = clashes(best, taken);
        for (int burner = 1; burner + job.across() <= burners; burner++) {
            Row row = onBurner(job, blocks, taken, burner);
            int clashes = clashes(row, taken);
            boolean later = row.readyMinute() > best.readyMinute()
                    || row.readyMinute() == best.readyMinute() && row.startMinute() > best.startMinute();
            if (clashes < fewest || clashes == fewest && later) {
                best = row;
                fewest = clashes;
            }
        }
        return best;
    }

    private static int clashes(Row row, List<Placed> taken) {
        int clashes = 0;
        for (Placed mine : row.placed()) {
            for (Placed other : taken) {
                clashes += clash(mine, other) != null ? 1 : 0;
            }
        }
        return clashes;
    }

    private static Row onBurner(Job job, List<List<Task>> blocks, List<Placed> taken, int burner) {
        List<Placed> placed = new ArrayList<>();
        int latest = job.dueMinute() - job.movedMinutes();
        for (int i = blocks.size() - 1; i >= 0; i--) {
            boolean stays = job.pinned() && i == blocks.size() - 1;
            List<Placed> block = stays
                    ? at(blocks.get(i), latest, burner, job.across())
                    : latestFree(blocks.get(i), latest, taken, burner, job.across());
            placed.addAll(0, block);
            latest = block.isEmpty() ? latest : block.get(0).startMinute();
        }
        return new Row(job, placed);
    }

    /** Runs of tasks with no standing between them. */
    private static List<List<Task>> blocks(List<Task> tasks) {
        List<List<Task>> blocks = new ArrayList<>();
        List<Task> block = new ArrayList<>();
        for (Task task : tasks) {
            if (task.wholeMinutes() > 0) {
                block.add(task);
            }
            if (task.mayWaitAfter() && !block.isEmpty()) {
                blocks.add(block);
                block = new ArrayList<>();
            }
        }
        if (!block.isEmpty()) {
            blocks.add(block);
        }
        return blocks;
    }

    private static List<Placed> latestFree(List<Task> block, int latest, List<Placed> taken, int burner, int across) {
        int end = latest;
        while (end > latest - EARLIEST_MIN) {
            List<Placed> placed = at(block, end, burner, across);
            int shift = shiftNeeded(placed, taken);
            if (shift == 0) {
                return placed;
            }
            end -= shift;
        }
        return at(block, latest, burner, across);
    }

    /** How much earlier the first clash found would have to be; 0 when there is none. */
    private static int shiftNeeded(List<Placed> placed, List<Placed> taken) {
        for (Placed mine : placed) {
            for (Placed other : taken) {
                if (clash(mine, other) != null) {
                    return mine.endMinute() - other.startMinute();
                }
            }
        }
        return 0;
    }

    private static @Nullable Trouble clash(Placed a, Placed b) {
        boolean overlap = a.startMinute() < b.endMinute() && b.startMinute() < a.endMinute();
        if (!overlap) {
            return null;
        }
        if (a.task().handsOn() && b.task().handsOn()) {
            return Trouble.HANDS;
        }
        return a.sharesBurner(b) ? Trouble.BURNER : null;
    }

    private static List<Placed> at(List<Task> block, int end, int burner, int across) {
        int minute = end;
        for (Task task : block) {
            minute -= task.wholeMinutes();
        }
        List<Placed> placed = new ArrayList<>(block.size());
        for (Task task : block) {
            int after = minute + task.wholeMinutes();
            placed.add(new Placed(task, minute, after, task.onHeat() ? burner : -1, across));
            minute = after;
        }
        return placed;
    }

    private static List<Conflict> conflicts(Row[] rows, int nowMinute, List<Placed> busy) {
        List<Conflict> conflicts = new ArrayList<>();
        for (int i = 0; i < rows.length; i++) {
            for (int j = i + 1; j < rows.length; j++) {
                between(rows, i, j, conflicts);
            }
            for (Placed mine : rows[i].placed()) {
                for (Placed pot : busy) {
                    if (clash(mine, pot) == Trouble.BURNER) {
                        conflicts.add(new Conflict(
                                Trouble.BURNER,
                                i,
                                -1,
                                Math.max(mine.startMinute(), pot.startMinute()),
                                Math.min(mine.endMinute(), pot.endMinute())));
                    }
                }
            }
            if (rows[i].spareMinutes() > rows[i].job().holdMinutes()) {
                conflicts.add(new Conflict(
                        Trouble.HELD,
                        i,
                        -1,
                        rows[i].readyMinute(),
                        rows[i].job().dueMinute()));
            }
            if (rows[i].startMinute() < nowMinute) {
                conflicts.add(new Conflict(Trouble.LATE, i, -1, rows[i].startMinute(), nowMinute));
            }
        }
        return conflicts;
    }

    private static void between(Row[] rows, int i, int j, List<Conflict> conflicts) {
        for (Placed a : rows[i].placed()) {
            for (Placed b : rows[j].placed()) {
                Trouble trouble = clash(a, b);
                if (trouble != null) {
                    conflicts.add(new Conflict(
                            trouble,
                            i,
                            j,
                            Math.max(a.startMinute(), b.startMinute()),
                            Math.min(a.endMinute(), b.endMinute())));
                }
            }
        }
    }
}

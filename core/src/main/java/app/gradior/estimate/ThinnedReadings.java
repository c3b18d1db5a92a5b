package app.gradior.estimate;

import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.Reading;
import app.gradior.reading.ReadingKind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * A story with its many older readings put together: neighbours of one kind, with nothing done to the pot between them, become one
 * reading at their mean minute that stands for all of them. The estimate stays what it was, and costs as much for five thousand readings
 * of a scale as for two hundred. The latest readings stay as they are. Within a group one that lies far off its neighbours' line is left
 * out, as the estimate would leave it out.
 *
 * @param story the story with fewer readings
 * @param counts for how many readings each reading of the story stands, in their order
 */
record ThinnedReadings(BatchStory story, double[] counts) {
    /** Up to so many nothing is put together. */
    static final int MOST_AS_THEY_ARE = 200;
    /** The latest so many stay as they are. */
    private static final int LATEST = 40;
    /** Fewer than this are not put together: one wild one among them could not be told from the others. */
    private static final int LEAST_GROUP = 5;
    /** A group spans no more than this: a pot's loss is a straight line for so long, min. */
    private static final double LONGEST_GROUP_MIN = 12;
    /** As far off its neighbours' line as this many standard deviations a reading does not count. */
    private static final double FAR = 5;

    static ThinnedReadings of(BatchStory told) {
        BatchStory story = FewerChanges.of(told);
        List<Happening> happenings = story.happenings();
        int total = (int)
                happenings.stream().filter(h -> h.what() instanceof Reading).count();
        if (total <= MOST_AS_THEY_ARE) {
            double[] ones = new double[total];
            Arrays.fill(ones, 1);
            return new ThinnedReadings(story, ones);
        }
        int groupOf = Math.max(LEAST_GROUP, (int) Math.ceil((double) (total - LATEST) / (MOST_AS_THEY_ARE - LATEST)));
        List<Counted> thinned = new ArrayList<>();
        Map<ReadingKind, List<Happening>> open = new EnumMap<>(ReadingKind.class);
        int seen = 0;
        for (Happening happening : happenings) {
            if (!(happening.what() instanceof Reading reading)) {
                close(open, thinned);
                thinned.add(new Counted(happening, 0));
            } else if (++seen > total - LATEST) {
                close(open, thinned);
                thinned.add(new Counted(happening, 1));
            } else {
                List<Happening> group = open.computeIfAbsent(reading.kind(), kind -> new ArrayList<>());
                boolean full = group.size() >= groupOf
                        || !group.isEmpty() && happening.minute() - group.get(0).minute() > LONGEST_GROUP_MIN;
                if (full) {
                    thinned.addAll(together(reading.kind(), group));
                    group.clear();
                }
                group.add(happening);
            }
        }
        close(open, thinned);
        // Readings come in the order of their minutes; those at the same minute stay in the order they have here.
        thinned.sort((a, b) -> Double.compare(a.happening.minute(), b.happening.minute()));
        double[] counts = thinned.stream()
                .filter(c -> c.count > 0)
                .mapToDouble(Counted::count)
                .toArray();
        return new ThinnedReadings(
                story.withOnly(thinned.stream().map(Counted::happening).toList()), counts);
    }

    private record Counted(Happening happening, double count) {}

    private static void close(Map<ReadingKind, List<Happening>> open, List<Counted> thinned) {
        open.forEach((kind, group) -> {
            thinned.addAll(together(kind, group));
        });
        open.clear();
    }

    private static double value(Happening happening) {
        return happening.what() instanceof Reading reading ? reading.value() : Double.NaN;
    }

    private static double median(List<Double> values) {
        List<Double> sorted = new ArrayList<>(values);
        Collections.sort(sorted);
        int middle = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(middle) : (sorted.get(middle - 1) + sorted.get(middle)) / 2;
    }

    /** One reading for a group: the mean of those near its line, whose slope is the median of all slopes between two (Theil, Sen). */
    private static List<Counted> together(ReadingKind kind, List<Happening> group) {
        if (group.size() < LEAST_GROUP) {
            return group.stream().map(one -> new Counted(one, 1)).toList();
        }
        List<Double> slopes = new ArrayList<>();
        for (int i = 0; i < group.size(); i++) {
            for (int j = i + 1; j < group.size(); j++) {
                double apart = group.get(j).minute() - group.get(i).minute();
                if (apart > 0) {
                    slopes.add((value(group.get(j)) - value(group.get(i))) / apart);
                }
            }
        }
        double slope = slopes.isEmpty() ? 0 : median(slopes);
        double start = group.get(0).minute();
        double atStart = median(group.stream()
                .map(one -> value(one) - slope * (one.minute() - start))
                .toList());
        double minutes = 0;
        double values = 0;
        int near = 0;
        for (Happening happening : group) {
            double onLine = atStart + slope * (happening.minute() - start);
            if (Math.abs(value(happening) - onLine) <= FAR * kind.sd(onLine)) {
                minutes += happening.minute();
                values += value(happening);
                near++;
            }
        }
        return near == 0
                ? List.of(new Counted(group.get(group.size() / 2), group.size()))
                : List.of(new Counted(new Happening(minutes / near, new Reading(kind, values / near)), near));
    }
}

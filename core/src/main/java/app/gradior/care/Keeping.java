package app.gradior.care;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Where a container stands and until when.
 *
 * @param useBy the last day it may be eaten
 */
public record Keeping(Storage place, LocalDate useBy) {
    /**
     * What each label of a sheet says: every container has one of its own, with its own place and date; labels beyond the
     * containers are like the last.
     *
     * @param standing containers that are not empty yet, in the order they were filled
     * @param planned for a sauce that is in no container yet
     * @param wanted how many labels; 0 or less for one a container, one at least
     */
    public static List<Keeping> ofLabels(List<Keeping> standing, Keeping planned, int wanted) {
        int labels = wanted > 0 ? wanted : Math.max(1, standing.size());
        return IntStream.range(0, labels)
                .mapToObj(label -> standing.isEmpty() ? planned : standing.get(Math.min(label, standing.size() - 1)))
                .toList();
    }
}

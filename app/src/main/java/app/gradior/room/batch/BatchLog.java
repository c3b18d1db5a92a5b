package app.gradior.room.batch;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Every batch of a kitchen, searched and sorted by its summaries. */
@Service
public class BatchLog {
    /** Batches on a page of the log. */
    public static final int PAGE = 40;

    private final LogMapper log;

    BatchLog(LogMapper log) {
        this.log = log;
    }

    /**
     * A page of the log.
     *
     * @param total how many there are of that kind
     * @param page from 0
     */
    public record Found(List<BatchSummary> batches, long total, int page) {
        public Found {
            batches = List.copyOf(batches);
        }

        public boolean more() {
            return (page + 1L) * PAGE < total;
        }
    }

    public Found find(long kitchenId, LogFilter filter, int page) {
        List<LogMapper.Hit> hits = log.hits(kitchenId, filter, PAGE, page * PAGE);
        if (hits.isEmpty()) {
            return new Found(List.of(), page == 0 ? 0 : log.count(kitchenId, filter), page);
        }
        long total = filter.searches() ? hits.get(0).total() : log.count(kitchenId, filter);
        List<Long> ids = hits.stream().map(LogMapper.Hit::id).toList();
        Map<Long, BatchSummary> rows =
                log.rows(kitchenId, ids).stream().collect(Collectors.toMap(BatchSummary::id, Function.identity()));
        return new Found(
                ids.stream().flatMap(id -> Stream.ofNullable(rows.get(id))).toList(), total, page);
    }

    /** All of that kind, at most so many. */
    public List<BatchSummary> all(long kitchenId, LogFilter filter, int most) {
        return log.all(kitchenId, filter, most);
    }

    /** Pots that batches were cooked in. */
    public List<String> pots(long kitchenId) {
        return log.pots(kitchenId);
    }

    /** Finished batches of a sauce, the latest first. */
    public List<BatchSummary> ofSauce(long kitchenId, long sauceId) {
        return log.ofSauce(kitchenId, sauceId, PAGE);
    }
}

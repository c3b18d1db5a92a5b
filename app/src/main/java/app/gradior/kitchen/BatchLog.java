package app.gradior.kitchen;

import app.gradior.store.LogMapper;
import app.gradior.store.Rows.SummaryRow;
import java.util.List;
import org.springframework.stereotype.Service;

/** Every batch of a kitchen, searched and sorted by its summaries. */
@Service
public class BatchLog {
    /** Batches on a page of the log. */
    public static final int PAGE = 50;

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
    public record Found(List<SummaryRow> batches, long total, int page) {
        public Found {
            batches = List.copyOf(batches);
        }

        public boolean more() {
            return (page + 1L) * PAGE < total;
        }
    }

    public Found find(long kitchenId, LogMapper.Filter filter, int page) {
        return new Found(log.page(kitchenId, filter, PAGE, page * PAGE), log.count(kitchenId, filter), page);
    }

    /** All of that kind, at most so many. */
    public List<SummaryRow> all(long kitchenId, LogMapper.Filter filter, int most) {
        return log.page(kitchenId, filter, most, 0);
    }

    /** Pots that batches were cooked in. */
    public List<String> pots(long kitchenId) {
        return log.pots(kitchenId);
    }

    /** Finished batches of a sauce, the latest first. */
    public List<SummaryRow> ofSauce(long kitchenId, long sauceId) {
        return log.ofSauce(kitchenId, sauceId, PAGE);
    }
}

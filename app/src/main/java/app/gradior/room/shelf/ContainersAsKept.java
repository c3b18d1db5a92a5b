package app.gradior.room.shelf;

import app.gradior.kept.Inserted;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** A batch's containers as they are kept, for a kitchen's file and the demo: out and in. */
@Service
public class ContainersAsKept {
    private final ShelfMapper shelf;

    ContainersAsKept(ShelfMapper shelf) {
        this.shelf = shelf;
    }

    public List<ShelfContainer> of(long kitchenId, long batchId) {
        return shelf.ofBatch(kitchenId, batchId);
    }

    /** The container, new of that batch. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void put(long kitchenId, long batchId, ShelfContainer container) {
        shelf.insert(container.of(kitchenId, batchId), new Inserted());
    }
}

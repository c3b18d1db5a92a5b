package app.gradior.room.batch;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.ApplicationTest;
import app.gradior.NewKitchen;
import app.gradior.room.house.Kitchens;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;

/** Who recorded something is kept once, also when two who begin at the same moment are the first. */
@ApplicationTest
class RecordersTest {
    @Autowired
    private Recorders recorders;

    @Autowired
    private Kitchens kitchens;

    @Autowired
    private Batches batches;

    @Autowired
    private TransactionTemplate transaction;

    @Test
    void twoWhoAreTheFirstAtTheSameMoment() {
        long kitchen = NewKitchen.of(kitchens).id();
        Acting.Who scale = new Acting.Who(Acting.Kind.TOKEN, 77, "scale");
        long mine = transaction.execute(status -> {
            batches.liveHeads(kitchen); // from here on this transaction sees what was there by now
            long other = CompletableFuture.supplyAsync(() -> transaction.execute(inner -> recorders.id(kitchen, scale)))
                    .join();
            long own = recorders.id(kitchen, scale);
            assertThat(own).isEqualTo(other).isPositive();
            return own;
        });
        assertThat(recorders.id(kitchen, scale)).isEqualTo(mine);
    }
}

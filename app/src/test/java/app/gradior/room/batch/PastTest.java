package app.gradior.room.batch;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.CookedGravy;
import app.gradior.batch.BatchEvent;
import app.gradior.batch.EventBody;
import app.gradior.batch.Origin;
import app.gradior.room.exchange.KitchenFileWriter;
import java.lang.reflect.Proxy;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Logs of long ago are packed, and nobody who reads, adds, takes back or takes away sees a difference. */
class PastTest extends CookedGravy {
    private static final long COOK = 4711;

    @Autowired
    private PastUpkeep upkeep;

    @Autowired
    private BatchesAsKept asKept;

    @Autowired
    private KitchenFileWriter writer;

    @Autowired
    private BatchMapper mapper;

    @Autowired
    private PastMapper past;

    @Autowired
    private JsonMapper json;

    @Autowired
    private JdbcTemplate jdbc;

    private int rows(String table) {
        return jdbc.queryForObject("select count(*) from " + table + " where batch_id = ?", Integer.class, batchId);
    }

    private boolean isPacked() {
        assertThat(rows("batch_past") == 1)
                .as("a log is here or there")
                .isEqualTo(rows("batch_event") == 0)
                .isEqualTo(jdbc.queryForObject("select packed from batch where id = ?", Boolean.class, batchId));
        return rows("batch_past") == 1;
    }

    private void longAfter() {
        clock.forward(PastUpkeep.AFTER);
        upkeep.pack();
    }

    private void recordedBy(String name) {
        jdbc.update(
                "insert into recorder (kitchen_id, kind, of_id, name) values (?, 'PERSON', ?, ?)",
                kitchen.id(),
                COOK,
                name);
        jdbc.update(
                "update batch_event set recorder_id = (select max(id) from recorder where kitchen_id = ?)"
                        + " where batch_id = ? and type = 'stageDone'",
                kitchen.id(),
                batchId);
    }

    @Test
    void whatIsReadOfItIsTheSame() {
        recordedBy("Jo");
        BatchesAsKept.Kept kept = asKept.batch(kitchen.id(), batchId);
        List<BatchEvent> events = batch().events();
        List<BatchesAsKept.RecordedBy> by = asKept.recordedBy(kitchen.id(), COOK);
        BatchMapper.Kept counted = batches.kept(kitchen.id(), batchId);
        byte[] file = writer.write(kitchen);
        assertThat(by).hasSize(2);

        clock.forward(PastUpkeep.AFTER.minusDays(1));
        upkeep.pack();
        assertThat(isPacked()).as("not yet").isFalse();
        clock.forward(Duration.ofDays(1));
        upkeep.pack();
        assertThat(isPacked()).isTrue();

        assertThat(batch().events()).isEqualTo(events);
        assertThat(asKept.batch(kitchen.id(), batchId)).isEqualTo(kept);
        assertThat(asKept.recordedBy(kitchen.id(), COOK)).isEqualTo(by);
        assertThat(asKept.recordedBy(kitchen.id(), COOK + 1)).isEmpty();
        assertThat(batches.kept(kitchen.id(), batchId)).isEqualTo(counted);
        assertThat(new String(writer.write(kitchen))).isEqualTo(new String(file));

        jdbc.update("update recorder set name = '' where kitchen_id = ?", kitchen.id());
        assertThat(batch().events()).extracting(BatchEvent::by).containsOnly("");
    }

    @Test
    void whatIsAddedOrTakenBackFindsItLaidOut() {
        recordedBy("Jo");
        List<BatchEvent> events = batch().events();
        longAfter();
        assertThat(isPacked()).isTrue();

        BatchEvent weighed = events.stream()
                .filter(one -> one.body() instanceof EventBody.Read)
                .findFirst()
                .orElseThrow();
        Batches.Recorded again = batches.record(
                kitchen, batchId, new Batches.Draft(weighed.clientKey(), clock.instant(), new EventBody.Stirred()));
        assertThat(again.repeat()).as("sent again a year later").isTrue();
        assertThat(again.event()).isEqualTo(weighed);
        assertThat(isPacked()).isFalse();
        assertThat(batch().events()).isEqualTo(events);

        longAfter();
        assertThat(isPacked()).isTrue();
        double before = batches.forecast(batch(), clock.instant()).massG().middle();
        after(1, new EventBody.Corrected(null, 0, null, 700));
        assertThat(batch().events()).hasSize(events.size() + 1).startsWith(events.toArray(BatchEvent[]::new));
        assertThat(batches.forecast(batch(), clock.instant()).massG().middle()).isNotEqualTo(before);
        upkeep.pack();
        assertThat(batch().events()).hasSize(events.size() + 1);
        assertThat(isPacked()).isTrue();
    }

    @Test
    void whatIsNotOverStaysAndWhatGoesIsGone() {
        long live = batches.start(kitchen, "On", Origin.NONE, batch().plan(), clock.instant());
        batches.record(kitchen, live, new Batches.Draft("a", clock.instant(), new EventBody.Stirred()));
        jdbc.update("update batch set understood = false where id = ?", batchId);
        longAfter();
        assertThat(isPacked()).as("not understood").isFalse();
        jdbc.update("update batch set understood = true where id = ?", batchId);
        upkeep.pack();
        assertThat(isPacked()).isTrue();
        assertThat(batches.batch(kitchen.id(), live).events()).hasSize(1);
        assertThat(jdbc.queryForObject("select count(*) from batch_past where batch_id = ?", Integer.class, live))
                .isZero();

        batches.delete(kitchen.id(), batchId);
        assertThat(rows("batch_past") + rows("batch_event")).isZero();
    }

    @Test
    void oneThatCannotBePackedKeepsNoOtherFromIt() {
        long first = batchId;
        jdbc.update(
                "insert into batch_past (batch_id, kitchen_id, entries, log) values (?, ?, 1, 'x')",
                first,
                kitchen.id());
        aBatchThatIsOver();
        longAfter();
        assertThat(batchId).isNotEqualTo(first);
        assertThat(isPacked()).isTrue();
        assertThat(batches.batch(
                                jdbc.queryForObject("select kitchen_id from batch where id = ?", Long.class, first),
                                first)
                        .events())
                .as("left as it was")
                .isNotEmpty();
    }

    /** Whoever reads at the moment in which it is laid out looks a second time. */
    @Test
    void laidOutUnderAReader() {
        int before = batch().events().size();
        longAfter();
        PastMapper justThen = (PastMapper) Proxy.newProxyInstance(
                PastMapper.class.getClassLoader(), new Class<?>[] {PastMapper.class}, (proxy, method, arguments) -> {
                    if (method.getName().equals("log")) {
                        after(1, new EventBody.Note("just then"));
                    }
                    return method.invoke(past, arguments);
                });
        assertThat(new Logs(mapper, justThen, json).of(kitchen.id(), batchId)).hasSize(before + 1);
    }

    /** Does it while the log is packed again and again. */
    private void whileItIsPacked(Runnable afterEach, int leastTimes, Runnable what)
            throws InterruptedException, ExecutionException {
        clock.forward(PastUpkeep.AFTER);
        ExecutorService other = Executors.newSingleThreadExecutor();
        AtomicBoolean on = new AtomicBoolean(true);
        Future<Integer> packed = other.submit(() -> {
            int times = 0;
            while (on.get()) {
                upkeep.pack();
                times += rows("batch_past");
                afterEach.run();
            }
            return times;
        });
        try {
            what.run();
        } finally {
            on.set(false);
            other.shutdown();
        }
        assertThat(packed.get()).isGreaterThanOrEqualTo(leastTimes);
    }

    @Test
    void whatIsRecordedWhileItIsPackedIsKept() throws InterruptedException, ExecutionException {
        int before = batch().events().size();
        int notes = 12;
        whileItIsPacked(() -> {}, 1, () -> {
            for (int i = 0; i < notes; i++) {
                batches.record(
                        kitchen, batchId, new Batches.Draft("note" + i, clock.instant(), new EventBody.Note("n" + i)));
            }
        });
        assertThat(batch().events()).hasSize(before + notes);
        upkeep.pack();
        assertThat(isPacked()).isTrue();
        assertThat(batch().events()).hasSize(before + notes);
    }

    /** What somebody recorded is told whole and once, however often it is packed and laid out meanwhile. */
    @Test
    void whatSomebodyRecordedIsToldOnceWhileItIsPacked() throws InterruptedException, ExecutionException {
        recordedBy("Jo");
        List<BatchesAsKept.RecordedBy> by = asKept.recordedBy(kitchen.id(), COOK);
        BatchEvent first = batch().events().get(0);
        Batches.Draft again = new Batches.Draft(first.clientKey(), first.at(), first.body());
        whileItIsPacked(() -> batches.record(kitchen, batchId, again), 4, () -> {
            for (int i = 0; i < 300; i++) {
                assertThat(asKept.recordedBy(kitchen.id(), COOK)).isEqualTo(by);
            }
        });
    }
}

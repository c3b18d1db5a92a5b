package app.gradior.room.batch;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * What batches recorded, entry by entry: of those finished long ago packed, whole, in one piece. Whoever reads does not see the
 * difference; before something is added to a packed log, or taken back, it is laid out again with the ids that its entries had.
 */
@Component
class Logs {
    /** A packed log over this stays as it is: it has to pass through a server's packets, and a cluster's. */
    private static final int MOST_BYTES = 4_000_000;

    private final BatchMapper batches;
    private final PastMapper past;
    private final JsonMapper json;

    Logs(BatchMapper batches, PastMapper past, JsonMapper json) {
        this.batches = batches;
        this.past = past;
        this.json = json;
    }

    /** An entry of a packed log. Databases hold these names: one that is changed has to be read under the old name, too. */
    // Wide: columns of an entry.
    record Entry(
            long id,
            String key,
            LocalDateTime at,
            LocalDateTime recorded,
            String type,
            String body,
            @Nullable String understood,
            @Nullable Long recorder) {
        static Entry of(EventRow row) {
            return new Entry(
                    row.id(),
                    row.clientKey(),
                    row.happenedAt(),
                    row.recordedAt(),
                    row.type(),
                    row.body(),
                    row.understood(),
                    row.recorderId());
        }
    }

    /** All that a batch recorded, in the order in which it happened; of a batch that is being packed meanwhile, too. */
    List<EventRow> of(long kitchenId, long batchId) {
        List<EventRow> rows = batches.events(kitchenId, batchId);
        if (!rows.isEmpty()) {
            return rows;
        }
        return past.log(kitchenId, batchId)
                .map(log -> rows(kitchenId, batchId, log, by(kitchenId)))
                .orElseGet(() -> batches.events(kitchenId, batchId));
    }

    /** What an account recorded in a kitchen, the oldest first. */
    List<BatchesAsKept.RecordedBy> recordedBy(long kitchenId, long accountId) {
        List<BatchesAsKept.RecordedBy> all = new ArrayList<>(batches.recordedBy(kitchenId, accountId));
        Map<Long, PastMapper.RecorderRow> by = by(kitchenId);
        Set<Long> account = by.values().stream()
                .filter(one -> one.kind().equals("PERSON") && one.ofId() == accountId)
                .map(PastMapper.RecorderRow::id)
                .collect(Collectors.toSet());
        for (long batchId : account.isEmpty() ? List.<Long>of() : past.ids(kitchenId)) {
            Optional<BatchRow> batch = batches.find(kitchenId, batchId);
            for (EventRow row : batch.isEmpty() ? List.<EventRow>of() : of(kitchenId, batchId)) {
                if (account.contains(row.recorderId())) {
                    all.add(new BatchesAsKept.RecordedBy(batch.get().name(), row.happenedAt(), row.type(), row.body()));
                }
            }
        }
        all.sort(Comparator.comparing(BatchesAsKept.RecordedBy::at));
        return all;
    }

    /**
     * Packs the log of a batch whose row is locked.
     *
     * @return false for one that has nothing to pack, or too much
     */
    boolean pack(long kitchenId, long batchId) {
        List<EventRow> rows = batches.events(kitchenId, batchId);
        byte[] log = written(rows.stream().map(Entry::of).toList());
        if (rows.isEmpty() || log.length > MOST_BYTES) {
            return false;
        }
        past.insert(kitchenId, batchId, rows.size(), log);
        batches.deleteEvents(kitchenId, batchId);
        past.mark(kitchenId, batchId, true);
        return true;
    }

    /** Lays out the log of a batch whose row is locked, if it is packed. */
    void layOut(long kitchenId, long batchId) {
        past.log(kitchenId, batchId).ifPresent(log -> {
            rows(kitchenId, batchId, log, Map.of()).forEach(past::layOut);
            past.delete(kitchenId, batchId);
            past.mark(kitchenId, batchId, false);
        });
    }

    /** Takes away all that a batch recorded. */
    void delete(long kitchenId, long batchId) {
        batches.deleteEvents(kitchenId, batchId);
        past.delete(kitchenId, batchId);
    }

    private Map<Long, PastMapper.RecorderRow> by(long kitchenId) {
        return past.recorders(kitchenId).stream()
                .collect(Collectors.toMap(PastMapper.RecorderRow::id, Function.identity()));
    }

    private List<EventRow> rows(long kitchenId, long batchId, byte[] log, Map<Long, PastMapper.RecorderRow> by) {
        List<EventRow> rows = new ArrayList<>();
        for (Entry entry : entries(log)) {
            PastMapper.RecorderRow recorder = by.get(entry.recorder());
            rows.add(new EventRow(
                    entry.id(),
                    kitchenId,
                    batchId,
                    entry.key(),
                    entry.at(),
                    entry.recorded(),
                    entry.type(),
                    entry.body(),
                    entry.understood(),
                    entry.recorder(),
                    recorder == null ? null : recorder.name()));
        }
        return rows;
    }

    private byte[] written(List<Entry> entries) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (GZIPOutputStream packing = new GZIPOutputStream(out)) {
            json.writeValue(packing, entries);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private Entry[] entries(byte[] log) {
        try (GZIPInputStream unpacking = new GZIPInputStream(new ByteArrayInputStream(log))) {
            return json.readValue(unpacking, Entry[].class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

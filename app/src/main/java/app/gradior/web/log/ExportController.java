package app.gradior.web.log;

import app.gradior.access.Audit;
import app.gradior.batch.Batch;
import app.gradior.batch.BatchEvent;
import app.gradior.batch.EventBody;
import app.gradior.kept.Utc;
import app.gradior.room.batch.BatchLog;
import app.gradior.room.batch.BatchSummary;
import app.gradior.room.batch.Batches;
import app.gradior.room.batch.EventJson;
import app.gradior.room.batch.LogFilter;
import app.gradior.room.exchange.KitchenFileWriter;
import app.gradior.room.house.Kitchen;
import app.gradior.web.frame.AuditTrail;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;

/** The log and its batches as open files. Times in CSV are UTC, units are in the headings. */
@Controller
@RequestMapping("/log")
class ExportController {
    private static final int MOST_ROWS = 200_000;
    private static final MediaType CSV = MediaType.parseMediaType("text/csv; charset=utf-8");

    private final Batches batches;
    private final BatchLog log;
    private final KitchenFileWriter file;
    private final EventJson json;
    private final AuditTrail trail;

    ExportController(Batches batches, BatchLog log, KitchenFileWriter file, EventJson json, AuditTrail trail) {
        this.batches = batches;
        this.log = log;
        this.file = file;
        this.json = json;
        this.trail = trail;
    }

    @GetMapping("/all.csv")
    ResponseEntity<String> log(@ModelAttribute("kitchen") Kitchen kitchen) {
        trail.note(Audit.What.EXPORTED, "log.csv");
        LogFilter all = new LogFilter("", 0, "", null, null, 0, null, null, "started", true);
        List<BatchSummary> rows = log.all(kitchen.id(), all, MOST_ROWS);
        return csv("log.csv", out -> {
            out.printRecord(
                    "batch", "sauce", "state", "begun_utc", "pot", "minutes", "yield_ml", "step_cold", "rating");
            for (BatchSummary row : rows) {
                out.printRecord(
                        row.id(),
                        safe(row.name()),
                        row.state(),
                        Utc.instant(row.startedAt()),
                        safe(row.potName()),
                        row.minutes(),
                        row.yieldMl(),
                        row.stepCold(),
                        row.rating());
            }
        });
    }

    /** A batch's events, one a row: readings have their figure in value. */
    @GetMapping("/{id:\\d+}.csv")
    ResponseEntity<String> readings(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        Batch batch = batches.batch(kitchen.id(), id);
        return csv("batch-" + id + ".csv", out -> {
            out.printRecord("at_utc", "minute", "type", "value", "fields");
            for (BatchEvent event : batch.standing()) {
                String fields = json.tree(event.body()).toString();
                out.printRecord(
                        event.at(),
                        Math.round(100 * batch.minuteOf(event.at())) / 100.0,
                        event.body().type(),
                        figure(event),
                        safe(fields));
            }
        });
    }

    /** The figure of a reading; absent for what is none. */
    private @Nullable String figure(BatchEvent event) {
        return event.body() instanceof EventBody.Read read ? String.valueOf(read.value()) : null;
    }

    @GetMapping("/{id:\\d+}.json")
    ResponseEntity<byte[]> batch(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"batch-" + id + ".json\"")
                .body(file.write(kitchen, id));
    }

    /** A cell that a spreadsheet does not take for a formula. */
    private static String safe(String text) {
        return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    private interface Rows {
        void to(CSVPrinter out) throws IOException;
    }

    private static ResponseEntity<String> csv(String name, Rows rows) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter out = new CSVPrinter(text, CSVFormat.RFC4180)) {
            rows.to(out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return ResponseEntity.ok()
                .contentType(CSV)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(text.toString());
    }
}

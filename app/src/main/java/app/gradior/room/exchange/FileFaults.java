package app.gradior.room.exchange;

import app.gradior.finding.Fault;
import app.gradior.finding.Finding;
import app.gradior.finding.Refusal;
import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import app.gradior.room.batch.EventJson;
import app.gradior.room.words.Words;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** What is wrong with a kitchen's file, each with its path there; the first fifty are enough to mend one by. */
final class FileFaults {
    private static final int MOST_FAULTS = 50;
    private static final LocalDateTime EARLIEST = LocalDateTime.of(2000, 1, 1, 0, 0);
    private static final LocalDateTime LATEST = LocalDateTime.of(2100, 1, 1, 0, 0);

    private final FileSchema schema;
    private final List<Fault> faults = new ArrayList<>();

    FileFaults(FileSchema schema) {
        this.schema = schema;
    }

    List<Fault> all() {
        return List.copyOf(faults);
    }

    boolean full() {
        return faults.size() >= MOST_FAULTS;
    }

    void add(String path, String message) {
        add(path, new Wrong.Said(message));
    }

    void add(String path, Finding why) {
        if (!full()) {
            faults.add(new Fault(path, why));
        }
    }

    /** Whether a part has the shape that the schema gives it; what has not is not looked into further. */
    boolean shaped(String path, String definition, JsonNode part) {
        List<Fault> wrong = schema.faults(definition, part);
        wrong.forEach(fault -> add(below(path, fault.field()), fault.why()));
        return wrong.isEmpty();
    }

    /** Runs a check; what it refuses is a fault of that path, or below it. */
    void at(String path, Runnable check) {
        got(path, () -> {
            check.run();
            return true;
        });
    }

    /** The same for what is made of the file; absent when it cannot be. */
    <T> @Nullable T got(String path, Supplier<T> make) {
        try {
            return make.get();
        } catch (Refusal refusal) {
            refusal.faults().forEach(f -> add(below(path, f.field()), f.why()));
        } catch (JacksonException e) {
            EventJson.refusal(e).faults().forEach(f -> add(below(path, f.field()), f.why()));
        } catch (Unfit e) {
            add(path, e.why());
        } catch (IllegalArgumentException e) {
            add(path, new Wrong.NotTaken());
        } catch (NullPointerException e) {
            add(path, Words.text("kitchen-file-checks.something-is-missing-here"));
        } catch (IndexOutOfBoundsException | ArithmeticException | IllegalStateException e) {
            add(path, Words.text("kitchen-file-checks.this-does-not-fit-together"));
        }
        return null;
    }

    private static String below(String path, String field) {
        String dot = field.startsWith("[") ? "" : ".";
        return field.isEmpty() || field.equals("body") ? path : path + dot + field;
    }

    void range(String path, double value, double low, double high) {
        if (!(value >= low && value <= high)) {
            add(path, Words.text("kitchen-file-checks.to-expected", value, low, high));
        }
    }

    void length(String path, String text, int most) {
        if (text.length() > most) {
            add(path, Words.text("kitchen-file-checks.at-most-characters", most));
        }
    }

    void moment(String path, LocalDateTime at) {
        if (at.isBefore(EARLIEST) || at.isAfter(LATEST)) {
            add(path, Words.text("kitchen-file-checks.is-no-time-of-a-kitchen", at));
        }
    }

    void place(String path, long place, int size) {
        if (place < 0 || place >= size) {
            add(path, Words.text("kitchen-file-checks.is-no-place-in-the-list", place, (size - 1)));
        }
    }

    void within(String path, LocalDateTime at, LocalDateTime from, LocalDateTime to) {
        if (at.isBefore(from) || at.isAfter(to)) {
            add(path, Words.text("kitchen-file-checks.is-not-from-to", at, from, to));
        }
    }
}

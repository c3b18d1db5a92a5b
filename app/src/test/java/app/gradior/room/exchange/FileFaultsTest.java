package app.gradior.room.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.room.words.Words;
import java.time.LocalDateTime;
import java.util.List;
import java.util.NoSuchElementException;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** Where a fault is said to be, and the bounds of what is none. */
class FileFaultsTest {
    private final FileFaults faults = new FileFaults(new FileSchema(JsonMapper.shared()));

    private List<String> fields() {
        return faults.all().stream().map(Fault::field).toList();
    }

    @Test
    void fiftyAreEnough() {
        for (int i = 1; i < 50; i++) {
            faults.add("f" + i, "wrong");
        }
        assertThat(faults.full()).isFalse();
        faults.add("f50", "wrong");
        assertThat(faults.full()).isTrue();
        faults.add("f51", "wrong");
        assertThat(faults.all()).hasSize(50).last().extracting(Fault::field).isEqualTo("f50");
    }

    @Test
    void boundsAreWithin() {
        LocalDateTime first = LocalDateTime.of(2000, 1, 1, 0, 0);
        LocalDateTime last = LocalDateTime.of(2100, 1, 1, 0, 0);
        faults.range("a", 0, 0, 5);
        faults.range("a", 5, 0, 5);
        faults.length("a", "abc", 3);
        faults.place("a", 0, 3);
        faults.place("a", 2, 3);
        faults.moment("a", first);
        faults.moment("a", last);
        faults.within("a", first, first, last);
        faults.within("a", last, first, last);
        assertThat(fields()).isEmpty();

        faults.range("low", -0.1, 0, 5);
        faults.range("high", 5.1, 0, 5);
        faults.range("no number", Double.NaN, 0, 5);
        faults.length("long", "abcd", 3);
        faults.place("before", -1, 3);
        faults.place("after", 3, 3);
        faults.moment("early", first.minusNanos(1));
        faults.moment("late", last.plusNanos(1));
        faults.within("earlier", first.minusNanos(1), first, last);
        faults.within("later", last.plusNanos(1), first, last);
        assertThat(fields())
                .containsExactly(
                        "low", "high", "no number", "long", "before", "after", "early", "late", "earlier", "later");
        assertThat(faults.all().stream().filter(one -> one.field().equals("after")))
                .as("says how far the list goes")
                .allSatisfy(one -> assertThat(Words.say(one)).contains("2"));
    }

    @Test
    void whatACheckThrowsIsSaidAtItsPath() {
        assertThat(faults.got("fits", () -> "made")).isEqualTo("made");
        faults.at("fits", () -> {});
        assertThat(fields()).isEmpty();
        faults.at("part", () -> {
            throw Refusal.missing(app.gradior.finding.Thing.BATCH);
        });
        faults.at("list", () -> Refusal.inRange("[2].massG", -1, 0, 5, " g"));
        faults.at("whole", () -> Refusal.inRange("", -1, 0, 5, " g"));
        faults.at("an event", () -> Refusal.inRange("body", -1, 0, 5, " g"));
        faults.at("name", () -> Refusal.inRange("massG", -1, 0, 5, " g"));
        faults.at("json", () -> JsonMapper.shared().readValue("[", int[].class));
        faults.at("argument", () -> Thread.State.valueOf("nothing"));
        faults.at("null", () -> List.of((Object) null));
        faults.at("index", () -> List.of().get(0));
        faults.at("state", () -> {
            throw new IllegalStateException();
        });
        assertThat(fields())
                .containsExactly(
                        "part.id",
                        "list[2].massG",
                        "whole",
                        "an event",
                        "name.massG",
                        "json",
                        "argument",
                        "null",
                        "index",
                        "state");
        Assertions.assertThatThrownBy(() -> faults.at("ours", () -> {
                    throw new NoSuchElementException();
                }))
                .as("a fault of ours is not the file's")
                .isInstanceOf(NoSuchElementException.class);
    }
}

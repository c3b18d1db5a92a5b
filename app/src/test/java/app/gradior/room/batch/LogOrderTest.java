package app.gradior.room.batch;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.ApplicationTest;
import app.gradior.Foods;
import app.gradior.NewKitchen;
import app.gradior.batch.BatchState;
import app.gradior.batch.EventBody;
import app.gradior.batch.Origin;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.reading.ReadingKind;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * What happened at a pot is the same whatever devices sent when: late, out of order, again and again, and taken back in between. Held
 * against a second, plain reckoning of the same log.
 */
@ApplicationTest
class LogOrderTest {
    private static final int EVENTS = 30;

    @Autowired
    private Batches batches;

    @Autowired
    private BatchSummaries summaries;

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private Kitchens kitchens;

    @Autowired
    private ApplicationTest.SetClock clock;

    private Kitchen kitchen;

    @BeforeEach
    void aKitchen() {
        kitchen = NewKitchen.of(kitchens);
    }

    private String words(long id) {
        return jdbc.queryForObject("select words from batch where id = ?", String.class, id);
    }

    private static EventBody any(Random random, int i, List<Batches.Draft> before) {
        return switch (random.nextInt(8)) {
            case 0 -> new EventBody.HeatSet(Look.values()[random.nextInt(Look.values().length)]);
            case 1 -> new EventBody.LidSet(LidState.values()[random.nextInt(LidState.values().length)]);
            case 2 -> new EventBody.Stirred();
            case 3 -> new EventBody.Read(ReadingKind.SPOON, 3 + random.nextInt(4));
            case 4 -> new EventBody.Ticked(List.of(random.nextInt(2)));
            case 5 -> new EventBody.LeftOut(List.of(random.nextInt(2)));
            case 6 -> takesBack(random, before);
            default -> new EventBody.Note("note " + i);
        };
    }

    /** One of those before, that was not taken back yet. */
    private static EventBody takesBack(Random random, List<Batches.Draft> before) {
        Set<String> undone = new HashSet<>();
        before.forEach(one -> undone.add(one.body() instanceof EventBody.Undo undo ? undo.undoneKey() : ""));
        List<String> left = before.stream()
                .filter(one -> !(one.body() instanceof EventBody.Undo) && !undone.contains(one.clientKey()))
                .map(Batches.Draft::clientKey)
                .toList();
        return left.isEmpty() ? new EventBody.Stirred() : new EventBody.Undo(left.get(random.nextInt(left.size())));
    }

    /** What a log comes to, by going through it once for each question. */
    private static List<Object> plainly(List<Batches.Draft> log, Look look, LidState lid) {
        Set<String> undone = new HashSet<>();
        log.forEach(one -> {
            if (one.body() instanceof EventBody.Undo undo) {
                undone.add(undo.undoneKey());
            }
        });
        List<Batches.Draft> stands = log.stream()
                .filter(one -> !(one.body() instanceof EventBody.Undo) && !undone.contains(one.clientKey()))
                .sorted(Comparator.comparing(Batches.Draft::at))
                .toList();
        Set<Integer> in = new HashSet<>();
        Set<Integer> out = new HashSet<>();
        List<String> keys = new ArrayList<>();
        List<String> readings = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        Look nowLook = look;
        LidState nowLid = lid;
        for (Batches.Draft one : stands) {
            keys.add(one.clientKey());
            if (one.body() instanceof EventBody.HeatSet set) {
                nowLook = set.look();
            } else if (one.body() instanceof EventBody.LidSet set) {
                nowLid = set.state();
            } else if (one.body() instanceof EventBody.Read) {
                readings.add(one.clientKey());
            } else if (one.body() instanceof EventBody.Note note) {
                notes.add(note.text());
            } else if (one.body() instanceof EventBody.Ticked ticked) {
                in.addAll(ticked.lines());
                out.removeAll(ticked.lines());
            } else if (one.body() instanceof EventBody.LeftOut left) {
                out.addAll(left.lines());
                in.removeAll(left.lines());
            }
        }
        return List.of(keys, readings, String.join("\n", notes), nowLook, nowLid, in, out);
    }

    private static List<Object> folded(BatchState state) {
        return List.of(
                state.standing().stream().map(one -> one.event().clientKey()).toList(),
                state.readings().stream().map(one -> one.clientKey()).toList(),
                state.notes(),
                state.heat().look(),
                state.heat().lid(),
                new HashSet<>(state.ticks().in()),
                new HashSet<>(state.ticks().out()));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void anyOrderOfSendingComesToTheSame(long seed) {
        Random random = new Random(seed);
        Instant began = clock.instant();
        clock.forward(Duration.ofHours(1));
        List<Batches.Draft> log = new ArrayList<>();
        for (int i = 0; i < EVENTS; i++) {
            log.add(new Batches.Draft("key-" + i, began.plusSeconds(60L + 61L * i), any(random, i, log)));
        }
        List<List<Object>> comeTo = new ArrayList<>();
        for (int order = 0; order < 4; order++) {
            long id = batches.start(kitchen, "Glaze " + order, Origin.NONE, Foods.glaze("A pot " + order), began);
            BatchState fresh = batches.batch(kitchen.id(), id).folded();
            for (Batches.Draft one : sent(log, random, order)) {
                batches.record(kitchen, id, one);
            }
            List<Object> folded = folded(batches.batch(kitchen.id(), id).folded());
            assertThat(folded)
                    .as("order %d", order)
                    .isEqualTo(plainly(log, fresh.heat().look(), fresh.heat().lid()));
            comeTo.add(folded);
            String kept = words(id);
            summaries.rebuild(kitchen, id);
            assertThat(words(id)).as("what the log searches by").isEqualTo(kept);
        }
        assertThat(Set.copyOf(comeTo)).hasSize(1);
    }

    /** In order; turned about; shuffled; each more than once. What takes back comes after what it takes back. */
    private static List<Batches.Draft> sent(List<Batches.Draft> log, Random random, int order) {
        List<Batches.Draft> sent = new ArrayList<>(log);
        if (order == 1) {
            Collections.reverse(sent);
        } else if (order > 1) {
            Collections.shuffle(sent, random);
        }
        if (order == 3) {
            sent.addAll(List.copyOf(sent));
            sent.addAll(log.subList(0, EVENTS / 2));
        }
        sent.sort(Comparator.comparing(one -> one.body() instanceof EventBody.Undo));
        return sent;
    }
}

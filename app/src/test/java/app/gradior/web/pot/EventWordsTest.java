package app.gradior.web.pot;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.Foods;
import app.gradior.batch.Batch;
import app.gradior.batch.BatchEvent;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.EventBody;
import app.gradior.batch.IngredientInput;
import app.gradior.batch.Origin;
import app.gradior.care.Storage;
import app.gradior.clock.CoolingIn;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.measure.MeasureSystem;
import app.gradior.reading.ReadingKind;
import app.gradior.room.house.Kitchen;
import app.gradior.sauce.Overnight;
import app.gradior.sauce.Texture;
import app.gradior.simmer.Heat;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import app.gradior.web.draw.DescentDrawing;
import app.gradior.web.frame.Figures;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class EventWordsTest {
    private static final Instant START = Instant.parse("2026-12-19T17:00:00Z");
    private static final Figures FIGURES = new Figures(
            new Kitchen(1, "Test", MeasureSystem.METRIC, false, false, 0, ZoneOffset.UTC, false, Optional.empty(), 1));

    private final List<BatchEvent> events = new ArrayList<>();

    private void at(int minute, String key, EventBody body) {
        Instant at = START.plusSeconds(60L * minute);
        events.add(new BatchEvent(events.size() + 1, key, at, at, body));
    }

    private Batch batch() {
        BatchPlan plan = BatchPlan.hot(
                List.of(
                        Foods.line("1 kg damsons", "damson", 1000, 0.01),
                        Foods.line("a knob of butter", "butter", 20, 0.01)),
                Texture.SMOOTH,
                0,
                BatchPlan.PlanPot.of("Rondeau", new PotShape(240, 232, 130), 1950, PotMaterial.ENAMEL),
                new Heat(Look.LIVELY, LidState.OPEN),
                0,
                6.5,
                20);
        return new Batch(1, Origin.NONE, "Glaze", plan, Batch.State.LIVE, START, null, events);
    }

    private List<String> words() {
        return EventWords.entries(batch(), Set.of("device-odd"), FIGURES).stream()
                .map(EventWords.Entry::words)
                .toList();
    }

    @Test
    void whatAnInstrumentTellsIsOneLineUntilSomethingElseHappens() {
        at(1, "device-1", new EventBody.Read(ReadingKind.WEIGHT, 3000));
        at(2, "device-2", new EventBody.Read(ReadingKind.WEIGHT, 2990));
        at(3, "device-3", new EventBody.Read(ReadingKind.TEMPERATURE, 100));
        at(4, "tap-1", new EventBody.Read(ReadingKind.WEIGHT, 2970));
        at(5, "device-4", new EventBody.Read(ReadingKind.WEIGHT, 2960));
        at(6, "device-odd", new EventBody.Read(ReadingKind.WEIGHT, 1990));
        at(7, "device-5", new EventBody.Read(ReadingKind.WEIGHT, 2940));
        assertThat(words())
                .containsExactly(
                        "Probe: 100 °C · 3 readings since 17:01",
                        "Weighed: 2,970 g",
                        "Weighed: 2,960 g",
                        "Weighed: 1,990 g",
                        "Weighed: 2,940 g");
        assertThat(EventWords.entries(batch(), Set.of("device-odd"), FIGURES))
                .filteredOn(EventWords.Entry::doubted)
                .extracting(EventWords.Entry::undoKey)
                .containsExactly("device-odd");
    }

    @Test
    void everyEventHasItsWords() {
        at(1, "a", new EventBody.LeftOut(List.of(1)));
        at(2, "b", new EventBody.Added(List.of(new IngredientInput(null, "salt", 5.0))));
        at(3, "c", new EventBody.Slurry(StarchKind.WHEAT_FLOUR, 20, 30));
        at(4, "d", new EventBody.Taken(null, 50.0));
        at(5, "e", new EventBody.Sieved(true, 120.0));
        at(6, "f", new EventBody.Finished(950.0, null));
        at(7, "g", new EventBody.Cooling(Storage.FRIDGE, CoolingIn.SHALLOW, 60.0));
        at(8, "h", new EventBody.NextDay(5.5, 43.0, Overnight.FLATTER, null));
        at(9, "i", new EventBody.Rated(4, null, null, null, null));
        assertThat(words())
                .containsExactly(
                        "Left out: a knob of butter",
                        "Added: 5 g salt",
                        "Slurry: 20 g wheat flour in 30 g water",
                        "Taken out: 50 mL",
                        "Milled, 120 g stayed behind",
                        "Off the heat: 950 mL",
                        "Cooling in trays 2 cm deep, then the fridge: 60 °C",
                        "Next day, step 5.5, ring 43 mm, flatter",
                        "Rated 4 of 5");
    }

    @Test
    void noKindOfEventIsWithoutWords() {
        assertThat(EventWords.WORDS.unnamed()).isEmpty();
    }

    @Test
    void marksOfOneKindThatCrowdShareAWord() {
        for (int minute = 5; minute <= 100; minute += 5) {
            at(minute, "w" + minute, new EventBody.Read(ReadingKind.WEIGHT, 3000 - minute));
        }
        at(101, "s", new EventBody.Read(ReadingKind.SPOON, 4));
        List<DescentDrawing.Tick> ticks = EventWords.ticks(batch());
        assertThat(ticks).as("every mark is there").hasSize(21);
        assertThat(ticks)
                .filteredOn(tick -> tick.word().equals("weighed"))
                .as("but few words")
                .hasSizeBetween(4, 10);
        assertThat(ticks.get(20).word()).isEqualTo("spoon");
    }
}

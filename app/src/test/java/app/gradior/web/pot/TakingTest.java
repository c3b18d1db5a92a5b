package app.gradior.web.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.gradior.batch.EventBody;
import app.gradior.finding.Refusal;
import app.gradior.larder.Catalogue;
import app.gradior.larder.StarchKind;
import app.gradior.measure.MeasureSystem;
import app.gradior.rescue.Handling;
import app.gradior.rescue.Move;
import app.gradior.room.house.Kitchen;
import app.gradior.web.frame.Figures;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TakingTest {
    private static final Figures FIGURES = new Figures(new Kitchen(
            1, "Test", MeasureSystem.METRIC, false, false, 0, ZoneId.of("UTC"), false, Optional.empty(), 1));

    private static List<EventBody> taken(String way) {
        return Taking.events(way, 1000, FIGURES);
    }

    @Test
    void whatATapSendsIsWhatTheBatchRecords() {
        String way = Taking.of(List.of(
                new Move.PourAway(0.2),
                new Move.Skim(12),
                new Move.Add(Catalogue.standard().food("milk").orElseThrow(), 120.5),
                new Move.Thicken(StarchKind.TAPIOCA, 8),
                new Move.Reduce(90)));
        List<EventBody> events = taken(way);
        assertThat(events).hasSize(5);
        assertThat(events.get(0)).isEqualTo(new EventBody.Taken(200.0, null));
        assertThat(events.get(1)).isInstanceOf(EventBody.Note.class);
        EventBody.Added added = (EventBody.Added) events.get(2);
        assertThat(added.ingredients()).singleElement().satisfies(in -> {
            assertThat(in.food()).isEqualTo("milk");
            assertThat(in.massG()).isEqualTo(120.5);
        });
        assertThat(events.get(3)).isEqualTo(new EventBody.Slurry(StarchKind.TAPIOCA, 8, 12));
        assertThat(((EventBody.Note) events.get(4)).text()).contains("90 g");
    }

    @Test
    void aToolIsRecordedAsATool() {
        assertThat(taken(Taking.of(Handling.BLEND, List.of()))).containsExactly(new EventBody.Blended());
        assertThat(taken(Taking.of(Handling.SIEVE, List.of()))).containsExactly(new EventBody.Sieved(false, null));
        assertThat(Taking.of(Handling.WHISK, List.of())).as("leaves no mark").isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "add",
                "add:milk",
                "add:milk:-3",
                "add:milk:NaN",
                "add:milk:1000000",
                "thicken:glue:8",
                "drop:table:1",
                "add:milk:1;add:milk:1;add:milk:1;add:milk:1;add:milk:1;add:milk:1;add:milk:1"
            })
    void anythingElseIsRefused(String way) {
        assertThatThrownBy(() -> taken(way)).isInstanceOf(Refusal.class);
    }
}

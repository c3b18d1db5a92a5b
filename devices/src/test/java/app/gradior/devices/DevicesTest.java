package app.gradior.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.course.PotCourse;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class DevicesTest {
    private static final Instant START = Instant.parse("2026-12-01T18:00:00Z");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** An application that keeps events by key, and is away when it is told to be. */
    private static final class Application implements Api {
        private final List<ObjectNode> events = new ArrayList<>();
        private final Set<String> keys = new HashSet<>();
        private String state = "live";
        private boolean away;
        private int told;

        @Override
        public JsonNode get(String path) throws IOException {
            if (away) {
                throw new IOException("away");
            }
            ObjectNode batch = (ObjectNode) JSON.readTree("""
                    {"state": "live", "startedAt": "2026-12-01T18:00:00Z", "altitudeM": 0, "servedC": 20, "hot": false,
                     "pot": {"topDiameterMm": 240, "baseDiameterMm": 232, "heightMm": 130, "emptyG": 1950, "cornerMm": null},
                     "lines": [{"text": "1 kg damsons", "food": "damson", "massG": 1000, "in": true, "out": false},
                               {"text": "250 ml water", "food": "water", "massG": 250, "in": true, "out": false},
                               {"text": "200 g sugar", "food": "sugar", "massG": 200, "in": false, "out": false}],
                     "stages": [
                       {"kind": "simmer", "lines": [0, 1], "look": "gentle", "lid": "open", "end": "minutes", "value": 18},
                       {"kind": "reduce", "lines": [2], "look": "lively", "lid": "open", "end": "step_served", "value": 6}]}
                    """);
            batch.put("state", state);
            events.forEach(batch.putArray("events")::add);
            return batch;
        }

        @Override
        public Told post(String path, ObjectNode body) throws IOException {
            if (away) {
                throw new IOException("away");
            }
            told++;
            if (path.equals("/bench/mixture")) {
                return new Told(200, JSON.readTree("{\"lines\": [{\"food\": \"water\", \"massG\": 120}]}"));
            }
            if (keys.add(body.get("clientKey").stringValue())) {
                events.add(body);
                return new Told(201, body);
            }
            return new Told(200, body);
        }

        private void happens(String type, int minute, String field, JsonNode value) {
            ObjectNode event = JSON.createObjectNode()
                    .put("clientKey", type + minute)
                    .put("type", type)
                    .put("at", START.plus(Duration.ofMinutes(minute)).toString());
            if (!field.isEmpty()) {
                event.set(field, value);
            }
            events.add(event);
        }

        private List<Double> weights() {
            return events.stream()
                    .filter(e -> e.get("type").stringValue().equals("weight"))
                    .map(e -> e.get("grossG").doubleValue())
                    .toList();
        }
    }

    private static final class TestClock extends Clock {
        private Instant now = START.plusSeconds(30);

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    }

    @Test
    void thePotFollowsWhatIsRecordedOfIt() throws IOException {
        Application application = new Application();
        HiddenPot hidden = new HiddenPot(application, new Random(1));
        PotCourse stewing = hidden.at(application.get(""), START.plus(Duration.ofMinutes(1)));
        assertThat(stewing.massG()).isBetween(1150.0, 1350.0);
        application.happens("stageDone", 20, "", JSON.nullNode());
        double reducing = hidden.at(application.get(""), START.plus(Duration.ofMinutes(21)))
                .massG();
        double before = hidden.at(application.get(""), START.plus(Duration.ofMinutes(19)))
                .massG();
        assertThat(reducing - before).as("the sugar is in").isCloseTo(200, within(25.0));
        application.happens("added", 21, "ingredients", JSON.readTree("[{\"line\": \"half a cup of water\"}]"));
        double watered = hidden.at(application.get(""), START.plus(Duration.ofMinutes(21)))
                .massG();
        assertThat(watered - reducing).isCloseTo(120, within(1e-6));
        hidden.at(application.get(""), START.plus(Duration.ofMinutes(30)));
        assertThat(application.told).as("what went in is looked up once").isEqualTo(1);
        application.happens("undo", 22, "undoneKey", JSON.getNodeFactory().stringNode("added21"));
        assertThat(hidden.at(application.get(""), START.plus(Duration.ofMinutes(21)))
                        .massG())
                .isCloseTo(reducing, within(1e-6));
    }

    @Test
    void overABadLineEveryReadingCountsOnce() {
        Application application = new Application();
        TestClock clock = new TestClock();
        Devices devices = new Devices(application, clock, 3);
        for (int i = 0; i < 60; i++) {
            application.away = i >= 20 && i < 30;
            assertThat(devices.tick(1)).isTrue();
            clock.now = clock.now.plusSeconds(20);
        }
        List<Double> weights = application.weights();
        assertThat(application.told).as("some were told twice").isGreaterThan(application.keys.size());
        assertThat(weights).as("lifts and the time away are missing").hasSizeBetween(35, 50);
        assertThat(weights.get(0)).isBetween(3100.0, 3330.0);
        assertThat(weights.get(weights.size() - 1)).isLessThan(weights.get(0));
        application.state = "finished";
        assertThat(devices.tick(1)).isFalse();
    }

    @Test
    void theScaleIsOffByGramsAndSaysNothingWhileThePotIsLifted() {
        Scale scale = new Scale(new Random(5));
        int lifted = 0;
        int wild = 0;
        for (int i = 0; i < 400; i++) {
            OptionalDouble reads = scale.reads(3000, START.plusSeconds(30L * i));
            lifted += reads.isEmpty() ? 1 : 0;
            double off = Math.abs(reads.orElse(3000) - 3000);
            wild += off > 50 ? 1 : 0;
            assertThat(off > 50 ? 240 : off).isLessThanOrEqualTo(240);
            assertThat(off)
                    .satisfiesAnyOf(
                            o -> assertThat(o).isLessThan(14),
                            o -> assertThat(o).isBetween(220.0, 260.0));
        }
        assertThat(lifted).isBetween(10, 45);
        assertThat(wild).isBetween(1, 12);
    }

    @Test
    void aMissingOptionIsNamed() {
        assertThatThrownBy(() -> Options.of("--url", "http://localhost").needed("token"))
                .hasMessage("--token is missing");
        assertThatThrownBy(() -> Options.of("url", "x")).hasMessageContaining("'url' is no option");
    }
}

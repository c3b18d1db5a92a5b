package app.gradior.room.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.gradior.finding.Fault;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.StageDraft;
import app.gradior.room.larder.Lines;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.School;
import app.gradior.sauce.SchoolAnswer;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageWork;
import app.gradior.sauce.Texture;
import app.gradior.sauce.Use;
import app.gradior.testing.Refused;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class SauceFileTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final SauceBook.Draft FULL = new SauceBook.Draft(
            "Quince & bay",
            List.of(
                    Lines.Typed.of("1 kg quinces"),
                    new Lines.Typed("3 of the jars", "sugar", 250.0),
                    Lines.Typed.of("150 g bacon"),
                    Lines.Typed.of("2 bay leaves")),
            Texture.CHUNKY,
            6.5,
            20,
            Optional.of(Use.SPREAD),
            800.0,
            "fruit, shelf",
            List.of(
                    stage(StageKind.RENDER, List.of(2)).with(new StageWork(List.of(), null, 13.0, null)),
                    new StageDraft(
                            StageKind.SIMMER,
                            "until soft",
                            List.of(0, 1, 3),
                            Look.GENTLE,
                            LidState.AJAR,
                            EndKind.MINUTES,
                            25),
                    stage(StageKind.TAKE_OUT, List.of()).with(new StageWork(List.of(2, 3), 0.5, null, null)),
                    stage(StageKind.PUT_BACK, List.of()).with(StageWork.of(List.of(2))),
                    stage(StageKind.RENDER, List.of()).with(new StageWork(List.of(), null, null, 0.25)),
                    stage(StageKind.COOK_IN, List.of(2)),
                    stage(StageKind.OVEN, List.of()).with(StageWork.inOven(170))),
            Map.of(School.LID, SchoolAnswer.AJAR),
            "Stir to the edges.",
            Optional.empty());

    private final SauceFile files = new SauceFile(JSON);

    private static StageDraft stage(StageKind kind, List<Integer> lines) {
        return new StageDraft(kind, "", lines, kind.usualLook(), kind.usualLid(), EndKind.WORD, 3);
    }

    private static JsonNode schema() throws IOException {
        return JSON.readTree(Files.readString(Path.of("../docs/schema/sauce.schema.json")));
    }

    @Test
    void whatIsSavedIsReadBackWhole() {
        List<Fault> faults = new ArrayList<>();
        assertThat(files.read(files.json(FULL), faults)).isEqualTo(FULL);
        assertThat(faults).isEmpty();
        assertThat(files.isOwn(files.json(FULL))).isTrue();
        assertThat(files.isOwn("{\"@type\":\"Recipe\"}")).isFalse();
    }

    @Test
    void theSchemaKnowsEveryPropertyThatIsSaved() throws IOException {
        JsonNode schema = schema().get("properties");
        JsonNode saved = JSON.readTree(files.json(FULL));
        assertThat(saved.propertyNames())
                .allSatisfy(name -> assertThat(schema.has(name)).as(name).isTrue());
        JsonNode line = schema.get("lines").get("items").get("properties");
        assertThat(saved.get("lines").get(1).propertyNames())
                .allSatisfy(name -> assertThat(line.has(name)).as(name).isTrue());
        JsonNode stage = schema.get("stages").get("items").get("properties");
        saved.get("stages")
                .forEach(one -> assertThat(one.propertyNames())
                        .allSatisfy(name -> assertThat(stage.has(name)).as(name).isTrue()));
        assertThat(saved.get("stages").get(2).get("lines").size())
                .as("what comes out")
                .isEqualTo(2);
    }

    @Test
    void theSchemaListsEveryNameThereIs() throws IOException {
        JsonNode properties = schema().get("properties");
        JsonNode stage = properties.get("stages").get("items").get("properties");
        assertThat(names(stage.get("kind")))
                .containsExactlyElementsOf(
                        Arrays.stream(StageKind.values()).map(StageKind::key).toList());
        assertThat(names(stage.get("end")))
                .containsExactlyInAnyOrderElementsOf(Arrays.stream(EndKind.values())
                        .map(end -> end.name().toLowerCase(Locale.ROOT))
                        .toList());
        assertThat(names(properties.get("use")))
                .containsExactlyInAnyOrderElementsOf(Arrays.stream(Use.values())
                        .map(use -> use.name().toLowerCase(Locale.ROOT))
                        .toList());
    }

    private static List<String> names(JsonNode property) {
        List<String> names = new ArrayList<>();
        property.get("enum").forEach(node -> names.add(node.asString()));
        return names;
    }

    @Test
    void faultsAreNamedAndTheRestIsKept() {
        List<Fault> faults = new ArrayList<>();
        String broken = files.json(FULL).replace("\"simmer\"", "\"fly\"").replace("\"spread\"", "\"hat\"");
        SauceBook.Draft draft = files.read(broken, faults);
        assertThat(faults).extracting(Fault::field).containsExactlyInAnyOrder("use", "stages[1]");
        assertThat(draft.lines()).isEqualTo(FULL.lines());
        assertThatThrownBy(() -> files.read("{\"format\":\"gradior.sauce\",\"formatVersion\":9}", faults))
                .satisfies(Refused.saying("version 1"));
        assertThatThrownBy(() -> files.read("{\"format\":\"gradior.sauce\"", faults))
                .satisfies(Refused.saying("broken"));
    }

    @Test
    void answersOfOlderFilesAreReadByTheirWords() {
        for (var older : Map.of(
                        School.THICKENING, "reduce, then starch",
                        School.BASE, "plain purée or paste",
                        School.HERBS, "fresh half-way",
                        School.DONE, "spoon or plate test",
                        School.SLURRY, "off the heat, then back")
                .entrySet()) {
            assertThat(older.getKey().answer(older.getValue())).isPresent();
        }
        assertThat(School.LID.answer("on")).contains(SchoolAnswer.ON);
        assertThat(School.LID.answer("reduce only")).isEmpty();
    }
}

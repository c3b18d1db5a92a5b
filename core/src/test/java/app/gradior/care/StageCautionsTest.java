package app.gradior.care;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.course.SauceRun;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.larder.MadeUp;
import app.gradior.larder.Trait;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class StageCautionsTest {
    private static final LineReader READER = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);

    private static List<String> titles(StageKind kind, double tempC, String... lines) {
        return titles(kind, List.of(), tempC, lines);
    }

    private static List<String> titles(StageKind kind, List<LineReading> before, double tempC, String... lines) {
        return titles(
                kind, before, tempC, Arrays.stream(lines).map(READER::read).toList());
    }

    private static List<String> titles(
            StageKind kind, List<LineReading> before, double tempC, List<LineReading> readings) {
        Mixture in = Mixture.EMPTY;
        for (LineReading reading : readings) {
            in = in.plus(Mixture.of(reading.food().orElseThrow(), reading.massG()));
        }
        SauceRun.Cooked cooked = SauceRun.cook(
                List.of(Stage.of(kind, in, new StageEnd.Minutes(1))),
                PotOnHeat.unknownPair(new PotShape(240, 232, 130), 0),
                1,
                20);
        return StageCautions.of(cooked.stages().get(0), readings, before, tempC).stream()
                .map(Caution::title)
                .toList();
    }

    @Test
    void spiritsByTheFlameAndNotOffIt() {
        assertThat(titles(StageKind.DEGLAZE, 90, "60 ml brandy", "200 ml vegetable stock"))
                .contains("Spirits catch fire");
        assertThat(titles(StageKind.SEASON, 90, "60 ml brandy", "200 ml vegetable stock"))
                .isEmpty();
        assertThat(titles(StageKind.DEGLAZE, 90, "200 ml white wine")).isEmpty();
    }

    @Test
    void chilliInFatButNotInLiquid() {
        assertThat(titles(StageKind.TOAST, 20, "2 tbsp olive oil", "2 habaneros"))
                .contains("Hot fat makes it choke: "
                        + READER.read("2 habaneros").food().orElseThrow().name());
        assertThat(titles(StageKind.SIMMER, 20, "500 ml water", "2 habaneros")).isEmpty();
    }

    @Test
    void theBlenderOnlyWhileItIsHot() {
        String[] sauce = {"500 g passata"};
        assertThat(titles(StageKind.BLEND, 90, sauce)).containsExactly("Hot sauce bursts out of a blender");
        assertThat(titles(StageKind.BLEND, 30, sauce)).isEmpty();
        assertThat(titles(StageKind.MILL, 90, sauce)).containsExactly("Hot sauce splashes");
    }

    private static List<String> titles(StageKind kind, double tempC, Food food) {
        return titles(kind, List.of(), tempC, List.of(LineReading.corrected("some", food, 100)));
    }

    /** At the bound itself, and just short of it. */
    @Test
    void boundsStandWhereTheySay() {
        assertThat(titles(StageKind.DEGLAZE, 90, MadeUp.ethanol(25))).contains("Spirits catch fire");
        assertThat(titles(StageKind.DEGLAZE, 90, MadeUp.ethanol(24.9))).doesNotContain("Spirits catch fire");
        assertThat(titles(StageKind.TOAST, 20, MadeUp.hot(3000)))
                .singleElement()
                .asString()
                .startsWith("Hot fat makes it choke");
        assertThat(titles(StageKind.TOAST, 20, MadeUp.hot(2999))).isEmpty();
        assertThat(titles(StageKind.TOAST, 20, MadeUp.hot(0, Trait.PUNGENT))).hasSize(1);
        assertThat(titles(StageKind.TOAST, 20, "2 tbsp olive oil", "1 onion")).isEmpty();
        String[] sauce = {"500 g passata"};
        assertThat(titles(StageKind.BLEND, 45, sauce)).isEmpty();
        assertThat(titles(StageKind.BLEND, 45.1, sauce)).hasSize(1);
        assertThat(titles(StageKind.SIEVE, 45, sauce)).isEmpty();
        assertThat(titles(StageKind.SIEVE, 45.1, sauce)).hasSize(1);
    }

    @Test
    void wholePiecesComeOutBeforeTheBlade() {
        List<LineReading> before = List.of(READER.read("2 bay leaves"), READER.read("1 star anise"));
        assertThat(titles(StageKind.BLEND, before, 30, "500 g passata"))
                .containsExactly("Take out first: bay leaf, star anise");
        assertThat(titles(StageKind.MILL, before, 30, "500 g passata")).hasSize(1);
        assertThat(titles(StageKind.SIMMER, before, 30, "500 g passata")).isEmpty();
        assertThat(titles(StageKind.TOAST, 20, "2 tbsp olive oil", "1 tsp mustard powder"))
                .contains("Hot fat makes it choke: mustard powder");
    }

    @Test
    void boilingSugarAndCooling() {
        assertThat(titles(StageKind.REDUCE, 90, "500 g sugar", "400 ml water")).contains("Boiling sugar burns");
        assertThat(titles(StageKind.REDUCE, 90, "100 g sugar", "400 ml water")).isEmpty();
        assertThat(titles(StageKind.COOL, 90, "500 g passata")).containsExactly("Cool it quickly");
        assertThat(StageCautions.jars().advice()).contains("tested recipe").contains("no sauce shelf-stable");
    }
}

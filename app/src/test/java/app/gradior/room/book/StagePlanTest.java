package app.gradior.room.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.Catalogue;
import app.gradior.larder.StarchKind;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageWork;
import app.gradior.sauce.Texture;
import app.gradior.sauce.Work;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class StagePlanTest {
    private static final LineReader READER = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);

    private static List<LineReading> read(String... lines) {
        return Arrays.stream(lines).map(READER::read).toList();
    }

    private static StageDraft stage(StageKind kind, EndKind end, double value, Integer... lines) {
        return new StageDraft(kind, "", List.of(lines), kind.usualLook(), kind.usualLid(), end, value);
    }

    private static SauceBook.Draft draft(Texture texture, StageDraft... stages) {
        return new SauceBook.Draft(
                "Test",
                List.of(),
                texture,
                5,
                60,
                Optional.empty(),
                null,
                "",
                List.of(stages),
                Map.of(),
                "",
                Optional.empty());
    }

    @Test
    void thePowderOfASlurryIsLeftToThePlanAndTheFlourOfARouxStays() {
        List<LineReading> readings =
                read("30 g butter", "30 g plain flour", "600 ml vegetable stock", "10 g cornflour", "20 ml water");
        StagePlan.Laid laid = StagePlan.lay(
                draft(
                        Texture.CHUNKY,
                        stage(StageKind.SWEAT, EndKind.MINUTES, 3, 0, 1),
                        stage(StageKind.SIMMER, EndKind.MINUTES, 15, 2),
                        stage(StageKind.SLURRY, EndKind.MINUTES, 1, 3, 4)),
                readings,
                2,
                Map.of());
        assertThat(laid.starchG()).isCloseTo(20, within(1e-9));
        assertThat(laid.starch()).contains(StarchKind.MAIZE);
        assertThat(laid.powderLines()).containsExactly(3);
        assertThat(laid.stages().get(0).adds().starch().totalG()).isPositive();
        assertThat(laid.stages().get(2).adds().starch().totalG()).isZero();
        assertThat(laid.stages().get(2).adds().waterG()).isCloseTo(40, within(1.0));
        assertThat(laid.stages().get(1).adds().massG())
                .isCloseTo(2 * readings.get(2).massG(), within(1e-6));
    }

    @Test
    void heatsOfThePlanWinVolumesGrowAndStepsDoNot() {
        StagePlan.Laid laid = StagePlan.lay(
                draft(
                        Texture.CHUNKY,
                        stage(StageKind.SIMMER, EndKind.VOLUME, 500, 0),
                        stage(StageKind.REDUCE, EndKind.STEP_SERVED, 5)),
                read("1 l passata"),
                3,
                Map.of(1, new StagePlan.Heating(Look.ROLLING, LidState.SCREEN)));
        assertThat(laid.stages().get(0).end()).isEqualTo(new StageEnd.Volume(1500));
        assertThat(laid.stages().get(1).end()).isEqualTo(new StageEnd.StepServed(5));
        assertThat(laid.stages().get(1).look()).isEqualTo(Look.ROLLING);
        assertThat(laid.stages().get(1).lid()).isEqualTo(LidState.SCREEN);
    }

    @Test
    void aSauceWithoutStagesIsOnePotAndSmoothOnesAreBlended() {
        List<LineReading> readings = read("500 g carrots, diced", "400 ml water");
        StagePlan.Laid smooth = StagePlan.lay(draft(Texture.SMOOTH), readings, 1, Map.of());
        StagePlan.Laid chunky = StagePlan.lay(draft(Texture.CHUNKY), readings, 1, Map.of());
        assertThat(smooth.stages()).hasSize(1);
        assertThat(smooth.stages().get(0).adds().body().effectiveG())
                .isGreaterThan(2 * chunky.stages().get(0).adds().body().effectiveG());
        assertThat(StagePlan.unused(draft(Texture.CHUNKY), readings)).isEmpty();
        assertThat(StagePlan.unused(draft(Texture.CHUNKY, stage(StageKind.SIMMER, EndKind.MINUTES, 5, 0)), readings))
                .containsExactly(1);
    }

    @Test
    void whatIsNotEatenIsTakenOutWhereNothingIsNamedAndFatIsKeptInProportion() {
        List<LineReading> readings =
                read("150 g bacon", "600 ml passata", "2 bay leaves", "1 carrot, diced", "1 sprig of rosemary");
        SauceBook.Draft draft = draft(
                Texture.CHUNKY,
                stage(StageKind.RENDER, EndKind.MINUTES, 8, 0).with(new StageWork(List.of(), null, 12.0, null)),
                stage(StageKind.SIMMER, EndKind.MINUTES, 10, 1, 2, 3),
                stage(StageKind.TAKE_OUT, EndKind.WORD, 1),
                stage(StageKind.SIMMER, EndKind.MINUTES, 5, 4));
        List<Stage> stages = StagePlan.stages(draft, readings, 2);
        assertThat(stages.get(2).work()).isEqualTo(new Work.TakeOut(Set.of(2), 1));
        assertThat(stages.get(1).pieces()).containsOnlyKeys(2);
        assertThat(stages.get(0).pieces()).containsOnlyKeys(0);
        assertThat(stages.get(0).work()).isEqualTo(new Work.PourFat(24, Double.NaN));
        StagePlan.Laid laid = StagePlan.lay(draft, readings, 2, Map.of());
        assertThat(laid.stages()).isEqualTo(stages);
        assertThat(laid.drafts().get(2).named()).containsExactly(2);
        assertThat(StagePlan.stages(draft(Texture.CHUNKY, stage(StageKind.TAKE_OUT, EndKind.WORD, 1)), readings, 1)
                        .get(0)
                        .work())
                .as("nothing in the pot that leaves")
                .isEqualTo(new Work.TakeOut(Set.of(), 0));
    }

    @Test
    void foodThatCooksInASauceIsNoPartOfIt() {
        List<LineReading> readings = read("400 g minced beef", "200 ml beef stock", "700 ml passata");
        SauceBook.Draft draft = draft(
                Texture.CHUNKY,
                stage(StageKind.SIMMER, EndKind.MINUTES, 5, 2),
                stage(StageKind.COOK_IN, EndKind.MINUTES, 20, 0, 1),
                stage(StageKind.OVEN, EndKind.MINUTES, 30).with(StageWork.inOven(150)));
        List<Stage> stages = StagePlan.stages(draft, readings, 2);
        assertThat(stages.get(1).adds().massG()).as("the stock alone").isBetween(395.0, 410.0);
        assertThat(stages.get(1).pieces()).containsOnlyKeys(0);
        assertThat(stages.get(1).pieces().get(0).mixture().massG()).isEqualTo(800);
        assertThat(stages.get(2).work()).isEqualTo(new Work.InOven(150));
        assertThat(StagePlan.lay(draft, readings, 2, Map.of()).stages()).isEqualTo(stages);
    }
}

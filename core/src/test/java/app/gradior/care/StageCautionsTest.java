package app.gradior.care;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.Sauces;
import app.gradior.course.SauceRun;
import app.gradior.course.StageResult;
import app.gradior.course.Stirring;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
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
import app.gradior.simmer.PotState;
import app.gradior.texture.Cold;
import app.gradior.vessel.PotShape;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class StageCautionsTest {
    private static final LineReader READER = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);

    private static List<Caution> cautions(StageKind kind, double tempC, String... lines) {
        return cautions(kind, List.of(), tempC, lines);
    }

    private static List<Caution> cautions(StageKind kind, List<LineReading> before, double tempC, String... lines) {
        return cautions(
                kind, before, tempC, Arrays.stream(lines).map(READER::read).toList());
    }

    private static List<Caution> cautions(
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
        return StageCautions.of(cooked.stages().get(0), readings, before, tempC);
    }

    @Test
    void spiritsByTheFlameAndNotOffIt() {
        assertThat(cautions(StageKind.DEGLAZE, 90, "60 ml brandy", "200 ml vegetable stock"))
                .contains(new Caution.Spirits());
        assertThat(cautions(StageKind.SEASON, 90, "60 ml brandy", "200 ml vegetable stock"))
                .isEmpty();
        assertThat(cautions(StageKind.DEGLAZE, 90, "200 ml white wine")).isEmpty();
    }

    @Test
    void chilliInFatButNotInLiquid() {
        assertThat(cautions(StageKind.TOAST, 20, "2 tbsp olive oil", "2 habaneros"))
                .contains(new Caution.Choking(
                        List.of(READER.read("2 habaneros").food().orElseThrow())));
        assertThat(cautions(StageKind.SIMMER, 20, "500 ml water", "2 habaneros"))
                .isEmpty();
    }

    @Test
    void theBlenderOnlyWhileItIsHot() {
        String[] sauce = {"500 g passata"};
        assertThat(cautions(StageKind.BLEND, 90, sauce)).containsExactly(new Caution.Blender());
        assertThat(cautions(StageKind.BLEND, 30, sauce)).isEmpty();
        assertThat(cautions(StageKind.MILL, 90, sauce)).containsExactly(new Caution.Splashes());
    }

    private static List<Caution> cautions(StageKind kind, double tempC, Food food) {
        return cautions(kind, List.of(), tempC, List.of(LineReading.corrected("some", food, 100)));
    }

    /** At the bound itself, and just short of it. */
    @Test
    void boundsStandWhereTheySay() {
        assertThat(cautions(StageKind.DEGLAZE, 90, MadeUp.ethanol(25))).contains(new Caution.Spirits());
        assertThat(cautions(StageKind.DEGLAZE, 90, MadeUp.ethanol(24.9))).doesNotContain(new Caution.Spirits());
        assertThat(cautions(StageKind.TOAST, 20, MadeUp.hot(3000)))
                .singleElement()
                .isInstanceOf(Caution.Choking.class);
        assertThat(cautions(StageKind.TOAST, 20, MadeUp.hot(2999))).isEmpty();
        assertThat(cautions(StageKind.TOAST, 20, MadeUp.hot(0, Trait.PUNGENT))).hasSize(1);
        assertThat(cautions(StageKind.TOAST, 20, "2 tbsp olive oil", "1 onion")).isEmpty();
        String[] sauce = {"500 g passata"};
        assertThat(cautions(StageKind.BLEND, 45, sauce)).isEmpty();
        assertThat(cautions(StageKind.BLEND, 45.1, sauce)).hasSize(1);
        assertThat(cautions(StageKind.SIEVE, 45, sauce)).isEmpty();
        assertThat(cautions(StageKind.SIEVE, 45.1, sauce)).hasSize(1);
    }

    @Test
    void wholePiecesComeOutBeforeTheBlade() {
        List<LineReading> before = List.of(READER.read("2 bay leaves"), READER.read("1 star anise"));
        assertThat(cautions(StageKind.BLEND, before, 30, "500 g passata"))
                .containsExactly(new Caution.TakeOut(List.of(
                        before.get(0).food().orElseThrow(), before.get(1).food().orElseThrow())));
        assertThat(cautions(StageKind.MILL, before, 30, "500 g passata")).hasSize(1);
        assertThat(cautions(StageKind.SIMMER, before, 30, "500 g passata")).isEmpty();
        assertThat(cautions(StageKind.TOAST, 20, "2 tbsp olive oil", "1 tsp mustard powder"))
                .contains(new Caution.Choking(
                        List.of(READER.read("mustard powder").food().orElseThrow())));
    }

    @Test
    void boilingSugarAndCooling() {
        assertThat(cautions(StageKind.REDUCE, 90, "500 g sugar", "400 ml water"))
                .contains(new Caution.HotSugar());
        assertThat(cautions(StageKind.REDUCE, 90, "100 g sugar", "400 ml water"))
                .isEmpty();
        assertThat(cautions(StageKind.COOL, 90, "500 g passata"))
                .containsExactly(new Caution.CoolQuickly(60, 21, 2, 5, 4));
    }

    private static List<Caution> simmered(Look look, LidState lid, double watts, Mixture in) {
        SauceRun.Cooked cooked = SauceRun.cook(
                List.of(new Stage(StageKind.SIMMER, in, look, lid, new StageEnd.Minutes(3))),
                new PotOnHeat(new PotShape(280, 280, 150), 0, 1, watts),
                1,
                60);
        return StageCautions.of(cooked.stages().get(0), List.of(), List.of(), 20);
    }

    @Test
    void yolkThatCurdlesIsSaidBeforehand() {
        Mixture custard = Sauces.of("milk", 500).plus(Sauces.of("egg-yolk", 70));
        Caution curdles = new Caution.Curdles(86);
        assertThat(simmered(Look.GENTLE, LidState.OPEN, 2000, custard)).contains(curdles);
        assertThat(simmered(Look.STEAMING, LidState.OPEN, 2000, custard)).doesNotContain(curdles);
        assertThat(simmered(Look.GENTLE, LidState.OPEN, 2000, custard.plus(Sauces.of("cornflour", 20))))
                .doesNotContain(curdles);
    }

    @Test
    void sugarPastWhatColdWaterHolds() {
        assertThat(simmered(Look.GENTLE, LidState.OPEN, 2000, Sauces.syrup(70)))
                .anyMatch(caution -> caution instanceof Caution.Crystals);
        assertThat(simmered(Look.GENTLE, LidState.OPEN, 2000, Sauces.syrup(60)))
                .noneMatch(caution -> caution instanceof Caution.Crystals);
        assertThat(simmered(
                        Look.GENTLE,
                        LidState.OPEN,
                        2000,
                        Sauces.of("honey", 500).plus(Sauces.of("water", 20))))
                .as("glucose and fructose keep it smooth")
                .noneMatch(caution -> caution instanceof Caution.Crystals);
    }

    /** 3 kg at 600 W never without its lid, with it in its time; wide pans cannot roll on a kilowatt (pot_balance.csv). */
    @Test
    void aBurnerThatIsTooWeakSaysWhatWouldDo() {
        Mixture water = Sauces.of("water", 3000);
        assertThat(simmered(Look.LIVELY, LidState.OPEN, 600, water))
                .filteredOn(Caution.WeakBurner.class::isInstance)
                .singleElement()
                .isInstanceOfSatisfying(Caution.WeakBurner.class, weak -> {
                    assertThat(weak.look()).isEqualTo(Look.LIVELY);
                    assertThat(weak.hasW()).isEqualTo(600);
                    assertThat(weak.wantsW()).isBetween(600.0, 1000.0);
                    assertThat(weak.liddedW()).isBetween(100.0, 400.0);
                    assertThat(weak.lidDoes()).isTrue();
                });
        assertThat(simmered(Look.LIVELY, LidState.OPEN, 100, water))
                .filteredOn(Caution.WeakBurner.class::isInstance)
                .singleElement()
                .isInstanceOfSatisfying(
                        Caution.WeakBurner.class,
                        weak -> assertThat(weak.lidDoes()).isFalse());
        assertThat(simmered(Look.ROLLING, LidState.OPEN, 1000, water))
                .filteredOn(Caution.CalmBurner.class::isInstance)
                .singleElement()
                .isInstanceOfSatisfying(Caution.CalmBurner.class, calm -> {
                    assertThat(calm.wantsW())
                            .as("35 kg/(m²·h) on 0.0616 m², 2.257 MJ/kg: 1352 W, and its wall")
                            .isBetween(1370.0, 1420.0);
                    assertThat(calm.hasW()).isEqualTo(1000);
                });
        for (LidState lid : new LidState[] {LidState.OPEN, LidState.CLOSED}) {
            assertThat(simmered(Look.LIVELY, lid, lid == LidState.OPEN ? 2000 : 600, water))
                    .noneMatch(c -> c instanceof Caution.WeakBurner || c instanceof Caution.CalmBurner);
        }
    }

    @Test
    void whatAFreezerUndoesIsSaid() {
        Mixture stock = Sauces.of("vegetable-stock", 500);
        assertThat(StageCautions.frozen(stock.plus(Sauces.of("cornflour", 15)).cooked()))
                .contains(new Caution.Weeping(List.of(Cold.Weeps.STARCH)));
        assertThat(StageCautions.frozen(stock.plus(Sauces.of("rice-flour", 15)).cooked()))
                .isEmpty();
        assertThat(StageCautions.frozen(stock.plus(Sauces.of("cornflour", 2)).cooked()))
                .as("too little to see")
                .isEmpty();
        assertThat(StageCautions.frozen(
                        Sauces.of("milk", 500).plus(Sauces.of("egg-yolk", 80)).heatedTo(80)))
                .contains(new Caution.Weeping(List.of(Cold.Weeps.EGG)));
        assertThat(StageCautions.frozen(Sauces.of("mayonnaise", 200)))
                .contains(new Caution.Weeping(List.of(Cold.Weeps.EMULSION)));
        Mixture jelly = Sauces.of("redcurrant-juice", 400).plus(Sauces.of("sugar", 450));
        assertThat(StageCautions.frozen(jelly.withVolatiles(jelly.waterG() - 120, 0, 0)))
                .contains(new Caution.Weeping(List.of(Cold.Weeps.PECTIN)));
    }

    @Test
    void aThinLayerCatches() {
        assertThat(StageCautions.leastMm(Look.LIVELY, 3)).isEqualTo(6);
        assertThat(StageCautions.leastMm(Look.LIVELY, 5)).isEqualTo(9);
        assertThat(StageCautions.leastMm(Look.ROLLING, 4.9)).isEqualTo(8);
        assertThat(StageCautions.leastMm(Look.BARE, 1)).isEqualTo(3);
        assertThat(shallow(150)).hasValueSatisfying(caution -> {
            assertThat(caution.levelMm()).isLessThan(caution.leastMm());
            assertThat(caution.look()).isEqualTo(Look.LIVELY);
        });
        assertThat(shallow(1200)).isEmpty();
    }

    private static Optional<Caution.Shallow> shallow(double grams) {
        Stage reduce =
                Stage.of(StageKind.REDUCE, Mixture.of(Catalogue.standard().water(), grams), new StageEnd.Minutes(1));
        return SauceRun.cook(List.of(reduce), PotOnHeat.unknownPair(new PotShape(240, 232, 130), 0), 1, 20)
                .stages()
                .stream()
                .flatMap(result -> StageCautions.of(result, List.of(), List.of(), 20).stream())
                .filter(Caution.Shallow.class::isInstance)
                .map(Caution.Shallow.class::cast)
                .findFirst();
    }

    /** A stage by its figures, of what is done in it. */
    private static StageResult stage(StageKind kind, Mixture in, double minutes, double evaporatedG, double levelMm) {
        PotState end = new PotState(minutes, in, 95, 100, in.massG(), levelMm, 3, 3, 0);
        return new StageResult(
                Stage.of(kind, in, new StageEnd.Minutes(minutes)),
                0,
                0,
                minutes,
                in,
                0,
                List.of(end),
                evaporatedG,
                Mixture.EMPTY,
                new Stirring(5),
                false,
                Optional.of(new StageResult.NeverThere(600, 900, 600)));
    }

    private static List<Caution> cookedIn(double minutes, String... ids) {
        List<LineReading> lines = Arrays.stream(ids)
                .map(id -> LineReading.corrected(id, Sauces.food(id), 400))
                .toList();
        return StageCautions.of(stage(StageKind.COOK_IN, Sauces.of("water", 500), minutes, 0, 50), lines, List.of(), 95)
                .stream()
                .filter(Caution.NotDone.class::isInstance)
                .toList();
    }

    @Test
    void atTheBoundItselfNothingIsSaid() {
        Mixture water = Sauces.of("water", 500);
        double least = StageCautions.leastMm(Look.LIVELY, 3);
        assertThat(StageCautions.shallow(stage(StageKind.REDUCE, water, 5, 1, least)))
                .isEmpty();
        assertThat(StageCautions.shallow(stage(StageKind.REDUCE, water, 5, 1, least - 0.01)))
                .hasValue(new Caution.Shallow(Look.LIVELY, least - 0.01, least));
        assertThat(StageCautions.shallow(stage(StageKind.REDUCE, water, 5, 0, least - 0.01)))
                .as("nothing boils off")
                .isEmpty();
        assertThat(StageCautions.shallow(stage(StageKind.BLEND, water, 5, 1, 1)))
                .isEmpty();
        assertThat(cookedIn(20, "chicken")).as("four fifths of its time").isEmpty();
        assertThat(cookedIn(19.9, "chicken")).containsExactly(new Caution.NotDone(Sauces.food("chicken"), 19.9, 25));
        assertThat(cookedIn(10, "chicken", "beef-diced", "minced-beef"))
                .as("what lacks most")
                .containsExactly(new Caution.NotDone(Sauces.food("beef-diced"), 10, 100));
        assertThat(StageCautions.of(stage(StageKind.SIMMER, water, 5, 1, 50), List.of(), List.of(), 95))
                .as("under a lid it would just not get there")
                .containsExactly(new Caution.WeakBurner(Look.GENTLE, 600, 900, 600, false));
    }

    private static List<Caution> sugared(double sugarG, double waterG, double oilG) {
        Mixture pot =
                Sauces.of("sugar", sugarG).plus(Sauces.of("water", waterG)).plus(Sauces.of("vegetable-oil", oilG));
        return StageCautions.of(StageKind.SIMMER, new StageCautions.InPot(pot, pot, 20, 20), List.of(), List.of());
    }

    @Test
    void sugarCountsAgainstWaterWhereThereIsEnoughOfIt() {
        assertThat(sugared(66, 34, 0)).containsExactly(new Caution.HotSugar());
        assertThat(sugared(67, 33, 0)).containsExactly(new Caution.HotSugar(), new Caution.Crystals(67));
        assertThat(sugared(40, 60, 0)).isEmpty();
        assertThat(sugared(40.1, 59.9, 0)).containsExactly(new Caution.HotSugar());
        assertThat(sugared(200, 40, 760)).as("a fifth of it").noneMatch(Caution.Crystals.class::isInstance);
        assertThat(sugared(201, 40, 759)).anyMatch(Caution.Crystals.class::isInstance);
        assertThat(sugared(30, 5, 900)).noneMatch(Caution.Crystals.class::isInstance);
    }

    @Test
    void whatIsBrushedOnFoodAndWhatJarsAre() {
        assertThat(Cautions.brushed(Sauces.syrup(50), true))
                .containsExactly(new Caution.RawBrush(), new Caution.HotSugar());
        assertThat(Cautions.brushed(Sauces.syrup(50), false)).containsExactly(new Caution.HotSugar());
        assertThat(Cautions.brushed(Sauces.of("water", 100), false)).isEmpty();
        assertThat(StageCautions.jars()).isEqualTo(new Caution.JarsAreCold());
    }
}

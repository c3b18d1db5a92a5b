package app.gradior.texture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Bounds;
import app.gradior.Sauces;
import app.gradior.finding.Refused;
import app.gradior.finding.Wrong;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Body;
import app.gradior.mixture.Mixture;
import java.util.Objects;
import java.util.function.DoubleFunction;
import org.junit.jupiter.api.Test;

/** What a night in the fridge and a freezer do, at the bounds from which they are said; how a film of it runs; how it bubbles. */
class ColdTest {
    private static final double SERVED_C = 60;

    private static double step(Mixture m, double tempC, double heldH) {
        return Stair.step(Consistency.flowNow(m, 1, tempC, heldH).viscosityPaS());
    }

    @Test
    void sevenTenthsOfAStepAreSaid() {
        Mixture syrup = Sauces.syrup(40);
        double servedC = Bounds.of(6, 60, c -> Cold.change(syrup, 1, c).isPresent());
        assertThat(step(syrup, 5, 12) - step(syrup, servedC, 0)).isCloseTo(0.7, within(1e-6));
        assertThat(Cold.change(Sauces.of("vegetable-oil", 100), 1, SERVED_C)).isEmpty();
    }

    /** The water that would be needed is as much as brings a night's thickness to that on the plate; more than half the sauce is not said. */
    @Test
    void halfAsMuchWaterAsSauceIsTheMost() {
        double leanest = Bounds.of(70, 40, brix -> change(brix).waterG() == null);
        Mixture last = Sauces.syrup(leanest + 1e-3);
        assertThat(change(leanest + 1e-3).waterG()).isCloseTo(last.massG() / 2, within(0.2));
        assertThat(step(last.plus(Sauces.of("water", last.massG() / 2)), 5, 12))
                .isCloseTo(step(last, SERVED_C, 0), within(1e-3));
        double waterG = Objects.requireNonNull(change(70).waterG());
        assertThat(step(Sauces.syrup(70).plus(Sauces.of("water", waterG)), 5, 12))
                .isCloseTo(step(Sauces.syrup(70), SERVED_C, 0), within(1e-4));
    }

    private static Cold.Change change(double brix) {
        return Cold.change(Sauces.syrup(brix), 1, SERVED_C).orElseThrow();
    }

    /** Starch of a kind whose gel weeps: a two-hundredth of the serum; yolk that set: three hundredths of the whole. */
    @Test
    void whatAFreezerUndoesIsSaidFromWhereItIsSeen() {
        DoubleFunction<Mixture> gravy = starch -> Sauces.of("vegetable-stock", 500)
                .plus(Sauces.of("cornflour", starch))
                .cooked();
        Mixture seen =
                gravy.apply(Bounds.of(0.5, 15, s -> Cold.frozen(gravy.apply(s)).contains(Cold.Weeps.STARCH)));
        assertThat(seen.setPowderG(StarchKind.MAIZE) / seen.serumG()).isCloseTo(0.005, within(1e-6));
        DoubleFunction<Mixture> custard =
                yolk -> Sauces.of("milk", 500).plus(Sauces.of("egg-yolk", yolk)).heatedTo(80);
        Mixture grains = custard.apply(
                Bounds.of(5, 150, y -> Cold.frozen(custard.apply(y)).contains(Cold.Weeps.EGG)));
        assertThat(grains.body().g(Body.Part.SET_YOLK) / grains.massG()).isCloseTo(0.03, within(1e-6));
        assertThat(Cold.frozen(Sauces.of("vegetable-oil", 100))).isEmpty();
        assertThat(Cold.frozen(Sauces.syrup(65))).isEmpty();
        Mixture brawn = Sauces.of("bone-stock", 1000).withVolatiles(200, 0, 0);
        assertThat(Consistency.flowNow(brawn, 1, 5, 12).structure()).isEqualTo(Structure.GEL);
        assertThat(Cold.frozen(brawn)).as("gelatine sets again").isEmpty();
    }

    /** A film's mean velocity by adding up thin layers: each slides over the one below it by what stress is left above it. */
    @Test
    void aFilmRunsAsItsLayersDo() {
        for (double yieldPa : new double[] {0, 0.4, 3, 9}) {
            FlowCurve curve = FlowCurve.of(new Consistency.Flow(0.8, yieldPa, Structure.PASTE));
            double depth = 0.004;
            double wall = 10;
            int layers = 20_000;
            double velocity = 0;
            double sum = 0;
            for (int i = 0; i < layers; i++) {
                double stress = wall * (1 - (i + 0.5) / layers);
                double slides =
                        stress > yieldPa ? Math.pow((stress - yieldPa) / curve.consistency(), 1 / curve.index()) : 0;
                double above = velocity + slides * depth / layers;
                sum += (velocity + above) / 2;
                velocity = above;
            }
            assertThat(curve.filmMPerS(depth, wall)).as("%s", yieldPa).isCloseTo(sum / layers, within(1e-6 * velocity));
            assertThat(curve.filmMPerS(depth, yieldPa)).isZero();
        }
    }

    /** Half of the thinning that there is, .65, where it bears six times its viscosity. */
    @Test
    void theMoreItStandsTheMoreItThins() {
        assertThat(FlowCurve.of(new Consistency.Flow(0.5, 3, Structure.PASTE)).index())
                .isCloseTo(1 - 0.65 / 2, within(1e-12));
        assertThat(FlowCurve.of(new Consistency.Flow(0.5, 9, Structure.PASTE)).index())
                .isCloseTo(1 - 0.65 * 0.75, within(1e-12));
        FlowCurve stands = FlowCurve.of(new Consistency.Flow(0.5, 3, Structure.PASTE));
        assertThat(stands.viscosityPaS(2))
                .isCloseTo(3 / 2.0 + (0.5 - 3 / 50.0) * Math.pow(2 / 50.0, stands.index() - 1), within(1e-9));
    }

    @Test
    void bubblesByNameAndByReading() {
        for (Bubbles bubbles : Bubbles.values()) {
            assertThat(Bubbles.ofKey(bubbles.key())).isEqualTo(bubbles);
            assertThat(Bubbles.nearest(bubbles.reading())).isEqualTo(bubbles);
            assertThat(Bubbles.between(bubbles.step())).isCloseTo(bubbles.reading(), within(1e-12));
        }
        assertThat(Bubbles.SMALL.reading()).isEqualTo(1);
        assertThat(Bubbles.nearest(-3)).isEqualTo(Bubbles.SMALL);
        assertThat(Bubbles.nearest(1.49)).isEqualTo(Bubbles.SMALL);
        assertThat(Bubbles.nearest(1.51)).isEqualTo(Bubbles.THUMB);
        assertThat(Bubbles.nearest(2.51)).isEqualTo(Bubbles.CRATERS);
        assertThat(Bubbles.nearest(8)).isEqualTo(Bubbles.CRATERS);
        assertThat(Bubbles.between(2)).isEqualTo(1);
        assertThat(Refused.why(() -> Bubbles.ofKey("foam"))).isInstanceOf(Wrong.Key.class);
    }
}

package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Mixture;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import app.gradior.texture.Consistency;
import app.gradior.vessel.PotShape;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class RoutesTest {
    private static final PotOnHeat POT = PotOnHeat.unknownPair(new PotShape(260, 240, 140), 0);
    private static final Heat LIVELY = new Heat(Look.LIVELY, LidState.OPEN);
    private static final Mixture SAUCE = Sauces.of("passata", 800)
            .plus(Sauces.of("vegetable-stock", 600))
            .plus(Sauces.of("wine-red", 200))
            .plus(Sauces.of("salt", 6));

    private static Routes routes(Mixture start, double step) {
        return new Routes(start, POT, LIVELY, Thickening.Mix.slurry(StarchKind.MAIZE), step, 60, 1);
    }

    private static Routes.Curve curve(Routes routes) {
        return (Routes.Curve) routes.curve();
    }

    @Test
    void everyPointIsAtTheStepAndTheyRunFromReducedToThickened() {
        Routes routes = routes(SAUCE, 6);
        List<Routes.Point> points = curve(routes).points();
        assertThat(points).hasSize(Routes.POINTS);
        assertThat(points.get(0).starchG()).isCloseTo(0, within(1e-6));
        assertThat(points.get(24).minutes()).isZero();
        for (int i = 0; i < points.size(); i++) {
            Routes.Point point = points.get(i);
            assertThat(Consistency.step(point.sauce(), 1, 60)).as("point " + i).isCloseTo(6, within(0.001));
            double massG = SAUCE.massG() - point.evaporatedG() + point.starchG() + point.coldLiquidG();
            assertThat(point.sauce().massG()).isCloseTo(massG, within(1e-6));
            if (i > 0) {
                Routes.Point before = points.get(i - 1);
                assertThat(point.minutes()).isLessThan(before.minutes());
                assertThat(point.starchG()).isGreaterThan(before.starchG());
                assertThat(point.volumeMl20c()).isGreaterThan(before.volumeMl20c());
                assertThat(point.sauce().saltPercent())
                        .isLessThan(before.sauce().saltPercent());
                assertThat(point.sauce().ethanolG())
                        .isGreaterThanOrEqualTo(before.sauce().ethanolG());
            }
        }
        double reduceOnly = new Reduction(SAUCE, POT, LIVELY, 60, 1).minutesTo(new StopAt.StepServed(6));
        assertThat(points.get(0).minutes()).isCloseTo(reduceOnly, within(0.01));
    }

    @Test
    void theWishedYieldIsMetOrTheNearestThatCanIsNamed() {
        Routes routes = routes(SAUCE, 6);
        Routes.Curve curve = curve(routes);
        Routes.Choice choice = routes.forYield(curve, 1200, OptionalDouble.empty());
        assertThat(choice.chosen().get(0).volumeMl20c()).isCloseTo(1200, within(0.5));
        double most = curve.leastReduced().volumeMl20c();
        assertThat(routes.forYield(curve, 5000, OptionalDouble.empty()).why())
                .contains(new CannotReach.GivesLess(most, 5000, 5000 / most));
        double least = curve.mostReduced().volumeMl20c();
        assertThat(routes.forYield(curve, 50, OptionalDouble.empty()).why())
                .contains(new CannotReach.GivesMore(least, 50, 50 / least));
        double needed = choice.chosen().get(0).minutes();
        assertThat(routes.forYield(curve, 1200, OptionalDouble.of(needed + 1)).chosen())
                .hasSize(1);
        Routes.Choice late = routes.forYield(curve, 1200, OptionalDouble.of(needed / 2));
        assertThat(late.chosen()).isEmpty();
        CannotReach.TooLate why = (CannotReach.TooLate) late.why().orElseThrow();
        assertThat(why.earlierMin()).isCloseTo(needed / 2, within(1.0));
        assertThat(why.wider().orElseThrow().cm())
                .as("a wider one than this")
                .isGreaterThan(POT.shape().topLengthMm() / 10);
        assertThat(why.instead().orElseThrow().starchG())
                .isGreaterThan(choice.chosen().get(0).starchG());
    }

    @Test
    void theDeadlineIsUsedInFullToSaveStarch() {
        Routes routes = routes(SAUCE, 6);
        Routes.Curve curve = curve(routes);
        Routes.Point tenMinutes = routes.forDeadline(curve, 10).chosen().get(0);
        assertThat(tenMinutes.minutes()).isCloseTo(10, within(1e-6));
        Routes.Point twenty = routes.forDeadline(curve, 20).chosen().get(0);
        assertThat(twenty.starchG()).isLessThan(tenMinutes.starchG());
        assertThat(routes.forDeadline(curve, 600).chosen().get(0)).isEqualTo(curve.mostReduced());
    }

    @Test
    void theWayThatTakesSoMuchStarchOrTheNearest() {
        Routes routes = routes(SAUCE, 6);
        Routes.Curve curve = curve(routes);
        double most = curve.leastReduced().starchG();
        assertThat(routes.withStarch(curve, most)).isEqualTo(curve.leastReduced());
        assertThat(routes.withStarch(curve, 2 * most)).isEqualTo(curve.leastReduced());
        assertThat(routes.withStarch(curve, 0)).isEqualTo(curve.mostReduced());
        assertThat(routes.withStarch(curve, 0.4 * most).starchG()).isCloseTo(0.4 * most, within(1e-4 * most));
        Routes.Point wanted =
                routes.forYield(curve, 1200, OptionalDouble.empty()).chosen().get(0);
        double deadline = 0.6 * wanted.minutes();
        Routes.Choice late = routes.forYield(curve, 1200, OptionalDouble.of(deadline));
        CannotReach.TooLate why = (CannotReach.TooLate) late.why().orElseThrow();
        // In a pot so much wider, as much goes in that time.
        double factor = why.wider().orElseThrow().cm() * 10 / POT.shape().topLengthMm();
        PotOnHeat wide = PotOnHeat.unknownPair(POT.shape().wider(factor), 0);
        SimmerRun run = new SimmerRun(SAUCE, wide, LIVELY, 1, 60);
        run.advance(deadline * 60);
        assertThat(SAUCE.massG() - run.massG()).isBetween(wanted.evaporatedG(), 1.1 * wanted.evaporatedG());
        assertThat(why.instead().orElseThrow().volumeMl20c())
                .isCloseTo(routes.forDeadline(curve, deadline).chosen().get(0).volumeMl20c(), within(1e-9));
    }

    @Test
    void whereNeitherReducingNorStarchDoesItSaysSo() {
        Routes thin = new Routes(
                Sauces.of("water", 900),
                POT,
                LIVELY,
                Thickening.Mix.flourAndButter(Thickening.Form.BROWN_ROUX),
                9.5,
                98,
                1);
        assertThat(thin.curve()).isInstanceOfSatisfying(Routes.NoWay.class, no -> {
            assertThat(no.field()).isEqualTo("target");
            assertThat(no.why()).isEqualTo(new CannotReach.NeitherWay(StarchKind.WHEAT_FLOUR, 9.5));
        });
    }

    @Test
    void stockThatNeverThickensStillHasItsRoutes() {
        Routes.Curve curve = curve(routes(Sauces.of("vegetable-stock", 900), 5));
        assertThat(curve.points()).hasSizeGreaterThan(10);
        assertThat(curve.leastReduced().starchG()).isPositive();
    }

    @Test
    void noWayNamesWhatToChange() {
        assertThat(((Routes.NoWay) routes(Sauces.of("tomato-paste", 400), 4).curve()).field())
                .isEqualTo("target");
        assertThat(((Routes.NoWay) routes(Sauces.of("olive-oil", 400), 4).curve()).field())
                .isEqualTo("start");
        assertThat(((Routes.NoWay) routes(SAUCE.times(10), 6).curve()).field()).isEqualTo("pot");
    }
}

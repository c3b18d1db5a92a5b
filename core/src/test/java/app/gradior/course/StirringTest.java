package app.gradior.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How often to stir, and the way of a pot to its heat, to the figure. */
class StirringTest {
    /** Every five minutes at step 4, a lively simmer, 30 °Bx and 15 mm deep; then each of them by itself. */
    @ParameterizedTest
    @CsvSource({
        "0.093, 30, 15, LIVELY, 5",
        "0.093, 0, 200, LIVELY, 5",
        "0.372, 0, 15, LIVELY, 1.64938",
        "0.093, 50, 15, LIVELY, 3.33333",
        "0.093, 70, 15, LIVELY, 2.5",
        "0.093, 0, 6, LIVELY, 2",
        "0.093, 0, 15, ROLLING, 2.38095",
        "0.093, 0, 15, GENTLE, 9.43396",
        "0.093, 0, 15, BARE, 10",
        "0.001, 0, 15, ROLLING, 10",
        "50, 60, 15, LIVELY, 0.25"
    })
    void soOftenThatNothingCatches(double viscosityPaS, double brix, double levelMm, Look look, double minutes) {
        assertThat(Stirring.of(viscosityPaS, brix, levelMm, look).everyMinutes())
                .isCloseTo(minutes, within(1e-5));
    }

    @ParameterizedTest
    @CsvSource({"0.25, HIGH", "0.99, HIGH", "1, WATCH", "3.99, WATCH", "4, LOW", "30, LOW"})
    void howNearItIsToCatching(double everyMinutes, Stirring.Risk risk) {
        assertThat(new Stirring(everyMinutes).risk()).isEqualTo(risk);
    }

    @Test
    void aWayToTheHeatIsGoneInParts() {
        Warming all = new Warming(100, 20, 30);
        assertThat(all.hotterBy(20, 5)).isEqualTo(20);
        assertThat(all.steamedG(5)).isEqualTo(7.5);
        Warming rest = all.after(5);
        assertThat(rest).isEqualTo(new Warming(100, 15, 22.5));
        assertThat(rest.isThere()).isFalse();
        assertThat(rest.after(15).isThere()).isTrue();
        assertThat(all.nowAt(99)).isEqualTo(new Warming(99, 0, 0));
        assertThat(Warming.NONE.isThere()).isTrue();
        StageRules.WarmUp open = StageRules.warmUp(WATER, 20, 20, 100, pot(1500), new Heat(Look.LIVELY, LidState.OPEN));
        StageRules.WarmUp weaker =
                StageRules.warmUp(WATER, 20, 20, 100, pot(1100), new Heat(Look.LIVELY, LidState.OPEN));
        Warming slower = all.changed(open, weaker);
        assertThat(slower.leftMinutes()).isCloseTo(20 * weaker.minutes() / open.minutes(), within(1e-9));
        assertThat(slower.steamLeftG()).isCloseTo(30 * weaker.lostG() / open.lostG(), within(1e-9));
        assertThat(slower.leftMinutes()).isGreaterThan(25);
    }

    private static final Mixture WATER = Sauces.of("water", 2000);

    private static PotOnHeat pot(double watts) {
        return new PotOnHeat(new PotShape(240, 240, 130), 0, 1, watts);
    }

    /** What sweats loses by its kind and lid what the curve gives between two moments, and keeps the water that it keeps. */
    @Test
    void whatSweatsKeepsSome() {
        Sweating onions = new Sweating(StageKind.SWEAT, 4, 300, 60);
        double open = onions.lostG(6, LidState.OPEN);
        double inParts = onions.lostG(2, LidState.OPEN) + onions.on(2).lostG(4, LidState.OPEN);
        assertThat(open).isPositive().isCloseTo(inParts, within(1e-9));
        assertThat(onions.lostG(6, LidState.CLOSED)).isLessThan(open);
        double share = StageRules.sweatedShare(10) - StageRules.sweatedShare(4);
        assertThat(open)
                .isCloseTo(
                        share * 300 * StageRules.driesIn(StageKind.SWEAT) * StageRules.sweatsPast(LidState.OPEN),
                        within(1e-9));
        assertThat(onions.leftG(200, 50)).isEqualTo(150);
        assertThat(onions.leftG(200, 190)).as("it keeps what it keeps").isEqualTo(60);
        assertThat(onions.leftG(40, 30)).as("or all that it had").isEqualTo(40);
        assertThat(Sweating.NOTHING.lostG(10, LidState.OPEN)).isZero();
        assertThat(onions.on(3).minutes()).isEqualTo(7);
    }
}

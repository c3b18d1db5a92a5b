package app.gradior.simmer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.vessel.PotShape;
import org.junit.jupiter.api.Test;

class BoiledDownTest {
    private static final Mixture WINE = Sauces.of("wine-red", 750);

    @Test
    void losesJustSoMuchAndAlcoholFirst() {
        Mixture left = BoiledDown.by(WINE, 200).orElseThrow();
        assertThat(WINE.massG() - left.massG()).isCloseTo(200, within(1e-3));
        assertThat(left.ethanolG() / WINE.ethanolG()).isLessThan(0.3 * left.waterG() / WINE.waterG());
        assertThat(BoiledDown.by(WINE, 0)).contains(WINE);
    }

    @Test
    void isTheSameHoweverSlowlyItWasDone() {
        PotOnHeat narrow = PotOnHeat.unknownPair(new PotShape(120, 120, 200), 0);
        SimmerRun slow = new SimmerRun(WINE, narrow, new Heat(Look.BARE, LidState.AJAR), 1, 20);
        slow.advanceUntil(run -> run.massG() - (WINE.massG() - 200), 1e6);
        assertThat(slow.mixture().ethanolG())
                .isCloseTo(BoiledDown.by(WINE, 200).orElseThrow().ethanolG(), within(0.05));
    }

    @Test
    void cannotLoseWhatIsNotThere() {
        assertThat(BoiledDown.by(WINE, 760)).isEmpty();
        assertThat(BoiledDown.by(Sauces.of("olive-oil", 100), 5)).isEmpty();
    }
}

package app.gradior.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Solutes by hand: ten moles of water, and a little of each. */
class BoilingPointTest {
    private static final double TEN_MOL_G = 180.15;

    private static double activity(double sugarLikeG, double saltG, double citricG, double aceticG) {
        return BoilingPoint.waterActivity(TEN_MOL_G, sugarLikeG, BoilingPoint.fixedSoluteMol(saltG, citricG), aceticG);
    }

    @Test
    void eachSoluteCountsByItsMolesAndSaltTwice() {
        assertThat(activity(0, 0, 0, 0)).isEqualTo(1);
        assertThat(activity(0, 5.844, 0, 0)).as("a tenth of a mole of salt").isCloseTo(10 / 10.2, within(1e-12));
        assertThat(activity(0, 0, 19.212, 0)).as("of citric acid").isCloseTo(10 / 10.1, within(1e-12));
        assertThat(activity(0, 0, 0, 6.005)).as("of acetic acid").isCloseTo(10 / 10.1, within(1e-12));
        assertThat(activity(0, 5.844, 19.212, 6.005)).as("all of them").isCloseTo(10 / 10.4, within(1e-12));
    }

    @Test
    void sugarHoldsMoreThanItsMoles() {
        double x = 0.5 / 10.5;
        assertThat(activity(171.15, 0, 0, 0)).isCloseTo((1 - x) * Math.exp(-6.47 * x * x), within(1e-12));
    }

    @Test
    void theEquationEndsWhereNoSauceIs() {
        assertThat(BoilingPoint.waterActivity(1, 1000, 0, 0)).isEqualTo(0.3);
        assertThat(BoilingPoint.waterActivity(0, 0, 0, 0)).isEqualTo(1);
    }

    /** Sodium chloride: 1.02 K for each mole in a kilogram of water as an ideal solution of two ions. */
    @Test
    void brineBoilsLaterAndSoDoesVinegar() {
        double air = 101_325;
        double plain = BoilingPoint.boilingC(1, air);
        double brine = BoilingPoint.boilingC(
                BoilingPoint.waterActivity(1000, 0, BoilingPoint.fixedSoluteMol(58.44, 0), 0), air);
        assertThat(brine - plain).isCloseTo(1.02, within(0.03));
        double sour = BoilingPoint.boilingC(
                BoilingPoint.waterActivity(1000, 0, BoilingPoint.fixedSoluteMol(0, 192.12), 0), air);
        assertThat(sour - plain).isCloseTo(0.51, within(0.02));
        double vinegar = BoilingPoint.boilingC(BoilingPoint.waterActivity(1000, 0, 0, 60.05), air);
        assertThat(vinegar - plain).isCloseTo(0.51, within(0.02));
    }
}

package app.gradior.mixture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import app.gradior.texture.Consistency;
import app.gradior.vessel.PotShape;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StarchesTest {
    private static final PotOnHeat POT = PotOnHeat.unknownPair(new PotShape(240, 240, 130), 0);

    @ParameterizedTest
    @CsvSource({
        "cornflour, MAIZE, 68", "wheat-flour, WHEAT_FLOUR, 62", "potato-starch, POTATO, 62",
        "tapioca-starch, TAPIOCA, 65", "arrowroot, ARROWROOT, 70", "rice-flour, RICE_FLOUR, 72"
    })
    void setsAtItsOwnTemperatureAndNotBelow(String food, StarchKind kind, double setsAtC) {
        Mixture raw = Sauces.of("vegetable-stock", 500).plus(Sauces.of(food, 20));
        assertThat(raw.setPowderG(kind)).isZero();
        assertThat(raw.heatedTo(setsAtC - 0.1).setPowderG(kind)).isZero();
        assertThat(raw.heatedTo(setsAtC + 0.1).setPowderG(kind)).isCloseTo(20, within(1e-9));
        assertThat(raw.heatedTo(99).massG()).isEqualTo(raw.massG());
        double thin = Consistency.step(raw, 1, 20);
        assertThat(thin).isCloseTo(Consistency.step(Sauces.of("vegetable-stock", 500), 1, 20), within(0.2));
        assertThat(Consistency.step(raw.heatedTo(99), 1, 20)).isGreaterThan(thin + 2);
    }

    @Test
    void sugarLiftsTheTemperature() {
        assertThat(Starches.gelatinisationC(StarchKind.MAIZE, 50)).isEqualTo(68 + 0.25 * 40);
        assertThat(Starches.gelatinisationC(StarchKind.MAIZE, 5)).isEqualTo(68);
        assertThat(Starches.gelatinisationC(StarchKind.MAIZE, 10)).isEqualTo(68);
        assertThat(Starches.gelatinisationC(StarchKind.MAIZE, 14)).isEqualTo(69);
        Mixture syrup = Sauces.syrup(50).plus(Sauces.of("cornflour", 20));
        double sets = Starches.gelatinisationC(StarchKind.MAIZE, syrup.brixPercent());
        assertThat(syrup.heatedTo(sets - 0.2).setPowderG(StarchKind.MAIZE))
                .as("in a syrup that is hot enough for stock")
                .isZero();
        assertThat(syrup.heatedTo(sets + 0.2).setPowderG(StarchKind.MAIZE)).isCloseTo(20, within(1e-9));
    }

    private static double keptAfter(double minutes, Mixture start, StarchKind kind, Look look) {
        SimmerRun run = new SimmerRun(start, POT, new Heat(look, LidState.CLOSED), 1, 60);
        run.advance(60 * minutes);
        return run.mixture().setPowderG(kind) / start.starchPowderG(kind);
    }

    @Test
    void potatoWearsAtTheBoilAndMaizeDoesNot() {
        Mixture potato = Sauces.of("vegetable-stock", 900).plus(Sauces.of("potato-starch", 20));
        Mixture maize = Sauces.of("vegetable-stock", 900).plus(Sauces.of("cornflour", 20));
        assertThat(keptAfter(20, potato, StarchKind.POTATO, Look.LIVELY)).isCloseTo(Math.exp(-0.2), within(1e-6));
        assertThat(keptAfter(20, potato, StarchKind.POTATO, Look.GENTLE)).isCloseTo(1, within(1e-9));
        assertThat(keptAfter(20, maize, StarchKind.MAIZE, Look.LIVELY)).isCloseTo(1, within(1e-9));
    }

    @Test
    void acidWearsAllOfThemAndArrowrootLess() {
        Mixture sour = Sauces.of("lemon-juice", 300).plus(Sauces.of("water", 500));
        assertThat(sour.ph()).isLessThan(3);
        assertThat(keptAfter(10, sour.plus(Sauces.of("cornflour", 20)), StarchKind.MAIZE, Look.LIVELY))
                .isCloseTo(Math.exp(-0.15), within(1e-3));
        assertThat(keptAfter(10, sour.plus(Sauces.of("arrowroot", 20)), StarchKind.ARROWROOT, Look.LIVELY))
                .isCloseTo(Math.exp(-0.1 - 0.075), within(1e-3));
    }

    @Test
    void spentStarchIsStillThereByWeight() {
        Mixture start =
                Sauces.of("lemon-juice", 300).plus(Sauces.of("water", 500)).plus(Sauces.of("potato-starch", 30));
        SimmerRun run = new SimmerRun(start, POT, new Heat(Look.LIVELY, LidState.OPEN), 1, 60);
        run.advance(600);
        assertThat(run.mixture().starch().totalG()).isCloseTo(start.starch().totalG(), within(1e-9));
        assertThat(run.mixture().massG()).isCloseTo(run.massG(), within(1e-9));
    }
}

package app.gradior.course;

import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.PotState;
import app.gradior.simmer.SimmerRun;
import app.gradior.texture.Consistency;
import java.util.Optional;

/** What is in a pot that does not boil, at one moment. */
record Still(Mixture mixture, double tempC, PotOnHeat pot, Heat heat, double bodyFactor, double servedC) {
    private static final double MOMENT_MIN = 1;

    /** The same after so many minutes beside the heat: it cools, and as long as it is hot it goes on losing water. */
    Still after(double minutes) {
        Still now = this;
        double left = mixture.massG() > 0 ? minutes : 0;
        while (left > HeatedPot.INSTANT_MIN) {
            StageRules.Stood stood = StageRules.standing(now.mixture, now.tempC, pot, heat.lid(), left);
            now = new Still(
                    StageRules.steamed(now.mixture, stood.lostG()), stood.tempC(), pot, heat, bodyFactor, servedC);
            left -= stood.minutes();
        }
        return now;
    }

    /** Minutes until it is so cold; infinite when it never gets there. */
    double minutesTo(double wantedC) {
        return StageRules.minutesTo(wantedC, mixture, tempC, pot, heat.lid());
    }

    /** Vapour that leaves it, g/min. */
    double steamsGPerMin() {
        if (!(mixture.massG() > 0)) {
            return 0;
        }
        StageRules.Stood stood = StageRules.standing(mixture, tempC, pot, heat.lid(), MOMENT_MIN);
        return stood.lostG() / stood.minutes();
    }

    /** Dissolved solids, g in 100 g of the liquid; NaN with nothing liquid. */
    double brixPercent() {
        return isLiquid() ? mixture.brixPercent() : Double.NaN;
    }

    /** How it flows at a temperature, °C, after so many hours there, if it does. */
    Optional<Consistency.Flow> flowAt(double atC, double heldH) {
        return isLiquid()
                ? Optional.of(new SimmerRun(mixture, pot, heat, bodyFactor, servedC).flowAt(atC, heldH))
                : Optional.empty();
    }

    double volumeMlHot() {
        return mixture.volumeMl20c() * SpecificVolume.expansion(Math.max(0, liquidC()));
    }

    /** Step as hot as it is; NaN with nothing liquid. */
    double stepHot() {
        return isLiquid() ? Consistency.step(mixture, bodyFactor, liquidC()) : Double.NaN;
    }

    /** Everything about it, losing nothing. Steps and boiling point are NaN with nothing liquid. */
    PotState at(double minute) {
        double hotMl = volumeMlHot();
        return new PotState(
                minute,
                mixture,
                tempC,
                isLiquid() ? StageRules.boilingC(mixture, pot, bodyFactor) : Double.NaN,
                hotMl,
                pot.shape().levelMm(hotMl),
                stepHot(),
                isLiquid() ? Consistency.step(mixture, bodyFactor, servedC) : Double.NaN,
                0);
    }

    private boolean isLiquid() {
        return mixture.serumG() > 0;
    }

    private double liquidC() {
        return Math.min(tempC, StageRules.HOTTEST_LIQUID_C);
    }
}

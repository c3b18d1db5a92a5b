package app.gradior.kitchen;

import app.gradior.mixture.Mixture;
import app.gradior.simmer.BoiledDown;

/** Mixtures as programs ask for them. */
public final class Mixtures {
    private Mixtures() {}

    /**
     * The mixture after so many grams have boiled off.
     *
     * @throws Refusal of the field evaporatedG when there is not that much to lose
     */
    public static Mixture evaporated(Mixture mixture, double evaporatedG) {
        Refusal.inRange("evaporatedG", evaporatedG, 0, 1e6, " g");
        return BoiledDown.by(mixture, evaporatedG)
                .orElseThrow(() -> Refusal.unfit(
                        "evaporatedG", "evaporatedG is " + evaporatedG + " g: the mixture has not that much to lose"));
    }
}

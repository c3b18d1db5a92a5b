package app.gradior.simmer;

import app.gradior.mixture.Mixture;

/**
 * The pot at one moment.
 *
 * @param minute since the start
 * @param mixture what is in it
 * @param tempC of the pot
 * @param boilingC at this place and concentration
 * @param volumeMlHot at that temperature
 * @param levelMm above the floor
 * @param stepHot in the pot
 * @param stepServed at the serving temperature
 * @param lossGPerMin vapour leaving, g/min
 */
public record PotState(
        double minute,
        Mixture mixture,
        double tempC,
        double boilingC,
        double volumeMlHot,
        double levelMm,
        double stepHot,
        double stepServed,
        double lossGPerMin) {

    /** The same with its minutes counted from a later start. */
    public PotState since(double start) {
        return new PotState(
                minute - start, mixture, tempC, boilingC, volumeMlHot, levelMm, stepHot, stepServed, lossGPerMin);
    }

    public double massG() {
        return mixture.massG();
    }

    public double volumeMl20c() {
        return mixture.volumeMl20c();
    }
}

package app.gradior.heat;

/**
 * Newton's law of cooling for a lump: the temperature falls toward its surroundings' exponentially.
 *
 * @param heatCapacityJPerK of what cools
 * @param conductanceWPerK heat that leaves per kelvin of difference: area times overall coefficient
 */
public record CoolingLaw(double heatCapacityJPerK, double conductanceWPerK) {
    public CoolingLaw {
        if (!(heatCapacityJPerK > 0 && conductanceWPerK > 0)) {
            throw new IllegalArgumentException("heat capacity and conductance must be above 0");
        }
    }

    /** Time in which the difference falls to 1/e, s. */
    public double timeConstantS() {
        return heatCapacityJPerK / conductanceWPerK;
    }

    /** Temperature after so many seconds, °C. */
    public double tempC(double startC, double aroundC, double seconds) {
        return aroundC + (startC - aroundC) * Math.exp(-seconds / timeConstantS());
    }
}

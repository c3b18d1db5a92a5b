package app.gradior.clock;

/** Where a container stands while it cools; outer film coefficients: the counter's by an energy balance of lidded pots, the others rounded from handbook ranges. */
public enum Surroundings {
    COUNTER(20, 7.6),
    FRIDGE(4, 12),
    ICE_BATH(1, 350);

    private final double tempC;
    private final double filmWPerM2K;

    Surroundings(double tempC, double filmWPerM2K) {
        this.tempC = tempC;
        this.filmWPerM2K = filmWPerM2K;
    }

    /** Temperature around it, °C. */
    public double tempC() {
        return tempC;
    }

    double filmWPerM2K() {
        return filmWPerM2K;
    }
}

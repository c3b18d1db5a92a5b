package app.gradior.clock;

/** Where a container stands while it cools; outer film coefficients are rounded from handbook ranges. */
public enum Surroundings {
    COUNTER("on the counter", 20, 10),
    FRIDGE("in the fridge", 4, 12),
    ICE_BATH("in an ice bath", 1, 350);

    private final String label;
    private final double tempC;
    private final double filmWPerM2K;

    Surroundings(String label, double tempC, double filmWPerM2K) {
        this.label = label;
        this.tempC = tempC;
        this.filmWPerM2K = filmWPerM2K;
    }

    public String label() {
        return label;
    }

    /** Temperature around it, °C. */
    public double tempC() {
        return tempC;
    }

    double filmWPerM2K() {
        return filmWPerM2K;
    }
}

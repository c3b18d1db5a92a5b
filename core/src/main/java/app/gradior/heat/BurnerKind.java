package app.gradior.heat;

/**
 * What heats a pot, and what usually gets into it, W: gas of 3 and 1.7 kW at 50 %, induction of 2.1 and 1.4 kW at 85 %, a hot plate of 2
 * and 1.2 kW at 70 %; estimates, which a water test mends.
 */
public enum BurnerKind {
    GAS(1500, 800),
    INDUCTION(1800, 1200),
    CERAMIC(1400, 850),
    OTHER(1500, 800);

    private final double largeW;
    private final double smallW;

    BurnerKind(double largeW, double smallW) {
        this.largeW = largeW;
        this.smallW = smallW;
    }

    /** Into the pot, of a large one, W. */
    public double largeW() {
        return largeW;
    }

    /** Into the pot, of a small one, W. */
    public double smallW() {
        return smallW;
    }
}

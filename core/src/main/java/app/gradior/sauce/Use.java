package app.gradior.sauce;

/** What a sauce is for: the thickness it wants where it is eaten, and how much a guest takes. Ours, from kitchen practice. */
public enum Use {
    DRESSING(3.2, 12, 25),
    POUR_OVER(4.0, 65, 60),
    PASTA(5.0, 65, 90),
    DIP(6.0, 20, 45),
    GLAZE(6.5, 60, 25),
    TOSS(6.8, 60, 40),
    SPREAD(8.0, 20, 20),
    KEEP(6.0, 20, 30);

    private final double step;
    private final double servedC;
    private final double portionMl;

    Use(double step, double servedC, double portionMl) {
        this.step = step;
        this.servedC = servedC;
        this.portionMl = portionMl;
    }

    /** Step at the serving temperature. */
    public double step() {
        return step;
    }

    /** Serving temperature, °C. */
    public double servedC() {
        return servedC;
    }

    /** What one guest takes, mL at 20 °C. */
    public double portionMl() {
        return portionMl;
    }
}

package app.gradior.measure;

/**
 * Which cups and spoons a kitchen means, in millilitres. US customary measures; imperial pints and fluid ounces (Weights
 * and Measures Act 1985); metric cup and spoons; the Australian tablespoon (AS 1325).
 */
public enum MeasureSystem {
    METRIC(250, 15, 5, 28.413, 568.261),
    US(236.588, 14.787, 4.929, 29.574, 473.176),
    IMPERIAL(284.131, 15, 5, 28.413, 568.261),
    AUSTRALIAN(250, 20, 5, 28.413, 568.261);

    private final double cupMl;
    private final double tablespoonMl;
    private final double teaspoonMl;
    private final double fluidOunceMl;
    private final double pintMl;

    MeasureSystem(double cupMl, double tablespoonMl, double teaspoonMl, double fluidOunceMl, double pintMl) {
        this.cupMl = cupMl;
        this.tablespoonMl = tablespoonMl;
        this.teaspoonMl = teaspoonMl;
        this.fluidOunceMl = fluidOunceMl;
        this.pintMl = pintMl;
    }

    public double cupMl() {
        return cupMl;
    }

    public double tablespoonMl() {
        return tablespoonMl;
    }

    public double teaspoonMl() {
        return teaspoonMl;
    }

    public double fluidOunceMl() {
        return fluidOunceMl;
    }

    public double pintMl() {
        return pintMl;
    }

    public double quartMl() {
        return 2 * pintMl;
    }
}

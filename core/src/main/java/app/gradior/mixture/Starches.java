package app.gradior.mixture;

import app.gradior.larder.StarchKind;
import java.util.Arrays;

/** Grams of starch by kind. Immutable. */
public final class Starches {
    public static final Starches NONE = new Starches(new double[StarchKind.values().length]);

    private final double[] starchG;

    private Starches(double[] starchG) {
        this.starchG = starchG;
    }

    public static Starches of(StarchKind kind, double massG) {
        if (!(massG >= 0)) {
            throw new IllegalArgumentException(kind.label() + " is " + massG + " g: 0 or more expected");
        }
        double[] masses = new double[StarchKind.values().length];
        masses[kind.ordinal()] = massG;
        return new Starches(masses);
    }

    public double starchG(StarchKind kind) {
        return starchG[kind.ordinal()];
    }

    public double totalG() {
        double sum = 0;
        for (double mass : starchG) {
            sum += mass;
        }
        return sum;
    }

    Starches plus(Starches other) {
        double[] sum = starchG.clone();
        for (int i = 0; i < sum.length; i++) {
            sum[i] += other.starchG[i];
        }
        return new Starches(sum);
    }

    Starches times(double factor) {
        double[] product = starchG.clone();
        for (int i = 0; i < product.length; i++) {
            product[i] *= factor;
        }
        return new Starches(product);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Starches that && Arrays.equals(starchG, that.starchG);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(starchG);
    }

    @Override
    public String toString() {
        return "Starches" + Arrays.toString(starchG);
    }
}

package app.gradior.mixture;

import app.gradior.finding.Unfit;
import app.gradior.larder.StarchKind;
import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;
import java.util.function.ToDoubleFunction;

/**
 * Grams of starch by kind and state. Raw starch has not met its gelatinisation temperature and thickens nothing; set starch
 * thickens; spent starch once did and has been broken down by acid or long heat. Immutable.
 */
public final class Starches {
    private static final StarchKind[] EACH = StarchKind.values();
    private static final int KINDS = EACH.length;

    public static final Starches NONE = new Starches(new double[KINDS], new double[KINDS], new double[KINDS]);

    /** Sugar lifts the gelatinisation temperature by so much per °Bx above so many; MODEL starting values. */
    private static final double LIFT_K_PER_BRIX = 0.25;

    private static final double LIFT_FROM_BRIX = 10;

    private final double[] rawG;
    private final double[] setG;
    private final double[] spentG;
    private final double totalG;

    private Starches(double[] rawG, double[] setG, double[] spentG) {
        this.rawG = rawG;
        this.setG = setG;
        this.spentG = spentG;
        this.totalG = sum(this::starchG);
    }

    /** Raw starch, as it comes out of the packet. */
    public static Starches of(StarchKind kind, double massG) {
        Unfit.atLeast(kind.key(), massG, 0, " g");
        double[] masses = new double[KINDS];
        masses[kind.ordinal()] = massG;
        return new Starches(masses, new double[KINDS], new double[KINDS]);
    }

    /** All of a kind, in whatever state, grams. */
    public double starchG(StarchKind kind) {
        int i = kind.ordinal();
        return rawG[i] + setG[i] + spentG[i];
    }

    /** What thickens, grams. */
    public double setG(StarchKind kind) {
        return setG[kind.ordinal()];
    }

    /** What would thicken if it were heated, grams. */
    public double rawG(StarchKind kind) {
        return rawG[kind.ordinal()];
    }

    public double totalG() {
        return totalG;
    }

    /** Whether any of it is raw. */
    public boolean anyRaw() {
        return sum(this::rawG) > 0;
    }

    /** Temperature from which a kind sets in a serum of that concentration, °C. */
    public static double gelatinisationC(StarchKind kind, double brixPercent) {
        return kind.gelatinisationC() + LIFT_K_PER_BRIX * Math.max(0, brixPercent - LIFT_FROM_BRIX);
    }

    /** With everything set that sets at that temperature in a serum of that concentration. */
    Starches heated(double tempC, double brixPercent) {
        double[] raw = rawG.clone();
        double[] set = setG.clone();
        for (StarchKind kind : EACH) {
            int i = kind.ordinal();
            if (tempC >= gelatinisationC(kind, brixPercent)) {
                set[i] += raw[i];
                raw[i] = 0;
            }
        }
        return new Starches(raw, set, spentG);
    }

    /** With only a share of the set starch of each kind left; the rest is spent. */
    public Starches worn(ToDoubleFunction<StarchKind> keptShare) {
        double[] set = setG.clone();
        double[] spent = spentG.clone();
        for (StarchKind kind : EACH) {
            int i = kind.ordinal();
            double lost = set[i] * (1 - keptShare.applyAsDouble(kind));
            set[i] -= lost;
            spent[i] += lost;
        }
        return new Starches(rawG, set, spent);
    }

    Starches plus(Starches other) {
        return new Starches(add(rawG, other.rawG), add(setG, other.setG), add(spentG, other.spentG));
    }

    Starches times(double factor) {
        DoubleUnaryOperator by = x -> x * factor;
        return new Starches(map(rawG, by), map(setG, by), map(spentG, by));
    }

    private static double[] add(double[] a, double[] b) {
        double[] sum = a.clone();
        for (int i = 0; i < KINDS; i++) {
            sum[i] += b[i];
        }
        return sum;
    }

    private static double[] map(double[] a, DoubleUnaryOperator f) {
        return Arrays.stream(a).map(f).toArray();
    }

    private static double sum(ToDoubleFunction<StarchKind> part) {
        double sum = 0;
        for (StarchKind kind : EACH) {
            sum += part.applyAsDouble(kind);
        }
        return sum;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Starches that
                && Arrays.equals(rawG, that.rawG)
                && Arrays.equals(setG, that.setG)
                && Arrays.equals(spentG, that.spentG);
    }

    @Override
    public int hashCode() {
        return 31 * (31 * Arrays.hashCode(rawG) + Arrays.hashCode(setG)) + Arrays.hashCode(spentG);
    }

    @Override
    public String toString() {
        return "Starches[raw=" + Arrays.toString(rawG) + ", set=" + Arrays.toString(setG) + ", spent="
                + Arrays.toString(spentG) + "]";
    }
}

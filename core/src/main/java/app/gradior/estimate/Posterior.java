package app.gradior.estimate;

import app.gradior.estimate.BatchStory.Reading;
import app.gradior.reading.ReadingKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;

/**
 * What the readings say about the uncertain numbers: the most likely z by Gauss-Newton with Student weights (4 degrees of
 * freedom, so that one wild reading cannot pull), and a seeded ensemble drawn around it and weighted by how well each
 * member explains prior and readings.
 */
final class Posterior {
    static final int MEMBERS = 256;
    private static final double STUDENT = 4;
    private static final int ITERATIONS = 8;
    private static final double DIFFERENCE = 0.02;
    private static final double LONGEST_MOVE = 2;
    private static final long SEED = 20_240_131L;
    /** A reading this many standard deviations from the best explanation is called wild. */
    private static final double WILD = 4;

    private final BatchStory whole;
    private final BatchStory story;
    private final Belief belief;
    private final double untilMinute;
    private final Pace pace;
    private final List<Reading> readings = new ArrayList<>();
    /** For how many readings each of them stands. */
    private final double[] counts;

    private final double[] mode;
    private RealMatrix precision;

    Posterior(BatchStory story, double untilMinute) {
        this(story, untilMinute, Pace.STRAIGHT_ON);
    }

    Posterior(BatchStory story, double untilMinute, Pace pace) {
        this(story, untilMinute, ThinnedReadings.of(story.upTo(untilMinute)), pace);
    }

    /** From readings put together in another way, for tests. */
    Posterior(BatchStory story, double untilMinute, ThinnedReadings thinned) {
        this(story, untilMinute, thinned, Pace.STRAIGHT_ON);
    }

    private Posterior(BatchStory story, double untilMinute, ThinnedReadings thinned, Pace pace) {
        this.whole = story;
        this.story = thinned.story();
        this.counts = thinned.counts();
        this.belief = Belief.of(story);
        this.untilMinute = untilMinute;
        this.pace = pace;
        readings.addAll(readings(this.story));
        this.mode = new double[belief.size()];
        this.precision = identity(belief.size());
        if (!readings.isEmpty()) {
            climb();
        }
    }

    private static List<Reading> readings(BatchStory story) {
        List<Reading> readings = new ArrayList<>();
        for (BatchStory.Happening happening : story.happenings()) {
            if (happening.what() instanceof Reading reading) {
                readings.add(reading);
            }
        }
        return readings;
    }

    private static RealMatrix identity(int n) {
        RealMatrix identity = new Array2DRowRealMatrix(n, n);
        for (int i = 0; i < n; i++) {
            identity.setEntry(i, i, 1);
        }
        return identity;
    }

    EnsembleMember member(double[] z) {
        pace.goOn();
        return new EnsembleMember(story, belief, z);
    }

    double[] mode() {
        return mode.clone();
    }

    /** What is believed of one of the numbers z, about its mode: its variance, 1 when nothing was learnt. */
    double variance(int number) {
        return new CholeskyDecomposition(precision).getSolver().getInverse().getEntry(number, number);
    }

    /** Standardised residuals of the readings for that z; the member stands at the end of what is known. */
    private double[] residuals(EnsembleMember member) {
        return residuals(member, readings);
    }

    private double[] residuals(EnsembleMember member, List<Reading> of) {
        double[] predicted = new double[of.size()];
        member.follow(untilMinute, predicted);
        for (int i = 0; i < predicted.length; i++) {
            Reading reading = of.get(i);
            predicted[i] = story.prior().off(reading.kind(), predicted[i], reading.value());
        }
        return predicted;
    }

    private void climb() {
        for (int iteration = 0; iteration < ITERATIONS; iteration++) {
            double[] residuals = residuals(member(mode));
            double[][] jacobian = jacobian(residuals);
            RealMatrix curvature = identity(mode.length);
            double[] slope = new double[mode.length];
            for (int j = 0; j < mode.length; j++) {
                slope[j] = mode[j];
            }
            for (int i = 0; i < residuals.length; i++) {
                double weight = counts[i] * (STUDENT + 1) / (STUDENT + residuals[i] * residuals[i]);
                for (int a = 0; a < mode.length; a++) {
                    slope[a] += weight * residuals[i] * jacobian[i][a];
                    for (int b = 0; b <= a; b++) {
                        double product = weight * jacobian[i][a] * jacobian[i][b];
                        curvature.addToEntry(a, b, product);
                        if (b < a) {
                            curvature.addToEntry(b, a, product);
                        }
                    }
                }
            }
            precision = curvature;
            double[] move = new CholeskyDecomposition(curvature)
                    .getSolver()
                    .solve(new ArrayRealVector(slope))
                    .toArray();
            if (apply(move) < 1e-3) {
                break;
            }
        }
    }

    private double apply(double[] move) {
        double length = new ArrayRealVector(move).getNorm();
        double share = length > LONGEST_MOVE ? LONGEST_MOVE / length : 1;
        for (int j = 0; j < mode.length; j++) {
            mode[j] -= share * move[j];
        }
        return length;
    }

    private double[][] jacobian(double[] at) {
        double[][] jacobian = new double[at.length][mode.length];
        for (int j = 0; j < mode.length; j++) {
            if (j == Belief.DRIFT) {
                continue;
            }
            double[] moved = mode.clone();
            moved[j] += DIFFERENCE;
            double[] there = residuals(member(moved));
            for (int i = 0; i < at.length; i++) {
                jacobian[i][j] = (there[i] - at[i]) / DIFFERENCE;
            }
        }
        return jacobian;
    }

    /** The ensemble: members that stand at the end of what is known, each with a weight. */
    List<Weighted> ensemble() {
        Random random = new Random(SEED);
        RealMatrix lower = new CholeskyDecomposition(precision).getL();
        List<Weighted> members = new ArrayList<>(MEMBERS);
        double best = Double.NEGATIVE_INFINITY;
        double[] logWeights = new double[MEMBERS];
        for (int m = 0; m < MEMBERS; m += 2) {
            double[] xi = gaussians(random);
            double[] offset = solveTransposed(lower, xi);
            for (int sign = 1; sign >= -1 && m + (1 - sign) / 2 < MEMBERS; sign -= 2) {
                double[] z = new double[mode.length];
                for (int j = 0; j < z.length; j++) {
                    z[j] = mode[j] + sign * offset[j];
                }
                EnsembleMember member = member(z);
                double[] residuals = residuals(member);
                int index = m + (1 - sign) / 2;
                logWeights[index] = logPosterior(z, residuals) + square(xi) / 2;
                best = Math.max(best, logWeights[index]);
                members.add(new Weighted(member, index));
            }
        }
        for (Weighted weighted : members) {
            weighted.weight = Math.exp(logWeights[weighted.index] - best);
        }
        return members;
    }

    private double[] gaussians(Random random) {
        double[] xi = new double[mode.length];
        for (int j = 0; j < xi.length; j++) {
            xi[j] = random.nextGaussian();
        }
        return xi;
    }

    private double logPosterior(double[] z, double[] residuals) {
        double sum = -square(z) / 2;
        for (int i = 0; i < residuals.length; i++) {
            sum -= counts[i] * (STUDENT + 1) / 2 * Math.log1p(residuals[i] * residuals[i] / STUDENT);
        }
        return sum;
    }

    private static double square(double[] vector) {
        double sum = 0;
        for (double x : vector) {
            sum += x * x;
        }
        return sum;
    }

    /** Solves Lᵀx = b. */
    private static double[] solveTransposed(RealMatrix lower, double[] b) {
        double[] x = b.clone();
        for (int i = x.length - 1; i >= 0; i--) {
            for (int k = i + 1; k < x.length; k++) {
                x[i] -= lower.getEntry(k, i) * x[k];
            }
            x[i] /= lower.getEntry(i, i);
        }
        return x;
    }

    /**
     * How far readings of the same batch that are not known here lie above what would be expected of them, as
     * {@link ReadingKind#told} compares them.
     */
    Apart apart(BatchStory of, ReadingKind kind) {
        List<Reading> unknown = readings(of.upTo(untilMinute));
        double[] expected = expected(of, mode, unknown.size(), kind);
        List<Double> apart = new ArrayList<>();
        double mean = 0;
        for (int i = 0; i < expected.length; i++) {
            apart.add(kind.told(unknown.get(i).value()) - expected[i]);
            mean += expected[i] / expected.length;
        }
        double[] slope = new double[mode.length];
        for (int j = 0; j < slope.length; j++) {
            double[] moved = mode.clone();
            moved[j] += DIFFERENCE;
            for (double there : expected(of, moved, unknown.size(), kind)) {
                slope[j] += there / expected.length / DIFFERENCE;
            }
            slope[j] -= mean / DIFFERENCE;
        }
        ArrayRealVector by = new ArrayRealVector(slope);
        double variance =
                by.dotProduct(new CholeskyDecomposition(precision).getSolver().solve(by));
        return new Apart(apart, Math.sqrt(variance));
    }

    /**
     * How far readings lie above what was expected.
     *
     * @param meanSd how sure the mean of what was expected is
     */
    record Apart(List<Double> off, double meanSd) {}

    private double[] expected(BatchStory of, double[] z, int readings, ReadingKind kind) {
        double[] predicted = new double[readings];
        new EnsembleMember(of, belief, z).follow(untilMinute, predicted);
        for (int i = 0; i < readings; i++) {
            predicted[i] = kind.told(predicted[i]);
        }
        return predicted;
    }

    /** How many readings there were. */
    int readings() {
        return readings(whole.upTo(untilMinute)).size();
    }

    /** Which readings, in order of time, the best explanation cannot explain. */
    List<Integer> wildReadings() {
        List<Integer> wild = new ArrayList<>();
        BatchStory known = whole.upTo(untilMinute);
        double[] residuals = residuals(new EnsembleMember(known, belief, mode), readings(known));
        for (int i = 0; i < residuals.length; i++) {
            if (Math.abs(residuals[i]) > WILD) {
                wild.add(i);
            }
        }
        return wild;
    }

    /** A member and how much it counts. */
    static final class Weighted {
        final EnsembleMember member;
        private final int index;
        private double weight = 1;

        private Weighted(EnsembleMember member, int index) {
            this.member = member;
            this.index = index;
        }

        double weight() {
            return weight;
        }
    }
}

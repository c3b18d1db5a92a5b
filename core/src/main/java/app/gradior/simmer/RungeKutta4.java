package app.gradior.simmer;

/** The classical fourth-order Runge-Kutta step. Not thread-safe: it keeps its scratch arrays. */
final class RungeKutta4 {
    private final double[] k2;
    private final double[] k3;
    private final double[] k4;
    private final double[] probe;

    RungeKutta4(int size) {
        k2 = new double[size];
        k3 = new double[size];
        k4 = new double[size];
        probe = new double[size];
    }

    /**
     * Writes to {@code after} the state {@code seconds} later than {@code before}; they may be the same array.
     *
     * @param k1 rates at {@code before}
     */
    void step(RateProblem problem, double[] before, double[] k1, double seconds, double[] after) {
        move(before, k1, seconds / 2);
        problem.rates(probe, k2);
        move(before, k2, seconds / 2);
        problem.rates(probe, k3);
        move(before, k3, seconds);
        problem.rates(probe, k4);
        for (int i = 0; i < before.length; i++) {
            after[i] = before[i] + seconds / 6 * (k1[i] + 2 * k2[i] + 2 * k3[i] + k4[i]);
        }
    }

    private void move(double[] from, double[] rates, double seconds) {
        for (int i = 0; i < from.length; i++) {
            probe[i] = from[i] + seconds * rates[i];
        }
    }
}

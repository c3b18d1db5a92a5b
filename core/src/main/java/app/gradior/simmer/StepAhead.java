package app.gradior.simmer;

/**
 * A step of the integrator taken ahead, and the state anywhere within it by the cubic through both its ends: many short waits, as
 * between the readings of a scale, cost one step. Not thread-safe.
 */
final class StepAhead {
    /** A time too short to matter, s. */
    static final double SHORTEST_S = 1e-9;

    private final RungeKutta4 integrator;
    private final double[] from;
    private final double[] to;
    private final double[] ratesFrom;
    private final double[] ratesTo;
    /** Length of the step, s, and how far into it the state is; 0 with no step taken. */
    private double lengthS;

    private double intoS;

    StepAhead(RungeKutta4 integrator, int size) {
        this.integrator = integrator;
        from = new double[size];
        to = new double[size];
        ratesFrom = new double[size];
        ratesTo = new double[size];
    }

    /** Whether the state can go on within the step. */
    boolean isTaken() {
        return lengthS - intoS > SHORTEST_S;
    }

    /** Something else happened: the state goes on from where it is. */
    void drop() {
        lengthS = 0;
        intoS = 0;
    }

    /** Writes the rates at a state that nothing happened to since the step: those at its end are known. */
    void rates(RateProblem problem, double[] state, double[] rates) {
        if (lengthS > 0) {
            System.arraycopy(ratesTo, 0, rates, 0, rates.length);
        } else {
            problem.rates(state, rates);
        }
    }

    /** Takes a step of so many seconds from a state with those rates, both of which stay as they are. */
    void take(RateProblem problem, double[] state, double[] rates, double seconds) {
        System.arraycopy(state, 0, from, 0, from.length);
        System.arraycopy(rates, 0, ratesFrom, 0, from.length);
        lengthS = seconds;
        intoS = 0;
        integrator.step(problem, from, ratesFrom, seconds, to);
        problem.rates(to, ratesTo);
    }

    /**
     * Moves the state on within the step.
     *
     * @return the seconds it moved, which the step's end may limit
     */
    double move(double mostSeconds, double[] state) {
        double moved = Math.min(mostSeconds, lengthS - intoS);
        moveTo(intoS + moved, state);
        return moved;
    }

    /** Puts the state so many seconds into the step. */
    void moveTo(double seconds, double[] state) {
        intoS = seconds;
        if (isTaken()) {
            within(intoS / lengthS, state);
        } else {
            System.arraycopy(to, 0, state, 0, to.length);
        }
    }

    /** How far into the step the state is, s. */
    double intoS() {
        return intoS;
    }

    private void within(double share, double[] state) {
        double left = 1 - share;
        for (int i = 0; i < state.length; i++) {
            double change = to[i] - from[i];
            double bend = left * (lengthS * ratesFrom[i] - change) - share * (lengthS * ratesTo[i] - change);
            state[i] = from[i] + share * change + share * left * bend;
        }
    }
}

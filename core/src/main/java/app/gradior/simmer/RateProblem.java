package app.gradior.simmer;

/** A system of ordinary differential equations; knows nothing of who integrates it. */
public interface RateProblem {
    /** How many numbers the state has. */
    int size();

    /** Writes the rates of change, per second, of that state. */
    void rates(double[] state, double[] ratesPerS);
}

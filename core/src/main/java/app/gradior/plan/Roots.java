package app.gradior.plan;

import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/** Where a function of one number passes through zero. */
public final class Roots {
    private static final double RELATIVE = 1e-10;
    private static final double ABSOLUTE = 1e-9;
    private static final int ORDER = 5;
    private static final int MOST_EVALUATIONS = 200;

    private Roots() {}

    /** A root between two bounds; empty when the function has one sign at both. */
    public static OptionalDouble between(double low, double high, DoubleUnaryOperator f) {
        double atLow = f.applyAsDouble(low);
        if (atLow == 0) {
            return OptionalDouble.of(low);
        }
        double atHigh = f.applyAsDouble(high);
        if (atHigh == 0) {
            return OptionalDouble.of(high);
        }
        if (!(atLow * atHigh < 0)) {
            return OptionalDouble.empty();
        }
        BracketingNthOrderBrentSolver solver = new BracketingNthOrderBrentSolver(RELATIVE, ABSOLUTE, ORDER);
        return OptionalDouble.of(solver.solve(MOST_EVALUATIONS, f::applyAsDouble, low, high));
    }

    /** The first root above 0 of a function that is below 0 at 0, looked for in doubling spans up to a bound. */
    static OptionalDouble upward(double firstSpan, double most, DoubleUnaryOperator f) {
        double low = 0;
        double high = Math.min(firstSpan, most);
        while (f.applyAsDouble(high) < 0) {
            if (high >= most) {
                return OptionalDouble.empty();
            }
            low = high;
            high = Math.min(most, 2 * high);
        }
        return between(low, high, f);
    }
}

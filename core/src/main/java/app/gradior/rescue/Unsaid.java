package app.gradior.rescue;

import java.util.OptionalDouble;
import java.util.Set;

/** What is meant where a cook says that something is wrong and gives no figure. */
public final class Unsaid {
    /** What is too much of is to be less by so much of it: what anybody tastes. */
    public static final double LESS = 0.25;

    private static final double ONE_STEP = 1;
    /** Nearer than this to what was planned, it is there. */
    private static final double THERE_STEP = 0.05;

    private static final double A_THIRD = 1 / 3.0;
    private static final double SOON_MIN = 5;
    private static final double THINNEST = 0.5;
    private static final double THICKEST = 9;

    private Unsaid() {}

    /**
     * The step wanted: the one planned where that is the way the complaint points, else one more or less; as it is where thickness is not
     * complained of.
     *
     * @param planned step when served; empty without a plan
     */
    public static double step(Sauce sauce, Set<Complaint> wrong, OptionalDouble planned) {
        double is = sauce.of(Measure.STEP);
        boolean thicker = wrong.contains(Complaint.TOO_THIN);
        boolean thinner = wrong.contains(Complaint.TOO_THICK) && !thicker;
        double wanted = is + (thicker ? ONE_STEP : thinner ? -ONE_STEP : 0);
        if (planned.isPresent()) {
            double aim = planned.getAsDouble();
            boolean points = thicker && aim > is + THERE_STEP
                    || thinner && aim < is - THERE_STEP
                    || wrong.contains(Complaint.TOO_LATE);
            wanted = points ? aim : wanted;
        }
        return Math.max(THINNEST, Math.min(THICKEST, wanted));
    }

    /** At least so much, mL: a third more of what is too little. */
    public static double leastMl(Sauce sauce, Set<Complaint> wrong) {
        return wrong.contains(Complaint.TOO_LITTLE) ? (1 + A_THIRD) * sauce.of(Measure.VOLUME) : 0;
    }

    /** At most so much, mL: a third less of what is too much. */
    public static double mostMl(Sauce sauce, Set<Complaint> wrong) {
        return wrong.contains(Complaint.TOO_MUCH) ? (1 - A_THIRD) * sauce.of(Measure.VOLUME) : Double.POSITIVE_INFINITY;
    }

    /** Minutes there are. */
    public static double minutes(Set<Complaint> wrong) {
        return wrong.contains(Complaint.TOO_LATE) ? SOON_MIN : Double.POSITIVE_INFINITY;
    }
}

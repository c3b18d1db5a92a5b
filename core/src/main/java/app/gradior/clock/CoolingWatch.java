package app.gradior.clock;

import app.gradior.finding.Unfit;
import java.util.List;

/**
 * A sauce on its way down, watched against the two limits: 60 to 21 °C within two hours, 5 °C within six. A thermometer, or a hand on
 * the container, corrects what was reckoned: the same course, so many times as slow.
 *
 * @param course as reckoned
 * @param slowness how many times as long everything takes; 1 as reckoned
 */
public record CoolingWatch(Cooling.Course course, double slowness) {
    private static final double LEAST = 0.2;
    private static final double MOST = 5;
    private static final double THERMOMETER_K = 1;

    public CoolingWatch {
        Unfit.inRange("slowness", slowness, LEAST, MOST, "");
    }

    /** As reckoned. */
    public static CoolingWatch of(Cooling.Course course) {
        return new CoolingWatch(course, 1);
    }

    /**
     * Corrected by a reading, no more than it demands: a thermometer is good to a degree, and a sauce that has been cold for hours says
     * nothing of how long it took.
     *
     * @param minute since the cooling began, above 0
     * @param tempC read then; below what it began at
     */
    public static CoolingWatch read(Cooling.Course course, double minute, double tempC) {
        double atMost = minute / firstAt(course, tempC + THERMOMETER_K);
        double atLeast = minute / firstAt(course, tempC - THERMOMETER_K);
        double slowness = Math.max(atLeast, Math.min(atMost, 1));
        return new CoolingWatch(course, Math.max(LEAST, Math.min(MOST, slowness)));
    }

    /** Minute at which the course has come down to a temperature; infinite when it never does. */
    private static double firstAt(Cooling.Course course, double tempC) {
        List<Cooling.Point> points = course.points();
        for (int i = 0; i < points.size(); i++) {
            Cooling.Point point = points.get(i);
            if (point.tempC() <= tempC) {
                Cooling.Point before = points.get(Math.max(0, i - 1));
                double fall = before.tempC() - point.tempC();
                double share = fall > 0 ? (before.tempC() - tempC) / fall : 1;
                return before.minute() + Math.max(0, share) * (point.minute() - before.minute());
            }
        }
        return Double.POSITIVE_INFINITY;
    }

    /** What it most likely is at a minute, °C. */
    public double tempC(double minute) {
        List<Cooling.Point> points = course.points();
        for (int i = 1; i < points.size(); i++) {
            double to = points.get(i).minute() * slowness;
            if (to >= minute) {
                double from = points.get(i - 1).minute() * slowness;
                double share = Math.max(0, (minute - from) / Math.max(1e-9, to - from));
                return points.get(i - 1).tempC()
                        + share * (points.get(i).tempC() - points.get(i - 1).tempC());
            }
        }
        return points.get(points.size() - 1).tempC();
    }

    /** Minute at which the two-hour clock starts: 60 °C, or the beginning. */
    public double hotUntilMinute() {
        double minute = firstAt(course, Cooling.HOT_LIMIT_C);
        return Double.isInfinite(minute) ? 0 : minute * slowness;
    }

    /** Minute by which it must be at 21 °C. */
    public double warmLimitMinute() {
        return hotUntilMinute() + Cooling.WARM_WITHIN_MIN;
    }

    /** Minute by which it must be at 5 °C. */
    public double coldLimitMinute() {
        return hotUntilMinute() + Cooling.COLD_WITHIN_MIN;
    }

    /** Minutes of the course from 60 to 21 °C; infinite when never. */
    public double minutesTo21() {
        return course.minutesTo21() * slowness;
    }

    /** Minutes of the course from 60 to 5 °C; infinite when never. */
    public double minutesTo5() {
        return course.minutesTo5() * slowness;
    }

    /** How it stands. */
    public enum State {
        /** Both limits will be kept. */
        IN_TIME,
        /** A limit will be missed as it stands; there is time to change that. */
        WILL_BE_LATE,
        /** The two-hour limit was missed. */
        LATE,
        /** The six-hour limit was missed. */
        TOO_LATE,
        /** It is cold. */
        COLD
    }

    /** How it stands at a minute. */
    public State state(double minute) {
        double now = tempC(minute);
        if (minute > coldLimitMinute() && minutesTo5() > Cooling.COLD_WITHIN_MIN) {
            return State.TOO_LATE;
        }
        if (minute > warmLimitMinute() && minutesTo21() > Cooling.WARM_WITHIN_MIN) {
            return State.LATE;
        }
        if (now <= Cooling.COLD_LIMIT_C) {
            return State.COLD;
        }
        boolean keeps = minutesTo21() <= Cooling.WARM_WITHIN_MIN && minutesTo5() <= Cooling.COLD_WITHIN_MIN;
        return keeps ? State.IN_TIME : State.WILL_BE_LATE;
    }
}

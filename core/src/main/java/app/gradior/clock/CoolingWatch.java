package app.gradior.clock;

import java.util.Comparator;

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

    public CoolingWatch {
        if (!(slowness >= LEAST && slowness <= MOST)) {
            throw new IllegalArgumentException("slowness is " + slowness + ": " + LEAST + " to " + MOST + " expected");
        }
    }

    /** As reckoned. */
    public static CoolingWatch of(Cooling.Course course) {
        return new CoolingWatch(course, 1);
    }

    /**
     * Corrected by a reading.
     *
     * @param minute since the cooling began, above 0
     * @param tempC read then; below what it began at
     */
    public static CoolingWatch read(Cooling.Course course, double minute, double tempC) {
        double reckoned = course.points().stream()
                .filter(p -> p.tempC() <= tempC)
                .mapToDouble(Cooling.Point::minute)
                .findFirst()
                .orElse(last(course));
        double slowness = reckoned > 0 ? minute / reckoned : MOST;
        return new CoolingWatch(course, Math.max(LEAST, Math.min(MOST, slowness)));
    }

    private static double last(Cooling.Course course) {
        return course.points().get(course.points().size() - 1).minute();
    }

    /** What it most likely is at a minute, °C. */
    public double tempC(double minute) {
        return course.points().stream()
                .min(Comparator.comparingDouble(p -> Math.abs(p.minute() * slowness - minute)))
                .map(Cooling.Point::tempC)
                .orElse(Double.NaN);
    }

    /** Minute at which the two-hour clock starts: 60 °C, or the beginning. */
    public double hotUntilMinute() {
        return course.points().stream()
                        .filter(p -> p.tempC() <= Cooling.HOT_LIMIT_C)
                        .mapToDouble(Cooling.Point::minute)
                        .findFirst()
                        .orElse(0)
                * slowness;
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
        if (minute > coldLimitMinute() && now > Cooling.COLD_LIMIT_C) {
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

package app.gradior.plan;

import app.gradior.finding.Unfit;

/** Where a reduction is to end. */
public sealed interface StopAt {
    /** At a step on the stair once it is at the serving temperature. */
    record StepServed(double step) implements StopAt {
        public StepServed {
            check("toStep", step, 0, 9.5, "");
        }
    }

    /** At a volume, mL at 20 °C. */
    record Volume(double volumeMl20c) implements StopAt {
        public Volume {
            check("toVolumeMl", volumeMl20c, 1, 1e6, " mL");
        }
    }

    /** With that share of the starting volume left: 0.5 is "by half". */
    record Fraction(double left) implements StopAt {
        public Fraction {
            check("toFraction", left, 0.01, 1, "");
        }
    }

    /** At a mass, g. */
    record Mass(double massG) implements StopAt {
        public Mass {
            check("toMassG", massG, 1, 1e6, " g");
        }
    }

    /** After so many minutes. */
    record Minutes(double minutes) implements StopAt {
        public Minutes {
            check("minutes", minutes, 0, MOST_MINUTES, " min");
        }
    }

    /** Longest time a reduction may be asked for or be forecast, minutes. */
    double MOST_MINUTES = 24 * 60;

    private static void check(String name, double value, double low, double high, String unit) {
        Unfit.inRange(name, value, low, high, unit);
    }
}

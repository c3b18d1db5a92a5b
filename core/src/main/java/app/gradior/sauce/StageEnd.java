package app.gradior.sauce;

import app.gradior.finding.Unfit;

/** How a cook knows that a stage is over. */
public sealed interface StageEnd {
    /** After so many minutes at its heat. */
    record Minutes(double minutes) implements StageEnd {
        public Minutes {
            check("minutes", minutes, 0, 7 * 24 * 60, " min");
        }
    }

    /** With that share of the volume at the stage's start left: 0.5 is "by half". */
    record FractionLeft(double left) implements StageEnd {
        public FractionLeft {
            check("fractionLeft", left, 0.01, 1, "");
        }
    }

    /** With that share of the liquid that this stage added left; what was there before stays. */
    record FractionOfAdded(double left) implements StageEnd {
        public FractionOfAdded {
            check("fractionOfAdded", left, 0.01, 1, "");
        }
    }

    /** At a volume, mL at 20 °C. */
    record Volume(double volumeMl20c) implements StageEnd {
        public Volume {
            check("volume", volumeMl20c, 1, 1e6, " mL");
        }
    }

    /** At a weight of the sauce, g. */
    record Weight(double massG) implements StageEnd {
        public Weight {
            check("weight", massG, 1, 1e6, " g");
        }
    }

    /** At a mark on the wall, mm above the floor, hot. */
    record Level(double levelMm) implements StageEnd {
        public Level {
            check("level", levelMm, 1, 600, " mm");
        }
    }

    /** At a step in the pot. */
    record StepHot(double step) implements StageEnd {
        public StepHot {
            check("step", step, 0, 9.5, "");
        }
    }

    /** At a step once it is at the serving temperature. */
    record StepServed(double step) implements StageEnd {
        public StepServed {
            check("step", step, 0, 9.5, "");
        }
    }

    /** When it boils at that temperature, °C: the thermometer's way to a syrup. */
    record BoilingAt(double tempC) implements StageEnd {
        public BoilingAt {
            check("boilingC", tempC, 80, 130, " °C");
        }
    }

    /** When it has cooled to that temperature, °C. */
    record CooledTo(double tempC) implements StageEnd {
        public CooledTo {
            check("temperature", tempC, -20, 110, " °C");
        }
    }

    /** When the cook says so; the plan counts on so many minutes. */
    record CooksWord(double expectedMinutes) implements StageEnd {
        public CooksWord {
            check("minutes", expectedMinutes, 0, 7 * 24 * 60, " min");
        }
    }

    private static void check(String name, double value, double low, double high, String unit) {
        Unfit.inRange(name, value, low, high, unit);
    }
}

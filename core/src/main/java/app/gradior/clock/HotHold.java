package app.gradior.clock;

import java.util.List;

/**
 * When a sauce began to cool: when it came off the heat, or when it was no longer held hot. Holding stops the clock only for a sauce that
 * is still above 60 °C, by the reckoning, when it is said to be held; one that has been in between is not made safe by saying so.
 *
 * @param sinceMinute when it began to cool, or was last said to be held, from when it came off the heat
 * @param held whether it is held hot still, so that no clock runs
 */
public record HotHold(double sinceMinute, boolean held) {
    /** What a sauce held hot begins to cool from, °C; rounded. */
    public static final double HELD_C = 70;

    /**
     * What was said of it.
     *
     * @param minute from when it came off the heat
     * @param holds whether it is held hot from then on
     * @param in what it cools in otherwise
     */
    public record Said(double minute, boolean holds, CoolingIn in) {}

    /** How long a sauce stays above 60 °C. */
    @FunctionalInterface
    public interface HotMinutes {
        /** Minutes in that, from that temperature, °C. */
        double of(CoolingIn in, double fromC);
    }

    /**
     * @param held whether it was to be held from the start
     * @param said in order of time
     */
    public static HotHold of(boolean held, List<Said> said, HotMinutes hot) {
        double since = 0;
        double fromC = CoolingIn.OFF_THE_HEAT_C;
        boolean holding = held;
        CoolingIn in = CoolingIn.POT;
        for (Said now : said) {
            if (holding || now.holds() && now.minute() - since <= hot.of(in, fromC)) {
                holding = now.holds();
                since = now.minute();
                fromC = HELD_C;
            }
            in = now.holds() ? in : now.in();
        }
        return new HotHold(since, holding);
    }

    /** What it began to cool from, °C. */
    public double fromC() {
        return sinceMinute > 0 ? HELD_C : CoolingIn.OFF_THE_HEAT_C;
    }
}

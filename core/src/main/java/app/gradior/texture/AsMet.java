package app.gradior.texture;

import app.gradior.mixture.Mixture;
import java.util.List;

/**
 * A sauce as somebody meets it at one time.
 *
 * @param tempC how hot it is then
 * @param heldH hours it has stood so
 * @param step on the stair
 * @param flow with what kind of thing it is
 */
public record AsMet(When when, double tempC, double heldH, double step, Consistency.Flow flow) {
    private static final double ROOM_C = 20;
    private static final double FRIDGE_C = 5;
    private static final double AN_HOUR = 1;
    private static final double A_NIGHT_H = 12;

    /** When a cook or a guest meets it. */
    public enum When {
        POT,
        PLATE,
        /** An hour later, on the table. */
        COLD,
        /** From the fridge the next day. */
        NIGHT
    }

    /** The four times of a sauce that is cooked. */
    public static List<AsMet> all(Mixture cooked, double bodyFactor, double potC, double servedC) {
        return List.of(
                of(When.POT, cooked, bodyFactor, potC, 0),
                of(When.PLATE, cooked, bodyFactor, servedC, Consistency.usualHeldH(servedC)),
                of(When.COLD, cooked, bodyFactor, ROOM_C, AN_HOUR),
                of(When.NIGHT, cooked, bodyFactor, FRIDGE_C, A_NIGHT_H));
    }

    // Wide: when, and of what.
    private static AsMet of(When when, Mixture cooked, double bodyFactor, double tempC, double heldH) {
        Consistency.Flow flow = Consistency.flowNow(cooked, bodyFactor, tempC, heldH);
        return new AsMet(when, tempC, heldH, Stair.step(flow.viscosityPaS()), flow);
    }
}

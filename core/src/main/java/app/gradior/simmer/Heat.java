package app.gradior.simmer;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;

/**
 * How the pot is set: what its surface looks like and what covers it, or the oven that it stands in.
 *
 * @param ovenC air of the oven, °C; NaN on the hob
 */
public record Heat(Look look, LidState lid, double ovenC) {
    /** On the hob. */
    public Heat(Look look, LidState lid) {
        this(look, lid, Double.NaN);
    }

    /** Whether it stands in an oven. */
    public boolean inOven() {
        return !Double.isNaN(ovenC);
    }
}

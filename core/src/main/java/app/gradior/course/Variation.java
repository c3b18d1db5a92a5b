package app.gradior.course;

import app.gradior.heat.Look;
import java.util.function.ToDoubleFunction;

/**
 * How a pot differs from the model.
 *
 * @param look factor on the rate of evaporation at a look
 * @param warmUp factor on the time it takes to get hot
 * @param leftBehind factor on what stays in a mill, sieve or jug
 */
public record Variation(ToDoubleFunction<Look> look, double warmUp, double leftBehind) {
    public static final Variation NONE = new Variation(look -> 1, 1, 1);
}

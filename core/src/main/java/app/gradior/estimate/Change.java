package app.gradior.estimate;

/**
 * What an event changed, from the forecast before it to the one after it, both as of the same moment.
 *
 * @param minutes more until the finish; NaN when one of them knows none
 * @param stepServed thicker when served
 * @param yieldMl more at the end, mL at 20 °C
 */
public record Change(double minutes, double stepServed, double yieldMl) {

    /** From one to the other. */
    public static Change between(Forecast before, Forecast after) {
        boolean both = before.finish().isPresent() && after.finish().isPresent();
        return new Change(
                both
                        ? after.finish().get().minute().middle()
                                - before.finish().get().minute().middle()
                        : Double.NaN,
                after.stepServed().middle() - before.stepServed().middle(),
                yieldMl(after) - yieldMl(before));
    }

    private static double yieldMl(Forecast forecast) {
        return forecast.finish()
                .map(f -> f.volumeMl20c().middle())
                .orElse(forecast.volumeMl20c().middle());
    }
}

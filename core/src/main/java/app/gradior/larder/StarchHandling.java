package app.gradior.larder;

/**
 * What time a starch needs at the boil; kitchen teaching. How it is handled else is told by the application's bundles.
 *
 * @param setMinutes until it shows its whole strength
 * @param mostBoilMinutes when to stop boiling it
 */
public record StarchHandling(double setMinutes, double mostBoilMinutes) {}

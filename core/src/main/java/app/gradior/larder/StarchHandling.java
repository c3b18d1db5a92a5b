package app.gradior.larder;

/**
 * How a starch is handled in the kitchen, in words for the cook, and what time it needs; kitchen teaching.
 *
 * @param setMinutes at the boil until it shows its whole strength
 * @param mostBoilMinutes when to stop boiling it
 * @param look clear or opaque
 * @param boiling when to stop
 * @param acid what acid does to it
 * @param sugar what much sugar does to it
 * @param freezing what the freezer does to it
 * @param standing what standing and the fridge do to it
 */
public record StarchHandling(
        double setMinutes,
        double mostBoilMinutes,
        String look,
        String boiling,
        String acid,
        String sugar,
        String freezing,
        String standing) {
    /** What much sugar does to any of them. */
    static final String SUGAR = "Above 20 °Bx sugar takes the water it needs: thicken first, sweeten after.";
}

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
    private static final String SUGAR = "Above 20 °Bx sugar takes the water it needs: thicken first, sweeten after.";

    /** What to know of a kind. */
    public static StarchHandling of(StarchKind kind) {
        return switch (kind) {
            case MAIZE ->
                new StarchHandling(
                        1,
                        5,
                        "opaque, smooth",
                        "Bubble one minute, five at most.",
                        "Below pH 3.5 it thins as it boils: put sharp things in after it has set.",
                        SUGAR,
                        "Weeps when thawed.",
                        "Gels cold, softens again when warmed.");
            case WHEAT_FLOUR ->
                new StarchHandling(
                        3,
                        30,
                        "opaque, creamy",
                        "Simmer three minutes or more for the raw taste; it bears long simmering.",
                        "Below pH 3.5 it thins as it boils.",
                        SUGAR,
                        "Weeps when thawed; whisk it hot again.",
                        "Thickens and skins over: cover the surface.");
            case POTATO ->
                new StarchHandling(
                        0.5,
                        1,
                        "clear",
                        "Stop as soon as it has set; do not boil on, do not stir hard: it thins.",
                        "Thins fast in a sharp sauce: add it last.",
                        SUGAR,
                        "Turns spongy and weeps.",
                        "Loosens within hours: thicken just before serving.");
            case TAPIOCA ->
                new StarchHandling(
                        0.75,
                        2,
                        "clear, a little stringy",
                        "Stop within two minutes of setting.",
                        "Below pH 3.5 it thins as it boils.",
                        SUGAR,
                        "Freezes well.",
                        "Stays soft and clear.");
            case ARROWROOT ->
                new StarchHandling(
                        0.5,
                        2,
                        "clear, glossy",
                        "Take it off once it has set: long heat thins it.",
                        "Takes acid well, about half the loss of the others.",
                        SUGAR,
                        "Freezes fairly; slimy with dairy.",
                        "Loosens on the second day.");
            case RICE_FLOUR ->
                new StarchHandling(
                        2,
                        15,
                        "opaque, soft",
                        "Simmer two minutes; it bears boiling.",
                        "Below pH 3.5 it thins as it boils.",
                        SUGAR,
                        "Freezes well.",
                        "Stays even, gels little.");
        };
    }
}

package app.gradior.course;

/**
 * A pot on its way to its heat.
 *
 * @param toC where to, °C
 * @param leftMinutes until it is there
 * @param steamLeftG water and alcohol that leave until then, g
 */
record Warming(double toC, double leftMinutes, double steamLeftG) {
    static final Warming NONE = new Warming(0, 0, 0);

    boolean isThere() {
        return leftMinutes < HeatedPot.INSTANT_MIN;
    }

    /** What it is hotter after so many minutes, K. */
    double hotterBy(double fromC, double minutes) {
        return (toC - fromC) * minutes / leftMinutes;
    }

    /** What leaves in so many minutes, g. */
    double steamedG(double minutes) {
        return steamLeftG * minutes / leftMinutes;
    }

    Warming after(double minutes) {
        return new Warming(toC, leftMinutes - minutes, Math.max(0, steamLeftG - steamedG(minutes)));
    }

    /** Its heat changes on the way, which would have taken it so long before and does now. */
    Warming changed(StageRules.WarmUp before, StageRules.WarmUp now) {
        return new Warming(
                toC,
                leftMinutes * now.minutes() / before.minutes(),
                steamLeftG * (before.lostG() > 0 ? now.lostG() / before.lostG() : 1));
    }

    /** It is there already, at another heat. */
    Warming nowAt(double tempC) {
        return new Warming(tempC, 0, 0);
    }
}

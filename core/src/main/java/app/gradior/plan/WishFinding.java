package app.gradior.plan;

import app.gradior.finding.Finding;
import app.gradior.larder.Food;
import app.gradior.larder.StarchKind;

/** Why a wish is not met, and what would be, as parts of a sentence. Volumes are mL at 20 °C. */
public sealed interface WishFinding extends Finding {
    /** Even thickened without reducing it gives less. */
    record GivesLess(double volumeMl, double wantedMl) implements WishFinding {}

    /** Reduced all the way it gives more. */
    record GivesMore(double volumeMl, double wantedMl) implements WishFinding {}

    /** Reducing alone never takes it to that step. */
    record NeedsStarch() implements WishFinding {}

    /** Without starch it gives another yield. */
    record YieldWithoutStarch(double volumeMl, double wantedMl) implements WishFinding {}

    /** Reducing takes longer than there is. */
    record TakesLonger(double minutes, double thereMin) implements WishFinding {}

    /** Reducing takes so long, and there is no time for it at all. */
    record NoTime(double minutes) implements WishFinding {}

    /** It comes to more of a taste than the cook set, g in 100 g. */
    record TooMuch(Taste taste, double percent, double mostPercent) implements WishFinding {}

    /** It comes out saltier than sauces usually may be, which nobody set, g in 100 g. */
    record SaltierThanUsual(double saltPercent, double mostPercent) implements WishFinding {}

    /** Instead: so many times as much. */
    record MakeTimes(double times) implements WishFinding {}

    /** Instead: so much starch. */
    record AllowStarch(double starchG, StarchKind starch) implements WishFinding {}

    /** Instead: a lower step. */
    record LowerStep() implements WishFinding {}

    /** Instead: so many minutes earlier. */
    record StartEarlier(double minutes) implements WishFinding {}

    /** Instead: starch, for another yield. */
    record TakeStarch(double starchG, StarchKind starch, double volumeMl) implements WishFinding {}

    /** Instead: less salt by so much. */
    record HoldBackSalt(double saltG) implements WishFinding {}

    /**
     * Instead: less of a liquid that brings that share of the taste, with as much water in its place.
     *
     * @param starchG powder that makes up for the thickness; 0 for none
     */
    record PourLess(Taste taste, Food food, double share, double volumeMl, double starchG, StarchKind starch)
            implements WishFinding {}

    /**
     * Instead: less of a food that brings that share of the taste.
     *
     * @param starchG powder that makes up for the thickness; 0 for none
     */
    record TakeLess(Taste taste, Food food, double share, double massG, double starchG, StarchKind starch)
            implements WishFinding {}

    /**
     * Instead: the milder one of a food, all of it.
     *
     * @param percent of the taste that it comes to then, g in 100 g
     */
    record TakeMilder(Taste taste, Food food, Food milder, double percent) implements WishFinding {}

    /** Instead: stop earlier, with starch. */
    record StopAt(double volumeMl, double starchG, StarchKind starch) implements WishFinding {}
}

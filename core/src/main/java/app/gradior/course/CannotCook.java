package app.gradior.course;

import app.gradior.finding.Finding;
import app.gradior.sauce.StageKind;

/** Why a stage cannot be done in this pot, and so what would help. */
public sealed interface CannotCook extends Finding {
    /** Nothing is in the pot yet. */
    record Empty() implements CannotCook {}

    /** There is more than the pot holds, mL hot. */
    record Overfull(double hotMl, double brimMl) implements CannotCook {}

    /** Nothing can boil. */
    record NoWater() implements CannotCook {}

    /** It never gets below the room, °C. */
    record NeverThatCold(double roomC) implements CannotCook {}

    /** It would take more than a day. */
    record TakesTooLong(StageKind kind) implements CannotCook {}

    /**
     * It is boiled down as far as it goes and its end is still not met.
     *
     * @param volumeMl20c mL at 20 °C that are left then
     * @param step when served
     */
    record BoiledDown(StageKind kind, double volumeMl20c, double step) implements CannotCook {}
}

package app.gradior.plan;

import app.gradior.finding.Finding;
import app.gradior.larder.StarchKind;
import java.util.Optional;

/** Why a sauce cannot be brought to what is asked, and what would bring it there. Volumes are mL at 20 °C unless they say hot. */
public sealed interface CannotReach extends Finding {
    /** Nothing can boil off. */
    record NoWater() implements CannotReach {}

    /** It does not fit the pot, mL hot. */
    record Overfull(double hotMl, double brimMl) implements CannotReach {}

    /** No stage boils. */
    record NothingBoils() implements CannotReach {}

    /** It is thicker than wanted, and so much water would thin it, g. */
    record TooThick(double stepServed, double servedC, double wantedStep, double waterG) implements CannotReach {}

    /** It is thicker than wanted, and no water in reason thins it. */
    record TooThickToThin(double stepServed, double servedC, double wantedStep) implements CannotReach {}

    /** There is less in the pot than is wanted, g. */
    record TooLight(double massG) implements CannotReach {}

    /** There is less in the pot than is wanted. */
    record TooLittle(double volumeMl20c) implements CannotReach {}

    /** It would take more than a day. */
    record TakesTooLong() implements CannotReach {}

    /** Boiled down as far as it goes it is no thicker. */
    record NoThicker(double volumeMl20c, double stepServed, double servedC) implements CannotReach {}

    /** Neither reducing nor that starch gets there. */
    record NeitherWay(StarchKind starch, double targetStep) implements CannotReach {}

    /** Only flour is made into that. */
    record FormOfFlour(Thickening.Form form, StarchKind starch) implements CannotReach {}

    /** It is at a higher step when served. */
    record ThickerAlready(double targetStep, double stepServed) implements CannotReach {}

    /** The most of that starch that is sensible takes it no further than that step. */
    record StarchTooWeak(double targetStep, StarchKind starch, double mostStep) implements CannotReach {}

    /** Even without reducing it gives less than wished. */
    record GivesLess(double volumeMl20c, double wantedMl, double times) implements CannotReach {}

    /** Reduced all the way it gives more than wished. */
    record GivesMore(double volumeMl20c, double wantedMl, double times) implements CannotReach {}

    /** That starch cannot get it there in that time. */
    record NotInTime(double deadlineMin, StarchKind starch, double earlierMin) implements CannotReach {}

    /**
     * It takes longer than there is.
     *
     * @param wider the pan that would do it in time
     * @param instead what would be there in time
     */
    record TooLate(
            double volumeMl20c,
            double minutes,
            double deadlineMin,
            double earlierMin,
            Optional<WiderPan> wider,
            Optional<InTime> instead)
            implements CannotReach {}

    /** A pan that is wide enough. */
    record WiderPan(double cm) implements CannotReach {}

    /** What can be had in time. */
    record InTime(double volumeMl20c, double starchG, StarchKind starch) implements CannotReach {}
}

package app.gradior.estimate;

/** What whoever asks for a forecast is asked between two of its members, about a tenth of a millisecond apart: they may let others go first. */
@FunctionalInterface
public interface Pace {
    /** Nobody is let go first. */
    Pace STRAIGHT_ON = () -> {};

    /** Comes back when it may go on. */
    void goOn();
}

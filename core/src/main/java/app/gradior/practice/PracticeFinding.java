package app.gradior.practice;

import app.gradior.finding.Finding;

/** Why something cannot be done at a practice stove. */
public sealed interface PracticeFinding extends Finding {
    /** There is no pot of that number. */
    record NoSuchPot() implements PracticeFinding {}

    /** It was taken off. */
    record IsOff() implements PracticeFinding {}

    /** More than that is no cooking. */
    record TooMuch(int most) implements PracticeFinding {}
}

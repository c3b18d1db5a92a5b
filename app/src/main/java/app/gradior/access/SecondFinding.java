package app.gradior.access;

import app.gradior.finding.Finding;

/** What is wrong at the second step of the door. */
public sealed interface SecondFinding extends Finding {
    /** The code is no code of now, or was used. */
    record OtherCode() implements SecondFinding {}

    /** There is a second step already: it is ended first. */
    record IsOn() implements SecondFinding {}

    /** Name, word and code do not go together. */
    record DoNotGo() implements SecondFinding {}
}

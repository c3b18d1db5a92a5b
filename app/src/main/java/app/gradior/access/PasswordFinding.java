package app.gradior.access;

import app.gradior.finding.Finding;

/** What is wrong with a new password. */
public sealed interface PasswordFinding extends Finding {
    /** Too short or too long, in characters. */
    record Length(int shortest, int longest) implements PasswordFinding {}

    /** It is the name, or has it in it. */
    record IsTheName() implements PasswordFinding {}

    /** It is guessed first. */
    record Common() implements PasswordFinding {}

    /** The old password is another. */
    record NotTheOld() implements PasswordFinding {}

    /** The password of whoever is signed in is another. */
    record NotYours() implements PasswordFinding {}

    /** A passkey that is none, or came too late. */
    record NoPasskey() implements PasswordFinding {}

    /** The new one is the old one. */
    record TheSame() implements PasswordFinding {}
}

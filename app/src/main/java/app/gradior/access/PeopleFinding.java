package app.gradior.access;

import app.gradior.finding.Finding;

/** Why people and devices are not changed as asked. */
public sealed interface PeopleFinding extends Finding {
    /** A kitchen needs an owner. */
    record LastOwner() implements PeopleFinding {}

    /** No such person, device or invitation in this kitchen. */
    record Nobody() implements PeopleFinding {}

    /** The word is used, over, or never was one. */
    record WordIsOver() implements PeopleFinding {}

    /** There are as many as a kitchen may have. */
    record Enough(int most) implements PeopleFinding {}

    /** They are a member already. */
    record MemberAlready() implements PeopleFinding {}

    /** What was typed is not the kitchen's name. */
    record NotItsName(String name) implements PeopleFinding {}

    /** Nobody else owns that kitchen, and others are in it. */
    record NeedsAnOwner(String name) implements PeopleFinding {}

    /** The name of an account is taken. */
    record NameTaken() implements PeopleFinding {}
}

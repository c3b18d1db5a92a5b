package app.gradior.texture;

import app.gradior.finding.Finding;

/** What the model has no thickness for, though there is some liquid. */
public sealed interface Beyond extends Finding {
    /** Boiled sugar: its liquid is more concentrated than the model reaches, °Bx. */
    record BoiledSugar(double brix, double most) implements Beyond {}

    /** So little fat and water that it is a powder. */
    record Powder() implements Beyond {}
}

package app.gradior.larder;

/** Whether a food's pulp is free in the liquid, or held in cut pieces until they are blended. */
public enum BodyForm {
    /** Purées, pastes, juices: all of the pulp counts. */
    SMOOTH,
    /** Cut vegetables and fruit: a third counts until blended or milled. */
    CUT
}

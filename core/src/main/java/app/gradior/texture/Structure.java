package app.gradior.texture;

/** What kind of thing a sauce is at a temperature: what it does beside being thick. */
public enum Structure {
    /** Flows by itself. */
    LIQUID,
    /** Stands until it is pushed: pulp, swollen starch. */
    PASTE,
    /** Has set: it is cut or breaks. */
    GEL,
    /** Droplets so close that they hold one another. */
    EMULSION,
    /** Fat is the outside, or its crystals hold it. */
    FAT
}

package app.gradior.care;

/** What a cook means to do with a sauce once it is made: it decides cooling, packing and the shelf date. */
public enum Storage {
    EAT_NOW,
    /** Kept above 60 °C until it is eaten: no clock runs. */
    HOLD_HOT,
    FRIDGE,
    FREEZER,
    JARS;

    /** Whether it must be brought down to the fridge's cold. */
    public boolean cools() {
        return this != EAT_NOW && this != HOLD_HOT;
    }
}

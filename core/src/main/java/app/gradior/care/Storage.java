package app.gradior.care;

/** What a cook means to do with a sauce once it is made: it decides cooling, packing and the shelf date. */
public enum Storage {
    EAT_NOW("eat now"),
    /** Kept above 60 °C until it is eaten: no clock runs. */
    HOLD_HOT("hold hot"),
    FRIDGE("for the fridge"),
    FREEZER("for the freezer"),
    JARS("in jars");

    private final String label;

    Storage(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Whether it must be brought down to the fridge's cold. */
    public boolean cools() {
        return this != EAT_NOW && this != HOLD_HOT;
    }
}

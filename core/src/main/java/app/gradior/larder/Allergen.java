package app.gradior.larder;

/** The 14 allergens that EU Regulation 1169/2011, Annex II, asks to be named; they cover the nine of US law. */
public enum Allergen {
    GLUTEN("cereals with gluten"),
    CRUSTACEANS("crustaceans"),
    EGG("egg"),
    FISH("fish"),
    PEANUT("peanut"),
    SOY("soya"),
    MILK("milk"),
    NUTS("tree nuts"),
    CELERY("celery"),
    MUSTARD("mustard"),
    SESAME("sesame"),
    SULPHITES("sulphites"),
    LUPIN("lupin"),
    MOLLUSCS("molluscs");

    private final String label;

    Allergen(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Whether it says that a food is of an animal. */
    boolean ofAnimals() {
        return this == MILK || this == EGG || this == FISH || this == CRUSTACEANS || this == MOLLUSCS;
    }
}

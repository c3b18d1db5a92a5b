package app.gradior.larder;

import java.util.Optional;

/** The 14 allergens that EU Regulation 1169/2011, Annex II, asks to be named; they cover the nine of US law. */
public enum Allergen {
    GLUTEN,
    CRUSTACEANS,
    EGG,
    FISH,
    PEANUT,
    SOY,
    MILK,
    NUTS,
    CELERY,
    MUSTARD,
    SESAME,
    SULPHITES,
    LUPIN,
    MOLLUSCS;

    /** What it says of a food beside that: of which animals it is. */
    Optional<Trait> trait() {
        return switch (this) {
            case MILK -> Optional.of(Trait.DAIRY);
            case EGG -> Optional.of(Trait.EGG);
            case FISH, CRUSTACEANS, MOLLUSCS -> Optional.of(Trait.FISH);
            default -> Optional.empty();
        };
    }
}

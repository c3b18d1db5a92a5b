package app.gradior.larder;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * What safety and handling of a food hang on. Alcohol and acid are none of these: they are read from the composition and the pH, so that
 * there is one truth of each. An own food has the traits of the food it is like.
 */
public enum Trait {
    /** Of land animals, or may be: stock whose kind nobody names counts. */
    MEAT("stock broth bone gravy bacon ham gammon pancetta sausage chorizo lard dripping suet schmaltz beef pork lamb"
            + " veal venison chicken duck goose turkey mince minced meat marrow gelatine gelatin glace demi"),
    /** Of fish, crustaceans or molluscs. */
    FISH("fish anchovy anchovies prawn prawns shrimp shrimps crab lobster oyster oysters clam clams mussel"
            + " mussels squid dashi bonito tuna salmon worcester garum"),
    EGG("egg eggs yolk yolks mayonnaise aioli hollandaise"),
    DAIRY("milk cream butter cheese yogurt yoghurt ghee whey curd kefir ricotta parmesan cheddar"),
    /** Not for infants under one year. */
    HONEY("honey"),
    /** Cooked through before anybody eats of it. */
    RAW("raw"),
    /** Its steam chokes. */
    PUNGENT("chilli chili chile cayenne habanero horseradish wasabi"),
    /** Foams up with acid. */
    LEAVENING("soda bicarbonate"),
    /** Taken out before the sauce is blended or served. */
    LEAVES("bay");

    /** Words that say that a food is of a plant after all. */
    private static final List<String> OF_PLANTS = List.of(
            "vegetable",
            "veg",
            "vegan",
            "mushroom",
            "coconut",
            "oat",
            "soya",
            "soy",
            "almond",
            "cashew",
            "peanut",
            "nut",
            "cocoa",
            "plant");

    private final Set<String> words;

    Trait(String words) {
        this.words = Set.of(words.split(" "));
    }

    /** Those that are said of a food by themselves; the others follow from its allergens. */
    public static List<Trait> byHand() {
        Set<Trait> said = EnumSet.allOf(Trait.class);
        for (Allergen allergen : Allergen.values()) {
            allergen.trait().ifPresent(said::remove);
        }
        return List.copyOf(said);
    }

    /** Of an animal, so that what has it keeps for few days. */
    public boolean ofAnimals() {
        return this == MEAT || this == FISH || this == EGG || this == DAIRY;
    }

    /** The trait of that name in the catalogue's file. */
    static Trait ofKey(String key) {
        return valueOf(key.toUpperCase(Locale.ROOT));
    }

    /**
     * What a food may be by its name, on the safe side: for foods that a kitchen made before there were traits, and of which nobody
     * said what they are like.
     */
    public static Set<Trait> likely(String name) {
        List<String> said = Arrays.asList(name.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"));
        boolean ofPlants = said.stream().anyMatch(OF_PLANTS::contains);
        Set<Trait> traits = EnumSet.noneOf(Trait.class);
        for (Trait trait : values()) {
            if (said.stream().anyMatch(trait.words::contains) && !(ofPlants && trait.ofAnimals())) {
                traits.add(trait);
            }
        }
        return traits;
    }
}

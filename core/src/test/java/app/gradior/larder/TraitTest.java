package app.gradior.larder;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every food of the catalogue has the traits that its names, allergens and composition demand. */
class TraitTest {
    private static Set<String> with(Trait trait) {
        return Catalogue.standard().foods().stream()
                .filter(food -> food.has(trait))
                .map(Food::id)
                .collect(Collectors.toSet());
    }

    /** Names that sound like something the food is not. */
    private static final Set<String> SOUNDS_SO = Set.of(
            "vegetable-stock",
            "fish-stock",
            "shellfish-stock",
            "mushroom-stock",
            "coconut-cream",
            "coconut-milk",
            "oat-milk",
            "rice-milk",
            "oat-cream",
            "citric-acid",
            "cola",
            "soda-water",
            "tofu",
            "chilli-oil",
            "hot-sauce",
            "sweet-chilli-sauce",
            "chilli-paste",
            "harissa",
            "gochujang",
            "chipotle-adobo",
            "horseradish-sauce",
            "jalapeno-pickled",
            "salt-seasoned",
            "curry-powder",
            "mushroom-wild");

    @Test
    void whatANameSaysTheTraitsSay() {
        List<String> missing = Catalogue.standard().foods().stream()
                .filter(food -> !SOUNDS_SO.contains(food.id()))
                .filter(food -> !food.traits().containsAll(Trait.likely(food.name())))
                .map(food -> food.id() + " lacks one of " + Trait.likely(food.name()))
                .toList();
        assertThat(missing).isEmpty();
    }

    @Test
    void milkEggAndFishFollowFromTheAllergens() {
        assertThat(with(Trait.DAIRY)).contains("butter", "milk").doesNotContain("coconut-cream");
        assertThat(with(Trait.EGG)).contains("egg", "egg-yolk", "mayonnaise").doesNotContain("butter");
        assertThat(with(Trait.FISH))
                .contains("fish-stock", "prawn", "oyster-sauce")
                .doesNotContain("soy-sauce");
        assertThat(Trait.byHand())
                .containsExactlyInAnyOrder(
                        Trait.MEAT, Trait.HONEY, Trait.RAW, Trait.PUNGENT, Trait.LEAVENING, Trait.LEAVES);
        Food butter = Catalogue.standard().food("butter").orElseThrow();
        assertThat(butter.ofAnimals()).isTrue();
        assertThat(Catalogue.standard().food("chicken-stock").orElseThrow().ofAnimals())
                .isTrue();
        assertThat(Catalogue.standard().food("honey").orElseThrow().ofAnimals()).isFalse();
    }

    @Test
    void hotEnoughToChokeIsPungent() {
        assertThat(Catalogue.standard().foods())
                .filteredOn(food -> food.scovilleUnits() >= 3000
                        && food.per100g().water() < 85
                        && food.per100g().fat() < 40)
                .filteredOn(food -> !SOUNDS_SO.contains(food.id()))
                .allMatch(food -> food.has(Trait.PUNGENT));
    }

    @Test
    void meatIsWhateverMayBe() {
        assertThat(with(Trait.MEAT))
                .contains("lard", "stock-pot", "stock-cube", "gelatine", "chicken-stock", "meat-juices", "ham")
                .doesNotContain(
                        "vegetable-stock",
                        "mushroom-stock",
                        "fish-stock",
                        "shellfish-stock",
                        "margarine",
                        "vegetable-oil",
                        "fish-stock");
        assertThat(with(Trait.RAW))
                .containsExactlyInAnyOrder(
                        "bacon",
                        "minced-beef",
                        "minced-pork",
                        "minced-lamb",
                        "beef-diced",
                        "sausage",
                        "guanciale",
                        "chicken",
                        "chicken-liver",
                        "duck",
                        "stock-bones",
                        "prawn",
                        "mussel",
                        "squid",
                        "white-fish",
                        "salmon",
                        "salmon-smoked",
                        "egg",
                        "egg-yolk");
        assertThat(with(Trait.HONEY)).containsExactly("honey");
    }

    @ParameterizedTest
    @CsvSource({
        "Shed honey, HONEY",
        "Nan's bone broth, MEAT",
        "vegetable stock of ours, ''",
        "Coconut cream, ''",
        "clotted cream, DAIRY",
        "smoked oyster paste, FISH",
        "duck eggs, MEAT;EGG",
        "eggplant paste, ''",
        "Cranberry sauce, ''"
    })
    void anOldFoodOfAKitchenIsTakenByItsNameOnTheSafeSide(String name, String traits) {
        assertThat(Trait.likely(name).stream().map(Trait::name).collect(Collectors.joining(";")))
                .isEqualTo(traits);
    }
}

package app.gradior.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.gradior.finding.Refused;
import app.gradior.finding.Wrong;
import app.gradior.measure.LineReader;
import app.gradior.measure.MeasureSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

class CatalogueTest {
    private final Catalogue catalogue = Catalogue.standard();

    @Test
    void everyFoodClosesToAHundredGrams() {
        List<String> open = catalogue.foods().stream()
                .filter(food -> !food.per100g().closes())
                .map(food -> food.id() + " " + food.per100g().totalG())
                .toList();
        assertThat(open).isEmpty();
        assertThat(catalogue.foods()).hasSizeGreaterThanOrEqualTo(220);
    }

    @Test
    void everyThickenerHasAFood() {
        for (StarchKind kind : StarchKind.values()) {
            assertThat(catalogue.foods())
                    .as(kind.name())
                    .anyMatch(food -> food.starchKind().filter(kind::equals).isPresent()
                            && Math.abs(food.per100g().starch() - 100 * kind.starchShare()) < 0.01);
        }
    }

    @Test
    void namesAreUniqueSoThatALineMeansOneFood() {
        List<String> names = catalogue.foods().stream()
                .flatMap(food -> food.aliases().stream())
                .toList();
        assertThat(names).doesNotHaveDuplicates();
    }

    @Test
    void whatAKitchenCallsAFoodIsNoOtherNameOfAStandardFood() {
        Food standard = catalogue.food("stock-pot").orElseThrow();
        assertThat(standard.aliases()).contains("bouillon paste", "stock pot");
        Food lard = catalogue.food("lard").orElseThrow();
        Food own = new Food(
                "bouillon-paste",
                "Bouillon Paste",
                List.of(),
                lard.per100g(),
                lard.starchKind(),
                lard.fatForm(),
                lard.bodyForm(),
                lard.bodyFactor(),
                lard.densityGPerMl(),
                lard.measures(),
                lard.ph(),
                lard.allergens(),
                lard.traits(),
                lard.scovilleUnits(),
                "label",
                lard.makeup());
        Catalogue kitchens = catalogue.with(List.of(own), Map.of("stock pot", "vegetable-stock"));
        assertThat(kitchens.food("stock-pot").orElseThrow().aliases()).doesNotContain("bouillon paste", "stock pot");
        LineReader reader = new LineReader(kitchens, MeasureSystem.METRIC);
        assertThat(reader.read("50 g bouillon paste").food().orElseThrow().id()).isEqualTo("bouillon-paste");
        assertThat(reader.read("50 g stock pot").food().orElseThrow().id()).isEqualTo("vegetable-stock");
    }

    @Test
    void searchPutsTheNameThatBeginsFirst() {
        assertThat(catalogue.search("tomato").get(0).name()).startsWith("tomato");
        assertThat(catalogue.search("tomato").stream().map(Food::id))
                .contains("tomato-paste", "passata", "tomato-fresh");
        assertThat(catalogue.search("zzz")).isEmpty();
    }

    @Test
    void aPartOutsideZeroToAHundredIsRefused() {
        assertThat(Refused.range(() -> new Composition(Double.NaN, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0)))
                .isEqualTo(new Wrong.Range("composition", Double.NaN, 0, 100, " g"));
        assertThatThrownBy(() -> Catalogue.of(List.of(catalogue.water(), catalogue.water())))
                .hasMessageContaining("water");
    }

    /** Words of a name and what a food called so has to be, by its composition. */
    private static final Map<String, Predicate<Composition>> SAYS = Map.of(
            "dried", c -> c.water() < 35,
            "powder", c -> c.water() < 16,
            "juice", c -> c.water() > 75 && c.coarse() < 3,
            "oil", c -> c.fat() > 90,
            "vinegar", c -> c.acetic() >= 2.5,
            "syrup", c -> c.sugars() > 40,
            "skimmed", c -> c.fat() < 1,
            "wine", c -> c.ethanol() > 5,
            "stock", c -> c.water() > 90,
            "sugar", c -> c.sugars() > 80);

    /** Where a word stands for something else. */
    private static final Set<String> MEANS_OTHERWISE =
            Set.of("sundried tomato in oil", "sun-dried tomatoes in oil", "tuna in oil", "concentrated stock");

    @Test
    void noNameContradictsItsFood() {
        List<String> contradictions = new ArrayList<>();
        for (Food food : catalogue.foods()) {
            List<String> names = new ArrayList<>(food.aliases());
            names.add(food.name());
            for (String name : names) {
                String[] words = name.split("[ -]");
                String last = words[words.length - 1];
                SAYS.forEach((word, holds) -> {
                    boolean says = word.equals("dried") || word.equals("skimmed")
                            ? name.startsWith(word + " ")
                            : last.equals(word);
                    if (says && !holds.test(food.per100g()) && !MEANS_OTHERWISE.contains(name)) {
                        contradictions.add(food.id() + ": " + name);
                    }
                });
            }
        }
        assertThat(contradictions).isEmpty();
    }
}

package app.gradior.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
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
                    .as(kind.label())
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
    void searchPutsTheNameThatBeginsFirst() {
        assertThat(catalogue.search("tomato").get(0).name()).startsWith("tomato");
        assertThat(catalogue.search("tomato").stream().map(Food::id))
                .contains("tomato-paste", "passata", "tomato-fresh");
        assertThat(catalogue.search("zzz")).isEmpty();
    }

    @Test
    void aPartOutsideZeroToAHundredIsRefused() {
        assertThatThrownBy(() -> new Composition(Double.NaN, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("0 to 100 g");
        assertThatThrownBy(() -> Catalogue.of(List.of(
                        catalogue.food("water").orElseThrow(),
                        catalogue.food("water").orElseThrow())))
                .hasMessageContaining("water");
    }
}

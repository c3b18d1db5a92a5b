package app.gradior.method;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.sauce.Outline;
import app.gradior.sauce.StageKind;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HomesTest {
    @ParameterizedTest
    @CsvSource({
        "onion, SWEAT",
        "olive-oil, SWEAT",
        "bacon, SWEAT",
        "wine-red, DEGLAZE",
        "brandy, DEGLAZE",
        "cider, DEGLAZE",
        "chicken-stock, REDUCE",
        "cream-double, ENRICH",
        "butter, ENRICH",
        "parsley, ENRICH",
        "salt, ENRICH",
        "tomato-paste, SWEAT",
        "cumin, SWEAT",
        "damson, REDUCE"
    })
    void linesOfAnOutlineGoWhereACookPutsThem(String food, StageKind kind) {
        List<StageKind> there =
                Outline.SWEAT_DEGLAZE.steps().stream().map(Outline.Step::kind).toList();
        StageKind home = Homes.of(Catalogue.standard().food(food).orElseThrow()).stream()
                .filter(there::contains)
                .findFirst()
                .orElse(there.get(0));
        assertThat(home).isEqualTo(kind);
    }

    @ParameterizedTest
    @CsvSource({
        "cornflour, SLURRY",
        "potato-starch, SLURRY",
        "lemon-juice, SEASON",
        "gooseberry, SIMMER",
        "sugar, SIMMER"
    })
    void starchGoesToTheSlurry(String food, StageKind kind) {
        List<StageKind> there = Outline.BOIL_AND_THICKEN.steps().stream()
                .map(Outline.Step::kind)
                .toList();
        assertThat(Homes.of(Catalogue.standard().food(food).orElseThrow()).stream()
                        .filter(there::contains))
                .first()
                .isEqualTo(kind);
    }

    /** Every food has a home, none of them a tool. */
    @Test
    void everyFoodHasAHome() {
        for (Food food : Catalogue.standard().foods()) {
            assertThat(Homes.of(food))
                    .isNotEmpty()
                    .doesNotHaveDuplicates()
                    .allSatisfy(kind -> assertThat(kind.tool()).isEmpty());
        }
    }
}

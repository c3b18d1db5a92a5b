package app.gradior.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.larder.Label.Estimated;
import app.gradior.measure.LineReading;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Texture;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FoodTest {
    @Test
    void whatCooksPour() {
        assertThat(List.of("water", "milk", "wine-red", "vegetable-oil", "brandy"))
                .allSatisfy(id -> assertThat(Sauces.food(id).pourable()).as(id).isTrue());
        assertThat(List.of("sugar", "honey", "onion", "tomato-paste", "butter", "passata"))
                .allSatisfy(id -> assertThat(Sauces.food(id).pourable()).as(id).isFalse());
    }

    @Test
    void aPotKnowsAFoodWithoutNamesAndMeasures() {
        Food onion = Sauces.food("onion");
        assertThat(onion.asUsed().aliases()).isEmpty();
        assertThat(onion.asUsed().measures()).isEmpty();
        assertThat(onion.asUsed().per100g()).isEqualTo(onion.per100g());
        Food used = onion.asUsed();
        assertThat(used.asUsed()).isSameAs(used);
    }

    @Test
    void namesAreFoundWholeAndInAnyCase() {
        assertThat(Catalogue.standard().named(" Egg YOLKS ")).map(Food::id).contains("egg-yolk");
        assertThat(Catalogue.standard().named("egg yol")).isEmpty();
        assertThat(Catalogue.standard().named("yolk"))
                .as("another name is not its name")
                .isEmpty();
    }

    /** A line's error goes into water and solids as it is made of them; errors of two lines add by squares. */
    @Test
    void spreadsAddBySquares() {
        LineReading wet = line("water", 300, 0.1);
        LineReading dry = line("sugar", 400, 0.05);
        Ingredients.Spread both = new Ingredients(List.of(wet, dry), Texture.SMOOTH).spread();
        assertThat(both.waterLogSd()).isCloseTo(0.1, within(1e-3));
        assertThat(both.solidsLogSd()).isCloseTo(0.05, within(1e-3));
        Ingredients.Spread two = new Ingredients(List.of(wet, line("water", 100, 0.3)), Texture.SMOOTH).spread();
        assertThat(two.waterLogSd()).isCloseTo(Math.hypot(30, 30) / 400, within(1e-9));
        assertThat(two.solidsLogSd()).isZero();
    }

    private static LineReading line(String food, double massG, double logSd) {
        return new LineReading(
                food,
                Optional.of(Sauces.food(food)),
                massG,
                logSd,
                LineReading.Sureness.SURE,
                "",
                List.of(),
                Optional.empty());
    }

    /** A packet's rest is shared as in the food it is like, and what is left is water with that food's acids. */
    @Test
    void aLabelsRestIsShared() {
        Food like = Sauces.food("passata");
        Composition c = like.per100g();
        Label.Estimate estimate = new Label(0.3, 9, 6, 1.5, 1.5, 0.5, 0).like(like);
        Composition made = estimate.composition();
        double rest = 3 + 1.5 + 1.5;
        double likeRest = c.otherSolubles() + c.starch() + c.pulp() + c.coarse();
        assertThat(made.pulp()).isCloseTo(c.pulp() * rest / likeRest, within(1e-9));
        assertThat(made.otherSolubles()).isCloseTo(c.otherSolubles() * rest / likeRest, within(1e-9));
        assertThat(made.otherAcids()).isEqualTo(c.otherAcids());
        assertThat(made.water()).isCloseTo(100 - 0.3 - 6 - rest - 0.5 - c.acetic() - c.otherAcids(), within(1e-9));
        assertThat(made.totalG()).isCloseTo(100, within(1e-9));
        assertThat(estimate.estimated()).contains(Estimated.WATER, Estimated.ACIDS, Estimated.SHARES_OF_THE_REST);
        assertThat(Label.ofServing(50, 0.15, 4.5, 3, 0.75, 0.75, 0.25, 5))
                .isEqualTo(new Label(0.3, 9, 6, 1.5, 1.5, 0.5, 5));
        assertThat(new Label(0, 0, 0, 0, 0, 0, 40)
                        .like(Sauces.food("brandy"))
                        .composition()
                        .ethanol())
                .isCloseTo(40 * 0.789, within(1e-9));
    }
}

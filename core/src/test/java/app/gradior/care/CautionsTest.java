package app.gradior.care;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.larder.Allergen;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.larder.MadeUp;
import app.gradior.larder.Trait;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Texture;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class CautionsTest {
    private static final PotShape POT = new PotShape(200, 200, 100);

    private static Ingredients lines(String... lines) {
        LineReader reader = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);
        return new Ingredients(Stream.of(lines).map(reader::read).toList(), Texture.CHUNKY);
    }

    private static List<Caution> cautions(Ingredients ingredients, PotMaterial material, double startMl) {
        return Cautions.of(ingredients, POT, material, startMl);
    }

    private static Food food(String id) {
        return Catalogue.standard().food(id).orElseThrow();
    }

    @Test
    void acidInABarePot() {
        Ingredients acid = lines("500 g damsons", "50 ml cider vinegar");
        assertThat(cautions(acid, PotMaterial.BARE_IRON, 600)).contains(new Caution.Reactive(PotMaterial.BARE_IRON));
        assertThat(cautions(acid, PotMaterial.STAINLESS, 600)).noneMatch(Caution.Reactive.class::isInstance);
        assertThat(cautions(lines("500 ml milk"), PotMaterial.BARE_IRON, 600)).isEmpty();
    }

    @Test
    void aPotOverTwoThirdsFull() {
        Ingredients milk = lines("1 litre milk");
        assertThat(cautions(milk, PotMaterial.ENAMEL, 0.7 * POT.capacityMl()))
                .containsExactly(new Caution.Overfull(0.7));
        assertThat(cautions(milk, PotMaterial.ENAMEL, 0.6 * POT.capacityMl())).isEmpty();
    }

    @Test
    void aPotSuitsWhenItNeitherBoilsOverNorTastesOfMetal() {
        double twoThirds = POT.capacityMl() * 2 / 3;
        assertThat(Cautions.suits(POT, PotMaterial.ENAMEL, twoThirds - 1)).isTrue();
        assertThat(Cautions.suits(POT, PotMaterial.ENAMEL, twoThirds + 1)).isFalse();
        assertThat(Cautions.suits(POT, PotMaterial.BARE_IRON, 100)).isFalse();
    }

    /** Every food by itself: each caution stands where the food's traits or figures call for it, and nowhere else. */
    @Test
    void everyFoodHasItsCautions() {
        for (Food food : Catalogue.standard().foods()) {
            Ingredients alone = new Ingredients(List.of(LineReading.corrected(food.name(), food, 300)), Texture.CHUNKY);
            List<Caution> cautions = cautions(alone, PotMaterial.BARE_IRON, 300);
            assertThat(cautions.contains(new Caution.Honey())).as(food.id()).isEqualTo(food.has(Trait.HONEY));
            assertThat(cautions.stream().anyMatch(c -> c instanceof Caution.Raw || c instanceof Caution.RawEgg))
                    .as(food.id())
                    .isEqualTo(food.has(Trait.RAW));
            assertThat(cautions.contains(new Caution.Spirits()))
                    .as(food.id())
                    .isEqualTo(food.per100g().ethanol() >= 25);
            assertThat(cautions.contains(new Caution.ChilliSteam()) || cautions.contains(new Caution.StingingSteam()))
                    .as(food.id())
                    .isEqualTo(food.scovilleUnits() > 400 || food.has(Trait.PUNGENT));
            assertThat(cautions.stream().anyMatch(Caution.Reactive.class::isInstance))
                    .as(food.id())
                    .isEqualTo(Cautions.isAcid(alone));
            assertThat(cautions.stream().anyMatch(Caution.Foams.class::isInstance))
                    .as(food.id())
                    .isFalse();
        }
    }

    @Test
    void foodsOfAKitchensOwnAreAsTheFoodTheyAreLike() {
        Food honey = Catalogue.standard().food("honey").orElseThrow();
        Food own = new Food(
                "shed-gold",
                "shed gold",
                List.of(),
                honey.per100g(),
                honey.starchKind(),
                honey.fatForm(),
                honey.bodyForm(),
                honey.bodyFactor(),
                honey.densityGPerMl(),
                honey.measures(),
                honey.ph(),
                honey.allergens(),
                honey.traits(),
                honey.scovilleUnits(),
                "label",
                honey.makeup());
        Ingredients some = new Ingredients(List.of(LineReading.corrected("some", own, 20)), Texture.CHUNKY);
        assertThat(cautions(some, PotMaterial.ENAMEL, 20)).contains(new Caution.Honey());
    }

    private static Ingredients grams(Food food, double massG, double waterG) {
        return new Ingredients(
                List.of(
                        LineReading.corrected("some", food, massG),
                        LineReading.corrected("water", Catalogue.standard().water(), waterG)),
                Texture.CHUNKY);
    }

    private static List<Caution> cautions(Ingredients ingredients) {
        return cautions(ingredients, PotMaterial.ENAMEL, 0);
    }

    /** At the bound itself, and just past it. */
    @Test
    void boundsStandWhereTheySay() {
        double twoThirds = Cautions.FULLEST_SHARE * POT.capacityMl();
        assertThat(cautions(lines("1 litre milk"), PotMaterial.ENAMEL, twoThirds))
                .isEmpty();
        assertThat(cautions(lines("1 litre milk"), PotMaterial.ENAMEL, Math.nextUp(twoThirds)))
                .hasSize(1);
        assertThat(Cautions.suits(POT, PotMaterial.ENAMEL, twoThirds)).isTrue();
        assertThat(cautions(grams(MadeUp.ethanol(25), 10, 0))).contains(new Caution.Spirits());
        assertThat(cautions(grams(MadeUp.ethanol(24.9), 10, 0))).doesNotContain(new Caution.Spirits());
        assertThat(cautions(grams(MadeUp.ethanol(5), 100, 0))).isEmpty();
        assertThat(cautions(grams(MadeUp.ethanol(5), 100.1, 0))).containsExactly(new Caution.Alcohol());
        assertThat(cautions(grams(MadeUp.hot(400), 100, 0))).isEmpty();
        assertThat(cautions(grams(MadeUp.hot(401), 100, 0))).containsExactly(new Caution.ChilliSteam());
        assertThat(cautions(grams(MadeUp.hot(0, Trait.PUNGENT), 3, 97))).isEmpty();
        assertThat(cautions(grams(MadeUp.hot(0, Trait.PUNGENT), 3.1, 96.9)))
                .containsExactly(new Caution.StingingSteam());
        assertThat(cautions(grams(MadeUp.sugar(40), 100, 0))).isEmpty();
        assertThat(cautions(grams(MadeUp.sugar(41), 100, 0))).containsExactly(new Caution.HotSugar());
    }

    @Test
    void acidIsWhatTastesOfMetal() {
        assertThat(Cautions.isAcid(grams(MadeUp.acids(0, 0.3), 100, 0))).isFalse();
        assertThat(Cautions.isAcid(grams(MadeUp.acids(0, 0.31), 100, 0))).isTrue();
        assertThat(Cautions.isAcid(grams(MadeUp.acids(0.2, 0.2), 100, 0)))
                .as("both acids together")
                .isTrue();
        assertThat(Cautions.isAcid(grams(MadeUp.ph(4.5), 21, 79))).isTrue();
        assertThat(Cautions.isAcid(grams(MadeUp.ph(4.5), 20, 80)))
                .as("a fifth of it is not enough")
                .isFalse();
        assertThat(Cautions.isAcid(grams(MadeUp.ph(4.6), 100, 0))).isFalse();
    }

    /** The heat that makes meat safe curdles a sauce bound with egg. */
    @Test
    void rawEggIsAnotherMatterThanRawMeat() {
        List<Caution> cautions =
                Cautions.of(lines("3 egg yolks", "200 g minced beef", "300 ml milk"), POT, PotMaterial.ENAMEL, 300);
        assertThat(cautions)
                .contains(
                        new Caution.RawEgg(List.of(food("egg-yolk")), 74),
                        new Caution.Raw(List.of(food("minced-beef")), 71));
        assertThat(Cautions.of(lines("200 g raw prawns", "200 g white fish"), POT, PotMaterial.ENAMEL, 300))
                .contains(new Caution.Raw(List.of(food("prawn"), food("white-fish")), 63));
    }

    @Test
    void sodaInAnAcidSauceAndAStingingSteam() {
        assertThat(cautions(lines("500 g damsons", "1 tsp baking soda"), PotMaterial.ENAMEL, 500))
                .contains(new Caution.Foams(List.of(food("baking-soda"))));
        assertThat(cautions(lines("500 ml milk", "1 tsp baking soda"), PotMaterial.ENAMEL, 500))
                .noneMatch(Caution.Foams.class::isInstance);
        assertThat(cautions(lines("500 ml milk", "30 g fresh horseradish"), PotMaterial.ENAMEL, 500))
                .contains(new Caution.StingingSteam());
        assertThat(cautions(lines("500 ml milk", "5 g fresh horseradish"), PotMaterial.ENAMEL, 500))
                .doesNotContain(new Caution.StingingSteam());
    }

    @Test
    void spiritsAlcoholChilliAndHoney() {
        assertThat(cautions(lines("100 ml brandy"), PotMaterial.ENAMEL, 100))
                .contains(new Caution.Spirits(), new Caution.Alcohol());
        assertThat(cautions(lines("300 ml perry"), PotMaterial.ENAMEL, 300)).containsExactly(new Caution.Alcohol());
        assertThat(cautions(lines("3 habaneros", "300 ml water"), PotMaterial.ENAMEL, 300))
                .contains(new Caution.ChilliSteam());
        assertThat(cautions(lines("2 tbsp honey", "300 ml water"), PotMaterial.ENAMEL, 300))
                .contains(new Caution.Honey());
    }

    @Test
    void allergensComeFromTheFoods() {
        assertThat(lines("50 g butter", "30 g plain flour", "1 stick celery", "200 ml water")
                        .allergens())
                .containsExactlyInAnyOrder(Allergen.MILK, Allergen.GLUTEN, Allergen.CELERY);
    }
}

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

    private static List<String> titles(Ingredients ingredients, PotMaterial material, double startMl) {
        return Cautions.of(ingredients, POT, material, startMl).stream()
                .map(Caution::title)
                .toList();
    }

    @Test
    void acidInABarePot() {
        Ingredients acid = lines("500 g damsons", "50 ml cider vinegar");
        assertThat(titles(acid, PotMaterial.BARE_IRON, 600)).anyMatch(t -> t.contains("bare iron"));
        assertThat(titles(acid, PotMaterial.STAINLESS, 600)).noneMatch(t -> t.contains("This pot is"));
        assertThat(titles(lines("500 ml milk"), PotMaterial.BARE_IRON, 600)).isEmpty();
    }

    @Test
    void aPotOverTwoThirdsFull() {
        Ingredients milk = lines("1 litre milk");
        assertThat(titles(milk, PotMaterial.ENAMEL, 0.7 * POT.capacityMl())).containsExactly("The pot is 70 % full");
        assertThat(titles(milk, PotMaterial.ENAMEL, 0.6 * POT.capacityMl())).isEmpty();
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
            List<String> titles = titles(alone, PotMaterial.BARE_IRON, 300);
            assertThat(titles.contains("Honey")).as(food.id()).isEqualTo(food.has(Trait.HONEY));
            assertThat(titles.stream().anyMatch(t -> t.startsWith("Raw ")))
                    .as(food.id())
                    .isEqualTo(food.has(Trait.RAW));
            assertThat(titles.contains("Spirits catch fire"))
                    .as(food.id())
                    .isEqualTo(food.per100g().ethanol() >= 25);
            assertThat(titles.contains("Chilli steam chokes") || titles.contains("Its steam stings"))
                    .as(food.id())
                    .isEqualTo(food.scovilleUnits() > 400 || food.has(Trait.PUNGENT));
            assertThat(titles.stream().anyMatch(t -> t.startsWith("This pot is")))
                    .as(food.id())
                    .isEqualTo(Cautions.isAcid(alone));
            assertThat(titles.contains("It foams up")).as(food.id()).isFalse();
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
                "label");
        Ingredients some = new Ingredients(List.of(LineReading.corrected("some", own, 20)), Texture.CHUNKY);
        assertThat(titles(some, PotMaterial.ENAMEL, 20)).contains("Honey");
    }

    private static Ingredients grams(Food food, double massG, double waterG) {
        return new Ingredients(
                List.of(
                        LineReading.corrected("some", food, massG),
                        LineReading.corrected(
                                "water", Catalogue.standard().food("water").orElseThrow(), waterG)),
                Texture.CHUNKY);
    }

    private static List<String> titles(Ingredients ingredients) {
        return titles(ingredients, PotMaterial.ENAMEL, 0);
    }

    /** At the bound itself, and just past it. */
    @Test
    void boundsStandWhereTheySay() {
        double twoThirds = Cautions.FULLEST_SHARE * POT.capacityMl();
        assertThat(titles(lines("1 litre milk"), PotMaterial.ENAMEL, twoThirds)).isEmpty();
        assertThat(titles(lines("1 litre milk"), PotMaterial.ENAMEL, Math.nextUp(twoThirds)))
                .hasSize(1);
        assertThat(Cautions.suits(POT, PotMaterial.ENAMEL, twoThirds)).isTrue();
        assertThat(titles(grams(MadeUp.ethanol(25), 10, 0))).contains("Spirits catch fire");
        assertThat(titles(grams(MadeUp.ethanol(24.9), 10, 0))).doesNotContain("Spirits catch fire");
        assertThat(titles(grams(MadeUp.ethanol(5), 100, 0))).isEmpty();
        assertThat(titles(grams(MadeUp.ethanol(5), 100.1, 0))).containsExactly("Alcohol never cooks off entirely");
        assertThat(titles(grams(MadeUp.hot(400), 100, 0))).isEmpty();
        assertThat(titles(grams(MadeUp.hot(401), 100, 0))).containsExactly("Chilli steam chokes");
        assertThat(titles(grams(MadeUp.hot(0, Trait.PUNGENT), 3, 97))).isEmpty();
        assertThat(titles(grams(MadeUp.hot(0, Trait.PUNGENT), 3.1, 96.9))).containsExactly("Its steam stings");
        assertThat(titles(grams(MadeUp.sugar(40), 100, 0))).isEmpty();
        assertThat(titles(grams(MadeUp.sugar(41), 100, 0))).containsExactly("Boiling sugar burns");
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
                .anySatisfy(c -> {
                    assertThat(c.title()).isEqualTo("Raw egg yolks");
                    assertThat(c.advice()).contains("pasteurised").doesNotContain("Through to");
                })
                .anySatisfy(c -> {
                    assertThat(c.title()).isEqualTo("Raw minced beef");
                    assertThat(c.advice()).startsWith("Through to 74 °C");
                });
    }

    @Test
    void sodaInAnAcidSauceAndAStingingSteam() {
        assertThat(titles(lines("500 g damsons", "1 tsp baking soda"), PotMaterial.ENAMEL, 500))
                .contains("It foams up");
        assertThat(titles(lines("500 ml milk", "1 tsp baking soda"), PotMaterial.ENAMEL, 500))
                .doesNotContain("It foams up");
        assertThat(titles(lines("500 ml milk", "30 g fresh horseradish"), PotMaterial.ENAMEL, 500))
                .contains("Its steam stings");
        assertThat(titles(lines("500 ml milk", "5 g fresh horseradish"), PotMaterial.ENAMEL, 500))
                .doesNotContain("Its steam stings");
    }

    @Test
    void spiritsAlcoholChilliAndHoney() {
        assertThat(titles(lines("100 ml brandy"), PotMaterial.ENAMEL, 100))
                .contains("Spirits catch fire", "Alcohol never cooks off entirely");
        assertThat(titles(lines("300 ml perry"), PotMaterial.ENAMEL, 300))
                .containsExactly("Alcohol never cooks off entirely");
        assertThat(titles(lines("3 habaneros", "300 ml water"), PotMaterial.ENAMEL, 300))
                .contains("Chilli steam chokes");
        assertThat(titles(lines("2 tbsp honey", "300 ml water"), PotMaterial.ENAMEL, 300))
                .contains("Honey");
    }

    @Test
    void allergensComeFromTheFoods() {
        assertThat(lines("50 g butter", "30 g plain flour", "1 stick celery", "200 ml water")
                        .allergens())
                .containsExactlyInAnyOrder(Allergen.MILK, Allergen.GLUTEN, Allergen.CELERY);
    }
}

package app.gradior.care;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.larder.Allergen;
import app.gradior.larder.Catalogue;
import app.gradior.measure.LineReader;
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

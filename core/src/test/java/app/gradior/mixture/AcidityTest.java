package app.gradior.mixture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import org.junit.jupiter.api.Test;

class AcidityTest {
    @Test
    void everyWetFoodAloneHasThePhOfItsRow() {
        for (Food food : Catalogue.standard().foods()) {
            if (food.ph().isPresent() && food.per100g().water() >= 50) {
                assertThat(Mixture.of(food, 321).ph())
                        .as(food.id())
                        .isCloseTo(food.ph().getAsDouble(), within(0.01));
            }
        }
    }

    @Test
    void vinegarSharpensAndMilkBuffers() {
        Mixture soup = Sauces.of("vegetable-stock", 500);
        double before = soup.ph();
        for (double vinegarG = 5; vinegarG <= 80; vinegarG += 5) {
            double now = soup.plus(Sauces.of("vinegar-cider", vinegarG)).ph();
            assertThat(now).isLessThan(before);
            before = now;
        }
        assertThat(soup.plus(Sauces.of("vinegar-cider", 50)).ph()).isBetween(3.0, 3.6);
        double tomato = Sauces.of("passata", 500).ph();
        double creamy = Sauces.of("passata", 500).plus(Sauces.of("milk", 200)).ph();
        assertThat(creamy).isGreaterThan(tomato);
    }

    @Test
    void phDoesNotDependOnHowMuchThereIs() {
        Mixture m = Sauces.damson();
        assertThat(m.times(7).ph()).isCloseTo(m.ph(), within(1e-6));
        assertThat(m.ph()).isBetween(2.9, 3.3);
    }

    /** 100 g of beans: 7.2 g of protein and 4 mmol of phosphate take up what a spoon of lemon brings. */
    @Test
    void proteinAndPhosphateTakeUpAcid() {
        Acidity.Buffers beans = Acidity.Buffers.of(Sauces.of("white-bean", 100).body());
        assertThat(beans.mostMol()).isCloseTo(7.2 * 0.9e-3 + 4e-3, within(3e-4));
        Mixture dip = Sauces.of("white-bean", 400).plus(Sauces.of("lemon-juice", 60));
        Mixture broth = Sauces.of("vegetable-stock", 400).plus(Sauces.of("lemon-juice", 60));
        assertThat(dip.ph()).isGreaterThan(4.2);
        assertThat(broth.ph()).isLessThan(3.3);
    }
}

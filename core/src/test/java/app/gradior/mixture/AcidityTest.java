package app.gradior.mixture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import java.util.Random;
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

    /** Whatever is in it: a little below that pH there are too many protons, a little above too few; out of bounds it is the bound. */
    @Test
    void thePhIsWhereTheChargesBalance() {
        Random random = new Random(5);
        for (int i = 0; i < 2_000; i++) {
            double waterG = Math.exp(8 * random.nextDouble());
            double aceticG = random.nextInt(3) * 20 * random.nextDouble();
            double citricG = random.nextInt(3) * 30 * random.nextDouble();
            double alkalinityMol = random.nextGaussian() * Math.pow(10, -4 * random.nextDouble());
            Acidity.Buffers buffers =
                    new Acidity.Buffers(random.nextInt(2) * 50 * random.nextDouble(), random.nextInt(2) * 20);
            double ph = Acidity.ph(waterG, aceticG, citricG, alkalinityMol, buffers);
            if (ph > 0.5) {
                assertThat(Acidity.isAbove(ph - 1e-8, waterG, aceticG, citricG, alkalinityMol, buffers))
                        .isTrue();
            }
            if (ph < 12.5) {
                assertThat(Acidity.isAbove(ph + 1e-8, waterG, aceticG, citricG, alkalinityMol, buffers))
                        .isFalse();
            }
        }
        assertThat(Acidity.ph(100, 0, 0, -9, Acidity.Buffers.NONE)).isCloseTo(0.5, within(1e-6));
        assertThat(Acidity.ph(100, 0, 0, 9, Acidity.Buffers.NONE)).isCloseTo(12.5, within(1e-6));
        assertThat(Acidity.ph(0, 5, 5, 0, Acidity.Buffers.NONE)).isEqualTo(7);
    }
}

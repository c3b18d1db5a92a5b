package app.gradior.mixture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.mixture.Body.Part;
import org.junit.jupiter.api.Test;

/** What time, heat and tools do to what gives a sauce its body. */
class BodyTest {
    private static double g(Mixture m, Part part) {
        return m.body().g(part);
    }

    @Test
    void everyFoodsMakeupIsWithinItsComposition() {
        for (Food food : Catalogue.standard().foods()) {
            assertThat(food.makeup().fitsIn(food.per100g())).as(food.id()).isTrue();
        }
    }

    @Test
    void twoThirdsOfThePiecesFallApartInTheirTime() {
        Mixture plum = Sauces.of("plum", 500);
        Mixture onion = Sauces.of("onion", 500);
        Mixture carrot = Sauces.of("carrot", 500);
        double left = Math.exp(-1);
        assertThat(g(plum.cookedFor(8), Part.SOFT)).isCloseTo(left * g(plum, Part.SOFT), within(1e-9));
        assertThat(g(onion.cookedFor(25), Part.MIDDLE)).isCloseTo(left * g(onion, Part.MIDDLE), within(1e-9));
        assertThat(g(carrot.cookedFor(60), Part.FIRM)).isCloseTo(left * g(carrot, Part.FIRM), within(1e-9));
        assertThat(plum.cookedFor(8).body().freeG() + g(plum.cookedFor(8), Part.SOFT))
                .isCloseTo(g(plum, Part.SOFT), within(1e-9));
        assertThat(plum.cookedFor(5).cookedFor(7).body().freeG())
                .as("the way there makes no difference")
                .isCloseTo(plum.cookedFor(12).body().freeG(), within(1e-9));
    }

    @Test
    void acidKeepsVegetablesFirmAndFruitHasItsOwn() {
        Mixture sour = Sauces.of("onion", 400).plus(Sauces.of("vinegar-white", 300));
        assertThat(sour.ph()).isLessThan(4);
        assertThat(g(sour.cookedFor(50), Part.MIDDLE))
                .isCloseTo(g(Sauces.of("onion", 400).cookedFor(25), Part.MIDDLE), within(1e-9));
        Mixture sharpPlums = Sauces.of("plum", 400).plus(Sauces.of("vinegar-white", 300));
        assertThat(g(sharpPlums.cookedFor(8), Part.SOFT))
                .isCloseTo(g(Sauces.of("plum", 400).cookedFor(8), Part.SOFT), within(1e-9));
    }

    @Test
    void starchSwellsInItsCellsAndComesOutOfMeal() {
        Mixture peas = Sauces.of("split-pea", 100).plus(Sauces.of("water", 600)).cookedFor(45);
        assertThat(g(peas, Part.IN_CELLS)).isCloseTo(45 * (1 - Math.exp(-1)), within(0.4));
        assertThat(g(peas, Part.LOOSE)).isZero();
        assertThat(g(peas.blended(), Part.LOOSE)).isCloseTo(g(peas, Part.IN_CELLS), within(1e-9));
        Mixture meal = Sauces.of("cornmeal", 100).plus(Sauces.of("water", 600)).cookedFor(12);
        assertThat(g(meal, Part.LOOSE)).isCloseTo(70 * (1 - Math.exp(-1)), within(0.6));
    }

    @Test
    void yolkSetsAndCurdlesWhereNoStarchKeepsIt() {
        Mixture custard = Sauces.of("milk", 500).plus(Sauces.of("egg-yolk", 72));
        double yolk = g(custard, Part.YOLK);
        assertThat(yolk).isCloseTo(72, within(1.0));
        assertThat(g(custard.heatedTo(71), Part.YOLK)).isEqualTo(yolk);
        assertThat(g(custard.heatedTo(75), Part.SET_YOLK)).isEqualTo(yolk);
        assertThat(g(custard.heatedTo(87), Part.CURDLED_YOLK)).isEqualTo(yolk);
        assertThat(g(custard.heatedTo(75).heatedTo(90), Part.CURDLED_YOLK))
                .as("set first, too hot later")
                .isEqualTo(yolk);
        Mixture bound = custard.plus(Sauces.of("cornflour", 20));
        assertThat(g(bound.heatedTo(98), Part.SET_YOLK)).isEqualTo(yolk);
        assertThat(g(custard.cooked(), Part.SET_YOLK)).as("cooked with care").isEqualTo(yolk);
    }

    @Test
    void acidAndTimeSplitSugar() {
        Mixture jam = Sauces.of("sugar", 500).plus(Sauces.of("water", 300)).plus(Sauces.of("citric-acid", 5));
        double share = 1 - Math.exp(-30 * Mixture.inversionPerMin(jam.ph()));
        assertThat(jam.cookedFor(30).sucroseG()).isCloseTo((1 - share) * jam.sucroseG(), within(1e-9));
        assertThat(jam.cookedFor(30).massG()).isEqualTo(jam.massG());
        assertThat(share).isGreaterThan(0.2);
        Mixture plain = Sauces.of("sugar", 500).plus(Sauces.of("water", 300));
        assertThat(plain.cookedFor(30).sucroseG()).isGreaterThan(0.99 * plain.sucroseG());
    }

    @Test
    void hotterMinutesCountForMoreAndLukewarmOnesForNothing() {
        assertThat(Mixture.simmerShare(95)).isEqualTo(1);
        assertThat(Mixture.simmerShare(105)).isCloseTo(2, within(1e-9));
        assertThat(Mixture.simmerShare(85)).isCloseTo(0.5, within(1e-9));
        assertThat(Mixture.simmerShare(79.9)).isZero();
    }

    @Test
    void aSieveHoldsPiecesAndCellsBack() {
        Mixture pot = Sauces.of("carrot", 300)
                .plus(Sauces.of("white-bean", 200))
                .plus(Sauces.of("bone-stock", 500))
                .cookedFor(20);
        Mixture.Parted parted = Pressing.SIEVED.of(pot);
        assertThat(g(parted.kept(), Part.FIRM)).isCloseTo(0, within(1e-9));
        assertThat(g(parted.kept(), Part.IN_CELLS)).isCloseTo(0, within(1e-9));
        assertThat(g(parted.kept(), Part.GELATINE)).isBetween(0.85 * g(pot, Part.GELATINE), g(pot, Part.GELATINE));
        for (Part part : Part.values()) {
            assertThat(g(parted.kept(), part) + g(parted.leftBehind(), part))
                    .as(part.name())
                    .isCloseTo(g(pot, part), within(1e-9));
        }
    }
}

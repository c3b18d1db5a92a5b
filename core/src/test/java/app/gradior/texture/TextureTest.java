package app.gradior.texture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.finding.Refused;
import app.gradior.mixture.Mixture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TextureTest {
    @Test
    void theStairIsItsOwnInverse() {
        for (double step = 0.5; step <= 9.5; step += 0.25) {
            assertThat(Stair.step(Stair.viscosityPaS(step))).isCloseTo(step, within(1e-12));
        }
        assertThat(Stair.viscosityPaS(1)).isEqualTo(0.005);
        assertThat(Stair.viscosityPaS(3) / Stair.viscosityPaS(2)).isCloseTo(2.65, within(1e-9));
        assertThat(Stair.Tread.of(-3)).isEqualTo(Stair.Tread.BROTH);
        assertThat(Stair.Tread.of(5.4)).isEqualTo(Stair.Tread.CLING);
    }

    @ParameterizedTest
    @ValueSource(strings = {"cornflour", "wheat-flour", "potato-starch", "tapioca-starch", "arrowroot", "rice-flour"})
    void moreStarchIsNeverThinner(String starch) {
        double before = 0;
        for (double grams = 0; grams <= 60; grams += 4) {
            Mixture sauce = Sauces.of("vegetable-stock", 500).plus(Sauces.of(starch, grams));
            double now = Consistency.flowCooked(sauce, 65).viscosityPaS();
            assertThat(now).isGreaterThanOrEqualTo(before);
            before = now;
        }
    }

    @Test
    void moreWaterIsNeverThicker() {
        Mixture sauce = Sauces.damson().plus(Sauces.of("cornflour", 15)).plus(Sauces.of("cream-double", 100));
        double before = Double.MAX_VALUE;
        for (double added = 0; added <= 3000; added += 50) {
            double now = Consistency.flowCooked(sauce.plus(Sauces.of("water", added)), 20)
                    .viscosityPaS();
            assertThat(now).isLessThan(before);
            before = now;
        }
    }

    @Test
    void everySauceIsThickerCold() {
        for (Mixture sauce : new Mixture[] {Sauces.damson(), Sauces.syrup(65), Sauces.tomatoConcentrate(12)}) {
            assertThat(Consistency.stepCooked(sauce, 20)).isGreaterThan(Consistency.stepCooked(sauce, 98));
        }
        double syrupGain = Consistency.stepCooked(Sauces.syrup(65), 20) - Consistency.stepCooked(Sauces.syrup(65), 98);
        double pureeGain = Consistency.stepCooked(Sauces.tomatoConcentrate(12), 20)
                - Consistency.stepCooked(Sauces.tomatoConcentrate(12), 98);
        assertThat(syrupGain).isGreaterThan(2);
        assertThat(pureeGain).isBetween(0.3, 1.2);
    }

    @Test
    void aSyrupRunsOnWhereAPureeStands() {
        Mixture syrup = Sauces.syrup(70);
        double step = Consistency.stepCooked(syrup, 20);
        Mixture puree = Sauces.tomatoConcentrate(10);
        double pureeStep = Consistency.stepCooked(puree, 20);
        assertThat(step).isCloseTo(pureeStep, within(1.5));
        assertThat(Consistency.flowCooked(syrup, 20).yieldStressPa()).isZero();
        assertThat(RingTest.radiusMm(puree, 20)).isLessThan(RingTest.radiusMm(syrup, 20));
    }

    /** Worked by hand from the two published formulas. */
    @Test
    void ringRadiiByHand() {
        assertThat(RingTest.radiusMm(10, 0, 1000)).isCloseTo(62.1, within(0.3));
        assertThat(RingTest.radiusMm(0.01, 0, 1000))
                .as("a film of 2 mm holds itself")
                .isCloseTo(69.1, within(0.1));
        assertThat(RingTest.radiusMm(1, 16, 1000)).isCloseTo(39.7, within(0.5));
    }

    @Test
    void fatThickensOnlyWhenItIsDivided() {
        Mixture stock = Sauces.of("vegetable-stock", 300);
        double plain = Consistency.flowCooked(stock, 60).viscosityPaS();
        double oil = Consistency.flowCooked(stock.plus(Sauces.of("olive-oil", 100)), 60)
                .viscosityPaS();
        assertThat(oil).isCloseTo(plain, within(1e-12));
        assertThat(Consistency.flowCooked(Sauces.of("cream-double", 300), 60).viscosityPaS())
                .isGreaterThan(4 * plain);
    }

    @Test
    void nothingLiquidHasNoThickness() {
        assertThat(Refused.why(() -> Consistency.stepCooked(Sauces.of("olive-oil", 50), 20)))
                .isEqualTo(new NoLiquid());
    }
}

package app.gradior.glaze;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.mixture.Mixture;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CoatsTest {
    /** A plum and honey glaze, reduced: about step 6. */
    private static final Mixture GLAZE = Sauces.of("passata", 250)
            .plus(Sauces.of("honey", 120))
            .plus(Sauces.of("soy-sauce", 60))
            .plus(Sauces.of("vinegar-cider", 40))
            .cookedThrough();

    private static final Mixture BROTH = Sauces.of("chicken-stock", 500).cookedThrough();
    private static final Mixture PASTE = Sauces.of("tomato-paste", 300).cookedThrough();

    @ParameterizedTest
    @EnumSource(Fire.class)
    void aFilmSticksThenShinesThenBrownsThenBurns(Fire fire) {
        Film film = Film.of(GLAZE, 1, fire);
        assertThat(film.sticksMin()).isPositive().isLessThanOrEqualTo(film.shinesMin());
        assertThat(film.shinesMin()).isLessThan(film.brownsMin());
        assertThat(film.brownsMin()).isLessThan(film.burnsMin());
        assertThat(film.thicknessMm()).isBetween(0.1, 1.0);
    }

    @Test
    void theHotterTheSoonerInProportion() {
        Film oven = Film.of(GLAZE, 1, Fire.OVEN);
        Film grill = Film.of(GLAZE, 1, Fire.GRILL);
        assertThat(oven.sticksMin() / grill.sticksMin())
                .isCloseTo(Fire.GRILL.wPerM2() / Fire.OVEN.wPerM2(), within(0.01));
        assertThat(grill.burnsMin()).as("minutes under a grill").isBetween(1.5, 10.0);
        assertThat(oven.shinesMin()).as("minutes in an oven").isBetween(2.0, 15.0);
    }

    @Test
    void whatIsThickerLiesThickerAndSticksSooner() {
        Film thin = Film.of(GLAZE, 1, Fire.OVEN);
        Mixture reduced = GLAZE.withVolatiles(0.6 * GLAZE.waterG(), 0, GLAZE.aceticG());
        Film thick = Film.of(reduced, 1, Fire.OVEN);
        assertThat(thick.thicknessMm()).isGreaterThan(thin.thicknessMm());
        assertThat(thick.sticksMin() / thick.gPerM2()).isLessThan(thin.sticksMin() / thin.gPerM2());
        assertThat(Film.of(BROTH, 1, Fire.OVEN).runsOff()).isTrue();
        assertThat(Film.of(BROTH, 1, Fire.OVEN).shinesMin())
                .as("no sugar, no lacquer")
                .isNaN();
        assertThat(Film.of(PASTE, 1, Fire.OVEN).thicknessMm()).isGreaterThan(0.5);
        assertThat(thin.runsOff() || thin.clots()).isFalse();
    }

    @Test
    void coatsGoOnWhenTheOneBeforeSticksAndTheLastShinesAsTheFoodIsDone() {
        Coats coats = Coats.of(GLAZE, 1, Brushed.WINGS, 1200, 3, Fire.OVEN, 80);
        assertThat(coats.beforeDoneMin()).hasSize(3);
        double between = coats.beforeDoneMin().get(0) - coats.beforeDoneMin().get(1);
        assertThat(between).isCloseTo(Math.max(1, coats.film().sticksMin()), within(1e-9));
        assertThat(coats.beforeDoneMin().get(2))
                .isCloseTo(Math.max(1, coats.film().shinesMin()), within(1e-9));
        assertThat(coats.brushedG()).isCloseTo(coats.coatG() * 2.6, within(1e-9));
        assertThat(coats.needG()).isCloseTo(coats.brushedG() + 80, within(1e-9));
        assertThat(coats.brushedG()).as("g on 1.2 kg of wings").isBetween(80.0, 400.0);
        Coats once = Coats.of(GLAZE, 1, Brushed.WINGS, 600, 1, Fire.OVEN, 0);
        assertThat(once.coatG()).as("half the wings, half the coat").isCloseTo(coats.coatG() / 2, within(1e-9));
    }

    @Test
    void manyCoatsUnderAGrillScorch() {
        assertThat(Coats.of(GLAZE, 1, Brushed.RIBS, 1000, 8, Fire.GRILL, 0).scorches())
                .isTrue();
        assertThat(Coats.of(GLAZE, 1, Brushed.RIBS, 1000, 1, Fire.GRILL, 0).scorches())
                .isFalse();
    }

    @Test
    void whatIsNotThereIsRefusedByName() {
        assertThatThrownBy(() -> Coats.of(GLAZE, 1, Brushed.FISH, 500, 0, Fire.OVEN, 0))
                .hasMessageContaining("coats");
        assertThatThrownBy(() -> Coats.of(GLAZE, 1, Brushed.FISH, 0, 1, Fire.OVEN, 0))
                .hasMessageContaining("foodG");
        assertThatThrownBy(() -> Brushed.ofKey("shoe")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Fire.ofKey("sun")).isInstanceOf(IllegalArgumentException.class);
        assertThat(Arrays.stream(Brushed.values()).map(one -> Brushed.ofKey(one.key())))
                .containsExactly(Brushed.values());
    }
}

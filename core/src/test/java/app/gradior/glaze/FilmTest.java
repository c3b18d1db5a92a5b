package app.gradior.glaze;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.heat.WaterProperties;
import app.gradior.mixture.Mixture;
import app.gradior.texture.Consistency;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A film's figures by the laws that they are reckoned from, worked out here the other way round. */
class FilmTest {
    private static final Mixture GLAZE = Sauces.of("passata", 250)
            .plus(Sauces.of("honey", 120))
            .plus(Sauces.of("soy-sauce", 60))
            .plus(Sauces.of("cornflour", 6));

    private static final List<Mixture> SAUCES = List.of(
            GLAZE,
            GLAZE.plus(Sauces.of("water", 700)),
            Sauces.of("chicken-stock", 500),
            Sauces.of("tomato-paste", 300),
            Sauces.of("honey", 200).plus(Sauces.of("water", 60)),
            Sauces.of("passata", 400).plus(Sauces.of("sugar", 300)));

    private static void near(double is, double expected) {
        assertThat(is).isCloseTo(expected, within(1e-6 * Math.max(1, Math.abs(expected))));
    }

    /** Thickness by Jeffreys' draining wall or by the yield stress, whichever holds more, and no more than a millimetre and a half. */
    @Test
    void whatDoesNotRunOffStays() {
        for (Mixture sauce : SAUCES) {
            Mixture m = sauce.cooked();
            Consistency.Flow flow = Consistency.flowNow(m, 1, 75, 0);
            double density = 1000 * m.massG() / m.volumeMl20c();
            double runsMm = 1000 * Math.sqrt(flow.viscosityPaS() * 0.03 / (density * 9.81 * 15));
            double holdsMm = 1000 * flow.yieldStressPa() / (density * 9.81);
            Film film = Film.of(sauce, 1, Fire.OVEN);
            near(film.thicknessMm(), Math.min(1.5, Math.max(runsMm, holdsMm)));
            near(film.gPerM2(), density * film.thicknessMm());
        }
        assertThat(Film.of(GLAZE, 4, Fire.OVEN).thicknessMm())
                .as("with four times the network")
                .isGreaterThan(1.5 * Film.of(GLAZE, 1, Fire.OVEN).thicknessMm());
    }

    /** At each of its moments it has lost what the heat took by then, and is what it is said to be. */
    @Test
    void atEachMomentItHasLostWhatTheHeatTook() {
        int stuck = 0;
        int shiny = 0;
        for (Mixture sauce : SAUCES) {
            Mixture m = sauce.cooked();
            boolean sugary = m.sugarsG() > 0.4 * m.solublesG();
            for (Fire fire : Fire.values()) {
                Film film = Film.of(sauce, 1, fire);
                double dryMin = film.brownsMin() - 4 * Math.sqrt(2000 / fire.wPerM2());
                near(film.burnsMin() - film.brownsMin(), 0.8 * (film.brownsMin() - dryMin));
                Mixture sticking = after(m, film, fire, film.sticksMin());
                if (film.sticksMin() > 0 && sticking.waterG() > 0.01 * m.waterG()) {
                    assertThat(Film.step(sticking, 1)).isCloseTo(7, within(1e-3));
                    stuck++;
                }
                assertThat(Double.isNaN(film.shinesMin())).isEqualTo(!sugary);
                if (sugary && film.shinesMin() > film.sticksMin()) {
                    assertThat(after(m, film, fire, film.shinesMin()).brixPercent())
                            .isCloseTo(80, within(1e-3));
                    shiny++;
                }
                double before = sugary ? film.shinesMin() : film.sticksMin();
                assertThat(dryMin).isGreaterThanOrEqualTo(before - 1e-9);
                if (dryMin > before + 1e-6) {
                    assertThat(after(m, film, fire, dryMin).brixPercent()).isCloseTo(92, within(1e-3));
                }
            }
        }
        assertThat(stuck).isGreaterThan(9);
        assertThat(shiny).isGreaterThan(9);
    }

    /** What is left of the sauce when that film lay so long under that heat. */
    private static Mixture after(Mixture m, Film film, Fire fire, double minutes) {
        double lostGPerM2 = minutes * 60 * fire.wPerM2() / (WaterProperties.latentHeatJPerKg(100) / 1000);
        double lostG = lostGPerM2 / film.gPerM2() * m.massG();
        return m.withVolatiles(Math.max(0, m.waterG() - lostG), 0, m.aceticG());
    }

    @Test
    void nothingIsLaidOnWhereHardlyAnythingStaysOrItLiesAsPaste() {
        assertThat(new Film(0.119, 0, 0, 0, 0, 0).runsOff()).isTrue();
        assertThat(new Film(0.12, 0, 0, 0, 0, 0).runsOff()).isFalse();
        assertThat(new Film(1.1, 0, 0, 0, 0, 0).clots()).isFalse();
        assertThat(new Film(1.11, 0, 0, 0, 0, 0).clots()).isTrue();
    }

    /** A fifth more than stays, on all the food; a later coat eight tenths of the first; each when the one before it sticks. */
    @ParameterizedTest
    @CsvSource({"1, 0", "3, 50", "8, 0"})
    void theCoatsOfAFood(int coats, double tableG) {
        Film film = Film.of(GLAZE, 1, Fire.OVEN);
        for (Brushed food : Brushed.values()) {
            Coats laid = Coats.of(GLAZE, 1, food, 800, coats, Fire.OVEN, tableG);
            double first = 1.2 * film.gPerM2() * food.cm2PerG() * 800 / 10_000;
            near(laid.coatG(), first);
            near(laid.brushedG(), first * (1 + 0.8 * (coats - 1)));
            near(laid.needG(), laid.brushedG() + tableG);
            assertThat(laid.beforeDoneMin()).hasSize(coats);
            for (int i = 0; i < coats; i++) {
                near(
                        laid.beforeDoneMin().get(i),
                        Math.max(1, film.shinesMin()) + (coats - 1 - i) * Math.max(1, film.sticksMin()));
            }
            assertThat(laid.scorches()).isEqualTo(laid.beforeDoneMin().get(0) > film.burnsMin());
        }
    }

    /** Without sugar the last coat goes on so long before that it sticks. */
    @Test
    void withoutSugarTheLastCoatSticks() {
        Mixture paste = Sauces.of("chicken-stock", 300).plus(Sauces.of("cornflour", 20));
        Film film = Film.of(paste, 1, Fire.OVEN);
        assertThat(film.shinesMin()).isNaN();
        near(
                Coats.of(paste, 1, Brushed.values()[0], 500, 1, Fire.OVEN, 0)
                        .beforeDoneMin()
                        .get(0),
                Math.max(1, film.sticksMin()));
    }
}

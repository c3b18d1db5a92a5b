package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.finding.Refused;
import app.gradior.finding.Wrong;
import app.gradior.larder.Catalogue;
import app.gradior.larder.StarchHandling;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Thickening.Form;
import app.gradior.plan.Thickening.Mix;
import app.gradior.texture.Consistency;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ThickeningTest {
    private static final Mixture GRAVY = Sauces.of("vegetable-stock", 600).plus(Sauces.of("perry", 150));

    @ParameterizedTest
    @EnumSource(StarchKind.class)
    void theStarchItAsksForGivesTheStep(StarchKind kind) {
        for (double wanted = 3; wanted <= 6.5; wanted += 0.5) {
            Thickening.Answer answer = new Thickening(GRAVY, Mix.slurry(kind), 98, 65, 1).toStep(wanted);
            Mixture made = GRAVY.plus(Mixture.of(Catalogue.standard().powder(kind), answer.starchG()))
                    .plus(Sauces.of("water", answer.coldLiquidG()));
            assertThat(Consistency.stepCooked(made, 65)).isCloseTo(wanted, within(0.001 * wanted));
            assertThat(answer.coldLiquidG()).isCloseTo(1.5 * answer.starchG(), within(1e-9));
            assertThat(answer.sauce().massG()).isCloseTo(made.massG(), within(1e-9 * made.massG()));
        }
        StarchHandling handling = kind.handling();
        assertThat(handling.setMinutes()).isLessThanOrEqualTo(handling.mostBoilMinutes());
    }

    @Test
    void portionsAreHalfThenQuartersAndEachShowsItsStep() {
        Thickening.Answer answer = new Thickening(GRAVY, Mix.slurry(StarchKind.MAIZE), 98, 65, 1).toStep(5);
        assertThat(answer.portions()).hasSize(3);
        assertThat(answer.portions().get(0).starchG()).isCloseTo(answer.starchG() / 2, within(1e-9));
        assertThat(answer.portions().get(2).starchG()).isCloseTo(answer.starchG() / 4, within(1e-9));
        double before = 0;
        for (Thickening.Portion portion : answer.portions()) {
            Mixture sofar = GRAVY.plus(Sauces.of("cornflour", portion.totalStarchG()))
                    .plus(Sauces.of("water", 1.5 * portion.totalStarchG()));
            assertThat(portion.stepServed()).isCloseTo(Consistency.stepCooked(sofar, 65), within(1e-9));
            assertThat(portion.stepServed()).isGreaterThan(before).isGreaterThan(portion.stepHot());
            before = portion.stepServed();
        }
        assertThat(before).isCloseTo(5, within(1e-6));
    }

    /** Half of all, look, half of what is left, look, the rest; reckoned anew from what is in the pot each time. */
    @Test
    void theNextPortionIsHalfThenAQuarterThenTheRest() {
        Mix mix = Mix.slurry(StarchKind.MAIZE);
        double all = grams(GRAVY, mix);
        Mixture pot = GRAVY;
        double poured = 0;
        for (double share : new double[] {0.5, 0.25, 0.25}) {
            Thickening there = new Thickening(pot, mix, 98, 65, 1);
            Thickening.Portion portion = there.next(5, poured).orElseThrow();
            assertThat(portion.starchG()).isCloseTo(share * all, within(1e-6 * all));
            assertThat(portion.coldLiquidG()).isCloseTo(1.5 * portion.starchG(), within(1e-9));
            poured += portion.starchG();
            assertThat(portion.totalStarchG()).isCloseTo(poured, within(1e-9));
            pot = there.with(portion.starchG());
            assertThat(portion.stepServed()).isCloseTo(Consistency.stepCooked(pot, 65), within(1e-9));
            assertThat(portion.stepHot()).isCloseTo(Consistency.stepCooked(pot, 98), within(1e-9));
        }
        assertThat(poured).isCloseTo(all, within(1e-6 * all));
        assertThat(new Thickening(pot, mix, 98, 65, 1).next(5, poured))
                .as("it is there")
                .isEmpty();
        assertThat(new Thickening(pot, mix, 98, 65, 1).next(4, poured))
                .as("and past that")
                .isEmpty();
        Thickening first = new Thickening(GRAVY, mix, 98, 65, 1);
        double justTheRest = all / 0.3 - all;
        assertThat(first.next(5, 1.01 * justTheRest).orElseThrow().starchG())
                .as("what is left is less than three tenths of it all")
                .isCloseTo(all, within(1e-6 * all));
        assertThat(first.next(5, 0.99 * justTheRest).orElseThrow().starchG()).isCloseTo(all / 2, within(1e-6 * all));
        assertThat(new Thickening(first.with(all - 0.2), mix, 98, 65, 1).next(5, all - 0.2))
                .as("a fifth of a gram is not worth stirring up")
                .isEmpty();
    }

    @Test
    void aWetterSlurryNeedsMoreStarchAndSugarMoreToo() {
        double dry = grams(GRAVY, new Mix(StarchKind.MAIZE, Form.SLURRY, 1));
        double wet = grams(GRAVY, new Mix(StarchKind.MAIZE, Form.SLURRY, 2));
        assertThat(wet).isGreaterThan(dry);
        Mixture sweet = Sauces.of("sugar", 300).plus(Sauces.of("water", 450));
        Mixture plain = Sauces.of("water", 750);
        double perSweetStep = grams(sweet, Mix.slurry(StarchKind.MAIZE), Consistency.stepCooked(sweet, 65) + 2);
        assertThat(perSweetStep).isPositive();
        assertThat(grams(plain, Mix.slurry(StarchKind.MAIZE), 5)).isBetween(20.0, 40.0);
    }

    private static double grams(Mixture m, Mix mix) {
        return grams(m, mix, 5);
    }

    private static double grams(Mixture m, Mix mix, double step) {
        return new Thickening(m, mix, 98, 65, 1).starchG(step).orElseThrow();
    }

    @Test
    void brownRouxThickensLessAndButterComesWithIt() {
        Thickening.Answer white = new Thickening(GRAVY, Mix.flourAndButter(Form.WHITE_ROUX), 98, 65, 1).toStep(5);
        Thickening.Answer brown = new Thickening(GRAVY, Mix.flourAndButter(Form.BROWN_ROUX), 98, 65, 1).toStep(5);
        assertThat(brown.starchG()).isGreaterThan(1.4 * white.starchG());
        assertThat(white.coldLiquidG()).isCloseTo(white.starchG(), within(1e-9));
        assertThat(white.sauce().emulsifiedFatG()).isGreaterThan(0.8 * white.starchG());
        assertThat(Refused.why(() -> new Mix(StarchKind.MAIZE, Form.WHITE_ROUX, 1)))
                .isEqualTo(new CannotReach.FormOfFlour(Form.WHITE_ROUX, StarchKind.MAIZE));
        assertThat(Refused.range(() -> new Mix(StarchKind.MAIZE, Form.SLURRY, 3)))
                .isEqualTo(new Wrong.Range("liquidRatio", 3, 1, 2, ""));
    }

    @Test
    void tooThickAlreadyOrOutOfReachSaysSo() {
        Mixture paste = Sauces.of("tomato-paste", 300);
        assertThat(Refused.why(() -> new Thickening(paste, Mix.slurry(StarchKind.MAIZE), 98, 65, 1).toStep(4)))
                .isEqualTo(new CannotReach.ThickerAlready(4, Consistency.stepCooked(paste, 65)));
        Mixture syrup = Sauces.syrup(70);
        assertThat(Refused.why(() -> new Thickening(syrup, Mix.slurry(StarchKind.WHEAT_FLOUR), 98, 95, 1).toStep(9.5)))
                .isInstanceOfSatisfying(CannotReach.StarchTooWeak.class, weak -> {
                    assertThat(weak.starch()).isEqualTo(StarchKind.WHEAT_FLOUR);
                    assertThat(weak.mostStep()).isLessThan(9.5);
                });
    }

    @Test
    void theLiquidItAsksForThins() {
        Mixture thick = GRAVY.plus(Sauces.of("cornflour", 60));
        for (String liquid : new String[] {"water", "vegetable-stock", "cream-single", "wine-white"}) {
            double add = Thinning.toStep(thick, Sauces.food(liquid), 5, 65, 1).orElseThrow();
            assertThat(Consistency.stepCooked(thick.plus(Sauces.of(liquid, add)), 65))
                    .as(liquid)
                    .isCloseTo(5, within(0.005));
        }
        assertThat(Thinning.toStep(thick, Sauces.food("tomato-paste"), 3, 65, 1))
                .isEmpty();
        assertThat(Thinning.toStep(GRAVY, Sauces.food("water"), 5, 65, 1)).isEmpty();
    }
}

package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.finding.Refused;
import app.gradior.finding.Wrong;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Seasoning.Taste;
import app.gradior.sauce.Use;
import app.gradior.texture.Consistency;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Seasoning, correcting, scaling and swapping. */
class BalanceTest {
    private static final Mixture SAUCE = Sauces.damson().plus(Sauces.of("salt", 6));

    @Test
    void seasoningMeetsItsTarget() {
        check("soy-sauce", Taste.SALT, 1.5);
        check("salt", Taste.SALT, 1.1);
        check("honey", Taste.SUGARS, 30);
        check("lemon-juice", Taste.ACID, 2.5);
    }

    private static void check(String food, Taste taste, double percent) {
        double grams = Seasoning.addG(SAUCE, Sauces.food(food), taste, percent);
        assertThat(grams).isPositive();
        assertThat(taste.percent(SAUCE.plus(Sauces.of(food, grams)))).isCloseTo(percent, within(1e-9));
    }

    @Test
    void whatCannotBeTakenOutOrReachedIsRefused() {
        assertThat(Refused.why(() -> Seasoning.addG(SAUCE, Sauces.food("salt"), Taste.SALT, 0.1)))
                .isEqualTo(new BalanceFinding.TastesAlready(0.1, SAUCE.saltPercent(), Taste.SALT));
        assertThat(Refused.why(() -> Seasoning.addG(SAUCE, Sauces.food("vegetable-stock"), Taste.SALT, 2)))
                .isInstanceOfSatisfying(
                        BalanceFinding.TooWeak.class,
                        weak -> assertThat(weak.bringsPercent()).isLessThan(weak.targetPercent()));
        assertThatThrownBy(() -> Seasoning.addG(SAUCE, Sauces.food("salt"), Taste.SALT, Double.NaN))
                .hasMessageContaining("targetPercent");
    }

    @Test
    void aSplashOfWaterIsItsOwnEquivalent() {
        Correction water = Correction.of(SAUCE, Sauces.of("water", 40), 20, 1);
        assertThat(water.waterEquivalentG()).isCloseTo(40, within(0.04));
        assertThat(water.stepChange()).isNegative();
        Correction vinegar = Correction.of(SAUCE, Sauces.of("vinegar-cider", 40), 20, 1);
        assertThat(vinegar.waterEquivalentG()).isBetween(30.0, 40.0);
        Correction sugar = Correction.of(SAUCE, Sauces.of("sugar", 200), 20, 1);
        assertThat(sugar.stepChange() > 0).isEqualTo(sugar.waterEquivalentG() == 0);
    }

    @Test
    void fourWaysToScale() {
        assertThat(Scaling.byFactor(2)).isEqualTo(2);
        assertThat(Scaling.byYield(900, 600)).isCloseTo(1.5, within(1e-12));
        assertThat(Scaling.byGuests(18, Use.POUR_OVER, 540)).isCloseTo(2, within(1e-12));
        assertThat(Scaling.byIngredient(750, 1000)).isCloseTo(0.75, within(1e-12));
        assertThat(Refused.range(() -> Scaling.byFactor(0))).isEqualTo(new Wrong.Range("factor", 0, 0.01, 100, ""));
        assertThat(Refused.range(() -> Scaling.byGuests(0, Use.DIP, 500)))
                .isEqualTo(new Wrong.Range("guests", 0, 1, 10_000, ""));
        assertThat(Refused.why(() -> Scaling.byIngredient(10, 0))).isEqualTo(new BalanceFinding.Weightless());
    }

    @Test
    void aSubstituteKeepsWhatItIsThereFor() {
        Mixture base = Sauces.of("damson", 1000).plus(Sauces.of("water", 200));
        Substitution.Answer vinegar = swap(base, "vinegar-cider", 120, "vinegar-sherry");
        assertThat(vinegar.keeps()).isEqualTo(Keeps.SHARPNESS);
        assertThat(vinegar.massG()).isCloseTo(120 * 5.0 / 7.1, within(0.01));
        assertThat(vinegar.change(Substitution.Changed.ACID)).isCloseTo(0, within(1e-9));
        assertThat(vinegar.change(Substitution.Changed.WATER)).isNegative();
        Substitution.Answer honey = swap(base, "sugar", 200, "honey");
        assertThat(honey.keeps()).isEqualTo(Keeps.SWEETNESS);
        assertThat(honey.change(Substitution.Changed.SUGAR)).isCloseTo(0, within(1e-9));
        assertThat(honey.massG()).isCloseTo(200 / 0.81, within(0.01));
        assertThat(honey.change(Substitution.Changed.WATER)).isCloseTo(0.175 * honey.massG(), within(0.01));
        Substitution.Answer soy = swap(base, "salt", 10, "soy-sauce");
        assertThat(soy.keeps()).isEqualTo(Keeps.SALT);
        assertThat(soy.change(Substitution.Changed.SALT)).isCloseTo(0, within(1e-9));
        Substitution.Answer stock = swap(base, "perry", 200, "apple-juice");
        assertThat(stock.keeps()).isEqualTo(Keeps.VOLUME);
        assertThat(stock.change(Substitution.Changed.ALCOHOL)).isCloseTo(-200 * 0.049, within(0.01));
    }

    @Test
    void anotherStarchGivesTheSameStep() {
        Mixture base = Sauces.of("vegetable-stock", 700);
        Substitution.Answer potato = swap(base, "cornflour", 30, "potato-starch");
        assertThat(potato.keeps()).isEqualTo(Keeps.THICKNESS);
        assertThat(potato.stepChange(65)).isCloseTo(0, within(1e-6));
        assertThat(Consistency.step(potato.sauce(), 1, 65))
                .isCloseTo(Consistency.stepCooked(base.plus(Sauces.of("cornflour", 30)), 65), within(1e-6));
        assertThat(potato.massG()).isLessThan(30);
        assertThat(Refused.why(() -> swap(base, "salt", 10, "sugar")))
                .isEqualTo(new BalanceFinding.BringsNone(Sauces.food("sugar"), Keeps.SALT, 20));
    }

    private static Substitution.Answer swap(Mixture base, String from, double massG, String to) {
        return Substitution.of(
                base,
                List.of(new Substitution.Part(Sauces.food(from), massG)),
                Sauces.food(to),
                Optional.of(Keeps.of(Sauces.food(from))),
                65);
    }
}

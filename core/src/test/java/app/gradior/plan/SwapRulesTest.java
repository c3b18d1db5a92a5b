package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.finding.Refused;
import app.gradior.finding.Unfit;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.larder.MadeUp;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Substitution.Answer;
import app.gradior.plan.Substitution.Changed;
import app.gradior.plan.Substitution.Difference;
import app.gradior.plan.Substitution.Part;
import app.gradior.texture.Consistency;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The rules of a swap, with foods that are made up to stand just at them. */
class SwapRulesTest {
    private static final Catalogue LARDER = Catalogue.standard();
    private static final Mixture REST = Sauces.of("water", 800).plus(Sauces.of("onion", 150));

    private static Food food(String id) {
        return LARDER.food(id).orElseThrow();
    }

    @Test
    void whatAFoodIsThereForIsSaidByWhatItHasMostOf() {
        assertThat(Keeps.of(MadeUp.starch(50))).isEqualTo(Keeps.THICKNESS);
        assertThat(Keeps.of(MadeUp.starch(49.9))).isEqualTo(Keeps.VOLUME);
        assertThat(Keeps.of(MadeUp.hot(1000))).isEqualTo(Keeps.HEAT);
        assertThat(Keeps.of(MadeUp.hot(999))).isEqualTo(Keeps.VOLUME);
        assertThat(Keeps.of(MadeUp.of(40, 8, 4, 0, 0))).isEqualTo(Keeps.SALT);
        assertThat(Keeps.of(MadeUp.of(30, 7.9, 4, 0, 0))).isEqualTo(Keeps.SWEETNESS);
        assertThat(Keeps.of(MadeUp.of(30, 0, 0, 60, 0))).isEqualTo(Keeps.FAT);
        assertThat(Keeps.of(MadeUp.of(29.9, 0, 3, 59.9, 0))).isEqualTo(Keeps.SHARPNESS);
        assertThat(Keeps.of(MadeUp.of(29.9, 0, 2.9, 0, 0))).isEqualTo(Keeps.VOLUME);
    }

    /** One that is far more of anything than what is missing makes another sauce; of what it is there for it may be. */
    @ParameterizedTest
    @CsvSource({
        // what is missing, and what is taken: sugar, salt, acids, fat, dry matter; whether a cook would
        "0 0 0 0 10,  0 2 0 0 10, true",
        "0 0 0 0 10,  0 2.1 0 0 10, false",
        "0 8 0 0 10,  0 16 0 0 10, true",
        "0 0 0 0 10,  0 0 2 0 10, true",
        "0 0 0 0 10,  0 0 2.1 0 10, false",
        "0 0 4 0 10,  0 0 8 0 10, true",
        "0 0 0 0 10,  0 0 0 10 10, true",
        "0 0 0 0 10,  0 0 0 10.1 10, false",
        "0 0 0 60 10, 0 0 0 75 10, true",
        "0 0 0 0 10,  10 0 0 0 10, true",
        "0 0 0 0 10,  10.1 0 0 0 10, false",
        "32 0 0 0 10, 50 0 0 0 10, true",
        "0 0 0 0 5,   0 0 0 0 39, true",
        "0 0 0 0 5,   0 0 0 0 45.1, false",
    })
    void whatWouldMakeItAnotherSauceIsRefused(String missing, String taken, boolean may) {
        Food gone = made(missing);
        Food substitute = made(taken);
        boolean did;
        try {
            Answer answer = Substitution.of(REST, List.of(new Part(gone, 100)), substitute, Optional.empty(), 65);
            did = true;
            assertThat(answer.missing()).containsExactly(new Part(gone, 100));
        } catch (Unfit refused) {
            assertThat(refused.why()).isEqualTo(new BalanceFinding.NotInItsPlace(substitute, gone, Keeps.of(gone)));
            did = false;
        }
        assertThat(did).isEqualTo(may);
    }

    private static Food made(String parts) {
        double[] part =
                Arrays.stream(parts.split(" ")).mapToDouble(Double::parseDouble).toArray();
        return MadeUp.of(part[0], part[1], part[2], part[3], part[4]);
    }

    @Test
    void whatIsHotterIsAnotherSauceUnlessHeatIsMeant() {
        Food mild = MadeUp.hot(0);
        assertThat(Substitution.of(REST, List.of(new Part(mild, 50)), MadeUp.hot(100), Optional.empty(), 65)
                        .massG())
                .isCloseTo(50, within(1e-9));
        assertThat(Refused.why(() ->
                        Substitution.of(REST, List.of(new Part(mild, 50)), MadeUp.hot(101), Optional.empty(), 65)))
                .isInstanceOf(BalanceFinding.NotInItsPlace.class);
        assertThat(Substitution.of(
                                REST, List.of(new Part(MadeUp.hot(2000), 50)), MadeUp.hot(8000), Optional.empty(), 65)
                        .massG())
                .as("a quarter of one that is four times as hot")
                .isCloseTo(12.5, within(1e-9));
    }

    /** Sixty grams for each that is missing, of heat; one more is no swap. */
    @Test
    void whatWouldTakeTooMuchIsRefused() {
        Part gone = new Part(MadeUp.hot(60_000), 1);
        assertThat(Substitution.of(REST, List.of(gone), MadeUp.hot(1001), Optional.empty(), 65)
                        .massG())
                .isCloseTo(60_000 / 1001.0, within(1e-9));
        assertThat(Refused.why(() -> Substitution.of(REST, List.of(gone), MadeUp.hot(999), Optional.empty(), 65)))
                .isInstanceOfSatisfying(BalanceFinding.TooMuchOfIt.class, much -> {
                    assertThat(much.massG()).isCloseTo(60_000 / 999.0, within(1e-9));
                    assertThat(much.keeps()).isEqualTo(Keeps.HEAT);
                });
        assertThat(Refused.why(() -> Substitution.of(REST, List.of(gone), MadeUp.hot(0), Optional.of(Keeps.HEAT), 65)))
                .isEqualTo(new BalanceFinding.BringsNone(MadeUp.hot(0), Keeps.HEAT, 20));
        assertThat(Refused.why(() -> Substitution.of(REST, List.of(gone), MadeUp.hot(2), Optional.of(Keeps.HEAT), 65)))
                .as("thirty kilograms")
                .isEqualTo(new BalanceFinding.BringsNone(MadeUp.hot(2), Keeps.HEAT, 20));
    }

    private static Answer answer(Mixture before, Mixture sauce, Part... parts) {
        return new Answer(Keeps.AROMA, List.of(parts), List.of(new Part(MadeUp.ph(7), 50)), before, sauce);
    }

    @Test
    void onlyWhatACookWouldNoticeIsSaid() {
        Mixture water = Sauces.of("water", 500);
        Part any = new Part(MadeUp.ph(7), 10);
        assertThat(answer(water, water.plus(Sauces.of("water", 1)), any).differences())
                .containsExactly(new Difference(Changed.WATER, 500, 501));
        assertThat(answer(water, water.plus(Sauces.of("water", 0.9)), any).differences())
                .isEmpty();
        Mixture sweet = water.plus(Mixture.of(MadeUp.of(100, 0, 0, 0, 0), 3));
        assertThat(answer(sweet, water, any).differences()).singleElement().satisfies(less -> {
            assertThat(less.what()).isEqualTo(Changed.SUGAR);
            assertThat(less.change()).isEqualTo(-3);
        });
    }

    @Test
    void howMuchThickerItGets() {
        Mixture thin = Sauces.of("water", 500);
        Mixture thick = thin.plus(Sauces.of("cornflour", 30)).cooked();
        assertThat(answer(thin, thick, new Part(MadeUp.starch(90), 30)).stepChange(65))
                .isCloseTo(Consistency.step(thick, 1, 65) - Consistency.step(thin, 1, 65), within(1e-12));
    }

    /** A new allergen weighs as five grams of sugar in a hundred of what was missing, each food more as four; water is none. */
    @Test
    void whatIsLikeComesFirst() {
        Mixture water = Sauces.of("water", 500);
        Part missing = new Part(MadeUp.ph(7), 50);
        Part one = new Part(MadeUp.hot(0), 50);
        double alike = answer(water, water, one).unlike();
        assertThat(answer(water, water, one, new Part(LARDER.water(), 50)).unlike())
                .isEqualTo(alike);
        assertThat(answer(water, water, one, one).unlike() - alike).isCloseTo(4, within(1e-12));
        assertThat(answer(water, water, new Part(food("milk"), 50)).unlike() - alike)
                .as("milk, which it did not have")
                .isCloseTo(5, within(1e-12));
        Mixture sugary = water.plus(Mixture.of(MadeUp.of(100, 0, 0, 0, 0), 5));
        double sweeter = answer(water, sugary, one).unlike();
        assertThat(sweeter - alike).as("ten grams in a hundred").isCloseTo(10, within(1e-9));
        assertThat(answer(sugary, water, one).unlike())
                .as("less counts as more does")
                .isCloseTo(sweeter, within(1e-12));
        Answer two = new Answer(Keeps.AROMA, List.of(one), List.of(missing, missing), water, water);
        assertThat(alike - two.unlike()).as("no list has a place for two").isCloseTo(4, within(1e-12));
        assertThat(StandIns.apart(food("chicken-stock"), food("vegetable-stock")))
                .isEqualTo(1);
        assertThat(StandIns.apart(food("beef-stock"), food("chicken-stock"))).isEqualTo(2);
        assertThat(StandIns.apart(food("beef-stock"), food("sugar"))).isEqualTo(4);
    }

    /** What is offered first, and what next: a cook's order. */
    @ParameterizedTest
    @CsvSource({
        "chicken-stock, beef-stock lamb-stock vegetable-stock",
        "wine-red, wine-rose port stout",
        "vinegar-cider, vinegar-white vinegar-strong vinegar-rice",
        "lemon-juice, yuzu-juice lime-juice lime",
        "cream-double, cream-whipping milk clotted-cream",
        "butter, ghee olive-oil duck-fat",
        "cornflour, arrowroot potato-starch tapioca-starch",
        "sugar, icing-sugar sugar-demerara sugar-brown",
        "salt, salt-kosher salt-flakes salt-seasoned",
        "tomato-paste, tomato-puree tomato-powder tomato-sundried",
        "shallot, onion leek spring-onion",
        "milk, milk-semi-skimmed milk-skimmed milk-skimmed",
        "coconut-milk, coconut-cream clotted-cream mascarpone",
        "port, marsala sherry-sweet vermouth-sweet",
    })
    void offered(String missing, String first) {
        List<Answer> options = Substitution.options(REST, List.of(new Part(food(missing), 60)), LARDER, 65);
        assertThat(options).hasSizeLessThanOrEqualTo(8);
        assertThat(options.stream()
                        .limit(3)
                        .map(option -> option.parts().get(0).food().id()))
                .containsExactly(first.split(" "));
    }

    @Test
    void ofSeveralMissingWhatTheyTogetherMakeIsTaken() {
        List<Part> missing = List.of(new Part(food("tomato-paste"), 40), new Part(food("sugar"), 17));
        Answer made = Substitution.of(REST, missing, food("ketchup"), Optional.empty(), 65);
        assertThat(made.massG()).as("57 g in 100 g of it").isCloseTo(100, within(1e-9));
        List<Part> cream = List.of(new Part(food("milk"), 55), new Part(food("cream-whipping"), 45));
        assertThat(Substitution.options(REST, cream, LARDER, 65))
                .anySatisfy(answer -> assertThat(answer.parts()).containsExactly(new Part(food("cream-single"), 100)));
        List<Part> cumin = List.of(new Part(food("chilli-dried-mild"), 2), new Part(food("cumin"), 2));
        assertThat(Substitution.options(REST, cumin, LARDER, 65))
                .extracting(answer -> answer.parts().get(0).food().id())
                .contains("smoked-paprika")
                .doesNotHaveDuplicates();
    }

    @Test
    void aThickenerIsWeighedInALitreOfWater() {
        assertThat(Substitution.alone(food("cornflour"), Optional.empty()).massG())
                .isEqualTo(1000);
        assertThat(Substitution.alone(food("sugar"), Optional.of(Keeps.THICKNESS))
                        .massG())
                .isEqualTo(1000);
        assertThat(Substitution.alone(food("cornflour"), Optional.of(Keeps.WEIGHT)))
                .isEqualTo(Mixture.EMPTY);
        assertThat(Substitution.alone(food("sugar"), Optional.empty())).isEqualTo(Mixture.EMPTY);
    }

    @Test
    void jobsAreThoseOfTheTable() {
        assertThat(Substitution.jobs())
                .startsWith("stock")
                .contains("thickener")
                .doesNotHaveDuplicates();
        assertThat(Substitution.does(food("cornflour"), "thickener")).isTrue();
        assertThat(Substitution.does(food("cornflour"), "stock")).isFalse();
        assertThat(Substitution.does(MadeUp.ph(7), "stock")).isFalse();
    }
}

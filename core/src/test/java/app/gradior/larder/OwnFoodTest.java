package app.gradior.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.gradior.finding.Refused;
import app.gradior.finding.Wrong;
import app.gradior.larder.Label.Estimated;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Foods as a kitchen makes them, by figures that can be followed by hand. */
class OwnFoodTest {
    private static final Composition WATER = new Composition(100, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0);
    /** Parts that a label does not tell apart: 6 g soluble, 8 g starch, 4 g pulp and 8 g coarse are 26 g; with 3 and 5 g of acids. */
    private static final Composition PICKLE = new Composition(50, 0, 10, 6, 2, 3, 5, 4, 8, 4, 8);

    private static Food food(String id, Composition composition, double density, List<String> aliases) {
        return new Food(
                id,
                id.replace('-', ' '),
                aliases,
                composition,
                composition.starch() > 0 ? Optional.of(StarchKind.MAIZE) : Optional.empty(),
                FatForm.FREE,
                BodyForm.SMOOTH,
                1,
                density,
                Map.of(),
                OptionalDouble.empty(),
                Set.of(),
                Set.of(),
                0,
                "test",
                Makeup.NONE);
    }

    private static Food food(Composition composition) {
        return food("made-up", composition, 1, List.of());
    }

    /** 26 g of carbohydrate that is no sugar, 5 g of fibre and 8 g of protein are 39 g: one and a half times the 26 g of the like. */
    @Test
    void whatALabelLeavesUnsaidIsSharedOutAsInTheLike() {
        Label.Estimate estimate = new Label(10, 43, 17, 5, 8, 1, 0).like(food(PICKLE));
        assertThat(estimate.composition()).isEqualTo(new Composition(25, 0, 17, 9, 1, 3, 5, 10, 12, 6, 12));
        assertThat(estimate.estimated())
                .containsExactly(Estimated.WATER, Estimated.ACIDS, Estimated.SHARES_OF_THE_REST);
    }

    /** 94 g are said: of the like's 8 g of acids 6 have room, the sharp one first, and no water is left. */
    @Test
    void acidsTakeTheRoomThatIsLeft() {
        Composition full = new Label(37, 43, 17, 5, 8, 1, 0).like(food(PICKLE)).composition();
        assertThat(full.acetic()).isEqualTo(3);
        assertThat(full.otherAcids()).isEqualTo(3);
        assertThat(full.water()).isZero();
    }

    @Test
    void aLikeWithoutSolidsGivesSolublesAndOneWithoutAcidsNone() {
        Label.Estimate estimate = new Label(0, 5, 0, 0, 0, 0, 0).like(food(WATER));
        assertThat(estimate.composition()).isEqualTo(new Composition(95, 0, 0, 5, 0, 0, 0, 0, 0, 0, 0));
        assertThat(estimate.estimated()).containsExactly(Estimated.WATER, Estimated.SHARES_OF_THE_REST);
        assertThat(new Label(0, 5, 5, 0, 0, 0, 0).like(food(WATER)).estimated()).containsExactly(Estimated.WATER);
    }

    @Test
    void aLabelsFiguresAreTakenToTheirBounds() {
        assertThatCode(() -> new Label(100, 0, 0, 0, 0, 0, 0)).doesNotThrowAnyException();
        assertThat(Refused.range(() -> new Label(100.01, 0, 0, 0, 0, 0, 0)))
                .isEqualTo(new Wrong.Range("fat", 100.01, 0, 100, " g"));
        assertThat(Refused.range(() -> new Label(0, 0, 0, 0, 0, -0.01, 0)))
                .isEqualTo(new Wrong.Range("salt", -0.01, 0, 100, " g"));
        assertThat(Label.ofServing(1, 0.5, 0, 0, 0, 0, 0, 0).fat()).isEqualTo(50);
        assertThat(Label.ofServing(2000, 100, 0, 0, 0, 0, 0, 0).fat()).isEqualTo(5);
        assertThatThrownBy(() -> Label.ofServing(0.99, 0, 0, 0, 0, 0, 0, 0)).hasMessageStartingWith("servingG");
        assertThatThrownBy(() -> Label.ofServing(2001, 0, 0, 0, 0, 0, 0, 0)).hasMessageStartingWith("servingG");
    }

    @ParameterizedTest
    @CsvSource({
        "60, 0, 0, 0.9, true",
        "60, 0, 0, 1.2, true",
        "59.9, 0, 0, 1, false",
        "80, 0.9, 0.9, 1, true",
        "80, 1, 0, 1, false",
        "80, 0, 1, 1, false",
        "80, 0, 0, 0.89, false",
        "80, 0, 0, 1.21, false"
    })
    void aThinLiquidIsPoured(double water, double pulp, double coarse, double density, boolean poured) {
        Composition parts = new Composition(water, 0, 100 - water - pulp - coarse, 0, 0, 0, 0, 0, 0, pulp, coarse);
        assertThat(food("made-up", parts, density, List.of()).pourable()).isEqualTo(poured);
    }

    @Test
    void anAllergenBringsItsTraitBesideTheFoodsOwn() {
        Food custard = new Food(
                "custard",
                "custard",
                List.of(),
                WATER,
                Optional.empty(),
                FatForm.FREE,
                BodyForm.SMOOTH,
                1,
                1,
                Map.of(),
                OptionalDouble.empty(),
                Set.of(Allergen.EGG),
                Set.of(Trait.RAW),
                0,
                "test",
                Makeup.NONE);
        assertThat(custard.traits()).containsExactlyInAnyOrder(Trait.EGG, Trait.RAW);
    }

    @Test
    void whatAKitchenCallsAFoodOthersAreNotCalledAnyMore() {
        Food plum = food("plum", WATER, 1, List.of("bullace", "gage"));
        Catalogue one = Catalogue.of(List.of(plum));
        assertThat(one.food("plum")).contains(plum);
        assertThat(one.search("gag")).containsExactly(plum);
        assertThat(one.search("sloe")).isEmpty();
        Catalogue own = one.with(List.of(food("gage", WATER, 1, List.of())), Map.of());
        assertThat(own.food("plum").orElseThrow().aliases()).containsExactly("bullace");
        assertThatThrownBy(() -> Catalogue.of(List.of(plum, plum))).hasMessage("two foods have the id plum");
    }

    @Test
    void partsCloseWithinTwoGrams() {
        assertThat(new Composition(98, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0).closes()).isTrue();
        assertThat(new Composition(97.9, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0).closes()).isFalse();
        assertThat(new Composition(100, 0, 2.1, 0, 0, 0, 0, 0, 0, 0, 0).closes())
                .isFalse();
    }
}

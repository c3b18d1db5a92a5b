package app.gradior.web.larder;

import app.gradior.finding.Refusal;
import app.gradior.larder.Allergen;
import app.gradior.larder.Composition;
import app.gradior.larder.Food;
import app.gradior.larder.Label;
import app.gradior.larder.Trait;
import app.gradior.room.words.Words;
import app.gradior.web.form.TypedNumber;
import app.gradior.web.form.Within;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What a packet says, as typed; what is left empty is 0, or that of the food it is like.
 *
 * @param name of a new food
 * @param like what a new food is most like, by name
 * @param serving grams that the label speaks of; 100 when left empty
 * @param traitsShown whether what it counts as could be ticked
 * @param revision of the food that was shown
 */
// Wide: the lines of a label.
record LabelForm(
        @Nullable String name,
        @Nullable String like,

        @Within(
                label = LABEL + "the-label-speaks-of-g",
                least = Label.LEAST_SERVING_G,
                most = Label.MOST_SERVING_G,
                unit = "g",
                optional = true)
        @Nullable
        TypedNumber serving,

        @Within(label = LABEL + "fat-g", least = 0, most = 100, optional = true) @Nullable
        TypedNumber fat,

        @Within(label = LABEL + "carbohydrate-g", least = 0, most = 100, optional = true) @Nullable
        TypedNumber carbohydrate,

        @Within(label = LABEL + "of-which-sugars-g", least = 0, most = 100, optional = true) @Nullable
        TypedNumber sugars,

        @Within(label = LABEL + "fibre-g", least = 0, most = 100, optional = true) @Nullable
        TypedNumber fibre,

        @Within(label = LABEL + "protein-g", least = 0, most = 100, optional = true) @Nullable
        TypedNumber protein,

        @Within(label = LABEL + "salt-g", least = 0, most = 100, optional = true) @Nullable
        TypedNumber salt,

        @Within(label = LABEL + "alcohol-by-volume", least = 0, most = 100, optional = true) @Nullable
        TypedNumber alcohol,

        @Within(label = LABEL + "ph-if-it-says", least = 0, most = 14, optional = true) @Nullable
        TypedNumber ph,

        @Within(
                label = LABEL + "a-millilitre-weighs-g",
                least = Food.LEAST_DENSITY,
                most = Food.MOST_DENSITY,
                unit = "g",
                optional = true)
        @Nullable
        TypedNumber density,

        @Nullable Set<Trait> trait,
        @Nullable Set<Allergen> allergen,
        @Nullable Boolean traitsShown,
        @Nullable Integer revision) {
    private static final String LABEL = "page.larder.pieces.";
    static final LabelForm BLANK = new LabelForm(
            null, null, null, null, null, null, null, null, null, null, null, null, null, null, null, null);

    /** The label itself. */
    Label label() {
        return Refusal.checked(
                "serving",
                () -> Label.ofServing(
                        given(serving).orElse(100),
                        amount(fat),
                        amount(carbohydrate),
                        amount(sugars),
                        amount(fibre),
                        amount(protein),
                        amount(salt),
                        amount(alcohol)));
    }

    /** A food with this label that is otherwise like another. */
    Food food(String id, String called, Food base, Set<Allergen> allergens, Set<Trait> traits) {
        Label.Estimate estimate = label().like(base);
        Composition composition = estimate.composition();
        String estimated = estimate.estimated().stream().map(Words::say).collect(Collectors.joining(", "));
        OptionalDouble saidPh = given(ph);
        return Refusal.checked(
                "density",
                () -> new Food(
                        id,
                        called,
                        id.equals(base.id()) ? base.aliases() : List.of(),
                        composition,
                        composition.starch() > 0 ? base.starchKind() : Optional.empty(),
                        base.fatForm(),
                        base.bodyForm(),
                        base.bodyFactor(),
                        given(density).orElse(base.densityGPerMl()),
                        base.measures(),
                        saidPh.isPresent() ? saidPh : base.ph(),
                        allergens,
                        traits,
                        base.scovilleUnits(),
                        Words.text("larder-controller.label-estimated", estimated),
                        base.makeup().like(base.per100g(), composition)));
    }

    Set<Trait> traits() {
        return trait == null ? EnumSet.noneOf(Trait.class) : trait;
    }

    Set<Allergen> allergens() {
        return allergen == null ? EnumSet.noneOf(Allergen.class) : allergen;
    }

    boolean couldTick() {
        return traitsShown != null && traitsShown;
    }

    int seen() {
        return revision == null ? 0 : revision;
    }

    private static double amount(@Nullable TypedNumber typed) {
        return given(typed).orElse(0);
    }

    private static OptionalDouble given(@Nullable TypedNumber typed) {
        Optional<Double> given = TypedNumber.of(typed).given();
        return given.isPresent() ? OptionalDouble.of(given.get()) : OptionalDouble.empty();
    }
}

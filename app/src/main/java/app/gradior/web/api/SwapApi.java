package app.gradior.web.api;

import static app.gradior.web.api.ApiModel.needed;

import app.gradior.batch.IngredientInput;
import app.gradior.finding.Refusal;
import app.gradior.larder.Allergen;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Substitution;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Tokens;
import app.gradior.room.larder.Lines;
import app.gradior.room.larder.Swaps;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.SauceLimits;
import app.gradior.web.api.ApiModel.MixtureInput;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What may stand in for a line. */
@RestController
@RequestMapping("/api/v1/bench")
class SwapApi {
    private static final double USUAL_SERVED_C = 65;
    /** The sauce has the line in it when it has so much of its food. */
    private static final double SAME = 0.9;

    private final ApiCaller caller;
    private final Lines lines;
    private final Swaps swaps;

    SwapApi(ApiCaller caller, Lines lines, Swaps swaps) {
        this.caller = caller;
        this.lines = lines;
        this.swaps = swaps;
    }

    record SwapQuestion(
            @Nullable String line,
            @Nullable MixtureInput mixture,
            @Nullable String with,
            @Nullable Double servedC) {}

    record FoodAnswer(String food, String foodName, double massG) {}

    /**
     * An option.
     *
     * @param lines when it takes more than one food
     */
    record OptionAnswer(
            String food,
            String foodName,
            double massG,
            List<FoodAnswer> lines,
            String keeps,
            List<Swaps.Change> changes,
            List<String> allergensNew,
            List<String> allergensGone) {
        static OptionAnswer of(Swaps.Swap swap) {
            List<FoodAnswer> foods = swap.answer().parts().stream()
                    .map(part -> new FoodAnswer(part.food().id(), part.food().name(), part.massG()))
                    .toList();
            return new OptionAnswer(
                    foods.get(0).food(),
                    foods.get(0).foodName(),
                    foods.get(0).massG(),
                    foods.size() > 1 ? foods : List.of(),
                    swap.answer().keeps().name().toLowerCase(Locale.ROOT),
                    swap.changes(),
                    keys(swap.allergensNew()),
                    keys(swap.allergensGone()));
        }

        private static List<String> keys(Set<Allergen> allergens) {
            return allergens.stream()
                    .map(a -> a.name().toLowerCase(Locale.ROOT))
                    .sorted()
                    .toList();
        }
    }

    /**
     * The answer.
     *
     * @param reason why there is no option; absent when there is one
     */
    record SwapAnswer(List<OptionAnswer> options, @Nullable String reason) {}

    @PostMapping("/swap")
    SwapAnswer swap(@RequestBody SwapQuestion question, HttpServletRequest request) {
        Kitchen kitchen = caller.kitchen(request, Tokens.Scope.BENCH);
        String line = needed("line", question.line());
        MixtureInput sauce = question.mixture();
        Kitchen written = sauce == null
                ? kitchen
                : MixtureInput.system("mixture.", sauce.measures())
                        .map(kitchen::measuring)
                        .orElse(kitchen);
        List<LineReading> missing = lines.understood(written, new IngredientInput(line, null, null), "");
        String with = question.with();
        Food substitute = with == null ? null : lines.food(kitchen, with, "with");
        Double served = question.servedC();
        double servedC = served == null
                ? USUAL_SERVED_C
                : Refusal.inRange("servedC", served, SauceLimits.COLDEST_SERVED_C, SauceLimits.HOTTEST_SERVED_C, " °C");
        Swaps.Rest rest = sauce == null
                ? new Swaps.Rest(
                        missing.get(0)
                                .food()
                                .map(food -> Substitution.alone(food, Optional.empty()))
                                .orElse(Mixture.EMPTY),
                        Set.of())
                : rest(sauce, kitchen, missing);
        try {
            return new SwapAnswer(
                    swaps.options(kitchen, missing, rest, substitute, servedC).stream()
                            .map(OptionAnswer::of)
                            .toList(),
                    null);
        } catch (Refusal refusal) {
            return new SwapAnswer(List.of(), Swaps.reason(refusal).orElseThrow(() -> refusal));
        }
    }

    /** The sauce without the line's foods, where it has so much of them. */
    private Swaps.Rest rest(MixtureInput sauce, Kitchen kitchen, List<LineReading> missing) {
        Ingredients all = sauce.understood(lines, kitchen, "mixture.");
        List<LineReading> left = new ArrayList<>(all.lines());
        for (LineReading gone : missing) {
            left.stream()
                    .filter(reading ->
                            reading.food().map(Food::id).equals(gone.food().map(Food::id))
                                    && reading.massG() >= SAME * gone.massG())
                    .findFirst()
                    .ifPresent(left::remove);
        }
        Ingredients rest = new Ingredients(left, all.texture());
        return left.isEmpty()
                ? new Swaps.Rest(Mixture.EMPTY, Set.of())
                : new Swaps.Rest(sauce.mixture(rest, "mixture."), Set.copyOf(rest.allergens()));
    }
}

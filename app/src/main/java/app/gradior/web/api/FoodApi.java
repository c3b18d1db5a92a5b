package app.gradior.web.api;

import app.gradior.larder.Composition;
import app.gradior.larder.Food;
import app.gradior.larder.Makeup;
import app.gradior.larder.StarchKind;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Tokens;
import app.gradior.room.larder.Lines;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The foods that lines may name. */
@RestController
@RequestMapping("/api/v1/foods")
class FoodApi {
    private final ApiCaller caller;
    private final Lines lines;

    FoodApi(ApiCaller caller, Lines lines) {
        this.caller = caller;
        this.lines = lines;
    }

    record FoodAnswer(
            String food,
            String name,
            List<String> aliases,
            Composition per100g,
            Makeup makeup,
            @Nullable String starch,
            double densityGPerMl,
            @Nullable Double ph,
            List<String> allergens,
            List<String> traits,
            double pungencyShu,
            String source) {
        static FoodAnswer of(Food food) {
            return new FoodAnswer(
                    food.id(),
                    food.name(),
                    food.aliases(),
                    food.per100g(),
                    food.makeup(),
                    food.starchKind().map(StarchKind::key).orElse(null),
                    food.densityGPerMl(),
                    food.ph().isPresent() ? food.ph().getAsDouble() : null,
                    food.allergens().stream()
                            .map(a -> a.name().toLowerCase(Locale.ROOT))
                            .sorted()
                            .toList(),
                    food.traits().stream()
                            .map(t -> t.name().toLowerCase(Locale.ROOT))
                            .toList(),
                    food.scovilleUnits(),
                    food.source());
        }
    }

    record FoodsAnswer(List<FoodAnswer> foods) {}

    @GetMapping
    FoodsAnswer foods(@RequestParam(defaultValue = "") String q, HttpServletRequest request) {
        Kitchen kitchen = caller.kitchen(request, Tokens.Scope.BENCH);
        return new FoodsAnswer(
                lines.catalogue(kitchen).search(q).stream().map(FoodAnswer::of).toList());
    }
}

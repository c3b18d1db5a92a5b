package app.gradior.web.api;

import static app.gradior.web.api.ApiModel.needed;

import app.gradior.finding.Refusal;
import app.gradior.method.MethodReader;
import app.gradior.method.ReadRecipe;
import app.gradior.method.ReadRecipe.Range;
import app.gradior.method.ReadRecipe.ReadLine;
import app.gradior.method.ReadRecipe.ReadStage;
import app.gradior.method.ReadRecipe.Span;
import app.gradior.room.exchange.BroughtIn;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Tokens;
import app.gradior.room.words.Told;
import app.gradior.sauce.School;
import app.gradior.sauce.SchoolAnswer;
import app.gradior.web.api.ApiModel.MixtureInput;
import jakarta.servlet.http.HttpServletRequest;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A recipe's text into lines and stages. */
@RestController
@RequestMapping("/api/v1/bench")
class RecipeApi {
    private final ApiCaller caller;
    private final BroughtIn recipes;

    RecipeApi(ApiCaller caller, BroughtIn recipes) {
        this.caller = caller;
        this.recipes = recipes;
    }

    record RecipeQuestion(@Nullable String text, @Nullable String measures) {}

    /**
     * A line of the sauce.
     *
     * @param line all that a page says of it
     * @param stage the one it goes in with, from 1; 0 where there is none
     * @param at characters of the text
     */
    // Wide: as the API has it.
    record RecipeLine(
            String text,
            String food,
            String foodName,
            double massG,
            double lowG,
            double highG,
            String sure,
            String amount,
            List<String> unknown,
            String remark,
            int stage,
            boolean optional,
            String group,
            List<Integer> at) {
        static RecipeLine of(ReadLine read) {
            BenchApi.LineAnswer line = BenchApi.LineAnswer.of(List.of(read.reading()));
            return new RecipeLine(
                    read.text(),
                    line.food(),
                    line.foodName(),
                    line.massG(),
                    line.lowG(),
                    line.highG(),
                    line.sure(),
                    line.amount(),
                    line.unknown(),
                    line.remark(),
                    read.stage(),
                    read.optional(),
                    read.group(),
                    places(read.at()));
        }
    }

    record TargetAnswer(double step, double servedC) {}

    record EndAnswer(String by, @Nullable Double value) {}

    /**
     * A stage.
     *
     * @param minutes from and to; absent where the text gives none
     * @param says the words it rests on
     */
    // Wide: as the API has it.
    record StageAnswer(
            String kind,
            EndAnswer end,
            @Nullable List<Double> minutes,
            @Nullable String look,
            @Nullable String lid,
            String says,
            boolean sure,
            List<Integer> at) {
        static StageAnswer of(ReadStage read) {
            return new StageAnswer(
                    read.kind().key(),
                    new EndAnswer(
                            read.end().by().name().toLowerCase(Locale.ROOT),
                            read.end().value().isPresent() ? read.end().value().getAsDouble() : null),
                    range(read.minutes()),
                    read.look().map(look -> look.key()).orElse(null),
                    read.lid().map(lid -> lid.key()).orElse(null),
                    read.says(),
                    read.sure(),
                    places(read.at()));
        }
    }

    record LeftAnswer(String text, String why, List<Integer> at) {}

    /**
     * The answer.
     *
     * @param use what it is for; absent when it does not say
     * @param target how thick, and at how many °C; absent when it does not say
     * @param schools how its cook does it, by question
     * @param tags as the text has them
     * @param text what the places are of, when it is not the text that was asked: what a page or its data say
     */
    // Wide: as the API has it.
    record RecipeAnswer(
            String name,
            String shape,
            String measures,
            List<RecipeLine> lines,
            List<StageAnswer> stages,
            @Nullable List<Double> yieldMl,
            @Nullable String use,
            @Nullable TargetAnswer target,
            Map<String, String> schools,
            List<String> tags,
            List<LeftAnswer> left,
            @Nullable String text) {}

    @PostMapping("/recipe")
    RecipeAnswer recipe(@RequestBody RecipeQuestion question, HttpServletRequest request) {
        Kitchen kitchen = caller.kitchen(request, Tokens.Scope.BENCH);
        String text = needed("text", question.text());
        if (text.length() > MethodReader.LONGEST) {
            throw Refusal.unfit("text", Told.of("recipe-api.at-most-characters", MethodReader.LONGEST));
        }
        Kitchen written = MixtureInput.system("", question.measures())
                .map(kitchen::measuring)
                .orElse(kitchen);
        BroughtIn.Recipe recipe = recipes.read(written, text, question.measures() != null);
        ReadRecipe read = recipe.read();
        return new RecipeAnswer(
                read.name(),
                read.spoken() ? "spoken" : "written",
                read.measures().name().toLowerCase(Locale.ROOT),
                read.lines().stream().map(RecipeLine::of).toList(),
                read.stages().stream().map(StageAnswer::of).toList(),
                range(read.yieldMl()),
                recipe.said().use().map(RecipeApi::key).orElse(null),
                recipe.said()
                        .target()
                        .map(target -> new TargetAnswer(target.step(), target.servedC()))
                        .orElse(null),
                schools(recipe.said().schools()),
                recipe.said().tags(),
                read.left().stream()
                        .map(left -> new LeftAnswer(
                                left.text(), left.why().name().toLowerCase(Locale.ROOT), places(left.at())))
                        .toList(),
                recipe.text().equals(text) ? null : recipe.text());
    }

    private static Map<String, String> schools(Map<School, SchoolAnswer> schools) {
        Map<String, String> answers = new LinkedHashMap<>();
        schools.forEach((school, answer) -> answers.put(key(school), key(answer)));
        return answers;
    }

    private static String key(Enum<?> word) {
        return word.name().toLowerCase(Locale.ROOT);
    }

    private static @Nullable List<Double> range(Optional<Range> range) {
        return range.map(r -> List.of(r.low(), r.high())).orElse(null);
    }

    private static List<Integer> places(Span span) {
        return List.of(span.from(), span.to());
    }
}

package app.gradior.method;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.larder.Catalogue;
import app.gradior.measure.MeasureSystem;
import app.gradior.method.ReadRecipe.EndWord;
import app.gradior.method.ReadRecipe.Left;
import app.gradior.method.ReadRecipe.Range;
import app.gradior.method.ReadRecipe.ReadLine;
import app.gradior.method.ReadRecipe.ReadStage;
import app.gradior.method.ReadRecipe.StageWord;
import app.gradior.method.ReadRecipe.Why;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a recipe says beside its lines and stages; what a cook makes of what was left; what time stamps witness. */
class RecipeSenseTest {
    private static final MethodReader READER = new MethodReader(Catalogue.standard());

    private static ReadRecipe read(String text) {
        return READER.read(text, Optional.empty(), MeasureSystem.METRIC);
    }

    @ParameterizedTest
    @CsvSource({
        "01, GLAZE, REDUCE_ONLY ON FROM_RAW ADDED_WITH_THE_REST LOOK",
        "03, POUR_OVER, STARCH_ONLY AT_A_BUBBLE AJAR FROM_RAW COOKED_DOWN_FIRST_ALONE TIME",
        "06, POUR_OVER, STARCH_ONLY AT_A_BUBBLE OFF COOKED_DOWN_FIRST_ALONE SPOON_OR_PLATE_TEST",
        "10, , REDUCE_ONLY TOASTED_IN_FAT_FIRST ON FRESH_AT_THE_END SPOON_OR_PLATE_TEST",
        "17, KEEP, REDUCE_ONLY TOASTED_IN_FAT_FIRST WEIGHT",
        "18, PASTA, REDUCE_ONLY ALL_IN_TOGETHER AJAR FROM_RAW ADDED_WITH_THE_REST LEVEL",
        "62, KEEP, REDUCE_ONLY ALL_IN_TOGETHER FROM_RAW SPOON_OR_PLATE_TEST",
        "65, , REDUCE_ONLY ALL_IN_TOGETHER AJAR PLAIN_PUREE_OR_PASTE DRIED_AT_THE_START COOKED_DOWN_FIRST_ALONE LOOK",
    })
    void useAndSchoolsAreTold(String id, String use, String schools) {
        GoldText text = GoldText.of(id);
        RecipeSense.Said said = RecipeSense.of(read(text.text()), text.text());
        assertThat(said.use().map(Enum::name).orElse(null)).isEqualTo(use);
        assertThat(said.schools().values())
                .map(Enum::name)
                .containsExactlyElementsOf(Arrays.asList(schools.split(" ")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Simmer it for 20 minutes until it coats a spoon.|4|65",
                "Simmer it for 20 minutes until it coats a spoon. It sets in the fridge as thick as ketchup.|6|5",
                "Simmer it for 20 minutes. It thickens as it cools, like a thick syrup.|5|20",
            })
    void whatItSetsToInTheColdBeatsWhatItIsOnTheHeat(String method, double step, double servedC) {
        String text = "Plum thing\n\nIngredients\n1 kg plums\n200 g sugar\n\nMethod\nPut the plums and sugar in a pan. "
                + method;
        assertThat(RecipeSense.of(read(text), text).target()).contains(new RecipeSense.Target(step, servedC));
    }

    @Test
    void withoutAThicknessTheUseHasOne() {
        String text =
                "Plum chutney\nTags: fruit, for the shelf; Autumn!\n\nIngredients\n1 kg plums\n200 g sugar\n\nMethod\nSimmer the plums and sugar for 20 minutes.";
        RecipeSense.Said said = RecipeSense.of(read(text), text);
        assertThat(said.target()).contains(new RecipeSense.Target(6, 20));
        assertThat(said.tags()).containsExactly("fruit", "for the shelf", "autumn");
    }

    /** Lines of a group go in where the method names the group. */
    @Test
    void aGroupGoesInByItsName() {
        ReadRecipe read = read(
                "Satay\n\nFor the spice mix:\n2 tsp cumin\n1 tsp turmeric\n\nFor the slurry:\n1 tbsp cornflour\n2 tbsp water\n\nFor the sauce:\n400 ml coconut milk\n\nMethod\n"
                        + "Toast the spice mix in a dry pan for 1 minute. Add the coconut milk and simmer for 10 minutes. Stir in the slurry and simmer for 1 minute.");
        assertThat(read.lines())
                .map(ReadLine::group)
                .containsExactly("spice mix", "spice mix", "slurry", "slurry", "sauce");
        assertThat(read.lines()).map(ReadLine::stage).containsExactly(1, 1, 3, 3, 2);
    }

    @Test
    void whatWasLeftBecomesAStageInItsPlace() {
        String text =
                "Plum thing\n\nIngredients\n1 kg plums\n200 g sugar\n\nMethod\nSimmer the plums for 20 minutes.\nServe it with 2 minutes of rest.\nAdd the sugar and simmer for 5 minutes.";
        ReadRecipe read = read(text);
        Left left = read.left().stream()
                .filter(l -> l.why() == Why.THE_MEAL)
                .findFirst()
                .orElseThrow();
        ReadRecipe made = READER.made(read, text, left.at());
        assertThat(made.stages()).hasSize(3);
        assertThat(made.stages().get(1).kind()).isEqualTo(StageWord.REST);
        assertThat(made.stages().get(1).end().by()).isEqualTo(EndWord.MINUTES);
        assertThat(made.left()).doesNotContain(left);
        assertThat(read.lines()).map(ReadLine::stage).containsExactly(1, 2);
        assertThat(made.lines()).map(ReadLine::stage).containsExactly(1, 3);
        assertThat(READER.made(read, text, new ReadRecipe.Span(0, 3))).isEqualTo(read);
    }

    @Test
    void aLongSilenceIsWaiting() {
        String talk =
                "0:00 hi everyone so we're making a plum sauce\n0:06 a kilo of plums in the pan and a cup of water\n0:12 okay bring that up and let it simmer till they're soft\n%s look at that they're gone\n"
                        + "%s now a cup of sugar goes in\n%s and let it go for five minutes\n%s and that's it bye";
        List<ReadStage> waited =
                read(String.format(talk, "20:12", "20:20", "20:30", "20:40")).stages();
        assertThat(waited.get(0).minutes())
                .hasValueSatisfying(minutes -> assertThat(20.0).isBetween(minutes.low(), minutes.high()));
        List<ReadStage> cut =
                read(String.format(talk, "0:20", "0:30", "0:34", "0:40")).stages();
        assertThat(cut.get(0).minutes()).isEmpty();
        List<ReadStage> longer =
                read(String.format(talk, "0:20", "0:30", "0:34", "12:40")).stages();
        ReadStage last = longer.get(longer.size() - 1);
        assertThat(last.minutes()).contains(new Range(5, 5));
        assertThat(last.sure()).isFalse();
        assertThat(cut.get(cut.size() - 1).sure()).isTrue();
    }

    @Test
    void amountsAreOfTheirFoods() {
        ReadRecipe read = read(
                "okay so hello everyone, pan on, and then honey quarter cup and soy sauce two tablespoons and rice vinegar also two tablespoons goes in and we're gonna"
                        + " let that simmer five minutes. then the stock, it's beef, a hundred and fifty mils, goes in. Twelve. okay now sugar a kilo hang on no it's seven fifty grams");
        assertThat(read.lines())
                .map(line -> line.reading().food().orElseThrow().id() + " "
                        + Math.round(line.reading().massG()))
                .containsExactly("honey 90", "soy-sauce 35", "vinegar-rice 30", "beef-stock 151", "sugar 750");
    }
}

package app.gradior.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.finding.Refused;
import app.gradior.finding.Wrong;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.larder.MadeUp;
import app.gradior.measure.LineReader;
import app.gradior.measure.MeasureSystem;
import app.gradior.practice.Sight.Look;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Texture;
import app.gradior.vessel.PotShape;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What is named of a practice pot at the figures at which it is; a pot of one's own sauce; what can be done in a lesson. */
class SeenTest {
    /** bubbles, their mm, drops, steam, foam, skin, edge, caught, seconds since it was stirred, taken off. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0.9|40|0|0|0|0|0|0|0|false|STILL",
                "1|16.9|0|0|0|0|0|0|0|false|NOW_AND_THEN",
                "24.9|16.9|0|0|0|0|0|0|0|false|NOW_AND_THEN",
                "25|16.9|0|0|0|0|0|0|0|false|SMALL",
                "24|17|0|0|0|0|0|0|0|false|SMALL",
                "24|17.1|0|0|0|0|0|0|0|false|THUMB",
                "90|31|0|0|0|0|0|0|0|false|THUMB",
                "90|31.1|0|0|0|0|0|0|0|false|CRATERS",
                "0|0|4|8|8|0.25|0.25|0.125|120|false|STILL",
                "0|0|4.1|0|0|0|0|0|0|false|STILL SPITS",
                "0|0|0|8.1|0|0|0|0|0|false|STILL STEAMS",
                "0|0|0|0|8.1|0|0|0|0|false|STILL FOAM",
                "0|0|0|0|0|0.26|0|0|0|false|STILL SKIN",
                "0|0|0|0|0|0|0.26|0|0|false|STILL EDGE",
                "0|0|0|0|0|0|0|0.13|0|false|STILL SPECKS",
                "0|0|0|0|0|0|0|0|121|false|STILL NOT_STIRRED",
                "0|0|0|0|0|0|0|0|121|true|STILL",
                "90|35|5|9|9|1|1|1|200|false|CRATERS SPITS STEAMS FOAM SKIN EDGE SPECKS NOT_STIRRED",
            })
    // Wide: all that is named.
    void whatIsNamed(
            double bubbles,
            double bubbleMm,
            double spatter,
            double steam,
            double foam,
            double skin,
            double edge,
            double caught,
            double sinceStir,
            boolean off,
            String looks) {
        Sight sight = new Sight(
                300, 40, bubbleMm, 0.4, bubbles, spatter, steam, foam, 90, 40, 20, skin, 3, edge, caught, 5, 0,
                sinceStir, off);
        assertThat(sight.looks())
                .containsExactly(Stream.of(looks.split(" ")).map(Look::valueOf).toArray(Look[]::new));
    }

    private static Ingredients ingredients(Catalogue catalogue, String... lines) {
        LineReader reader = new LineReader(catalogue, MeasureSystem.METRIC);
        return new Ingredients(Stream.of(lines).map(reader::read).toList(), Texture.CHUNKY);
    }

    /** All of one's own in one's own pot; as much as it has room to boil in; the same food twice is one. */
    @Test
    void aPotOfOnesOwn() {
        PotShape shape = new PotShape(240, 232, 130);
        Scenario.Goal goal = new Scenario.Goal(6, 60, 1.2);
        Ingredients all =
                ingredients(Catalogue.standard(), "500 g passata", "20 g sugar", "10 g sugar", "2 bay leaves");
        FreePot.Made made = FreePot.of(all, shape, 1800, 1500, goal);
        assertThat(made.scenario().goal()).isEqualTo(goal);
        PotSetting pot = made.scenario().pots().get(0);
        assertThat(pot.foods()).containsEntry("passata", 500.0).containsEntry("sugar", 30.0);
        assertThat(pot.emptyG()).isEqualTo(1800);
        assertThat(pot.burnerW()).isEqualTo(1500);
        assertThat(pot.lid()).isZero();
        FreePot.Made large =
                FreePot.of(ingredients(Catalogue.standard(), "5 kg passata", "1 kg sugar"), shape, 0, 1500, goal);
        Map<String, Double> foods = large.scenario().pots().get(0).foods();
        assertThat(foods.values().stream().mapToDouble(g -> g).sum())
                .isCloseTo(0.55 * shape.capacityMl(), within(1e-6));
        assertThat(foods.get("passata") / foods.get("sugar")).isCloseTo(5, within(1e-9));
        assertThat(large.scenario().pots().get(0).emptyG()).isEqualTo(PotSetting.emptyG(shape));
        assertThat(Refused.why(() -> FreePot.of(ingredients(Catalogue.standard()), shape, 0, 1500, goal)))
                .isInstanceOf(Wrong.Empty.class);
    }

    /** A kitchen's own food is left out, and said once. */
    @Test
    void aFoodOfTheKitchensOwnIsLeftOut() {
        Food own = MadeUp.sugar(40);
        Catalogue catalogue = Catalogue.standard().with(List.of(own), Map.of());
        FreePot.Made made = FreePot.of(
                ingredients(catalogue, "300 g passata", "100 g made up", "50 g made up"),
                new PotShape(240, 232, 130),
                0,
                1500,
                new Scenario.Goal(6, 60, 1.2));
        assertThat(made.leftOut()).containsExactly(own);
        assertThat(made.scenario().pots().get(0).foods()).containsOnlyKeys("passata");
    }

    @ParameterizedTest
    @EnumSource(Lesson.class)
    void lessonsByNameAndInTheirOrder(Lesson lesson) {
        assertThat(Lesson.ofKey(lesson.key())).contains(lesson);
        assertThat(Lesson.ofKey("no-" + lesson.key())).isEmpty();
        int at = List.of(Lesson.values()).indexOf(lesson);
        if (at + 1 < Lesson.values().length) {
            assertThat(lesson.next()).contains(Lesson.values()[at + 1]);
        } else {
            assertThat(lesson.next()).isEmpty();
        }
        assertThat(lesson.tools()).contains(Deed.Kind.HEAT, Deed.Kind.OFF).hasSizeBetween(10, 11);
    }

    @Test
    void whatGoesInAndWhatOnlyLooks() {
        assertThat(EnumSet.allOf(Deed.Kind.class).stream().filter(Deed.Kind::goesIn))
                .containsExactly(Deed.Kind.SPLASH, Deed.Kind.SLURRY, Deed.Kind.SALT, Deed.Kind.BUTTER, Deed.Kind.BLEND);
        assertThat(EnumSet.allOf(Deed.Kind.class).stream().filter(kind -> !kind.changes()))
                .containsExactly(
                        Deed.Kind.STIR,
                        Deed.Kind.WIPE,
                        Deed.Kind.SPOON,
                        Deed.Kind.TRAIL,
                        Deed.Kind.DRIP,
                        Deed.Kind.WEIGH,
                        Deed.Kind.DIP,
                        Deed.Kind.RING,
                        Deed.Kind.TASTE);
        assertThat(Deed.Kind.SLURRY.usualG()).isEqualTo(6);
        assertThat(new Deed(0, 0, Deed.Kind.SLURRY, 9).foods("cornflour"))
                .containsExactlyInAnyOrderEntriesOf(Map.of("cornflour", 9.0, "water", 18.0));
        assertThat(new Deed(0, 0, Deed.Kind.STIR, 0).foods("cornflour")).isEmpty();
        assertThat(Refused.why(() -> Deed.Kind.ofKey("juggle"))).isInstanceOf(Wrong.Key.class);
    }

    @ParameterizedTest
    @EnumSource(CookEye.Sense.class)
    void sensesByName(CookEye.Sense sense) {
        assertThat(CookEye.Sense.ofKey(sense.key())).isEqualTo(sense);
        assertThat(Refused.why(() -> CookEye.Sense.ofKey("nose"))).isNotNull();
    }
}

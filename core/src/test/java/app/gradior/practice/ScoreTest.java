package app.gradior.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What each part of a practice pot's score is worth, and where it begins and ends to fall. */
class ScoreTest {
    private static final Score.Outcome PERFECT = new Score.Outcome(0, 1, 10, 10, 0, 0, 5);

    private static void is(double part, double expected) {
        assertThat(part).isCloseTo(expected, within(1e-9));
    }

    @Test
    void aPerfectPotIsAHundred() {
        Score score = Score.of(PERFECT);
        assertThat(score).isEqualTo(new Score(1, 1, 1, 1, 1));
        is(score.total(), 100);
        is(new Score(1, 0, 0, 0, 0).total(), 40);
        is(new Score(0, 1, 0, 0, 0).total(), 15);
        is(new Score(0, 0, 1, 0, 0).total(), 15);
        is(new Score(0, 0, 0, 1, 0).total(), 20);
        is(new Score(0, 0, 0, 0, 1).total(), 10);
    }

    /** Nobody tastes 0.15 steps; two steps off is another sauce, and its time counts for nothing. */
    @ParameterizedTest
    @CsvSource({"0.15, 1", "-0.15, 1", "1.075, 0.5", "-1.075, 0.5", "2, 0", "5, 0"})
    void thickness(double offSteps, double part) {
        Score score = Score.of(new Score.Outcome(offSteps, 1, 10, 10, 0, 0, 5));
        is(score.thickness(), part);
        is(score.time(), part);
        is(score.yield(), 1);
    }

    @ParameterizedTest
    @CsvSource({"1.1, 1", "0.98, 1", "0.74, 0.5", "0.5, 0", "0.2, 0"})
    void yield(double share, double part) {
        is(Score.of(new Score.Outcome(0, share, 10, 10, 0, 0, 5)).yield(), part);
    }

    @ParameterizedTest
    @CsvSource({"5, 10, 1", "11.5, 10, 1", "20.75, 10, 0.5", "30, 10, 0", "2.075, 0.2, 0.5"})
    void time(double minutes, double steady, double part) {
        is(Score.of(new Score.Outcome(0, 1, minutes, steady, 0, 0, 5)).time(), part);
    }

    @ParameterizedTest
    @CsvSource({
        "0.08, 0, 1",
        "0.54, 0, 0.5",
        "1, 0, 0",
        "0, 0.08, 1",
        "0, 0.54, 0.5",
        "0, -0.54, 0.5",
        "0, 1, 0",
        "0.54, 0.54, 0.25"
    })
    void clean(double burnt, double offSalt, double part) {
        is(Score.of(new Score.Outcome(0, 1, 10, 10, burnt, offSalt, 5)).clean(), part);
    }

    /** Six touches and eight in ten minutes are needed; four a minute more, of five minutes at least, are fidgeting. */
    @ParameterizedTest
    @CsvSource({"10, 14, 1", "10, 34, 0.5", "10, 54, 0", "2.5, 8, 1", "2.5, 18, 0.5", "2.5, 28, 0"})
    void calm(double minutes, int touches, double part) {
        is(Score.of(new Score.Outcome(0, 1, minutes, 10, 0, 0, touches)).calm(), part);
    }

    @ParameterizedTest
    @CsvSource({
        "0, FLAT",
        "0.35, FLAT",
        "0.36, WANTS_SOME",
        "0.8, WANTS_SOME",
        "0.81, RIGHT",
        "1.4, RIGHT",
        "1.41, SALTY",
        "1.9, SALTY",
        "1.91, FAR_TOO_SALTY",
        "NaN, FAR_TOO_SALTY"
    })
    void howSalty(double percent, Salty says) {
        assertThat(Salty.of(percent)).isEqualTo(says);
    }

    @ParameterizedTest
    @CsvSource({"0, CLEAN", "0.2, CLEAN", "0.21, CAUGHT", "0.7, CAUGHT", "0.71, RUINED"})
    void howBurnt(double burnt, Burnt says) {
        assertThat(Burnt.of(burnt)).isEqualTo(says);
    }

    /** The same for everybody of a week, another the next, over years; a pot half full at most and a goal in halves of a step. */
    @Test
    void aPotAWeek() {
        assertThat(Weekly.seed(LocalDate.of(2026, 11, 23)))
                .isEqualTo(Weekly.seed(LocalDate.of(2026, 11, 29)))
                .isEqualTo(202_648)
                .isNotEqualTo(Weekly.seed(LocalDate.of(2026, 11, 30)));
        assertThat(Weekly.seed(LocalDate.of(2027, 1, 1)))
                .as("the 53rd of the year before")
                .isEqualTo(202_653);
        for (long seed = 202_600; seed < 202_700; seed++) {
            Scenario week = Weekly.scenario(seed);
            assertThat(week).isEqualTo(Weekly.scenario(seed));
            PotSetting pot = week.pots().get(0);
            Map<String, Double> foods = pot.foods();
            double grams = foods.values().stream().mapToDouble(g -> g).sum();
            assertThat(grams).isBetween(200.0, 0.5 * pot.shape().capacityMl() + foods.size());
            double step = week.goal().step();
            assertThat(step).isBetween(4.0, 6.5).isEqualTo(Math.rint(2 * step) / 2);
            boolean sweet = foods.getOrDefault("sugar", 0.0) > 0.12 * grams;
            assertThat(week.goal().servedC()).isEqualTo(sweet ? 20 : 60);
            assertThat(pot.burnerW()).isBetween(1000.0, 1900.0);
        }
    }

    /** A dye is as strong as it is and as much as there is of it; it deepens as water goes, and browns as it burns. */
    @Test
    void coloursAreMixedByWhatDyes() {
        Tint cream = Tint.of(Map.of("cream-double", 100.0));
        assertThat(cream).isEqualTo(new Tint(244, 234, 207));
        assertThat(Tint.of(Map.of("water", 100.0))).as("nothing dyes").isEqualTo(new Tint(226, 204, 158));
        Tint pink = Tint.of(Map.of("cream-double", 100.0, "tomato-paste", 100.0));
        assertThat(pink).isEqualTo(new Tint(222, 159, 134));
        assertThat(cream.of(0.15, 0)).as("as it is").isEqualTo(cream);
        assertThat(cream.of(0.1, 0)).isEqualTo(cream);
        assertThat(cream.of(1, 0)).isEqualTo(new Tint(164, 105, 93));
        assertThat(cream.of(0.15, 1)).isEqualTo(new Tint(105, 88, 73));
        assertThat(cream.of(0.15, 2)).isEqualTo(new Tint(76, 57, 45));
    }
}

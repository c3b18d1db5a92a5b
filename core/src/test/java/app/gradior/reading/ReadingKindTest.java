package app.gradior.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.course.PotCourse;
import app.gradior.course.Variation;
import app.gradior.finding.Refusal;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReadingKindTest {
    private static final double EMPTY_G = 1250;

    /** A kilogram of water and a third of a kilogram of sugar: 25 °Bx, in a pot with straight walls. */
    private static PotCourse syrup() {
        PotOnHeat pot = new PotOnHeat(new PotShape(200, 200, 110), 0, 1, 1500);
        PotCourse course = new PotCourse(pot, 1, 20, Variation.NONE);
        course.beginHot(Stage.of(
                StageKind.REDUCE, Sauces.of("water", 1000).plus(Sauces.of("sugar", 333.4)), new StageEnd.Minutes(10)));
        return course;
    }

    @ParameterizedTest
    @CsvSource({
        "weight, WEIGHT, grossG, 1, 100000",
        "level, LEVEL, mm, 0, 600",
        "volume, VOLUME, ml, 1, 100000",
        "spoon, SPOON, step, 0, 9.5",
        "ring, RING, mm, 10, 300",
        "trail, TRAIL, seconds, 0.1, 120",
        "drip, DRIP, seconds, 0.1, 120",
        "bubbles, BUBBLES, look, 1, 3",
        "brix, BRIX, percent, 0, 95",
        "temperature, TEMPERATURE, c, -10, 150"
    })
    void eachHasItsNameAndItsRange(String key, ReadingKind kind, String field, double least, double most) {
        assertThat(ReadingKind.ofKey(key)).contains(kind);
        assertThat(kind.field()).isEqualTo(field);
        assertThat(kind.checked(least)).isEqualTo(least);
        assertThat(kind.checked(most)).isEqualTo(most);
        for (double beyond : new double[] {least - 0.01, most + 0.01, Double.NaN}) {
            assertThatThrownBy(() -> kind.checked(beyond))
                    .isInstanceOf(Refusal.class)
                    .hasMessageContaining(field);
        }
    }

    @Test
    void whatComesWithTheFinishIsNotRecordedAlone() {
        assertThat(Stream.of(ReadingKind.values()).filter(kind -> !kind.isRecorded()))
                .containsExactly(ReadingKind.SERVED, ReadingKind.NEXT_DAY_RING, ReadingKind.YIELD);
        assertThat(ReadingKind.ofKey("")).isEmpty();
        assertThat(ReadingKind.ofKey("Weight")).isEmpty();
        assertThatThrownBy(() -> ReadingKind.YIELD.checked(500)).isInstanceOf(Refusal.class);
    }

    @Test
    void aCookIsAskedForWhatIsAtHand() {
        assertThat(Stream.of(ReadingKind.values()).filter(ReadingKind::isAskedFor))
                .containsExactly(
                        ReadingKind.WEIGHT,
                        ReadingKind.LEVEL,
                        ReadingKind.SPOON,
                        ReadingKind.RING,
                        ReadingKind.TRAIL,
                        ReadingKind.DRIP);
        assertThat(ReadingKind.SPOON.trouble()).isLessThan(ReadingKind.WEIGHT.trouble());
        assertThat(ReadingKind.WEIGHT.trouble()).isLessThan(ReadingKind.LEVEL.trouble());
        assertThat(ReadingKind.LEVEL.trouble()).isLessThan(ReadingKind.RING.trouble());
        assertThat(Stream.of(ReadingKind.values()).filter(ReadingKind::showsThickness))
                .containsExactly(
                        ReadingKind.SPOON, ReadingKind.RING, ReadingKind.TRAIL, ReadingKind.DRIP, ReadingKind.BUBBLES);
    }

    @Test
    void aJugIsReadToAShareAndAScaleToGrams() {
        assertThat(ReadingKind.WEIGHT.sd(300)).isEqualTo(5).isEqualTo(ReadingKind.WEIGHT.sd(30_000));
        assertThat(ReadingKind.VOLUME.sd(1000)).isEqualTo(30, within(1e-9));
        assertThat(ReadingKind.YIELD.sd(500)).isEqualTo(15, within(1e-9));
        assertThat(ReadingKind.VOLUME.sd(20)).as("no jug is read finer").isEqualTo(1);
        assertThat(ReadingKind.SPOON.sd(4)).isEqualTo(0.6);
    }

    /** 25 °Bx: 1.104 g/mL at 20 °C (ICUMSA); 4 % wider at the boil; 31416 mm² of floor. */
    @Test
    void eachReadsItsPartOfThePot() {
        PotCourse pot = syrup();
        assertThat(ReadingKind.WEIGHT.of(pot, EMPTY_G)).isCloseTo(1333.4 + EMPTY_G, within(0.01));
        assertThat(ReadingKind.YIELD.of(pot, EMPTY_G)).isCloseTo(1333.4 / 1.104, within(4.0));
        assertThat(ReadingKind.VOLUME.of(pot, EMPTY_G)).isCloseTo(1.043 * 1333.4 / 1.104, within(10.0));
        assertThat(ReadingKind.LEVEL.of(pot, EMPTY_G)).isCloseTo(1.043 * 1333.4 / 1.104 / 31.416, within(0.4));
        assertThat(ReadingKind.BRIX.of(pot, EMPTY_G)).isCloseTo(25, within(0.05));
        assertThat(ReadingKind.TEMPERATURE.of(pot, EMPTY_G)).isBetween(100.0, 101.0);
        assertThat(ReadingKind.SPOON.of(pot, EMPTY_G))
                .as("thinner hot than served")
                .isLessThan(ReadingKind.SERVED.of(pot, EMPTY_G));
        assertThat(ReadingKind.RING.of(pot, EMPTY_G)).as("syrup runs far").isCloseTo(69.1, within(0.2));
        PotCourse nothing =
                new PotCourse(new PotOnHeat(new PotShape(200, 200, 110), 0, 1, 1500), 1, 20, Variation.NONE);
        assertThat(ReadingKind.BRIX.of(nothing, EMPTY_G)).isNaN();
        assertThat(ReadingKind.RING.of(nothing, EMPTY_G)).isNaN();
    }

    /** What is timed spreads by its logarithm, with a finger that is 0.4 s late; all else as it is read. */
    @Test
    void timesAreComparedByTheirLogarithms() {
        assertThat(ReadingKind.DRIP.told(5.6) - ReadingKind.DRIP.told(2.6)).isCloseTo(Math.log(2), within(1e-9));
        assertThat(ReadingKind.DRIP.toldSd(5)).isEqualTo(ReadingKind.DRIP.toldSd(50));
        assertThat(ReadingKind.DRIP.sd(9.6)).isCloseTo(10 * ReadingKind.DRIP.toldSd(9.6), within(1e-9));
        assertThat(ReadingKind.SPOON.told(4.5)).isEqualTo(4.5);
        assertThat(ReadingKind.VOLUME.toldSd(1000)).isEqualTo(ReadingKind.VOLUME.sd(1000));
        assertThat(Stream.of(ReadingKind.values()).filter(ReadingKind::isByHand))
                .containsExactly(ReadingKind.SPOON, ReadingKind.TRAIL, ReadingKind.DRIP, ReadingKind.BUBBLES);
    }

    /** As it gets thicker and shallower its stream holds longer, its line stays longer, its bubbles grow. */
    @Test
    void whatASpoonAndAStopwatchTellGrowsWithThickness() {
        PotCourse pot = new PotCourse(new PotOnHeat(new PotShape(240, 232, 130), 0, 1, 1500), 1, 20, Variation.NONE);
        pot.beginHot(Stage.of(StageKind.REDUCE, Sauces.damson(), new StageEnd.StepServed(9)));
        double[] last = {0, 0, 0};
        for (int i = 0; i < 4; i++) {
            double[] now = {
                ReadingKind.DRIP.of(pot, EMPTY_G),
                ReadingKind.TRAIL.of(pot, EMPTY_G),
                ReadingKind.BUBBLES.of(pot, EMPTY_G)
            };
            for (int k = 0; k < 3; k++) {
                assertThat(now[k])
                        .as("reading " + k + " at " + pot.minute() + " min")
                        .isGreaterThan(last[k]);
            }
            last = now;
            pot.advance(18);
        }
        assertThat(last[0]).isBetween(3.5, 25.0);
        assertThat(last[2]).isBetween(2.0, 3.0);
    }
}

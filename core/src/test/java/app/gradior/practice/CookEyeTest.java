package app.gradior.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.estimate.Hand;
import app.gradior.estimate.Learning;
import app.gradior.practice.CookEye.Judgement;
import app.gradior.practice.CookEye.Sense;
import app.gradior.reading.ReadingKind;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class CookEyeTest {
    private static List<Judgement> spoons(double... offs) {
        List<Judgement> all = new ArrayList<>();
        for (double off : offs) {
            all.add(new Judgement(Sense.SPOON, 5 + off, 5, 5));
        }
        return all;
    }

    @Test
    void biasAndSpreadBySense() {
        List<Judgement> judged = spoons(0.5, 0.7, 0.9);
        judged.add(new Judgement(Sense.MINUTES, 19, 9, 5));
        CookEye.Eye eye = CookEye.of(Sense.SPOON, judged).orElseThrow();
        assertThat(eye.bias()).isCloseTo(0.7, within(1e-9));
        assertThat(eye.spread()).isCloseTo(0.2, within(1e-9));
        assertThat(CookEye.of(Sense.MINUTES, judged)).as("one says nothing").isEmpty();
        assertThat(judged.get(3).off()).as("twice as long").isCloseTo(Math.log(2), within(1e-9));
        assertThat(new Judgement(Sense.COLD, 5, 6, 6).off()).isEqualTo(-1);
        assertThat(new Judgement(Sense.MINUTES, 5, Double.POSITIVE_INFINITY, 5).off())
                .isNegative();
    }

    /** What never ends is no figure to learn from. */
    @Test
    void neverIsNotCounted() {
        List<Judgement> judged = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            judged.add(new Judgement(Sense.MINUTES, 5, Double.POSITIVE_INFINITY, 5));
        }
        assertThat(CookEye.of(Sense.MINUTES, judged)).isEmpty();
    }

    /** As a cook says it: steps as they are, times as shares. */
    @Test
    void whichWayItLeans() {
        CookEye.Eye minutes = new CookEye.Eye(Sense.MINUTES, 3, Math.log(2), Math.log(1.5));
        assertThat(minutes.saidOver()).isCloseTo(1, within(1e-9));
        assertThat(minutes.giveOrTake()).isCloseTo(0.5, within(1e-9));
        assertThat(minutes.lean()).isEqualTo(CookEye.Lean.MORE);
        assertThat(new CookEye.Eye(Sense.SPOON, 3, -0.5, 0.2).lean()).isEqualTo(CookEye.Lean.LESS);
        assertThat(new CookEye.Eye(Sense.SPOON, 3, -0.5, 0.2).saidOver()).isEqualTo(-0.5);
        assertThat(new CookEye.Eye(Sense.BUBBLES, 3, 0.1, 0.2).lean()).isEqualTo(CookEye.Lean.RIGHT);
    }

    @Test
    void learningIsSeen() {
        assertThat(CookEye.learnt(Sense.SPOON, spoons(2, -2, 2, 0.5, -0.5, 0.5)).orElseThrow())
                .isCloseTo(-1.5, within(1e-9));
        assertThat(CookEye.learnt(Sense.SPOON, spoons(2, 2, 2, 2, 2))).isEmpty();
    }

    /** A real batch reads this cook's spoon by what practice showed of it, and more so the more it showed. */
    @Test
    void aRealHandLearnsFromIt() {
        Hand few = Learning.hand(
                ReadingKind.SPOON,
                List.of(CookEye.lessons(spoons(0.8, 0.9, 0.7)).get(ReadingKind.SPOON)));
        double[] many = new double[30];
        for (int i = 0; i < many.length; i++) {
            many[i] = 0.7 + 0.1 * (i % 3);
        }
        Hand sure = Learning.hand(
                ReadingKind.SPOON, List.of(CookEye.lessons(spoons(many)).get(ReadingKind.SPOON)));
        Hand none = Learning.hand(ReadingKind.SPOON, List.of());
        assertThat(none.bias()).isZero();
        assertThat(few.bias()).isBetween(0.2, 0.8);
        assertThat(sure.bias()).isGreaterThanOrEqualTo(few.bias());
        assertThat(sure.sd()).isLessThan(few.sd()).isLessThan(none.sd());
        assertThat(CookEye.lessons(spoons(0.1, 0.2))).as("too few").isEmpty();
    }
}

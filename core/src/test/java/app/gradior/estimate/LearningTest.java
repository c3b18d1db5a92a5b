package app.gradior.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.batch.Batch;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.Reading;
import app.gradior.estimate.Learning.Evidence;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.Ingredients;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LearningTest {
    private static final PotOnHeat POT = PotOnHeat.unknownPair(new PotShape(240, 232, 130), 0);
    private static final Heat LIVELY = new Heat(Look.LIVELY, LidState.OPEN);
    private static final double EMPTY_G = 1950;
    private static final double TARGET = 6.5;

    private static BatchStory story(Prior prior, double pairFactor, List<Happening> happenings) {
        return BatchStory.reducing(
                Sauces.damson(),
                Ingredients.Spread.EXACT,
                POT.withPairFactor(pairFactor),
                prior,
                EMPTY_G,
                LIVELY,
                20,
                TARGET,
                happenings);
    }

    /** A finished batch: weighed twice, judged cold. */
    private record Batch(double finishMinute, List<Happening> seen) {
        static Batch cooked(double pair, double body, double look, Random random) {
            SimmerRun pot = new SimmerRun(Sauces.damson(), POT.withPairFactor(pair), LIVELY, body, 20);
            pot.set(LIVELY, look);
            List<Happening> seen = new ArrayList<>();
            for (int i = 0; i < 2; i++) {
                pot.advance(480);
                double grossG = pot.massG() + EMPTY_G + 5 * random.nextGaussian();
                seen.add(new Happening(pot.minute(), new Reading(ReadingKind.WEIGHT, grossG)));
            }
            pot.advanceUntil(r -> TARGET - r.stepServed(), 1e5);
            seen.add(new Happening(
                    pot.minute(), new Reading(ReadingKind.SERVED, pot.stepServed() + 0.3 * random.nextGaussian())));
            return new Batch(pot.minute(), seen);
        }
    }

    @Test
    void aBatchSaysHowFastThePairIsAndWhatTheBodyIsWorth() {
        Random random = new Random(4);
        Batch batch = Batch.cooked(1.4, 0.7, 1, random);
        Learning.Lesson lesson = Learning.lesson(story(Prior.UNKNOWN, 1, batch.seen()), batch.finishMinute());
        assertThat(Math.exp(lesson.pair().log())).isCloseTo(1.4, within(0.15));
        assertThat(Math.exp(lesson.body().log())).isCloseTo(0.7, within(0.25));
        assertThat(1 / Math.sqrt(lesson.pair().precision()))
                .as("no surer than a look can be told")
                .isBetween(0.1, 0.25);
        Learning.Lesson told =
                Learning.lesson(story(new Prior(0.05, 0.7, 0.1, Map.of()), 1.4, batch.seen()), batch.finishMinute());
        assertThat(told).as("what was believed before does not count").isEqualTo(lesson);
        assertThat(Learning.lesson(story(Prior.UNKNOWN, 1, List.of()), 10).pair())
                .isEqualTo(Evidence.NONE);
    }

    @Test
    void fewBatchesChangeLittleAndManyLeaveOnlyWhatDiffersFromOneToTheNext() {
        Evidence fast = new Evidence(Math.log(1.5), 40);
        assertThat(Learning.pair(List.of())).isEqualTo(new Learning.Learnt(1, Prior.UNKNOWN.pairLogSd()));
        double last = 0;
        double spread = Prior.UNKNOWN.pairLogSd();
        for (int n : new int[] {1, 3, 10, 100}) {
            Learning.Learnt learnt = Learning.pair(Collections.nCopies(n, fast));
            assertThat(Math.log(learnt.factor())).as("shrunk toward 1").isBetween(last, Math.log(1.5));
            assertThat(learnt.logSd()).isLessThan(spread);
            last = Math.log(learnt.factor());
            spread = learnt.logSd();
        }
        assertThat(Learning.body(Collections.nCopies(1000, fast)).logSd())
                .as("two damsons are never alike")
                .isBetween(0.1, 0.14);
        assertThat(Learning.body(List.of(Evidence.NONE, Evidence.NONE)).logSd())
                .as("batches that say nothing teach nothing")
                .isCloseTo(Prior.UNKNOWN.bodyLogSd(), within(1e-9));
    }

    @Test
    void afterFiveBatchesTheFinishIsForetoldTwiceAsWell() {
        Random random = new Random(11);
        List<Double> before = new ArrayList<>();
        List<Double> after = new ArrayList<>();
        for (int cook = 0; cook < 60; cook++) {
            double pair = Math.exp(0.3 * random.nextGaussian());
            double body = Math.exp(0.5 * random.nextGaussian());
            List<Evidence> pairs = new ArrayList<>();
            List<Evidence> bodies = new ArrayList<>();
            for (int i = 0; i < 5; i++) {
                Batch batch = batch(pair, body, random);
                Learning.Lesson lesson = Learning.lesson(story(Prior.UNKNOWN, 1, batch.seen()), batch.finishMinute());
                pairs.add(lesson.pair());
                bodies.add(lesson.body());
            }
            Learning.Learnt p = Learning.pair(pairs);
            Learning.Learnt b = Learning.body(bodies);
            double truth = batch(pair, body, random).finishMinute();
            before.add(off(story(Prior.UNKNOWN, 1, List.of()), truth));
            after.add(off(story(new Prior(p.logSd(), b.factor(), b.logSd(), Map.of()), p.factor(), List.of()), truth));
        }
        assertThat(median(after)).isLessThan(0.5 * median(before));
    }

    @Test
    void aHandThatReadsTooThickIsLearntFromWhatTheNextDayShowed() {
        Random random = new Random(5);
        List<Learning.HandLesson> lessons = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            Batch batch = batch(1.1, 0.8, random);
            List<Happening> seen = new ArrayList<>(batch.seen());
            SimmerRun pot = new SimmerRun(Sauces.damson(), POT.withPairFactor(1.1), LIVELY, 0.8, 20);
            for (int look = 0; look < 3; look++) {
                pot.advance(300);
                seen.add(new Happening(
                        pot.minute(),
                        new Reading(ReadingKind.SPOON, pot.stepHot() + 0.9 + 0.2 * random.nextGaussian())));
            }
            Map<ReadingKind, Learning.HandLesson> hands =
                    Learning.hands(story(Prior.UNKNOWN, 1, seen), batch.finishMinute());
            assertThat(hands).containsOnlyKeys(ReadingKind.SPOON);
            lessons.add(hands.get(ReadingKind.SPOON));
            assertThat(Learning.hands(story(Prior.UNKNOWN, 1, seen).without(ReadingKind.SERVED), batch.finishMinute()))
                    .as("nobody looked the next day")
                    .isEmpty();
        }
        Hand none = Learning.hand(ReadingKind.SPOON, List.of());
        Hand once = Learning.hand(ReadingKind.SPOON, lessons.subList(0, 1));
        Hand often = Learning.hand(ReadingKind.SPOON, lessons);
        assertThat(none.bias()).isZero();
        assertThat(none.sd()).isCloseTo(ReadingKind.SPOON.toldSd(5), within(1e-9));
        assertThat(once.bias()).isBetween(0.15, 0.75);
        assertThat(often.bias()).isBetween(0.6, 1.0);
        assertThat(often.sd()).isLessThan(once.sd()).isBetween(0.25, 0.45);

        BatchStory read = story(Prior.UNKNOWN, 1, List.of(new Happening(10, new Reading(ReadingKind.SPOON, 5.2))));
        BatchStory byHand = story(
                Prior.UNKNOWN.by(Map.of(ReadingKind.SPOON, often)),
                1,
                List.of(new Happening(10, new Reading(ReadingKind.SPOON, 5.2))));
        assertThat(Estimator.forecast(byHand, 12).stepHot().middle())
                .as("what this hand calls so is thinner")
                .isLessThan(Estimator.forecast(read, 12).stepHot().middle() - 0.15);
    }

    private static Batch batch(double pair, double body, Random random) {
        double ripe = body * Math.exp(0.05 * random.nextGaussian());
        return Batch.cooked(pair, ripe, Math.exp(0.1 * random.nextGaussian()), random);
    }

    /** How far off the finish is as foretold before any reading, as a share. */
    private static double off(BatchStory story, double truth) {
        double foretold = Estimator.forecast(story, 0)
                .finish()
                .map(f -> f.minute().middle())
                .orElse(1e4);
        return Math.abs(foretold - truth) / truth;
    }

    private static double median(List<Double> values) {
        return values.stream().sorted().skip(values.size() / 2).findFirst().orElseThrow();
    }
}

package app.gradior.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.estimate.BatchStory.Added;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.LidSet;
import app.gradior.estimate.BatchStory.Reading;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.Ingredients;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class EstimatorTest {
    private static final PotOnHeat POT = PotOnHeat.unknownPair(new PotShape(240, 210, 130), 0);
    private static final Heat LIVELY = new Heat(Look.LIVELY, LidState.OPEN);
    private static final double EMPTY_G = 1400;
    private static final double TARGET = 6;

    private static BatchStory story(List<Happening> happenings) {
        return story(Sauces.damson(), TARGET, happenings);
    }

    private static BatchStory story(Mixture start, double target, List<Happening> happenings) {
        return BatchStory.reducing(
                start, Ingredients.Spread.EXACT, POT, Prior.UNKNOWN, EMPTY_G, LIVELY, 20, target, happenings);
    }

    /** A cook whose pot, sauce and eye differ from the model's by amounts drawn from the stated spreads. */
    private record HiddenPot(double pair, double body, double water, double look) {
        static HiddenPot draw(Random random) {
            return new HiddenPot(
                    Math.exp(0.30 * random.nextGaussian()),
                    Math.exp(0.50 * random.nextGaussian()),
                    Math.exp(0.03 * random.nextGaussian()),
                    Math.exp(0.15 * random.nextGaussian()));
        }

        SimmerRun run() {
            SimmerRun run = new SimmerRun(Sauces.damson().scaled(water, 1), POT.withPairFactor(pair), LIVELY, body, 20);
            run.set(LIVELY, look);
            return run;
        }

        double massAt(double minute) {
            SimmerRun run = run();
            run.advance(minute * 60);
            return run.massG();
        }

        double stepServedAt(double minute) {
            SimmerRun run = run();
            run.advance(minute * 60);
            return run.stepServed();
        }

        double stepHotAt(double minute) {
            SimmerRun run = run();
            run.advance(minute * 60);
            return run.stepHot();
        }
    }

    @Test
    void eightyPercentBandsHoldTheTruthAboutEightyPercentOfTheTime() {
        Random random = new Random(77);
        int inMass = 0;
        int inStep = 0;
        int cooks = 150;
        for (int i = 0; i < cooks; i++) {
            HiddenPot truth = HiddenPot.draw(random);
            List<Happening> seen = List.of(
                    new Happening(8, weight(truth.massAt(8), random)),
                    new Happening(
                            12, new Reading(ReadingKind.SPOON, truth.stepHotAt(12) + 0.6 * random.nextGaussian())));
            Forecast forecast = Estimator.forecast(story(seen), 16);
            inMass += holds(forecast.massG(), truth.massAt(16));
            inStep += holds(forecast.stepServed(), truth.stepServedAt(16));
        }
        assertThat(100.0 * inMass / cooks).as("mass band").isBetween(66.0, 93.0);
        assertThat(100.0 * inStep / cooks).as("step band").isBetween(66.0, 93.0);
    }

    private static Reading weight(double massG, Random random) {
        return new Reading(ReadingKind.WEIGHT, massG + EMPTY_G + 5 * random.nextGaussian());
    }

    private static int holds(Band band, double truth) {
        return band.low() <= truth && truth <= band.high() ? 1 : 0;
    }

    @Test
    void whatWentInAtOnceIsAStepOfTheCurve() {
        Mixture wine = Sauces.of("wine-red", 200);
        List<Forecast.CurvePoint> curve = Estimator.forecast(story(List.of(new Happening(10, new Added(wine)))), 20)
                .curve();
        List<Forecast.CurvePoint> near =
                curve.stream().filter(p -> Math.abs(p.minute() - 10) < 1e-3).toList();
        assertThat(near).hasSize(2);
        assertThat(near.get(1).massG().middle() - near.get(0).massG().middle()).isCloseTo(200, within(0.01));
        assertThat(curve).extracting(Forecast.CurvePoint::minute).isSorted();
    }

    @Test
    void theSameStoryGivesTheSameFigures() {
        List<Happening> seen = List.of(
                new Happening(5, new Reading(ReadingKind.LEVEL, 33)),
                new Happening(9, new Reading(ReadingKind.WEIGHT, 2850)));
        assertThat(Estimator.forecast(story(seen), 12)).isEqualTo(Estimator.forecast(story(seen), 12));
        List<Happening> later = new ArrayList<>(seen);
        later.add(new Happening(20, new BatchStory.LookSet(Look.GENTLE)));
        assertThat(Estimator.forecast(story(later), 12))
                .as("what comes later is not known yet")
                .isEqualTo(Estimator.forecast(story(seen), 12));
    }

    @Test
    void whoeverAsksSetsThePaceBetweenAllMembersAndChangesNothing() {
        BatchStory story = story(List.of(new Happening(5, new Reading(ReadingKind.LEVEL, 33))));
        AtomicInteger asked = new AtomicInteger();
        assertThat(Estimator.forecast(story, 12, asked::incrementAndGet)).isEqualTo(Estimator.forecast(story, 12));
        assertThat(asked).as("each on its way to now, and on to its end").hasValueGreaterThan(2 * Posterior.MEMBERS);
    }

    @Test
    void aWeighInNarrowsTheBandAndMovesTheMiddle() {
        Forecast before = Estimator.forecast(story(List.of()), 15);
        HiddenPot slow = new HiddenPot(0.6, 1, 1, 1);
        Forecast after = Estimator.forecast(
                story(List.of(
                        new Happening(6, new Reading(ReadingKind.WEIGHT, slow.massAt(6) + EMPTY_G)),
                        new Happening(15, new Reading(ReadingKind.WEIGHT, slow.massAt(15) + EMPTY_G)))),
                15);
        assertThat(after.massG().width()).isLessThan(0.3 * before.massG().width());
        assertThat(after.massG().middle()).isCloseTo(slow.massAt(15), within(8.0));
        assertThat(after.lossGPerMin().middle())
                .isLessThan(0.8 * before.lossGPerMin().middle());
        assertThat(after.finish().orElseThrow().minute().middle())
                .isGreaterThan(before.finish().orElseThrow().minute().middle());
    }

    @Test
    void oneWildReadingIsNamedAndDoesNotPull() {
        HiddenPot truth = new HiddenPot(1.1, 1, 1, 1);
        List<Happening> good = List.of(
                new Happening(5, new Reading(ReadingKind.WEIGHT, truth.massAt(5) + EMPTY_G)),
                new Happening(10, new Reading(ReadingKind.WEIGHT, truth.massAt(10) + EMPTY_G)),
                new Happening(15, new Reading(ReadingKind.WEIGHT, truth.massAt(15) + EMPTY_G)));
        List<Happening> withWild = new ArrayList<>(good);
        withWild.add(new Happening(12, new Reading(ReadingKind.WEIGHT, 900)));
        Forecast clean = Estimator.forecast(story(good), 16);
        Forecast pulled = Estimator.forecast(story(withWild), 16);
        assertThat(pulled.wildReadings()).containsExactly(2);
        assertThat(clean.wildReadings()).isEmpty();
        assertThat(pulled.massG().middle()).isCloseTo(clean.massG().middle(), within(10.0));
    }

    @Test
    void aLidSlowsItAndWaterPutsItBack() {
        Forecast open = Estimator.forecast(story(List.of()), 20);
        Forecast lidded = Estimator.forecast(story(List.of(new Happening(5, new LidSet(LidState.CLOSED)))), 20);
        Forecast watered = Estimator.forecast(story(List.of(new Happening(5, new Added(Sauces.of("water", 150))))), 20);
        assertThat(lidded.massG().middle()).isCloseTo(open.massG().middle() + 17.3, within(1.0));
        assertThat(watered.finish().orElseThrow().minute().middle())
                .isGreaterThan(open.finish().orElseThrow().minute().middle() + 5);
    }

    @Test
    void aTargetAlreadyMetIsMetNowAndOneNeverMetIsNotForecast() {
        Forecast met = Estimator.forecast(story(Sauces.damson(), 4, List.of()), 300);
        assertThat(met.finish().orElseThrow().minute().middle()).isEqualTo(300);
        BatchStory water = story(Sauces.of("water", 800), TARGET, List.of());
        assertThat(Estimator.forecast(water, 5).finish()).isEmpty();
    }

    /** However sure the readings are, what is left on the spoon stays unknown. */
    @Test
    void aBandIsNoSurerThanItsBest() {
        Band sure = new Band(1190, 1192, 1195);
        Band honest = sure.atBest(0.025);
        assertThat(honest.middle()).isEqualTo(1192);
        assertThat(honest.low()).isCloseTo(1192 - Math.hypot(2, 29.8), within(1e-9));
        assertThat(honest.high()).isCloseTo(1192 + Math.hypot(3, 29.8), within(1e-9));
        Band wide = new Band(800, 1000, 1300);
        assertThat(wide.atBest(0.025).high()).isCloseTo(1300, within(1.1));
        assertThat(wide.atBest(0)).isEqualTo(wide);
    }
}

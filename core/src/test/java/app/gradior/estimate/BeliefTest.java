package app.gradior.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.LookSet;
import app.gradior.estimate.BatchStory.StoryStage;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.PotOnHeat;
import app.gradior.texture.Doubt;
import app.gradior.vessel.PotShape;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is uncertain, by how much, and which of the numbers is which. */
class BeliefTest {
    private static final Prior PRIOR = new Prior(0.2, 1.5, 0.4, Map.of());
    private static final Ingredients.Spread SPREAD = new Ingredients.Spread(0.04, 0.1);

    private static Stage stage(StageKind kind, Look look) {
        return new Stage(kind, Sauces.damson(), look, LidState.OPEN, new StageEnd.Minutes(5));
    }

    private static Belief of(boolean hot, List<Happening> happenings, Stage... stages) {
        List<StoryStage> parts = List.of(stages).stream().map(StoryStage::of).toList();
        PotOnHeat pot = PotOnHeat.unknownPair(new PotShape(240, 210, 130), 0);
        return Belief.of(new BatchStory(parts, SPREAD, pot, PRIOR, 1400, 20, hot, happenings));
    }

    /** One number at one standard deviation, the others in the middle. */
    private static double[] only(Belief belief, int number) {
        double[] z = new double[belief.size()];
        z[number] = 1;
        return z;
    }

    @Test
    void eachNumberMovesItsOwn() {
        Belief belief = Belief.ofReducing(PRIOR, SPREAD, Look.GENTLE);
        assertThat(belief.size()).isEqualTo(6);
        double[] middle = new double[6];
        assertThat(belief.pairFactor(middle)).isEqualTo(1);
        assertThat(belief.bodyFactor(middle)).isEqualTo(1.5);
        assertThat(belief.pairFactor(only(belief, 0))).isCloseTo(Math.exp(0.2), within(1e-12));
        assertThat(belief.bodyFactor(only(belief, 1))).isCloseTo(1.5 * Math.exp(0.4), within(1e-12));
        assertThat(belief.waterFactor(only(belief, 2))).isCloseTo(Math.exp(0.05), within(1e-12)); // 3 and 4: 5
        assertThat(belief.solidsFactor(only(belief, 3))).isCloseTo(Math.exp(Math.hypot(0.02, 0.1)), within(1e-12));
        assertThat(belief.driftFactor(only(belief, 4))).isCloseTo(Math.exp(0.06), within(1e-12));
        assertThat(belief.lookFactor(only(belief, 5), Look.GENTLE)).isCloseTo(Math.exp(0.25), within(1e-12));
        assertThat(belief.lookFactor(only(belief, 5), Look.LIVELY))
                .as("never set")
                .isEqualTo(1);
        for (int other = 0; other < 5; other++) {
            assertThat(belief.lookFactor(only(belief, other), Look.GENTLE)).isEqualTo(1);
        }
    }

    @Test
    void looksThatAreUsedTheWayUpAndWhatStaysInATool() {
        Belief hot = of(true, List.of(), stage(StageKind.REDUCE, Look.LIVELY));
        assertThat(hot.size()).isEqualTo(6);
        assertThat(hot.variation(new double[] {9, 9, 9, 9, 9, 1}).warmUp()).isEqualTo(1);
        assertThat(hot.variation(new double[] {9, 9, 9, 9, 9, 1}).leftBehind()).isEqualTo(1);
        Belief cold = of(false, List.of(), stage(StageKind.REDUCE, Look.LIVELY));
        assertThat(cold.size()).isEqualTo(7);
        assertThat(cold.variation(only(cold, 6)).warmUp()).isCloseTo(Math.exp(0.25), within(1e-12));
        Belief two = of(true, List.of(), stage(StageKind.REDUCE, Look.LIVELY), stage(StageKind.REDUCE, Look.LIVELY));
        assertThat(two.size()).as("what comes later may have to get hot").isEqualTo(7);
        Happening turned = new Happening(3, new LookSet(Look.STEAMING));
        Belief sieved =
                of(false, List.of(turned), stage(StageKind.SIMMER, Look.BARE), stage(StageKind.SIEVE, Look.ROLLING));
        assertThat(sieved.size()).as("two looks, the way up and the sieve").isEqualTo(9);
        assertThat(sieved.lookFactor(only(sieved, 5), Look.STEAMING)).isCloseTo(Math.exp(0.45), within(1e-12));
        assertThat(sieved.lookFactor(only(sieved, 6), Look.BARE)).isCloseTo(Math.exp(0.45), within(1e-12));
        assertThat(sieved.variation(only(sieved, 7)).warmUp()).isCloseTo(Math.exp(0.25), within(1e-12));
        assertThat(sieved.variation(only(sieved, 8)).leftBehind()).isCloseTo(Math.exp(0.20), within(1e-12));
        assertThat(sieved.variation(only(sieved, 8)).warmUp()).isEqualTo(1);
        assertThat(of(true, List.of(), stage(StageKind.BLEND, Look.LIVELY)).size())
                .as("a blender keeps nothing, and boils nothing")
                .isEqualTo(5);
    }

    @Test
    void aRateIsOffByPairAndLookTogether() {
        assertThat(Belief.rateLogSd(PRIOR, Look.LIVELY)).isCloseTo(0.25, within(1e-12)); // 0.20 and 0.15
        assertThat(Belief.lookLogSd(Look.ROLLING)).isEqualTo(0.15);
    }

    /** What builds a sauce and the model's own form; batches that taught something leave it at least as sure as they say. */
    @Test
    void aSaucesBodyIsKnownByWhatBuildsIt() {
        Doubt doubt = new Doubt(0.2, Doubt.Cause.STARCH);
        assertThat(PRIOR.ofSauce(doubt, false).bodyLogSd()).isCloseTo(0.25, within(1e-12)); // 0.20 and 0.15
        assertThat(PRIOR.ofSauce(doubt, true).bodyLogSd()).isCloseTo(0.25, within(1e-12));
        assertThat(PRIOR.ofSauce(new Doubt(1, Doubt.Cause.GELATINE), true).bodyLogSd())
                .isEqualTo(0.4);
        assertThat(PRIOR.ofSauce(new Doubt(1, Doubt.Cause.GELATINE), false).bodyLogSd())
                .isGreaterThan(1);
        assertThat(Prior.of(true).pairLogSd()).isEqualTo(0.12);
        assertThat(Prior.of(false)).isEqualTo(Prior.UNKNOWN);
        assertThat(Prior.UNKNOWN.pairLogSd()).isEqualTo(0.30);
        assertThat(Prior.UNKNOWN.bodyLogSd()).isEqualTo(0.50);
    }

    /** A hand that reads high is taken back by so much, and weighed by its own spread. */
    @Test
    void aHandThatIsKnown() {
        double plain = PRIOR.off(ReadingKind.SPOON, 6, 5);
        assertThat(plain).isCloseTo(1 / 0.6, within(1e-9));
        Prior known = PRIOR.by(Map.of(ReadingKind.SPOON, new Hand(0.5, 0.3)));
        assertThat(known.off(ReadingKind.SPOON, 6, 5)).isCloseTo(1.5 / 0.3, within(1e-9));
        assertThat(known.off(ReadingKind.WEIGHT, 2010, 2000)).isCloseTo(2, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"0, 1, 1", "1, 0, 1", "1, 1, 0", "NaN, 1, 1"})
    void aPriorNeedsSpreads(double pair, double factor, double body) {
        assertThatThrownBy(() -> new Prior(pair, factor, body, Map.of())).hasMessageContaining("above 0");
    }
}

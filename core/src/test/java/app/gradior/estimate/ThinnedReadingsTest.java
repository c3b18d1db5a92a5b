package app.gradior.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.estimate.BatchStory.Happening;
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
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A scale that tells every few seconds: as good an estimate as from a few readings that say the same, at the cost of a few. */
class ThinnedReadingsTest {
    private static final PotOnHeat POT = PotOnHeat.unknownPair(new PotShape(240, 232, 130), 0);
    private static final Heat LIVELY = new Heat(Look.LIVELY, LidState.OPEN);
    private static final double EMPTY_G = 1950;

    private static BatchStory story(List<Happening> happenings) {
        return BatchStory.reducing(
                Sauces.damson(), Ingredients.Spread.EXACT, POT, Prior.UNKNOWN, EMPTY_G, LIVELY, 20, 6.5, happenings);
    }

    /** A pot that boils 1.3 times as fast as thought, weighed so often in its first so many minutes. */
    private static List<Happening> weighed(int times, double minutes, double sdG) {
        Random random = new Random(9);
        SimmerRun pot = new SimmerRun(Sauces.damson(), POT.withPairFactor(1.3), LIVELY, 1, 20);
        List<Happening> seen = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            pot.advance(60 * minutes / times);
            seen.add(new Happening(
                    pot.minute(),
                    new Reading(ReadingKind.WEIGHT, pot.massG() + EMPTY_G + sdG * random.nextGaussian())));
        }
        return seen;
    }

    @Test
    void aFewStayAsTheyAre() {
        BatchStory few = story(weighed(ThinnedReadings.MOST_AS_THEY_ARE, 10, 5));
        ThinnedReadings thinned = ThinnedReadings.of(few);
        assertThat(thinned.story()).isSameAs(few);
        assertThat(thinned.counts()).hasSize(ThinnedReadings.MOST_AS_THEY_ARE).containsOnly(1);
    }

    @Test
    void manyStandForAllAndLieOnTheSameLine() {
        List<Happening> seen = weighed(2000, 12, 0);
        ThinnedReadings thinned = ThinnedReadings.of(story(seen));
        assertThat(Arrays.stream(thinned.counts()).sum()).isEqualTo(2000);
        assertThat(thinned.counts().length).isLessThanOrEqualTo(ThinnedReadings.MOST_AS_THEY_ARE + 1);
        for (Happening together : thinned.story().happenings()) {
            Happening near = seen.stream()
                    .min((a, b) -> Double.compare(
                            Math.abs(a.minute() - together.minute()), Math.abs(b.minute() - together.minute())))
                    .orElseThrow();
            assertThat(((Reading) together.what()).value()).isCloseTo(((Reading) near.what()).value(), within(0.5));
        }
        assertThat(thinned.story().happenings().get(thinned.counts().length - 1))
                .isEqualTo(seen.get(1999));
    }

    @Test
    void nothingIsPutTogetherAcrossWhatWasDoneNorWithAWildOne() {
        List<Happening> seen = weighed(600, 12, 0);
        seen.add(new Happening(3.001, new BatchStory.Added(Mixture.EMPTY)));
        Happening wild = seen.get(100);
        seen.set(100, new Happening(wild.minute(), new Reading(ReadingKind.WEIGHT, 100)));
        ThinnedReadings thinned = ThinnedReadings.of(story(seen));
        assertThat(Arrays.stream(thinned.counts()).sum())
                .as("all but the wild one")
                .isEqualTo(599);
        List<Happening> all = thinned.story().happenings();
        int added = all.indexOf(seen.get(600));
        double before = Arrays.stream(thinned.counts()).limit(added).sum();
        assertThat(before).as("those before it").isEqualTo(149);
        assertThat(all.get(added - 1).minute()).isLessThan(3.001);
        assertThat(all.get(added + 1).minute()).isGreaterThan(3.001);
    }

    /** A scale read every so many minutes, one gram less at each, and what is off it by so much at some. */
    private static ThinnedReadings every(int times, double minutes, Map<Integer, Double> offG) {
        List<Happening> seen = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            double grams = 3000 - i + offG.getOrDefault(i, 0.0);
            seen.add(new Happening(i * minutes, new Reading(ReadingKind.WEIGHT, grams)));
        }
        return ThinnedReadings.of(story(seen));
    }

    private static void first(ThinnedReadings thinned, double minute, double grams, double count) {
        Happening together = thinned.story().happenings().get(0);
        assertThat(together.minute()).isCloseTo(minute, within(1e-9));
        assertThat(((Reading) together.what()).value()).isCloseTo(grams, within(1e-9));
        assertThat(thinned.counts()[0]).isEqualTo(count);
    }

    /** As many in a group as leave two hundred; five at least, twelve minutes at most; the latest forty as they are. */
    @Test
    void howManyAreOne() {
        first(every(2000, 0.01, Map.of()), 0.06, 2994, 13);
        first(every(1000, 0.01, Map.of()), 0.025, 2997.5, 6);
        first(every(300, 0.01, Map.of()), 0.02, 2998, 5);
        first(every(300, 3, Map.of()), 6, 2998, 5);
        first(every(300, 3.01, Map.of()), 0, 3000, 1);
        ThinnedReadings latest = every(201, 0.01, Map.of());
        assertThat(latest.counts()).hasSize(161 / 5 + 1 + 40).endsWith(1, 1);
        assertThat(latest.counts()[32]).as("one is left over").isEqualTo(1);
        assertThat(every(203, 3.01, Map.of()).counts()).hasSize(203).containsOnly(1);
    }

    /** Off its neighbours' line by five times what a scale is good to, a reading does not count; nor does it bend the line. */
    @Test
    void whatLiesFarOffItsNeighboursLineDoesNotCount() {
        double sd = ReadingKind.WEIGHT.sd(3000);
        first(every(1000, 0.01, Map.of(2, 4.99 * sd)), 0.025, 2997.5 + 4.99 * sd / 6, 6);
        first(every(1000, 0.01, Map.of(2, 5.01 * sd)), 0.13 / 5, 3000 - 13 / 5.0, 5);
        first(every(1000, 0.01, Map.of(2, -5.01 * sd)), 0.13 / 5, 3000 - 13 / 5.0, 5);
        first(every(1000, 0.01, Map.of(2, 900.0, 3, 900.0)), 0.025, 2997.5, 4);
    }

    @Test
    void theEstimateIsWhatAllOfThemSay() {
        BatchStory many = story(weighed(2000, 15, 5));
        double[] ones = new double[2000];
        Arrays.fill(ones, 1);
        Posterior all = new Posterior(many, 15.01, new ThinnedReadings(many, ones));
        Posterior thinned = new Posterior(many, 15.01);
        for (int i = 0; i < all.mode().length; i++) {
            double sd = Math.sqrt(all.variance(i));
            assertThat(thinned.mode()[i]).as("number " + i).isCloseTo(all.mode()[i], within(0.5 * sd));
            assertThat(Math.sqrt(thinned.variance(i)) / sd).as("spread " + i).isBetween(0.8, 1.25);
        }
        assertThat(thinned.readings()).isEqualTo(2000);
    }

    /** A device that turns the heat up and down all the time: what held longest is told, and all that went in. */
    @Test
    void changesWithoutEndAreToldAsAFew() {
        List<Happening> seen = new ArrayList<>();
        for (int i = 0; i < 1000; i++) {
            seen.add(new Happening(0.01 * i, new BatchStory.LookSet(i % 2 == 0 ? Look.GENTLE : Look.LIVELY)));
            seen.add(new Happening(0.01 * i, new BatchStory.Added(Sauces.of("water", 1))));
        }
        Happening last = new Happening(12, new BatchStory.LookSet(Look.STEAMING));
        Happening held = new Happening(11, new BatchStory.LookSet(Look.BARE));
        seen.add(held);
        seen.add(last);
        BatchStory fewer = FewerChanges.of(story(seen));
        assertThat(fewer.happenings()).contains(held, last);
        assertThat(fewer.happenings().stream().filter(h -> h.what() instanceof BatchStory.LookSet))
                .hasSize(FewerChanges.MOST);
        List<Double> addedG = fewer.happenings().stream()
                .filter(h -> h.what() instanceof BatchStory.Added)
                .map(h -> ((BatchStory.Added) h.what()).mixture().massG())
                .toList();
        assertThat(addedG).hasSizeLessThanOrEqualTo(FewerChanges.MOST + 1);
        assertThat(addedG.stream().mapToDouble(g -> g).sum()).isCloseTo(1000, within(1e-6));
        assertThat(FewerChanges.of(story(weighed(600, 12, 5))).happenings()).hasSize(600);
    }

    /** A broken device that pours and takes all the time: as one where they lie together, but never across a stage's end. */
    @Test
    void movesWithoutEndAreToldAsAFew() {
        List<Happening> seen = new ArrayList<>();
        for (int i = 0; i < 500; i++) {
            seen.add(new Happening(0.02 * i, new BatchStory.Added(Sauces.of("water", 1))));
            seen.add(new Happening(0.02 * i, new BatchStory.Taken(2, 0)));
            seen.add(new Happening(0.02 * i, new BatchStory.Taken(0, 3)));
            seen.add(new Happening(0.02 * i, new BatchStory.Poured(Sauces.of("water", 4))));
            if (i == 249) {
                seen.add(new Happening(0.02 * i, new BatchStory.NextStage()));
            }
        }
        List<Happening> fewer = FewerChanges.of(story(seen)).happenings();
        assertThat(fewer).hasSizeLessThan(5 * FewerChanges.MOST);
        int stage = fewer.indexOf(seen.get(1000));
        assertThat(sums(fewer.subList(0, stage))).containsExactly(250, 500, 750, 1000);
        assertThat(sums(fewer.subList(stage, fewer.size()))).containsExactly(250, 500, 750, 1000);
        assertThat(fewer).isSortedAccordingTo((a, b) -> Double.compare(a.minute(), b.minute()));
    }

    private static int[] sums(List<Happening> happenings) {
        double[] sums = new double[4];
        for (Happening h : happenings) {
            if (h.what() instanceof BatchStory.Added added) {
                sums[0] += added.mixture().massG();
            } else if (h.what() instanceof BatchStory.Taken taken) {
                sums[1] += taken.massG();
                sums[2] += taken.mlHot();
            } else if (h.what() instanceof BatchStory.Poured poured) {
                sums[3] += poured.mixture().massG();
            }
        }
        return Arrays.stream(sums).mapToInt(sum -> (int) Math.round(sum)).toArray();
    }

    @Test
    void readingsPartAdditionsWhereThereAreFewEnough() {
        List<Happening> seen = new ArrayList<>(weighed(10, 10, 0));
        for (int i = 0; i < 300; i++) {
            seen.add(new Happening(0.033 * i, new BatchStory.Added(Sauces.of("water", 1))));
        }
        seen.sort((a, b) -> Double.compare(a.minute(), b.minute()));
        List<Happening> fewer = FewerChanges.of(story(seen)).happenings();
        int reading = fewer.indexOf(seen.stream()
                .filter(h -> h.what() instanceof Reading)
                .skip(4)
                .findFirst()
                .orElseThrow());
        assertThat(sums(fewer.subList(0, reading))[0]).isEqualTo((int) Math.floor(5 / 0.033) + 1);
    }

    @Test
    void aWildOneAmongManyIsStillNamed() {
        List<Happening> seen = weighed(600, 12, 5);
        seen.set(50, new Happening(seen.get(50).minute(), new Reading(ReadingKind.WEIGHT, 2100)));
        assertThat(Estimator.forecast(story(seen), 12).wildReadings()).contains(50);
    }
}

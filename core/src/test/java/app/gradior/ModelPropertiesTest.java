package app.gradior;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.Pressing;
import app.gradior.plan.Reduction;
import app.gradior.plan.StopAt;
import app.gradior.plan.Thickening;
import app.gradior.plan.Thinning;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import app.gradior.texture.Consistency;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What must hold of any sauce at all: a few hundred seeded ones, of any foods of the catalogue. */
class ModelPropertiesTest {
    private static final int SAUCES = 200;
    private static final double END_OF_STAIR = 9.5;
    private static final Heat LIVELY = new Heat(Look.LIVELY, LidState.OPEN);
    private static final PotShape POT = new PotShape(280, 220, 160);

    /** Half of it liquid, the rest of five foods. */
    private static List<Mixture> sauces() {
        List<Food> foods = List.copyOf(Catalogue.standard().foods());
        Random random = new Random(20);
        List<Mixture> sauces = new ArrayList<>();
        for (int i = 0; i < SAUCES; i++) {
            Mixture sauce = Sauces.of("water", 300 + random.nextInt(600));
            for (int j = 0; j < 5; j++) {
                Food food = foods.get(random.nextInt(foods.size()));
                boolean strong = food.starchKind().isPresent() || food.bodyFactor() >= 4;
                sauce = sauce.plus(Mixture.of(food, random.nextInt(strong ? 15 : 150)));
            }
            sauces.add(random.nextBoolean() ? sauce.cooked() : sauce.cooked().blended());
        }
        return sauces;
    }

    @Test
    void moreWaterIsNeverThickerAtAnyTemperature() {
        for (Mixture sauce : sauces()) {
            for (double tempC : new double[] {5, 20, 65, 98}) {
                double before = Double.MAX_VALUE;
                for (double water = 0; water <= 400; water += 80) {
                    double step = Consistency.step(sauce.plus(Sauces.of("water", water)), 1, tempC);
                    assertThat(step).isLessThanOrEqualTo(before);
                    before = step;
                }
            }
        }
    }

    @Test
    void moreStarchIsNeverThinner() {
        int i = 0;
        for (Mixture sauce : sauces()) {
            StarchKind kind = StarchKind.values()[i++ % StarchKind.values().length];
            Food powder = Catalogue.standard().powder(kind);
            for (double tempC : new double[] {20, 65, 98}) {
                double before = -100;
                for (double grams = 0; grams <= 40; grams += 8) {
                    // Past the end of the stair the powder's own moisture may loosen what is a paste.
                    double step = Math.min(
                            END_OF_STAIR, Consistency.stepCooked(sauce.plus(Mixture.of(powder, grams)), tempC));
                    assertThat(step).as(kind.name()).isGreaterThanOrEqualTo(before);
                    before = step;
                }
            }
        }
    }

    @Test
    void massCloses() {
        for (Mixture sauce : sauces()) {
            double massG = sauce.massG();
            for (Pressing pressing : Pressing.values()) {
                Mixture.Parted parted = pressing.of(sauce);
                assertThat(parted.kept().massG() + parted.leftBehind().massG()).isCloseTo(massG, within(1e-9 * massG));
            }
            SimmerRun run = new SimmerRun(sauce, PotOnHeat.unknownPair(POT, 0), LIVELY, 1, 60);
            run.advance(900);
            Mixture after = run.mixture();
            double fixedBefore = massG - sauce.waterG() - sauce.ethanolG() - sauce.aceticG();
            double fixedAfter = after.massG() - after.waterG() - after.ethanolG() - after.aceticG();
            assertThat(fixedAfter).isCloseTo(fixedBefore, within(1e-9 * massG));
            assertThat(run.massG()).isCloseTo(after.massG(), within(1e-9 * massG));
        }
    }

    private static double lostG(Mixture sauce, PotShape pot, Heat heat) {
        SimmerRun run = new SimmerRun(sauce, PotOnHeat.unknownPair(pot, 0), heat, 1, 60);
        run.advance(600);
        return sauce.massG() - run.massG();
    }

    @Test
    void aWiderPotIsNeverSlowerAndALidNeverFaster() {
        for (Mixture sauce : sauces()) {
            double before = 0;
            for (double widen = 0; widen <= 120; widen += 40) {
                double lost = lostG(sauce, new PotShape(220 + widen, 200 + widen, 200), LIVELY);
                assertThat(lost).isGreaterThanOrEqualTo(before);
                before = lost;
            }
            double open = lostG(sauce, POT, LIVELY);
            double ajar = lostG(sauce, POT, new Heat(Look.LIVELY, LidState.AJAR));
            double closed = lostG(sauce, POT, new Heat(Look.LIVELY, LidState.CLOSED));
            assertThat(closed).isLessThanOrEqualTo(ajar);
            assertThat(ajar).isLessThanOrEqualTo(open);
        }
    }

    @Test
    void inversesUndoTheModel() {
        int solved = 0;
        for (Mixture sauce : sauces()) {
            Reduction reduction = new Reduction(sauce, PotOnHeat.unknownPair(POT, 0), LIVELY, 60, 1);
            double half = 0.5 * sauce.volumeMl20c();
            if (reduction.solve(new StopAt.Volume(half)) instanceof Reduction.Done done) {
                assertThat(done.last().volumeMl20c()).isCloseTo(half, within(0.001 * half));
                SimmerRun run = new SimmerRun(sauce, PotOnHeat.unknownPair(POT, 0), LIVELY, 1, 60);
                run.advance(60 * done.minutes());
                assertThat(run.volumeMl20c()).isCloseTo(half, within(0.001 * half));
                solved++;
            }
            double now = Consistency.step(sauce, 1, 60);
            Thickening thickening = new Thickening(sauce, Thickening.Mix.slurry(StarchKind.TAPIOCA), 95, 60, 1);
            double wanted = Math.max(now + 0.7, 4);
            if (wanted < 8 && thickening.starchG(wanted).isPresent()) {
                Mixture thick = thickening.with(thickening.starchG(wanted).getAsDouble());
                assertThat(Consistency.step(thick, 1, 60)).isCloseTo(wanted, within(0.001 * wanted));
                double water = Thinning.waterToStep(thick, wanted - 0.5, 60, 1).orElseThrow();
                assertThat(Consistency.step(thick.plus(Sauces.of("water", water)), 1, 60))
                        .isCloseTo(wanted - 0.5, within(0.001 * wanted));
                solved++;
            }
        }
        assertThat(solved).isGreaterThan(SAUCES);
    }
}

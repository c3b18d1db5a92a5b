package app.gradior.simmer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.gradior.Sauces;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.vessel.PotShape;
import org.junit.jupiter.api.Test;

class SimmerRunTest {
    private static final PotShape POT = new PotShape(240, 210, 130);
    private static final Heat LIVELY = new Heat(Look.LIVELY, LidState.OPEN);

    private static SimmerRun run(Mixture mixture, PotShape shape, Heat heat) {
        return new SimmerRun(mixture, PotOnHeat.unknownPair(shape, 0), heat, 1, 20);
    }

    private static double lostIn(double minutes, PotShape shape, Heat heat) {
        SimmerRun run = run(Sauces.damson(), shape, heat);
        run.advance(minutes * 60);
        return Sauces.damson().massG() - run.massG();
    }

    /** The step of the integrator ends where something is set, even to what it is. */
    private static void stepOfASecond(SimmerRun run, Heat heat, double lookFactor) {
        run.set(heat, lookFactor);
        run.advance(1);
    }

    /** A straight pot of water: A·J·t, by hand: 0.0452 m² × 20 kg/(m²·h) × 0.5 h = 452 g. */
    @Test
    void waterLeavesAtTheTablesRate() {
        SimmerRun run = run(Sauces.of("water", 3000), new PotShape(240, 240, 130), LIVELY);
        run.advance(30 * 60);
        assertThat(3000 - run.massG()).isCloseTo(452.4, within(2.5));
    }

    @Test
    void longStepsAreAsGoodAsShortOnes() {
        SimmerRun coarse = run(Sauces.damson(), POT, LIVELY);
        coarse.advance(60 * 60);
        SimmerRun within = run(Sauces.damson(), POT, LIVELY);
        SimmerRun fine = run(Sauces.damson(), POT, LIVELY);
        double worst = 0;
        for (int i = 0; i < 3600; i++) {
            within.advance(1);
            stepOfASecond(fine, LIVELY, 1);
            worst = Math.max(worst, Math.abs(within.massG() - fine.massG()));
        }
        double lost = Sauces.damson().massG() - fine.massG();
        assertThat(coarse.massG()).isCloseTo(fine.massG(), within(1e-6 * lost));
        assertThat(worst).as("between the ends of long steps").isLessThan(1e-6 * lost);
    }

    @Test
    void whatDoesNotEvaporateStays() {
        Mixture start = Sauces.damson().plus(Sauces.of("wine-red", 200)).plus(Sauces.of("salt", 5));
        SimmerRun run = run(start, POT, LIVELY);
        run.advance(40 * 60);
        Mixture end = run.mixture();
        assertThat(end.withVolatiles(start.waterG(), start.ethanolG(), start.aceticG()))
                .usingRecursiveComparison()
                .ignoringFields("body")
                .isEqualTo(start);
        assertThat(end.sucroseG()).as("acid splits sugar").isLessThan(start.sucroseG());
        assertThat(end.massG()).isCloseTo(run.massG(), within(1e-9));
        assertThat(end.ethanolG() / start.ethanolG()).isLessThan(0.2 * end.waterG() / start.waterG());
        assertThat(end.aceticPercent()).isGreaterThan(start.aceticPercent());
        assertThat(end.aceticG()).isLessThan(start.aceticG());
    }

    @Test
    void aWiderPotIsNeverSlowerAndALidNeverFaster() {
        double before = 0;
        for (double diameter = 160; diameter <= 320; diameter += 20) {
            double lost = lostIn(20, new PotShape(diameter, diameter, 200), LIVELY);
            assertThat(lost).isGreaterThan(before);
            before = lost;
        }
        double open = lostIn(20, POT, LIVELY);
        double screened = lostIn(20, POT, new Heat(Look.LIVELY, LidState.SCREEN));
        double ajar = lostIn(20, POT, new Heat(Look.LIVELY, LidState.AJAR));
        double closed = lostIn(20, POT, new Heat(Look.LIVELY, LidState.CLOSED));
        assertThat(new double[] {closed, ajar, screened, open}).isSorted();
        assertThat(open - closed)
                .as("12 W/(m²·K) through the lid for twenty minutes")
                .isCloseTo(12 * 80 * POT.mouthM2() * 1200 / 2256, within(2.0));
        double gentle = lostIn(20, POT, new Heat(Look.GENTLE, LidState.OPEN));
        assertThat(lostIn(20, POT, new Heat(Look.GENTLE, LidState.CLOSED)))
                .as("below the boil the space is full")
                .isLessThan(0.15 * gentle);
    }

    @Test
    void theBurnerLimitsTheBoil() {
        PotOnHeat weak = new PotOnHeat(POT, 0, 1, 300);
        SimmerRun run = new SimmerRun(Sauces.of("water", 2000), weak, new Heat(Look.ROLLING, LidState.OPEN), 1, 20);
        run.advance(600);
        // 300 W, less 80 K through the wall of a 46 mm deep pool at 10 W/(m²·K), over 2256 kJ/kg for ten minutes
        double wallW = 10 * 80 * POT.wallM2(POT.levelMm(2000 * 1.043));
        assertThat(2000 - run.massG()).isCloseTo((300 - wallW) * 600 / 2256, within(0.8));
    }

    @Test
    void itThickensAndSlowsAsItGoes() {
        SimmerRun run = run(Sauces.damson(), POT, LIVELY);
        PotState first = run.look();
        run.advance(45 * 60);
        PotState later = run.look();
        assertThat(later.stepServed()).isGreaterThan(first.stepServed());
        assertThat(later.lossGPerMin()).isLessThan(first.lossGPerMin());
        assertThat(later.levelMm()).isLessThan(first.levelMm());
        assertThat(later.boilingC()).isGreaterThan(first.boilingC());
    }

    @Test
    void aForgottenPotEndsDryAndDoesNotGoBelowNothing() {
        SimmerRun run =
                run(Sauces.of("water", 300).plus(Sauces.of("sugar", 100)), POT, new Heat(Look.ROLLING, LidState.OPEN));
        assertThat(run.advance(48 * 3600)).isEqualTo(SimmerRun.End.DRY);
        assertThat(run.massG()).isBetween(100.0, 140.0);
        assertThat(run.minute()).isCloseTo(48 * 60, within(1e-6));
        assertThat(run.look().lossGPerMin()).isZero();
    }

    @Test
    void addingWaterAndBoilingItOffAgainComesBack() {
        SimmerRun run = run(Sauces.damson(), POT, LIVELY);
        run.add(Sauces.of("water", 200));
        assertThat(run.massG()).isCloseTo(Sauces.damson().massG() + 200, within(1e-9));
        SimmerRun.End end = run.advanceUntil(r -> r.massG() - Sauces.damson().massG(), 3600);
        assertThat(end).isEqualTo(SimmerRun.End.REACHED);
        assertThat(run.mixture().waterG()).isCloseTo(Sauces.damson().waterG(), within(2.0));
    }

    @Test
    void longerStepsForManyMembersAreStillExactEnough() {
        PotOnHeat pot = PotOnHeat.unknownPair(new PotShape(240, 200, 130), 0);
        Heat heat = new Heat(Look.LIVELY, LidState.OPEN);
        SimmerRun fine = new SimmerRun(Sauces.damson(), pot, heat, 1, 20);
        SimmerRun brisk = new SimmerRun(Sauces.damson(), pot, heat, 1, 20).briskly();
        fine.advanceUntil(r -> 6.5 - r.stepServed(), 1e5);
        brisk.advanceUntil(r -> 6.5 - r.stepServed(), 1e5);
        assertThat(brisk.minute()).isCloseTo(fine.minute(), withinPercentage(1e-3));
        assertThat(brisk.massG()).isCloseTo(fine.massG(), withinPercentage(1e-3));
    }

    /** An end that falls within a long step is found there, however often somebody looked on the way; going on from it is exact, too. */
    @Test
    void anEndWithinALongStepIsWhereShortOnesFindIt() {
        SimmerRun fine = run(Sauces.damson(), POT, LIVELY);
        while (fine.stepServed() < 6) {
            stepOfASecond(fine, LIVELY, 1);
        }
        SimmerRun.StopEvent atSix = r -> 6 - r.stepServed();
        SimmerRun once = run(Sauces.damson(), POT, LIVELY);
        SimmerRun looked = run(Sauces.damson(), POT, LIVELY).briskly();
        assertThat(once.advanceUntil(atSix, 1e5)).isEqualTo(SimmerRun.End.REACHED);
        while (looked.advanceUntil(atSix, 17) == SimmerRun.End.TIME) {
            assertThat(looked.stepServed()).isLessThan(6);
        }
        assertThat(once.stepServed()).isCloseTo(6, within(1e-9));
        assertThat(once.minute()).isCloseTo(fine.minute(), within(1.0 / 60));
        assertThat(looked.minute()).isCloseTo(once.minute(), withinPercentage(1e-3));
        SimmerRun alone = run(Sauces.damson(), POT, LIVELY);
        alone.advance(once.minute() * 60 + 300);
        once.advance(300);
        assertThat(once.massG()).isCloseTo(alone.massG(), within(1e-3));
    }

    /** However a stretch of time ends, the clock has gone on by it, and the answer says which end it was. */
    @Test
    void theClockGoesOnToWhateverEndsIt() {
        SimmerRun run = run(Sauces.of("water", 1000), POT, LIVELY);
        assertThat(run.advance(90)).isEqualTo(SimmerRun.End.TIME);
        assertThat(run.minute()).isCloseTo(1.5, within(1e-9));
        assertThat(run.advanceUntil(r -> r.massG() - 1, 90)).isEqualTo(SimmerRun.End.TIME);
        assertThat(run.minute()).isCloseTo(3, within(1e-9));
        double there = run.massG();
        assertThat(run.advanceUntil(r -> r.massG() - there - 5, 90)).isEqualTo(SimmerRun.End.REACHED);
        assertThat(run.minute()).as("it was so before").isCloseTo(3, within(1e-9));
        assertThat(run.massG()).isEqualTo(there);
        assertThat(run.advanceUntil(r -> 1, 24 * 3600)).isEqualTo(SimmerRun.End.DRY);
        assertThat(run.minute()).isCloseTo(3 + 24 * 60, within(1e-6));
        assertThat(run.massG()).as("dry at a gram").isBetween(0.94, 1.0);
        assertThat(run.advance(60)).isEqualTo(SimmerRun.End.DRY);
        assertThat(run.minute()).isCloseTo(4 + 24 * 60, within(1e-6));
        run.add(Sauces.of("water", 500));
        double wet = run.massG();
        run.advance(60);
        assertThat(wet - run.massG()).as("water in a dry pot boils again").isGreaterThan(5);
        SimmerRun oily = run(Sauces.of("water", 200).plus(Sauces.of("olive-oil", 500)), POT, LIVELY);
        assertThat(oily.advance(24 * 3600)).isEqualTo(SimmerRun.End.DRY);
        assertThat(oily.mixture().waterG() / oily.massG())
                .as("three in a hundred")
                .isBetween(0.028, 0.03);
    }

    /** What is set in the middle of a long step counts from there, as in a pot that is looked at every second. */
    @Test
    void aChangedHeatCountsAtOnce() {
        Mixture start = Sauces.damson().plus(Sauces.of("wine-red", 200));
        SimmerRun run = run(start, POT, LIVELY);
        SimmerRun fine = run(start, POT, LIVELY);
        Heat low = new Heat(Look.BARE, LidState.AJAR);
        for (int part = 0; part < 3; part++) {
            if (part == 1) {
                run.set(low, 1.3);
            }
            run.advance(100);
            for (int second = 0; second < 100; second++) {
                stepOfASecond(fine, part == 0 ? LIVELY : low, part == 0 ? 1 : 1.3);
            }
        }
        assertThat(run.massG()).isCloseTo(fine.massG(), within(1e-4));
    }

    @Test
    void whatItShowsIsWhatItDoes() {
        Mixture start = Sauces.of("wine-red", 700).plus(Sauces.of("vinegar-cider", 300));
        SimmerRun run = run(start, POT, LIVELY);
        double lossGPerMin = run.look().lossGPerMin();
        run.advance(1);
        assertThat((start.massG() - run.massG()) * 60).isCloseTo(lossGPerMin, within(0.001 * lossGPerMin));
        assertThat(run.levelMm(250)).isCloseTo(POT.levelMm(run.volumeMlHot() + 250), within(1e-9));
        assertThat(run.levelMm()).isCloseTo(POT.levelMm(run.volumeMlHot()), within(1e-9));
    }
}

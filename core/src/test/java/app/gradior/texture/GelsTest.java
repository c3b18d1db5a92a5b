package app.gradior.texture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.finding.Refused;
import app.gradior.larder.SolidFat;
import app.gradior.mixture.Mixture;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/** What sets in the cold, what fat does outside, and how sure all of it is. */
class GelsTest {
    private static Consistency.Flow at(Mixture m, double tempC, double heldH) {
        return Consistency.flowNow(m, 1, tempC, heldH);
    }

    private static double step(Mixture m, double tempC, double heldH) {
        return Stair.step(at(m, tempC, heldH).viscosityPaS());
    }

    private static Mixture gelatine(double percent) {
        return Sauces.of("gelatine", percent / 0.86).plus(Sauces.of("water", 100 - percent / 0.86));
    }

    @Test
    void gelatineTremblesAtOneOrTwoAndIsCutAtThreePercent() {
        assertThat(step(gelatine(1), 5, 12)).isBetween(5.0, 7.0);
        assertThat(step(gelatine(2), 5, 12)).isBetween(7.5, 9.0);
        assertThat(step(gelatine(4), 5, 12)).isGreaterThan(9);
        assertThat(at(gelatine(3), 5, 12).structure()).isEqualTo(Structure.GEL);
        assertThat(step(gelatine(3), 5, 12)).as("in hours").isGreaterThan(step(gelatine(3), 5, 1) + 0.5);
        assertThat(at(gelatine(3), 26, 12).structure()).isEqualTo(Structure.LIQUID);
    }

    /** η_sp = x·e^(0.65·x) with x = 0.30·c, by hand for 10 %: x = 3, 21.1. */
    @Test
    void hotGelatineIsAPolymer() {
        Mixture glace = gelatine(10);
        Mixture same = Sauces.of("msg", 10 / 0.87).plus(Sauces.of("water", 100 - 10 / 0.87));
        assertThat(at(glace, 65, 0).viscosityPaS() / at(same, 65, 0).viscosityPaS())
                .isBetween(20.0, 24.0);
    }

    @Test
    void pectinSetsWithSugarAndAcidOnly() {
        Mixture jelly = Sauces.of("redcurrant-juice", 400).plus(Sauces.of("sugar", 450));
        Mixture set = jelly.withVolatiles(jelly.waterG() - 120, 0, 0);
        assertThat(set.brixPercent()).isGreaterThan(64);
        assertThat(at(set, 20, 12).structure()).isEqualTo(Structure.GEL);
        assertThat(step(jelly, 20, 12)).as("too thin").isLessThan(step(set, 20, 12) - 1.5);
        assertThat(step(set, 61, 12)).as("too hot").isLessThan(5);
        Mixture mild = Sauces.syrup(67).plus(Sauces.of("pectin", 7));
        assertThat(at(mild, 20, 12).structure()).isNotEqualTo(Structure.GEL);
        assertThat(at(mild.plus(Sauces.of("citric-acid", 1)), 20, 12).structure())
                .isEqualTo(Structure.GEL);
    }

    @Test
    void starchSetsOvernightAndSoDoesButter() {
        Mixture white = Sauces.of("milk", 500)
                .plus(Sauces.of("wheat-flour", 25))
                .plus(Sauces.of("butter", 25))
                .cooked();
        assertThat(step(white, 5, 12) - step(white, 5, 0)).isBetween(0.8, 1.4);
        Mixture potato =
                Sauces.of("milk", 500).plus(Sauces.of("potato-starch", 12)).cooked();
        assertThat(step(potato, 5, 12) - step(potato, 5, 0)).isBetween(0.05, 0.3);
        Mixture rich =
                Sauces.of("wine-white", 60).plus(Sauces.of("butter", 200)).plus(Sauces.of("cream-double", 30));
        assertThat(step(rich, 65, 0)).isLessThan(4);
        assertThat(step(rich, 5, 12)).isGreaterThan(9);
        assertThat(at(rich, 5, 12).structure()).isEqualTo(Structure.FAT);
        Mixture cream = Sauces.of("cream-double", 300);
        assertThat(step(cream, 5, 12)).as("its fat stays in its drops").isLessThan(6);
    }

    @Test
    void solidFatByTheTable() {
        assertThat(SolidFat.BUTTER.solidShare(10)).isEqualTo(0.5);
        assertThat(SolidFat.BUTTER.solidShare(15)).isCloseTo(0.34, within(1e-9));
        assertThat(SolidFat.COCOA.solidShare(38)).isZero();
        assertThat(SolidFat.NONE.solidShare(5)).isZero();
        assertThat(SolidFat.LARD.solidShare(-5)).isEqualTo(0.4);
    }

    @Test
    void whereFatIsTheOutsideAnotherRuleHolds() {
        Mixture nut = Sauces.of("peanut-butter", 200);
        assertThat(at(nut, 20, 1).structure()).isEqualTo(Structure.FAT);
        assertThat(step(nut, 20, 1)).isBetween(7.9, 9.5);
        assertThat(step(nut, 65, 0)).isLessThan(step(nut, 20, 1) - 1);
        Mixture thinned = Sauces.of("tahini", 100).plus(Sauces.of("water", 120));
        assertThat(at(thinned, 20, 1).structure()).isNotEqualTo(Structure.FAT);
        assertThat(step(thinned.plus(Sauces.of("water", 100)), 20, 1)).isLessThan(step(thinned, 20, 1));
        Mixture mayonnaise =
                Sauces.of("egg-yolk", 36).plus(Sauces.of("vegetable-oil", 300)).plus(Sauces.of("lemon-juice", 25));
        assertThat(at(mayonnaise, 20, 1).structure()).isEqualTo(Structure.EMULSION);
        assertThat(at(mayonnaise, 20, 1).yieldStressPa()).isGreaterThan(10);
    }

    @Test
    void honeyIsThinnerThanItsSugarWouldBe() {
        Mixture honey = Sauces.of("honey", 300);
        Mixture sucrose = Sauces.syrup(honey.brixPercent());
        assertThat(at(sucrose, 20, 0).viscosityPaS() / at(honey, 20, 0).viscosityPaS())
                .isBetween(4.0, 9.0);
    }

    @Test
    void theDoubtIsOfWhatBuildsIt() {
        assertThat(Consistency.doubtNow(Sauces.syrup(65), 20, 0)).isEqualTo(new Doubt(0.05, Doubt.Cause.SERUM));
        Doubt puree = Consistency.doubtNow(Sauces.of("passata", 500), 65, 0);
        assertThat(puree.cause()).isEqualTo(Doubt.Cause.PULP);
        assertThat(puree.logSd()).isBetween(0.10, 0.15);
        Doubt compote = Consistency.doubtNow(Sauces.of("plum", 500).cookedThrough(), 65, 0);
        assertThat(compote.cause()).isEqualTo(Doubt.Cause.PIECES);
        assertThat(compote.logSd()).isGreaterThan(0.5);
        Doubt glace = Consistency.doubtNow(gelatine(8), 5, 12);
        assertThat(glace.cause()).isEqualTo(Doubt.Cause.GELATINE);
        assertThat(glace.steps()).isBetween(1.1, 1.4);
    }

    @Test
    void fourTimesOfOneSauce() {
        Mixture custard = Sauces.of("milk", 500)
                .plus(Sauces.of("cornflour", 25))
                .plus(Sauces.of("egg-yolk", 36))
                .plus(Sauces.of("sugar", 60))
                .cooked();
        var met = AsMet.all(custard, 1, 98, 65);
        assertThat(met).extracting(AsMet::when).containsExactly(AsMet.When.values());
        assertThat(met).extracting(AsMet::step).isSorted();
        assertThat(met.get(3).flow().structure()).isEqualTo(Structure.GEL);
        assertThat(met.get(2).heldH()).isEqualTo(1);
        assertThat(met.get(3).step()).isGreaterThan(met.get(2).step() + 0.8);
    }

    @Test
    void whereTheModelEndsItSaysSo() {
        assertThat(Refused.why(() -> Consistency.stepCooked(Sauces.of("cocoa", 100), 20)))
                .isInstanceOf(Beyond.Powder.class);
        assertThat(Refused.why(
                        () -> Consistency.stepCooked(Sauces.of("sugar", 95).plus(Sauces.of("water", 5)), 20)))
                .isEqualTo(new Beyond.BoiledSugar(95, 90));
        assertThat(Consistency.stepCooked(Sauces.of("honey", 100), 20)).isLessThan(10);
        assertThat(Consistency.stepCooked(Sauces.of("peanut-butter", 100), 20)).isLessThan(10);
        assertThat(Consistency.stepCooked(Sauces.of("chocolate-dark", 100), 45)).isLessThan(9);
    }

    /** What sets a sauce overnight, and the water with which it would be as on the plate; by the rule itself put to the test. */
    @Test
    void whatMakesItThickerColdAndWhatWouldChangeThat() {
        Mixture stock = Sauces.of("bone-stock", 1000);
        assertThat(change(stock.withVolatiles(200, 0, 0)).by()).isEqualTo(Cold.By.GELATINE);
        Mixture white =
                Sauces.of("milk", 500).plus(Sauces.of("wheat-flour", 30)).cooked();
        Cold.Change starch = change(white);
        assertThat(starch.by()).isEqualTo(Cold.By.STARCH);
        assertThat(starch.steps())
                .isCloseTo(step(white, 5, 12) - step(white, 60, 0), within(1e-9))
                .isGreaterThan(1);
        assertThat(starch.waterG()).as("no sensible amount").isNull();
        Mixture syrup = Sauces.syrup(65);
        double waterG = Objects.requireNonNull(change(syrup).waterG());
        assertThat(step(syrup.plus(Sauces.of("water", waterG)), 5, 12)).isCloseTo(step(syrup, 60, 0), within(0.01));
        assertThat(change(Sauces.of("butter", 300).plus(Sauces.of("water", 200)))
                        .by())
                .isEqualTo(Cold.By.FAT);
        assertThat(change(Sauces.syrup(65)).by()).isEqualTo(Cold.By.COLDNESS);
        assertThat(Cold.change(Sauces.of("vegetable-stock", 500), 1, 20))
                .as("hardly thicker")
                .isEmpty();
    }

    private static Cold.Change change(Mixture m) {
        return Cold.change(m, 1, 60).orElseThrow();
    }
}

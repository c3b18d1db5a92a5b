package app.gradior.texture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.finding.Refused;
import app.gradior.heat.BoilingPoint;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Body;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;
import org.junit.jupiter.api.Test;

/** How the parts of a thickness go together: each figure by the rule that stands in docs/model.md, worked out here once more. */
class ConsistencyTest {
    private static final Mixture MAYONNAISE =
            Sauces.of("egg-yolk", 36).plus(Sauces.of("vegetable-oil", 300)).plus(Sauces.of("lemon-juice", 25));

    private static Consistency.Flow at(Mixture m, double tempC, double heldH) {
        return Consistency.flowNow(m, 1, tempC, heldH);
    }

    private static Mixture water(double grams) {
        return Sauces.of("water", grams);
    }

    @Test
    void belowThirtyDegreesASauceHasStoodForANight() {
        assertThat(Consistency.usualHeldH(29.9)).isEqualTo(12);
        assertThat(Consistency.usualHeldH(30)).isZero();
    }

    /** Fat outside: what its crystals add they bear by forty times as much; what is left is the paste, as oil thickens it in the cool. */
    @Test
    void crystalsStandOnTopOfThePaste() {
        Mixture chocolate = Sauces.of("chocolate-dark", 200);
        Consistency.Flow melted = at(chocolate, 45, 0);
        Consistency.Flow set = at(chocolate, 20, 1);
        assertThat(melted.yieldStressPa()).isZero();
        double paste = melted.viscosityPaS() * Math.pow(0.070 / 0.016, 25.0 / 45);
        assertThat(set.viscosityPaS()).isGreaterThan(2 * paste);
        assertThat(set.viscosityPaS() - set.yieldStressPa() / 40).isCloseTo(paste, within(1e-9 * paste));
    }

    /** Drops that hold one another, past 0.62 of the volume, bear twelve times their flow; just under it they bear what the yolk does. */
    @Test
    void packedDropsBearTwelveTimesTheirFlow() {
        Consistency.Flow packed = at(MAYONNAISE, 40, 0);
        assertThat(packed.structure()).isEqualTo(Structure.EMULSION);
        assertThat(packed.yieldStressPa() / packed.viscosityPaS()).isBetween(12.0, 14.0);
        Mixture loose = MAYONNAISE.plus(water(200));
        Consistency.Flow flows = at(loose, 40, 0);
        assertThat(flows.structure()).isNotEqualTo(Structure.EMULSION);
        assertThat(flows.yieldStressPa() / flows.viscosityPaS()).isLessThan(2);
    }

    /** Where fat is the outside nothing else is in doubt; in drops it is doubted by what it adds to the serum, and not by the serum itself. */
    @Test
    void whatIsDoubtedOfFat() {
        assertThat(Consistency.doubtNow(Sauces.of("peanut-butter", 200), 40, 0))
                .isEqualTo(new Doubt(0.3, Doubt.Cause.FAT));
        Mixture cream = Sauces.of("cream-double", 400);
        double drops = SpecificVolume.fatMl20c(cream.emulsifiedFatG()) / cream.volumeMl20c();
        double factor = Math.pow(1 - drops / 0.72, -1.85);
        assertThat(factor).isGreaterThan(4);
        assertThat(Consistency.doubtNow(cream, 40, 0).cause()).isEqualTo(Doubt.Cause.FAT);
        assertThat(Consistency.doubtNow(cream, 40, 0).logSd())
                .isCloseTo((0.05 + (factor - 1) * 0.3) / factor, within(1e-9));
    }

    @Test
    void brixIsWhatIsDissolvedOfTheWholeSerum() {
        Mixture m = Sauces.of("wine-sweet", 300)
                .plus(Sauces.of("vinegar-cider", 100))
                .plus(Sauces.of("sugar", 50));
        Consistency of = new Consistency(m, 1);
        double dissolved = m.sugarsG() + m.otherSolublesG() + m.saltG() + m.otherAcidsG() + m.aceticG();
        assertThat(m.ethanolG()).isGreaterThan(20);
        assertThat(of.brixPercent(m.waterG(), m.ethanolG(), m.aceticG()))
                .isCloseTo(100 * dissolved / (m.waterG() + m.ethanolG() + dissolved), within(1e-9));
        assertThat(of.brixPercent(m.waterG() / 2, 0, 0))
                .isCloseTo(100 * (dissolved - m.aceticG()) / (m.waterG() / 2 + dissolved - m.aceticG()), within(1e-9));
    }

    /** Sucrose that acid has split binds twice as many molecules' water: the activity is that of the hexoses it has become. */
    @Test
    void splitSugarBindsMoreWater() {
        Mixture sour =
                Sauces.of("sugar", 100).plus(Sauces.of("lemon-juice", 60)).plus(water(60));
        Consistency of = new Consistency(sour, 1);
        double whole = of.waterActivity(sour.waterG(), sour.aceticG());
        double split = of.waterActivity(sour.waterG(), sour.aceticG(), 1e6);
        double sugars = sour.sugarsG() + sour.otherSolublesG();
        double mol = BoilingPoint.fixedSoluteMol(sour.saltG(), sour.otherAcidsG());
        double hexoses = sour.body().g(Body.Part.HEXOSES);
        assertThat(whole)
                .isEqualTo(BoilingPoint.waterActivity(sour.waterG(), sugars - hexoses, hexoses, mol, sour.aceticG()));
        double all = hexoses + sour.sucroseG();
        assertThat(split)
                .isCloseTo(
                        BoilingPoint.waterActivity(sour.waterG(), sugars - all, all, mol, sour.aceticG()),
                        within(1e-12));
        assertThat(split).isLessThan(whole - 0.01);
    }

    @Test
    void whatItKnowsOfItself() {
        Mixture raw = Sauces.of("cornflour", 20).plus(water(400));
        Consistency thickened = new Consistency(raw.cooked(), 1);
        assertThat(thickened.starchy()).isTrue();
        assertThat(thickened.has(StarchKind.MAIZE)).isTrue();
        assertThat(thickened.has(StarchKind.POTATO)).isFalse();
        assertThat(new Consistency(raw, 1).starchy()).as("raw").isFalse();
        assertThat(new Consistency(raw, 1).has(StarchKind.MAIZE)).isFalse();
        assertThat(new Consistency(Sauces.of("plum", 400), 1).softens()).isTrue();
        assertThat(new Consistency(Sauces.syrup(60), 1).softens()).isFalse();
    }

    /** Sugar to nine tenths of what is dissolved in is a syrup, past it is boiled sugar; what else is as dry is a powder. */
    @Test
    void whereASyrupEnds() {
        assertThat(Consistency.flowAsked(Sauces.of("sugar", 90).plus(water(10)), 1, 20, 0)
                        .viscosityPaS())
                .isPositive();
        assertThat(Refused.why(
                        () -> Consistency.flowAsked(Sauces.of("sugar", 90.1).plus(water(9.9)), 1, 20, 0)))
                .isInstanceOf(Beyond.BoiledSugar.class);
        assertThat(Refused.why(() -> Consistency.flowAsked(Sauces.of("salt", 92).plus(water(8)), 1, 20, 0)))
                .isInstanceOf(Beyond.Powder.class);
    }
}

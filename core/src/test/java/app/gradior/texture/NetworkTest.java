package app.gradior.texture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.larder.Catalogue;
import app.gradior.larder.CellStarch;
import app.gradior.larder.Food;
import app.gradior.larder.MadeUp;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Body;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What builds a sauce's network, of every food there is: by the rules that stand in docs/model.md, worked out here once more. */
class NetworkTest {
    private static final double KEPT = 0.9;

    private final double[] kept = new double[StarchKind.values().length];

    /** One moment of a serum. */
    private record At(Consistency.Serum serum, double tempC, double heldH, double heatedMin) {
        double setCold() {
            return tempC < 30 && heldH > 0
                    ? (1 - Math.exp(-heldH / 5)) * Math.min(1, (30 - tempC) / 25) * (1 - serum.brix() / 125)
                    : 0;
        }

        double root(double grams, double serumG, double critical, double exponent, double heatExponent) {
            double now = Math.exp(serum.log()) / Math.exp(serum.log20());
            double network = Math.exp(serum.log20())
                    * Math.pow(grams / serumG / critical, exponent)
                    * Math.pow(now, heatExponent);
            return grams > 0 ? Math.sqrt(network) : 0;
        }

        double stays(double minutes) {
            return Math.exp(-heatedMin / minutes);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "0, 0.0010, 20, 0, 0",
        "0, 0.0003, 95, 0, 11",
        "20, 0.0017, 20, 12, 40",
        "33, 0.0010, 29, 3, 0",
        "45, 0.0030, 5, 5, 7",
        "62, 0.0200, 2, 48, 90",
        "84, 0.9000, 30, 48, 200"
    })
    void theNetworkOfEveryFood(double brix, double paS, double tempC, double heldH, double heatedMin) {
        Arrays.fill(kept, KEPT);
        At at = new At(
                new Consistency.Serum(brix, Math.log(paS), Math.log(0.001 + brix * brix / 1e6)),
                tempC,
                heldH,
                heatedMin);
        Set<Body.Part> met = EnumSet.noneOf(Body.Part.class);
        for (Food food : foods()) {
            Mixture raw = Mixture.of(food, 100).plus(Sauces.of("water", 300));
            for (Mixture m : new Mixture[] {
                raw, raw.cooked(), raw.cookedFor(5), raw.blended().cookedFor(9)
            }) {
                compare(food.id(), m, at);
                for (Body.Part part : Body.Part.values()) {
                    if (m.body().g(part) > 0) {
                        met.add(part);
                    }
                }
            }
        }
        assertThat(met)
                .as("no part that no food has")
                .hasSize(Body.Part.values().length - 1)
                .doesNotContain(Body.Part.CURDLED_YOLK);
    }

    private static List<Food> foods() {
        List<Food> foods = new ArrayList<>(Catalogue.standard().foods());
        foods.add(MadeUp.lasting(4));
        return foods;
    }

    private void compare(String id, Mixture m, At at) {
        ToDoubleFunction<Body.Part> g = m.body()::g;
        double serumG = m.serumG();
        double brix = at.serum().brix();
        double sour = m.ph() < 4 ? 2 : 1;
        double soft = g.applyAsDouble(Body.Part.SOFT) * at.stays(8);
        double middle = g.applyAsDouble(Body.Part.MIDDLE) * at.stays(25 * sour);
        double firm = g.applyAsDouble(Body.Part.FIRM) * at.stays(60 * sour);
        double inPieces = soft + middle + firm + g.applyAsDouble(Body.Part.LASTING);
        double pulpG = m.body().freeG() + m.body().boundG() - inPieces + inPieces / 3;
        double pulp = at.root(pulpG * (1 - 0.012 * Math.max(0, brix - 45)), serumG, 0.00127, 1.75, 0.7);

        double holds = Math.max(0.3, 1 - 0.012 * Math.max(0, brix - 20));
        double starch = 0;
        double set = 0;
        for (StarchKind kind : StarchKind.values()) {
            double grams = m.setPowderG(kind) * KEPT * holds;
            double stronger = kind.setsCold() * at.setCold();
            double part =
                    at.root(grams, serumG, 0.00204 * kind.criticalOverMaize(), kind.exponent(), kind.heatExponent())
                            * Math.sqrt(1 + stronger);
            starch += part;
            set += part * stronger / (1 + stronger);
        }
        double swollenIn = g.applyAsDouble(Body.Part.IN_CELLS)
                + g.applyAsDouble(Body.Part.RAW_PULSE) * (1 - at.stays(CellStarch.PULSE.swellsMin()))
                + g.applyAsDouble(Body.Part.RAW_TUBER) * (1 - at.stays(CellStarch.TUBER.swellsMin()));
        double swollenOut = g.applyAsDouble(Body.Part.LOOSE)
                + g.applyAsDouble(Body.Part.RAW_MEAL) * (1 - at.stays(CellStarch.MEAL.swellsMin()));
        double stronger = 1.2 * at.setCold();
        double cells =
                at.root((swollenOut + swollenIn / 4) * holds, serumG, 0.0028, 2.2, 1.35) * Math.sqrt(1 + stronger);
        set += cells * stronger / (1 + stronger);
        double eggG = g.applyAsDouble(Body.Part.SET_YOLK)
                + 0.15 * g.applyAsDouble(Body.Part.YOLK)
                + 0.3 * g.applyAsDouble(Body.Part.SET_WHITE);
        double egg = at.root(eggG, serumG, 0.0045, 1.3, 1);

        Network network = new Network(m, new Sourness(m));
        Network.Parts parts =
                network.parts(serumG, at.serum(), new Consistency.Moment(at.tempC(), at.heldH(), at.heatedMin(), kept));
        near(id + " pulp", parts.pulp(), pulp);
        near(id + " starch", parts.starch(), starch);
        near(id + " cells", parts.cells(), cells);
        near(id + " egg", parts.egg(), egg);
        near(id + " yield", parts.weightedYield(), 16 * pulp + 8 * (starch + cells));
        near(id + " set", parts.set(), set);
        near(id + " all", parts.root(), pulp + starch + cells + egg);
        near(
                id + " smooth",
                network.smoothShare(at.heatedMin()),
                g.applyAsDouble(Body.Part.FREE) / Math.max(1e-9, pulpG));
    }

    private static void near(String what, double is, double expected) {
        assertThat(is).as(what).isCloseTo(expected, within(1e-9 * Math.max(1, expected)));
    }

    /** Pastes whose liquid is fat: when they are, and how they flow, of every food with so much more of another in it. */
    @ParameterizedTest
    @CsvSource({"water, 0", "water, 4", "water, 9", "water, 30", "vegetable-oil, 25", "sugar, 60", "sugar, 400"})
    void whereFatIsOutsideOfEveryFood(String with, double grams) {
        int held = 0;
        for (Food food : Catalogue.standard().foods()) {
            Mixture m = Mixture.of(food, 100).plus(Sauces.of(with, grams));
            double fatMl = SpecificVolume.fatMl20c(m.emulsifiedFatG() + m.freeFatG());
            double crystalsG = m.sugarsG() + m.saltG();
            double fineG =
                    m.otherSolublesG() + m.pulpG() + m.coarseG() + m.starch().totalG();
            double solidMl = SpecificVolume.solidMl20c(crystalsG + fineG);
            double liquidG = m.waterG() + m.ethanolG() + m.aceticG();
            double solublesG = crystalsG + m.otherSolublesG() + m.otherAcidsG();
            double serumMl = liquidG + SpecificVolume.solidMl20c(Math.min(solublesG, 4 * liquidG));
            boolean holds =
                    fatMl >= liquidG && solidMl > 0 && fatMl > serumMl && serumMl < (fatMl + liquidG + solidMl) / 4;
            FatOutside paste = new FatOutside(m, 0);
            assertThat(paste.holds(m.waterG(), m.ethanolG(), m.aceticG()))
                    .as(food.id())
                    .isEqualTo(holds);
            if (!holds) {
                continue;
            }
            held++;
            double packing = (crystalsG * 0.65 + fineG * 0.385) / (crystalsG + fineG);
            double filled = (solidMl + m.waterG()) / (solidMl + m.waterG() + fatMl) / packing;
            assertThat(paste.isPowder(m.waterG())).as(food.id()).isEqualTo(filled >= 0.97);
            double cool = 0.070 * Math.pow(1 - Math.min(0.97, filled), -2);
            near(food.id() + " at 20 °C", paste.viscosityPaS(m.waterG(), 20), cool);
            near(food.id() + " at 65 °C", paste.viscosityPaS(m.waterG(), 65), cool * 0.016 / 0.070);
        }
        assertThat(held).isPositive();
    }

    /** What yolk keeps in droplets is no outside. */
    @Test
    void fatInDropletsIsInside() {
        Mixture nuts = Sauces.of("peanut-butter", 100);
        double fatG = nuts.emulsifiedFatG() + nuts.freeFatG();
        assertThat(new FatOutside(nuts, 0).holds(nuts.waterG(), 0, 0)).isTrue();
        assertThat(new FatOutside(nuts, fatG).holds(nuts.waterG(), 0, 0)).isFalse();
    }
}

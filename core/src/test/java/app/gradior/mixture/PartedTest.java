package app.gradior.mixture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.larder.BodyForm;
import app.gradior.larder.Catalogue;
import app.gradior.larder.CellStarch;
import app.gradior.larder.Composition;
import app.gradior.larder.FatForm;
import app.gradior.larder.Food;
import app.gradior.larder.MadeUp;
import app.gradior.larder.Makeup;
import app.gradior.larder.SolidFat;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Body.Part;
import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What goes into a pot of each food there is, and with what each part of it leaves: part by part, worked out here once more. */
class PartedTest {
    /** A hundred grams of every food, and some of them cooked: every part there is. */
    private static final Mixture EVERYTHING = Catalogue.standard().foods().stream()
            .map(food -> Mixture.of(food, 100))
            .reduce(Mixture.EMPTY, Mixture::plus)
            .plus(Mixture.of(MadeUp.lasting(5), 100))
            .plus(Sauces.of("egg-yolk", 100).heatedTo(80))
            .plus(Sauces.of("egg-white", 100).heatedTo(80))
            .plus(Sauces.of("egg-yolk", 50).heatedTo(95))
            .plus(Sauces.of("cornmeal", 100).cookedFor(5))
            .plus(Sauces.of("carrot", 100).cookedFor(30));

    private static final Mixture.Shares SHARES = new Mixture.Shares(0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7);

    private static void near(String what, double is, double expected) {
        assertThat(is).as(what).isCloseTo(expected, within(1e-9 * Math.max(1, Math.abs(expected))));
    }

    @Test
    void whatAFoodBringsIsItsRowsStretchedToItsWeight() {
        for (Food food : Catalogue.standard().foods()) {
            Mixture m = Mixture.of(food, 250);
            Composition c = food.per100g();
            Makeup makeup = food.makeup();
            double share = 250 / c.totalG();
            String id = food.id() + " ";
            near(id + "mass", m.massG(), 250);
            near(id + "water", m.waterG(), share * c.water());
            near(id + "alcohol", m.ethanolG(), share * c.ethanol());
            near(id + "sugars", m.sugarsG(), share * c.sugars());
            near(id + "solubles", m.otherSolublesG(), share * c.otherSolubles());
            near(id + "salt", m.saltG(), share * c.salt());
            near(id + "acetic", m.aceticG(), share * c.acetic());
            near(id + "acids", m.otherAcidsG(), share * c.otherAcids());
            boolean fine = food.fatForm() == FatForm.EMULSIFIED;
            near(id + "fine fat", m.emulsifiedFatG(), fine ? share * c.fat() : 0);
            near(id + "free fat", m.freeFatG(), fine ? 0 : share * c.fat());
            near(id + "pulp", m.pulpG(), share * c.pulp());
            near(id + "coarse", m.coarseG(), share * c.coarse());
            near(id + "heat", m.pungencyShu(), food.scovilleUnits());
            for (StarchKind kind : StarchKind.values()) {
                boolean its = food.starchKind().filter(kind::equals).isPresent();
                near(id + kind, m.starch().rawG(kind), its ? share * c.starch() : 0);
            }
            Map<Part, Double> body = new EnumMap<>(Part.class);
            boolean smooth = food.bodyForm() == BodyForm.SMOOTH;
            double softens = makeup.softensMin();
            Part pieces =
                    softens <= 0 ? Part.LASTING : softens < 14 ? Part.SOFT : softens < 40 ? Part.MIDDLE : Part.FIRM;
            body.merge(smooth ? Part.FREE : pieces, share * c.pulp() * food.bodyFactor(), Double::sum);
            body.put(Part.FINE, smooth ? share * Math.max(0, c.coarse() - makeup.cellStarch()) : 0);
            Part cells = Map.of(
                            CellStarch.PULSE,
                            Part.RAW_PULSE,
                            CellStarch.TUBER,
                            Part.RAW_TUBER,
                            CellStarch.MEAL,
                            Part.RAW_MEAL)
                    .getOrDefault(makeup.cells(), Part.IN_CELLS);
            body.put(cells, share * makeup.cellStarch());
            body.put(Part.GELATINE, share * makeup.gelatine());
            body.put(Part.YOLK, share * makeup.yolk());
            body.put(Part.WHITE, share * makeup.white());
            body.put(Part.PECTIN, share * makeup.pectin().per100g());
            body.put(Part.HEXOSES, share * Math.min(c.sugars(), makeup.hexoses()));
            body.put(Part.LACTOSE, share * makeup.lactose());
            body.put(Part.PROTEIN, share * makeup.protein());
            body.put(Part.PHOSPHATE, share * makeup.phosphateMmol());
            if (makeup.solidFat() != SolidFat.NONE) {
                body.put(Part.valueOf(makeup.solidFat() + "_FAT"), share * c.fat());
            }
            for (Part part : Part.values()) {
                near(id + part, m.body().g(part), body.getOrDefault(part, 0.0));
            }
            for (SolidFat kind : SolidFat.values()) {
                boolean its = kind != SolidFat.NONE && makeup.solidFat() == kind;
                near(id + kind, m.body().fatG(kind), its ? share * c.fat() : 0);
            }
        }
    }

    @Test
    void eachPartLeavesWithWhatItIsIn() {
        Mixture m = EVERYTHING;
        for (Part part : Part.values()) {
            assertThat(m.body().g(part)).as(part.name()).isPositive();
        }
        Mixture.Parted parted = m.without(SHARES);
        Mixture out = parted.leftBehind();
        double protein = m.body().g(Part.PROTEIN);
        near("water", out.waterG(), 0.1 * m.waterG());
        near("alcohol", out.ethanolG(), 0.1 * m.ethanolG());
        near("sugars", out.sugarsG(), 0.1 * m.sugarsG());
        near("solubles", out.otherSolublesG(), 0.1 * (m.otherSolublesG() - protein) + 0.7 * protein);
        near("salt", out.saltG(), 0.1 * m.saltG());
        near("acetic", out.aceticG(), 0.1 * m.aceticG());
        near("acids", out.otherAcidsG(), 0.1 * m.otherAcidsG());
        near("fine fat", out.emulsifiedFatG(), 0.2 * m.emulsifiedFatG());
        near("free fat", out.freeFatG(), 0.3 * m.freeFatG());
        near("starch", out.starch().totalG(), 0.2 * m.starch().totalG());
        near("coarse", out.coarseG(), 0.4 * m.coarseG());
        double free = m.body().freeG();
        double bound = m.body().boundG();
        near("pulp", out.pulpG(), m.pulpG() * (0.5 * free + 0.6 * bound) / (free + bound));
        near("heat", out.pungencyShuG(), 0.1 * m.pungencyShuG());
        near("alkalinity", out.alkalinityMol(), 0.1 * m.alkalinityMol());
        double fat = (0.2 * m.emulsifiedFatG() + 0.3 * m.freeFatG()) / (m.emulsifiedFatG() + m.freeFatG());
        for (Part part : Part.values()) {
            double share = switch (part) {
                case HEXOSES, LACTOSE, PHOSPHATE -> 0.1;
                case GELATINE, YOLK, SET_YOLK, CURDLED_YOLK, WHITE, SET_WHITE, PECTIN -> 0.2;
                case FREE, FREED, RAW_MEAL, LOOSE, FINE -> 0.5;
                case SOFT, MIDDLE, FIRM, LASTING, RAW_PULSE, RAW_TUBER, IN_CELLS -> 0.6;
                case PROTEIN -> 0.7;
                case BUTTER_FAT, COCOA_FAT, COCONUT_FAT, LARD_FAT -> fat;
            };
            near(part.name(), out.body().g(part), share * m.body().g(part));
        }
        Mixture back = parted.kept().plus(out);
        near("mass again", back.massG(), m.massG());
        near("pH again", back.ph(), m.ph());
        for (Part part : Part.values()) {
            near(part + " again", back.body().g(part), m.body().g(part));
        }
    }

    @Test
    void timesAndScaledTakeEveryPart() {
        assertThat(EVERYTHING.times(2)).isEqualTo(EVERYTHING.plus(EVERYTHING));
        Mixture scaled = EVERYTHING.scaled(1.5, 0.5);
        near("liquid", scaled.waterG() + scaled.ethanolG(), 1.5 * (EVERYTHING.waterG() + EVERYTHING.ethanolG()));
        near(
                "the rest",
                scaled.massG() - scaled.waterG() - scaled.ethanolG(),
                0.5 * (EVERYTHING.massG() - EVERYTHING.waterG() - EVERYTHING.ethanolG()));
        near("alkalinity", scaled.alkalinityMol(), 0.5 * EVERYTHING.alkalinityMol());
        near("heat", scaled.pungencyShuG(), 0.5 * EVERYTHING.pungencyShuG());
        for (Part part : Part.values()) {
            near(part.name(), scaled.body().g(part), 0.5 * EVERYTHING.body().g(part));
        }
    }

    /** White sets at 68 °C, yolk at 72, and curdles past 86 unless a hundredth of the serum is starch. */
    @ParameterizedTest
    @CsvSource({
        "67.9, 0, WHITE YOLK",
        "68, 0, SET_WHITE YOLK",
        "71.9, 0, SET_WHITE YOLK",
        "72, 0, SET_WHITE SET_YOLK",
        "86, 0, SET_WHITE SET_YOLK",
        "86.1, 0, SET_WHITE CURDLED_YOLK",
        "95, 0.95, SET_WHITE CURDLED_YOLK",
        "95, 1.05, SET_WHITE SET_YOLK"
    })
    void whatHeatDoesToEgg(double tempC, double starchPercent, String parts) {
        Mixture eggs =
                Sauces.of("egg-yolk", 60).plus(Sauces.of("egg-white", 60)).plus(Sauces.of("water", 400));
        Mixture bound = eggs.withStarch(Starches.of(StarchKind.MAIZE, starchPercent / 100 * eggs.serumG()));
        Mixture hot = bound.heatedTo(tempC);
        for (String part : parts.split(" ")) {
            Part raw = part.endsWith("WHITE") ? Part.WHITE : Part.YOLK;
            near(part, hot.body().g(Part.valueOf(part)), bound.body().g(raw));
        }
        near("mass", hot.massG(), bound.massG());
    }

    /** Sugar lifts the heat at which starch sets, from 10 °Bx on, a kelvin for each four. */
    @Test
    void starchSetsAtItsHeat() {
        for (StarchKind kind : StarchKind.values()) {
            near(kind + " in water", Starches.gelatinisationC(kind, 10), kind.gelatinisationC());
            near(kind + " in syrup", Starches.gelatinisationC(kind, 50), kind.gelatinisationC() + 10);
            double powderG = 10 / kind.starchShare();
            Mixture syrup = Sauces.syrup(50).withStarch(Starches.of(kind, 10));
            near(kind + " raw", syrup.heatedTo(kind.gelatinisationC() + 9.9).setPowderG(kind), 0);
            near(kind + " set", syrup.heatedTo(kind.gelatinisationC() + 10).setPowderG(kind), powderG);
            near(kind + " as bought", syrup.starchPowderG(kind), powderG);
            Starches worn = syrup.cooked().starch().worn(k -> 0.25);
            near(kind + " worn", worn.setG(kind), 2.5);
            near(kind + " in all", worn.starchG(kind), 10);
        }
    }

    /** What clings to pieces: 3 % of a sauce as thin as water, with the cube root of its viscosity up to 30 %. */
    @ParameterizedTest
    @CsvSource({"0.0005, 0.03", "0.001, 0.03", "0.027, 0.09", "1, 0.3", "8, 0.3"})
    void theFilmOnWhatIsLifted(double viscosityPaS, double share) {
        Mixture pot = Sauces.damson();
        near("film", Lifting.film(pot, 100, viscosityPaS).leftBehind().massG(), 100 * share);
        assertThat(Lifting.film(pot, 1e6, 8).leftBehind().massG())
                .as("some of it stays in the pan")
                .isCloseTo(0.995 * pot.massG(), within(1e-6));
    }

    /** Fat that is poured off is free fat, as far as there is any. */
    @Test
    void pouringTakesFatAlone() {
        Mixture pot = Sauces.of("vegetable-oil", 50).plus(Sauces.of("beef-stock", 400));
        Mixture.Parted parted = Lifting.fat(pot, 10);
        near("poured", parted.leftBehind().freeFatG(), 10);
        near("nothing else", parted.leftBehind().massG(), 10);
        near("all but a film", Lifting.fat(pot, 1000).leftBehind().freeFatG(), 0.995 * pot.freeFatG());
        near("none", Lifting.fat(pot, -1).leftBehind().massG(), 0);
    }
}

package app.gradior.care;

import app.gradior.clock.Cooling;
import app.gradior.course.StageResult;
import app.gradior.heat.LidState;
import app.gradior.larder.Food;
import app.gradior.larder.Trait;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Body;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.Texture;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Which cautions belong to one stage, shown there and nowhere else. Matters of safety: none can be switched off. */
public final class StageCautions {
    private static final double HOT_FOOD_SHU = 3000;
    private static final double SUGARY_BRIX = 40;
    private static final double COOLER_C = 45;
    /** Sucrose that water holds at 10 °C, g in 100 g of both (sugar tables, rounded). */
    private static final double SATURATED_PERCENT = 66;

    private static final double LEAST_SUCROSE_SHARE = 0.2;

    private StageCautions() {}

    /**
     * Cautions of a cooked stage.
     *
     * @param lines what goes in at its start
     * @param before what is in the pot already
     * @param tempC what it comes in at from the stage before
     */
    public static List<Caution> of(StageResult stage, List<LineReading> lines, List<LineReading> before, double tempC) {
        List<Caution> cautions =
                new ArrayList<>(of(stage.stage().kind(), stage.out().brixPercent(), lines, before, tempC));
        if (stage.out().body().g(Body.Part.CURDLED_YOLK) > stage.in().body().g(Body.Part.CURDLED_YOLK)) {
            cautions.add(new Caution.Curdles(Body.YOLK_CURDLES_C));
        }
        if (!stage.burnerEnough() && stage.stage().lid() != LidState.CLOSED) {
            cautions.add(new Caution.WeakBurner(stage.stage().look()));
        }
        double sucroseG = stage.out().sucroseG();
        double percent = 100 * sucroseG / Math.max(1, sucroseG + stage.out().waterG());
        if (percent > SATURATED_PERCENT
                && sucroseG > LEAST_SUCROSE_SHARE * stage.out().massG()) {
            cautions.add(new Caution.Crystals(percent));
        }
        return cautions;
    }

    /**
     * Cautions of a stage of that kind, planned or on the hob.
     *
     * @param brixPercent of what is in the pot when it is over
     * @param lines what goes in at its start
     * @param before what is in the pot already
     * @param tempC of the pot as it begins
     */
    public static List<Caution> of(
            StageKind kind, double brixPercent, List<LineReading> lines, List<LineReading> before, double tempC) {
        List<Caution> cautions = new ArrayList<>();
        List<Food> foods = lines.stream().flatMap(line -> line.food().stream()).toList();
        boolean heated = kind.treatment() != StageKind.Treatment.OFF_THE_HEAT;
        if (heated && foods.stream().anyMatch(f -> f.per100g().ethanol() >= Cautions.SPIRIT_PERCENT)) {
            cautions.add(new Caution.Spirits());
        }
        List<Food> choking =
                Cautions.once(foods.stream().filter(f -> f.scovilleUnits() >= HOT_FOOD_SHU || f.has(Trait.PUNGENT)));
        if (kind.treatment() == StageKind.Treatment.FRYING && !choking.isEmpty()) {
            cautions.add(new Caution.Choking(choking));
        }
        if (kind == StageKind.BLEND || kind == StageKind.MILL) {
            List<LineReading> all = new ArrayList<>(before);
            all.addAll(lines);
            wholePieces(all).ifPresent(cautions::add);
        }
        if (kind == StageKind.BLEND && tempC > COOLER_C) {
            cautions.add(Cautions.blender());
        }
        if ((kind == StageKind.MILL || kind == StageKind.SIEVE) && tempC > COOLER_C) {
            cautions.add(new Caution.Splashes());
        }
        if (heated && brixPercent > SUGARY_BRIX) {
            cautions.add(new Caution.HotSugar());
        }
        if (kind == StageKind.COOL) {
            cautions.add(cooling());
        }
        return cautions;
    }

    /** What has to come out before anything is blended or milled. */
    public static Optional<Caution> wholePieces(List<LineReading> inPot) {
        List<Food> out = Cautions.foods(new Ingredients(inPot, Texture.CHUNKY), food -> food.has(Trait.LEAVES));
        return out.isEmpty() ? Optional.empty() : Optional.of(new Caution.TakeOut(out));
    }

    /** The two limits of cooling. */
    public static Caution cooling() {
        return new Caution.CoolQuickly(
                Cooling.HOT_LIMIT_C,
                Cooling.WARM_LIMIT_C,
                Cooling.WARM_WITHIN_MIN / 60,
                Cooling.COLD_LIMIT_C,
                (Cooling.COLD_WITHIN_MIN - Cooling.WARM_WITHIN_MIN) / 60);
    }

    /** What Gradior says, and does not say, of jars. */
    public static Caution jars() {
        return new Caution.JarsAreCold();
    }
}

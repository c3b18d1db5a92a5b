package app.gradior.care;

import app.gradior.clock.Cooling;
import app.gradior.course.StageResult;
import app.gradior.heat.Look;
import app.gradior.larder.CookingIn;
import app.gradior.larder.Food;
import app.gradior.larder.Trait;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Body;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.Texture;
import app.gradior.texture.Cold;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Which cautions belong to one stage, shown there and nowhere else. Matters of safety: none can be switched off. */
public final class StageCautions {
    private static final double HOT_FOOD_SHU = 3000;
    private static final double COOLER_C = 45;
    private static final double THICK_STEP = 5;
    /** With so much of its usual time a smaller piece is done. */
    private static final double LEAST_OF_DONE = 0.8;

    /** Sucrose that water holds at 10 °C, g in 100 g of both (sugar tables, rounded). */
    private static final double SATURATED_PERCENT = 66;

    private static final double LEAST_SUCROSE_SHARE = 0.2;

    /** What is covered so far keeps its heat in. */
    private static final double COVERED = 0.9;

    private StageCautions() {}

    /**
     * Cautions of a cooked stage.
     *
     * @param lines what goes in at its start
     * @param before what is in the pot already
     * @param tempC what it comes in at from the stage before
     */
    public static List<Caution> of(StageResult stage, List<LineReading> lines, List<LineReading> before, double tempC) {
        List<Caution> cautions = of(
                stage.stage().kind(),
                new InPot(stage.in(), stage.out(), stage.end().tempC(), tempC),
                lines,
                before);
        stage.tooWeak()
                .filter(weak -> stage.stage().lid().covered() < COVERED)
                .ifPresent(weak -> cautions.add(burner(weak, stage.stage().look())));
        shallow(stage).ifPresent(cautions::add);
        notDone(stage, lines).ifPresent(cautions::add);
        return cautions;
    }

    /** The food that lacks most of its time, where a stage cooks some for less than it takes. */
    private static Optional<Caution> notDone(StageResult stage, List<LineReading> lines) {
        if (stage.stage().kind() != StageKind.COOK_IN) {
            return Optional.empty();
        }
        return lines.stream()
                .flatMap(line -> line.food().stream())
                .flatMap(food -> CookingIn.of(food).stream()
                        .map(cooks -> new Caution.NotDone(food, stage.minutes(), cooks.doneMin())))
                .filter(lacks -> lacks.minutes() < LEAST_OF_DONE * lacks.doneMin())
                .max(Comparator.comparingDouble(lacks -> lacks.doneMin() - lacks.minutes()))
                .map(Caution.class::cast);
    }

    /** How hot the middle of what cooks in it has to be, food by food. */
    private static List<Caution> through(List<Food> foods) {
        Map<Double, List<Food>> bySafe = new TreeMap<>(Comparator.reverseOrder());
        for (Food food : Cautions.once(foods.stream())) {
            CookingIn.of(food)
                    .flatMap(cooks -> cooks.safeC().stream().boxed().findFirst())
                    .ifPresent(safeC -> bySafe.computeIfAbsent(safeC, c -> new ArrayList<>())
                            .add(food));
        }
        List<Caution> cautions = new ArrayList<>();
        bySafe.forEach((safeC, of) -> cautions.add(new Caution.Through(of, safeC)));
        return cautions;
    }

    /** Whether a sauce that boils down is so low at the end that it catches. */
    public static Optional<Caution.Shallow> shallow(StageResult stage) {
        double least = leastMm(stage.stage().look(), stage.end().stepHot());
        boolean reduces =
                stage.stage().kind() == StageKind.REDUCE || stage.stage().kind() == StageKind.SIMMER;
        return reduces && stage.evaporatedG() > 0 && stage.end().levelMm() < least
                ? Optional.of(
                        new Caution.Shallow(stage.stage().look(), stage.end().levelMm(), least))
                : Optional.empty();
    }

    /**
     * How deep a sauce must be not to scorch, mm: the livelier it bubbles the deeper, and what is thick half as deep again, since it turns over
     * less. Kitchen practice, an estimate.
     */
    public static double leastMm(Look look, double stepHot) {
        double thin = switch (look) {
            case STEAMING -> 2;
            case BARE -> 3;
            case GENTLE -> 4;
            case LIVELY -> 6;
            case ROLLING -> 8;
        };
        return stepHot >= THICK_STEP ? 1.5 * thin : thin;
    }

    private static Caution burner(StageResult.TooWeak weak, Look look) {
        if (weak instanceof StageResult.NeverThere never) {
            return new Caution.WeakBurner(
                    look, never.hasW(), never.wantsW(), never.liddedW(), never.liddedW() < never.hasW());
        }
        StageResult.TooCalm calm = (StageResult.TooCalm) weak;
        return new Caution.CalmBurner(look, calm.hasW(), calm.wantsW());
    }

    /**
     * What the pot goes through in a stage.
     *
     * @param start as it begins, or is now
     * @param end when it is over, as far as that is known
     * @param hottestC how hot it gets
     * @param tempC as it begins, or is now
     */
    public record InPot(Mixture start, Mixture end, double hottestC, double tempC) {
        /** Whether yolk that has not curdled yet does. */
        private boolean curdles() {
            return start.heatedTo(hottestC).body().g(Body.Part.CURDLED_YOLK)
                    > start.body().g(Body.Part.CURDLED_YOLK);
        }

        /** Sucrose in 100 g of water and sucrose when there is enough of it to matter, else 0. */
        private double sucrosePercent() {
            double sucroseG = end.sucroseG();
            return sucroseG > LEAST_SUCROSE_SHARE * end.massG() ? 100 * sucroseG / (sucroseG + end.waterG()) : 0;
        }
    }

    /**
     * Cautions of a stage of that kind, planned or on the hob.
     *
     * @param lines what goes in at its start
     * @param before what is in the pot already
     */
    public static List<Caution> of(StageKind kind, InPot pot, List<LineReading> lines, List<LineReading> before) {
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
        if (kind == StageKind.BLEND && pot.tempC() > COOLER_C) {
            cautions.add(Cautions.blender());
        }
        if ((kind == StageKind.MILL || kind == StageKind.SIEVE) && pot.tempC() > COOLER_C) {
            cautions.add(new Caution.Splashes());
        }
        if (kind == StageKind.RENDER) {
            cautions.add(new Caution.HotFat());
        }
        if (heated && pot.end().brixPercent() > Cautions.SUGARY_BRIX) {
            cautions.add(new Caution.HotSugar());
        }
        if (heated && pot.curdles()) {
            cautions.add(new Caution.Curdles(Body.YOLK_CURDLES_C));
        }
        if (pot.sucrosePercent() > SATURATED_PERCENT) {
            cautions.add(new Caution.Crystals(pot.sucrosePercent()));
        }
        if (kind == StageKind.COOK_IN) {
            cautions.addAll(through(foods));
        }
        if (kind == StageKind.OVEN) {
            cautions.add(new Caution.OvenPan());
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

    /** What a freezer does to a cooked sauce, where it does anything. */
    public static Optional<Caution> frozen(Mixture cooked) {
        List<Cold.Weeps> by = Cold.frozen(cooked);
        return by.isEmpty() ? Optional.empty() : Optional.of(new Caution.Weeping(by));
    }

    /** What Gradior says, and does not say, of jars. */
    public static Caution jars() {
        return new Caution.JarsAreCold();
    }
}

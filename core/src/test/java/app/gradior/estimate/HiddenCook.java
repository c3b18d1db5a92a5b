package app.gradior.estimate;

import app.gradior.Sauces;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.StoryStage;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.judge.HiddenPot;
import app.gradior.judge.Nature;
import app.gradior.judge.Stuff;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;

/**
 * A cook before a hidden pot: sets looks by eye, lets the heat drift, moves the lid, splashes water, weighs and tastes, and tells the
 * app what there is to tell. The truth is the judge's ({@link HiddenPot}); the model only hears of it.
 */
final class HiddenCook {
    static final double EMPTY_G = 1950;
    private static final double SECONDS = 10;
    private static final double LONGEST_MIN = 400;
    private static final double WATCHED_MIN = 4;
    private static final double DRIFT_MIN = 15;
    private static final double DRIFT = 0.08;

    /** What a dish's end hangs on. */
    enum End {
        WEIGHT,
        SHARE,
        THICKNESS
    }

    /** A stage: what goes in by food and grams, and until when. */
    record Step(StageKind kind, Map<String, Double> foods, Look look, LidState lid, StageEnd end) {
        Step {
            // In one order, so that the same seed cooks the same pot.
            foods = new TreeMap<>(foods);
        }

        StoryStage asTold() {
            Mixture adds = Mixture.EMPTY;
            for (Map.Entry<String, Double> food : foods.entrySet()) {
                adds = adds.plus(Sauces.of(food.getKey(), food.getValue()));
            }
            return StoryStage.of(new Stage(kind, adds, look, lid, end));
        }
    }

    /** A sauce to cook. */
    record Dish(String name, List<Step> steps, PotShape pot, double servedC, End end) {}

    /** What the pot was at a minute. */
    record Moment(double minute, double massG, double stepHot, double stepServed) {}

    /** What was told up to each minute, what was true, and when it was over. */
    record Cooked(BatchStory told, List<Moment> truth, double finishMinute) {
        Moment at(double minute) {
            int last = 0;
            while (last + 1 < truth.size() && truth.get(last + 1).minute() <= minute) {
                last++;
            }
            return truth.get(last);
        }
    }

    private final Dish dish;
    private final Random random;
    private final HiddenPot pot;
    private final List<Happening> told = new ArrayList<>();
    private final List<Moment> truth = new ArrayList<>();
    private final double burnerW;
    private final boolean burnerKnown;
    private final double eye;
    private double drift;
    private double minute;
    private LidState lid = LidState.OPEN;
    private final Nature nature;
    private final boolean steady;
    private double splashAt = Double.NaN;
    private double lidAt = Double.NaN;
    private double lidBackAt = Double.NaN;

    HiddenCook(Dish dish, Random random) {
        this(dish, random, Nature.draw(random), false);
    }

    /** One whose pot and hand are the usual ones. */
    static HiddenCook steady(Dish dish) {
        return new HiddenCook(dish, new Random(1), Nature.USUAL, true);
    }

    private HiddenCook(Dish dish, Random random, Nature nature, boolean steady) {
        this.dish = dish;
        this.random = random;
        this.nature = nature;
        this.steady = steady;
        this.burnerW = steady ? 1300 : 800 + 1000 * random.nextDouble();
        this.burnerKnown = steady || random.nextBoolean();
        this.eye = steady ? 0 : random.nextGaussian();
        if (slips(4)) {
            splashAt = 8 + 12 * random.nextDouble();
        }
        if (slips(4)) {
            lidAt = 8 + 8 * random.nextDouble();
            lidBackAt = lidAt + 5;
        }
        double metal =
                22_000 * (dish.pot().surfaceM2(0) + dish.pot().wallM2(dish.pot().heightMm()));
        this.pot = new HiddenPot(
                new HiddenPot.Vessel(
                        Math.sqrt(4 * dish.pot().surfaceM2(0) / Math.PI),
                        Math.sqrt(4 * dish.pot().mouthM2() / Math.PI),
                        dish.pot().heightMm() / 1000.0,
                        metal,
                        burnerW * (steady ? 1 : Nature.about(random, 1, 0.08)),
                        101_000),
                nature);
    }

    /** Cooks it to its end. */
    Cooked cook() {
        for (int i = 0; i < dish.steps().size(); i++) {
            if (i > 0) {
                tell(new BatchStory.NextStage());
            }
            if (!stage(dish.steps().get(i))) {
                minute = LONGEST_MIN;
                break;
            }
        }
        Ingredients.Spread spread = Ingredients.Spread.EXACT;
        PotOnHeat model = new PotOnHeat(dish.pot(), 30, 1, burnerKnown ? burnerW : Double.POSITIVE_INFINITY);
        List<StoryStage> stages = dish.steps().stream().map(Step::asTold).toList();
        BatchStory story = new BatchStory(
                stages,
                spread,
                model,
                HiddenDishes.prior(stages, model, dish.servedC()),
                EMPTY_G,
                dish.servedC(),
                false,
                told);
        return new Cooked(story, truth, minute);
    }

    private void tell(BatchStory.What what) {
        told.add(new Happening(minute, what));
    }

    private boolean stage(Step step) {
        double before = pot.volumeMl();
        step.foods().forEach((food, grams) -> pot.put(Stuff.of(food, grams, random)));
        double start = pot.volumeMl();
        double addedMl = start - before;
        note();
        cover(step.lid());
        return switch (step.kind().treatment()) {
            case FRYING -> fry(step);
            case OFF_THE_HEAT -> beside(step);
            case BOILING -> simmer(step, start, addedMl);
        };
    }

    private boolean fry(Step step) {
        double hot = 0;
        while (hot < ((StageEnd.Minutes) step.end()).minutes()) {
            hot += pot.fry(SECONDS) ? SECONDS / 60 : 0;
            tick();
        }
        return true;
    }

    private boolean beside(Step step) {
        pot.off();
        double until = minute + ((StageEnd.Minutes) step.end()).minutes();
        while (minute < until) {
            pass();
        }
        step.kind().tool().ifPresent(tool -> {
            switch (tool) {
                case BLENDED -> pot.blend();
                case MILLED, SIEVED -> pot.mill();
            }
        });
        return true;
    }

    private boolean simmer(Step step, double startMl, double addedMl) {
        // One in seven sees a look that is half way to the next.
        double wrong = slips(7) ? random.nextGaussian() : 0;
        double hot = 0;
        double lastLooked = -WATCHED_MIN;
        while (true) {
            if (minute - lastLooked >= WATCHED_MIN) {
                lastLooked = minute;
                keep(step.look(), wrong);
            }
            if (minute >= splashAt) {
                splashAt = Double.NaN;
                splash();
            }
            if (minute >= lidAt && minute < lidBackAt) {
                lidAt = Double.NaN;
                moveLid(step, LidState.AJAR);
            } else if (minute >= lidBackAt) {
                lidBackAt = Double.NaN;
                moveLid(step, LidState.OPEN);
            }
            if (!pass()) {
                return false;
            }
            hot += pot.isThere() ? SECONDS / 60 : 0;
            if (pot.isThere() && over(step.end(), hot, startMl, addedMl)) {
                return true;
            }
        }
    }

    private boolean slips(int onceIn) {
        return !steady && random.nextInt(onceIn) == 0;
    }

    private void splash() {
        double grams = 30 + 90 * random.nextDouble();
        pot.put(Stuff.of("water", grams, random));
        tell(new BatchStory.Added(Sauces.of("water", grams * Nature.about(random, 1, 0.08))));
    }

    private void moveLid(Step step, LidState moved) {
        if (step.lid() == LidState.OPEN && lid != moved) {
            cover(moved);
            tell(new BatchStory.LidSet(moved));
        }
    }

    private void cover(LidState state) {
        lid = state;
        switch (state) {
            case OPEN, SCREEN -> pot.lid(0, 1);
            case AJAR -> pot.lid(HiddenPot.AJAR_COVERS, nature.ajarLeak());
            case CLOSED -> pot.lid(1, nature.lidLeak());
        }
    }

    private void keep(Look look, double wrong) {
        double seen = drift + 0.5 * wrong;
        switch (look) {
            case STEAMING -> pot.keepBelow(Math.max(9, 16 - 3 * (eye + seen * 3)));
            case BARE -> pot.keepBelow(Math.max(4, 7 - 1.5 * (eye + seen * 3)));
            case GENTLE -> pot.keepBelow(Math.max(1.5, 3 - 0.7 * (eye + seen * 3)));
            case LIVELY -> pot.keepBoiling(19 * Math.exp(0.15 * eye + seen));
            case ROLLING -> pot.keepBoiling(36 * Math.exp(0.15 * eye + seen));
        }
    }

    private boolean over(StageEnd end, double hot, double startMl, double addedMl) {
        if (end instanceof StageEnd.Minutes e) {
            return hot >= e.minutes();
        }
        if (end instanceof StageEnd.FractionLeft e) {
            return pot.volumeMl() <= e.left() * startMl;
        }
        if (end instanceof StageEnd.FractionOfAdded e) {
            return pot.volumeMl() <= startMl - (1 - e.left()) * addedMl;
        }
        if (end instanceof StageEnd.Weight e) {
            return pot.massG() <= e.massG();
        }
        if (end instanceof StageEnd.Volume e) {
            return pot.volumeMl() <= e.volumeMl20c();
        }
        if (end instanceof StageEnd.StepServed e) {
            return pot.step(dish.servedC()) >= e.step();
        }
        if (end instanceof StageEnd.StepHot e) {
            return pot.step(pot.tempC()) >= e.step();
        }
        throw new IllegalArgumentException("no cook waits for " + end);
    }

    private boolean pass() {
        pot.pass(SECONDS);
        tick();
        return minute < LONGEST_MIN && pot.massG() > 30;
    }

    private void note() {
        truth.add(new Moment(minute, pot.massG(), pot.step(pot.tempC()), pot.step(dish.servedC())));
    }

    private void tick() {
        minute += SECONDS / 60;
        note();
        double share = SECONDS / 60 / DRIFT_MIN;
        drift += steady ? 0 : -share * drift + DRIFT * Math.sqrt(2 * share) * random.nextGaussian();
    }
}

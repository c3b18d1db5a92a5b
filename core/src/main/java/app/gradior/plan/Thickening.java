package app.gradior.plan;

import app.gradior.finding.Unfit;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Mixture;
import app.gradior.texture.Consistency;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** How much starch takes a sauce up to a step, mixed with what, in which portions. */
public final class Thickening {
    /** Portions: half of it, look, a quarter, look, the rest. */
    private static final double[] PORTIONS = {0.5, 0.25, 0.25};
    /** More starch than this share of the sauce makes paste, not sauce; arbitrary. */
    private static final double MOST_SHARE = 0.25;

    private static final double FIRST_SPAN_G = 1;
    /** Less than this is not worth stirring up, g. */
    private static final double LEAST_PORTION_G = 0.3;
    /** What is left goes in at once when it is no more than this share of the whole. */
    private static final double LAST_SHARE = 0.3;

    /** In what a starch goes in. Strengths of browned roux: kitchen teaching. */
    public enum Form {
        /** Stirred into cold liquid. */
        SLURRY(1),
        /** Flour cooked in as much butter, not coloured. */
        WHITE_ROUX(1),
        /** ... until it smells of nuts. */
        BLOND_ROUX(0.85),
        /** ... until it is brown: a third of its strength is gone and more. */
        BROWN_ROUX(0.6),
        /** Flour and as much soft butter, kneaded, whisked in at the end. */
        KNEADED_BUTTER(1);

        private final double strength;

        Form(double strength) {
            this.strength = strength;
        }

        /** Share of the starch's strength that this form leaves. */
        public double strength() {
            return strength;
        }
    }

    /**
     * A slurry or a roux: per gram of starch, what else goes in.
     *
     * @param form all but slurry are flour's
     * @param liquidRatio grams of cold liquid, or of butter, to a gram of starch: 1 to 2
     */
    public record Mix(StarchKind kind, Form form, double liquidRatio) {
        public static final double LEAST_RATIO = 1;
        public static final double MOST_RATIO = 2;
        public static final double USUAL_RATIO = 1.5;

        public Mix {
            Unfit.inRange("liquidRatio", liquidRatio, LEAST_RATIO, MOST_RATIO, "");
            if (form != Form.SLURRY && !kind.roux()) {
                throw new Unfit("form", new CannotReach.FormOfFlour(form, kind));
            }
        }

        /** One part starch to one and a half of cold water. */
        public static Mix slurry(StarchKind kind) {
            return new Mix(kind, Form.SLURRY, USUAL_RATIO);
        }

        /** Flour in its weight of butter. */
        public static Mix flourAndButter(Form form) {
            return new Mix(StarchKind.WHEAT_FLOUR, form, LEAST_RATIO);
        }

        /** What one gram of starch brings into the pot, once it has set. */
        public Mixture perGram() {
            Catalogue larder = Catalogue.standard();
            Food with = larder.food(form == Form.SLURRY ? "water" : "butter").orElseThrow();
            Mixture powder = Mixture.of(larder.powder(kind), 1).cooked();
            return powder.withStarch(powder.starch().worn(k -> form.strength())).plus(Mixture.of(with, liquidRatio));
        }
    }

    /**
     * One portion and what it should do.
     *
     * @param starchG powder in this portion
     * @param coldLiquidG liquid, or butter, with it
     * @param totalStarchG powder so far
     * @param stepHot expected in the pot after it
     * @param stepServed expected at the serving temperature after it
     */
    public record Portion(double starchG, double coldLiquidG, double totalStarchG, double stepHot, double stepServed) {}

    /**
     * The answer.
     *
     * @param starchG powder, g
     * @param coldLiquidG liquid, or butter, g
     * @param sauce the sauce with it, starch set
     */
    public record Answer(
            double starchG,
            double coldLiquidG,
            List<Portion> portions,
            Mixture sauce,
            double stepHot,
            double stepServed) {
        public Answer {
            portions = List.copyOf(portions);
        }
    }

    private final Mixture sauce;
    private final Mixture perGram;
    private final Mix mix;
    private final double hotC;
    private final double servedC;
    private final double bodyFactor;

    /**
     * A sauce to be thickened.
     *
     * @param sauce as it is; its own starch counts as set
     * @param hotC temperature in the pot
     * @param servedC temperature on the plate
     */
    public Thickening(Mixture sauce, Mix mix, double hotC, double servedC, double bodyFactor) {
        this.sauce = sauce.cooked();
        this.perGram = mix.perGram();
        this.mix = mix;
        this.hotC = hotC;
        this.servedC = servedC;
        this.bodyFactor = bodyFactor;
    }

    /** Powder that brings it to a step when served, g; 0 when it is there; empty when no sensible amount does. */
    public OptionalDouble starchG(double targetStep) {
        if (step(0, servedC) >= targetStep) {
            return OptionalDouble.of(0);
        }
        return Roots.upward(FIRST_SPAN_G, MOST_SHARE * sauce.massG(), g -> step(g, servedC) - targetStep);
    }

    /**
     * Everything about bringing it to a step.
     *
     * @throws IllegalArgumentException when it is thicker already, or no sensible amount does
     */
    public Answer toStep(double targetStep) {
        double now = step(0, servedC);
        if (now > targetStep) {
            throw new Unfit("targetStep", new CannotReach.ThickerAlready(targetStep, now));
        }
        double grams = starchG(targetStep)
                .orElseThrow(() -> new Unfit(
                        "targetStep",
                        new CannotReach.StarchTooWeak(
                                targetStep, mix.kind(), step(MOST_SHARE * sauce.massG(), servedC))));
        List<Portion> portions = new ArrayList<>();
        double sofar = 0;
        for (double share : PORTIONS) {
            double portionG = share * grams;
            sofar += portionG;
            portions.add(new Portion(
                    portionG, portionG * mix.liquidRatio(), sofar, step(sofar, hotC), step(sofar, servedC)));
        }
        return new Answer(
                grams, grams * mix.liquidRatio(), portions, with(grams), step(grams, hotC), step(grams, servedC));
    }

    /**
     * The next portion on the way to a step: half of all that it takes, then half of what is left, then the rest.
     *
     * @param pouredG powder that went in before
     * @return empty when it is there, or no sensible amount takes it there
     */
    public Optional<Portion> next(double targetStep, double pouredG) {
        double leftG = starchG(targetStep).orElse(0);
        if (leftG < LEAST_PORTION_G) {
            return Optional.empty();
        }
        double portionG = leftG > LAST_SHARE * (leftG + pouredG) ? leftG / 2 : leftG;
        return Optional.of(new Portion(
                portionG,
                portionG * mix.liquidRatio(),
                pouredG + portionG,
                step(portionG, hotC),
                step(portionG, servedC)));
    }

    /** The sauce with so much powder and what goes with it. */
    public Mixture with(double starchG) {
        return sauce.plus(perGram.times(starchG));
    }

    private double step(double starchG, double atC) {
        return Consistency.step(with(starchG), bodyFactor, atC);
    }
}

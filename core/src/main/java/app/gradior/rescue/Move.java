package app.gradior.rescue;

import app.gradior.finding.Finding;
import app.gradior.heat.EthanolWater;
import app.gradior.larder.Food;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Lifting;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Thickening;

/**
 * One thing that a cook does to put a sauce right, and how much of it. What leaves is done first, then what goes in, at last what boils off:
 * the order of the records here.
 */
public sealed interface Move extends Finding {
    /** How much, in the move's unit; 0 or more. */
    double amount();

    /** The same with another amount. */
    Move of(double otherAmount);

    /** The sauce after it. */
    Mixture on(Mixture sauce);

    /** An amount that is a usual one for such a sauce: what a change is measured by. */
    double usual(Mixture sauce);

    /** More than this is another sauce. */
    double most(Mixture sauce);

    /** Its place among the moves of a way. */
    int order();

    /**
     * A share of it is taken away and kept for something else.
     *
     * @param amount share, 0 to 1
     */
    record PourAway(double amount) implements Move {
        private static final double USUAL = 0.15;
        private static final double MOST = 0.6;

        @Override
        public Move of(double otherAmount) {
            return new PourAway(otherAmount);
        }

        @Override
        public int order() {
            return 0;
        }

        @Override
        public Mixture on(Mixture sauce) {
            return sauce.times(1 - Math.min(1, amount));
        }

        @Override
        public double usual(Mixture sauce) {
            return USUAL;
        }

        @Override
        public double most(Mixture sauce) {
            return MOST;
        }
    }

    /**
     * Fat is skimmed off the top.
     *
     * @param amount g
     */
    record Skim(double amount) implements Move {
        private static final double USUAL = 0.3;
        private static final double MOST = 0.9;

        @Override
        public Move of(double otherAmount) {
            return new Skim(otherAmount);
        }

        @Override
        public int order() {
            return 1;
        }

        @Override
        public Mixture on(Mixture sauce) {
            return Lifting.fat(sauce, amount).kept();
        }

        @Override
        public double usual(Mixture sauce) {
            return USUAL * sauce.freeFatG();
        }

        @Override
        public double most(Mixture sauce) {
            return MOST * sauce.freeFatG();
        }
    }

    /**
     * Something goes in.
     *
     * @param amount g
     */
    record Add(Food food, double amount) implements Move {
        private static final double USUAL = 0.1;
        private static final double MOST = 1.5;

        @Override
        public Move of(double otherAmount) {
            return new Add(food, otherAmount);
        }

        @Override
        public int order() {
            return 2;
        }

        @Override
        public Mixture on(Mixture sauce) {
            return sauce.plus(Mixture.of(food, amount).cookedThrough());
        }

        @Override
        public double usual(Mixture sauce) {
            return USUAL * sauce.massG();
        }

        @Override
        public double most(Mixture sauce) {
            return MOST * sauce.massG();
        }

        /** Millilitres of it. */
        public double ml() {
            return amount / food.densityGPerMl();
        }
    }

    /**
     * Starch in cold water goes in.
     *
     * @param amount g of powder
     */
    record Thicken(StarchKind starch, double amount) implements Move {
        private static final double USUAL = 0.008;
        private static final double MOST = 0.08;

        @Override
        public Move of(double otherAmount) {
            return new Thicken(starch, otherAmount);
        }

        @Override
        public int order() {
            return 3;
        }

        @Override
        public Mixture on(Mixture sauce) {
            return sauce.plus(Thickening.Mix.slurry(starch).perGram().times(amount));
        }

        @Override
        public double usual(Mixture sauce) {
            return USUAL * sauce.massG();
        }

        @Override
        public double most(Mixture sauce) {
            return MOST * sauce.massG();
        }

        /** Cold water that it is stirred into, g. */
        public double waterG() {
            return amount * Thickening.Mix.USUAL_RATIO;
        }
    }

    /**
     * So much boils off.
     *
     * @param amount g
     */
    record Reduce(double amount) implements Move {
        private static final double USUAL = 0.1;
        private static final double MOST = 0.85;

        @Override
        public Move of(double otherAmount) {
            return new Reduce(otherAmount);
        }

        @Override
        public int order() {
            return 4;
        }

        @Override
        public Mixture on(Mixture sauce) {
            double goneG = Math.min(amount, MOST * sauce.waterG());
            double spiritG = Math.min(
                    sauce.ethanolG(), goneG * EthanolWater.vapourMassFraction(sauce.waterG(), sauce.ethanolG()));
            return sauce.withVolatiles(sauce.waterG() - goneG + spiritG, sauce.ethanolG() - spiritG, sauce.aceticG());
        }

        @Override
        public double usual(Mixture sauce) {
            return USUAL * sauce.waterG();
        }

        @Override
        public double most(Mixture sauce) {
            return MOST * sauce.waterG();
        }
    }
}

package app.gradior.estimate;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.Pressing;
import app.gradior.sauce.Ingredients;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import java.util.Comparator;
import java.util.List;

/**
 * Everything known of a batch: how it began and what happened since. The same story always gives the same estimate.
 *
 * @param start what the lines say is in the pot
 * @param spread how far the lines may be off
 * @param pot the pot on its burner
 * @param pairKnown whether the pair factor was measured, which narrows its spread
 * @param emptyG the pot's own weight, g
 * @param heat how it was set at the start
 * @param servedC serving temperature, °C
 * @param happenings in any order
 */
public record BatchStory(
        Mixture start,
        Ingredients.Spread spread,
        PotOnHeat pot,
        boolean pairKnown,
        double emptyG,
        Heat heat,
        double servedC,
        List<Happening> happenings) {
    public BatchStory {
        happenings = happenings.stream()
                .sorted(Comparator.comparingDouble(Happening::minute))
                .toList();
    }

    /** The story as it was known at a minute. */
    public BatchStory upTo(double minute) {
        List<Happening> known =
                happenings.stream().filter(h -> h.minute() <= minute).toList();
        return new BatchStory(start, spread, pot, pairKnown, emptyG, heat, servedC, known);
    }

    /**
     * Something that happened to the pot, or was read from it.
     *
     * @param minute since the start, 0 or more
     */
    public record Happening(double minute, What what) {
        public Happening {
            if (!(minute >= 0 && minute <= 60 * 24 * 30)) {
                throw new IllegalArgumentException("minute is " + minute + ": 0 or more expected");
            }
        }
    }

    /** What can happen. */
    public sealed interface What {}

    public record LookSet(Look look) implements What {}

    public record LidSet(LidState lid) implements What {}

    public record Added(Mixture mixture) implements What {}

    /**
     * Taken out to taste, or for another pot: what is left is of the same composition.
     *
     * @param massG so many grams; 0 when it was measured by volume
     * @param mlHot so many millilitres as hot as it was; 0 when it was weighed
     */
    public record Taken(double massG, double mlHot) implements What {}

    /**
     * Blended, milled or sieved in the pot.
     *
     * @param leftG what stayed behind, weighed; negative when nobody weighed it
     */
    public record Pressed(Pressing pressing, double leftG) implements What {
        /** Nobody weighed what stayed behind. */
        public static final double NOT_WEIGHED = -1;
    }

    /** Off the heat, or back on: off it, nothing that counts evaporates. */
    public record OnHeat(boolean on) implements What {}

    /** A reading of one kind. */
    public record Reading(Kind kind, double value) implements What {}

    /**
     * Kinds of reading, and how well a cook reads them.
     *
     * <p>Standard deviations are absolute in the reading's unit, but for the jug's, which is relative.
     */
    public enum Kind {
        /** Pot and sauce on the scale, g. */
        WEIGHT(5),
        /** Dipstick, mm above the floor. */
        LEVEL(2.5),
        /** Poured into a jug, mL hot; relative. */
        VOLUME(0.03),
        /** Back of a spoon, step in the pot. */
        SPOON(0.6),
        /** Ring test on a plate at 20 °C, mm. */
        RING(5),
        /** Refractometer, °Bx. */
        BRIX(0.5),
        /** Probe, °C; tells of the boiling point. */
        TEMPERATURE(0.5);

        private final double sd;

        Kind(double sd) {
            this.sd = sd;
        }

        /** Standard deviation at that reading. */
        public double sd(double value) {
            return this == VOLUME ? Math.max(1, sd * value) : sd;
        }
    }
}

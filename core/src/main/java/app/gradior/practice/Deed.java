package app.gradior.practice;

import app.gradior.finding.Refusal;
import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/**
 * Something that a cook did at a practice pot.
 *
 * @param atS seconds of the pot's own time since it began, 0 or more
 * @param pot which of the pots, from 0
 * @param value what the kind takes: see {@link Kind}; 0 for those that take nothing
 */
public record Deed(double atS, int pot, Kind kind, double value) {
    /** Cold water to a gram of starch. */
    private static final double SLURRY_WATER = 2;

    /** Longest that a pot is practised on, s. */
    public static final double LONGEST_S = 4 * 3600.0;

    public Deed {
        Unfit.inRange("atS", atS, 0, LONGEST_S, " s");
        Unfit.inRange(kind.key(), value, kind.least, kind.most, "");
    }

    /**
     * What goes in by it, g, by ids of the table of foods; empty for what puts nothing in.
     *
     * @param starch what a slurry is made of
     */
    Map<String, Double> foods(String starch) {
        return switch (kind) {
            case SPLASH -> Map.of("water", value);
            case SALT -> Map.of("salt", value);
            case BUTTER -> Map.of("butter", value);
            case SLURRY -> new TreeMap<>(Map.of(starch, value, "water", SLURRY_WATER * value));
            default -> Map.of();
        };
    }

    /** What can be done, and how long hands are busy with it, s; rounded. */
    public enum Kind {
        /** The knob, 0 to 9. */
        HEAT(0, 9, 0, 1, Effect.CHANGES),
        /** 0 off, 1 ajar, 2 on. */
        LID(0, 2, 0, 2, Effect.CHANGES),
        STIR(0, 0, 0, 8, Effect.TOUCHES),
        /** Down the wall with a wet brush. */
        WIPE(0, 0, 0, 8, Effect.TOUCHES),
        /** Cold water, g. */
        SPLASH(1, 500, 20, 4, Effect.CHANGES),
        /** Starch of the lesson, g, in twice its weight of cold water. */
        SLURRY(1, 60, 6, 10, Effect.CHANGES),
        /** g. */
        SALT(0.1, 30, 1, 4, Effect.CHANGES),
        /** g, cold. */
        BUTTER(1, 200, 20, 6, Effect.CHANGES),
        BLEND(0, 0, 0, 30, Effect.CHANGES),
        SPOON(0, 0, 0, 5, Effect.LOOKS),
        /** A line on the floor. */
        TRAIL(0, 0, 0, 5, Effect.LOOKS),
        /** A full spoon, until it drips. */
        DRIP(0, 0, 0, 5, Effect.LOOKS),
        WEIGH(0, 0, 0, 10, Effect.LOOKS),
        DIP(0, 0, 0, 5, Effect.LOOKS),
        /** 30 mL on a cold plate. */
        RING(0, 0, 0, 20, Effect.LOOKS),
        TASTE(0, 0, 0, 5, Effect.LOOKS),
        /** For good. */
        OFF(0, 0, 0, 2, Effect.CHANGES);

        /** What becomes of the pot. */
        enum Effect {
            /** It cooks otherwise from then on: worth asking what it cost. */
            CHANGES,
            /** Something of it goes in, or is moved. */
            TOUCHES,
            /** Only looked at; a little may be gone. */
            LOOKS
        }

        private final double least;
        private final double most;
        private final double usualG;
        private final double busyS;
        private final Effect effect;

        Kind(double least, double most, double usualG, double busyS, Effect effect) {
            this.least = least;
            this.most = most;
            this.usualG = usualG;
            this.busyS = busyS;
            this.effect = effect;
        }

        /** What goes in by weight, as much as is usual at a time, g; 0 for what is not weighed. */
        public double usualG() {
            return usualG;
        }

        /** Whether something of the cook's goes into the pot by it, or is made of what is in it for good. */
        boolean goesIn() {
            return usualG > 0 || this == BLEND;
        }

        /** How long hands are busy, s. */
        public double busyS() {
            return busyS;
        }

        boolean changes() {
            return effect == Effect.CHANGES;
        }

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        /**
         * The kind that programs call so.
         *
         * @throws Refusal naming the field when there is none
         */
        public static Kind ofKey(String key) {
            return Arrays.stream(values())
                    .filter(kind -> kind.key().equals(key))
                    .findFirst()
                    .orElseThrow(() -> new Unfit(Wrong.Key.of("kind", key, values(), Kind::key)));
        }
    }
}

package app.gradior.practice;

import app.gradior.estimate.Learning;
import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import app.gradior.reading.ReadingKind;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** What practice shows of a cook: by how much they read otherwise than it is, and how far apart their readings lie. */
public final class CookEye {
    /** Fewer say nothing. */
    public static final int FEWEST = 3;

    private CookEye() {}

    /** What is judged. */
    public enum Sense {
        /** Thickness in the pot, steps. */
        NOW,
        /** Thickness at the table, steps. */
        COLD,
        /** Minutes left, by their logarithm. */
        MINUTES,
        /** The step that a spoon's back shows. */
        SPOON,
        /** Seconds of a line on the floor, by their logarithm. */
        TRAIL,
        /** Seconds of a stream, by their logarithm. */
        DRIP,
        /** How it bubbles, 1 to 3. */
        BUBBLES;

        /** What it is off by. */
        public Scale scale() {
            return switch (this) {
                case NOW, COLD, SPOON -> Scale.STEPS;
                case BUBBLES -> Scale.LOOKS;
                case MINUTES, TRAIL, DRIP -> Scale.SHARE;
            };
        }

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        /**
         * The sense that programs call so.
         *
         * @throws Unfit when there is none
         */
        public static Sense ofKey(String key) {
            return Arrays.stream(values())
                    .filter(sense -> sense.key().equals(key))
                    .findFirst()
                    .orElseThrow(() -> new Unfit(Wrong.Key.of("sense", key, values(), Sense::key)));
        }

        /** The kind of reading that it is at a real pot, if it is one. */
        Optional<ReadingKind> reading() {
            return switch (this) {
                case SPOON -> Optional.of(ReadingKind.SPOON);
                case TRAIL -> Optional.of(ReadingKind.TRAIL);
                case DRIP -> Optional.of(ReadingKind.DRIP);
                case BUBBLES -> Optional.of(ReadingKind.BUBBLES);
                case NOW, COLD, MINUTES -> Optional.empty();
            };
        }
    }

    /**
     * One thing that was judged, beside the truth, both as a cook says them.
     *
     * @param step on the stair that it truly had then
     */
    public record Judgement(Sense sense, double said, double truth, double step) {
        /** How far off, as it is compared: steps, looks, or a logarithm. */
        public double off() {
            if (sense == Sense.MINUTES) {
                return Math.log((said + 1) / (truth + 1));
            }
            return sense.reading()
                    .map(kind -> kind.told(said) - kind.told(truth))
                    .orElse(said - truth);
        }
    }

    /**
     * @param bias said over true
     * @param spread standard deviation about that
     */
    public record Eye(Sense sense, int readings, double bias, double spread) {
        /** What is too little to speak of, in steps, looks or a share. */
        private static final double SOME = 0.15;

        /** The bias as a cook would say it: steps, looks, or a share of what is true. */
        public double saidOver() {
            return said(bias);
        }

        /** The spread likewise. */
        public double giveOrTake() {
            return said(spread);
        }

        private double said(double off) {
            return sense.scale() == Scale.SHARE ? Math.expm1(off) : off;
        }

        public Lean lean() {
            return Math.abs(saidOver()) < SOME ? Lean.RIGHT : bias > 0 ? Lean.MORE : Lean.LESS;
        }
    }

    /** Whether more is said than is true. */
    public enum Lean {
        RIGHT,
        MORE,
        LESS
    }

    /** What a sense is off by. */
    public enum Scale {
        STEPS,
        /** Of three ways to bubble. */
        LOOKS,
        SHARE
    }

    /** What the judgements of one sense come to; none when there are too few. */
    public static Optional<Eye> of(Sense sense, List<Judgement> judged) {
        double[] offs = judged.stream()
                .filter(one -> one.sense() == sense)
                .mapToDouble(Judgement::off)
                .filter(Double::isFinite)
                .toArray();
        if (offs.length < FEWEST) {
            return Optional.empty();
        }
        double mean = Arrays.stream(offs).average().orElseThrow();
        double squares =
                Arrays.stream(offs).map(off -> (off - mean) * (off - mean)).sum();
        return Optional.of(new Eye(sense, offs.length, mean, Math.sqrt(squares / (offs.length - 1))));
    }

    /** How far off the latest lie from the first: below 0 when the eye has become better; none with too few. */
    public static OptionalDouble learnt(Sense sense, List<Judgement> inOrder) {
        double[] offs = inOrder.stream()
                .filter(one -> one.sense() == sense)
                .mapToDouble(one -> Math.abs(one.off()))
                .filter(Double::isFinite)
                .toArray();
        if (offs.length < 2 * FEWEST) {
            return OptionalDouble.empty();
        }
        double first = Arrays.stream(offs, 0, FEWEST).average().orElseThrow();
        double last =
                Arrays.stream(offs, offs.length - FEWEST, offs.length).average().orElseThrow();
        return OptionalDouble.of(last - first);
    }

    /** What a real forecast may take from it: the cook's readings beside pots whose truth is known. */
    public static Map<ReadingKind, Learning.HandLesson> lessons(List<Judgement> judged) {
        Map<ReadingKind, Learning.HandLesson> lessons = new EnumMap<>(ReadingKind.class);
        for (Sense sense : Sense.values()) {
            sense.reading()
                    .ifPresent(kind -> of(sense, judged)
                            .ifPresent(eye -> lessons.put(
                                    kind,
                                    new Learning.HandLesson(
                                            eye.readings(),
                                            eye.bias(),
                                            (eye.readings() - 1) * eye.spread() * eye.spread(),
                                            0))));
        }
        return lessons;
    }
}

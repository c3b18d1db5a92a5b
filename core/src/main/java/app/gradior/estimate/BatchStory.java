package app.gradior.estimate;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.Pressing;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Piece;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Everything known of a batch: how it is to be cooked and what happened since. The same story always gives the same estimate.
 *
 * @param parts its stages, one or more; the first begins at minute 0
 * @param spread how far the lines may be off
 * @param pot the pot on its burner
 * @param prior what is believed of both before anything is read
 * @param emptyG the pot's own weight, g
 * @param servedC serving temperature, °C
 * @param hotAtStart whether it looked as it is set when the story began
 * @param happenings in any order
 */
public record BatchStory(
        List<StoryStage> parts,
        Ingredients.Spread spread,
        PotOnHeat pot,
        Prior prior,
        double emptyG,
        double servedC,
        boolean hotAtStart,
        List<Happening> happenings) {
    public BatchStory {
        parts = List.copyOf(parts);
        if (parts.isEmpty()) {
            throw new Unfit("parts", new Wrong.Empty("parts"));
        }
        happenings = happenings.stream()
                .sorted(Comparator.comparingDouble(Happening::minute))
                .toList();
    }

    /**
     * A stage of the batch.
     *
     * @param stage as it is to be done, with what goes in at its start
     * @param inPortions what is to go in bit by bit as the cook looks: a slurry; empty for none
     */
    public record StoryStage(Stage stage, Mixture inPortions) {
        /** A stage in which nothing goes in by portions. */
        public static StoryStage of(Stage stage) {
            return new StoryStage(stage, Mixture.EMPTY);
        }
    }

    /** A pot that is already hot with everything in it, to be reduced to a step when served. */
    // Wide: a story of one stage.
    public static BatchStory reducing(
            Mixture start,
            Ingredients.Spread spread,
            PotOnHeat pot,
            Prior prior,
            double emptyG,
            Heat heat,
            double servedC,
            double targetStep,
            List<Happening> happenings) {
        Stage reduce = new Stage(StageKind.REDUCE, start, heat.look(), heat.lid(), new StageEnd.StepServed(targetStep));
        return new BatchStory(List.of(StoryStage.of(reduce)), spread, pot, prior, emptyG, servedC, true, happenings);
    }

    /** The story as it was known at a minute. */
    public BatchStory upTo(double minute) {
        List<Happening> known =
                happenings.stream().filter(h -> h.minute() <= minute).toList();
        return new BatchStory(parts, spread, pot, prior, emptyG, servedC, hotAtStart, known);
    }

    /** The same story with more known of it. */
    public BatchStory with(List<Happening> more) {
        List<Happening> all = new ArrayList<>(happenings);
        all.addAll(more);
        return new BatchStory(parts, spread, pot, prior, emptyG, servedC, hotAtStart, all);
    }

    /** The same story in which this happened, and nothing else. */
    BatchStory withOnly(List<Happening> happened) {
        return new BatchStory(parts, spread, pot, prior, emptyG, servedC, hotAtStart, happened);
    }

    /** Whether there is a reading of that kind in it. */
    boolean reads(ReadingKind kind) {
        return happenings.stream().anyMatch(h -> isRead(h, kind));
    }

    /** The same story without its readings of that kind. */
    BatchStory without(ReadingKind kind) {
        return withOnly(happenings.stream().filter(h -> !isRead(h, kind)).toList());
    }

    /** The same story with readings of that kind alone. */
    BatchStory only(ReadingKind kind) {
        return withOnly(happenings.stream()
                .filter(h -> !(h.what() instanceof Reading) || isRead(h, kind))
                .toList());
    }

    private static boolean isRead(Happening happening, ReadingKind kind) {
        return happening.what() instanceof Reading reading && reading.kind() == kind;
    }

    /** The same story told by one who has learnt nothing: neither of the pair nor of the sauce. */
    public BatchStory unlearnt() {
        return new BatchStory(
                parts, spread, pot.withPairFactor(1), Prior.UNKNOWN, emptyG, servedC, hotAtStart, happenings);
    }

    /**
     * Something that happened to the pot, or was read from it.
     *
     * @param minute since the start, 0 or more
     */
    public record Happening(double minute, What what) {
        private static final double LONGEST_MIN = 60 * 24 * 30;

        public Happening {
            Unfit.inRange("minute", minute, 0, LONGEST_MIN, " min");
        }
    }

    /** What can happen. */
    public sealed interface What {}

    /** The stage is over and the next begins; after the last, the pot stands. */
    public record NextStage() implements What {}

    public record LookSet(Look look) implements What {}

    public record LidSet(LidState lid) implements What {}

    /**
     * Something more went in.
     *
     * @param mixture what is sauce from then on
     * @param foods what cooks in the sauce and is no part of it: by the place of its line, or a negative one of its own
     */
    public record Added(Mixture mixture, Map<Integer, Piece> foods) implements What {
        public Added {
            foods = Map.copyOf(foods);
        }

        public Added(Mixture mixture) {
            this(mixture, Map.of());
        }

        Added and(Added other) {
            Map<Integer, Piece> all = new HashMap<>(foods);
            all.putAll(other.foods);
            return new Added(mixture.plus(other.mixture), all);
        }
    }

    /** A portion of what goes in bit by bit. */
    public record Poured(Mixture mixture) implements What {}

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
    public record Reading(ReadingKind kind, double value) implements What {}
}

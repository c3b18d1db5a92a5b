package app.gradior.method;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What was read of a text.
 *
 * @param name of the sauce; may be empty
 * @param spoken whether somebody talks while cooking
 * @param measures in whose cups it is written
 * @param yieldMl what it says it makes, mL; empty when it does not say
 * @param left pieces of the text that nothing was made of
 */
public record ReadRecipe(
        String name,
        boolean spoken,
        MeasureSystem measures,
        List<ReadLine> lines,
        List<ReadStage> stages,
        Optional<Range> yieldMl,
        List<Left> left) {
    public ReadRecipe {
        lines = List.copyOf(lines);
        stages = List.copyOf(stages);
        left = List.copyOf(left);
    }

    /** The same with other stages. */
    ReadRecipe withStages(List<ReadStage> others) {
        return new ReadRecipe(name, spoken, measures, lines, others, yieldMl, left);
    }

    ReadRecipe withLines(List<ReadLine> others) {
        return new ReadRecipe(name, spoken, measures, others, stages, yieldMl, left);
    }

    ReadRecipe without(Left piece) {
        return new ReadRecipe(
                name,
                spoken,
                measures,
                lines,
                stages,
                yieldMl,
                left.stream().filter(other -> !other.equals(piece)).toList());
    }

    /** A stretch of the text, in characters. */
    public record Span(int from, int to) {}

    /** From one figure to another. */
    public record Range(double low, double high) {}

    /**
     * Something that goes in.
     *
     * @param text as a line of the sauce
     * @param stage the one it goes in with, from 1; 0 where the text does not say
     * @param optional whether the text leaves it to the cook
     * @param part whether it is a part of what its text says, which goes in at more than one moment
     * @param group heading that it stands under in the list, without "for the"; empty for none
     */
    public record ReadLine(
            String text, LineReading reading, int stage, boolean optional, boolean part, String group, Span at) {
        ReadLine in(int otherStage) {
            return new ReadLine(text, reading, otherStage, optional, part, group, at);
        }

        /** Whether a cook should look at it: a line that names no known food, or is read with doubt. */
        public boolean isDoubtful() {
            return !part
                    && !isAsked()
                    && !optional
                    && (reading.food().isEmpty()
                            || reading.sureness() == LineReading.Sureness.UNSURE && reading.massG() > 0);
        }

        /** Whether how much of it cannot be known and must be asked: salt and pepper go in to taste. */
        public boolean isAsked() {
            return !(reading.massG() > 0)
                    && reading.food().filter(food -> !FoodClass.isToTaste(food)).isPresent();
        }
    }

    /**
     * A step of the work.
     *
     * @param minutes that the text gives
     * @param says the words it rests on
     * @param sure whether the words left no doubt of kind and end
     */
    public record ReadStage(
            StageWord kind,
            ReadEnd end,
            Optional<Range> minutes,
            Optional<Look> look,
            Optional<LidState> lid,
            String says,
            boolean sure,
            Span at) {
        ReadStage with(Optional<Range> otherMinutes, boolean otherSure) {
            return new ReadStage(kind, end, otherMinutes, look, lid, says, otherSure, at);
        }
    }

    /** What is done: the kinds of a sauce's stages, and the pieces that leave and come back. */
    public enum StageWord {
        SWEAT("sweat"),
        TOAST("toast"),
        FRY("fry"),
        RENDER("render"),
        DEGLAZE("deglaze"),
        REDUCE("reduce"),
        SIMMER("simmer"),
        SLURRY("slurry"),
        ADD("add"),
        BLEND("blend"),
        MILL("mill"),
        SIEVE("sieve"),
        ENRICH("enrich"),
        SEASON("season"),
        REST("rest"),
        COOL("cool"),
        PACK("pack"),
        TAKE_OUT("takeOut"),
        PUT_BACK("putBack");

        private final String key;

        StageWord(String key) {
            this.key = key;
        }

        /** As the API has it. */
        public String key() {
            return key;
        }
    }

    /** By what a stage ends. */
    public enum EndWord {
        MINUTES,
        WORD,
        FRACTION,
        VOLUME,
        WEIGHT,
        LEVEL,
        STEP,
        BOIL,
        COOLED
    }

    /**
     * An end: minutes, share left of 1, mL, g, mm, step of the stair or °C; no figure for a look of its own, for the boil and for cold.
     */
    public record ReadEnd(EndWord by, OptionalDouble value) {
        static final ReadEnd BY_WORD = new ReadEnd(EndWord.WORD, OptionalDouble.empty());

        static ReadEnd of(EndWord by, double value) {
            return new ReadEnd(by, OptionalDouble.of(value));
        }
    }

    /** A piece that nothing was made of, and why. */
    public record Left(String text, Why why, Span at) {}

    /** Why a piece of the text was not used. */
    public enum Why {
        /** Names, headings, greetings: nothing to do. */
        NOTHING_TO_DO,
        /** The oven, pasta, meat: the meal around the sauce. */
        THE_MEAL,
        /** How long it keeps. */
        KEEPING,
        /** What should not be done. */
        A_WARNING,
        /** Work beside the pot. */
        BESIDE_THE_POT,
        /** What the cook may do or take instead. */
        A_CHOICE,
        /** Joins a stage part-way, for less than is worth one of its own. */
        JOINS_PART_WAY,
        /** Taken back by what was said after. */
        TAKEN_BACK
    }
}

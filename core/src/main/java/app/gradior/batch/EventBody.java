package app.gradior.batch;

import app.gradior.care.Storage;
import app.gradior.clock.CoolingIn;
import app.gradior.finding.Refusal;
import app.gradior.finding.Wrong;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.Overnight;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** What an event says, by type; each checks its own range. */
public sealed interface EventBody {
    /** Name of an event's type in the API and in the log. */
    @Retention(RetentionPolicy.RUNTIME)
    @Target(ElementType.TYPE)
    @interface TypeName {
        String value();
    }

    /** Every type but that of readings, whose names are {@link ReadingKind}'s, by its name. */
    static Map<String, Class<? extends EventBody>> types() {
        Map<String, Class<? extends EventBody>> types = new TreeMap<>();
        for (Class<?> body : EventBody.class.getPermittedSubclasses()) {
            TypeName name = body.getAnnotation(TypeName.class);
            if (name != null) {
                types.put(name.value(), body.asSubclass(EventBody.class));
            }
        }
        return types;
    }

    /** Name of the type in the API and in the log. */
    default String type() {
        return getClass().getAnnotation(TypeName.class).value();
    }

    /** How many lines it says of that they went in, and so have to be understood when it is recorded. */
    default int linesIn() {
        return 0;
    }

    /**
     * Something was read of the pot.
     *
     * @param value in the kind's unit
     */
    record Read(ReadingKind kind, double value) implements EventBody {
        public Read {
            kind.checked(value);
        }

        @Override
        public String type() {
            return kind.key();
        }
    }

    @TypeName("heat")
    record HeatSet(Look look) implements EventBody {
        public HeatSet {
            Refusal.given("look", look);
        }
    }

    @TypeName("lid")
    record LidSet(LidState state) implements EventBody {
        public LidSet {
            Refusal.given("state", state);
        }
    }

    /** Something more went in. */
    @TypeName("added")
    record Added(List<IngredientInput> ingredients) implements EventBody {
        private static final int MOST_AT_ONCE = 40;

        public Added {
            if (ingredients.isEmpty() || ingredients.size() > MOST_AT_ONCE) {
                throw Refusal.unfit("ingredients", new Wrong.Count("ingredients", ingredients.size(), 1, MOST_AT_ONCE));
            }
            ingredients = List.copyOf(ingredients);
        }

        @Override
        public int linesIn() {
            return ingredients.size();
        }
    }

    /** Starch stirred into cold water and poured in. */
    @TypeName("slurry")
    record Slurry(StarchKind starch, double starchG, double liquidG) implements EventBody {
        public Slurry {
            Refusal.given("starch", starch);
            Refusal.inRange("starchG", starchG, 0.1, 2000, " g");
            Refusal.inRange("liquidG", liquidG, 0, 10_000, " g");
        }

        /** The powder, and what it was stirred into. */
        @Override
        public int linesIn() {
            return 2;
        }
    }

    /** Stirred to the floor and the edges: changes nothing but when to stir next. */
    @TypeName("stir")
    record Stirred() implements EventBody {}

    /** The next coat is on the food: changes nothing in the pot but what is taken from it. */
    @TypeName("coat")
    record Coated(@Nullable Double massG) implements EventBody {
        public Coated {
            if (massG != null) {
                Refusal.inRange("massG", massG, 0.1, 100_000, " g");
            }
        }
    }

    /** Taken out to taste or for another pot, weighed or by volume. */
    @TypeName("taken")
    record Taken(@Nullable Double massG, @Nullable Double ml) implements EventBody {
        public Taken {
            if ((massG == null) == (ml == null)) {
                throw Refusal.unfit("massG", new AdmissionFinding.MassOrVolume());
            }
            if (massG != null) {
                Refusal.inRange("massG", massG, 0.1, 50_000, " g");
            }
            if (ml != null) {
                Refusal.inRange("ml", ml, 0.1, 50_000, " mL");
            }
        }
    }

    /** Blended in the pot or in a jug and poured back. */
    @TypeName("blended")
    record Blended() implements EventBody {}

    /** Through a sieve or, milled, through a food mill; what stayed behind may have been weighed. */
    @TypeName("sieved")
    record Sieved(boolean milled, @Nullable Double leftG) implements EventBody {
        public Sieved {
            if (leftG != null) {
                Refusal.inRange("leftG", leftG, 0, 50_000, " g");
            }
        }
    }

    /** Off the heat for a while: not the finish. */
    @TypeName("offHeat")
    record OffHeat() implements EventBody {}

    @TypeName("backOn")
    record BackOn() implements EventBody {}

    /** Whoever records it has the pot from now on: of several at the stove, they are who is called. */
    @TypeName("inHand")
    record InHand() implements EventBody {}

    /** Lines of the batch's plan that are in the pot, by their places from 0: asked after otherwise. */
    @TypeName("ticked")
    record Ticked(List<Integer> lines) implements EventBody {
        public Ticked {
            lines = checkedLines(lines);
        }
    }

    /** Lines of the batch's plan that did not go in; ticked later, they went in then. */
    @TypeName("leftOut")
    record LeftOut(List<Integer> lines) implements EventBody {
        public LeftOut {
            lines = checkedLines(lines);
        }
    }

    private static void checkNote(@Nullable String note) {
        int longest = 2000;
        if (note != null && note.length() > longest) {
            throw Refusal.unfit("note", new Wrong.TooLong(longest));
        }
    }

    private static List<Integer> checkedLines(List<Integer> lines) {
        int most = 100;
        if (lines.isEmpty() || lines.size() > most) {
            throw Refusal.unfit("lines", new Wrong.Count("lines", lines.size(), 1, most));
        }
        return List.copyOf(lines);
    }

    /**
     * A line was more, less or something else than was recorded: what was typed stays in sight, and this counts.
     *
     * @param added client key of the event that put it in; absent for a line of the batch's plan
     * @param line its place there, from 0
     * @param food what it was, by its id; absent for what was recorded
     * @param massG what it weighed, g
     */
    @TypeName("corrected")
    record Corrected(
            @Nullable String added, int line, @Nullable String food, double massG) implements EventBody {
        public Corrected {
            Refusal.inRange("line", line, 0, 300, "");
            Refusal.inRange("massG", massG, 0, 50_000, " g");
        }

        @Override
        public int linesIn() {
            return 1;
        }
    }

    /**
     * A stage is over, and the next begins.
     *
     * @param stage the stage that ends, by its place from 0, so that two who say it of one stage end one; absent for the
     *     present one, whichever that is
     */
    @TypeName("stageDone")
    record StageDone(@Nullable Integer stage) implements EventBody {
        public StageDone {
            if (stage != null) {
                Refusal.inRange("stage", stage, 0, 200, "");
            }
        }
    }

    @TypeName("note")
    record Note(String text) implements EventBody {
        public Note {
            Refusal.text("text", text, 2000);
        }
    }

    /** Takes back an event of this batch, named by its client key. */
    @TypeName("undo")
    record Undo(String undoneKey) implements EventBody {}

    /** Off the heat for good: measured yield, cold or as poured. */
    @TypeName("finished")
    record Finished(@Nullable Double yieldMl, @Nullable String note) implements EventBody {
        public Finished {
            if (yieldMl != null) {
                Refusal.inRange("yieldMl", yieldMl, 1, 100_000, " mL");
            }
            checkNote(note);
        }
    }

    /**
     * How good it was: a judgement of the whole, and where its taste leant, each from −2 (too little) to 2 (too much).
     *
     * @param stars 1 to 5
     */
    @TypeName("rated")
    record Rated(
            int stars,
            @Nullable Integer sweet,
            @Nullable Integer sour,
            @Nullable Integer salt,
            @Nullable Integer heat) implements EventBody {
        public Rated {
            Refusal.inRange("stars", stars, 1, 5, "");
            leaning("sweet", sweet);
            leaning("sour", sour);
            leaning("salt", salt);
            leaning("heat", heat);
        }

        private static void leaning(String name, @Nullable Integer value) {
            if (value != null) {
                Refusal.inRange(name, value, -2, 2, "");
            }
        }
    }

    /**
     * What is done with it once it is off the heat, and how warm it was found.
     *
     * @param what is done with it
     * @param container what it cools in
     * @param c read in it, °C; absent when nobody read
     */
    @TypeName("cooling")
    record Cooling(
            Storage what, CoolingIn container, @Nullable Double c) implements EventBody {
        public Cooling {
            Refusal.given("what", what);
            Refusal.given("container", container);
            if (c != null) {
                Refusal.inRange("c", c, -10, 110, " °C");
            }
        }
    }

    /**
     * How it turned out, cold.
     *
     * @param step as served, 1 to 9
     * @param ringMm ring test, the sauce at 20 °C, mm
     * @param flavour how it tasted against the day before
     */
    @TypeName("nextDay")
    record NextDay(
            @Nullable Double step,
            @Nullable Double ringMm,
            @Nullable Overnight flavour,
            @Nullable String note) implements EventBody {
        public NextDay {
            if (step != null) {
                Refusal.inRange("step", step, 1, 9, "");
            }
            if (ringMm != null) {
                ReadingKind.RING.checked("ringMm", ringMm);
            }
            checkNote(note);
        }
    }

    /** Off the hob for now, unfinished: nobody looks after it, nothing of it is lost. */
    @TypeName("setAside")
    record SetAside() implements EventBody {}

    /** Looked after again. */
    @TypeName("takenUp")
    record TakenUp() implements EventBody {}
}

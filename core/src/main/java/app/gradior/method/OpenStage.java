package app.gradior.method;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.method.ReadRecipe.EndWord;
import app.gradior.method.ReadRecipe.Range;
import app.gradior.method.ReadRecipe.ReadEnd;
import app.gradior.method.ReadRecipe.StageWord;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** A stage while its clauses are read. */
final class OpenStage {
    static final Pattern OFF_HEAT = Pattern.compile(
            "\\b(?:(?:off|from) (?:the )?(?:heat|flame|hob|stove)|heat (?:is )?off|heat off|fire off|fire(?:s)? off|turn it off|turn off)\\b");
    static final Pattern TASTES = Pattern.compile("\\b(?:season|taste|sharpen)\\b");
    private static final Pattern REDUCES = Pattern.compile(
            "\\b(?:reduc\\w*\\b(?! (?:the )?(?:heat|flame))|boil(?:ing)? (?:it |them )?(?:right |hard )?down|cook (?:it )?(?:right )?down|thicken(?:s|ed)?|evaporat\\w*|sticky|jammy|glaze)\\b");
    private static final Pattern SLAKES =
            Pattern.compile("\\b(?:slurry|slake|slaked|cornstarch mixture|cornflour mixture|thicken with)\\b");
    private static final Pattern MIXED =
            Pattern.compile("\\b(?:melt|melted|dissolve|dissolved|combined|mixed|incorporated)\\b");
    private static final Pattern DEEPER = Pattern.compile("\\b(?:down|to|at) (?:at |to )?(\\d+(?:\\.\\d+)?)$");

    @Nullable
    StageWord fixed;

    final List<Integer> lines = new ArrayList<>();
    boolean cooked;
    boolean boils;
    boolean offHeat;
    boolean tastes;
    boolean reduces;
    boolean slakes;
    boolean fries;
    private boolean dipped;
    /** Whether its end so far is only that what went in is mixed. */
    private boolean mixed;

    Optional<ReadEnd> end = Optional.empty();
    Optional<Range> minutes = Optional.empty();
    Optional<Look> look = Optional.empty();
    Optional<LidState> lid = Optional.empty();
    String says = "";
    String norm = "";
    int from = Integer.MAX_VALUE;
    int to;

    /** Takes what a clause says of it. */
    void join(Clause clause, Ends ends) {
        from = Math.min(from, clause.at().from());
        to = Math.max(to, clause.at().to());
        norm += " " + clause.norm();
        if (says.isEmpty()) {
            says = clause.text();
        }
        Optional<Look> newLook = HeatWords.look(clause.norm());
        look = newLook.isPresent() ? newLook : look;
        Optional<LidState> newLid = HeatWords.lid(clause.norm());
        lid = newLid.isPresent() ? newLid : lid;
        offHeat |= OFF_HEAT.matcher(clause.norm()).find();
        tastes |= TASTES.matcher(clause.norm()).find();
        reduces |= REDUCES.matcher(clause.norm()).find();
        slakes |= SLAKES.matcher(clause.norm()).find();
        fries |= clause.norm().matches(".*\\b(?:fr(?:y|ie)|sizzle)\\b.*");
        Optional<Range> newMinutes = Ends.minutes(clause.norm());
        minutes = newMinutes.isPresent() ? newMinutes : minutes;
        deeper(clause);
        dipped |= Ends.isDipped(clause.norm());
        boolean onlyBoils = Ends.comesToTheBoil(clause.norm());
        Optional<ReadEnd> level = dipped ? Ends.level(clause.norm()) : Optional.empty();
        level.or(() -> ends.end(clause.norm(), clause.text()))
                .filter(e -> !(onlyBoils && e.by() == EndWord.WORD))
                .ifPresent(newEnd -> {
                    boolean afterMixing = mixed && newEnd.by() == EndWord.MINUTES;
                    if (end.isEmpty() || afterMixing || rank(newEnd) >= rank(end.get())) {
                        mixed = newEnd.by() == EndWord.WORD
                                && newMinutes.isEmpty()
                                && MIXED.matcher(clause.norm()).find();
                        end = Optional.of(newEnd);
                        says = clause.text();
                    }
                });
    }

    /** "It's at four and a half centimetres. I want that down at four." */
    boolean isDeeper(String norm) {
        return dipped && (Ends.level(norm).isPresent() || DEEPER.matcher(norm).find());
    }

    private void deeper(Clause clause) {
        Optional<ReadEnd> level = end.filter(e -> e.by() == EndWord.LEVEL);
        Matcher matcher = DEEPER.matcher(clause.norm());
        if (level.isPresent() && matcher.find()) {
            double figure = Double.parseDouble(matcher.group(1));
            double unit = level.get().value().orElse(0) > 10 * figure / 2 ? 10 : 1;
            end = Optional.of(ReadEnd.of(EndWord.LEVEL, unit * figure));
        }
    }

    /** Whether the lid comes off what has cooked its time under it. */
    boolean isUncovered(String norm) {
        return cooked
                && end.isPresent()
                && lid.filter(l -> l != LidState.OPEN).isPresent()
                && HeatWords.lid(norm).filter(l -> l == LidState.OPEN).isPresent();
    }

    /** How much an end says: an amount beats a thickness, a thickness a time. */
    static int rank(ReadEnd end) {
        return switch (end.by()) {
            case MINUTES -> 1;
            case WORD -> 2;
            case BOIL, COOLED -> 3;
            case STEP -> 4;
            default -> 5;
        };
    }

    /** By what it ends, as a stage of that kind. */
    ReadEnd endAs(StageWord kind) {
        if (kind == StageWord.COOL) {
            return new ReadEnd(EndWord.COOLED, OptionalDouble.empty());
        }
        boolean timed = kind == StageWord.REST || kind == StageWord.BLEND;
        boolean byTime = end.filter(e -> e.by() == EndWord.MINUTES || e.by() == EndWord.WORD)
                .isPresent();
        if (fixed != null && !(timed && byTime)) {
            return ReadEnd.BY_WORD;
        }
        if (end.isEmpty() && boils && !cooked) {
            return new ReadEnd(EndWord.BOIL, OptionalDouble.empty());
        }
        return end.orElse(ReadEnd.BY_WORD);
    }

    /** Whether it is a stage at all. */
    boolean isAnything() {
        return fixed != null || !lines.isEmpty() || cooked && (end.isPresent() || reduces) || tastes;
    }
}

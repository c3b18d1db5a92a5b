package app.gradior.method;

import app.gradior.larder.Food;
import app.gradior.method.ReadRecipe.EndWord;
import app.gradior.method.ReadRecipe.Left;
import app.gradior.method.ReadRecipe.ReadStage;
import app.gradior.method.ReadRecipe.Span;
import app.gradior.method.ReadRecipe.StageWord;
import app.gradior.method.ReadRecipe.Why;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Puts clauses together into stages: what goes in at one moment, what is done to it, until when. */
final class StageBuilder {
    private static final Pattern LATE = Pattern.compile("\\blast (?:few |couple of |\\d+ )?(?:minute|min)\\b");
    private static final Pattern SOLIDS = Pattern.compile(
            "\\b(?:solid|what stay|what is left|skin|seed|stem|stone|scum|foam|froth|grit|soaking|off the heat|from the heat|heat and|from heat)\\b");
    private static final Pattern LOOKS = Pattern.compile(
            "\\b(?:until|till|til) .*\\b(?:soft|brown|golden|gone|smell|thick|dark|collapse|collapsed|tender|clear|dry|done|melt|melted|bit|set|crisp|color|colour|dissolve|silky|smooth|popped|pop)\\b");
    private static final Pattern BACK_ON =
            Pattern.compile("\\b(?:back|return it|return the pan) (?:on|to) (?:the |a |to )?(?:\\w+ )?heat\\b");
    private static final Pattern STIRRED_IN =
            Pattern.compile("\\b(?:whisk|swirl|beat|stir) (?:it|them|that|this) (?:all )?in\\b");
    private static final Pattern PULP =
            Pattern.compile("\\b(?:pot|pan|saucepan|heat|puree|sauce|it|liquid|everything|liquor|skillet|stove)\\b");

    private final LineBook book;
    private final Ends ends;
    private final StageSort sort;
    private final List<ReadStage> stages = new ArrayList<>();
    private final List<List<Integer>> linesOf = new ArrayList<>();
    private final List<Left> left = new ArrayList<>();
    private @Nullable OpenStage now;
    private @Nullable TalkLines told;

    StageBuilder(LineBook book, Ends ends) {
        this.book = book;
        this.ends = ends;
        this.sort = new StageSort(book);
    }

    /** From now on lines are found as somebody tells them. */
    void telling(TalkLines lines) {
        told = lines;
    }

    List<ReadStage> stages() {
        return stages;
    }

    List<Left> left() {
        return left;
    }

    /** The stage of each line, from 1; 0 for none. */
    int stageOf(int line) {
        for (int s = 0; s < linesOf.size(); s++) {
            if (linesOf.get(s).contains(line)) {
                return s + 1;
            }
        }
        return 0;
    }

    void leave(Clause clause, Why why) {
        left.add(new Left(clause.text(), why, clause.at()));
    }

    private OpenStage open() {
        OpenStage draft = now;
        if (draft == null) {
            draft = new OpenStage();
            now = draft;
        }
        return draft;
    }

    private List<Integer> named(Clause clause) {
        return told == null ? book.named(clause, true) : told.told(clause);
    }

    /** Puts a line that is told late into the stage that another is in. */
    void withLine(int line, int other) {
        OpenStage draft = now;
        List<Integer> into = draft != null && draft.lines.contains(other) ? draft.lines : null;
        for (List<Integer> lines : linesOf) {
            into = lines.contains(other) ? lines : into;
        }
        if (into != null) {
            into.add(line);
            book.entries().get(line).placed = true;
        }
    }

    /** Whether something has been put on already. */
    boolean cooking() {
        OpenStage draft = now;
        return draft != null && (draft.cooked || !draft.lines.isEmpty());
    }

    /** Whether nothing has been put on, now or before. */
    boolean nothingYet() {
        return stages.isEmpty() && !cooking();
    }

    /** Whether a line is in the stage that is being read. */
    boolean isOpen(int line) {
        OpenStage draft = now;
        return draft != null && draft.lines.contains(line);
    }

    /** Takes the next clause. */
    void accept(Clause clause) {
        String n = clause.norm();
        if (clause.says(Act.WARN)
                && (clause.opens() || n.startsWith("do not") || n.startsWith("dont") || n.startsWith("never"))) {
            leave(clause, Why.A_WARNING);
            return;
        }
        if (clause.says(Act.SETS)
                && !clause.says(Act.COOL)
                && book.named(clause, false).isEmpty()) {
            leave(clause, Why.KEEPING);
            return;
        }
        if (clause.says(Act.PACK)) {
            close();
            fixed(StageWord.PACK, clause, List.of());
            return;
        }
        if (clause.says(Act.REST) && !clause.says(Act.COOK)) {
            close();
            fixed(StageWord.REST, clause, List.of());
            return;
        }
        if (clause.says(Act.COOL)) {
            close();
            fixed(StageWord.COOL, clause, List.of());
            return;
        }
        boolean tool = clause.says(Act.MILL)
                || clause.says(Act.SIEVE)
                || clause.says(Act.BLEND)
                || n.matches(".*\\bpu(?:sh|ss)\\b.*\\bthrough\\b.*");
        if (tool && n.startsWith("or ")) {
            leave(clause, Why.A_CHOICE);
            return;
        }
        if (tool) {
            tool(clause);
            return;
        }
        if (clause.says(Act.TAKE_OUT) && !SOLIDS.matcher(n).find() && !n.contains("pan off")) {
            if (n.matches("(?:or )?(?:you|i) (?:can|could)\\b.*")) {
                leave(clause, Why.A_CHOICE);
                return;
            }
            boolean strained = now == null
                    && !stages.isEmpty()
                    && (stages.get(stages.size() - 1).kind() == StageWord.SIEVE
                            || stages.get(stages.size() - 1).kind() == StageWord.MILL);
            if (strained && told == null) {
                // What stays in the sieve.
                leave(clause, Why.BESIDE_THE_POT);
                return;
            }
            if (isPiece(clause)
                    || told != null && n.matches(".*\\b(?:them|those)\\b.*")
                    || told != null && n.matches(".*\\b(?:take|lift|scoop|fish|get) it out\\b.*") && hasPieces()) {
                close();
                fixed(StageWord.TAKE_OUT, clause, List.of());
                return;
            }
        }
        if (clause.opens() && n.matches("(?:soak|save|reserve|weigh your|weigh the)\\b.*")) {
            leave(clause, Why.BESIDE_THE_POT);
            return;
        }
        OpenStage covered = now;
        if (covered != null && covered.isUncovered(n)) {
            close();
        }
        List<Integer> lines = named(clause);
        if (BACK_ON.matcher(n).find() && !addedOffHeat()) {
            close();
        }
        if (lines.isEmpty() && clause.says(Act.PUT_BACK)) {
            putBack(clause);
            return;
        }
        if (lines.isEmpty() && clause.says(Act.MEAL)) {
            leave(clause, Why.THE_MEAL);
            return;
        }
        if (lines.isEmpty() && clause.says(Act.KEEPING) && !clause.says(Act.COOK)) {
            leave(clause, Why.KEEPING);
            return;
        }
        if (lines.isEmpty() && clause.opens() && clause.says(Act.BESIDE)) {
            leave(clause, Why.BESIDE_THE_POT);
            return;
        }
        if (told != null && lines.isEmpty() && nothingYet()) {
            leave(clause, Why.NOTHING_TO_DO);
            return;
        }
        if (!lines.isEmpty()) {
            add(clause, lines);
        }
        boolean cooks = clause.says(Act.COOK);
        boolean boilOnly = Ends.comesToTheBoil(n) && Ends.minutes(n).isEmpty();
        if (cooks || boilOnly || Ends.minutes(n).isPresent()) {
            cook(clause, boilOnly, !lines.isEmpty());
        } else if (lines.isEmpty()) {
            if ((told == null
                            ? clause.says(Act.ADD) || ends.end(n, clause.text()).isPresent()
                            : talksOfIt(n, clause))
                    || OpenStage.OFF_HEAT.matcher(n).find()
                    || OpenStage.TASTES.matcher(n).find()) {
                OpenStage draft = open();
                boolean tastesLast = clause.opens()
                        && OpenStage.TASTES.matcher(n).find()
                        && (sort.richness(draft.lines) || draft.cooked);
                if (OpenStage.OFF_HEAT.matcher(n).find() && (draft.cooked || !draft.lines.isEmpty()) || tastesLast) {
                    close();
                    draft = open();
                }
                draft.join(clause, ends);
            } else if (HeatWords.lid(n).isPresent() || HeatWords.look(n).isPresent()) {
                open().join(clause, ends);
            } else {
                leave(clause, Why.NOTHING_TO_DO);
            }
        }
    }

    /** Whether somebody who talks still talks of the pot: of how it looks, smells or how much there is. */
    private boolean talksOfIt(String n, Clause clause) {
        OpenStage draft = now;
        boolean deeper = draft != null && draft.isDeeper(n);
        return cooking() && STIRRED_IN.matcher(n).find()
                || !nothingYet() && Ends.isDipped(n)
                || deeper
                || ends.end(n, clause.text())
                        .filter(end -> OpenStage.rank(end) >= 4
                                || end.by() == EndWord.BOIL && end.value().isPresent()
                                || LOOKS.matcher(n).find())
                        .isPresent();
    }

    private void putBack(Clause clause) {
        String n = clause.norm();
        boolean piece = isPiece(clause)
                && !PULP.matcher(n.replaceAll("\\b(?:in|into|to) the (?:pot|pan)\\b|\\bthe pan\\b", ""))
                        .find();
        if (piece || !addedOffHeat()) {
            close();
        }
        if (piece) {
            fixed(StageWord.PUT_BACK, clause, List.of());
        } else {
            OpenStage draft = open();
            draft.join(clause, ends);
            draft.cooked |= clause.says(Act.COOK) || Ends.minutes(n).isPresent();
        }
    }

    /** Whether what can be lifted out is in the stage that is being read: bacon, bones, meat. */
    private boolean hasPieces() {
        OpenStage draft = now;
        return draft != null
                && draft.lines.stream()
                        .map(line -> book.entries().get(line).food())
                        .anyMatch(food -> is(food, FoodClass.CURED) || is(food, FoodClass.MEAT));
    }

    /** Whether something was put in beside the heat that is not cooked yet. */
    private boolean addedOffHeat() {
        OpenStage draft = now;
        return draft != null && draft.offHeat && !draft.cooked && !draft.lines.isEmpty();
    }

    private void add(Clause clause, List<Integer> lines) {
        OpenStage draft = now;
        boolean off = draft != null
                && !draft.lines.isEmpty()
                && OpenStage.OFF_HEAT.matcher(clause.norm()).find()
                && !draft.offHeat;
        if (off) {
            close();
            draft = now;
        }
        boolean late = LATE.matcher(clause.norm()).find();
        if (draft != null && draft.fixed == null && !late) {
            boolean another = draft.cooked
                    || draft.boils && !lines.isEmpty()
                    || clause.then()
                            && sort.isFinish(draft.lines)
                            && sort.isFinish(lines)
                            && sort.richness(draft.lines) != sort.richness(lines);
            if (another) {
                close();
            }
        }
        draft = open();
        for (int line : lines) {
            draft.lines.add(line);
            book.entries().get(line).placed = true;
        }
        draft.join(clause, ends);
    }

    private void cook(Clause clause, boolean boilOnly, boolean joined) {
        OpenStage draft = now;
        boolean own = ends.end(clause.norm(), clause.text()).isPresent();
        if (draft != null && draft.cooked && own && draft.end.isPresent() && !joined && draft.fixed == null) {
            boolean more = clause.norm().matches(".*\\bmore\\b.*|^(?:which|about|around)\\b.*");
            boolean same = !clause.says(Act.COOK) || clause.norm().matches("(?:until|till|til)\\b.*");
            if (!more && !same) {
                close();
            }
        }
        draft = open();
        if (!joined) {
            draft.join(clause, ends);
        }
        if (boilOnly) {
            draft.boils = true;
        } else {
            draft.cooked = true;
        }
    }

    /** Whether something that can be lifted out is named: a leaf, a stick, bones, meat. */
    private boolean isPiece(Clause clause) {
        return clause.norm()
                .matches(
                        ".*\\b(?:bay|leaf|thyme|rosemary|herb|sprig|stalk|stick|peel|cinnamon|star anise|anise|bone|bacon|wing|sage|spice|bag|bundle"
                                + "|lemongrass|garlic|clove|carcass|chicken|meat|lardon|zest|strip|bouquet|pod|chorizo|sausage|mushroom|shell|rind|kombu)\\b.*");
    }

    private void tool(Clause clause) {
        StageWord kind =
                clause.says(Act.MILL) ? StageWord.MILL : clause.says(Act.BLEND) ? StageWord.BLEND : StageWord.SIEVE;
        List<Integer> lines = named(clause);
        lines.forEach(line -> book.entries().get(line).placed = true);
        OpenStage before = now;
        if (before != null && before.fixed == null && !before.cooked && !before.lines.isEmpty() && !before.boils) {
            lines = new ArrayList<>(lines);
            lines.addAll(0, before.lines);
            now = null;
        }
        int last = stages.size() - 1;
        boolean said = last >= 0
                && stages.get(last).kind() == kind
                && linesOf.get(last).isEmpty()
                && !lines.isEmpty();
        if (said) {
            // "In the blender: the stock and the fruit. Blend it."
            stages.remove(last);
            linesOf.remove(last);
        }
        close();
        fixed(kind, clause, lines);
    }

    private void fixed(StageWord kind, Clause clause, List<Integer> lines) {
        int last = stages.size() - 1;
        boolean again = last >= 0
                && stages.get(last).kind() == kind
                && lines.isEmpty()
                && (kind != StageWord.TAKE_OUT && kind != StageWord.PUT_BACK);
        if (again) {
            return;
        }
        OpenStage draft = open();
        draft.fixed = kind;
        draft.lines.addAll(lines);
        draft.join(clause, ends);
        close();
    }

    /** A clause as a stage by itself, whatever it says: something that is put in, or waited for where it says how long. */
    ReadStage alone(Clause clause) {
        OpenStage draft = new OpenStage();
        draft.join(clause, ends);
        draft.cooked = clause.says(Act.COOK);
        StageWord kind = clause.says(Act.PACK)
                ? StageWord.PACK
                : kindIf(clause.says(Act.MILL), StageWord.MILL)
                        .or(() -> kindIf(clause.says(Act.BLEND), StageWord.BLEND))
                        .or(() -> kindIf(clause.says(Act.SIEVE), StageWord.SIEVE))
                        .or(() -> kindIf(clause.says(Act.COOL), StageWord.COOL))
                        .or(() -> kindIf(clause.says(Act.TAKE_OUT), StageWord.TAKE_OUT))
                        .or(() -> kindIf(draft.cooked && draft.reduces, StageWord.REDUCE))
                        .or(() -> kindIf(draft.cooked, StageWord.SIMMER))
                        .or(() -> kindIf(draft.minutes.isPresent(), StageWord.REST))
                        .or(() -> kindIf(draft.tastes, StageWord.SEASON))
                        .orElse(StageWord.ADD);
        return new ReadStage(
                kind, draft.endAs(kind), draft.minutes, draft.look, draft.lid, draft.says, false, clause.at());
    }

    private static Optional<StageWord> kindIf(boolean is, StageWord kind) {
        return is ? Optional.of(kind) : Optional.empty();
    }

    /** Ends the stage that is being read. */
    void close() {
        OpenStage draft = now;
        now = null;
        if (draft == null) {
            return;
        }
        boolean over = !stages.isEmpty()
                && (stages.get(stages.size() - 1).kind() == StageWord.COOL
                        || stages.get(stages.size() - 1).kind() == StageWord.PACK);
        if (!draft.isAnything() || over && draft.fixed == null && draft.lines.isEmpty()) {
            if (draft.to > 0) {
                left.add(new Left(draft.says, Why.NOTHING_TO_DO, new Span(draft.from, draft.to)));
            }
            return;
        }
        StageWord kind = sort.kind(draft);
        if (sort.joinsPartWay(draft, kind)) {
            linesOf.get(stages.size() - 1).addAll(draft.lines);
            left.add(new Left(draft.says, Why.JOINS_PART_WAY, new Span(draft.from, draft.to)));
            return;
        }
        stages.add(new ReadStage(
                kind,
                draft.endAs(kind),
                draft.minutes,
                draft.look,
                draft.lid,
                draft.says,
                draft.end.isPresent() || draft.fixed != null,
                new Span(draft.from, draft.to)));
        linesOf.add(new ArrayList<>(draft.lines));
        sort.after(draft, kind);
    }

    /** Whether a food is of a class. */
    static boolean is(Optional<Food> food, FoodClass wanted) {
        return food.filter(f -> FoodClass.of(f) == wanted).isPresent();
    }
}

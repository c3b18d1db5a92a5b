package app.gradior.method;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.Food;
import app.gradior.method.ReadRecipe.EndWord;
import app.gradior.method.ReadRecipe.Left;
import app.gradior.method.ReadRecipe.Range;
import app.gradior.method.ReadRecipe.ReadEnd;
import app.gradior.method.ReadRecipe.ReadStage;
import app.gradior.method.ReadRecipe.Span;
import app.gradior.method.ReadRecipe.StageWord;
import app.gradior.method.ReadRecipe.Why;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Puts clauses together into stages: what goes in at one moment, what is done to it, until when. */
final class StageBuilder {
    private static final Pattern OFF_HEAT = Pattern.compile(
            "\\b(?:off (?:the )?(?:heat|flame|hob|stove)|heat (?:is )?off|heat off|fire off|fire(?:s)? off|turn it off|turn off)\\b");
    private static final Pattern REDUCES = Pattern.compile(
            "\\b(?:reduc\\w*\\b(?! (?:the )?(?:heat|flame))|boil(?:ing)? (?:it |them )?(?:right |hard )?down|cook (?:it )?(?:right )?down|thicken(?:s|ed)?|evaporat\\w*|sticky|jammy|glaze)\\b");
    private static final Pattern TASTES = Pattern.compile("\\b(?:season|taste|sharpen)\\b");
    private static final Pattern LATE = Pattern.compile("\\blast (?:few |couple of |\\d+ )?(?:minute|min)\\b");
    private static final Pattern SLAKES =
            Pattern.compile("\\b(?:slurry|slake|slaked|cornstarch mixture|cornflour mixture|thicken with)\\b");
    private static final Pattern SOLIDS = Pattern.compile(
            "\\b(?:solid|what stay|what is left|skin|seed|stem|stone|scum|foam|froth|grit|soaking|off the heat|from the heat|heat and|from heat)\\b");
    private static final Pattern LOOKS = Pattern.compile(
            "\\b(?:until|till|til) .*\\b(?:soft|brown|golden|gone|smell|thick|dark|collapse|collapsed|tender|clear|dry|done|melt|melted|bit|set|crisp|color|colour|dissolve|silky|smooth|popped|pop)\\b");
    private static final Pattern BACK_ON =
            Pattern.compile("\\b(?:back|return it|return the pan) (?:on|to) (?:the |a |to )?(?:\\w+ )?heat\\b");
    private static final Pattern BOILS =
            Pattern.compile("\\b(?:simmer|boil|bubble|bubbling|simmering|boiling(?! (?:water|stock|hot))|reduce)\\b");
    private static final Set<String> AROMATICS = Set.of(
            "garlic",
            "garlic-paste",
            "ginger",
            "chilli-red",
            "chilli-green",
            "chilli-bird",
            "galangal",
            "lemongrass",
            "turmeric-fresh");
    private static final Pattern DEEPER = Pattern.compile("\\b(?:down|to|at) (?:at |to )?(\\d+(?:\\.\\d+)?)$");
    private static final Pattern PULP =
            Pattern.compile("\\b(?:pot|pan|saucepan|heat|puree|sauce|it|liquid|everything|liquor|skillet|stove)\\b");

    private static final double PART_WAY_MIN = 3;

    private final LineBook book;
    private final Ends ends;
    private final List<ReadStage> stages = new ArrayList<>();
    private final List<List<Integer>> linesOf = new ArrayList<>();
    private final List<Left> left = new ArrayList<>();
    private @Nullable Draft now;
    private @Nullable TalkLines told;
    private boolean wet;
    private boolean fried;

    StageBuilder(LineBook book, Ends ends) {
        this.book = book;
        this.ends = ends;
    }

    /** From now on lines are found as somebody tells them. */
    void telling(TalkLines lines) {
        told = lines;
    }

    /** A stage that is being read. */
    private static final class Draft {
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
        Optional<ReadEnd> end = Optional.empty();
        Optional<Range> minutes = Optional.empty();
        Optional<Look> look = Optional.empty();
        Optional<LidState> lid = Optional.empty();
        String says = "";
        String norm = "";
        int from = Integer.MAX_VALUE;
        int to;
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

    private Draft open() {
        Draft draft = now;
        if (draft == null) {
            draft = new Draft();
            now = draft;
        }
        return draft;
    }

    private void join(Draft draft, Clause clause) {
        draft.from = Math.min(draft.from, clause.at().from());
        draft.to = Math.max(draft.to, clause.at().to());
        draft.norm += " " + clause.norm();
        if (draft.says.isEmpty()) {
            draft.says = clause.text();
        }
        Optional<Look> look = HeatWords.look(clause.norm());
        draft.look = look.isPresent() ? look : draft.look;
        Optional<LidState> lid = HeatWords.lid(clause.norm());
        draft.lid = lid.isPresent() ? lid : draft.lid;
        draft.offHeat |= OFF_HEAT.matcher(clause.norm()).find();
        draft.tastes |= TASTES.matcher(clause.norm()).find();
        draft.reduces |= REDUCES.matcher(clause.norm()).find();
        draft.slakes |= SLAKES.matcher(clause.norm()).find();
        draft.fries |= clause.norm().matches(".*\\bfr(?:y|ie)\\b.*");
        Optional<Range> minutes = Ends.minutes(clause.norm());
        if (minutes.isPresent()) {
            draft.minutes = minutes;
        }
        Optional<ReadEnd> level = draft.end.filter(end -> end.by() == EndWord.LEVEL);
        Matcher deeper = DEEPER.matcher(clause.norm());
        if (level.isPresent() && deeper.find()) {
            double figure = Double.parseDouble(deeper.group(1));
            double unit = level.get().value().orElse(0) > 10 * figure / 2 ? 10 : 1;
            draft.end = Optional.of(ReadEnd.of(EndWord.LEVEL, unit * figure));
        }
        ends.end(clause.norm(), clause.text()).ifPresent(end -> {
            if (draft.end.isEmpty() || rank(end) >= rank(draft.end.get())) {
                draft.end = Optional.of(end);
                draft.says = clause.text();
            }
        });
    }

    private static int rank(ReadEnd end) {
        return switch (end.by()) {
            case MINUTES -> 1;
            case WORD -> 2;
            case BOIL, COOLED -> 3;
            case STEP -> 4;
            default -> 5;
        };
    }

    private List<Integer> named(Clause clause) {
        return told == null ? book.named(clause, true) : told.told(clause);
    }

    /** Puts a line that is told late into the stage that another is in. */
    void withLine(int line, int other) {
        Draft draft = now;
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
        Draft draft = now;
        return draft != null && (draft.cooked || !draft.lines.isEmpty());
    }

    /** Whether a line is in the stage that is being read. */
    boolean isOpen(int line) {
        Draft draft = now;
        return draft != null && draft.lines.contains(line);
    }

    /** Takes the next clause. */
    void accept(Clause clause) {
        String n = clause.norm();
        if (Act.WARN.isIn(n)
                && (clause.opens() || n.startsWith("do not") || n.startsWith("dont") || n.startsWith("never"))) {
            leave(clause, Why.A_WARNING);
            return;
        }
        if (Act.PACK.isIn(n)) {
            close();
            fixed(StageWord.PACK, clause, List.of());
            return;
        }
        if (Act.REST.isIn(n) && !Act.COOK.isIn(n)) {
            close();
            fixed(StageWord.REST, clause, List.of());
            return;
        }
        if (Act.COOL.isIn(n)) {
            close();
            fixed(StageWord.COOL, clause, List.of());
            return;
        }
        boolean tool = Act.MILL.isIn(n)
                || Act.SIEVE.isIn(n)
                || Act.BLEND.isIn(n)
                || n.matches(".*\\bpu(?:sh|ss)\\b.*\\bthrough\\b.*");
        if (tool) {
            tool(clause);
            return;
        }
        if (Act.TAKE_OUT.isIn(n) && !SOLIDS.matcher(n).find() && !n.contains("pan off")) {
            if (isPiece(clause) || told != null && n.matches(".*\\b(?:them|those)\\b.*")) {
                close();
                fixed(StageWord.TAKE_OUT, clause, List.of());
                return;
            }
        }
        if (clause.opens() && n.matches("(?:soak|save|reserve|weigh your|weigh the)\\b.*")) {
            leave(clause, Why.BESIDE_THE_POT);
            return;
        }
        List<Integer> lines = named(clause);
        if (BACK_ON.matcher(n).find()) {
            close();
        }
        if (lines.isEmpty() && Act.PUT_BACK.isIn(n)) {
            close();
            if (isPiece(clause)
                    && !PULP.matcher(n.replaceAll("\\b(?:in|into|to) the (?:pot|pan)\\b|\\bthe pan\\b", ""))
                            .find()) {
                fixed(StageWord.PUT_BACK, clause, List.of());
            } else {
                Draft draft = open();
                join(draft, clause);
            }
            return;
        }
        if (lines.isEmpty() && Act.MEAL.isIn(n)) {
            leave(clause, Why.THE_MEAL);
            return;
        }
        if (lines.isEmpty() && Act.KEEPING.isIn(n) && !Act.COOK.isIn(n)) {
            leave(clause, Why.KEEPING);
            return;
        }
        if (lines.isEmpty() && clause.opens() && Act.BESIDE.isIn(n)) {
            leave(clause, Why.BESIDE_THE_POT);
            return;
        }
        if (told != null && lines.isEmpty() && stages.isEmpty() && !cooking()) {
            leave(clause, Why.NOTHING_TO_DO);
            return;
        }
        if (!lines.isEmpty()) {
            add(clause, lines);
        }
        boolean cooks = Act.COOK.isIn(n);
        boolean boilOnly = Ends.comesToTheBoil(n) && Ends.minutes(n).isEmpty();
        if (cooks || boilOnly || Ends.minutes(n).isPresent()) {
            cook(clause, boilOnly, !lines.isEmpty());
        } else if (lines.isEmpty()) {
            if ((told == null ? Act.ADD.isIn(n) || ends.end(n, clause.text()).isPresent() : talksOfIt(n, clause))
                    || OFF_HEAT.matcher(n).find()
                    || TASTES.matcher(n).find()) {
                Draft draft = open();
                boolean tastesLast =
                        clause.opens() && TASTES.matcher(n).find() && (richness(draft.lines) || draft.cooked);
                if (OFF_HEAT.matcher(n).find() && (draft.cooked || !draft.lines.isEmpty()) || tastesLast) {
                    close();
                    draft = open();
                }
                join(draft, clause);
            } else if (HeatWords.lid(n).isPresent() || HeatWords.look(n).isPresent()) {
                join(open(), clause);
            } else {
                leave(clause, Why.NOTHING_TO_DO);
            }
        }
    }

    /** Whether somebody who talks still talks of the pot: of how it looks, smells or how much there is. */
    private boolean talksOfIt(String n, Clause clause) {
        return ends.end(n, clause.text())
                .filter(end -> rank(end) >= 4
                        || end.by() == EndWord.BOIL && end.value().isPresent()
                        || LOOKS.matcher(n).find())
                .isPresent();
    }

    private void add(Clause clause, List<Integer> lines) {
        Draft draft = now;
        boolean off = draft != null
                && !draft.lines.isEmpty()
                && OFF_HEAT.matcher(clause.norm()).find()
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
                            && isFinish(draft.lines)
                            && isFinish(lines)
                            && richness(draft.lines) != richness(lines);
            if (another) {
                close();
            }
        }
        draft = open();
        for (int line : lines) {
            draft.lines.add(line);
            book.entries().get(line).placed = true;
        }
        join(draft, clause);
    }

    private boolean richness(List<Integer> lines) {
        Set<FoodClass> classes = classes(lines);
        return classes.contains(FoodClass.RICH) || classes.contains(FoodClass.FAT);
    }

    private boolean isFinish(List<Integer> lines) {
        return !lines.isEmpty()
                && EnumSet.of(
                                FoodClass.RICH,
                                FoodClass.FAT,
                                FoodClass.SALT,
                                FoodClass.SHARP,
                                FoodClass.SPICE,
                                FoodClass.HERB,
                                FoodClass.SWEET,
                                FoodClass.OTHER)
                        .containsAll(classes(lines));
    }

    private void cook(Clause clause, boolean boilOnly, boolean joined) {
        Draft draft = now;
        boolean own = ends.end(clause.norm(), clause.text()).isPresent();
        if (draft != null && draft.cooked && own && draft.end.isPresent() && !joined && draft.fixed == null) {
            boolean more = clause.norm().matches(".*\\bmore\\b.*|^(?:which|about|around)\\b.*");
            boolean same = !Act.COOK.isIn(clause.norm());
            if (!more && !same) {
                close();
            }
        }
        draft = open();
        if (!joined) {
            join(draft, clause);
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
        String n = clause.norm();
        StageWord kind = Act.MILL.isIn(n) ? StageWord.MILL : Act.BLEND.isIn(n) ? StageWord.BLEND : StageWord.SIEVE;
        List<Integer> lines = named(clause);
        lines.forEach(line -> book.entries().get(line).placed = true);
        Draft before = now;
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
        Draft draft = open();
        draft.fixed = kind;
        draft.lines.addAll(lines);
        join(draft, clause);
        close();
    }

    private Set<FoodClass> classes(List<Integer> lines) {
        Set<FoodClass> classes = EnumSet.noneOf(FoodClass.class);
        for (int line : lines) {
            book.entries().get(line).food().map(FoodClass::of).ifPresent(classes::add);
        }
        return classes;
    }

    /** Ends the stage that is being read. */
    void close() {
        Draft draft = now;
        now = null;
        if (draft == null) {
            return;
        }
        boolean anything = draft.fixed != null
                || !draft.lines.isEmpty()
                || draft.cooked && (draft.end.isPresent() || draft.reduces)
                || draft.tastes;
        boolean over = !stages.isEmpty()
                && (stages.get(stages.size() - 1).kind() == StageWord.COOL
                        || stages.get(stages.size() - 1).kind() == StageWord.PACK);
        if (!anything || over && draft.fixed == null && draft.lines.isEmpty()) {
            if (draft.to > 0) {
                left.add(new Left(draft.says, Why.NOTHING_TO_DO, new Span(draft.from, draft.to)));
            }
            return;
        }
        StageWord kind = kind(draft);
        if (joinsPartWay(draft, kind)) {
            linesOf.get(stages.size() - 1).addAll(draft.lines);
            left.add(new Left(draft.says, Why.JOINS_PART_WAY, new Span(draft.from, draft.to)));
            return;
        }
        ReadEnd end = end(draft, kind);
        stages.add(new ReadStage(
                kind,
                end,
                draft.minutes,
                draft.look,
                draft.lid,
                draft.says,
                draft.end.isPresent() || draft.fixed != null,
                new Span(draft.from, draft.to)));
        linesOf.add(new ArrayList<>(draft.lines));
        Set<FoodClass> classes = classes(draft.lines);
        wet |= isWet(draft, classes)
                || kind == StageWord.SIMMER
                || kind == StageWord.REDUCE
                || kind == StageWord.DEGLAZE;
        fried |=
                kind == StageWord.SWEAT || kind == StageWord.TOAST || kind == StageWord.FRY || kind == StageWord.RENDER;
    }

    private static ReadEnd end(Draft draft, StageWord kind) {
        if (kind == StageWord.COOL) {
            return new ReadEnd(EndWord.COOLED, java.util.OptionalDouble.empty());
        }
        boolean timed = kind == StageWord.REST || kind == StageWord.BLEND;
        boolean byTime = draft.end
                .filter(end -> end.by() == EndWord.MINUTES || end.by() == EndWord.WORD)
                .isPresent();
        if (draft.fixed != null && !(timed && byTime)) {
            return ReadEnd.BY_WORD;
        }
        if (draft.end.isEmpty() && draft.boils && !draft.cooked) {
            return new ReadEnd(EndWord.BOIL, java.util.OptionalDouble.empty());
        }
        return draft.end.orElse(ReadEnd.BY_WORD);
    }

    private boolean isWet(Draft draft, Set<FoodClass> classes) {
        return classes.contains(FoodClass.STOCK)
                || classes.contains(FoodClass.ALCOHOL)
                || draft.lines.stream()
                        .map(line -> book.entries().get(line))
                        .anyMatch(entry -> entry.food()
                                        .filter(f -> f.per100g().water() > 60 && f.pourable())
                                        .isPresent()
                                && entry.reading.massG() > 25);
    }

    private StageWord kind(Draft draft) {
        if (draft.fixed != null) {
            return draft.fixed;
        }
        Set<FoodClass> classes = classes(draft.lines);
        if (classes.contains(FoodClass.STARCH) || draft.slakes) {
            return StageWord.SLURRY;
        }
        if (!draft.cooked) {
            boolean finishing = wet || fried && draft.offHeat;
            if (draft.boils && !finishing) {
                return StageWord.SIMMER;
            }
            if (classes.contains(FoodClass.RICH) || classes.contains(FoodClass.FAT)) {
                return StageWord.ENRICH;
            }
            if (draft.boils) {
                return StageWord.ADD;
            }
            boolean only = EnumSet.of(FoodClass.STOCK).containsAll(classes) && !classes.isEmpty();
            return only ? StageWord.ADD : StageWord.SEASON;
        }
        boolean wetNow = wet
                || isWet(draft, classes)
                || BOILS.matcher(draft.norm).find() && !classes.isEmpty()
                || draft.reduces && classes.isEmpty();
        return wetNow ? wet(draft, classes) : dry(draft, bulk(draft.lines));
    }

    /** Whether it is garlic or the like that joins what is sweating for less than three minutes: no stage of its own. */
    private boolean joinsPartWay(Draft draft, StageWord kind) {
        int last = stages.size() - 1;
        boolean aromatic = !draft.lines.isEmpty()
                && draft.lines.stream()
                        .allMatch(line -> book.entries()
                                .get(line)
                                .food()
                                .filter(f -> AROMATICS.contains(f.id()) || FoodClass.of(f) == FoodClass.HERB)
                                .isPresent());
        return (kind == StageWord.SWEAT || kind == StageWord.TOAST)
                && aromatic
                && last >= 0
                && stages.get(last).kind() == StageWord.SWEAT
                && draft.minutes.filter(m -> m.high() < PART_WAY_MIN).isPresent();
    }

    /** The classes of what makes a stage up: a clove of garlic beside other things is not its main thing. */
    private Set<FoodClass> bulk(List<Integer> lines) {
        List<Integer> main = lines.stream()
                .filter(line -> book.entries()
                        .get(line)
                        .food()
                        .filter(f -> AROMATICS.contains(f.id()))
                        .isEmpty())
                .toList();
        Set<FoodClass> classes = classes(main);
        classes.remove(FoodClass.FAT);
        classes.remove(FoodClass.SALT);
        return classes.isEmpty() ? classes(lines) : classes;
    }

    private static StageWord dry(Draft draft, Set<FoodClass> classes) {
        if (classes.contains(FoodClass.CURED) && draft.norm.matches(".*\\b(?:fat|crisp|render)\\b.*")) {
            return StageWord.RENDER;
        }
        if (classes.contains(FoodClass.PASTE)) {
            return StageWord.FRY;
        }
        boolean vegetables = classes.contains(FoodClass.PRODUCE);
        boolean toasted = classes.contains(FoodClass.SPICE)
                || classes.contains(FoodClass.NUT)
                || classes.contains(FoodClass.FLOUR)
                || classes.contains(FoodClass.MEAT)
                || classes.contains(FoodClass.HERB);
        if (vegetables) {
            return StageWord.SWEAT;
        }
        return toasted || classes.contains(FoodClass.SWEET) || draft.norm.contains("brown")
                ? StageWord.TOAST
                : StageWord.SWEAT;
    }

    private StageWord wet(Draft draft, Set<FoodClass> classes) {
        if (draft.fries && !stages.isEmpty() && stages.get(stages.size() - 1).kind() != StageWord.SIMMER
                || classes.contains(FoodClass.PASTE) && !isWet(draft, classes)) {
            return StageWord.FRY;
        }
        boolean strong = classes.contains(FoodClass.ALCOHOL) || classes.contains(FoodClass.SHARP);
        boolean alone = EnumSet.of(
                        FoodClass.ALCOHOL,
                        FoodClass.SHARP,
                        FoodClass.SPICE,
                        FoodClass.HERB,
                        FoodClass.SWEET,
                        FoodClass.SALT)
                .containsAll(classes);
        if (!wet && fried && strong && alone) {
            return StageWord.DEGLAZE;
        }
        boolean amount = draft.end
                .filter(end -> rank(end) >= 4
                        || end.by() == EndWord.BOIL && end.value().isPresent())
                .isPresent();
        return amount || draft.reduces ? StageWord.REDUCE : StageWord.SIMMER;
    }

    /** Whether a food is of a class. */
    static boolean is(Optional<Food> food, FoodClass wanted) {
        return food.filter(f -> FoodClass.of(f) == wanted).isPresent();
    }
}

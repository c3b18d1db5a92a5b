package app.gradior.method;

import app.gradior.method.ReadRecipe.Left;
import app.gradior.method.ReadRecipe.ReadStage;
import app.gradior.method.ReadRecipe.Span;
import app.gradior.method.ReadRecipe.StageWord;
import app.gradior.method.ReadRecipe.Why;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The stages that were read, the one that is being read, and what was left aside. */
final class StageList {
    private final LineBook book;
    private final Ends ends;
    private final StageSort sort;
    private final List<ReadStage> stages = new ArrayList<>();
    private final List<List<Integer>> linesOf = new ArrayList<>();
    private final List<Left> left = new ArrayList<>();
    private @Nullable OpenStage now;

    StageList(LineBook book, Ends ends) {
        this.book = book;
        this.ends = ends;
        this.sort = new StageSort(book);
    }

    List<ReadStage> stages() {
        return stages;
    }

    List<Left> left() {
        return left;
    }

    StageSort sort() {
        return sort;
    }

    /** The stage that is being read; null for none. */
    @Nullable
    OpenStage now() {
        return now;
    }

    /** What was being read is no stage of its own. */
    void drop() {
        now = null;
    }

    /** "In the blender: the stock and the fruit. Blend it": the first of two without a line is none. */
    void forgetEmpty(StageWord kind) {
        int last = stages.size() - 1;
        if (last >= 0 && stages.get(last).kind() == kind && linesOf.get(last).isEmpty()) {
            stages.remove(last);
            linesOf.remove(last);
        }
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

    /** The stage that is being read; a new one where there is none. */
    OpenStage open() {
        OpenStage draft = now;
        if (draft == null) {
            draft = new OpenStage();
            now = draft;
        }
        return draft;
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

    /** Whether the last of them was a sieve's, or a mill's. */
    boolean isStrained() {
        return !stages.isEmpty()
                && (stages.get(stages.size() - 1).kind() == StageWord.SIEVE
                        || stages.get(stages.size() - 1).kind() == StageWord.MILL);
    }

    /** Whether what can be lifted out is in the stage that is being read: bacon, bones, meat. */
    boolean hasPieces() {
        OpenStage draft = now;
        return draft != null
                && draft.lines.stream()
                        .map(line -> book.entries().get(line).food())
                        .anyMatch(food -> FoodClass.is(food, FoodClass.CURED) || FoodClass.is(food, FoodClass.MEAT));
    }

    /** Whether something was put in beside the heat that is not cooked yet. */
    boolean addedOffHeat() {
        OpenStage draft = now;
        return draft != null && draft.offHeat && !draft.cooked && !draft.lines.isEmpty();
    }

    /** A stage by itself; the same again, with nothing in it, is one. */
    void fixed(StageWord kind, Clause clause, List<Integer> lines) {
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
}

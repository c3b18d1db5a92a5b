package app.gradior.method;

import app.gradior.method.ReadRecipe.EndWord;
import app.gradior.method.ReadRecipe.ReadStage;
import app.gradior.method.ReadRecipe.StageWord;
import app.gradior.method.ReadRecipe.Why;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Puts clauses together into stages: what goes in at one moment, what is done to it, until when. */
final class StageBuilder {

    private final LineBook book;
    private final Ends ends;
    private final StageList list;
    private @Nullable TalkLines told;

    StageBuilder(LineBook book, Ends ends) {
        this.book = book;
        this.ends = ends;
        this.list = new StageList(book, ends);
    }

    /** The stages so far. */
    StageList list() {
        return list;
    }

    /** From now on lines are found as somebody tells them. */
    void telling(TalkLines lines) {
        told = lines;
    }

    private List<Integer> named(Clause clause) {
        return told == null ? book.named(clause, true) : told.told(clause);
    }

    /** Takes the next clause. */
    void accept(Clause clause) {
        if (isLeft(clause) || isByItself(clause) || isOfATool(clause) || isTakenOut(clause)) {
            return;
        }
        String n = clause.norm();
        OpenStage covered = list.now();
        if (covered != null && covered.isUncovered(n)) {
            list.close();
        }
        List<Integer> lines = named(clause);
        if (StageCue.BACK_ON.isIn(n) && !list.addedOffHeat()) {
            list.close();
        }
        if (lines.isEmpty() && bringsNothing(clause)) {
            return;
        }
        if (!lines.isEmpty()) {
            add(clause, lines);
        }
        boolean boilOnly = Ends.comesToTheBoil(n) && Ends.minutes(n).isEmpty();
        if (clause.says(Act.COOK) || boilOnly || Ends.minutes(n).isPresent()) {
            cook(clause, boilOnly, !lines.isEmpty());
        } else if (lines.isEmpty()) {
            goesOn(clause);
        }
    }

    /** Of a warning, or of how long it keeps. */
    private boolean isLeft(Clause clause) {
        if (clause.says(Act.WARN) && (clause.opens() || StageCue.DO_NOT.isIn(clause.norm()))) {
            list.leave(clause, Why.A_WARNING);
            return true;
        }
        boolean sets = clause.says(Act.SETS)
                && !clause.says(Act.COOL)
                && book.named(clause, false).isEmpty();
        if (sets) {
            list.leave(clause, Why.KEEPING);
        }
        return sets;
    }

    /** A stage by itself: packed, left to rest, cooled. */
    private boolean isByItself(Clause clause) {
        Optional<StageWord> kind = kindIf(clause.says(Act.PACK), StageWord.PACK)
                .or(() -> kindIf(clause.says(Act.REST) && !clause.says(Act.COOK), StageWord.REST))
                .or(() -> kindIf(clause.says(Act.COOL), StageWord.COOL));
        kind.ifPresent(is -> {
            list.close();
            list.fixed(is, clause, List.of());
        });
        return kind.isPresent();
    }

    private boolean isOfATool(Clause clause) {
        String n = clause.norm();
        boolean tool = clause.says(Act.MILL)
                || clause.says(Act.SIEVE)
                || clause.says(Act.BLEND)
                || StageCue.PUSHED_THROUGH.isIn(n);
        if (tool && n.startsWith("or ")) {
            list.leave(clause, Why.A_CHOICE);
        } else if (tool) {
            tool(clause);
        }
        return tool;
    }

    /** Of what is lifted out, or left beside the pot from the start. */
    private boolean isTakenOut(Clause clause) {
        String n = clause.norm();
        if (clause.says(Act.TAKE_OUT) && !StageCue.SOLIDS.isIn(n) && !n.contains("pan off")) {
            if (StageCue.ONE_MAY.isIn(n)) {
                list.leave(clause, Why.A_CHOICE);
                return true;
            }
            if (list.now() == null && told == null && list.isStrained()) {
                // What stays in the sieve.
                list.leave(clause, Why.BESIDE_THE_POT);
                return true;
            }
            if (StageCue.PIECE.isIn(n)
                    || told != null && StageCue.THEM.isIn(n)
                    || told != null && StageCue.IT_OUT.isIn(n) && list.hasPieces()) {
                list.close();
                list.fixed(StageWord.TAKE_OUT, clause, List.of());
                return true;
            }
        }
        boolean beside = clause.opens() && StageCue.KEPT_BESIDE.isIn(n);
        if (beside) {
            list.leave(clause, Why.BESIDE_THE_POT);
        }
        return beside;
    }

    /** A clause that puts nothing in and says nothing of the pot: what it is of instead. */
    private boolean bringsNothing(Clause clause) {
        if (clause.says(Act.PUT_BACK)) {
            putBack(clause);
            return true;
        }
        Optional<Why> why = Optional.empty();
        if (clause.says(Act.MEAL)) {
            why = Optional.of(Why.THE_MEAL);
        } else if (clause.says(Act.KEEPING) && !clause.says(Act.COOK)) {
            why = Optional.of(Why.KEEPING);
        } else if (clause.opens() && clause.says(Act.BESIDE)) {
            why = Optional.of(Why.BESIDE_THE_POT);
        } else if (told != null && list.nothingYet()) {
            why = Optional.of(Why.NOTHING_TO_DO);
        }
        why.ifPresent(is -> list.leave(clause, is));
        return why.isPresent();
    }

    /** More of what is done to what is in: how it should become, beside the heat, tasted, with a lid, at a look. */
    private void goesOn(Clause clause) {
        String n = clause.norm();
        boolean offHeat = OpenStage.OFF_HEAT.matcher(n).find();
        boolean tastes = OpenStage.TASTES.matcher(n).find();
        boolean says = told == null
                ? clause.says(Act.ADD) || ends.end(n, clause.text()).isPresent()
                : talksOfIt(n, clause);
        if (says || offHeat || tastes) {
            OpenStage draft = list.open();
            boolean tastesLast = clause.opens() && tastes && (list.sort().richness(draft.lines) || draft.cooked);
            if (offHeat && (draft.cooked || !draft.lines.isEmpty()) || tastesLast) {
                list.close();
                draft = list.open();
            }
            draft.join(clause, ends);
        } else if (HeatWords.lid(n).isPresent() || HeatWords.look(n).isPresent()) {
            list.open().join(clause, ends);
        } else {
            list.leave(clause, Why.NOTHING_TO_DO);
        }
    }

    /** Whether somebody who talks still talks of the pot: of how it looks, smells or how much there is. */
    private boolean talksOfIt(String n, Clause clause) {
        OpenStage draft = list.now();
        boolean deeper = draft != null && draft.isDeeper(n);
        return list.cooking() && StageCue.STIRRED_IN.isIn(n)
                || !list.nothingYet() && Ends.isDipped(n)
                || deeper
                || ends.end(n, clause.text())
                        .filter(end -> OpenStage.rank(end) >= 4
                                || end.by() == EndWord.BOIL && end.value().isPresent()
                                || StageCue.LOOKS.isIn(n))
                        .isPresent();
    }

    private void putBack(Clause clause) {
        String n = clause.norm();
        boolean piece = StageCue.PIECE.isIn(clause.norm())
                && !StageCue.PULP.isIn(n.replaceAll("\\b(?:in|into|to) the (?:pot|pan)\\b|\\bthe pan\\b", ""));
        if (piece || !list.addedOffHeat()) {
            list.close();
        }
        if (piece) {
            list.fixed(StageWord.PUT_BACK, clause, List.of());
        } else {
            OpenStage draft = list.open();
            draft.join(clause, ends);
            draft.cooked |= clause.says(Act.COOK) || Ends.minutes(n).isPresent();
        }
    }

    private void add(Clause clause, List<Integer> lines) {
        OpenStage draft = list.now();
        boolean off = draft != null
                && !draft.lines.isEmpty()
                && OpenStage.OFF_HEAT.matcher(clause.norm()).find()
                && !draft.offHeat;
        if (off) {
            list.close();
            draft = list.now();
        }
        boolean late = StageCue.LATE.isIn(clause.norm());
        if (draft != null && draft.fixed == null && !late) {
            boolean another = draft.cooked
                    || draft.boils && !lines.isEmpty()
                    || clause.then()
                            && list.sort().isFinish(draft.lines)
                            && list.sort().isFinish(lines)
                            && list.sort().richness(draft.lines) != list.sort().richness(lines);
            if (another) {
                list.close();
            }
        }
        draft = list.open();
        for (int line : lines) {
            draft.lines.add(line);
            book.entries().get(line).placed = true;
        }
        draft.join(clause, ends);
    }

    private void cook(Clause clause, boolean boilOnly, boolean joined) {
        OpenStage draft = list.now();
        boolean own = ends.end(clause.norm(), clause.text()).isPresent();
        if (draft != null && draft.cooked && own && draft.end.isPresent() && !joined && draft.fixed == null) {
            boolean more = StageCue.MORE_OF_IT.isIn(clause.norm());
            boolean same = !clause.says(Act.COOK) || StageCue.UNTIL.isIn(clause.norm());
            if (!more && !same) {
                list.close();
            }
        }
        draft = list.open();
        if (!joined) {
            draft.join(clause, ends);
        }
        if (boilOnly) {
            draft.boils = true;
        } else {
            draft.cooked = true;
        }
    }

    private void tool(Clause clause) {
        StageWord kind =
                clause.says(Act.MILL) ? StageWord.MILL : clause.says(Act.BLEND) ? StageWord.BLEND : StageWord.SIEVE;
        List<Integer> lines = named(clause);
        lines.forEach(line -> book.entries().get(line).placed = true);
        OpenStage before = list.now();
        if (before != null && before.fixed == null && !before.cooked && !before.lines.isEmpty() && !before.boils) {
            lines = new ArrayList<>(lines);
            lines.addAll(0, before.lines);
            list.drop();
        }
        if (!lines.isEmpty()) {
            list.forgetEmpty(kind);
        }
        list.close();
        list.fixed(kind, clause, lines);
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
}

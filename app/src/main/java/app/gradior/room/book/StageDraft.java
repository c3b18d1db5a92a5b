package app.gradior.room.book;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.Outline;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageWork;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A stage as a cook writes it: which lines go in, what is done, until when.
 *
 * @param title in the cook's words; may be empty
 * @param lines places of the ingredient lines that go in at its start, from 0
 * @param value figure of its end, in the end's unit
 * @param work what it does with what went in before; absent for nothing
 */
// Wide: a stage as a cook writes it.
public record StageDraft(
        StageKind kind,
        String title,
        List<Integer> lines,
        Look look,
        LidState lid,
        EndKind end,
        double value,
        @Nullable StageWork work) {
    public StageDraft {
        lines = List.copyOf(lines);
    }

    /** A stage that does nothing with what went in before. */
    public StageDraft(
            StageKind kind, String title, List<Integer> lines, Look look, LidState lid, EndKind end, double value) {
        this(kind, title, lines, look, lid, end, value, null);
    }

    /** What it does with what went in before. */
    public StageWork working() {
        return work == null ? StageWork.NONE : work;
    }

    /** The lines that it names: what comes out or goes back, else what goes in. */
    public List<Integer> named() {
        return kind.movesPieces() ? working().lines() : lines;
    }

    /** The same doing that with what went in before. */
    public StageDraft with(StageWork other) {
        return new StageDraft(kind, title, lines, look, lid, end, value, other.equals(StageWork.NONE) ? null : other);
    }

    /** The same with more lines going in. */
    StageDraft withLines(List<Integer> more) {
        List<Integer> all = new ArrayList<>(lines);
        all.addAll(more);
        return new StageDraft(kind, title, all, look, lid, end, value, work);
    }

    /** The stages of an outline, without lines. */
    static List<StageDraft> of(Outline outline) {
        return outline.steps().stream()
                .map(step -> new StageDraft(
                        step.kind(),
                        "",
                        List.of(),
                        step.kind().usualLook(),
                        step.kind().usualLid(),
                        step.end(),
                        step.value()))
                .toList();
    }
}

package app.gradior.sauce;

import java.util.Collection;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.IntFunction;

/** Which lines of a sauce have to be followed as pieces, because a stage of it lifts them out or pours off what they give. */
public final class Moves {
    private final Set<Integer> lifted = new TreeSet<>();
    private final Set<Integer> beside = new TreeSet<>();
    private boolean renders;

    /** Learns of a stage. */
    public void add(StageKind kind, StageWork work) {
        if (kind == StageKind.TAKE_OUT) {
            lifted.addAll(work.lines());
            if (work.share() == null || work.share() >= 1) {
                beside.addAll(work.lines());
            }
        } else if (kind == StageKind.PUT_BACK) {
            beside.removeIf(line -> work.lines().isEmpty() || work.lines().contains(line));
        }
        renders |= kind == StageKind.RENDER;
    }

    /** The lines that are not in the pot any more after the stages so far. */
    public Set<Integer> beside() {
        return Collections.unmodifiableSet(beside);
    }

    /**
     * Those of some lines that have to be followed.
     *
     * @param kind of the stage they go in with
     * @param piece of a line, if it names a food
     */
    public Map<Integer, Piece> among(StageKind kind, Collection<Integer> lines, IntFunction<Optional<Piece>> piece) {
        Map<Integer, Piece> pieces = new TreeMap<>();
        for (int line : lines) {
            piece.apply(line)
                    .filter(one -> kind == StageKind.COOK_IN
                            ? one.cooking().isPresent()
                            : lifted.contains(line)
                                    || renders && one.rendering().isSlow())
                    .ifPresent(one -> pieces.put(line, one));
        }
        return pieces;
    }
}

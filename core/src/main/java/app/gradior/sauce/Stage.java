package app.gradior.sauce;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

/**
 * One stage of a sauce: what goes in at its start, what is done, how long.
 *
 * @param adds what goes in at the start, at room temperature; empty for nothing
 * @param look how the surface is kept while it boils
 * @param lid what covers it
 * @param pieces those of what goes in that may be lifted out later or give off fat, by the places of their lines; within {@code adds}
 * @param work what it does with pieces and fat
 */
public record Stage(
        StageKind kind, Mixture adds, Look look, LidState lid, StageEnd end, Map<Integer, Piece> pieces, Work work) {
    public Stage {
        pieces = Map.copyOf(pieces);
    }

    /** A stage that knows of no pieces. */
    public Stage(StageKind kind, Mixture adds, Look look, LidState lid, StageEnd end) {
        this(kind, adds, look, lid, end, Map.of(), Work.NONE);
    }

    /** A stage at its usual look and lid. */
    public static Stage of(StageKind kind, Mixture adds, StageEnd end) {
        return new Stage(kind, adds, kind.usualLook(), kind.usualLid(), end);
    }

    /** A stage to which nothing is added. */
    public static Stage of(StageKind kind, StageEnd end) {
        return of(kind, Mixture.EMPTY, end);
    }

    public Stage at(Look newLook, LidState newLid) {
        return new Stage(kind, adds, newLook, newLid, end, pieces, work);
    }

    /** The same, ending otherwise. */
    public Stage ending(StageEnd other) {
        return new Stage(kind, adds, look, lid, other, pieces, work);
    }

    /** The same with other things going in. */
    public Stage adding(Mixture other) {
        return new Stage(kind, other, look, lid, end, pieces, work);
    }

    /** The same with pieces and what is done with them. */
    public Stage with(Map<Integer, Piece> otherPieces, Work otherWork) {
        return new Stage(kind, adds, look, lid, end, otherPieces, otherWork);
    }

    /** The same with everything that goes in changed in its amounts. */
    public Stage changed(UnaryOperator<Mixture> change) {
        Map<Integer, Piece> other = new TreeMap<>();
        pieces.forEach((line, piece) -> other.put(line, piece.with(change)));
        return new Stage(kind, change.apply(adds), look, lid, end, other, work);
    }

    /** So many times as much of everything that goes in, and of the fat that stays. */
    public Stage times(double factor) {
        Stage more = changed(in -> in.times(factor));
        return more.with(more.pieces, work.times(factor));
    }
}

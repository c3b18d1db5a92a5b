package app.gradior.sauce;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;

/**
 * One stage of a sauce: what goes in at its start, what is done, how long.
 *
 * @param adds what goes in at the start, at room temperature; empty for nothing
 * @param look how the surface is kept while it boils
 * @param lid what covers it
 */
public record Stage(StageKind kind, Mixture adds, Look look, LidState lid, StageEnd end) {

    /** A stage at its usual look and lid. */
    public static Stage of(StageKind kind, Mixture adds, StageEnd end) {
        return new Stage(kind, adds, kind.usualLook(), kind.usualLid(), end);
    }

    /** A stage to which nothing is added. */
    public static Stage of(StageKind kind, StageEnd end) {
        return of(kind, Mixture.EMPTY, end);
    }

    public Stage at(Look newLook, LidState newLid) {
        return new Stage(kind, adds, newLook, newLid, end);
    }
}

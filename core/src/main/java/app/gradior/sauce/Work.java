package app.gradior.sauce;

import app.gradior.finding.Unfit;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.simmer.Heat;
import java.util.Set;

/** What a stage does at its end beside cooking, that hangs on what went in before. */
public sealed interface Work {
    Work NONE = new Nothing();

    /** Nothing of that kind. */
    record Nothing() implements Work {}

    /**
     * Pieces are lifted out, with what clings to them; put back later, or gone.
     *
     * @param pieces the lines they are of; none for so much of the whole pot
     * @param share of them, more than 0 and at most 1
     */
    record TakeOut(Set<Integer> pieces, double share) implements Work {
        public TakeOut {
            Unfit.inRange("share", share, 0, 1, "");
            pieces = Set.copyOf(pieces);
        }
    }

    /**
     * What was lifted out goes in again, as the stage begins.
     *
     * @param pieces the lines it is of; none for all that stands beside the pot
     */
    record PutBack(Set<Integer> pieces) implements Work {
        public PutBack {
            pieces = Set.copyOf(pieces);
        }
    }

    /**
     * Fat that came out is poured off.
     *
     * @param keptG what stays in the pan, g; NaN when it is a share
     * @param keptShare of the fat that came out, 0 to 1; NaN when it is weighed
     */
    record PourFat(double keptG, double keptShare) implements Work {
        public PourFat {
            if (Double.isNaN(keptG)) {
                Unfit.inRange("keepFatShare", keptShare, 0, 1, "");
            } else {
                Unfit.inRange("keepFatG", keptG, 0, StageWork.MOST_FAT_G, " g");
            }
        }

        /** Of so much that came out, what is poured off, g. */
        public double pouredG(double renderedG) {
            double kept = Double.isNaN(keptG) ? keptShare * renderedG : keptG;
            return Math.max(0, renderedG - kept);
        }
    }

    /**
     * It stands in an oven.
     *
     * @param airC of the oven's air, °C
     */
    record InOven(double airC) implements Work {}

    /** How a pot is heated that is set so. */
    default Heat heat(Look look, LidState lid) {
        return this instanceof InOven oven ? new Heat(look, lid, oven.airC()) : new Heat(look, lid);
    }

    /** The same of a pot of so many times as much. */
    default Work times(double factor) {
        return this instanceof PourFat fat ? new PourFat(fat.keptG() * factor, fat.keptShare()) : this;
    }
}

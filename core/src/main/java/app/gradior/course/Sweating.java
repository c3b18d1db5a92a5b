package app.gradior.course;

import app.gradior.heat.LidState;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.StageKind;

/**
 * What is in fat loses its water.
 *
 * @param kind of the stage; not all sweat
 * @param minutes in fat so far
 * @param ofG weight of what can sweat when it got hot, g
 * @param leastWaterG what it keeps of its water however long, g
 */
record Sweating(StageKind kind, double minutes, double ofG, double leastWaterG) {
    static final Sweating NOTHING = new Sweating(StageKind.REST, 0, 0, 0);

    /** What is in a pan that just got hot, after so many minutes in fat. */
    static Sweating of(Mixture inPan, StageKind kind, double minutes) {
        return new Sweating(
                kind, minutes, StageRules.sweatingG(inPan), inPan.waterG() - StageRules.mostSweatedG(inPan));
    }

    /** What leaves in the next minutes by such a lid, g, as long as there is water. */
    double lostG(double nextMinutes, LidState lid) {
        if (!kind.sweats()) {
            return 0;
        }
        double share = StageRules.sweatedShare(minutes + nextMinutes) - StageRules.sweatedShare(minutes);
        return share * ofG * StageRules.driesIn(kind) * StageRules.sweatsPast(lid);
    }

    /** Water that is left of so much when that leaves, g. */
    double leftG(double hadG, double lostG) {
        return Math.max(Math.min(leastWaterG, hadG), hadG - lostG);
    }

    Sweating on(double moreMinutes) {
        return new Sweating(kind, minutes + moreMinutes, ofG, leastWaterG);
    }
}

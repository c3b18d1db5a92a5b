package app.gradior.estimate;

import app.gradior.reading.ReadingKind;
import app.gradior.texture.RingTest;

/** How far off a finished batch was from what was foretold when it came off the heat, and the likeliest reason. */
public final class Judgement {
    /** A spoon tells no less, steps; rounded. */
    private static final double SOME_STEP = 0.25;
    /** A jug and what clings to it tell no less, as a share; rounded. */
    private static final double SOME_SHARE = 0.06;

    private Judgement() {}

    /** Why a thickness differs. */
    public enum Why {
        /** It does not, as well as a spoon can tell. */
        AS_FORETOLD,
        /** It came off where its target wanted: its body is worth more or less than the model took it for. */
        ANOTHER_BODY,
        /** It came off thicker than its target wanted, too. */
        OFF_LATE,
        /** It came off thinner than its target wanted, too. */
        OFF_EARLY
    }

    /**
     * Thickness at the serving temperature.
     *
     * @param foretold step; NaN with nothing liquid
     * @param inBand whether it is where four in five should be
     */
    public record Thickness(double foretold, double found, boolean inBand, Why why) {
        /** Steps thicker than foretold; below 0 when thinner. */
        public double off() {
            return found - foretold;
        }
    }

    /**
     * @param end the forecast when it came off
     * @param target step wanted
     * @param found step as served, 1 to 9
     */
    public static Thickness thickness(Forecast end, double target, double found) {
        Band band = end.stepServed();
        double foretold = band.middle();
        boolean inBand = found >= band.low() && found <= band.high();
        return new Thickness(foretold, found, inBand, why(foretold, target, found));
    }

    private static Why why(double foretold, double target, double found) {
        if (!(Math.abs(found - foretold) >= SOME_STEP)) {
            return Why.AS_FORETOLD;
        }
        if (Math.abs(foretold - target) < SOME_STEP) {
            return Why.ANOTHER_BODY;
        }
        return foretold > target ? Why.OFF_LATE : Why.OFF_EARLY;
    }

    /** Whether an amount is less, as much or more than foretold. */
    public enum Amount {
        LESS,
        AS_FORETOLD,
        MORE
    }

    /** @param ml measured, at 20 °C */
    public static Amount amount(Forecast end, double ml) {
        double off = ml / end.volumeMl20c().middle() - 1;
        if (!(Math.abs(off) >= SOME_SHARE)) {
            return Amount.AS_FORETOLD;
        }
        return off < 0 ? Amount.LESS : Amount.MORE;
    }

    /** Radius of a ring test that was foretold, mm, the sauce at 20 °C. */
    public static double ringMm(Forecast end) {
        return RingTest.radiusMm(end.likely().mixture(), end.likelyBody(), RingTest.PLATE_C);
    }

    /** Whether a radius found differs from the one foretold by more than the ring is good to. */
    public static boolean ringIsOff(Forecast end, double foundMm) {
        return Math.abs(foundMm - ringMm(end)) >= ReadingKind.RING.sd(foundMm);
    }
}

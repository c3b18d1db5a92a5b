package app.gradior.estimate;

import app.gradior.measure.Numbers;
import app.gradior.simmer.Stirring;
import app.gradior.texture.Stair;

/**
 * What to do now, and why.
 *
 * @param doNow one sentence
 * @param why the reason
 * @param urgent whether it cannot wait
 * @param action reading that answers it, as an event type, or "off" to finish; empty for none
 */
public record Prompt(String doNow, String why, boolean urgent, String action) {
    /** A pot not heard of for so long is asked after, minutes; arbitrary. */
    private static final double FORGOTTEN_MIN = 180;

    private static final double READ_AGAIN_MIN = 10;
    private static final double NEAR_MIN = 3;
    /** A pot that wants stirring no oftener than this is not nagged about. */
    private static final double SELDOM_MIN = 9;

    /**
     * The prompt for a pot as it stands.
     *
     * @param minutesSinceHeard since anything was recorded of it, 0 or more
     * @param minutesSinceReading since it was last read; infinite when never
     * @param stirring how often to stir it as it is
     * @param minutesSinceStir since it was last stirred, or since the start
     */
    public static Prompt of(
            Forecast forecast,
            double minutesSinceHeard,
            double minutesSinceReading,
            Stirring stirring,
            double minutesSinceStir) {
        if (minutesSinceHeard > FORGOTTEN_MIN) {
            return new Prompt(
                    "Is this pot still on?",
                    "Nothing was heard of it for over three hours. Weigh it, or take it off.",
                    true,
                    "off");
        }
        if (!forecast.wildReadings().isEmpty()) {
            return new Prompt(
                    "Read it once more",
                    "One reading does not fit the others: it counts for little until another agrees with it.",
                    false,
                    "weight");
        }
        if (forecast.finish().isEmpty()) {
            return new Prompt(
                    "It will not get there like this",
                    "As it is set, the target is out of reach: lift the lid, turn the heat up, or add a thickener.",
                    false,
                    "");
        }
        return towardsTheEnd(forecast, minutesSinceReading, stirring, minutesSinceStir);
    }

    /** The prompt for a pot that stands beside the heat. */
    public static Prompt offTheHeat(Forecast forecast) {
        String left = forecast.finish()
                .map(f -> minutes(f.minutesFrom(forecast.nowMinute())) + " more on the heat")
                .orElse("more heat would not get it there");
        return new Prompt(
                "It is off the heat",
                "Nothing boils away meanwhile. It needs " + left + ": put it back, or take it off for good.",
                false,
                "off");
    }

    private static Prompt towardsTheEnd(
            Forecast forecast, double minutesSinceReading, Stirring stirring, double minutesSinceStir) {
        Forecast.Finish finish = forecast.finish().orElseThrow();
        Band left = finish.minutesFrom(forecast.nowMinute());
        if (left.middle() <= 0.5) {
            String hot = Stair.Tread.of(forecast.stepHot().middle()).label();
            return new Prompt(
                    "Take it off the heat",
                    "It looks like a " + hot + " now and will be a "
                            + Stair.Tread.of(forecast.stepServed().middle()).label() + " when served.",
                    true,
                    "off");
        }
        boolean wide = left.width() > 0.35 * left.middle() + 2;
        if (minutesSinceReading > READ_AGAIN_MIN && wide && forecast.nowMinute() >= NEAR_MIN) {
            return new Prompt(
                    "Stir, then weigh the pot",
                    "It may take " + minutes(left) + " more: a weigh-in now narrows that most.",
                    false,
                    "weight");
        }
        if (left.low() <= NEAR_MIN) {
            return new Prompt(
                    "Stay with it and stir",
                    "It may be there in " + minutes(left) + ". Try the back of a spoon.",
                    false,
                    "spoon");
        }
        if (minutesSinceStir >= stirring.everyMinutes() && stirring.everyMinutes() < SELDOM_MIN) {
            return new Prompt(
                    "Stir to the edges",
                    stirring.risk() == Stirring.Risk.HIGH
                            ? "It catches from here: stir all the while."
                            : "As thick as this, every " + Numbers.cooks(stirring.everyMinutes()) + " min.",
                    false,
                    "stir");
        }
        return new Prompt(
                "Let it be",
                "Stir now and then. Next look in about " + Numbers.plain(Math.min(10, Math.max(2, left.low() / 2)), 0)
                        + " min.",
                false,
                "");
    }

    private static String minutes(Band left) {
        return Numbers.plain(Math.floor(left.low()), 0) + " to " + Numbers.plain(Math.ceil(left.high()), 0) + " min";
    }
}

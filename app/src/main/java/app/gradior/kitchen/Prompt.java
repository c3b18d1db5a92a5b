package app.gradior.kitchen;

import app.gradior.estimate.Band;
import app.gradior.estimate.Forecast;
import app.gradior.measure.Numbers;
import app.gradior.texture.Stair;
import java.time.Duration;
import java.time.Instant;

/**
 * What to do now, and why.
 *
 * @param doNow one sentence
 * @param why the reason
 * @param urgent whether it cannot wait
 * @param action reading that answers it, as an event type, or "off" to finish; empty for none
 */
public record Prompt(String doNow, String why, boolean urgent, String action) {
    private static final Duration FORGOTTEN = Duration.ofHours(3);
    private static final double READ_AGAIN_MIN = 10;
    private static final double NEAR_MIN = 3;
    private static final double CATCHING_STEP = 4.5;

    /** The prompt for a batch as it stands. */
    public static Prompt of(Batch batch, Forecast forecast, Instant now) {
        Instant heard =
                batch.events().stream().map(BatchEvent::at).reduce(batch.startedAt(), (a, b) -> b.isAfter(a) ? b : a);
        if (Duration.between(heard, now).compareTo(FORGOTTEN) > 0) {
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
        return towardsTheEnd(batch, forecast, now);
    }

    private static Prompt towardsTheEnd(Batch batch, Forecast forecast, Instant now) {
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
        double sinceReading = batch.lastReading()
                .map(at -> Duration.between(at, now).toSeconds() / 60.0)
                .orElse(1e6);
        boolean wide = left.width() > 0.35 * left.middle() + 2;
        if (sinceReading > READ_AGAIN_MIN && wide && forecast.nowMinute() >= NEAR_MIN) {
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
        if (forecast.stepHot().middle() > CATCHING_STEP) {
            return new Prompt("Stir to the edges", "It is thick enough to catch on the floor from here.", false, "");
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

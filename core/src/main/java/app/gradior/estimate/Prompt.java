package app.gradior.estimate;

import app.gradior.course.Stirring;
import app.gradior.measure.Numbers;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.texture.Stair;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What to do now, and why.
 *
 * @param doNow one sentence
 * @param why the reason
 * @param urgent whether it cannot wait
 * @param action reading that answers it, as an event type; "next" for the next stage, "ticks" for what is to go in, "looks" for the
 *     look it has got, "off" to finish; empty for none
 */
public record Prompt(String doNow, String why, boolean urgent, String action) {
    /** A pot not heard of for so long is asked after, minutes; arbitrary. */
    private static final double FORGOTTEN_MIN = 180;

    private static final double READ_AGAIN_MIN = 10;
    private static final double NEAR_MIN = 3;
    private static final double OVER_MIN = 0.5;
    /** Starch shows what it does within a minute at a bubble. */
    private static final double SETTLE_MIN = 1;
    /** A pot that wants stirring no oftener than this is not nagged about. */
    private static final double SELDOM_MIN = 9;
    /** A reading that leaves more than this of the spread is not asked for. */
    private static final double WORTH_READING = 0.85;

    private static final double HALF = 0.55;
    private static final double TWO_THIRDS = 0.7;
    private static final int MOST_NAMED = 6;

    private static final Map<ReadingKind, Ask> ASKS = Map.of(
            ReadingKind.WEIGHT, new Ask("Stir, then weigh the pot", "a weigh-in", "weight"),
            ReadingKind.LEVEL, new Ask("Stir, then dip the stick", "a dip", "level"),
            ReadingKind.SPOON, new Ask("Look at the back of a spoon", "a look at the spoon", "spoon"),
            ReadingKind.RING, new Ask("Do the ring test on a plate", "a ring test", "ring"));

    private record Ask(String doNow, String noun, String action) {}

    /** The prompt for a pot on the heat, or for a stage that is done beside it. */
    public static Prompt of(Forecast forecast, PotSituation watch) {
        if (watch.sinceHeardMin() > FORGOTTEN_MIN) {
            return new Prompt(
                    "Is this pot still on?",
                    "Nothing was heard of it for over three hours. Weigh it, or take it off.",
                    true,
                    "off");
        }
        PotSituation.AtHand hand = watch.hand();
        if (!hand.toPutIn().isEmpty()) {
            return new Prompt("Put in " + listed(hand.toPutIn()), hand.name() + " begins with it.", false, "ticks");
        }
        if (forecast.lastReadingIsWild()) {
            return new Prompt(
                    "Read it once more",
                    "The last reading does not fit what is known: it counts for little until another agrees with it.",
                    false,
                    "weight");
        }
        Optional<Prompt> pour = hand.pouring().flatMap(pouring -> pour(pouring, forecast));
        if (pour.isPresent()) {
            return pour.get();
        }
        if (over(forecast, hand)) {
            return next(forecast, hand);
        }
        if (hand.stage().kind().treatment() == StageKind.Treatment.OFF_THE_HEAT) {
            return byHand(forecast, hand);
        }
        if (forecast.warming()) {
            return new Prompt(
                    hand.stage().kind().treatment() == StageKind.Treatment.FRYING
                            ? "Get the fat hot"
                            : "Bring it to a " + hand.stage().look().label(),
                    "Tap how it looks when it is there: until then nothing boils away.",
                    false,
                    "looks");
        }
        if (forecast.stageEnd().isEmpty()) {
            return new Prompt(
                    "It will not get there like this",
                    "As it is set, the target is out of reach: lift the lid, turn the heat up, or add a thickener.",
                    false,
                    "");
        }
        return meanwhile(forecast, watch);
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

    private static boolean over(Forecast forecast, PotSituation.AtHand hand) {
        if (hand.stage().end() instanceof StageEnd.CooksWord) {
            return false;
        }
        double least = hand.stage().kind().treatment() == StageKind.Treatment.OFF_THE_HEAT ? 0 : OVER_MIN;
        return forecast.stageEnd()
                .map(e -> e.minutesFrom(forecast.nowMinute()).middle() <= least)
                .orElse(false);
    }

    /** The prompt for a pot whose stages are all over. */
    public static Prompt allOver(Forecast forecast) {
        return new Prompt(
                "It is done",
                "All stages are over. " + looks(forecast) + " Say so, and it goes to its jars.",
                true,
                "off");
    }

    private static Optional<Prompt> pour(PotSituation.Pouring pouring, Forecast forecast) {
        if (Double.isFinite(pouring.sinceMin()) && !pouring.seen()) {
            String expected = Numbers.fixed(forecast.stepHot().middle(), 1);
            return Optional.of(
                    pouring.sinceMin() < SETTLE_MIN
                            ? new Prompt(
                                    "Whisk, and give it a minute",
                                    "Starch needs 30 to 60 seconds at a bubble to show. Expect step " + expected
                                            + " in the pot.",
                                    false,
                                    "spoon")
                            : new Prompt(
                                    "Look at the back of a spoon",
                                    "Step " + expected
                                            + " is expected in the pot: what you see decides the next portion.",
                                    false,
                                    "spoon"));
        }
        return pouring.next()
                .map(portion -> new Prompt(
                        "Pour " + Numbers.cooks(portion.starchG()) + " g starch in "
                                + Numbers.plain(portion.coldLiquidG(), 0) + " g cold water",
                        "Stir it up first, whisk as it goes in, look after a minute. Expect step "
                                + Numbers.fixed(portion.stepHot(), 1) + " in the pot.",
                        false,
                        "slurry"));
    }

    private static String looks(Forecast forecast) {
        return Double.isNaN(forecast.stepHot().middle())
                ? ""
                : "It looks like a "
                        + Stair.Tread.of(forecast.stepHot().middle()).label() + " now and will be a "
                        + Stair.Tread.of(forecast.stepServed().middle()).label() + " when served.";
    }

    private static Prompt next(Forecast forecast, PotSituation.AtHand hand) {
        boolean onHeat = hand.stage().kind().treatment() != StageKind.Treatment.OFF_THE_HEAT;
        String how = looks(forecast);
        if (onHeat && hand.lastOnHeat()) {
            String then = hand.next().isEmpty() ? "" : " Then: " + hand.next() + ".";
            return new Prompt(
                    "Take it off the heat", how + then, true, hand.next().isEmpty() ? "off" : "next");
        }
        if (hand.next().isEmpty()) {
            return new Prompt("It is done", how, true, "off");
        }
        return new Prompt(
                "Now: " + hand.next(), hand.name() + " is over." + (how.isEmpty() ? "" : " " + how), true, "next");
    }

    private static Prompt byHand(Forecast forecast, PotSituation.AtHand hand) {
        String about = forecast.stageEnd()
                .map(e -> e.minutesFrom(forecast.nowMinute()).middle())
                .filter(left -> left > OVER_MIN)
                .map(left -> " About " + Numbers.plain(Math.ceil(left), 0) + " min more.")
                .orElse("");
        return new Prompt(
                hand.name(),
                (hand.next().isEmpty() ? "The last thing to do." : "Then: " + hand.next() + ".") + about,
                false,
                hand.next().isEmpty() ? "off" : "next");
    }

    private static Prompt meanwhile(Forecast forecast, PotSituation watch) {
        PotSituation.AtHand hand = watch.hand();
        Band left = forecast.stageEnd().orElseThrow().minutesFrom(forecast.nowMinute());
        Band all =
                forecast.finish().map(f -> f.minutesFrom(forecast.nowMinute())).orElse(left);
        boolean boils = hand.stage().kind().treatment() == StageKind.Treatment.BOILING;
        boolean wide = boils && all.width() > 0.35 * all.middle() + 2;
        if (watch.sinceReadingMin() > READ_AGAIN_MIN && wide && forecast.nowMinute() >= NEAR_MIN) {
            Optional<Prompt> read = reading(forecast, all);
            if (read.isPresent()) {
                return read.get();
            }
        }
        boolean byLook = !(hand.stage().end() instanceof StageEnd.Minutes);
        if (byLook && left.low() <= NEAR_MIN) {
            return new Prompt(
                    "Stay with it and stir",
                    "It may be there in " + minutes(left) + ". Try the back of a spoon.",
                    false,
                    "spoon");
        }
        if (watch.sinceStirMin() >= watch.stirring().everyMinutes()
                && watch.stirring().everyMinutes() < SELDOM_MIN) {
            return new Prompt(
                    "Stir to the edges",
                    watch.stirring().risk() == Stirring.Risk.HIGH
                            ? "It catches from here: stir all the while."
                            : "As it is now, every "
                                    + Numbers.cooks(watch.stirring().everyMinutes()) + " min.",
                    false,
                    "stir");
        }
        if (hand.stage().end() instanceof StageEnd.CooksWord) {
            return new Prompt(
                    hand.name() + " until it looks right",
                    "Say when: the plan counts on " + Numbers.plain(Math.ceil(left.middle()), 0) + " min more.",
                    false,
                    "next");
        }
        String look = "Next look in about " + Numbers.plain(Math.min(READ_AGAIN_MIN, Math.max(2, left.low() / 2)), 0)
                + " min.";
        String until = hand.next().isEmpty() ? "" : " Then: " + hand.next() + ".";
        return new Prompt("Let it be", "Stir now and then. " + look + until, false, "");
    }

    /** The reading that is worth most for the trouble it is. */
    private static Optional<Prompt> reading(Forecast forecast, Band all) {
        return forecast.helps().stream()
                .filter(help -> ASKS.containsKey(help.kind()) && help.widthLeft() < WORTH_READING)
                .min(Comparator.comparingDouble(
                        help -> help.widthLeft() + help.kind().trouble()))
                .map(help -> {
                    Ask ask = ASKS.getOrDefault(help.kind(), new Ask("", "", ""));
                    return new Prompt(
                            ask.doNow(),
                            "It may take " + minutes(all) + " more: " + ask.noun() + " now " + narrows(help) + ".",
                            false,
                            ask.action());
                });
    }

    private static String narrows(Forecast.Help help) {
        if (help.widthLeft() < HALF) {
            return "would halve that";
        }
        return help.widthLeft() < TWO_THIRDS ? "would take a third off that" : "narrows that most";
    }

    private static String listed(List<String> things) {
        if (things.size() > MOST_NAMED) {
            return String.join(", ", things.subList(0, MOST_NAMED - 1)) + " and " + (things.size() - MOST_NAMED + 1)
                    + " more";
        }
        int last = things.size() - 1;
        return last == 0 ? things.get(0) : String.join(", ", things.subList(0, last)) + " and " + things.get(last);
    }

    private static String minutes(Band left) {
        return Numbers.plain(Math.floor(left.low()), 0) + " to " + Numbers.plain(Math.ceil(left.high()), 0) + " min";
    }
}

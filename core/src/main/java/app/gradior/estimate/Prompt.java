package app.gradior.estimate;

import app.gradior.course.Stirring;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.Work;
import app.gradior.texture.Stair;
import java.util.List;
import java.util.Optional;

/**
 * What to do now, and why.
 *
 * @param doNow what
 * @param why the reason
 * @param urgent whether it cannot wait
 * @param action reading that answers it, as an event type; "next" for the next stage, "ticks" for what is to go in, "looks" for the
 *     look it has got, "off" to finish, "coat" for a coat on the food; empty for none
 */
public record Prompt(PromptFinding doNow, PromptFinding why, boolean urgent, String action) {
    /** A pot not heard of for so long is asked after, minutes; arbitrary. */
    private static final double FORGOTTEN_MIN = 180;

    private static final double READ_AGAIN_MIN = 10;
    private static final double NEAR_MIN = 3;
    private static final double OVER_MIN = 0.5;
    /** Starch shows what it does within a minute at a bubble. */
    private static final double SETTLE_MIN = 1;
    /** A pot that wants stirring no oftener than this is not nagged about. */
    private static final double SELDOM_MIN = 9;

    private static final double HALF = 0.55;
    private static final double TWO_THIRDS = 0.7;
    private static final int MOST_NAMED = 6;

    /** The prompt for a pot on the heat, or for a stage that is done beside it. */
    public static Prompt of(Forecast forecast, PotSituation watch) {
        if (watch.sinceHeardMin() > FORGOTTEN_MIN) {
            return new Prompt(
                    new PromptFinding.StillOn(), new PromptFinding.NotHeardOf(FORGOTTEN_MIN / 60), true, "off");
        }
        PotSituation.AtHand hand = watch.hand();
        if (!hand.toPutIn().isEmpty()) {
            return new Prompt(putIn(hand.toPutIn()), new PromptFinding.BeginsWithIt(hand.name()), false, "ticks");
        }
        if (forecast.lastReadingIsWild()) {
            return new Prompt(new PromptFinding.ReadAgain(), new PromptFinding.WildReading(), false, "weight");
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
            return new Prompt(bringTo(hand.stage()), new PromptFinding.TapWhenThere(), false, "looks");
        }
        if (forecast.stageEnd().isEmpty()) {
            return new Prompt(new PromptFinding.OutOfReach(), new PromptFinding.ChangeSomething(), false, "");
        }
        return meanwhile(forecast, watch);
    }

    private static PromptFinding bringTo(Stage stage) {
        if (stage.work() instanceof Work.InOven oven) {
            return new PromptFinding.InOven(oven.airC());
        }
        return stage.kind().treatment() == StageKind.Treatment.FRYING
                ? new PromptFinding.HeatTheFat()
                : new PromptFinding.BringTo(stage.look());
    }

    /** The prompt for a pot that stands beside the heat. */
    public static Prompt offTheHeat(Forecast forecast) {
        PromptFinding why = forecast.finish()
                .map(f -> f.minutesFrom(forecast.nowMinute()))
                .<PromptFinding>map(left -> new PromptFinding.NeedsMore(Math.floor(left.low()), Math.ceil(left.high())))
                .orElse(new PromptFinding.HeatWouldNotDo());
        return new Prompt(new PromptFinding.OffTheHeat(), why, false, "off");
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
        return new Prompt(new PromptFinding.Done(), new PromptFinding.AllStagesOver(looks(forecast)), true, "off");
    }

    private static Optional<Prompt> pour(PotSituation.Pouring pouring, Forecast forecast) {
        if (Double.isFinite(pouring.sinceMin()) && !pouring.seen()) {
            double expected = forecast.stepHot().middle();
            return Optional.of(
                    pouring.sinceMin() < SETTLE_MIN
                            ? new Prompt(
                                    new PromptFinding.WhiskAndWait(),
                                    new PromptFinding.StarchShows(expected),
                                    false,
                                    "spoon")
                            : new Prompt(
                                    new PromptFinding.LookAtSpoon(),
                                    new PromptFinding.SpoonDecides(expected),
                                    false,
                                    "spoon"));
        }
        return pouring.next()
                .map(portion -> new Prompt(
                        new PromptFinding.Pour(portion.starchG(), portion.coldLiquidG()),
                        new PromptFinding.PourHow(portion.stepHot()),
                        false,
                        "slurry"));
    }

    private static PromptFinding looks(Forecast forecast) {
        return Double.isNaN(forecast.stepHot().middle())
                ? new PromptFinding.Nothing()
                : new PromptFinding.Looks(
                        Stair.Tread.of(forecast.stepHot().middle()),
                        Stair.Tread.of(forecast.stepServed().middle()));
    }

    private static Prompt next(Forecast forecast, PotSituation.AtHand hand) {
        boolean onHeat = hand.stage().kind().treatment() != StageKind.Treatment.OFF_THE_HEAT;
        boolean frying = hand.stage().kind().treatment() == StageKind.Treatment.FRYING;
        PromptFinding looks = frying ? new PromptFinding.Nothing() : looks(forecast);
        if (onHeat && hand.lastOnHeat()) {
            return new Prompt(
                    new PromptFinding.TakeOff(),
                    hand.next()
                            .<PromptFinding>map(n -> new PromptFinding.LooksThen(looks, n))
                            .orElse(looks),
                    true,
                    hand.next().isEmpty() ? "off" : "next");
        }
        return hand.next()
                .map(n -> new Prompt(
                        new PromptFinding.Now(n), new PromptFinding.IsOver(hand.name(), looks), true, "next"))
                .orElseGet(() -> new Prompt(new PromptFinding.Done(), looks, true, "off"));
    }

    private static Prompt byHand(Forecast forecast, PotSituation.AtHand hand) {
        PromptFinding about = forecast.stageEnd()
                .map(e -> e.minutesFrom(forecast.nowMinute()).middle())
                .filter(left -> left > OVER_MIN)
                .<PromptFinding>map(left -> new PromptFinding.MoreMinutes(Math.ceil(left)))
                .orElse(new PromptFinding.Nothing());
        return new Prompt(
                new PromptFinding.Do(hand.name()),
                hand.next()
                        .<PromptFinding>map(n -> new PromptFinding.Then(n, about))
                        .orElse(new PromptFinding.LastThing(about)),
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
                    new PromptFinding.StayWithIt(),
                    new PromptFinding.MayBeThere(Math.floor(left.low()), Math.ceil(left.high())),
                    false,
                    "spoon");
        }
        if (watch.sinceStirMin() >= watch.stirring().everyMinutes()
                && watch.stirring().everyMinutes() < SELDOM_MIN) {
            return new Prompt(
                    new PromptFinding.Stir(),
                    watch.stirring().risk() == Stirring.Risk.HIGH
                            ? new PromptFinding.Catches()
                            : new PromptFinding.StirEvery(watch.stirring().everyMinutes()),
                    false,
                    "stir");
        }
        if (hand.stage().end() instanceof StageEnd.CooksWord) {
            return new Prompt(
                    new PromptFinding.UntilRight(hand.name()),
                    new PromptFinding.CountsOn(Math.ceil(left.middle())),
                    false,
                    "next");
        }
        double again = Math.min(READ_AGAIN_MIN, Math.max(2, left.low() / 2));
        return new Prompt(
                new PromptFinding.LetItBe(),
                hand.next()
                        .<PromptFinding>map(n -> new PromptFinding.LookAgainThen(again, n))
                        .orElse(new PromptFinding.LookAgain(again)),
                false,
                "");
    }

    /** The reading that is worth most for the trouble it is. */
    private static Optional<Prompt> reading(Forecast forecast, Band all) {
        return forecast.worthMost()
                .map(help -> new Prompt(
                        new PromptFinding.TakeReading(help.kind()),
                        new PromptFinding.Narrows(
                                Math.floor(all.low()), Math.ceil(all.high()), help.kind(), worth(help)),
                        false,
                        help.kind().key()));
    }

    private static PromptFinding.Worth worth(Forecast.Help help) {
        if (help.widthLeft() < HALF) {
            return PromptFinding.Worth.HALVES;
        }
        return help.widthLeft() < TWO_THIRDS ? PromptFinding.Worth.TAKES_A_THIRD : PromptFinding.Worth.NARROWS_MOST;
    }

    private static PromptFinding putIn(List<String> things) {
        return things.size() > MOST_NAMED
                ? new PromptFinding.PutInAndMore(things.subList(0, MOST_NAMED - 1), things.size() - MOST_NAMED + 1)
                : new PromptFinding.PutIn(things);
    }
}

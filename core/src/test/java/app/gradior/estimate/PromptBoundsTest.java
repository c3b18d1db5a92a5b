package app.gradior.estimate;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.course.Stirring;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageName;
import app.gradior.sauce.Work;
import app.gradior.texture.Stair;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What a pot is said to want, at the figures at which that changes: forecasts made up. */
class PromptBoundsTest {
    private static final double NOW = 40;
    private static final Stirring SELDOM = new Stirring(10);
    private static final Stage REDUCE = Stage.of(StageKind.REDUCE, new StageEnd.StepServed(7));
    private static final Stage SIMMER = Stage.of(StageKind.SIMMER, new StageEnd.Minutes(18));
    private static final Stage SWEAT = Stage.of(StageKind.SWEAT, new StageEnd.Minutes(8));
    private static final Stage BLEND = Stage.of(StageKind.BLEND, new StageEnd.Minutes(3));
    private static final StageName NEXT = new StageName.OfKind(StageKind.ENRICH);

    private static final Forecast ANY = PromptTest.ON_THE_WAY;

    /** A forecast whose stage ends in so many minutes, and all of it, if it does. */
    // Wide: what prompts go by.
    private static Forecast made(
            double nowMinute, boolean warming, Band stage, Band finish, List<Forecast.Help> helps, Band stepHot) {
        Forecast.StageEnd end = ANY.stageEnd().orElseThrow();
        Forecast.Finish all = ANY.finish().orElseThrow();
        return new Forecast(
                nowMinute,
                ANY.massG(),
                ANY.volumeMl20c(),
                ANY.volumeMlHot(),
                ANY.levelMm(),
                stepHot,
                ANY.stepServed(),
                ANY.lossGPerMin(),
                ANY.boilingC(),
                ANY.saltPercent(),
                ANY.brixPercent(),
                ANY.part(),
                warming,
                Optional.ofNullable(stage)
                        .map(left -> new Forecast.StageEnd(
                                later(left, nowMinute),
                                false,
                                end.massG(),
                                end.levelMm(),
                                end.stepHot(),
                                end.stepServed(),
                                end.volumeMl20c())),
                List.of(),
                Optional.ofNullable(finish)
                        .map(left -> new Forecast.Finish(
                                later(left, nowMinute),
                                false,
                                all.volumeMl20c(),
                                all.volumeMlHot(),
                                all.levelMm(),
                                all.stepHot(),
                                all.stepServed(),
                                all.saltPercent(),
                                all.massG(),
                                all.alcoholG())),
                List.of(),
                0,
                List.of(),
                ANY.likely(),
                ANY.stageStartMl20c(),
                1,
                helps);
    }

    private static Band later(Band left, double minutes) {
        return new Band(left.low() + minutes, left.middle() + minutes, left.high() + minutes);
    }

    private static Band about(double minutes) {
        return new Band(minutes - 0.25, minutes, minutes + 0.25);
    }

    private static Forecast ending(Band stage) {
        return made(NOW, false, stage, stage, List.of(), ANY.stepHot());
    }

    private static Prompt of(Forecast forecast, Stage stage, Optional<StageName> next, boolean lastOnHeat) {
        return of(
                forecast, stage, next, lastOnHeat, new PotSituation(1, 1, SELDOM, 0, PotSituation.AtHand.only(stage)));
    }

    // Wide: a pot and who watches it.
    private static Prompt of(
            Forecast forecast, Stage stage, Optional<StageName> next, boolean lastOnHeat, PotSituation watch) {
        return Prompt.of(
                forecast,
                new PotSituation(
                        watch.sinceHeardMin(),
                        watch.sinceReadingMin(),
                        watch.stirring(),
                        watch.sinceStirMin(),
                        new PotSituation.AtHand(
                                stage,
                                new StageName.OfKind(stage.kind()),
                                next,
                                lastOnHeat,
                                List.of(),
                                Optional.empty())));
    }

    private static PromptFinding doNow(Forecast forecast, Stage stage) {
        return of(forecast, stage, Optional.of(NEXT), false).doNow();
    }

    private static PotSituation watched(double sinceReading, Stirring stirring, double sinceStir) {
        return new PotSituation(1, sinceReading, stirring, sinceStir, PotSituation.AtHand.only(REDUCE));
    }

    @Test
    void aPotNotHeardOfForThreeHoursIsAskedAfter() {
        PotSituation heard = new PotSituation(180, 1, SELDOM, 0, PotSituation.AtHand.only(REDUCE));
        assertThat(of(ending(about(30)), REDUCE, Optional.empty(), true, heard).doNow())
                .isNotEqualTo(new PromptFinding.StillOn());
        PotSituation not = new PotSituation(180.1, 1, SELDOM, 0, PotSituation.AtHand.only(REDUCE));
        assertThat(of(ending(about(30)), REDUCE, Optional.empty(), true, not))
                .isEqualTo(new Prompt(new PromptFinding.StillOn(), new PromptFinding.NotHeardOf(3), true, "off"));
    }

    /** On the heat a stage is over half a minute before its end, beside it at its end; by a cook's word never by itself. */
    @Test
    void aStageIsOverWhenItIs() {
        PromptFinding now = new PromptFinding.Now(NEXT);
        assertThat(doNow(ending(about(0.5)), SIMMER)).isEqualTo(now);
        assertThat(doNow(ending(about(0.51)), SIMMER)).isNotEqualTo(now);
        assertThat(doNow(ending(about(0.4)), BLEND))
                .isEqualTo(new PromptFinding.Do(new StageName.OfKind(StageKind.BLEND)));
        assertThat(doNow(ending(new Band(0, 0, 1)), BLEND)).isEqualTo(now);
        Stage word = Stage.of(StageKind.SIMMER, new StageEnd.CooksWord(5));
        assertThat(doNow(ending(about(0.3)), word)).isEqualTo(new PromptFinding.StayWithIt());
        assertThat(doNow(ending(null), REDUCE)).isEqualTo(new PromptFinding.OutOfReach());
    }

    @Test
    void howItEndsSaysHowItLooksButNotInThePan() {
        PromptFinding looks = new PromptFinding.Looks(
                Stair.Tread.of(ANY.stepHot().middle()),
                Stair.Tread.of(ANY.stepServed().middle()));
        Forecast over = ending(about(0.3));
        assertThat(of(over, REDUCE, Optional.empty(), true))
                .isEqualTo(new Prompt(new PromptFinding.TakeOff(), looks, true, "off"));
        assertThat(of(over, REDUCE, Optional.of(NEXT), true))
                .isEqualTo(new Prompt(
                        new PromptFinding.TakeOff(), new PromptFinding.LooksThen(looks, NEXT), true, "next"));
        assertThat(of(over, SWEAT, Optional.of(NEXT), false))
                .isEqualTo(new Prompt(
                        new PromptFinding.Now(NEXT),
                        new PromptFinding.IsOver(new StageName.OfKind(StageKind.SWEAT), new PromptFinding.Nothing()),
                        true,
                        "next"));
        Forecast done = ending(new Band(0, 0, 1));
        assertThat(of(done, BLEND, Optional.empty(), true))
                .isEqualTo(new Prompt(new PromptFinding.Done(), looks, true, "off"));
        assertThat(Prompt.allOver(done))
                .isEqualTo(new Prompt(new PromptFinding.Done(), new PromptFinding.AllStagesOver(looks), true, "off"));
        Band nothing = new Band(Double.NaN, Double.NaN, Double.NaN);
        assertThat(Prompt.allOver(made(NOW, false, null, null, List.of(), nothing))
                        .why())
                .isEqualTo(new PromptFinding.AllStagesOver(new PromptFinding.Nothing()));
    }

    @Test
    void byHandItSaysWhatIsLeftAndWhatComesThen() {
        StageName blend = new StageName.OfKind(StageKind.BLEND);
        assertThat(of(ending(about(2.2)), BLEND, Optional.of(NEXT), false))
                .isEqualTo(new Prompt(
                        new PromptFinding.Do(blend),
                        new PromptFinding.Then(NEXT, new PromptFinding.MoreMinutes(3)),
                        false,
                        "next"));
        assertThat(of(ending(about(0.5)), BLEND, Optional.empty(), false))
                .isEqualTo(new Prompt(
                        new PromptFinding.Do(blend),
                        new PromptFinding.LastThing(new PromptFinding.Nothing()),
                        false,
                        "off"));
    }

    @Test
    void whatGetsHotIsToldWhatItShallLookLike() {
        Forecast warming = made(NOW, true, about(20), about(20), List.of(), ANY.stepHot());
        assertThat(doNow(warming, SWEAT)).isEqualTo(new PromptFinding.HeatTheFat());
        assertThat(doNow(warming, SIMMER)).isEqualTo(new PromptFinding.BringTo(SIMMER.look()));
        Stage oven = Stage.of(StageKind.OVEN, new StageEnd.Minutes(60)).with(Map.of(), new Work.InOven(160));
        assertThat(doNow(warming, oven)).isEqualTo(new PromptFinding.InOven(160));
    }

    @Test
    void besideTheHeat() {
        assertThat(Prompt.offTheHeat(ending(new Band(3.2, 4, 5.1))).why()).isEqualTo(new PromptFinding.NeedsMore(3, 6));
        assertThat(Prompt.offTheHeat(ending(null)))
                .isEqualTo(
                        new Prompt(new PromptFinding.OffTheHeat(), new PromptFinding.HeatWouldNotDo(), false, "off"));
    }

    /** A reading is asked for when none was made for ten minutes and the end is wider than a third of it and two minutes; of the best, how much it helps. */
    @Test
    void aReadingIsAskedForWhereItHelps() {
        Band wide = new Band(15, 20, 24.1);
        assertThat(asked(NOW, wide, 10.1, 0.5))
                .isEqualTo(new Prompt(
                        new PromptFinding.TakeReading(ReadingKind.WEIGHT),
                        new PromptFinding.Narrows(15, 25, ReadingKind.WEIGHT, PromptFinding.Worth.HALVES),
                        false,
                        "weight"));
        PromptFinding wait = new PromptFinding.LetItBe();
        assertThat(asked(NOW, wide, 10, 0.5).doNow()).isEqualTo(wait);
        assertThat(asked(NOW, new Band(15, 20, 24), 11, 0.5).doNow())
                .as("9 = 0.35 · 20 + 2")
                .isEqualTo(wait);
        assertThat(asked(2.9, wide, 11, 0.5).doNow()).as("hardly begun").isEqualTo(wait);
        assertThat(asked(3, wide, 11, 0.5).doNow()).isEqualTo(new PromptFinding.TakeReading(ReadingKind.WEIGHT));
        assertThat(asked(NOW, wide, 11, 0.9).doNow()).as("not worth it").isEqualTo(wait);
        assertThat(asked(NOW, wide, 11, 0.89).why()).isEqualTo(narrows(PromptFinding.Worth.NARROWS_MOST));
        assertThat(asked(NOW, wide, 11, 0.7).why()).isEqualTo(narrows(PromptFinding.Worth.NARROWS_MOST));
        assertThat(asked(NOW, wide, 11, 0.69).why()).isEqualTo(narrows(PromptFinding.Worth.TAKES_A_THIRD));
        assertThat(asked(NOW, wide, 11, 0.55).why()).isEqualTo(narrows(PromptFinding.Worth.TAKES_A_THIRD));
        assertThat(asked(NOW, wide, 11, 0.54).why()).isEqualTo(narrows(PromptFinding.Worth.HALVES));
        Forecast stage = made(NOW, false, wide, about(60), List.of(help(0.3)), ANY.stepHot());
        assertThat(of(stage, REDUCE, Optional.empty(), true, watched(20, SELDOM, 0))
                        .doNow())
                .as("all of it is known well enough")
                .isEqualTo(wait);
        Forecast pan = made(NOW, false, about(60), wide, List.of(help(0.3)), ANY.stepHot());
        assertThat(of(pan, SWEAT, Optional.empty(), true, watched(20, SELDOM, 0))
                        .doNow())
                .isEqualTo(wait);
    }

    private static Forecast.Help help(double widthLeft) {
        return new Forecast.Help(ReadingKind.WEIGHT, widthLeft);
    }

    private static PromptFinding narrows(PromptFinding.Worth worth) {
        return new PromptFinding.Narrows(15, 25, ReadingKind.WEIGHT, worth);
    }

    private static Prompt asked(double now, Band left, double sinceReading, double widthLeft) {
        Forecast.Help never = new Forecast.Help(ReadingKind.BRIX, 0.1);
        Forecast forecast = made(now, false, left, left, List.of(never, help(widthLeft)), ANY.stepHot());
        return of(forecast, REDUCE, Optional.empty(), true, watched(sinceReading, SELDOM, 0));
    }

    /** Two readings as good: the one that is less trouble, a spoon before a plate out of the fridge. */
    @Test
    void theReadingWorthItsTrouble() {
        Forecast forecast = made(
                NOW,
                false,
                about(20),
                about(20),
                List.of(new Forecast.Help(ReadingKind.RING, 0.5), new Forecast.Help(ReadingKind.SPOON, 0.51)),
                ANY.stepHot());
        assertThat(forecast.worthMost().orElseThrow().kind()).isEqualTo(ReadingKind.SPOON);
        assertThat(forecast.handsInMinutes()).isEqualTo(20);
        assertThat(made(NOW, false, null, null, List.of(help(0.95)), ANY.stepHot())
                        .worthMost())
                .isEmpty();
        assertThat(ending(null).handsInMinutes()).isEqualTo(1e9);
    }

    @Test
    void nearItsEndByLookSomebodyStaysWithIt() {
        Band near = new Band(3, 4.5, 6.5);
        assertThat(of(ending(near), REDUCE, Optional.empty(), true))
                .isEqualTo(
                        new Prompt(new PromptFinding.StayWithIt(), new PromptFinding.MayBeThere(3, 7), false, "spoon"));
        assertThat(doNow(ending(new Band(3.1, 4.5, 6)), REDUCE)).isEqualTo(new PromptFinding.LetItBe());
        assertThat(doNow(ending(near), SIMMER)).as("a clock needs nobody").isEqualTo(new PromptFinding.LetItBe());
    }

    @Test
    void stirringIsDueWhenItIsAndNobodyIsNaggedAboutWhatIsSeldom() {
        Forecast far = ending(about(30));
        assertThat(of(far, SIMMER, Optional.empty(), true, watched(1, new Stirring(4), 4)))
                .isEqualTo(new Prompt(new PromptFinding.Stir(), new PromptFinding.StirEvery(4), false, "stir"));
        assertThat(of(far, SIMMER, Optional.empty(), true, watched(1, new Stirring(4), 3.9))
                        .doNow())
                .isEqualTo(new PromptFinding.LetItBe());
        assertThat(of(far, SIMMER, Optional.empty(), true, watched(1, new Stirring(9), 20))
                        .doNow())
                .isEqualTo(new PromptFinding.LetItBe());
        assertThat(of(far, SIMMER, Optional.empty(), true, watched(1, new Stirring(8.9), 20))
                        .doNow())
                .isEqualTo(new PromptFinding.Stir());
        assertThat(of(far, SIMMER, Optional.empty(), true, watched(1, new Stirring(0.9), 20))
                        .why())
                .isEqualTo(new PromptFinding.Catches());
    }

    @Test
    void otherwiseItIsLetBeAndLookedAtAgainHalfWayThere() {
        assertThat(of(ending(new Band(8, 9, 10)), SIMMER, Optional.empty(), true))
                .isEqualTo(new Prompt(new PromptFinding.LetItBe(), new PromptFinding.LookAgain(4), false, ""));
        assertThat(of(ending(new Band(30, 31, 32)), SIMMER, Optional.of(NEXT), true)
                        .why())
                .isEqualTo(new PromptFinding.LookAgainThen(10, NEXT));
        assertThat(of(ending(new Band(1, 2, 3)), SIMMER, Optional.empty(), true).why())
                .isEqualTo(new PromptFinding.LookAgain(2));
        Stage word = Stage.of(StageKind.SIMMER, new StageEnd.CooksWord(5));
        assertThat(of(ending(new Band(5, 7.2, 9)), word, Optional.of(NEXT), false))
                .isEqualTo(new Prompt(
                        new PromptFinding.UntilRight(new StageName.OfKind(StageKind.SIMMER)),
                        new PromptFinding.CountsOn(8),
                        false,
                        "next"));
    }

    /** Six things are named; of more, five and how many more. */
    @Test
    void whatGoesInIsNamedAsFarAsItIsRead() {
        assertThat(putIn(6)).isEqualTo(new PromptFinding.PutIn(things(6)));
        assertThat(putIn(7)).isEqualTo(new PromptFinding.PutInAndMore(things(5), 2));
        assertThat(putIn(9)).isEqualTo(new PromptFinding.PutInAndMore(things(5), 4));
    }

    private static List<String> things(int many) {
        return IntStream.range(0, many).mapToObj(i -> "thing " + i).toList();
    }

    private static PromptFinding putIn(int many) {
        PotSituation.AtHand hand = new PotSituation.AtHand(
                SIMMER, new StageName.OfKind(StageKind.SIMMER), Optional.empty(), true, things(many), Optional.empty());
        return Prompt.of(ending(about(30)), new PotSituation(1, 1, SELDOM, 0, hand))
                .doNow();
    }
}

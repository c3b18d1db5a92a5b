package app.gradior.estimate;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.Sauces;
import app.gradior.course.Stirring;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.Reading;
import app.gradior.estimate.BatchStory.StoryStage;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Thickening;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageName;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PromptTest {
    private static final double NEVER = Double.POSITIVE_INFINITY;
    private static final Stirring OFTEN = new Stirring(2);
    private static final Stirring SELDOM = new Stirring(10);
    private static final PotOnHeat POT = PotOnHeat.unknownPair(new PotShape(240, 232, 130), 0);
    private static final Stage REDUCE = Stage.of(StageKind.REDUCE, new StageEnd.StepServed(7));
    private static final Stage SIMMER = Stage.of(StageKind.SIMMER, Sauces.damson(), new StageEnd.Minutes(18));
    private static final Stage MILL = Stage.of(StageKind.MILL, new StageEnd.CooksWord(5));

    private static Forecast forecast(Mixture start, double now, double target, Happening... happenings) {
        return Estimator.forecast(
                BatchStory.reducing(
                        start,
                        Ingredients.Spread.EXACT,
                        POT,
                        Prior.UNKNOWN,
                        1950,
                        new Heat(Look.LIVELY, LidState.OPEN),
                        20,
                        target,
                        List.of(happenings)),
                now);
    }

    private static Forecast stewed(double now, boolean hot, Happening... happenings) {
        return Estimator.forecast(
                new BatchStory(
                        List.of(StoryStage.of(SIMMER), StoryStage.of(MILL), StoryStage.of(REDUCE)),
                        Ingredients.Spread.EXACT,
                        POT,
                        Prior.UNKNOWN,
                        1950,
                        20,
                        hot,
                        List.of(happenings)),
                now);
    }

    private static Prompt prompt(
            Forecast forecast, double sinceHeard, double sinceReading, Stirring stirring, double sinceStir) {
        return Prompt.of(
                forecast,
                new PotSituation(sinceHeard, sinceReading, stirring, sinceStir, PotSituation.AtHand.only(REDUCE)));
    }

    private static Prompt inStage(
            Forecast forecast, Stage stage, StageKind next, boolean lastOnHeat, String... toPutIn) {
        return Prompt.of(
                forecast,
                new PotSituation(
                        1,
                        1,
                        SELDOM,
                        0,
                        new PotSituation.AtHand(
                                stage,
                                new StageName.OfKind(stage.kind()),
                                Optional.of(new StageName.OfKind(next)),
                                lastOnHeat,
                                List.of(toPutIn),
                                Optional.empty())));
    }

    static final Forecast ON_THE_WAY = forecast(Sauces.damson(), 5, 7);

    @Test
    void whatCannotWaitComesFirst() {
        assertThat(prompt(ON_THE_WAY, 200, 0, SELDOM, 0)).satisfies(p -> {
            assertThat(p.doNow()).isEqualTo(new PromptFinding.StillOn());
            assertThat(p.why()).isEqualTo(new PromptFinding.NotHeardOf(3));
            assertThat(p.urgent()).isTrue();
        });
        Prompt done = prompt(forecast(Sauces.damson(), 5, 4), 1, 1, OFTEN, 60);
        assertThat(done.doNow()).isEqualTo(new PromptFinding.TakeOff());
        assertThat(done.urgent()).isTrue();
        assertThat(done.action()).isEqualTo("off");
        assertThat(prompt(forecast(Sauces.of("water", 800), 5, 6), 1, 1, OFTEN, 60)
                        .doNow())
                .isEqualTo(new PromptFinding.OutOfReach());
    }

    @Test
    void stirringIsAskedForWhenItIsDueAndNotBefore() {
        Prompt due = prompt(ON_THE_WAY, 1, 1, OFTEN, 2.5);
        assertThat(due.doNow()).isEqualTo(new PromptFinding.Stir());
        assertThat(due.action()).isEqualTo("stir");
        assertThat(due.why()).isEqualTo(new PromptFinding.StirEvery(2));
        assertThat(prompt(ON_THE_WAY, 1, 1, OFTEN, 1).doNow()).isEqualTo(new PromptFinding.LetItBe());
        assertThat(prompt(ON_THE_WAY, 1, 1, SELDOM, 60).doNow()).isEqualTo(new PromptFinding.LetItBe());
        assertThat(prompt(ON_THE_WAY, 1, 1, new Stirring(0.25), 1).why()).isEqualTo(new PromptFinding.Catches());
    }

    @Test
    void theReadingThatHelpsMostIsAskedForWhileTheBandIsWideAndAWildOneIsNamed() {
        double gross = Sauces.damson().massG() + 1950;
        Forecast unread = forecast(Sauces.damson(), 12, 7);
        Prompt first = prompt(unread, 1, NEVER, SELDOM, 0);
        assertThat(unread.helps().get(0).widthLeft())
                .isLessThan(unread.helps().get(3).widthLeft());
        assertThat(first.why()).isInstanceOf(PromptFinding.Narrows.class);
        assertThat(first.action()).isIn("weight", "level", "spoon", "ring");
        Forecast weighed = forecast(
                Sauces.damson(),
                12,
                7,
                new Happening(5, new Reading(ReadingKind.WEIGHT, gross - 60)),
                new Happening(12, new Reading(ReadingKind.WEIGHT, gross - 150)));
        assertThat(weighed.helps().get(0).kind())
                .as("with the rate known, only thickness is left to learn")
                .isIn(ReadingKind.RING, ReadingKind.SPOON, ReadingKind.DRIP);
        Forecast wild = forecast(
                Sauces.damson(),
                6,
                7,
                new Happening(1, new Reading(ReadingKind.WEIGHT, gross)),
                new Happening(3, new Reading(ReadingKind.WEIGHT, gross - 20)),
                new Happening(5, new Reading(ReadingKind.WEIGHT, 900)));
        assertThat(prompt(wild, 1, 1, SELDOM, 0).doNow()).isEqualTo(new PromptFinding.ReadAgain());
        Forecast answered = forecast(
                Sauces.damson(),
                6,
                7,
                new Happening(1, new Reading(ReadingKind.WEIGHT, gross)),
                new Happening(3, new Reading(ReadingKind.WEIGHT, gross - 20)),
                new Happening(4, new Reading(ReadingKind.WEIGHT, 900)),
                new Happening(5, new Reading(ReadingKind.WEIGHT, gross - 40)));
        assertThat(answered.wildReadings()).containsExactly(2);
        assertThat(prompt(answered, 1, 1, SELDOM, 0).doNow())
                .as("a reading that fits answers it")
                .isNotEqualTo(new PromptFinding.ReadAgain());
    }

    @Test
    void besideTheHeatItSaysHowMuchMoreItNeeds() {
        Prompt off = Prompt.offTheHeat(ON_THE_WAY);
        assertThat(off.doNow()).isEqualTo(new PromptFinding.OffTheHeat());
        Band left = ON_THE_WAY.finish().orElseThrow().minutesFrom(ON_THE_WAY.nowMinute());
        assertThat(off.why()).isEqualTo(new PromptFinding.NeedsMore(Math.floor(left.low()), Math.ceil(left.high())));
    }

    @Test
    void aStageBeginsWithWhatGoesInThenWarmsThenEndsWithTheNext() {
        assertThat(inStage(stewed(0, false), SIMMER, StageKind.MILL, false, "1 kg damsons", "the sugar"))
                .satisfies(p -> {
                    assertThat(p.doNow()).isEqualTo(new PromptFinding.PutIn(List.of("1 kg damsons", "the sugar")));
                    assertThat(p.action()).isEqualTo("ticks");
                });
        Prompt warming = inStage(stewed(2, false), SIMMER, StageKind.MILL, false);
        assertThat(warming.doNow()).isEqualTo(new PromptFinding.BringTo(Look.GENTLE));
        assertThat(warming.action()).isEqualTo("looks");
        Prompt over = inStage(stewed(18, true), SIMMER, StageKind.MILL, false);
        assertThat(over.doNow()).isEqualTo(new PromptFinding.Now(new StageName.OfKind(StageKind.MILL)));
        assertThat(over.action()).isEqualTo("next");
        assertThat(over.urgent()).isTrue();
        Forecast milling = stewed(20, true, new Happening(19, new BatchStory.NextStage()));
        assertThat(inStage(milling, MILL, StageKind.REDUCE, false).action()).isEqualTo("next");
        assertThat(inStage(milling, MILL, StageKind.REDUCE, false).urgent()).isFalse();
    }

    @Test
    void theLastStageOnTheHeatIsTakenOffEvenWithSomethingToDoAfterIt() {
        Prompt off = inStage(forecast(Sauces.damson(), 5, 4), REDUCE, StageKind.ENRICH, true);
        assertThat(off.doNow()).isEqualTo(new PromptFinding.TakeOff());
        assertThat(off.why())
                .isInstanceOfSatisfying(
                        PromptFinding.LooksThen.class,
                        then -> assertThat(then.next()).isEqualTo(new StageName.OfKind(StageKind.ENRICH)));
        assertThat(off.action()).isEqualTo("next");
    }

    @Test
    void aSlurryIsPouredByPortionsWithTheStepToExpect() {
        Stage slurry = Stage.of(StageKind.SLURRY, new StageEnd.Minutes(1));
        Prompt pour = pouring(slurry, new PotSituation.Pouring(Optional.of(PORTION), NEVER, false));
        assertThat(pour.doNow()).isEqualTo(new PromptFinding.Pour(12, 18));
        assertThat(pour.why()).isEqualTo(new PromptFinding.PourHow(4.2));
        assertThat(pour.action()).isEqualTo("slurry");
        assertThat(pouring(slurry, new PotSituation.Pouring(Optional.of(PORTION), 0.3, false))
                        .doNow())
                .isEqualTo(new PromptFinding.WhiskAndWait());
        assertThat(pouring(slurry, new PotSituation.Pouring(Optional.of(PORTION), 1.5, false))
                        .doNow())
                .isEqualTo(new PromptFinding.LookAtSpoon());
        assertThat(pouring(slurry, new PotSituation.Pouring(Optional.of(PORTION), 1.5, true))
                        .doNow())
                .as("once seen, the next portion")
                .isInstanceOf(PromptFinding.Pour.class);
        assertThat(pouring(slurry, new PotSituation.Pouring(Optional.empty(), 1.5, true))
                        .doNow())
                .as("thick enough")
                .isNotInstanceOf(PromptFinding.Pour.class);
    }

    private static Prompt pouring(Stage slurry, PotSituation.Pouring pouring) {
        PotSituation.AtHand hand = new PotSituation.AtHand(
                slurry, new StageName.Titled("Thicken"), Optional.empty(), true, List.of(), Optional.of(pouring));
        return Prompt.of(ON_THE_WAY, new PotSituation(1, 1, SELDOM, 0, hand));
    }

    private static final Thickening.Portion PORTION = new Thickening.Portion(12, 18, 12, 4.2, 4.4);
}

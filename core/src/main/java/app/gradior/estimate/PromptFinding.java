package app.gradior.estimate;

import app.gradior.finding.Finding;
import app.gradior.heat.Look;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.StageName;
import app.gradior.texture.Stair;
import java.util.List;

/** What a cook is told to do, and why. Minutes are from now. */
public sealed interface PromptFinding extends Finding {
    /** Nothing more to say. */
    record Nothing() implements PromptFinding {}

    /** Is it still on? */
    record StillOn() implements PromptFinding {}

    /** Nothing was heard of it for so long, h. */
    record NotHeardOf(double hours) implements PromptFinding {}

    /** What goes in now, in the cook's words. */
    record PutIn(List<String> things) implements PromptFinding {}

    /** So many more beside those that are named. */
    record PutInAndMore(List<String> things, int more) implements PromptFinding {}

    /** The stage begins with it. */
    record BeginsWithIt(StageName stage) implements PromptFinding {}

    /** Read it once more. */
    record ReadAgain() implements PromptFinding {}

    /** The last reading fits nothing that is known. */
    record WildReading() implements PromptFinding {}

    /** Get the fat hot. */
    record HeatTheFat() implements PromptFinding {}

    /** A coat goes on the food now, of so many grams. */
    record Coat(int number, int of, double grams) implements PromptFinding {}

    /** A coat goes on in so many minutes. */
    record CoatIn(int number, int of, double minutes) implements PromptFinding {}

    /** The first coat goes on when the food lacks so many minutes. */
    record FirstCoat(double beforeDoneMin) implements PromptFinding {}

    /** What is kept for the table is set aside before the brush touches any food, g. */
    record SetAsideFirst(double tableG) implements PromptFinding {}

    /** The last coat has had its time when it sticks, and burns after so many minutes. */
    record Sticks(double sticksMin, double burnsMin) implements PromptFinding {}

    /** It gets hot in the oven, °C. */
    record InOven(double ovenC) implements PromptFinding {}

    /** Bring it to that look. */
    record BringTo(Look look) implements PromptFinding {}

    /** Say when it is there. */
    record TapWhenThere() implements PromptFinding {}

    /** It will not get there. */
    record OutOfReach() implements PromptFinding {}

    /** What would bring it there. */
    record ChangeSomething() implements PromptFinding {}

    /** It stands beside the heat. */
    record OffTheHeat() implements PromptFinding {}

    /** It needs so much more heat. */
    record NeedsMore(double lowMin, double highMin) implements PromptFinding {}

    /** More heat would not bring it there. */
    record HeatWouldNotDo() implements PromptFinding {}

    /** It is done. */
    record Done() implements PromptFinding {}

    /** All stages are over. */
    record AllStagesOver(PromptFinding looks) implements PromptFinding {}

    /** What it looks like in the pot, and what it will be when served. */
    record Looks(Stair.Tread hot, Stair.Tread served) implements PromptFinding {}

    /** Whisk the starch and wait. */
    record WhiskAndWait() implements PromptFinding {}

    /** What the starch will have done. */
    record StarchShows(double step) implements PromptFinding {}

    /** Look at the back of a spoon. */
    record LookAtSpoon() implements PromptFinding {}

    /** What the spoon decides. */
    record SpoonDecides(double step) implements PromptFinding {}

    /** Pour a portion. */
    record Pour(double starchG, double coldLiquidG) implements PromptFinding {}

    /** How to pour it. */
    record PourHow(double step) implements PromptFinding {}

    /** Take it off the heat. */
    record TakeOff() implements PromptFinding {}

    /** The next stage. */
    record Now(StageName stage) implements PromptFinding {}

    /** That stage is over; how it looks. */
    record IsOver(StageName stage, PromptFinding looks) implements PromptFinding {}

    /** How it looks, and what comes then. */
    record LooksThen(PromptFinding looks, StageName next) implements PromptFinding {}

    /** Do the stage. */
    record Do(StageName stage) implements PromptFinding {}

    /** It is the last thing to do. */
    record LastThing(PromptFinding about) implements PromptFinding {}

    /** What comes then. */
    record Then(StageName next, PromptFinding about) implements PromptFinding {}

    /** It takes about so long still. */
    record MoreMinutes(double minutes) implements PromptFinding {}

    /** Stay with it. */
    record StayWithIt() implements PromptFinding {}

    /** It may be there between these. */
    record MayBeThere(double lowMin, double highMin) implements PromptFinding {}

    /** Stir to the edges. */
    record Stir() implements PromptFinding {}

    /** It catches. */
    record Catches() implements PromptFinding {}

    /** Stir so often. */
    record StirEvery(double minutes) implements PromptFinding {}

    /** Go on until it looks right. */
    record UntilRight(StageName stage) implements PromptFinding {}

    /** The plan counts on so long. */
    record CountsOn(double minutes) implements PromptFinding {}

    /** Let it be. */
    record LetItBe() implements PromptFinding {}

    /** Look again in so long; nothing comes after it. */
    record LookAgain(double minutes) implements PromptFinding {}

    /** Look again in so long, and what comes then. */
    record LookAgainThen(double minutes, StageName next) implements PromptFinding {}

    /** Take that reading. */
    record TakeReading(ReadingKind kind) implements PromptFinding {}

    /** What that reading is worth. */
    record Narrows(double lowMin, double highMin, ReadingKind kind, Worth worth) implements PromptFinding {}

    /** What a reading does to the band. */
    enum Worth {
        HALVES,
        TAKES_A_THIRD,
        NARROWS_MOST
    }
}

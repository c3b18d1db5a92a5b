package app.gradior.clock;

import app.gradior.finding.Finding;
import app.gradior.sauce.StageName;

/** What a piece of work is called. */
public sealed interface TaskName extends Finding {
    /** A stage of the sauce. */
    record Stage(StageName stage) implements TaskName {}

    /** The part of a stage in which it is stirred all the while. */
    record Stirring(StageName stage) implements TaskName {}

    /** Jobs before the heat. */
    record Prepare() implements TaskName {}

    /** Something stands in water before it goes in. */
    record Soak() implements TaskName {}

    /** Time in hand for a slow pot. */
    record InHand() implements TaskName {}

    /** Into jars, and labels on them. */
    record FillJars() implements TaskName {}

    /** Into what it is kept in, and labels on it. */
    record Pack() implements TaskName {}

    /** It cools. */
    record Cool() implements TaskName {}

    /** It stands until the next day. */
    record RestOvernight() implements TaskName {}

    /** It is warmed to be served. */
    record WarmThrough() implements TaskName {}

    /** A coat goes on the food. */
    record Coat(int number, int of) implements TaskName {}

    /** What is for the table is set aside before the brush touches food. */
    record SetAside() implements TaskName {}

    /** The food is under the heat with its coat. */
    record Glazing() implements TaskName {}

    /** Something else, by its name. */
    record Called(String name) implements TaskName {}
}

package app.gradior.plan;

import app.gradior.finding.Finding;
import app.gradior.larder.Food;

/** Why a sauce cannot be scaled, seasoned or have a food swapped as asked. */
public sealed interface BalanceFinding extends Finding {
    /** The sauce as written yields nothing. */
    record NothingToScale() implements BalanceFinding {}

    /** The line that should set the scale has no weight. */
    record Weightless() implements BalanceFinding {}

    /** The sauce has more of it than is wanted; both g in 100 g. */
    record TastesAlready(double targetPercent, double hasPercent, Seasoning.Taste taste) implements BalanceFinding {}

    /** The food is weaker than what is wanted; both g in 100 g. */
    record TooWeak(Food food, double bringsPercent, Seasoning.Taste taste, double targetPercent)
            implements BalanceFinding {}

    /** Nothing is known that does its job. */
    record NothingStandsIn(Food missing) implements BalanceFinding {}

    /** The other food does not do what the missing one is there for. */
    record NotInItsPlace(Food food, Food missing, Keeps keeps) implements BalanceFinding {}

    /** It would take so many g of the other food, more than a cook would put in. */
    record TooMuchOfIt(Food food, Food missing, Keeps keeps, double massG) implements BalanceFinding {}

    /** The other food has next to nothing of what is to be kept: so many kg would not do. */
    record BringsNone(Food food, Keeps keeps, double mostKg) implements BalanceFinding {}
}

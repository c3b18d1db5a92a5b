package app.gradior.sauce;

import app.gradior.larder.CookingIn;
import app.gradior.larder.Food;
import app.gradior.larder.Rendering;
import app.gradior.mixture.Mixture;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A line in pieces that a cook can lift out again, or whose fat comes out as it cooks: bay, bones, stalks, fruit, bacon.
 *
 * @param mixture as it went in
 * @param rendering how its fat comes out
 * @param meat whether its protein stays in it
 * @param cooking how it cooks in a sauce as a thing of its own, if it does
 */
public record Piece(Mixture mixture, Rendering rendering, boolean meat, Optional<CookingIn> cooking) {
    /** So many grams of a food. */
    public static Piece of(Food food, double massG) {
        return new Piece(Mixture.of(food, massG), Rendering.of(food), food.ofFlesh(), CookingIn.of(food));
    }

    /** Whether a food that goes in with a stage of that kind cooks in the sauce and is no part of it. */
    public static boolean cooksIn(StageKind kind, Food food) {
        return kind == StageKind.COOK_IN && CookingIn.of(food).isPresent();
    }

    /** The same with its matter changed. */
    public Piece with(UnaryOperator<Mixture> change) {
        return new Piece(change.apply(mixture), rendering, meat, cooking);
    }

    /** Fat still in it after so many minutes of cooking, g. */
    public double fatInG(double minutes) {
        return mixture.freeFatG() * (1 - rendering.share(minutes));
    }
}

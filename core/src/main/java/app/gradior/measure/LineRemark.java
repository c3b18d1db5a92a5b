package app.gradior.measure;

import app.gradior.finding.Finding;
import app.gradior.larder.Food;
import java.util.List;

/** What a cook should look at in a line that was read. */
public sealed interface LineRemark extends Finding {
    /** No food was found. */
    record NoFood() implements LineRemark {}

    /** A heading: nothing of it goes in. */
    record Heading() implements LineRemark {}

    /** Read in another language. */
    record Translated(Food food) implements LineRemark {}

    /** No food is called so; one is called nearly so. */
    record NearMiss(String typed, Food food) implements LineRemark {}

    /** Two foods in one line. */
    record TwoFoods(Food food, Food and) implements LineRemark {}

    /** Words that may name another food. */
    record NotUnderstood(Food food, List<String> words) implements LineRemark {}

    /** One of two foods was taken. */
    record OrAnother(Food food, Food or) implements LineRemark {}

    /** More than anybody cooks, kg. */
    record TooMuch(double mostKg) implements LineRemark {}

    /** No amount was given. */
    record NoAmount() implements LineRemark {}

    /** Ounces of a liquid were taken as fluid ounces. */
    record FluidOunces() implements LineRemark {}

    /** Each piece was taken for so much, g. */
    record EachTakenAs(double grams) implements LineRemark {}

    /** No unit was given: each was taken for so much, g. */
    record NoUnit(double grams) implements LineRemark {}
}

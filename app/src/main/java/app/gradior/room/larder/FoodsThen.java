package app.gradior.room.larder;

import app.gradior.larder.Food;

/** Finds the foods that recorded lines are of. */
public interface FoodsThen {
    /**
     * The food as it was when the line was recorded.
     *
     * @throws IllegalStateException when it was not kept
     */
    Food then(String snapshot);

    /**
     * The food as it is now, for lines that have not been understood yet.
     *
     * @throws IllegalStateException when nobody knows it
     */
    Food now(String foodId);
}

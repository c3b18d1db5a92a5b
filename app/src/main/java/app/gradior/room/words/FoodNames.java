package app.gradior.room.words;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import java.util.Optional;

/** Foods by the names that a reader is shown. */
public final class FoodNames {
    private FoodNames() {}

    /** The food that is called so in the catalogue, or in the language of whoever asks; in any case. */
    public static Optional<Food> named(Catalogue catalogue, String name) {
        String wanted = name.strip();
        return catalogue
                .named(wanted)
                .or(() -> catalogue.foods().stream()
                        .filter(food -> Words.say(food).equalsIgnoreCase(wanted))
                        .findFirst());
    }
}

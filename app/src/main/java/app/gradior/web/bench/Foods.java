package app.gradior.web.bench;

import app.gradior.finding.Refusal;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.room.words.FoodNames;
import app.gradior.room.words.Told;

/** Foods as pages name them. */
final class Foods {
    private Foods() {}

    /** The food of that name or id, or the first that a search finds. */
    static Food named(Catalogue catalogue, String name, String field) {
        String wanted = name.strip();
        return FoodNames.named(catalogue, wanted)
                .or(() -> catalogue.food(wanted))
                .or(() -> catalogue.search(wanted).stream()
                        .filter(food -> !wanted.isEmpty())
                        .findFirst())
                .orElseThrow(() -> Refusal.unfit(field, Told.of("foods.is-no-food-of-the-larder", wanted)));
    }
}

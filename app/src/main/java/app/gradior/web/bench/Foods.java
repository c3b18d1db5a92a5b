package app.gradior.web.bench;

import app.gradior.finding.Refusal;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;

/** Foods as pages name them. */
final class Foods {
    private Foods() {}

    /** The food of that name or id, or the first that a search finds. */
    static Food named(Catalogue catalogue, String name, String field) {
        String wanted = name.strip();
        return catalogue
                .named(wanted)
                .or(() -> catalogue.food(wanted))
                .or(() -> catalogue.search(wanted).stream()
                        .filter(food -> !wanted.isEmpty())
                        .findFirst())
                .orElseThrow(() ->
                        Refusal.unfit(field, "“" + wanted + "” is no food of the larder: pick one from the list."));
    }
}

package app.gradior;

import app.gradior.batch.Understood;
import app.gradior.larder.Catalogue;

/** Lines of the standard catalogue's foods. */
public final class Foods {
    private Foods() {}

    public static Understood line(String text, String foodId, double massG, double logSd) {
        return new Understood(text, Catalogue.standard().food(foodId).orElseThrow(), massG, logSd);
    }
}

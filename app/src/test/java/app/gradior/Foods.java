package app.gradior;

import app.gradior.batch.BatchPlan;
import app.gradior.batch.Understood;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.Catalogue;
import app.gradior.sauce.Texture;
import app.gradior.simmer.Heat;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.util.List;

/** Lines of the standard catalogue's foods. */
public final class Foods {
    private Foods() {}

    /** A kilogram of damsons in 300 mL of water, hot in a pot of that name. */
    public static BatchPlan glaze(String potName) {
        return BatchPlan.hot(
                List.of(line("1 kg damsons", "damson", 1000, 0.05), line("300 ml water", "water", 300, 0)),
                Texture.SMOOTH,
                0,
                BatchPlan.PlanPot.of(potName, new PotShape(240, 232, 130), 1950, PotMaterial.STAINLESS),
                new Heat(Look.LIVELY, LidState.OPEN),
                0,
                6.5,
                20);
    }

    public static Understood line(String text, String foodId, double massG, double logSd) {
        return new Understood(text, Catalogue.standard().food(foodId).orElseThrow(), massG, logSd);
    }
}

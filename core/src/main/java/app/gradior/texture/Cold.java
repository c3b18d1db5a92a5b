package app.gradior.texture;

import app.gradior.finding.Finding;
import app.gradior.larder.Catalogue;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Body;
import app.gradior.mixture.Mixture;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What is different of a sauce once it has been cold or frozen, and what would change it. */
public final class Cold {
    private static final double FRIDGE_C = 5;
    private static final double A_NIGHT_H = 12;
    /** Thicker by less than this after a night is what anybody expects, steps; rounded. */
    private static final double SOME_STEPS = 0.7;
    /** More water than this share of it is another sauce. */
    private static final double MOST_WATER_SHARE = 0.5;

    private static final int HALVINGS = 24;
    /** Less starch than this in its serum is not seen to weep, g/g; kitchen estimate. */
    private static final double WEEPING_STARCH = 0.005;
    /** More set yolk than this is felt as grains once it was frozen, of the mass; kitchen estimate. */
    private static final double GRAINY_YOLK = 0.03;

    private static final double TABLE_C = 20;

    private Cold() {}

    /** What sets a sauce in the cold. */
    public enum By {
        GELATINE,
        PECTIN,
        STARCH,
        FAT,
        /** Nothing sets: it is thicker because it is colder. */
        COLDNESS
    }

    /**
     * What makes it thicker the next day, and what would change that.
     *
     * @param steps thicker after a night in the fridge than on the plate
     * @param waterG water in it with which it would be after a night as it is on the plate; null when no sensible amount would do
     */
    public record Change(By by, double steps, @Nullable Double waterG) implements Finding {}

    /** Why a sauce is not as it was once it thaws. */
    public enum Weeps {
        STARCH,
        PECTIN,
        EGG,
        EMULSION
    }

    /** What makes a cooked sauce thicker the next day; empty when it hardly is. */
    public static Optional<Change> change(Mixture cooked, double bodyFactor, double servedC) {
        if (!(cooked.serumG() > 0)) {
            return Optional.empty();
        }
        double plate = stepAt(cooked, bodyFactor, servedC, Consistency.usualHeldH(servedC));
        double night = stepAt(cooked, bodyFactor, FRIDGE_C, A_NIGHT_H);
        if (!(night - plate >= SOME_STEPS)) {
            return Optional.empty();
        }
        return Optional.of(new Change(by(cooked, bodyFactor), night - plate, waterG(cooked, bodyFactor, plate)));
    }

    private static By by(Mixture cooked, double bodyFactor) {
        Map<By, Double> shares = Consistency.setsBy(cooked, bodyFactor, FRIDGE_C, A_NIGHT_H);
        return shares.entrySet().stream()
                .max(Comparator.comparingDouble(Map.Entry::getValue))
                .orElseThrow()
                .getKey();
    }

    private static @Nullable Double waterG(Mixture cooked, double bodyFactor, double wantedStep) {
        Mixture water = Mixture.of(Catalogue.standard().water(), 1);
        double low = 0;
        double high = MOST_WATER_SHARE * cooked.massG();
        if (stepAt(cooked.plus(water.times(high)), bodyFactor, FRIDGE_C, A_NIGHT_H) > wantedStep) {
            return null;
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (stepAt(cooked.plus(water.times(middle)), bodyFactor, FRIDGE_C, A_NIGHT_H) > wantedStep) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    private static double stepAt(Mixture cooked, double bodyFactor, double tempC, double heldH) {
        return Stair.step(Consistency.flowNow(cooked, bodyFactor, tempC, heldH).viscosityPaS());
    }

    /** What of a cooked sauce suffers from freezing: gels that weep, egg that turns to grains, drops that part. */
    public static List<Weeps> frozen(Mixture cooked) {
        List<Weeps> weeps = new ArrayList<>();
        if (!(cooked.serumG() > 0)) {
            return weeps;
        }
        double starchG = 0;
        for (StarchKind kind : StarchKind.values()) {
            starchG += kind.weeps() ? cooked.setPowderG(kind) : 0;
        }
        if (starchG > WEEPING_STARCH * cooked.serumG()) {
            weeps.add(Weeps.STARCH);
        }
        Consistency.Flow night = Consistency.flowNow(cooked, 1, FRIDGE_C, A_NIGHT_H);
        if (night.structure() == Structure.GEL && by(cooked, 1) == By.PECTIN) {
            weeps.add(Weeps.PECTIN);
        }
        Body body = cooked.body();
        if (body.g(Body.Part.SET_YOLK) > GRAINY_YOLK * cooked.massG()) {
            weeps.add(Weeps.EGG);
        }
        if (Consistency.flowNow(cooked, 1, TABLE_C, 0).structure() == Structure.EMULSION) {
            weeps.add(Weeps.EMULSION);
        }
        return weeps;
    }
}

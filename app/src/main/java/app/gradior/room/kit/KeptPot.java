package app.gradior.room.kit;

import app.gradior.vessel.KeptShape;
import app.gradior.vessel.PotShape;
import org.jspecify.annotations.Nullable;

/**
 * A row as its table holds it; times are UTC.
 *
 * @param topDiameterMm at the rim; of a long pan its length
 * @param baseDiameterMm at the floor; of a long pan its length
 * @param outline absent for a round one
 * @param topWidthMm absent for what is round
 * @param baseWidthMm absent for what is round
 * @param burners absent for one
 */
// Wide: columns of pot.
public record KeptPot(
        long id,
        long kitchenId,
        String name,
        double topDiameterMm,
        double baseDiameterMm,
        double heightMm,
        double cornerMm,
        double emptyG,
        String material,
        boolean lid,
        boolean retired,
        int revision,
        @Nullable String outline,
        @Nullable Double topWidthMm,
        @Nullable Double baseWidthMm,
        @Nullable Integer burners) {
    /** The shape that the columns say. */
    public PotShape shape() {
        return new KeptShape(
                        outline == null ? null : PotShape.Outline.ofKey(outline),
                        topDiameterMm,
                        topWidthMm,
                        baseDiameterMm,
                        baseWidthMm,
                        heightMm,
                        cornerMm,
                        burners)
                .shape();
    }

    /** The same, new in a kitchen. */
    public KeptPot in(long kitchen) {
        return new KeptPot(
                0,
                kitchen,
                name,
                topDiameterMm,
                baseDiameterMm,
                heightMm,
                cornerMm,
                emptyG,
                material,
                lid,
                retired,
                0,
                outline,
                topWidthMm,
                baseWidthMm,
                burners);
    }
}

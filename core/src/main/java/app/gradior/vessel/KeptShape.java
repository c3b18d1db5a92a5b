package app.gradior.vessel;

import org.jspecify.annotations.Nullable;

/**
 * A pot's shape as it is kept, what is usual left out, so that what was kept before there were other shapes reads the same.
 *
 * @param outline absent for a round one
 * @param topMm inside at the rim, the longer way, mm
 * @param topWidthMm the other way; absent for what is round
 * @param baseMm inside where the wall begins, the longer way, mm
 * @param baseWidthMm the other way; absent for what is round
 * @param heightMm inner height
 * @param cornerMm rounding between floor and wall; absent for a sharp edge
 * @param burners how many it stands across; absent for one
 */
public record KeptShape(
        PotShape.@Nullable Outline outline,
        double topMm,
        @Nullable Double topWidthMm,
        double baseMm,
        @Nullable Double baseWidthMm,
        double heightMm,
        @Nullable Double cornerMm,
        @Nullable Integer burners) {
    /** That shape without what is usual. */
    public static KeptShape of(PotShape shape) {
        boolean isLong = shape.outline().isLong();
        return new KeptShape(
                shape.outline() == PotShape.Outline.ROUND ? null : shape.outline(),
                shape.topLengthMm(),
                isLong ? shape.topWidthMm() : null,
                shape.baseLengthMm(),
                isLong ? shape.baseWidthMm() : null,
                shape.heightMm(),
                shape.cornerMm(),
                shape.burners() == 1 ? null : shape.burners());
    }

    /**
     * The shape with what is usual where nothing is kept.
     *
     * @throws app.gradior.finding.Unfit when what is kept is outside of what {@link PotShape} takes
     */
    public PotShape shape() {
        return new PotShape(
                outline == null ? PotShape.Outline.ROUND : outline,
                topMm,
                topWidthMm == null ? topMm : topWidthMm,
                baseMm,
                baseWidthMm == null ? baseMm : baseWidthMm,
                heightMm,
                cornerMm == null ? 0 : cornerMm,
                burners == null ? 1 : burners);
    }
}

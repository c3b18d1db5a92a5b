package app.gradior.web.kit;

import app.gradior.finding.Refusal;
import app.gradior.measure.Numbers;
import app.gradior.room.kit.KitchenKit;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import app.gradior.web.form.TypedNumber;

/**
 * The form of a pot as typed, what a browser leaves out as if it were empty; the shape's own rules say what it may be.
 *
 * @param top at the rim; of a long pan its length
 * @param base at the floor; of a long pan its length
 */
// Wide: fields of one form.
record PotForm(
        Long id,
        String name,
        PotShape.Outline outline,
        TypedNumber top,
        TypedNumber topWidth,
        TypedNumber base,
        TypedNumber baseWidth,
        TypedNumber height,
        TypedNumber corner,
        TypedNumber empty,
        PotMaterial material,
        Boolean lid,
        Boolean twoBurners,
        Integer revision) {
    static final PotForm BLANK = new PotForm(
            0L,
            "",
            PotShape.Outline.ROUND,
            TypedNumber.BLANK,
            TypedNumber.BLANK,
            TypedNumber.BLANK,
            TypedNumber.BLANK,
            TypedNumber.BLANK,
            new TypedNumber("0"),
            TypedNumber.BLANK,
            PotMaterial.STAINLESS,
            true,
            false,
            0);

    PotForm {
        id = id == null ? 0 : id;
        name = name == null ? "" : name;
        outline = outline == null ? PotShape.Outline.ROUND : outline;
        top = TypedNumber.of(top);
        topWidth = TypedNumber.of(topWidth);
        base = TypedNumber.of(base);
        baseWidth = TypedNumber.of(baseWidth);
        height = TypedNumber.of(height);
        corner = TypedNumber.of(corner);
        empty = TypedNumber.of(empty);
        material = material == null ? PotMaterial.STAINLESS : material;
        lid = lid != null && lid;
        twoBurners = twoBurners != null && twoBurners;
        revision = revision == null ? 0 : revision;
    }

    static PotForm of(KitchenKit.KitPot pot) {
        PotShape shape = pot.shape();
        return new PotForm(
                pot.id(),
                pot.name(),
                shape.outline(),
                plain(shape.topLengthMm()),
                shape.outline().isLong() ? plain(shape.topWidthMm()) : TypedNumber.BLANK,
                plain(shape.baseLengthMm()),
                shape.outline().isLong() ? plain(shape.baseWidthMm()) : TypedNumber.BLANK,
                plain(shape.heightMm()),
                plain(shape.cornerMm()),
                plain(pot.emptyG()),
                pot.material(),
                pot.lid(),
                shape.burners() == 2,
                pot.revision());
    }

    private static TypedNumber plain(double value) {
        return new TypedNumber(Numbers.plain(value, 1).replace(",", ""));
    }

    /** Whether all of it is typed that a drawing needs. */
    boolean begun() {
        boolean wide = !outline.isLong() || !topWidth.isBlank() && !baseWidth.isBlank();
        return !top.isBlank() && !base.isBlank() && !height.isBlank() && wide;
    }

    /** The shape typed so far. */
    PotShape shape() {
        boolean rounded = !corner.isBlank() && outline != PotShape.Outline.BOWL;
        double rounding = rounded ? corner.value() : 0;
        return Refusal.checked(
                "",
                () -> new PotShape(
                        outline,
                        top.value(),
                        outline.isLong() ? topWidth.value() : top.value(),
                        base.value(),
                        outline.isLong() ? baseWidth.value() : base.value(),
                        height.value(),
                        rounding,
                        twoBurners ? 2 : 1));
    }

    KitchenKit.KitPot pot() {
        return new KitchenKit.KitPot(id, name, shape(), empty.value(), material, lid, false, revision);
    }
}

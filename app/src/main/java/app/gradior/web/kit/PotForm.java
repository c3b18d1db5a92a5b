package app.gradior.web.kit;

import app.gradior.finding.Refusal;
import app.gradior.measure.Numbers;
import app.gradior.room.kit.KitchenKit;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import app.gradior.web.form.TypedNumber;

/** The form of a pot as typed, what a browser leaves out as if it were empty; the shape's own rules say what it may be. */
record PotForm(
        Long id,
        String name,
        TypedNumber top,
        TypedNumber base,
        TypedNumber height,
        TypedNumber corner,
        TypedNumber empty,
        PotMaterial material,
        Boolean lid,
        Integer revision) {
    static final PotForm BLANK = new PotForm(
            0L,
            "",
            TypedNumber.BLANK,
            TypedNumber.BLANK,
            TypedNumber.BLANK,
            new TypedNumber("0"),
            TypedNumber.BLANK,
            PotMaterial.STAINLESS,
            true,
            0);

    PotForm {
        id = id == null ? 0 : id;
        name = name == null ? "" : name;
        top = TypedNumber.of(top);
        base = TypedNumber.of(base);
        height = TypedNumber.of(height);
        corner = TypedNumber.of(corner);
        empty = TypedNumber.of(empty);
        material = material == null ? PotMaterial.STAINLESS : material;
        lid = lid != null && lid;
        revision = revision == null ? 0 : revision;
    }

    static PotForm of(KitchenKit.KitPot pot) {
        PotShape shape = pot.shape();
        return new PotForm(
                pot.id(),
                pot.name(),
                plain(shape.topDiameterMm()),
                plain(shape.baseDiameterMm()),
                plain(shape.heightMm()),
                plain(shape.cornerMm()),
                plain(pot.emptyG()),
                pot.material(),
                pot.lid(),
                pot.revision());
    }

    private static TypedNumber plain(double value) {
        return new TypedNumber(Numbers.plain(value, 1).replace(",", ""));
    }

    /** Whether all of it is typed that a drawing needs. */
    boolean begun() {
        return !top.isBlank() && !base.isBlank() && !height.isBlank();
    }

    /** The shape typed so far. */
    PotShape shape() {
        double rounding = corner.isBlank() ? 0 : corner.value();
        return Refusal.checked("", () -> new PotShape(top.value(), base.value(), height.value(), rounding));
    }

    KitchenKit.KitPot pot() {
        return new KitchenKit.KitPot(id, name, shape(), empty.value(), material, lid, false, revision);
    }
}

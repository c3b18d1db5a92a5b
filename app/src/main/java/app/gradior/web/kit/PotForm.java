package app.gradior.web.kit;

import app.gradior.finding.Refusal;
import app.gradior.measure.Numbers;
import app.gradior.room.kit.KitchenKit;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import app.gradior.web.form.TypedNumber;
import org.jspecify.annotations.Nullable;

/** The form of a pot as typed; the shape's own rules say what it may be. */
record PotForm(
        @Nullable Long id,
        @Nullable String name,
        @Nullable TypedNumber top,
        @Nullable TypedNumber base,
        @Nullable TypedNumber height,
        @Nullable TypedNumber corner,
        @Nullable TypedNumber empty,
        @Nullable PotMaterial material,
        @Nullable Boolean lid,
        @Nullable Integer revision) {
    static final PotForm BLANK =
            new PotForm(0L, "", null, null, null, new TypedNumber("0"), null, PotMaterial.STAINLESS, true, 0);

    PotForm {
        id = id == null ? 0 : id;
        name = name == null ? "" : name;
        top = TypedNumber.of(top);
        base = TypedNumber.of(base);
        height = TypedNumber.of(height);
        corner = TypedNumber.of(corner);
        empty = TypedNumber.of(empty);
        material = material == null ? PotMaterial.STAINLESS : material;
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
        return !value(top).isBlank() && !value(base).isBlank() && !value(height).isBlank();
    }

    private static TypedNumber value(@Nullable TypedNumber number) {
        return TypedNumber.of(number);
    }

    /** The shape typed so far. */
    PotShape shape() {
        double rounding = value(corner).isBlank() ? 0 : value(corner).value();
        return Refusal.checked(
                "",
                () -> new PotShape(
                        value(top).value(), value(base).value(), value(height).value(), rounding));
    }

    KitchenKit.KitPot pot() {
        return new KitchenKit.KitPot(
                id == null ? 0 : id,
                name == null ? "" : name,
                shape(),
                value(empty).value(),
                material == null ? PotMaterial.STAINLESS : material,
                Boolean.TRUE.equals(lid),
                false,
                revision == null ? 0 : revision);
    }
}

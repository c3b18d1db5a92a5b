package app.gradior.vessel;

/** What a pot's inside is made of, and whether acid attacks it. */
public enum PotMaterial {
    STAINLESS(false),
    ENAMEL(false),
    ANODISED_ALUMINIUM(false),
    NONSTICK(false),
    TINNED_COPPER(false),
    GLASS(false),
    BARE_ALUMINIUM(true),
    BARE_IRON(true),
    BARE_COPPER(true);

    private final boolean reactive;

    PotMaterial(boolean reactive) {
        this.reactive = reactive;
    }

    /** Whether tomato, vinegar, wine or fruit takes metal out of it. */
    public boolean reactive() {
        return reactive;
    }
}

package app.gradior.vessel;

/** What a pot's inside is made of, and whether acid attacks it. */
public enum PotMaterial {
    STAINLESS("stainless steel", false),
    ENAMEL("enamelled", false),
    ANODISED_ALUMINIUM("anodised aluminium", false),
    NONSTICK("non-stick", false),
    TINNED_COPPER("lined copper", false),
    GLASS("glass or ceramic", false),
    BARE_ALUMINIUM("bare aluminium", true),
    BARE_IRON("bare iron", true),
    BARE_COPPER("unlined copper", true);

    private final String label;
    private final boolean reactive;

    PotMaterial(String label, boolean reactive) {
        this.label = label;
        this.reactive = reactive;
    }

    public String label() {
        return label;
    }

    /** Whether tomato, vinegar, wine or fruit takes metal out of it. */
    public boolean reactive() {
        return reactive;
    }
}

package app.gradior.sauce;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Pressing;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a cook does to the pot in one stage. */
public enum StageKind {
    /** Vegetables lose water in fat. */
    SWEAT("sweat", Treatment.FRYING, Look.STEAMING),
    TOAST("toast", Treatment.FRYING, Look.STEAMING),
    FRY("fry", Treatment.BOILING, Look.LIVELY),
    /** Fat comes out of meat, and most of it may be poured off. */
    RENDER("render", Treatment.FRYING, Look.STEAMING),
    DEGLAZE("deglaze", Treatment.BOILING, Look.LIVELY),
    ADD("add", Treatment.BOILING, Look.GENTLE),
    REDUCE("reduce", Treatment.BOILING, Look.LIVELY),
    SIMMER("simmer", Treatment.BOILING, Look.GENTLE),
    /** Food that is eaten with the sauce cooks in it: meatballs, fish, vegetables. */
    COOK_IN("cookIn", Treatment.BOILING, Look.GENTLE),
    /** In the oven, at its heat, open or covered. */
    OVEN("oven", Treatment.BOILING, Look.STEAMING),
    SLURRY("slurry", Treatment.BOILING, Look.GENTLE),
    BLEND("blend", Pressing.BLENDED),
    MILL("mill", Pressing.MILLED),
    SIEVE("sieve", Pressing.SIEVED),
    ENRICH("enrich", Treatment.OFF_THE_HEAT, Look.STEAMING),
    SEASON("season", Treatment.OFF_THE_HEAT, Look.STEAMING),
    /** Pieces are lifted out, to be put back or thrown away. */
    TAKE_OUT("takeOut", Treatment.OFF_THE_HEAT, Look.STEAMING),
    PUT_BACK("putBack", Treatment.OFF_THE_HEAT, Look.STEAMING),
    REST("rest", Treatment.OFF_THE_HEAT, Look.STEAMING),
    COOL("cool", Treatment.OFF_THE_HEAT, Look.STEAMING),
    PACK("pack", Treatment.OFF_THE_HEAT, Look.STEAMING);

    /** How a stage treats what is in the pot. */
    public enum Treatment {
        /** In fat, hotter than the boil: vegetables lose water, nothing bubbles. */
        FRYING,
        /** On the heat as a liquid: evaporation by look and lid. */
        BOILING,
        /** Off the heat: nothing evaporates that counts. */
        OFF_THE_HEAT
    }

    private final String key;
    private final Treatment treatment;
    private final Look look;
    private final @Nullable Pressing tool;

    StageKind(String key, Treatment treatment, Look look) {
        this(key, treatment, look, null);
    }

    /** Through a tool, off the heat. */
    StageKind(String key, Pressing tool) {
        this(key, Treatment.OFF_THE_HEAT, Look.STEAMING, tool);
    }

    StageKind(String key, Treatment treatment, Look look, @Nullable Pressing tool) {
        this.key = key;
        this.treatment = treatment;
        this.look = look;
        this.tool = tool;
    }

    /** The name used in files and in the API. */
    public String key() {
        return key;
    }

    public Treatment treatment() {
        return treatment;
    }

    /** Whether there is a sauce to speak of, after these: what was only fried, or lifted out of the fat, has no thickness. */
    public static boolean makeSauce(List<StageKind> soFar) {
        return soFar.stream().anyMatch(kind -> kind.treatment == Treatment.BOILING)
                || soFar.stream().noneMatch(kind -> kind.treatment == Treatment.FRYING);
    }

    /** What its tool does, if it has one. */
    public Optional<Pressing> tool() {
        return Optional.ofNullable(tool);
    }

    /** Whether what is in it loses water though nothing boils. */
    public boolean sweats() {
        return this == SWEAT || this == RENDER;
    }

    /** Whether it takes a burner. */
    public boolean needsBurner() {
        return treatment != Treatment.OFF_THE_HEAT && this != OVEN;
    }

    /** Whether it moves pieces that went in before: its lines are those, and nothing new goes in. */
    public boolean movesPieces() {
        return this == TAKE_OUT || this == PUT_BACK;
    }

    /** The look a cook means who says no more. */
    public Look usualLook() {
        return look;
    }

    /** The lid a cook means who says no more. */
    public LidState usualLid() {
        return this == REST || this == COOL || this == PACK ? LidState.CLOSED : LidState.OPEN;
    }

    /**
     * The kind with that key.
     *
     * @throws IllegalArgumentException when there is none
     */
    public static StageKind ofKey(String key) {
        for (StageKind kind : values()) {
            if (kind.key.equals(key)) {
                return kind;
            }
        }
        throw new Unfit(Wrong.Key.of("stage", key, values(), StageKind::key));
    }
}

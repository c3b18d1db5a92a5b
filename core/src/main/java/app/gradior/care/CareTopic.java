package app.gradior.care;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What there is to be careful of, each in one place: every {@link Caution} belongs to one, and some have none that a plan could know of. The
 * bundles say of each what can happen, what to do, what to do when it has happened, what that rests on and where to ask.
 */
public enum CareTopic {
    /** What to do first for skin that was burnt; every hot thing leads here. */
    BURNT_SKIN(Part.IT_HAPPENED),
    FAT_FIRE(Part.IT_HAPPENED, Caution.HotFat.class),
    SPIRIT_FLAMES(Part.IT_HAPPENED, Caution.Spirits.class),
    STEAM(Part.HEAT, Caution.Splashes.class),
    BOILING_SUGAR(Part.HEAT, Caution.HotSugar.class),
    FULL_POT(Part.HEAT, Caution.Overfull.class, Caution.Foams.class),
    BLENDER(Part.HEAT, Caution.Blender.class),
    /** Pots under pressure, and blenders that heat or seal. */
    PRESSURE(Part.HEAT),
    OVEN_PAN(Part.HEAT, Caution.OvenPan.class),
    STINGING_VAPOUR(Part.HEAT, Caution.ChilliSteam.class, Caution.StingingSteam.class, Caution.Choking.class),
    SCORCHING(Part.HEAT, Caution.Shallow.class, Caution.WeakBurner.class, Caution.CalmBurner.class),
    REACTIVE_POT(Part.FOOD, Caution.Reactive.class),
    ALCOHOL_LEFT(Part.FOOD, Caution.Alcohol.class),
    ALLERGENS(Part.FOOD),
    HONEY(Part.FOOD, Caution.Honey.class),
    EGG(Part.FOOD, Caution.RawEgg.class, Caution.Curdles.class),
    RAW_MEAT(Part.FOOD, Caution.Raw.class, Caution.RawBrush.class),
    COOKED_THROUGH(Part.FOOD, Caution.Through.class, Caution.NotDone.class),
    WHOLE_PIECES(Part.FOOD, Caution.TakeOut.class),
    COOLING(Part.KEEPING, Caution.CoolQuickly.class),
    HELD_HOT(Part.KEEPING),
    SHELF_DATES(Part.KEEPING),
    FREEZING(Part.KEEPING, Caution.Weeping.class, Caution.Crystals.class),
    CANNING(Part.KEEPING, Caution.JarsAreCold.class);

    /** Where it stands among the others. */
    public enum Part {
        IT_HAPPENED,
        HEAT,
        FOOD,
        KEEPING
    }

    private static final Map<Class<?>, CareTopic> BY_CAUTION = byCaution();

    private final Part part;
    private final List<Class<? extends Caution>> cautions;

    @SafeVarargs
    CareTopic(Part part, Class<? extends Caution>... cautions) {
        this.part = part;
        this.cautions = List.of(cautions);
    }

    private static Map<Class<?>, CareTopic> byCaution() {
        Map<Class<?>, CareTopic> all = new LinkedHashMap<>();
        for (CareTopic topic : values()) {
            topic.cautions.forEach(caution -> all.put(caution, topic));
        }
        return all;
    }

    /** The one that a caution belongs to. */
    static CareTopic of(Caution caution) {
        CareTopic topic = BY_CAUTION.get(caution.getClass());
        if (topic == null) {
            throw new IllegalStateException("no topic of care has " + caution.getClass());
        }
        return topic;
    }

    public Part part() {
        return part;
    }

    /** Kinds of caution that belong to it; may be none. */
    public List<Class<? extends Caution>> cautions() {
        return cautions;
    }

    /** Its name in an address. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Those of a part, in order. */
    public static List<CareTopic> of(Part part) {
        return Arrays.stream(values()).filter(topic -> topic.part == part).toList();
    }
}

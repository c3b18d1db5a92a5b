package app.gradior.larder;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Foods made up to stand exactly at a bound. */
public final class MadeUp {
    private MadeUp() {}

    /** Water, and so much of what is asked. */
    public static Food ethanol(double percent) {
        return food(new Composition(100 - percent, percent, 0, 0, 0, 0, 0, 0, 0, 0, 0), OptionalDouble.empty(), 0);
    }

    public static Food sugar(double percent) {
        return food(new Composition(100 - percent, 0, percent, 0, 0, 0, 0, 0, 0, 0, 0), OptionalDouble.empty(), 0);
    }

    public static Food acids(double acetic, double others) {
        return food(
                new Composition(100 - acetic - others, 0, 0, 0, 0, acetic, others, 0, 0, 0, 0),
                OptionalDouble.empty(),
                0);
    }

    public static Food ph(double ph) {
        return food(new Composition(100, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0), OptionalDouble.of(ph), 0);
    }

    public static Food hot(double scovilleUnits, Trait... traits) {
        return food(new Composition(100, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0), OptionalDouble.empty(), scovilleUnits, traits);
    }

    /** Water with so much of something in it, g in 100 g. */
    public static Food of(double sugars, double salt, double acids, double fat, double solubles) {
        double water = 100 - sugars - salt - acids - fat - solubles;
        return food(
                new Composition(water, 0, sugars, solubles, salt, 0, acids, fat, 0, 0, 0), OptionalDouble.empty(), 0);
    }

    /** A powder that is starch by so much. */
    public static Food starch(double percent) {
        return food(new Composition(100 - percent, 0, 0, 0, 0, 0, 0, 0, percent, 0, 0), OptionalDouble.empty(), 0);
    }

    /** Pieces that never fall apart, so much of them pulp. */
    public static Food lasting(double pulp) {
        return food(
                new Composition(100 - pulp, 0, 0, 0, 0, 0, 0, 0, 0, pulp, 0), BodyForm.CUT, OptionalDouble.empty(), 0);
    }

    private static Food food(Composition composition, OptionalDouble ph, double scovilleUnits, Trait... traits) {
        return food(composition, BodyForm.SMOOTH, ph, scovilleUnits, traits);
    }

    private static Food food(
            Composition composition, BodyForm form, OptionalDouble ph, double scovilleUnits, Trait... traits) {
        return new Food(
                "made-up",
                "made up",
                List.of(),
                composition,
                composition.starch() > 0 ? Optional.of(StarchKind.MAIZE) : Optional.empty(),
                FatForm.FREE,
                form,
                1,
                1,
                Map.of(),
                ph,
                Set.of(),
                Set.of(traits),
                scovilleUnits,
                "test",
                Makeup.NONE);
    }
}

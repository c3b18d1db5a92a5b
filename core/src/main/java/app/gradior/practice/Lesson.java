package app.gradior.practice;

import app.gradior.practice.Scenario.Goal;
import app.gradior.vessel.PotShape;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

/** What there is to learn, each one idea, in the order in which it is easiest; the bundles say what it is and what it teaches. */
public enum Lesson {
    /** How a sauce bubbles tells how thick it is. */
    BUBBLES(Deed.Kind.TRAIL, () -> one(Kitchen.pot(Kitchen.TOMATO, Kitchen.MEDIUM), Goal.of(5.5, 60))),
    /** A finger's line across a spoon's back. */
    SPOON(Deed.Kind.BUTTER, () -> one(Kitchen.pot(Kitchen.CREAM, Kitchen.MEDIUM), Goal.of(4.5, 60))),
    /** A syrup is taken off while it looks far too thin. */
    COLD(Deed.Kind.SPLASH, () -> one(Kitchen.pot(Kitchen.SYRUP, Kitchen.SMALL), Goal.of(6, 20))),
    /** A lid keeps the water in. */
    LIDS(Deed.Kind.RING, () -> one(Kitchen.pot(Kitchen.WINE, Kitchen.MEDIUM).with(2, 2), Goal.of(2.5, 65))),
    /** The same sauce, two widths. */
    WIDTHS(
            Deed.Kind.RING,
            () -> new Scenario(
                    List.of(Kitchen.pot(Kitchen.TOMATO, Kitchen.SMALL), Kitchen.pot(Kitchen.TOMATO, Kitchen.WIDE)),
                    Goal.of(5, 60),
                    Scenario.CORNFLOUR)),
    /** Twice as much does not take twice as long, nor as long. */
    TWICE(
            Deed.Kind.RING,
            () -> new Scenario(
                    List.of(
                            Kitchen.pot(Kitchen.HALF_TOMATO, Kitchen.MEDIUM),
                            Kitchen.pot(Kitchen.TOMATO, Kitchen.MEDIUM)),
                    Goal.of(5, 60),
                    Scenario.CORNFLOUR)),
    /** Half, look, the rest if it needs it. */
    HALVES(Deed.Kind.SLURRY, () -> one(Kitchen.pot(Kitchen.STOCK, Kitchen.MEDIUM), Goal.of(4.5, 65))),
    /** Roots' starch goes thin at the boil. */
    WORN(
            Deed.Kind.SLURRY,
            () -> new Scenario(
                    List.of(Kitchen.pot(Kitchen.GRAVY, Kitchen.MEDIUM).with(2, 2)), Goal.of(4.5, 65), "potato-starch")),
    /** Sugar browns where a level falls. */
    EDGE(
            Deed.Kind.WIPE,
            () -> one(Kitchen.pot(Kitchen.STRONG_SYRUP, Kitchen.SMALL).with(8, 0), Goal.of(6.5, 20))),
    /** What is right at the start is too salt at the end. */
    SALT(Deed.Kind.SALT, () -> one(Kitchen.pot(Kitchen.SALTY_STOCK, Kitchen.MEDIUM), new Goal(4.5, 65, 1.2))),
    /** Three pots, two hands. */
    THREE(
            Deed.Kind.RING,
            () -> new Scenario(
                    List.of(
                            Kitchen.pot(Kitchen.TOMATO, Kitchen.MEDIUM),
                            Kitchen.pot(Kitchen.CREAM, Kitchen.SMALL),
                            Kitchen.pot(Kitchen.HALF_TOMATO, Kitchen.WIDE)),
                    Goal.of(5, 60),
                    Scenario.CORNFLOUR)),
    /** Too far gone, and back. */
    RESCUE(
            Deed.Kind.SPLASH,
            () -> one(Kitchen.pot(Kitchen.THICK, Kitchen.MEDIUM).with(3, 0), Goal.of(6, 60)));

    /** What stands in a kitchen where one learns. */
    private static final class Kitchen {
        static final PotShape SMALL = new PotShape(165, 160, 100);
        static final PotShape MEDIUM = new PotShape(205, 200, 115);
        static final PotShape WIDE = new PotShape(285, 255, 75);

        static final Map<String, Double> TOMATO =
                Map.of("passata", 560.0, "water", 300.0, "vinegar-cider", 50.0, "sugar", 30.0);
        static final Map<String, Double> HALF_TOMATO =
                Map.of("passata", 280.0, "water", 150.0, "vinegar-cider", 25.0, "sugar", 15.0);
        static final Map<String, Double> CREAM =
                Map.of("chicken-stock", 500.0, "cream-double", 120.0, "cornflour", 9.0);
        static final Map<String, Double> SYRUP = Map.of("sugar", 260.0, "blackcurrant", 120.0, "water", 420.0);
        static final Map<String, Double> STRONG_SYRUP =
                Map.of("sugar", 360.0, "vinegar-wine-red", 40.0, "water", 260.0);
        static final Map<String, Double> WINE = Map.of("wine-red", 220.0, "stock-bones", 320.0, "sugar", 30.0);
        static final Map<String, Double> STOCK = Map.of("beef-stock", 650.0, "cream-single", 40.0);
        static final Map<String, Double> GRAVY = Map.of("beef-stock", 650.0, "potato-starch", 17.0);
        static final Map<String, Double> SALTY_STOCK =
                Map.of("chicken-stock", 550.0, "wine-white", 70.0, "cornflour", 8.0);
        static final Map<String, Double> THICK = Map.of("tomato-paste", 260.0, "passata", 320.0, "sugar", 60.0);

        private Kitchen() {}

        static PotSetting pot(Map<String, Double> foods, PotShape shape) {
            return PotSetting.hot(foods, shape, PotSetting.USUAL_BURNER_W);
        }
    }

    private static final Set<Deed.Kind> ALWAYS = EnumSet.of(
            Deed.Kind.HEAT,
            Deed.Kind.LID,
            Deed.Kind.STIR,
            Deed.Kind.WIPE,
            Deed.Kind.SPOON,
            Deed.Kind.TRAIL,
            Deed.Kind.DRIP,
            Deed.Kind.SPLASH,
            Deed.Kind.TASTE,
            Deed.Kind.OFF);

    private final Deed.Kind own;
    private final Supplier<Scenario> scenario;

    Lesson(Deed.Kind own, Supplier<Scenario> scenario) {
        this.own = own;
        this.scenario = scenario;
    }

    private static Scenario one(PotSetting pot, Goal goal) {
        return new Scenario(List.of(pot), goal, Scenario.CORNFLOUR);
    }

    public Scenario scenario() {
        return scenario.get();
    }

    /** What can be done in it: a few things, so that the idea is not lost among them. */
    public Set<Deed.Kind> tools() {
        Set<Deed.Kind> tools = EnumSet.copyOf(ALWAYS);
        tools.add(own);
        return tools;
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The lesson with that key, if there is one. */
    public static Optional<Lesson> ofKey(String key) {
        return List.of(values()).stream()
                .filter(lesson -> lesson.key().equals(key))
                .findFirst();
    }

    /** The one after it, if it is not the last. */
    public Optional<Lesson> next() {
        return ordinal() + 1 < values().length ? Optional.of(values()[ordinal() + 1]) : Optional.empty();
    }
}

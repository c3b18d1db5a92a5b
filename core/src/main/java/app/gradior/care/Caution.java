package app.gradior.care;

import app.gradior.finding.Finding;
import app.gradior.heat.Look;
import app.gradior.larder.Food;
import app.gradior.texture.Cold;
import app.gradior.vessel.PotMaterial;
import java.util.List;

/** A matter of safety, where it applies. The bundles have two texts for each: what is wrong, and what to do. */
public sealed interface Caution extends Finding {
    /** Where all of it is told. */
    default CareTopic topic() {
        return CareTopic.of(this);
    }

    /** The pot is so full that it boils over: the share of it. */
    record Overfull(double share) implements Caution {}

    /** Acid takes metal out of this pot. */
    record Reactive(PotMaterial material) implements Caution {}

    /** Spirits catch fire. */
    record Spirits() implements Caution {}

    /** Alcohol never cooks off entirely. */
    record Alcohol() implements Caution {}

    /** The steam of chillies chokes. */
    record ChilliSteam() implements Caution {}

    /** The steam stings in the nose. */
    record StingingSteam() implements Caution {}

    /** Not for infants. */
    record Honey() implements Caution {}

    /** Raw egg curdles at the heat that makes it safe, °C. */
    record RawEgg(List<Food> foods, double safeC) implements Caution {}

    /** Raw meat or fish is cooked through, °C. */
    record Raw(List<Food> foods, double safeC) implements Caution {}

    /** Food cooked in the sauce is tried with a thermometer, °C in its middle. */
    record Through(List<Food> foods, double safeC) implements Caution {}

    /**
     * Food that would not be done.
     *
     * @param minutes that it gets
     * @param doneMin that the usual piece takes
     */
    record NotDone(Food food, double minutes, double doneMin) implements Caution {}

    /** A pan out of the oven. */
    record OvenPan() implements Caution {}

    /** Soda foams up with acid. */
    record Foams(List<Food> foods) implements Caution {}

    /** Boiling sugar burns worse than water. */
    record HotSugar() implements Caution {}

    /** Hot sauce bursts out of a blender. */
    record Blender() implements Caution {}

    /** Hot fat makes these choke. */
    record Choking(List<Food> foods) implements Caution {}

    /** Hot sauce splashes from a mill or sieve. */
    record Splashes() implements Caution {}

    /** A sauce brushed on what is raw. */
    record RawBrush() implements Caution {}

    /** Fat that is poured off hot. */
    record HotFat() implements Caution {}

    /** Yolk that gets hotter than this without starch, °C. */
    record Curdles(double overC) implements Caution {}

    /** More sugar than cold water keeps dissolved: g of sucrose in 100 g of water and sucrose. */
    record Crystals(double percent) implements Caution {}

    /**
     * The burner does not bring the open pot to that look.
     *
     * @param hasW what it brings
     * @param wantsW what the open pot takes to get there
     * @param liddedW what it takes under its lid
     * @param lidDoes whether it gets there under the lid
     */
    record WeakBurner(Look look, double hasW, double wantsW, double liddedW, boolean lidDoes) implements Caution {}

    /** The burner gets it there, but does not bring what it takes to bubble so hard, W. */
    record CalmBurner(Look look, double hasW, double wantsW) implements Caution {}

    /**
     * So thin a layer scorches before it reduces.
     *
     * @param levelMm how deep it ends
     * @param leastMm how deep it should stay at that bubbling
     */
    record Shallow(Look look, double levelMm, double leastMm) implements Caution {}

    /** What was a gel, set egg or an emulsion is not the same once it thaws. */
    record Weeping(List<Cold.Weeps> by) implements Caution {}

    /** Whole pieces that come out first. */
    record TakeOut(List<Food> foods) implements Caution {}

    /** The two limits of cooling, °C and hours. */
    record CoolQuickly(double fromC, double firstC, double firstHours, double coldC, double secondHours)
            implements Caution {}

    /** No jar is shelf-stable. */
    record JarsAreCold() implements Caution {}
}

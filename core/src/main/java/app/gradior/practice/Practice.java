package app.gradior.practice;

import app.gradior.texture.Bubbles;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Practice pots as they were left: a scenario, a seed and what was done. The same three always give the same pots, so nothing else is kept.
 * Hands do one thing at a time: what is asked while they are busy is done when they are free.
 */
public final class Practice {
    /** One frame of what is to be seen, s. */
    public static final double FRAME_S = 4;

    private final Scenario scenario;
    private final long seed;
    private final List<Deed> deeds;

    /** @param deeds in the order they were asked for */
    public Practice(Scenario scenario, long seed, List<Deed> deeds) {
        this.scenario = scenario;
        this.seed = seed;
        this.deeds = List.copyOf(deeds);
    }

    public Scenario scenario() {
        return scenario;
    }

    public List<Deed> deeds() {
        return deeds;
    }

    /** The same with one thing more done, as soon as hands are free for it. */
    public Practice with(Deed deed) {
        double free = deeds.stream()
                .mapToDouble(before -> before.atS() + before.kind().busyS())
                .max()
                .orElse(0);
        double at = Math.min(Deed.LONGEST_S, Math.max(free, deed.atS()));
        List<Deed> all = new ArrayList<>(deeds);
        all.add(new Deed(at, deed.pot(), deed.kind(), deed.value()));
        return new Practice(scenario, seed, all);
    }

    /** The same without one thing that was done. */
    Practice without(Deed deed) {
        return new Practice(
                scenario, seed, deeds.stream().filter(other -> other != deed).toList());
    }

    /** The same with that pot never taken off. */
    Practice stillOn(int pot) {
        return new Practice(
                scenario,
                seed,
                deeds.stream()
                        .filter(deed -> deed.pot() != pot || deed.kind() != Deed.Kind.OFF)
                        .toList());
    }

    /** The same as it was just after that was done. */
    Practice upTo(Deed last) {
        return new Practice(scenario, seed, deeds.subList(0, deeds.indexOf(last) + 1));
    }

    PracticePot fresh(int pot) {
        // One kitchen, one bag of tomatoes: pots beside each other differ by what is set, not by chance.
        return new PracticePot(scenario.pots().get(pot), scenario.starch(), seed);
    }

    /** A pot at a moment, and what the last thing done to it showed. */
    record At(PracticePot pot, Optional<Shown> shown) {}

    /** A pot as it is at a moment, all done that was asked by then. */
    At at(int pot, double atS) {
        PracticePot now = fresh(pot);
        Optional<Shown> shown = Optional.empty();
        for (Deed deed : deeds) {
            if (deed.pot() == pot && deed.atS() <= atS) {
                now.to(deed.atS());
                shown = Optional.of(now.apply(deed));
            }
        }
        now.to(atS);
        return new At(now, shown);
    }

    /** What the last thing that was done showed. */
    public Optional<Shown> lastShown() {
        if (deeds.isEmpty()) {
            return Optional.empty();
        }
        Deed last = deeds.get(deeds.size() - 1);
        return at(last.pot(), last.atS()).shown();
    }

    /**
     * What a sense would have to say of a pot at a moment, and the step that it had then.
     *
     * @return none for what is judged with the whole pot ({@link Said})
     */
    public OptionalDouble truth(CookEye.Sense sense, int pot, double atS) {
        PracticePot then = at(pot, atS).pot();
        return switch (sense) {
            case SPOON -> OptionalDouble.of(then.stepHot());
            case BUBBLES -> OptionalDouble.of(Bubbles.between(then.stepHot()));
            case TRAIL ->
                OptionalDouble.of(
                        then.apply(new Deed(atS, pot, Deed.Kind.TRAIL, 0)).figure());
            case DRIP ->
                OptionalDouble.of(
                        then.apply(new Deed(atS, pot, Deed.Kind.DRIP, 0)).figure());
            case NOW, COLD, MINUTES -> OptionalDouble.empty();
        };
    }

    /** The step that it would have had at the table, taken off at a moment. */
    public double stepServed(int pot, double atS) {
        return at(pot, atS).pot().stepAt(scenario.goal().servedC());
    }

    /** The step that a pot had at a moment. */
    public double stepHot(int pot, double atS) {
        return at(pot, atS).pot().stepHot();
    }

    /**
     * What is to be seen of a pot from a moment on, if nothing more is done to it.
     *
     * @param forS how far, s
     */
    public List<Sight> sights(int pot, double fromS, double forS) {
        PracticePot now = at(pot, fromS).pot();
        List<Sight> sights = new ArrayList<>();
        sights.add(now.sight());
        for (double s = FRAME_S; s <= forS && !now.isOff(); s += FRAME_S) {
            now.to(fromS + s);
            sights.add(now.sight());
        }
        return sights;
    }

    /** Whether every pot was taken off. */
    public boolean isOver() {
        long off = deeds.stream()
                .filter(deed -> deed.kind() == Deed.Kind.OFF)
                .mapToInt(Deed::pot)
                .distinct()
                .count();
        return off == scenario.pots().size();
    }
}

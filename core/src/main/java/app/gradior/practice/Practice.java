package app.gradior.practice;

import app.gradior.finding.Refusal;
import app.gradior.texture.Bubbles;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Practice pots as they were left: a scenario, a seed and what was done. The same three always give the same pots, so nothing else is kept.
 * Hands do one thing at a time: what is asked while they are busy is done when they are free.
 */
public final class Practice {
    /** One frame of what is to be seen, s. */
    public static final double FRAME_S = 4;

    /** More is no cooking. */
    private static final int MOST_DEEDS = 400;

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

    /** When hands are free again after all that was done, s. */
    public double freeAtS() {
        return deeds.stream()
                .mapToDouble(before -> before.atS() + before.kind().busyS())
                .max()
                .orElse(0);
    }

    /**
     * The same with one thing more done, as soon as hands are free for it.
     *
     * @throws Refusal when there is no such pot, it is off, or more was done than a cook can
     */
    public Practice with(Deed deed) {
        check(deed.pot());
        if (isOff(deed.pot())) {
            throw Refusal.conflict("pot", new PracticeFinding.IsOff());
        }
        if (deeds.size() >= MOST_DEEDS) {
            throw Refusal.conflict("kind", new PracticeFinding.TooMuch(MOST_DEEDS));
        }
        double at = Math.min(Deed.LONGEST_S, Math.max(freeAtS(), deed.atS()));
        List<Deed> all = new ArrayList<>(deeds);
        all.add(new Deed(at, deed.pot(), deed.kind(), deed.value()));
        return new Practice(scenario, seed, all);
    }

    /**
     * That there is such a pot.
     *
     * @throws Refusal when there is not
     */
    public void check(int pot) {
        if (pot < 0 || pot >= scenario.pots().size()) {
            throw Refusal.unfit("pot", new PracticeFinding.NoSuchPot());
        }
    }

    /** Whether a pot was taken off. */
    public boolean isOff(int pot) {
        return takenOff(pot).isPresent();
    }

    Optional<Deed> takenOff(int pot) {
        return deeds.stream()
                .filter(deed -> deed.pot() == pot && deed.kind() == Deed.Kind.OFF)
                .findFirst();
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

    /** What is done with a pot at moments that follow one another. */
    @FunctionalInterface
    interface Watching {
        void at(double atS, PracticePot pot);
    }

    /**
     * Goes through a pot's time, all done that was asked, and stops now and then.
     *
     * @param everyS from one stop to the next, s; the last is at the end
     * @return what the last thing done to it showed
     */
    Optional<Shown> follow(int pot, double untilS, double everyS, Watching watching) {
        PracticePot now = fresh(pot);
        Optional<Shown> shown = Optional.empty();
        Iterator<Deed> todo = deeds.stream().filter(deed -> deed.pot() == pot).iterator();
        @Nullable Deed next = todo.hasNext() ? todo.next() : null;
        for (double s = 0; ; s = Math.min(untilS, s + everyS)) {
            while (next != null && next.atS() <= s) {
                now.to(next.atS());
                shown = Optional.of(now.apply(next));
                next = todo.hasNext() ? todo.next() : null;
            }
            now.to(s);
            watching.at(s, now);
            if (s >= untilS) {
                return shown;
            }
        }
    }

    /** A pot as it is at a moment. */
    PracticePot at(int pot, double atS) {
        PracticePot[] last = new PracticePot[1];
        follow(pot, atS, Deed.LONGEST_S, (s, now) -> last[0] = now);
        return last[0];
    }

    /** What the last thing that was done showed. */
    public Optional<Shown> lastShown() {
        if (deeds.isEmpty()) {
            return Optional.empty();
        }
        Deed last = deeds.get(deeds.size() - 1);
        return follow(last.pot(), last.atS(), Deed.LONGEST_S, (s, pot) -> {});
    }

    /**
     * What a sense would have to say of a pot at a moment, and the step that it had then.
     *
     * @return none for what is judged with the whole pot ({@link Said})
     */
    public OptionalDouble truth(CookEye.Sense sense, int pot, double atS) {
        check(pot);
        PracticePot then = at(pot, atS);
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
        return at(pot, atS).stepAt(scenario.goal().servedC());
    }

    /** The step that a pot had at a moment. */
    public double stepHot(int pot, double atS) {
        return at(pot, atS).stepHot();
    }

    /**
     * What is to be seen of a pot from a moment on, if nothing more is done to it.
     *
     * @param forS how far, s
     */
    public List<Sight> sights(int pot, double fromS, double forS) {
        check(pot);
        PracticePot now = at(pot, fromS);
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
        return IntStream.range(0, scenario.pots().size()).allMatch(this::isOff);
    }
}

package app.gradior.rescue;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A sauce that went wrong, what is wrong with it, and what is wished of it beside.
 *
 * @param sauce as it is
 * @param complaints what is wrong
 * @param less by how much what is too much of is to be less: a share of it, 0.05 to 0.9
 * @param step wanted when served
 * @param leastMl at least so much, mL at 20 °C; 0 for whatever
 * @param mostMl at most so much; ∞ for whatever
 * @param mostMinutes that there are; ∞ without a limit
 * @param liquids foods at hand that a sauce can be stretched with
 * @param starch at hand; empty for none
 */
// Wide: what is wrong, and all that is wished.
public record Rescue(
        Sauce sauce,
        Set<Complaint> complaints,
        double less,
        double step,
        double leastMl,
        double mostMl,
        double mostMinutes,
        List<Food> liquids,
        Optional<StarchKind> starch) {
    /** A step that nobody tells from the one wished for. */
    private static final double SAME_STEP = 0.1;
    /** So much of the room of a pot may be filled. */
    private static final double FULL = 0.95;

    private static final double BOILING_C = 100;
    /** Salt that was not complained of may grow by so much, or to what nobody calls salty, g in 100 g. */
    private static final double MORE = 1.03;

    private static final double NOT_SALTY = 1.2;

    public Rescue {
        complaints = Set.copyOf(complaints);
        liquids = List.copyOf(liquids);
    }

    /** Whether anything of it is put right in grams: what is complained of is there, and can be measured. */
    public boolean measured() {
        return complaints.stream().anyMatch(this::measured);
    }

    /** Something that there is said to be too much of, and hardly any is; empty when there is none. */
    public Optional<Measure> absent() {
        return complaints.stream()
                .filter(one -> one.asksHowMuch() && !measured(one))
                .flatMap(one -> one.measure().stream())
                .findFirst();
    }

    private boolean measured(Complaint one) {
        return one.measure()
                .filter(measure -> !one.asksHowMuch() || measure.isThere(sauce.of(measure)))
                .isPresent();
    }

    /** Every wish: the complaints', the thickness, the yield, the pot's room, and no more salt, sugar or sharpness than there is. */
    public List<Aim> aims() {
        List<Aim> aims = new ArrayList<>();
        aims.add(new Aim(Measure.STEP, step - SAME_STEP, step + SAME_STEP));
        for (Measure measure : List.of(Measure.SALT, Measure.SUGAR, Measure.ACID, Measure.HEAT, Measure.FAT)) {
            double has = sauce.of(measure);
            if (complaints.stream()
                    .anyMatch(one -> measured(one) && one.measure().equals(Optional.of(measure)))) {
                aims.add(Aim.atMost(measure, (1 - less) * has));
            } else if (measure == Measure.SALT) {
                aims.add(Aim.atMost(measure, Math.max(NOT_SALTY, MORE * has)));
            }
        }
        double most = Math.min(mostMl, room());
        if (leastMl > 0 || most < Double.POSITIVE_INFINITY) {
            aims.add(new Aim(Measure.VOLUME, Math.min(leastMl, most), most));
        }
        return aims;
    }

    private double room() {
        return sauce.hob()
                .map(hob -> FULL * hob.pot().shape().capacityMl() / SpecificVolume.expansion(BOILING_C))
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** What may be done for it. */
    public List<Move> moves() {
        Set<Move> moves = new LinkedHashSet<>();
        Mixture now = sauce.mixture();
        if (complaints.contains(Complaint.TOO_FAT) && now.freeFatG() > 0) {
            moves.add(new Move.Skim(0));
        }
        moves.add(new Move.Add(Catalogue.standard().water(), 0));
        for (Food food : liquids) {
            if (helps(food)) {
                moves.add(new Move.Add(food, 0));
            }
        }
        starch.ifPresent(kind -> moves.add(new Move.Thicken(kind, 0)));
        boolean timed = mostMinutes < Double.POSITIVE_INFINITY;
        if (sauce.hob().isPresent() || !timed) {
            moves.add(new Move.Reduce(0));
        }
        if (mostMl < Double.POSITIVE_INFINITY || complaints.contains(Complaint.TOO_MUCH)) {
            moves.add(new Move.PourAway(0));
        }
        return List.copyOf(moves);
    }

    /** Whether a liquid brings none of what there is too much of. */
    private boolean helps(Food food) {
        Mixture some = Mixture.of(food, 100);
        return complaints.stream()
                .flatMap(one -> one.measure().stream())
                .filter(measure -> measure != Measure.STEP && measure != Measure.VOLUME)
                .allMatch(measure -> measure.of(some, sauce.servedC(), 1) < (1 - less) * sauce.of(measure));
    }

    /** The ways. */
    public Ways.Answer answer() {
        return measured()
                ? new Ways(sauce, aims(), mostMinutes).by(moves())
                : new Ways.Answer(List.of(), Optional.empty());
    }

    /** What is done by hand for what is complained of, each once. */
    public Set<Handling> handlings() {
        Set<Handling> all = new LinkedHashSet<>();
        complaints.stream().sorted().forEach(one -> all.addAll(one.handlings()));
        return all;
    }
}

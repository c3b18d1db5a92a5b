package app.gradior.rescue;

import app.gradior.mixture.Mixture;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * Finds the ways that meet several wishes at once. Each set of at most three moves is asked for the least amounts that meet them all
 * (Levenberg–Marquardt on what is missed, with a little weight on every change, so that what is not needed stays away); ways with a move that a
 * smaller way does without are left out, and the smallest change comes first.
 */
public final class Ways {
    private static final int MOST_MOVES = 3;
    private static final int MOST_WAYS = 4;
    private static final int MOST_STEPS = 40;
    /** Weight of a change by its usual amount, against a wish missed by what nobody notices. */
    private static final double CHANGE_WEIGHT = 0.03;
    /** Wishes missed by so much of what nobody notices are met. */
    private static final double MET = 1;
    /** Less of a move than this share of its usual amount is no move. */
    private static final double WORTH = 0.02;

    private static final double NUDGE = 1e-4;
    private static final double FIRST_DAMPING = 1e-2;
    private static final double MOST_DAMPING = 1e8;
    private static final double ENOUGH = 1e-10;
    /** What a move, and an hour at the stove, is worth as a change; arbitrary. */
    private static final double MOVE_COSTS = 0.02;

    /** A way that changes the sauce so much more than the least is not worth a word. */
    private static final double SO_MUCH_MORE = 3;

    private static final double A_LITTLE = 0.15;
    private static final double HOUR_COSTS = 0.15;
    private static final double MINUTES_PER_HOUR = 60;
    /** What is taken away is lost, what boils off is not. */
    private static final double LOST_COSTS = 2;

    private static final double BOILED_COSTS = 0.4;

    private final Sauce sauce;
    private final List<Aim> aims;
    private final double mostMinutes;

    /**
     * Wishes for a sauce.
     *
     * @param mostMinutes that there are for boiling down; ∞ without a limit
     */
    public Ways(Sauce sauce, List<Aim> aims, double mostMinutes) {
        this.sauce = sauce;
        this.aims = List.copyOf(aims);
        this.mostMinutes = mostMinutes;
    }

    /**
     * What came of it.
     *
     * @param ways that meet every wish, the smallest change first; at most four
     * @param cannot why there is none, and what comes nearest; empty when there is one, or when nothing is to be done
     */
    public record Answer(List<Way> ways, Optional<Cannot> cannot) {
        public Answer {
            ways = List.copyOf(ways);
        }
    }

    /**
     * Not all wishes can be had.
     *
     * @param missed wishes that the nearest way misses
     * @param nearest the way that comes nearest to all; empty when nothing helps
     * @param without a wish that all others can be had without, if there is one
     * @param instead ways that meet the others
     */
    public record Cannot(List<Aim> missed, Optional<Way> nearest, Optional<Aim> without, List<Way> instead) {
        public Cannot {
            missed = List.copyOf(missed);
            instead = List.copyOf(instead);
        }
    }

    /**
     * The ways.
     *
     * @param moves what may be done, in any amount
     */
    public Answer by(List<Move> moves) {
        List<Tried> tried = tried(moves, aims);
        List<Way> ways = best(tried);
        if (!ways.isEmpty() || tried.isEmpty()) {
            return new Answer(ways, Optional.empty());
        }
        Tried nearest =
                tried.stream().min(Comparator.comparingDouble(Tried::missed)).orElseThrow();
        List<Aim> missed = aims.stream()
                .filter(aim -> Math.abs(aim.missedBy(sauce.of(aim.measure(), nearest.after))) > MET)
                .toList();
        Optional<Aim> without = Optional.empty();
        List<Way> instead = List.of();
        for (Aim aim : aims) {
            List<Way> others =
                    best(tried(moves, aims.stream().filter(one -> one != aim).toList()));
            if (!others.isEmpty() && (instead.isEmpty() || missed.contains(aim))) {
                without = Optional.of(aim);
                instead = others;
                if (missed.contains(aim)) {
                    break;
                }
            }
        }
        return new Answer(List.of(), Optional.of(new Cannot(missed, Optional.of(way(nearest)), without, instead)));
    }

    /** A set of moves with the amounts found. */
    private record Tried(List<Move> moves, Mixture after, double missed) {}

    private List<Tried> tried(List<Move> moves, List<Aim> wishes) {
        List<Tried> tried = new ArrayList<>();
        for (List<Move> set : sets(moves)) {
            tried.add(solve(set, wishes));
        }
        return tried;
    }

    /** All sets of one, two and three. */
    private static List<List<Move>> sets(List<Move> moves) {
        List<List<Move>> sets = new ArrayList<>();
        sets.add(List.of());
        for (Move move : moves) {
            for (List<Move> smaller : List.copyOf(sets)) {
                if (smaller.size() < MOST_MOVES) {
                    List<Move> set = new ArrayList<>(smaller);
                    set.add(move);
                    set.sort(Comparator.comparingInt(Move::order));
                    sets.add(set);
                }
            }
        }
        sets.remove(0);
        return sets;
    }

    private List<Way> best(List<Tried> tried) {
        List<Tried> met = tried.stream()
                .filter(one -> one.missed <= MET && !one.moves.isEmpty())
                .sorted(Comparator.comparingInt(one -> one.moves.size()))
                .toList();
        List<Way> ways = new ArrayList<>();
        List<Set<Move>> taken = new ArrayList<>();
        for (Tried one : met) {
            Set<Move> kinds = new HashSet<>();
            one.moves.forEach(move -> kinds.add(move.of(0)));
            if (taken.stream().noneMatch(kinds::containsAll)) {
                taken.add(kinds);
                Way way = way(one);
                if (!(way.minutes() > mostMinutes)) {
                    ways.add(way);
                }
            }
        }
        double least = ways.stream().mapToDouble(Way::change).min().orElse(0);
        return ways.stream()
                .filter(way -> way.change() <= SO_MUCH_MORE * least + A_LITTLE)
                .sorted(Comparator.comparingDouble(Way::change))
                .limit(MOST_WAYS)
                .toList();
    }

    private Way way(Tried tried) {
        double change = 0;
        double minutes = 0;
        Mixture now = sauce.mixture();
        double massG = now.massG();
        for (Move move : tried.moves) {
            if (move instanceof Move.Reduce) {
                minutes = sauce.minutes(now, move.amount());
                change += BOILED_COSTS * move.amount() / massG;
            } else if (move instanceof Move.PourAway) {
                change += LOST_COSTS * move.amount();
            } else {
                change += move.amount() / massG;
            }
            now = move.on(now);
        }
        change +=
                MOVE_COSTS * tried.moves.size() + (Double.isNaN(minutes) ? 0 : HOUR_COSTS * minutes / MINUTES_PER_HOUR);
        return new Way(tried.moves, now, Way.measured(sauce, now), minutes, change);
    }

    // --- the amounts
    // --------------------------------------------------------------------------------------------------

    private double most(Move move) {
        double most = move.most(sauce.mixture());
        return move instanceof Move.Reduce ? Math.min(most, sauce.mostGoneG(mostMinutes)) : most;
    }

    private Mixture after(List<Move> moves, double[] amounts) {
        Mixture now = sauce.mixture();
        for (int i = 0; i < amounts.length; i++) {
            now = moves.get(i).of(amounts[i]).on(now);
        }
        return now;
    }

    private Tried solve(List<Move> moves, List<Aim> wishes) {
        int n = moves.size();
        double[] usual = new double[n];
        double[] most = new double[n];
        double[] x = new double[n];
        for (int i = 0; i < n; i++) {
            usual[i] = Math.max(NUDGE, moves.get(i).usual(sauce.mixture()));
            most[i] = most(moves.get(i));
            x[i] = Math.min(most[i], usual[i] / 2);
        }
        double damping = FIRST_DAMPING;
        double[] r = residuals(moves, wishes, x, usual);
        double f = squares(r);
        for (int step = 0; step < MOST_STEPS && damping < MOST_DAMPING; step++) {
            double[] moved = stepped(moves, wishes, x, r, usual, damping);
            for (int i = 0; i < n; i++) {
                moved[i] = Math.max(0, Math.min(most[i], moved[i]));
            }
            double[] there = residuals(moves, wishes, moved, usual);
            double better = squares(there);
            if (better < f) {
                boolean enough = f - better < ENOUGH * f;
                x = moved;
                r = there;
                f = better;
                damping /= 5;
                if (enough) {
                    break;
                }
            } else {
                damping *= 5;
            }
        }
        return told(moves, wishes, x, usual);
    }

    /** The moves that are worth making, and by how much they miss the wishes. */
    private Tried told(List<Move> moves, List<Aim> wishes, double[] x, double[] usual) {
        List<Move> made = new ArrayList<>();
        for (int i = 0; i < x.length; i++) {
            if (x[i] > WORTH * usual[i]) {
                made.add(moves.get(i).of(x[i]));
            }
        }
        double[] amounts = made.stream().mapToDouble(Move::amount).toArray();
        Mixture after = after(made, amounts);
        double missed = 0;
        for (Aim aim : wishes) {
            double by = Math.abs(aim.missedBy(sauce.of(aim.measure(), after)));
            missed = Double.isNaN(by) ? Double.POSITIVE_INFINITY : Math.max(missed, by);
        }
        return new Tried(made, after, missed);
    }

    private double[] residuals(List<Move> moves, List<Aim> wishes, double[] x, double[] usual) {
        Mixture after = after(moves, x);
        double[] r = new double[wishes.size() + x.length];
        for (int k = 0; k < wishes.size(); k++) {
            Aim aim = wishes.get(k);
            double by = aim.missedBy(sauce.of(aim.measure(), after));
            r[k] = Double.isNaN(by) ? 1 / NUDGE : by;
        }
        for (int i = 0; i < x.length; i++) {
            r[wishes.size() + i] = CHANGE_WEIGHT * x[i] / usual[i];
        }
        return r;
    }

    private static double squares(double[] r) {
        double sum = 0;
        for (double one : r) {
            sum += one * one;
        }
        return sum;
    }

    // Wide: where it is, what is missed there, and how far to go.
    private double[] stepped(
            List<Move> moves, List<Aim> wishes, double[] x, double[] r, double[] usual, double damping) {
        int n = x.length;
        double[][] jacobian = new double[r.length][n];
        for (int i = 0; i < n; i++) {
            double h = NUDGE * usual[i];
            double[] nudged = x.clone();
            nudged[i] += h;
            double[] there = residuals(moves, wishes, nudged, usual);
            for (int k = 0; k < r.length; k++) {
                jacobian[k][i] = (there[k] - r[k]) / h;
            }
        }
        RealMatrix j = new Array2DRowRealMatrix(jacobian, false);
        RealMatrix normal = j.transpose().multiply(j);
        RealVector slope = j.transpose().operate(new ArrayRealVector(r, false));
        for (int i = 0; i < n; i++) {
            normal.addToEntry(i, i, damping * (normal.getEntry(i, i) + 1 / (usual[i] * usual[i])));
        }
        RealVector by = new CholeskyDecomposition(normal, 1e-9 * normal.getNorm1(), 0)
                .getSolver()
                .solve(slope);
        double[] to = new double[n];
        for (int i = 0; i < n; i++) {
            to[i] = x[i] - by.getEntry(i);
        }
        return to;
    }
}

package app.gradior.course;

import app.gradior.mixture.Lifting;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Piece;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.Work;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** Which pieces are in a pot, for how long, and what stands beside it to go back. Not thread-safe. */
public final class PiecesInPot {
    /** The place under which a share of the whole pot stands beside it. */
    private static final int WHOLE = -1;
    /** Less of a line than this is gone. */
    private static final double LEAST = 1e-6;

    /**
     * Pieces in the pot.
     *
     * @param since minutes of cooking when they went in
     * @param wet share of their liquid that they did not lose in the pan
     */
    private record In(Piece piece, double since, double wet) {
        private In times(double share) {
            return new In(piece.with(m -> m.times(share)), since, wet);
        }

        /** The same when so many minutes of cooking passed without them. */
        private In later(double minutes) {
            return new In(piece, since + minutes, wet);
        }

        /** With more of the same line, each counting by its weight. */
        private In plus(In other) {
            double massG = piece.mixture().massG();
            double allG = massG + other.piece.mixture().massG();
            double part = allG > 0 ? massG / allG : 1;
            return new In(
                    piece.with(m -> m.plus(other.piece.mixture())),
                    part * since + (1 - part) * other.since,
                    part * wet + (1 - part) * other.wet);
        }
    }

    /**
     * What stands beside the pot.
     *
     * @param mixture as it is
     * @param in the pieces that are in it, as they went in once, by their lines
     * @param out minutes of cooking when it was lifted
     */
    private record Aside(Mixture mixture, Map<Integer, In> in, double out) {
        /** Its pieces as if they had been lifted then. */
        private Map<Integer, In> inAt(double minutes) {
            Map<Integer, In> then = new TreeMap<>(in);
            then.replaceAll((line, one) -> one.later(minutes - out));
            return then;
        }

        private Aside plus(Aside later) {
            Map<Integer, In> together = inAt(later.out);
            later.in.forEach((line, one) -> together.merge(line, one, In::plus));
            return new Aside(mixture.plus(later.mixture), together, later.out);
        }
    }

    private FoodInPot food = new FoodInPot();
    private final Map<Integer, In> in = new TreeMap<>();
    private final Map<Integer, Aside> aside = new TreeMap<>();
    /** Minutes of cooking so far, as minutes at a simmer. */
    private double cookedMin;

    PiecesInPot copy() {
        PiecesInPot copy = new PiecesInPot();
        copy.in.putAll(in);
        copy.aside.putAll(aside);
        copy.cookedMin = cookedMin;
        copy.food = food.copy();
        return copy;
    }

    /** Food that cooks in the sauce and is no part of it. */
    FoodInPot food() {
        return food;
    }

    /** The same with these in it too, that go in with a stage of that kind. */
    public PiecesInPot with(StageKind kind, Map<Integer, Piece> pieces) {
        PiecesInPot more = copy();
        more.putIn(kind, pieces);
        return more;
    }

    /** What goes in with a stage of that kind. */
    void putIn(StageKind kind, Map<Integer, Piece> pieces) {
        if (kind == StageKind.COOK_IN) {
            food.putIn(pieces);
        } else {
            putIn(pieces);
        }
    }

    void cooked(double minutesAtSimmer) {
        cookedMin += minutesAtSimmer;
    }

    /** In the pan they lose liquid with everything else: only so much of it is left. */
    void dried(double share) {
        in.replaceAll((line, one) -> new In(one.piece, one.since, one.wet * share));
    }

    private void putIn(Map<Integer, Piece> pieces) {
        pieces.forEach((line, piece) -> in.put(line, new In(piece, cookedMin, 1)));
    }

    /** So much of the pot, pieces and all, was taken away. */
    void taken(double share) {
        in.replaceAll((line, one) -> one.times(1 - share));
    }

    /** Nothing is in pieces any more. */
    void brokenUp() {
        in.clear();
    }

    /** What is left in the pot, and what is lifted out and stands beside it. */
    Mixture.Parted takeOut(Mixture pot, Work.TakeOut work, double viscosityPaS) {
        if (work.pieces().isEmpty()) {
            Mixture out = pot.times(work.share());
            Map<Integer, In> lifted = new TreeMap<>(in);
            lifted.replaceAll((line, one) -> one.times(work.share()));
            aside.merge(WHOLE, new Aside(out, lifted, cookedMin), Aside::plus);
            taken(work.share());
            food.takeOut(pot, work, viscosityPaS);
            return new Mixture.Parted(pot.times(1 - work.share()), out);
        }
        Mixture.Parted clings = food.takeOut(pot, work, viscosityPaS);
        Mixture kept = clings.kept();
        Mixture all = clings.leftBehind();
        for (int line : new TreeSet<>(work.pieces())) {
            In one = in.get(line);
            if (one != null) {
                In lifted = one.times(work.share());
                Mixture.Parted parted = Lifting.of(kept, asTheyAre(lifted), viscosityPaS);
                kept = parted.kept();
                all = all.plus(parted.leftBehind());
                aside.merge(line, new Aside(parted.leftBehind(), Map.of(line, lifted), cookedMin), Aside::plus);
                leave(line, one.times(1 - work.share()));
            }
        }
        return new Mixture.Parted(kept, all);
    }

    private void leave(int line, In left) {
        if (left.piece.mixture().massG() > LEAST) {
            in.put(line, left);
        } else {
            in.remove(line);
        }
    }

    private Lifting.Pieces asTheyAre(In one) {
        double minutes = cookedMin - one.since;
        return new Lifting.Pieces(
                one.piece.mixture().cookedFor(minutes), one.wet, one.piece.fatInG(minutes), one.piece.meat());
    }

    /** What goes back in. */
    Mixture putBack(Work.PutBack work) {
        Set<Integer> lines = new TreeSet<>(work.pieces().isEmpty() ? aside.keySet() : work.pieces());
        food.putBack(work);
        Mixture back = Mixture.EMPTY;
        for (int line : lines) {
            Aside one = aside.remove(line);
            if (one != null) {
                back = back.plus(one.mixture);
                one.inAt(cookedMin).forEach((of, pieces) -> in.merge(of, pieces, In::plus));
            }
        }
        return back;
    }

    /** Fat in the pan that has come out of everything, g. */
    double renderedG(Mixture pot) {
        double stillIn = 0;
        for (In one : in.values()) {
            stillIn += one.piece.fatInG(cookedMin - one.since);
        }
        return Math.max(0, pot.freeFatG() - stillIn);
    }

    /** What is left in the pan, and the fat that is poured off. */
    Mixture.Parted pour(Mixture pot, Work.PourFat work) {
        return Lifting.fat(pot, work.pouredG(renderedG(pot)));
    }
}

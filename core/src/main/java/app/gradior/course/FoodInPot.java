package app.gradior.course;

import app.gradior.larder.CookingIn;
import app.gradior.mixture.Lifting;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Piece;
import app.gradior.sauce.Work;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** Food that cooks in the sauce and is no part of it: what it gives and takes as it cooks. Not thread-safe. */
final class FoodInPot {
    /** Less of a food than this is gone. */
    private static final double LEAST_G = 1e-6;

    /**
     * One food.
     *
     * @param piece as it went in
     * @param now as it is
     * @param minutes it has cooked, as at a simmer
     */
    private record One(Piece piece, Mixture now, double minutes) {
        CookingIn cooking() {
            return piece.cooking().orElseThrow();
        }

        One times(double factor) {
            return new One(piece.with(m -> m.times(factor)), now.times(factor), minutes);
        }

        One with(Mixture other) {
            return new One(piece, other, minutes);
        }

        One together(One other) {
            return new One(
                    piece.with(m -> m.plus(other.piece.mixture())),
                    now.plus(other.now),
                    Math.min(minutes, other.minutes));
        }
    }

    private final Map<Integer, One> in = new TreeMap<>();
    private final Map<Integer, One> aside = new TreeMap<>();
    private double givenG;

    FoodInPot copy() {
        FoodInPot copy = new FoodInPot();
        copy.in.putAll(in);
        copy.aside.putAll(aside);
        copy.givenG = givenG;
        return copy;
    }

    void putIn(Map<Integer, Piece> foods) {
        foods.forEach((line, piece) -> in.put(line, new One(piece, piece.mixture(), 0)));
    }

    boolean isEmpty() {
        return in.isEmpty();
    }

    /** A stage begins, and with it what it gives. */
    void begin() {
        givenG = 0;
    }

    /** What it gave the sauce since the stage began, less what it took, g. */
    double givenG() {
        return givenG;
    }

    /** The sauce with all of it: what has to get hot. */
    Mixture with(Mixture sauce) {
        return in.isEmpty() ? sauce : sauce.plus(all());
    }

    /** How much it lifts the level, mL at 20 °C. */
    double volumeMl20c() {
        return in.isEmpty() ? 0 : all().volumeMl20c();
    }

    /** All of it that is in the pot. */
    Mixture all() {
        Mixture all = Mixture.EMPTY;
        for (One one : in.values()) {
            all = all.plus(one.now);
        }
        return all;
    }

    /** What is left of a sauce in which it cooks on for so many minutes, as at a simmer, with what it gave and without what it took. */
    Mixture cook(Mixture sauce, double minutesAtSimmer) {
        Mixture left = sauce;
        for (Map.Entry<Integer, One> entry : in.entrySet()) {
            One one = entry.getValue();
            One after = new One(one.piece, one.now, one.minutes + minutesAtSimmer);
            double passed = one.cooking().share(after.minutes) - one.cooking().share(one.minutes);
            double massG = one.piece.mixture().massG();
            Mixture.Parted given = one.now.without(new Mixture.Shares(
                    part(one.cooking().gives() * massG * passed, one.now.serumG()),
                    0,
                    one.piece.rendering().isSlow()
                            ? part(one.piece.fatInG(one.minutes) - one.piece.fatInG(after.minutes), one.now.freeFatG())
                            : 0,
                    0,
                    0,
                    0,
                    0));
            Mixture.Parted taken = left.plus(given.leftBehind())
                    .without(new Mixture.Shares(
                            part(one.cooking().takes() * massG * passed, left.serumG()), 0, 0, 0, 0, 0, 0));
            left = taken.kept();
            entry.setValue(after.with(given.kept().plus(taken.leftBehind())));
        }
        givenG += left.massG() - sauce.massG();
        return left;
    }

    private static double part(double ofG, double inG) {
        return inG > 0 ? Math.max(0, Math.min(1, ofG / inG)) : 0;
    }

    /** What is left of a sauce from which some of it is lifted, and the film that clings to that. */
    Mixture.Parted takeOut(Mixture sauce, Work.TakeOut work, double viscosityPaS) {
        Set<Integer> lines = new TreeSet<>(work.pieces().isEmpty() ? in.keySet() : work.pieces());
        Mixture kept = sauce;
        Mixture films = Mixture.EMPTY;
        for (int line : lines) {
            One one = in.remove(line);
            if (one != null) {
                One out = one.times(work.share());
                // Of the whole pot that much sauce goes with it already.
                if (!work.pieces().isEmpty()) {
                    Mixture.Parted film = Lifting.film(kept, out.now.massG(), viscosityPaS);
                    kept = film.kept();
                    films = films.plus(film.leftBehind());
                    out = out.with(out.now.plus(film.leftBehind()));
                }
                aside.merge(line, out, One::together);
                One stays = one.times(1 - work.share());
                if (stays.now.massG() > LEAST_G) {
                    in.put(line, stays);
                }
            }
        }
        return new Mixture.Parted(kept, films);
    }

    /** Puts what was lifted in again, with what clings to it. */
    void putBack(Work.PutBack work) {
        for (int line : new TreeSet<>(work.pieces().isEmpty() ? aside.keySet() : work.pieces())) {
            One one = aside.remove(line);
            if (one != null) {
                in.merge(line, one, One::together);
            }
        }
    }

    /** Nothing is in pieces any more: all of it is sauce now. */
    Mixture brokenUp() {
        Mixture all = all();
        in.clear();
        givenG += all.massG();
        return all;
    }
}

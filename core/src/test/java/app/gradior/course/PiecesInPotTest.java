package app.gradior.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Piece;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.Work;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Pieces that were lifted in parts, at different times, are together as pieces that cooked for their mean time. */
class PiecesInPotTest {
    private static final int FRUIT = 3;
    private static final Piece APRICOTS = Piece.of(Sauces.food("apricot"), 400);
    private static final Mixture POT = Sauces.of("water", 600).plus(APRICOTS.mixture());
    private static final double PAS = 0.02;

    private static PiecesInPot cooked(double minutes, double wet) {
        PiecesInPot pieces = new PiecesInPot();
        pieces.putIn(StageKind.SIMMER, Map.of(FRUIT, APRICOTS));
        pieces.cooked(minutes);
        pieces.dried(wet);
        return pieces;
    }

    private static Mixture lifted(PiecesInPot pieces, double share) {
        return pieces.takeOut(POT, new Work.TakeOut(Set.of(FRUIT), share), PAS).leftBehind();
    }

    private static Mixture ladled(PiecesInPot pieces, double share) {
        return pieces.takeOut(POT, new Work.TakeOut(Set.of(), share), PAS).leftBehind();
    }

    private static void same(Mixture one, Mixture other) {
        assertThat(one.massG()).isCloseTo(other.massG(), within(1e-9));
        assertThat(one.serumG()).isCloseTo(other.serumG(), within(1e-9));
        assertThat(one.body().boundG()).isCloseTo(other.body().boundG(), within(1e-9));
    }

    @Test
    void aQuarterBesideThePotForTwentyMinutes() {
        PiecesInPot pieces = cooked(0, 1);
        Mixture quarter = lifted(pieces, 0.25);
        pieces.cooked(20);
        same(pieces.putBack(new Work.PutBack(Set.of(FRUIT))), quarter);
        same(lifted(pieces, 1), lifted(cooked(15, 1), 1));
        assertThat(pieces.putBack(new Work.PutBack(Set.of(FRUIT))).massG()).isPositive();
        assertThat(pieces.putBack(new Work.PutBack(Set.of())).massG())
                .as("once")
                .isZero();
    }

    @Test
    void liftedTwiceAndPutBackLater() {
        PiecesInPot pieces = cooked(0, 1);
        lifted(pieces, 0.25);
        pieces.cooked(20);
        lifted(pieces, 1 / 3.0);
        pieces.cooked(10);
        pieces.putBack(new Work.PutBack(Set.of()));
        same(lifted(pieces, 1), lifted(cooked(20, 1), 1));
    }

    @Test
    void sharesOfTheWholePotLikewise() {
        PiecesInPot pieces = cooked(0, 1);
        Mixture first = ladled(pieces, 0.25);
        pieces.cooked(20);
        Mixture second = ladled(pieces, 1 / 3.0);
        pieces.cooked(10);
        same(pieces.putBack(new Work.PutBack(Set.of())), first.plus(second));
        same(lifted(pieces, 1), lifted(cooked(20, 1), 1));
    }

    /** What was beside the pan did not dry in it. */
    @Test
    void whatDriedIsAsWetAsItsPartsAre() {
        PiecesInPot pieces = cooked(0, 1);
        lifted(pieces, 0.25);
        pieces.dried(0.5);
        pieces.putBack(new Work.PutBack(Set.of()));
        same(lifted(pieces, 1), lifted(cooked(0, 0.625), 1));
        assertThat(lifted(cooked(0, 0.5), 1).serumG())
                .isLessThan(0.7 * lifted(cooked(0, 1), 1).serumG());
        PiecesInPot gone = cooked(0, 1);
        gone.taken(0.25);
        assertThat(lifted(gone, 1).massG() / lifted(cooked(0, 1), 1).massG()).isBetween(0.7, 0.8);
        PiecesInPot sieved = cooked(0, 1);
        sieved.brokenUp();
        assertThat(lifted(sieved, 1).massG()).isZero();
    }

    @Test
    void nothingAndNothingIsNothing() {
        PiecesInPot pieces = cooked(5, 1);
        pieces.taken(1);
        ladled(pieces, 0.5);
        pieces.putBack(new Work.PutBack(Set.of()));
        assertThat(lifted(pieces, 1).massG()).isLessThan(1);
        assertThat(pieces.renderedG(POT)).isEqualTo(POT.freeFatG());
    }

    @Test
    void aCopyGoesItsOwnWay() {
        PiecesInPot pieces = cooked(5, 1);
        Mixture half = lifted(pieces, 0.5);
        PiecesInPot copy = pieces.copy();
        pieces.cooked(30);
        pieces.putBack(new Work.PutBack(Set.of()));
        lifted(pieces, 1);
        copy.cooked(7);
        same(copy.putBack(new Work.PutBack(Set.of())), half);
        same(lifted(copy, 1), lifted(cooked(5 + 7 / 2.0, 1), 1));
        PiecesInPot empty = new PiecesInPot();
        empty.cooked(4);
        PiecesInPot more = empty.with(StageKind.SIMMER, Map.of(FRUIT, APRICOTS));
        more.cooked(6);
        same(lifted(more, 1), lifted(cooked(6, 1), 1));
        assertThat(lifted(empty, 1).massG()).isZero();
    }

    @Test
    void renderedIsWhatIsNotInPiecesAnyMore() {
        Piece bacon = Piece.of(Sauces.food("bacon"), 200);
        Mixture pan = bacon.mixture().plus(Sauces.of("olive-oil", 10));
        PiecesInPot pieces = new PiecesInPot();
        pieces.cooked(3);
        pieces.putIn(StageKind.RENDER, Map.of(0, bacon));
        assertThat(pieces.renderedG(pan)).isCloseTo(10, within(0.1));
        pieces.cooked(8);
        double out = bacon.mixture().freeFatG() - bacon.fatInG(8);
        assertThat(pieces.renderedG(pan))
                .isCloseTo(out + pan.freeFatG() - bacon.mixture().freeFatG(), within(1e-9));
        assertThat(pieces.renderedG(Sauces.of("water", 100))).isZero();
        Mixture.Parted poured = pieces.pour(pan, new Work.PourFat(5, Double.NaN));
        assertThat(poured.leftBehind().massG()).isCloseTo(pieces.renderedG(pan) - 5, within(1e-9));
    }
}

package app.gradior.measure;

import app.gradior.measure.Words.Token;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** A place among the words of a line, which moves on as they are read. Places ahead count from it, and may be past the end. */
final class Cursor {
    private final List<Token> tokens;
    private int at;

    Cursor(List<Token> tokens) {
        this.tokens = tokens;
    }

    int at() {
        return at;
    }

    /** Puts it where it was, or anywhere else. */
    void to(int place) {
        at = place;
    }

    void on(int words) {
        at += words;
    }

    boolean isOver() {
        return isOver(0);
    }

    boolean isOver(int ahead) {
        return at + ahead >= tokens.size();
    }

    Token token(int ahead) {
        return tokens.get(at + ahead);
    }

    boolean is(String word) {
        return is(0, word);
    }

    boolean is(int ahead, String word) {
        return !isOver(ahead) && token(ahead).is(word);
    }

    boolean isAny(int ahead, String... words) {
        return !isOver(ahead) && Arrays.asList(words).contains(token(ahead).text());
    }

    /** Moves past a word that is any of these. */
    boolean skip(String... words) {
        boolean any = isAny(0, words);
        on(any ? 1 : 0);
        return any;
    }

    boolean isTimes(int ahead) {
        return ahead >= 0 && !isOver(ahead) && Words.isTimes(token(ahead));
    }

    /** Moves past "x" or "×". */
    boolean skipTimes() {
        boolean times = isTimes(0);
        on(times ? 1 : 0);
        return times;
    }

    /** The unit that the word names, if it does. */
    Optional<Unit> unit(int ahead) {
        return isOver(ahead) ? Optional.empty() : Unit.named(token(ahead).text());
    }

    /** Whether it stands there in figures. */
    boolean isNumber(int ahead) {
        return !isOver(ahead) && token(ahead).isNumber();
    }

    /** The number that stands there, in figures or a word. */
    OptionalDouble number(int ahead) {
        return isOver(ahead) ? OptionalDouble.empty() : Words.numberWord(token(ahead));
    }
}

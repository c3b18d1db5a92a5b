package app.gradior.measure;

import app.gradior.measure.Words.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A measure in brackets: "(about 300 g)", "1 (15 oz) can", "(75 cl)".
 *
 * @param measured what it says, if it says an exact measure
 * @param from where it stood, in tokens
 * @param words what else stood in it
 */
record Bracket(Optional<Amount.Measured> measured, int from, List<Token> words) {
    private static final Bracket NONE = new Bracket(Optional.empty(), -1, List.of());

    Bracket {
        words = List.copyOf(words);
    }

    /** Takes every bracket out of the line; the first measure in any of them is kept. */
    static Bracket cutFrom(List<Token> tokens) {
        Bracket found = NONE;
        int open = indexOf(tokens, "(", 0);
        while (open >= 0) {
            int close = indexOf(tokens, ")", open);
            int end = close < 0 ? tokens.size() : close + 1;
            Bracket here = read(tokens.subList(open, end), open);
            if (found.measured().isEmpty()) {
                found = found.from() < 0 || here.measured().isPresent() ? here : found;
            }
            tokens.subList(open, end).clear();
            open = indexOf(tokens, "(", open);
        }
        return found;
    }

    private static Bracket read(List<Token> inside, int from) {
        for (int i = 0; i + 1 < inside.size(); i++) {
            int unitAt = inside.get(i + 1).is("-") && i + 2 < inside.size() ? i + 2 : i + 1;
            Optional<Unit> unit = Unit.named(inside.get(unitAt).text());
            if (inside.get(unitAt).is("fl")) {
                unit = Optional.of(Unit.FLUID_OUNCE);
            }
            if (inside.get(i).isNumber() && unit.isPresent() && unit.get().isExact()) {
                double count = inside.get(i).number().getAsDouble();
                return new Bracket(Optional.of(new Amount.Measured(count, unit.get())), from, inside);
            }
        }
        return new Bracket(Optional.empty(), from, new ArrayList<>(inside));
    }

    private static int indexOf(List<Token> tokens, String mark, int from) {
        for (int i = from; i < tokens.size(); i++) {
            if (tokens.get(i).is(mark)) {
                return i;
            }
        }
        return -1;
    }

    boolean saysEach() {
        return words.stream().anyMatch(token -> token.is("each"));
    }

    /** Whether it says the size of one: "1 (15 oz) can", "2 tins (400 g each)", "2 tins (400 g)". */
    boolean isOfOne(Amount amount) {
        boolean container =
                amount.unit().filter(u -> u.kind() == Unit.Kind.CONTAINER).isPresent();
        boolean each = saysEach();
        boolean total = words.stream().anyMatch(token -> token.is("total"));
        return !total && (each || container || amount.count().isPresent() && from <= 1);
    }
}

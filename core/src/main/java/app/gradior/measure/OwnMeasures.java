package app.gradior.measure;

import app.gradior.measure.Words.Token;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/** A kitchen's own measures: "my ladle is 90 mL". Puts millilitres in their place before a line is read. */
final class OwnMeasures {
    private final Map<String, Double> ml;

    OwnMeasures(Map<String, Double> ml) {
        this.ml = new HashMap<>();
        ml.forEach((word, each) -> this.ml.put(Words.singular(word), each));
    }

    void translate(List<Token> tokens) {
        if (ml.isEmpty()) {
            return;
        }
        for (int i = 0; i < tokens.size(); i++) {
            Double each = ml.get(tokens.get(i).text());
            if (each != null) {
                OptionalDouble count = i > 0 ? Words.numberWord(tokens.get(i - 1)) : OptionalDouble.empty();
                Token amount = number(each * count.orElse(1));
                tokens.set(i, new Token("ml", OptionalDouble.empty()));
                if (count.isPresent()) {
                    tokens.set(i - 1, amount);
                } else {
                    tokens.add(i, amount);
                    i++;
                }
            }
        }
    }

    private static Token number(double value) {
        return new Token(Numbers.plain(value, 2), OptionalDouble.of(value));
    }
}

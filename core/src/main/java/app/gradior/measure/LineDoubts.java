package app.gradior.measure;

import app.gradior.larder.Food;
import app.gradior.measure.Words.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What of a line may mean something else than the food and the amount that were read of it.
 *
 * @param bracket that stood in it
 * @param match the food
 * @param amount of it
 */
record LineDoubts(FoodIndex index, List<Token> tokens, Bracket bracket, FoodIndex.Match match, Amount amount) {
    private static final int SECOND_FOOD_WITHIN = 4;

    /** Another food that goes in with it. */
    Optional<Food> and() {
        return beside("and", "&").or(this::another);
    }

    /** Another food that would do as well. */
    Optional<Food> or() {
        return match.or().or(() -> beside("or", "/")).or(this::inBracket);
    }

    /** "Sugar (or honey)". */
    private Optional<Food> inBracket() {
        List<Token> words = bracket.words();
        return words.size() > 2 && words.get(1).is("or")
                ? index.find(words, 2, words.size())
                        .map(FoodIndex.Match::food)
                        .filter(other -> !other.id().equals(match.food().id()))
                : Optional.empty();
    }

    /** Words that make another food of it, where none is known that they make: "dried", "smoked"; and numbers that are no part of the amount. */
    List<String> changing() {
        List<String> changing = new ArrayList<>();
        int end = Words.endOfPhrase(tokens, Math.max(match.to(), amount.end()));
        for (int i = amount.end(); i < end; i++) {
            String word = tokens.get(i).text();
            String next = i + 1 < tokens.size() ? tokens.get(i + 1).text() : "";
            boolean without =
                    Words.isLess(word) && Words.isLeftOut(next) || Words.isLeftOut(word) && next.equals("free");
            boolean inName = i >= match.from() && i < match.to();
            boolean known = match.food().measure(word).isPresent()
                    || match.food().name().contains(word);
            if (!inName && !known && (without || Words.isChanging(word))) {
                changing.add(word);
            }
        }
        changing.addAll(numbersBetween());
        changing.addAll(timesBehind());
        return changing;
    }

    /** Numbers between an amount and its food that are no part of it: "2 x 400 plums", "2 to 25 plums", "1 litre 2 cups water". */
    private List<String> numbersBetween() {
        List<String> numbers = new ArrayList<>();
        int end = Math.min(match.from(), Words.endOfPhrase(tokens, amount.end()));
        for (int i = amount.end(); i < end; i++) {
            String next = i + 1 < end ? tokens.get(i + 1).text() : "";
            // "Heat 1 tbsp oil": the amount itself, behind other words.
            boolean theAmount = amount.unit().isPresent()
                    && Unit.named(next).equals(amount.unit())
                    && tokens.get(i).number().equals(amount.count());
            if (tokens.get(i).number().orElse(0) > 0 && !theAmount && !Words.isOfAFood(next)) {
                numbers.add(tokens.get(i).text());
            }
        }
        return numbers;
    }

    /** What is said behind a food of how often its amount is meant: "20 g butter x 2", "5 g salt per litre". */
    private List<String> timesBehind() {
        boolean ahead = tokens.subList(0, Math.min(amount.end(), match.from())).stream()
                .anyMatch(token -> Words.numberWord(token).isPresent());
        List<String> times = new ArrayList<>();
        for (int i = match.to(); ahead && i + 1 < tokens.size(); i++) {
            Token next = tokens.get(i + 1);
            boolean per = tokens.get(i).is("per") && !tokens.get(i - 1).is("as");
            if (Words.isTimes(tokens.get(i)) && next.isNumber() || per && !next.is("cent")) {
                times.add(tokens.get(i).text() + " " + next.text());
            }
        }
        return times;
    }

    /** Another food joined to the one found, before the next comma: "salt and pepper", "butter or lard". */
    private Optional<Food> beside(String... joints) {
        int end = Math.min(tokens.size(), match.to() + SECOND_FOOD_WITHIN);
        for (int i = match.to(); i < end && !tokens.get(i).is(","); i++) {
            for (String joint : joints) {
                if (tokens.get(i).is(joint)) {
                    int until = Math.min(tokens.size(), i + 1 + SECOND_FOOD_WITHIN);
                    return index.find(tokens, i + 1, until)
                            .map(FoodIndex.Match::food)
                            .filter(other -> !other.id().equals(match.food().id()));
                }
            }
        }
        return Optional.empty();
    }

    /** "Zest of one lemon, juice of two": a part of more of them than were read. */
    boolean isPartOfMore() {
        for (int i = match.to(); i + 2 < tokens.size(); i++) {
            boolean part = tokens.get(i).is("juice") || tokens.get(i).is("zest");
            if (part
                    && tokens.get(i + 1).is("of")
                    && Words.numberWord(tokens.get(i + 2)).isPresent()) {
                return true;
            }
        }
        return false;
    }

    /** Another food with an amount of its own, farther on in the line. */
    private Optional<Food> another() {
        for (int i = match.to(); i < tokens.size(); i++) {
            if (tokens.get(i).isNumber() && !tokens.get(i - 1).is("or")) {
                int until = Math.min(tokens.size(), i + 1 + SECOND_FOOD_WITHIN);
                Optional<Food> food = index.find(tokens, i + 1, until)
                        .map(FoodIndex.Match::food)
                        .filter(other -> !other.id().equals(match.food().id()));
                if (food.isPresent()) {
                    return food;
                }
            }
        }
        return Optional.empty();
    }

    /** Whether any of those words stands after the food and before a comma, where it may make another food of it: "tomato glaze". */
    boolean standsAfter(List<String> words) {
        int end = Words.endOfPhrase(tokens, match.to());
        for (Token token : tokens.subList(Math.min(match.to(), end), end)) {
            if (words.contains(token.text())) {
                return true;
            }
        }
        return false;
    }

    /** Words that nobody knows, beside the food's name. */
    List<String> unknown() {
        return leftOver(tokens, match.from(), match.to(), amount);
    }

    /** Words behind an amount that nobody knows, but for those from one place to another. */
    static List<String> leftOver(List<Token> tokens, int from, int to, Amount amount) {
        List<String> words = new ArrayList<>();
        int end = Words.endOfPhrase(tokens, amount.end());
        for (int i = amount.end(); i < end; i++) {
            Token token = tokens.get(i);
            boolean plain = !token.isNumber() && !token.isMark() && token.text().length() > 2;
            if ((i < from || i >= to)
                    && plain
                    && !Words.isDescriptor(token.text())
                    && Unit.named(token.text()).isEmpty()) {
                words.add(token.text());
            }
        }
        return words;
    }
}

package app.gradior.measure;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Finds the food that a run of words names: the longest name wins, the last of equals (the noun comes last). */
final class FoodIndex {
    private final Map<String, List<Entry>> byFirstWord = new HashMap<>();

    FoodIndex(Catalogue catalogue) {
        for (Food food : catalogue.foods()) {
            add(food.name(), food);
            food.aliases().forEach(alias -> add(alias, food));
        }
    }

    private void add(String name, Food food) {
        List<String> words = Words.tokens(name).stream().map(Words.Token::text).toList();
        byFirstWord.computeIfAbsent(words.get(0), w -> new ArrayList<>()).add(new Entry(words, food));
    }

    private record Entry(List<String> words, Food food) {
        boolean standsAt(List<Words.Token> tokens, int at) {
            if (at + words.size() > tokens.size()) {
                return false;
            }
            for (int i = 0; i < words.size(); i++) {
                if (!tokens.get(at + i).is(words.get(i))) {
                    return false;
                }
            }
            return true;
        }
    }

    /**
     * A food found in a line.
     *
     * @param from first word
     * @param to after the last word
     */
    record Match(Food food, int from, int to) {
        int length() {
            return to - from;
        }

        boolean isUnitWord(List<Words.Token> tokens) {
            return length() == 1 && Unit.named(tokens.get(from).text()).isPresent();
        }
    }

    /** The best match that begins between two places; of foods joined by "and" or "or", the first. */
    Optional<Match> find(List<Words.Token> tokens, int from, int to) {
        Optional<Match> best = Optional.empty();
        for (int at = from; at < to; at++) {
            if (best.isPresent() && at >= best.get().to() && isJoint(tokens.get(at))) {
                break;
            }
            Optional<Match> here = longestAt(tokens, at, tokens.size());
            if (here.isPresent() && isBetter(here.get(), best, tokens)) {
                best = here;
            }
        }
        return best;
    }

    private static boolean isJoint(Words.Token token) {
        return token.is("and") || token.is("or") || token.is("&");
    }

    /** Words that are also units ("clove", "stick") give way to a food beside them that comes in such units. */
    private static boolean isBetter(Match here, Optional<Match> best, List<Words.Token> tokens) {
        if (best.isEmpty()) {
            return true;
        }
        Match other = best.get();
        if (here.isUnitWord(tokens)
                && other.food().measure(tokens.get(here.from()).text()).isPresent()) {
            return false;
        }
        if (other.isUnitWord(tokens)
                && here.food().measure(tokens.get(other.from()).text()).isPresent()) {
            return true;
        }
        // A name inside a longer one ("red wine" in "red wine vinegar") is not a match of its own.
        return here.length() >= other.length() && here.from() >= other.to() || here.length() > other.length();
    }

    private Optional<Match> longestAt(List<Words.Token> tokens, int at, int to) {
        Optional<Match> best = Optional.empty();
        for (Entry entry : byFirstWord.getOrDefault(tokens.get(at).text(), List.of())) {
            int end = at + entry.words().size();
            if (end <= to
                    && entry.standsAt(tokens, at)
                    && (best.isEmpty() || entry.words().size() > best.get().length())) {
                best = Optional.of(new Match(entry.food(), at, end));
            }
        }
        return best;
    }
}

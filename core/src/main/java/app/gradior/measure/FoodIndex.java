package app.gradior.measure;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Finds the food that a run of words names: the longest name wins, the last of equals (the noun comes last). */
final class FoodIndex {
    /** Fewer letters are not taken for others. */
    private static final int SHORTEST_MISSPELT = 5;

    private static final int LONG_WORD = 8;
    /** A chilli, and not a pepper without heat. */
    private static final double SOME_SHU = 100;

    private static final int MOST_NAMED_WORDS = 3;
    private static final int MOST_NEAR_WORDS = 8;
    /** Alternatives stand no farther apart. */
    private static final int OR_WITHIN = 4;

    private final Map<String, List<Entry>> byFirstWord = new HashMap<>();
    private final Map<String, Food> byName = new HashMap<>();
    /** Names long enough to be misspelt, by their first letter and length. */
    private final Map<String, List<String>> byShape = new HashMap<>();

    FoodIndex(Catalogue catalogue) {
        for (Food food : catalogue.foods()) {
            add(food.name(), food);
            food.aliases().forEach(alias -> add(alias, food));
        }
    }

    private void add(String name, Food food) {
        List<String> words = Words.tokens(name).stream().map(Words.Token::text).toList();
        String joined = String.join(" ", words);
        if (byName.putIfAbsent(joined, food) == null && joined.length() >= SHORTEST_MISSPELT) {
            byShape.computeIfAbsent(shape(joined, joined.length()), s -> new ArrayList<>())
                    .add(joined);
        }
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
     * @param or another that the line names with the same noun
     */
    record Match(Food food, int from, int to, Optional<Food> or) {
        Match(Food food, int from, int to) {
            this(food, from, to, Optional.empty());
        }

        /** Another food under the same words. */
        Match of(Food other) {
            return new Match(other, from, to, or);
        }

        String words(List<Words.Token> tokens) {
            return tokens.subList(from, to).stream().map(Words.Token::text).collect(Collectors.joining(" "));
        }

        int length() {
            return to - from;
        }

        boolean isUnitWord(List<Words.Token> tokens) {
            return length() == 1 && Unit.named(tokens.get(from).text()).isPresent();
        }
    }

    /** The food that is called exactly so. */
    Optional<Food> named(String words) {
        return Optional.ofNullable(byName.get(words));
    }

    /**
     * The first of two foods that share their noun: "chicken or vegetable stock", "lemon or lime juice".
     *
     * @param from where the names begin
     */
    Optional<Match> sharingItsNoun(List<Words.Token> tokens, int from) {
        for (int at = from + 1; at < Math.min(tokens.size() - 1, from + OR_WITHIN); at++) {
            if (!tokens.get(at).is("or") && !tokens.get(at).is("/")) {
                continue;
            }
            Optional<Match> second = longestAt(tokens, at + 1, tokens.size());
            if (second.isEmpty() || second.get().length() < 2) {
                return Optional.empty();
            }
            for (int noun = second.get().from() + 1; noun < second.get().to(); noun++) {
                String shared =
                        new Match(second.get().food(), noun, second.get().to()).words(tokens);
                for (int begin = from; begin < at; begin++) {
                    String first = new Match(second.get().food(), begin, at).words(tokens);
                    Optional<Food> food = named(first + " " + shared);
                    if (food.isPresent()) {
                        return Optional.of(new Match(
                                food.get(),
                                begin,
                                second.get().to(),
                                Optional.of(second.get().food())));
                    }
                }
            }
            return Optional.empty();
        }
        return Optional.empty();
    }

    /** A name that the cook may have meant. */
    record NearMiss(String typed, Food food) {}

    /** The food whose name differs from some of these words by a letter or two, if one does. */
    Optional<NearMiss> near(List<String> words) {
        Optional<NearMiss> best = Optional.empty();
        int least = Integer.MAX_VALUE;
        int last = Math.min(MOST_NEAR_WORDS, words.size());
        for (int from = 0; from < last; from++) {
            for (int to = from + 1; to <= Math.min(last, from + MOST_NAMED_WORDS); to++) {
                String typed = String.join(" ", words.subList(from, to));
                int most = typed.length() < SHORTEST_MISSPELT ? 0 : typed.length() < LONG_WORD ? 1 : 2;
                for (String name : most == 0 ? List.<String>of() : namesLike(typed, most)) {
                    int off = Spelling.apart(typed, name, most);
                    if (off <= most && off < least) {
                        least = off;
                        best = named(name).map(food -> new NearMiss(typed, food));
                    }
                }
            }
        }
        return best;
    }

    /** Names that begin as that one and are about as long, in their order. */
    private List<String> namesLike(String typed, int most) {
        List<String> like = new ArrayList<>();
        for (int length = typed.length() - most; length <= typed.length() + most; length++) {
            like.addAll(byShape.getOrDefault(shape(typed, length), List.of()));
        }
        return like;
    }

    private static String shape(String name, int length) {
        return name.charAt(0) + "" + length;
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

    /** The longest name that begins there. */
    Optional<Match> longestAt(List<Words.Token> tokens, int at, int to) {
        Optional<Match> best = Optional.empty();
        for (Entry entry : byFirstWord.getOrDefault(tokens.get(at).text(), List.of())) {
            int end = at + entry.words().size();
            if (end <= to
                    && entry.standsAt(tokens, at)
                    && (best.isEmpty() || entry.words().size() > best.get().length())) {
                best = Optional.of(new Match(entry.food(), at, end));
            }
        }
        // "Habanero pepper" is the chilli.
        return best.map(match -> match.food().scovilleUnits() >= SOME_SHU
                        && match.to() < to
                        && tokens.get(match.to()).is("pepper")
                ? new Match(match.food(), match.from(), match.to() + 1)
                : match);
    }
}

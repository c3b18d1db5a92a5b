package app.gradior.method;

import app.gradior.larder.Food;
import app.gradior.larder.Trait;
import app.gradior.measure.LineReader;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Which lines of a sauce a cook means who lifts out "the bay leaf and the thyme stalks", or puts "the wings" back. */
public final class PieceWords {
    private static final int SHORTEST = 3;
    /** Words that name no food, though lines have them. */
    private static final Set<String> COMMON = Set.of(
            "the", "and", "out", "back", "for", "with", "into", "onto", "from", "them", "all", "half", "fresh", "dried",
            "large", "small", "medium", "whole", "chopped", "sliced", "diced", "piece", "stick", "stalk", "sprig",
            "leaf", "strip", "cup", "gram", "tbsp", "tsp", "red", "white", "black", "green", "brown", "sauce", "pan",
            "pot", "bit", "top", "ground", "then", "let", "off", "hot", "cold", "water", "stock", "wide", "good",
            "long", "lift", "take");

    private static final Pattern NOT_EATEN = Pattern.compile(
            "\\b(?:sprig|strip of|peel of|rind|bone|carcass|bouquet|bundle|(?:spice|muslin|herb) bag|cinnamon stick|stick (?:of )?cinnamon"
                    + "|vanilla pod|cardamom pod|kombu)\\b");

    private final LineReader reader;

    public PieceWords(LineReader reader) {
        this.reader = reader;
    }

    /**
     * A line that is in the pot.
     *
     * @param line its place
     * @param stage the one it went in with
     */
    public record In(int line, int stage, String text, Optional<Food> food) {}

    /** The lines that the words name, in order; none when they name none. */
    public List<Integer> named(String words, List<In> in) {
        Set<String> foods = reader.mentions(words).stream()
                .map(mention -> mention.food().id())
                .collect(Collectors.toSet());
        List<Integer> byFood = places(
                in, one -> one.food().map(Food::id).filter(foods::contains).isPresent());
        Set<String> said = telling(words);
        List<Integer> found = new ArrayList<>(byFood);
        places(in, one -> telling(reader.foodWords(one.text())).stream().anyMatch(said::contains)).stream()
                .filter(line -> !found.contains(line) && (byFood.isEmpty() || isOtherFood(line, byFood, in)))
                .forEach(found::add);
        return found.stream().sorted().toList();
    }

    /** Another line of a food found by its name is found by that; one found by a word of it only is meant when its food was not named. */
    private static boolean isOtherFood(int line, List<Integer> byFood, List<In> in) {
        Set<String> taken = in.stream()
                .filter(one -> byFood.contains(one.line()))
                .flatMap(one -> telling(one.text()).stream())
                .collect(Collectors.toSet());
        return in.stream()
                .filter(one -> one.line() == line)
                .flatMap(one -> telling(one.text()).stream())
                .noneMatch(taken::contains);
    }

    /** The lines that a cook means: those named, else what is thrown away in the end, else the meat or fish that went in last. */
    public List<Integer> meant(String words, List<In> in) {
        List<Integer> named = named(words, in);
        if (!named.isEmpty()) {
            return named;
        }
        List<Integer> leaving = leaving(in);
        return leaving.isEmpty() ? lastMeat(in) : leaving;
    }

    /** What is thrown away in the end, by its food or by how its line is cut: bay, bones, sprigs, strips of peel. */
    public static List<Integer> leaving(List<In> in) {
        return places(
                in,
                one -> one.food().filter(f -> f.has(Trait.LEAVES)).isPresent()
                        || NOT_EATEN.matcher(Norm.of(one.text())).find());
    }

    private static List<Integer> lastMeat(List<In> in) {
        List<In> meat = in.stream()
                .filter(one ->
                        one.food().filter(f -> f.ofFlesh() && !f.pourable()).isPresent())
                .toList();
        int last = meat.stream().map(In::stage).max(Comparator.naturalOrder()).orElse(-1);
        return meat.stream().filter(one -> one.stage() == last).map(In::line).toList();
    }

    private static List<Integer> places(List<In> in, Predicate<In> which) {
        return in.stream().filter(which).map(In::line).toList();
    }

    private static Set<String> telling(String words) {
        return LineReader.words(words).stream()
                .filter(word ->
                        word.length() >= SHORTEST && Character.isLetter(word.charAt(0)) && !COMMON.contains(word))
                .collect(Collectors.toSet());
    }
}

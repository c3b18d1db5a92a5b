package app.gradior.method;

import app.gradior.measure.LineReader;
import app.gradior.measure.LineReader.Mention;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** The foods that a sentence names, as a cook means them: cloves of garlic are no cloves, "chicken or vegetable stock" is chicken stock. */
final class Mentions {
    private static final Set<String> COLOURS =
            Set.of("red", "green", "yellow", "bell", "sweet", "hot", "roasted", "roast");

    private Mentions() {}

    static List<Mention> of(LineReader reader, List<String> words) {
        List<Mention> found = new ArrayList<>();
        List<Mention> all = reader.mentions(String.join(" ", words));
        for (int i = 0; i < all.size(); i++) {
            Mention mention = all.get(i);
            boolean choice = i + 1 < all.size() && isChoice(words, mention, all.get(i + 1));
            List<Mention> first = choice ? first(reader, words, mention, all.get(i + 1)) : List.of();
            if (isCloveOfGarlic(words, mention)) {
                continue;
            }
            if (first.size() == 1) {
                found.add(new Mention(
                        first.get(0).food(), mention.from(), all.get(i + 1).to()));
                i++;
            } else {
                found.add(isPepper(words, mention) ? black(reader, mention) : mention);
            }
        }
        return found;
    }

    private static boolean isCloveOfGarlic(List<String> words, Mention mention) {
        if (!mention.food().id().equals("clove") || mention.to() - mention.from() > 1) {
            return false;
        }
        int next =
                mention.to() < words.size() && words.get(mention.to()).equals("of") ? mention.to() + 1 : mention.to();
        return next < words.size() && words.get(next).equals("garlic")
                || mention.from() > 0 && words.get(mention.from() - 1).equals("garlic");
    }

    /** "Chicken or vegetable stock": two of a noun that stands once. */
    private static boolean isChoice(List<String> words, Mention one, Mention other) {
        return one.to() - one.from() == 1
                && other.to() - other.from() > 1
                && other.from() == one.to() + 1
                && words.get(one.to()).equals("or");
    }

    private static List<Mention> first(LineReader reader, List<String> words, Mention one, Mention other) {
        return reader.mentions(words.get(one.from()) + " " + words.get(other.to() - 1)).stream()
                .filter(mention -> mention.from() == 0 && mention.to() == 2)
                .toList();
    }

    private static boolean isPepper(List<String> words, Mention mention) {
        boolean coloured = mention.from() > 0
                && (COLOURS.contains(words.get(mention.from() - 1))
                        || Character.isDigit(words.get(mention.from() - 1).charAt(0)));
        return mention.to() - mention.from() == 1
                && words.get(mention.from()).equals("pepper")
                && words.contains("salt")
                && !coloured;
    }

    /** Pepper that a shaker holds, where the name alone could be the vegetable. */
    static Mention black(LineReader reader, Mention mention) {
        return reader.read("1 pinch pepper")
                .food()
                .map(food -> new Mention(food, mention.from(), mention.to()))
                .orElse(mention);
    }
}

package app.gradior.method;

import app.gradior.larder.Food;
import app.gradior.measure.LineReader;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Which food somebody who talks means: by a word behind its name, or by what it was called in full before. */
final class WhichOne {
    private static final Set<String> SPICE_CLOVES = Set.of("ground", "whole", "dried");
    private static final int WHICH = 9;
    private static final Set<String> PARTING = Set.of("and", "then", "plus", "with", "or");

    /** "Garlic. Four cloves": so many breaths later cloves are the spice. */
    private static final int GARLIC_NEAR = 3;

    private final LineReader reader;
    private int sinceGarlic = GARLIC_NEAR;
    private final Map<String, Named> called = new HashMap<>();

    WhichOne(LineReader reader) {
        this.reader = reader;
    }

    /** The foods that a breath names. */
    List<LineReader.Mention> mentions(List<String> words) {
        sinceGarlic = words.contains("garlic") ? 0 : sinceGarlic + 1;
        List<LineReader.Mention> mentions = Mentions.of(reader, words).stream()
                .filter(mention -> isFood(words, mention))
                .collect(Collectors.toCollection(ArrayList::new));
        for (int w = 0; w < words.size(); w++) {
            Named named = called.get(words.get(w));
            int at = w;
            if (named != null && mentions.stream().noneMatch(m -> at >= m.from() && at < m.to())) {
                mentions.add(new LineReader.Mention(named.food(), w, w + 1));
            }
        }
        mentions.sort(Comparator.comparingInt(LineReader.Mention::from));
        mentions.removeIf(mention -> mentions.stream().anyMatch(other -> isWhich(words, other, mention)));
        return mentions;
    }

    /** Not the measure that is called so too ("four cloves"), nor what is only said to be as much ("that's like three oranges"). */
    private boolean isFood(List<String> words, LineReader.Mention mention) {
        if (mention.food().id().equals("clove")) {
            return mention.to() - mention.from() > 1
                    || sinceGarlic > GARLIC_NEAR
                    || mention.from() > 0 && SPICE_CLOVES.contains(words.get(mention.from() - 1))
                    || !(mention.from() > 0 && words.get(mention.from() - 1).equals("garlic"))
                            && TalkAmounts.amountAt(words, Math.max(0, mention.from() - 2), mention.from()) < 0
                            && (mention.from() == 0
                                    || !words.get(mention.from() - 1).equals("of"));
        }
        for (int i = Math.max(0, mention.from() - 4); i + 1 < mention.from(); i++) {
            if (words.get(i).equals("that")
                    && (words.get(i + 1).equals("like") || words.get(i + 1).equals("about"))) {
                return false;
            }
        }
        return mention.from() == 0 || !words.get(mention.from() - 1).equals("or") || mention.from() < 2;
    }

    /** Whether a name only says which one the other is: "broth, I use chicken". */
    private boolean isWhich(List<String> words, LineReader.Mention name, LineReader.Mention which) {
        int apart = which.from() - name.to();
        return apart >= 0
                && apart < WHICH
                && name.to() - name.from() == 1
                && which.to() - which.from() == 1
                && words.subList(name.to(), which.from()).stream().noneMatch(PARTING::contains)
                && closer(words.get(which.from()), words.get(name.from())).isPresent();
    }

    /** "Stock", "beef": beef stock. */
    Optional<Food> closer(String which, String noun) {
        List<LineReader.Mention> closer = reader.mentions(which + " " + noun);
        return closer.size() == 1 && closer.get(0).to() == 2 && closer.get(0).from() == 0
                ? Optional.of(closer.get(0).food())
                : Optional.empty();
    }

    /** A food by the name it has in its line. */
    record Named(Food food, String name) {}

    /** What a name means here: a bare noun is what was called by more words before, pepper is black. */
    Named meant(LineReader.Mention mention, List<String> words) {
        String name = String.join(" ", words.subList(mention.from(), mention.to()));
        String head = words.get(mention.to() - 1);
        if (mention.to() - mention.from() == 1) {
            // "Vinegar, just the brown malt stuff": which one it is stands behind its name.
            for (int i = mention.to(); i < Math.min(words.size(), mention.to() + WHICH); i++) {
                Optional<Food> closer = closer(words.get(i), head);
                if (PARTING.contains(words.get(i))) {
                    break;
                }
                if (closer.isPresent()
                        && !closer.get().id().equals(mention.food().id())) {
                    String full = words.get(i) + " " + head;
                    called.putIfAbsent(head, new Named(closer.get(), full));
                    return new Named(closer.get(), full);
                }
            }
        }
        if (mention.to() - mention.from() > 1) {
            called.putIfAbsent(head, new Named(mention.food(), name));
            return new Named(mention.food(), name);
        }
        boolean cloves = mention.to() < words.size() && words.get(mention.to()).equals("clove");
        if (cloves) {
            return new Named(mention.food(), name + " clove");
        }
        Named before = called.get(head);
        if (name.equals("pepper")) {
            return new Named(Mentions.black(reader, mention).food(), "black pepper");
        }
        return before != null ? before : new Named(mention.food(), name);
    }
}

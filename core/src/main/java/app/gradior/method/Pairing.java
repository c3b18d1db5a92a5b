package app.gradior.method;

import app.gradior.measure.LineReader.Mention;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Which amount is of which food, of those that are said in one breath: "honey, a quarter cup, and two tablespoons of soy". Neighbours only, the
 * nearer the better, hardly ever across an "and"; all of them together as well as can be.
 */
final class Pairing {
    private static final Set<String> PARTING = Set.of("and", "then", "plus", "or");
    private static final Set<String> LEADING = Set.of("with", "also", "in", "into");
    private static final Set<String> JOINING = Set.of(
            "of", "the", "its", "thats", "about", "like", "maybe", "good", "big", "small", "large", "fresh", "nice");
    private static final Set<String> RIGHTS = Set.of("no", "make", "really", "actually", "sorry", "call", "rather");
    private static final Set<String> PRONOUNS = Set.of("it", "that", "this", "them", "those", "these");
    private static final Set<String> AGAIN = Set.of("theyre", "thats", "its", "so");
    private static final int AGAIN_WITHIN = 4;
    private static final double A_WORD = 0.6;
    private static final double A_SMALL_WORD = 0.2;
    private static final double AN_AND = 8;
    private static final double A_WITH = 2;
    private static final double BEHIND = 1;
    private static final double AMOUNT_LEFT = 4;
    private static final double FOOD_LEFT = 3;
    private static final int PRONOUN_BEFORE = 3;
    private static final int FURTHEST_BEFORE = 5;
    private static final int FURTHEST_BEHIND = 10;

    private final List<String> words;
    private final Reads reads;

    private Pairing(List<String> words, Reads reads) {
        this.words = words;
        this.reads = reads;
    }

    /** An amount's words, as a line has them; places of the breath's words. */
    record Amount(int from, int to, String text) {}

    /** An amount of a food as a line; empty when it is none. */
    interface Reads {
        Optional<String> line(Amount amount, Mention food);
    }

    /** Something that is said: an amount or a food. */
    private record Said(int from, Optional<Amount> amount, Optional<Mention> food) {}

    /** The lines of the foods that are given an amount. */
    static Map<Mention, String> of(List<String> words, List<Mention> foods, Reads reads) {
        List<Said> all = new ArrayList<>();
        amounts(words, foods).forEach(a -> all.add(new Said(a.from(), Optional.of(a), Optional.empty())));
        foods.forEach(food -> all.add(new Said(food.from(), Optional.empty(), Optional.of(food))));
        all.sort(Comparator.comparingInt(Said::from));
        Map<Mention, String> lines = new Pairing(words, reads).best(all);
        each(words, all, reads, lines);
        return lines;
    }

    /** "A teaspoon each of ginger and allspice." */
    private static void each(List<String> words, List<Said> all, Reads reads, Map<Mention, String> lines) {
        Optional<Amount> each = Optional.empty();
        for (Said said : all) {
            if (said.amount().isPresent()) {
                int to = said.amount().get().to();
                each = said.amount()
                        .filter(amount -> to < words.size() && words.get(to).equals("each"));
            } else if (each.isPresent()) {
                Mention food = said.food().orElseThrow();
                reads.line(each.get(), food).ifPresent(line -> lines.putIfAbsent(food, line));
            }
        }
    }

    private Map<Mention, String> best(List<Said> all) {
        int n = all.size();
        double[] cost = new double[n + 1];
        boolean[] paired = new boolean[n + 1];
        Map<Mention, String> lines = new HashMap<>();
        List<Optional<String>> line = new ArrayList<>();
        line.add(Optional.empty());
        for (int i = 1; i <= n; i++) {
            cost[i] = cost[i - 1] + (all.get(i - 1).amount().isPresent() ? AMOUNT_LEFT : FOOD_LEFT);
            line.add(Optional.empty());
            if (i > 1) {
                Said one = all.get(i - 2);
                Said other = all.get(i - 1);
                double apart = apart(one, other);
                Optional<String> read = cost[i - 2] + apart < cost[i] ? line(one, other) : Optional.empty();
                if (read.isPresent()) {
                    cost[i] = cost[i - 2] + apart;
                    paired[i] = true;
                    line.set(i, read);
                }
            }
        }
        for (int i = n; i > 0; i--) {
            if (paired[i]) {
                Said one = all.get(i - 2);
                Mention food = one.food().or(all.get(i - 1)::food).orElseThrow();
                lines.put(food, line.get(i).orElseThrow());
                i--;
            }
        }
        return lines;
    }

    private Optional<String> line(Said one, Said other) {
        Optional<Amount> amount = one.amount().or(other::amount);
        Optional<Mention> food = one.food().or(other::food);
        return amount.isPresent() && food.isPresent() ? reads.line(amount.get(), food.get()) : Optional.empty();
    }

    /** How ill two neighbours go together; without end when they do not. */
    private double apart(Said one, Said other) {
        boolean before = one.amount().isPresent() && other.food().isPresent();
        boolean behind = one.food().isPresent() && other.amount().isPresent();
        if (!before && !behind) {
            return Double.POSITIVE_INFINITY;
        }
        int from = before
                ? one.amount().orElseThrow().to()
                : one.food().orElseThrow().to();
        int to = other.from();
        if (to - from > (before ? FURTHEST_BEFORE : FURTHEST_BEHIND)) {
            return Double.POSITIVE_INFINITY;
        }
        boolean ofIt =
                before && to - from > 1 && words.get(from).equals("of") && PRONOUNS.contains(words.get(from + 1));
        if (ofIt) {
            return Double.POSITIVE_INFINITY;
        }
        double sum = before ? 0 : BEHIND;
        for (String word : words.subList(Math.min(from, to), to)) {
            sum += PARTING.contains(word)
                    ? AN_AND
                    : LEADING.contains(word) ? A_WITH : JOINING.contains(word) ? A_SMALL_WORD : A_WORD;
        }
        return sum;
    }

    /** The amounts of a breath; of one that is put right, what it is put right to, in its place. */
    static List<Amount> amounts(List<String> words, List<Mention> foods) {
        List<Amount> amounts = new ArrayList<>();
        int at = 0;
        while (at < words.size()) {
            int start = at;
            int past = end(foods, start);
            if (past > start || !isAmount(words, foods, start)) {
                at = Math.max(past, start + 1);
                continue;
            }
            int to = start;
            while (to < words.size()
                    && end(foods, to) == to
                    && TalkAmounts.isWithin(words, to)
                    && !(to > start && TalkAmounts.isAnother(words, start, to))) {
                to++;
            }
            to = Math.max(to, start + 1);
            String text = TalkAmounts.strip(words.subList(start, to));
            add(amounts, words, foods, new Amount(start, to, TalkAmounts.sized(text, words, to)));
            at = to;
        }
        return amounts;
    }

    /** Whether an amount begins there; "a" and "one" are amounts right before their food. */
    private static boolean isAmount(List<String> words, List<Mention> foods, int at) {
        return TalkAmounts.begins(words, at)
                && (!TalkAmounts.isPronoun(words, at)
                        || foods.stream().anyMatch(food -> food.from() > at && food.from() <= at + PRONOUN_BEFORE));
    }

    private static void add(List<Amount> amounts, List<String> words, List<Mention> foods, Amount next) {
        if (!amounts.isEmpty()) {
            Amount last = amounts.get(amounts.size() - 1);
            boolean twice = TalkAmounts.isBare(next.text())
                    && last.text().startsWith(next.text())
                    && foods.stream().noneMatch(food -> food.from() >= last.to() && food.from() < next.from());
            if (twice || TalkAmounts.isSizeOf(last.text(), next.text())) {
                return;
            }
            int right = -1;
            for (int i = last.to(); i < next.from(); i++) {
                boolean justHalf =
                        words.get(i).equals("just") && words.get(next.from()).equals("half");
                right = RIGHTS.contains(words.get(i)) || justHalf ? i : right;
            }
            if (isInTheUnitBefore(words, next)) {
                String text = TalkAmounts.inUnitOf(next.text(), last.text());
                amounts.add(new Amount(next.from(), next.to(), text));
                return;
            }
            boolean weighed = TalkAmounts.isWeighed(next.text())
                    && !TalkAmounts.isWeighed(last.text())
                    && next.from() - last.to() <= AGAIN_WITHIN
                    && words.subList(last.to(), next.from()).stream().anyMatch(AGAIN::contains);
            right = weighed ? next.from() - 1 : right;
            int since = right;
            if (right >= 0 && foods.stream().noneMatch(food -> food.from() > since && food.from() < next.from())) {
                amounts.set(
                        amounts.size() - 1,
                        new Amount(last.from(), last.to(), TalkAmounts.inUnitOf(next.text(), last.text())));
                return;
            }
        }
        amounts.add(next);
    }

    /** "Two teaspoons of paprika, one of cumin." */
    private static boolean isInTheUnitBefore(List<String> words, Amount next) {
        return TalkAmounts.isBare(next.text())
                && next.to() + 1 < words.size()
                && words.get(next.to()).equals("of")
                && !PRONOUNS.contains(words.get(next.to() + 1))
                && !words.get(next.to() + 1).equals("the");
    }

    /** The end of the food that a place is within; the place itself where there is none. */
    private static int end(List<Mention> foods, int at) {
        return foods.stream()
                .filter(food -> food.from() <= at && at < food.to())
                .mapToInt(Mention::to)
                .findFirst()
                .orElse(at);
    }
}

package app.gradior.measure;

import app.gradior.larder.Table;
import app.gradior.measure.Words.Token;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;

/**
 * In whose cups, spoons and pints a recipe is written, guessed from its words: what it calls foods (measure/written-in.csv), which units it uses,
 * and what it says beside a cup or spoon ("1 cup (250 ml)").
 *
 * @param system the measures
 * @param because the words that decided, as written in the singular, those that weigh most first; at least one
 */
public record WrittenIn(MeasureSystem system, List<String> because) {
    private static final double DECIDES = 1;
    private static final double AHEAD = 0.5;
    private static final double SAID_OUTRIGHT = 6;
    private static final double METRIC_UNIT = 0.5;
    private static final double OTHER_UNIT = 0.5;
    private static final double CUP = 0.5;
    private static final double MOST_OF_UNITS = 2;
    private static final int MOST_REASONS = 3;
    private static final int LONGEST_PHRASE = 3;
    private static final int SPOON_SAID_WITHIN = 16;
    private static final double PINT = 1;
    /** A cup or spoon that is said in millilitres is within so much of what it is, as a share. */
    private static final double NEAR = 0.035;

    private static final Map<String, Cue> CUES = read();

    public WrittenIn {
        because = List.copyOf(because);
    }

    /** Whose a word is. */
    private enum Where {
        US,
        BRITISH,
        AUSTRALIAN,
        METRIC,
        OLD
    }

    private record Cue(Where where, double weight) {}

    private static Map<String, Cue> read() {
        Map<String, Cue> cues = new HashMap<>();
        for (CSVRecord row : Table.rows("/measure/written-in.csv")) {
            Where where = Where.valueOf(row.get("where").toUpperCase(Locale.ROOT));
            cues.put(joined(Words.tokens(row.get("words"))), new Cue(where, Double.parseDouble(row.get("weight"))));
        }
        return cues;
    }

    private static String joined(List<Token> tokens) {
        return String.join(" ", tokens.stream().map(Token::text).toList());
    }

    /** The guess from all lines of a recipe; empty when its words do not tell. */
    public static Optional<WrittenIn> guess(List<String> lines) {
        Tally tally = new Tally();
        for (String line : lines) {
            for (String part : parts(line)) {
                List<Token> tokens = Words.tokens(LineHead.cut(part));
                NumberWords.compose(tokens);
                tally.line(tokens);
            }
        }
        return tally.decided();
    }

    /** A paragraph in pieces short enough to read. */
    private static List<String> parts(String line) {
        return line.length() <= LineReader.LONGEST_LINE ? List.of(line) : List.of(line.split("(?<=[.!?;])\\s"));
    }

    /** What speaks for whom. */
    private static final class Tally {
        private final Map<Where, Double> weights = new EnumMap<>(Where.class);
        private final Map<Where, Map<String, Double>> reasons = new EnumMap<>(Where.class);
        private final Map<MeasureSystem, String> outright = new EnumMap<>(MeasureSystem.class);
        private final Set<String> seen = new LinkedHashSet<>();

        private void speak(Where where, String word, double weight) {
            if (seen.add(word)) {
                weights.merge(where, weight, Double::sum);
                reasons.computeIfAbsent(where, w -> new HashMap<>()).put(word, weight);
            }
        }

        void line(List<Token> tokens) {
            for (int at = 0; at < tokens.size(); at++) {
                for (int words = 1; words <= LONGEST_PHRASE && at + words <= tokens.size(); words++) {
                    String phrase = joined(tokens.subList(at, at + words));
                    Cue cue = CUES.get(phrase);
                    if (cue != null) {
                        speak(cue.where(), phrase, cue.weight());
                    }
                }
                if (at > 0 && Words.numberWord(tokens.get(at - 1)).isPresent()) {
                    unit(tokens, at);
                } else if (at > 0
                        && tokens.get(at).is("tablespoon")
                        && !tokens.get(at - 1).is("a")) {
                    spoonOfTwenty(tokens, at);
                }
            }
        }

        private void unit(List<Token> tokens, int at) {
            Optional<Unit> unit = Unit.named(tokens.get(at).text());
            if (tokens.get(at).is("fl")) {
                unit = Optional.of(Unit.FLUID_OUNCE);
            }
            if (unit.isEmpty()) {
                return;
            }
            switch (unit.get()) {
                case GRAM, KILOGRAM, MILLILITRE, CENTILITRE, DECILITRE, LITRE ->
                    speak(Where.METRIC, unit.get().key(), METRIC_UNIT);
                case OUNCE, POUND, FLUID_OUNCE, PINT, QUART, GALLON ->
                    speak(Where.OLD, unit.get().key(), OTHER_UNIT);
                case CUP -> speak(Where.US, "cup", CUP);
                default -> {}
            }
            saidOutright(unit.get(), tokens, at);
        }

        /** "A tablespoon, and I mean the 20 ml one". */
        private void spoonOfTwenty(List<Token> tokens, int at) {
            for (int i = at + 1; i + 1 < Math.min(tokens.size(), at + SPOON_SAID_WITHIN); i++) {
                boolean twenty = tokens.get(i).number().orElse(0) == MeasureSystem.AUSTRALIAN.tablespoonMl();
                if (twenty && Unit.named(tokens.get(i + 1).text()).orElse(Unit.GRAM) == Unit.MILLILITRE) {
                    outright.putIfAbsent(MeasureSystem.AUSTRALIAN, "20 ml");
                }
            }
        }

        /** "1 cup (250 ml)", "2 tbsp / 40 ml": a cup or spoon said in millilitres tells whose it is, where that is one system's alone. */
        private void saidOutright(Unit unit, List<Token> tokens, int at) {
            if (unit != Unit.CUP && unit != Unit.TABLESPOON && unit != Unit.PINT) {
                return;
            }
            boolean beside = at + 3 < tokens.size()
                    && (tokens.get(at + 1).is("(") || tokens.get(at + 1).is("/"))
                    && tokens.get(at + 2).isNumber()
                    && tokens.get(at + 3).is("ml");
            double count = Words.numberWord(tokens.get(at - 1)).orElse(0);
            if (!beside || !(count > 0)) {
                return;
            }
            double ml = tokens.get(at + 2).number().orElse(0) / count;
            for (MeasureSystem system : MeasureSystem.values()) {
                // A spoon is nearly the same everywhere but in Australia, a pint everywhere but in America.
                boolean tells =
                        unit == Unit.CUP || system == (unit == Unit.PINT ? MeasureSystem.US : MeasureSystem.AUSTRALIAN);
                if (tells && Math.abs(ml / unit.millilitres(system) - 1) < NEAR) {
                    String said =
                            Numbers.cooks(count) + " " + unit.key() + " (" + Numbers.plain(ml * count, 0) + " ml)";
                    outright.putIfAbsent(system, said);
                }
            }
        }

        private double weight(Where where) {
            return weights.getOrDefault(where, 0.0);
        }

        Optional<WrittenIn> decided() {
            double metric = Math.min(MOST_OF_UNITS, weight(Where.METRIC));
            double old = Math.min(MOST_OF_UNITS, weight(Where.OLD));
            Map<MeasureSystem, Double> worth = new EnumMap<>(MeasureSystem.class);
            // Pounds and pints without a cup are those of a British book.
            double pint = seen.contains(Unit.PINT.key()) && !seen.contains(Unit.CUP.key()) ? PINT : 0;
            boolean british = weight(Where.BRITISH) + pint > weight(Where.US);
            worth.put(MeasureSystem.US, weight(Where.US) + (british ? 0 : old));
            worth.put(MeasureSystem.METRIC, metric + (metric > 0 || old == 0 ? weight(Where.BRITISH) : 0));
            worth.put(
                    MeasureSystem.IMPERIAL, british && metric == 0 && old > 0 ? weight(Where.BRITISH) + old + pint : 0);
            // Australian kitchens say much as the British do.
            worth.put(
                    MeasureSystem.AUSTRALIAN,
                    weight(Where.AUSTRALIAN) > 1 ? weight(Where.AUSTRALIAN) + weight(Where.BRITISH) + metric : 0);
            outright.keySet().forEach(system -> worth.merge(system, SAID_OUTRIGHT, Double::sum));
            List<Map.Entry<MeasureSystem, Double>> best = worth.entrySet().stream()
                    .sorted(Map.Entry.<MeasureSystem, Double>comparingByValue().reversed())
                    .toList();
            double first = best.get(0).getValue();
            return first >= DECIDES && first >= best.get(1).getValue() + AHEAD
                    ? Optional.of(new WrittenIn(
                            best.get(0).getKey(), because(best.get(0).getKey())))
                    : Optional.empty();
        }

        private List<String> because(MeasureSystem system) {
            List<Where> speaking = switch (system) {
                case US -> List.of(Where.US, Where.OLD);
                case METRIC -> List.of(Where.BRITISH, Where.METRIC);
                case IMPERIAL -> List.of(Where.BRITISH, Where.OLD);
                case AUSTRALIAN -> List.of(Where.AUSTRALIAN, Where.BRITISH, Where.METRIC);
            };
            Map<String, Double> all = new HashMap<>();
            speaking.forEach(where -> all.putAll(reasons.getOrDefault(where, Map.of())));
            List<String> words = new ArrayList<>();
            if (outright.containsKey(system)) {
                words.add(outright.get(system));
            }
            all.entrySet().stream()
                    .sorted(Map.Entry.<String, Double>comparingByValue()
                            .reversed()
                            .thenComparing(Map.Entry.comparingByKey()))
                    .limit(MOST_REASONS - words.size())
                    .forEach(entry -> words.add(entry.getKey()));
            return words;
        }
    }
}

package app.gradior.method;

import app.gradior.larder.Food;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.LineRemark;
import app.gradior.measure.WordList;
import app.gradior.method.ReadRecipe.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The lines of a recipe while its method is read: those of its list, which the method names again, and those that only the method names.
 */
final class LineBook {
    private static final Pattern ALL_ELSE = Pattern.compile(
            "\\b(?:everything else|all (?:of )?(?:the )?(?:other |remaining |rest of the )?ingredient|(?:remaining|other|rest of the) ingredient|all the rest|the rest of (?:it|them)|everything (?:except|but))\\b");
    private static final Pattern EVERYTHING = Pattern.compile("\\beverything (?:in|into|together)\\b");
    /** Kinds of food by a word for all of them. */
    private static final Map<Pattern, FoodClass> KINDS = Map.of(
            Pattern.compile("\\bspice\\b"), FoodClass.SPICE,
            Pattern.compile("\\b(?:herb|aromatic)\\b"), FoodClass.HERB,
            Pattern.compile("\\b(?:the|all|your) nut\\b"), FoodClass.NUT,
            Pattern.compile("\\b(?:the|all|your) (?:vegetable|veg|veggie)\\b(?! (?:stock|oil))"), FoodClass.PRODUCE);

    static final Pattern OPTIONAL = Pattern.compile(
            "\\b(?:optional|if you (?:like|want|wish|have)|if it want|if using|if liked|if you got)\\b");
    private static final Set<String> COMMON = WordList.of("""
            fresh large small medium chopped sliced diced fine ground whole dried cold hot dry sweet plain thick thin smooth soft
            hard long wide good white black red green brown yellow light dark cup gram tbsp tsp the and for taste about peeled
            optional each plus pan pot piece half sauce raw head
            """);

    private static final Pattern TIMED = Pattern.compile("\\b(?:minute|min|hour|hr|second|sec|degree)\\b");
    private static final int BEHIND = 8;
    private static final Set<String> SPLASHES = Set.of("splash", "little", "bit", "spoonful", "drop");
    private static final Set<String> GOES_ON = Set.of("till", "until", "til", "when", "before", "after", "so", "while");
    private static final Pattern HALF_THE = Pattern.compile("\\bhalf (?:of )?(?:the|your|that)(?: \\w+)?$");
    private static final int HALF_NEAR = 5;
    private static final int SPLASH_NEAR = 3;
    /** Groups that are the sauce itself, or no thing. */
    private static final Set<String> ALL_OF_IT = WordList.of("""
            sauce gravy glaze relish ketchup finish serve dish garnish ingredient rest seasoning topping season thicken pan pot
            """);

    private static final int MOST = 200;

    private final LineReader reader;
    private final List<MethodLine> entries = new ArrayList<>();
    private final boolean listed;

    LineBook(LineReader reader, boolean listed) {
        this.reader = reader;
        this.listed = listed;
    }

    LineReader reader() {
        return reader;
    }

    List<MethodLine> entries() {
        return entries;
    }

    /**
     * A line of the text's list; a line of several foods is several.
     *
     * @param group the heading it stands under; empty for none
     */
    void list(String line, Span at, String group) {
        for (String part : reader.parts(line)) {
            LineReading reading = reader.read(part);
            if (reading.food().isEmpty()
                            && reading.remark()
                                    .filter(LineRemark.Heading.class::isInstance)
                                    .isPresent()
                    || part.isBlank()
                    || isFull()) {
                continue;
            }
            MethodLine entry = entry(part, reading, at, true);
            entry.optional = OPTIONAL.matcher(Norm.of(line)).find();
            entry.group = group;
        }
    }

    /** Whether there is room for another line: a text without end has no more. */
    boolean isFull() {
        return entries.size() >= MOST;
    }

    MethodLine entry(String text, LineReading reading, Span at, boolean isListed) {
        MethodLine entry = new MethodLine(text, reading, at, isListed);
        List<String> words = LineReader.words(text);
        for (LineReader.Mention mention : reader.mentions(text)) {
            if (mention.food().id().equals(reading.food().map(Food::id).orElse(""))) {
                entry.head = words.get(mention.to() - 1);
                break;
            }
        }
        for (String word : reader.foodWords(text).split(" ")) {
            if (word.length() > 2 && Character.isLetter(word.charAt(0)) && !COMMON.contains(word)) {
                entry.words.add(word);
            }
        }
        entries.add(entry);
        return entry;
    }

    /** What is soaked goes in later; the water it is soaked in never does, if it is thrown away. */
    void soaked(Clause clause, boolean thrown) {
        for (int line : named(clause, false)) {
            MethodLine entry = entries.get(line);
            boolean water = entry.food().filter(Food::plainWater).isPresent();
            entry.thrown |= thrown && water;
            entry.placed |= entry.thrown;
        }
    }

    /** The lines that a clause puts in, not placed yet; lines that only it names are made. */
    List<Integer> named(Clause clause, boolean makes) {
        List<Integer> found = new ArrayList<>();
        String norm = clause.norm();
        boolean nothingYet = entries.stream().noneMatch(entry -> entry.placed);
        if (ALL_ELSE.matcher(norm).find()
                || nothingYet && EVERYTHING.matcher(norm).find()) {
            addAll(found, entry -> true);
        }
        for (String group : groups()) {
            if ((" " + norm + " ").contains(" " + group + " ")) {
                addAll(found, entry -> group.equals(noun(entry.group)));
            }
        }
        KINDS.forEach((pattern, kind) -> {
            if (pattern.matcher(norm).find()) {
                addAll(found, entry -> FoodClass.is(entry.food(), kind));
            }
        });
        List<String> words = new ArrayList<>(LineReader.words(clause.text()));
        words.replaceAll(word -> word.equals("another") ? "a" : word);
        List<LineReader.Mention> mentions = Mentions.of(reader, words);
        boolean[] covered = new boolean[words.size()];
        int before = 0;
        for (int i = 0; i < mentions.size(); i++) {
            LineReader.Mention mention = mentions.get(i);
            for (int w = mention.from(); w < mention.to(); w++) {
                covered[w] = true;
            }
            int until = i + 1 < mentions.size() ? mentions.get(i + 1).from() : words.size();
            if (isSplash(words, mention.from())) {
                before = mention.to();
                continue;
            }
            List<Integer> lines = ofMention(mention, words);
            if (lines.isEmpty() && makes && !isFull()) {
                make(clause, mention, words, before, until).ifPresent(lines::add);
            } else {
                lines = divided(mention, words, before, lines);
            }
            lines.stream().filter(line -> !found.contains(line)).forEach(found::add);
            before = mention.to();
        }
        for (int w = 0; w < words.size(); w++) {
            if (!covered[w]) {
                byWord(words, w, found);
            }
        }
        return found;
    }

    /** "A splash of the water": the line itself goes in elsewhere. */
    private static boolean isSplash(List<String> words, int mention) {
        int the = mention - 1;
        while (the > 0 && !words.get(the).equals("the") && mention - the < SPLASH_NEAR) {
            the--;
        }
        return the > 1
                && words.get(the).equals("the")
                && words.get(the - 1).equals("of")
                && SPLASHES.contains(words.get(the - 2));
    }

    /** The nouns of the groups that have a line left: "the paste". */
    private Set<String> groups() {
        return entries.stream()
                .filter(entry -> !entry.placed && !entry.group.isEmpty())
                .map(entry -> noun(entry.group))
                .filter(noun -> !noun.isEmpty() && !ALL_OF_IT.contains(noun))
                .collect(Collectors.toSet());
    }

    private static String noun(String group) {
        List<String> words = LineReader.words(group);
        return words.isEmpty() ? "" : words.get(words.size() - 1);
    }

    /** Lines that a word names which is no food's name: "the shells", "1 cup of the broth". */
    private void byWord(List<String> words, int at, List<Integer> found) {
        List<Integer> lines = new ArrayList<>();
        for (int e = 0; e < entries.size(); e++) {
            MethodLine entry = entries.get(e);
            if (entry.listed && !entry.placed && !found.contains(e) && entry.words.contains(words.get(at))) {
                lines.add(e);
            }
        }
        Optional<Food> food = lines.size() == 1 ? entries.get(lines.get(0)).food() : Optional.empty();
        if (food.isPresent()) {
            lines = divided(new LineReader.Mention(food.get(), at, at + 1), words, 0, lines);
        }
        lines.stream().filter(line -> !found.contains(line)).forEach(found::add);
    }

    private void addAll(List<Integer> found, Predicate<MethodLine> which) {
        for (int e = 0; e < entries.size(); e++) {
            MethodLine entry = entries.get(e);
            if (entry.listed && !entry.placed && which.test(entry) && !found.contains(e)) {
                found.add(e);
            }
        }
    }

    /** The lines not placed that a name means: of that food, else with that noun. */
    private List<Integer> ofMention(LineReader.Mention mention, List<String> words) {
        List<Integer> lines = new ArrayList<>();
        String head = words.get(mention.to() - 1);
        for (int e = 0; e < entries.size(); e++) {
            MethodLine entry = entries.get(e);
            if (!entry.placed
                    && entry.food()
                            .filter(f -> f.id().equals(mention.food().id()))
                            .isPresent()) {
                lines.add(e);
            }
        }
        if (lines.isEmpty() || mention.to() - mention.from() == 1) {
            for (int e = 0; e < entries.size(); e++) {
                MethodLine entry = entries.get(e);
                if (!entry.placed && entry.listed && entry.head.equals(head) && !lines.contains(e)) {
                    lines.add(e);
                }
            }
        }
        if (lines.isEmpty() && mention.to() - mention.from() > 1) {
            // "The lime juice", of a lime that is listed whole.
            String first = words.get(mention.from());
            for (int e = 0; e < entries.size(); e++) {
                MethodLine entry = entries.get(e);
                if (entry.listed && !entry.placed && entry.head.equals(first)) {
                    lines.add(e);
                }
            }
        }
        if (lines.size() > 1) {
            // Of several, those of which the text says another word too; else all.
            List<Integer> closer = lines.stream()
                    .filter(e -> entries.get(e)
                                    .food()
                                    .filter(f -> f.id().equals(mention.food().id()))
                                    .isPresent()
                            && mention.to() - mention.from() > 1)
                    .toList();
            if (!closer.isEmpty()) {
                return new ArrayList<>(closer.subList(0, 1));
            }
            return sameFood(lines) ? new ArrayList<>(lines.subList(0, 1)) : lines;
        }
        return lines;
    }

    private boolean sameFood(List<Integer> lines) {
        return lines.stream()
                        .map(e -> entries.get(e).food().map(Food::id).orElse(""))
                        .distinct()
                        .count()
                == 1;
    }

    /** "1 cup of the vinegar": a part of a line, and what is left of it is another line. */
    private List<Integer> divided(LineReader.Mention mention, List<String> words, int before, List<Integer> lines) {
        if (lines.size() != 1 || isFull()) {
            return lines;
        }
        MethodLine entry = entries.get(lines.get(0));
        LineReading part = reader.read(
                String.join(" ", words.subList(AmountWords.start(words, before, mention.from()), mention.to())));
        if (!part.food().map(Food::id).equals(entry.food().map(Food::id))
                && entry.food().isPresent()) {
            // "1 cup of the broth", of a chicken broth.
            String amount = String.join(
                    " ",
                    words.subList(AmountWords.start(words, before, mention.from()), mention.from()).stream()
                            .filter(word -> !word.equals("of") && !word.equals("the"))
                            .toList());
            part = reader.read(amount + " " + entry.food().get().name());
        }
        boolean some = part.massG() > 0
                && part.sureness() != LineReading.Sureness.UNSURE
                && part.food().map(Food::id).equals(entry.food().map(Food::id))
                && part.massG() < 0.85 * entry.reading.massG();
        String leading = String.join(" ", words.subList(Math.max(0, mention.from() - HALF_NEAR), mention.from()));
        boolean half = HALF_THE.matcher(leading).find();
        if (!entry.listed || !(some || half)) {
            return lines;
        }
        double whole = entry.reading.massG();
        double grams = half ? whole / 2 : part.massG();
        entries.set(lines.get(0), part(entry, whole - grams));
        entries.add(part(entry, grams));
        return new ArrayList<>(List.of(entries.size() - 1));
    }

    private static MethodLine part(MethodLine whole, double grams) {
        Food food = whole.food().orElseThrow();
        MethodLine part = new MethodLine(whole.text, LineReading.corrected(whole.text, food, grams), whole.at, true);
        part.words.addAll(whole.words);
        part.head = whole.head;
        part.group = whole.group;
        part.optional = whole.optional;
        part.part = true;
        return part;
    }

    /** A line that only the method names. */
    private Optional<Integer> make(
            Clause clause, LineReader.Mention mention, List<String> words, int before, int until) {
        int start = AmountWords.firstAmount(words, AmountWords.start(words, before, mention.from()), mention.from());
        if (start > 0 && words.get(start - 1).equals("no") || words.get(start).equals("no")) {
            return Optional.empty();
        }
        String phrase = String.join(" ", words.subList(start, mention.to()));
        if (TIMED.matcher(phrase).find()) {
            return Optional.empty();
        }
        LineReading reading = reader.read(phrase);
        int behind = AmountWords.firstNumber(words, mention.to(), Math.min(until, mention.to() + BEHIND));
        if (behind >= 0 && !AmountWords.hasNumber(words, start, mention.from())) {
            String after = String.join(" ", words.subList(behind, Math.min(until, behind + 3))) + " "
                    + String.join(" ", words.subList(mention.from(), mention.to()));
            LineReading other = reader.read(after);
            boolean better = other.massG() > 0
                    && other.amount().matches(".*[a-z].*")
                    && other.food()
                            .filter(f -> f.id().equals(mention.food().id()))
                            .isPresent();
            if (better) {
                phrase = after;
                reading = other;
                start = mention.from();
            }
        }
        if (words.subList(start, mention.from()).stream().anyMatch(GOES_ON::contains)) {
            // "A low heat till the sugar dissolves."
            return Optional.empty();
        }
        boolean given = reading.massG() > 0 && start == mention.from() && behind >= 0
                || AmountWords.isGiven(words.subList(start, mention.from()));
        boolean same =
                reading.food().filter(f -> f.id().equals(mention.food().id())).isPresent();
        boolean seasoning = FoodClass.isToTaste(mention.food());
        if (!same || !(given && reading.massG() > 0) && !(seasoning && !listed)) {
            return Optional.empty();
        }
        MethodLine entry = entry(phrase, reading, clause.at(), false);
        entry.optional = OPTIONAL.matcher(clause.norm()).find();
        return Optional.of(entries.size() - 1);
    }
}

package app.gradior.method;

import app.gradior.larder.Food;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.LineRemark;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Lines as somebody tells them: an amount before the food or after it, in the next breath, put right at once ("no, make that three"), told early and
 * put in late, told late and gone in early.
 */
final class TalkLines {
    private static final Pattern CORRECTS = Pattern.compile(
            "\\bno (?:make that|wait|sorry|hang on|i tell a lie|it|they|that|actually|not)\\b|\\bmake (?:that|it)\\b|\\bhang on\\b|\\bactually\\b|\\bi mean\\b|\\bill do\\b|\\bsorry\\b|\\btell a lie\\b|\\bcall it\\b");
    private static final Pattern CHOICE = Pattern.compile(
            "^or\\b|\\b(?:you can|you could|can use|could use|could do|some people|if you got|if you have|if you havent|if you dont|if you like it|instead|if you want it|you might|make this with|makes this with|good too|or you|use water|you can leave)\\b");
    private static final Pattern FORGOT = Pattern.compile(
            "\\b(?:forgot|forgotten|didnt say|didnt tell|havent told|not told|never said|did i say|didnt mention|should have said|i didnt)\\b");
    private static final Pattern WENT_WITH = Pattern.compile(
            "\\b(?:went in with|goe in with|go in with|in with|with|when|alongside|same time a)\\b(.*)");
    private static final Pattern PUTS = Pattern.compile(
            "\\b(?:in|first|add|put|pour|throw|thrown|tip|drop|squeeze|whisk|stir|goe|go|going|then|now|oil|little|bit|salt|pepper)\\b");
    private static final Pattern GOES_IN = Pattern.compile(
            "\\b(?:goe|go|going|gone|put|putting|pour|add|adding|throw|tip|melt|in the pan|in the pot|in the bottom|the butter in|in it|into the (?:pan|pot)|in and|get it hot|pan on|skillet|pan is on|butter in)\\b");
    private static final Pattern THEY_GO = Pattern.compile(
            "\\b(?:toast|fry|brown|melt|heat|cook|sear) (?:em|them|it|those)\\b|\\b(?:in (?:the |a )?(?:pan |pot |there )?(?:they|it|that|those) go|(?:that|they|it|those) (?:all )?go(?:e)?(?: straight)? in|in (?:it|they) go)");
    private static final Pattern AGAIN = Pattern.compile("\\b(?:more|another|extra|rest)\\b");
    private static final Pattern PLANS = Pattern.compile(
            "\\b(?:you need|what you need|ingredient|shopping|i have|i got|ive got|you got|what have i got|we need|on the counter)\\b");

    private static final Set<String> CITRUS = Set.of("lemon", "lime", "orange", "grapefruit", "clementine");
    private static final int BETWEEN = 4;
    private static final int BEHIND = 10;
    private static final Pattern STRONGLY =
            Pattern.compile("\\b(?:goe|go|going) in\\b|^(?:and )?(?:add|pour|throw|tip)\\b|\\bin goe\\b");
    private static final Pattern MAKES = Pattern.compile(
            "\\b(?:make|makes|give|gives|enough|yield|serve|one)$|\\b(?:it|that|this) (?:make|give|serve)|\\b(?:one|each)$|\\bmake about\\b");
    private static final int SOON = 6;
    private static final int WAITS = 3;
    private static final int SHORT = 9;
    private static final Pattern PUT_NOW =
            Pattern.compile("\\b(?:putting it in|goe in now|in now|throwing it in|going in now|throw it in now)\\b");
    private static final Pattern EXACT = Pattern.compile(
            "\\d.*\\b(?:g|gram|kg|kilo|ml|mil|ounce|oz|pound|lb|litre|liter)\\b|\\b(?:cup|pint|litre|liter|kilo|pound)\\b");

    private final LineBook book;
    private final StageBuilder stages;
    private final LineReader reader;
    private final Map<String, Named> called = new HashMap<>();
    private final Map<String, String> heard = new HashMap<>();
    private @Nullable Food pending;
    private boolean goes;
    private @Nullable Food lastHeard;
    private int last = -1;
    private final List<Integer> held = new ArrayList<>();
    private int forgot;
    private int corrects;
    private int squeezes;
    private int since = 99;
    private int waited;

    TalkLines(LineBook book, StageBuilder stages) {
        this.book = book;
        this.stages = stages;
        this.reader = book.reader();
    }

    /** The lines that a clause puts in. */
    List<Integer> told(Clause clause) {
        String norm = clause.norm();
        List<Integer> in = new ArrayList<>();
        if (forgot == 0 && !held.isEmpty()) {
            in.addAll(held);
            held.clear();
        }
        corrects = CORRECTS.matcher(norm).find() ? 3 : Math.max(0, corrects - 1);
        since++;
        waited++;
        squeezes = norm.contains("squeeze") ? 3 : Math.max(0, squeezes - 1);
        if (norm.equals("dried") && since <= 2 && last >= 0) {
            LineBook.Entry entry = book.entries().get(last);
            String text = entry.text.replaceFirst("(\\p{L}+)$", "dried $1");
            LineReading dried = reader.read(text);
            if (dried.massG() > 0) {
                replace(last, text, dried);
            }
            return in;
        }
        forgot = FORGOT.matcher(norm).find() ? 4 : Math.max(0, forgot - 1);
        if (CHOICE.matcher(norm).find() || book.isFull()) {
            return in;
        }
        List<String> words = TalkAmounts.heardRight(LineReader.words(clause.text()));
        List<LineReader.Mention> mentions = reader.mentions(String.join(" ", words)).stream()
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
        if (mentions.isEmpty()) {
            loose(clause, words, in);
            return in;
        }
        int before = 0;
        boolean late = false;
        for (int i = 0; i < mentions.size(); i++) {
            LineReader.Mention mention = mentions.get(i);
            int until = i + 1 < mentions.size() ? mentions.get(i + 1).from() : words.size();
            if (forgot > 0 && last >= 0 && wentWith(norm, words, mention)) {
                late = true;
                Optional<Integer> other = placed(mention.food());
                if (other.isPresent()) {
                    List<Integer> moved = new ArrayList<>(in.isEmpty() && held.isEmpty() ? List.of(last) : in);
                    moved.addAll(held);
                    held.clear();
                    moved.stream()
                            .filter(line -> !book.entries().get(line).placed)
                            .forEach(line -> stages.withLine(line, other.get()));
                    in.clear();
                }
                continue;
            }
            mention(clause, words, mention, before, until, in).ifPresent(line -> {
                if (!in.contains(line)) {
                    in.add(line);
                }
            });
            before = mention.to();
        }
        if (late) {
            return List.of();
        }
        // Told late: it waits for the word with what it went in.
        if (forgot > 0 && !PUT_NOW.matcher(norm).find() && !in.isEmpty()) {
            held.addAll(in);
            return List.of();
        }
        return in;
    }

    /** Not the measure that is called so too ("four cloves"), nor what is only said to be as much ("that's like three oranges"). */
    private static boolean isFood(List<String> words, LineReader.Mention mention) {
        if (mention.food().id().equals("clove")) {
            return TalkAmounts.amountAt(words, Math.max(0, mention.from() - 2), mention.from()) < 0
                    && (mention.from() == 0 || !words.get(mention.from() - 1).equals("of"));
        }
        for (int i = Math.max(0, mention.from() - 4); i + 1 < mention.from(); i++) {
            if (words.get(i).equals("that")
                    && (words.get(i + 1).equals("like") || words.get(i + 1).equals("about"))) {
                return false;
            }
        }
        return mention.from() == 0 || !words.get(mention.from() - 1).equals("or") || mention.from() < 2;
    }

    private static boolean wentWith(String norm, List<String> words, LineReader.Mention mention) {
        for (int i = Math.max(0, mention.from() - 3); i < mention.from(); i++) {
            if (words.get(i).equals("with") || words.get(i).equals("when")) {
                return WENT_WITH.matcher(norm).find();
            }
        }
        return false;
    }

    private Optional<Integer> placed(Food food) {
        for (int e = book.entries().size() - 1; e >= 0; e--) {
            LineBook.Entry entry = book.entries().get(e);
            if (entry.placed
                    && entry.food().filter(f -> f.id().equals(food.id())).isPresent()) {
                return Optional.of(e);
            }
        }
        return Optional.empty();
    }

    /** An amount without a food: of the food that was named in the breath before, or put right. Or what was named goes in without its name. */
    private void loose(Clause clause, List<String> words, List<Integer> in) {
        Food early = lastHeard;
        String told = early == null ? null : heard.get(early.id());
        if (THEY_GO.matcher(clause.norm()).find()
                && early != null
                && told != null
                && placed(early).isEmpty()) {
            in.add(add(told, reader.read(told), clause));
            lastHeard = null;
            return;
        }
        int at = TalkAmounts.amountAt(words, 0, words.size());
        if (at < 0) {
            refine(words);
            return;
        }
        String amount = TalkAmounts.strip(words.subList(at, Math.min(words.size(), at + 5)));
        Food waiting = waited <= WAITS ? pending : null;
        LineReading ofWaiting = waiting == null ? null : reader.read(amount + " " + waiting.name());
        if (waiting != null && ofWaiting != null && counts(ofWaiting, waiting)) {
            if (stages.nothingYet() && !goes) {
                heard.put(waiting.id(), amount + " " + waiting.name());
                lastHeard = waiting;
            } else {
                in.add(add(amount + " " + waiting.name(), ofWaiting, clause));
            }
            pending = null;
        } else if (last >= 0
                && words.size() <= SHORT
                && !MAKES.matcher(clause.norm()).find()
                && (CORRECTS.matcher(clause.norm()).find()
                        || corrects > 0
                        || since <= SOON
                                && (EXACT.matcher(amount).find()
                                        || book.entries().get(last).reading.massG() == 0))) {
            correct(amount);
        } else if (early != null && stages.nothingYet() && EXACT.matcher(amount).find()) {
            LineReading reading = reader.read(amount + " " + early.name());
            if (counts(reading, early)) {
                heard.put(early.id(), amount + " " + early.name());
            }
        }
    }

    /** "Now the wine. It's white": which one it is, said after its name. */
    private void refine(List<String> words) {
        Food waiting = pending;
        if (waiting == null || words.size() < 2 || !words.get(0).equals("its")) {
            return;
        }
        String head = LineReader.words(waiting.name())
                .get(LineReader.words(waiting.name()).size() - 1);
        List<LineReader.Mention> closer = reader.mentions(words.get(1) + " " + head);
        if (closer.size() == 1 && closer.get(0).to() == 2) {
            pending = closer.get(0).food();
        }
    }

    /** Whether a reading is a real amount of that food: not a number of pieces that nobody counts. */
    private static boolean counts(LineReading reading, Food food) {
        boolean guess = reading.remark()
                .filter(r -> r instanceof LineRemark.NoUnit || r instanceof LineRemark.EachTakenAs)
                .isPresent();
        return reading.massG() > 0 && is(reading, food) && !guess;
    }

    private void correct(String amount) {
        LineBook.Entry entry = book.entries().get(last);
        Food food = entry.food().orElseThrow();
        String unit = TalkAmounts.unit(List.of(entry.text.split(" ")));
        boolean unitless = TalkAmounts.isBare(amount) && !unit.isEmpty();
        String text = amount + " " + (unitless ? unit + " " : "") + food.name();
        LineReading reading = reader.read(text);
        if (counts(reading, food)) {
            replace(last, text, reading);
        }
    }

    private void replace(int at, String text, LineReading reading) {
        LineBook.Entry old = book.entries().get(at);
        LineBook.Entry entry = new LineBook.Entry(text, reading, old.at, false);
        entry.head = old.head;
        entry.placed = old.placed;
        entry.optional = old.optional;
        book.entries().set(at, entry);
    }

    private static boolean is(LineReading reading, Food food) {
        return reading.food().filter(f -> f.id().equals(food.id())).isPresent();
    }

    private int add(String text, LineReading reading, Clause clause) {
        int before = book.entries().size() - 1;
        boolean salted = before >= 0
                && reading.massG() > 0
                && book.entries().get(before).reading.massG() == 0
                && StageBuilder.is(reading.food(), FoodClass.SALT)
                && StageBuilder.is(book.entries().get(before).food(), FoodClass.SALT);
        if (salted) {
            replace(before, text, reading);
            last = before;
            since = 0;
            return before;
        }
        LineBook.Entry entry = book.entry(text, reading, clause.at(), false);
        entry.optional = LineBook.OPTIONAL.matcher(clause.norm()).find();
        last = book.entries().size() - 1;
        since = 0;
        return last;
    }

    private Optional<Integer> mention(
            Clause clause, List<String> words, LineReader.Mention mention, int before, int until, List<Integer> in) {
        Named named = meant(mention, words);
        Food food = named.food();
        String previous = mention.from() > 0 ? words.get(mention.from() - 1) : "";
        boolean made = mention.from() > 1 && words.get(mention.from() - 2).equals("make");
        if (previous.equals("not") || previous.equals("no") || made) {
            return Optional.empty();
        }
        String name = named.name();
        Optional<String> amount =
                putRight(words, mention, until, named).or(() -> amount(words, mention, before, until, named));
        String norm = clause.norm();
        Optional<Integer> there = placed(food);
        if (there.isPresent() && !AGAIN.matcher(norm).find()) {
            if (amount.isEmpty()) {
                return Optional.empty();
            }
            if (stages.isOpen(there.get())) {
                LineReading reading = reader.read(amount.get());
                last = there.get();
                replace(there.get(), amount.get(), reading);
                return Optional.empty();
            }
        }
        if (amount.isEmpty()) {
            String told = heard.get(food.id());
            boolean puts = PUTS.matcher(norm).find();
            if (told != null && puts && there.isEmpty() && reader.read(told).massG() > 0) {
                pending = null;
                return Optional.of(add(told, reader.read(told), clause));
            }
            FoodClass kind = FoodClass.of(food);
            boolean seasons = FoodClass.isToTaste(food);
            boolean salted = kind == FoodClass.SALT
                    && book.entries().stream()
                            .anyMatch(e -> e.reading.massG() > 0 && StageBuilder.is(e.food(), FoodClass.SALT));
            if (seasons && puts && !stages.nothingYet() && there.isEmpty() && !salted && !norm.contains("no salt")) {
                return Optional.of(add(name, reader.read(name), clause));
            }
            if (there.isEmpty() && STRONGLY.matcher(norm).find() && stages.cooking()) {
                return Optional.of(add(name, reader.read(name), clause));
            }
            pending = there.isPresent() ? null : food;
            waited = 0;
            goes = GOES_IN.matcher(norm).find();
            if (stages.nothingYet()) {
                lastHeard = food;
            }
            return Optional.empty();
        }
        pending = null;
        LineReading reading = reader.read(amount.get());
        boolean early = stages.nothingYet() && !GOES_IN.matcher(norm).find();
        boolean piece = TalkAmounts.isBare(amount.get());
        if (early && (piece || PLANS.matcher(norm).find())) {
            heard.put(food.id(), amount.get());
            lastHeard = food;
            return Optional.empty();
        }
        // The same food again in one breath: put right, or said twice.
        for (int e : in) {
            if (is(book.entries().get(e).reading, food)) {
                replace(e, amount.get(), reading);
                last = e;
                return Optional.empty();
            }
        }
        return Optional.of(add(amount.get(), reading, clause));
    }

    /** A food by the name it has in its line. */
    private record Named(Food food, String name) {}

    /** What a name means here: a bare noun is what was called by more words before, pepper is black. */
    private Named meant(LineReader.Mention mention, List<String> words) {
        String name = String.join(" ", words.subList(mention.from(), mention.to()));
        String head = words.get(mention.to() - 1);
        if (mention.to() - mention.from() > 1) {
            called.putIfAbsent(head, new Named(mention.food(), name));
            return new Named(mention.food(), name);
        }
        Named before = called.get(head);
        if (name.equals("pepper")) {
            Optional<Food> black = reader.read("1 pinch pepper").food();
            return new Named(black.orElse(mention.food()), "black pepper");
        }
        return before != null ? before : new Named(mention.food(), name);
    }

    /** "No, make that three": what is said after it counts, the last of it; said without its measure, it is in the one before. */
    private Optional<String> putRight(List<String> words, LineReader.Mention mention, int until, Named named) {
        int no = -1;
        String unit = TalkAmounts.unit(words.subList(mention.to(), Math.min(until, words.size())));
        for (int i = mention.to(); i < Math.min(until, words.size()); i++) {
            String word = words.get(i);
            boolean half = word.equals("just")
                    && i + 1 < words.size()
                    && words.get(i + 1).equals("half");
            no = no < 0 && (word.equals("no") || word.equals("make") || half) ? i : no;
        }
        Optional<String> right = Optional.empty();
        for (int at = no < 0 ? -1 : TalkAmounts.amountAt(words, no + 1, until); at >= 0; ) {
            int to = at;
            while (to < until
                    && (TalkAmounts.isAmountWord(words.get(to))
                            || words.get(to).equals("and")
                            || words.get(to).equals("of"))) {
                to++;
            }
            String amount = TalkAmounts.strip(words.subList(at, Math.max(at + 1, to)));
            boolean bare = TalkAmounts.isBare(amount);
            String phrase = amount + (bare && !unit.isEmpty() ? " " + unit + " " : " ") + named.name();
            if (counts(reader.read(phrase), named.food())) {
                right = Optional.of(phrase);
            }
            at = TalkAmounts.amountAt(words, Math.max(at + 1, to), until);
        }
        return right;
    }

    /** The amount of a food and its name, as a line: before it, or after it in the same breath. */
    private Optional<String> amount(
            List<String> words, LineReader.Mention mention, int before, int until, Named named) {
        String name = named.name();
        int end = mention.from();
        // "Two cups here of the juice": few words may stand between.
        while (end > before
                && !TalkAmounts.isAmountWord(words.get(end - 1))
                && !words.get(end - 1).equals("and")
                && mention.from() - end < BETWEEN) {
            end--;
        }
        int start = end;
        while (start > before
                && (TalkAmounts.isAmountWord(words.get(start - 1))
                        || words.get(start - 1).equals("and")
                        || words.get(start - 1).equals("of"))) {
            start--;
        }
        while (start < end
                && (words.get(start).equals("and") || words.get(start).equals("of"))) {
            start++;
        }
        boolean part = start >= 2
                && words.get(start - 1).equals("of")
                && (words.get(start - 2).equals("juice") || words.get(start - 2).equals("zest"));
        if (start < end) {
            boolean squeezed = words.subList(0, start).contains("squeeze")
                    && CITRUS.contains(named.food().id());
            String phrase = (part ? words.get(start - 2) + " of " : squeezed ? "juice of " : "")
                    + TalkAmounts.strip(words.subList(start, end)) + TalkAmounts.size(words, end, mention.from()) + " "
                    + name;
            LineReading reading = reader.read(phrase);
            if (counts(reading, named.food())) {
                return Optional.of(phrase);
            }
        }
        if (mention.from() > 0 && words.get(mention.from() - 1).equals("whole")) {
            String phrase = (squeezes > 0 && CITRUS.contains(named.food().id()) ? "juice of 1 " : "1 ") + name;
            if (counts(reader.read(phrase), named.food())) {
                return Optional.of(phrase);
            }
        }
        int behind = TalkAmounts.amountAt(words, mention.to(), Math.min(until, mention.to() + BEHIND));
        if (behind >= 0) {
            int to = behind;
            while (to < until
                    && (TalkAmounts.isAmountWord(words.get(to))
                            || words.get(to).equals("and")
                            || words.get(to).equals("of"))) {
                to++;
            }
            String phrase = TalkAmounts.strip(words.subList(behind, Math.max(behind + 1, to))) + " " + name;
            LineReading reading = reader.read(phrase);
            if (counts(reading, named.food())) {
                return Optional.of(phrase);
            }
        }
        return Optional.empty();
    }
}

package app.gradior.method;

import app.gradior.larder.Food;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.LineRemark;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
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
            "^no$|\\bno (?:make that|wait|sorry|hang on|i tell a lie|it|they|that|actually|not)\\b|\\bmake (?:that|it)\\b|\\bhang on\\b|\\bactually\\b|\\bi mean\\b|\\bill do\\b|\\bsorry\\b|\\btell a lie\\b|\\bcall it\\b|\\bjust (?:the )?half\\b|\\bhalf of it\\b");
    private static final Pattern CHOICE = Pattern.compile(
            "^or\\b|\\b(?:you can|you could|can use|could use|could do|some people|if you got|if you have|if you havent|if you dont|if you like it|instead|if you want it|you might|make this with|makes this with|good too|or you|use water|you can leave)\\b");
    private static final Pattern FORGOT = Pattern.compile(
            "\\b(?:forgot|forgotten|didnt say|didnt tell|havent told|not told|never said|did i say|didnt mention|should have said|i didnt)\\b");
    private static final Pattern WENT_WITH = Pattern.compile(
            "\\b(?:went in with|goe in with|go in with|in with|with|when|alongside|same time a)\\b(.*)");
    private static final Pattern PUTS = Pattern.compile(
            "\\b(?:in|first|add|put|pour|throw|thrown|tip|drop|squeeze|whisk|stir|goe|go|going|then|now|oil|little|bit|salt|pepper)\\b");
    private static final Pattern GOES_IN = Pattern.compile(
            "\\bstart(?:ing)? (?:off |out )?with\\b|\\b(?:goe|go|going|gone|put|putting|pour|add|adding|throw|tip|melt|in the pan|in the pot|in the bottom|the butter in|in it|into the (?:pan|pot)|in and|get it hot|pan on|skillet|pan is on|butter in)\\b");
    private static final Pattern THEY_GO = Pattern.compile(
            "\\b(?:toast|fry|brown|melt|heat|cook|sear) (?:em|them|it|those)\\b|\\b(?:in (?:the |a )?(?:pan |pot |there )?(?:they|it|that|those) go|(?:that|they|it|those) (?:all )?go(?:e)?(?: straight)? in|in (?:it|they) go)");
    private static final Pattern AGAIN = Pattern.compile("\\b(?:more|another|extra|rest)\\b");
    private static final Pattern PLANS = Pattern.compile(
            "\\b(?:you need|what you need|ingredient|shopping|i have|i got|ive got|you got|what have i got|we need|on the counter)\\b");

    private static final Set<String> SPICE_CLOVES = Set.of("ground", "whole", "dried");
    private static final Set<String> FILLERS =
            Set.of("its", "the", "a", "an", "just", "er", "um", "uh", "kind", "one", "stuff", "like", "so");
    private static final Set<String> SHAKES = Set.of(
            "shake", "bit", "little", "touch", "grind", "twist", "drop", "grating", "dusting", "plenty", "some",
            "scrape");
    private static final int REFINING = 2;
    private static final int WHICH = 9;
    private static final Set<String> PARTING = Set.of("and", "then", "plus", "with", "or");
    private static final Pattern ALL_GO = Pattern.compile(
            "\\b(?:veg|veggie|vegetable|everything|the lot|all of (?:it|that|them)|(?:it|they|that|those) all) (?:go|goe|going|went) in\\b");
    private static final int ASIDE = 8;
    private static final Set<String> CITRUS = Set.of("lemon", "lime", "orange", "grapefruit", "clementine");
    private static final Pattern STRONGLY =
            Pattern.compile("\\b(?:goe|go|going) in\\b|^(?:and )?(?:add|pour|throw|tip)\\b|\\bin goe\\b");
    private static final Pattern MAKES = Pattern.compile(
            "\\b(?:make|makes|give|gives|enough|yield|serve|one)$|\\b(?:it|that|this) (?:make|give|serve)|\\b(?:one|each)$|\\bmake about\\b");
    private static final int SOON = 6;
    private static final int WAITS = 6;
    private static final int WAITS_FOR_A_NUMBER = 3;
    private static final int SHORT = 9;
    private static final Pattern PUT_NOW =
            Pattern.compile("\\b(?:putting it in|goe in now|in now|throwing it in|going in now|throw it in now)\\b");
    private static final Pattern NOT_WANTED =
            Pattern.compile("\\b(?:wont|doesnt|dont|didnt|shouldnt|not) (?:want|need|add|put|adding|have)\\b");
    private static final Pattern PORTION = Pattern.compile("\\b(?:first|at a time|to begin|to start|bit by bit|until|till|til|down to|left)\\b");
    private static final Pattern MAKES_SO_MUCH =
            Pattern.compile("\\b(?:enough|make you|makes you|give you|gives you|you get|youll get)\\b");
    private static final Pattern WEIGHED = Pattern.compile("\\d+ (?:g|gram|ml|mil)\\b");
    private static final Pattern VAGUE = Pattern.compile("\\b(?:splash|glug|knob|handful|dash|bit|little|some)\\b");
    private static final Pattern EXACT = Pattern.compile(
            "\\d.*\\b(?:g|gram|kg|kilo|ml|mil|ounce|oz|pound|lb|litre|liter)\\b|\\b(?:cup|pint|litre|liter|kilo|pound)\\b");

    private final LineBook book;
    private final StageBuilder stages;
    private final LineReader reader;
    private final boolean metric;
    private final Map<String, Named> called = new HashMap<>();
    private final Map<String, Heard> heard = new LinkedHashMap<>();
    private @Nullable Food pending;
    private boolean goes;
    private @Nullable Food lastHeard;
    private int last = -1;
    private final List<Integer> held = new ArrayList<>();
    private int forgot;
    private int heldWith = -1;
    private int corrects;
    private int squeezes;
    private int aside;
    private int yielding;
    private int since = 99;
    private int waited;

    TalkLines(LineBook book, StageBuilder stages, boolean metric) {
        this.metric = metric;
        this.book = book;
        this.stages = stages;
        this.reader = book.reader();
    }

    /** The lines that a clause puts in. */
    List<Integer> told(Clause clause) {
        String norm = clause.norm();
        List<Integer> in = new ArrayList<>();
        int lastBefore = last;
        if (forgot == 0 && !held.isEmpty()) {
            if (heldWith >= 0) {
                held.forEach(line -> stages.withLine(line, heldWith));
            } else {
                in.addAll(held);
            }
            held.clear();
        }
        corrects = CORRECTS.matcher(norm).find() ? 3 : Math.max(0, corrects - 1);
        since++;
        waited++;
        yielding = MAKES_SO_MUCH.matcher(norm).find() ? 2 : Math.max(0, yielding - 1);
        aside = norm.startsWith("while ") ? ASIDE : Math.max(0, aside - 1);
        if (ALL_GO.matcher(norm).find()) {
            in.addAll(heardAside(clause));
        }
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
        mentions.removeIf(mention -> mentions.stream().anyMatch(other -> isWhich(words, other, mention)));
        if (mentions.size() == 1 && words.size() <= REFINING && refine(words)) {
            return in;
        }
        if (mentions.isEmpty()) {
            loose(clause, words, in);
            return in;
        }
        Map<LineReader.Mention, String> amounts =
                Pairing.of(words, mentions, (amount, mention) -> line(words, amount, mention));
        boolean late = false;
        Optional<Integer> other = Optional.empty();
        for (LineReader.Mention mention : mentions) {
            if (forgot > 0 && last >= 0 && wentWith(norm, words, mention)) {
                late = true;
                Food with = meant(mention, words).food();
                other = other.isPresent() ? other : placed(with).or(() -> placedLike(with));
                continue;
            }
            mention(clause, words, mention, amounts, in).ifPresent(line -> {
                if (!in.contains(line)) {
                    in.add(line);
                }
            });
        }
        if (late) {
            other.ifPresent(with -> goLate(in, with));
            forgot = other.isPresent() ? 0 : forgot;
            return other.isPresent() ? List.of() : in;
        }
        if (forgot > 0 && held.isEmpty()) {
            heldWith = lastBefore;
        }
        // Told late: it waits for the word with what it went in.
        if (forgot > 0 && !PUT_NOW.matcher(norm).find() && !in.isEmpty()) {
            held.addAll(in);
            return List.of();
        }
        return in;
    }

    /** What was forgotten goes in where that line went: what this breath says, what waited, or what was told last. */
    private void goLate(List<Integer> in, int with) {
        List<Integer> late = new ArrayList<>(in.isEmpty() && held.isEmpty() ? List.of(last) : in);
        late.addAll(held);
        held.clear();
        late.stream().filter(line -> !book.entries().get(line).placed).forEach(line -> stages.withLine(line, with));
    }

    /** Not the measure that is called so too ("four cloves"), nor what is only said to be as much ("that's like three oranges"). */
    private static boolean isFood(List<String> words, LineReader.Mention mention) {
        if (mention.food().id().equals("clove")) {
            return mention.to() - mention.from() > 1
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

    private static boolean wentWith(String norm, List<String> words, LineReader.Mention mention) {
        for (int i = Math.max(0, mention.from() - 3); i < mention.from(); i++) {
            if (words.get(i).equals("with") || words.get(i).equals("when")) {
                return WENT_WITH.matcher(norm).find();
            }
        }
        return false;
    }

    /** The line put in last of that food, or of one of that noun. */
    private Optional<Integer> placedLike(Food food) {
        for (int e = book.entries().size() - 1; e >= 0; e--) {
            if (book.entries().get(e).placed && isLike(book.entries().get(e), food)) {
                return Optional.of(e);
            }
        }
        return Optional.empty();
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
        String told = early == null ? null : heard(early);
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
        String said = Pairing.amounts(words, List.of()).stream()
                .filter(amount -> amount.from() >= at)
                .map(Pairing.Amount::text)
                .findFirst()
                .orElseGet(() -> TalkAmounts.strip(words.subList(at, Math.min(words.size(), at + 5))));
        Food waiting = waited <= (TalkAmounts.isBare(said) ? WAITS_FOR_A_NUMBER : WAITS) ? pending : null;
        String amount = waiting != null && metric ? TalkAmounts.weighed(said, waiting.pourable()) : said;
        LineReading ofWaiting = waiting == null ? null : reader.read(amount + " " + waiting.name());
        if (!amount.equals("a") && waiting != null && ofWaiting != null && counts(ofWaiting, waiting)) {
            if (stages.nothingYet() && !goes) {
                hear(waiting, amount + " " + waiting.name(), clause);
                lastHeard = waiting;
            } else {
                in.add(add(amount + " " + waiting.name(), ofWaiting, clause));
            }
            pending = null;
        } else if (last >= 0
                && at <= SHORT
                && (words.size() <= SHORT || CORRECTS.matcher(clause.norm()).find())
                && !amount.equals("a")
                && !PORTION.matcher(clause.norm()).find()
                && yielding == 0
                && !MAKES.matcher(clause.norm()).find()
                && (CORRECTS.matcher(clause.norm()).find()
                        || corrects > 0
                        || since <= SOON
                                && (EXACT.matcher(amount).find()
                                        || !TalkAmounts.isBare(amount)
                                                && VAGUE.matcher(book.entries().get(last).text)
                                                        .find()
                                        || book.entries().get(last).reading.massG() == 0))) {
            correct(amount);
        } else if (early != null && stages.nothingYet() && EXACT.matcher(amount).find()) {
            LineReading reading = reader.read(amount + " " + early.name());
            if (counts(reading, early)) {
                hear(early, amount + " " + early.name(), clause);
            }
        }
    }

    /** What was told while something else cooked: "veg goes in". */
    private List<Integer> heardAside(Clause clause) {
        List<Integer> in = new ArrayList<>();
        for (Heard told : List.copyOf(heard.values())) {
            if (told.before() > 0
                    && placed(told.food()).isEmpty()
                    && reader.read(told.line()).massG() > 0) {
                in.add(add(told.line(), reader.read(told.line()), told.clause()));
            }
        }
        return in;
    }

    private void hear(Food food, String line, Clause clause) {
        heard.put(food.id(), new Heard(food, line, clause, book.entries().size(), false));
    }

    private @Nullable String heard(Food food) {
        Heard told = heard.get(food.id());
        return told == null ? null : told.line();
    }

    /** What was told with its amount before the cooking and never again: it goes in with what is told next. */
    void saidEarly() {
        for (Heard told : heard.values()) {
            LineReading reading = reader.read(told.line());
            boolean vague = !told.again() && told.line().startsWith("a ") && TalkAmounts.isBare(told.line());
            boolean there = book.entries().stream().anyMatch(e -> isLike(e, told.food()));
            if (!there
                    && !vague
                    && reading.massG() > 0
                    && told.before() < book.entries().size()) {
                stages.withLine(add(told.line(), reading, told.clause()), told.before());
            }
        }
    }

    /** Whether a line may be what was called so before: of that food, or of one whose name has its noun. */
    private static boolean isLike(LineBook.Entry entry, Food food) {
        List<String> name = LineReader.words(food.name());
        String head = name.get(name.size() - 1);
        return is(entry.reading, food)
                || entry.food()
                        .filter(f -> LineReader.words(f.name()).contains(head))
                        .isPresent();
    }

    /**
     * A food told early.
     *
     * @param before how many lines there were; of what is named again, the line told last
     * @param again whether it was named again, in the cooking
     */
    private record Heard(Food food, String line, Clause clause, int before, boolean again) {}

    /** "Now the wine. It's white": which one it is, said after its name. */
    private boolean refine(List<String> words) {
        Food waiting = pending;
        List<String> bare =
                words.stream().filter(word -> !FILLERS.contains(word)).toList();
        boolean says =
                !bare.isEmpty() && (bare.size() <= REFINING || words.get(0).equals("its"));
        if (waiting == null || waited > WAITS || !says) {
            return false;
        }
        List<String> name = LineReader.words(waiting.name());
        Optional<Food> closer = closer(bare.get(0), name.get(name.size() - 1));
        closer.ifPresent(food -> pending = food);
        return closer.isPresent();
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
    private Optional<Food> closer(String which, String noun) {
        List<LineReader.Mention> closer = reader.mentions(which + " " + noun);
        return closer.size() == 1 && closer.get(0).to() == 2 && closer.get(0).from() == 0
                ? Optional.of(closer.get(0).food())
                : Optional.empty();
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
        boolean counted = TalkAmounts.isBare(amount) && !TalkAmounts.isMany(amount);
        if (counted && WEIGHED.matcher(entry.text).find()) {
            // "Two hundred grams. There are four of us."
            return;
        }
        String right = TalkAmounts.inUnitOf(amount, entry.text);
        String text = (metric ? TalkAmounts.weighed(right, food.pourable()) : right) + " " + food.name();
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
            Clause clause,
            List<String> words,
            LineReader.Mention mention,
            Map<LineReader.Mention, String> amounts,
            List<Integer> in) {
        Named named = meant(mention, words);
        Food food = named.food();
        String previous = mention.from() > 0 ? words.get(mention.from() - 1) : "";
        boolean made = mention.from() > 1 && words.get(mention.from() - 2).equals("make");
        if (previous.equals("not") || previous.equals("no") || made) {
            return Optional.empty();
        }
        String name = named.name();
        Optional<String> amount = Optional.ofNullable(amounts.get(mention)).or(() -> whole(words, mention, named));
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
            String told = heard(food);
            if (told != null && there.isEmpty()) {
                heard.computeIfPresent(
                        food.id(),
                        (id, h) -> h.again() ? h : new Heard(food, h.line(), h.clause(), Math.max(0, last), true));
            }
            boolean puts = PUTS.matcher(norm).find() || Act.COOK.isIn(norm);
            if (told != null && puts && there.isEmpty() && reader.read(told).massG() > 0) {
                pending = null;
                return Optional.of(add(told, reader.read(told), clause));
            }
            FoodClass kind = FoodClass.of(food);
            boolean shaken = kind == FoodClass.SPICE && isVague(words, mention);
            boolean seasons = FoodClass.isToTaste(food) || shaken;
            boolean salted = kind == FoodClass.SALT
                    && book.entries().stream()
                            .anyMatch(e -> e.reading.massG() > 0 && StageBuilder.is(e.food(), FoodClass.SALT));
            if (seasons
                    && (puts || shaken)
                    && !NOT_WANTED.matcher(norm).find()
                    && !stages.nothingYet()
                    && there.isEmpty()
                    && !salted
                    && !norm.contains("no salt")) {
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
        boolean early = (stages.nothingYet() || aside > 0 && PLANS.matcher(norm).find())
                && !GOES_IN.matcher(norm).find();
        boolean piece = TalkAmounts.isBare(amount.get());
        if (early && (piece || PLANS.matcher(norm).find())) {
            hear(food, amount.get(), clause);
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
            Optional<Food> black = reader.read("1 pinch pepper").food();
            return new Named(black.orElse(mention.food()), "black pepper");
        }
        return before != null ? before : new Named(mention.food(), name);
    }

    /** "The cream off the top of a tin of it": where something is from goes in no further. */
    private static boolean isSource(List<String> words, int amount) {
        String before = String.join(" ", words.subList(Math.max(0, amount - 4), amount));
        return before.endsWith("off the top of") || before.endsWith("from") || before.endsWith("out of");
    }

    /** "A couple of shakes of cayenne." */
    private static boolean isVague(List<String> words, LineReader.Mention mention) {
        return words.subList(Math.max(0, mention.from() - 3), mention.from()).stream()
                .anyMatch(SHAKES::contains);
    }

    /** "A whole lime". */
    private Optional<String> whole(List<String> words, LineReader.Mention mention, Named named) {
        if (mention.from() == 0 || !words.get(mention.from() - 1).equals("whole")) {
            return Optional.empty();
        }
        String phrase = (squeezes > 0 && CITRUS.contains(named.food().id()) ? "juice of 1 " : "1 ") + named.name();
        return counts(reader.read(phrase), named.food()) ? Optional.of(phrase) : Optional.empty();
    }

    /** An amount of a food as a line; empty when nobody would say so. */
    private Optional<String> line(List<String> words, Pairing.Amount amount, LineReader.Mention mention) {
        Named named = meant(mention, words);
        Food food = named.food();
        boolean before = amount.to() <= mention.from();
        if (before && isSource(words, amount.from())) {
            return Optional.empty();
        }
        if (!before && amount.to() - amount.from() == 1 && TalkAmounts.isPronoun(words, amount.from())) {
            return Optional.empty();
        }
        int start = amount.from();
        boolean part = start >= 2
                && words.get(start - 1).equals("of")
                && (words.get(start - 2).equals("juice") || words.get(start - 2).equals("zest"));
        boolean squeezed =
                CITRUS.contains(food.id()) && squeezes > 0 && !amount.text().contains("squeeze");
        String text = metric ? TalkAmounts.weighed(amount.text(), food.pourable()) : amount.text();
        String phrase = (part ? words.get(start - 2) + " of " : squeezed ? "juice of " : "")
                + text
                + (before ? TalkAmounts.size(words, amount.to(), mention.from()) : "")
                + " "
                + named.name();
        return counts(reader.read(phrase), food) ? Optional.of(phrase) : Optional.empty();
    }
}

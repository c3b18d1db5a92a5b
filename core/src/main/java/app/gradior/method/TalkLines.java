package app.gradior.method;

import app.gradior.larder.Food;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Lines as somebody tells them: an amount before the food or after it, in the next breath, put right at once ("no, make that three"), told early and
 * put in late, told late and gone in early.
 */
final class TalkLines {

    private static final Set<String> FILLERS =
            Set.of("its", "the", "a", "an", "just", "er", "um", "uh", "kind", "one", "stuff", "like", "so");
    private static final Set<String> USES = Set.of("i", "im", "we", "use", "using", "like", "prefer", "got", "have");
    private static final double SEASONING_SALT = 2;
    private static final int REFINING = 2;
    private static final int REFINING_LAST = 4;
    private static final int ASIDE = 8;
    private static final int SOON = 6;
    private static final int WAITS = 6;
    private static final int WAITS_FOR_A_NUMBER = 3;
    private static final int SHORT = 9;

    private final LineBook book;
    private final StageList stages;
    private final LineReader reader;
    private final WhichOne which;
    private final TalkPhrases phrases;
    private final GoneIn gone;
    private final ToldEarly early = new ToldEarly();
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

    TalkLines(LineBook book, StageList stages, boolean metric) {
        this.book = book;
        this.stages = stages;
        this.reader = book.reader();
        this.which = new WhichOne(reader);
        this.phrases = new TalkPhrases(reader, which, metric);
        this.gone = new GoneIn(book);
    }

    /** The lines that a clause puts in. */
    List<Integer> told(Clause clause) {
        if (book.isFull()) {
            return new ArrayList<>();
        }
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
        corrects = TalkCue.CORRECTS.isIn(norm) ? 3 : Math.max(0, corrects - 1);
        since++;
        waited++;
        yielding = TalkCue.MAKES_SO_MUCH.isIn(norm) ? 2 : Math.max(0, yielding - 1);
        aside = norm.startsWith("while ") ? ASIDE : Math.max(0, aside - 1);
        if (TalkCue.ALL_GO.isIn(norm)) {
            in.addAll(heardAside());
        }
        squeezes = norm.contains("squeeze") ? 3 : Math.max(0, squeezes - 1);
        if (norm.equals("dried") && since <= 2 && last >= 0) {
            MethodLine entry = book.entries().get(last);
            String text = entry.text.replaceFirst("(\\p{L}+)$", "dried $1");
            LineReading dried = reader.read(text);
            if (dried.massG() > 0) {
                replace(last, text, dried);
            }
            return in;
        }
        forgot = TalkCue.FORGOT.isIn(norm) ? 4 : Math.max(0, forgot - 1);
        if (TalkCue.CHOICE.isIn(norm)) {
            return in;
        }
        List<String> words = TalkAmounts.heardRight(LineReader.words(clause.text()));
        List<LineReader.Mention> mentions = which.mentions(words);
        boolean refines = mentions.size() == 1 && words.size() <= REFINING && refine(words)
                || mentions.size() == 1 && words.size() <= REFINING_LAST && refineLast(words);
        if (refines) {
            return in;
        }
        if (mentions.isEmpty()) {
            loose(clause, words, in);
            return in;
        }
        Map<LineReader.Mention, String> amounts =
                Pairing.of(words, mentions, (amount, mention) -> phrases.line(words, amount, mention, squeezes > 0));
        boolean late = false;
        Optional<Integer> other = Optional.empty();
        for (LineReader.Mention mention : mentions) {
            if ((forgot > 0 || TalkCue.IN_WITH.isIn(norm)) && last >= 0 && TalkPhrases.wentWith(norm, words, mention)) {
                late = true;
                Food with = which.meant(mention, words).food();
                other = other.isPresent() ? other : gone.placed(with).or(() -> gone.placedLike(with));
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
        if (forgot > 0 && !TalkCue.PUT_NOW.isIn(norm) && !in.isEmpty()) {
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

    /** An amount without a food: of the food that was named in the breath before, or put right. Or what was named goes in without its name. */
    private void loose(Clause clause, List<String> words, List<Integer> in) {
        Food heard = lastHeard;
        Optional<String> told = heard == null || gone.placed(heard).isPresent() ? Optional.empty() : early.line(heard);
        if (TalkCue.THEY_GO.isIn(clause.norm()) && told.isPresent()) {
            in.add(add(told.get(), reader.read(told.get()), clause));
            lastHeard = null;
            return;
        }
        int at = TalkAmounts.amountAt(words, 0, words.size());
        if (at < 0) {
            if (!refine(words)) {
                refineLast(words);
            }
            return;
        }
        String said = Pairing.amounts(words, List.of()).stream()
                .filter(amount -> amount.from() >= at)
                .map(Pairing.Amount::text)
                .findFirst()
                .orElseGet(() -> TalkAmounts.strip(words.subList(at, Math.min(words.size(), at + 5))));
        Food waiting = waited <= (TalkAmounts.isBare(said) ? WAITS_FOR_A_NUMBER : WAITS) ? pending : null;
        String amount = waiting == null ? said : phrases.measured(said, waiting);
        LineReading ofWaiting = waiting == null ? null : reader.read(amount + " " + waiting.name());
        if (!amount.equals("a") && waiting != null && ofWaiting != null && TalkPhrases.counts(ofWaiting, waiting)) {
            if (stages.nothingYet() && !goes) {
                hear(waiting, amount + " " + waiting.name(), clause);
            } else {
                in.add(add(amount + " " + waiting.name(), ofWaiting, clause));
            }
            pending = null;
        } else if (last >= 0
                && at <= SHORT
                && (words.size() <= SHORT || TalkCue.CORRECTS.isIn(clause.norm()))
                && !amount.equals("a")
                && !TalkCue.PORTION.isIn(clause.norm())
                && yielding == 0
                && !TalkCue.MAKES.isIn(clause.norm())
                && (TalkCue.CORRECTS.isIn(clause.norm())
                        || corrects > 0
                        || since <= SOON
                                && (TalkCue.EXACT.isIn(amount)
                                        || !TalkAmounts.isBare(amount)
                                                && TalkCue.VAGUE.isIn(
                                                        book.entries().get(last).text)
                                        || book.entries().get(last).reading.massG() == 0))) {
            correct(amount);
        } else if (heard != null && stages.nothingYet() && TalkCue.EXACT.isIn(amount)) {
            LineReading reading = reader.read(amount + " " + heard.name());
            if (TalkPhrases.counts(reading, heard)) {
                hear(heard, amount + " " + heard.name(), clause);
            }
        }
    }

    /** What was told while something else cooked: "veg goes in". */
    private List<Integer> heardAside() {
        List<Integer> in = new ArrayList<>();
        for (ToldEarly.Told told : early.all()) {
            if (gone.placed(told.food()).isEmpty() && reader.read(told.line()).massG() > 0) {
                in.add(add(told.line(), reader.read(told.line()), told.clause()));
            }
        }
        return in;
    }

    private void hear(Food food, String line, Clause clause) {
        early.hear(food, line, clause, book.entries().size());
        lastHeard = food;
    }

    /** What was told with its amount before the cooking and never again: it goes in with what is told next. */
    void saidEarly() {
        for (ToldEarly.Told told : early.all()) {
            LineReading reading = reader.read(told.line());
            boolean there = book.entries().stream().anyMatch(e -> GoneIn.isLike(e, told.food()));
            if (!there
                    && !told.isVague()
                    && reading.massG() > 0
                    && told.before() < book.entries().size()) {
                stages.withLine(add(told.line(), reading, told.clause()), told.before());
            }
        }
    }

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
        Optional<Food> closer = which.closer(bare.get(0), name.get(name.size() - 1));
        closer.ifPresent(food -> pending = food);
        return closer.isPresent();
    }

    /** "Four hundred grams of sugar, I use demerara." */
    private boolean refineLast(List<String> words) {
        List<String> bare = words.stream()
                .filter(word -> !FILLERS.contains(word) && !USES.contains(word))
                .toList();
        if (last < 0 || since > 1 || bare.size() != 1) {
            return false;
        }
        MethodLine entry = book.entries().get(last);
        List<String> text = List.of(entry.text.split(" "));
        String noun = text.get(text.size() - 1);
        String line = String.join(" ", text.subList(0, text.size() - 1)) + " " + bare.get(0) + " " + noun;
        LineReading reading = reader.read(line);
        boolean closer = which.closer(bare.get(0), noun)
                .filter(food -> TalkPhrases.counts(reading, food))
                .isPresent();
        if (closer) {
            replace(last, line, reading);
        }
        return closer;
    }

    private void correct(String amount) {
        MethodLine entry = book.entries().get(last);
        Food food = entry.food().orElseThrow();
        boolean counted = TalkAmounts.isBare(amount) && !TalkAmounts.isMany(amount);
        if (counted && TalkCue.WEIGHED.isIn(entry.text)) {
            // "Two hundred grams. There are four of us."
            return;
        }
        String text = phrases.measured(TalkAmounts.inUnitOf(amount, entry.text), food) + " " + food.name();
        LineReading reading = reader.read(text);
        if (TalkPhrases.counts(reading, food)) {
            replace(last, text, reading);
        }
    }

    private void replace(int at, String text, LineReading reading) {
        MethodLine old = book.entries().get(at);
        MethodLine entry = new MethodLine(text, reading, old.at, false);
        entry.head = old.head;
        entry.placed = old.placed;
        entry.optional = old.optional;
        book.entries().set(at, entry);
    }

    private int add(String text, LineReading reading, Clause clause) {
        int before = book.entries().size() - 1;
        boolean salted = before >= 0
                && book.entries().get(before).reading.massG() == 0
                && FoodClass.is(reading.food(), FoodClass.SALT)
                && FoodClass.is(book.entries().get(before).food(), FoodClass.SALT);
        if (salted) {
            replace(before, text, reading);
            last = before;
            since = 0;
            return before;
        }
        MethodLine entry = book.entry(text, reading, clause.at(), false);
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
        WhichOne.Named named = which.meant(mention, words);
        Food food = named.food();
        String previous = mention.from() > 0 ? words.get(mention.from() - 1) : "";
        boolean made = mention.from() > 1 && words.get(mention.from() - 2).equals("make");
        if (previous.equals("not") || previous.equals("no") || made) {
            return Optional.empty();
        }
        Optional<String> amount =
                Optional.ofNullable(amounts.get(mention)).or(() -> phrases.whole(words, mention, named, squeezes > 0));
        String norm = clause.norm();
        Optional<Integer> there = gone.placed(food);
        if (there.isPresent() && !TalkCue.AGAIN.isIn(norm)) {
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
            return unmeasured(clause, words, mention, named, there.isPresent());
        }
        pending = null;
        LineReading reading = reader.read(amount.get());
        boolean ahead = (stages.nothingYet() || aside > 0 && TalkCue.PLANS.isIn(norm)) && !TalkCue.GOES_IN.isIn(norm);
        boolean piece = TalkAmounts.isBare(amount.get());
        if (ahead && (piece || TalkCue.PLANS.isIn(norm))) {
            hear(food, amount.get(), clause);
            return Optional.empty();
        }
        // The same food again in one breath: put right, or said twice.
        for (int e : in) {
            if (TalkPhrases.is(book.entries().get(e).reading, food)
                    && book.entries().get(e).text.endsWith(named.name())) {
                replace(e, amount.get(), reading);
                last = e;
                return Optional.empty();
            }
        }
        return Optional.of(add(amount.get(), reading, clause));
    }

    /** A food that is given no amount: told early, to taste, or waiting for what is said next. */
    private Optional<Integer> unmeasured(
            Clause clause, List<String> words, LineReader.Mention mention, WhichOne.Named named, boolean there) {
        String norm = clause.norm();
        Food food = named.food();
        if (!there) {
            early.again(food, last);
            boolean puts = TalkCue.PUTS.isIn(norm) || clause.says(Act.COOK);
            Optional<String> told =
                    early.line(food).filter(line -> puts && reader.read(line).massG() > 0);
            if (told.isPresent()) {
                pending = null;
                return Optional.of(add(told.get(), reader.read(told.get()), clause));
            }
            boolean shaken =
                    (FoodClass.of(food) == FoodClass.SPICE || food.per100g().salt() >= SEASONING_SALT)
                            && TalkPhrases.isVague(words, mention);
            boolean seasons = shaken || puts && FoodClass.isToTaste(food);
            boolean tasted = seasons && !stages.nothingYet() && !TalkCue.NOT_WANTED.isIn(norm) && !gone.isSalted(food);
            if (tasted || TalkCue.STRONGLY.isIn(norm) && stages.cooking()) {
                return Optional.of(add(named.name(), reader.read(named.name()), clause));
            }
        }
        if (!there && gone.placedLike(food).isPresent()) {
            // The same in other words: "taste the apples first".
            return Optional.empty();
        }
        pending = there ? null : food;
        waited = 0;
        goes = TalkCue.GOES_IN.isIn(norm);
        if (stages.nothingYet()) {
            lastHeard = food;
        }
        return Optional.empty();
    }
}

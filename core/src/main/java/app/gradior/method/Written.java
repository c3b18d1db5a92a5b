package app.gradior.method;

import app.gradior.measure.LineReader;
import app.gradior.measure.MeasureSystem;
import app.gradior.method.ReadRecipe.Left;
import app.gradior.method.ReadRecipe.Range;
import app.gradior.method.ReadRecipe.Span;
import app.gradior.method.ReadRecipe.Why;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A text that is written: a list and a method, in whatever form, or a method alone. */
final class Written {
    private static final Pattern BULLET =
            Pattern.compile("^\\s*(?:[-*•‣▪□☐☑✓]|\\[[ xX]?\\]|\\(?\\d{1,2}[.)]|[Ss]tep \\d+[.:)]?)\\s+");
    private static final Pattern DECOR = Pattern.compile("^\\s*#+\\s*|\\*\\*|__");
    private static final Pattern LIST = Pattern.compile(
            "(?i)^\\W*(?:ingredients?(?: list)?|you(?:'ll| will)? need|what you(?:'ll| will)? need|shopping list|things you need|what goes in|what you want)\\W*$");
    private static final Pattern METHOD = Pattern.compile(
            "(?i)^\\W*(?:method|instructions?|directions?|preparation|steps|procedure|what to do|what you do|how to.{0,30}|the method|to make(?: it| the sauce)?|making it|cooking)\\W*$");
    private static final Pattern GROUP = Pattern.compile(
            "(?i)^\\W*(?:for (?:the |a )?[^.\\d]{2,40}|to (?:finish|serve|garnish|thicken|season)[^.\\d]{0,30}|[^.\\d,]{2,40}:)\\s*:?\\W*$");
    private static final Pattern SERVING = Pattern.compile("(?i)\\b(?:serve|serving|garnish|side|salad)\\b");
    private static final Pattern INLINE_LIST =
            Pattern.compile("(?i)^\\W*(?:you(?:'ll| will)? need|ingredients?\\s*:|take|use)\\b[: ]*(?=.*\\d)");
    private static final Pattern YIELDS = Pattern.compile(
            "(?i)^\\W*(?:makes?|yields?|serves?|servings?|prep|cook(?:ing)? time|total)\\b[^a-z]{0,4}(?:about |around |roughly |for )?\\d");
    /** "4. **Stock.**" before what is to be done, and a step's number. */
    private static final Pattern LABEL = Pattern.compile(
            "(?m)^[ \\t]*(?:(?:\\d{1,2}[.)]|[-*•]|[Ss]tep \\d+[.:)]?)[ \\t]+)?(?:\\*\\*|__)[^*_\\n]{1,40}(?:[.:](?:\\*\\*|__)|(?:\\*\\*|__)[.:])|^[ \\t]*(?:\\d{1,2}[.)]|[Ss]tep \\d+[.:)]?)(?=[ \\t])");

    private static final Pattern PRINT = Pattern.compile("\\*{1,2}|__|^#+|(?<=\\n)#+");
    private static final int LONGEST_LINE = 110;
    private static final Pattern SOAKS = Pattern.compile("\\bsoak\\b(?!ing)");
    private static final Pattern THROWN =
            Pattern.compile("\\b(?:drain|drained|discard|discarding|throw away|pour away)\\b");
    private static final Pattern RESCUE = Pattern.compile(
            "^(?:if )?too (?:stiff|thick|thin)\\b|^if (?:too|it is too|its too|it seem|it look|the sauce (?:seem|look|is too)|necessary|needed)\\b");
    private static final Pattern LIST_HEADING =
            Pattern.compile("(?im)^\\W*(?:ingredients?|you(?:'ll| will)? need|what you(?:'ll| will)? need)\\W*$");

    private final String text;
    /** The text with bullets, labels and marks of print turned into blanks, so that places stay what they are. */
    private final String plain;

    private final LineReader reader;
    private final MeasureSystem system;
    private final Ends ends;
    private final List<Left> left = new ArrayList<>();
    private final List<Listed> list = new ArrayList<>();
    private final List<Span> method = new ArrayList<>();
    private String name = "";
    private String group = "";
    private boolean afterMeal;
    private Optional<Range> yield = Optional.empty();

    Written(String text, LineReader reader, MeasureSystem system) {
        this.text = text;
        this.plain = Norm.blanked(Norm.blanked(text, LABEL), PRINT);
        this.reader = reader;
        this.system = system;
        this.ends = new Ends(system);
    }

    /** A line of the list, and the heading it stands under. */
    private record Listed(Span at, String group) {}

    private enum Part {
        HEAD,
        LIST,
        METHOD,
        SERVING
    }

    ReadRecipe read() {
        layOut();
        LineBook book = new LineBook(reader, !list.isEmpty());
        for (Listed line : list) {
            book.list(listLine(text.substring(line.at().from(), line.at().to())), line.at(), line.group());
        }
        StageBuilder builder = new StageBuilder(book, ends);
        for (Span paragraph : method) {
            for (Span sentence : Clause.sentences(plain, paragraph.from(), paragraph.to())) {
                sentence(sentence, book, builder);
            }
        }
        builder.list().close();
        return new Gathered(text, left).recipe(book, builder, new Gathered.Head(name, false, system, yield));
    }

    private void sentence(Span sentence, LineBook book, StageBuilder builder) {
        String raw = plain.substring(sentence.from(), sentence.to());
        Matcher inline = INLINE_LIST.matcher(raw);
        if (inline.find() && book.entries().isEmpty() && raw.contains(",")) {
            String part = "";
            for (String piece : raw.substring(inline.end()).split(",(?![^(]*\\))\\s*(?:and )?")) {
                boolean goesOn = part.isEmpty() || reader.mentions(piece).isEmpty();
                if (!goesOn) {
                    book.list(part, sentence, "");
                }
                part = goesOn && !part.isEmpty() ? part + ", " + piece : piece;
            }
            book.list(part, sentence, "");
            return;
        }
        String norm = Norm.of(raw);
        yieldOf(norm);
        if (RESCUE.matcher(norm).find()) {
            leave(sentence, Why.A_CHOICE);
            return;
        }
        boolean rests = afterMeal && Act.REST.isIn(norm) && raw.split("\\s+").length < 6;
        boolean meal = Act.MEAL.isIn(norm) || norm.startsWith("meanwhile") || rests;
        afterMeal = meal;
        boolean keeping = Act.KEEPING.isIn(norm) && !Act.COOK.isIn(norm);
        boolean soaks = SOAKS.matcher(norm).find();
        for (Clause clause : Clause.of(plain, sentence)) {
            if (soaks) {
                book.soaked(clause, THROWN.matcher(norm).find());
                builder.list().leave(clause, Why.BESIDE_THE_POT);
            } else if (meal
                    && book.named(clause, false).isEmpty()
                    && !clause.says(Act.PACK)
                    && !clause.says(Act.COOL)) {
                builder.list().leave(clause, Why.THE_MEAL);
            } else if (keeping && book.named(clause, false).isEmpty() && !clause.says(Act.PACK)) {
                builder.list().leave(clause, Why.KEEPING);
            } else {
                builder.accept(clause);
            }
        }
    }

    private void yieldOf(String norm) {
        if (yield.isEmpty()) {
            yield = ends.yield(norm);
        }
    }

    /** "carrots, peeled⟶1 lb": the amount may stand behind. */
    private static String listLine(String raw) {
        String line = DECOR.matcher(BULLET.matcher(raw).replaceFirst(""))
                .replaceAll("")
                .strip();
        String[] columns = line.split("\\t+|\\s{3,}|\\s\\|\\s");
        if (columns.length == 2
                && columns[1].strip().matches("^[\\d½¼¾⅓⅔⅛].*")
                && !columns[0].strip().matches("^[\\d½¼¾⅓⅔⅛].*")) {
            return columns[1].strip() + " " + columns[0].strip();
        }
        return line;
    }

    private void layOut() {
        Part part = Part.HEAD;
        Matcher lines = Pattern.compile("[^\\r\\n]+").matcher(text);
        boolean any = LIST_HEADING.matcher(text).find();
        while (lines.find()) {
            Span span = new Span(lines.start(), lines.end());
            String raw = lines.group();
            String line = DECOR.matcher(raw).replaceAll("").strip();
            boolean heads = line.startsWith("|") && !line.matches(".*\\d.*");
            if (line.isBlank() || line.matches("[-=_*]{3,}") || line.matches("[|:\\- ]+") || heads) {
                continue;
            }
            String bare = BULLET.matcher(line).replaceFirst("");
            if (LIST.matcher(bare).matches()) {
                group = "";
                part = Part.LIST;
            } else if (METHOD.matcher(bare).matches()) {
                part = Part.METHOD;
            } else if (name.isEmpty() && part == Part.HEAD && list.isEmpty()) {
                name = title(line);
                yieldOf(Norm.of(line));
                if (line.length() > LONGEST_LINE) {
                    method.add(span);
                    part = Part.METHOD;
                }
            } else if (GROUP.matcher(bare).matches()
                    && line.length() < 60
                    && !(part == Part.METHOD && !bare.endsWith(":"))) {
                part = SERVING.matcher(bare).find() ? Part.SERVING : part == Part.METHOD ? part : Part.LIST;
                group = part == Part.LIST ? group(bare) : "";
                leave(span, Why.NOTHING_TO_DO);
            } else {
                part = line(span, line, bare, part, any);
            }
        }
    }

    private Part line(Span span, String line, String bare, Part part, boolean headed) {
        yieldOf(Norm.of(line));
        boolean sentence = bare.length() > LONGEST_LINE || bare.matches(".*[.!]\\s*$") && bare.split("\\s+").length > 4;
        switch (part) {
            case METHOD -> method.add(span);
            case SERVING -> {
                if (sentence) {
                    method.add(span);
                    return Part.METHOD;
                }
                leave(span, Why.THE_MEAL);
            }
            case LIST -> {
                if (Clause.tells(bare) && !(reader.read(listLine(line)).massG() > 0)) {
                    method.add(span);
                    return Part.METHOD;
                }
                if (sentence
                        && (!reads(bare)
                                || bare.endsWith(".")
                                        && !bare.matches("(?i)^(?:[\\d½¼¾⅓⅔⅛]|a |an |one |two |half ).*"))) {
                    method.add(span);
                    return Part.METHOD;
                }
                list.add(new Listed(span, group));
            }
            default -> {
                if (YIELDS.matcher(bare).find()) {
                    leave(span, Why.NOTHING_TO_DO);
                    return part;
                }
                if (!headed && !sentence && reads(listLine(line))) {
                    list.add(new Listed(span, group));
                    return Part.LIST;
                }
                if (sentence && Act.COOK.isIn(Norm.of(bare)) && !headed) {
                    method.add(span);
                    return Part.METHOD;
                }
                if (sentence && INLINE_LIST.matcher(bare).find()) {
                    method.add(span);
                    return Part.HEAD;
                }
                leave(span, Why.NOTHING_TO_DO);
            }
        }
        return part;
    }

    /** "For the paste:" is the group "paste". */
    private static String group(String heading) {
        return heading.replaceAll("(?i)^\\W*(?:for (?:the |a )?|to )?|\\W+$", "")
                .toLowerCase(Locale.ROOT);
    }

    /** Whether a line is one of a list: it names a food, and how much. */
    private boolean reads(String line) {
        return line.length() <= LONGEST_LINE
                && reader.read(line).usable()
                && line.matches(".*[\\d½¼¾⅓⅔⅛].*|(?i).*\\b(?:pinch|a|an|few|handful|to taste)\\b.*");
    }

    private static String title(String line) {
        String whole = line.equals(line.toUpperCase(Locale.ROOT)) && line.length() > 1
                ? line.charAt(0) + line.substring(1).toLowerCase(Locale.ROOT)
                : line;
        String cut = whole.replaceAll("\\s+[–—-]\\s+for .*$", "")
                .replaceAll("\\s+(?:Yield|Makes|Serves|makes|serves)\\b.*$", "")
                .strip();
        return cut.length() > 120 ? "" : cut;
    }

    private void leave(Span span, Why why) {
        left.add(new Left(text.substring(span.from(), span.to()).strip(), why, span));
    }
}

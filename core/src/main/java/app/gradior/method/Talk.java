package app.gradior.method;

import app.gradior.larder.Food;
import app.gradior.measure.LineReader;
import app.gradior.measure.MeasureSystem;
import app.gradior.method.ReadRecipe.Span;
import app.gradior.method.ReadRecipe.Why;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** A text that somebody says while cooking: captions with or without time stamps, without lists and with little punctuation. */
final class Talk {
    private static final Pattern NOISE = Pattern.compile(
            "(?m)\\[[^\\]\\n]{1,20}\\]|^\\s*\\(?\\d{1,2}:\\d{2}(?::\\d{2})?(?:[.,]\\d{3})?\\)?(?:\\s*-->.*$)?|^WEBVTT.*$|^\\s*\\d{1,5}\\s*$");
    private static final String VERBS =
            "add|put|pour|stir|mix|throw|drop|melt|let|blend|strain|push|pass|whisk|swirl|season|taste|cook|fry|simmer|boil|bring"
                    + "|reduce|scrape|take|fish|get|cover|turn|leave|give|pop|tip|squeeze";
    private static final Pattern JOINT = Pattern.compile(
            "(?i)[.!?]+\\s+|;\\s*|,\\s+|\\s+(?:okay|ok|alright|all right|right|now|so|and then|then|but|because|cause|cuz|and now|oh and|oh"
                    + "|and once|once|while)\\s+(?:so\\s+|now\\s+|then\\s+|right\\s+)?|\\s+and\\s+(?=(?:" + VERBS
                    + "|i|i'm|i've|you|we|we're|it|that|just|in|once)\\b)"
                    + "|\\s+(?=(?:you can|you could|i'm using|i have about|i've got about|if you|turn it off|turn that off|take it off|fire's off|heat's off)\\b)"
                    + "|(?<=\\bif you(?:'ve)? (?:got|have|want|like) (?:one|it|any|some|them))\\s+");

    private static final Pattern ELSEWHERE = Pattern.compile(
            "\\b(?:oven|in at \\d+|cooker|next week|garage|tortilla|bowl of (?:hot |cold |boiling |warm )?water|dumped|big pan of water|(?<!on )(?<!for )pasta(?! water| sauce)|packet|potato|sprout|parsnip|salad|pie|under the grill|skewer|steak|chip|air fryer|burger|turbot|noodle|been in (?:since|for)|barbie)\\b");

    private static final Pattern STAMPED = Pattern.compile("\\R(?=\\s*\\[?\\(?\\d{1,2}:\\d{2}(?::\\d{2})?\\]?\\)?)");
    private static final Pattern CALLED = Pattern.compile(
            "(?i)(?<!not )\\b(?:a|an|my|your|our|this|the|proper) ((?:(?!(?:a|an|my|your|our|the|is|it|this|and then|in|on|of|for|with|i|you|we|to)\\b)[\\p{L}'&-]+ ){1,4}"
                    + "(?:sauce|gravy|glaze|ketchup|chutney|relish|salsa|jus|syrup|dressing|marinade))\\b");
    private static final Pattern SAID_FIRST = Pattern.compile(
            "(?i)(?:^|[.!?;,]\\s*)((?:(?!(?:so|right|okay|ok|and|is|it|for|with|i|you|we|to|in|of|the|this|one|today)\\b)[\\p{L}'&-]+ )(?:(?!(?:is|it|for|with|i|you|we|to|in|of)\\b)[\\p{L}'&-]+ ){0,4}"
                    + "(?:sauce|gravy|glaze|ketchup|chutney|relish|salsa|jus|syrup|dressing|marinade))\\b");
    private static final double BOTTLED_SALT = 3;
    private static final double BOTTLED_SUGAR = 55;
    private static final int OPENING = 600;
    private static final int WRAPPED = 70;
    private static final int MANY_STAMPS = 12;
    private static final Pattern MEASURED = Pattern.compile(
            "(?i)\\b(?:cups?|tablespoons?|teaspoons?|grams?|mils?|ml|pounds?|ounces?|pints?|litres?)\\b");

    private final String text;
    private final LineReader reader;
    private final MeasureSystem system;

    Talk(String text, LineReader reader, MeasureSystem system) {
        this.text = text;
        this.reader = reader;
        this.system = system;
    }

    ReadRecipe read() {
        String plain = plain(text);
        LineBook book = new LineBook(reader, false);
        Ends ends = new Ends(system);
        StageBuilder builder = new StageBuilder(book, ends);
        TalkLines lines = new TalkLines(book, builder.list(), system != MeasureSystem.US);
        builder.telling(lines);
        Optional<ReadRecipe.Range> yield = Optional.empty();
        boolean elseInstead = false;
        boolean beside = false;
        for (Clause clause : clauses(plain)) {
            if (yield.isEmpty()) {
                yield = ends.yield(clause.norm());
            }
            String norm = clause.norm();
            boolean still = beside
                    && !clause.then()
                    && (!clause.opens()
                            || !clause.says(Act.COOK) && norm.matches("(?:that|thats|its|theyre|those|forget)\\b.*"));
            boolean meal = still || ELSEWHERE.matcher(norm).find() || clause.says(Act.MEAL) && !clause.says(Act.COOK);
            boolean instead =
                    norm.matches("if (?:you (?:havent|dont|got|have|want|like)|its too|it is too|thats too)\\b.*");
            if (norm.matches("(?:and |but )?(?:i|we|you) (?:dont|do not|never)\\b.*")) {
                builder.list().leave(clause, Why.A_WARNING);
            } else if (elseInstead && clause.then()
                    || instead && !norm.matches(".*\\b(?:screen|guard)\\b.*")
                    || norm.matches(".*\\blater\\b.*")) {
                builder.list().leave(clause, Why.A_CHOICE);
            } else if (meal && !clause.says(Act.PACK)) {
                builder.list().leave(clause, Why.THE_MEAL);
            } else {
                builder.accept(clause);
            }
            elseInstead = instead;
            beside = meal;
        }
        builder.list().close();
        lines.saidEarly();
        ReadRecipe read = new Gathered(text, List.of())
                .recipe(book, builder, new Gathered.Head(name(plain), true, system, yield));
        return read.withStages(new Stamps(text).witness(read.stages()));
    }

    /** What it is called, where it is said: "this is my barbecue sauce". */
    private String name(String plain) {
        String opening = plain.substring(0, Math.min(plain.length(), OPENING));
        return Stream.of(CALLED, SAID_FIRST)
                .flatMap(pattern -> pattern.matcher(opening).results())
                .map(found -> found.group(1).strip().replaceAll("\\s+", " "))
                .map(found -> found.replaceFirst("(?i)^(?:alright|so|okay|ok|well|then|now|right) (?:so )?", ""))
                // Not what goes in: "a tablespoon of soy sauce".
                .filter(found -> reader.read("1 " + found)
                        .food()
                        .filter(Talk::isFromABottle)
                        .isEmpty())
                .findFirst()
                .map(found -> Character.toUpperCase(found.charAt(0)) + found.substring(1))
                .orElse("");
    }

    private static boolean isFromABottle(Food food) {
        return food.per100g().salt() >= BOTTLED_SALT || food.per100g().sugars() >= BOTTLED_SUGAR;
    }

    /** The words alone; where every line has its time, a new one is a new breath. */
    private static String plain(String text) {
        List<Integer> breaths = new ArrayList<>();
        Matcher m = STAMPED.matcher(text);
        while (m.find()) {
            breaths.add(m.start());
        }
        StringBuilder words =
                new StringBuilder(Norm.blanked(text, NOISE).replace('\n', ' ').replace('\r', ' '));
        boolean stamped = breaths.size() >= MANY_STAMPS;
        if (!stamped) {
            breaths.clear();
        }
        if (!stamped && text.lines().anyMatch(line -> line.length() > WRAPPED)) {
            // Lines longer than captions are wrapped are paragraphs.
            for (int at = text.indexOf('\n'); at >= 0; at = text.indexOf('\n', at + 1)) {
                breaths.add(at);
            }
        }
        breaths.forEach(at -> words.setCharAt(at, ';'));
        return words.toString();
    }

    private static List<Clause> clauses(String plain) {
        List<Clause> clauses = new ArrayList<>();
        Matcher m = JOINT.matcher(plain);
        int begin = 0;
        boolean then = false;
        boolean reason = false;
        boolean opens = true;
        while (m.find()) {
            if (!(reason && !MEASURED.matcher(plain.substring(begin, m.start())).find())) {
                Clause.add(clauses, plain, new Span(begin, m.start()), opens, then);
            }
            opens = !plain.substring(m.start(), m.end()).startsWith(",");
            reason = false;
            String joint = plain.substring(m.start(), m.end());
            then = joint.contains("then") || joint.contains("now");
            if (joint.matches("(?is).*\\b(?:because|cause|cuz)\\b.*")) {
                // A reason is nothing to do.
                begin = m.end();
                reason = true;
                continue;
            }
            begin = m.end();
        }
        Clause.add(clauses, plain, new Span(begin, plain.length()), opens, then);
        return clauses;
    }
}

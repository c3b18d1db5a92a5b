package app.gradior.measure;

import app.gradior.measure.Words.Token;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Cuts a line that names several foods into lines of one each: "1 tbsp each soy sauce, honey and rice vinegar", "salt and pepper",
 * "1 egg plus 2 yolks", "cornflour mixed with 2 tbsp water", "zest of one lemon, juice of two". What is not clearly several is left as it is.
 */
final class LineParts {
    private static final int MOST_PARTS = 12;
    private static final String NUMBER = "(?:[\\d½⅓⅔¼¾⅛]|an?\\s|one\\s|two\\s|three\\s|four\\s|half\\s)";
    private static final Pattern EACH = Pattern.compile("(?i)^(.{1,40}?)\\s+each(?:\\s+of)?[\\s:]+(.+)$");
    private static final Pattern EACH_BEHIND = Pattern.compile(
            "(?i)^([^\\d]{2,200}?)[,:–-]?\\s+(" + NUMBER + ".{0,20}?|\\S{1,20})\\s+(?:of\\s+)?each\\.?$");
    private static final Pattern BETWEEN =
            Pattern.compile("(?i)\\s*(?:,\\s*and\\s+|,\\s*|;\\s*|\\s+and\\s+|\\s*&\\s*)");
    private static final Pattern JOINT = Pattern.compile(
            "(?i)\\s*(?:,?\\s+(?:plus|and|with)|\\s*\\+|,?\\s+(?:mixed|whisked|stirred|dissolved|slaked|blended|beaten|combined|mashed)(?:\\s+up)?\\s+"
                    + "(?:with|in|into|to)|\\s+in|,)\\s+(?=(?:about\\s+)?(?:" + NUMBER + "|juice\\s|zest\\s))");
    private static final Pattern TO_TASTE = Pattern.compile("(?i),?\\s+(?:or\\s+)?to\\s+taste\\.?$");
    private static final Pattern SALT_FIRST = Pattern.compile("(?i)^(?:sea |fine |kosher )?(?:salt|pepper)\\b");
    private static final Pattern OF_SO_MANY =
            Pattern.compile("(?i)^(?:the\\s+)?(?:grated\\s+)?(juice|zest)\\s+(?:of|from)\\s+(\\S+)$");

    private final LineReader reader;

    LineParts(LineReader reader) {
        this.reader = reader;
    }

    /** Its parts, in order; the line itself when it is one. */
    List<String> of(String line) {
        String text = TO_TASTE.matcher(LineHead.cut(line).strip()).replaceFirst("");
        if (text.isEmpty() || LineHead.isHeading(text)) {
            return List.of(line);
        }
        return each(text)
                .or(() -> pair(text))
                .or(() -> toTaste(text))
                .or(() -> joined(text))
                .filter(parts -> parts.size() > 1 && parts.size() <= MOST_PARTS)
                .orElse(List.of(line));
    }

    private Optional<List<String>> each(String text) {
        Matcher ahead = EACH.matcher(text);
        if (ahead.matches()) {
            return named(ahead.group(1), ahead.group(2));
        }
        Matcher behind = EACH_BEHIND.matcher(text);
        return behind.matches() ? named(behind.group(2), behind.group(1)) : Optional.empty();
    }

    private Optional<List<String>> named(String amount, String foods) {
        List<String> parts = new ArrayList<>();
        for (String food : BETWEEN.split(foods)) {
            if (!reader.namesOneFood(food)) {
                return Optional.empty();
            }
            parts.add(amount + " " + inStateOf(foods, food.strip()));
        }
        return Optional.of(parts);
    }

    /** "Ground cumin and coriander": both are ground, if there is such a thing and nothing else is said of the second. */
    private String inStateOf(String foods, String food) {
        String state = foods.strip().split("\\s+")[0];
        boolean sayItself = Arrays.stream(food.split("\\s+")).anyMatch(Words::isState);
        String both = state + " " + food;
        boolean makesAnother = Words.isState(state)
                && !sayItself
                && reader.namesOneFood(both)
                && !reader.read(both).food().equals(reader.read(food).food());
        return makesAnother ? both : food;
    }

    /** "Salt and pepper", without an amount. */
    private Optional<List<String>> pair(String text) {
        String[] halves = text.split("(?i)\\s+(?:and|&)\\s+");
        boolean plain = halves.length == 2 && !reader.read(halves[0]).amount().matches(".*\\d.*");
        return plain && text.indexOf(',') < 0 && reader.namesOneFood(halves[0]) && reader.namesOneFood(halves[1])
                ? Optional.of(List.of(halves[0], halves[1]))
                : Optional.empty();
    }

    /** "Salt, pepper, nutmeg", without an amount. */
    private Optional<List<String>> toTaste(String text) {
        List<String> parts = List.of(BETWEEN.split(text));
        boolean plain = SALT_FIRST.matcher(text).find()
                && text.chars().noneMatch(Character::isDigit)
                && parts.stream().allMatch(reader::namesOneFood);
        return plain ? Optional.of(parts) : Optional.empty();
    }

    private Optional<List<String>> joined(String text) {
        List<String> parts = new ArrayList<>();
        Matcher joint = JOINT.matcher(text);
        int from = 0;
        String food = "";
        while (joint.find()) {
            String before = text.substring(from, joint.start());
            String rest = text.substring(joint.end());
            String first = food.isEmpty() ? foodOf(before) : food;
            if (first.isEmpty() || !begins(rest, first)) {
                continue;
            }
            parts.add(completed(before, first));
            food = first;
            from = joint.end();
        }
        if (parts.isEmpty()) {
            return Optional.empty();
        }
        parts.add(completed(text.substring(from), food));
        return Optional.of(parts);
    }

    private String foodOf(String part) {
        LineReading reading = reader.read(part);
        return reading.food().isPresent() && reading.massG() > 0 ? reader.foodWords(part) : "";
    }

    /** Whether a new amount of a food begins there, and no second measure of the same. */
    private boolean begins(String rest, String food) {
        String part = JOINT.split(rest)[0];
        if (OF_SO_MANY.matcher(part.strip()).matches()) {
            return !food.isEmpty();
        }
        LineReading reading = reader.read(part);
        return reading.food().isPresent()
                && reading.massG() > 0
                && reader.namesOneFood(reader.foodWords(part))
                && reading.sureness() != LineReading.Sureness.UNSURE;
    }

    /** "Juice of two" is of the food before. */
    private static String completed(String part, String food) {
        Matcher many = OF_SO_MANY.matcher(part.strip());
        return many.matches() ? part.strip() + " " + food : part.strip();
    }

    /** Whether those words are the name of a food, with nothing beside it that is not understood. */
    static boolean isName(List<Token> tokens, FoodIndex.Match match) {
        for (int i = 0; i < tokens.size(); i++) {
            Token token = tokens.get(i);
            boolean inName = i >= match.from() && i < match.to();
            boolean beside =
                    Words.isDescriptor(token.text()) || Unit.named(token.text()).isPresent();
            if (!inName && (token.isNumber() || !token.isMark() && !beside)) {
                return false;
            }
        }
        return true;
    }
}

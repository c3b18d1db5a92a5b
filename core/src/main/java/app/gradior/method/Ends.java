package app.gradior.method;

import app.gradior.measure.MeasureSystem;
import app.gradior.method.ReadRecipe.EndWord;
import app.gradior.method.ReadRecipe.Range;
import app.gradior.method.ReadRecipe.ReadEnd;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How long and until when, in the words of a step. An amount beats a thickness, a thickness beats a time; a time with another look is a look
 * with its minutes. Patterns are over {@link Norm}.
 */
final class Ends {
    private static final String NUM = "(\\d+(?:\\.\\d+)?)";
    private static final String ABOUT =
            "(?:about |around |roughly |maybe |like |just |some |only |a |an |the |it |of |down |to |it )*";
    private static final String HALF =
            "(half|1 half|third|1 third|quarter|1 quarter|2 third|3 quarter|2 thirds|50 percent)";
    private static final Map<String, Double> SHARES = Map.ofEntries(
            Map.entry("half", 0.5),
            Map.entry("1 half", 0.5),
            Map.entry("50 percent", 0.5),
            Map.entry("third", 1 / 3.0),
            Map.entry("1 third", 1 / 3.0),
            Map.entry("quarter", 0.25),
            Map.entry("1 quarter", 0.25),
            Map.entry("2 third", 2 / 3.0),
            Map.entry("2 thirds", 2 / 3.0),
            Map.entry("3 quarter", 0.75));

    private static final Pattern SPAN = Pattern.compile(NUM
            + "(?: ?(?:-|–|to|or|,)? ?" + NUM
            + ")?(?: more| good| full| short)? (minute|min|hour|hr|h|second|sec)\\b(?: and (?:a )?"
            + "(half|quarter))?(?: (?:and )?" + NUM + " (?:minute|min))?");
    private static final Pattern AND_A_HALF =
            Pattern.compile("\\b(\\d+) and (?:a )?(half|quarter)(?= (?:hour|minute|min)\\b)");
    /** "That's another ten": minutes. */
    private static final Pattern ANOTHER = Pattern.compile("\\banother (\\d{1,2})$");

    private static final Pattern AGAIN =
            Pattern.compile(" (?:or |maybe |to |even )?" + NUM + " (minute|min|hour|second)\\b");
    private static final Pattern WORDED = Pattern.compile(
            "\\b(half an hour|half hour|quarter of an hour|3 quarter of an hour|an hour and a half|an hour and a quarter|hour and a half|hour and a quarter|couple of minute"
                    + "|couple minute|few minute|an hour|a minute|hour)\\b");
    private static final Map<String, double[]> WORDED_MINUTES = Map.ofEntries(
            Map.entry("half an hour", new double[] {30, 30}),
            Map.entry("half hour", new double[] {30, 30}),
            Map.entry("quarter of an hour", new double[] {15, 15}),
            Map.entry("3 quarter of an hour", new double[] {45, 45}),
            Map.entry("an hour and a half", new double[] {90, 90}),
            Map.entry("an hour and a quarter", new double[] {75, 75}),
            Map.entry("hour and a half", new double[] {90, 90}),
            Map.entry("hour and a quarter", new double[] {75, 75}),
            Map.entry("couple of minute", new double[] {2, 2}),
            Map.entry("couple minute", new double[] {2, 2}),
            Map.entry("few minute", new double[] {3, 3}),
            Map.entry("an hour", new double[] {60, 60}),
            Map.entry("hour", new double[] {60, 60}),
            Map.entry("a minute", new double[] {1, 1}));

    private static final Pattern BY_SHARE = Pattern.compile("\\b(?:by|lost|lose|away|gone by) " + ABOUT + HALF + "\\b");
    private static final Pattern TO_SHARE = Pattern.compile(
            "\\b(?:reduce|reduced|reduce it|boil|boil it|cook|cook it|simmer|down|come) (?:\\w+ )?" + "(?:down )?to "
                    + ABOUT + HALF + "\\b(?! (?:a )?(?:cup|pint|liter|litre|l|ounce|oz|tsp|tbsp|teaspoon|quart)\\b)");
    private static final Pattern LEFT_SHARE = Pattern.compile("\\b" + HALF
            + " (?:of )?(?:it |that |what |the \\w+ )?(?:is |was |are |being )?(?:left|remain|what you want|gone)");
    private static final Pattern OF_THAT =
            Pattern.compile("\\b" + HALF + " (?:of )?(?:that|what it was|where it was|its? volume)\\b");
    private static final Pattern HALVED =
            Pattern.compile("\\bhalved\\b|\\bhalve (?:in|the (?:volume|liquid|sauce))\\b");
    private static final Pattern AT_HALF = Pattern.compile("\\bat (?:about )?" + HALF + "\\b");

    private static final String VOLUME_UNIT =
            "(ml|millilitre|milliliter|mil|cl|dl|l|litre|liter|cup|c|pint|pt|quart|qt|fl oz|floz|tbsp|tablespoon)";
    private static final Pattern VOLUME = Pattern.compile(
            "\\b(?:to|until|till|til|down|left|you have|youll have|should have|want|wanting|remain|get|measure|there) "
                    + "(?:\\w+ ){0,5}?(?:about |around |roughly )?(?:" + NUM
                    + "|(half|quarter|3 quarter)(?: a| of a)?) (?:and a (half|quarter) )?"
                    + VOLUME_UNIT + "\\b");
    private static final Pattern REMAIN = Pattern.compile("\\b(?:" + NUM + "|(half)(?: a)?|(a)) (?:and a (half) )?"
            + VOLUME_UNIT + " (?:is |are |of it )?(?:left|remain|of (?:it )?there)");
    private static final Pattern WEIGHT = Pattern.compile("\\b(?:weigh|weight|scale)\\b.{0,40}?\\b" + NUM
            + " ?(g|gram|gm|kg|kilo|oz|ounce|lb|pound)\\b(.{0,20}?(?:more|above|over))?");
    private static final Pattern LEVEL = Pattern.compile("\\b(?:at|to|until|till|down|is|deep|mark) (?:\\w+ ){0,4}?"
            + NUM + "(?: and a (half))?(?: (cm|mm|centimetre|centimeter|millimetre|millimeter))?\\b(.{0,30})");
    private static final Pattern LENGTH = Pattern.compile("\\b(cm|mm|centimetre|centimeter|millimetre|millimeter)\\b");
    private static final Pattern DIPPED = Pattern.compile(
            "\\b(?:deep|level|upright|handle|ruler|dipstick|stick in|come up to|comes up to|up the side|want that down)\\b");
    private static final Pattern DEGREE = Pattern.compile("\\b" + NUM + " (?:degree|degc|degf|celsius|fahrenheit)\\b");
    private static final Pattern RAW_DEGREE = Pattern.compile("(\\d{2,3}) ?(?:°|º|degrees) ?([CFcf])?");

    private static final Pattern STEP_4 = Pattern.compile(
            "\\bcoat(?:s|ed|ing)?\\b.{0,30}\\b(?:spoon|back)\\b|\\bnapp|\\bspoon is coated|cling to (?:the |a )?(?:back|spoon)");
    private static final Pattern STEP_5 = Pattern.compile(
            "\\b(?:finger|line)\\b.{0,60}\\b(?:hold|stay|stand|remain|clean|line|there|clear|trail|track)\\b|\\bleave (?:a|the) (?:clean |clear )?(?:line|trail|path|track)\\b|\\bsyrupy\\b|\\b(?:to|like|into) (?:a |an )?(?:thin |thick |light |loose )?syrup\\b");
    private static final Pattern STEP_6 = Pattern.compile(
            "\\b(?:floor|bottom|base)\\b.{0,60}\\b(?:second|moment|close|clear|see|path|track|trail|channel|line|part)|\\b(?:like|thick as|consistency of|thickness of) (?:a )?(?:thick |loose )?(?:ketchup|tomato sauce)\\b|\\b(?:see|seeing) the (?:bottom|base|floor)\\b|\\bmound slightly\\b"
                    + "|\\b(?:trail|track|channel|path|furrow)\\b.{0,40}\\b(?:bottom|floor|pan|pot|base)\\b");
    private static final Pattern STEP_7 = Pattern.compile("\\bribbon\\b");
    private static final Pattern UNTIL = Pattern.compile("\\b(?:until|till|til|when|so that|as soon as)\\b");
    private static final Pattern NEARLY_DRY =
            Pattern.compile("\\b(?:almost|nearly|all but|pretty much) (?:dry|gone|all gone|evaporated)\\b");
    private static final Pattern TO_THE_BOIL = Pattern.compile(
            "\\b(?:to (?:the|a) (?:boil|simmer)|just boil|come to (?:the|a) boil|up to the boil|boiling point)\\b");
    private static final Pattern COLD = Pattern.compile("\\b(?:cool|cold|room temperature|lukewarm)\\b");
    private static final Pattern YIELD = Pattern.compile(
            "\\b(?:make|makes|yield|yields|gives|give|fill|filled|enough for)\\b(?: \\w+| ,| :){0,6}? (?:" + NUM
                    + "|a)(?: ?(?:-|–|to|or) ?" + NUM + ")? (?!t(?:bsp|ablespoon))" + VOLUME_UNIT + "\\b");
    private static final Pattern LAST = Pattern.compile("\\b(?:last|final|every|each|other) $");

    private final MeasureSystem measures;

    Ends(MeasureSystem measures) {
        this.measures = measures;
    }

    /** The minutes that a step gives; empty when it gives none. */
    static Optional<Range> minutes(String told) {
        String norm = AND_A_HALF
                .matcher(told)
                .replaceAll(half -> half.group(1) + (half.group(2).equals("half") ? ".5" : ".25"));
        Matcher m = SPAN.matcher(norm);
        while (m.find()) {
            if (LAST.matcher(norm.substring(0, m.start())).find()) {
                continue;
            }
            double low = Double.parseDouble(m.group(1));
            double high = m.group(2) == null ? low : Double.parseDouble(m.group(2));
            double unit = m.group(3).startsWith("h") ? 60 : m.group(3).startsWith("s") ? 1 / 60.0 : 1;
            double more = (m.group(4) == null ? 0 : m.group(4).equals("half") ? 0.5 : 0.25) * unit
                    + (m.group(5) == null ? 0 : Double.parseDouble(m.group(5)));
            boolean hours = m.group(3).startsWith("h");
            if (!hours && m.group(5) != null) {
                // "Two minutes, three minutes."
                high = Double.parseDouble(m.group(5));
                more -= high;
            }
            Matcher again = AGAIN.matcher(norm).region(m.end(), norm.length());
            if (again.lookingAt() && again.group(2).charAt(0) == m.group(3).charAt(0)) {
                high = Double.parseDouble(again.group(1));
            }
            if (high < low) {
                high = low;
            }
            double sides = norm.startsWith(" a side", m.end())
                            || norm.startsWith(" per side", m.end())
                            || norm.startsWith(" each side", m.end())
                    ? 2
                    : 1;
            return Optional.of(new Range(sides * (low * unit + more), sides * (high * unit + more)));
        }
        Matcher more = ANOTHER.matcher(norm);
        if (more.find()) {
            double count = Double.parseDouble(more.group(1));
            return Optional.of(new Range(count, count));
        }
        Matcher w = WORDED.matcher(norm);
        while (w.find()) {
            if (!LAST.matcher(norm.substring(0, w.start())).find()) {
                double[] range = WORDED_MINUTES.get(w.group(1));
                if (range != null) {
                    return Optional.of(new Range(range[0], range[1]));
                }
            }
        }
        return Optional.empty();
    }

    /** The end that a step names; empty when it names none. */
    Optional<ReadEnd> end(String norm, String raw) {
        Optional<ReadEnd> amount = fraction(norm)
                .or(() -> weight(norm))
                .or(() -> isDipped(norm) ? level(norm) : Optional.empty())
                .or(() -> volume(norm));
        return amount.or(() -> step(norm)).or(() -> temperature(norm, raw)).or(() -> worded(norm));
    }

    private static Optional<ReadEnd> worded(String norm) {
        boolean until = UNTIL.matcher(norm).find() || NEARLY_DRY.matcher(norm).find();
        if (until) {
            return Optional.of(ReadEnd.BY_WORD);
        }
        return minutes(norm).map(range -> ReadEnd.of(EndWord.MINUTES, (range.low() + range.high()) / 2));
    }

    static Optional<ReadEnd> fraction(String norm) {
        Matcher by = BY_SHARE.matcher(norm);
        if (by.find()) {
            return left(1 - share(by.group(1)));
        }
        if (HALVED.matcher(norm).find()) {
            return left(0.5);
        }
        for (Pattern pattern : new Pattern[] {TO_SHARE, LEFT_SHARE, OF_THAT, AT_HALF}) {
            Matcher m = pattern.matcher(norm);
            if (m.find()) {
                return left(share(m.group(1)));
            }
        }
        return Optional.empty();
    }

    private static double share(String word) {
        return SHARES.getOrDefault(word, 0.5);
    }

    private static Optional<ReadEnd> left(double share) {
        return Optional.of(ReadEnd.of(EndWord.FRACTION, share));
    }

    private Optional<ReadEnd> volume(String norm) {
        Matcher m = REMAIN.matcher(norm);
        if (m.find()) {
            double count = m.group(1) != null ? Double.parseDouble(m.group(1)) : m.group(2) != null ? 0.5 : 1;
            double more = m.group(4) == null ? 0 : 0.5;
            return Optional.of(ReadEnd.of(EndWord.VOLUME, (count + more) * unitMl(m.group(5))));
        }
        Matcher v = VOLUME.matcher(norm);
        Optional<ReadEnd> last = Optional.empty();
        while (v.find()) {
            double count = v.group(1) != null
                    ? Double.parseDouble(v.group(1))
                    : v.group(2).equals("half") ? 0.5 : v.group(2).equals("quarter") ? 0.25 : 0.75;
            double more = v.group(3) == null ? 0 : v.group(3).equals("half") ? 0.5 : 0.25;
            last = Optional.of(ReadEnd.of(EndWord.VOLUME, (count + more) * unitMl(v.group(4))));
        }
        return last;
    }

    /** How much of it the text says it makes; empty when it does not say so in a volume. */
    Optional<Range> yield(String norm) {
        Matcher m = YIELD.matcher(norm);
        if (!m.find()) {
            return Optional.empty();
        }
        double low = m.group(1) == null ? 1 : Double.parseDouble(m.group(1));
        double high = m.group(2) == null ? low : Double.parseDouble(m.group(2));
        double ml = unitMl(m.group(3));
        return Optional.of(new Range(0.95 * low * ml, 1.05 * high * ml));
    }

    private double unitMl(String unit) {
        return switch (unit) {
            case "ml", "millilitre", "milliliter", "mil" -> 1;
            case "cl" -> 10;
            case "dl" -> 100;
            case "l", "litre", "liter" -> 1000;
            case "cup", "c" -> measures.cupMl();
            case "pint", "pt" -> measures.pintMl();
            case "quart", "qt" -> measures.quartMl();
            case "tbsp", "tablespoon" -> measures.tablespoonMl();
            default -> measures.fluidOunceMl();
        };
    }

    private static Optional<ReadEnd> weight(String norm) {
        Matcher m = WEIGHT.matcher(norm);
        if (!m.find()) {
            return Optional.empty();
        }
        double unit = switch (m.group(2)) {
            case "kg", "kilo" -> 1000;
            case "oz", "ounce" -> 28.35;
            case "lb", "pound" -> 453.6;
            default -> 1;
        };
        return Optional.of(ReadEnd.of(EndWord.WEIGHT, Double.parseDouble(m.group(1)) * unit));
    }

    /** Whether a stick is dipped into it, or its height is spoken of. */
    static boolean isDipped(String norm) {
        return DIPPED.matcher(norm).find();
    }

    /** How high it stands, of a text that speaks of its height; empty when it names no length. */
    static Optional<ReadEnd> level(String norm) {
        Matcher length = LENGTH.matcher(norm);
        if (!length.find()) {
            return Optional.empty();
        }
        double unit = length.group(1).startsWith("c") ? 10 : 1;
        Matcher m = LEVEL.matcher(norm);
        Optional<ReadEnd> last = Optional.empty();
        while (m.find()) {
            last = Optional.of(ReadEnd.of(
                    EndWord.LEVEL, unit * (Double.parseDouble(m.group(1)) + (m.group(2) == null ? 0 : 0.5))));
            if (!m.find(Math.max(m.start() + 2, m.start(1)))) {
                break;
            }
            last = Optional.of(ReadEnd.of(
                    EndWord.LEVEL, unit * (Double.parseDouble(m.group(1)) + (m.group(2) == null ? 0 : 0.5))));
        }
        return last;
    }

    static Optional<ReadEnd> step(String norm) {
        double step = STEP_7.matcher(norm).find()
                ? 7
                : STEP_6.matcher(norm).find()
                        ? 6
                        : STEP_5.matcher(norm).find() ? 5 : STEP_4.matcher(norm).find() ? 4 : 0;
        return step > 0 ? Optional.of(ReadEnd.of(EndWord.STEP, step)) : Optional.empty();
    }

    private Optional<ReadEnd> temperature(String norm, String raw) {
        Matcher r = RAW_DEGREE.matcher(raw);
        double value = Double.NaN;
        boolean fahrenheit = measures == MeasureSystem.US;
        if (r.find()) {
            value = Double.parseDouble(r.group(1));
            fahrenheit = r.group(2) == null ? fahrenheit : r.group(2).equalsIgnoreCase("F");
        } else {
            Matcher d = DEGREE.matcher(norm);
            if (d.find()) {
                value = Double.parseDouble(d.group(1));
            }
        }
        if (Double.isNaN(value)) {
            return Optional.empty();
        }
        double celsius = fahrenheit && value > 130 ? (value - 32) / 1.8 : value;
        if (celsius < 30 || celsius > 130) {
            return Optional.empty();
        }
        return Optional.of(celsius >= 90 ? ReadEnd.of(EndWord.BOIL, celsius) : ReadEnd.BY_WORD);
    }

    static boolean comesToTheBoil(String norm) {
        return TO_THE_BOIL.matcher(norm).find();
    }

    static boolean goesCold(String norm) {
        return COLD.matcher(norm).find();
    }
}

package app.gradior.measure;

import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The one reader and the one writer of numbers as cooks write them: 1 1/2, 1½, 1,5, 1.5, 1,200. */
public final class Numbers {
    static final String VULGAR = "½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞";
    private static final double[] VULGAR_VALUES = {
        1 / 2.0, 1 / 3.0, 2 / 3.0, 1 / 4.0, 3 / 4.0, 1 / 5.0, 2 / 5.0, 3 / 5.0, 4 / 5.0, 1 / 6.0, 5 / 6.0, 1 / 8.0,
        3 / 8.0, 5 / 8.0, 7 / 8.0
    };
    private static final int LONGEST_PLAIN = 12;
    private static final Pattern THOUSANDS = Pattern.compile("[1-9]\\d{0,2}(,\\d{3})+(\\.\\d+)?");
    private static final Pattern DECIMAL = Pattern.compile("\\d{1,12}([.,]\\d{1,9})?|[.,]\\d{1,9}");
    private static final Pattern FRACTION = Pattern.compile("(\\d{1,6})[/⁄](\\d{1,6})");
    private static final Pattern MIXED = Pattern.compile("(\\d{1,6})[\\s-]+(\\d{1,6}[/⁄]\\d{1,6}|[" + VULGAR + "])");

    private Numbers() {}

    /**
     * Reads one number that fills the text but for spaces; a leading minus is allowed.
     *
     * @return empty when the text is not a number
     */
    public static OptionalDouble parse(String text) {
        String s = text.strip().replace('\u2212', '-');
        if (s.startsWith("-") && !s.startsWith("--")) {
            OptionalDouble positive = parse(s.substring(1));
            return positive.isPresent() ? OptionalDouble.of(-positive.getAsDouble()) : positive;
        }
        if (s.isEmpty() || s.length() > 24) {
            return OptionalDouble.empty();
        }
        if (s.length() <= LONGEST_PLAIN && s.chars().allMatch(c -> c >= '0' && c <= '9')) {
            return OptionalDouble.of(Long.parseLong(s));
        }
        if (THOUSANDS.matcher(s).matches()) {
            return OptionalDouble.of(Double.parseDouble(s.replace(",", "")));
        }
        if (DECIMAL.matcher(s).matches()) {
            return OptionalDouble.of(Double.parseDouble(s.replace(',', '.')));
        }
        Matcher mixed = MIXED.matcher(s);
        if (mixed.matches()) {
            return plus(Double.parseDouble(mixed.group(1)), parse(mixed.group(2)));
        }
        Matcher fraction = FRACTION.matcher(s);
        if (fraction.matches()) {
            double below = Double.parseDouble(fraction.group(2));
            return below > 0
                    ? OptionalDouble.of(Double.parseDouble(fraction.group(1)) / below)
                    : OptionalDouble.empty();
        }
        int vulgar = VULGAR.indexOf(s.charAt(s.length() - 1));
        if (vulgar >= 0) {
            String whole = s.substring(0, s.length() - 1).strip();
            if (whole.isEmpty()) {
                return OptionalDouble.of(VULGAR_VALUES[vulgar]);
            }
            return DECIMAL.matcher(whole).matches()
                    ? plus(VULGAR_VALUES[vulgar], parse(whole))
                    : OptionalDouble.empty();
        }
        return OptionalDouble.empty();
    }

    private static OptionalDouble plus(double first, OptionalDouble second) {
        return second.isPresent() ? OptionalDouble.of(first + second.getAsDouble()) : second;
    }

    /** A number with at most that many decimals and no needless zeros: 1200, 5.4, 0.25. */
    public static String plain(double value, int decimals) {
        String text = String.format(Locale.ROOT, "%,." + decimals + "f", value);
        if (text.indexOf('.') >= 0) {
            text = text.replaceAll("0+$", "").replaceAll("\\.$", "");
        }
        return text.equals("-0") ? "0" : text;
    }

    /** With always that many decimals: 5.0 where the figure is a reading. */
    public static String fixed(double value, int decimals) {
        String text = String.format(Locale.ROOT, "%,." + decimals + "f", value);
        return text.matches("-0(\\.0+)?") ? text.substring(1) : text;
    }

    /** As cooks write: whole, or with the nearest of ⅛ ¼ ⅓ ½ ⅔ ¾ when within 4 %, else one decimal, below 1 two. */
    public static String cooks(double value) {
        double whole = Math.floor(value + 1e-9);
        double rest = value - whole;
        if (value >= 10 || whole > 0 && rest < 0.02 * whole) {
            return plain(value, value >= 10 ? 0 : 1);
        }
        double nearest = whole > 0 && rest < 1 - rest ? whole : whole + 1;
        String best = plain(nearest, 0);
        double error = Math.abs(value - nearest);
        for (char c : "⅛¼⅓½⅔¾".toCharArray()) {
            double off = Math.abs(rest - VULGAR_VALUES[VULGAR.indexOf(c)]);
            if (off < error) {
                error = off;
                best = (whole > 0 ? plain(whole, 0) : "") + c;
            }
        }
        return error <= 0.04 * value ? best : plain(value, value < 1 ? 2 : 1);
    }
}

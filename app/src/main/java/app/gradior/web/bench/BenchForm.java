package app.gradior.web.bench;

import app.gradior.web.form.TypedNumber;
import app.gradior.web.frame.Figures;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.Map;
import java.util.TreeMap;

/** A question's fields as they came; a field that is missing has its usual answer. */
record BenchForm(Map<String, String> fields) {
    static BenchForm of(HttpServletRequest request) {
        Map<String, String> fields = new TreeMap<>();
        request.getParameterMap().forEach((name, values) -> fields.put(name, String.join("\n", Arrays.asList(values))));
        return new BenchForm(fields);
    }

    String text(String name, String usual) {
        String value = fields.get(name);
        return value == null ? usual : value.strip();
    }

    /**
     * A number within bounds, or a refusal that names the field as the page does.
     *
     * @param word key of what the page calls it
     */
    double number(String name, String word, double usual, double low, double high, String unit) {
        String text = text(name, "");
        if (text.isEmpty()) {
            return usual;
        }
        return new TypedNumber(text).within(name, word, low, high, unit);
    }

    /** A temperature in the kitchen's degrees, °C. */
    double celsius(String name, String word, double usualC, Figures figures) {
        String text = text(name, "");
        if (text.isEmpty()) {
            return usualC;
        }
        double value = figures.celsius(text);
        if (!(value >= -20 && value <= 110)) {
            throw new TypedNumber(text).outside(name, word, figures.temp(-20), figures.temp(110));
        }
        return value;
    }
}

package app.gradior.web.draw;

import java.util.Locale;

/** Builds one SVG picture; all text is escaped, all style is by class. */
final class Svg {
    private final StringBuilder out = new StringBuilder(4096);

    /** @param description says in words what the picture shows */
    Svg(String cssClass, double width, double height, String description) {
        out.append(String.format(
                Locale.ROOT,
                "<svg class=\"%s\" viewBox=\"0 0 %s %s\" role=\"img\" xmlns=\"http://www.w3.org/2000/svg\"><title>%s</title>",
                cssClass,
                n(width),
                n(height),
                escaped(description)));
    }

    static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    static String n(double value) {
        String text = String.format(Locale.ROOT, "%.1f", value);
        return text.endsWith(".0") ? text.substring(0, text.length() - 2) : text;
    }

    Svg line(String cssClass, double x1, double y1, double x2, double y2) {
        return path(cssClass, "M" + n(x1) + " " + n(y1) + "L" + n(x2) + " " + n(y2));
    }

    Svg rect(String cssClass, double x, double y, double width, double height) {
        out.append(String.format(
                "<rect class=\"%s\" x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\"/>",
                cssClass, n(x), n(y), n(Math.max(0, width)), n(Math.max(0, height))));
        return this;
    }

    Svg circle(String cssClass, double x, double y, double radius) {
        out.append(
                String.format("<circle class=\"%s\" cx=\"%s\" cy=\"%s\" r=\"%s\"/>", cssClass, n(x), n(y), n(radius)));
        return this;
    }

    Svg path(String cssClass, String d) {
        out.append(String.format("<path class=\"%s\" d=\"%s\"/>", cssClass, d));
        return this;
    }

    /** @param anchor start, middle or end */
    Svg text(String cssClass, double x, double y, String anchor, String text) {
        out.append(String.format(
                "<text class=\"%s\" x=\"%s\" y=\"%s\" text-anchor=\"%s\">%s</text>",
                cssClass, n(x), n(y), anchor, escaped(text)));
        return this;
    }

    /** A dot that a script finds again: its data attributes are names and values in turn. */
    Svg dot(String cssClass, double x, double y, double radius, String... data) {
        out.append(String.format("<circle class=\"%s\" cx=\"%s\" cy=\"%s\" r=\"%s\"", cssClass, n(x), n(y), n(radius)));
        data(data);
        out.append("/>");
        return this;
    }

    /** Begins a group, which {@link #end} ends. */
    Svg group(String cssClass, String... data) {
        out.append("<g class=\"").append(cssClass).append('"');
        data(data);
        out.append('>');
        return this;
    }

    Svg end() {
        out.append("</g>");
        return this;
    }

    private void data(String... data) {
        for (int i = 0; i + 1 < data.length; i += 2) {
            out.append(" data-")
                    .append(data[i])
                    .append("=\"")
                    .append(escaped(data[i + 1]))
                    .append('"');
        }
    }

    /** A hatching to fill ghosts with. */
    Svg hatch(String id) {
        out.append("<defs><pattern id=\"")
                .append(id)
                .append("\" width=\"6\" height=\"6\" patternUnits=\"userSpaceOnUse\" patternTransform=\"rotate(45)\">")
                .append("<line class=\"hatch\" x1=\"0\" y1=\"0\" x2=\"0\" y2=\"6\"/></pattern></defs>");
        return this;
    }

    /** A filled path whose fill is a hatching. */
    Svg hatched(String id, String d) {
        out.append(String.format("<path d=\"%s\" fill=\"url(#%s)\"/>", d, id));
        return this;
    }

    String done() {
        return out.append("</svg>").toString();
    }
}

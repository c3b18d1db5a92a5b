package app.gradior.web.draw;

/** Builds one SVG picture; all text is escaped, all style is by class. */
final class Svg {
    private final StringBuilder out = new StringBuilder(4096);

    /** @param description says in words what the picture shows */
    Svg(String cssClass, double width, double height, String description) {
        tag("svg", cssClass, "viewBox", "0 0 " + n(width) + " " + n(height), "role", "img");
        out.append(" xmlns=\"http://www.w3.org/2000/svg\"><title>")
                .append(escaped(description))
                .append("</title>");
    }

    static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    static String n(double value) {
        long tenths = Math.round(Math.abs(value) * 10);
        String text = tenths % 10 == 0 ? Long.toString(tenths / 10) : tenths / 10 + "." + tenths % 10;
        return value < 0 && tenths > 0 ? "-" + text : text;
    }

    Svg line(String cssClass, double x1, double y1, double x2, double y2) {
        return path(cssClass, "M" + n(x1) + " " + n(y1) + "L" + n(x2) + " " + n(y2));
    }

    Svg rect(String cssClass, double x, double y, double width, double height) {
        tag("rect", cssClass, "x", n(x), "y", n(y), "width", n(Math.max(0, width)), "height", n(Math.max(0, height)));
        return closed();
    }

    Svg circle(String cssClass, double x, double y, double radius) {
        return dot(cssClass, x, y, radius);
    }

    Svg path(String cssClass, String d) {
        tag("path", cssClass, "d", d);
        return closed();
    }

    /** @param anchor start, middle or end */
    Svg text(String cssClass, double x, double y, String anchor, String text) {
        tag("text", cssClass, "x", n(x), "y", n(y), "text-anchor", anchor);
        out.append('>').append(escaped(text)).append("</text>");
        return this;
    }

    /** A dot that a script finds again: its data attributes are names and values in turn. */
    Svg dot(String cssClass, double x, double y, double radius, String... data) {
        tag("circle", cssClass, "cx", n(x), "cy", n(y), "r", n(radius));
        data(data);
        return closed();
    }

    /** Begins an element with attributes that need no escaping, names and values in turn. */
    private void tag(String name, String cssClass, String... attributes) {
        out.append('<').append(name).append(" class=\"").append(cssClass).append('"');
        for (int i = 0; i + 1 < attributes.length; i += 2) {
            out.append(' ')
                    .append(attributes[i])
                    .append("=\"")
                    .append(attributes[i + 1])
                    .append('"');
        }
    }

    private Svg closed() {
        out.append("/>");
        return this;
    }

    /** Begins a group, which {@link #end} ends. */
    Svg group(String cssClass, String... data) {
        tag("g", cssClass);
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
        out.append("<path d=\"").append(d).append("\" fill=\"url(#").append(id).append(")\"");
        return closed();
    }

    String done() {
        return out.append("</svg>").toString();
    }
}

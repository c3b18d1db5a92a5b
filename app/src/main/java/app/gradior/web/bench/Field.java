package app.gradior.web.bench;

import java.util.List;

/**
 * A field of a question.
 *
 * @param kind number, text, lines or choice
 * @param value as asked, or as usual
 * @param choices of a choice: value and label
 * @param hint under the field; may be empty
 */
record Field(String name, String label, String kind, String value, List<Choice> choices, String hint) {
    /** One of several. */
    record Choice(String value, String label) {}

    static Field number(String name, String label, String value) {
        return new Field(name, label, "number", value, List.of(), "");
    }

    static Field text(String name, String label, String value, String hint) {
        return new Field(name, label, "text", value, List.of(), hint);
    }

    static Field food(String name, String label, String value) {
        return new Field(name, label, "food", value, List.of(), "");
    }

    static Field lines(String name, String label, String value, String hint) {
        return new Field(name, label, "lines", value, List.of(), hint);
    }

    /**
     * Several of many; the value has what is ticked, a line each.
     *
     * @param usual what is ticked before a cook ticks; goes along as the hint, so that what nobody changed follows the sauce
     */
    static Field ticks(String name, String label, String value, String usual, List<Choice> choices) {
        return new Field(name, label, "ticks", value, choices, usual.replace('\n', ' '));
    }

    /** Whether one of many is ticked. */
    public boolean has(String choice) {
        return value.lines().anyMatch(choice::equals);
    }

    static Field choice(String name, String label, String value, List<Choice> choices) {
        return new Field(name, label, "choice", value, choices, "");
    }
}

package app.gradior.testing;

import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A JSON file with one thing in it changed. */
public final class Altered {
    private static final JsonMapper JSON = JsonMapper.shared();

    private Altered() {}

    /** JSON as it stands. */
    public record Raw(String text) {}

    /** With what is at a path, "batches[0].events[1].body.grossG", set to a value, to {@link Raw} JSON, or to what is made of what it is. */
    public static ObjectNode with(ObjectNode file, String path, Object value) {
        ObjectNode altered = file.deepCopy();
        JsonNode at = altered;
        String[] steps = path.replace("[", ".[").split("\\.");
        for (int i = 0; i < steps.length - 1; i++) {
            at = child(at, steps[i]);
        }
        String last = steps[steps.length - 1];
        JsonNode node = node(child(at, last), value);
        if (at instanceof ArrayNode list) {
            int index = index(last);
            if (index < list.size()) {
                list.set(index, node);
            } else {
                list.add(node);
            }
        } else if (at instanceof ObjectNode object) {
            object.set(last, node);
        }
        return altered;
    }

    /** What makes JSON of JSON. */
    public interface Made extends UnaryOperator<JsonNode> {}

    private static JsonNode node(JsonNode now, Object value) {
        if (value instanceof Made made) {
            return made.apply(now);
        }
        return value instanceof Raw raw ? JSON.readTree(raw.text()) : JSON.valueToTree(value);
    }

    private static JsonNode child(JsonNode of, String step) {
        return step.startsWith("[") ? of.get(index(step)) : of.get(step);
    }

    private static int index(String step) {
        return Integer.parseInt(step.replaceAll("\\D", ""));
    }
}

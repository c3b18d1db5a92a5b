package app.gradior.room.exchange;

import app.gradior.finding.Fault;
import app.gradior.room.words.Told;
import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SchemaRegistryConfig;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The shape of a kitchen's file by its schema ({@code docs/schema/kitchen.schema.json}), part by part, as it streams by. */
@Component
class FileSchema {
    private static final String FILE = "/schema/kitchen.schema.json";
    private static final String MISSING = "required";
    private static final String UNKNOWN = "additionalProperties";

    private final JsonNode whole;
    private final JsonMapper json;
    private final SchemaRegistry registry;
    private final Map<String, Schema> parts = new ConcurrentHashMap<>();

    FileSchema(JsonMapper json) {
        this.json = json;
        try (InputStream in = FileSchema.class.getResourceAsStream(FILE)) {
            this.whole = json.readTree(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        SchemaRegistryConfig english =
                SchemaRegistryConfig.builder().locale(Locale.ENGLISH).build();
        this.registry = SchemaRegistry.withDefaultDialect(
                SpecificationVersion.DRAFT_2020_12, builder -> builder.schemaRegistryConfig(english));
    }

    /**
     * What is wrong with a part of a file; fields are paths below it, as in {@code events[0].at}.
     *
     * @param definition its name among the schema's definitions
     */
    List<Fault> faults(String definition, JsonNode part) {
        return parts.computeIfAbsent(definition, this::schema).validate(part).stream()
                .map(FileSchema::fault)
                .distinct()
                .toList();
    }

    private Schema schema(String definition) {
        ObjectNode alone = json.createObjectNode();
        alone.put("$ref", "#/$defs/" + definition);
        alone.set("$defs", whole.get("$defs"));
        return registry.getSchema(alone);
    }

    private static Fault fault(Error error) {
        String path = path(error.getInstanceLocation().toString());
        if (MISSING.equals(error.getKeyword())) {
            return new Fault(below(path, error.getProperty()), Told.of("file-schema.missing"));
        }
        if (UNKNOWN.equals(error.getKeyword())) {
            return new Fault(below(path, error.getProperty()), Told.of("file-schema.not-known"));
        }
        return new Fault(path, error.getMessage());
    }

    private static String below(String path, String property) {
        return path.isEmpty() ? property : path + "." + property;
    }

    /** A JSON pointer as a path: /events/0/at is events[0].at. */
    private static String path(String pointer) {
        StringBuilder path = new StringBuilder();
        for (String step : pointer.split("/")) {
            if (step.matches("\\d+")) {
                path.append('[').append(step).append(']');
            } else if (!step.isEmpty()) {
                path.append(path.isEmpty() ? "" : ".").append(step);
            }
        }
        return path.toString();
    }
}

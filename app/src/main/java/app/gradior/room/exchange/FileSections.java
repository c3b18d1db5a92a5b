package app.gradior.room.exchange;

import app.gradior.finding.Refusal;
import app.gradior.room.words.Told;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.BiPredicate;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;

/** A kitchen's file as a stream of its sections; it can be gone through more than once. */
final class FileSections {
    private static final Set<String> KNOWN = Set.of(
            "format",
            "formatVersion",
            "kitchen",
            "pots",
            "burners",
            "jars",
            "waterTests",
            "foods",
            "names",
            "measures",
            "inHouse",
            "sauces",
            "snapshots",
            "batches",
            "plans");

    private final KitchenFileReader.Source file;
    private final JsonMapper json;
    /** Reads one thing of many that follow one another. */
    private final ObjectReader trees;

    FileSections(KitchenFileReader.Source file, JsonMapper json) {
        this.file = file;
        this.json = json;
        this.trees = json.readerFor(JsonNode.class).without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);
    }

    /**
     * Goes through the file: its small sections by name, its batches one by one with their paths.
     *
     * @param batch says whether to go on; absent to pass the batches over
     * @throws Refusal when it is no kitchen's file or broken
     */
    void each(BiConsumer<String, JsonNode> section, @Nullable BiPredicate<String, JsonNode> batch) throws IOException {
        try (InputStream in = file.open();
                JsonParser parser = json.createParser(in)) {
            if (parser.nextToken() != JsonToken.START_OBJECT) {
                throw Refusal.malformed("file", Told.of("kitchen-file-reader.this-is-no-kitchen-s-file"));
            }
            while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = parser.currentName();
                parser.nextToken();
                if (!KNOWN.contains(name)) {
                    throw Refusal.unfit(name, Told.of("kitchen-file-reader.this-field-is-not-known"));
                }
                if (!name.equals("batches")) {
                    section.accept(name, trees.readTree(parser));
                } else if (!batches(parser, batch)) {
                    return;
                }
            }
        } catch (JacksonException | UncheckedIOException e) {
            throw Refusal.malformed("file", Told.of("kitchen-file-reader.this-is-no-valid-json-it"));
        }
    }

    private boolean batches(JsonParser parser, @Nullable BiPredicate<String, JsonNode> batch) {
        if (parser.currentToken() != JsonToken.START_ARRAY) {
            throw Refusal.unfit("batches", Told.of("kitchen-file-reader.a-list-is-expected"));
        }
        if (batch == null) {
            parser.skipChildren();
            return true;
        }
        for (int i = 0; parser.nextToken() != JsonToken.END_ARRAY; i++) {
            if (!batch.test("batches[" + i + "]", trees.readTree(parser))) {
                return false;
            }
        }
        return true;
    }
}

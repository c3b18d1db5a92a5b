package app.gradior.room.batch;

import app.gradior.finding.Refusal;
import java.util.function.Function;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.module.SimpleModule;

/** Values of an enumeration in JSON by the keys that programs know them by. */
final class ByKey {
    private ByKey() {}

    /**
     * Adds an enumeration to a module.
     *
     * @param of finds the value of a key, or refuses it with what would be known
     */
    static <E extends Enum<E>> void add(
            SimpleModule module, Class<E> type, Function<E, String> key, Function<String, E> of) {
        module.addSerializer(type, new ValueSerializer<E>() {
            @Override
            public void serialize(E value, JsonGenerator out, SerializationContext context) {
                out.writeString(key.apply(value));
            }
        });
        module.addDeserializer(type, new ValueDeserializer<E>() {
            @Override
            public E deserialize(JsonParser in, DeserializationContext context) {
                String field = String.valueOf(in.currentName());
                return Refusal.checked(field, () -> of.apply(in.getValueAsString("")));
            }
        });
    }

    /** Those whose key is their name. */
    static <E extends Enum<E>> void add(SimpleModule module, Class<E> type) {
        add(module, type, Enum::name, name -> Enum.valueOf(type, name));
    }
}

package app.gradior.kitchen;

import app.gradior.sauce.School;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** A version's stages and schools as its row keeps them. */
@Component
class StageJson {
    private final JsonMapper json;

    StageJson(JsonMapper json) {
        this.json = json;
    }

    String write(Object value) {
        return json.writeValueAsString(value);
    }

    List<StageDraft> stages(String text) {
        return text.isEmpty() ? List.of() : json.readValue(text, new TypeReference<List<StageDraft>>() {});
    }

    Map<School, String> schools(String text) {
        return text.isEmpty() ? Map.of() : json.readValue(text, new TypeReference<Map<School, String>>() {});
    }
}

package app.gradior.room.book;

import app.gradior.sauce.School;
import app.gradior.sauce.SchoolAnswer;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** A version's stages and schools as its row keeps them. */
@Component
public class StageJson {
    private final JsonMapper json;

    StageJson(JsonMapper json) {
        this.json = json;
    }

    String write(Object value) {
        return json.writeValueAsString(value);
    }

    public List<StageDraft> stages(String text) {
        return text.isEmpty() ? List.of() : json.readValue(text, new TypeReference<List<StageDraft>>() {});
    }

    /** The schools of a version; versions of before have an answer's words for its name. */
    public Map<School, SchoolAnswer> schools(String text) {
        Map<School, SchoolAnswer> schools = new EnumMap<>(School.class);
        if (!text.isEmpty()) {
            json.readValue(text, new TypeReference<Map<School, String>>() {})
                    .forEach((school, name) -> school.answer(name).ifPresent(answer -> schools.put(school, answer)));
        }
        return schools;
    }
}

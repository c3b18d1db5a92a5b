package app.gradior.kitchen;

import app.gradior.larder.Food;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** A food as a kitchen keeps it. */
@Component
class FoodJson {
    private final JsonMapper json;

    FoodJson(JsonMapper json) {
        this.json = json;
    }

    String write(Food food) {
        return json.writeValueAsString(food);
    }

    Food read(String body) {
        return json.readValue(body, Food.class);
    }
}

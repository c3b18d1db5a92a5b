package app.gradior.room.larder;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.larder.Trait;
import java.util.Set;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A food as a kitchen keeps it. */
@Component
public class FoodJson {
    private final JsonMapper json;

    FoodJson(JsonMapper json) {
        this.json = json;
    }

    String write(Food food) {
        return json.writeValueAsString(food);
    }

    /**
     * Reads a food; one of before there were traits gets those of the standard food in whose place it stands, or of its name. What its
     * parts are made of was not told before either: it is as in that standard food, and unknown where there is none.
     */
    public Food read(String body) {
        JsonNode tree = json.readTree(body);
        if (tree instanceof ObjectNode food && !food.has("traits")) {
            Set<Trait> traits = Catalogue.standard()
                    .food(food.path("id").asString(""))
                    .map(Food::traits)
                    .orElseGet(() -> Trait.likely(food.path("name").asString("")));
            food.set("traits", json.valueToTree(traits));
        }
        Food read = json.treeToValue(tree, Food.class);
        return tree.has("makeup")
                ? read
                : Catalogue.standard()
                        .food(read.id())
                        .map(standard -> read.madeOf(standard.makeup().like(standard.per100g(), read.per100g())))
                        .orElse(read);
    }
}

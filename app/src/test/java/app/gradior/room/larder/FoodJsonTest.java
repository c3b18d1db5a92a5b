package app.gradior.room.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.larder.Makeup;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Foods as kitchens keep them, those of older versions too. */
class FoodJsonTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private final FoodJson foods = new FoodJson(JSON);

    private static Food standard(String id) {
        return Catalogue.standard().food(id).orElseThrow();
    }

    private ObjectNode written(Food food) {
        return (ObjectNode) JSON.readTree(foods.write(food));
    }

    @Test
    void aFoodIsReadAsItWasWritten() {
        for (Food food : Catalogue.standard().foods()) {
            assertThat(foods.read(foods.write(food))).isEqualTo(food);
        }
    }

    @Test
    void aFoodOfBeforeHasTheMakeupOfTheStandardOneInWhosePlaceItStands() {
        ObjectNode plum = written(standard("plum"));
        plum.remove("makeup");
        assertThat(foods.read(plum.toString())).isEqualTo(standard("plum"));
        ObjectNode sweeter = written(standard("plum"));
        sweeter.remove("makeup");
        ((ObjectNode) sweeter.get("per100g"))
                .put("sugars", 2 * standard("plum").per100g().sugars());
        assertThat(foods.read(sweeter.toString()).makeup().hexoses())
                .isCloseTo(2 * standard("plum").makeup().hexoses(), within(1e-9));
        ObjectNode own = written(standard("plum"));
        own.remove("makeup");
        own.put("id", "own-shed-plum");
        assertThat(foods.read(own.toString()).makeup()).isEqualTo(Makeup.NONE);
    }
}

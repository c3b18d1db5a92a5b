package app.gradior.care;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.Sauces;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Texture;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class ShelfLifeTest {
    private static ShelfLife of(Storage storage, String... lines) {
        LineReader reader = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);
        Ingredients all = new Ingredients(Arrays.stream(lines).map(reader::read).toList(), Texture.SMOOTH);
        return ShelfLife.of(all, all.mixture(), storage);
    }

    @Test
    void theKindDecidesAndDairyWins() {
        assertThat(of(Storage.FRIDGE, "400 g passata", "60 ml cream").kind()).isEqualTo(ShelfLife.Kind.MEAT_OR_DAIRY);
        assertThat(of(Storage.FRIDGE, "400 ml fish stock", "200 ml cider vinegar", "400 g sugar")
                        .days())
                .isEqualTo(3);
        assertThat(of(Storage.FRIDGE, "500 g leeks", "400 ml vegetable stock").kind())
                .isEqualTo(ShelfLife.Kind.LOW_ACID);
        assertThat(of(Storage.FRIDGE, "400 g blackcurrants", "300 ml red wine vinegar")
                        .kind())
                .isEqualTo(ShelfLife.Kind.SHARP);
        assertThat(of(Storage.JARS, "300 g blackcurrants", "450 g sugar", "200 ml red wine vinegar"))
                .isEqualTo(new ShelfLife(ShelfLife.Kind.SHARP_AND_SWEET, 21));
        assertThat(new ShelfLife(ShelfLife.Kind.MEAT_OR_DAIRY, 3).useBy(LocalDate.of(2026, 12, 30)))
                .isEqualTo(LocalDate.of(2027, 1, 2));
    }

    /** Whatever is of an animal, or may be, keeps three days, in however sharp and sweet a sauce. */
    @Test
    void everyFoodOfAnAnimalDecides() {
        for (Food food : Catalogue.standard().foods()) {
            Ingredients all = new Ingredients(
                    List.of(
                            LineReading.corrected("some", food, 5),
                            LineReading.corrected(
                                    "sugar", Catalogue.standard().food("sugar").orElseThrow(), 500),
                            LineReading.corrected(
                                    "vinegar",
                                    Catalogue.standard().food("vinegar-cider").orElseThrow(),
                                    500)),
                    Texture.SMOOTH);
            ShelfLife.Kind kind =
                    ShelfLife.of(all, all.mixture(), Storage.FRIDGE).kind();
            assertThat(kind == ShelfLife.Kind.MEAT_OR_DAIRY).as(food.id()).isEqualTo(food.ofAnimals());
        }
    }

    @Test
    void whatCools() {
        assertThat(Arrays.stream(Storage.values()).filter(Storage::cools))
                .containsExactly(Storage.FRIDGE, Storage.FREEZER, Storage.JARS);
    }

    @Test
    void jarsKeepNoLongerThanTheFridgeAndTheFreezerLonger() {
        String[] lines = {"400 g passata", "20 g salt"};
        assertThat(of(Storage.JARS, lines).days())
                .isEqualTo(of(Storage.FRIDGE, lines).days());
        assertThat(of(Storage.FREEZER, lines).days())
                .isGreaterThan(of(Storage.FRIDGE, lines).days());
        Mixture any = Sauces.of("water", 10);
        assertThat(ShelfLife.of(new Ingredients(java.util.List.of(), Texture.SMOOTH), any, Storage.EAT_NOW)
                        .days())
                .isZero();
    }

    /** A pH that is reckoned makes nothing keep longer: what protein and phosphate could take of the acid counts against it. */
    @Test
    void lemonDoesNotMakeBeansAvocadoOrTahiniSharp() {
        assertThat(of(Storage.FRIDGE, "400 g cooked white beans", "150 ml lemon juice")
                        .kind())
                .isEqualTo(ShelfLife.Kind.LOW_ACID);
        assertThat(of(Storage.FRIDGE, "400 g avocado", "100 ml lime juice").kind())
                .isEqualTo(ShelfLife.Kind.LOW_ACID);
        assertThat(of(Storage.FRIDGE, "250 g tahini", "150 ml lemon juice").kind())
                .isEqualTo(ShelfLife.Kind.LOW_ACID);
        assertThat(of(Storage.FRIDGE, "300 g onions", "500 g plums", "200 ml cider vinegar")
                        .kind())
                .as("fruit and vinegar with some onion")
                .isEqualTo(ShelfLife.Kind.SHARP);
    }
}

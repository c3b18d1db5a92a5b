package app.gradior.rescue;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.LineReader;
import app.gradior.measure.MeasureSystem;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Texture;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class LiquidsTest {
    private static final LineReader READER = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);

    private static Liquids of(Set<Complaint> wrong, String... lines) {
        Ingredients in = new Ingredients(Stream.of(lines).map(READER::read).toList(), Texture.CHUNKY);
        return Liquids.of(in, in.mixture(), wrong);
    }

    @Test
    void whatWentInSuitsAndWhatIsSharpOrSaltyIsNoLiquidToStretchWith() {
        Liquids gravy = of(Set.of(), "600 ml beef stock", "60 ml soy sauce", "50 ml cider vinegar", "20 g cornflour");
        assertThat(gravy.usual().lines())
                .contains("beef-stock", "vegetable-stock")
                .doesNotContain("milk", "passata");
        assertThat(gravy.all()).extracting(Food::id).doesNotContain("soy-sauce", "vinegar-cider", "water");
    }

    @Test
    void milkAndCreamWhereThereIsMilkOrItIsTooHotPassataWhereThereIsTomato() {
        assertThat(of(Set.of(), "300 ml single cream", "500 ml chicken stock")
                        .usual()
                        .lines())
                .contains("milk", "cream-double");
        assertThat(of(Set.of(), "700 g tinned tomatoes", "1 onion").usual().lines())
                .contains("passata");
        assertThat(of(Set.of(Complaint.TOO_HOT), "700 g tinned tomatoes")
                        .usual()
                        .lines())
                .contains("coconut-milk", "yogurt");
        assertThat(of(Set.of(), "500 g plums", "200 g sugar").usual().lines())
                .contains("apple-juice")
                .doesNotContain("vegetable-stock", "milk");
    }

    @Test
    void whatThereIsInTheHouseIsWhatIsTicked() {
        Ingredients stew = new Ingredients(
                Stream.of("700 g tinned tomatoes", "300 ml single cream")
                        .map(READER::read)
                        .toList(),
                Texture.CHUNKY);
        Liquids house =
                Liquids.of(stew, stew.mixture(), Set.of(), Set.of("passata", "oat-milk", "soy-sauce", "cornflour"));
        assertThat(house.usual().lines()).containsExactly("passata");
        assertThat(house.all())
                .extracting(Food::id)
                .contains("milk", "oat-milk")
                .doesNotContain("soy-sauce", "cornflour");
        assertThat(Liquids.of(stew, stew.mixture(), Set.of(), Set.of()))
                .isEqualTo(Liquids.of(stew, stew.mixture(), Set.of()));
    }

    @Test
    void aCookTicksOfWhatThereIs() {
        Liquids gravy = of(Set.of(), "600 ml beef stock");
        assertThat(gravy.of("milk\nsnake-oil")).extracting(Food::id).containsExactly("milk");
        assertThat(gravy.of("")).isEmpty();
        assertThat(of(Set.of()).usual().lines()).as("nothing known").hasSize(7);
    }
}

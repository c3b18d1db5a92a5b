package app.gradior.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.finding.Refused;
import app.gradior.finding.Wrong;
import app.gradior.larder.Label.Estimated;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import app.gradior.mixture.Mixture;
import app.gradior.plan.ByLook;
import app.gradior.texture.Consistency;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What a kitchen adds of its own: foods from labels, names, measures, sauces known only by their look. */
class LabelTest {
    @Test
    void aLabelKeepsWhatItSaysAndTakesTheRestFromALikeFood() {
        Food passata = Sauces.food("passata");
        Label.Estimate estimate = new Label(0.3, 8.2, 6.1, 1.6, 1.9, 0.5, 0).like(passata);
        Composition c = estimate.composition();
        assertThat(c.fat()).isEqualTo(0.3);
        assertThat(c.sugars()).isEqualTo(6.1);
        assertThat(c.salt()).isEqualTo(0.5);
        assertThat(c.totalG()).isCloseTo(100, within(1e-9));
        assertThat(c.pulp() / c.otherSolubles())
                .isCloseTo(passata.per100g().pulp() / passata.per100g().otherSolubles(), within(1e-9));
        assertThat(c.otherAcids()).isEqualTo(passata.per100g().otherAcids());
        assertThat(estimate.estimated()).contains(Estimated.WATER, Estimated.ACIDS);
    }

    @Test
    void servingsAreBroughtToAHundredGrams() {
        Label serving = Label.ofServing(15, 0, 6, 5.4, 0.1, 0.2, 0.3, 0);
        assertThat(serving.sugars()).isCloseTo(36, within(1e-9));
        assertThat(serving.salt()).isCloseTo(2, within(1e-9));
        assertThat(new Label(0, 1, 1, 0, 0, 0, 12.5)
                        .like(Sauces.food("wine-red"))
                        .composition()
                        .ethanol())
                .isCloseTo(9.86, within(0.01));
    }

    @Test
    void whatCannotBeALabelIsRefused() {
        assertThat(Refused.why(() -> new Label(0, 5, 9, 0, 0, 0, 0)))
                .isEqualTo(new LabelFinding.MoreSugarsThanCarbohydrate(9, 5));
        assertThat(Refused.why(() -> new Label(60, 50, 10, 0, 10, 0, 0)))
                .isEqualTo(new LabelFinding.MoreThanWhole(120));
        assertThat(Refused.range(() -> new Label(Double.NaN, 5, 1, 0, 0, 0, 0)).field())
                .isEqualTo("fat");
        assertThat(Refused.range(() -> Label.ofServing(0, 0, 0, 0, 0, 0, 0, 0)))
                .isEqualTo(new Wrong.Range("servingG", 0, 1, 2000, " g"));
    }

    @Test
    void aKitchensOwnNamesAndMeasuresAreRead() {
        Catalogue own = Catalogue.standard().with(List.of(), Map.of("bog plum", "damson", "nothing", "no-such-food"));
        LineReader reader = new LineReader(own, MeasureSystem.METRIC, Map.of("ladle", 120.0, "dipper", 60.0));
        assertThat(reader.read("500 g bog plums").food().orElseThrow().id()).isEqualTo("damson");
        assertThat(reader.read("2 ladles of water").massG()).isCloseTo(239.5, within(0.1));
        assertThat(reader.read("a dipper of water").massG()).isCloseTo(59.9, within(0.1));
        assertThat(reader.foodWords("2 tbsp wild bog myrtle, bruised")).isEqualTo("wild bog myrtle");
        LineReading as = reader.readAs("3 tbsp wurzel paste", Sauces.food("tomato-paste"));
        assertThat(as.massG()).isCloseTo(51.7, within(0.2));
    }

    @Test
    void aSauceDescribedByItsLookIsThatThick() {
        for (ByLook.Kind kind : ByLook.Kind.values()) {
            Mixture sauce = ByLook.sauce(kind, 4.2, 85, 700);
            assertThat(Consistency.step(sauce, 1, 85)).as(kind.name()).isCloseTo(4.2, within(1e-4));
            assertThat(sauce.volumeMl20c()).isCloseTo(700, within(1e-6));
        }
        double pulpCold = Consistency.step(ByLook.sauce(ByLook.Kind.PULP, 4, 90, 500), 1, 5);
        double syrupCold = Consistency.step(ByLook.sauce(ByLook.Kind.SYRUP, 4, 90, 500), 1, 5);
        assertThat(syrupCold).isGreaterThan(pulpCold + 2);
        assertThat(Refused.range(() -> ByLook.sauce(ByLook.Kind.PULP, 12, 85, 700)))
                .isEqualTo(new Wrong.Range("step", 12, 0, 9.5, ""));
    }
}

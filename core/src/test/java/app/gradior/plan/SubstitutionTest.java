package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.finding.Refused;
import app.gradior.finding.Unfit;
import app.gradior.larder.Allergen;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.LineReader;
import app.gradior.measure.MeasureSystem;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Substitution.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** A swap is one that a cook would make, or none. */
class SubstitutionTest {
    private static final Catalogue LARDER = Catalogue.standard();
    private static final LineReader READER = new LineReader(LARDER, MeasureSystem.METRIC);
    private static final Mixture REST = Sauces.of("water", 800).plus(Sauces.of("onion", 150));

    private static List<Part> parts(String line) {
        return READER.parts(line).stream()
                .map(READER::read)
                .map(reading -> new Part(reading.food().orElseThrow(), reading.massG()))
                .toList();
    }

    private static Food food(String id) {
        return LARDER.food(id).orElseThrow();
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/plan/swaps.csv", delimiter = '|', useHeadersInDisplayName = true, numLinesToSkip = 1)
    void aCookWouldTakeSoMuch(
            String line, String with, String keeps, Double low, Double high, Double waterLow, Double waterHigh) {
        Substitution.Answer answer;
        try {
            answer = Substitution.of(REST, parts(line), food(with), Optional.empty(), 65);
        } catch (Unfit refused) {
            assertThat(low).as(String.valueOf(refused.why())).isNull();
            return;
        }
        assertThat(low).as("%s g should be refused", answer.massG()).isNotNull();
        assertThat(answer.keeps().name().toLowerCase(Locale.ROOT)).isEqualTo(keeps);
        assertThat(answer.massG()).isBetween(low, high);
        double water = answer.parts().stream().skip(1).mapToDouble(Part::massG).sum();
        assertThat(water).isBetween(waterLow, waterHigh);
    }

    /** Whatever is offered keeps what it says, in the sauce itself. */
    @Test
    void everyOptionKeepsWhatItSaysAndSaysWhatElseChanges() {
        SoftAssertions soft = new SoftAssertions();
        int options = 0;
        for (Food missing : LARDER.foods()) {
            for (Substitution.Answer a : Substitution.options(REST, List.of(new Part(missing, 60)), LARDER, 65)) {
                options++;
                String what = missing.id() + " by " + a.parts();
                boolean made = a.parts().stream()
                                .filter(p -> !p.food().id().equals("water"))
                                .count()
                        > 1;
                double within = made ? 0.35 : 1e-6;
                switch (a.keeps()) {
                    case SWEETNESS ->
                        close(
                                soft,
                                what,
                                a.change(Substitution.Changed.SUGAR),
                                within * a.before().sugarsG());
                    case SHARPNESS -> close(soft, what, a.change(Substitution.Changed.ACID), within * acid(missing));
                    case SALT ->
                        close(
                                soft,
                                what,
                                a.change(Substitution.Changed.SALT),
                                within * a.before().saltG());
                    case FAT ->
                        close(
                                soft,
                                what,
                                a.change(Substitution.Changed.FAT),
                                within * 0.6 * missing.per100g().fat());
                    case HEAT ->
                        close(soft, what, a.sauce().pungencyShuG() / a.before().pungencyShuG() - 1, within);
                    case THICKNESS -> close(soft, what, a.stepChange(65), made ? within : 1e-3);
                    case VOLUME ->
                        close(soft, what, a.sauce().volumeMl20c() / a.before().volumeMl20c() - 1, 0.03);
                    case AROMA, WEIGHT -> soft.assertThat(a.massG()).as(what).isPositive();
                }
                double mass = 0;
                for (Part part : a.parts()) {
                    mass += part.massG();
                }
                close(soft, what, a.sauce().massG() - a.before().massG() - mass + 60, 1e-6);
            }
        }
        assertThat(options).isGreaterThan(1200);
        soft.assertAll();
    }

    private static double acid(Food food) {
        return Math.max(0.1, 0.6 * (food.per100g().acetic() + food.per100g().otherAcids()));
    }

    private static void close(SoftAssertions soft, String what, double off, double within) {
        soft.assertThat(off).as(what).isCloseTo(0, within(Math.max(1e-6, within)));
    }

    @Test
    void oneFoodMayStandForTwoAndTwoForOne() {
        Substitution.Answer one = Substitution.of(
                REST, parts("2 g each paprika and cumin"), food("smoked-paprika"), Optional.empty(), 65);
        assertThat(one.massG()).isCloseTo(4, within(1e-9));
        assertThat(Substitution.options(REST, parts("1 tsp allspice"), LARDER, 65))
                .anySatisfy(made -> assertThat(made.parts())
                        .extracting(part -> part.food().id())
                        .containsExactly("cinnamon", "nutmeg", "clove"));
        assertThat(Refused.why(() ->
                        Substitution.of(REST, parts("1 tsp each salt and cumin"), food("sugar"), Optional.empty(), 65)))
                .isInstanceOf(BalanceFinding.NotInItsPlace.class);
    }

    @Test
    void whatCannotBeReplacedHasNoOptions() {
        assertThat(Substitution.options(REST, parts("3 egg yolks"), LARDER, 65)).isEmpty();
    }

    @Test
    void allergensAreThoseThatCameAndWent() {
        Substitution.Answer answer =
                Substitution.of(REST, parts("200 ml coconut milk"), food("cream-single"), Optional.empty(), 65);
        assertThat(answer.allergensNew()).isEqualTo(Set.of(Allergen.MILK));
        Substitution.Answer back =
                Substitution.of(REST, parts("200 ml single cream"), food("coconut-milk"), Optional.empty(), 65);
        assertThat(back.allergensGone()).isEqualTo(Set.of(Allergen.MILK));
        assertThat(back.allergensNew()).isEmpty();
    }

    /** A pan 24 cm wide boils off some 17 g a minute: look lively, 22 to 24 kg/(m2 h). */
    @Test
    void moreWaterCostsMinutes() {
        assertThat(Substitution.minutes(170)).isBetween(7.0, 14.0);
        assertThat(Substitution.minutes(-170)).isCloseTo(-Substitution.minutes(170), within(1e-9));
    }

    @Test
    void anAskedForQualityWins() {
        Substitution.Answer answer =
                Substitution.of(REST, parts("100 ml lemon juice"), food("sugar"), Optional.of(Keeps.SWEETNESS), 65);
        assertThat(answer.massG()).isCloseTo(2.58, within(0.05));
        assertThat(answer.parts()).hasSize(1);
    }

    /** The tables name foods of the larder only, each once in a job; strengths are given for all of a job or for none. */
    @Test
    void theTablesAreWhole() {
        List<String> faults = new ArrayList<>();
        for (Food food : LARDER.foods()) {
            for (StandIns.Job job : StandIns.of(food)) {
                job.strengths().forEach((id, strength) -> {
                    if (LARDER.food(id).isEmpty()) {
                        faults.add(job.name() + ": " + id);
                    }
                    if (strength.isPresent() != job.strength(food).isPresent()) {
                        faults.add(job.name() + ": " + id + " has other figures than " + food.id());
                    }
                });
            }
        }
        for (String id : StandIns.thatCanBeMade()) {
            List<StandIns.Share> shares = StandIns.madeFrom(LARDER.food(id).orElseThrow());
            double together = 0;
            for (StandIns.Share share : shares) {
                together += share.gramsPerGram();
                if (LARDER.food(share.food()).isEmpty()) {
                    faults.add(id + " of " + share.food());
                }
            }
            if (together < 0.9 || together > 1.1) {
                faults.add(id + " is " + together);
            }
        }
        assertThat(faults).isEmpty();
    }
}

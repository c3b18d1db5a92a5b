package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.finding.Refused;
import app.gradior.finding.Wrong;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.larder.MadeUp;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import app.gradior.mixture.Mixture;
import app.gradior.plan.TasteLimit.Less;
import app.gradior.plan.TasteLimit.Source;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What brings a taste, and how little of it has to go. */
class TasteLimitTest {
    private static final Food SALT = Catalogue.standard().food("salt").orElseThrow();
    private static final Food BRINE = MadeUp.of(0, 10, 0, 0, 0);

    private static TasteLimit salt(Source... sources) {
        return new TasteLimit(Taste.SALT, 2, false, List.of(sources));
    }

    private static Source source(Food food, double massG) {
        return new Source(Taste.SALT, food, massG);
    }

    @Test
    void aLimitIsAShareAndOfSaltASmallOne() {
        for (Taste taste : Taste.values()) {
            double most = taste == Taste.SALT ? 30 : 100;
            assertThatCode(() -> TasteLimit.of(taste, most)).doesNotThrowAnyException();
            assertThat(Refused.why(() -> TasteLimit.of(taste, most + 0.01)))
                    .isEqualTo(new Wrong.Share(TasteLimit.field(taste), most + 0.01, most, " %"));
            assertThat(Refused.why(() -> TasteLimit.of(taste, 0)))
                    .isEqualTo(new Wrong.Share(TasteLimit.field(taste), 0, most, " %"));
        }
        assertThat(Stream.of(Taste.values()).map(TasteLimit::field))
                .containsExactly("mostSaltPercent", "mostSugarPercent", "mostAcidPercent");
        assertThat(Taste.SALT.usualMostPercent()).isEqualTo(2);
        assertThat(Taste.SUGAR.usualMostPercent()).isNaN();
        assertThat(TasteLimit.of(Taste.SALT, 2).isOver(2))
                .as("as much as it may be")
                .isFalse();
        assertThat(TasteLimit.of(Taste.SALT, 2).isOver(2.0001)).isTrue();
    }

    @Test
    void itsSourcesAreTheFoodsThatBringItEachOnceByTheFactor() {
        LineReader reader = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);
        List<LineReading> lines = Stream.of("5 g salt", "100 g sugar", "0 g miso", "3 g salt", "50 g miso", "a wurzle")
                .map(reader::read)
                .toList();
        List<Source> sources = TasteLimit.of(Taste.SALT, 2).from(lines, 3).sources();
        assertThat(sources).extracting(source -> source.food().id()).containsExactly("salt", "miso");
        assertThat(sources.get(0).massG()).isCloseTo(24, within(1e-9));
        assertThat(sources.get(1).massG()).isCloseTo(150, within(1e-9));
    }

    @Test
    void saltItselfIsHeldBackWhereThereIsEnough() {
        TasteLimit both =
                salt(source(SALT, 5), source(BRINE, 100)); // 5 g of salt's own, nearly, and 10 g of the brine's
        double own = both.sources().get(0).g();
        double all = own + 10;
        assertThat(both.less(own - 0.01, all)).singleElement().satisfies(less -> {
            assertThat(less.food()).isEmpty();
            assertThat(less.share()).isEqualTo(1);
            assertThat(less.massG()).isCloseTo(own - 0.01, within(1e-9));
        });
        assertThat(both.less(own + 0.5, all)).singleElement().satisfies(less -> {
            assertThat(less.food()).as("the brine alone, for that brings more").contains(BRINE);
            assertThat(less.share()).isCloseTo(10 / all, within(1e-9));
            assertThat(less.massG()).isCloseTo(10 * (own + 0.5), within(1e-9));
            assertThat(less.withWater()).isTrue();
        });
        assertThat(both.less(12, all))
                .as("both, for neither is enough")
                .satisfiesExactly(
                        first -> assertThat(first).isEqualTo(new Less(Optional.empty(), 1, own, false)),
                        second -> assertThat(second.massG()).isCloseTo(10 * (12 - own), within(1e-9)));
        assertThat(both.less(40, all).get(1).massG())
                .as("no more than there is")
                .isEqualTo(100);
        assertThat(both.less(1, all / 2).get(0).massG())
                .as("half of what went in is in the sauce: twice as much must be left out")
                .isCloseTo(2, within(1e-9));
        assertThat(both.less(1, 0).get(0).massG()).isEqualTo(1);
    }

    @Test
    void aPinchOfSaltIsNotWorthAWordAndNeitherIsATrace() {
        TasteLimit pinch = salt(source(SALT, 0.04), source(BRINE, 100));
        assertThat(pinch.less(11, 10.04)).extracting(Less::food).containsExactly(Optional.of(BRINE));
        TasteLimit more = salt(source(SALT, 0.06), source(BRINE, 100));
        assertThat(more.less(11, 10.06)).extracting(Less::food).containsExactly(Optional.empty(), Optional.of(BRINE));
        TasteLimit trace = salt(source(SALT, 10), source(BRINE, 10)); // a tenth of it all and less
        assertThat(trace.less(10.5, 11)).extracting(Less::food).containsExactly(Optional.empty());
    }

    @Test
    void theMilderOneIsOfWhatBringsMost() {
        Food soy = Catalogue.standard().food("soy-sauce").orElseThrow();
        TasteLimit limit = salt(source(BRINE, 100), source(soy, 10));
        assertThat(limit.milder(Sauces.of("water", 100)))
                .as("a tenth of it is worth a word")
                .isPresent();
        assertThat(salt(source(BRINE, 200), source(soy, 10)).milder(Sauces.of("water", 100)))
                .isEmpty();
        Food milder = Catalogue.standard().food("soy-sauce-less-salt").orElseThrow();
        Mixture sauce = Mixture.of(soy, 50).plus(Sauces.of("water", 50));
        assertThat(salt(source(soy, 70), source(SALT, 2)).milder(sauce))
                .get()
                .isInstanceOfSatisfying(WishFinding.TakeMilder.class, found -> {
                    assertThat(found.food()).isEqualTo(soy);
                    assertThat(found.milder()).isEqualTo(milder);
                    double all = 0.15 * 70 + 2 * SALT.per100g().salt() / 100;
                    assertThat(found.percent()).isCloseTo(7.5 * (1 - 0.065 * 70 / all), within(1e-9));
                });
    }
}

package app.gradior.sauce;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.texture.Stair;
import java.util.Arrays;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Keys lead back to what they are of, and figures come back from the ends they made. */
class KeysTest {
    private static <E extends Enum<E>> void roundTrip(E[] values, Function<E, String> key, Function<String, E> of) {
        assertThat(values)
                .allSatisfy(value -> assertThat(of.apply(key.apply(value))).isEqualTo(value));
        assertThat(Arrays.stream(values).map(key)).doesNotHaveDuplicates();
        assertThatThrownBy(() -> of.apply("nothing of the kind"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("nothing of the kind");
    }

    @Test
    void keysLeadBack() {
        roundTrip(Look.values(), Look::key, Look::ofKey);
        roundTrip(LidState.values(), LidState::key, LidState::ofKey);
        roundTrip(StarchKind.values(), StarchKind::key, StarchKind::ofKey);
        roundTrip(Overnight.values(), Overnight::key, Overnight::ofKey);
        roundTrip(StageKind.values(), StageKind::key, StageKind::ofKey);
    }

    @Test
    void stairAndUsesAreWithinTheLimits() {
        assertThat(Stair.Tread.values()[0].number()).isEqualTo(1);
        assertThat(Use.values()).allSatisfy(use -> {
            assertThat(SauceLimits.isStep(use.step())).isTrue();
            assertThat(SauceLimits.isServed(use.servedC())).isTrue();
        });
    }

    @ParameterizedTest
    @EnumSource(EndKind.class)
    void figuresComeBackFromTheirEnds(EndKind kind) {
        double value =
                kind == EndKind.FRACTION || kind == EndKind.FRACTION_ADDED ? 0.5 : kind == EndKind.BOILING ? 104 : 7;
        assertThat(EndKind.of(kind.end(value))).isEqualTo(new EndKind.Figured(kind, value));
    }

    /** The table of starches against the figures that the model's page gives. */
    @ParameterizedTest
    @CsvSource({
        "maize, 1, 2.2, 1.35", "wheat_flour, 2.1, 2.2, 1.2", "potato, 0.75, 2.1, 0.9",
        "tapioca, 0.95, 2.1, 0.9", "arrowroot, 0.9, 2.1, 1.0", "rice_flour, 1.7, 2.2, 1.1"
    })
    void starchesHaveTheirStrengths(String key, double critical, double exponent, double heatExponent) {
        StarchKind kind = StarchKind.ofKey(key);
        assertThat(kind.criticalOverMaize()).isEqualTo(critical);
        assertThat(kind.exponent()).isEqualTo(exponent);
        assertThat(kind.heatExponent()).isEqualTo(heatExponent);
        assertThat(kind.roux()).isEqualTo(kind == StarchKind.WHEAT_FLOUR);
        assertThat(kind.handling().mostBoilMinutes())
                .isGreaterThan(kind.handling().setMinutes());
    }
}

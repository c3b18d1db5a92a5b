package app.gradior.web.care;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.care.CareTopic;
import app.gradior.room.words.Units;
import app.gradior.room.words.Words;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What is found of the cautions, in whose degrees, and where it leads back to. */
class CareControllerTest {
    private static List<CareTopic> found(String q) {
        return CareController.found(q, Units.METRIC).stream()
                .flatMap(part -> part.topics().stream())
                .toList();
    }

    /** What somebody types who has just burnt themselves, or wonders. */
    @ParameterizedTest
    @CsvSource({
        "burn 20 minutes, BURNT_SKIN",
        "FAT fire, FAT_FIRE",
        "infants, HONEY",
        "botulism, HONEY",
        "copper, REACTIVE_POT",
        "canning, CANNING",
        "crystals, FREEZING",
        "choke cough, WHOLE_PIECES"
    })
    void isFound(String q, CareTopic topic) {
        assertThat(found(q)).contains(topic);
        assertThat(found(q + " zeppelin")).isEmpty();
    }

    @Test
    void nothingAskedIsEverythingAndTheFirstThingsFirst() {
        assertThat(found(" ")).containsExactly(CareTopic.values());
    }

    /** A link back leads nowhere but to a page of ours. */
    @ParameterizedTest
    @CsvSource(
            value = {
                "/pot/41|''|/pot/41",
                "''|https://kitchen.local:8443/plan?sauce=3|/plan?sauce=3",
                "''|http://127.0.0.1:8080/care|''",
                "//evil.example/|''|''",
                "/\\evil.example|''|''",
                "https://evil.example/|''|''",
                "javascript:alert(1)|''|''",
                "''|not a %% address|''"
            },
            delimiter = '|')
    void theWayBackIsOurs(String from, String referer, String leads) {
        assertThat(CareController.cameFrom(from, referer.isEmpty() ? null : referer))
                .isEqualTo(leads);
    }

    @Test
    void degreesAreTheKitchens() {
        assertThat(Words.say(CareTopic.COOLING, "does", Units.METRIC)).startsWith("From 60 °C to 21 °C");
        assertThat(Words.say(CareTopic.COOLING, "does", new Units() {
                    @Override
                    public String volume(double ml) {
                        return "";
                    }

                    @Override
                    public String temp(double tempC) {
                        return Math.round(tempC * 1.8 + 32) + " °F";
                    }
                }))
                .startsWith("From 140 °F to 70 °F");
    }

    /** All that is to be told of each, under a name that an address can have. */
    @ParameterizedTest
    @EnumSource(CareTopic.class)
    void nothingIsLeftOut(CareTopic topic) {
        assertThat(topic.key()).matches("[a-z]+(-[a-z]+)*");
        for (String part : CareController.TOLD) {
            assertThat(Words.say(topic, part, Units.METRIC))
                    .as(part)
                    .hasSizeGreaterThan(10)
                    .endsWith(".");
        }
    }

    @ParameterizedTest
    @EnumSource(Term.class)
    void everyTermHasItsLine(Term term) {
        assertThat(Words.say(term, "means")).endsWith(".");
    }
}

package app.gradior.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/** Codes of the table in RFC 6238, whose secret is the figures 1 to 0 twice; the last six of its eight figures. */
class SecondStepRulesTest extends DoorCalls {
    private static final SecondFinding OTHER = new SecondFinding.OtherCode();

    @Autowired
    private SecondStep second;

    private void withTheSecretOfTheTable() {
        second.secret(ownerId);
        jdbc.update("update second_step set secret = '12345678901234567890' where account_id = ?", ownerId);
    }

    @ParameterizedTest
    @CsvSource({
        "59, 287082",
        "1111111109, 081804",
        "1111111111, 050471",
        "1234567890, 005924",
        "2000000000, 279037",
        "20000000000, 353130"
    })
    void aCodeIsThatOfTheTableInItsHalfMinuteAndOneBeforeAndAfter(long second1970, String code) {
        withTheSecretOfTheTable();
        long step = second1970 / 30 * 30;
        for (long at : new long[] {step - 31, step + 60}) {
            clock.to(Instant.ofEpochSecond(at));
            assertThat(second.fitsCode(ownerId, code)).as("at %d", at).isFalse();
        }
        for (long at : new long[] {step - 30, step, step + 29, step + 59}) {
            jdbc.update("update second_step set last_count = 0 where account_id = ?", ownerId);
            clock.to(Instant.ofEpochSecond(at));
            assertThat(second.fitsCode(ownerId, " " + code.substring(0, 3) + " " + code.substring(3)))
                    .as("at %d", at)
                    .isTrue();
            assertThat(second.fitsCode(ownerId, code)).as("once").isFalse();
            clock.forward(Duration.ofSeconds(1));
            assertThat(second.fitsCode(ownerId, code)).as("nor a second later").isFalse();
        }
        assertThat(second.fitsCode(ownerId, "0" + code)).isFalse();
        assertThat(second.fitsCode(ownerId, code.substring(1))).isFalse();
    }

    @Test
    void itIsOnWithTheFirstCodeAndItsSecretIsNotSeenAgain() {
        clock.to(Instant.ofEpochSecond(59));
        assertThat(second.fitsCode(ownerId, "287082"))
                .as("there is no secret yet")
                .isFalse();
        String secret = second.secret(ownerId);
        assertThat(new Base32().decode(secret)).hasSize(20);
        assertThat(second.secret(ownerId)).as("until it is on").isEqualTo(secret);
        withTheSecretOfTheTable();
        unfit("code", OTHER, () -> second.begin(ownerId, "287083"));
        assertThat(second.isOn(ownerId)).isFalse();
        second.begin(ownerId, "287082");
        assertThat(second.isOn(ownerId)).isTrue();
        unfit("code", new SecondFinding.IsOn(), () -> second.secret(ownerId));
        clock.to(Instant.ofEpochSecond(1_111_111_109));
        unfit("code", OTHER, () -> second.begin(ownerId, "081804"));
        assertThat(second.fits(ownerId, "081804")).as("nothing was used up").isTrue();
        second.end(ownerId);
        assertThat(second.isOn(ownerId)).isFalse();
        assertThat(second.secret(ownerId)).as("a new one").isNotEqualTo(secret);
    }

    @Test
    void aWordOfThePaperFitsOnceHoweverItIsTyped() {
        List<String> old = second.words(ownerId);
        List<String> words = second.words(ownerId);
        Set<String> all = new HashSet<>(old);
        all.addAll(words);
        assertThat(all).hasSize(12).allMatch(word -> word.matches("[a-z2-7]{4}(-[a-z2-7]{4}){5}"));
        assertThat(second.wordsLeft(ownerId)).isEqualTo(6);
        assertThat(second.fitsWord(ownerId, old.get(0))).isFalse();
        assertThat(second.fits(somebody(owner + "-jo"), words.get(0)))
                .as("somebody else's")
                .isFalse();
        assertThat(second.fits(
                        ownerId, words.get(0).toUpperCase(java.util.Locale.ROOT).replace("-", " . ")))
                .isTrue();
        assertThat(second.fits(ownerId, words.get(0))).isFalse();
        assertThat(second.wordsLeft(ownerId)).isEqualTo(5);
    }

    @Test
    void fiveMinutesLieBetweenTheTwoSteps() {
        String ticket = second.half(ownerId);
        String other = second.half(ownerId);
        clock.forward(Duration.ofMinutes(5).minusSeconds(1));
        assertThat(second.half(ticket)).hasValue(owner);
        second.whole(ticket);
        assertThat(second.half(ticket)).isEmpty();
        assertThat(second.half(other)).as("another browser's").hasValue(owner);
        clock.forward(Duration.ofSeconds(1));
        assertThat(second.half(other)).isEmpty();
    }

    @Test
    void allOfAnAccountGoes() {
        second.secret(ownerId);
        second.words(ownerId);
        second.half(ownerId);
        second.forget(ownerId);
        for (String table : List.of("second_step", "paper_word", "half_in")) {
            assertThat(rows(table + " where account_id = " + ownerId)).as(table).isZero();
        }
    }
}

package app.gradior.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.gradior.ApplicationTest;
import app.gradior.finding.Refusal;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcOperations;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.AuthorityUtils;
import tools.jackson.databind.json.JsonMapper;

/** A challenge counts for what it was given for, to whom, and once. What a browser makes of one: the journey. */
@ApplicationTest
class PasskeysTest {
    private static final Passkeys.At AT = new Passkeys.At("localhost", "http://localhost:8080");

    @Autowired
    private Passkeys passkeys;

    @Autowired
    private JdbcOperations jdbc;

    @Autowired
    private JsonMapper json;

    @BeforeEach
    void noneOpen() {
        jdbc.update("delete from passkey_challenge");
    }

    private static Authentication who(String login) {
        return UsernamePasswordAuthenticationToken.authenticated(login, "", AuthorityUtils.NO_AUTHORITIES);
    }

    private String challengeOf(String options) {
        return json.readTree(options).path("challenge").asString();
    }

    private static String url(String text) {
        return Base64.getUrlEncoder().withoutPadding().encodeToString(text.getBytes(StandardCharsets.UTF_8));
    }

    private static String credential(String challenge, String rest) {
        return """
                {"id": "a2V5", "rawId": "a2V5", "type": "public-key", "clientExtensionResults": {},
                 "response": {"clientDataJSON": "%s", %s}}
                """.formatted(url("{\"challenge\": \"" + challenge + "\"}"), rest);
    }

    private void makes(String login, String challenge) {
        String made = credential(challenge, "\"attestationObject\": \"o2M\", \"transports\": []");
        assertThatThrownBy(() -> passkeys.keep(who(login), AT, "finger", made)).isInstanceOf(Refusal.class);
    }

    private void signsIn(String challenge) {
        String signed = credential(challenge, "\"authenticatorData\": \"o2M\", \"signature\": \"o2M\"");
        try {
            assertThat(passkeys.account(AT, signed, "here")).isEmpty();
        } catch (Refusal refusal) {
            assertThat(refusal.faults()).extracting(fault -> fault.field()).containsExactly("passkey");
        }
    }

    private int open() {
        return jdbc.queryForObject("select count(*) from passkey_challenge", Integer.class);
    }

    @Test
    void oneThatAnybodyGetsAtTheDoorMakesNoKey() {
        String atTheDoor = challengeOf(passkeys.toSignIn(AT));
        makes("jo", atTheDoor);
        assertThat(open()).as("it was not taken").isEqualTo(1);
        signsIn(atTheDoor);
        assertThat(open()).as("it is used up").isZero();
    }

    @Test
    void oneThatWasGivenToSomebodyCountsForThemAlone() {
        String jos = challengeOf(passkeys.toMake(who("jo"), AT));
        makes("marta", jos);
        signsIn(jos);
        assertThat(open()).isEqualTo(1);
        makes("jo", jos);
        assertThat(open()).isZero();
    }
}

package app.gradior.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.gradior.finding.Refusal;
import app.gradior.finding.Wrong;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A challenge counts for what it was given for, to whom, and once. What a browser makes of one: the journey. */
class PasskeysTest extends DoorCalls {
    private static final Passkeys.At AT = new Passkeys.At("localhost", "http://localhost:8080");

    @Autowired
    private Passkeys passkeys;

    @Autowired
    private JsonMapper json;

    @BeforeEach
    void noneOpen() {
        jdbc.update("delete from passkey_challenge");
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

    private String userOf(String options) {
        return json.readTree(options).path("user").path("id").asString();
    }

    /** A key that the owner has made. */
    private String make(HandMadeKey key, String label) throws Exception {
        String options = passkeys.toMake(who(owner), AT);
        passkeys.keep(who(owner), AT, label, key.made(challengeOf(options)));
        return userOf(options);
    }

    private Optional<SignIn.Account> signsIn(HandMadeKey key, String user) throws Exception {
        return passkeys.account(AT, key.signed(challengeOf(passkeys.toSignIn(AT)), user), "here");
    }

    @Test
    void aKeyThatWasMadeSignsInUntilItIsRemoved() throws Exception {
        assertThat(passkeys.of(owner)).isEmpty();
        HandMadeKey finger = new HandMadeKey("finger" + owner, AT);
        String user = make(finger, " my finger ");
        assertThat(signsIn(finger, user)).hasValue(new SignIn.Account(ownerId, kitchen, owner));
        assertThat(signsIn(finger, user)).as("again").isPresent();
        HandMadeKey stick = new HandMadeKey("stick" + owner, AT);
        assertThat(make(stick, "a stick")).as("the same person").isEqualTo(user);
        assertThat(signsIn(new HandMadeKey("finger" + owner, AT), user))
                .as("another's signature under its number")
                .isEmpty();
        List<Passkeys.Key> keys = passkeys.of(owner);
        assertThat(keys).extracting(Passkeys.Key::label).containsExactly("my finger", "a stick");
        assertThat(keys).extracting(Passkeys.Key::made).isSorted();
        assertThat(keys.get(0).used()).isAfterOrEqualTo(keys.get(0).made());
        String id = HandMadeKey.url(("finger" + owner).getBytes(StandardCharsets.UTF_8));
        assertThat(keys.get(0).id()).isEqualTo(id);

        String jo = name("jo");
        kitchen(jo);
        passkeys.keep(
                who(jo), AT, "jo's", new HandMadeKey("jo" + owner, AT).made(challengeOf(passkeys.toMake(who(jo), AT))));
        nobody(() -> passkeys.remove(jo, id));
        passkeys.remove(owner, id);
        assertThat(signsIn(finger, user)).isEmpty();
        assertThat(signsIn(stick, user)).isPresent();
        passkeys.removeAll(owner);
        assertThat(passkeys.of(owner)).isEmpty();
        assertThat(rows("user_entities where name = '" + owner + "'")).isZero();
        passkeys.removeAll(owner);
    }

    @Test
    void whoTheyAreIsAskedOfTheKeyAndWhereTheyAreOfTheBrowser() throws Exception {
        HandMadeKey unverified = new HandMadeKey("none" + owner, AT);
        unverified.unverified();
        PasswordFinding none = new PasswordFinding.NoPasskey();
        unfit("passkey", none, () -> make(unverified, "without a finger"));
        HandMadeKey elsewhere = new HandMadeKey("else" + owner, new Passkeys.At("localhost", "http://localhost:9999"));
        unfit("passkey", none, () -> make(elsewhere, "of another page"));
        HandMadeKey finger = new HandMadeKey("finger" + owner, AT);
        String user = make(finger, "my finger");
        finger.unverified();
        assertThat(signsIn(finger, user)).isEmpty();
        unfit("label", new Wrong.Blank(), () -> make(finger, " "));
        unfit("label", new Wrong.TooLong(80), () -> make(finger, "f".repeat(81)));
        for (String text : List.of("", "{", "[]", "{\"id\": 1}", credential("", "\"signature\": \"o2M\""))) {
            unfit("passkey", none, () -> passkeys.account(AT, text, "here"));
            unfit("passkey", none, () -> passkeys.keep(who(owner), AT, "finger", text));
        }
    }

    @Test
    void fiveMinutesAreLeftForAFingerAndTheBrowserIsToldSo() {
        String options = passkeys.toSignIn(AT);
        JsonNode told = json.readTree(options);
        assertThat(told.path("timeout").asInt()).isEqualTo(300_000);
        assertThat(told.path("userVerification").asString()).isEqualTo("required");
        assertThat(told.path("rpId").asString()).isEqualTo("localhost");
        JsonNode make = json.readTree(passkeys.toMake(who(owner), AT));
        assertThat(make.path("timeout").asInt()).isEqualTo(300_000);
        assertThat(make.path("authenticatorSelection").path("userVerification").asString())
                .isEqualTo("required");
        assertThat(make.path("authenticatorSelection").path("residentKey").asString())
                .isEqualTo("required");
        clock.forward(Duration.ofMinutes(5));
        signsIn(challengeOf(options));
        assertThat(open()).as("too late: it was not used").isEqualTo(2);
    }

    @Test
    void twentyAreEnough() throws Exception {
        for (int i = 0; i < Passkeys.MOST; i++) {
            make(new HandMadeKey(i + owner, AT), "key " + i);
        }
        unfit("passkeys", new PeopleFinding.Enough(20), () -> passkeys.toMake(who(owner), AT));
    }

    @Test
    void tenThousandWhoHaveNotAnsweredYetAreEnough() {
        fill(10_000, "2026-12-01 18:05:00");
        assertThatThrownBy(() -> passkeys.toSignIn(AT)).isInstanceOf(TooManyTries.class);
        jdbc.update("delete from passkey_challenge limit 1");
        passkeys.toSignIn(AT);
        assertThatThrownBy(() -> passkeys.toSignIn(AT)).isInstanceOf(TooManyTries.class);
        jdbc.update("update passkey_challenge set ends_at = '2026-12-01 17:59:00'");
        passkeys.toSignIn(AT);
        assertThat(open()).as("those who came too late make room").isEqualTo(1);
    }

    private void fill(int many, String ends) {
        jdbc.update(
                "insert into passkey_challenge (hash, ends_at) select sha2(seq, 256), ? from seq_1_to_" + many, ends);
    }

    @ParameterizedTest
    @CsvSource({
        "sauces.example, true",
        "localhost, true",
        "stove1, true",
        "192.168.1.5, false",
        "10.0.0.1, false",
        "'[::1]', false",
        "fe80::1, false"
    })
    void browsersMakeNoneForBareNumbers(String host, boolean hasName) {
        assertThat(new Passkeys.At(host, "https://" + host).hasName()).isEqualTo(hasName);
    }
}

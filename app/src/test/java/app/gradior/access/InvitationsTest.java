package app.gradior.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.gradior.access.Invitations.Invitation;
import app.gradior.access.StoveDevices.Device;
import app.gradior.finding.Refusal;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

class InvitationsTest extends DoorCalls {
    private static final PeopleFinding OVER = new PeopleFinding.WordIsOver();

    @Autowired
    private Invitations invitations;

    @Autowired
    private StoveDevices devices;

    @Autowired
    private SignIn signIn;

    private String word(Role role) {
        return invitations.make(kitchen, role, "Jo", owner);
    }

    private String tablet() {
        return invitations.pair(invitations.make(kitchen, Role.STOVE, "Tablet", owner));
    }

    @Test
    void aSecretIsLongAndNeverTheSame() {
        Set<String> secrets = new HashSet<>();
        for (int i = 0; i < 100; i++) {
            secrets.add(Hashes.secret());
        }
        assertThat(secrets).hasSize(100).allMatch(secret -> secret.matches("[0-9a-f]{48}"));
        assertThat(Hashes.sha256("abc"))
                .as("the example of FIPS 180")
                .isEqualTo("ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad");
    }

    @ParameterizedTest
    @CsvSource({"COOK, 86400", "STOVE, 900"})
    void itIsOpenForItsTime(Role role, int seconds) {
        Instant ends = clock.instant().plusSeconds(seconds);
        String word = word(role);
        Invitation made = invitations.find(word).orElseThrow();
        assertThat(made).isEqualTo(new Invitation(made.id(), kitchen, role, "Jo", owner, ends));
        assertThat(made.isForDevice()).isEqualTo(role == Role.STOVE);
        clock.to(ends.minusSeconds(1));
        assertThat(invitations.of(kitchen)).containsExactly(made);
        assertThat(invitations.find(word)).as("looking uses nothing up").hasValue(made);
        assertThat(jdbc.queryForList("select word_hash from invitation where kitchen_id = ?", String.class, kitchen))
                .containsExactly(Hashes.sha256(word));
        clock.to(ends);
        assertThat(invitations.find(word)).isEmpty();
        assertThat(invitations.of(kitchen)).isEmpty();
        unfit("word", OVER, () -> invitations.join(word, ownerId));
        unfit("word", OVER, () -> invitations.pair(word));
    }

    @Test
    void twentyAreEnough() {
        for (int i = 0; i < Invitations.MOST; i++) {
            word(Role.COOK);
        }
        unfit("invitations", new PeopleFinding.Enough(20), () -> word(Role.COOK));
        assertThat(invitations.of(kitchen)).hasSize(20);
        invitations.end(kitchen, invitations.of(kitchen).get(0).id());
        word(Role.COOK);
        nobody(() -> invitations.make(0, Role.COOK, "Jo", owner));
    }

    @Test
    void itLetsOneInOnceAsWhatItSays() {
        String word = word(Role.LOOKER_ON);
        unfit("word", OVER, () -> invitations.pair(word));
        refused(
                Refusal.Kind.CONFLICT,
                "members",
                new PeopleFinding.MemberAlready(),
                () -> invitations.join(word, ownerId));
        assertThat(invitations.join(word, somebody(owner + "-jo"))).isEqualTo(kitchen);
        assertThat(members.of(kitchen)).extracting(Members.Member::role).containsExactly(Role.OWNER, Role.LOOKER_ON);
        unfit("word", OVER, () -> invitations.join(word, somebody(owner + "-sol")));
        String forTablet = word(Role.STOVE);
        unfit("word", OVER, () -> invitations.join(forTablet, ownerId));
    }

    @Test
    void somebodyNewComesInWithANameAndAPassword() {
        String word = word(Role.COOK);
        unfit("word", OVER, () -> invitations.joinAsNew("another", owner, "short"));
        Refusal both = catchThrowableOfType(Refusal.class, () -> invitations.joinAsNew(word, owner, "short"));
        assertThat(both.faults()).extracting(fault -> fault.field()).containsExactly("password", "login");
        String jo = name("jo");
        invitations.joinAsNew(word, jo, PASSWORD);
        assertThat(signIn.account(jo, PASSWORD, HERE).orElseThrow().kitchenId()).isEqualTo(kitchen);
        unfit("word", OVER, () -> invitations.joinAsNew(word, name("sol"), PASSWORD));
    }

    @Test
    void oneOfAnotherKitchenIsNotEnded() {
        word(Role.COOK);
        long id = invitations.of(kitchen).get(0).id();
        nobody(() -> invitations.end(kitchen + 1, id));
        invitations.end(kitchen, id);
        assertThat(invitations.of(kitchen)).isEmpty();
        nobody(() -> invitations.end(kitchen, id));
    }

    @Test
    void aDeviceIsKnownByItsSecretAndItsLastUseToTheMinute() {
        Instant paired = clock.instant();
        String secret = tablet();
        long id = devices.of(kitchen).get(0).id();
        Device tablet = new Device(id, kitchen, "Tablet", paired, paired);
        assertThat(devices.find("another")).isEmpty();
        clock.forward(Duration.ofMinutes(1));
        assertThat(devices.find(secret)).hasValue(tablet);
        assertThat(devices.device(kitchen, id)).as("a minute is none").hasValue(tablet);
        clock.forward(Duration.ofSeconds(1));
        devices.find(secret);
        assertThat(devices.of(kitchen))
                .containsExactly(new Device(id, kitchen, "Tablet", paired, paired.plusSeconds(61)));
        assertThat(devices.device(kitchen + 1, id)).isEmpty();
        nobody(() -> devices.end(kitchen + 1, id));
        devices.end(kitchen, id);
        assertThat(devices.find(secret)).isEmpty();
        nobody(() -> devices.end(kitchen, id));
    }

    @Test
    void twentyDevicesAreEnough() {
        for (int i = 0; i < StoveDevices.MOST; i++) {
            tablet();
        }
        String word = word(Role.STOVE);
        unfit("devices", new PeopleFinding.Enough(20), () -> invitations.pair(word));
        assertThat(invitations.find(word)).as("the word stays").isPresent();
        devices.end(kitchen, devices.of(kitchen).get(0).id());
        assertThat(devices.find(invitations.pair(word))).isPresent();
    }
}

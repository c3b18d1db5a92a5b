package app.gradior.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.List;
import java.util.NoSuchElementException;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;

class SignInTest extends DoorCalls {
    private static final String WANTED = "a quince in a window";

    @Autowired
    private SignIn signIn;

    @Autowired
    private SecondStep second;

    @Autowired
    private Accounts accounts;

    @Autowired
    private PasswordChange change;

    @Autowired
    private DoorWord word;

    private static SignIn.From on(String device) {
        return new SignIn.From("10.0.0.1", device, "");
    }

    private static SignIn.From with(String word) {
        return new SignIn.From("10.0.0.1", "", word);
    }

    private boolean in(String password, SignIn.From from) {
        return signIn.account(owner, password, from).isPresent();
    }

    private String hash() {
        return jdbc.queryForObject("select password_hash from account where id = ?", String.class, ownerId);
    }

    /** A try that fails; of a word on paper, since those are looked up at once. */
    private void guesses(int times, SignIn.From from) {
        for (int i = 0; i < times; i++) {
            unfit("paper", new SecondFinding.DoNotGo(), () -> signIn.recover(owner, "guess", "", WANTED, from));
        }
    }

    private void useUpThisAddress() {
        guesses(5, HERE);
        assertThatThrownBy(() -> in(PASSWORD, HERE)).isInstanceOf(TooManyTries.class);
    }

    @Test
    void nameAndPasswordGoTogetherHoweverTheNameIsTyped() {
        assertThat(signIn.account("  " + owner.toUpperCase(java.util.Locale.ROOT) + " ", PASSWORD, HERE))
                .hasValue(new SignIn.Account(ownerId, kitchen, owner));
        assertThat(signIn.account(owner)).hasValue(new SignIn.Account(ownerId, kitchen, owner));
        assertThat(in("another password", HERE)).isFalse();
        assertThat(signIn.account(name("nobody"), PASSWORD, HERE)).isEmpty();
        long elsewhere = accounts.make("  Jo" + owner, PASSWORD);
        assertThat(signIn.account("jo" + owner, PASSWORD, HERE))
                .as("who belongs nowhere yet")
                .hasValue(new SignIn.Account(elsewhere, 0, "jo" + owner));
    }

    /** Nobody learns from the time which names there are. */
    @Test
    void aNameThatThereIsNotTakesAsLong() {
        long known = Long.MAX_VALUE;
        long unknown = Long.MAX_VALUE;
        for (int i = 0; i < 3; i++) {
            known = Math.min(known, nanos(owner, i));
            unknown = Math.min(unknown, nanos("nobody" + owner, i));
        }
        assertThat(unknown).isGreaterThan(known / 3);
    }

    private long nanos(String login, int i) {
        long began = System.nanoTime();
        assertThat(signIn.account(login, "a wrong password", new SignIn.From("10.0.1." + i, "", "")))
                .isEmpty();
        return System.nanoTime() - began;
    }

    @Test
    void whoGetsInHasTriedNothing() {
        for (int i = 0; i < 7; i++) {
            assertThat(in(PASSWORD, HERE)).isTrue();
        }
    }

    /** Forty from all over the world in an hour: then whoever comes from a fresh place has one try. */
    @Test
    void aNameThatIsAttackedIsGuessedSlowerFromEverywhere() {
        for (int i = 0; i < 40; i++) {
            guesses(1, new SignIn.From("10.0.2." + i, "", ""));
        }
        SignIn.From fresh = new SignIn.From("10.0.3.1", "", "");
        assertThat(in("a guess", fresh)).isFalse();
        assertThatThrownBy(() -> in(PASSWORD, fresh)).isInstanceOf(TooManyTries.class);
        assertThat(in(PASSWORD, new SignIn.From("10.0.3.2", "", ""))).isTrue();
    }

    @Test
    void anOldHashIsMadeAnewByAPasswordThatFits() {
        String old = "{bcrypt}" + new BCryptPasswordEncoder(4).encode(PASSWORD);
        jdbc.update("update account set password_hash = ? where id = ?", old, ownerId);
        assertThat(in("another password", HERE)).isFalse();
        assertThat(hash()).isEqualTo(old);
        assertThat(in(PASSWORD, HERE)).isTrue();
        String fresh = hash();
        assertThat(fresh).startsWith("{argon2}");
        assertThat(in(PASSWORD, HERE)).isTrue();
        assertThat(hash()).as("once").isEqualTo(fresh);
    }

    @Test
    void aDeviceThatCameInBeforeIsNotKeptOutByStrangers() {
        signIn.cameIn(signIn.account(owner).orElseThrow(), "10.0.0.1", "tablet");
        useUpThisAddress();
        assertThatThrownBy(() -> in(PASSWORD, on("another"))).isInstanceOf(TooManyTries.class);
        word.is("owl-oat-oven");
        assertThat(in(PASSWORD, new SignIn.From("10.0.0.1", "tablet", "owl-oat-oven")))
                .isTrue();
        assertThat(word.fits("owl-oat-oven")).as("the word was not needed").isTrue();
        guesses(8, on("tablet"));
        assertThatThrownBy(() -> in(PASSWORD, on("tablet"))).isInstanceOf(TooManyTries.class);
    }

    @Test
    void theWordOfThisComputerLetsInOnceWhatFits() {
        useUpThisAddress();
        word.is("owl-oat-oven");
        assertThatThrownBy(() -> in(PASSWORD, with("owl-oat-oats"))).isInstanceOf(TooManyTries.class);
        assertThat(in("a guess", with("owl-oat-oven"))).isFalse();
        assertThat(in(PASSWORD, with(" Owl-oat-oven "))).isTrue();
        assertThat(word.fits("owl-oat-oven")).as("used up").isFalse();
        assertThatThrownBy(() -> in(PASSWORD, with("owl-oat-oven"))).isInstanceOf(TooManyTries.class);
        clock.forward(Duration.ofDays(1));
        word.is("elm-elk-egg");
        assertThat(in(PASSWORD, HERE)).isTrue();
        assertThat(word.fits("ELM-elk-egg ")).as("nobody brought it").isTrue();
        word.is("fig-fir-fox");
        assertThat(word.fits("elm-elk-egg")).as("the next ends it").isFalse();
        assertThat(word.use("elm-elk-egg")).isFalse();
        assertThat(word.use("fig-fir-fox")).isTrue();
        assertThat(word.use("fig-fir-fox")).isFalse();
    }

    @Test
    void aWordOnPaperIsTheSecondStepAndItsTriesAreGivenBack() {
        List<String> paper = second.words(ownerId);
        for (String one : paper) {
            String ticket = second.half(ownerId);
            assertThat(signIn.secondStep(ticket, one, HERE)).hasValue(new SignIn.Account(ownerId, kitchen, owner));
            assertThatThrownBy(() -> signIn.secondStep(ticket, one, HERE))
                    .as("a ticket counts once")
                    .isInstanceOf(NoSuchElementException.class);
        }
        String ticket = second.half(ownerId);
        for (int i = 0; i < 5; i++) {
            assertThat(signIn.secondStep(ticket, paper.get(i), HERE)).isEmpty();
        }
        assertThatThrownBy(() -> signIn.secondStep(ticket, "000000", HERE)).isInstanceOf(TooManyTries.class);
        assertThat(second.half(ticket)).as("it waits, too").hasValue(owner);
    }

    @Test
    void whatCannotBeUndoneAsksForThePassword() {
        signIn.check(owner, PASSWORD, HERE);
        unfit("password", new PasswordFinding.NotYours(), () -> signIn.check(owner, "another", HERE));
    }

    @Test
    void aForgottenPasswordIsChangedByAWordOnPaperAndACodeWhereOneIsAsked() {
        String paper = second.words(ownerId).get(0);
        unfit("wanted", new PasswordFinding.Length(8, 128), () -> signIn.recover(owner, paper, "", "short", HERE));
        unfit("wanted", new PasswordFinding.IsTheName(), () -> signIn.recover(" " + owner, paper, "", owner, HERE));
        unfit("paper", new SecondFinding.DoNotGo(), () -> signIn.recover(owner, "x", "", WANTED, HERE));
        unfit("paper", new SecondFinding.DoNotGo(), () -> signIn.recover(name("no"), paper, "", WANTED, HERE));
        second.secret(ownerId);
        jdbc.update("update second_step set on_since = now() where account_id = ?", ownerId);
        unfit("paper", new SecondFinding.DoNotGo(), () -> signIn.recover(owner, paper, "123", WANTED, HERE));
        assertThat(second.wordsLeft(ownerId)).as("no word was used up").isEqualTo(6);
        second.end(ownerId);
        assertThat(signIn.recover(owner, paper, "", WANTED, HERE).id()).isEqualTo(ownerId);
        assertThat(second.wordsLeft(ownerId)).isEqualTo(5);
        clock.forward(Duration.ofDays(1));
        assertThat(in(PASSWORD, HERE)).isFalse();
        assertThat(in(WANTED, HERE)).isTrue();
    }

    @Test
    void aNewPasswordNeedsTheOldAndIsAnother() {
        unfit("old", new PasswordFinding.NotTheOld(), () -> change.change(owner, "another", WANTED, HERE));
        unfit("wanted", new PasswordFinding.Common(), () -> change.change(owner, PASSWORD, "aaaaaaaaa", HERE));
        unfit("wanted", new PasswordFinding.TheSame(), () -> change.change(owner, PASSWORD, PASSWORD, HERE));
        change.change(owner, PASSWORD, WANTED, HERE);
        assertThat(in(PASSWORD, HERE)).isFalse();
        assertThat(in(WANTED, HERE)).isTrue();
    }

    @Test
    void aNameInALogIsOneLineAndNotTooLong() {
        assertThat(SignIn.shown("jo\nadmin signed in\u2028\u202e")).isEqualTo("“jo?admin signed in??”");
        assertThat(SignIn.shown("j".repeat(80))).isEqualTo("“" + "j".repeat(80) + "”");
        assertThat(SignIn.shown("j".repeat(81))).isEqualTo("“" + "j".repeat(80) + "…”");
    }
}

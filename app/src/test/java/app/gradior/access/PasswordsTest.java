package app.gradior.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.gradior.finding.Fault;
import app.gradior.finding.Wrong;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;

/** One for all: each hashes a password of nobody, which takes its time. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class PasswordsTest {
    private static final PasswordFinding LENGTH = new PasswordFinding.Length(8, 128);
    /** The same letters in two ways. */
    private static final String COMPOSED = "cr\u00e8me anglaise";

    private static final String DECOMPOSED = "cre\u0300me anglaise";

    private final Passwords passwords = new Passwords();

    private Optional<PasswordFinding> wrong(String password) {
        return passwords.wrongWith(password, "marta");
    }

    @Test
    void lettersAreCountedNotWhatTheyAreWrittenWith() {
        assertThat(wrong("tureens")).contains(LENGTH);
        assertThat(wrong("tureens3")).isEmpty();
        assertThat(wrong("abc" + "\ud83c\udf45".repeat(4))).as("seven").contains(LENGTH);
        assertThat(wrong("abc" + "\ud83c\udf45".repeat(5))).as("eight").isEmpty();
        assertThat(wrong("e\u0300".repeat(4) + "abc")).as("seven").contains(LENGTH);
        assertThat(wrong("abc ".repeat(32))).isEmpty();
        assertThat(wrong("abc ".repeat(32) + "d")).contains(LENGTH);
    }

    @ParameterizedTest
    @CsvSource({
        "Marta.Obi, marta.obi, true",
        "' marta.obi', marta.obi, false",
        "marta.obi, ' Marta.Obi ', true",
        "my marta.obi, marta.obi, true",
        "my martaobi, martaobi, true",
        "my martaob1, martaob, false",
        "a quince in a window, marta.obi, false"
    })
    void itHasNoNameOfEightLettersInIt(String password, String login, boolean isTheName) {
        boolean said = passwords
                .wrongWith(password, login)
                .filter(PasswordFinding.IsTheName.class::isInstance)
                .isPresent();
        assertThat(said).isEqualTo(isTheName || password.strip().equals(login));
    }

    @Test
    void whatIsGuessedFirstIsNotTaken() {
        assertThat(wrong("PassWord1")).contains(new PasswordFinding.Common());
        assertThat(wrong("ababababab")).as("two letters").contains(new PasswordFinding.Common());
        assertThat(wrong("xqzxqzxqz")).as("three").isEmpty();
    }

    @Test
    void theSameLettersFitHoweverTheyAreTyped() {
        String hash = passwords.hash(DECOMPOSED);
        assertThat(hash).startsWith("{argon2}").isNotEqualTo(passwords.hash(DECOMPOSED));
        assertThat(passwords.fits(COMPOSED, hash)).isTrue();
        assertThat(passwords.fits(DECOMPOSED, hash)).isTrue();
        assertThat(passwords.fits("creme anglaise", hash)).isFalse();
        assertThat(passwords.wantsRehash(hash)).isFalse();
    }

    @Test
    void whatOlderVersionsHashedFitsAsItCame() {
        String old = "{bcrypt}" + new BCryptPasswordEncoder(4).encode(DECOMPOSED);
        assertThat(passwords.fits(DECOMPOSED, old)).isTrue();
        assertThat(passwords.fits(COMPOSED, old)).isFalse();
        assertThat(passwords.fits("creme anglaise", old)).isFalse();
        assertThat(passwords.fits("cre\u0300me", old)).isFalse();
        assertThat(passwords.wantsRehash(old)).isTrue();
    }

    @Test
    void everythingThatIsWrongWithANewAccountIsSaidAtOnce() {
        AccessMapper mapper = mock(AccessMapper.class);
        Accounts accounts = new Accounts(mapper, passwords);
        when(mapper.account("marta")).thenReturn(Optional.of(new AccessMapper.AccountRow(1, null, "marta", "")));
        assertThat(accounts.isEmpty()).isTrue();
        when(mapper.count()).thenReturn(1);
        assertThat(accounts.isEmpty()).isFalse();
        assertThat(accounts.faults(" Marta", "short"))
                .containsExactly(new Fault("password", LENGTH), new Fault("login", new PeopleFinding.NameTaken()));
        assertThat(accounts.faults(" ", "a quince in a window")).containsExactly(new Fault("login", new Wrong.Blank()));
        assertThat(accounts.faults("m".repeat(81), "a quince in a window"))
                .containsExactly(new Fault("login", new Wrong.TooLong(80)));
        assertThat(accounts.faults("m".repeat(80), "a quince in a window")).isEmpty();
    }

    /** Two are hashed at a time; whoever comes after waits, and one that fails makes room as well. */
    @Test
    void noMoreThanTwoAtATime() throws InterruptedException {
        AtomicInteger in = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        CountDownLatch go = new CountDownLatch(1);
        List<Thread> all = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            Thread thread = new Thread(() -> passwords.oneOfFew(() -> {
                most.accumulateAndGet(in.incrementAndGet(), Math::max);
                try {
                    go.await();
                } catch (InterruptedException e) {
                    throw new IllegalStateException(e);
                } finally {
                    in.decrementAndGet();
                }
                throw new IllegalStateException("a hash that fails");
            }));
            thread.setUncaughtExceptionHandler((of, e) -> {});
            all.add(thread);
        }
        all.forEach(Thread::start);
        Instant until = Instant.now().plusSeconds(60);
        while (all.stream().anyMatch(one -> one.getState() != Thread.State.WAITING)
                && Instant.now().isBefore(until)) {
            LockSupport.parkNanos(1_000_000);
        }
        assertThat(in).hasValue(2);
        go.countDown();
        for (Thread thread : all) {
            thread.join();
        }
        assertThat(most).hasValue(2);
        assertThat(passwords.oneOfFew(() -> "room again")).isEqualTo("room again");
    }
}

package app.gradior.access;

import app.gradior.access.AccessMapper.AccountRow;
import app.gradior.finding.Refusal;
import app.gradior.kept.Utc;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Locale;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.function.Predicate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Signing in: name and password against an account, tries counted, every outcome a line of the log. */
@Service
public class SignIn {
    private static final Logger LOG = LoggerFactory.getLogger("app.gradior.access");
    /** A device is known for so long after its last sign-in. */
    public static final Duration DEVICE_KNOWN = Duration.ofDays(365);

    private final AccessMapper mapper;
    private final Passwords passwords;
    private final Attempts attempts;
    private final DoorWord word;
    private final SecondStep second;
    private final Clock clock;

    // Wide: what opens a door.
    SignIn(AccessMapper mapper, Passwords passwords, Attempts attempts, DoorWord word, SecondStep second, Clock clock) {
        this.mapper = mapper;
        this.passwords = passwords;
        this.attempts = attempts;
        this.word = word;
        this.second = second;
        this.clock = clock;
    }

    /**
     * An account that may come in.
     *
     * @param kitchenId where it was last; 0 for nowhere
     */
    public record Account(long id, long kitchenId, String login) {
        private static Account of(AccountRow row) {
            Long last = row.kitchenId();
            return new Account(row.id(), last == null ? 0 : last, row.login());
        }
    }

    /** A name as accounts are looked up by it. */
    public static String plain(String login) {
        return login.strip().toLowerCase(Locale.ROOT);
    }

    /**
     * Where a try comes from, and what it brings beside name and password.
     *
     * @param address the network address
     * @param device the browser's own mark; empty for none
     * @param word the word of whoever runs this computer; empty for none
     */
    public record From(String address, String device, String word) {}

    /**
     * The account that name and password go with; empty when they do not go together. What others try at the same address can make a
     * browser wait that was never signed in here; a word of whoever runs this computer lets it in all the same.
     *
     * @throws TooManyTries when whoever tries has to wait
     */
    public Optional<Account> account(String name, String password, From from) {
        Optional<AccountRow> row = tried(name, from, found -> {
            if (found.isEmpty()) {
                passwords.pretend(password);
            }
            return found.filter(one -> passwords.fits(password, one.passwordHash()))
                    .isPresent();
        });
        row.filter(one -> passwords.wantsRehash(one.passwordHash()))
                .ifPresent(one -> mapper.rehash(one.id(), one.passwordHash(), passwords.hash(password)));
        return row.map(Account::of);
    }

    /**
     * The account that whoever's password fitted has a code of, or a word on paper.
     *
     * @param ticket of {@link SecondStep#half(long)}
     * @return empty when it is another code
     * @throws NoSuchElementException when the ticket is over: the password is asked for again
     * @throws TooManyTries when whoever tries has to wait
     */
    public Optional<Account> secondStep(String ticket, String code, From from) {
        String login = second.half(ticket).orElseThrow();
        AccountRow row = mapper.account(login).orElseThrow();
        Attempts.Try attempt = attempt(login, Optional.of(row), from);
        waiting(login, from, () -> attempts.takeCode(attempt));
        if (!second.fits(row.id(), code)) {
            LOG.warn("second step of {} from {} failed", shown(login), from.address());
            return Optional.empty();
        }
        attempts.codeFitted(attempt);
        second.whole(ticket);
        return Optional.of(Account.of(row));
    }

    /**
     * That whoever is signed in knows their password, before what cannot be undone.
     *
     * @throws Refusal when it is another
     * @throws TooManyTries when whoever tries has to wait
     */
    public void check(String login, String password, From from) {
        if (account(login, password, from).isEmpty()) {
            throw Refusal.unfit("password", new PasswordFinding.NotYours());
        }
    }

    /**
     * A new password for whoever forgot theirs and has a word on paper, and a code where the account asks for one.
     *
     * @throws Refusal with every field that is wrong; a word is not used up by it
     * @throws TooManyTries when whoever tries has to wait
     */
    public Account recover(String name, String paper, String code, String wanted, From from) {
        passwords.wrongWith(wanted, plain(name)).ifPresent(wrong -> {
            throw Refusal.unfit("wanted", wrong);
        });
        AccountRow row = tried(
                        name,
                        from,
                        found -> found.filter(one -> !second.isOn(one.id()) || second.fitsCode(one.id(), code))
                                .filter(one -> second.fitsWord(one.id(), paper))
                                .isPresent())
                .orElseThrow(() -> Refusal.unfit("paper", new SecondFinding.DoNotGo()));
        mapper.setPassword(row.id(), passwords.hash(wanted));
        LOG.info("{} has a new password, by a word on paper, from {}", shown(row.login()), from.address());
        return Account.of(row);
    }

    private Optional<AccountRow> tried(String name, From from, Predicate<Optional<AccountRow>> fits) {
        String login = plain(name);
        Optional<AccountRow> found = mapper.account(login);
        Attempts.Try attempt = attempt(login, found, from);
        waiting(login, from, () -> attempts.take(attempt));
        boolean byWord =
                attempt.own().equals(plain(from.word())) && !from.word().isBlank();
        if (!fits.test(found) || found.isEmpty() || byWord && !word.use(from.word())) {
            attempts.failed(attempt);
            LOG.warn("sign-in of {} from {} failed", shown(login), from.address());
            return Optional.empty();
        }
        attempts.fitted(attempt);
        return found;
    }

    /** A try, with what only whoever tries can have: a device that the account came in by, or this computer's word. */
    private Attempts.Try attempt(String login, Optional<AccountRow> found, From from) {
        boolean known = !from.device().isEmpty()
                && found.filter(row -> mapper.knows(row.id(), Hashes.sha256(from.device())) > 0)
                        .isPresent();
        boolean byWord = !known && !from.word().isBlank() && word.fits(from.word());
        return new Attempts.Try(login, from.address(), known ? from.device() : byWord ? plain(from.word()) : "");
    }

    private static void waiting(String login, From from, Runnable take) {
        try {
            take.run();
        } catch (TooManyTries wait) {
            LOG.warn("sign-in of {} from {} has to wait {} s", shown(login), from.address(), wait.seconds());
            throw wait;
        }
    }

    /** The account that enters a kitchen without a password: that of the demo, or one just made. */
    public Optional<Account> account(String login) {
        return mapper.account(plain(login)).map(Account::of);
    }

    /** Somebody came in, from there; the device is known from now on. */
    public void cameIn(Account account, String address, String device) {
        LocalDateTime now = Utc.now(clock);
        mapper.know(account.id(), Hashes.sha256(device), now);
        LOG.info("{} signed in from {}", shown(account.login()), address);
    }

    public void wentOut(String login, String address) {
        LOG.info("{} signed out at {}", shown(login), address);
    }

    /** A name as it may stand in a log: in one line, and not too long. */
    public static String shown(String login) {
        String line = login.replaceAll("[\\p{Cntrl}\\p{Cf}\\p{Zl}\\p{Zp}]", "?");
        return "“" + (line.length() > 80 ? line.substring(0, 80) + "…" : line) + "”";
    }
}

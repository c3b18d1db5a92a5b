package app.gradior.access;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** A new password for an account whose old one is known. */
@Service
public class PasswordChange {
    private static final Logger LOG = LoggerFactory.getLogger(PasswordChange.class);

    private final SignIn signIn;
    private final Passwords passwords;
    private final AccessMapper mapper;

    PasswordChange(SignIn signIn, Passwords passwords, AccessMapper mapper) {
        this.signIn = signIn;
        this.passwords = passwords;
        this.mapper = mapper;
    }

    /**
     * Changes it. Guessing the old one waits as guessing at the door does.
     *
     * @throws Refusal with every field that is wrong
     * @throws TooManyTries when whoever tries has to wait
     */
    public void change(String login, String old, String wanted, SignIn.From from) {
        List<Fault> faults = new ArrayList<>();
        Optional<SignIn.Account> account = signIn.account(login, old, from);
        if (account.isEmpty()) {
            faults.add(new Fault("old", new PasswordFinding.NotTheOld()));
        }
        passwords.wrongWith(wanted, login).ifPresent(wrong -> faults.add(new Fault("wanted", wrong)));
        if (faults.isEmpty() && old.equals(wanted)) {
            faults.add(new Fault("wanted", new PasswordFinding.TheSame()));
        }
        if (!faults.isEmpty()) {
            throw new Refusal(Refusal.Kind.UNFIT, faults);
        }
        mapper.setPassword(account.orElseThrow().id(), passwords.hash(wanted));
        LOG.info("the password of account {} was changed", account.get().id());
    }
}

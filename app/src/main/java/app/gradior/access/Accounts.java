package app.gradior.access;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.kept.Inserted;
import java.util.ArrayList;
import java.util.List;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Names and passwords of people. */
@Service
public class Accounts {
    private static final int LONGEST_LOGIN = 80;
    private static final Fault TAKEN = new Fault("login", new PeopleFinding.NameTaken());

    private final AccessMapper mapper;
    private final Passwords passwords;

    Accounts(AccessMapper mapper, Passwords passwords) {
        this.mapper = mapper;
        this.passwords = passwords;
    }

    /** Everything that is wrong with a new name, or with its password. */
    public List<Fault> faults(String login, String password) {
        List<Fault> faults = new ArrayList<>();
        try {
            Refusal.text("login", login, LONGEST_LOGIN);
        } catch (Refusal refusal) {
            faults.addAll(refusal.faults());
        }
        passwords.wrongWith(password, login).ifPresent(wrong -> faults.add(new Fault("password", wrong)));
        if (mapper.account(SignIn.plain(login)).isPresent()) {
            faults.add(TAKEN);
        }
        return faults;
    }

    /**
     * A new account, a member of nothing yet.
     *
     * @return its id
     * @throws Refusal with every field that is wrong
     */
    @Transactional
    public long make(String login, String password) {
        List<Fault> faults = faults(login, password);
        if (!faults.isEmpty()) {
            throw new Refusal(Refusal.Kind.UNFIT, faults);
        }
        Inserted made = new Inserted();
        try {
            mapper.insert(SignIn.plain(login), passwords.hash(password), made);
        } catch (DuplicateKeyException e) { // somebody was a moment faster
            throw new Refusal(Refusal.Kind.UNFIT, List.of(TAKEN));
        }
        return made.getId();
    }

    /** Whether there is none at all. */
    public boolean isEmpty() {
        return mapper.count() == 0;
    }
}

package app.gradior.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.gradior.ApplicationTest;
import app.gradior.finding.Finding;
import app.gradior.finding.Refusal;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.AuthorityUtils;

/** A kitchen with its owner for each test of the doors, and people who belong nowhere yet. */
@ApplicationTest
abstract class DoorCalls {
    static final String PASSWORD = "a long password";
    /** Of that password; made once, for it takes its time. */
    private static final String HASH = new Passwords().hash(PASSWORD);

    static final SignIn.From HERE = new SignIn.From("10.0.0.1", "", "");

    @Autowired
    Members members;

    @Autowired
    ApplicationTest.SetClock clock;

    @Autowired
    JdbcTemplate jdbc;

    String owner = "";
    long ownerId;
    long kitchen;

    @BeforeEach
    void ownKitchen() {
        owner = name("owner");
        kitchen = kitchen(owner);
        ownerId = members.of(kitchen).get(0).accountId();
    }

    static String name(String who) {
        return who + "-" + System.nanoTime();
    }

    /** A kitchen of somebody new, whose password fits; bare. */
    long kitchen(String login) {
        long id = account(login, HASH);
        String name = name("kitchen");
        jdbc.update(
                "insert into kitchen (name, altitude_m, measures, fahrenheit, time_zone) values (?, 0, 'METRIC', 0, 'UTC')",
                name);
        long made = jdbc.queryForObject("select id from kitchen where name = ?", Long.class, name);
        jdbc.update("update kitchen set name = 'Test kitchen' where id = ?", made);
        members.add(made, id, Role.OWNER);
        return made;
    }

    private long account(String login, String hash) {
        jdbc.update("insert into account (login, password_hash) values (?, ?)", login, hash);
        return jdbc.queryForObject("select id from account where login = ?", Long.class, login);
    }

    /** Somebody who belongs nowhere, and has no password that would fit. */
    long somebody(String login) {
        return account(login, "{argon2}none");
    }

    /** Somebody who is that in the kitchen. */
    long member(Role role) {
        long id = somebody(name("member"));
        members.add(kitchen, id, role);
        return id;
    }

    /** That it is refused, so, for one thing. */
    static void refused(Refusal.Kind kind, String field, Finding why, ThrowingCallable call) {
        Refusal refusal = catchThrowableOfType(Refusal.class, call);
        assertThat(refusal).as("%s is refused", field).isNotNull();
        assertThat(refusal.kind()).isEqualTo(kind);
        assertThat(refusal.faults()).singleElement().satisfies(fault -> {
            assertThat(fault.field()).isEqualTo(field);
            assertThat(fault.why()).isEqualTo(why);
        });
    }

    static void unfit(String field, Finding why, ThrowingCallable call) {
        refused(Refusal.Kind.UNFIT, field, why, call);
    }

    /** That there is none such here. */
    static void nobody(ThrowingCallable call) {
        refused(Refusal.Kind.MISSING, "id", new PeopleFinding.Nobody(), call);
    }

    /** Somebody who is signed in. */
    static Authentication who(String login) {
        return UsernamePasswordAuthenticationToken.authenticated(login, "", AuthorityUtils.NO_AUTHORITIES);
    }

    int rows(String table) {
        return jdbc.queryForObject("select count(*) from " + table, Integer.class);
    }
}

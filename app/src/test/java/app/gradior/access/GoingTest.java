package app.gradior.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.tuple;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;

/** What is asked before a kitchen or an account goes, and what goes with an account. */
class GoingTest extends DoorCalls {
    @Autowired
    private Leaving leaving;

    @Autowired
    private Audit audit;

    @Autowired
    private Passkeys passkeys;

    @Autowired
    private SecondStep second;

    @Autowired
    private SignIn signIn;

    @Autowired
    private TransactionTemplate inOne;

    private Instant inAWeek() {
        return clock.instant().plus(Duration.ofDays(7));
    }

    private void erase(long account) {
        inOne.executeWithoutResult(status -> leaving.eraseAccount(account));
    }

    @Test
    void aKitchenGoesAWeekAfterItsNameWasTyped() {
        unfit(
                "typed",
                new PeopleFinding.NotItsName("Test kitchen"),
                () -> leaving.closeKitchen(kitchen, "Test kitchen", "Test kitchens"));
        Instant due = inAWeek();
        leaving.closeKitchen(kitchen, "Test kitchen", " TEST kitchen ");
        assertThat(members.standing(kitchen, ownerId).orElseThrow().kitchenGoes())
                .hasValue(due);
        clock.to(due.minusSeconds(1));
        assertThat(leaving.kitchensDue()).doesNotContain(kitchen);
        clock.to(due);
        assertThat(leaving.kitchensDue()).contains(kitchen);
        leaving.keepKitchen(kitchen);
        assertThat(leaving.kitchensDue()).doesNotContain(kitchen);
        jdbc.update("update kitchen set demo = true where id = ?", kitchen);
        nobody(() -> leaving.closeKitchen(kitchen, "Test kitchen", "Test kitchen"));
        jdbc.update("update kitchen set demo = false where id = ?", kitchen);
    }

    @Test
    void anAccountGoesAWeekAfterItsPasswordWasTyped() {
        unfit("password", new PasswordFinding.NotYours(), () -> leaving.closeAccount(ownerId, owner, "another", HERE));
        assertThat(leaving.goes(ownerId)).isEmpty();
        Instant due = inAWeek();
        leaving.closeAccount(ownerId, owner, PASSWORD, HERE);
        assertThat(leaving.goes(ownerId)).hasValue(due);
        assertThat(members.standing(kitchen, ownerId).orElseThrow().accountGoes())
                .hasValue(due);
        clock.to(due.minusSeconds(1));
        assertThat(leaving.accountsDue()).doesNotContain(ownerId);
        clock.to(due);
        assertThat(leaving.accountsDue()).contains(ownerId);
        leaving.keepAccount(ownerId);
        assertThat(leaving.accountsDue()).doesNotContain(ownerId);
        assertThat(leaving.goes(ownerId)).isEmpty();
        assertThat(leaving.login(ownerId)).hasValue(owner);
        assertThat(leaving.login(0)).isEmpty();
    }

    @Test
    void othersNeedAnOwnerBeforeTheOnlyOneGoes() {
        assertThat(leaving.needAnOwner(ownerId)).as("alone").isEmpty();
        assertThat(leaving.goAlong(ownerId))
                .extracting(Members.Place::kitchenId)
                .containsExactly(kitchen);
        long jo = member(Role.COOK);
        assertThat(leaving.goAlong(ownerId)).isEmpty();
        assertThat(leaving.needAnOwner(jo)).as("a cook owns nothing").isEmpty();
        Refusal refusal =
                catchThrowableOfType(Refusal.class, () -> leaving.closeAccount(ownerId, owner, PASSWORD, HERE));
        assertThat(refusal.kind()).isEqualTo(Refusal.Kind.CONFLICT);
        assertThat(refusal.faults())
                .containsExactly(new Fault("kitchens", new PeopleFinding.NeedsAnOwner("Test kitchen")));
        assertThat(leaving.goes(ownerId)).isEmpty();
        members.change(kitchen, jo, Role.OWNER);
        assertThat(leaving.needAnOwner(ownerId)).isEmpty();
        assertThat(leaving.needAnOwner(jo)).isEmpty();
    }

    @Test
    void whoHasBeenThereLongestOwnsTheKitchenThen() {
        long first = member(Role.LOOKER_ON);
        clock.forward(Duration.ofMinutes(1));
        long later = member(Role.COOK);
        passkeys.toMake(who(owner), new Passkeys.At("localhost", "http://localhost"));
        signIn.cameIn(signIn.account(owner).orElseThrow(), "10.0.0.1", "tablet");
        second.secret(ownerId);
        second.words(ownerId);
        assertThat(rows("known_device where account_id = " + ownerId)).isEqualTo(1);
        assertThat(rows("user_entities where name = '" + owner + "'")).isEqualTo(1);
        erase(ownerId);
        assertThat(members.of(kitchen))
                .extracting(Members.Member::accountId, Members.Member::role)
                .containsExactly(tuple(first, Role.OWNER), tuple(later, Role.COOK));
        assertThat(leaving.login(ownerId)).isEmpty();
        for (String table : List.of("known_device", "second_step", "paper_word", "member")) {
            assertThat(rows(table + " where account_id = " + ownerId)).as(table).isZero();
        }
        assertThat(rows("user_entities where name = '" + owner + "'")).isZero();
        erase(later);
        assertThat(members.of(kitchen)).extracting(Members.Member::accountId).containsExactly(first);
    }

    @Test
    void whatWasDoneIsNotedAndKeptAYear() {
        for (int i = 1; i <= 3; i++) {
            audit.note(kitchen, ownerId, owner, Audit.What.TOKEN_MADE, "x".repeat(198 + i));
            clock.forward(Duration.ofSeconds(1));
        }
        List<Audit.Entry> all = audit.of(kitchen, 0, 10);
        assertThat(all).extracting(entry -> entry.about().length()).containsExactly(200, 200, 199);
        Audit.Entry newest = all.get(0);
        assertThat(newest)
                .isEqualTo(new Audit.Entry(
                        newest.id(), clock.instant().minusSeconds(1), owner, Audit.What.TOKEN_MADE, "x".repeat(200)));
        assertThat(audit.of(kitchen, 0, 2)).isEqualTo(all.subList(0, 2));
        assertThat(audit.of(kitchen, newest.id(), 10)).isEqualTo(all.subList(1, 3));
        assertThat(audit.of(kitchen + 1, 0, 10)).isEmpty();
        clock.forward(Duration.ofDays(365).minusSeconds(2));
        audit.forget();
        assertThat(audit.of(kitchen, 0, 10)).isEqualTo(all.subList(0, 2));
    }
}

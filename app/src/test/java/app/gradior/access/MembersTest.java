package app.gradior.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.gradior.access.Members.Member;
import app.gradior.access.Members.Place;
import app.gradior.finding.Refusal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;

class MembersTest extends DoorCalls {
    @Autowired
    private SignIn signIn;

    @Autowired
    private TransactionTemplate inOne;

    @ParameterizedTest
    @CsvSource({
        "OWNER, true, true, true, true, true",
        "COOK, true, true, true, false, true",
        "LOOKER_ON, true, true, false, false, true",
        "STOVE, true, true, true, false, false"
    })
    // Wide: a column for each right.
    void whoMayWhat(Role role, boolean none, boolean look, boolean cook, boolean own, boolean self) {
        List<Boolean> may = List.of(none, look, cook, own, self);
        assertThat(List.of(Right.NONE, Right.LOOK, Right.COOK, Right.OWN, Right.SELF))
                .extracting(role::may)
                .isEqualTo(may);
    }

    @Test
    void whoComesIsThereNextTimeToo() {
        String jo = name("jo");
        long id = somebody(jo);
        assertThat(members.standing(kitchen, id)).isEmpty();
        assertThat(members.role(kitchen, id)).isEmpty();
        clock.forward(Duration.ofMinutes(1));
        members.add(kitchen, id, Role.COOK);
        assertThat(members.role(kitchen, id)).hasValue(Role.COOK);
        assertThat(signIn.account(jo).orElseThrow().kitchenId()).isEqualTo(kitchen);
        assertThat(members.of(kitchen))
                .containsExactly(
                        new Member(ownerId, owner, Role.OWNER, clock.instant().minusSeconds(60)),
                        new Member(id, jo, Role.COOK, clock.instant()));
        refused(
                Refusal.Kind.CONFLICT,
                "members",
                new PeopleFinding.MemberAlready(),
                () -> members.add(kitchen, id, Role.OWNER));
        assertThat(members.role(kitchen, id)).as("as before").hasValue(Role.COOK);
        nobody(() -> members.add(0, id, Role.COOK));
    }

    @Test
    void thirtyAreEnough() {
        for (int i = 1; i < Members.MOST; i++) {
            member(Role.LOOKER_ON);
        }
        assertThat(members.of(kitchen)).hasSize(30);
        unfit("members", new PeopleFinding.Enough(30), () -> member(Role.LOOKER_ON));
    }

    @Test
    void aKitchenHasAnOwnerAtAllTimes() {
        PeopleFinding last = new PeopleFinding.LastOwner();
        refused(Refusal.Kind.CONFLICT, "members", last, () -> members.change(kitchen, ownerId, Role.COOK));
        refused(Refusal.Kind.CONFLICT, "members", last, () -> members.remove(kitchen, ownerId));
        members.change(kitchen, ownerId, Role.OWNER);
        long jo = member(Role.COOK);
        members.change(kitchen, jo, Role.LOOKER_ON);
        assertThat(members.role(kitchen, jo)).hasValue(Role.LOOKER_ON);
        refused(Refusal.Kind.CONFLICT, "members", last, () -> members.remove(kitchen, ownerId));
        members.change(kitchen, jo, Role.OWNER);
        members.change(kitchen, ownerId, Role.COOK);
        assertThat(members.role(kitchen, ownerId)).hasValue(Role.COOK);
        assertThat(members.remove(kitchen, ownerId)).as("nowhere else").isEmpty();
        assertThat(signIn.account(owner).orElseThrow().kitchenId()).isZero();
        nobody(() -> members.remove(kitchen, ownerId));
        nobody(() -> members.change(kitchen, ownerId, Role.COOK));
        nobody(() -> members.remove(0, jo));
    }

    /** Two owners who go at the same moment: the second waits for the first, and sees that nobody else is left. */
    @Test
    void oneOfTwoOwnersWhoGoAtOnceStays() throws Exception {
        long jo = member(Role.OWNER);
        ExecutorService other = Executors.newSingleThreadExecutor();
        try {
            Future<?> second = inOne.execute(status -> {
                members.remove(kitchen, ownerId);
                Future<?> waits = other.submit(() -> members.remove(kitchen, jo));
                assertThatThrownBy(() -> waits.get(1, TimeUnit.SECONDS)).isInstanceOf(TimeoutException.class);
                return waits;
            });
            assertThatThrownBy(() -> second.get(1, TimeUnit.MINUTES)).hasCauseInstanceOf(Refusal.class);
            assertThat(members.of(kitchen)).extracting(Member::accountId).containsExactly(jo);
        } finally {
            other.shutdownNow();
        }
    }

    @Test
    void whoIsTakenOutGoesWhereElseTheyAre() {
        long other = kitchen(name("other"));
        jdbc.update("update kitchen set name = 'A kitchen before' where id = ?", other);
        members.add(other, ownerId, Role.LOOKER_ON);
        assertThat(members.places(ownerId))
                .containsExactly(
                        new Place(other, "A kitchen before", Role.LOOKER_ON, false),
                        new Place(kitchen, "Test kitchen", Role.OWNER, false));
        members.wentTo(ownerId, kitchen);
        assertThat(signIn.account(owner).orElseThrow().kitchenId()).isEqualTo(kitchen);
        member(Role.OWNER);
        assertThat(members.remove(kitchen, ownerId)).hasValue(other);
        assertThat(signIn.account(owner).orElseThrow().kitchenId()).isEqualTo(other);
    }

    @Test
    void whatEndsIsSaid() {
        Instant soon = clock.instant().plusSeconds(5);
        jdbc.update("update kitchen set goes_at = '2026-12-01 18:00:05' where id = ?", kitchen);
        assertThat(members.standing(kitchen, ownerId))
                .hasValue(new Members.Standing(Role.OWNER, Optional.of(soon), Optional.empty()));
    }
}

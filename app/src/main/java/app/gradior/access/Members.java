package app.gradior.access;

import app.gradior.access.PeopleMapper.MemberRow;
import app.gradior.finding.Refusal;
import app.gradior.kept.Utc;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who is what in which kitchen. A kitchen has an owner at all times. */
@Service
public class Members {
    private static final Logger LOG = LoggerFactory.getLogger(Members.class);
    /** Of one kitchen. */
    public static final int MOST = 30;

    private final PeopleMapper people;
    private final Clock clock;

    Members(PeopleMapper people, Clock clock) {
        this.people = people;
        this.clock = clock;
    }

    /** A person of a kitchen. */
    public record Member(long accountId, String login, Role role, Instant since) {
        private static Member of(MemberRow row) {
            return new Member(row.accountId(), row.login(), Role.valueOf(row.role()), Utc.instant(row.since()));
        }
    }

    /** A kitchen that an account belongs to. */
    public record Place(long kitchenId, String name, Role role, boolean demo) {}

    /**
     * What somebody is in a kitchen, and what ends there.
     *
     * @param kitchenGoes when the kitchen goes for good; empty while nobody asked for that
     * @param accountGoes when they do
     */
    public record Standing(Role role, Optional<Instant> kitchenGoes, Optional<Instant> accountGoes) {
        /** A device's. */
        public static final Standing STOVE = new Standing(Role.STOVE, Optional.empty(), Optional.empty());
    }

    /** What the account is in the kitchen; empty when it is nothing there. */
    public Optional<Standing> standing(long kitchenId, long accountId) {
        return people.standing(kitchenId, accountId)
                .map(row -> new Standing(
                        Role.valueOf(row.role()), Utc.ifKept(row.kitchenGoes()), Utc.ifKept(row.accountGoes())));
    }

    /** The same without what ends. */
    public Optional<Role> role(long kitchenId, long accountId) {
        return standing(kitchenId, accountId).map(Standing::role);
    }

    /** All of a kitchen, the oldest first. */
    public List<Member> of(long kitchenId) {
        return people.members(kitchenId).stream().map(Member::of).toList();
    }

    /** All kitchens of an account, by their names. */
    public List<Place> places(long accountId) {
        return people.places(accountId).stream()
                .map(row -> new Place(row.kitchenId(), row.name(), Role.valueOf(row.role()), row.demo()))
                .toList();
    }

    /**
     * One more, who goes there.
     *
     * @throws Refusal when they are one already, or there are enough
     */
    @Transactional
    public void add(long kitchenId, long accountId, Role role) {
        hold(kitchenId);
        if (people.members(kitchenId).size() >= MOST) {
            throw Refusal.unfit("members", new PeopleFinding.Enough(MOST));
        }
        if (people.add(kitchenId, accountId, role.name(), Utc.now(clock)) == 0) {
            throw Refusal.conflict("members", new PeopleFinding.MemberAlready());
        }
        people.cameTo(accountId, kitchenId);
        LOG.info("account {} is {} of kitchen {}", accountId, role, kitchenId);
    }

    /**
     * Makes a member something else.
     *
     * @throws Refusal when there is no such member, or nobody else would own the kitchen
     */
    @Transactional
    public void change(long kitchenId, long accountId, Role role) {
        Role was = held(kitchenId, accountId);
        if (was == Role.OWNER && role != Role.OWNER) {
            leaveAnOwner(kitchenId);
        }
        people.change(kitchenId, accountId, role.name());
        LOG.info("account {} is {} of kitchen {}, was {}", accountId, role, kitchenId, was);
    }

    /**
     * Takes a member out. They keep their account and their other kitchens.
     *
     * @return the kitchen where they are from now on; empty for none
     * @throws Refusal when there is no such member, or nobody else would own the kitchen
     */
    @Transactional
    public Optional<Long> remove(long kitchenId, long accountId) {
        if (held(kitchenId, accountId) == Role.OWNER) {
            leaveAnOwner(kitchenId);
        }
        people.remove(kitchenId, accountId);
        Optional<Long> next = places(accountId).stream().map(Place::kitchenId).findFirst();
        people.cameTo(accountId, next.orElse(null));
        LOG.info("account {} left kitchen {}", accountId, kitchenId);
        return next;
    }

    /** The account went to that kitchen of its own: there it is next time too. */
    public void wentTo(long accountId, long kitchenId) {
        people.cameTo(accountId, kitchenId);
    }

    private Role held(long kitchenId, long accountId) {
        hold(kitchenId);
        return role(kitchenId, accountId).orElseThrow(Members::nobody);
    }

    /** Holds a kitchen until the transaction ends: its people and devices are changed one by one. */
    void hold(long kitchenId) {
        if (people.hold(kitchenId).isEmpty()) {
            throw nobody();
        }
    }

    private void leaveAnOwner(long kitchenId) {
        if (of(kitchenId).stream().filter(one -> one.role() == Role.OWNER).count() < 2) {
            throw Refusal.conflict("members", new PeopleFinding.LastOwner());
        }
    }

    static Refusal nobody() {
        return new Refusal(
                Refusal.Kind.MISSING, List.of(new app.gradior.finding.Fault("id", new PeopleFinding.Nobody())));
    }
}

package app.gradior.access;

import app.gradior.access.PeopleMapper.InvitationRow;
import app.gradior.finding.Refusal;
import app.gradior.kept.Utc;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Words that let one person or one device into a kitchen, in a link or for a camera. A word has 192 random bits, works once, and ends;
 * only its hash is kept.
 */
@Service
public class Invitations {
    private static final Logger LOG = LoggerFactory.getLogger(Invitations.class);
    /** Open at once, of one kitchen. */
    public static final int MOST = 20;
    /** A person's. */
    public static final Duration LIFE = Duration.ofDays(1);
    /** A device stands beside whoever pairs it. */
    public static final Duration DEVICE_LIFE = Duration.ofMinutes(15);

    private final PeopleMapper people;
    private final Members members;
    private final StoveDevices devices;
    private final Accounts accounts;
    private final Clock clock;

    Invitations(PeopleMapper people, Members members, StoveDevices devices, Accounts accounts, Clock clock) {
        this.people = people;
        this.members = members;
        this.devices = devices;
        this.accounts = accounts;
        this.clock = clock;
    }

    /**
     * An open invitation.
     *
     * @param role what whoever comes will be; {@link Role#STOVE} for a device
     * @param name of the device; of a person, whom it is meant for; empty for nobody in particular
     * @param by login of whoever made it
     */
    public record Invitation(long id, long kitchenId, Role role, String name, String by, Instant endsAt) {
        private static Invitation of(InvitationRow row) {
            return new Invitation(
                    row.id(),
                    row.kitchenId(),
                    Role.valueOf(row.role()),
                    row.name(),
                    row.madeBy(),
                    Utc.instant(row.endsAt()));
        }

        public boolean isForDevice() {
            return role == Role.STOVE;
        }
    }

    /**
     * Makes one.
     *
     * @return its word; the only time it is seen
     * @throws Refusal when there are enough
     */
    @Transactional
    public String make(long kitchenId, Role role, String name, String by) {
        members.hold(kitchenId);
        if (of(kitchenId).size() >= MOST) {
            throw Refusal.unfit("invitations", new PeopleFinding.Enough(MOST));
        }
        String word = Hashes.secret();
        Duration life = role == Role.STOVE ? DEVICE_LIFE : LIFE;
        people.invite(
                kitchenId,
                role.name(),
                name,
                Hashes.sha256(word),
                by,
                Utc.now(clock).plus(life));
        LOG.info("an invitation as {} into kitchen {} was made by {}", role, kitchenId, SignIn.shown(by));
        return word;
    }

    /** The open one of that word; empty when it is used, over, or never was. Looking uses nothing up. */
    public Optional<Invitation> find(String word) {
        return people.invitation(Hashes.sha256(word), Utc.now(clock)).map(Invitation::of);
    }

    public List<Invitation> of(long kitchenId) {
        return people.invitations(kitchenId, Utc.now(clock)).stream()
                .map(Invitation::of)
                .toList();
    }

    /** @throws Refusal when there is none such in this kitchen */
    public void end(long kitchenId, long id) {
        if (people.endInvitation(kitchenId, id) == 0) {
            throw Members.nobody();
        }
    }

    /**
     * An account comes in by a word, which is used up.
     *
     * @return the kitchen
     * @throws Refusal when the word is no good, or they are a member already: then it stays as it was
     */
    @Transactional
    public long join(String word, long accountId) {
        Invitation invitation = used(word, false);
        members.add(invitation.kitchenId(), accountId, invitation.role());
        return invitation.kitchenId();
    }

    /**
     * Somebody new comes in by a word, which is used up.
     *
     * @throws Refusal when the word is no good, before anything else is looked at; or with every field that is wrong
     */
    @Transactional
    public void joinAsNew(String word, String login, String password) {
        open(word, false);
        join(word, accounts.make(login, password));
    }

    /**
     * A device is paired by a word, which is used up.
     *
     * @return the device's secret; the only time it is seen
     * @throws Refusal when the word is no good
     */
    @Transactional
    public String pair(String word) {
        Invitation invitation = used(word, true);
        members.hold(invitation.kitchenId());
        return devices.pair(invitation.kitchenId(), invitation.name());
    }

    private Invitation open(String word, boolean device) {
        return find(word)
                .filter(one -> one.isForDevice() == device)
                .orElseThrow(() -> Refusal.unfit("word", new PeopleFinding.WordIsOver()));
    }

    private Invitation used(String word, boolean device) {
        Invitation invitation = open(word, device);
        if (people.useInvitation(Hashes.sha256(word), Utc.now(clock)) == 0) { // somebody was a moment faster
            throw Refusal.unfit("word", new PeopleFinding.WordIsOver());
        }
        return invitation;
    }
}

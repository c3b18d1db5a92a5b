package app.gradior.access;

import app.gradior.finding.Fault;
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
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Kitchens and accounts that go for good: asked for with what only their owner knows, a week to think, then gone. */
@Service
public class Leaving {
    private static final Logger LOG = LoggerFactory.getLogger(Leaving.class);
    /** To think. */
    public static final Duration WEEK = Duration.ofDays(7);

    private final PeopleMapper people;
    private final Members members;
    private final SignIn signIn;
    private final Passkeys passkeys;
    private final SecondStep second;
    private final Clock clock;

    // Wide: what goes.
    Leaving(PeopleMapper people, Members members, SignIn signIn, Passkeys passkeys, SecondStep second, Clock clock) {
        this.people = people;
        this.members = members;
        this.signIn = signIn;
        this.passkeys = passkeys;
        this.second = second;
        this.clock = clock;
    }

    /**
     * A kitchen is to go in a week.
     *
     * @param name what it is called
     * @param typed the same, typed by whoever asks
     * @throws Refusal when they differ, or it is the demo's
     */
    @Transactional
    public void closeKitchen(long kitchenId, String name, String typed) {
        if (!typed.strip().equalsIgnoreCase(name.strip())) {
            throw Refusal.unfit("typed", new PeopleFinding.NotItsName(name));
        }
        if (people.kitchenGoes(kitchenId, Utc.now(clock).plus(WEEK)) == 0) {
            throw Members.nobody();
        }
        LOG.info("kitchen {} is to go", kitchenId);
    }

    /** Somebody thought better of it. */
    public void keepKitchen(long kitchenId) {
        people.kitchenGoes(kitchenId, null);
        LOG.info("kitchen {} stays", kitchenId);
    }

    /** Kitchens of other people too that nobody else owns: they need another owner before this one goes. */
    public List<Members.Place> needAnOwner(long accountId) {
        return members.places(accountId).stream()
                .filter(place -> place.role() == Role.OWNER)
                .filter(place -> members.of(place.kitchenId()).size() > 1)
                .filter(place -> members.of(place.kitchenId()).stream()
                        .noneMatch(one -> one.role() == Role.OWNER && one.accountId() != accountId))
                .toList();
    }

    /** Kitchens that go with the account, for nobody else is in them. */
    public List<Members.Place> goAlong(long accountId) {
        return members.places(accountId).stream()
                .filter(place -> members.of(place.kitchenId()).size() == 1)
                .toList();
    }

    /**
     * An account is to go in a week. Guessing its password waits as guessing at the door does.
     *
     * @throws Refusal when the password is another, or a kitchen would be left without an owner
     * @throws TooManyTries when whoever tries has to wait
     */
    public void closeAccount(long accountId, String login, String password, SignIn.From from) {
        signIn.check(login, password, from);
        List<Members.Place> ownerless = needAnOwner(accountId);
        if (!ownerless.isEmpty()) {
            throw new Refusal(
                    Refusal.Kind.CONFLICT,
                    ownerless.stream()
                            .map(place -> new Fault("kitchens", new PeopleFinding.NeedsAnOwner(place.name())))
                            .toList());
        }
        people.accountGoes(accountId, Utc.now(clock).plus(WEEK));
        LOG.info("account {} is to go", accountId);
    }

    public void keepAccount(long accountId) {
        people.accountGoes(accountId, null);
        LOG.info("account {} stays", accountId);
    }

    /** When the account goes; empty when it stays. */
    public Optional<Instant> goes(long accountId) {
        return Utc.ifKept(people.accountsEnd(accountId));
    }

    /** Kitchens whose week is over. */
    public List<Long> kitchensDue() {
        return people.kitchensDue(Utc.now(clock));
    }

    /** Accounts whose week is over. */
    public List<Long> accountsDue() {
        return people.accountsDue(Utc.now(clock));
    }

    public Optional<String> login(long accountId) {
        return people.login(accountId);
    }

    /** An account goes: where it was the only owner, whoever has been there longest owns the kitchen from now on. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void eraseAccount(long accountId) {
        for (Members.Place place : needAnOwner(accountId)) {
            members.of(place.kitchenId()).stream()
                    .filter(one -> one.accountId() != accountId)
                    .findFirst()
                    .ifPresent(next -> members.change(place.kitchenId(), next.accountId(), Role.OWNER));
        }
        members.places(accountId).forEach(place -> people.remove(place.kitchenId(), accountId));
        people.login(accountId).ifPresent(passkeys::removeAll);
        second.forget(accountId);
        people.forgetDevices(accountId);
        people.deleteAccount(accountId);
        LOG.info("account {} is gone", accountId);
    }
}

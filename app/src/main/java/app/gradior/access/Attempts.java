package app.gradior.access;

import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.BucketConfiguration;
import io.github.bucket4j.ConsumptionProbe;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Clock;
import java.time.Duration;
import java.util.HexFormat;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * How often passwords may be tried. Each try that fails costs from the bucket of that name at that address and from the address's own;
 * their three rates make the waits grow: seconds after a handful, minutes after a dozen, most of an hour after thirty. A device that the
 * account has signed in from has a bucket of its own instead, and so has whoever brings the word of this computer ({@link DoorWord}):
 * what strangers do, at the same address too, cannot keep these out. What they do elsewhere only makes each try from an unknown place
 * cost more, and the first from a fresh place is always let through.
 */
@Service
class Attempts {
    /** Tries of one name from one address: so many at once, and again over so long; arbitrary. */
    private static final BucketConfiguration PAIR = rates(5, 12, 30);
    /** Of all names from one address. */
    private static final BucketConfiguration ADDRESS = rates(20, 60, 200);
    /** From a device that the account has signed in from. */
    private static final BucketConfiguration DEVICE = rates(8, 20, 60);
    /** Failures of one name from anywhere: more in an hour is an attack. */
    private static final BucketConfiguration NAME = BucketConfiguration.builder()
            .addLimit(Bandwidth.builder()
                    .capacity(40)
                    .refillGreedy(40, Duration.ofHours(1))
                    .build())
            .build();
    /** What a try from an unknown place costs while a name is attacked: all but one of what a fresh pair has. */
    private static final int COST_WHILE_ATTACKED = 4;

    /** An address of IPv6 as it is written, or what is none. */
    private static final Pattern LITERAL = Pattern.compile("[0-9a-fA-F:][0-9a-fA-F.]*:[0-9a-fA-F:.]*");
    /** Of IPv6: what one household has. */
    private static final int NETWORK_BYTES = 8;

    /** A bucket that nothing was taken from for so long is full again, whichever it is. */
    static final Duration FULL_AGAIN = Duration.ofDays(2);

    private final AttemptBuckets buckets;

    Attempts(AccessMapper mapper, Clock clock) {
        this.buckets = new AttemptBuckets(mapper, clock);
    }

    private static BucketConfiguration rates(int aMinute, int anHour, int aDay) {
        return BucketConfiguration.builder()
                .addLimit(limit(aMinute, Duration.ofMinutes(1)))
                .addLimit(limit(anHour, Duration.ofHours(1)))
                .addLimit(limit(aDay, Duration.ofDays(1)))
                .build();
    }

    private static Bandwidth limit(int tries, Duration in) {
        return Bandwidth.builder().capacity(tries).refillGreedy(tries, in).build();
    }

    /**
     * A try of a name's password.
     *
     * @param login the name, as it is looked up
     * @param address where it comes from; of IPv6 only the network counts
     * @param own what only whoever tries can have: a device that this account has signed in from before, or this computer's word; empty
     *     for neither
     */
    record Try(String login, String address, String own) {
        private String pairKey() {
            return "pair:" + Hashes.sha256(login + "|" + network());
        }

        private String nameKey() {
            return "name:" + Hashes.sha256(login);
        }

        /** However it is written: proxies shorten addresses of IPv6. */
        private String network() {
            if (!LITERAL.matcher(address).matches()) {
                return address;
            }
            try { // a literal: nobody is asked for it
                byte[] bytes = InetAddress.getByName(address).getAddress();
                return HexFormat.of().formatHex(bytes, 0, Math.min(bytes.length, NETWORK_BYTES));
            } catch (UnknownHostException none) {
                return address;
            }
        }

        private boolean known() {
            return !own.isEmpty();
        }

        private String ownKey() {
            return "device:" + Hashes.sha256(login + own);
        }
    }

    /**
     * Takes the cost of a try before its password is looked at.
     *
     * @throws TooManyTries when it has to wait
     */
    void take(Try attempt) {
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            throw new IllegalStateException("what a try costs would be taken back with the transaction around it");
        }
        if (attempt.known()) {
            take(bucket(attempt.ownKey(), DEVICE), 1);
            return;
        }
        boolean attacked = bucket(attempt.nameKey(), NAME).getAvailableTokens() <= 0;
        Bucket pair = bucket(attempt.pairKey(), PAIR);
        int cost = attacked ? COST_WHILE_ATTACKED : 1;
        take(pair, cost);
        try {
            take(bucket("address:" + attempt.network(), ADDRESS), 1);
        } catch (TooManyTries wait) {
            pair.addTokens(cost);
            throw wait;
        }
    }

    private static void take(Bucket bucket, int cost) {
        ConsumptionProbe probe = bucket.tryConsumeAndReturnRemaining(cost);
        if (!probe.isConsumed()) {
            throw new TooManyTries(Duration.ofNanos(probe.getNanosToWaitForRefill()));
        }
    }

    /** The password fitted: what it cost is given back. */
    void fitted(Try attempt) {
        if (attempt.known()) {
            bucket(attempt.ownKey(), DEVICE).addTokens(1);
            return;
        }
        bucket(attempt.pairKey(), PAIR).addTokens(COST_WHILE_ATTACKED);
        bucket("address:" + attempt.network(), ADDRESS).addTokens(1);
    }

    /**
     * Takes the cost of a try of a code, wherever it comes from: whoever has the password gets what that cost back with each sign-in, and
     * would guess codes for ever. The account's own devices have theirs.
     *
     * @throws TooManyTries when it has to wait
     */
    void takeCode(Try attempt) {
        take(codes(attempt), 1);
    }

    /** The code fitted: what its tries cost is given back. */
    void codeFitted(Try attempt) {
        codes(attempt).addTokens(1);
    }

    private Bucket codes(Try attempt) {
        return attempt.known() ? bucket("code-" + attempt.ownKey(), DEVICE) : bucket("code-" + attempt.nameKey(), PAIR);
    }

    /** It did not. */
    void failed(Try attempt) {
        if (!attempt.known()) {
            bucket(attempt.nameKey(), NAME).tryConsume(1);
        }
    }

    private Bucket bucket(String key, BucketConfiguration configuration) {
        return buckets.builder().build(key, () -> configuration);
    }
}

package app.gradior.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;

/** How long whoever guesses waits: by example, and by the same rules reckoned another way, over hundreds of tries. */
class AttemptsTest extends DoorCalls {
    private static final long TOKEN = 86_400;
    private static final List<Integer> PAIR = List.of(5, 12, 30);
    private static final List<Integer> ADDRESS = List.of(20, 60, 200);
    private static final List<Integer> DEVICE = List.of(8, 20, 60);

    @Autowired
    private Attempts attempts;

    @Autowired
    private AccessMapper mapper;

    @Autowired
    private TransactionTemplate inOne;

    /** What may be tried in a minute, an hour and a day: counted in parts of a token, so that every second adds a whole number. */
    private static final class Reckoned {
        private static final long[] SECONDS = {60, 3600, TOKEN};
        private final long[] most;
        private final long[] left;
        private final long[] aSecond;
        private long at;

        Reckoned(List<Integer> rates, long now) {
            most = rates.stream().mapToLong(rate -> rate * TOKEN).toArray();
            left = most.clone();
            aSecond = new long[most.length];
            for (int i = 0; i < most.length; i++) {
                aSecond[i] = rates.get(i) * TOKEN / SECONDS[i];
            }
            at = now;
        }

        /** The seconds to wait; 0 when it is taken. */
        long take(int tokens, long now) {
            add(0, now);
            long wait = 0;
            for (int i = 0; i < left.length; i++) {
                long missing = Math.max(0, tokens * TOKEN - left[i]);
                wait = Math.max(wait, (missing + aSecond[i] - 1) / aSecond[i]);
            }
            for (int i = 0; wait == 0 && i < left.length; i++) {
                left[i] -= tokens * TOKEN;
            }
            return wait;
        }

        void add(int tokens, long now) {
            for (int i = 0; i < left.length; i++) {
                left[i] = Math.min(most[i], left[i] + aSecond[i] * (now - at) + tokens * TOKEN);
            }
            at = now;
        }
    }

    /** The same rules over these. */
    private final class Rules {
        private final Map<String, Reckoned> all = new HashMap<>();
        private int attacked;

        private long now() {
            return clock.instant().getEpochSecond();
        }

        private Reckoned of(String key, List<Integer> rates) {
            return all.computeIfAbsent(key, made -> new Reckoned(rates, now()));
        }

        private Reckoned failures(String login) {
            return of("failures " + login, List.of(0, 40, 0));
        }

        long take(String login, String network, String own) {
            if (!own.isEmpty()) {
                return of(login + own, DEVICE).take(1, now());
            }
            Reckoned failures = failures(login);
            failures.add(0, now());
            int cost = failures.left[1] < TOKEN ? 4 : 1;
            attacked += cost / 4;
            long wait = of(login + "|" + network, PAIR).take(cost, now());
            if (wait == 0) {
                wait = of(network, ADDRESS).take(1, now());
                if (wait > 0) {
                    of(login + "|" + network, PAIR).add(cost, now());
                }
            }
            return wait;
        }

        void failed(String login, String own) {
            Reckoned failures = failures(login);
            failures.add(0, now());
            if (own.isEmpty() && failures.left[1] >= TOKEN) {
                failures.left[1] -= TOKEN;
            }
        }

        void fitted(String login, String network, String own) {
            if (own.isEmpty()) {
                of(login + "|" + network, PAIR).add(4, now());
                of(network, ADDRESS).add(1, now());
            } else {
                of(login + own, DEVICE).add(1, now());
            }
        }

        Reckoned codes(String login, String own) {
            return own.isEmpty() ? of("codes " + login, PAIR) : of("codes " + login + own, DEVICE);
        }
    }

    private static Attempts.Try from(String login, String address, String own) {
        return new Attempts.Try(login, address, own);
    }

    /** The seconds to wait; 0 when it is let through. */
    private static long waits(Runnable take) {
        try {
            take.run();
            return 0;
        } catch (TooManyTries wait) {
            return wait.seconds();
        }
    }

    private long waits(Attempts.Try attempt) {
        return waits(() -> attempts.take(attempt));
    }

    @Test
    void afterFiveAtOnceItIsTwelveSecondsAndAfterTwelveMinutes() {
        Attempts.Try jo = from("jo", "10.0.0.1", "");
        for (int i = 0; i < 5; i++) {
            assertThat(waits(jo)).isZero();
        }
        assertThat(waits(jo)).isEqualTo(12);
        assertThat(waits(from("jo", "10.0.0.2", ""))).as("from elsewhere").isZero();
        assertThat(waits(from("sol", "10.0.0.1", ""))).as("somebody else there").isZero();
        for (int i = 0; i < 7; i++) {
            clock.forward(Duration.ofSeconds(12));
            assertThat(waits(jo)).isZero();
        }
        assertThat(waits(jo)).as("twelve are left an hour").isEqualTo(300 - 7 * 12);
        clock.forward(Duration.ofDays(1));
        assertThat(waits(jo)).isZero();
    }

    /** A household of IPv6 has more addresses than anybody can try, and proxies write them short. */
    @ParameterizedTest
    @ValueSource(strings = {"2001:db8::%d", "2001:db8:0:0:%d:0:0:7", "2001:0db8::%d:1", "::%d", "2001:db8:1:2::%d"})
    void anotherAddressOfOneHouseholdIsTheSamePlace(String address) {
        for (int i = 1; i <= 5; i++) {
            assertThat(waits(from("jo", address.formatted(i), ""))).isZero();
        }
        assertThat(waits(from("jo", address.formatted(6), ""))).isEqualTo(12);
        assertThat(waits(from(
                        "jo", address.replaceFirst("^(2001:0?db8)?", "2001:db9").formatted(6), "")))
                .as("next door")
                .isZero();
    }

    @Test
    void theSameReckonedAnotherWay() {
        Rules rules = new Rules();
        Random random = new Random(20_261_202);
        List<String[]> places = new ArrayList<>(List.of(
                new String[] {"2001:db8:1:2::5", "2001:db8:1:2::/64"},
                new String[] {"2001:db8:1:2:3:4:5:6", "2001:db8:1:2::/64"},
                new String[] {"2001:db8:1:3::5", "2001:db8:1:3::/64"},
                new String[] {"2001:db8::7", "2001:db8::/64"},
                new String[] {"2001:db8:0:0:1:0:0:7", "2001:db8::/64"},
                new String[] {"::1", "::/64"},
                new String[] {"0:0:0:0:0:0:0:1", "::/64"},
                new String[] {"::ffff:10.0.0.1", "10.0.0.1"},
                new String[] {"1:2", "1:2"},
                new String[] {"somewhere", "somewhere"}));
        for (int i = 1; i < 9; i++) {
            places.add(new String[] {"10.0.0." + i, "10.0.0." + i});
        }
        int waited = 0;
        for (int i = 0; i < 500; i++) {
            int most = i < 250 ? 2 : i < 400 ? 60 : 2000;
            clock.forward(Duration.ofSeconds(random.nextInt(most)));
            String login = random.nextInt(4) == 0 ? "sol" : "jo";
            String[] place = places.get(random.nextInt(i % 3 == 0 ? places.size() : 3));
            String own = random.nextInt(4) == 0 ? "tablet" : "";
            Attempts.Try one = from(login, place[0], own);
            if (random.nextInt(5) == 0) {
                long wait = rules.codes(login, own).take(1, rules.now());
                assertThat(waits(() -> attempts.takeCode(one)))
                        .as("%d: a code of %s", i, one)
                        .isEqualTo(wait);
                if (wait == 0 && random.nextInt(3) == 0) {
                    attempts.codeFitted(one);
                    rules.codes(login, own).add(1, rules.now());
                }
                continue;
            }
            long wait = rules.take(login, place[1], own);
            assertThat(waits(one)).as("%d: %s", i, one).isEqualTo(wait);
            waited += wait > 0 ? 1 : 0;
            if (wait == 0 && random.nextInt(5) == 0) {
                attempts.fitted(one);
                rules.fitted(login, place[1], own);
            } else if (wait == 0) {
                attempts.failed(one);
                rules.failed(login, own);
            }
        }
        assertThat(waited).as("some wait").isBetween(50, 400);
        assertThat(rules.attacked).as("at times a name is attacked").isPositive();
    }

    @Test
    void anAddressThatHasTriedEnoughTakesNothingOfAName() {
        for (int i = 0; i < 30; i++) {
            Attempts.Try one = from("cook " + i % 3, "10.0.0.1", "");
            assertThat(waits(one)).isZero();
            attempts.fitted(one);
        }
        Attempts.Try jo = from("jo", "10.0.0.1", "");
        for (int i = 0; i < 4; i++) {
            assertThat(waits(jo)).isZero();
        }
        for (int i = 4; i < 20; i++) {
            assertThat(waits(from("cook " + i, "10.0.0.1", ""))).isZero();
        }
        assertThat(waits(jo)).as("twenty of this address").isEqualTo(3);
        clock.forward(Duration.ofSeconds(3));
        assertThat(waits(jo)).as("the fifth of this name").isZero();
    }

    @Test
    void whoeverTriesFromManyConnectionsAtOnceGetsNoMore() throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(8);
        try {
            Attempts.Try jo = from("jo", "10.0.0.1", "");
            List<Callable<Long>> tries = new ArrayList<>();
            for (int i = 0; i < 24; i++) {
                tries.add(() -> waits(jo));
            }
            int through = 0;
            for (Future<Long> one : hands.invokeAll(tries)) {
                through += one.get() == 0 ? 1 : 0;
            }
            assertThat(through).isEqualTo(5);
        } finally {
            hands.shutdownNow();
        }
    }

    @Test
    void whatATryCostsIsNotTakenBackWithATransaction() {
        assertThatThrownBy(() -> inOne.executeWithoutResult(status -> attempts.take(from("jo", "10.0.0.1", ""))))
                .isInstanceOf(IllegalStateException.class);
        assertThat(rows("attempt_bucket")).isZero();
    }

    @Test
    void aBucketIsForgotten() {
        waits(from("jo", "10.0.0.1", ""));
        String key = "address:10.0.0.1";
        assertThat(mapper.bucket(key)).isPresent();
        AttemptBuckets buckets = new AttemptBuckets(mapper, clock);
        buckets.removeProxy(key);
        assertThat(mapper.bucket(key)).isEmpty();
        assertThat(buckets.isAsyncModeSupported()).isFalse();
    }

    @Test
    void theWaitIsToldInWholeSecondsNeverLessThanItIs() {
        assertThat(new TooManyTries(Duration.ZERO).seconds()).isEqualTo(1);
        assertThat(new TooManyTries(Duration.ofMillis(7001)).seconds()).isEqualTo(8);
        assertThat(new TooManyTries(Duration.ofSeconds(7)).seconds()).isEqualTo(7);
    }
}

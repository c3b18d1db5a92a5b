package app.gradior.room.house;

import app.gradior.access.Hashes;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.kept.Utc;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Personal API tokens. Only a hash is kept: they are random enough not to need a slow one. */
@Service
public class Tokens {
    /** What a token may do. */
    public enum Scope {
        /** A calendar's address, and nothing of the API. */
        CALENDAR,
        /** The bench and the foods: no kitchen data. */
        BENCH,
        /** Bench, and reading batches. */
        READ,
        /** Read, and sending readings to a live batch: scales and probes. */
        READINGS,
        /** Everything the API has. */
        ALL;

        /** Whether a token of this scope may do what that scope allows. */
        public boolean covers(Scope needed) {
            return compareTo(needed) >= 0;
        }
    }

    /** How long a token may be good for. */
    public enum Life {
        MONTH(30),
        YEAR(365),
        LONG(5 * 365);

        private final int days;

        Life(int days) {
            this.days = days;
        }
    }

    /** A token is over: revoked. */
    public record Revoked(long id) {}

    /** Its last use is kept to the minute or so, s. */
    private static final long USE_WRITTEN_EVERY_S = 60;

    private static final Logger LOG = LoggerFactory.getLogger(Tokens.class);

    private final KitchenMapper kitchens;
    private final Clock clock;
    private final ApplicationEventPublisher publisher;

    Tokens(KitchenMapper kitchens, Clock clock, ApplicationEventPublisher publisher) {
        this.kitchens = kitchens;
        this.clock = clock;
        this.publisher = publisher;
    }

    /** Makes a token; the answer is the only time it is seen. */
    @Transactional
    public String make(long kitchenId, String label, Scope scope) {
        return make(kitchenId, label, scope, Life.YEAR);
    }

    /** Makes a token that is good for so long; the answer is the only time it is seen. */
    @Transactional
    public String make(long kitchenId, String label, Scope scope, Life life) {
        String token = "grd_" + Hashes.secret();
        keep(kitchenId, label, token, scope, life);
        return token;
    }

    /** Keeps a token made elsewhere: the launcher's demo token. One that is there already is good for so long from now. */
    @Transactional
    public void keep(long kitchenId, String label, String token, Scope scope, Life life) {
        LocalDateTime now = now();
        kitchens.insertToken(
                kitchenId,
                Refusal.text("label", label, 80),
                Hashes.sha256(token),
                scope.name(),
                now,
                now.plusDays(life.days));
    }

    /** The token, if there is such a one and it is still good; counts as used. */
    public Optional<KitchenToken> find(String token) {
        LocalDateTime now = now();
        Optional<KitchenToken> found = kitchens.findToken(Hashes.sha256(token), now);
        found.filter(row ->
                        row.lastUsedAt() == null || row.lastUsedAt().isBefore(now.minusSeconds(USE_WRITTEN_EVERY_S)))
                .ifPresent(row -> used(row.id(), now));
        return found;
    }

    /** Where another node, or another call, writes it at the same moment, theirs is as good. */
    private void used(long id, LocalDateTime now) {
        try {
            kitchens.tokenUsed(id, now);
        } catch (ConcurrencyFailureException e) {
            LOG.debug("token {} was used elsewhere at the same moment", id);
        }
    }

    /** Whether it is still good. */
    public boolean isGood(long id) {
        return kitchens.countToken(id, now()) > 0;
    }

    private LocalDateTime now() {
        return Utc.now(clock);
    }

    /** The kitchen whose calendar this token is for: one that may do more is no address for a calendar. */
    public Optional<Long> calendar(String token) {
        return find(token)
                .filter(row -> row.scope().equals(Scope.CALENDAR.name()))
                .map(KitchenToken::kitchenId);
    }

    public List<KitchenToken> of(long kitchenId) {
        return kitchens.tokens(kitchenId);
    }

    @Transactional
    public void remove(long kitchenId, long id) {
        if (kitchens.deleteToken(kitchenId, id) == 0) {
            throw Refusal.missing(Thing.TOKEN);
        }
        publisher.publishEvent(new Revoked(id));
    }
}

package app.gradior.kitchen;

import app.gradior.store.KitchenMapper;
import app.gradior.store.Rows.TokenRow;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
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

    private final KitchenMapper kitchens;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    Tokens(KitchenMapper kitchens, Clock clock) {
        this.kitchens = kitchens;
        this.clock = clock;
    }

    /** Makes a token; the answer is the only time it is seen. */
    @Transactional
    public String make(long kitchenId, String label, Scope scope) {
        byte[] bytes = new byte[24];
        random.nextBytes(bytes);
        String token = "grd_" + HexFormat.of().formatHex(bytes);
        keep(kitchenId, label, token, scope);
        return token;
    }

    /** Keeps a token made elsewhere: the launcher's demo token. */
    @Transactional
    public void keep(long kitchenId, String label, String token, Scope scope) {
        String hash = hash(token);
        if (kitchens.findToken(hash).isEmpty()) {
            kitchens.insertToken(
                    kitchenId, Refusal.text("label", label, 80), hash, scope.name(), LocalDateTime.now(clock));
        }
    }

    public Optional<TokenRow> find(String token) {
        return kitchens.findToken(hash(token));
    }

    /** The kitchen whose calendar this token is for: one that may do more is no address for a calendar. */
    public Optional<Long> calendar(String token) {
        return find(token)
                .filter(row -> row.scope().equals(Scope.CALENDAR.name()))
                .map(TokenRow::kitchenId);
    }

    public List<TokenRow> of(long kitchenId) {
        return kitchens.tokens(kitchenId);
    }

    @Transactional
    public void remove(long kitchenId, long id) {
        if (kitchens.deleteToken(kitchenId, id) == 0) {
            throw Refusal.missing("token");
        }
    }

    private static String hash(String token) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}

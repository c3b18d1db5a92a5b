package app.gradior.access;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/**
 * What a password may be, and how it is kept: Argon2id of its letters in Unicode's normal form C, so that the same letters typed on
 * another keyboard fit. Hashes made by older versions (bcrypt) still fit and are made anew at the next sign-in.
 */
@Service
public class Passwords {
    /** Letters, not bytes. */
    public static final int SHORTEST = 8;

    public static final int LONGEST = 128;
    /** The ten thousand most frequent of eight letters or more; see NOTICE. */
    private static final String COMMON = "/access/common-passwords.txt";
    /** OWASP's smallest for Argon2id: 19 MiB, two passes, one lane. */
    private static final int MEMORY_KIB = 19 * 1024;

    private static final int PASSES = 2;
    private static final int SALT_BYTES = 16;
    private static final int HASH_BYTES = 32;
    /** So many are hashed at once: each takes memory, and a flood of them must not take all. */
    private static final int AT_ONCE = 2;

    private final Set<String> common = common();
    private final Semaphore hashing = new Semaphore(AT_ONCE, true);
    private final PasswordEncoder encoder = new DelegatingPasswordEncoder(
            "argon2",
            Map.of(
                    "argon2", new Argon2PasswordEncoder(SALT_BYTES, HASH_BYTES, 1, MEMORY_KIB, PASSES),
                    "bcrypt", new BCryptPasswordEncoder()));
    private final String nobodys = hash("nobody has this one");

    private static Set<String> common() {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(Passwords.class.getResourceAsStream(COMMON)), StandardCharsets.UTF_8))) {
            return in.lines().collect(Collectors.toUnmodifiableSet());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What is wrong with a new password for that name; empty when nothing is. */
    public Optional<PasswordFinding> wrongWith(String password, String login) {
        String plain = normal(password);
        int length = plain.codePointCount(0, plain.length());
        if (length < SHORTEST || length > LONGEST) {
            return Optional.of(new PasswordFinding.Length(SHORTEST, LONGEST));
        }
        String small = plain.toLowerCase(Locale.ROOT);
        String name = normal(login).strip().toLowerCase(Locale.ROOT);
        if (small.equals(name) || name.length() >= SHORTEST && small.contains(name)) {
            return Optional.of(new PasswordFinding.IsTheName());
        }
        if (common.contains(small) || small.chars().distinct().count() < 3) {
            return Optional.of(new PasswordFinding.Common());
        }
        return Optional.empty();
    }

    private static String normal(String password) {
        return Normalizer.normalize(password, Normalizer.Form.NFC);
    }

    public String hash(String password) {
        return oneOfFew(() -> Objects.requireNonNull(encoder.encode(normal(password))));
    }

    boolean fits(String password, String hash) {
        return oneOfFew(
                () -> encoder.matches(normal(password), hash) || hash.startsWith("{bcrypt}") && old(password, hash));
    }

    /** Older versions hashed the letters as they came. */
    private boolean old(String password, String hash) {
        return !normal(password).equals(password) && encoder.matches(password, hash);
    }

    /** Takes as long as looking at a real one, so that nobody learns from the time which names there are. */
    void pretend(String password) {
        fits(password, nobodys);
    }

    boolean wantsRehash(String hash) {
        return encoder.upgradeEncoding(hash);
    }

    /** Waits for its turn: whoever came first goes first. */
    <T> T oneOfFew(Supplier<T> work) {
        hashing.acquireUninterruptibly();
        try {
            return work.get();
        } finally {
            hashing.release();
        }
    }
}

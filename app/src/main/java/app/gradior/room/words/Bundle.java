package app.gradior.room.words;

import com.ibm.icu.util.ULocale;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;

/** All texts of one language: its own, and beneath them those of the base. */
final class Bundle {
    private final ULocale locale;
    private final Map<String, String> texts = new TreeMap<>();
    private final Map<String, Pattern> patterns = new ConcurrentHashMap<>();

    /**
     * The texts of these files, later ones over earlier ones.
     *
     * @param locale whose numbers, plurals and lists they have
     */
    Bundle(ULocale locale, String... files) {
        this.locale = locale;
        for (String file : files) {
            Properties read = new Properties();
            try (Reader reader = new InputStreamReader(
                    Objects.requireNonNull(Bundle.class.getResourceAsStream(file), file), StandardCharsets.UTF_8)) {
                read.load(reader);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            read.forEach((key, text) -> texts.put((String) key, (String) text));
        }
    }

    ULocale locale() {
        return locale;
    }

    boolean has(String key) {
        return texts.containsKey(key);
    }

    Set<String> keys() {
        return texts.keySet();
    }

    Optional<String> raw(String key) {
        return Optional.ofNullable(texts.get(key));
    }

    /** The pattern of a key, which has to be there: a test holds that every key that is asked for is. */
    Pattern pattern(String key) {
        return patterns.computeIfAbsent(
                key, k -> new Pattern(raw(k).orElseThrow(() -> new IllegalStateException("no text " + k)), locale));
    }
}

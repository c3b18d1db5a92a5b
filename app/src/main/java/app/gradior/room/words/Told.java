package app.gradior.room.words;

import app.gradior.finding.Finding;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A finding of the application: a text by its key, worded when it is read, in the reader's language.
 *
 * @param key of the bundles
 * @param with what {0}, {1} and so on are
 */
public record Told(String key, List<Object> with) implements Finding {
    public Told {
        with = List.copyOf(with);
    }

    /** A text with its figures. */
    public static Told of(String key, Object... with) {
        return new Told(key, List.of(with));
    }

    @Override
    public String code() {
        return key;
    }

    @Override
    public Map<String, Object> figures() {
        Map<String, Object> figures = new LinkedHashMap<>();
        for (int i = 0; i < with.size(); i++) {
            figures.put(String.valueOf(i), with.get(i));
        }
        return figures;
    }
}

package app.gradior.room.batch;

import java.text.Normalizer;
import java.time.LocalDateTime;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * What is looked for.
 *
 * @param like part of a name, a pot or a note, as {@link #like} makes it; empty for all
 * @param sauceId 0 for all
 * @param pot name; empty for all
 * @param from begun then or later
 * @param to begun before then
 * @param rating at least so many of 5; 0 for all
 * @param sort started, name, minutes, yield, step or rating
 */
public record LogFilter(
        String like,
        long sauceId,
        String pot,
        @Nullable LocalDateTime from,
        @Nullable LocalDateTime to,
        int rating,
        @Nullable Double stepLow,
        @Nullable Double stepHigh,
        String sort,
        boolean up) {
    /** Whether any condition is set. */
    public boolean searches() {
        return !like.isEmpty()
                || sauceId != 0
                || !pot.isEmpty()
                || from != null
                || to != null
                || rating != 0
                || stepLow != null
                || stepHigh != null;
    }

    /** Words as LIKE takes them: no joker among them, and as {@link #plain} leaves them. */
    public static String like(String words) {
        return words.isEmpty()
                ? ""
                : "%" + plain(words).replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
    }

    /** A text in small letters without accents, by which batches are searched. */
    public static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}+", "")
                .toLowerCase(Locale.ROOT);
    }
}

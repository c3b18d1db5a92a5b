package app.gradior.room.book;

import org.jspecify.annotations.Nullable;

/** A row as its table holds it; times are UTC. */
public record SauceLine(
        long sauceId,
        int version,
        int position,
        String text,
        @Nullable String foodId,
        @Nullable Double massG) {
    /** The same of another sauce and version. */
    public SauceLine of(long sauce, int newVersion) {
        return new SauceLine(sauce, newVersion, position, text, foodId, massG);
    }
}

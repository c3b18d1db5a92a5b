package app.gradior.room.book;

import org.jspecify.annotations.Nullable;

/** A row as its table holds it; times are UTC. */
public record LineRow(
        long sauceId,
        int version,
        int position,
        String text,
        @Nullable String foodId,
        @Nullable Double massG) {
    /** The same of another sauce and version. */
    public LineRow of(long sauce, int newVersion) {
        return new LineRow(sauce, newVersion, position, text, foodId, massG);
    }
}

package app.gradior.batch;

import org.jspecify.annotations.Nullable;

/**
 * What of a kitchen's a batch is made from and in, by ids: a thing that gets another name, or is put away, stays the same thing.
 *
 * @param sauceId absent for a sauce that is not in the book
 * @param version of the sauce
 * @param potId absent for a pot that is not in the kit
 * @param burnerId absent when nobody said
 */
public record Origin(
        @Nullable Long sauceId,
        @Nullable Integer version,
        @Nullable Long potId,
        @Nullable Long burnerId) {
    /** Nothing of the kitchen's. */
    public static final Origin NONE = new Origin(null, null, null, null);

    /** A version of a sauce of the book. */
    public static Origin of(long sauceId, int version) {
        return new Origin(sauceId, version, null, null);
    }

    /**
     * The same in that pot on that burner.
     *
     * @param burner 0 when nobody said
     */
    public Origin in(long pot, long burner) {
        return new Origin(sauceId, version, pot, burner == 0 ? null : burner);
    }
}

package app.gradior.sauce;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What a cook may answer where good cooks differ. */
public enum SchoolAnswer {
    REDUCE_ONLY,
    STARCH_ONLY,
    REDUCE_THEN_STARCH,
    AT_A_BUBBLE,
    OFF_THE_HEAT_THEN_BACK,
    TOASTED_IN_FAT_FIRST,
    ALL_IN_TOGETHER,
    OFF,
    AJAR,
    ON,
    FROM_RAW,
    PLAIN_PUREE_OR_PASTE,
    A_SEASONED_BOTTLED_BASE,
    FRESH_AT_THE_END,
    DRIED_AT_THE_START,
    FRESH_HALF_WAY,
    COOKED_DOWN_FIRST_ALONE,
    ADDED_WITH_THE_REST,
    LOOK,
    TIME,
    LEVEL,
    WEIGHT,
    SPOON_OR_PLATE_TEST;

    /** The answer of that name; files of before had its words, which come to the same letters. */
    public static Optional<SchoolAnswer> named(String name) {
        String letters = Normalizer.normalize(name.strip(), Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^\\p{Alpha}]+", "_")
                .toUpperCase(Locale.ROOT);
        return Arrays.stream(values()).filter(a -> a.name().equals(letters)).findFirst();
    }
}

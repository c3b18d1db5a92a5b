package app.gradior.rescue;

import static app.gradior.rescue.Handling.*;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a cook says of a sauce that went wrong. What can be measured is put right in grams, everything else by hand. */
public enum Complaint {
    TOO_THIN(Measure.STEP),
    TOO_THICK(Measure.STEP),
    TOO_SALTY(Measure.SALT),
    TOO_SWEET(Measure.SUGAR, LEMON),
    TOO_SOUR(Measure.ACID, SUGAR, SODA),
    TOO_BITTER(null, PINCH_OF_SALT, SUGAR, BUTTER),
    TOO_HOT(Measure.HEAT, SUGAR),
    TOO_FAT(Measure.FAT, CHILL_AND_LIFT),
    LUMPY(null, WHISK, SIEVE, BLEND),
    SPLIT(null, WARM_WATER, NEW_YOLK, BLEND),
    CURDLED(null, COOL_BOWL, BLEND, SIEVE),
    SCORCHED(null, CHANGE_POTS, SUGAR, LEMON, BEGIN_AGAIN),
    SKIN(null, WHISK, LIFT_SKIN, SIEVE),
    FLOURY(null, SIMMER_ON, SIEVE),
    STRINGY(null, WARM_AND_WHISK, BLEND),
    WEEPING(null, WARM_AND_WHISK, STARCH_AGAIN, BLEND),
    TOO_LITTLE(Measure.VOLUME),
    TOO_MUCH(Measure.VOLUME),
    TOO_LATE(Measure.STEP);

    private final @Nullable Measure measure;
    private final List<Handling> handlings;

    Complaint(@Nullable Measure measure, Handling... handlings) {
        this.measure = measure;
        this.handlings = List.of(handlings);
    }

    /** What is measured of it; empty for what only a hand puts right. */
    public Optional<Measure> measure() {
        return Optional.ofNullable(measure);
    }

    /** What is done by hand, or by a spoon and tasting, the gentlest first. */
    public List<Handling> handlings() {
        return handlings;
    }

    /** Whether it asks how much of it is too much: of what nobody weighs. */
    public boolean asksHowMuch() {
        return measure != null && measure != Measure.STEP && measure != Measure.VOLUME;
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * The complaint with that key.
     *
     * @throws Unfit when there is none
     */
    public static Complaint ofKey(String key) {
        for (Complaint one : values()) {
            if (one.key().equals(key)) {
                return one;
            }
        }
        throw new Unfit("wrong", Wrong.Key.of("wrong", key, values(), Complaint::key));
    }
}

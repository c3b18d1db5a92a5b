package app.gradior.sauce;

import static app.gradior.sauce.SchoolAnswer.*;

import java.util.List;
import java.util.Optional;

/** Questions on which good cooks differ, with our default first in each list. */
public enum School {
    THICKENING(REDUCE_ONLY, STARCH_ONLY, REDUCE_THEN_STARCH),
    SLURRY(AT_A_BUBBLE, OFF_THE_HEAT_THEN_BACK),
    SPICES(TOASTED_IN_FAT_FIRST, ALL_IN_TOGETHER),
    LID(OFF, AJAR, ON),
    BASE(FROM_RAW, PLAIN_PUREE_OR_PASTE, A_SEASONED_BOTTLED_BASE),
    HERBS(FRESH_AT_THE_END, DRIED_AT_THE_START, FRESH_HALF_WAY),
    ALCOHOL(COOKED_DOWN_FIRST_ALONE, ADDED_WITH_THE_REST),
    DONE(LOOK, TIME, LEVEL, WEIGHT, SPOON_OR_PLATE_TEST);

    private final List<SchoolAnswer> answers;

    School(SchoolAnswer... answers) {
        this.answers = List.of(answers);
    }

    /** What may be answered; the first is our default. */
    public List<SchoolAnswer> answers() {
        return answers;
    }

    /** The answer of that name, in words as older files have it too; empty when it is none to this question. */
    public Optional<SchoolAnswer> answer(String name) {
        return SchoolAnswer.named(name).filter(answers::contains);
    }
}

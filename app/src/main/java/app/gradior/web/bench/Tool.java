package app.gradior.web.bench;

import app.gradior.room.house.Kitchen;
import java.util.List;

/** One question of the bench. */
interface Tool {
    /** Its name in the address. */
    String key();

    String title();

    /** What it is good for, in a sentence. */
    String lead();

    /** Whether it begins with "what I have". */
    default boolean asksWhatIHave() {
        return true;
    }

    List<Field> fields(BenchForm asked, Kitchen kitchen);

    /**
     * The answer.
     *
     * @throws app.gradior.kitchen.Refusal with the field to mend
     * @throws IllegalArgumentException with a statement for the cook
     */
    Reply answer(BenchForm asked, Kitchen kitchen);
}

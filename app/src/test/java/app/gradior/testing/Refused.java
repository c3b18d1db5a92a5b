package app.gradior.testing;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.finding.Refusal;
import app.gradior.room.words.Words;
import java.util.function.Consumer;

/** What a refusal says to people. */
public final class Refused {
    private Refused() {}

    /** That its first fault, with its field before it, says so. */
    public static Consumer<Throwable> saying(String part) {
        return thrown -> {
            assertThat(thrown).isInstanceOf(Refusal.class);
            Refusal refusal = (Refusal) thrown;
            assertThat(refusal.faults().get(0).field() + ": "
                            + Words.say(refusal.faults().get(0)))
                    .contains(part);
        };
    }
}

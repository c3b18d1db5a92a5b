package app.gradior.room.house;

import app.gradior.kept.Utc;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Forms that were sent lately, by their keys: each is done once, and a repeat learns where the first one led. */
@Service
public class SentForms {
    private static final Duration REMEMBERED = Duration.ofDays(1);
    /** One that was begun so long ago and never ended was lost with its server. */
    private static final Duration LOST = Duration.ofMinutes(2);

    private static final int LONGEST_PLACE = 500;

    private final FormMapper forms;
    private final Clock clock;

    SentForms(FormMapper forms, Clock clock) {
        this.forms = forms;
        this.clock = clock;
    }

    /** A form that was begun: where it led, once it is done. */
    public record Sent(@Nullable String place) {}

    /** Begins a form; false when it was begun before. */
    public boolean begin(long kitchenId, String key) {
        LocalDateTime now = Utc.now(clock);
        forms.deleteBefore(kitchenId, now.minus(REMEMBERED));
        return forms.insert(kitchenId, key, now) == 1 || forms.takeUp(kitchenId, key, now, now.minus(LOST)) == 1;
    }

    /** It is done, and led there. */
    public void done(long kitchenId, String key, String place) {
        if (place.length() <= LONGEST_PLACE) {
            forms.done(kitchenId, key, place);
        } else {
            forms.delete(kitchenId, key);
        }
    }

    /** It was not done. */
    public void forget(long kitchenId, String key) {
        forms.delete(kitchenId, key);
    }

    public Optional<Sent> sent(long kitchenId, String key) {
        return forms.find(kitchenId, key).map(row -> new Sent(row.place()));
    }
}

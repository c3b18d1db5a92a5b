package app.gradior.access;

import app.gradior.kept.Utc;
import java.time.Clock;
import java.util.Locale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The word of whoever runs this computer: it lets one more kitchen be set up, or a password be tried from a place that would have to
 * wait. The launcher prints one at each start and when asked; it works once, and the next ends it.
 */
@Service
public class DoorWord {
    private final AccessMapper mapper;
    private final Clock clock;

    DoorWord(AccessMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** From now on it is this word, and no other. */
    @Transactional
    public void is(String word) {
        mapper.dropWords();
        mapper.insertWord(hash(word), Utc.now(clock));
    }

    /** Whether that is the word. */
    public boolean fits(String word) {
        return mapper.hasWord(hash(word)) > 0;
    }

    /** Uses the word up; false when it was no word, or used a moment ago by somebody else. */
    public boolean use(String word) {
        return mapper.useWord(hash(word)) == 1;
    }

    private static String hash(String word) {
        return Hashes.sha256(word.strip().toLowerCase(Locale.ROOT));
    }
}

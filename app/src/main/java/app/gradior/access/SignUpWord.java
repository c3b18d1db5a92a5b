package app.gradior.access;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Locale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The word that lets one more kitchen be set up. The launcher prints a new one at each start; it works once, and ends the one before. */
@Service
public class SignUpWord {
    private final AccessMapper mapper;
    private final Clock clock;

    SignUpWord(AccessMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** From now on this word, and no other, lets a kitchen be set up. */
    @Transactional
    public void is(String word) {
        mapper.dropWords();
        mapper.insertWord(hash(word), LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC));
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

package app.gradior.access;

import app.gradior.finding.Refusal;
import app.gradior.kept.Utc;
import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.security.InvalidKeyException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What is asked for after the password: six figures that an app counts from a secret and the time (RFC 6238, SHA-1, 30 s, by java-otp), each
 * taken once; or a word from a paper, once, which also stands for a password that is forgotten.
 */
@Service
public class SecondStep {
    private static final Logger LOG = LoggerFactory.getLogger("app.gradior.access");
    /** Of RFC 4226: as long as the hash. */
    private static final int SECRET_BYTES = 20;
    /** Steps before and after this one that are taken too: phones' clocks differ. */
    private static final int SLACK = 1;
    /** Words on a paper. */
    public static final int WORDS = 6;
    /** 120 bits in 24 letters of base 32: nobody guesses one, so a fast hash does. */
    private static final int WORD_BYTES = 15;
    /** From the password to the code. */
    public static final Duration HALF_IN = Duration.ofMinutes(5);

    private final SecondMapper mapper;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();
    private final TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();

    SecondStep(SecondMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Whether the account is asked for a code. */
    public boolean isOn(long accountId) {
        return mapper.step(accountId).filter(row -> row.onSince() != null).isPresent();
    }

    /**
     * The secret that an app is to count from; the same until its first code is told.
     *
     * @return base 32
     * @throws Refusal when the step is on: nobody sees its secret any more
     */
    @Transactional
    public String secret(long accountId) {
        if (isOn(accountId)) {
            throw Refusal.unfit("code", new SecondFinding.IsOn());
        }
        mapper.begin(accountId, bytes(SECRET_BYTES));
        return new Base32().encodeToString(mapper.step(accountId).orElseThrow().secret());
    }

    /**
     * The app's first code: from now on one is asked for.
     *
     * @throws Refusal when it is another
     */
    @Transactional
    public void begin(long accountId, String code) {
        if (isOn(accountId) || !fitsCode(accountId, code)) {
            throw Refusal.unfit("code", new SecondFinding.OtherCode());
        }
        mapper.on(accountId, Utc.now(clock));
        LOG.info("account {} has a second step", accountId);
    }

    @Transactional
    public void end(long accountId) {
        mapper.endStep(accountId);
        LOG.info("account {} has no second step any more", accountId);
    }

    /** Words for a paper, instead of those before; they are told this once. */
    @Transactional
    public List<String> words(long accountId) {
        mapper.dropWords(accountId);
        List<String> words = new ArrayList<>();
        for (int i = 0; i < WORDS; i++) {
            String word = new Base32().encodeToString(bytes(WORD_BYTES)).toLowerCase(Locale.ROOT);
            mapper.insertWord(accountId, Hashes.sha256(word));
            words.add(word.replaceAll("(.{4})(?=.)", "$1-"));
        }
        LOG.info("account {} has new words on paper", accountId);
        return words;
    }

    /** How many words of the paper are left. */
    public int wordsLeft(long accountId) {
        return mapper.words(accountId);
    }

    /** Whether that is a code of now, or a word of the paper; it counts no more. */
    boolean fits(long accountId, String typed) {
        return fitsCode(accountId, typed) || fitsWord(accountId, typed);
    }

    boolean fitsWord(long accountId, String typed) {
        String word = typed.toLowerCase(Locale.ROOT).replaceAll("[^a-z2-7]", "");
        boolean fits = mapper.useWord(accountId, Hashes.sha256(word)) == 1;
        if (fits) {
            LOG.info("account {} used a word of its paper", accountId);
        }
        return fits;
    }

    boolean fitsCode(long accountId, String typed) {
        String code = typed.replaceAll("\\s", "");
        Optional<SecondMapper.StepRow> step = mapper.step(accountId);
        if (step.isEmpty() || code.length() != codes.getPasswordLength()) {
            return false;
        }
        SecretKeySpec key = new SecretKeySpec(step.get().secret(), codes.getAlgorithm());
        Instant now = clock.instant();
        long stepS = codes.getTimeStep().toSeconds();
        boolean fits = false;
        for (int away = -SLACK; away <= SLACK; away++) {
            Instant at = now.plusSeconds(away * stepS);
            fits |= isCode(key, at, code) && mapper.use(accountId, at.getEpochSecond() / stepS) == 1;
        }
        return fits;
    }

    private boolean isCode(SecretKeySpec key, Instant at, String code) {
        try {
            return codes.generateOneTimePasswordString(key, at, Locale.ROOT).equals(code);
        } catch (InvalidKeyException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Somebody's password fitted: what tells them again when they come with their code. */
    @Transactional
    public String half(long accountId) {
        String ticket = Hashes.secret();
        mapper.insertHalf(accountId, Hashes.sha256(ticket), Utc.now(clock).plus(HALF_IN));
        return ticket;
    }

    /** Whose password fitted; empty when it is too long ago. */
    public Optional<String> half(String ticket) {
        return mapper.half(Hashes.sha256(ticket), Utc.now(clock));
    }

    /** They are wholly in. */
    void whole(String ticket) {
        mapper.endHalf(Hashes.sha256(ticket));
    }

    /** All of an account goes. */
    void forget(long accountId) {
        mapper.endStep(accountId);
        mapper.dropWords(accountId);
        mapper.endHalves(accountId);
    }

    private byte[] bytes(int many) {
        byte[] bytes = new byte[many];
        random.nextBytes(bytes);
        return bytes;
    }
}

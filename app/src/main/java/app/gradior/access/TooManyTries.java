package app.gradior.access;

import java.time.Duration;
import org.springframework.security.core.AuthenticationException;

/** A password may be tried again only after a while. */
public final class TooManyTries extends AuthenticationException {
    private static final long serialVersionUID = 1L;

    private final long seconds;

    TooManyTries(Duration wait) {
        super("too many tries");
        this.seconds = Math.max(1, wait.plusMillis(999).toSeconds());
    }

    /** How long to wait, s, 1 or more. */
    public long seconds() {
        return seconds;
    }
}

package app.gradior.room.faults;

import app.gradior.room.words.Words;

/** More is asked than is a kitchen's share. */
public final class TooMuch extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final long seconds;

    public TooMuch(long seconds) {
        super(Words.text("too-much.more-is-asked-than-this-server", seconds));
        this.seconds = seconds;
    }

    /** After so long there is room again, s, 1 or more. */
    public long seconds() {
        return seconds;
    }
}

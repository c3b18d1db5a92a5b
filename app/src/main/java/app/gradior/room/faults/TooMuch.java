package app.gradior.room.faults;

import app.gradior.room.words.Words;

/** More is asked than is a kitchen's share. */
public final class TooMuch extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final long seconds;
    private final boolean ownDoing;

    /** Who asks more than their share may ask again in so many seconds. */
    public TooMuch(long seconds) {
        this(seconds, true);
    }

    private TooMuch(long seconds, boolean ownDoing) {
        super(Words.text("too-much.more-is-asked-than-this-server", seconds));
        this.seconds = seconds;
        this.ownDoing = ownDoing;
    }

    /** It was not their turn for so long; they may ask again in so many seconds, and sooner if they want to. */
    public static TooMuch busy(long seconds) {
        return new TooMuch(seconds, false);
    }

    /** Whether who asked does more than their share, and the server is not only slow. */
    public boolean ownDoing() {
        return ownDoing;
    }

    /** After so long there is room again, s, 1 or more. */
    public long seconds() {
        return seconds;
    }
}

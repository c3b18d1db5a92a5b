package app.gradior.room.fault;

/** More is asked than is a kitchen's share. */
public final class TooMuch extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final long seconds;

    public TooMuch(long seconds) {
        super("more is asked than this server gives one kitchen at once: wait " + seconds + " s");
        this.seconds = seconds;
    }

    /** After so long there is room again, s, 1 or more. */
    public long seconds() {
        return seconds;
    }
}

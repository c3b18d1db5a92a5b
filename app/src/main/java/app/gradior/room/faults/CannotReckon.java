package app.gradior.room.faults;

import app.gradior.finding.Finding;

/** A batch that cannot be reckoned, or not even read; carries what its own page says of it. */
public final class CannotReckon extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final long batchId;
    private final String name;
    private final transient Finding why;

    public CannotReckon(long batchId, String name, RuntimeException cause) {
        super("batch " + batchId + " cannot be reckoned", cause);
        this.batchId = batchId;
        this.name = name;
        this.why = Odd.why(cause);
    }

    public long batchId() {
        return batchId;
    }

    public String name() {
        return name;
    }

    public Finding why() {
        return why;
    }
}

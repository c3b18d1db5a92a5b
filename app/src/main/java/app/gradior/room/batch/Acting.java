package app.gradior.room.batch;

/** Who or what acts now. */
@FunctionalInterface
public interface Acting {
    /** What acts. */
    enum Kind {
        /** A person's account. */
        PERSON,
        /** A device at the stove. */
        DEVICE,
        /** A program with a token. */
        TOKEN,
        /** Gradior itself. */
        ITSELF,
        /** It was so in a file that was read in. */
        FILE
    }

    /**
     * Who acts.
     *
     * @param of the account, device or token; 0 for neither
     */
    record Who(Kind kind, long of, String name) {
        /** Gradior itself, of its own accord. */
        public static final Who ITSELF = new Who(Kind.ITSELF, 0, "Gradior");
    }

    Who now();
}

package app.gradior.room.faults;

import app.gradior.finding.Finding;
import app.gradior.finding.Refusal;
import app.gradior.finding.Unfit;
import app.gradior.room.words.Told;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.transaction.TransactionException;

/**
 * Something of a kitchen that cannot be reckoned: a batch, a plan, a food. It is shown with its reason and the way to mend it, and keeps
 * nothing else from being shown.
 *
 * @param name what the cook calls it
 * @param address where it can be mended
 */
public record Odd(String name, String address, Finding why) {
    private static final Logger LOG = LoggerFactory.getLogger(Odd.class);

    /**
     * Tries it; what it cannot be goes to the list, with why.
     *
     * @throws RuntimeException when the database is away or it is not this kitchen's turn, which are no faults of the thing
     */
    public static <T> Optional<T> tried(List<Odd> odd, String name, String address, Supplier<T> work) {
        try {
            return Optional.of(work.get());
        } catch (RuntimeException e) {
            odd.add(new Odd(name, address, why(e)));
            return Optional.empty();
        }
    }

    /** Why something cannot be reckoned; passes on what is no fault of the thing. */
    public static Finding why(RuntimeException fault) {
        if (fault instanceof DataAccessException || fault instanceof TransactionException || fault instanceof TooMuch) {
            throw fault;
        }
        if (fault instanceof CannotReckon known) {
            return known.why();
        }
        for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
            if (cause instanceof Refusal refusal && !refusal.faults().isEmpty()) {
                return refusal.faults().get(0).why();
            }
            if (cause instanceof Unfit unfit) {
                return unfit.why();
            }
        }
        LOG.warn("cannot be reckoned: {}", fault.toString());
        return Told.of("odd.does-not-fit");
    }
}

package app.gradior.finding;

import static org.assertj.core.api.Assertions.catchThrowable;

import org.assertj.core.api.ThrowableAssert.ThrowingCallable;

/** What a rule says of a value that it does not take. */
public final class Refused {
    private Refused() {}

    /** Why a call was refused. */
    public static Finding why(ThrowingCallable call) {
        Throwable thrown = catchThrowable(call);
        if (thrown instanceof Unfit unfit) {
            return unfit.why();
        }
        if (thrown instanceof Refusal refusal) {
            return refusal.faults().get(0).why();
        }
        throw new AssertionError("was not refused", thrown);
    }

    /** A number that is out of range. */
    public static Wrong.Range range(ThrowingCallable call) {
        return (Wrong.Range) why(call);
    }
}

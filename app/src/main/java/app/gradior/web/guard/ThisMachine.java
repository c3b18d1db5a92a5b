package app.gradior.web.guard;

import java.util.Set;

/** The names by which this machine reaches itself, and nobody else does. */
public final class ThisMachine {
    public static final Set<String> NAMES = Set.of("localhost", "127.0.0.1", "[::1]", "::1");

    private ThisMachine() {}
}

package app.gradior.method;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import java.util.Optional;
import java.util.regex.Pattern;

/** Heat and lid in words, over {@link Norm}. */
final class HeatWords {
    private static final Pattern ROLLING = Pattern.compile(
            "\\b(?:rolling|hard boil|boil hard|boil it hard|full whack|furious\\w*|fast boil|boil fast|pretty hard)\\b");
    private static final Pattern LIVELY = Pattern.compile(
            "\\b(?:lively|brisk\\w*|boil steadily|steady boil|rapid\\w*|vigorous\\w*|bubble away|bubbling away|bubbling along|bubbling quite|good bubble|medium high)\\b");
    private static final Pattern GENTLE = Pattern.compile(
            "\\b(?:gentle|gently|low heat|tick over|turn it right down|right down low|barely bubbling|slow simmer|low)\\b");
    private static final Pattern BARE =
            Pattern.compile("\\b(?:bare simmer|barely simmer\\w*|bare|blip|shiver\\w*|just trembling)\\b");
    private static final Pattern STEAMING = Pattern.compile("\\b(?:steaming|without boiling|below the boil)\\b");
    private static final Pattern AJAR = Pattern.compile(
            "\\b(?:lid ajar|ajar|half covered|partly covered|partially covered|lid half|lid tilted|half on)\\b");
    private static final Pattern OPEN = Pattern.compile(
            "\\b(?:uncover\\w*|lid off|no lid|without (?:a |the )?lid|open pan|take (?:the )?lid off)\\b");
    private static final Pattern SCREEN = Pattern.compile("\\b(?:splatter|spatter|splash) (?:screen|guard)\\b");
    private static final Pattern CLOSED =
            Pattern.compile("\\b(?:cover|covered|lid on|put (?:the |a )?lid on|with (?:the |a )?lid)\\b");

    private static final Pattern FOIL = Pattern.compile(
            "\\b(?:cover|covered|tent|seal|wrap)\\b.{0,30}\\b(?:foil|tinfoil)\\b|\\bfoil (?:over|on top)\\b");

    private HeatWords() {}

    static Optional<Look> look(String norm) {
        if (ROLLING.matcher(norm).find()) {
            return Optional.of(Look.ROLLING);
        }
        if (LIVELY.matcher(norm).find()) {
            return Optional.of(Look.LIVELY);
        }
        if (BARE.matcher(norm).find()) {
            return Optional.of(Look.BARE);
        }
        if (GENTLE.matcher(norm).find()) {
            return Optional.of(Look.GENTLE);
        }
        return STEAMING.matcher(norm).find() ? Optional.of(Look.STEAMING) : Optional.empty();
    }

    static Optional<LidState> lid(String norm) {
        if (SCREEN.matcher(norm).find()) {
            return Optional.of(LidState.SCREEN);
        }
        if (AJAR.matcher(norm).find()) {
            return Optional.of(LidState.AJAR);
        }
        if (OPEN.matcher(norm).find()) {
            return Optional.of(LidState.OPEN);
        }
        if (FOIL.matcher(norm).find()) {
            return Optional.of(LidState.FOIL);
        }
        return CLOSED.matcher(norm).find() ? Optional.of(LidState.CLOSED) : Optional.empty();
    }
}

package app.gradior.method;

import app.gradior.method.ReadRecipe.Range;
import app.gradior.method.ReadRecipe.ReadStage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The time stamps of captions, as a second witness for minutes: where the talk stops for longer than anybody is silent, the pot was waited for.
 * Films are cut, so a short gap says nothing, and the words win.
 */
final class Stamps {
    private static final Pattern STAMP =
            Pattern.compile("(?m)^\\s*[\\[(]?(\\d{1,2}):(\\d{2})(?::(\\d{2}))?(?:[.,]\\d{1,3})?[\\])]?");
    private static final double LEAST_MIN = 2;
    private static final double MOST_MIN = 600;
    private static final double UNSURE_SHARE = 0.2;
    private static final double FAR_OFF = 0.5;

    private final List<Stamp> stamps = new ArrayList<>();

    private record Stamp(int at, double seconds) {}

    Stamps(String text) {
        Matcher m = STAMP.matcher(text);
        while (m.find()) {
            double first = Double.parseDouble(m.group(1));
            double second = Double.parseDouble(m.group(2));
            double seconds = m.group(3) == null
                    ? 60 * first + second
                    : 3600 * first + 60 * second + Double.parseDouble(m.group(3));
            stamps.add(new Stamp(m.start(), seconds));
        }
    }

    /** The stages with the minutes that were waited for, where the words say none; where they say others, they are not sure. */
    List<ReadStage> witness(List<ReadStage> stages) {
        List<ReadStage> seen = new ArrayList<>();
        for (int s = 0; s < stages.size(); s++) {
            ReadStage stage = stages.get(s);
            int to = s + 1 < stages.size() ? stages.get(s + 1).at().from() : Integer.MAX_VALUE;
            Optional<Range> waited = gap(stage.at().from(), to);
            if (waited.isEmpty() || !isCooking(stage)) {
                seen.add(stage);
            } else if (stage.minutes().isEmpty()) {
                seen.add(stage.with(waited, stage.sure()));
            } else {
                seen.add(stage.with(
                        stage.minutes(), stage.sure() && agree(stage.minutes().get(), waited.get())));
            }
        }
        return seen;
    }

    private static boolean isCooking(ReadStage stage) {
        return switch (stage.kind()) {
            case SWEAT, TOAST, FRY, RENDER, DEGLAZE, REDUCE, SIMMER, REST -> true;
            default -> false;
        };
    }

    /** A longer gap than the words say is a doubt; a shorter one is a cut. */
    private static boolean agree(Range said, Range waited) {
        return waited.low() <= said.high() * (1 + FAR_OFF);
    }

    /** The longest silence between two places of the text, in minutes; empty for none that is long. */
    private Optional<Range> gap(int from, int to) {
        double longest = 0;
        for (int i = 1; i < stamps.size(); i++) {
            if (stamps.get(i).at() > from && stamps.get(i).at() <= to) {
                longest = Math.max(
                        longest, (stamps.get(i).seconds() - stamps.get(i - 1).seconds()) / 60);
            }
        }
        return longest >= LEAST_MIN && longest <= MOST_MIN
                ? Optional.of(new Range((1 - UNSURE_SHARE) * longest, (1 + UNSURE_SHARE) * longest))
                : Optional.empty();
    }
}

package app.gradior.web.log;

import app.gradior.batch.Batch;
import app.gradior.batch.EventBody;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Judgement;
import app.gradior.measure.Numbers;
import app.gradior.room.words.Words;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;

/** How far off a batch was, and the likeliest reason, in sentences. */
final class Verdict {
    private Verdict() {}

    /** What the next day and the measured yield say against the forecast at the end; empty when nothing was found. */
    static List<String> of(Batch batch, Forecast end, Figures figures) {
        List<String> sentences = new ArrayList<>();
        batch.nextDay()
                .map(EventBody.NextDay::step)
                .ifPresent(step -> sentences.add(
                        thickness(Judgement.thickness(end, batch.plan().targetStep(), step))));
        batch.nextDay().map(EventBody.NextDay::ringMm).ifPresent(mm -> sentences.add(ring(end, mm)));
        batch.nextDay()
                .map(EventBody.NextDay::flavour)
                .filter(found -> !Words.say(found, "advice").isEmpty())
                .ifPresent(found ->
                        sentences.add("It tasted " + Words.say(found) + " cold. " + Words.say(found, "advice")));
        batch.finish().map(EventBody.Finished::yieldMl).ifPresent(ml -> sentences.add(amount(end, ml, figures)));
        return sentences;
    }

    private static String thickness(Judgement.Thickness t) {
        String thicker = t.off() > 0 ? "thicker" : "thinner";
        String why = switch (t.why()) {
            case AS_FORETOLD -> "";
            case ANOTHER_BODY ->
                "its body is " + (t.off() > 0 ? "more" : "less")
                        + " than the model took it for; the next plan of this sauce counts that in";
            case OFF_LATE -> "it came off later than its target wanted, too";
            case OFF_EARLY -> "it came off sooner than its target wanted, too";
        };
        return "When it came off, step " + Numbers.fixed(t.foretold(), 1) + " was foretold for the table; it was "
                + Numbers.fixed(t.found(), 1)
                + (why.isEmpty()
                        ? ": as well as a spoon can tell."
                        : ", " + Numbers.fixed(Math.abs(t.off()), 1) + " " + thicker
                                + (t.inBand() ? ", inside the band. " : ", outside the band. ") + "Most likely " + why
                                + ".");
    }

    private static String ring(Forecast end, double mm) {
        double foretold = Judgement.ringMm(end);
        return "The ring ran to " + Numbers.plain(mm, 0) + " mm where " + Numbers.plain(foretold, 0) + " were foretold"
                + (Judgement.ringIsOff(end, mm)
                        ? ", so it is " + (mm < foretold ? "thicker" : "thinner")
                                + " at 20 °C than the model took it for."
                        : ": as near as the ring can be read.");
    }

    private static String amount(Forecast end, double ml, Figures figures) {
        return "It gave " + figures.volume(ml) + " where "
                + figures.volume(end.volumeMl20c().middle()) + " were reckoned"
                + switch (Judgement.amount(end, ml)) {
                    case AS_FORETOLD -> ": within what a jug can tell.";
                    case LESS ->
                        ". Some stayed in pot, mill or sieve, or was tasted away; weigh-ins near the end tell which.";
                    case MORE -> ". More went in than was written, or the last weigh-in was off.";
                };
    }
}

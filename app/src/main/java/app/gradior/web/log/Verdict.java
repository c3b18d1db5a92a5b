package app.gradior.web.log;

import app.gradior.estimate.BatchStory;
import app.gradior.estimate.Forecast;
import app.gradior.kitchen.Batch;
import app.gradior.kitchen.EventBody;
import app.gradior.measure.Numbers;
import app.gradior.sauce.Overnight;
import app.gradior.texture.RingTest;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;

/** How far off a batch was, and the likeliest reason, in sentences. */
final class Verdict {
    private static final double SOME_STEP = 0.25;
    private static final double SOME_SHARE = 0.06;

    private Verdict() {}

    /** What the next day and the measured yield say against the forecast at the end; empty when nothing was found. */
    static List<String> of(Batch batch, Forecast atTheEnd, Figures figures) {
        List<String> sentences = new ArrayList<>();
        batch.nextDay().map(EventBody.NextDay::step).ifPresent(step -> sentences.add(thickness(batch, atTheEnd, step)));
        batch.nextDay().map(EventBody.NextDay::ringMm).ifPresent(mm -> sentences.add(ring(atTheEnd, mm)));
        batch.nextDay()
                .map(EventBody.NextDay::flavour)
                .map(Overnight::ofKey)
                .filter(found -> !found.advice().isEmpty())
                .ifPresent(found -> sentences.add("It tasted " + found.label() + " cold. " + found.advice()));
        batch.finish().map(EventBody.Finished::yieldMl).ifPresent(ml -> sentences.add(amount(atTheEnd, ml, figures)));
        return sentences;
    }

    private static String thickness(Batch batch, Forecast end, double step) {
        double foretold = end.stepServed().middle();
        double off = step - foretold;
        String said = "When it came off, step " + Numbers.fixed(foretold, 1) + " was foretold for the table; it was "
                + Numbers.fixed(step, 1);
        if (Double.isNaN(foretold) || Math.abs(off) < SOME_STEP) {
            return said + ": as well as a spoon can tell.";
        }
        String thicker = off > 0 ? "thicker" : "thinner";
        boolean inBand =
                step >= end.stepServed().low() && step <= end.stepServed().high();
        boolean pulledRight = Math.abs(foretold - batch.plan().targetStep()) < SOME_STEP;
        String why = pulledRight
                ? "its body is " + (off > 0 ? "more" : "less")
                        + " than the model took it for; the next plan of this sauce counts that in"
                : "it came off " + (foretold > batch.plan().targetStep() ? "later" : "sooner")
                        + " than its target wanted, too";
        return said + ", " + Numbers.fixed(Math.abs(off), 1) + " " + thicker
                + (inBand ? ", inside the band. " : ", outside the band. ") + "Most likely " + why + ".";
    }

    private static String ring(Forecast end, double mm) {
        double foretold = RingTest.radiusMm(end.likely().mixture(), end.likelyBody(), RingTest.PLATE_C);
        String said = "The ring ran to " + Numbers.plain(mm, 0) + " mm where " + Numbers.plain(foretold, 0)
                + " were foretold";
        double off = mm - foretold;
        if (!(Math.abs(off) >= BatchStory.Kind.RING.sd(mm))) {
            return said + ": as near as the ring can be read.";
        }
        return said + ", so it is " + (off < 0 ? "thicker" : "thinner") + " at 20 °C than the model took it for.";
    }

    private static String amount(Forecast end, double ml, Figures figures) {
        double foretold = end.volumeMl20c().middle();
        double off = ml / foretold - 1;
        String said = "It gave " + figures.volume(ml) + " where " + figures.volume(foretold) + " were reckoned";
        if (Math.abs(off) < SOME_SHARE) {
            return said + ": within what a jug can tell.";
        }
        return said + ". "
                + (off < 0
                        ? "Some stayed in pot, mill or sieve, or was tasted away; weigh-ins near the end tell which."
                        : "More went in than was written, or the last weigh-in was off.");
    }
}

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
                .ifPresent(found -> sentences.add(
                        Words.text("verdict.it-tasted-cold", Words.say(found), Words.say(found, "advice"))));
        batch.finish().map(EventBody.Finished::yieldMl).ifPresent(ml -> sentences.add(amount(end, ml, figures)));
        return sentences;
    }

    private static String thickness(Judgement.Thickness t) {
        String thicker = Words.text(t.off() > 0 ? "verdict.thicker" : "verdict.thinner");
        String why = switch (t.why()) {
            case AS_FORETOLD -> "";
            case ANOTHER_BODY ->
                Words.text(
                        "verdict.its-body-is-than-the-model",
                        (t.off() > 0 ? Words.text("verdict.more") : Words.text("verdict.less")));
            case OFF_LATE -> Words.text("verdict.it-came-off-later-than-its");
            case OFF_EARLY -> Words.text("verdict.it-came-off-sooner-than-its");
        };
        return Words.text(
                "verdict.when-it-came-off-step-was",
                Numbers.fixed(t.foretold(), 1),
                Numbers.fixed(t.found(), 1),
                (why.isEmpty()
                        ? Words.text("verdict.as-well-as-a-spoon-can")
                        : Words.text(
                                "verdict.most-likely",
                                Numbers.fixed(Math.abs(t.off()), 1),
                                thicker,
                                (t.inBand()
                                        ? Words.text("verdict.inside-the-band") + " "
                                        : Words.text("verdict.outside-the-band") + " "),
                                why)));
    }

    private static String ring(Forecast end, double mm) {
        double foretold = Judgement.ringMm(end);
        return Words.text(
                "verdict.the-ring-ran-to-mm-where",
                Numbers.plain(mm, 0),
                Numbers.plain(foretold, 0),
                (Judgement.ringIsOff(end, mm)
                        ? Words.text(
                                "verdict.so-it-is-at-c-than",
                                (mm < foretold ? Words.text("verdict.thicker") : Words.text("verdict.thinner")))
                        : Words.text("verdict.as-near-as-the-ring-can")));
    }

    private static String amount(Forecast end, double ml, Figures figures) {
        return Words.text(
                "verdict.it-gave-where-were-reckoned",
                figures.volume(ml),
                figures.volume(end.volumeMl20c().middle()),
                switch (Judgement.amount(end, ml)) {
                    case AS_FORETOLD -> Words.text("verdict.within-what-a-jug-can-tell");
                    case LESS -> Words.text("verdict.some-stayed-in-pot-mill-or");
                    case MORE -> Words.text("verdict.more-went-in-than-was-written");
                });
    }
}

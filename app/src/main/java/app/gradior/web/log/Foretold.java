package app.gradior.web.log;

import app.gradior.batch.Batch;
import app.gradior.batch.EventBody;
import app.gradior.estimate.Forecast;
import app.gradior.measure.Numbers;
import app.gradior.room.words.Words;
import app.gradior.web.draw.DescentDrawing;
import app.gradior.web.frame.Figures;
import app.gradior.web.pot.EventWords;
import java.util.ArrayList;
import java.util.List;

/**
 * A finished batch's curve with the bands it was foretold with, and the same in figures.
 *
 * @param curve the drawing
 * @param rows what was foretold when, and last what came
 */
record Foretold(String curve, List<Row> rows) {
    Foretold {
        rows = List.copyOf(rows);
    }

    /** What was foretold at a moment. */
    record Row(String when, String minutes, String yield, String step) {}

    /** @param known as {@link app.gradior.web.frame.Forecasts#lookingBack} has it */
    static Foretold of(Batch batch, List<Forecast> known, Figures figures) {
        Forecast end = known.get(known.size() - 1);
        List<Forecast> before = known.subList(0, known.size() - 1);
        List<Row> rows = new ArrayList<>();
        for (Forecast then : before) {
            rows.add(row(then, figures));
        }
        rows.add(new Row(
                Words.text("foretold.as-it-came"),
                figures.minutes(end.nowMinute()),
                batch.finish()
                        .map(EventBody.Finished::yieldMl)
                        .map(figures::volume)
                        .orElse(Words.text(
                                "foretold.about",
                                figures.volume(end.volumeMl20c().middle()))),
                batch.nextDay()
                        .map(EventBody.NextDay::step)
                        .map(figures::step)
                        .orElse(Words.text(
                                "foretold.about", figures.step(end.stepServed().middle())))));
        return new Foretold(curve(batch, end, before, figures), rows);
    }

    private static Row row(Forecast then, Figures figures) {
        String when = then.nowMinute() < 1
                ? Words.text("foretold.at-the-start")
                : Words.text("foretold.after", figures.minutes(then.nowMinute()));
        return then.finish()
                .map(f -> new Row(
                        when,
                        figures.minutesBand(f.minute(), f.highIsOpen()),
                        figures.volumeBand(f.volumeMl20c()),
                        Words.text(
                                "foretold.to",
                                figures.step(f.stepServed().low()),
                                figures.step(f.stepServed().high()))))
                .orElseGet(() -> new Row(when, Words.text("foretold.out-of-reach"), "—", "—"));
    }

    private static String curve(Batch batch, Forecast end, List<Forecast> before, Figures figures) {
        double last = end.nowMinute();
        List<Forecast.CurvePoint> past = new ArrayList<>(end.curve().stream()
                .filter(point -> point.minute() <= last + 1e-6)
                .toList());
        List<List<Forecast.CurvePoint>> bands = before.stream()
                .map(then -> then.curve().stream()
                        .filter(point -> point.minute() >= then.nowMinute() - 1e-9)
                        .toList())
                .toList();
        return DescentDrawing.draw(
                past,
                bands,
                last + 1,
                Double.NaN,
                EventWords.ticks(batch),
                minute -> Numbers.plain(minute, 0) + " min",
                Words.text(
                        "foretold.mass-in-the-pot-over-time",
                        figures.mass(end.massG().middle())));
    }
}

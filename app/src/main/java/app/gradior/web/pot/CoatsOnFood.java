package app.gradior.web.pot;

import app.gradior.batch.Batch;
import app.gradior.batch.NextCoat;
import app.gradior.batch.OnFood;
import app.gradior.measure.Numbers;
import app.gradior.room.words.Words;
import app.gradior.web.frame.Figures;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The coats of a sauce that is brushed on food, as the Pot shows them.
 *
 * @param food what it is
 * @param table what is set aside for the table; empty for nothing
 * @param sendG grams that the next coat takes, as its button sends them; empty when all are on
 */
public record CoatsOnFood(String food, String table, List<Row> rows, String sendG) {
    public CoatsOnFood {
        rows = List.copyOf(rows);
    }

    /**
     * One coat.
     *
     * @param when in words
     * @param state done, next or later
     * @param untilMillis when it is due, for the clock of the next one; 0 when nobody knows, or for another
     */
    public record Row(int number, String grams, String when, String state, long untilMillis) {}

    static Optional<CoatsOnFood> of(Batch batch, Figures figures) {
        OnFood food = batch.plan().onFood();
        if (food == null) {
            return Optional.empty();
        }
        List<Instant> on = batch.folded().coats();
        Optional<NextCoat> next = NextCoat.of(batch);
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < food.coats().size(); i++) {
            OnFood.Coat coat = food.coats().get(i);
            String grams = figures.mass(coat.grams());
            if (i < on.size()) {
                rows.add(new Row(i + 1, grams, Words.text("coats.on-at", figures.time(on.get(i))), "done", 0));
            } else if (i == on.size()) {
                rows.add(next(next.orElseThrow(), grams, figures));
            } else {
                rows.add(new Row(i + 1, grams, Words.text("coats.after", food.waitMin(i)), "later", 0));
            }
        }
        return Optional.of(new CoatsOnFood(
                Words.say(food.food()),
                food.tableG() > 0 ? figures.mass(food.tableG()) : "",
                rows,
                next.map(n -> Numbers.plain(Math.max(0.1, n.coat().grams()), 1).replace(",", ""))
                        .orElse("")));
    }

    private static Row next(NextCoat next, String grams, Figures figures) {
        return new Row(
                next.number(),
                grams,
                next.at()
                        .map(at -> Words.text("coats.at", figures.time(at)))
                        .orElseGet(() ->
                                Words.text("coats.before-done", next.coat().beforeDoneMin())),
                "next",
                next.at().map(Instant::toEpochMilli).orElse(0L));
    }
}

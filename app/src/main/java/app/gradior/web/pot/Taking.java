package app.gradior.web.pot;

import app.gradior.batch.EventBody;
import app.gradior.batch.IngredientInput;
import app.gradior.finding.Refusal;
import app.gradior.larder.StarchKind;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Pressing;
import app.gradior.rescue.Handling;
import app.gradior.rescue.Move;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A way to put a sauce right, as one tap sends it and as the batch records it. */
public final class Taking {
    private static final String BETWEEN = ";";
    private static final int MOST_MOVES = 6;
    private static final double LEAST = 1e-6;

    private Taking() {}

    /** The moves as a button's value: "away:0.2;add:water:120;thicken:maize:8;reduce:100". */
    public static String of(List<Move> moves) {
        List<String> words = new ArrayList<>();
        for (Move move : moves) {
            String amount = String.format(Locale.ROOT, "%.4f", move.amount());
            words.add(
                    move instanceof Move.Add add
                            ? "add:" + add.food().id() + ":" + amount
                            : move instanceof Move.Thicken thicken
                                    ? "thicken:" + thicken.starch().key() + ":" + amount
                                    : move.getClass().getSimpleName().toLowerCase(Locale.ROOT) + "::" + amount);
        }
        return String.join(BETWEEN, words);
    }

    /** What is done by hand, as a button's value; empty for what leaves no mark in the pot. */
    public static String of(Handling handling, List<Move> adds) {
        return handling.tool()
                .map(tool -> tool == Pressing.BLENDED ? "blend::1" : "sieve::1")
                .orElse(of(adds));
    }

    /**
     * What a batch records of it.
     *
     * @param massG in the pot now, g
     * @throws Refusal when the words are none of ours
     */
    static List<EventBody> events(String way, double massG, Figures figures) {
        List<EventBody> events = new ArrayList<>();
        String[] moves = way.split(BETWEEN);
        if (moves.length > MOST_MOVES) {
            throw none(way);
        }
        for (String move : moves) {
            String[] parts = move.split(":", -1);
            double amount = parts.length == 3 ? Numbers.parse(parts[2]).orElse(Double.NaN) : Double.NaN;
            if (!(amount > LEAST && amount < 1e5)) {
                throw none(way);
            }
            events.add(
                    switch (parts[0]) {
                        case "add" -> new EventBody.Added(List.of(new IngredientInput(null, parts[1], amount)));
                        case "thicken" -> {
                            Move.Thicken thicken =
                                    new Move.Thicken(Refusal.checked("way", () -> StarchKind.ofKey(parts[1])), amount);
                            yield new EventBody.Slurry(thicken.starch(), amount, thicken.waterG());
                        }
                        case "pouraway" -> new EventBody.Taken(amount * massG, null);
                        case "skim" -> new EventBody.Note(Words.text("taking.skimmed", figures.mass(amount)));
                        case "reduce" -> new EventBody.Note(Words.text("taking.reduce", figures.mass(amount)));
                        case "blend" -> new EventBody.Blended();
                        case "sieve" -> new EventBody.Sieved(false, null);
                        default -> throw none(way);
                    });
        }
        return events;
    }

    private static Refusal none(String way) {
        return Refusal.unfit("way", Told.of("taking.not-a-way", way));
    }
}

package app.gradior.room.plan;

import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.room.book.StageDraft;
import app.gradior.room.words.Words;
import java.util.List;

/** What a stage is called that lifts pieces out or puts them back. */
final class PieceTitle {
    private static final int LONGEST = 120;

    private PieceTitle() {}

    /** The cook's title; without one "Take out the bay leaf" where it moves pieces, else empty. */
    static String of(StageDraft stage, List<LineReading> readings) {
        List<Food> foods = stage.working().lines().stream()
                .filter(line -> line < readings.size())
                .flatMap(line -> readings.get(line).food().stream())
                .toList();
        if (!stage.title().isBlank() || !stage.kind().movesPieces() || foods.isEmpty()) {
            return stage.title();
        }
        String title = Words.text("piece-title.of", stage.kind(), foods);
        return title.length() > LONGEST ? title.substring(0, LONGEST - 2) + "…" : title;
    }
}

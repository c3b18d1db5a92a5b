package app.gradior.web.print;

import app.gradior.care.CareTopic;
import app.gradior.room.words.Language;
import app.gradior.room.words.Units;
import app.gradior.room.words.Words;
import java.util.List;

/** What to do when it has happened, and the numbers to know, on one sheet to hang up beside the stove. */
final class WallSheet {
    private static final double LEFT_MM = 18;
    private static final double TITLE_PT = 24;
    private static final double HEAD_PT = 17;
    private static final double TEXT_PT = 13.5;
    private static final double MM_PER_POINT = 25.4 / 72;
    private static final double LEADING = 1.32;

    /** What a cook does at once, in the order of how little time there is. */
    private static final List<CareTopic> AT_ONCE = List.of(
            CareTopic.BURNT_SKIN,
            CareTopic.FAT_FIRE,
            CareTopic.SPIRIT_FLAMES,
            CareTopic.WHOLE_PIECES,
            CareTopic.ALLERGENS,
            CareTopic.STINGING_VAPOUR);

    private static final List<String> NUMBERS = List.of("cooling", "hot", "fridge", "full", "raw", "shelf");

    private final Sheet sheet;
    private double y = 22;

    private WallSheet(Sheet sheet) {
        this.sheet = sheet;
    }

    static byte[] draw(boolean letter, Units units) {
        try (Sheet sheet = new Sheet(letter)) {
            new WallSheet(sheet).all(units);
            return sheet.bytes();
        }
    }

    private void all(Units units) {
        written(TITLE_PT, true, Words.text("paper.care"));
        for (CareTopic topic : AT_ONCE) {
            headed(Words.say(topic), Words.say(topic, "happened", units));
        }
        y += 3;
        sheet.line(LEFT_MM, y, sheet.widthMm() - LEFT_MM, y, 0.4);
        y += 7;
        written(HEAD_PT, true, Words.text("paper.care.numbers"));
        for (String number : NUMBERS) {
            written(TEXT_PT, false, Words.in(Language.now(), units).byKey("paper.care." + number));
        }
        y += 3;
        written(TEXT_PT, true, Words.text("paper.care.once"));
    }

    private void headed(String head, String text) {
        y += 2.5;
        written(HEAD_PT, true, head);
        written(TEXT_PT, false, text);
    }

    /** A paragraph, as many lines as it takes. */
    private void written(double points, boolean heavy, String text) {
        double wide = sheet.widthMm() - 2 * LEFT_MM;
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (sheet.textMm(longer, points, heavy) > wide && !line.isEmpty()) {
                put(points, heavy, line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        put(points, heavy, line.toString());
    }

    private void put(double points, boolean heavy, String line) {
        sheet.text(LEFT_MM, y, points, heavy, line);
        y += points * MM_PER_POINT * LEADING;
    }
}

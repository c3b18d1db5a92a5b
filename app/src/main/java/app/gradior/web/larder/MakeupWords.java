package app.gradior.web.larder;

import app.gradior.larder.CellStarch;
import app.gradior.larder.Food;
import app.gradior.larder.Makeup;
import app.gradior.larder.PectinClass;
import app.gradior.larder.SolidFat;
import app.gradior.measure.Numbers;
import app.gradior.room.words.Words;
import java.util.ArrayList;
import java.util.List;

/** What of a food's makeup matters to a sauce, as its page says it. */
final class MakeupWords {
    private static final double WORTH_TELLING_G = 0.05;

    private MakeupWords() {}

    static List<String> of(Food food) {
        Makeup m = food.makeup();
        List<String> said = new ArrayList<>();
        grams(said, "hexoses", m.hexoses());
        grams(said, "lactose", m.lactose());
        grams(said, "protein", m.protein());
        grams(said, "gelatine", m.gelatine());
        if (m.cells() != CellStarch.NONE) {
            said.add(Words.text(
                    "makeup-words.cell-starch", Numbers.plain(m.cellStarch(), 1), Words.say(m.cells(), "makeup")));
        }
        if (m.softensMin() > 0) {
            said.add(Words.text("makeup-words.softens", Math.round(m.softensMin())));
        }
        if (m.pectin() != PectinClass.NONE) {
            said.add(Words.say(m.pectin(), "makeup"));
        }
        if (m.solidFat() != SolidFat.NONE) {
            said.add(Words.text(
                    "makeup-words.solid-fat", Math.round(100 * m.solidFat().solidShare(10))));
        }
        return said;
    }

    private static void grams(List<String> said, String what, double grams) {
        if (grams >= WORTH_TELLING_G) {
            said.add(Words.text("makeup-words." + what, Numbers.plain(grams, 1)));
        }
    }
}

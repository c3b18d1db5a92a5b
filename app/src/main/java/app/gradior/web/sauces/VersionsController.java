package app.gradior.web.sauces;

import app.gradior.kept.Utc;
import app.gradior.measure.Numbers;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.SauceVersion;
import app.gradior.room.book.StageDraft;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Words;
import app.gradior.texture.Stair;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The versions of a sauce, and two of them side by side. */
@Controller
@RequestMapping("/sauces/{id}/versions")
class VersionsController {
    private final SauceBook book;

    VersionsController(SauceBook book) {
        this.book = book;
    }

    /** A version of the list. */
    record Entry(int version, String saved, String name) {}

    /** A row of the comparison: what one has, what the other has, whether they differ. */
    record Pair(String one, String other, boolean differs) {}

    @GetMapping
    String versions(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam(defaultValue = "0") int a,
            @RequestParam(defaultValue = "0") int b,
            Model model) {
        SauceBook.Sauce newest = book.sauce(kitchen, id);
        Figures figures = new Figures(kitchen);
        List<SauceVersion> rows = book.versions(kitchen.id(), id);
        int second = b > 0 ? b : newest.version();
        int first = a > 0 ? a : Math.max(1, second - 1);
        model.addAttribute(
                "versions",
                rows.stream()
                        .map(row ->
                                new Entry(row.version(), figures.dayAndTime(Utc.instant(row.savedAt())), row.name()))
                        .toList());
        model.addAttribute("sauce", newest);
        model.addAttribute("a", first);
        model.addAttribute("b", second);
        model.addAttribute(
                "pairs",
                compared(
                        words(book.version(kitchen, id, first).draft(), figures),
                        words(book.version(kitchen, id, second).draft(), figures)));
        return "sauces/versions";
    }

    /** A version as lines that can be laid beside another's. */
    private static List<String> words(SauceBook.Draft draft, Figures figures) {
        List<String> words = new ArrayList<>();
        words.add(draft.name());
        words.add(Words.text(
                "versions-controller.wanted-at",
                Numbers.plain(draft.targetStep(), 1),
                Words.say(Stair.Tread.of(draft.targetStep())),
                figures.temp(draft.servedC()),
                Words.say(draft.texture())));
        for (Lines.Typed line : draft.lines()) {
            Double massG = line.massG();
            words.add(line.text()
                    + (massG == null
                            ? ""
                            : " " + Words.text("versions-controller.corrected-to-g", Numbers.plain(massG, 1))));
        }
        for (StageDraft stage : draft.stages()) {
            words.add(Words.text(
                    "versions-controller.stage",
                    Words.say(stage.kind()),
                    Words.say(stage.end()),
                    Numbers.plain(stage.value(), 2)));
        }
        if (!draft.notes().isBlank()) {
            words.add(Words.text("versions-controller.notes", draft.notes().strip()));
        }
        return words;
    }

    /** The longest common run of lines keeps its place; what is only in one stands alone. */
    static List<Pair> compared(List<String> one, List<String> other) {
        int[][] common = new int[one.size() + 1][other.size() + 1];
        for (int i = one.size() - 1; i >= 0; i--) {
            for (int j = other.size() - 1; j >= 0; j--) {
                common[i][j] = one.get(i).equals(other.get(j))
                        ? common[i + 1][j + 1] + 1
                        : Math.max(common[i + 1][j], common[i][j + 1]);
            }
        }
        List<Pair> pairs = new ArrayList<>();
        int i = 0;
        int j = 0;
        while (i < one.size() || j < other.size()) {
            if (i < one.size() && j < other.size() && one.get(i).equals(other.get(j))) {
                pairs.add(new Pair(one.get(i++), other.get(j++), false));
            } else if (j >= other.size() || i < one.size() && common[i + 1][j] >= common[i][j + 1]) {
                pairs.add(new Pair(one.get(i++), "", true));
            } else {
                pairs.add(new Pair("", other.get(j++), true));
            }
        }
        return pairs;
    }
}

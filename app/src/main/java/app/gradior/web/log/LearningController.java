package app.gradior.web.log;

import app.gradior.kept.Utc;
import app.gradior.measure.Numbers;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.SauceVersion;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.Equipment;
import app.gradior.room.kit.KeptLesson;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.kit.Lessons;
import app.gradior.room.words.Words;
import app.gradior.web.draw.LearningDrawing;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What batches taught of pairs and sauces, with the batches behind it; any of them can be left out. */
@Controller
@RequestMapping("/log/learning")
class LearningController {
    private final Lessons lessons;
    private final KitchenKit kit;
    private final SauceBook book;

    LearningController(Lessons lessons, KitchenKit kit, SauceBook book) {
        this.lessons = lessons;
        this.kit = kit;
        this.book = book;
    }

    /** A pair or a sauce. */
    record Taught(String name, String factor, String spread, String behind) {}

    /** A batch behind it. */
    record Behind(long id, String name, String day, String took, String foretold, String off, boolean counted) {}

    @GetMapping
    String page(@ModelAttribute("kitchen") Kitchen kitchen, Model model) {
        Figures figures = new Figures(kitchen);
        Equipment ware = kit.ware(kitchen.id());
        Map<Long, String> names = new HashMap<>();
        for (SauceVersion sauce : book.sauces(kitchen.id())) {
            names.put(sauce.id(), sauce.name());
        }
        List<LearningDrawing.Point> points = points(ware.lessons());
        model.addAttribute("batches", behind(ware.lessons(), names, figures));
        model.addAttribute("pairs", pairs(ware));
        model.addAttribute("bodies", bodies(ware, names));
        model.addAttribute("hands", hands(ware));
        model.addAttribute("saying", LearningDrawing.saying(points));
        model.addAttribute("chart", LearningDrawing.draw(points));
        return "log/learning";
    }

    private static List<Taught> pairs(Equipment ware) {
        List<Taught> taught = new ArrayList<>();
        for (KitchenKit.KitPot pot : ware.pots()) {
            for (KitBurner burner : ware.burners()) {
                Equipment.Known known = ware.pair(pot, Optional.of(burner));
                if (known.any()) {
                    taught.add(taught(Words.text("learning-controller.on", pot.name(), burner.name()), known));
                }
            }
        }
        return taught;
    }

    private static List<Taught> bodies(Equipment ware, Map<Long, String> names) {
        List<Taught> taught = new ArrayList<>();
        names.forEach((id, name) -> {
            Equipment.Known known = ware.body(id);
            if (known.any()) {
                taught.add(taught(name, known));
            }
        });
        taught.sort(java.util.Comparator.comparing(Taught::name));
        return taught;
    }

    /** How the cook's own hand reads: steps for what is looked at, shares of the time for what is timed. */
    private static List<Taught> hands(Equipment ware) {
        List<Taught> taught = new ArrayList<>();
        ware.hands()
                .forEach((kind, hand) -> taught.add(new Taught(
                        Words.say(kind),
                        HandWords.bias(kind, hand),
                        HandWords.spread(kind, hand),
                        ""
                                + ware.handLessons().stream()
                                        .filter(row -> row.kind() == kind)
                                        .count())));
        return taught;
    }

    private static Taught taught(String name, Equipment.Known known) {
        String tests = known.tests() == 0 ? "" : " " + Words.text("learning-controller.and-by-water", known.tests());
        return new Taught(
                name,
                "× " + Numbers.fixed(known.learnt().factor(), 2),
                Numbers.plain(100 * known.learnt().logSd(), 0) + " %",
                known.batches() + tests);
    }

    private static List<Behind> behind(List<KeptLesson> rows, Map<Long, String> names, Figures figures) {
        List<Behind> behind = new ArrayList<>();
        for (KeptLesson row : rows) {
            Long sauce = row.sauceId();
            Double foretold = row.foretoldMin();
            Double low = row.foretoldLowMin();
            Double high = row.foretoldHighMin();
            double off = foretold == null ? Double.NaN : 100 * (foretold - row.tookMin()) / row.tookMin();
            behind.add(new Behind(
                    row.batchId(),
                    sauce == null
                            ? Words.text("learning-controller.batch", row.batchId())
                            : names.getOrDefault(sauce, "Batch " + row.batchId()),
                    figures.dayAndTime(Utc.instant(row.finishedAt())),
                    figures.minutes(row.tookMin()),
                    foretold == null || low == null || high == null
                            ? "—"
                            : Words.text(
                                    "learning-controller.to",
                                    figures.minutes(foretold),
                                    Numbers.plain(low, 0),
                                    Numbers.plain(high, 0)),
                    Double.isNaN(off) ? "—" : Figures.offPercent(off),
                    row.counted()));
        }
        return behind;
    }

    /** How well each batch was foretold, by how many of its sauce came before it. */
    private static List<LearningDrawing.Point> points(List<KeptLesson> newestFirst) {
        Map<Long, Integer> before = new HashMap<>();
        List<LearningDrawing.Point> points = new ArrayList<>();
        for (int i = newestFirst.size() - 1; i >= 0; i--) {
            KeptLesson row = newestFirst.get(i);
            Long sauce = row.sauceId();
            Double foretold = row.foretoldMin();
            Double unlearnt = row.unlearntMin();
            Double low = row.foretoldLowMin();
            Double high = row.foretoldHighMin();
            if (sauce == null || foretold == null || unlearnt == null || low == null || high == null) {
                continue;
            }
            int n = before.merge(sauce, 1, Integer::sum) - 1;
            points.add(new LearningDrawing.Point(
                    n,
                    Math.abs(foretold - row.tookMin()) / row.tookMin(),
                    Math.abs(unlearnt - row.tookMin()) / row.tookMin(),
                    (high - low) / row.tookMin()));
        }
        return points;
    }

    @PostMapping("/{id}")
    String count(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, @RequestParam boolean counted) {
        lessons.count(kitchen.id(), id, counted);
        return "redirect:/log/learning";
    }
}

package app.gradior.web.sauces;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.kept.Utc;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.MeasureSystem;
import app.gradior.measure.Numbers;
import app.gradior.measure.WrittenIn;
import app.gradior.room.book.LastCooked;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.SauceVersion;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.larder.Larder;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.FoodNames;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.Outline;
import app.gradior.sauce.School;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.Use;
import app.gradior.texture.Stair;
import app.gradior.web.frame.Figures;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** The cook's book: the list, and one sauce as typed lines and stages beside what was understood. */
@Controller
@RequestMapping("/sauces")
class SaucesController {
    private final SauceBook book;
    private final Lines lines;
    private final Larder larder;
    private final KitchenKit kit;

    SaucesController(SauceBook book, Lines lines, Larder larder, KitchenKit kit) {
        this.book = book;
        this.lines = lines;
        this.larder = larder;
        this.kit = kit;
    }

    /** A sauce in the list. */
    record Entry(
            long id,
            String name,
            String target,
            String cooked,
            List<String> tags,
            @Nullable LocalDateTime lastAt) {}

    @GetMapping
    String list(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String tag,
            @RequestParam(defaultValue = "name") String sort,
            Model model) {
        Figures figures = new Figures(kitchen);
        Map<Long, LastCooked> cooked = book.cooked(kitchen.id());
        List<SauceVersion> all = book.sauces(kitchen.id());
        Set<String> tags = new TreeSet<>();
        all.forEach(row -> tags.addAll(tagsOf(row)));
        List<Entry> entries = new ArrayList<>(all.stream()
                .filter(row ->
                        row.name().toLowerCase(Locale.ROOT).contains(q.strip().toLowerCase(Locale.ROOT))
                                || row.tags()
                                        .toLowerCase(Locale.ROOT)
                                        .contains(q.strip().toLowerCase(Locale.ROOT)))
                .filter(row -> tag.isEmpty() || tagsOf(row).contains(tag))
                .map(row -> entry(row, cooked.get(row.id()), figures))
                .toList());
        if (sort.equals("cooked")) {
            entries.sort(Comparator.comparing(
                    Entry::lastAt, Comparator.nullsLast(Comparator.<LocalDateTime>reverseOrder())));
        }
        model.addAttribute("sauces", entries);
        model.addAttribute("any", !all.isEmpty());
        model.addAttribute("tags", tags);
        model.addAttribute("q", q);
        model.addAttribute("tag", tag);
        model.addAttribute("sort", sort);
        model.addAttribute("outlines", Outline.values());
        return "sauces/list";
    }

    private static List<String> tagsOf(SauceVersion row) {
        List<String> tags = new ArrayList<>();
        for (String tag : row.tags().split(",")) {
            if (!tag.isBlank()) {
                tags.add(tag.strip().toLowerCase(Locale.ROOT));
            }
        }
        return tags;
    }

    private static Entry entry(SauceVersion row, @Nullable LastCooked cooked, Figures figures) {
        String target = Words.text(
                "sauces-controller.at",
                Numbers.plain(row.targetStep(), 1),
                Words.say(Stair.Tread.of(row.targetStep())),
                figures.temp(row.servedC()));
        String when = cooked == null
                ? Words.text("sauces-controller.never-cooked")
                : Words.text(
                        "sauces-controller.cooked-last",
                        cooked.batches(),
                        (cooked.batches() == 1 ? " time" : " times"),
                        figures.day(Utc.instant(cooked.lastAt())));
        return new Entry(row.id(), row.name(), target, when, tagsOf(row), cooked == null ? null : cooked.lastAt());
    }

    @GetMapping("/new")
    String blank(
            @ModelAttribute("kitchen") Kitchen kitchen, @RequestParam(defaultValue = "") String outline, Model model) {
        Optional<Outline> chosen = java.util.Arrays.stream(Outline.values())
                .filter(o -> o.name().equalsIgnoreCase(outline))
                .findFirst();
        return page(kitchen, model, SauceForm.blank(new Figures(kitchen), chosen), List.of());
    }

    @GetMapping("/{id}")
    String edit(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam(required = false) @Nullable Integer from,
            Model model) {
        SauceBook.Sauce sauce = book.sauce(kitchen, id);
        SauceBook.Draft draft =
                from == null ? sauce.draft() : book.version(kitchen, id, from).draft();
        model.addAttribute("from", from);
        Catalogue catalogue = lines.catalogue(kitchen);
        return page(
                kitchen, model, SauceForm.of(id, sauce.version(), draft, catalogue, new Figures(kitchen)), List.of());
    }

    /** Understood lines of a form that is being typed, as a piece of the page. */
    @PostMapping("/read")
    String read(@ModelAttribute("kitchen") Kitchen kitchen, HttpServletRequest request, Model model) {
        fill(kitchen, model, SauceForm.of(request));
        return "sauces/understood";
    }

    /** From now on the words of this line mean the food the cook picked. */
    @PostMapping("/remember")
    @ResponseBody
    String remember(@ModelAttribute("kitchen") Kitchen kitchen, @RequestParam String text, @RequestParam String food) {
        Food picked = FoodNames.named(lines.catalogue(kitchen), food)
                .orElseThrow(() -> Refusal.unfit("food", Told.of("sauces-controller.pick-a-food-of-the-larder")));
        String words = lines.foodWords(kitchen, text);
        larder.remember(kitchen, words, picked.id());
        return Words.text("sauces-controller.remembered-is-in-your-kitchen", words, picked.name());
    }

    @PostMapping
    String save(
            @ModelAttribute("kitchen") Kitchen kitchen,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        SauceForm form = SauceForm.of(request);
        List<Fault> faults = new ArrayList<>();
        SauceBook.Draft draft = form.draft(new Understands(lines, kitchen), new Figures(kitchen), faults);
        faults.addAll(book.faults(kitchen, draft));
        if (faults.isEmpty()) {
            try {
                return "redirect:/sauces/" + book.save(kitchen, form.id(), form.version(), draft) + "?saved";
            } catch (Refusal refusal) {
                if (refusal.kind() == Refusal.Kind.MISSING) {
                    throw refusal;
                }
                faults.addAll(refusal.faults());
            }
        }
        response.setStatus(422);
        return page(kitchen, model, form, faults);
    }

    String page(Kitchen kitchen, Model model, SauceForm form, List<Fault> faults) {
        fill(kitchen, model, form);
        model.addAttribute("faults", faults);
        model.addAttribute("foods", lines.foodNames(kitchen));
        model.addAttribute("treads", Stair.Tread.values());
        model.addAttribute("uses", Use.values());
        model.addAttribute("kinds", StageKind.values());
        model.addAttribute("ends", EndKind.values());
        model.addAttribute("looks", Look.values());
        model.addAttribute("lids", LidState.values());
        model.addAttribute("schools", School.values());
        model.addAttribute("outlines", Outline.values());
        return "sauces/edit";
    }

    private static String says(WrittenIn guess) {
        return Words.text(
                "sauces-controller.as-its-words-say", Words.say(guess.system()), String.join(", ", guess.because()));
    }

    private void fill(Kitchen kitchen, Model model, SauceForm form) {
        SauceView view = new SauceView(lines, kitchen, form.writtenIn(kitchen));
        model.addAttribute("form", form);
        model.addAttribute("written", form.guess().map(SaucesController::says).orElse(""));
        model.addAttribute("systems", MeasureSystem.values());
        model.addAttribute("rows", view.rows(form));
        Figures figures = new Figures(kitchen);
        model.addAttribute(
                "sentences",
                form.stages().stream()
                        .map(row -> StageSentence.of(row, figures))
                        .toList());
        SauceBook.Draft draft = form.draft(new Understands(lines, kitchen), figures, new ArrayList<>());
        model.addAttribute("whole", view.whole(draft, kit.pots(kitchen.id())));
    }
}

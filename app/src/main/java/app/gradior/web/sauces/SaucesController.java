package app.gradior.web.sauces;

import app.gradior.kitchen.Fault;
import app.gradior.kitchen.Kitchen;
import app.gradior.kitchen.Lines;
import app.gradior.kitchen.Refusal;
import app.gradior.kitchen.SauceBook;
import app.gradior.larder.Allergen;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Texture;
import app.gradior.store.Rows.SauceRow;
import app.gradior.texture.Consistency;
import app.gradior.texture.Stair;
import app.gradior.web.frame.Figures;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** The cook's book: the list, and one sauce as typed lines beside what was understood. */
@Controller
@RequestMapping("/sauces")
class SaucesController {
    private static final int SPARE_LINES = 3;
    private static final int MOST_LINES = 80;

    private final SauceBook book;
    private final Lines lines;

    SaucesController(SauceBook book, Lines lines) {
        this.book = book;
        this.lines = lines;
    }

    /** A sauce in the list. */
    record Entry(long id, String name, String target, String saved) {}

    /** A line of the form: as typed, as corrected, as understood. */
    record Row(
            int index,
            String text,
            String food,
            String grams,
            String understood,
            String mass,
            String spread,
            String sureness,
            String remark) {}

    /** The form as it stands. */
    record Form(long id, int version, String name, String texture, String step, String servedC, String notes) {}

    @GetMapping
    String list(@ModelAttribute("kitchen") Kitchen kitchen, Model model) {
        Figures figures = new Figures(kitchen);
        model.addAttribute(
                "sauces",
                book.sauces(kitchen.id()).stream()
                        .map(row -> entry(row, figures))
                        .toList());
        return "sauces/list";
    }

    private static Entry entry(SauceRow row, Figures figures) {
        String target = Numbers.plain(row.targetStep(), 1) + " "
                + Stair.Tread.of(row.targetStep()).label() + " at " + figures.temp(row.servedC());
        return new Entry(row.id(), row.name(), target, figures.day(row.savedAt().toInstant(java.time.ZoneOffset.UTC)));
    }

    @GetMapping("/new")
    String blank(@ModelAttribute("kitchen") Kitchen kitchen, Model model) {
        Form form = new Form(0, 0, "", Texture.SMOOTH.name(), "5", new Figures(kitchen).degrees(20), "");
        return page(kitchen, model, form, List.of(), List.of());
    }

    @GetMapping("/{id}")
    String edit(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, Model model) {
        SauceBook.Sauce sauce = book.sauce(kitchen, id);
        SauceBook.Draft draft = sauce.draft();
        Form form = new Form(
                id,
                sauce.version(),
                draft.name(),
                draft.texture().name(),
                Numbers.plain(draft.targetStep(), 1),
                new Figures(kitchen).degrees(draft.servedC()),
                draft.notes());
        return page(kitchen, model, form, draft.lines(), List.of());
    }

    /** Understood lines of a form that is being typed, as a piece of the page. */
    @PostMapping("/read")
    String read(@ModelAttribute("kitchen") Kitchen kitchen, HttpServletRequest request, Model model) {
        List<Lines.Typed> typed = typed(request, new ArrayList<>());
        fill(kitchen, model, form(request, 0, 0), typed);
        return "sauces/understood";
    }

    @PostMapping
    String save(
            @ModelAttribute("kitchen") Kitchen kitchen,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        long id = (long) Numbers.parse(parameter(request, "id")).orElse(0);
        int version = (int) Numbers.parse(parameter(request, "version")).orElse(0);
        Form form = form(request, id, version);
        List<Fault> faults = new ArrayList<>();
        List<Lines.Typed> typed = typed(request, faults);
        SauceBook.Draft draft = new SauceBook.Draft(
                form.name(),
                typed,
                form.texture().equals(Texture.CHUNKY.name()) ? Texture.CHUNKY : Texture.SMOOTH,
                Numbers.parse(form.step()).orElse(Double.NaN),
                new Figures(kitchen).celsius(form.servedC()),
                form.notes());
        faults.addAll(book.faults(kitchen, draft));
        if (faults.isEmpty()) {
            try {
                return "redirect:/sauces/" + book.save(kitchen, id, version, draft) + "?saved";
            } catch (Refusal refusal) {
                if (refusal.kind() == Refusal.Kind.MISSING) {
                    throw refusal;
                }
                faults.addAll(refusal.faults());
            }
        }
        response.setStatus(422);
        return page(kitchen, model, form, typed, faults);
    }

    private static Form form(HttpServletRequest request, long id, int version) {
        return new Form(
                id,
                version,
                parameter(request, "name"),
                parameter(request, "texture"),
                parameter(request, "targetStep"),
                parameter(request, "servedC"),
                parameter(request, "notes"));
    }

    private static String parameter(HttpServletRequest request, String name) {
        String value = request.getParameter(name);
        return value == null ? "" : value;
    }

    /** The typed lines with their corrections; a food or mass that cannot be read becomes a fault of its line. */
    private List<Lines.Typed> typed(HttpServletRequest request, List<Fault> faults) {
        String[] texts = values(request, "text");
        String[] foods = values(request, "food");
        String[] grams = values(request, "grams");
        List<Lines.Typed> typed = new ArrayList<>();
        for (int i = 0; i < Math.min(texts.length, MOST_LINES + 1); i++) {
            String field = "lines[" + i + "]";
            typed.add(new Lines.Typed(
                    texts[i],
                    foodId(i < foods.length ? foods[i] : "", field, faults),
                    mass(i < grams.length ? grams[i] : "", field, faults)));
        }
        return typed;
    }

    private static String[] values(HttpServletRequest request, String name) {
        String[] values = request.getParameterValues(name);
        return values == null ? new String[0] : values;
    }

    private @Nullable String foodId(String name, String field, List<Fault> faults) {
        if (name.isBlank()) {
            return null;
        }
        Optional<Food> food = lines.catalogue().foods().stream()
                .filter(f -> f.name().equalsIgnoreCase(name.strip()))
                .findFirst();
        if (food.isEmpty()) {
            faults.add(new Fault(field, "“" + name.strip() + "” is no food of the larder: pick one from the list."));
        }
        return food.map(Food::id).orElse(null);
    }

    private static @Nullable Double mass(String text, String field, List<Fault> faults) {
        if (text.isBlank()) {
            return null;
        }
        double grams = Numbers.parse(text).orElse(Double.NaN);
        if (!(grams > 0 && grams <= 100_000)) {
            faults.add(new Fault(field, "“" + text.strip() + "” g: more than 0 and at most 100,000 g expected."));
            return null;
        }
        return grams;
    }

    private String page(Kitchen kitchen, Model model, Form form, List<Lines.Typed> typed, List<Fault> faults) {
        fill(kitchen, model, form, typed);
        model.addAttribute("faults", faults);
        model.addAttribute(
                "foods",
                lines.catalogue().foods().stream().map(Food::name).sorted().toList());
        model.addAttribute("treads", Stair.Tread.values());
        return "sauces/edit";
    }

    private void fill(Kitchen kitchen, Model model, Form form, List<Lines.Typed> typed) {
        Figures figures = new Figures(kitchen);
        List<Row> rows = new ArrayList<>();
        for (Lines.Typed line : typed) {
            rows.add(row(rows.size(), line, kitchen, figures));
        }
        for (int i = 0; i < SPARE_LINES; i++) {
            rows.add(new Row(rows.size(), "", "", "", "", "", "", "", ""));
        }
        model.addAttribute("form", form);
        model.addAttribute("rows", rows);
        Texture texture = form.texture().equals(Texture.CHUNKY.name()) ? Texture.CHUNKY : Texture.SMOOTH;
        Ingredients all = book.understood(kitchen.measures(), typed, texture);
        model.addAttribute("totals", totals(all, figures, new Figures(kitchen).celsius(form.servedC())));
    }

    private Row row(int index, Lines.Typed line, Kitchen kitchen, Figures figures) {
        String food = Optional.ofNullable(line.foodId())
                .flatMap(lines.catalogue()::food)
                .map(Food::name)
                .orElse("");
        String grams = line.massG() == null ? "" : Numbers.plain(line.massG(), 1);
        if (line.text().isBlank()) {
            return new Row(index, line.text(), food, grams, "", "", "", "", "");
        }
        LineReading reading = lines.read(kitchen.measures(), line);
        boolean weighed = reading.massG() > 0;
        String spread = weighed && reading.logSd() > 0.015
                ? figures.mass(reading.lowG()) + " to " + figures.mass(reading.highG())
                : "";
        return new Row(
                index,
                line.text(),
                food,
                grams,
                reading.food().map(Food::name).orElse("not understood"),
                weighed ? figures.mass(reading.massG()) : "—",
                spread,
                line.corrected() ? "corrected" : reading.sureness().name().toLowerCase(java.util.Locale.ROOT),
                reading.remark());
    }

    /** A figure of the whole, with its word. */
    record Total(String word, String figure, String hint) {}

    private static List<Total> totals(Ingredients all, Figures figures, double servedC) {
        Mixture m = all.mixture();
        List<Total> totals = new ArrayList<>();
        if (!(m.massG() > 0)) {
            return totals;
        }
        totals.add(new Total("Together", figures.mass(m.massG()), "everything in the pot before the heat is on"));
        totals.add(new Total("Volume", figures.volume(m.volumeMl20c()), "at 20 °C"));
        if (m.serumG() > 0 && servedC >= 0) {
            double step = Consistency.stepCooked(m, servedC);
            totals.add(new Total(
                    "Thickness as mixed",
                    figures.step(step) + " " + Stair.Tread.of(step).label(),
                    "cooked but not reduced, at its serving temperature"));
        }
        totals.add(new Total("Salt", Numbers.fixed(m.saltPercent(), 2) + " %", "grams of salt in 100 g"));
        totals.add(new Total(
                "Brix", Numbers.fixed(m.brixPercent(), 1), "grams of dissolved solids in 100 g of its liquid"));
        if (m.ethanolG() > 0.5) {
            totals.add(new Total("Alcohol", figures.mass(m.ethanolG()), "before it cooks"));
        }
        String allergens = all.allergens().stream().map(Allergen::label).collect(Collectors.joining(", "));
        totals.add(new Total(
                "Allergens", allergens.isEmpty() ? "none known" : allergens, "a help to read labels, not a promise"));
        return totals;
    }
}

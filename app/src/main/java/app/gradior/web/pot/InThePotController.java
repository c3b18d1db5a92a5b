package app.gradior.web.pot;

import app.gradior.batch.Batch;
import app.gradior.batch.EventBody;
import app.gradior.batch.Understood;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.larder.Food;
import app.gradior.measure.Numbers;
import app.gradior.room.batch.Batches;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import app.gradior.room.shelf.Shelf;
import app.gradior.room.words.FoodNames;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.web.frame.Figures;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** All that went into a batch, as it was understood when it was recorded, and the corrections of it. */
@Controller
@RequestMapping("/pot/{id}/in")
class InThePotController {
    private final Batches batches;
    private final Lines lines;
    private final Shelf shelf;

    InThePotController(Batches batches, Lines lines, Shelf shelf) {
        this.batches = batches;
        this.lines = lines;
        this.shelf = shelf;
    }

    /**
     * A line, as recorded and as it stands.
     *
     * @param added key of the event that put it in; empty for the plan's
     * @param before what was understood first; empty when it was not corrected
     */
    record Row(String added, int line, String text, String food, String grams, String before, boolean leftOut) {
        static Row of(String added, int line, Understood recorded, Understood now, boolean leftOut) {
            return new Row(
                    added,
                    line,
                    recorded.text(),
                    Words.say(now.food()),
                    plain(now.massG()),
                    recorded.equals(now) ? "" : plain(recorded.massG()) + " g " + Words.say(recorded.food()),
                    leftOut);
        }

        private static String plain(double grams) {
            // It stands in a field, too: without commas between thousands.
            return Numbers.plain(grams, grams < 10 ? 1 : 0).replace(",", "");
        }
    }

    /** A container that was packed for longer than what is in it keeps. */
    record Late(String name, String until, String usual) {}

    private List<Late> late(Kitchen kitchen, Batch batch) {
        Figures figures = new Figures(kitchen);
        return Odd.tried(new ArrayList<>(), batch.name(), "", () -> shelf.tooLate(kitchen, batch))
                .orElse(List.of())
                .stream()
                .map(l -> new Late(l.name(), figures.day(l.useBy()), figures.day(l.usual())))
                .toList();
    }

    /** The dates of containers that are packed, brought to what is in them as corrected. */
    @PostMapping("/dates")
    String dates(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        shelf.tooLate(kitchen, batches.batch(kitchen.id(), id))
                .forEach(late -> shelf.date(kitchen, late.id(), late.usual(), ""));
        return "redirect:/pot/" + id + "/in";
    }

    /** A correction as typed. */
    record Form(String added, Integer line, String massG, String food) {
        Form {
            added = added == null ? "" : added;
            line = line == null ? -1 : line;
            massG = massG == null ? "" : massG;
            food = food == null ? "" : food;
        }
    }

    @GetMapping
    String page(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, Model model) {
        return page(kitchen, batches.batch(kitchen.id(), id), null, List.of(), model);
    }

    private String page(Kitchen kitchen, Batch batch, @Nullable Form form, List<Fault> faults, Model model) {
        model.addAttribute("batch", batch);
        model.addAttribute("finished", batch.state() == Batch.State.FINISHED);
        model.addAttribute("planned", planned(batch));
        model.addAttribute("added", added(batch));
        model.addAttribute("foods", lines.foodNames(kitchen));
        model.addAttribute("late", late(kitchen, batch));
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        return "pot/in";
    }

    private static List<Row> planned(Batch batch) {
        List<Understood> now = batch.lines();
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < now.size(); i++) {
            rows.add(Row.of(
                    "",
                    i,
                    batch.plan().lines().get(i),
                    now.get(i),
                    batch.ticks().out().contains(i)));
        }
        return rows;
    }

    private static List<Row> added(Batch batch) {
        Map<String, List<Understood>> now = batch.additions();
        List<Row> rows = new ArrayList<>();
        batch.standing().stream().filter(e -> now.containsKey(e.clientKey())).forEach(event -> {
            List<Understood> put = now.getOrDefault(event.clientKey(), List.of());
            for (int i = 0; i < put.size(); i++) {
                rows.add(Row.of(event.clientKey(), i, event.understood().get(i), put.get(i), false));
            }
        });
        return rows;
    }

    @PostMapping
    String correct(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @ModelAttribute("form") Form form,
            HttpServletResponse response,
            Model model) {
        Batch batch = batches.batch(kitchen.id(), id);
        try {
            double grams = Numbers.parse(form.massG())
                    .orElseThrow(() -> Refusal.unfit(
                            "massG", Told.of("in-the-pot-controller.is-no-number-of-grams", form.massG())));
            EventBody body = new EventBody.Corrected(
                    form.added().isEmpty() ? null : form.added(),
                    form.line(),
                    foodId(kitchen, batch, form.added(), form.line(), form.food()),
                    grams);
            batches.record(kitchen, id, new Batches.Draft("corrected-" + UUID.randomUUID(), batches.now(), body));
            return "redirect:/pot/" + id + "/in";
        } catch (Refusal refusal) {
            response.setStatus(422);
            return page(kitchen, batch, form, refusal.faults(), model);
        }
    }

    /** The food of that name; absent when it is the one that is recorded, which may not be the kitchen's of now. */
    private @Nullable String foodId(Kitchen kitchen, Batch batch, String added, int line, String name) {
        List<Understood> put =
                added.isEmpty() ? batch.lines() : batch.additions().getOrDefault(added, List.of());
        boolean same = line >= 0
                && line < put.size()
                && Words.say(put.get(line).food()).equalsIgnoreCase(name.strip());
        if (same) {
            return null;
        }
        Optional<Food> found = FoodNames.named(lines.catalogue(kitchen), name);
        return found.map(Food::id)
                .orElseThrow(
                        () -> Refusal.unfit("food", Told.of("in-the-pot-controller.is-no-food-of-the-larder", name)));
    }
}

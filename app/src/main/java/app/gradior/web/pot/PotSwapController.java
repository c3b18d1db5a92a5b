package app.gradior.web.pot;

import app.gradior.batch.Batch;
import app.gradior.batch.EventBody;
import app.gradior.batch.IngredientInput;
import app.gradior.batch.Understood;
import app.gradior.finding.Refusal;
import app.gradior.measure.LineReading;
import app.gradior.plan.Substitution;
import app.gradior.room.batch.Batches;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import app.gradior.room.larder.Swaps;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A line of a batch that is on, of which there is none left: what goes in instead. */
@Controller
@RequestMapping("/pot/{id}/swap")
class PotSwapController {
    private final Batches batches;
    private final Lines lines;
    private final Swaps swaps;

    PotSwapController(Batches batches, Lines lines, Swaps swaps) {
        this.batches = batches;
        this.lines = lines;
        this.swaps = swaps;
    }

    private static List<LineReading> readings(Batch batch) {
        return batch.lines().stream().map(Understood::line).toList();
    }

    @GetMapping
    String page(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam int line,
            @RequestParam(defaultValue = "") String to,
            HttpServletResponse response,
            Model model) {
        Batch batch = batches.batch(kitchen.id(), id);
        List<LineReading> readings = readings(batch);
        model.addAttribute("batch", batch);
        model.addAttribute("line", line);
        model.addAttribute("to", to);
        model.addAttribute(
                "text", line >= 0 && line < readings.size() ? readings.get(line).text() : "");
        model.addAttribute("faults", List.of());
        model.addAttribute("swaps", List.of());
        model.addAttribute("foods", lines.foodNames(kitchen));
        try {
            double servedC = batch.plan().servedC();
            model.addAttribute("swaps", swaps.shown(kitchen, readings, line, to, servedC));
        } catch (Refusal refusal) {
            response.setStatus(422);
            model.addAttribute("faults", refusal.faults());
        }
        return "pot/swap";
    }

    /** The line becomes the first food; what is more than one goes in now. */
    @PostMapping
    String swap(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam int line,
            @RequestParam(defaultValue = "") String to) {
        Batch batch = batches.batch(kitchen.id(), id);
        Swaps.Swap swap =
                swaps.of(kitchen, readings(batch), line, to, batch.plan().servedC());
        List<Substitution.Part> parts = swap.answer().parts();
        String key = "swap-" + UUID.randomUUID();
        batches.record(
                kitchen,
                id,
                new Batches.Draft(
                        key,
                        batches.now(),
                        new EventBody.Corrected(
                                null,
                                line,
                                parts.get(0).food().id(),
                                parts.get(0).massG())));
        if (parts.size() > 1) {
            List<IngredientInput> more = parts.stream()
                    .skip(1)
                    .map(part -> new IngredientInput(null, part.food().id(), part.massG()))
                    .toList();
            batches.record(kitchen, id, new Batches.Draft(key + "-2", batches.now(), new EventBody.Added(more)));
        }
        return "redirect:/pot/" + id + "/in";
    }
}

package app.gradior.web.log;

import app.gradior.room.batch.Batches;
import app.gradior.room.house.Kitchen;
import app.gradior.room.plan.NextBatch;
import app.gradior.web.frame.Figures;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriComponentsBuilder;

/** From a batch to the next one: the same again, the same but different, or its recipe rewritten by what was done. */
@Controller
@RequestMapping("/log/{id}")
class AgainController {
    private final Batches batches;
    private final NextBatch again;

    AgainController(Batches batches, NextBatch again) {
        this.batches = batches;
        this.again = again;
    }

    @GetMapping("/again")
    String again(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String but) {
        Map<String, String> fields =
                again.plan(kitchen, batches.batch(kitchen.id(), id), but, new Figures(kitchen)::degrees);
        UriComponentsBuilder address = UriComponentsBuilder.fromPath("/plan");
        fields.forEach((name, value) -> address.queryParam(name, "{" + name + "}"));
        return "redirect:" + address.buildAndExpand(fields).encode().toUriString();
    }

    @PostMapping("/recipe")
    String recipe(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        return "redirect:/sauces/" + again.recipe(kitchen, batches.batch(kitchen.id(), id));
    }
}

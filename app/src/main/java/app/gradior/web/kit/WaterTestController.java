package app.gradior.web.kit;

import app.gradior.estimate.WaterTest;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.heat.Look;
import app.gradior.kept.Utc;
import app.gradior.measure.Numbers;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KitWaterTest;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.kit.WaterTests;
import app.gradior.room.words.Words;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The ten-minute water test of a burner-and-pot pair. */
@Controller
@RequestMapping("/kit/water")
class WaterTestController {
    private final WaterTests tests;
    private final KitchenKit kit;

    WaterTestController(WaterTests tests, KitchenKit kit) {
        this.tests = tests;
        this.kit = kit;
    }

    @PostMapping
    String start(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam long pot,
            @RequestParam long burner,
            @RequestParam String look,
            @RequestParam String waterG) {
        double grams = Numbers.parse(waterG).orElse(Double.NaN);
        Look chosen = Refusal.checked("look", () -> Look.ofKey(look));
        return "redirect:/kit/water/" + tests.start(kitchen.id(), pot, burner, grams, chosen);
    }

    @GetMapping("/{id}")
    String test(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, Model model) {
        return page(kitchen, id, "", List.of(), model);
    }

    private String page(Kitchen kitchen, long id, String endG, List<Fault> faults, Model model) {
        KitWaterTest row = tests.test(kitchen.id(), id);
        model.addAttribute("test", row);
        model.addAttribute("pot", kit.pot(kitchen.id(), row.potId()));
        model.addAttribute("burner", kit.burner(kitchen.id(), row.burnerId()));
        model.addAttribute("lookLabel", Words.say(Look.ofKey(row.look())));
        model.addAttribute("startedAt", Utc.instant(row.startedAt()).toString());
        model.addAttribute("endG", endG);
        model.addAttribute("faults", faults);
        Double factor = row.pairFactor();
        Double logSd = row.logSd();
        model.addAttribute(
                "says", factor == null || logSd == null ? "" : KitController.says(new WaterTest(factor, logSd)));
        return "kit/water";
    }

    @PostMapping("/{id}")
    String end(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam String endG,
            Model model,
            HttpServletResponse response) {
        try {
            tests.end(kitchen, id, Numbers.parse(endG).orElse(Double.NaN));
            return "redirect:/kit/water/" + id;
        } catch (Refusal refusal) {
            if (refusal.kind() == Refusal.Kind.MISSING) {
                throw refusal;
            }
            response.setStatus(422);
            return page(kitchen, id, endG, refusal.faults(), model);
        }
    }

    @PostMapping("/{id}/remove")
    String remove(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        tests.remove(kitchen.id(), id);
        return "redirect:/kit#pairs";
    }
}

package app.gradior.web.kit;

import app.gradior.kitchen.Fault;
import app.gradior.kitchen.Kitchen;
import app.gradior.kitchen.KitchenKit;
import app.gradior.kitchen.Refusal;
import app.gradior.kitchen.Tokens;
import app.gradior.measure.Numbers;
import app.gradior.store.Rows.BurnerRow;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import app.gradior.web.draw.SectionDrawing;
import app.gradior.web.frame.Figures;
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
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Pots, burners and tokens. */
@Controller
@RequestMapping("/kit")
class KitController {
    private final KitchenKit kit;
    private final Tokens tokens;

    KitController(KitchenKit kit, Tokens tokens) {
        this.kit = kit;
        this.tokens = tokens;
    }

    /** A pot of the list. */
    record PotEntry(String name, String size, String holds, String empty, String material, String section) {}

    /** The forms as typed. */
    record PotForm(String name, String top, String base, String height, String empty, PotMaterial material) {
        static final PotForm BLANK = new PotForm("", "", "", "", "", PotMaterial.STAINLESS);
    }

    @GetMapping
    String kit(@ModelAttribute("kitchen") Kitchen kitchen, Model model) {
        return page(kitchen, PotForm.BLANK, List.of(), model);
    }

    private String page(Kitchen kitchen, PotForm form, List<Fault> faults, Model model) {
        Figures figures = new Figures(kitchen);
        model.addAttribute(
                "pots",
                kit.pots(kitchen.id()).stream().map(pot -> entry(pot, figures)).toList());
        List<BurnerRow> burners = kit.burners(kitchen.id());
        model.addAttribute("burners", burners);
        model.addAttribute("tokens", tokens.of(kitchen.id()));
        model.addAttribute("scopes", Tokens.Scope.values());
        model.addAttribute("materials", PotMaterial.values());
        model.addAttribute("potForm", form);
        model.addAttribute("faults", faults);
        return "kit/kit";
    }

    private static PotEntry entry(KitchenKit.KitPot pot, Figures figures) {
        PotShape shape = pot.shape();
        return new PotEntry(
                pot.name(),
                Numbers.plain(shape.topDiameterMm(), 0) + " mm rim, " + Numbers.plain(shape.baseDiameterMm(), 0)
                        + " mm floor, " + Numbers.plain(shape.heightMm(), 0) + " mm high",
                figures.volume(shape.capacityMl()),
                Numbers.plain(pot.emptyG(), 0) + " g",
                pot.material().label(),
                SectionDrawing.halfFull(shape));
    }

    @PostMapping("/pots")
    String addPot(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam String name,
            @RequestParam String top,
            @RequestParam String base,
            @RequestParam String height,
            @RequestParam String empty,
            @RequestParam PotMaterial material,
            Model model,
            HttpServletResponse response) {
        try {
            PotShape shape = Refusal.checked("", () -> new PotShape(number(top), number(base), number(height)));
            kit.addPot(kitchen.id(), name, shape, number(empty), material);
            return "redirect:/kit";
        } catch (Refusal refusal) {
            response.setStatus(422);
            return page(kitchen, new PotForm(name, top, base, height, empty, material), refusal.faults(), model);
        }
    }

    private static double number(String text) {
        return Numbers.parse(text).orElse(Double.NaN);
    }

    @PostMapping("/burners")
    String addBurner(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam String burnerName,
            @RequestParam String netPowerW,
            Model model,
            HttpServletResponse response) {
        try {
            kit.addBurner(kitchen.id(), burnerName, number(netPowerW));
            return "redirect:/kit";
        } catch (Refusal refusal) {
            response.setStatus(422);
            model.addAttribute("burnerName", burnerName);
            model.addAttribute("netPowerW", netPowerW);
            return page(kitchen, PotForm.BLANK, refusal.faults(), model);
        }
    }

    @PostMapping("/tokens")
    String makeToken(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam String label,
            @RequestParam Tokens.Scope scope,
            RedirectAttributes flash) {
        flash.addFlashAttribute("newToken", tokens.make(kitchen.id(), label, scope));
        return "redirect:/kit#tokens";
    }

    @PostMapping("/tokens/{id}/remove")
    String removeToken(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        tokens.remove(kitchen.id(), id);
        return "redirect:/kit#tokens";
    }
}

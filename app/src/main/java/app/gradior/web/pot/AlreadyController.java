package app.gradior.web.pot;

import app.gradior.finding.Refusal;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.measure.Numbers;
import app.gradior.room.batch.AlreadyOn;
import app.gradior.room.book.SauceBook;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.Equipment;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.words.Words;
import app.gradior.sauce.Use;
import app.gradior.web.frame.Figures;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A pot that is on the stove without a plan is taken up from here on. */
@Controller
@RequestMapping("/pot/already")
class AlreadyController {
    private final AlreadyOn already;
    private final SauceBook book;
    private final KitchenKit kit;

    AlreadyController(AlreadyOn already, SauceBook book, KitchenKit kit) {
        this.already = already;
        this.book = book;
        this.kit = kit;
    }

    @GetMapping
    String ask(@ModelAttribute("kitchen") Kitchen kitchen, @RequestParam Map<String, String> asked, Model model) {
        fill(kitchen, asked, model);
        model.addAttribute("faults", List.of());
        return "pot/already";
    }

    private void fill(Kitchen kitchen, Map<String, String> asked, Model model) {
        Map<String, String> f = usual(kitchen);
        asked.forEach(f::put);
        model.addAttribute("f", f);
        model.addAttribute("sauces", book.sauces(kitchen.id()));
        Equipment ware = kit.ware(kitchen.id());
        model.addAttribute("pots", ware.pots());
        model.addAttribute("burners", ware.burners());
        model.addAttribute("looks", Look.values());
        model.addAttribute("lids", LidState.values());
        model.addAttribute("uses", Use.values());
    }

    /** What stands there before anybody typed. */
    private static Map<String, String> usual(Kitchen kitchen) {
        return new HashMap<>(Map.ofEntries(
                Map.entry("name", ""),
                Map.entry("sauce", "0"),
                Map.entry("lines", ""),
                Map.entry("pot", "0"),
                Map.entry("burner", "0"),
                Map.entry("since", "10"),
                Map.entry("look", "lively"),
                Map.entry("lid", "open"),
                Map.entry("step", "5"),
                Map.entry("served", new Figures(kitchen).degrees(60))));
    }

    /** A pot that is not really on, for whoever wants to see one. */
    @PostMapping("/made-up")
    String madeUp(@ModelAttribute("kitchen") Kitchen kitchen) {
        Map<String, String> asked = usual(kitchen);
        asked.put("name", Words.text("page.hob.a-made-up-sauce"));
        asked.put("lines", Words.text("page.hob.made-up-lines"));
        asked.put("look", Look.GENTLE.key());
        kit.pots(kitchen.id()).stream().findFirst().ifPresent(pot -> asked.put("pot", String.valueOf(pot.id())));
        return "redirect:/pot/" + already.takeUp(kitchen, question(kitchen, asked));
    }

    @PostMapping
    String take(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam Map<String, String> asked,
            Model model,
            HttpServletResponse response) {
        try {
            return "redirect:/pot/" + already.takeUp(kitchen, question(kitchen, asked));
        } catch (Refusal refusal) {
            fill(kitchen, asked, model);
            model.addAttribute("faults", refusal.faults());
            response.setStatus(422);
            return "pot/already";
        }
    }

    private static AlreadyOn.Question question(Kitchen kitchen, Map<String, String> asked) {
        return new AlreadyOn.Question(
                asked.getOrDefault("name", ""),
                whole(asked.getOrDefault("sauce", "0")),
                Arrays.stream(asked.getOrDefault("lines", "").split("\\R"))
                        .filter(line -> !line.isBlank())
                        .toList(),
                whole(asked.getOrDefault("pot", "0")),
                whole(asked.getOrDefault("burner", "0")),
                number(asked, "since"),
                asked.getOrDefault("look", ""),
                asked.getOrDefault("lid", ""),
                number(asked, "step"),
                new Figures(kitchen).celsius(asked.getOrDefault("served", "")));
    }

    private static double number(Map<String, String> asked, String field) {
        return Numbers.parse(asked.getOrDefault(field, "")).orElse(Double.NaN);
    }

    private static long whole(String text) {
        return (long) Numbers.parse(text).orElse(0);
    }
}

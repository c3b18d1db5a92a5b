package app.gradior.web.bench;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.finding.Unfit;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;

/** The bench: one question a page, answered as it is typed. */
@Controller
@RequestMapping("/bench")
class BenchController {
    private final List<Tool> tools;
    private final WhatIHave have;
    private final Lines lines;

    BenchController(List<Tool> tools, WhatIHave have, Lines lines) {
        this.tools = tools;
        this.have = have;
        this.lines = lines;
    }

    @GetMapping
    String bench(Model model) {
        model.addAttribute("tools", tools);
        return "bench/list";
    }

    @GetMapping("/{key}")
    String tool(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable String key,
            HttpServletRequest request,
            Model model) {
        fill(kitchen, key, request, model);
        model.addAttribute("tools", tools);
        model.addAttribute("foods", lines.foodNames(kitchen));
        return "bench/tool";
    }

    /** The fields and the answer alone, for a question that is being typed. */
    @GetMapping("/{key}/answer")
    String answer(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable String key,
            HttpServletRequest request,
            Model model) {
        fill(kitchen, key, request, model);
        return "bench/answer";
    }

    private void fill(Kitchen kitchen, String key, HttpServletRequest request, Model model) {
        Tool tool = tools.stream()
                .filter(t -> t.key().equals(key))
                .findFirst()
                .orElseThrow(() -> Refusal.missing(Thing.BENCH_QUESTION));
        BenchForm asked = BenchForm.of(request);
        List<Fault> faults = new ArrayList<>();
        Reply reply = null;
        try {
            reply = tool.answer(asked, kitchen);
        } catch (Refusal refusal) {
            faults.addAll(refusal.faults());
        } catch (Unfit e) {
            faults.add(new Fault("", e.why()));
        }
        model.addAttribute("tool", tool);
        model.addAttribute("have", tool.asksWhatIHave() ? have.fields(asked, kitchen) : List.of());
        model.addAttribute("fields", tool.fields(asked, kitchen));
        model.addAttribute("reply", reply);
        model.addAttribute("faults", faults);
    }
}

package app.gradior.web.plan;

import app.gradior.clock.Preparation;
import app.gradior.finding.Refusal;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.Equipment;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.larder.Lines;
import app.gradior.room.larder.Swaps;
import app.gradior.room.plan.ClockPlans;
import app.gradior.room.plan.PlanAnswer;
import app.gradior.room.plan.PlanWork;
import app.gradior.room.plan.Planning;
import app.gradior.room.plan.Plans;
import app.gradior.room.words.Words;
import app.gradior.sauce.StageKind;
import app.gradior.web.frame.Figures;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** The page of a kept plan for the kitchen: jobs first, then what goes in at each stage, ticked off, swapped, printed. */
@Controller
@RequestMapping("/plan/{id}")
class GatherController {

    private final Plans plans;
    private final Planning planning;
    private final ClockPlans clocks;
    private final KitchenKit kit;
    private final Lines lines;
    private final Swaps swaps;

    GatherController(Plans plans, Planning planning, ClockPlans clocks, KitchenKit kit, Lines lines, Swaps swaps) {
        this.plans = plans;
        this.planning = planning;
        this.clocks = clocks;
        this.kit = kit;
        this.lines = lines;
        this.swaps = swaps;
    }

    /** Something to gather. */
    public record Item(String key, String amount, String measure, String name, String text, int line, boolean done) {}

    /** A stage with what goes in. */
    public record Group(String title, String hint, List<Item> items) {}

    /** A job before the heat. */
    public record Job(String key, String what, String job, String minutes, boolean done) {}

    @GetMapping("/gather")
    String gather(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam(required = false) @Nullable Integer line,
            @RequestParam(defaultValue = "") String to,
            Model model) {
        Plans.Saved saved = plans.plan(kitchen, id);
        Figures figures = new Figures(kitchen);
        Equipment ware = kit.ware(kitchen.id());
        PlanAnswer answer = planning.answer(kitchen, ware, saved.draft());
        model.addAttribute("plan", saved);
        model.addAttribute("view", new PlanView(answer, figures));
        model.addAttribute("scale", new PlanView(answer, figures).scaleWords());
        model.addAttribute("pot", answer.setting().pot().name());
        model.addAttribute("jobs", jobs(answer, saved, figures));
        model.addAttribute("groups", groups(answer, saved, figures));
        model.addAttribute(
                "allergens",
                answer.setting().ingredients().allergens().stream()
                        .map(Words::say)
                        .collect(Collectors.joining(", ")));
        model.addAttribute("foods", lines.foodNames(kitchen));
        model.addAttribute("line", line);
        model.addAttribute("to", to);
        model.addAttribute("faults", List.of());
        if (line != null) {
            List<LineReading> readings = answer.setting().readings();
            double servedC = saved.draft().servedC();
            try {
                model.addAttribute("swaps", swaps.shown(kitchen, readings, line, to, servedC));
            } catch (Refusal refusal) {
                model.addAttribute("faults", refusal.faults());
            }
        }
        clocks.around(kitchen, ware, id, answer).ifPresent(day -> {
            model.addAttribute("day", new DayView(day, figures));
            model.addAttribute("clock", DayView.drawing(day, figures));
        });
        return "plan/gather";
    }

    private static List<Job> jobs(PlanAnswer answer, Plans.Saved saved, Figures figures) {
        if (answer.done().isEmpty()) {
            return List.of();
        }
        List<Job> jobs = new ArrayList<>();
        for (Preparation p :
                PlanWork.of(answer.setting(), answer.done().get().way()).preparations()) {
            String key = "job-" + jobs.size();
            jobs.add(new Job(
                    key,
                    p.what(),
                    Words.say(p.jobs()),
                    figures.minutes(Math.max(1, p.minutes())),
                    saved.ticks().contains(key)));
        }
        return jobs;
    }

    private static List<Group> groups(PlanAnswer answer, Plans.Saved saved, Figures figures) {
        List<Group> groups = new ArrayList<>();
        PlanAnswer.Setting setting = answer.setting();
        Optional<Group> slurry = answer.done()
                .filter(d -> d.way().starchG() > PlanView.SOME_STARCH_G)
                .map(d -> slurry(setting, d, saved, figures));
        for (int i = 0; i < setting.laid().drafts().size(); i++) {
            List<Item> items = new ArrayList<>();
            for (int line : setting.laid().drafts().get(i).lines()) {
                if (line < 0 || line >= setting.readings().size()) {
                    continue;
                }
                LineReading reading = setting.readings().get(line);
                boolean powder = setting.laid().powderLines().contains(line);
                if (!powder && reading.usable()) {
                    items.add(item("line-" + line, reading, setting.factor(), line, saved, figures));
                }
            }
            String title = setting.laid().drafts().get(i).title();
            if (setting.laid().stages().get(i).kind() == StageKind.SLURRY && slurry.isPresent()) {
                items.addAll(slurry.get().items());
                slurry = Optional.empty();
            }
            if (!items.isEmpty()) {
                groups.add(new Group(
                        (i + 1) + " "
                                + (title.isBlank()
                                        ? Words.say(
                                                setting.laid().stages().get(i).kind())
                                        : title),
                        "",
                        items));
            }
        }
        slurry.ifPresent(groups::add);
        return groups;
    }

    private static Group slurry(PlanAnswer.Setting setting, PlanAnswer.Done d, Plans.Saved saved, Figures figures) {
        Food powder = Catalogue.standard().powder(setting.mix().kind());
        Food water = Catalogue.standard().water();
        List<Item> items = List.of(
                new Item(
                        "slurry-starch",
                        figures.amount(powder, d.way().starchG()),
                        figures.beside(powder, d.way().starchG()),
                        Words.say(setting.mix().kind()),
                        "",
                        -1,
                        saved.ticks().contains("slurry-starch")),
                new Item(
                        "slurry-water",
                        figures.amount(water, d.way().coldLiquidG()),
                        figures.beside(water, d.way().coldLiquidG()),
                        Words.text("gather-controller.cold-water-or-stock"),
                        "",
                        -1,
                        saved.ticks().contains("slurry-water")));
        return new Group(
                Words.text("gather-controller.for-the-slurry"),
                Words.text("gather-controller.stir-it-only-just-before-it"),
                items);
    }

    private static Item item(
            String key, LineReading reading, double factor, int line, Plans.Saved saved, Figures figures) {
        Food food = reading.food().orElseThrow();
        double grams = reading.massG() * factor;
        return new Item(
                key,
                figures.amount(food, grams),
                figures.beside(food, grams),
                Words.say(food),
                reading.text(),
                line,
                saved.ticks().contains(key));
    }

    /** Ticks an item off, or unticks it. */
    @PostMapping("/tick")
    @ResponseBody
    String tick(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam String key,
            @RequestParam boolean done) {
        plans.tick(kitchen, id, key, done);
        return "ok";
    }

    /** Puts a swap into the plan; the sauce stays as it is written. */
    @PostMapping("/swap")
    String swap(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam int line,
            @RequestParam(defaultValue = "") String to) {
        Plans.Saved saved = plans.plan(kitchen, id);
        PlanAnswer answer = planning.answer(kitchen, saved.draft());
        Swaps.Swap swap = swaps.of(
                kitchen, answer.setting().readings(), line, to, saved.draft().servedC());
        plans.change(kitchen, id, draft -> draft.swapped(line, swap.newLine()));
        return "redirect:/plan/" + id + "/gather";
    }
}

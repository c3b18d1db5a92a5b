package app.gradior.web.plan;

import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import app.gradior.room.plan.ClockPlans;
import app.gradior.room.plan.PlanCalendar;
import app.gradior.room.plan.Plans;
import app.gradior.room.words.Told;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The clock: the days of all kept plans, moved, taken along as a calendar, taken away. */
@Controller
@RequestMapping("/plan")
class ClockController {
    private static final int MOST_MOVED_MIN = 24 * 60;

    private final ClockPlans clocks;
    private final Plans plans;

    ClockController(ClockPlans clocks, Plans plans) {
        this.clocks = clocks;
        this.plans = plans;
    }

    /** A day drawn, with its words. */
    public record Drawn(DayView day, String drawing) {}

    @GetMapping("/clock")
    String clock(@ModelAttribute("kitchen") Kitchen kitchen, Model model) {
        days(kitchen, model);
        return "plan/clock";
    }

    private void days(Kitchen kitchen, Model model) {
        Figures figures = new Figures(kitchen);
        List<Drawn> drawn = new ArrayList<>();
        List<Odd> odd = new ArrayList<>();
        for (ClockPlans.Day day : clocks.all(kitchen, odd)) {
            drawn.add(new Drawn(new DayView(day, figures), DayView.drawing(day, figures)));
        }
        model.addAttribute("days", drawn);
        model.addAttribute("odd", odd);
        model.addAttribute(
                "waiting",
                plans.waiting(kitchen).stream()
                        .filter(plan -> plan.draft().serveAt() == null)
                        .toList());
    }

    /** Puts a sauce so many minutes earlier than it must be; 0 lets it go where it fits. */
    @PostMapping("/{id}/move")
    String move(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam int minutes,
            @RequestParam(defaultValue = "") String piece,
            Model model) {
        if (Math.abs((long) minutes) > MOST_MOVED_MIN) {
            throw Refusal.unfit("minutes", Told.of("clock-controller.minutes-is-at-most-a-day", minutes));
        }
        plans.change(kitchen, id, draft -> draft.moved(minutes));
        if (piece.isEmpty()) {
            return "redirect:/plan/clock";
        }
        days(kitchen, model);
        return "plan/clock :: days";
    }

    @PostMapping("/{id}/copy")
    String copy(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        return "redirect:/plan/" + plans.copy(kitchen, id);
    }

    @PostMapping("/{id}/remove")
    String remove(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        plans.remove(kitchen, id);
        return "redirect:/plan/clock";
    }

    /** The day of a plan as a calendar file with alarms. */
    @GetMapping("/{id}/day.ics")
    ResponseEntity<String> calendar(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        ClockPlans.Day day = clocks.all(kitchen).stream()
                .filter(d -> d.entries().stream().anyMatch(e -> e.planId() == id))
                .findFirst()
                .orElseThrow(() -> Refusal.missing(Thing.SERVED_PLAN));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/calendar;charset=utf-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"day.ics\"")
                .body(PlanCalendar.of(day, kitchen.zone()));
    }
}

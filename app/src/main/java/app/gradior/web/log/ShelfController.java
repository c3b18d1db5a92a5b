package app.gradior.web.log;

import app.gradior.access.Right;
import app.gradior.care.Storage;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Tokens;
import app.gradior.room.shelf.KeptContainer;
import app.gradior.room.shelf.Shelf;
import app.gradior.room.shelf.ShelfCalendar;
import app.gradior.room.words.Words;
import app.gradior.web.frame.Figures;
import app.gradior.web.frame.Needs;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** What stands in fridge and freezer: what to use soon, opened, used, thrown away. */
@Controller
@RequestMapping("/log/shelf")
class ShelfController {
    private final Shelf shelf;
    private final Tokens tokens;

    ShelfController(Shelf shelf, Tokens tokens) {
        this.shelf = shelf;
        this.tokens = tokens;
    }

    /** A container in the list; late when its date has passed, soon when it nearly has. */
    record Entry(
            long id,
            long batchId,
            String sauce,
            String name,
            String amount,
            String place,
            String useBy,
            String useByField,
            boolean opened,
            boolean soon,
            boolean late,
            String reason) {}

    static Entry entry(KeptContainer row, LocalDate today, Figures figures) {
        return new Entry(
                row.id(),
                row.batchId(),
                row.sauce(),
                row.name(),
                figures.volume(row.ml()),
                Words.text(row.place().equals(Storage.FREEZER.name()) ? "shelf.freezer" : "shelf.fridge"),
                figures.day(row.useBy()),
                row.useBy().toString(),
                row.state().equals(Shelf.State.OPENED.name()),
                !row.useBy().isAfter(today.plusDays(Shelf.SOON_DAYS)),
                row.useBy().isBefore(today),
                row.reason());
    }

    @GetMapping
    String page(@ModelAttribute("kitchen") Kitchen kitchen, Model model) {
        return page(kitchen, List.of(), model);
    }

    private String page(Kitchen kitchen, List<Fault> faults, Model model) {
        Figures figures = new Figures(kitchen);
        LocalDate today = shelf.today(kitchen);
        model.addAttribute(
                "kept",
                shelf.kept(kitchen).stream()
                        .map(row -> entry(row, today, figures))
                        .toList());
        model.addAttribute("faults", faults);
        return "log/shelf";
    }

    /** What becomes of a container, and why; what a browser leaves out is as if it were empty. */
    record ChangeForm(String to, String why, String useBy) {
        ChangeForm {
            to = to == null ? "" : to;
            why = why == null ? "" : why;
            useBy = useBy == null ? "" : useBy;
        }
    }

    @PostMapping("/{id}")
    String change(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            ChangeForm form,
            Model model,
            HttpServletResponse response) {
        try {
            if (form.to().equals("date")) {
                shelf.date(kitchen, id, FinishController.date(form.useBy()), form.why());
            } else {
                shelf.mark(kitchen, id, Refusal.checked("to", () -> Shelf.State.valueOf(form.to())), form.why());
            }
            return "redirect:/log/shelf";
        } catch (Refusal refusal) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(kitchen, refusal.faults(), model);
        }
    }

    /** Makes an address for a calendar program; it is shown this once. */
    @PostMapping("/feed")
    @Needs(Right.OWN)
    String feed(@ModelAttribute("kitchen") Kitchen kitchen, HttpServletRequest request, RedirectAttributes flash) {
        String token = tokens.make(kitchen.id(), Words.text("shelf-controller.shelf-calendar"), Tokens.Scope.CALENDAR);
        flash.addFlashAttribute(
                "feed",
                ServletUriComponentsBuilder.fromRequestUri(request)
                        .replacePath("/feed/" + token + "/shelf.ics")
                        .replaceQuery(null)
                        .toUriString());
        return "redirect:/log/shelf";
    }

    @GetMapping(path = "/calendar.ics", produces = "text/calendar; charset=utf-8")
    ResponseEntity<String> calendar(@ModelAttribute("kitchen") Kitchen kitchen) {
        return ResponseEntity.ok(ShelfCalendar.of(shelf.kept(kitchen)));
    }
}

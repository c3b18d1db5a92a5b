package app.gradior.web.account;

import app.gradior.access.Audit;
import app.gradior.access.Right;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.measure.MeasureSystem;
import app.gradior.measure.Numbers;
import app.gradior.room.exchange.KitchenFileReader;
import app.gradior.room.exchange.KitchenFileWriter;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.words.Language;
import app.gradior.web.form.Bound;
import app.gradior.web.form.TypedNumber;
import app.gradior.web.frame.AuditTrail;
import app.gradior.web.frame.Audited;
import app.gradior.web.frame.Needs;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** What a kitchen is called, and which measures, degrees, altitude and clock it has. */
@Controller
@RequestMapping("/kitchen")
class KitchenController {
    private final Kitchens kitchens;
    private final KitchenFileWriter writer;
    private final KitchenFileReader reader;
    private final AuditTrail trail;

    KitchenController(Kitchens kitchens, KitchenFileWriter writer, KitchenFileReader reader, AuditTrail trail) {
        this.kitchens = kitchens;
        this.writer = writer;
        this.reader = reader;
        this.trail = trail;
    }

    /** The form as typed. */
    record Form(
            @Nullable String name,
            @Nullable MeasureSystem measures,
            @Nullable Boolean fahrenheit,
            @Nullable Boolean ounces,
            @Nullable TypedNumber altitude,
            @Nullable String timeZone,
            @Nullable String language,
            @Nullable Integer revision) {
        Kitchens.Settings settings(Kitchen shown) {
            return new Kitchens.Settings(
                    said(name),
                    Refusal.given("measures", measures),
                    Boolean.TRUE.equals(fahrenheit),
                    Boolean.TRUE.equals(ounces),
                    TypedNumber.of(altitude).value(),
                    said(timeZone),
                    said(language),
                    revision == null ? shown.revision() : revision);
        }

        private static String said(@Nullable String text) {
            return text == null ? "" : text;
        }
    }

    @GetMapping
    String page(@ModelAttribute("kitchen") Kitchen kitchen, Model model) {
        return page(
                new Form(
                        kitchen.name(),
                        kitchen.measures(),
                        kitchen.fahrenheit(),
                        kitchen.ounces(),
                        new TypedNumber(Numbers.plain(kitchen.altitudeM(), 0).replace(",", "")),
                        kitchen.zone().getId(),
                        kitchen.language().map(Language::tag).orElse(""),
                        kitchen.revision()),
                List.of(),
                model);
    }

    private static String page(Form form, List<Fault> faults, Model model) {
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        model.addAttribute("systems", MeasureSystem.values());
        model.addAttribute("languages", Language.values());
        return "kitchen";
    }

    @PostMapping
    @Needs(Right.OWN)
    String change(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @ModelAttribute("form") Form form,
            BindingResult bound,
            Model model,
            HttpServletResponse response) {
        try {
            Bound.check(bound);
            kitchens.change(kitchen, form.settings(kitchen));
            return "redirect:/kitchen?kept";
        } catch (Refusal refusal) {
            response.setStatus(422);
            return page(form, refusal.faults(), model);
        }
    }

    /** All of this kitchen in one file. */
    @GetMapping("/kitchen.json")
    @Needs(Right.OWN)
    ResponseEntity<StreamingResponseBody> file(@ModelAttribute("kitchen") Kitchen kitchen) {
        trail.note(Audit.What.EXPORTED, "kitchen.json");
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"kitchen.json\"")
                .body(out -> writer.write(kitchen, out));
    }

    @PostMapping("/import")
    @Audited(Audit.What.READ_IN)
    @Needs(Right.OWN)
    String read(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam MultipartFile whole,
            Model model,
            HttpServletResponse response) {
        try {
            reader.read(kitchen, whole::getInputStream);
            return "redirect:/sauces";
        } catch (Refusal refusal) {
            response.setStatus(422);
            page(kitchen, model);
            model.addAttribute("faults", refusal.faults());
            return "kitchen";
        }
    }
}

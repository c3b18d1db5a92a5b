package app.gradior.web.account;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.measure.MeasureSystem;
import app.gradior.measure.Numbers;
import app.gradior.room.exchange.KitchenFileReader;
import app.gradior.room.exchange.KitchenFileWriter;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.words.Language;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
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

    KitchenController(Kitchens kitchens, KitchenFileWriter writer, KitchenFileReader reader) {
        this.kitchens = kitchens;
        this.writer = writer;
        this.reader = reader;
    }

    /** The form as typed. */
    record Form(
            String name,
            MeasureSystem measures,
            boolean fahrenheit,
            String altitude,
            String timeZone,
            String language) {}

    @GetMapping
    String page(@ModelAttribute("kitchen") Kitchen kitchen, Model model) {
        return page(
                new Form(
                        kitchen.name(),
                        kitchen.measures(),
                        kitchen.fahrenheit(),
                        Numbers.plain(kitchen.altitudeM(), 0).replace(",", ""),
                        kitchen.zone().getId(),
                        kitchen.language().map(Language::tag).orElse("")),
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
    String change(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam String name,
            @RequestParam MeasureSystem measures,
            @RequestParam(defaultValue = "false") boolean fahrenheit,
            @RequestParam String altitude,
            @RequestParam String timeZone,
            @RequestParam(defaultValue = "") String language,
            Model model,
            HttpServletResponse response) {
        try {
            double metres = Numbers.parse(altitude).orElse(Double.NaN);
            kitchens.change(kitchen, new Kitchens.Settings(name, measures, fahrenheit, metres, timeZone, language));
            return "redirect:/kitchen?kept";
        } catch (Refusal refusal) {
            response.setStatus(422);
            return page(new Form(name, measures, fahrenheit, altitude, timeZone, language), refusal.faults(), model);
        }
    }

    /** All of this kitchen in one file. */
    @GetMapping("/kitchen.json")
    ResponseEntity<StreamingResponseBody> file(@ModelAttribute("kitchen") Kitchen kitchen) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"kitchen.json\"")
                .body(out -> writer.write(kitchen, out));
    }

    @PostMapping("/import")
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

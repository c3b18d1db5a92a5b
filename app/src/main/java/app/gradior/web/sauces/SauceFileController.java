package app.gradior.web.sauces;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.room.book.SauceBook;
import app.gradior.room.exchange.BroughtIn;
import app.gradior.room.exchange.RecipeReader;
import app.gradior.room.exchange.SauceFile;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Words;
import app.gradior.web.frame.Figures;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
import org.springframework.web.multipart.MultipartFile;

/** Sauces out of the book as files, and recipes into it by way of the editor: nothing is saved before the cook has looked. */
@Controller
@RequestMapping("/sauces")
class SauceFileController {
    private final SauceBook book;
    private final SauceFile files;
    private final BroughtIn recipes;
    private final SaucesController editor;
    private final Lines lines;

    SauceFileController(SauceBook book, SauceFile files, BroughtIn recipes, SaucesController editor, Lines lines) {
        this.book = book;
        this.files = files;
        this.recipes = recipes;
        this.editor = editor;
        this.lines = lines;
    }

    @GetMapping("/import")
    String page(Model model) {
        model.addAttribute("faults", List.of());
        return "sauces/import";
    }

    @PostMapping("/import")
    String read(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam(defaultValue = "") String pasted,
            @RequestParam MultipartFile file,
            Model model,
            HttpServletResponse response)
            throws IOException {
        try {
            String text = file.isEmpty()
                    ? RecipeReader.text(pasted.getBytes(StandardCharsets.UTF_8))
                    : RecipeReader.text(file.getBytes());
            Figures figures = new Figures(kitchen);
            if (!files.isOwn(text)) {
                return check(kitchen, recipes.read(kitchen, text), figures, model);
            }
            List<Fault> faults = new ArrayList<>();
            SauceBook.Draft draft = files.read(text, faults);
            faults.addAll(book.faults(kitchen, draft));
            model.addAttribute("preview", true);
            return editor.page(kitchen, model, SauceForm.of(0, 0, draft, lines.catalogue(kitchen), figures), faults);
        } catch (Refusal refusal) {
            response.setStatus(422);
            model.addAttribute("faults", refusal.faults());
            model.addAttribute("pasted", pasted.length() > 20_000 ? "" : pasted);
            return "sauces/import";
        }
    }

    private String check(Kitchen kitchen, BroughtIn.Recipe recipe, Figures figures, Model model) {
        CheckView view = new CheckView(recipe, figures);
        model.addAttribute("form", SauceForm.of(0, 0, recipe.draft(), lines.catalogue(kitchen), figures));
        model.addAttribute("spoken", recipe.read().spoken());
        model.addAttribute("measures", Words.say(recipe.read().measures()));
        model.addAttribute("others", recipe.others());
        model.addAttribute("marks", view.marks());
        model.addAttribute("lines", view.lines());
        model.addAttribute("stages", view.stages());
        model.addAttribute("asks", view.asks());
        model.addAttribute("left", view.left());
        return "sauces/check";
    }

    /** What was read, with what it did not say: into the book and on to its plan, or into the editor first. */
    @PostMapping("/import/keep")
    String keep(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam(defaultValue = "plan") String then,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        SauceForm form = SauceForm.of(request).answered(request);
        if (then.equals("edit")) {
            model.addAttribute("preview", true);
            return editor.page(kitchen, model, form, List.of());
        }
        List<Fault> faults = new ArrayList<>();
        SauceBook.Draft draft = form.draft(
                lines.catalogue(kitchen), typed -> lines.parts(kitchen, typed), new Figures(kitchen), faults);
        faults.addAll(book.faults(kitchen, draft));
        if (faults.isEmpty()) {
            return "redirect:/plan?sauce=" + book.save(kitchen, 0, 0, draft);
        }
        response.setStatus(422);
        return editor.page(kitchen, model, form, faults);
    }

    @GetMapping("/{id:\\d+}.json")
    ResponseEntity<String> json(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        SauceBook.Draft draft = book.sauce(kitchen, id).draft();
        return file(draft.name(), "json", "application/json", files.json(draft));
    }

    @GetMapping("/{id:\\d+}.jsonld")
    ResponseEntity<String> jsonLd(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        SauceBook.Draft draft = book.sauce(kitchen, id).draft();
        return file(draft.name(), "jsonld", "application/ld+json", files.jsonLd(draft));
    }

    @GetMapping("/{id:\\d+}.md")
    ResponseEntity<String> markdown(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        SauceBook.Draft draft = book.sauce(kitchen, id).draft();
        return file(draft.name(), "md", "text/markdown", files.markdown(draft));
    }

    private static ResponseEntity<String> file(String name, String ending, String type, String body) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("(^-)|(-$)", "");
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type + ";charset=UTF-8"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "attachment; filename=\"" + (plain.isEmpty() ? "sauce" : plain) + "." + ending + "\"")
                .body(body);
    }
}

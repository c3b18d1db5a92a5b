package app.gradior.web.sauces;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.measure.LineReader;
import app.gradior.measure.WrittenIn;
import app.gradior.room.book.SauceBook;
import app.gradior.room.exchange.RecipeReader;
import app.gradior.room.exchange.SauceFile;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import app.gradior.sauce.Texture;
import app.gradior.web.frame.Figures;
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
    private final RecipeReader recipes;
    private final SaucesController editor;
    private final Lines lines;

    SauceFileController(SauceBook book, SauceFile files, RecipeReader recipes, SaucesController editor, Lines lines) {
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
            List<Fault> faults = new ArrayList<>();
            SauceBook.Draft draft =
                    files.isOwn(text) ? files.read(text, faults) : draft(kitchen, recipes.read(text), model);
            faults.addAll(book.faults(kitchen, draft));
            model.addAttribute("preview", true);
            Figures figures = new Figures(kitchen);
            return editor.page(kitchen, model, SauceForm.of(0, 0, draft, lines.catalogue(kitchen), figures), faults);
        } catch (Refusal refusal) {
            response.setStatus(422);
            model.addAttribute("faults", refusal.faults());
            model.addAttribute("pasted", pasted.length() > 20_000 ? "" : pasted);
            return "sauces/import";
        }
    }

    private SauceBook.Draft draft(Kitchen kitchen, RecipeReader.Recipe recipe, Model model) {
        StringBuilder notes = new StringBuilder();
        if (!recipe.yield().isBlank()) {
            notes.append(recipe.yield()).append("\n");
        }
        for (int i = 0; i < recipe.method().size(); i++) {
            notes.append(i + 1).append(". ").append(recipe.method().get(i)).append("\n");
        }
        String kept = notes.length() > 2000 ? notes.substring(0, 1990) + " …" : notes.toString();
        model.addAttribute("others", recipe.others());
        // What it is written in is told by its method too.
        List<String> all = new ArrayList<>(recipe.lines());
        all.addAll(recipe.method());
        SauceBook.Draft plain = SauceBook.Draft.plain(
                recipe.name(),
                recipe.lines().stream()
                        .map(line -> Lines.Typed.of(LineReader.head(line)))
                        .flatMap(line -> lines.parts(kitchen, line).stream())
                        .filter(line -> !lines.isHeading(kitchen, line))
                        .toList(),
                Texture.SMOOTH,
                5,
                20,
                kept.strip());
        String tags = recipe.tags().length() > 300 ? "" : recipe.tags();
        return new SauceBook.Draft(
                plain.name(),
                plain.lines(),
                plain.texture(),
                plain.targetStep(),
                plain.servedC(),
                plain.use(),
                null,
                tags,
                List.of(),
                plain.schools(),
                plain.notes(),
                WrittenIn.guess(all).map(WrittenIn::system));
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

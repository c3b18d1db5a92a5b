package app.gradior.web.sauces;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.method.ReadRecipe;
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
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
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
    /** A longer text is not sent along with the form, which may have 256 kB; nothing of it can be made a stage here, only in the editor. */
    private static final int MOST_SENT_BACK = 60_000;

    private static final Pattern SPAN = Pattern.compile("(\\d{1,7})-(\\d{1,7})");

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
                BroughtIn.Recipe recipe = recipes.read(kitchen, asSent(text));
                SauceForm form = SauceForm.of(0, 0, recipe.draft(), lines.catalogue(kitchen), figures);
                return check(recipe, form, figures, Map.of(), model);
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

    private static String check(
            BroughtIn.Recipe recipe, SauceForm form, Figures figures, Map<String, String> answers, Model model) {
        CheckView view = new CheckView(recipe, figures);
        model.addAttribute("form", form);
        model.addAttribute("source", recipe.text().length() > MOST_SENT_BACK ? "" : recipe.text());
        model.addAttribute(
                "made",
                recipe.made().stream()
                        .map(span -> span.from() + "-" + span.to())
                        .toList());
        model.addAttribute("spoken", recipe.read().spoken());
        model.addAttribute("measures", Words.say(recipe.read().measures()));
        model.addAttribute("others", recipe.others());
        model.addAttribute("marks", view.marks());
        model.addAttribute("lines", view.lines());
        model.addAttribute("stages", view.stages());
        model.addAttribute("asks", view.asks(answers));
        model.addAttribute("left", view.left());
        return "sauces/check";
    }

    /** A piece that was not used becomes a stage; all that was changed and answered stays. */
    // Wide: the form as it is sent, and where it came from.
    @PostMapping("/import/stage")
    String stage(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam(defaultValue = "") String source,
            @RequestParam(defaultValue = "") List<String> made,
            @RequestParam String make,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        List<ReadRecipe.Span> pieces = Stream.concat(made.stream(), Stream.of(make))
                .flatMap(SauceFileController::span)
                .toList();
        SauceForm before = SauceForm.of(request);
        Figures figures = new Figures(kitchen);
        try {
            BroughtIn.Recipe recipe = recipes.again(kitchen, asSent(source), pieces, before.tags());
            SauceForm form = SauceForm.of(0, 0, recipe.draft(), lines.catalogue(kitchen), figures);
            return check(recipe, form.keeping(before), figures, answers(request), model);
        } catch (Refusal refusal) {
            response.setStatus(422);
            model.addAttribute("faults", refusal.faults());
            return "sauces/import";
        }
    }

    /** A text in which places stay what they are when a browser sends it back: a form's fields begin with no line's end and end lines in two characters. */
    private static String asSent(String text) {
        return text.replace("\r\n", "\n").strip();
    }

    private static Stream<ReadRecipe.Span> span(String typed) {
        Matcher m = SPAN.matcher(typed);
        return m.matches()
                ? Stream.of(new ReadRecipe.Span(Integer.parseInt(m.group(1)), Integer.parseInt(m.group(2))))
                : Stream.empty();
    }

    private static Map<String, String> answers(HttpServletRequest request) {
        Map<String, String> answers = new HashMap<>();
        for (String field : List.of("answer", "fixed")) {
            String[] lines = request.getParameterValues(field + "Line");
            String[] values = request.getParameterValues(field);
            for (int i = 0; lines != null && values != null && i < Math.min(lines.length, values.length); i++) {
                answers.put(field + " " + lines[i], values[i]);
            }
        }
        return answers;
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
        SauceBook.Draft draft = form.draft(new Understands(lines, kitchen), new Figures(kitchen), faults);
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

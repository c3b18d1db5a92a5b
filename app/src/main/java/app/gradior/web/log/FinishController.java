package app.gradior.web.log;

import app.gradior.batch.Batch;
import app.gradior.batch.EventBody;
import app.gradior.care.Cautions;
import app.gradior.care.Keeping;
import app.gradior.care.StageCautions;
import app.gradior.care.Storage;
import app.gradior.clock.CoolingIn;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.measure.Numbers;
import app.gradior.room.batch.Batches;
import app.gradior.room.house.Kitchen;
import app.gradior.room.shelf.Finishing;
import app.gradior.room.shelf.Shelf;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.texture.Cold;
import app.gradior.web.form.Bound;
import app.gradior.web.frame.ColdWords;
import app.gradior.web.frame.Figures;
import app.gradior.web.print.Labels;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Off the heat: cool it, fill it, label it. */
@Controller
@RequestMapping("/log/{id}")
class FinishController {
    private static final int MOST_LABELS = 60;
    private static final int MOST_ALSO = 80;
    private final Batches batches;
    private final Finishing finishing;
    private final Shelf shelf;

    FinishController(Batches batches, Finishing finishing, Shelf shelf) {
        this.batches = batches;
        this.finishing = finishing;
        this.shelf = shelf;
    }

    @GetMapping("/finish")
    String page(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam Map<String, String> asked,
            Model model) {
        Batch batch = batches.batch(kitchen.id(), id);
        if (batch.state() != Batch.State.FINISHED) {
            return "redirect:/pot/" + id + "/finish";
        }
        model.addAttribute("asked", asked);
        return page(kitchen, batch, List.of(), null, "", model);
    }

    /** How much each guest gets. */
    record Guests(String typed, String says) {
        private static final double MOST = 1000;

        static Guests of(String typed, double coldMl, Figures figures) {
            if (typed.isBlank()) {
                return new Guests("", "");
            }
            double count = Numbers.parse(typed).orElse(Double.NaN);
            boolean fits = count >= 1 && count <= MOST && count == Math.rint(count);
            return new Guests(
                    typed.strip(),
                    fits
                            ? Words.text("finish-controller.each", figures.volume(coldMl / count))
                            : Words.text("finish-controller.is-no-number-of-guests-to", typed.strip()));
        }
    }

    /** The filling form as typed. */
    record Packing(List<FinishView.JarRow> rows, String what, String useBy, String reason) {}

    private String page(
            Kitchen kitchen, Batch batch, List<Fault> faults, @Nullable Packing typed, String temp, Model model) {
        Finishing.View view = finishing.of(kitchen, batch);
        FinishView v = FinishView.of(view, new Figures(kitchen), shelf.today(kitchen));
        model.addAttribute("v", v);
        model.addAttribute("packing", typed != null ? typed : new Packing(v.jars(), v.what(), v.useBy(), ""));
        model.addAttribute("temp", temp);
        @SuppressWarnings("unchecked")
        Map<String, String> asked = (Map<String, String>) model.asMap().getOrDefault("asked", Map.of());
        model.addAttribute(
                "season",
                SeasonRows.of(
                        view.done(),
                        batch.plan().servedC(),
                        view.forecast().likelyBody(),
                        asked,
                        new Figures(kitchen)));
        model.addAttribute(
                "butter",
                Enriching.of(
                        view.done(),
                        batch.plan().servedC(),
                        view.forecast().likelyBody(),
                        asked.getOrDefault("butter", ""),
                        new Figures(kitchen)));
        model.addAttribute("guests", Guests.of(asked.getOrDefault("guests", ""), view.coldMl(), new Figures(kitchen)));
        model.addAttribute("blender", Cautions.blender());
        model.addAttribute(
                "nextDay",
                Cold.change(
                                view.done().cooked(),
                                view.forecast().likelyBody(),
                                batch.plan().servedC())
                        .map(ColdWords::of)
                        .orElse(""));
        model.addAttribute("weeping", StageCautions.frozen(view.done().cooked()));
        model.addAttribute("storages", Storage.values());
        model.addAttribute("containers", CoolingIn.values());
        model.addAttribute("kept", shelf.ofBatch(kitchen.id(), batch.id()));
        model.addAttribute("sizes", Labels.Size.values());
        model.addAttribute("faults", faults);
        return "log/finish";
    }

    /** How it cools, and what a thermometer said; what a browser leaves out is as if it were empty. */
    record CoolingForm(String what, String container, String temp) {
        CoolingForm {
            what = what == null ? "" : what;
            container = container == null ? "" : container;
            temp = temp == null ? "" : temp;
        }
    }

    @PostMapping("/cooling")
    String cooling(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            CoolingForm form,
            Model model,
            HttpServletResponse response) {
        try {
            Double c = form.temp().isBlank() ? null : (Double) celsius(kitchen, form.temp());
            batches.record(
                    kitchen,
                    id,
                    new Batches.Draft(
                            "cooling-" + UUID.randomUUID(),
                            batches.now(),
                            new EventBody.Cooling(
                                    Refusal.checked("what", () -> Storage.valueOf(form.what())),
                                    Refusal.checked("container", () -> CoolingIn.valueOf(form.container())),
                                    c)));
            return "redirect:/log/" + id + "/finish";
        } catch (Refusal refusal) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(kitchen, batches.batch(kitchen.id(), id), refusal.faults(), null, form.temp(), model);
        }
    }

    private static double celsius(Kitchen kitchen, String temp) {
        double c = new Figures(kitchen).celsius(temp);
        if (Double.isNaN(c)) {
            throw Refusal.unfit("temp", Told.of("finish-controller.is-no-temperature", temp));
        }
        return c;
    }

    @PostMapping("/pack")
    String pack(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            PackForm form,
            Model model,
            HttpServletResponse response) {
        try {
            shelf.pack(
                    kitchen,
                    id,
                    form.filled(),
                    Refusal.checked("what", () -> Storage.valueOf(form.what())),
                    date(form.useBy()),
                    form.reason());
            if (!form.tested().isBlank()) {
                EventBody note = new EventBody.Note(Words.text(
                        "finish-controller.tested-recipe-followed",
                        form.tested().strip()));
                batches.record(kitchen, id, new Batches.Draft("tested-" + UUID.randomUUID(), batches.now(), note));
            }
            return "redirect:/log/" + id + "/finish#kept";
        } catch (Refusal refusal) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(kitchen, batches.batch(kitchen.id(), id), refusal.faults(), form.again(), "", model);
        }
    }

    static LocalDate date(String text) {
        try {
            return LocalDate.parse(text);
        } catch (DateTimeParseException e) {
            throw Refusal.unfit("useBy", Told.of("finish-controller.use-by-is-no-date", text));
        }
    }

    /** A sheet of labels: where on it to begin, how many, and what they contain beside. */
    record LabelsForm(String size, Integer skip, Integer count, String also) {
        LabelsForm {
            size = size == null ? Labels.Size.A4_21.name() : size;
            skip = skip == null ? 0 : skip;
            count = count == null ? 0 : count;
            also = also == null ? "" : also;
        }
    }

    @GetMapping("/labels.pdf")
    ResponseEntity<byte[]> labels(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            LabelsForm form,
            BindingResult bound,
            HttpServletRequest request) {
        Bound.check(bound);
        Batch batch = batches.batch(kitchen.id(), id);
        if (form.also().length() > MOST_ALSO) {
            throw Refusal.unfit("also", Told.of("finish-controller.also-contains-at-most-characters", MOST_ALSO));
        }
        Labels.Size of = Refusal.checked("size", () -> Labels.Size.valueOf(form.size()));
        Finishing.View view = finishing.of(kitchen, batch);
        Keeping planned = new Keeping(view.what(), view.shelf().useBy(shelf.today(kitchen)));
        List<Keeping> labels =
                Keeping.ofLabels(shelf.keepings(kitchen.id(), id), planned, Math.min(MOST_LABELS, form.count()));
        String address = ServletUriComponentsBuilder.fromRequestUri(request)
                .replacePath("/log/" + id)
                .replaceQuery(null)
                .toUriString();
        Figures figures = new Figures(kitchen);
        List<Labels.Text> texts = labels.stream()
                .map(label -> new Labels.Text(batch.name(), lines(batch, view, label, form.also(), figures), address))
                .toList();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"labels.pdf\"")
                .body(Labels.sheet(of, texts, Math.max(0, form.skip())));
    }

    /** What a label says, the most important first: a small one may have no room for the last. */
    private static List<String> lines(Batch batch, Finishing.View view, Keeping keep, String also, Figures figures) {
        List<String> lines = new ArrayList<>();
        lines.add(Words.text(
                "finish-controller.keep-use-by",
                (keep.place() == Storage.FREEZER
                        ? Words.text("finish-controller.frozen")
                        : Words.text("finish-controller.at-c-or-below")),
                figures.day(keep.useBy())));
        String allergens = Stream.concat(
                        view.ingredients().allergens().stream().map(Words::say),
                        Arrays.stream(also.split(",")).map(String::strip).filter(word -> !word.isEmpty()))
                .distinct()
                .sorted()
                .collect(Collectors.joining(", "));
        if (!allergens.isEmpty()) {
            lines.add(Words.text("finish-controller.contains", allergens));
        }
        lines.add(Words.text("finish-controller.made", figures.day(batch.startedAt())));
        double perSpoon = figures.tablespoonMl() / view.done().volumeMl20c();
        lines.add(Words.text(
                "finish-controller.a-tablespoon-sugar-g-salt-g",
                Numbers.fixed(view.done().sugarsG() * perSpoon, 1),
                Numbers.fixed(view.done().saltG() * perSpoon, 2)));
        lines.add(Words.text("finish-controller.batch", batch.id()));
        return lines;
    }
}

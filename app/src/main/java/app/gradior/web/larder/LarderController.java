package app.gradior.web.larder;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.larder.Allergen;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Composition;
import app.gradior.larder.Food;
import app.gradior.larder.Label;
import app.gradior.larder.Trait;
import app.gradior.measure.Numbers;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Larder;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.FoodNames;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.web.draw.CompositionDrawing;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Foods: found, drawn, added and corrected; and the kitchen's own words and measures. */
@Controller
@RequestMapping("/larder")
class LarderController {
    private static final int SHOWN = 60;
    private static final String[] LABEL_PARTS = {"fat", "carbohydrate", "sugars", "fibre", "protein", "salt", "alcohol"
    };

    private final Larder larder;
    private final Lines lines;

    LarderController(Larder larder, Lines lines) {
        this.larder = larder;
        this.lines = lines;
    }

    /** A food of the list. */
    record Entry(String id, String name, String short_, boolean own) {}

    @GetMapping
    String larder(@ModelAttribute("kitchen") Kitchen kitchen, @RequestParam(defaultValue = "") String q, Model model) {
        return list(kitchen, q, List.of(), model);
    }

    private String list(Kitchen kitchen, String q, List<Fault> faults, Model model) {
        Set<String> own = Set.copyOf(larder.ownFoods(kitchen.id()));
        List<Food> found = lines.catalogue(kitchen).search(q);
        model.addAttribute(
                "foods",
                found.stream()
                        .limit(SHOWN)
                        .map(food -> entry(food, own.contains(food.id())))
                        .toList());
        model.addAttribute("found", found.size());
        model.addAttribute("total", lines.catalogue(kitchen).foods().size());
        model.addAttribute("q", q);
        model.addAttribute("names", larder.names(kitchen.id()));
        model.addAttribute("measures", larder.measures(kitchen.id()));
        model.addAttribute("odd", larder.odd(kitchen.id()));
        model.addAttribute("faults", faults);
        return "larder/list";
    }

    private static Entry entry(Food food, boolean own) {
        Composition c = food.per100g();
        List<String> words = new ArrayList<>();
        word(words, "water", c.water());
        word(words, "sugar", c.sugars());
        word(words, "fat", c.fat());
        word(words, "salt", c.salt());
        word(words, "acid", c.acetic() + c.otherAcids());
        word(words, "alcohol", c.ethanol());
        word(words, "starch", c.starch());
        return new Entry(food.id(), Words.say(food), String.join(", ", words), own);
    }

    private static void word(List<String> words, String word, double grams) {
        if (grams >= 1) {
            words.add(Numbers.plain(grams, 0) + " % " + word);
        }
    }

    @GetMapping("/{id}")
    String food(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable String id, Model model) {
        Food food = food(kitchen, id);
        return page(kitchen, food, Map.of(), List.of(), model);
    }

    private Food food(Kitchen kitchen, String id) {
        return lines.catalogue(kitchen).food(id).orElseThrow(() -> Refusal.missing(Thing.FOOD));
    }

    private String page(Kitchen kitchen, Food food, Map<String, String> typed, List<Fault> faults, Model model) {
        model.addAttribute("food", food);
        model.addAttribute("drawing", CompositionDrawing.draw(food.per100g()));
        int revision = larder.revision(kitchen.id(), food.id());
        model.addAttribute("own", revision > 0);
        model.addAttribute("revision", revision);
        model.addAttribute("standard", Catalogue.standard().food(food.id()).isPresent());
        model.addAttribute(
                "allergens", food.allergens().stream().map(Words::say).sorted().collect(Collectors.joining(", ")));
        model.addAttribute("traits", food.traits().stream().map(Words::say).collect(Collectors.joining(", ")));
        List<String[]> measures = new ArrayList<>();
        food.measures().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(e -> measures.add(new String[] {
                    e.getKey().replace('-', ' '),
                    Numbers.plain(e.getValue().massG(), 1) + " g",
                    "± " + Numbers.plain(100 * e.getValue().logSd(), 0) + " %"
                }));
        model.addAttribute("measures", measures);
        model.addAttribute("canBe", Trait.byHand());
        if (!model.containsAttribute("tickedTraits")) {
            model.addAttribute("tickedTraits", food.traits());
        }
        model.addAttribute("typed", typed);
        model.addAttribute("faults", faults);
        return "larder/food";
    }

    /** What was ticked on a form that is shown again. */
    private static void ticked(HttpServletRequest request, Model model) {
        model.addAttribute("tickedTraits", chosen(request, "trait", Trait.class));
        model.addAttribute("tickedAllergens", chosen(request, "allergen", Allergen.class));
    }

    @GetMapping("/add")
    String add(@ModelAttribute("kitchen") Kitchen kitchen, Model model) {
        model.addAttribute("tickedTraits", Set.of());
        model.addAttribute("tickedAllergens", Set.of());
        return addPage(kitchen, Map.of(), List.of(), model);
    }

    private String addPage(Kitchen kitchen, Map<String, String> typed, List<Fault> faults, Model model) {
        model.addAttribute("typed", typed);
        model.addAttribute("faults", faults);
        model.addAttribute("allergens", Allergen.values());
        model.addAttribute("canBe", Trait.byHand());
        model.addAttribute(
                "foods",
                lines.catalogue(kitchen).foods().stream()
                        .map(Words::say)
                        .sorted()
                        .toList());
        return "larder/add";
    }

    @PostMapping("/add")
    String addFood(
            @ModelAttribute("kitchen") Kitchen kitchen,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Map<String, String> typed = typed(request);
        try {
            Food like = named(kitchen, typed.getOrDefault("like", ""));
            Label.Estimate estimate = label(typed).like(like);
            String name = Refusal.text("name", typed.getOrDefault("name", ""), 80);
            Food food = made(
                    id(kitchen, name),
                    name,
                    like,
                    estimate,
                    typed,
                    chosen(request, "allergen", Allergen.class),
                    together(like.traits(), chosen(request, "trait", Trait.class)));
            larder.put(kitchen.id(), food, 0);
            return "redirect:/larder/" + food.id() + "?kept";
        } catch (Refusal refusal) {
            response.setStatus(422);
            ticked(request, model);
            return addPage(kitchen, typed, refusal.faults(), model);
        }
    }

    @PostMapping("/{id}/label")
    String correct(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable String id,
            @RequestParam(defaultValue = "0") int revision,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Food food = food(kitchen, id);
        Map<String, String> typed = typed(request);
        try {
            Label.Estimate estimate = label(typed).like(food);
            larder.put(
                    kitchen.id(),
                    // Wide: what a label and a food it is like say.
                    made(
                            food.id(),
                            food.name(),
                            food,
                            estimate,
                            typed,
                            food.allergens(),
                            typed.containsKey("traitsShown") ? chosen(request, "trait", Trait.class) : food.traits()),
                    revision);
            return "redirect:/larder/" + id + "?kept";
        } catch (Refusal refusal) {
            response.setStatus(422);
            ticked(request, model);
            return page(kitchen, food, typed, refusal.faults(), model);
        }
    }

    @PostMapping("/{id}/standard")
    String standard(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable String id) {
        larder.backToStandard(kitchen.id(), food(kitchen, id).id());
        return "redirect:/larder/" + id;
    }

    private static Food made(
            String id,
            String name,
            Food like,
            Label.Estimate estimate,
            Map<String, String> typed,
            Set<Allergen> allergens,
            Set<Trait> traits) {
        String density = typed.getOrDefault("density", "");
        String ph = typed.getOrDefault("ph", "");
        String estimated = estimate.estimated().stream().map(Words::say).collect(Collectors.joining(", "));
        return Refusal.checked(
                "density",
                () -> new Food(
                        id,
                        name,
                        id.equals(like.id()) ? like.aliases() : List.of(),
                        estimate.composition(),
                        estimate.composition().starch() > 0 ? like.starchKind() : java.util.Optional.empty(),
                        like.fatForm(),
                        like.bodyForm(),
                        like.bodyFactor(),
                        density.isBlank() ? like.densityGPerMl() : number(density),
                        like.measures(),
                        ph.isBlank() ? like.ph() : OptionalDouble.of(number(ph)),
                        allergens,
                        traits,
                        like.scovilleUnits(),
                        Words.text("larder-controller.label-estimated", estimated)));
    }

    private Food named(Kitchen kitchen, String name) {
        return FoodNames.named(lines.catalogue(kitchen), name)
                .orElseThrow(() -> Refusal.unfit("like", Told.of("larder-controller.pick-the-food-it-is-most", name)));
    }

    private String id(Kitchen kitchen, String name) {
        String plain = java.text.Normalizer.normalize(name, java.text.Normalizer.Form.NFD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("(^-+)|(-+$)", "");
        String stem = "own-" + (plain.isEmpty() ? "food" : plain.substring(0, Math.min(40, plain.length())));
        stem = stem.replaceAll("-+$", "");
        String id = stem;
        for (int i = 2; lines.catalogue(kitchen).food(id).isPresent(); i++) {
            id = stem + "-" + i;
        }
        if (FoodNames.named(lines.catalogue(kitchen), name).isPresent()) {
            throw Refusal.unfit("name", Told.of("larder-controller.there-is-a-food-called-already", name));
        }
        return id;
    }

    private static Label label(Map<String, String> typed) {
        double[] parts = new double[LABEL_PARTS.length];
        List<Fault> faults = new ArrayList<>();
        for (int i = 0; i < parts.length; i++) {
            String text = typed.getOrDefault(LABEL_PARTS[i], "");
            parts[i] = text.isBlank() ? 0 : number(text);
            if (!(parts[i] >= 0 && parts[i] <= 100)) {
                faults.add(new Fault(
                        LABEL_PARTS[i], Told.of("larder-controller.is-not-between-and", LABEL_PARTS[i], text)));
            }
        }
        if (!faults.isEmpty()) {
            throw new Refusal(Refusal.Kind.UNFIT, faults);
        }
        String serving = typed.getOrDefault("serving", "");
        return Refusal.checked(
                "serving",
                () -> serving.isBlank()
                        ? new Label(parts[0], parts[1], parts[2], parts[3], parts[4], parts[5], parts[6])
                        : Label.ofServing(
                                number(serving), parts[0], parts[1], parts[2], parts[3], parts[4], parts[5], parts[6]));
    }

    private static double number(String text) {
        return Numbers.parse(text).orElse(Double.NaN);
    }

    private static Map<String, String> typed(HttpServletRequest request) {
        Map<String, String> typed = new HashMap<>();
        request.getParameterMap().forEach((name, values) -> typed.put(name, values[0].strip()));
        return typed;
    }

    private static Set<Trait> together(Set<Trait> inherited, Set<Trait> said) {
        EnumSet<Trait> all = EnumSet.noneOf(Trait.class);
        all.addAll(inherited);
        all.addAll(said);
        return all;
    }

    private static <E extends Enum<E>> Set<E> chosen(HttpServletRequest request, String field, Class<E> type) {
        EnumSet<E> chosen = EnumSet.noneOf(type);
        String[] values = request.getParameterValues(field);
        if (values != null) {
            for (String value : values) {
                chosen.add(Refusal.checked(field, () -> Enum.valueOf(type, value)));
            }
        }
        return chosen;
    }

    @PostMapping("/measures")
    String measure(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam String word,
            @RequestParam String ml,
            HttpServletResponse response,
            Model model) {
        try {
            larder.putMeasure(kitchen.id(), word, number(ml));
            return "redirect:/larder#own";
        } catch (Refusal refusal) {
            response.setStatus(422);
            model.addAttribute("word", word);
            model.addAttribute("ml", ml);
            return list(kitchen, "", refusal.faults(), model);
        }
    }

    @PostMapping("/measures/remove")
    String removeMeasure(@ModelAttribute("kitchen") Kitchen kitchen, @RequestParam String word) {
        larder.removeMeasure(kitchen.id(), word);
        return "redirect:/larder#own";
    }

    @PostMapping("/odd/remove")
    String removeOdd(@ModelAttribute("kitchen") Kitchen kitchen, @RequestParam String food) {
        larder.removeOdd(kitchen.id(), food);
        return "redirect:/larder";
    }

    @PostMapping("/names/remove")
    String forget(@ModelAttribute("kitchen") Kitchen kitchen, @RequestParam String words) {
        larder.forget(kitchen.id(), words);
        return "redirect:/larder#own";
    }
}

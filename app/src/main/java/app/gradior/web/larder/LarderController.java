package app.gradior.web.larder;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.larder.Allergen;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Composition;
import app.gradior.larder.Food;
import app.gradior.larder.Shelf;
import app.gradior.larder.Trait;
import app.gradior.measure.Numbers;
import app.gradior.plan.Substitution;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Larder;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.FoodNames;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.web.draw.CompositionDrawing;
import app.gradior.web.form.Bound;
import app.gradior.web.form.TypedNumber;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriComponentsBuilder;

/** Foods: found, drawn, added and corrected; and the kitchen's own words and measures. */
@Controller
@RequestMapping("/larder")
class LarderController {
    private final Larder larder;
    private final Lines lines;

    LarderController(Larder larder, Lines lines) {
        this.larder = larder;
        this.lines = lines;
    }

    /**
     * A food of the list.
     *
     * @param there whether it is ticked as being in the house
     */
    record Entry(String id, String name, String short_, boolean own, boolean there) {}

    /**
     * A choice of foods.
     *
     * @param key what it is asked by
     * @param count how many there are
     * @param chosen whether it is shown now
     */
    record Choice(String key, String name, long count, boolean chosen) {}

    /**
     * What of the larder is shown.
     *
     * @param q words that a food is found by; empty or absent for all
     * @param shelf where they stand; absent for any
     * @param job what they are there for in a sauce; empty for anything
     * @param house whether it is only what there is in the house; absent for all
     */
    record Asked(
            @Nullable String q,
            @Nullable String shelf,
            @Nullable String job,
            @Nullable Boolean house) {
        String words() {
            return q == null ? "" : q;
        }

        boolean onlyHouse() {
            return Boolean.TRUE.equals(house);
        }

        Optional<Shelf> on() {
            return Arrays.stream(Shelf.values())
                    .filter(one -> one.name().equals(shelf))
                    .findFirst();
        }

        /** The shelf that is shown; of a whole larder its first, and none of what is found. */
        Optional<Shelf> shown() {
            boolean everything = words().isBlank() && on().isEmpty() && !hasJob() && !onlyHouse();
            return everything ? Optional.of(Shelf.VEGETABLES) : on();
        }

        boolean hasJob() {
            return job != null && !job.isBlank();
        }
    }

    @GetMapping
    String larder(@ModelAttribute("kitchen") Kitchen kitchen, @ModelAttribute("asked") Asked asked, Model model) {
        return list(kitchen, asked, List.of(), model);
    }

    private String list(Kitchen kitchen, Asked asked, List<Fault> faults, Model model) {
        Set<String> own = Set.copyOf(larder.ownFoods(kitchen.id()));
        Set<String> there = larder.inHouse(kitchen.id());
        List<Food> all = lines.catalogue(kitchen).search("");
        List<Food> found = shown(kitchen, asked, there);
        model.addAttribute(
                "foods",
                found.stream()
                        .map(food -> entry(food, own.contains(food.id()), there.contains(food.id())))
                        .toList());
        model.addAttribute("shelves", shelves(all, asked));
        model.addAttribute(
                "jobs",
                Substitution.jobs().stream()
                        .map(job ->
                                new Choice(job, Words.text("job." + job.replace(' ', '-')), 0, job.equals(asked.job())))
                        .sorted(Comparator.comparing(Choice::name))
                        .toList());
        model.addAttribute("there", there.size());
        model.addAttribute("found", found.size());
        model.addAttribute("total", all.size());
        model.addAttribute("asked", asked);
        model.addAttribute("names", larder.names(kitchen.id()));
        model.addAttribute("measures", larder.measures(kitchen.id()));
        model.addAttribute("odd", larder.odd(kitchen.id()));
        model.addAttribute("faults", faults);
        return "larder/list";
    }

    /** The foods that are asked for; of a whole larder none, but those of its first shelf. */
    private List<Food> shown(Kitchen kitchen, Asked asked, Set<String> there) {
        Optional<Shelf> on = asked.shown();
        return lines.catalogue(kitchen).search(asked.words()).stream()
                .filter(food -> on.isEmpty() || Shelf.of(food) == on.get())
                .filter(food -> !asked.hasJob() || Substitution.does(food, Objects.requireNonNull(asked.job())))
                .filter(food -> !asked.onlyHouse() || there.contains(food.id()))
                .toList();
    }

    private static List<Choice> shelves(List<Food> all, Asked asked) {
        Map<Shelf, Long> counts = all.stream().collect(Collectors.groupingBy(Shelf::of, Collectors.counting()));
        Optional<Shelf> chosen = asked.shown();
        return Arrays.stream(Shelf.values())
                .map(shelf -> new Choice(
                        shelf.name(),
                        Words.say(shelf),
                        counts.getOrDefault(shelf, 0L),
                        chosen.filter(one -> one == shelf).isPresent()))
                .toList();
    }

    /** Keeps what there is of the foods that were shown. */
    @PostMapping("/house")
    String house(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @ModelAttribute("asked") Asked asked,
            @RequestParam(defaultValue = "") List<String> shown,
            @RequestParam(defaultValue = "") List<String> there) {
        larder.keepInHouse(kitchen, shown, Set.copyOf(there));
        UriComponentsBuilder back = UriComponentsBuilder.fromPath("/larder").queryParam("q", asked.words());
        asked.on().ifPresent(shelf -> back.queryParam("shelf", shelf.name()));
        if (asked.hasJob()) {
            back.queryParam("job", asked.job());
        }
        if (asked.onlyHouse()) {
            back.queryParam("house", true);
        }
        return "redirect:" + back.encode().toUriString();
    }

    private static Entry entry(Food food, boolean own, boolean there) {
        Composition c = food.per100g();
        List<String> words = new ArrayList<>();
        word(words, "larder.has-water", c.water());
        word(words, "larder.has-sugar", c.sugars());
        word(words, "larder.has-fat", c.fat());
        word(words, "larder.has-salt", c.salt());
        word(words, "larder.has-acid", c.acids());
        word(words, "larder.has-alcohol", c.ethanol());
        word(words, "larder.has-starch", c.starch());
        return new Entry(food.id(), Words.say(food), String.join(", ", words), own, there);
    }

    private static void word(List<String> words, String key, double grams) {
        if (grams >= 1) {
            words.add(Words.text(key, Numbers.plain(grams, 0)));
        }
    }

    @GetMapping("/{id}")
    String food(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable String id, Model model) {
        Food food = food(kitchen, id);
        return page(kitchen, food, LabelForm.BLANK, food.traits(), List.of(), model);
    }

    private Food food(Kitchen kitchen, String id) {
        return lines.catalogue(kitchen).food(id).orElseThrow(() -> Refusal.missing(Thing.FOOD));
    }

    private String page(
            Kitchen kitchen, Food food, LabelForm typed, Set<Trait> ticked, List<Fault> faults, Model model) {
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
                    e.getKey().replace("-us", " (US)").replace('-', ' '),
                    Numbers.plain(e.getValue().massG(), 1) + " g",
                    "± " + Numbers.plain(100 * e.getValue().logSd(), 0) + " %"
                }));
        model.addAttribute("measures", measures);
        model.addAttribute("canBe", Trait.byHand());
        model.addAttribute("tickedTraits", ticked);
        model.addAttribute("makeup", MakeupWords.of(food));
        model.addAttribute("typed", typed);
        model.addAttribute("faults", faults);
        return "larder/food";
    }

    @GetMapping("/add")
    String add(@ModelAttribute("kitchen") Kitchen kitchen, Model model) {
        return addPage(kitchen, LabelForm.BLANK, List.of(), model);
    }

    private String addPage(Kitchen kitchen, LabelForm typed, List<Fault> faults, Model model) {
        model.addAttribute("typed", typed);
        model.addAttribute("tickedTraits", typed.traits());
        model.addAttribute("tickedAllergens", typed.allergens());
        model.addAttribute("faults", faults);
        model.addAttribute("allergens", Allergen.values());
        model.addAttribute("canBe", Trait.byHand());
        model.addAttribute("foods", lines.foodNames(kitchen));
        return "larder/add";
    }

    @PostMapping("/add")
    String addFood(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @Valid @ModelAttribute("typed") LabelForm typed,
            BindingResult bound,
            HttpServletResponse response,
            Model model) {
        try {
            Bound.check(bound);
            Food like = named(kitchen, Objects.requireNonNullElse(typed.like(), ""));
            String name = Refusal.text("name", Objects.requireNonNullElse(typed.name(), ""), 80);
            Food food = typed.food(
                    id(kitchen, name), name, like, typed.allergens(), together(like.traits(), typed.traits()));
            larder.put(kitchen.id(), food, 0);
            return "redirect:/larder/" + food.id() + "?kept";
        } catch (Refusal refusal) {
            response.setStatus(422);
            return addPage(kitchen, typed, refusal.faults(), model);
        }
    }

    @PostMapping("/{id}/label")
    String correct(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable String id,
            @Valid @ModelAttribute("typed") LabelForm typed,
            BindingResult bound,
            HttpServletResponse response,
            Model model) {
        Food food = food(kitchen, id);
        Set<Trait> traits = typed.couldTick() ? typed.traits() : food.traits();
        try {
            Bound.check(bound);
            larder.put(kitchen.id(), typed.food(food.id(), food.name(), food, food.allergens(), traits), typed.seen());
            return "redirect:/larder/" + id + "?kept";
        } catch (Refusal refusal) {
            response.setStatus(422);
            return page(kitchen, food, typed, traits, refusal.faults(), model);
        }
    }

    @PostMapping("/{id}/standard")
    String standard(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable String id) {
        larder.backToStandard(kitchen.id(), food(kitchen, id).id());
        return "redirect:/larder/" + id;
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

    private static Set<Trait> together(Set<Trait> inherited, Set<Trait> said) {
        EnumSet<Trait> all = EnumSet.noneOf(Trait.class);
        all.addAll(inherited);
        all.addAll(said);
        return all;
    }

    @PostMapping("/measures")
    String measure(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam String word,
            @RequestParam TypedNumber ml,
            HttpServletResponse response,
            Model model) {
        try {
            larder.putMeasure(kitchen.id(), word, ml.value());
            return "redirect:/larder#own";
        } catch (Refusal refusal) {
            response.setStatus(422);
            model.addAttribute("word", word);
            model.addAttribute("ml", ml);
            return list(kitchen, new Asked(null, null, null, null), refusal.faults(), model);
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

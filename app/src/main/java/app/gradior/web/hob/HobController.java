package app.gradior.web.hob;

import app.gradior.batch.Batch;
import app.gradior.estimate.Prompt;
import app.gradior.room.batch.Batches;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.SauceVersion;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.plan.ClockPlans;
import app.gradior.room.shelf.Shelf;
import app.gradior.web.draw.SectionDrawing;
import app.gradior.web.frame.Figures;
import app.gradior.web.frame.LivePots;
import app.gradior.web.plan.DayView;
import app.gradior.web.pot.PotAnswers;
import app.gradior.web.pot.StageCard;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What is on now, by what needs hands first. */
@Controller
class HobController {
    private final Batches batches;
    private final LivePots live;
    private final SauceBook book;
    private final ClockPlans clocks;
    private final Shelf shelf;
    private final KitchenKit kit;

    HobController(Batches batches, LivePots live, SauceBook book, ClockPlans clocks, Shelf shelf, KitchenKit kit) {
        this.batches = batches;
        this.live = live;
        this.book = book;
        this.clocks = clocks;
        this.shelf = shelf;
        this.kit = kit;
    }

    /** A sauce is asked after from the next day on, for some days. */
    private static final Duration OVERNIGHT = Duration.ofHours(8);

    private static final Duration ASKED_FOR = Duration.ofDays(4);

    /** A pot of the kit, to be known by its look. */
    record OwnPot(long id, String name, String section) {}

    /** A container that is to be used soon. */
    record Soon(String name, String useBy, boolean late) {}

    @GetMapping("/")
    String hob(@ModelAttribute("kitchen") Kitchen kitchen, Model model) {
        Figures figures = new Figures(kitchen);
        List<Odd> odd = new ArrayList<>();
        LivePots.All all = live.of(kitchen, odd);
        model.addAttribute(
                "pots",
                all.on().stream()
                        .flatMap(on -> on.shown(odd, () -> card(figures, on)).stream())
                        .sorted(Comparator.comparing((Card pot) -> !pot.prompt().urgent())
                                .thenComparingDouble(Card::handsInMin))
                        .toList());
        model.addAttribute("waiting", all.waiting());
        clocks.all(kitchen, odd).stream().findFirst().ifPresent(day -> {
            model.addAttribute("day", new DayView(day, figures));
            model.addAttribute("clock", DayView.drawing(day, figures));
        });
        model.addAttribute("odd", odd);
        model.addAttribute("aside", batches.aside(kitchen.id()));
        List<SauceVersion> sauces = book.sauces(kitchen.id());
        model.addAttribute("sauces", sauces);
        if (sauces.isEmpty()) {
            firstMinutes(kitchen, model);
        }
        model.addAttribute("soon", soon(kitchen, figures));
        model.addAttribute(
                "ask",
                batches.finishedWithin(kitchen.id(), ASKED_FOR).stream()
                        .filter(batch -> batch.nextDay().isEmpty())
                        .filter(batch -> batch.finishedAt() != null
                                && batch.finishedAt().isBefore(batches.now().minus(OVERNIGHT)))
                        .toList());
        return "hob";
    }

    /** What a newcomer has: pots to be known by their looks. */
    private void firstMinutes(Kitchen kitchen, Model model) {
        model.addAttribute(
                "kitPots",
                kit.pots(kitchen.id()).stream()
                        .map(pot -> new OwnPot(pot.id(), pot.name(), SectionDrawing.halfFull(pot.shape())))
                        .toList());
    }

    /** Containers to be used soon, those alike together. */
    private List<Soon> soon(Kitchen kitchen, Figures figures) {
        Map<Soon, Long> alike = shelf.soon(kitchen).stream()
                .collect(Collectors.groupingBy(
                        row -> new Soon(
                                row.sauce() + ", " + row.name(),
                                figures.day(row.useBy()),
                                row.useBy().isBefore(shelf.today(kitchen))),
                        LinkedHashMap::new,
                        Collectors.counting()));
        return alike.entrySet().stream()
                .map(e -> e.getValue() == 1
                        ? e.getKey()
                        : new Soon(
                                e.getKey().name() + " × " + e.getValue(),
                                e.getKey().useBy(),
                                e.getKey().late()))
                .toList();
    }

    /** A live pot on the hob. */
    record Card(
            long id,
            String name,
            String potName,
            String started,
            Prompt prompt,
            PotAnswers answers,
            int stages,
            StageCard stage,
            double handsInMin) {}

    private Card card(Figures figures, LivePots.On on) {
        Batch batch = on.batch();
        return new Card(
                batch.id(),
                batch.name(),
                batch.plan().pot().name(),
                figures.time(batch.startedAt()),
                batches.prompt(batch, on.forecast(), batches.now()),
                PotAnswers.of(batch, on.forecast(), figures),
                batch.plan().course().size(),
                StageCard.of(batch, on.forecast(), Optional.empty(), figures, batches.now()),
                on.forecast().handsInMinutes());
    }
}

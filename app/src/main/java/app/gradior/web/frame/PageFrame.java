package app.gradior.web.frame;

import app.gradior.access.Hashes;
import app.gradior.access.Members;
import app.gradior.access.Right;
import app.gradior.access.Role;
import app.gradior.batch.Batch;
import app.gradior.batch.Coming;
import app.gradior.care.Cautions;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Prompt;
import app.gradior.room.batch.Acting;
import app.gradior.room.batch.Batches;
import app.gradior.room.batch.Heard;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import app.gradior.room.shelf.CoolingNow;
import app.gradior.room.words.Words;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import tools.jackson.databind.json.JsonMapper;

/** Gives every page its frame: the kitchen, its figures, the places, and the strip of live pots. */
@ControllerAdvice(basePackages = "app.gradior.web")
class PageFrame {
    private final KitchenOfRequest kitchens;
    private final Batches batches;
    private final LivePots live;
    private final CoolingNow cooling;
    private final Heard heard;
    private final Acting acting;
    private final JsonMapper json;

    // Wide: what stands around every page.
    PageFrame(
            KitchenOfRequest kitchens,
            Batches batches,
            LivePots live,
            CoolingNow cooling,
            Heard heard,
            Acting acting,
            JsonMapper json) {
        this.kitchens = kitchens;
        this.batches = batches;
        this.live = live;
        this.cooling = cooling;
        this.heard = heard;
        this.acting = acting;
        this.json = json;
    }

    /**
     * One of the places of the top bar.
     *
     * @param atHand whether it stands in a phone's bar; the others are behind its last word
     */
    record Place(String name, String path, boolean here, boolean atHand) {}

    /**
     * A live pot on the strip.
     *
     * @param handsInMin minutes until its stage is over
     * @param coming what a device rings for by itself, JSON
     * @param told the key of what is urgent, whatever the language; empty when nothing is
     * @param heardBy who heard just that, on whatever device; empty for nobody
     * @param hand who took the pot; empty for nobody
     */
    // Wide: a chip as it is drawn.
    record Chip(
            String address,
            long id,
            String name,
            String left,
            String doNow,
            boolean urgent,
            double handsInMin,
            String coming,
            String told,
            String heardBy,
            String hand) {
        private Chip by(String who) {
            return new Chip(address, id, name, left, doNow, urgent, handsInMin, coming, told, who, hand);
        }
    }

    @ModelAttribute
    void frame(@AuthenticationPrincipal @Nullable KitchenUser user, HttpServletRequest request, Model model) {
        String path = request.getRequestURI();
        Members.Standing standing = Rights.standing(request).orElse(null);
        if (user == null || standing == null || path.startsWith("/api/") || path.startsWith("/feed/")) {
            return;
        }
        model.addAttribute("account", user.mark());
        model.addAttribute("acting", acting.now().name());
        Role role = standing.role();
        model.addAttribute("role", role);
        model.addAttribute("mayCook", role.may(Right.COOK));
        model.addAttribute("mayOwn", role.may(Right.OWN));
        Kitchen kitchen = kitchens.kitchen(request, user.kitchenId());
        Figures figures = new Figures(kitchen);
        model.addAttribute("kitchen", kitchen);
        model.addAttribute("figures", figures);
        standing.kitchenGoes().ifPresent(at -> model.addAttribute("kitchenGoes", figures.dayAndTime(at)));
        standing.accountGoes().ifPresent(at -> model.addAttribute("accountGoes", figures.dayAndTime(at)));
        model.addAttribute("places", places(path));
        boolean ownPot = path.startsWith("/pot/") || path.equals("/");
        boolean page = "GET".equals(request.getMethod()) && !path.endsWith("/answer");
        model.addAttribute("strip", page ? strip(kitchen, figures, !ownPot) : List.of());
    }

    private static List<Place> places(String path) {
        return List.of(
                new Place(Words.text("page-frame.hob"), "/", path.equals("/") || path.startsWith("/pot"), true),
                place(path, "/sauces", Words.text("page-frame.sauces"), true),
                place(path, "/plan", Words.text("page-frame.plan"), true),
                place(path, "/log", Words.text("page-frame.log"), true),
                place(path, "/bench", Words.text("page-frame.bench"), true),
                place(path, "/practice", Words.text("page-frame.practice"), false),
                place(path, "/kit", Words.text("page-frame.kit"), false),
                place(path, "/larder", Words.text("page-frame.larder"), false),
                place(path, "/care", Words.text("page-frame.care"), false));
    }

    private static Place place(String path, String own, String name, boolean atHand) {
        return new Place(name, own, path.equals(own) || path.startsWith(own + "/"), atHand);
    }

    /** What wants hands first; the pots' own pages show the live ones themselves. */
    private List<Chip> strip(Kitchen kitchen, Figures figures, boolean others) {
        List<Odd> odd = new ArrayList<>();
        List<Chip> chips = new ArrayList<>();
        if (others) {
            LivePots.All all = live.of(kitchen, odd);
            all.on().forEach(on -> on.shown(odd, () -> chip(figures, on)).ifPresent(chips::add));
            all.waiting().stream().map(PageFrame::chip).forEach(chips::add);
        }
        cooling.of(kitchen, odd).forEach(now -> chips.add(chip(now, figures)));
        odd.forEach(o -> chips.add(quiet(o.address(), 0, o.name(), "—", Words.text("odd.chip", o.why()))));
        Map<Long, Heard.Last> known = heard.of(kitchen.id());
        return chips.stream()
                .map(chip -> heard(kitchen, chip, known.get(chip.id())))
                .sorted(Comparator.comparing((Chip chip) -> !chip.urgent()).thenComparingDouble(Chip::handsInMin))
                .toList();
    }

    /** What was heard is silent until it is over: then it can be told anew. */
    private Chip heard(Kitchen kitchen, Chip chip, Heard.@Nullable Last last) {
        if (last == null || chip.told().isEmpty()) {
            return chip;
        }
        if (chip.urgent() && chip.told().equals(last.told())) {
            return chip.by(last.by());
        }
        heard.forget(kitchen.id(), chip.id(), last.told());
        return chip;
    }

    private Chip chip(CoolingNow.Now now, Figures figures) {
        double left = Duration.between(batches.now(), now.limitAt()).toSeconds() / 60.0;
        String limit = Words.text("page-frame.by", figures.temp(now.limitC()), figures.time(now.limitAt()));
        String says = switch (now.state()) {
            case LATE -> Words.text("page-frame.too-slow-at-once-or-throw", figures.temp(Cautions.SAFE_C));
            case TOO_LATE -> Words.text("page-frame.throw-it-away");
            case WILL_BE_LATE -> Words.text("page-frame.cooling-too-slowly", limit);
            default -> Words.text("page-frame.cooling", limit);
        };
        return new Chip(
                "/log/" + now.batch().id() + "/finish",
                now.batch().id(),
                now.batch().name(),
                figures.temp(now.tempC()),
                says,
                now.urgent(),
                Math.max(0, left),
                coming(List.of(new Coming(now.limitAt(), new Coming.Cold(now.limitC()))), figures),
                Hashes.sha256("cooling " + now.state() + now.limitC()),
                "",
                "");
    }

    /**
     * What a device keeps of a moment to come.
     *
     * @param in ms from now, for devices' clocks differ
     */
    record Moment(long in, String says) {}

    private String coming(List<Coming> coming, Figures figures) {
        Instant now = batches.now();
        return json.writeValueAsString(coming.stream()
                .map(one -> new Moment(
                        Math.max(0, Duration.between(now, one.at()).toMillis()), Words.say(one.says(), figures)))
                .toList());
    }

    /** One that calls nobody. */
    private static Chip quiet(String address, long id, String name, String left, String says) {
        return new Chip(address, id, name, left, says, false, Double.MAX_VALUE, "[]", "", "", "");
    }

    /** One that is reckoned for the next look. */
    private static Chip chip(Batches.Head head) {
        return quiet("/pot/" + head.id(), head.id(), head.name(), "…", Words.text("page-frame.is-being-reckoned"));
    }

    private Chip chip(Figures figures, LivePots.On on) {
        Batch batch = on.batch();
        Forecast forecast = on.forecast();
        Prompt prompt = batches.prompt(batch, forecast, batches.now());
        String left = forecast.finish()
                .map(f -> figures.minutes(f.minutesFrom(forecast.nowMinute()).middle()))
                .orElse("—");
        return new Chip(
                "/pot/" + batch.id(),
                batch.id(),
                batch.name(),
                left,
                Words.say(prompt.doNow(), figures),
                prompt.urgent(),
                forecast.handsInMinutes(),
                coming(Coming.of(batch, forecast), figures),
                Hashes.sha256(prompt.doNow().toString()),
                "",
                batch.inHand());
    }
}

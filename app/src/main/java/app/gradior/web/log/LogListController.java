package app.gradior.web.log;

import app.gradior.batch.Batch;
import app.gradior.kept.Utc;
import app.gradior.measure.Numbers;
import app.gradior.room.batch.BatchLog;
import app.gradior.room.batch.BatchSummary;
import app.gradior.room.batch.LogFilter;
import app.gradior.room.book.SauceBook;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Words;
import app.gradior.texture.Stair;
import app.gradior.web.frame.Figures;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriComponentsBuilder;

/** Every batch: searched, filtered, sorted. */
@Controller
@RequestMapping("/log")
class LogListController {
    private static final List<String> SORTS = List.of("name", "started", "minutes", "yield", "step", "rating");
    private static final int LONGEST_WORDS = 80;
    private static final int MOST_PAGES = 10_000;

    private final BatchLog log;
    private final SauceBook book;

    LogListController(BatchLog log, SauceBook book) {
        this.log = log;
        this.book = book;
    }

    /** A batch in the list. */
    record Entry(
            long id,
            String address,
            String name,
            String day,
            String pot,
            String minutes,
            String yield,
            String nextDay,
            String stars,
            boolean live) {}

    /** A column that can be sorted by. */
    record Column(String name, String address, String direction) {}

    @GetMapping
    String list(@ModelAttribute("kitchen") Kitchen kitchen, @RequestParam Map<String, String> asked, Model model) {
        Figures figures = new Figures(kitchen);
        Map<String, String> f = new HashMap<>(
                Map.of("q", "", "sauce", "0", "pot", "", "from", "", "to", "", "rating", "0", "low", "", "high", ""));
        f.put("sort", "started");
        f.put("up", "");
        f.put("page", "0");
        asked.forEach((name, value) -> f.computeIfPresent(name, (n, old) -> value.strip()));
        int page = (int) Math.max(
                0, Math.min(MOST_PAGES, Numbers.parse(field(f, "page")).orElse(0)));
        BatchLog.Found found = log.find(kitchen.id(), filter(f, kitchen), page);
        model.addAttribute("f", f);
        model.addAttribute(
                "entries",
                found.batches().stream().map(row -> entry(row, figures)).toList());
        model.addAttribute("total", found.total());
        model.addAttribute("filtered", asked.keySet().stream().anyMatch(f::containsKey));
        model.addAttribute("sauces", book.sauces(kitchen.id()));
        model.addAttribute("pots", log.pots(kitchen.id()));
        model.addAttribute("columns", columns(f));
        model.addAttribute("before", page > 0 ? address(f, "page", String.valueOf(page - 1)) : "");
        model.addAttribute("after", found.more() ? address(f, "page", String.valueOf(page + 1)) : "");
        model.addAttribute("from", page * BatchLog.PAGE + 1);
        model.addAttribute("until", page * BatchLog.PAGE + found.batches().size());
        return "log/list";
    }

    private static String field(Map<String, String> f, String name) {
        return f.getOrDefault(name, "");
    }

    private static LogFilter filter(Map<String, String> f, Kitchen kitchen) {
        String words = field(f, "q");
        LocalDateTime to = day(field(f, "to"), kitchen);
        return new LogFilter(
                LogFilter.like(words.length() > LONGEST_WORDS ? words.substring(0, LONGEST_WORDS) : words),
                (long) Numbers.parse(field(f, "sauce")).orElse(0),
                field(f, "pot"),
                day(field(f, "from"), kitchen),
                to == null ? null : to.plusDays(1),
                (int) Numbers.parse(field(f, "rating")).orElse(0),
                number(field(f, "low")),
                number(field(f, "high")),
                SORTS.contains(field(f, "sort")) ? field(f, "sort") : "started",
                !field(f, "up").isEmpty());
    }

    private static @Nullable Double number(String text) {
        return Numbers.parse(text).isPresent() ? (Double) Numbers.parse(text).getAsDouble() : null;
    }

    private static @Nullable LocalDateTime day(String text, Kitchen kitchen) {
        try {
            return text.isEmpty()
                    ? null
                    : LocalDateTime.ofInstant(
                            LocalDate.parse(text).atStartOfDay(kitchen.zone()).toInstant(), ZoneOffset.UTC);
        } catch (DateTimeParseException e) {
            return null;
        }
    }

    private static List<Column> columns(Map<String, String> f) {
        return List.of(
                column(Words.text("log-list-controller.sauce"), "name", f),
                column(Words.text("log-list-controller.begun"), "started", f),
                new Column(Words.text("log-list-controller.pot"), "", ""),
                column(Words.text("log-list-controller.on-the-heat"), "minutes", f),
                column(Words.text("log-list-controller.yield"), "yield", f),
                column(Words.text("log-list-controller.next-day"), "step", f),
                column(Words.text("log-list-controller.rating"), "rating", f));
    }

    private static Column column(String name, String sort, Map<String, String> f) {
        boolean here = field(f, "sort").equals(sort);
        boolean up = !field(f, "up").isEmpty();
        Map<String, String> next = new HashMap<>(f);
        next.put("sort", sort);
        next.put("up", here && !up ? "1" : "");
        String direction = up ? "ascending" : "descending";
        return new Column(name, address(next, "page", "0"), here ? direction : "");
    }

    private static String address(Map<String, String> f, String name, String value) {
        UriComponentsBuilder address = UriComponentsBuilder.fromPath("/log");
        f.entrySet().stream()
                .filter(e -> !e.getKey().equals(name)
                        && !e.getValue().isEmpty()
                        && !e.getValue().equals("0"))
                .sorted(Map.Entry.comparingByKey())
                .forEach(e -> address.queryParam(e.getKey(), "{" + e.getKey() + "}"));
        if (!value.equals("0")) {
            address.queryParam(name, value);
        }
        return address.buildAndExpand(f).encode().toUriString();
    }

    private static Entry entry(BatchSummary row, Figures figures) {
        Double minutes = row.minutes();
        Double yield = row.yieldMl();
        Double step = row.stepCold();
        Integer rating = row.rating();
        boolean live = row.state().equals(Batch.State.LIVE.name());
        boolean aside = row.state().equals(Batch.State.ASIDE.name());
        return new Entry(
                row.id(),
                (live || aside ? "/pot/" : "/log/") + row.id(),
                row.name(),
                figures.dayAndTime(Utc.instant(row.startedAt())),
                row.potName(),
                minutes == null
                        ? aside
                                ? Words.text("log-list-controller.set-aside")
                                : Words.text("log-list-controller.on-the-heat-2")
                        : figures.minutes(minutes),
                yield == null ? "—" : figures.volume(yield),
                step == null ? "—" : Numbers.plain(step, 1) + " " + Words.say(Stair.Tread.of(step)),
                rating == null ? "—" : Words.text("log-list-controller.of", rating),
                live);
    }
}

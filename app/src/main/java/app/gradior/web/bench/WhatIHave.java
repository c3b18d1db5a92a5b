package app.gradior.web.bench;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchTelling;
import app.gradior.estimate.Forecast;
import app.gradior.finding.Refusal;
import app.gradior.measure.LineReading;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.plan.ByLook;
import app.gradior.room.batch.Batches;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.SauceVersion;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Texture;
import app.gradior.web.frame.Figures;
import app.gradior.web.frame.Forecasts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What is in the pot: a sauce of the book, typed lines, or a sauce described by its look. */
@Component
class WhatIHave {
    static final String FIRST_LINES = "800 ml passata\n300 ml vegetable stock\n1 tsp salt";
    private static final int MOST_LINES = 80;

    private final SauceBook book;
    private final Lines lines;
    private final Batches batches;
    private final Forecasts forecasts;

    WhatIHave(SauceBook book, Lines lines, Batches batches, Forecasts forecasts) {
        this.book = book;
        this.lines = lines;
        this.batches = batches;
        this.forecasts = forecasts;
    }

    /**
     * The mixture and, where lines are known, what they were understood as.
     *
     * @param live the pot it is in, if it is on the heat
     */
    record Have(Mixture mixture, Ingredients ingredients, String words, Optional<Live> live) {
        Have(Mixture mixture, Ingredients ingredients, String words) {
            this(mixture, ingredients, words, Optional.empty());
        }
    }

    /** A pot that is on, as it is believed to be. */
    record Live(Batch batch, Forecast forecast) {}

    static String way(BenchForm asked) {
        String way = asked.text("have", "");
        if (way.isEmpty()) {
            way = asked.fields().containsKey("sauce") ? "sauce" : "lines";
        }
        return way;
    }

    List<Field> fields(BenchForm asked, Kitchen kitchen) {
        Figures figures = new Figures(kitchen);
        List<Field> fields = new ArrayList<>();
        String way = way(asked);
        fields.add(Field.choice(
                "have",
                Words.text("what-ihave.what-i-have-is"),
                way,
                List.of(
                        new Field.Choice("lines", Words.text("what-ihave.typed-lines")),
                        new Field.Choice("sauce", Words.text("what-ihave.a-sauce-of-my-book")),
                        new Field.Choice("look", Words.text("what-ihave.described-by-its-look")),
                        new Field.Choice("pot", Words.text("what-ihave.in-a-pot-that-is-on")))));
        switch (way) {
            case "pot" ->
                fields.add(Field.choice(
                        "batch",
                        Words.text("what-ihave.pot"),
                        asked.text("batch", ""),
                        batches.livePlans(kitchen.id()).stream()
                                .map(batch -> new Field.Choice(String.valueOf(batch.id()), batch.name()))
                                .toList()));
            case "sauce" ->
                fields.add(Field.choice(
                        "sauce",
                        Words.text("what-ihave.sauce"),
                        asked.text("sauce", ""),
                        book.sauces(kitchen.id()).stream()
                                .map(row -> new Field.Choice(String.valueOf(row.id()), row.name()))
                                .toList()));
            case "look" -> {
                fields.add(Field.choice(
                        "kind",
                        Words.text("what-ihave.thick-from"),
                        asked.text("kind", "pulp"),
                        List.of(
                                new Field.Choice("pulp", Words.text("what-ihave.vegetables-or-fruit")),
                                new Field.Choice("starch", Words.text("what-ihave.starch-or-flour")),
                                new Field.Choice("syrup", Words.text("bench.sugar")))));
                fields.add(Field.number(
                        "looksStep", Words.text("what-ihave.step-it-looks-like-now"), asked.text("looksStep", "4")));
                fields.add(Field.number(
                        "looksC",
                        Words.text("what-ihave.at", (kitchen.fahrenheit() ? "°F" : "°C")),
                        asked.text("looksC", figures.degrees(90))));
                fields.add(Field.number(
                        "volumeMl", Words.text("what-ihave.and-there-are-ml"), asked.text("volumeMl", "800")));
            }
            default ->
                fields.add(Field.lines(
                        "lines",
                        Words.text("what-ihave.a-line-each"),
                        asked.text("lines", FIRST_LINES),
                        Words.text("what-ihave.as-you-would-write-them")));
        }
        if (!way.equals("look") && !way.equals("pot")) {
            fields.add(Field.choice(
                    "pieces",
                    Words.text("what-ihave.pieces-are"),
                    asked.text("pieces", "smooth"),
                    List.of(
                            new Field.Choice("smooth", Words.text("what-ihave.blended-or-milled")),
                            new Field.Choice("chunky", Words.text("what-ihave.left-whole")))));
        }
        return fields;
    }

    Have have(BenchForm asked, Kitchen kitchen) {
        Texture texture = asked.text("pieces", "smooth").equals("chunky") ? Texture.CHUNKY : Texture.SMOOTH;
        return switch (way(asked)) {
            case "sauce" -> sauce(asked, kitchen, texture);
            case "look" -> look(asked, kitchen);
            case "pot" -> pot(asked, kitchen);
            default -> typed(asked, kitchen, texture);
        };
    }

    private Have sauce(BenchForm asked, Kitchen kitchen, Texture texture) {
        long id = (long) Numbers.parse(asked.text("sauce", ""))
                .orElseGet(() -> book.sauces(kitchen.id()).stream()
                        .findFirst()
                        .map(SauceVersion::id)
                        .orElse(0L));
        if (id == 0) {
            throw Refusal.unfit("sauce", Told.of("what-ihave.there-is-no-sauce-in-your"));
        }
        SauceBook.Sauce sauce = book.sauce(kitchen, id);
        Ingredients ingredients = new Ingredients(sauce.ingredients().lines(), texture);
        return checked(new Have(ingredients.mixture().cookedThrough(), ingredients, sauce.name()), "sauce");
    }

    private Have typed(BenchForm asked, Kitchen kitchen, Texture texture) {
        List<LineReading> readings = asked.text("lines", FIRST_LINES)
                .lines()
                .filter(line -> !line.isBlank())
                .limit(MOST_LINES)
                .map(line -> lines.read(kitchen, line))
                .toList();
        Ingredients ingredients = new Ingredients(readings, texture);
        return checked(new Have(ingredients.mixture().cookedThrough(), ingredients, ""), "lines");
    }

    private Have pot(BenchForm asked, Kitchen kitchen) {
        long id = (long) Numbers.parse(asked.text("batch", ""))
                .orElseGet(() -> batches.livePlans(kitchen.id()).stream()
                        .mapToLong(Batch::id)
                        .findFirst()
                        .orElse(0));
        if (id == 0) {
            throw Refusal.unfit("batch", Told.of("what-ihave.no-pot-is-on"));
        }
        Batch batch = batches.batch(kitchen.id(), id);
        Forecast forecast = forecasts.now(kitchen, batch);
        return checked(
                new Have(
                        forecast.likely().mixture(),
                        new BatchTelling(batch).wentIn(),
                        batch.name(),
                        Optional.of(new Live(batch, forecast))),
                "batch");
    }

    private static Have look(BenchForm asked, Kitchen kitchen) {
        Figures figures = new Figures(kitchen);
        ByLook.Kind kind = Refusal.checked("kind", () -> ByLook.Kind.ofKey(asked.text("kind", "pulp")));
        double step = asked.number("looksStep", "what-ihave.step-it-looks-like", 4, 0, 9.5, "");
        double tempC = asked.celsius("looksC", "what-ihave.its-temperature", 90, figures);
        double ml = asked.number("volumeMl", "what-ihave.how-much-there-is", 800, 10, 50_000, " mL");
        Mixture mixture = Refusal.checked("looksStep", () -> ByLook.sauce(kind, step, Math.max(0, tempC), ml));
        return new Have(
                mixture,
                new Ingredients(List.of(), Texture.SMOOTH),
                Words.text("what-ihave.a-sauce-that-looks-like-that"));
    }

    private static Have checked(Have have, String field) {
        if (!(have.mixture().massG() > 0)) {
            throw Refusal.unfit(field, Told.of("what-ihave.nothing-of-this-weighs-anything-yet"));
        }
        return have;
    }
}

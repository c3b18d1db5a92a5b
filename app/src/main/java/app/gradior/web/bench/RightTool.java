package app.gradior.web.bench;

import app.gradior.batch.BatchPlan;
import app.gradior.batch.MoreGuests;
import app.gradior.finding.Refusal;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.Food;
import app.gradior.larder.StarchKind;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.rescue.Aim;
import app.gradior.rescue.Complaint;
import app.gradior.rescue.Handling;
import app.gradior.rescue.Liquids;
import app.gradior.rescue.Measure;
import app.gradior.rescue.Move;
import app.gradior.rescue.Rescue;
import app.gradior.rescue.Sauce;
import app.gradior.rescue.Unsaid;
import app.gradior.rescue.Way;
import app.gradior.rescue.Ways;
import app.gradior.room.book.SauceBook;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Larder;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Texture;
import app.gradior.sauce.Use;
import app.gradior.simmer.Heat;
import app.gradior.web.frame.Figures;
import app.gradior.web.pot.Taking;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Put it right: what is wrong with a sauce, and the ways out of it. */
@Component
@Order(0)
class RightTool implements Tool {
    private static final String AS_IT_IS = "as";
    private static final String GUESTS = "guests";
    private static final double MOST_ML = 100_000;
    private static final double PERCENT = 100;

    private final WhatIHave have;
    private final Larder larder;
    private final SauceBook book;

    RightTool(WhatIHave have, Larder larder, SauceBook book) {
        this.have = have;
        this.larder = larder;
        this.book = book;
    }

    @Override
    public String key() {
        return "right";
    }

    @Override
    public String title() {
        return Words.text("right-tool.put-it-right");
    }

    @Override
    public String lead() {
        return Words.text("right-tool.say-what-is-wrong");
    }

    /** Guests who came beside those it was planned for. */
    private static double guests(BenchForm asked) {
        return WhatIHave.way(asked).equals("pot") ? asked.number(GUESTS, "right-tool.more-guests", 0, 0, 1000, "") : 0;
    }

    private static Set<Complaint> wrong(BenchForm asked) {
        Set<Complaint> wrong = EnumSet.noneOf(Complaint.class);
        if (guests(asked) > 0) {
            wrong.add(Complaint.TOO_LITTLE);
        }
        asked.text("wrong", "")
                .lines()
                .filter(key -> !key.isBlank())
                .forEach(key -> wrong.add(Refusal.checked("wrong", () -> Complaint.ofKey(key))));
        return wrong;
    }

    /** Those that there are: the page with its fields is shown whatever is asked, and the answer names what is none. */
    private static Set<Complaint> known(BenchForm asked) {
        try {
            return wrong(asked);
        } catch (Refusal none) {
            return Set.of();
        }
    }

    @Override
    public List<Field> fields(BenchForm asked, Kitchen kitchen) {
        Set<Complaint> wrong = known(asked);
        Liquids liquids = liquids(asked, kitchen, wrong);
        List<Field> fields = new ArrayList<>();
        fields.add(Field.ticks(
                "wrong",
                Words.text("right-tool.it-is"),
                asked.text("wrong", ""),
                "",
                Arrays.stream(Complaint.values())
                        .map(one -> new Field.Choice(one.key(), Words.say(one)))
                        .toList()));
        if (wrong.stream().anyMatch(Complaint::asksHowMuch)) {
            fields.add(Field.choice(
                    "less",
                    Words.text("right-tool.by-how-much"),
                    asked.text("less", "25"),
                    List.of(
                            new Field.Choice("10", Words.text("right-tool.a-little")),
                            new Field.Choice("25", Words.text("right-tool.clearly")),
                            new Field.Choice("50", Words.text("right-tool.by-half")))));
        }
        List<Field.Choice> steps = new ArrayList<>();
        steps.add(new Field.Choice(AS_IT_IS, Words.text("right-tool.as-planned-or-is")));
        steps.addAll(Ask.step(asked, "").choices());
        fields.add(Field.choice("step", Words.text("ask.wanted-when-served"), asked.text("step", AS_IT_IS), steps));
        if (WhatIHave.way(asked).equals("pot")) {
            fields.add(number(asked, GUESTS, "right-tool.more-guests"));
        }
        fields.add(number(asked, "leastMl", "right-tool.no-less-than"));
        fields.add(number(asked, "mostMl", "right-tool.no-more-than"));
        fields.add(number(asked, "minutes", "right-tool.minutes-there-are"));
        if (!WhatIHave.way(asked).equals("pot")) {
            fields.add(Ask.served(asked, kitchen));
        }
        fields.add(Field.ticks(
                "hand",
                Words.text("right-tool.there-is-in-the-house"),
                hand(asked, liquids),
                liquids.usual(),
                liquids.all().stream()
                        .map(food -> new Field.Choice(food.id(), Words.say(food)))
                        .toList()));
        List<Field.Choice> starches = new ArrayList<>(Ask.starch(asked).choices());
        starches.add(new Field.Choice("none", Words.text("right-tool.none")));
        fields.add(Field.choice(
                "starch", Words.text("ask.starch"), asked.text("starch", StarchKind.MAIZE.key()), starches));
        return fields;
    }

    /** Ids of what is ticked; what was not touched since it was shown is what suits the sauce as it is now. */
    private static String hand(BenchForm asked, Liquids liquids) {
        String ticked = asked.text("hand", liquids.usual());
        boolean untouched = asked.fields().containsKey("handWas")
                && ticked.equals(asked.text("handWas", "").replace(' ', '\n'));
        return untouched ? liquids.usual() : ticked;
    }

    private static Field number(BenchForm asked, String name, String word) {
        return Field.number(name, Words.text(word), asked.text(name, ""));
    }

    /** What suits the sauce; what suits any where nothing is understood of it yet. */
    private Liquids liquids(BenchForm asked, Kitchen kitchen, Set<Complaint> wrong) {
        Set<String> inHouse = larder.inHouse(kitchen.id());
        try {
            WhatIHave.Have what = have.have(asked, kitchen);
            return Liquids.of(what.ingredients(), what.mixture(), wrong, inHouse);
        } catch (Refusal nothingYet) {
            return Liquids.of(new Ingredients(List.of(), Texture.SMOOTH), Mixture.EMPTY, wrong, inHouse);
        }
    }

    @Override
    public Reply answer(BenchForm asked, Kitchen kitchen) {
        WhatIHave.Have what = have.have(asked, kitchen);
        Set<Complaint> wrong = wrong(asked);
        Figures figures = new Figures(kitchen);
        Sauce sauce = sauce(asked, kitchen, what);
        if (wrong.isEmpty()) {
            return new Reply.Builder(Words.text("right-tool.tick-what-is-wrong"))
                    .fact(Words.text("right-tool.it-is-now"), now(sauce, figures))
                    .done();
        }
        Rescue rescue = rescue(asked, kitchen, what, wrong, sauce);
        Ways.Answer answer = rescue.answer();
        String batch = what.live().map(live -> live.batch().id() + " ").orElse("");
        List<Way> ways = answer.cannot().map(Ways.Cannot::instead).orElse(answer.ways());
        Reply.Builder reply = new Reply.Builder(saying(rescue, answer, figures));
        reply.fact(Words.text("right-tool.it-is-now"), now(sauce, figures));
        int number = 1;
        for (Way way : ways) {
            reply.way(new Reply.Choice(
                    String.valueOf(number++),
                    title(way.moves(), figures),
                    how(way, figures),
                    effects(sauce, way.after(), way.minutes(), figures),
                    batch.isEmpty() ? "" : batch + Taking.of(way.moves())));
        }
        for (Handling handling : rescue.handlings()) {
            List<Move> adds = handling.adds(sauce.mixture()).stream().toList();
            String taking = Taking.of(handling, adds);
            reply.way(new Reply.Choice(
                    rescue.measured() ? "±" : String.valueOf(number++),
                    Words.say(handling) + (adds.isEmpty() ? "" : ": " + title(adds, figures)),
                    Words.say(handling, "how"),
                    effects(sauce, handling.on(sauce), handling.minutes(sauce.mixture()), figures),
                    batch.isEmpty() || taking.isEmpty() ? "" : batch + taking));
        }
        Optional<MoreGuests> more = moreGuests(asked, kitchen, what);
        more.ifPresent(guests -> reply.fact(
                Words.text("right-tool.for-more-guests", guests(asked)),
                Words.text(
                        "right-tool.more-than-it-gives",
                        figures.volume(guests.moreMl()),
                        figures.volume(guests.givesMl()))));
        wrong.stream()
                .filter(one -> more.isEmpty() || one != Complaint.TOO_LITTLE)
                .forEach(one -> reply.fact(Words.say(one), Words.say(one, "beware")));
        return reply.done();
    }

    private static Sauce sauce(BenchForm asked, Kitchen kitchen, WhatIHave.Have what) {
        if (what.live().isEmpty()) {
            return new Sauce(what.mixture(), Ask.servedC(asked, kitchen), 1, Optional.empty());
        }
        WhatIHave.Live live = what.live().get();
        BatchPlan plan = live.batch().plan();
        return new Sauce(
                what.mixture(),
                plan.servedC(),
                live.forecast().likelyBody(),
                Optional.of(new Sauce.Hob(plan.potOnHeat(), new Heat(Look.LIVELY, LidState.OPEN))));
    }

    // Wide: what is asked, by whom, of which sauce.
    private Rescue rescue(BenchForm asked, Kitchen kitchen, WhatIHave.Have what, Set<Complaint> wrong, Sauce sauce) {
        if (Double.isNaN(sauce.of(Measure.STEP))) {
            throw Refusal.unfit("lines", Told.of("right-tool.nothing-liquid"));
        }
        OptionalDouble planned = what.live()
                .map(live -> OptionalDouble.of(live.batch().plan().targetStep()))
                .orElse(OptionalDouble.empty());
        Optional<MoreGuests> more = moreGuests(asked, kitchen, what);
        double unsaid = more.map(MoreGuests::step).orElseGet(() -> Unsaid.step(sauce, wrong, planned));
        double unsaidMl = more.map(MoreGuests::leastMl).orElseGet(() -> Unsaid.leastMl(sauce, wrong));
        double step = asked.text("step", AS_IT_IS).equals(AS_IT_IS) ? unsaid : Ask.stepWanted(asked, unsaid);
        double least = asked.number("leastMl", "right-tool.no-less-than", unsaidMl, 0, MOST_ML, " mL");
        double most =
                asked.number("mostMl", "right-tool.no-more-than", Unsaid.mostMl(sauce, wrong), 10, MOST_ML, " mL");
        if (least > most) {
            throw Refusal.unfit("mostMl", Told.of("right-tool.less-than-the-least", most, least));
        }
        double minutes = asked.number("minutes", "right-tool.minutes-there-are", Unsaid.minutes(wrong), 0, 600, " min");
        double less = asked.number("less", "right-tool.by-how-much", PERCENT * Unsaid.LESS, 5, 90, " %") / PERCENT;
        Liquids liquids = Liquids.of(what.ingredients(), what.mixture(), wrong, larder.inHouse(kitchen.id()));
        List<Food> hand = liquids.of(hand(asked, liquids));
        Optional<StarchKind> starch =
                asked.text("starch", "").equals("none") ? Optional.empty() : Optional.of(Ask.starchKind(asked));
        return new Rescue(sauce, wrong, less, step, least, most, minutes, hand, starch);
    }

    /** Empty when nobody else comes. */
    private Optional<MoreGuests> moreGuests(BenchForm asked, Kitchen kitchen, WhatIHave.Have what) {
        double guests = guests(asked);
        return what.live().filter(live -> guests > 0).map(live -> {
            Long sauceId = live.batch().origin().sauceId();
            Optional<Use> use = sauceId == null ? Optional.empty() : useOf(kitchen, sauceId);
            return MoreGuests.of(live.batch().plan(), live.forecast(), guests, use.orElse(Use.POUR_OVER));
        });
    }

    /** Absent too for a sauce that is away. */
    private Optional<Use> useOf(Kitchen kitchen, long sauceId) {
        try {
            return book.sauce(kitchen, sauceId).draft().use();
        } catch (Refusal away) {
            return Optional.empty();
        }
    }

    private static String saying(Rescue rescue, Ways.Answer answer, Figures figures) {
        Optional<Measure> absent = rescue.absent();
        if (!rescue.measured() && absent.isPresent()) {
            return Words.text(
                    "right-tool.hardly-any",
                    absent.get(),
                    figure(absent.get(), rescue.sauce().of(absent.get()), figures));
        }
        if (!rescue.measured()) {
            return Words.text("right-tool.by-hand", rescue.handlings().size());
        }
        if (answer.cannot().isEmpty()) {
            return answer.ways().isEmpty()
                    ? Words.text("right-tool.nothing-to-do")
                    : Words.text(
                            "right-tool.ways",
                            answer.ways().size(),
                            title(answer.ways().get(0).moves(), figures));
        }
        Ways.Cannot cannot = answer.cannot().get();
        String missed = cannot.missed().stream()
                .map(aim -> wish(aim, figures)
                        + cannot.nearest()
                                .map(way -> " ("
                                        + Words.text(
                                                "right-tool.at-best",
                                                figure(aim.measure(), way.of(aim.measure()), figures))
                                        + ")")
                                .orElse(""))
                .collect(Collectors.joining("; "));
        return Words.text("right-tool.cannot", missed)
                + cannot.without()
                        .map(aim -> " " + Words.text("right-tool.without", wish(aim, figures)))
                        .orElse("");
    }

    private static String wish(Aim aim, Figures figures) {
        boolean least = Double.isFinite(aim.low());
        boolean most = Double.isFinite(aim.high());
        return Words.text(
                "right-tool.wish",
                aim.measure(),
                least && most && aim.measure() == Measure.STEP ? "at" : least ? "least" : "most",
                figure(
                        aim.measure(),
                        aim.measure() == Measure.STEP ? (aim.low() + aim.high()) / 2 : least ? aim.low() : aim.high(),
                        figures));
    }

    private static String figure(Measure measure, double value, Figures figures) {
        return switch (measure) {
            case STEP -> figures.step(value);
            case VOLUME -> figures.volume(value);
            case HEAT -> Numbers.plain(value, 0) + " SHU";
            case SALT, ACID -> Numbers.fixed(value, 2) + " %";
            case SUGAR, FAT -> Numbers.fixed(value, 1) + " %";
        };
    }

    private static String now(Sauce sauce, Figures figures) {
        return Words.text(
                "right-tool.now",
                Ask.stepWords(sauce.of(Measure.STEP)),
                figures.volume(sauce.of(Measure.VOLUME)),
                figure(Measure.SALT, sauce.of(Measure.SALT), figures));
    }

    private static String title(List<Move> moves, Figures figures) {
        return moves.stream()
                .map(move -> Words.say(move, figures))
                .reduce((one, other) -> Words.text("right-tool.then", one, other))
                .orElse("");
    }

    private static String how(Way way, Figures figures) {
        return way.moves().stream()
                .filter(move -> move instanceof Move.Thicken)
                .map(move -> (Move.Thicken) move)
                .map(move -> Words.text("right-tool.slurry-how", figures.mass(move.waterG())) + " "
                        + Words.say(move.starch(), "boiling"))
                .findFirst()
                .orElse("");
    }

    /** What a way does, with what it changes marked. */
    private static List<Reply.Effect> effects(Sauce sauce, Mixture after, double minutes, Figures figures) {
        List<Reply.Effect> effects = new ArrayList<>();
        for (Measure measure : Measure.values()) {
            double before = sauce.of(measure);
            double then = measure.of(after.cooked(), sauce.servedC(), sauce.bodyFactor());
            if (measure.isThere(Math.max(before, then))) {
                boolean changed = measure.differ(before, then);
                effects.add(new Reply.Effect(
                        Words.say(measure),
                        changed
                                ? Words.text(
                                        "right-tool.from-to",
                                        figure(measure, before, figures),
                                        figure(measure, then, figures))
                                : figure(measure, then, figures),
                        changed));
            }
        }
        if (minutes > 0) {
            effects.add(new Reply.Effect(
                    Words.text("right-tool.takes"), figures.minutes(Math.max(1, minutes)), minutes >= 1));
        }
        return effects;
    }
}

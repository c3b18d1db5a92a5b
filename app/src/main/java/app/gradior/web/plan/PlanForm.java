package app.gradior.web.plan;

import app.gradior.care.Storage;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.glaze.Brushed;
import app.gradior.glaze.Brushing;
import app.gradior.glaze.Coats;
import app.gradior.glaze.Fire;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.measure.Numbers;
import app.gradior.room.book.StagePlan;
import app.gradior.room.plan.PlanDraft;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.sauce.Portions;
import app.gradior.sauce.SauceLimits;
import app.gradior.sauce.Use;
import app.gradior.web.form.TypedNumber;
import app.gradior.web.frame.Figures;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * The plan's form: what the fields hold, as typed, and the plan they mean. A field that was not sent holds what the plan it began
 * from has.
 */
final class PlanForm {
    private static final String NONE = "none";
    private static final int MOST_STAGES = 24;
    private static final double MOST_SUGAR = 90;
    private static final double MOST_ACID = 20;
    private final Map<String, String> fields;
    private final PlanDraft base;
    private final Figures figures;
    private final List<Fault> faults = new ArrayList<>();

    /**
     * @param asked as sent, any subset of the fields
     * @param base the plan it began from
     */
    PlanForm(Map<String, String> asked, PlanDraft base, Figures figures) {
        this.base = base;
        this.figures = figures;
        this.fields = fields(base, figures);
        asked.forEach((name, value) -> {
            if (name.matches("[a-zA-Z0-9-]{1,24}") && value.length() <= 300) {
                fields.put(name, value);
            }
        });
        // A box that is not ticked is not sent: the form says that it was there.
        if (asked.containsKey("boxes") && !asked.containsKey("nextDay")) {
            fields.put("nextDay", "");
        }
    }

    /** The fields of a plan. */
    static Map<String, String> fields(PlanDraft d, Figures figures) {
        Map<String, String> f = new LinkedHashMap<>();
        f.put("sauce", String.valueOf(d.sauceId()));
        f.put("version", d.version() == null ? "" : String.valueOf(d.version()));
        f.put("by", d.by().name());
        f.put("amount", d.by() == PlanDraft.ScaleBy.YIELD ? figures.volumeField(d.amount()) : plain(d.amount(), 3));
        f.put("line", String.valueOf(d.line()));
        f.put("appetite", d.portioned().appetite().name());
        f.put(
                "left",
                d.portioned().leftMl() > 0 ? figures.volumeField(d.portioned().leftMl()) : "");
        f.put("use", d.use() == null ? "" : d.use().name());
        Brushing brushing = d.brushing();
        f.put("brush", brushing == null ? "" : brushing.food().key());
        f.put("brushG", brushing == null ? "" : plain(brushing.foodG(), 0));
        f.put("coats", brushing == null ? "" : String.valueOf(brushing.coats()));
        f.put("fire", (brushing == null ? Fire.OVEN : brushing.fire()).key());
        f.put("table", brushing == null || brushing.tableMl() == 0 ? "" : figures.volumeField(brushing.tableMl()));
        f.put("pot", String.valueOf(d.potId()));
        f.put("burner", String.valueOf(d.burnerId()));
        f.put("altitude", plain(d.altitudeM(), 0));
        f.put("step", plain(d.targetStep(), 1));
        f.put("served", figures.degrees(d.servedC()));
        f.put("wish", d.wishMl() == null ? "" : figures.volumeField(d.wishMl()));
        f.put("starch", d.starch() == null ? NONE : d.starch().key());
        f.put("ratio", plain(d.liquidRatio(), 2));
        f.put("salt", plain(d.mostSaltPercent(), 1));
        f.put("sugar", d.mostSugarPercent() == null ? "" : plain(d.mostSugarPercent(), 1));
        f.put("acid", d.mostAcidPercent() == null ? "" : plain(d.mostAcidPercent(), 2));
        f.put(
                "serve",
                d.serveAt() == null
                        ? ""
                        : d.serveAt().truncatedTo(ChronoUnit.MINUTES).toString());
        f.put("storage", d.storage().name());
        f.put("nextDay", d.nextDay() ? "on" : "");
        f.put("moved", String.valueOf(d.movedMinutes()));
        f.put("pot2", String.valueOf(d.otherPotId()));
        f.put("burner2", String.valueOf(d.otherBurnerId()));
        d.heats().forEach((stage, heat) -> {
            f.put("look-" + stage, heat.look().key());
            f.put("lid-" + stage, heat.lid().key());
        });
        d.swaps().forEach((line, text) -> f.put("swap-" + line, text));
        return f;
    }

    private static String plain(double value, int decimals) {
        return Numbers.plain(value, decimals).replace(",", "");
    }

    Map<String, String> fields() {
        return fields;
    }

    List<Fault> faults() {
        return faults;
    }

    /** The plan that the fields mean; with faults it is not to be used. */
    PlanDraft draft() {
        PlanDraft.ScaleBy by = choice("by", "plan-form.how-much", PlanDraft.ScaleBy::valueOf, base.by());
        return new PlanDraft(
                whole("sauce"),
                text("version").isEmpty() ? null : (int) whole("version"),
                by,
                amount(by),
                (int) whole("line"),
                optional("use", "plan-form.use", Use::valueOf),
                whole("pot"),
                whole("burner"),
                heats(),
                number("altitude", "plan-form.the-altitude", -430, 5500, "m"),
                number("step", "plan-form.the-step-wanted", 1, 9, Words.text("plan-form.broth-to-set")),
                served(),
                text("wish").isEmpty() ? null : volume("wish", "plan-form.the-yield-wished"),
                text("starch").equals(NONE)
                        ? null
                        : choice("starch", "plan-form.starch", StarchKind::ofKey, StarchKind.MAIZE),
                number("ratio", "plan-form.cold-liquid-to-starch", 1, 2, Words.text("plan-form.by-weight")),
                number("salt", "plan-form.salt-at-most", 0.1, 30, "%"),
                serveAt(),
                choice("storage", "plan-form.then", Storage::valueOf, Storage.EAT_NOW),
                !text("nextDay").isEmpty(),
                (int) number("moved", "plan-form.minutes-earlier", -24 * 60, 24 * 60, "min"),
                swaps(),
                whole("pot2"),
                whole("burner2"),
                by == PlanDraft.ScaleBy.GUESTS ? portions() : null,
                most("sugar", "plan-form.sugar-at-most", MOST_SUGAR),
                most("acid", "plan-form.acid-at-most", MOST_ACID),
                brushing(by));
    }

    private @Nullable Double most(String name, String label, double most) {
        return text(name).isEmpty() ? null : number(name, label, 0.05, most, "%");
    }

    /** What it is brushed on; what is not said of it is as usual. */
    private @Nullable Brushing brushing(PlanDraft.ScaleBy by) {
        if (text("brush").isEmpty()) {
            if (by == PlanDraft.ScaleBy.FOOD) {
                faults.add(new Fault("brush", Told.of("plan-form.say-what-it-is-brushed-on")));
            }
            return null;
        }
        Brushed food = choice("brush", "plan-form.brushed-on", Brushed::ofKey, Brushed.WINGS);
        Brushing usual = Brushing.usual(food);
        double foodG = text("brushG").isEmpty()
                ? usual.foodG()
                : number("brushG", "glaze-tool.how-much-food", 10, 100_000, "g");
        double coats =
                text("coats").isEmpty() ? usual.coats() : number("coats", "glaze-tool.coats", 1, Coats.MOST_COATS, "");
        double tableMl = text("table").isEmpty() || text("table").equals("0")
                ? 0
                : volume("table", "plan-form.kept-for-the-table");
        Fire fire = choice("fire", "glaze-tool.heat", Fire::ofKey, Fire.OVEN);
        boolean sound = foodG >= 1 && coats >= 1 && coats <= Coats.MOST_COATS && tableMl >= 0;
        return sound ? new Brushing(food, foodG, (int) Math.rint(coats), fire, tableMl) : usual;
    }

    /** The usual, where nothing else is said. */
    private @Nullable Portions portions() {
        Portions.Appetite appetite =
                choice("appetite", "plan-form.appetite", Portions.Appetite::valueOf, Portions.Appetite.USUAL);
        double leftMl = text("left").isEmpty() || text("left").equals("0") ? 0 : volume("left", "plan-form.left-over");
        Portions said =
                Double.isNaN(leftMl) ? Portions.USUAL : new Portions(appetite, Math.min(leftMl, Portions.MOST_LEFT_ML));
        return said.equals(Portions.USUAL) ? null : said;
    }

    private double amount(PlanDraft.ScaleBy by) {
        return switch (by) {
            case FACTOR -> number("amount", "plan-form.times-as-written", 0.01, 100, "");
            case YIELD -> volume("amount", "plan-form.the-yield");
            case GUESTS -> Math.rint(number("amount", "plan-form.guests", 1, 10_000, ""));
            case FOOD -> 1;
            case INGREDIENT -> number("amount", "plan-form.what-there-is", 0.1, 100_000, "g");
        };
    }

    private Map<Integer, StagePlan.Heating> heats() {
        Map<Integer, StagePlan.Heating> heats = new LinkedHashMap<>();
        for (int i = 0; i < MOST_STAGES; i++) {
            String look = text("look-" + i);
            String lid = text("lid-" + i);
            if (!look.isEmpty() && !lid.isEmpty()) {
                heats.put(
                        i,
                        new StagePlan.Heating(
                                choice("look-" + i, Words.text("plan-form.heat"), Look::ofKey, Look.LIVELY),
                                choice("lid-" + i, Words.text("plan-form.lid"), LidState::ofKey, LidState.OPEN)));
            }
        }
        return heats;
    }

    private Map<Integer, String> swaps() {
        Map<Integer, String> swaps = new LinkedHashMap<>();
        for (int i = 0; i < SauceLimits.MOST_LINES; i++) {
            if (!text("swap-" + i).isEmpty()) {
                swaps.put(i, text("swap-" + i));
            }
        }
        return swaps;
    }

    private @Nullable LocalDateTime serveAt() {
        String text = text("serve");
        if (text.isEmpty()) {
            return null;
        }
        try {
            LocalDateTime at = LocalDateTime.parse(text);
            if (at.getYear() >= 2000 && at.getYear() <= 2200) {
                return at;
            }
        } catch (DateTimeParseException e) {
            // named below
        }
        faults.add(new Fault("serve", Told.of("plan-form.on-the-table-is-no-date", text)));
        return null;
    }

    private double served() {
        double celsius = figures.celsius(text("served"));
        if (!SauceLimits.isServed(celsius)) {
            faults.add(new Fault("served", Told.of("plan-form.the-serving-temperature-is-from-to")));
        }
        return celsius;
    }

    private double volume(String name, String label) {
        double ml = figures.millilitres(text(name));
        if (!(ml >= SauceLimits.LEAST_YIELD_ML && ml <= SauceLimits.MOST_YIELD_ML)) {
            Refusal refusal = new TypedNumber(text(name))
                    .outside(
                            name,
                            label,
                            figures.volume(SauceLimits.LEAST_YIELD_ML),
                            figures.volume(SauceLimits.MOST_YIELD_ML));
            faults.addAll(refusal.faults());
        }
        return ml;
    }

    private double number(String name, String label, double low, double high, String unit) {
        TypedNumber typed = new TypedNumber(text(name));
        typed.fault(name, label, low, high, unit).ifPresent(faults::add);
        return typed.value();
    }

    private long whole(String name) {
        double value = text(name).isEmpty() ? 0 : Numbers.parse(text(name)).orElse(-1);
        return (long) value;
    }

    private <T> T choice(String name, String label, Function<String, T> of, T otherwise) {
        try {
            return of.apply(text(name));
        } catch (IllegalArgumentException e) {
            faults.add(new Fault(name, Told.of("plan-form.is-not-one-of-the-choices", Told.of(label), text(name))));
            return otherwise;
        }
    }

    private <T> @Nullable T optional(String name, String label, Function<String, T> of) {
        if (text(name).isEmpty()) {
            return null;
        }
        try {
            return of.apply(text(name).toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            faults.add(new Fault(name, Told.of("plan-form.is-not-one-of-the-choices", Told.of(label), text(name))));
            return null;
        }
    }

    private String text(String name) {
        return fields.getOrDefault(name, "").strip();
    }
}

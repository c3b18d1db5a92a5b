package app.gradior.room.plan;

import app.gradior.course.SauceRun;
import app.gradior.estimate.Prior;
import app.gradior.finding.Refusal;
import app.gradior.glaze.Brushing;
import app.gradior.larder.StarchKind;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Routes;
import app.gradior.plan.SauceRoutes;
import app.gradior.plan.Scaling;
import app.gradior.plan.Thickening;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.StagePlan;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.Equipment;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Told;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.SauceLimits;
import app.gradior.sauce.Use;
import app.gradior.simmer.PotOnHeat;
import app.gradior.texture.Consistency;
import app.gradior.texture.Doubt;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.DoubleFunction;
import org.springframework.stereotype.Service;

/** What a plan names, looked up: sauce, lines, how much of it, pot, burner, stages, starch. */
@Service
class PlanSettings {
    private static final int SCALINGS = 4;
    /** A cook pours no nearer, as a share. */
    private static final double NEAR_ENOUGH = 0.005;

    private final SauceBook book;
    private final Lines lines;

    PlanSettings(SauceBook book, Lines lines) {
        this.book = book;
        this.lines = lines;
    }

    /** Looks everything up that a plan names. */
    PlanAnswer.Setting of(Kitchen kitchen, Equipment ware, PlanDraft draft) {
        SauceBook.Sauce sauce = swapped(kitchen, sauce(kitchen, draft), draft);
        List<LineReading> readings = sauce.ingredients().lines();
        KitchenKit.KitPot pot = ware.pot(draft.potId());
        Optional<KitBurner> burner = ware.burner(draft.burnerId());
        PotOnHeat onHeat = onHeat(ware, draft, pot, burner);
        boolean pairKnown = ware.pair(pot, burner).any();
        Prior prior = doubt(readings, sauce, draft.servedC())
                .map(d -> ware.prior(pot, burner, sauce.id())
                        .ofSauce(d, ware.body(sauce.id()).any()))
                .orElseGet(() -> ware.prior(pot, burner, sauce.id()));
        DoubleFunction<PlanAnswer.Setting> times = factor -> {
            StagePlan.Laid laid = StagePlan.lay(sauce.draft(), readings, factor, draft.heats());
            StarchKind kind =
                    Optional.ofNullable(draft.starch()).or(laid::starch).orElse(StarchKind.MAIZE);
            Thickening.Mix mix = Refusal.checked(
                    "liquidRatio", () -> new Thickening.Mix(kind, Thickening.Form.SLURRY, draft.liquidRatio()));
            return new PlanAnswer.Setting(
                    draft, sauce, readings, factor, pot, burner, onHeat, pairKnown, prior, laid, mix);
        };
        return draft.by() == PlanDraft.ScaleBy.FOOD
                ? forTheFood(Refusal.given("brush", draft.brushing()), times)
                : times.apply(factor(sauce, readings, draft, onHeat));
    }

    /** As much as it takes to brush the food, at the thickness the plan wishes for. */
    private static PlanAnswer.Setting forTheFood(Brushing brushing, DoubleFunction<PlanAnswer.Setting> times) {
        double factor = 1;
        for (int i = 0; i < SCALINGS; i++) {
            PlanAnswer.Setting now = times.apply(factor);
            Optional<Mixture> gives = gives(now);
            if (gives.isEmpty()) {
                return now;
            }
            double share = brushing.needMl(gives.get(), now.prior().bodyFactor())
                    / gives.get().volumeMl20c();
            double next = factor * share;
            factor = Refusal.checked("brush", () -> Scaling.byFactor(next));
            if (Math.abs(share - 1) < NEAR_ENOUGH) {
                break;
            }
        }
        return times.apply(factor);
    }

    /** What a plan gives that wishes for nothing but its step; empty when there is no way. */
    private static Optional<Mixture> gives(PlanAnswer.Setting setting) {
        SauceRoutes routes = routes(setting, setting.onHeat());
        if (!(routes.ways() instanceof SauceRoutes.Ways ways)) {
            return Optional.empty();
        }
        Routes.Point point = setting.draft().starch() == null ? ways.curve().mostReduced() : ways.written();
        SauceRoutes.Way way = routes.along(ways, point);
        return SauceRoutes.trouble(way).isPresent()
                ? Optional.empty()
                : Optional.of(way.cooked().out());
    }

    /** How sure the model is of what gives this sauce its body; nothing is said of one with nothing liquid. */
    private static Optional<Doubt> doubt(List<LineReading> readings, SauceBook.Sauce sauce, double servedC) {
        Mixture all = new Ingredients(readings, sauce.draft().texture()).mixture();
        return all.waterG() > 0 && SauceLimits.isServed(servedC)
                ? Optional.of(Consistency.doubtNow(all.cookedThrough(), servedC, Consistency.usualHeldH(servedC)))
                : Optional.empty();
    }

    private SauceBook.Sauce sauce(Kitchen kitchen, PlanDraft draft) {
        Integer version = draft.version();
        return version == null ? book.sauce(kitchen, draft.sauceId()) : book.version(kitchen, draft.sauceId(), version);
    }

    /** The sauce with the lines that the plan swaps; a swap of several foods is several lines. */
    private SauceBook.Sauce swapped(Kitchen kitchen, SauceBook.Sauce sauce, PlanDraft draft) {
        if (draft.swaps().isEmpty()) {
            return sauce;
        }
        Kitchen written = sauce.draft().writtenIn(kitchen);
        SauceBook.Draft with = sauce.draft();
        List<LineReading> readings = new ArrayList<>(sauce.ingredients().lines());
        for (Map.Entry<Integer, String> swap : new TreeMap<>(draft.swaps()).entrySet()) {
            int at = swap.getKey();
            if (at >= 0 && at < sauce.draft().lines().size()) {
                List<Lines.Typed> parts = lines.parts(written, Lines.Typed.of(swap.getValue()));
                with = with.swapped(at, parts);
                readings.set(at, lines.read(written, parts.get(0)));
                parts.stream().skip(1).forEach(part -> readings.add(lines.read(written, part)));
            }
        }
        return new SauceBook.Sauce(sauce.id(), sauce.version(), with, new Ingredients(readings, with.texture()));
    }

    /** That pot on that burner, as the plan has it. */
    static PotOnHeat onHeat(Equipment ware, PlanDraft draft, KitchenKit.KitPot pot, Optional<KitBurner> burner) {
        return new PotOnHeat(
                pot.shape(),
                Kitchen.altitude(draft.altitudeM()),
                ware.pair(pot, burner).learnt().factor(),
                pot.shape().heatFrom(burner.map(KitBurner::netPowerW).orElse(Double.POSITIVE_INFINITY)));
    }

    private static double factor(SauceBook.Sauce sauce, List<LineReading> readings, PlanDraft draft, PotOnHeat pot) {
        return switch (draft.by()) {
            case FACTOR -> Refusal.checked("amount", () -> Scaling.byFactor(draft.amount()));
            case INGREDIENT -> {
                if (draft.line() < 0 || draft.line() >= readings.size()) {
                    throw Refusal.unfit("line", Told.of("plan-settings.choose-one-of-the-lines"));
                }
                double needed = readings.get(draft.line()).massG();
                yield Refusal.checked("amount", () -> Scaling.byIngredient(draft.amount(), needed));
            }
            case FOOD -> 1;
            case YIELD, GUESTS -> {
                double wantedMl = wantedMl(sauce, draft).orElseThrow();
                double factor = 1;
                for (int i = 0; i < SCALINGS; i++) {
                    double now = factor;
                    double gives = written(sauce, readings, now, pot).volumeMl20c();
                    factor = Refusal.checked("amount", () -> Scaling.byFactor(now * wantedMl / gives));
                }
                yield factor;
            }
        };
    }

    /** What guests or the cook want of it, mL, if the plan is scaled to that. */
    static OptionalDouble wantedMl(SauceBook.Sauce sauce, PlanDraft draft) {
        Double wish = draft.wishMl();
        if (wish != null) {
            return OptionalDouble.of(wish);
        }
        Use use = Optional.ofNullable(draft.use()).or(() -> sauce.draft().use()).orElse(Use.POUR_OVER);
        return switch (draft.by()) {
            case YIELD -> OptionalDouble.of(draft.amount());
            case GUESTS -> OptionalDouble.of(draft.portioned().wantedMl(draft.amount(), use));
            case FACTOR, INGREDIENT, FOOD -> OptionalDouble.empty();
        };
    }

    /** What so many times the sauce as written gives, in a pot wide enough. */
    private static Mixture written(SauceBook.Sauce sauce, List<LineReading> readings, double factor, PotOnHeat pot) {
        SauceRun.Cooked cooked = StagePlan.cook(sauce.draft(), readings, factor, pot);
        return cooked.stuck().isEmpty()
                ? cooked.out()
                : new Ingredients(readings, sauce.draft().texture()).mixture().times(factor);
    }

    /** The sauce's ways in that pot. */
    static SauceRoutes routes(PlanAnswer.Setting setting, PotOnHeat pot) {
        return new SauceRoutes(
                setting.laid().stages(),
                setting.draft().starch() == null ? 0 : setting.laid().starchG(),
                pot,
                setting.mix(),
                SauceLimits.targetStep("targetStep", setting.draft().targetStep()),
                SauceLimits.servedC("servedC", setting.draft().servedC()),
                setting.prior().bodyFactor());
    }
}

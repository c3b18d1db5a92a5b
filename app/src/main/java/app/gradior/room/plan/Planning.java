package app.gradior.room.plan;

import app.gradior.batch.BatchPlan;
import app.gradior.care.Caution;
import app.gradior.care.Cautions;
import app.gradior.care.ShelfLife;
import app.gradior.care.StageCautions;
import app.gradior.care.Storage;
import app.gradior.course.SauceRun;
import app.gradior.course.StageResult;
import app.gradior.estimate.StageBands;
import app.gradior.finding.Refusal;
import app.gradior.glaze.Brushing;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import app.gradior.plan.PotRanking;
import app.gradior.plan.SauceRoutes;
import app.gradior.plan.Taste;
import app.gradior.plan.TasteLimit;
import app.gradior.plan.Wish;
import app.gradior.room.book.StagePlan;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.Equipment;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Words;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Moves;
import app.gradior.sauce.Stage;
import app.gradior.simmer.PotOnHeat;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Answers a plan: the ways there are, the one that meets the wish, its stages, the pots, the times. */
@Service
public class Planning {
    private static final int MOST_REMEMBERED = 200;
    private static final double SECONDS_PER_MINUTE = 60;

    private final PlanSettings settings;
    private final KitchenKit kit;
    private final Lines lines;
    private final Clock clock;
    private final Cache<PlanAnswer.Setting, Optional<Course>> courses =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    Planning(PlanSettings settings, KitchenKit kit, Lines lines, Clock clock) {
        this.settings = settings;
        this.kit = kit;
        this.lines = lines;
        this.clock = clock;
    }

    /** Works a plan out. */
    public PlanAnswer answer(Kitchen kitchen, PlanDraft draft) {
        return answer(kitchen, kit.ware(kitchen.id()), draft);
    }

    /** The same with what is in the kit looked up already. */
    public PlanAnswer answer(Kitchen kitchen, Equipment ware, PlanDraft draft) {
        PlanAnswer.Setting setting = settings.of(kitchen, ware, draft);
        List<PotRanking.Candidate> candidates = ware.pots().stream()
                .map(p -> new PotRanking.Candidate(
                        p.id(), p.name(), PlanSettings.onHeat(ware, draft, p, setting.burner()), p.material()))
                .toList();
        SauceRoutes routes = PlanSettings.routes(setting, setting.onHeat());
        SauceRoutes.Outcome outcome = routes.ways();
        return outcome instanceof SauceRoutes.Ways ways
                ? done(kitchen, ware, setting, routes, ways, candidates)
                : impossible(setting, (SauceRoutes.NoWay) outcome, candidates);
    }

    /**
     * The way of a kept plan and its bands, all that the clock needs of it. Remembered by everything that it follows from.
     *
     * @return empty when there is no way
     */
    public Optional<Course> course(Kitchen kitchen, Equipment ware, PlanDraft draft) {
        return courses.get(settings.of(kitchen, ware, draft), setting -> {
            SauceRoutes routes = PlanSettings.routes(setting, setting.onHeat());
            if (!(routes.ways() instanceof SauceRoutes.Ways ways)) {
                return Optional.empty();
            }
            Wish wish = new Wish(
                    PlanSettings.wantedMl(setting.sauce(), draft),
                    OptionalDouble.empty(),
                    limits(setting),
                    draft.starch() != null);
            SauceRoutes.Way way =
                    routes.along(ways, wish.of(ways, setting.mix().kind()).point());
            return SauceRoutes.trouble(way).isPresent()
                    ? Optional.empty()
                    : Optional.of(new Course(setting, way, bands(setting, way)));
        });
    }

    /** How much of each taste it may have. */
    private static List<TasteLimit> limits(PlanAnswer.Setting setting) {
        PlanDraft draft = setting.draft();
        double salt = draft.mostSaltPercent();
        List<TasteLimit> limits = new ArrayList<>();
        limits.add(new TasteLimit(Taste.SALT, salt, salt == PlanDraft.USUAL_MOST_SALT_PERCENT, List.of()));
        limit(Taste.SUGAR, draft.mostSugarPercent()).ifPresent(limits::add);
        limit(Taste.SHARPNESS, draft.mostAcidPercent()).ifPresent(limits::add);
        return limits.stream()
                .map(limit -> limit.from(setting.readings(), setting.factor()))
                .toList();
    }

    private static Optional<TasteLimit> limit(Taste taste, @Nullable Double mostPercent) {
        return Optional.ofNullable(mostPercent)
                .map(most -> Refusal.checked(TasteLimit.field(taste), () -> TasteLimit.of(taste, most)));
    }

    /** A plan's way with its bands. */
    public record Course(PlanAnswer.Setting setting, SauceRoutes.Way way, StageBands.Bands bands) {}

    private static StageBands.Bands bands(PlanAnswer.Setting setting, SauceRoutes.Way way) {
        return StageBands.of(
                way,
                setting.onHeat(),
                setting.ingredients().spread(),
                setting.prior(),
                setting.draft().servedC());
    }

    private PlanAnswer done(
            Kitchen kitchen,
            Equipment ware,
            PlanAnswer.Setting setting,
            SauceRoutes routes,
            SauceRoutes.Ways ways,
            List<PotRanking.Candidate> candidates) {
        PlanDraft draft = setting.draft();
        Ingredients ingredients = setting.ingredients();
        Refusal.inRange("mostSaltPercent", draft.mostSaltPercent(), 0.1, 30, " %");
        OptionalDouble wanted = PlanSettings.wantedMl(setting.sauce(), draft);
        // The other stages and what follows take the same time on every way: they are cooked once to know the minutes
        // left.
        SauceRoutes.Way first = routes.along(ways, ways.written());
        OptionalDouble reduceMinutes = minutesToReduce(kitchen, setting, first);
        Wish.Answer wish = new Wish(wanted, reduceMinutes, limits(setting), draft.starch() != null)
                .of(ways, setting.mix().kind());
        SauceRoutes.Way way = wish.point().equals(ways.written()) ? first : routes.along(ways, wish.point());
        if (SauceRoutes.trouble(way).isPresent()) {
            return impossible(
                    setting,
                    new SauceRoutes.NoWay("stages", SauceRoutes.trouble(way).get()),
                    candidates);
        }
        StageBands.Bands bands =
                StageBands.of(way, setting.onHeat(), ingredients.spread(), setting.prior(), draft.servedC());
        boolean acid = Cautions.isAcid(ingredients);
        List<PotRanking.Ranked> pots =
                PotRanking.of(candidates, way, acid, setting.prior().bodyFactor(), draft.servedC());
        Mixture out = way.cooked().out();
        double fullestMl = PotRanking.fullestShare(way.cooked(), 1);
        List<Caution> cautions =
                Cautions.of(ingredients, setting.pot().shape(), setting.pot().material(), fullestMl);
        return new PlanAnswer(
                setting,
                Optional.of(new PlanAnswer.Done(
                        ways,
                        wish,
                        wanted,
                        reduceMinutes,
                        way,
                        bands,
                        times(way, setting, pots),
                        other(ware, setting, wish),
                        ShelfLife.of(ingredients, out, draft.storage()),
                        stageCautions(setting, way))),
                Optional.empty(),
                pots,
                ending(onFood(cautions, draft, out), draft.storage(), out));
    }

    private static List<Caution> onFood(List<Caution> cautions, PlanDraft draft, Mixture out) {
        Brushing brushing = draft.brushing();
        if (brushing == null) {
            return cautions;
        }
        List<Caution> all = new ArrayList<>(cautions);
        Cautions.brushed(out, brushing.food().isRaw()).stream()
                .filter(caution -> !all.contains(caution))
                .forEach(all::add);
        return all;
    }

    private static List<Caution> ending(List<Caution> cautions, Storage storage, Mixture out) {
        List<Caution> all = new ArrayList<>(cautions);
        if (storage.cools()) {
            all.add(StageCautions.cooling());
        }
        if (storage == Storage.JARS) {
            all.add(StageCautions.jars());
        }
        if (storage == Storage.FREEZER) {
            StageCautions.frozen(out).ifPresent(all::add);
        }
        return all;
    }

    /** Minutes that are left for reducing before it must be on the table. */
    private OptionalDouble minutesToReduce(Kitchen kitchen, PlanAnswer.Setting setting, SauceRoutes.Way way) {
        LocalDateTime serveAt = setting.draft().serveAt();
        if (serveAt == null || SauceRoutes.trouble(way).isPresent()) {
            return OptionalDouble.empty();
        }
        LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), kitchen.zone());
        double there = ChronoUnit.SECONDS.between(now, serveAt) / SECONDS_PER_MINUTE;
        double work = PlanWork.of(setting, way).tasks(0).stream()
                .mapToDouble(task -> task.minutes())
                .sum();
        double reducing = way.cooked().stages().get(way.main()).minutes();
        return OptionalDouble.of(there - (work - reducing));
    }

    private PlanAnswer impossible(
            PlanAnswer.Setting setting, SauceRoutes.NoWay no, List<PotRanking.Candidate> candidates) {
        List<PotRanking.Ranked> pots = List.of();
        // In a pot that holds it there may be a way: then the pots can be ranked, and say which to take.
        Optional<PotRanking.Candidate> largest = candidates.stream()
                .max(java.util.Comparator.comparingDouble(c -> c.pot().shape().capacityMl()));
        if (largest.isPresent()) {
            SauceRoutes inLargest = PlanSettings.routes(setting, largest.get().pot());
            if (inLargest.ways() instanceof SauceRoutes.Ways ways) {
                SauceRoutes.Way way = inLargest.along(ways, ways.written());
                pots = PotRanking.of(
                        candidates,
                        way,
                        Cautions.isAcid(setting.ingredients()),
                        setting.prior().bodyFactor(),
                        setting.draft().servedC());
            }
        }
        return new PlanAnswer(setting, Optional.empty(), Optional.of(no), pots, List.of());
    }

    private static List<PlanAnswer.Times> times(
            SauceRoutes.Way way, PlanAnswer.Setting setting, List<PotRanking.Ranked> pots) {
        Optional<PotRanking.Ranked> second = pots.stream()
                .filter(r -> r.fits() && r.candidate().id() != setting.pot().id())
                .findFirst();
        List<PlanAnswer.Times> times = new ArrayList<>();
        for (int k = 1; k <= 3; k++) {
            double one = minutes(way.times(k), setting.onHeat(), setting);
            double share =
                    PotRanking.fullestShare(way.cooked(), setting.pot().shape().capacityMl()) * k;
            double two = Double.NaN;
            if (second.isPresent()) {
                List<Stage> half = way.times(k / 2.0);
                two = Math.max(
                        minutes(half, setting.onHeat(), setting),
                        minutes(half, second.get().candidate().pot(), setting));
            }
            times.add(new PlanAnswer.Times(
                    k, one, share, two, second.map(r -> r.candidate().name()).orElse("")));
        }
        return times;
    }

    /** Minutes of those stages in that pot; NaN when they cannot be done in it. */
    private static double minutes(List<Stage> stages, PotOnHeat pot, PlanAnswer.Setting setting) {
        SauceRun.Cooked cooked = SauceRun.cookBriefly(
                stages, pot, setting.prior().bodyFactor(), setting.draft().servedC());
        return cooked.stuck().isPresent() ? Double.NaN : cooked.minutes();
    }

    /** The same sauce in the pot that is laid beside it, on its burner. */
    private static Optional<PlanAnswer.Other> other(Equipment ware, PlanAnswer.Setting setting, Wish.Answer wish) {
        PlanDraft draft = setting.draft();
        if (draft.otherPotId() == 0) {
            return Optional.empty();
        }
        KitchenKit.KitPot pot = ware.pot(draft.otherPotId());
        Optional<KitBurner> burner = ware.burner(draft.otherBurnerId());
        String name = pot.name()
                + burner.map(b -> " " + Words.text("planning.on", b.name())).orElse("");
        SauceRoutes routes = PlanSettings.routes(setting, PlanSettings.onHeat(ware, draft, pot, burner));
        if (!(routes.ways() instanceof SauceRoutes.Ways ways)) {
            return Optional.of(new PlanAnswer.Other(name, List.of(), Double.NaN));
        }
        double ml = Wish.nearEnd(ways.curve(), wish.point().volumeMl20c());
        double minutes = ways.routes().forYield(ways.curve(), ml, OptionalDouble.empty()).chosen().stream()
                .mapToDouble(p -> p.minutes())
                .findFirst()
                .orElse(Double.NaN);
        return Optional.of(new PlanAnswer.Other(name, ways.curve().points(), minutes));
    }

    private static List<List<Caution>> stageCautions(PlanAnswer.Setting setting, SauceRoutes.Way way) {
        List<List<Caution>> all = new ArrayList<>();
        List<Integer> before = new ArrayList<>();
        Moves moves = new Moves();
        double tempC = 20;
        for (int i = 0; i < way.cooked().stages().size(); i++) {
            StageResult stage = way.cooked().stages().get(i);
            int origin = way.origins().get(i);
            List<Integer> in =
                    origin < 0 ? List.of() : setting.laid().drafts().get(origin).lines();
            List<Integer> still = before.stream()
                    .filter(line -> !moves.beside().contains(line))
                    .toList();
            all.add(StageCautions.of(stage, readings(setting, in), readings(setting, still), tempC));
            before.addAll(in);
            if (origin >= 0) {
                moves.add(
                        stage.stage().kind(),
                        setting.laid().drafts().get(origin).working());
            }
            tempC = stage.end().tempC();
        }
        return all;
    }

    private static List<LineReading> readings(PlanAnswer.Setting setting, List<Integer> lines) {
        return StagePlan.lines(lines, setting.readings());
    }

    /** The plan as a batch keeps it. */
    public BatchPlan batchPlan(Kitchen kitchen, PlanAnswer answer) {
        LocalDateTime serveAt = answer.setting().draft().serveAt();
        return PlanBatch.of(
                lines.catalogue(kitchen),
                answer,
                serveAt == null ? null : serveAt.atZone(kitchen.zone()).toInstant());
    }
}

package app.gradior.kitchen;

import app.gradior.larder.StarchKind;
import app.gradior.measure.MeasureSystem;
import app.gradior.simmer.SimmerRun;
import app.gradior.vessel.Jar;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The demo kitchen: a rented cottage near a lifeboat station, cooking for a midwinter supper. Past batches come from the
 * simulator with hidden truths and reading noise, so that charts and comparisons have honest material. All invented.
 */
@Component
class DemoData implements ApplicationRunner {
    private static final long SEED = 1852;
    private static final LocalTime SUPPER = LocalTime.of(19, 30);
    private static final Duration LEAST_BEFORE_SUPPER = Duration.ofHours(6);

    private final GradiorProperties properties;
    private final Kitchens kitchens;
    private final KitchenKit kit;
    private final SauceBook book;
    private final Planning planning;
    private final Batches batches;
    private final Tokens tokens;
    private final Lines lines;
    private final Plans plans;
    private final Clock clock;
    private final TransactionTemplate transaction;

    DemoData(
            GradiorProperties properties,
            Kitchens kitchens,
            KitchenKit kit,
            SauceBook book,
            Planning planning,
            Batches batches,
            Tokens tokens,
            Lines lines,
            Plans plans,
            Clock clock,
            TransactionTemplate transaction) {
        this.properties = properties;
        this.kitchens = kitchens;
        this.kit = kit;
        this.book = book;
        this.planning = planning;
        this.batches = batches;
        this.tokens = tokens;
        this.lines = lines;
        this.plans = plans;
        this.clock = clock;
        this.transaction = transaction;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (!properties.demo()) {
            return;
        }
        transaction.executeWithoutResult(status -> {
            Kitchen kitchen = kitchens.demo().orElseGet(this::load);
            if (!properties.demoToken().isEmpty()) {
                tokens.keep(kitchen.id(), "demo", properties.demoToken(), Tokens.Scope.ALL);
            }
        });
    }

    private Kitchen load() {
        byte[] password = new byte[24];
        new java.security.SecureRandom().nextBytes(password);
        long id = kitchens.setUp(
                new Kitchens.SetUp(
                        "lifeboat-cottage",
                        java.util.HexFormat.of().formatHex(password),
                        "Lifeboat Cottage",
                        MeasureSystem.METRIC,
                        false,
                        12,
                        "Europe/London"),
                true);
        Kitchen kitchen = kitchens.kitchen(id);
        pots(id);
        new DemoSauces(book, kitchen).save();
        jars(id);
        past(kitchen);
        live(kitchen);
        tonight(kitchen);
        return kitchen;
    }

    private void pots(long id) {
        kit.addPot(id, "24 cm rondeau", new PotShape(240, 232, 130), 1950, PotMaterial.ENAMEL);
        kit.addPot(id, "28 cm sauté pan", new PotShape(280, 255, 72), 2100, PotMaterial.STAINLESS);
        kit.addPot(id, "20 cm saucepan", new PotShape(200, 196, 115), 1280, PotMaterial.STAINLESS);
        kit.addPot(id, "16 cm milk pan", new PotShape(165, 130, 85), 620, PotMaterial.NONSTICK);
        kit.addPot(id, "Preserving pan", new PotShape(360, 250, 150), 2650, PotMaterial.STAINLESS);
        kit.addPot(id, "Old iron pot", new PotShape(220, 200, 120), 3900, PotMaterial.BARE_IRON);
        kit.addBurner(id, "Front left", KitchenKit.BurnerType.GAS, 1700);
        kit.addBurner(id, "Front right", KitchenKit.BurnerType.GAS, 1100);
        kit.addBurner(id, "Rear left", KitchenKit.BurnerType.GAS, 1100);
        kit.addBurner(id, "Rear right", KitchenKit.BurnerType.INDUCTION, 700);
    }

    private void jars(long id) {
        kit.addJar(id, Jar.withHeadspace("Jam jar", 370, 8, 8));
        kit.addJar(id, Jar.withHeadspace("Small jar", 212, 6, 10));
        kit.addJar(id, Jar.withHeadspace("Swing bottle", 500, 15, 4));
    }

    private PlanDraft plan(Kitchen kitchen, int sauceIndex, int potIndex, int burnerIndex) {
        SauceBook.Sauce sauce = book.sauce(kitchen, bySavingOrder(kitchen).get(sauceIndex));
        return PlanDraft.asWritten(
                sauce,
                kit.pots(kitchen.id()).get(potIndex).id(),
                kit.burners(kitchen.id()).get(burnerIndex).id(),
                kitchen.altitudeM(),
                starch(sauce));
    }

    /** The starch that a sauce is written with, if any. */
    private static @Nullable StarchKind starch(SauceBook.Sauce sauce) {
        return sauce.ingredients().usable().stream()
                .flatMap(line -> StagePlan.powder(line).stream())
                .findFirst()
                .orElse(null);
    }

    private List<Long> bySavingOrder(Kitchen kitchen) {
        return book.sauces(kitchen.id()).stream().map(row -> row.id()).sorted().toList();
    }

    /** Twelve finished batches over the last ten weeks. */
    private void past(Kitchen kitchen) {
        int[][] runs = {
            {0, 0, 0}, {3, 2, 1}, {1, 1, 0}, {6, 2, 2}, {4, 2, 1}, {0, 0, 0}, {2, 1, 0}, {5, 4, 0}, {7, 1, 2},
            {0, 0, 0}, {6, 0, 1}, {3, 2, 1}
        };
        Random random = new Random(SEED);
        Instant now = clock.instant();
        for (int i = 0; i < runs.length; i++) {
            Instant start = now.atZone(kitchen.zone())
                    .minusDays(70 - 6L * i)
                    .with(LocalTime.of(16, 10))
                    .plusMinutes(random.nextInt(200))
                    .toInstant();
            PlanAnswer answer = planning.answer(kitchen, plan(kitchen, runs[i][0], runs[i][1], runs[i][2]));
            new DemoCook(batches, lines, random, kitchen, answer, planning).cookToTheEnd(start, i);
        }
    }

    /** Two pots on the hob now. */
    private void live(Kitchen kitchen) {
        Random random = new Random(SEED + 1);
        Instant now = clock.instant();
        new DemoCook(batches, lines, random, kitchen, planning.answer(kitchen, plan(kitchen, 0, 0, 2)), planning)
                .cookUntil(now.minus(Duration.ofMinutes(17)), now);
        new DemoCook(batches, lines, random, kitchen, planning.answer(kitchen, plan(kitchen, 2, 1, 0)), planning)
                .cookUntil(now.minus(Duration.ofMinutes(6)), now);
    }

    /** What is planned for the midwinter supper: the fish sauce, the gravy's second pan, and the pepper sauce for the morrow. */
    private void tonight(Kitchen kitchen) {
        LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), kitchen.zone());
        LocalDateTime tonight = now.truncatedTo(ChronoUnit.DAYS).with(SUPPER);
        LocalDateTime supper = now.plus(LEAST_BEFORE_SUPPER).isBefore(tonight) ? tonight : tonight.plusDays(1);
        plans.save(kitchen, 0, 0, plan(kitchen, 7, 4, 2).servedAt(supper));
        plans.save(kitchen, 0, 0, plan(kitchen, 5, 4, 3).servedAt(supper.plusMinutes(10)));
        plans.save(kitchen, 0, 0, plan(kitchen, 1, 1, 1).servedAt(supper));
    }

    /** One cook at one pot, whose truth differs from the model by the spreads the model admits. */
    private static final class DemoCook {
        private final Batches batches;
        private final Random random;
        private final Kitchen kitchen;
        private final SauceBook.Sauce sauce;
        private final BatchPlan plan;
        private final SimmerRun pot;
        private int events;

        DemoCook(Batches batches, Lines lines, Random random, Kitchen kitchen, PlanAnswer answer, Planning planning) {
            this.batches = batches;
            this.random = random;
            this.kitchen = kitchen;
            this.sauce = answer.setting().sauce();
            this.plan = planning.batchPlan(kitchen, answer);
            double pair = Math.exp(0.2 * random.nextGaussian());
            double body = Math.exp(0.25 * random.nextGaussian());
            this.pot = new SimmerRun(
                    plan.start(lines.catalogue(kitchen)).scaled(Math.exp(0.03 * random.nextGaussian()), 1),
                    plan.potOnHeat().withPairFactor(pair),
                    plan.heat(),
                    body,
                    plan.servedC());
        }

        private long begin(Instant start) {
            return batches.insert(kitchen.id(), sauce.name(), sauce.id(), sauce.version(), plan, start);
        }

        void cookUntil(Instant start, Instant now) {
            long id = begin(start);
            double minutes = Duration.between(start, now).toSeconds() / 60.0;
            for (double at = 5; at < minutes - 1; at += 7) {
                pot.advance(60 * (at - pot.minute()));
                note(id, start, weight());
            }
        }

        void cookToTheEnd(Instant start, int index) {
            long id = begin(start);
            double planned = Optional.ofNullable(plan.planned())
                    .map(BatchPlan.Planned::minutes)
                    .orElse(30.0);
            double interval = Math.max(4, planned / 4);
            boolean reached = false;
            for (int i = 1; i <= 12 && !reached; i++) {
                double target = plan.targetStep() + 0.1 * random.nextGaussian();
                reached = pot.advanceUntil(run -> target - run.stepServed(), 60 * interval) == SimmerRun.End.REACHED;
                if (!reached) {
                    note(id, start, i % 3 == 2 ? level() : weight());
                }
            }
            double yieldMl = Math.round(pot.volumeMl20c() * (1 + 0.02 * random.nextGaussian()) / 5) * 5.0;
            note(id, start, new EventBody.Finished(yieldMl, NOTES[index % NOTES.length]));
            double cold = Math.round(10 * (pot.stepServed() + 0.25 * random.nextGaussian())) / 10.0;
            pot.advance(0);
            batches.insertPast(
                    kitchen.id(),
                    id,
                    new Batches.Draft(
                            "demo-next-day",
                            start.plus(Duration.ofHours(20)),
                            new EventBody.NextDay(Math.max(1, Math.min(9, cold)), null)));
        }

        private static final String[] NOTES = {
            "Pulled it when the line on the spoon held.",
            "A little sharp; the cordial was a new bottle.",
            "Good with the roast carrots.",
            "Seeds through the sieve twice.",
            "Set more than I thought overnight.",
            "Thinner than last time, and better for it."
        };

        private EventBody weight() {
            double gross = pot.massG() + plan.pot().emptyG() + 4 * random.nextGaussian();
            return new EventBody.Weight(Math.round(gross));
        }

        private EventBody level() {
            return new EventBody.Level(Math.max(1, Math.round(pot.levelMm() + 2 * random.nextGaussian())));
        }

        private void note(long id, Instant start, EventBody body) {
            Instant at = start.plusMillis(Math.round(pot.minute() * 60_000));
            batches.insertPast(kitchen.id(), id, new Batches.Draft("demo-" + events++, at, body));
        }
    }
}

package app.gradior.room.demo;

import app.gradior.batch.Batch;
import app.gradior.care.Storage;
import app.gradior.heat.BurnerKind;
import app.gradior.larder.StarchKind;
import app.gradior.measure.MeasureSystem;
import app.gradior.nodes.Patience;
import app.gradior.room.batch.BatchSummaries;
import app.gradior.room.batch.Batches;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.StagePlan;
import app.gradior.room.house.GradiorProperties;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.house.Tokens;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.larder.Lines;
import app.gradior.room.plan.PlanAnswer;
import app.gradior.room.plan.PlanDraft;
import app.gradior.room.plan.Planning;
import app.gradior.room.plan.Plans;
import app.gradior.room.shelf.ContainersAsKept;
import app.gradior.room.shelf.Shelf;
import app.gradior.room.shelf.ShelfContainer;
import app.gradior.vessel.Jar;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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
    private static final int PAST_BATCHES = 40;
    private static final int PAST_DAYS = 150;
    private static final int OTHER_POT_EVERY = 9;
    private static final int POTS = 6;
    private static final int BURNERS = 4;
    private static final int GLAZE_SINCE_MIN = 41;
    private static final int GRAVY_SINCE_MIN = 5;
    /** For each sauce its pot, its burner, and the pot it is in now and then. */
    private static final int[][] USUAL = {
        {0, 0, 4}, {1, 0, 2}, {1, 2, 2}, {2, 1, 0}, {2, 1, 0}, {4, 0, 1}, {2, 2, 0}, {1, 2, 2}
    };

    private static final LocalTime SUPPER = LocalTime.of(19, 30);
    private static final Duration LEAST_BEFORE_SUPPER = Duration.ofHours(6);

    private final GradiorProperties properties;
    private final Kitchens kitchens;
    private final KitchenKit kit;
    private final SauceBook book;
    private final Planning planning;
    private final Batches batches;
    private final BatchSummaries summaries;
    private final Tokens tokens;
    private final Lines lines;
    private final Plans plans;
    private final ContainersAsKept shelf;
    private final DemoPractice practice;
    private final Clock clock;
    private final TransactionTemplate transaction;

    // Wide: the demo fills every room.
    DemoData(
            GradiorProperties properties,
            Kitchens kitchens,
            KitchenKit kit,
            SauceBook book,
            Planning planning,
            Batches batches,
            BatchSummaries summaries,
            Tokens tokens,
            Lines lines,
            Plans plans,
            ContainersAsKept shelf,
            DemoPractice practice,
            Clock clock,
            TransactionTemplate transaction) {
        this.properties = properties;
        this.kitchens = kitchens;
        this.kit = kit;
        this.book = book;
        this.planning = planning;
        this.batches = batches;
        this.summaries = summaries;
        this.tokens = tokens;
        this.lines = lines;
        this.plans = plans;
        this.shelf = shelf;
        this.practice = practice;
        this.clock = clock;
        this.transaction = transaction;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (!properties.demo()) {
            return;
        }
        Patience.OF_A_START.until(() -> transaction.executeWithoutResult(status -> {
            Kitchen kitchen = kitchens.demo().orElseGet(this::load);
            if (!properties.demoToken().isEmpty()) {
                tokens.keep(kitchen.id(), "demo", properties.demoToken(), Tokens.Scope.ALL, Tokens.Life.LONG);
            }
        }));
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
        shelf(kitchen);
        live(kitchen);
        tonight(kitchen);
        practice.fill(id);
        return kitchen;
    }

    private void pots(long id) {
        kit.addPot(id, "24 cm rondeau", new PotShape(240, 232, 130), 1950, PotMaterial.ENAMEL);
        kit.addPot(id, "28 cm sauté pan", new PotShape(280, 255, 72), 2100, PotMaterial.STAINLESS);
        kit.addPot(id, "20 cm saucepan", new PotShape(200, 196, 115), 1280, PotMaterial.STAINLESS);
        kit.addPot(id, "16 cm milk pan", new PotShape(165, 130, 85), 620, PotMaterial.NONSTICK);
        kit.addPot(id, "Preserving pan", new PotShape(360, 250, 150), 2650, PotMaterial.STAINLESS);
        kit.addPot(id, "Old iron pot", new PotShape(220, 200, 120), 3900, PotMaterial.BARE_IRON);
        kit.addBurner(id, "Front left", BurnerKind.GAS, 1700);
        kit.addBurner(id, "Front right", BurnerKind.GAS, 1100);
        kit.addBurner(id, "Rear left", BurnerKind.GAS, 1100);
        kit.addBurner(id, "Rear right", BurnerKind.INDUCTION, 700);
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

    /** Finished batches over the last five months: each sauce in its usual pot, now and then in another. */
    private void past(Kitchen kitchen) {
        Random random = new Random(SEED);
        HiddenTruths truths = new HiddenTruths(new Random(SEED + 2));
        Instant now = clock.instant();
        for (int i = 0; i < PAST_BATCHES; i++) {
            int sauce = i % USUAL.length;
            int[] usual = USUAL[sauce];
            boolean other = i % OTHER_POT_EVERY == OTHER_POT_EVERY - 1;
            int pot = other ? usual[2] : usual[0];
            Instant start = now.atZone(kitchen.zone())
                    .minusDays(PAST_DAYS - (long) (PAST_DAYS - 3) * i / PAST_BATCHES)
                    .with(LocalTime.of(16, 10))
                    .plusMinutes(random.nextInt(200))
                    .toInstant();
            PlanAnswer answer = planning.answer(kitchen, plan(kitchen, sauce, pot, usual[1]));
            DemoCook cook = cook(kitchen, answer, truths.of(sauce, pot, usual[1]), random);
            cook.cookToTheEnd(start, i);
        }
    }

    /** What of the latest batches stands in the fridge and in the freezer yet. */
    private void shelf(Kitchen kitchen) {
        List<Batch> latest = batches.all(kitchen.id());
        keep(kitchen, latest.get(0), "box", 1, 300, Storage.FREEZER, 60);
        keep(kitchen, latest.get(1), "small jar", 3, 195, Storage.JARS, 14);
        keep(kitchen, latest.get(3), "swing bottle", 1, 425, Storage.JARS, 21);
        keep(kitchen, latest.get(4), "box", 1, 120, Storage.FREEZER, 120);
        keep(kitchen, latest.get(7), "jam jar", 2, 337, Storage.FREEZER, 180);
    }

    // Wide: what one batch of the demo was.
    private void keep(Kitchen kitchen, Batch batch, String name, int count, double ml, Storage place, int days) {
        LocalDate packed = LocalDate.ofInstant(batch.startedAt(), kitchen.zone());
        for (int i = 0; i < count; i++) {
            shelf.put(
                    kitchen.id(),
                    batch.id(),
                    new ShelfContainer(
                            0,
                            0,
                            0,
                            name,
                            ml,
                            place.name(),
                            packed,
                            packed.plusDays(days),
                            "",
                            Shelf.State.STORED.name(),
                            null,
                            "",
                            0));
        }
    }

    private DemoCook cook(Kitchen kitchen, PlanAnswer answer, DemoCook.Truth truth, Random random) {
        return new DemoCook(batches, summaries, lines.catalogue(kitchen), kitchen, answer, planning, truth, random);
    }

    /** Two pots on the hob now: the glaze on its way down, read by the cook; the gravy, just begun, on the scale. */
    private void live(Kitchen kitchen) {
        Random random = new Random(SEED + 1);
        HiddenTruths truths = new HiddenTruths(new Random(SEED + 2));
        Instant now = clock.instant();
        cook(kitchen, planning.answer(kitchen, plan(kitchen, 0, 0, 0)), truths.of(0, 0, 0), random)
                .cookUntil(now.minus(Duration.ofMinutes(GLAZE_SINCE_MIN)), now, true);
        cook(kitchen, planning.answer(kitchen, plan(kitchen, 2, 1, 2)), truths.of(2, 1, 2), random)
                .cookUntil(now.minus(Duration.ofMinutes(GRAVY_SINCE_MIN)), now, false);
    }

    /** What really is: the same for a pair and a sauce every time, so that there is something to learn. */
    private static final class HiddenTruths {
        private final Map<List<Integer>, Double> pairs = new HashMap<>();
        private final Map<Integer, Double> bodies = new HashMap<>();
        private final Random random;

        HiddenTruths(Random random) {
            this.random = random;
            for (int pot = 0; pot < POTS; pot++) {
                for (int burner = 0; burner < BURNERS; burner++) {
                    pairs.put(List.of(pot, burner), Math.exp(0.25 * random.nextGaussian()));
                }
            }
            for (int sauce = 0; sauce < USUAL.length; sauce++) {
                bodies.put(sauce, Math.exp(0.3 * random.nextGaussian()));
            }
        }

        DemoCook.Truth of(int sauce, int pot, int burner) {
            return new DemoCook.Truth(
                    pairs.getOrDefault(List.of(pot, burner), 1.0),
                    bodies.getOrDefault(sauce, 1.0) * Math.exp(0.06 * random.nextGaussian()),
                    Math.exp(0.03 * random.nextGaussian()),
                    Math.exp(0.1 * random.nextGaussian()),
                    Math.exp(0.15 * random.nextGaussian()));
        }
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
}

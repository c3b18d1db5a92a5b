package app.gradior.room.demo;

import app.gradior.batch.BatchPlan;
import app.gradior.batch.EventBody;
import app.gradior.batch.IngredientInput;
import app.gradior.batch.Origin;
import app.gradior.batch.Understood;
import app.gradior.course.PotCourse;
import app.gradior.course.Variation;
import app.gradior.estimate.BatchStory;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.mixture.Mixture;
import app.gradior.reading.ReadingKind;
import app.gradior.room.batch.BatchSummaries;
import app.gradior.room.batch.Batches;
import app.gradior.room.book.SauceBook;
import app.gradior.room.house.Kitchen;
import app.gradior.room.plan.PlanAnswer;
import app.gradior.room.plan.Planning;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.SimmerRun;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** A cook of the demo at one pot, whose truth differs from the model, and who reads it as well as a cook can. */
final class DemoCook {
    private static final double SCALE_SD_G = 4;
    private static final double STICK_SD_MM = 2;
    private static final double SPOON_SD = 0.4;
    private static final double EYE_SD_STEP = 0.12;
    private static final double READ_EVERY_MIN = 8;
    private static final double FORGETS_TO_READ = 0.35;
    private static final double SETTLE_MIN = 1;
    private static final double NEAR_ENOUGH_STEP = 0.1;
    private static final int MOST_PORTIONS = 6;
    private static final double LONGEST_STAGE_MIN = 6 * 60;
    private static final String[] NOTES = {
        "Pulled it when the line on the spoon held.",
        "A little sharp; the cordial was a new bottle.",
        "Good with the roast carrots.",
        "Seeds through the sieve twice.",
        "Set more than I thought overnight.",
        "Thinner than last time, and better for it."
    };

    /**
     * What really is, as factors on the model's.
     *
     * @param pair of the burner and the pot
     * @param body of the sauce
     * @param water of what went in
     * @param look of how the cook sees a simmer
     * @param leftBehind of what stays in mill and sieve
     */
    record Truth(double pair, double body, double water, double look, double leftBehind) {}

    private final Batches batches;
    private final BatchSummaries summaries;
    private final Catalogue catalogue;
    private final Kitchen kitchen;
    private final SauceBook.Sauce sauce;
    private final BatchPlan plan;
    private final Origin origin;
    private final Truth truth;
    private final Random random;
    private final PotCourse pot;
    private final List<Batches.Draft> told = new ArrayList<>();
    private Instant start = Instant.EPOCH;
    private double limit = Double.POSITIVE_INFINITY;
    private boolean reads = true;
    private boolean splash;

    // Wide: the demo cooks in every room.
    DemoCook(
            Batches batches,
            BatchSummaries summaries,
            Catalogue catalogue,
            Kitchen kitchen,
            PlanAnswer answer,
            Planning planning,
            Truth truth,
            Random random) {
        this.batches = batches;
        this.summaries = summaries;
        this.catalogue = catalogue;
        this.kitchen = kitchen;
        this.sauce = answer.setting().sauce();
        this.plan = planning.batchPlan(kitchen, answer);
        this.origin = Origin.of(sauce.id(), sauce.version())
                .in(answer.setting().pot().id(), answer.setting().draft().burnerId());
        this.truth = truth;
        this.random = random;
        this.pot = new PotCourse(
                plan.potOnHeat().withPairFactor(truth.pair()),
                truth.body(),
                plan.servedC(),
                new Variation(look -> truth.look(), 1, truth.leftBehind()));
    }

    /** A pot that is on now. */
    void cookUntil(Instant since, Instant now, boolean readIt) {
        start = since;
        limit = Duration.between(since, now).toMillis() / 60_000.0 - 0.2;
        reads = readIt;
        cook();
        keep();
    }

    /** A pot of the past, and what became of it. */
    void cookToTheEnd(Instant since, int index) {
        start = since;
        splash = index % 7 == 3;
        cook();
        double yieldMl = Math.round(pot.volumeMl20c() * (1 + 0.02 * random.nextGaussian()) / 5) * 5.0;
        tell(new EventBody.Finished(yieldMl, NOTES[index % NOTES.length]));
        long id = keep();
        double cold = pot.look().stepServed() + 0.25 * random.nextGaussian();
        batches.insertPast(
                kitchen,
                id,
                new Batches.Draft(
                        "demo-next-day",
                        start.plus(Duration.ofHours(20)),
                        new EventBody.NextDay(
                                Math.max(1, Math.min(9, Math.round(10 * cold) / 10.0)), null, null, null)));
        if (index % 3 != 1) {
            batches.insertPast(
                    kitchen,
                    id,
                    new Batches.Draft(
                            "demo-rating",
                            start.plus(Duration.ofHours(20)),
                            new EventBody.Rated(3 + random.nextInt(3), null, null, null, null)));
        }
        summaries.rebuild(kitchen, id);
    }

    private long keep() {
        long id = batches.insert(kitchen.id(), sauce.name(), origin, plan, start);
        told.forEach(draft -> batches.insertPast(kitchen, id, draft));
        return id;
    }

    private void cook() {
        List<BatchStory.StoryStage> parts = plan.parts(Set.of());
        for (int i = 0; i < parts.size() && !isOver(); i++) {
            if (i > 0) {
                tell(new EventBody.StageDone(null));
            }
            BatchPlan.PlanStage planned = plan.course().get(i);
            pot.begin(asSeen(planned, parts.get(i).stage()));
            if (!planned.lines().isEmpty()) {
                tell(new EventBody.Ticked(planned.lines()));
            }
            warmUp(planned);
            if (splash && planned.kind() == StageKind.REDUCE) {
                splash = false;
                pot.add(Mixture.of(catalogue.water(), 60));
                tell(new EventBody.Added(List.of(new IngredientInput("60 ml water", null, null))));
            }
            if (parts.get(i).inPortions().massG() > 0) {
                pour(planned);
            }
            toTheEnd(planned);
        }
        if (!isOver()) {
            pot.end();
        }
    }

    /** The stage with the true amounts, ended as well as the cook's eye can. */
    private Stage asSeen(BatchPlan.PlanStage planned, Stage stage) {
        double value = planned.value();
        if (planned.end() == EndKind.STEP_SERVED) {
            value = Math.max(1, Math.min(9, value + EYE_SD_STEP * random.nextGaussian()));
        }
        return new Stage(
                stage.kind(),
                stage.adds().scaled(truth.water(), 1),
                stage.look(),
                stage.lid(),
                planned.end().end(value));
    }

    private void warmUp(BatchPlan.PlanStage planned) {
        boolean cold = pot.isWarming();
        while (pot.isWarming() && !isOver()) {
            go(0.25);
        }
        if (cold && !isOver() && planned.kind().treatment() == StageKind.Treatment.BOILING) {
            tell(new EventBody.HeatSet(planned.look()));
        }
    }

    private void pour(BatchPlan.PlanStage planned) {
        Understood powder = plan.lines().get(planned.pours().get(0));
        Understood liquid = plan.lines().get(planned.pours().get(1));
        Food starch = powder.food();
        double target = planned.stepServed() == null ? plan.targetStep() : planned.stepServed();
        for (int i = 0; i < MOST_PORTIONS && pot.look().stepServed() < target - NEAR_ENOUGH_STEP && !isOver(); i++) {
            double share = i == 0 ? 0.5 : 0.25;
            double starchG = Math.round(10 * share * powder.massG()) / 10.0;
            double liquidG = Math.round(10 * share * liquid.massG()) / 10.0;
            pot.add(Mixture.of(starch, starchG).plus(Mixture.of(catalogue.water(), liquidG)));
            tell(new EventBody.Slurry(starch.starchKind().orElseThrow(), starchG, liquidG));
            go(SETTLE_MIN);
            spoon();
        }
    }

    private void toTheEnd(BatchPlan.PlanStage planned) {
        double from = pot.minute();
        boolean boils = planned.kind().treatment() == StageKind.Treatment.BOILING;
        while (!isOver() && pot.minute() - from < LONGEST_STAGE_MIN) {
            double step = Math.min(READ_EVERY_MIN, limit - pot.minute());
            SimmerRun.End end = pot.advanceToEnd(Math.max(0, step));
            if (end != SimmerRun.End.TIME) {
                break;
            }
            if (boils && reads && !isOver() && random.nextDouble() > FORGETS_TO_READ) {
                read();
            }
        }
        if (boils && reads && !isOver() && planned.end() == EndKind.STEP_SERVED) {
            spoon();
        }
    }

    private void read() {
        if (random.nextInt(4) == 0) {
            tell(new EventBody.Read(
                    ReadingKind.LEVEL, Math.max(1, Math.round(pot.levelMm() + STICK_SD_MM * random.nextGaussian()))));
        } else {
            double gross = pot.massG() + plan.pot().emptyG() + SCALE_SD_G * random.nextGaussian();
            tell(new EventBody.Read(ReadingKind.WEIGHT, Math.round(gross)));
        }
    }

    private void spoon() {
        double step = pot.stepHot() + SPOON_SD * random.nextGaussian();
        if (!isOver() && reads) {
            tell(new EventBody.Read(ReadingKind.SPOON, Math.max(1, Math.min(9, Math.round(2 * step) / 2.0))));
        }
    }

    private void go(double minutes) {
        pot.advance(Math.max(0, Math.min(minutes, limit - pot.minute())));
    }

    private boolean isOver() {
        return pot.minute() >= limit - 1e-9;
    }

    private void tell(EventBody body) {
        Instant at = start.plusMillis(Math.round(pot.minute() * 60_000));
        told.add(new Batches.Draft("demo-" + told.size(), at, body));
    }
}

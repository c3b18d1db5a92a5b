package app.gradior.batch;

import app.gradior.care.Caution;
import app.gradior.course.Stirring;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.PotSituation;
import app.gradior.estimate.Prompt;
import app.gradior.estimate.PromptFinding;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Thickening;
import app.gradior.sauce.StageKind;
import app.gradior.texture.Stair;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** What to do with a live batch at a moment, by what is believed of it. */
public final class BatchAdvice {
    /** A pot of fat wants stirring so often, min; arbitrary. */
    private static final double STIR_FAT_MIN = 1;
    /** Lines that go in are asked for at the start of their stage, and once more when it ends, min. */
    private static final double ASK_FOR_LINES_MIN = 4;

    /** A coat may go on so much before its time, min. */
    private static final double COAT_NOW_MIN = 0.25;
    /** What the button of a coat sends. */
    private static final String COAT = "coat";

    private final Batch batch;
    private final BatchPlan plan;
    private final Forecast forecast;
    private final Instant now;

    public BatchAdvice(Batch batch, Forecast forecast, Instant now) {
        this.batch = batch;
        this.plan = batch.plan();
        this.forecast = forecast;
        this.now = now;
    }

    /** What to do with it now. */
    public Prompt prompt() {
        Optional<NextCoat> coat = NextCoat.of(batch);
        if (coat.filter(next -> next.minutesFrom(now) <= COAT_NOW_MIN).isPresent()) {
            return coat(coat.get());
        }
        List<BatchPlan.PlanStage> course = plan.course();
        int stage = batch.stage();
        if (stage >= course.size()) {
            return coat.map(this::coatToCome).orElseGet(() -> Prompt.allOver(forecast));
        }
        if (!batch.onHeat() && course.get(stage).onHeat()) {
            return Prompt.offTheHeat(forecast);
        }
        Instant heard =
                batch.events().stream().map(BatchEvent::at).reduce(batch.startedAt(), (a, b) -> b.isAfter(a) ? b : a);
        return Prompt.of(
                forecast,
                new PotSituation(
                        since(heard),
                        batch.folded().lastReading().map(this::since).orElse(Double.POSITIVE_INFINITY),
                        stirring(),
                        since(batch.folded().stirred()),
                        atHand()));
    }

    private Prompt coat(NextCoat next) {
        return new Prompt(
                new PromptFinding.Coat(next.number(), next.of(), next.coat().grams()), coatWhy(next), true, COAT);
    }

    private Prompt coatToCome(NextCoat next) {
        double minutes = next.minutesFrom(now);
        PromptFinding what = Double.isNaN(minutes)
                ? new PromptFinding.FirstCoat(next.coat().beforeDoneMin())
                : new PromptFinding.CoatIn(next.number(), next.of(), Math.ceil(minutes));
        return new Prompt(what, coatWhy(next), false, COAT);
    }

    private PromptFinding coatWhy(NextCoat next) {
        OnFood food = Objects.requireNonNull(plan.onFood());
        return next.number() == 1 && food.tableG() > 0
                ? new PromptFinding.SetAsideFirst(food.tableG())
                : new PromptFinding.Sticks(food.sticksMin(), food.burnsMin());
    }

    private double since(Instant then) {
        return Batch.minutesBetween(then, now);
    }

    private Stirring stirring() {
        double step = forecast.stepHot().middle();
        if (plan.course().get(batch.stage()).kind() == StageKind.OVEN) {
            return Stirring.IN_OVEN;
        }
        if (plan.course().get(batch.stage()).kind().treatment() == StageKind.Treatment.FRYING || Double.isNaN(step)) {
            return new Stirring(STIR_FAT_MIN);
        }
        return Stirring.of(
                Stair.viscosityPaS(step),
                forecast.brixPercent().middle(),
                Math.max(1, forecast.levelMm().middle()),
                batch.heat().look());
    }

    private PotSituation.AtHand atHand() {
        List<BatchPlan.PlanStage> course = plan.course();
        int at = batch.stage();
        BatchPlan.PlanStage stage = course.get(at);
        boolean fresh = since(batch.stageBegan()) < ASK_FOR_LINES_MIN;
        return new PotSituation.AtHand(
                stage.with(Mixture.EMPTY),
                stage.name(),
                at + 1 < course.size() ? Optional.of(course.get(at + 1).name()) : Optional.empty(),
                course.subList(at + 1, course.size()).stream().noneMatch(BatchPlan.PlanStage::onHeat),
                fresh && plan.stages() != null ? batch.unticked(at) : List.of(),
                pouring(stage));
    }

    private Optional<PotSituation.Pouring> pouring(BatchPlan.PlanStage stage) {
        if (stage.pours().isEmpty() || forecast.warming()) {
            return Optional.empty();
        }
        BatchState.Poured poured = batch.folded().poured();
        double target = stage.stepServed() == null ? plan.targetStep() : stage.stepServed();
        Thickening thickening = new Thickening(
                forecast.likely().mixture(),
                slurryMix(stage),
                forecast.likely().tempC(),
                plan.servedC(),
                forecast.likelyBody());
        return Optional.of(new PotSituation.Pouring(
                thickening.next(target, poured.starchG()),
                poured.last().map(this::since).orElse(Double.POSITIVE_INFINITY),
                poured.seen()));
    }

    /** The slurry that a stage takes, as its lines stand. */
    private Thickening.Mix slurryMix(BatchPlan.PlanStage stage) {
        Understood powder = batch.lines().get(stage.pours().get(0));
        Understood liquid = batch.lines().get(stage.pours().get(1));
        StarchKind kind = powder.food()
                .starchKind()
                .orElseThrow(() -> new IllegalStateException(powder.food().id() + " is no starch"));
        double ratio = liquid.massG() / powder.massG();
        return new Thickening.Mix(
                kind,
                Thickening.Form.SLURRY,
                Math.max(Thickening.Mix.LEAST_RATIO, Math.min(Thickening.Mix.MOST_RATIO, ratio)));
    }

    /** A portion of a slurry. */
    public record NextPortion(StarchKind starch, Thickening.Portion portion) {}

    /** The portion to pour now, if one is, and of what. */
    public Optional<NextPortion> nextPortion() {
        int at = batch.stage();
        if (at >= plan.course().size()) {
            return Optional.empty();
        }
        BatchPlan.PlanStage stage = plan.course().get(at);
        return pouring(stage)
                .flatMap(PotSituation.Pouring::next)
                .map(portion -> new NextPortion(slurryMix(stage).kind(), portion));
    }

    /** What to take care of in the stage it is in. */
    public List<Caution> cautions() {
        return new BatchTelling(batch).cautions(forecast);
    }
}

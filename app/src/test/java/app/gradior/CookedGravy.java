package app.gradior;

import app.gradior.batch.Batch;
import app.gradior.batch.EventBody;
import app.gradior.batch.IngredientInput;
import app.gradior.batch.Origin;
import app.gradior.heat.BurnerKind;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.reading.ReadingKind;
import app.gradior.room.batch.Batches;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.StageDraft;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.larder.Lines;
import app.gradior.room.plan.PlanDraft;
import app.gradior.room.plan.Planning;
import app.gradior.room.plan.Plans;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.Overnight;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageWork;
import app.gradior.sauce.Texture;
import app.gradior.vessel.Jar;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;

/** A kitchen with a bit of everything in it, and a gravy that was cooked, finished and judged. */
@ApplicationTest
public abstract class CookedGravy {
    @Autowired
    protected Kitchens kitchens;

    @Autowired
    protected KitchenKit kit;

    @Autowired
    protected SauceBook book;

    @Autowired
    protected Planning planning;

    @Autowired
    protected Plans plans;

    @Autowired
    protected Batches batches;

    @Autowired
    protected ApplicationTest.SetClock clock;

    protected Kitchen kitchen;
    protected long sauceId;
    protected long batchId;

    protected Kitchen fresh() {
        return NewKitchen.of(kitchens);
    }

    private static StageDraft stage(StageKind kind, EndKind end, double value, Integer... lines) {
        return new StageDraft(kind, "", List.of(lines), kind.usualLook(), kind.usualLid(), end, value);
    }

    @BeforeEach
    protected void aBatchThatIsOver() {
        kitchen = fresh();
        kit.addPot(kitchen.id(), "Rondeau", new PotShape(240, 232, 130), 1950, PotMaterial.ENAMEL);
        kit.addBurner(kitchen.id(), "Front", BurnerKind.GAS, 1100);
        kit.addJar(kitchen.id(), Jar.withHeadspace("Jam jar", 370, 8, 6));
        SauceBook.Draft draft = new SauceBook.Draft(
                "Onion gravy",
                List.of(
                        Lines.Typed.of("400 g onions, sliced"),
                        Lines.Typed.of("900 ml vegetable stock"),
                        Lines.Typed.of("1 tsp salt"),
                        Lines.Typed.of("20 g cornflour")),
                Texture.CHUNKY,
                4.5,
                65,
                Optional.empty(),
                null,
                "",
                List.of(
                        stage(StageKind.SIMMER, EndKind.MINUTES, 15, 0, 1),
                        stage(StageKind.REDUCE, EndKind.FRACTION, 0.7, 2),
                        stage(StageKind.SLURRY, EndKind.MINUTES, 1, 3),
                        stage(StageKind.TAKE_OUT, EndKind.WORD, 1).with(StageWork.of(List.of(0)))),
                Map.of(),
                "",
                Optional.empty());
        sauceId = book.save(kitchen, 0, 0, draft);
        PlanDraft plan = PlanDraft.asWritten(
                book.sauce(kitchen, sauceId),
                kit.pots(kitchen.id()).get(0).id(),
                kit.burners(kitchen.id()).get(0).id(),
                0,
                StarchKind.MAIZE);
        plans.save(kitchen, 0, 0, plan);
        batchId = batches.start(
                kitchen,
                "Onion gravy",
                Origin.of(sauceId, 1).in(plan.potId(), plan.burnerId()),
                planning.batchPlan(kitchen, planning.answer(kitchen, plan)),
                clock.instant());
        after(1, new EventBody.Ticked(List.of(0)));
        after(6, new EventBody.HeatSet(Look.GENTLE));
        after(18, new EventBody.StageDone(null));
        after(1, new EventBody.LeftOut(List.of(2)));
        after(2, new EventBody.HeatSet(Look.LIVELY));
        after(4, new EventBody.Read(ReadingKind.WEIGHT, 3080));
        after(1, new EventBody.Added(List.of(new IngredientInput("60 ml water", null, null))));
        after(16, new EventBody.Read(ReadingKind.WEIGHT, 2900));
        after(2, new EventBody.StageDone(null));
        after(1, new EventBody.Slurry(StarchKind.MAIZE, 12, 18));
        after(2, new EventBody.Finished(880.0, "Needed less salt."));
        after(1200, new EventBody.NextDay(4.8, 43.0, Overnight.ROUNDER, null));
        after(1, new EventBody.Rated(4, 1, null, -1, null));
    }

    protected void after(int minutes, EventBody body) {
        clock.forward(Duration.ofMinutes(minutes));
        batches.record(
                kitchen, batchId, new Batches.Draft("k" + clock.instant().toEpochMilli(), clock.instant(), body));
    }

    protected Batch batch() {
        return batches.batch(kitchen.id(), batchId);
    }
}

package app.gradior.room.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.ApplicationTest;
import app.gradior.ApplicationTest.SetClock;
import app.gradior.Foods;
import app.gradior.batch.Batch;
import app.gradior.batch.BatchAdvice;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.BatchTelling;
import app.gradior.batch.EventBody;
import app.gradior.batch.IngredientInput;
import app.gradior.batch.Origin;
import app.gradior.batch.Understood;
import app.gradior.care.Caution;
import app.gradior.care.Storage;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Composition;
import app.gradior.larder.Food;
import app.gradior.measure.MeasureSystem;
import app.gradior.room.exchange.KitchenFileReader;
import app.gradior.room.exchange.KitchenFileWriter;
import app.gradior.room.faults.CannotReckon;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.larder.Larder;
import app.gradior.room.shelf.Shelf;
import app.gradior.room.words.Words;
import app.gradior.sauce.Texture;
import app.gradior.simmer.Heat;
import app.gradior.testing.Refused;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** What a batch recorded means for good what it meant then; only a correction, an entry of its own, changes that. */
@ApplicationTest
class UnderstoodOnceTest {
    @Autowired
    private Batches batches;

    @Autowired
    private Kitchens kitchens;

    @Autowired
    private Larder larder;

    @Autowired
    private Shelf shelf;

    @Autowired
    private SummaryUpkeep upkeep;

    @Autowired
    private KitchenFileWriter writer;

    @Autowired
    private KitchenFileReader reader;

    @Autowired
    private SetClock clock;

    @Autowired
    private JdbcTemplate jdbc;

    private Kitchen kitchen;
    private long id;
    private int entries;

    private Kitchen fresh() {
        String name = "once-" + System.nanoTime();
        jdbc.update("insert into signup_word values (sha2(?, 256), now())", name);
        return kitchens.kitchen(kitchens.signUp(
                new Kitchens.SetUp(name, "a long password", name, MeasureSystem.METRIC, false, 0, "UTC"), name));
    }

    @BeforeEach
    void aPotWithAMugAndAHoneyInIt() {
        kitchen = fresh();
        larder.putMeasure(kitchen.id(), "mug", 90);
        larder.put(kitchen.id(), honey(82), 0);
        larder.remember(kitchen, "hive gold", "shed-honey");
        id = batches.start(kitchen, "Glaze", Origin.NONE, plan(), clock.instant());
        add("1 mug water");
        add("50 g hive gold");
        clock.forward(Duration.ofMinutes(5));
    }

    private static Food honey(double sugars) {
        Food like = Catalogue.standard().food("honey").orElseThrow();
        Composition thinner = new Composition(100 - sugars, 0, sugars, 0, 0, 0, 0, 0, 0, 0, 0);
        return new Food(
                "shed-honey",
                "shed honey",
                List.of(),
                thinner,
                like.starchKind(),
                like.fatForm(),
                like.bodyForm(),
                like.bodyFactor(),
                like.densityGPerMl(),
                like.measures(),
                like.ph(),
                like.allergens(),
                like.traits(),
                like.scovilleUnits(),
                like.source(),
                like.makeup().like(like.per100g(), thinner));
    }

    private BatchPlan plan() {
        return BatchPlan.hot(
                List.of(
                        Foods.line("1 kg damsons", "damson", 1000, 0.01),
                        new Understood("200 g shed honey", honey(82), 200, 0.01)),
                Texture.CHUNKY,
                0,
                BatchPlan.PlanPot.of("pot", new PotShape(240, 232, 130), 1950, PotMaterial.STAINLESS),
                new Heat(Look.LIVELY, LidState.OPEN),
                0,
                6.5,
                20);
    }

    private String record(EventBody body) {
        clock.forward(Duration.ofSeconds(10));
        String key = "k" + entries++;
        batches.record(kitchen, id, new Batches.Draft(key, clock.instant(), body));
        return key;
    }

    private String add(String line) {
        return record(new EventBody.Added(List.of(new IngredientInput(line, null, null))));
    }

    private Batch batch() {
        return batches.batch(kitchen.id(), id);
    }

    private double massG() {
        return batches.forecast(batch(), clock.instant()).massG().middle();
    }

    private double brix() {
        return batches.forecast(batch(), clock.instant()).brixPercent().middle();
    }

    private void everythingChanges() {
        larder.putMeasure(kitchen.id(), "mug", 300);
        larder.put(
                kitchen.id(), honey(30), larder.revision(kitchen.id(), honey(30).id()));
        larder.forget(kitchen.id(), "hive gold");
    }

    @Test
    void neitherAMeasureNorAFoodNorAWordReachesIntoThePast() {
        double mass = massG();
        double brix = brix();
        everythingChanges();
        assertThat(massG()).isEqualTo(mass);
        assertThat(brix()).isEqualTo(brix);
        add("1 mug water");
        assertThat(massG()).as("what is added now is measured by the new mug").isCloseTo(mass + 300, within(25.0));
    }

    @Test
    void aThousandLinesOfOneFoodKeepOneCopy() {
        for (int i = 0; i < 20; i++) {
            add("5 g shed honey");
        }
        assertThat(jdbc.queryForObject(
                        "select count(*) from food_snapshot where kitchen_id = ? and food like '%shed-honey%'",
                        Integer.class, kitchen.id()))
                .isEqualTo(1);
    }

    @Test
    void aCorrectionIsAnEntryOfItsOwnAndCanBeTakenBack() {
        String honey = record(new EventBody.Added(List.of(new IngredientInput("30 g honey", null, null))));
        double before = massG();
        String ofAdded = record(new EventBody.Corrected(honey, 0, null, 130));
        String ofPlan = record(new EventBody.Corrected(null, 0, "plum", 900));
        assertThat(massG()).as("100 g more honey, 100 g less fruit").isCloseTo(before, within(20.0));
        assertThat(batch().lines().get(0).food().id()).isEqualTo("plum");
        assertThat(batch().plan().lines().get(0).food().id())
                .as("what was recorded first stays")
                .isEqualTo("damson");
        record(new EventBody.Undo(ofPlan));
        assertThat(batch().lines().get(0).massG()).isEqualTo(1000);
        assertThat(massG()).isCloseTo(before + 100, within(20.0));
        record(new EventBody.Finished(700.0, null));
        double finished = batches.forecast(batch(), clock.instant()).massG().middle();
        record(new EventBody.Undo(ofAdded));
        assertThat(batches.forecast(batch(), clock.instant()).massG().middle())
                .as("a finished batch is corrected too")
                .isLessThan(finished - 50);
        assertThatThrownBy(() -> record(new EventBody.Corrected("nothing", 0, null, 1)))
                .satisfies(Refused.saying("added"));
        assertThatThrownBy(() -> record(new EventBody.Corrected(null, 2, null, 1)))
                .satisfies(Refused.saying("line"));
        assertThatThrownBy(() -> record(new EventBody.Corrected(null, 0, "no-such-food", 1)))
                .satisfies(Refused.saying("food"));
    }

    /** Milk that turns out to have gone in shortens what was packed before anybody knew; a date with a reason is the cook's. */
    @Test
    void aCorrectionReachesTheDatesOfWhatIsPacked() {
        record(new EventBody.Finished(700.0, null));
        LocalDate today = shelf.today(kitchen);
        List<Shelf.Filled> jars = List.of(new Shelf.Filled("jar", 2, 200));
        shelf.pack(kitchen, id, jars, Storage.FRIDGE, today.plusDays(4), "");
        shelf.pack(kitchen, id, List.of(new Shelf.Filled("tub", 1, 200)), Storage.FRIDGE, today.plusDays(9), "tested");
        assertThat(shelf.tooLate(kitchen, batch())).isEmpty();
        record(new EventBody.Corrected(null, 1, "milk", 200));
        assertThat(shelf.tooLate(kitchen, batch()))
                .hasSize(2)
                .allSatisfy(late -> assertThat(late.usual()).isEqualTo(today.plusDays(3)));
    }

    @Test
    void wholePiecesInThePotAreNamed() {
        assertThat(new BatchTelling(batch()).wholePieces()).isEmpty();
        add("2 bay leaves");
        assertThat(new BatchTelling(batch()).wholePieces())
                .hasValueSatisfying(c -> assertThat(Words.say(c)).isEqualTo("Take out first: bay leaf"));
        assertThat(new BatchAdvice(batch(), batches.forecast(batch(), clock.instant()), clock.instant()).cautions())
                .isEmpty();
        record(new EventBody.Added(List.of(new IngredientInput("1.5 kg sugar", null, null))));
        assertThat(new BatchAdvice(batch(), batches.forecast(batch(), clock.instant()), clock.instant()).cautions())
                .containsExactly(new Caution.HotSugar());
    }

    /** As an older version kept it: plan and entries without what was understood of them. */
    private void ofAnOlderVersion() {
        String plan = jdbc.queryForObject("select plan from batch_plan where batch_id = ?", String.class, id);
        jdbc.update(
                "update batch_plan set plan = ? where batch_id = ?",
                plan.replaceAll(",\\s*\"snapshot\"\\s*:\\s*\"[0-9a-f]+\"", ""),
                id);
        jdbc.update("update batch_event set understood = null where batch_id = ?", id);
        jdbc.update("update batch set understood = false where id = ?", id);
        jdbc.update("delete from food_snapshot where kitchen_id = ?", kitchen.id());
    }

    @Test
    void whatAnOlderVersionRecordedIsUnderstoodOnceAndKept() {
        double mass = massG();
        double brix = brix();
        ofAnOlderVersion();
        assertThat(massG()).as("not understood yet: by the larder of now").isCloseTo(mass, within(1e-6));
        upkeep.bringUp();
        assertThat(jdbc.queryForObject("select understood from batch where id = ?", Boolean.class, id))
                .isTrue();
        everythingChanges();
        assertThat(massG()).isCloseTo(mass, within(1e-6));
        assertThat(brix()).isCloseTo(brix, within(1e-6));
    }

    @Test
    void whatNobodyKnowsIsLeftAndUnderstoodLater() {
        ofAnOlderVersion();
        larder.forget(kitchen.id(), "hive gold");
        upkeep.bringUp();
        assertThatThrownBy(this::massG)
                .isInstanceOfSatisfying(
                        CannotReckon.class,
                        odd -> assertThat(Words.say(odd.why())).contains("nobody knows what"));
        record(new EventBody.Note("it goes on all the same"));
        larder.remember(kitchen, "hive gold", "shed-honey");
        upkeep.bringUp();
        larder.forget(kitchen.id(), "hive gold");
        assertThat(massG()).isGreaterThan(1000);
    }

    @Test
    void aKitchensFileKeepsWhatWasUnderstood() {
        record(new EventBody.Corrected(null, 0, null, 1100));
        everythingChanges();
        double mass = massG();
        byte[] file = writer.write(kitchen);
        Kitchen other = fresh();
        reader.read(other, file);
        String text = new String(file, StandardCharsets.UTF_8);
        assertThat(new String(writer.write(kitchens.kitchen(other.id())), StandardCharsets.UTF_8))
                .isEqualTo(text);
        Batch again = batches.latest(other.id(), null, 1, 0, new java.util.ArrayList<>())
                .get(0);
        assertThat(batches.forecast(again, clock.instant()).massG().middle()).isEqualTo(mass);
        byte[] forged = text.replaceFirst("(?s)(\"snapshots\".*?\"sugars\" : )82\\.0", "$182.5")
                .getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> reader.read(fresh(), forged)).satisfies(Refused.saying("hash"));
    }
}

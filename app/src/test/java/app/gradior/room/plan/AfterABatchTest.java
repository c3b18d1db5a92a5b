package app.gradior.room.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.gradior.CookedGravy;
import app.gradior.batch.Batch;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.EventBody;
import app.gradior.care.Storage;
import app.gradior.finding.Refusal;
import app.gradior.larder.StarchKind;
import app.gradior.room.batch.AlreadyOn;
import app.gradior.room.batch.BatchLog;
import app.gradior.room.batch.LogFilter;
import app.gradior.room.batch.SummaryUpkeep;
import app.gradior.room.book.SauceBook;
import app.gradior.room.kit.Equipment;
import app.gradior.room.kit.Lessons;
import app.gradior.room.larder.Lines;
import app.gradior.room.shelf.Shelf;
import app.gradior.room.shelf.ShelfCalendar;
import app.gradior.testing.Refused;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** What a batch that is over leaves behind: what it taught, its recipe, the next plan, its jars. */
class AfterABatchTest extends CookedGravy {
    @Autowired
    private SummaryUpkeep upkeep;

    @Autowired
    private BatchLog log;

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private AlreadyOn already;

    @Autowired
    private Shelf shelf;

    @Autowired
    private Lessons lessons;

    @Autowired
    private NextBatch again;

    @Test
    void aBatchThatIsOverTeachesItsPairAndTheNextPlanKnows() {
        Equipment before =
                new Equipment(kit.pots(kitchen.id()), kit.burners(kitchen.id()), List.of(), List.of(), List.of());
        Equipment ware = kit.ware(kitchen.id());
        Equipment.Known pair =
                ware.pair(ware.pots().get(0), Optional.of(ware.burners().get(0)));
        assertThat(pair.batches()).isEqualTo(1);
        assertThat(pair.learnt().logSd())
                .isLessThan(before.pair(
                                before.pots().get(0),
                                Optional.of(before.burners().get(0)))
                        .learnt()
                        .logSd());
        PlanDraft plan = PlanDraft.asWritten(
                book.sauce(kitchen, sauceId),
                ware.pots().get(0).id(),
                ware.burners().get(0).id(),
                0,
                StarchKind.MAIZE);
        assertThat(planning.answer(kitchen, plan).setting().onHeat().pairFactor())
                .isEqualTo(pair.learnt().factor());
        BatchPlan takenUp = takenUp(ware);
        assertThat(takenUp.pairFactor()).isEqualTo(pair.learnt().factor());
        assertThat(takenUp.prior())
                .isEqualTo(planning.answer(kitchen, plan).setting().prior());
        lessons.count(kitchen.id(), batchId, false);
        assertThat(planning.answer(kitchen, plan).setting().onHeat().pairFactor())
                .as("left out")
                .isEqualTo(1);
    }

    @Test
    void batchesOfAnOlderVersionGetTheirSummariesAndLessons() {
        LogFilter words = new LogFilter(LogFilter.like("ONIÓN"), 0, "", null, null, 0, null, null, "started", false);
        assertThat(log.find(kitchen.id(), words, 0).total()).isEqualTo(1);
        lessons.count(kitchen.id(), batchId, false);
        jdbc.update("update batch set words = '', minutes = null where kitchen_id = ?", kitchen.id());
        assertThat(log.find(kitchen.id(), words, 0).total()).isZero();
        upkeep.bringUp();
        assertThat(log.find(kitchen.id(), words, 0).batches())
                .singleElement()
                .satisfies(row -> assertThat(row.minutes()).isPositive());
        assertThat(lessons.latest(kitchen.id()))
                .singleElement()
                .satisfies(row -> assertThat(row.counted()).as("left out still").isFalse());
        jdbc.update("delete from lesson where kitchen_id = ?", kitchen.id());
        jdbc.update("update batch set words = '' where kitchen_id = ?", kitchen.id());
        upkeep.bringUp();
        assertThat(lessons.latest(kitchen.id())).hasSize(1);
    }

    /** The sauce's pot, found on the stove on the sauce's burner. */
    private BatchPlan takenUp(Equipment ware) {
        long id = already.takeUp(
                kitchen,
                new AlreadyOn.Question(
                        "",
                        sauceId,
                        List.of(),
                        ware.pots().get(0).id(),
                        ware.burners().get(0).id(),
                        5,
                        "lively",
                        "open",
                        5,
                        60));
        return batches.batch(kitchen.id(), id).plan();
    }

    @Test
    void theRecipeIsRewrittenByWhatWasReallyDone() {
        again.recipe(kitchen, batch());
        SauceBook.Draft made = book.sauce(kitchen, sauceId).draft();
        assertThat(made.lines())
                .extracting(Lines.Typed::text)
                .contains("400 g onions, sliced", "60 ml water", "12 g cornflour", "18 g water")
                .doesNotContain("1 tsp salt", "20 g cornflour");
        assertThat(made.stages()).hasSize(4);
        assertThat(made.stages().get(3).working().lines())
                .as("the onions come out")
                .containsExactly(0);
        assertThat(made.stages().get(1).lines())
                .as("the splash went into the reduction")
                .hasSize(1);
        assertThat(made.stages().get(0).value())
                .as("minutes of the simmer, warming up taken off")
                .isBetween(15.0, 24.0);
        assertThat(book.sauce(kitchen, sauceId).version()).isEqualTo(2);
    }

    @Test
    void theRecipeTakesWhatWasCorrected() {
        Batch made = batch();
        int onions =
                made.plan().lines().stream().map(l -> l.food().id()).toList().indexOf("onion");
        String splash = made.additions().keySet().iterator().next();
        after(1, new EventBody.Corrected(null, onions, null, 450));
        after(1, new EventBody.Corrected(splash, 0, "milk", 75));
        again.recipe(kitchen, batch());
        assertThat(book.sauce(kitchen, sauceId).draft().lines())
                .contains(
                        new Lines.Typed(made.plan().lines().get(onions).text(), "onion", 450.0),
                        new Lines.Typed("60 ml water", "milk", 75.0));
    }

    @Test
    void theNextPlanIsTheSameButForWhatIsAsked() {
        Map<String, String> same = again.plan(kitchen, batch(), "", c -> String.valueOf(Math.round(c)));
        assertThat(same)
                .containsEntry("amount", "1")
                .containsEntry("starch", "maize")
                .containsEntry("version", "1");
        assertThat(same.get("pot"))
                .isEqualTo(String.valueOf(kit.pots(kitchen.id()).get(0).id()));
        assertThat(again.plan(kitchen, batch(), "thicker", c -> "65")).containsEntry("step", "5");
        assertThat(again.plan(kitchen, batch(), "more", c -> "65")).containsEntry("amount", "1.25");
        double salt = Double.parseDouble(
                again.plan(kitchen, batch(), "salt", c -> "65").get("salt"));
        assertThat(salt).isLessThan(batch().plan().planned().saltPercent());
    }

    @Test
    void aShelfDateIsShortenedFreelyAndLengthenedWithAReason() {
        LocalDate today = shelf.today(kitchen);
        List<Shelf.Filled> jars = List.of(new Shelf.Filled("Jam jar", 2, 337));
        assertThatThrownBy(() -> shelf.pack(kitchen, batchId, jars, Storage.FRIDGE, today.plusDays(40), ""))
                .satisfies(Refused.saying("note why"));
        assertThatThrownBy(() ->
                        shelf.pack(kitchen, batchId, List.of(new Shelf.Filled("", 0, -1)), Storage.FRIDGE, today, ""))
                .isInstanceOf(Refusal.class);
        shelf.pack(kitchen, batchId, jars, Storage.FRIDGE, today.plusDays(2), "");
        assertThat(shelf.soon(kitchen)).hasSize(2);
        long one = shelf.soon(kitchen).get(0).id();
        assertThatThrownBy(() -> shelf.date(kitchen, one, today.plusDays(6), ""))
                .satisfies(Refused.saying("note why"));
        shelf.date(kitchen, one, today.plusDays(6), "Measured pH 3.4.");
        assertThat(shelf.soon(kitchen)).hasSize(1);
        assertThatThrownBy(() -> shelf.mark(kitchen, one, Shelf.State.THROWN, " "))
                .satisfies(Refused.saying("why"));
        shelf.mark(kitchen, one, Shelf.State.OPENED, "");
        shelf.mark(kitchen, one, Shelf.State.USED, "");
        assertThat(shelf.kept(kitchen)).hasSize(1);
        assertThatThrownBy(() -> shelf.mark(kitchen, one, Shelf.State.OPENED, ""))
                .satisfies(Refused.saying("already"));
        assertThatThrownBy(() -> shelf.mark(fresh(), one, Shelf.State.USED, "")).isInstanceOf(Refusal.class);
        assertThat(ShelfCalendar.of(shelf.kept(kitchen)))
                .contains("SUMMARY:Use Onion gravy (Jam jar)")
                .contains("DTSTART;VALUE=DATE");
    }
}

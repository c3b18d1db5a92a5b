package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import app.gradior.batch.Batch;
import app.gradior.batch.EventBody;
import app.gradior.batch.IngredientInput;
import app.gradior.batch.Origin;
import app.gradior.heat.Look;
import app.gradior.reading.ReadingKind;
import app.gradior.room.batch.Batches;
import app.gradior.room.batch.UntouchedPots;
import app.gradior.room.exchange.KitchenFileWriter;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.larder.Larder;
import app.gradior.room.plan.Planning;
import app.gradior.testing.Refused;
import app.gradior.web.frame.LivePots;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** One thing that cannot be reckoned, or has too much recorded of it, shuts nobody out. */
class OddThingsTest extends PageCalls {
    @Autowired
    private Batches batches;

    @Autowired
    private Larder larder;

    @Autowired
    private Planning planning;

    @Autowired
    private UntouchedPots untouched;

    @Autowired
    private LivePots livePots;

    @Autowired
    private KitchenFileWriter writer;

    @Autowired
    private JdbcTemplate jdbc;

    private Kitchen kitchen;
    private long good;
    private long odd;

    @BeforeEach
    void twoPotsOneOfWhichIsOdd() {
        kitchen = kitchens.kitchen(cook.kitchenId());
        good = start("Steady glaze");
        odd = start("Odd glaze");
        larder.remember(kitchen, "harbour tonic", "vinegar-cider");
        record(odd, new EventBody.Added(List.of(new IngredientInput("2 tbsp harbour tonic", null, null))));
        larder.forget(kitchen.id(), "harbour tonic");
        asOfAnOlderVersion(odd);
    }

    /** Up to file format 2 what went in was read anew each time. */
    private void asOfAnOlderVersion(long batch) {
        jdbc.update("update batch_event set understood = null where batch_id = ?", batch);
        jdbc.update("update batch set understood = false where id = ?", batch);
    }

    private long start(String name) {
        return batches.start(kitchen, name, Origin.NONE, glaze("Rondeau"), clock.instant());
    }

    private void record(long batch, EventBody body) {
        clock.forward(Duration.ofSeconds(30));
        String key = "k" + clock.instant().toEpochMilli();
        batches.record(kitchen, batch, new Batches.Draft(key, clock.instant(), body));
    }

    private void opens(String... pages) throws Exception {
        for (String page : pages) {
            mvc.perform(as(get(page))).andExpect(status().isOk());
        }
    }

    @Test
    void aBatchWhoseWordWasForgottenShowsSoAndEveryOtherPageOpens() throws Exception {
        mvc.perform(as(get("/")))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Steady glaze")))
                .andExpect(content().string(containsString("Cannot be reckoned")))
                .andExpect(content().string(containsString("nobody knows what")));
        opens("/sauces", "/plan/clock", "/log", "/log/shelf", "/kit", "/larder", "/strip", "/pot/" + good);
        mvc.perform(as(get("/pot/" + odd)))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("This batch cannot be reckoned")))
                .andExpect(content().string(containsString("2 tbsp harbour tonic")));
        larder.remember(kitchen, "harbour tonic", "vinegar-cider");
        mvc.perform(as(get("/pot/" + odd))).andExpect(content().string(not(containsString("cannot be reckoned"))));
    }

    @Test
    void whatIsInItIsShownAsRecordedAndCorrected() throws Exception {
        String page = "/pot/" + good + "/in";
        mvc.perform(as(get(page)))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("1 kg damsons")))
                .andExpect(content().string(not(containsString("Added since"))));
        mvc.perform(as(post(page).param("line", "0").param("massG", "lots").param("food", "damsons")))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("Grams: “lots” is no number")))
                .andExpect(content().string(containsString("value=\"lots\"")));
        mvc.perform(as(post(page).param("line", "0").param("massG", "900").param("food", "sand")))
                .andExpect(content().string(containsString("“sand” is no food of the larder")));
        mvc.perform(as(post(page).param("line", "0").param("massG", "900").param("food", "PLUMS")))
                .andExpect(redirectedUrl(page));
        mvc.perform(as(get(page))).andExpect(content().string(containsString("1000 g damsons")));
        mvc.perform(as(get("/pot/" + good)))
                .andExpect(content().string(containsString("Corrected: “1 kg damsons” was 900 g plums")));
        record(good, new EventBody.Added(List.of(new IngredientInput("20 g salt", null, null))));
        mvc.perform(as(get(page))).andExpect(content().string(containsString("Added since")));
    }

    @Test
    void aPotThatNobodyTouchedForTwelveHoursIsSetAsideAndTakenUpWithOneTap() throws Exception {
        clock.forward(Duration.ofHours(11));
        record(good, new EventBody.Read(ReadingKind.WEIGHT, 3000));
        clock.forward(Duration.ofMinutes(61));
        untouched.setAside();
        assertThat(batches.glance(kitchen.id(), good).state()).isEqualTo(Batch.State.LIVE);
        clock.forward(Duration.ofHours(11));
        untouched.setAside();
        assertThat(batches.glance(kitchen.id(), good).state()).isEqualTo(Batch.State.ASIDE);
        mvc.perform(as(get("/"))).andExpect(content().string(containsString("Steady glaze")));
        mvc.perform(as(post("/log/" + good + "/away/up"))).andExpect(redirectedUrl("/pot/" + good));
        assertThat(batches.batch(kitchen.id(), good).readings()).hasSize(1);
        untouched.setAside();
        assertThat(batches.glance(kitchen.id(), good).state())
                .as("just touched")
                .isEqualTo(Batch.State.LIVE);
    }

    @Test
    void itCanStillBeTakenBackFinishedAndDeleted() throws Exception {
        String key = batches.batch(kitchen.id(), odd).events().get(0).clientKey();
        record(odd, new EventBody.Undo(key));
        opens("/pot/" + odd);
        record(odd, new EventBody.Added(List.of(new IngredientInput("10 g salt", null, null))));
        larder.remember(kitchen, "quay dust", "salt");
        record(odd, new EventBody.Added(List.of(new IngredientInput("10 g quay dust", null, null))));
        larder.forget(kitchen.id(), "quay dust");
        asOfAnOlderVersion(odd);
        record(odd, new EventBody.Finished(700.0, null));
        opens("/", "/log", "/log/" + odd, "/log/learning");
        mvc.perform(as(post("/log/" + odd + "/away/delete")))
                .andExpect(redirectedUrl("/log/" + odd + "/away?sure=true"));
        assertThat(batches.batch(kitchen.id(), odd).state()).isEqualTo(Batch.State.FINISHED);
        mvc.perform(as(post("/log/" + odd + "/away/delete").param("sure", "true")))
                .andExpect(redirectedUrl("/log"));
        mvc.perform(as(get("/log/" + odd))).andExpect(status().isNotFound());
        assertThat(jdbc.queryForObject("select count(*) from batch_event where batch_id = ?", Integer.class, odd))
                .isZero();
        assertThat(batches.batch(kitchen.id(), good).state()).isEqualTo(Batch.State.LIVE);
    }

    @Test
    void rowsThatCannotEvenBeReadKeepToThemselves() throws Exception {
        jdbc.update("update batch_event set body = '{\"what\": 1}' where batch_id = ?", odd);
        jdbc.update(
                "insert into kitchen_food (kitchen_id, food_id, body, changed_at) values (?, 'ours', '{', now())",
                kitchen.id());
        jdbc.update(
                "insert into kitchen_name (kitchen_id, words, food_id) values (?, 'gone', 'no-such-food')",
                kitchen.id());
        larder.putMeasure(kitchen.id(), "dipper", 80);
        opens("/", "/sauces", "/log", "/larder", "/kit", "/pot/" + good, "/log/" + odd + "/away");
        mvc.perform(as(get("/larder"))).andExpect(content().string(containsString("cannot be read")));
        mvc.perform(as(post("/larder/odd/remove").param("food", "ours"))).andExpect(status().is3xxRedirection());
        mvc.perform(as(get("/larder"))).andExpect(content().string(not(containsString("cannot be read"))));
        mvc.perform(as(get("/pot/" + odd))).andExpect(content().string(containsString("cannot be reckoned")));
        mvc.perform(as(post("/log/" + odd + "/away/delete").param("sure", "true")))
                .andExpect(redirectedUrl("/log"));
    }

    private long startedFrom(long plan) throws Exception {
        String pot = mvc.perform(as(post("/plan/start").param("plan", String.valueOf(plan))))
                .andExpect(status().is3xxRedirection())
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        return Long.parseLong(pot.substring("/pot/".length()));
    }

    private void deleted(long id) throws Exception {
        mvc.perform(as(post("/log/" + id + "/away/delete").param("sure", "true")))
                .andExpect(redirectedUrl("/log"));
    }

    private int count(String table, long batchId) {
        return jdbc.queryForObject("select count(*) from " + table + " where batch_id = ?", Integer.class, batchId);
    }

    /** A pot taken off too early leaves its plan waiting; one that was cooked takes plan, jars and lesson with it. */
    @Test
    void whatHangsOnABatchGoesWithIt() throws Exception {
        long plan = keptPlan(kitchen, kit.pots(kitchen.id()).get(1).id());
        long first = startedFrom(plan);
        deleted(first);
        assertThat(count("plan", first)).isZero();
        long second = startedFrom(plan);
        assertThat(second).as("the plan waited").isNotEqualTo(first);
        clock.forward(Duration.ofMinutes(40));
        record(second, new EventBody.Finished(400.0, null));
        mvc.perform(as(post("/log/" + second + "/pack")
                        .param("name", "Box")
                        .param("count", "2")
                        .param("ml", "150")
                        .param("what", "FREEZER")
                        .param(
                                "useBy",
                                clock.instant()
                                        .plus(Duration.ofDays(2))
                                        .toString()
                                        .substring(0, 10))))
                .andExpect(status().is3xxRedirection());
        assertThat(count("container", second)).isEqualTo(2);
        assertThat(count("plan", second)).isEqualTo(1);
        assertThat(count("lesson", second)).isEqualTo(1);
        deleted(second);
        for (String table : List.of("container", "plan", "lesson", "batch_event", "batch_plan")) {
            assertThat(count(table, second)).as(table).isZero();
        }
    }

    @Test
    void aPlanWhosePotIsGoneSaysSoAndTheFileIsStillWritten() throws Exception {
        long pot = kit.pots(kitchen.id()).get(0).id();
        long plan = keptPlan(kitchen, pot);
        jdbc.update("delete from pot where id = ?", pot);
        opens("/", "/plan", "/kit");
        mvc.perform(as(get("/plan/clock")))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("This pot is no longer in your kit")));
        mvc.perform(as(get("/plan/" + plan)))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("This pot is no longer in your kit")));
        assertThat(writer.write(kitchen)).isNotEmpty();
    }

    /** What is in use is put away, not removed: whatever uses it stays as it was. */
    @Test
    void aPotThatIsUsedIsPutAway() throws Exception {
        long pot = kit.pots(kitchen.id()).get(0).id();
        String name = kit.pot(kitchen.id(), pot).name();
        long plan = keptPlan(kitchen, pot);
        kit.removePot(kitchen.id(), pot);
        kit.removeBurner(kitchen.id(), kit.burners(kitchen.id()).get(0).id());
        opens("/", "/plan", "/plan/clock");
        assertThat(body(get("/plan/" + plan)))
                .contains("Put away in the kit: " + name + " and Large burner")
                .contains("Start cooking");
        mvc.perform(as(post("/plan/start").param("plan", String.valueOf(plan))))
                .andExpect(status().is(422))
                .andExpect(content().string(containsString(name + " is put away: choose another")))
                .andExpect(content().string(containsString("Large burner is put away")));
        assertThat(body(get("/kit"))).contains("Take out " + name).contains("Take out Large burner");
        assertThat(kit.pots(kitchen.id())).extracting(KitchenKit.KitPot::id).doesNotContain(pot);
        mvc.perform(as(post("/kit/pots/" + pot + "/out"))).andExpect(redirectedUrl("/kit"));
        assertThat(kit.pots(kitchen.id())).extracting(KitchenKit.KitPot::id).contains(pot);
        long unused = kit.pots(kitchen.id()).get(2).id();
        kit.removePot(kitchen.id(), unused);
        assertThat(kit.potsPutAway(kitchen.id())).isEmpty();
    }

    /** A fault of one live pot while a page words it is that pot's alone. */
    @Test
    void aPotThatCannotBeShownKeepsToItself() {
        List<Odd> odd = new ArrayList<>();
        List<LivePots.On> on = livePots.of(kitchen, odd).on();
        odd.clear();
        assertThat(on).hasSize(1);
        assertThat(on.get(0).<String>shown(odd, () -> {
                    throw new IllegalStateException("drawn badly");
                }))
                .isEmpty();
        assertThat(odd).extracting(Odd::name, Odd::address).containsExactly(tuple("Steady glaze", "/pot/" + good));
        assertThat(on.get(0).shown(odd, () -> "a card")).contains("a card");
    }

    @Test
    void aPotWithTwoThousandEntriesGoesOnIsSetAsideTakenUpAndFinished() throws Exception {
        jdbc.update("insert into batch_event (kitchen_id, batch_id, client_key, happened_at, recorded_at, type, body)"
                + " select kitchen_id, id, concat('scale-', seq), started_at + interval floor(seq / 20) second, started_at,"
                + " 'weight', concat('{\"grossG\":', 3250 - seq / 60, '}') from batch, seq_0_to_4999 where id = "
                + good);
        clock.forward(Duration.ofMinutes(6));
        assertThatThrownBy(() -> record(good, new EventBody.Read(ReadingKind.WEIGHT, 3100)))
                .satisfies(Refused.saying("no more are kept"));
        record(good, new EventBody.HeatSet(Look.GENTLE));
        record(good, new EventBody.Undo("scale-4999"));
        opens("/", "/pot/" + good);
        mvc.perform(as(post("/log/" + good + "/away/aside"))).andExpect(redirectedUrl("/"));
        assertThatThrownBy(() -> record(good, new EventBody.HeatSet(Look.LIVELY)))
                .satisfies(Refused.saying("set aside"));
        mvc.perform(as(get("/")))
                .andExpect(content().string(containsString("Set aside")))
                .andExpect(content().string(not(containsString("href=\"/pot/" + good + "\""))));
        mvc.perform(as(get("/pot/" + good))).andExpect(redirectedUrl("/log/" + good + "/away"));
        opens("/log", "/log/" + good + "/away");
        mvc.perform(as(post("/log/" + good + "/away/up"))).andExpect(redirectedUrl("/pot/" + good));
        record(good, new EventBody.HeatSet(Look.LIVELY));
        record(good, new EventBody.Finished(900.0, null));
        opens("/log/" + good);
    }

    @Test
    void fortyLongNotesAreKept() throws Exception {
        for (int i = 0; i < 40; i++) {
            record(good, new EventBody.Note("é".repeat(1990) + i));
        }
        opens("/pot/" + good, "/log");
        assertThat(body(get("/log?q=é39"))).contains("Steady glaze");
    }
}

package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import app.gradior.Foods;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.EventBody;
import app.gradior.batch.IngredientInput;
import app.gradior.batch.Origin;
import app.gradior.care.Storage;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.measure.MeasureSystem;
import app.gradior.reading.ReadingKind;
import app.gradior.room.batch.Batches;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Tokens;
import app.gradior.room.shelf.Shelf;
import app.gradior.sauce.Texture;
import app.gradior.simmer.Heat;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import app.gradior.web.frame.Figures;
import java.time.Duration;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** The log's pages: looking for batches, the finish, the shelf, files. */
class LogPagesTest extends PageCalls {
    @Autowired
    private Batches batches;

    @Autowired
    private Shelf shelf;

    @Autowired
    private Tokens tokens;

    private long finished(String name, String pot, double yieldMl, String note, Double cold) {
        Kitchen kitchen = kitchens.kitchen(cook.kitchenId());
        long id = begun(kitchen, name, pot);
        record(kitchen, id, new EventBody.Read(ReadingKind.WEIGHT, 3150));
        record(kitchen, id, new EventBody.Finished(yieldMl, note));
        if (cold != null) {
            record(kitchen, id, new EventBody.NextDay(cold, null, null, null));
        }
        return id;
    }

    /** On for twenty minutes. */
    private long begun(Kitchen kitchen, String name, String pot) {
        BatchPlan plan = BatchPlan.hot(
                List.of(
                        Foods.line("1 kg damsons", "damson", 1000, 0.01),
                        Foods.line("300 g water", "water", 300, 0.01),
                        Foods.line("10 g celery", "celery", 10, 0.01)),
                Texture.SMOOTH,
                0,
                BatchPlan.PlanPot.of(pot, new PotShape(240, 232, 130), 1950, PotMaterial.ENAMEL),
                new Heat(Look.LIVELY, LidState.OPEN),
                0,
                6.5,
                20);
        long id = batches.start(kitchen, name, Origin.NONE, plan, clock.instant());
        clock.forward(Duration.ofMinutes(20));
        return id;
    }

    private void record(Kitchen kitchen, long id, EventBody body) {
        clock.forward(Duration.ofSeconds(1));
        batches.record(kitchen, id, new Batches.Draft("k" + System.nanoTime(), clock.instant(), body));
    }

    /** In a pot on the counter for three hours: too late for anything but heat, said in the kitchen's degrees. */
    @Test
    void whatCooledTooSlowlyIsToBeHeatedInTheKitchensDegrees() throws Exception {
        for (boolean fahrenheit : new boolean[] {false, true}) {
            cook = cook(MeasureSystem.METRIC, fahrenheit);
            long id = finished("Slow glaze", "Rondeau", 900, "", null);
            say(id, "FRIDGE", "POT", "");
            clock.forward(Duration.ofHours(3));
            String heat = fahrenheit ? "165 °F" : "74 °C";
            assertThat(body(get("/log/" + id + "/finish"))).contains("Bring it to " + heat + " all through");
            assertThat(body(get("/strip"))).contains("Too slow: " + heat + " at once");
        }
    }

    @Test
    void batchesAreFoundByWordsDatesAndFiguresAndSorted() throws Exception {
        finished("Autumn glaze", "Rondeau", 900, "a little sharp 100%", 6.2);
        finished("Winter glaze", "Saucepan", 700, "fine", 5.1);
        finished("Spring =sauce", "Saucepan", 800, "fine", null);
        assertThat(body(get("/log"))).contains("Autumn glaze", "Winter glaze", "1 to 3 of 3");
        assertThat(body(get("/log?q=sharp"))).contains("Autumn glaze").doesNotContain("Winter glaze");
        assertThat(body(get("/log").param("q", "100%")))
                .contains("Autumn glaze")
                .doesNotContain("Winter glaze");
        assertThat(body(get("/log").param("q", "_%_")))
                .as("a percent sign is no joker")
                .doesNotContain("Winter glaze");
        assertThat(body(get("/log?pot=Saucepan&low=5")))
                .contains("Winter glaze")
                .doesNotContain("Spring");
        assertThat(body(get("/log?pot=Saucepan"))).contains("1 to 2 of 2");
        assertThat(body(get("/log?from=2031-01-01"))).contains("No batch is like that");
        String byYield = body(get("/log?sort=yield&up=1"));
        assertThat(byYield.indexOf("Winter glaze")).isLessThan(byYield.indexOf("Spring"));
        assertThat(byYield.indexOf("Spring")).isLessThan(byYield.indexOf("Autumn glaze"));
        assertThat(body(get("/log?sort=name;drop"))).as("no such column").contains("Autumn glaze");
        assertThat(body(get("/log/all.csv")))
                .contains("batch,sauce,state")
                .contains("Spring =sauce")
                .contains("6.2");
        cook = cook(MeasureSystem.METRIC, false);
        assertThat(body(get("/log"))).as("another kitchen").doesNotContain("glaze");
    }

    @Test
    void theFinishSaysHowItCoolsAndWhatToFillAndKeepsWhatIsTold() throws Exception {
        long id = finished("Autumn glaze", "Rondeau", 900, "", null);
        String page = body(get("/log/" + id + "/finish"));
        assertThat(page)
                .contains("It keeps both limits")
                .contains("left in the pot, lid on")
                .contains("too slow");
        assertThat(page).contains("mL each").contains("after 90 min");
        assertThat(body(get("/log/" + id + "/finish").param("salt", "1"))).contains("g salt (");
        assertThat(body(get("/log/" + id + "/finish").param("salt", "lots"))).contains("That is no number");
        say(id, "FRIDGE", "POT", "");
        assertThat(body(get("/kit"))).contains("Cooling too slowly: 21 °C by");
        clock.forward(Duration.ofMinutes(30));
        assertThat(body(get("/log/" + id + "/finish"))).contains("Like this it will not be at 21");
        mvc.perform(as(post("/log/" + id + "/cooling")
                        .param("what", "FRIDGE")
                        .param("container", "POT")
                        .param("temp", "warmish")))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(Matchers.containsString("“warmish” is no temperature")))
                .andExpect(content().string(Matchers.containsString("value=\"warmish\"")));
        clock.forward(Duration.ofMinutes(430));
        assertThat(body(get("/log/" + id + "/finish"))).contains("Throw it away");
        assertThat(body(get("/strip"))).contains("urgent").contains("Throw it away");
        mvc.perform(as(post("/log/" + id + "/pack")
                        .param("name", "Box", "")
                        .param("count", "2", "")
                        .param("ml", "450", "")
                        .param("what", "FREEZER")
                        .param(
                                "useBy",
                                clock.instant()
                                        .plus(Duration.ofDays(2))
                                        .toString()
                                        .substring(0, 10))
                        .param("reason", "")))
                .andExpect(status().is3xxRedirection());
        assertThat(body(get("/log/shelf"))).contains("Autumn glaze", "Box", "freezer");
        clock.forward(Duration.ofHours(4));
        assertThat(body(get("/"))).contains("Use soon").contains("How did it turn out, cold?");
        byte[] labels = mvc.perform(as(get("/log/" + id + "/labels.pdf?size=A4_14&count=3")))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertThat(labels).startsWith('%', 'P', 'D', 'F');
    }

    @Test
    void batchesLieOverEachOtherAndSayHowFarOffTheyWere() throws Exception {
        long one = finished("Autumn glaze", "Rondeau", 700, "", 8.8);
        long two = finished("Winter glaze", "Rondeau", 900, "", null);
        String page = body(get("/log/compare?ids=" + one + "," + two));
        assertThat(page)
                .contains("Laid over each other")
                .contains("Step the next day")
                .contains("8.8");
        assertThat(body(get("/log/compare?by=share&ids=" + one + "," + two))).contains("g/min leave");
        assertThat(body(get("/log/compare?ids=" + one))).contains("Tick two to six");
        assertThat(body(get("/log/" + one)))
                .contains("thicker, outside the band")
                .contains("It gave");
        assertThat(body(get("/log/" + one + ".csv")))
                .contains("at_utc,minute,type,value")
                .contains("weight,3150.0");
        assertThat(body(get("/log/" + one + ".json"))).contains("\"grossG\" : 3150.0");
        assertThat(body(get("/log/learning"))).contains("The batches behind it");
        mvc.perform(as(post("/log/" + one + "/rating").param("stars", "9")))
                .andExpect(status().isUnprocessableContent());
        mvc.perform(as(post("/log/" + one + "/rating").param("stars", "4"))).andExpect(redirectedUrl("/log/" + one));
        assertThat(body(get("/log?rating=4"))).contains("Autumn glaze").doesNotContain("Winter glaze");
        cook = cook(MeasureSystem.METRIC, false);
        mvc.perform(as(get("/log/" + one + "/finish"))).andExpect(status().isNotFound());
        mvc.perform(as(get("/log/" + one + ".json"))).andExpect(status().isNotFound());
        mvc.perform(as(get("/log/compare?ids=" + one + "," + two))).andExpect(status().isNotFound());
    }

    @Test
    void theLabelNamesWhatWentInUnplannedAndButterIsReckoned() throws Exception {
        Kitchen kitchen = kitchens.kitchen(cook.kitchenId());
        long id = begun(kitchen, "Autumn glaze", "Rondeau");
        IngredientInput peanuts = new IngredientInput(null, "peanut-butter", 30.0);
        record(kitchen, id, new EventBody.Added(List.of(peanuts)));
        record(kitchen, id, new EventBody.Slurry(StarchKind.WHEAT_FLOUR, 20, 30));
        record(kitchen, id, new EventBody.Finished(1000.0, ""));
        String label = text(get("/log/" + id + "/labels.pdf?size=A4_14&count=1").param("also", "milk, "));
        assertThat(label).contains("Contains celery, cereals with gluten, milk, peanut");
        pack(id, "FREEZER", 2);
        pack(id, "FRIDGE", 1);
        String each = text(get("/log/" + id + "/labels.pdf?size=A4_14"));
        assertThat(each.split("Keep frozen, use by " + day(2), -1))
                .as("the box for the freezer")
                .hasSize(2);
        assertThat(each.split("Keep at 5 °C or below, use by " + day(1), -1))
                .as("the one for the fridge")
                .hasSize(2);
        long without = begun(kitchen, "Plain glaze", "Rondeau");
        record(kitchen, without, new EventBody.LeftOut(List.of(2)));
        record(kitchen, without, new EventBody.Finished(1000.0, ""));
        assertThat(text(get("/log/" + without + "/labels.pdf?size=A4_14&count=1")))
                .as("no celery went in")
                .doesNotContain("Contains");
        mvc.perform(as(get("/log/" + id + "/labels.pdf?count=1").param("also", "x".repeat(81))))
                .andExpect(status().isUnprocessableContent());
        String finish = "/log/" + id + "/finish";
        assertThat(body(get(finish).param("butter", "60"))).contains("value=\"60\"", "thicker", "1,06");
        assertThat(body(get(finish).param("butter", "a knob"))).contains("“a knob” is no weight of butter");
    }

    private String day(int ahead) {
        return new Figures(kitchens.kitchen(cook.kitchenId()))
                .day(clock.instant().plus(Duration.ofDays(ahead)));
    }

    private void pack(long id, String what, int days) throws Exception {
        String useBy = clock.instant().plus(Duration.ofDays(days)).toString().substring(0, 10);
        mvc.perform(as(post("/log/" + id + "/pack")
                        .param("name", "Box")
                        .param("count", "1")
                        .param("ml", "300")
                        .param("what", what)
                        .param("useBy", useBy)
                        .param("reason", "")))
                .andExpect(status().is3xxRedirection());
    }

    private String text(MockHttpServletRequestBuilder request) throws Exception {
        byte[] pdf = mvc.perform(as(request)).andReturn().getResponse().getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    void theNextDayAsksForStepRingAndFlavourAndThePageShowsWhatWasForetold() throws Exception {
        long id = finished("Autumn glaze", "Rondeau", 900, "", null);
        mvc.perform(as(post("/log/" + id + "/next-day")
                        .param("step", "6,2")
                        .param("ring", "5")
                        .param("flavour", "flatter")
                        .param("note", "dull")))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(Matchers.containsString("Ring: “5” is not from 10 to 300 mm")))
                .andExpect(content().string(Matchers.containsString("value=\"6,2\"")))
                .andExpect(content().string(Matchers.matchesRegex("(?s).*value=\"flatter\"\\s+selected.*")));
        mvc.perform(as(post("/log/" + id + "/next-day").param("ring", "20").param("flavour", "flatter")))
                .andExpect(redirectedUrl("/log/" + id));
        String page = body(get("/log/" + id));
        assertThat(page)
                .contains("The ring ran to 20 mm where", "so it is thicker at 20 °C")
                .contains("season it at the temperature it is eaten at");
        String foretold = body(get("/log/" + id + "/foretold"));
        assertThat(foretold)
                .contains("at the start", "after 10 min", "as it came")
                .doesNotContain("<html");
        assertThat(foretold.split("class=\"band\"")).as("four bands").hasSize(5);
        mvc.perform(as(post("/log/" + id + "/next-day").param("flavour", "blue")))
                .andExpect(status().isUnprocessableContent());
    }

    @Test
    void aCalendarReadsTheShelfByAnAddressOfItsOwn() throws Exception {
        long id = finished("Autumn glaze", "Rondeau", 900, "", null);
        shelf.pack(
                kitchens.kitchen(cook.kitchenId()),
                id,
                List.of(new Shelf.Filled("Box", 1, 400)),
                Storage.FRIDGE,
                shelf.today(kitchens.kitchen(cook.kitchenId())).plusDays(1),
                "");
        String address = (String) mvc.perform(as(post("/log/shelf/feed")))
                .andExpect(redirectedUrl("/log/shelf"))
                .andReturn()
                .getFlashMap()
                .get("feed");
        String path = address.replaceFirst("https?://[^/]+", "");
        mvc.perform(get(path))
                .andExpect(status().isOk())
                .andExpect(content().string(Matchers.containsString("SUMMARY:Use Autumn glaze (Box)")));
        String token = path.split("/")[2];
        mvc.perform(get("/api/v1/foods?q=salt").header("Authorization", "Bearer " + token))
                .andExpect(status().isForbidden());
        String wide = tokens.make(cook.kitchenId(), "all", Tokens.Scope.ALL);
        mvc.perform(get("/feed/" + wide + "/shelf.ics")).andExpect(status().isNotFound());
        tokens.of(cook.kitchenId()).forEach(row -> tokens.remove(cook.kitchenId(), row.id()));
        mvc.perform(get(path)).andExpect(status().isNotFound());
    }

    @Test
    void whatIsHeldHotCoolsFromTheMomentItNoLongerIs() throws Exception {
        long id = finished("Autumn glaze", "Rondeau", 900, "", null);
        String finish = "/log/" + id + "/finish";
        say(id, "HOLD_HOT", "POT", "");
        clock.forward(Duration.ofHours(4));
        assertThat(body(get("/strip"))).as("held, so no clock").doesNotContain("Autumn glaze");
        assertThat(body(get(finish).param("guests", "6")))
                .contains("Hold it hot", "What is left over", "in the pot after 90 min", "150 mL each.");
        assertThat(body(get(finish).param("guests", "2.5"))).contains("“2.5” is no number of guests");
        say(id, "FRIDGE", "SHALLOW_ICED", "");
        assertThat(body(get(finish))).contains("It keeps both limits").doesNotContain("Hold it hot");
        assertThat(body(get("/strip"))).contains("Cooling: 21 °C by");
        clock.forward(Duration.ofHours(7));
        assertThat(body(get(finish))).contains("nobody read it");
        say(id, "FRIDGE", "SHALLOW_ICED", "4");
        assertThat(body(get(finish))).contains("It is cold: both limits were kept.");
        say(id, "EAT_NOW", "POT", "");
        assertThat(body(get("/strip"))).as("eaten").doesNotContain("Autumn glaze");
        long late = finished("Winter glaze", "Rondeau", 900, "", null);
        clock.forward(Duration.ofHours(8));
        say(late, "HOLD_HOT", "POT", "");
        assertThat(body(get("/strip")))
                .as("eight hours on the counter are not undone by a tap")
                .contains("Winter glaze", "Throw it away");
        assertThat(body(get("/log/" + late + "/finish"))).contains("It was not at 5");
        Kitchen kitchen = kitchens.kitchen(cook.kitchenId());
        long on = begun(kitchen, "Live glaze", "Rondeau");
        mvc.perform(as(get("/log/" + on + "/foretold"))).andExpect(status().isConflict());
    }

    private void say(long id, String what, String container, String temp) throws Exception {
        mvc.perform(as(post("/log/" + id + "/cooling")
                        .param("what", what)
                        .param("container", container)
                        .param("temp", temp)))
                .andExpect(redirectedUrl("/log/" + id + "/finish"));
    }
}

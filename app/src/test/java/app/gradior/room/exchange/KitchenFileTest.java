package app.gradior.room.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.gradior.ApplicationTest;
import app.gradior.NewKitchen;
import app.gradior.batch.Batch;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.EventBody;
import app.gradior.batch.IngredientInput;
import app.gradior.batch.Origin;
import app.gradior.care.Storage;
import app.gradior.finding.Refusal;
import app.gradior.heat.BurnerKind;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.reading.ReadingKind;
import app.gradior.room.batch.AlreadyOn;
import app.gradior.room.batch.BatchLog;
import app.gradior.room.batch.Batches;
import app.gradior.room.batch.LogFilter;
import app.gradior.room.batch.Photos;
import app.gradior.room.batch.SummaryUpkeep;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.StageDraft;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.kit.Equipment;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.kit.Lessons;
import app.gradior.room.larder.Larder;
import app.gradior.room.larder.Lines;
import app.gradior.room.plan.NextBatch;
import app.gradior.room.plan.PlanDraft;
import app.gradior.room.plan.Planning;
import app.gradior.room.plan.Plans;
import app.gradior.room.shelf.Shelf;
import app.gradior.room.shelf.ShelfCalendar;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.Overnight;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageWork;
import app.gradior.sauce.Texture;
import app.gradior.testing.Refused;
import app.gradior.vessel.Jar;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A kitchen with a bit of everything: its file, its shelf, what its batch taught, and the next batch from this one. */
@ApplicationTest
class KitchenFileTest {
    @Autowired
    private SummaryUpkeep upkeep;

    @Autowired
    private BatchLog log;

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private AlreadyOn already;

    @Autowired
    private Kitchens kitchens;

    @Autowired
    private KitchenKit kit;

    @Autowired
    private SauceBook book;

    @Autowired
    private Planning planning;

    @Autowired
    private Plans plans;

    @Autowired
    private Batches batches;

    @Autowired
    private Shelf shelf;

    @Autowired
    private Photos photos;

    @Autowired
    private Larder larder;

    @Autowired
    private Lessons lessons;

    @Autowired
    private KitchenFileWriter writer;

    @Autowired
    private KitchenFileReader reader;

    @Autowired
    private JsonMapper json;

    @Autowired
    private NextBatch again;

    @Autowired
    private ApplicationTest.SetClock clock;

    private Kitchen kitchen;
    private long sauceId;
    private long batchId;

    private Kitchen fresh() {
        return NewKitchen.of(kitchens);
    }

    private static StageDraft stage(StageKind kind, EndKind end, double value, Integer... lines) {
        return new StageDraft(kind, "", List.of(lines), kind.usualLook(), kind.usualLid(), end, value);
    }

    @BeforeEach
    void aBatchThatIsOver() {
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

    private void after(int minutes, EventBody body) {
        clock.forward(Duration.ofMinutes(minutes));
        batches.record(
                kitchen, batchId, new Batches.Draft("k" + clock.instant().toEpochMilli(), clock.instant(), body));
    }

    private Batch batch() {
        return batches.batch(kitchen.id(), batchId);
    }

    @Test
    void whatIsReadInIsWrittenOutTheSameByteByByte() throws IOException {
        shelf.pack(
                kitchen, batchId, List.of(new Shelf.Filled("Jam jar", 2, 337)), Storage.JARS, shelf.today(kitchen), "");
        photos.add(kitchen.id(), batchId, picture(300, 200));
        lessons.count(kitchen.id(), batchId, false);
        byte[] first = writer.write(kitchen);
        Kitchen other = fresh();
        reader.read(other, first);
        assertThat(new String(writer.write(other), StandardCharsets.UTF_8))
                .isEqualTo(new String(first, StandardCharsets.UTF_8));
        assertThat(lessons.latest(other.id())).singleElement().satisfies(lesson -> {
            assertThat(lesson.counted()).isFalse();
            assertThat(lesson.pairLog())
                    .isEqualTo(lessons.latest(kitchen.id()).get(0).pairLog());
        });
        assertThatThrownBy(() -> reader.read(other, first))
                .isInstanceOf(Refusal.class)
                .satisfies(Refused.saying("empty"));
        Kitchen third = fresh();
        String text = new String(first, StandardCharsets.UTF_8);
        assertThatThrownBy(() -> reader.read(
                        third,
                        text.replace("\"grossG\" : 2900.0", "\"grossG\" : -5").getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(Refusal.class)
                .satisfies(Refused.saying("grossG"));
        assertThatThrownBy(() -> reader.read(third, "{}".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(Refusal.class);
        assertThat(batches.all(third.id())).isEmpty();
    }

    @Test
    void aFilesPicturesAreBareAndItsContainersCouldHaveComeAbout() throws IOException {
        photos.add(kitchen.id(), batchId, picture(60, 40));
        shelf.pack(
                kitchen,
                batchId,
                List.of(new Shelf.Filled("Jam jar", 1, 337)),
                Storage.FRIDGE,
                shelf.today(kitchen).plusDays(2),
                "");
        ObjectNode whole = (ObjectNode) json.readTree(writer.write(kitchen));
        ObjectNode batch = (ObjectNode) whole.get("batches").get(0);
        ObjectNode photo = (ObjectNode) batch.get("photos").get(0);
        byte[] bare = photo.get("image").binaryValue();
        photo.put("image", withComment(bare));
        Kitchen other = fresh();
        reader.read(other, json.writeValueAsBytes(whole));
        long copy = batches.all(other.id()).get(0).id();
        byte[] kept =
                photos.image(other.id(), copy, photos.ids(other.id(), copy).get(0));
        assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain("54.5 N");
        assertThat(ImageIO.read(new java.io.ByteArrayInputStream(kept)).getWidth())
                .isEqualTo(60);
        photo.put("image", bare);
        for (String wrong : List.of("state GONE", "place SHED", "useBy 1999-01-01", "ml -3", "name  ")) {
            ObjectNode container = (ObjectNode) batch.get("containers").get(0).deepCopy();
            String field = wrong.substring(0, wrong.indexOf(' '));
            container.put(field, wrong.substring(wrong.indexOf(' ') + 1));
            ObjectNode bad = whole.deepCopy();
            ((ObjectNode) bad.get("batches").get(0)).putArray("containers").add(container);
            assertThatThrownBy(() -> reader.read(fresh(), json.writeValueAsBytes(bad)))
                    .as(wrong)
                    .isInstanceOf(Refusal.class);
        }
    }

    /** The JPEG with a comment segment after its first marker. */
    private static byte[] withComment(byte[] jpeg) {
        byte[] comment = "\u00ff\u00fe\u0000\u0015taken at 54.5 N 1 W".getBytes(StandardCharsets.ISO_8859_1);
        byte[] all = new byte[jpeg.length + comment.length];
        System.arraycopy(jpeg, 0, all, 0, 2);
        System.arraycopy(comment, 0, all, 2, comment.length);
        System.arraycopy(jpeg, 2, all, 2 + comment.length, jpeg.length - 2);
        return all;
    }

    private static byte[] picture(int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB), "png", out);
        return out.toByteArray();
    }

    @Test
    void whatThereIsInTheHouseGoesAlongAndOlderFilesHaveNone() throws IOException {
        larder.keepInHouse(kitchen, List.of("passata", "milk"), List.of("passata", "milk"));
        ObjectNode whole = (ObjectNode) json.readTree(writer.write(kitchen));
        Kitchen other = fresh();
        reader.read(other, json.writeValueAsBytes(whole));
        assertThat(larder.inHouse(other.id())).containsExactlyInAnyOrder("passata", "milk");
        ((ObjectNode) whole.get("inHouse").get(0)).put("foodId", "snake-oil");
        assertThatThrownBy(() -> reader.read(fresh(), json.writeValueAsBytes(whole)))
                .satisfies(Refused.saying("snake-oil"));
        whole.remove("inHouse");
        Kitchen third = fresh();
        reader.read(third, json.writeValueAsBytes(whole));
        assertThat(larder.inHouse(third.id())).isEmpty();
    }

    @Test
    void photographsAreDrawnAnewAndAnythingElseIsRefused() throws IOException {
        long id = photos.add(kitchen.id(), batchId, picture(3200, 1000));
        BufferedImage kept = ImageIO.read(new java.io.ByteArrayInputStream(photos.image(kitchen.id(), batchId, id)));
        assertThat(kept.getWidth()).isEqualTo(1600);
        assertThat(kept.getHeight()).isEqualTo(500);
        assertThatThrownBy(() -> photos.add(kitchen.id(), batchId, "<svg/>".getBytes(StandardCharsets.UTF_8)))
                .satisfies(Refused.saying("no picture"));
        assertThatThrownBy(() -> photos.add(kitchen.id(), batchId, new byte[3_000_000]))
                .satisfies(Refused.saying("2 MB"));
        assertThatThrownBy(() -> photos.image(fresh().id(), batchId, id))
                .as("another kitchen's")
                .isInstanceOf(Refusal.class);
    }

    /** A few kilobytes that claim forty million pixels are read sparingly; more, or as many to be held whole, are refused unread. */
    @Test
    void aSmallFileOfManyPixelsTakesNoMemory() throws IOException {
        long id = photos.add(kitchen.id(), batchId, bitmap(8000, 4990));
        BufferedImage kept = ImageIO.read(new java.io.ByteArrayInputStream(photos.image(kitchen.id(), batchId, id)));
        assertThat(kept.getWidth()).isEqualTo(1600);
        assertThat(kept.getHeight()).isEqualTo(998);
        assertThatThrownBy(() -> photos.add(kitchen.id(), batchId, bitmap(9000, 5000)))
                .satisfies(Refused.saying("40 million pixels"));
        byte[] interlaced = bitmap(8000, 4990);
        interlaced[28] = 1;
        assertThatThrownBy(() -> photos.add(kitchen.id(), batchId, interlaced))
                .satisfies(Refused.saying("12 million pixels"));
        ByteArrayOutputStream gif = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(20, 20, BufferedImage.TYPE_INT_RGB), "gif", gif);
        assertThatThrownBy(() -> photos.add(kitchen.id(), batchId, gif.toByteArray()))
                .satisfies(Refused.saying("JPEG or PNG"));
    }

    private static byte[] bitmap(int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_BYTE_BINARY), "png", out);
        return out.toByteArray();
    }

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

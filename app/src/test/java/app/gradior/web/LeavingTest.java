package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import app.gradior.access.Invitations;
import app.gradior.access.Passkeys;
import app.gradior.access.Role;
import app.gradior.batch.EventBody;
import app.gradior.batch.Origin;
import app.gradior.measure.MeasureSystem;
import app.gradior.room.batch.Batches;
import app.gradior.room.exchange.Everything;
import app.gradior.room.exchange.KitchenFileReader;
import app.gradior.room.exchange.KitchenFileWriter;
import app.gradior.room.house.Erasure;
import app.gradior.room.house.Tokens;
import app.gradior.web.frame.KitchenUser;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.authentication.TestingAuthenticationToken;

/** Kitchens and accounts that go for good: asked twice, a week to think, then gone from the database. */
class LeavingTest extends PageCalls {
    private static final String PASSWORD = "a long password";
    /** The marks of forms: filled by those that are sent, where filters run. */
    private static final Set<String> UNFILLED = Set.of("form_once");

    @Autowired
    private Invitations invitations;

    @Autowired
    private Erasure erasure;

    @Autowired
    private Everything everything;

    @Autowired
    private Batches batches;

    @Autowired
    private Tokens tokens;

    @Autowired
    private KitchenFileWriter writer;

    @Autowired
    private KitchenFileReader reader;

    @Autowired
    private Passkeys passkeys;

    @Autowired
    private JdbcTemplate jdbc;

    private MockHttpServletResponse by(KitchenUser who, String path, String name, String value) throws Exception {
        return mvc.perform(post(path).with(user(who)).with(csrf()).param(name, value))
                .andReturn()
                .getResponse();
    }

    private String page(KitchenUser who, String path) throws Exception {
        return mvc.perform(get(path).with(user(who))).andReturn().getResponse().getContentAsString();
    }

    private KitchenUser joined(Role role) {
        KitchenUser other = cook(MeasureSystem.METRIC, false);
        invitations.join(invitations.make(cook.kitchenId(), role, "", cook.username()), other.accountId());
        return new KitchenUser(cook.kitchenId(), other.accountId(), other.username());
    }

    /** A row in every table that a kitchen can have rows in. */
    private void fill(KitchenUser owner) throws Exception {
        cook = owner;
        long kitchen = owner.kitchenId();
        long sauce = Long.parseLong(saveSauce("1 kg damsons, stoned", "260 g soft brown sugar"));
        long batch =
                batches.start(kitchens.kitchen(kitchen), "Glaze", Origin.of(sauce, 1), glaze("A pot"), clock.instant());
        mvc.perform(post("/pot/" + batch + "/events")
                .with(user(owner))
                .with(csrf())
                .contentType("application/json")
                .content("{\"clientKey\":\"a\",\"type\":\"stir\",\"agoSeconds\":0,\"fields\":{}}"));
        tokens.make(kitchen, "scale", Tokens.Scope.ALL);
        invitations.make(kitchen, Role.COOK, "", owner.username());
        invitations.pair(invitations.make(kitchen, Role.STOVE, "Tablet", owner.username()));
        long pot = jdbc.queryForObject("select min(id) from pot where kitchen_id = ?", Long.class, kitchen);
        long burner = jdbc.queryForObject("select min(id) from burner where kitchen_id = ?", Long.class, kitchen);
        jdbc.update(
                "insert into container (kitchen_id, batch_id, name, ml, place, packed_on, use_by, state)"
                        + " values (?, ?, 'jar', 300, 'FRIDGE', '2026-12-01', '2026-12-03', 'STORED')",
                kitchen,
                batch);
        jdbc.update(
                "insert into lesson (batch_id, kitchen_id, sauce_id, pot_id, burner_id, finished_at, pair_log,"
                        + " pair_precision, body_log, body_precision, took_min) values (?, ?, ?, ?, ?, now(), 0, 1, 0, 1, 9)",
                batch,
                kitchen,
                sauce,
                pot,
                burner);
        jdbc.update(
                "insert into lesson_hand (batch_id, kitchen_id, kind, readings, mean, squares, model_sd)"
                        + " values (?, ?, 'SPOON', 1, 0, 0, 1)",
                batch,
                kitchen);
        jdbc.update(
                "insert into alarm_heard (kitchen_id, batch_id, told, by_name, heard_at) values (?, ?, 'x', 'y', now())",
                kitchen,
                batch);
        jdbc.update(
                "insert into photo (kitchen_id, batch_id, added_at, image) values (?, ?, now(), 'x')", kitchen, batch);
        jdbc.update(
                "insert into water_test (kitchen_id, pot_id, burner_id, started_at, start_g, look)"
                        + " values (?, ?, ?, now(), 1000, 'lively')",
                kitchen,
                pot,
                burner);
        jdbc.update(
                "insert into plan (kitchen_id, sauce_id, name, draft, ticks, batch_id, saved_at, revision)"
                        + " values (?, ?, 'p', '{}', '[]', ?, now(), 1)",
                kitchen,
                sauce,
                batch);
        jdbc.update(
                "insert into kitchen_food (kitchen_id, food_id, body, changed_at) values (?, 'f', '{}', now())",
                kitchen);
        jdbc.update("insert into kitchen_name (kitchen_id, words, food_id) values (?, 'w', 'f')", kitchen);
        jdbc.update("insert into kitchen_measure (kitchen_id, word, ml) values (?, 'm', 5)", kitchen);
        jdbc.update(
                "insert into outbox (node, kind, kitchen_id, batch_id, event_id, who) values ('n', 'GONE', ?, ?, 0, '')",
                kitchen,
                batch);
        practised(owner);
        by(owner, "/account/sessions/end-others", "x", "");
        jdbc.update("insert into kitchen_in_house (kitchen_id, food_id) values (?, 'f')", kitchen);
        jdbc.update(
                "insert into batch_past (batch_id, kitchen_id, entries, log) values (?, ?, 1, 'x')", batch, kitchen);
    }

    /** A practice pot, judged, with the eye to be used. */
    private void practised(KitchenUser who) throws Exception {
        String at = by(who, "/practice", "what", "bubbles").getRedirectedUrl();
        mvc.perform(post(at + "/read")
                .with(user(who))
                .with(csrf())
                .param("sense", "spoon")
                .param("atS", "60")
                .param("said", "4"));
        by(who, "/practice/eye", "used", "true");
    }

    private int practiceRows(long account) {
        return List.of("practice_run", "practice_judgement", "practice_consent").stream()
                .mapToInt(table -> jdbc.queryForObject(
                        "select count(*) from " + table + " where account_id = ?", Integer.class, account))
                .sum();
    }

    /** How many rows of a kitchen each of the database's tables has, by the tables' own columns. */
    private Map<String, Integer> rows(long kitchen) {
        Map<String, Integer> rows = new LinkedHashMap<>();
        for (String table : jdbc.queryForList(
                "select table_name from information_schema.columns"
                        + " where table_schema = database() and column_name = 'kitchen_id' order by table_name",
                String.class)) {
            rows.put(
                    table,
                    jdbc.queryForObject(
                            "select count(*) from " + table + " where kitchen_id = ?", Integer.class, kitchen));
        }
        return rows;
    }

    @Test
    void aKitchenGoesAWeekLaterFromEveryTableAndNoOtherLosesAnything() throws Exception {
        KitchenUser neighbour = cook;
        fill(neighbour);
        cook = cook(MeasureSystem.METRIC, false);
        KitchenUser owner = cook;
        fill(owner);
        long kitchen = owner.kitchenId();
        KitchenUser jo = joined(Role.COOK);
        Map<String, Integer> neighbours = rows(neighbour.kitchenId());
        assertThat(neighbours.keySet()).hasSizeGreaterThan(20);
        neighbours.forEach((table, filled) -> assertThat(filled > 0 || UNFILLED.contains(table))
                .as("a row of " + table)
                .isTrue());

        by(owner, "/kitchen/close", "typed", "Another kitchen");
        assertThat(page(owner, "/kitchen")).doesNotContain("goes for good on");
        assertThat(by(jo, "/kitchen/close", "typed", "Test kitchen").getStatus())
                .isEqualTo(403);
        by(owner, "/kitchen/close", "typed", " test kitchen ");
        assertThat(page(owner, "/sauces")).contains("goes for good on", "Keep it");
        assertThat(page(jo, "/sauces")).contains("goes for good on").doesNotContain("Keep it");
        by(owner, "/kitchen/keep", "x", "");
        clock.forward(Duration.ofDays(8));
        erasure.eraseWhatIsDue();
        assertThat(kitchens.find(kitchen)).as("kept").isPresent();

        by(owner, "/kitchen/close", "typed", "Test kitchen");
        clock.forward(Duration.ofDays(7).minusMinutes(1));
        erasure.eraseWhatIsDue();
        assertThat(kitchens.find(kitchen)).as("a week is a week").isPresent();
        clock.forward(Duration.ofMinutes(2));
        List<Integer> sauces = jdbc.queryForList("select id from sauce where kitchen_id = ?", Integer.class, kitchen);
        erasure.eraseWhatIsDue();
        assertThat(kitchens.find(kitchen)).isEmpty();
        assertThat(rows(kitchen))
                .allSatisfy((table, left) -> assertThat(left).as(table).isZero());
        for (String table : List.of("sauce_version", "sauce_line")) {
            assertThat(jdbc.queryForObject(
                            "select count(*) from " + table + " where sauce_id = ?", Integer.class, sauces.get(0)))
                    .as(table)
                    .isZero();
        }
        assertThat(rows(neighbour.kitchenId())).isEqualTo(neighbours);
        assertThat(members.places(jo.accountId())).as("their own stays").hasSize(1);
        assertThat(mvc.perform(get("/sauces").with(user(owner)))
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl())
                .isEqualTo("/account?nowhere");
    }

    @Test
    void anAccountGoesAWeekLaterAndWhatItRecordedElsewhereNamesNobody() throws Exception {
        KitchenUser jo = joined(Role.COOK);
        long own = members.places(jo.accountId()).stream()
                .filter(place -> place.kitchenId() != cook.kitchenId())
                .findFirst()
                .orElseThrow()
                .kitchenId();
        long batch = batches.start(
                kitchens.kitchen(cook.kitchenId()), "Glaze", Origin.NONE, glaze("A pot"), clock.instant());
        mvc.perform(post("/pot/" + batch + "/events")
                .with(user(jo))
                .with(csrf())
                .contentType("application/json")
                .content("{\"clientKey\":\"a\",\"type\":\"stir\",\"agoSeconds\":0,\"fields\":{}}"));
        passkeys.toMake(
                new TestingAuthenticationToken(jo.username(), "", "COOK"),
                new Passkeys.At("localhost", "http://localhost"));
        jdbc.update(
                "insert into alarm_heard (kitchen_id, batch_id, told, by_name, heard_at) values (?, ?, 'x', ?, now())",
                cook.kitchenId(),
                batch,
                jo.username());
        members.change(cook.kitchenId(), jo.accountId(), Role.OWNER);
        invitations.make(cook.kitchenId(), Role.COOK, "", jo.username());
        practised(jo);
        by(jo, "/account/sessions/end-others", "x", "");
        by(cook, "/kitchen/people/members/" + jo.accountId() + "/role", "role", "OWNER");
        assertThat(practiceRows(jo.accountId())).isEqualTo(3);
        assertThat(namedIn(jo.username())).hasSizeGreaterThan(4);
        by(jo, "/account/close", "password", "not the password");
        assertThat(page(jo, "/account")).doesNotContain("Your account goes for good");
        by(jo, "/account/close", "password", PASSWORD);
        assertThat(page(jo, "/account")).contains("Your account goes for good", "Keep my account");
        clock.forward(Duration.ofDays(8));
        erasure.eraseWhatIsDue();
        assertThat(members.of(cook.kitchenId())).hasSize(1);
        assertThat(practiceRows(jo.accountId())).isZero();
        assertThat(kitchens.find(own)).as("nobody else was in it").isEmpty();
        assertThat(jdbc.queryForObject("select count(*) from account where login = ?", Integer.class, jo.username()))
                .isZero();
        assertThat(namedIn(jo.username()))
                .as("columns of the database with that name")
                .isEmpty();
        assertThat(batches.batch(cook.kitchenId(), batch).events())
                .extracting(event -> event.by())
                .containsExactly("");
        assertThat(mvc.perform(post("/login")
                                .with(csrf())
                                .param("username", jo.username())
                                .param("password", PASSWORD))
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl())
                .as("no way in any more")
                .isNull();
    }

    /** Every column of text in the database that has it in it somewhere; what was understood of a plan has no names of people. */
    private List<String> namedIn(String name) {
        List<String> found = new ArrayList<>();
        jdbc.query(
                "select table_name, column_name from information_schema.columns where table_schema = database()"
                        + " and data_type in ('varchar', 'char', 'text', 'mediumtext', 'longtext')",
                rows -> {
                    String table = rows.getString(1);
                    String column = rows.getString(2);
                    String query = "select count(*) from `" + table + "` where instr(`" + column + "`, ?) > 0";
                    Integer count = jdbc.queryForObject(query, Integer.class, name);
                    if (count != null && count > 0) {
                        found.add(table + "." + column);
                    }
                });
        return found;
    }

    @Test
    void theOnlyOwnerHandsOverFirst() throws Exception {
        KitchenUser jo = joined(Role.COOK);
        by(cook, "/account/close", "password", PASSWORD);
        assertThat(page(cook, "/account")).doesNotContain("Your account goes for good");
        members.change(cook.kitchenId(), jo.accountId(), Role.OWNER);
        by(cook, "/account/close", "password", PASSWORD);
        assertThat(page(cook, "/account")).contains("Your account goes for good");
        // Jo gives the kitchen back within the week: it is not left without an owner all the same.
        members.change(cook.kitchenId(), jo.accountId(), Role.COOK);
        clock.forward(Duration.ofDays(8));
        erasure.eraseWhatIsDue();
        assertThat(members.role(cook.kitchenId(), jo.accountId())).contains(Role.OWNER);
        assertThat(members.of(cook.kitchenId())).hasSize(1);
    }

    @Test
    void allThatIsOnesOwnIsInOneFileThatCanBeReadIn() throws Exception {
        KitchenUser jo = joined(Role.COOK);
        long batch = batches.start(
                kitchens.kitchen(cook.kitchenId()),
                "Glaze of the harbour",
                Origin.NONE,
                glaze("A pot"),
                clock.instant());
        batches.record(
                kitchens.kitchen(cook.kitchenId()),
                batch,
                new Batches.Draft("itself", clock.instant(), new EventBody.Note("nobody's")));
        mvc.perform(post("/pot/" + batch + "/events")
                .with(user(jo))
                .with(csrf())
                .contentType("application/json")
                .content("{\"clientKey\":\"a\",\"type\":\"note\",\"agoSeconds\":0,\"fields\":{\"text\":\"mine\"}}"));
        practised(jo);
        Map<String, String> ofJo = everything(jo);
        assertThat(ofJo.get("account.json")).contains("\"bubbles\"", "\"SPOON\"", "\"used\" : true");
        assertThat(ofJo.get("account.json"))
                .contains(jo.username(), "Glaze of the harbour", "mine")
                .doesNotContain("nobody's");
        assertThat(ofJo)
                .as("their own, and not that of others")
                .hasSize(2)
                .doesNotContainKey("kitchen-" + cook.kitchenId() + ".json");
        Map<String, String> ofOwner = everything(cook);
        String file = ofOwner.get("kitchen-" + cook.kitchenId() + ".json");
        assertThat(file)
                .isEqualTo(new String(writer.write(kitchens.kitchen(cook.kitchenId())), StandardCharsets.UTF_8));
        KitchenUser elsewhere = cook(MeasureSystem.METRIC, false);
        reader.read(
                kitchens.kitchen(elsewhere.kitchenId()),
                () -> new ByteArrayInputStream(file.getBytes(StandardCharsets.UTF_8)));
        assertThat(batches.livePlans(elsewhere.kitchenId())).hasSize(1);
    }

    private Map<String, String> everything(KitchenUser who) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        everything.write(who.accountId(), who.username(), out);
        Map<String, String> entries = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(out.toByteArray()))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                entries.put(entry.getName(), new String(zip.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return entries;
    }
}

package app.gradior.room.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.ApplicationTest;
import app.gradior.ApplicationTest.SetClock;
import app.gradior.Foods;
import app.gradior.NewKitchen;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.EventBody;
import app.gradior.batch.Origin;
import app.gradior.finding.Refusal;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.reading.ReadingKind;
import app.gradior.room.batch.Batches;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.kit.Equipment;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.kit.WaterTests;
import app.gradior.sauce.Texture;
import app.gradior.simmer.Heat;
import app.gradior.testing.PrivateMariaDb;
import app.gradior.testing.Refused;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** Pots and burners are the same things under another name, and stay readable when they are put away. */
@ApplicationTest
class ThingsByIdTest {
    @Autowired
    private Batches batches;

    @Autowired
    private Kitchens kitchens;

    @Autowired
    private KitchenKit kit;

    @Autowired
    private KitchenFileWriter writer;

    @Autowired
    private KitchenFileReader reader;

    @Autowired
    private SetClock clock;

    @Autowired
    private WaterTests waterTests;

    private Kitchen kitchen;
    private KitchenKit.KitPot pot;
    private KitBurner burner;

    private Kitchen fresh() {
        return NewKitchen.of(kitchens);
    }

    @BeforeEach
    void aBatchThatTaughtSomething() {
        kitchen = fresh();
        pot = kit.pots(kitchen.id()).get(0);
        burner = kit.burners(kitchen.id()).get(0);
        BatchPlan plan = BatchPlan.hot(
                        List.of(Foods.line("800 g passata", "passata", 800, 0.01)),
                        Texture.SMOOTH,
                        0,
                        BatchPlan.PlanPot.of(pot.name(), pot.shape(), pot.emptyG(), pot.material()),
                        new Heat(Look.LIVELY, LidState.OPEN),
                        0,
                        6,
                        60)
                .on(burner.name(), null, null, app.gradior.estimate.Prior.of(false));
        long id = batches.start(kitchen, "Passata", Origin.NONE.in(pot.id(), burner.id()), plan, clock.instant());
        for (int minute = 0; minute < 4; minute++) {
            clock.forward(Duration.ofMinutes(5));
            record(id, new EventBody.Read(ReadingKind.WEIGHT, pot.emptyG() + 780 - 60 * minute));
        }
        record(id, new EventBody.Finished(null, null));
    }

    private void record(long id, EventBody body) {
        batches.record(kitchen, id, new Batches.Draft("k" + System.nanoTime(), clock.instant(), body));
    }

    private static Equipment.Known known(Equipment ware, KitchenKit.KitPot of, KitBurner on) {
        return ware.pair(of, Optional.of(on));
    }

    private KitchenKit.KitPot renamed(int revision) {
        return new KitchenKit.KitPot(
                pot.id(), "Gran's pan", pot.shape(), pot.emptyG(), pot.material(), pot.lid(), false, revision);
    }

    @Test
    void anotherNameKeepsWhatWasLearnt() {
        double before = known(kit.ware(kitchen.id()), pot, burner).learnt().factor();
        kit.putPot(kitchen.id(), renamed(pot.revision()));
        kit.changeBurner(kitchen.id(), burner.id(), burner.revision(), "By the window", 900);
        Equipment ware = kit.ware(kitchen.id());
        Equipment.Known known =
                known(ware, ware.pot(pot.id()), ware.burner(burner.id()).orElseThrow());
        assertThat(known.batches()).isEqualTo(1);
        assertThat(known.learnt().factor()).isEqualTo(before).isNotEqualTo(1);
        kit.addPot(kitchen.id(), pot.name(), pot.shape(), pot.emptyG(), pot.material());
        KitchenKit.KitPot namesake = kit.pots(kitchen.id()).stream()
                .filter(p -> p.name().equals(pot.name()))
                .findFirst()
                .orElseThrow();
        assertThat(known(kit.ware(kitchen.id()), namesake, burner).any())
                .as("a new pot of the old name knows nothing")
                .isFalse();
    }

    @Test
    void whoChangesAnOlderStateIsTold() {
        kit.putPot(kitchen.id(), renamed(pot.revision()));
        assertThatThrownBy(() -> kit.putPot(kitchen.id(), renamed(pot.revision())))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.kind()).isEqualTo(Refusal.Kind.CONFLICT));
        kit.changeBurner(kitchen.id(), burner.id(), burner.revision(), "A", 900);
        assertThatThrownBy(() -> kit.changeBurner(kitchen.id(), burner.id(), burner.revision(), "B", 900))
                .satisfies(Refused.saying("A was changed on another device"));
        var jar = kit.jars(kitchen.id()).get(0);
        kit.countJars(kitchen.id(), jar.id(), 4, jar.revision());
        assertThatThrownBy(() -> kit.countJars(kitchen.id(), jar.id(), 5, jar.revision()))
                .satisfies(Refused.saying("was changed on another device"));
        assertThatThrownBy(() -> kit.putPot(fresh().id(), renamed(1)))
                .as("another kitchen's")
                .satisfies(Refused.saying("no such pot"));
    }

    @Test
    void whatIsPutAwayStillTeachesAndGoesIntoTheFile() {
        kit.removePot(kitchen.id(), pot.id());
        kit.removeBurner(kitchen.id(), burner.id());
        Equipment ware = kit.ware(kitchen.id());
        assertThat(ware.pots()).extracting(KitchenKit.KitPot::id).doesNotContain(pot.id());
        assertThat(known(ware, ware.pot(pot.id()), burner).batches()).isEqualTo(1);
        byte[] file = writer.write(kitchen);
        Kitchen other = fresh();
        reader.read(other, file);
        assertThat(writer.write(kitchens.kitchen(other.id()))).isEqualTo(file);
        assertThat(kit.potsPutAway(other.id()))
                .extracting(KitchenKit.KitPot::name)
                .containsExactly(pot.name());
        KitchenKit.KitPot there = kit.potsPutAway(other.id()).get(0);
        KitBurner thereOn = kit.burnersPutAway(other.id()).get(0);
        assertThat(known(kit.ware(other.id()), there, thereOn).batches()).isEqualTo(1);
    }

    @Test
    void aFileOfThisFormatSaysWhetherThingsArePutAway() {
        byte[] file = new String(writer.write(kitchen), StandardCharsets.UTF_8)
                .replaceAll(",\\s*\"retired\" : false", "")
                .getBytes(StandardCharsets.UTF_8);
        Kitchen other = fresh();
        assertThatThrownBy(() -> reader.read(other, file)).satisfies(Refused.saying("retired"));
    }

    /** Before format 5 a lively simmer was taken to lose 15 kg/(m²·h), now 20: what was weighed says three quarters of that. */
    @Test
    void waterTestsOfAnOlderFileSayLessOfTheirPair() {
        long test = waterTests.start(kitchen.id(), pot.id(), burner.id(), 1000, Look.LIVELY);
        clock.forward(Duration.ofMinutes(10));
        waterTests.end(kitchen, test, 880);
        String now = new String(writer.write(kitchen), StandardCharsets.UTF_8);
        Kitchen other = fresh();
        reader.read(
                other,
                now.replace("\"formatVersion\" : 5", "\"formatVersion\" : 4").getBytes(StandardCharsets.UTF_8));
        Kitchen same = fresh();
        reader.read(same, now.getBytes(StandardCharsets.UTF_8));
        assertThat(factor(same)).isEqualTo(factor(kitchen));
        assertThat(factor(other)).isCloseTo(0.75 * factor(kitchen), within(1e-9));
    }

    private double factor(Kitchen of) {
        return waterTests.all(of.id()).stream()
                .filter(t -> t.look().equals("lively"))
                .findFirst()
                .orElseThrow()
                .pairFactor();
    }

    /** Before format 4 a batch named its pot and burner by their names alone. */
    @Test
    void anOlderFileIsJoinedByNames() {
        String old = new String(writer.write(kitchen), StandardCharsets.UTF_8)
                .replace("\"formatVersion\" : 5", "\"formatVersion\" : 3")
                .replaceAll(",\\s*\"(retired|revision)\" : [a-z0-9]+", "")
                .replaceAll("\"(pot|burner)\" : \\d+,\\s*", "");
        Kitchen other = fresh();
        reader.read(other, old.getBytes(StandardCharsets.UTF_8));
        KitchenKit.KitPot there = kit.pots(other.id()).get(0);
        assertThat(known(kit.ware(other.id()), there, kit.burners(other.id()).get(0))
                        .batches())
                .isEqualTo(1);
    }

    /** A database of the version before: names become ids, and what points to nothing goes. */
    @Test
    void anOlderDatabaseIsJoinedByNames() {
        PrivateMariaDb server = PrivateMariaDb.get();
        DriverManagerDataSource source =
                new DriverManagerDataSource(server.create("before_ids"), server.owner(), server.password());
        Flyway.configure()
                .dataSource(source)
                .target(MigrationVersion.fromVersion("9"))
                .load()
                .migrate();
        JdbcTemplate old = new JdbcTemplate(source);
        old.update("insert into kitchen (id, name, altitude_m, measures, fahrenheit, time_zone)"
                + " values (1, 'Old', 0, 'METRIC', 0, 'UTC'), (2, 'Other', 0, 'METRIC', 0, 'UTC')");
        for (int i = 1; i <= 3; i++) {
            old.update(
                    "insert into pot (id, kitchen_id, name, top_diameter_mm, base_diameter_mm, height_mm, empty_g, material)"
                            + " values (?, ?, 'Rondeau', 240, 230, 120, 1900, 'STAINLESS')",
                    i,
                    i == 1 ? 2 : 1);
        }
        old.update("insert into burner (id, kitchen_id, name, net_power_w) values (5, 1, 'Front', 1500)");
        old.update("insert into batch (id, kitchen_id, sauce_id, sauce_version, name, state, started_at)"
                + " values (7, 1, 99, 1, 'Ketchup', 'FINISHED', now()), (8, 1, null, null, 'Gone', 'LIVE', now()),"
                + " (9, 1, null, null, 'Odd', 'LIVE', now())");
        old.update("insert into batch_plan (batch_id, kitchen_id, plan) values"
                + " (7, 1, '{\"pot\":{\"name\":\"Rondeau\"},\"burner\":\"Front\"}'),"
                + " (8, 1, '{\"pot\":{\"name\":\"Sold\"},\"burner\":null}'), (9, 1, 'no plan at all')");
        old.update("insert into lesson (batch_id, kitchen_id, sauce_id, pot_name, burner_name, finished_at, pair_log,"
                + " pair_precision, body_log, body_precision, took_min)"
                + " values (7, 1, 99, 'Rondeau', 'Front', now(), 0.1, 20, 0, 0, 40)");
        old.update("insert into water_test (kitchen_id, pot_id, burner_id, started_at, start_g, look, pair_factor)"
                + " values (1, 2, 5, now(), 1000, 'lively', 1.2), (1, 44, 5, now(), 1000, 'lively', 1.2)");
        Flyway.configure().dataSource(source).load().migrate();
        assertThat(old.queryForList("select pot_id, burner_id, sauce_id from batch where id = 7")
                        .get(0)
                        .values())
                .containsExactly(2L, 5L, null);
        assertThat(old.queryForList("select pot_id, burner_id from batch where id = 8")
                        .get(0)
                        .values())
                .containsOnlyNulls();
        assertThat(old.queryForObject("select pot_id from lesson", Long.class)).isEqualTo(2);
        assertThat(old.queryForObject("select count(*) from water_test", Integer.class))
                .isEqualTo(1);
        assertThat(old.queryForObject("select pair_factor from water_test", Double.class))
                .as("a look loses more water than it was taken to")
                .isCloseTo(0.9, within(1e-9));
        assertThat(old.queryForObject("select words from batch where id = 7", String.class))
                .as("what it taught is worked out anew")
                .isEmpty();
        assertThatThrownBy(() -> old.update("delete from pot where id = 2")).hasMessageContaining("foreign key");
    }
}

package app.gradior.room.kit;

import app.gradior.estimate.WaterTest;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.kept.Inserted;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Ten minutes of plain water on a burner-and-pot pair, weighed before and after. */
@Service
public class WaterTests {
    private static final double SECONDS_PER_MINUTE = 60;

    private final KitMapper kit;
    private final KitchenKit pots;
    private final Clock clock;

    WaterTests(KitMapper kit, KitchenKit pots, Clock clock) {
        this.kit = kit;
        this.pots = pots;
        this.clock = clock;
    }

    public List<KitWaterTest> all(long kitchenId) {
        return kit.tests(kitchenId);
    }

    public KitWaterTest test(long kitchenId, long id) {
        return all(kitchenId).stream()
                .filter(row -> row.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.missing(Thing.WATER_TEST));
    }

    /** Starts one: so much water is at its look now. */
    @Transactional
    public long start(long kitchenId, long potId, long burnerId, double waterG, Look look) {
        KitchenKit.KitPot pot = pots.pot(kitchenId, potId);
        pots.burner(kitchenId, burnerId);
        Refusal.inRange(
                "startG", waterG, 200, 0.9 * pot.shape().capacityMl(), " " + Words.text("water-tests.g-of-water"));
        Inserted key = new Inserted();
        kit.insertTest(
                new KitWaterTest(
                        0,
                        kitchenId,
                        potId,
                        burnerId,
                        LocalDateTime.now(clock),
                        waterG,
                        look.key(),
                        null,
                        null,
                        null,
                        null),
                key);
        return key.getId();
    }

    /** Ends it: so much water is left now. */
    @Transactional
    public WaterTest end(Kitchen kitchen, long id, double waterG) {
        KitWaterTest row = test(kitchen.id(), id);
        double minutes =
                ChronoUnit.MILLIS.between(row.startedAt(), LocalDateTime.now(clock)) / 1000.0 / SECONDS_PER_MINUTE;
        PotOnHeat pot =
                PotOnHeat.unknownPair(pots.pot(kitchen.id(), row.potId()).shape(), kitchen.altitudeM());
        WaterTest test = Refusal.checked(
                "endG",
                () -> WaterTest.of(
                        pot, new Heat(Look.ofKey(row.look()), LidState.OPEN), row.startG(), waterG, minutes));
        int ended = kit.endTest(new KitWaterTest(
                id,
                kitchen.id(),
                row.potId(),
                row.burnerId(),
                row.startedAt(),
                row.startG(),
                row.look(),
                waterG,
                minutes,
                test.factor(),
                test.logSd()));
        if (ended == 0) {
            throw Refusal.conflict("endG", Told.of("water-tests.this-test-has-ended-already"));
        }
        return test;
    }

    @Transactional
    public void remove(long kitchenId, long id) {
        if (kit.removeTest(kitchenId, id) == 0) {
            throw Refusal.missing(Thing.WATER_TEST);
        }
    }
}

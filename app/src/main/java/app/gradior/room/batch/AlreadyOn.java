package app.gradior.room.batch;

import app.gradior.batch.BatchPlan;
import app.gradior.batch.Origin;
import app.gradior.batch.Understood;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.finding.Wrong;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.room.book.SauceBook;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.Equipment;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Told;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.SauceLimits;
import app.gradior.sauce.Texture;
import app.gradior.simmer.Heat;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes up a pot that is on the stove without a plan: what went in, since when, how it looks. Amounts nobody weighed, and a past
 * nobody watched, make its bands wider than a planned pot's.
 */
@Service
public class AlreadyOn {
    private static final double LONGEST_SINCE_MIN = 24 * 60;
    /** What was put in by eye, and not yet watched, is known no better than this, as a log-sd; arbitrary. */
    private static final double UNWATCHED_LOG_SD = 0.08;

    private final SauceBook book;
    private final KitchenKit kit;
    private final Lines lines;
    private final Batches batches;

    AlreadyOn(SauceBook book, KitchenKit kit, Lines lines, Batches batches) {
        this.book = book;
        this.kit = kit;
        this.lines = lines;
        this.batches = batches;
    }

    /**
     * What the cook says of it.
     *
     * @param name empty for the sauce's
     * @param sauceId 0 when lines say what went in
     * @param typed one ingredient line each; unused with a sauce
     * @param burnerId 0 for not known
     * @param sinceMinutes it has looked like this for so long
     * @param look key of the look
     * @param lid key of the lid
     */
    public record Question(
            String name,
            long sauceId,
            List<String> typed,
            long potId,
            long burnerId,
            double sinceMinutes,
            String look,
            String lid,
            double targetStep,
            double servedC) {
        public Question {
            typed = List.copyOf(typed);
        }
    }

    /**
     * Takes it up.
     *
     * @return the batch's id
     * @throws Refusal with everything that is wrong
     */
    @Transactional
    public long takeUp(Kitchen kitchen, Question question) {
        List<Fault> faults = new ArrayList<>();
        SauceBook.@Nullable Sauce sauce = question.sauceId() == 0 ? null : book.sauce(kitchen, question.sauceId());
        List<LineReading> readings =
                sauce != null ? sauce.ingredients().usable() : readings(kitchen, question.typed(), faults);
        range(faults, "since", question.sinceMinutes(), 0, LONGEST_SINCE_MIN);
        range(faults, "step", question.targetStep(), SauceLimits.LEAST_STEP, SauceLimits.MOST_STEP);
        range(faults, "served", question.servedC(), SauceLimits.COLDEST_SERVED_C, SauceLimits.HOTTEST_SERVED_C);
        Equipment ware = kit.ware(kitchen.id());
        if (ware.pots().stream().noneMatch(p -> p.id() == question.potId())) {
            faults.add(new Fault("pot", Told.of("already-on.choose-the-pot-it-is-in")));
        }
        if (question.burnerId() != 0 && ware.burners().stream().noneMatch(b -> b.id() == question.burnerId())) {
            faults.add(new Fault("burner", Told.of("already-on.choose-the-burner-it-is-on")));
        }
        if (!faults.isEmpty()) {
            throw new Refusal(Refusal.Kind.UNFIT, faults);
        }
        KitchenKit.KitPot pot = ware.pot(question.potId());
        String name = question.name().isBlank()
                ? sauce != null
                        ? sauce.name()
                        : readings.get(0).food().orElseThrow().name()
                : question.name();
        BatchPlan hot = BatchPlan.hot(
                readings.stream().map(AlreadyOn::unwatched).toList(),
                sauce != null ? sauce.draft().texture() : Texture.CHUNKY,
                0,
                BatchPlan.PlanPot.of(pot.name(), pot.shape(), pot.emptyG(), pot.material()),
                new Heat(
                        Refusal.checked("look", () -> Look.ofKey(question.look())),
                        Refusal.checked("lid", () -> LidState.ofKey(question.lid()))),
                kitchen.altitudeM(),
                question.targetStep(),
                question.servedC());
        BatchPlan plan = ware.known(hot, pot, ware.burner(question.burnerId()), question.sauceId());
        return batches.start(
                kitchen,
                name,
                (sauce == null ? Origin.NONE : Origin.of(sauce.id(), sauce.version()))
                        .in(pot.id(), question.burnerId()),
                plan,
                batches.now().minus(Duration.ofSeconds(Math.round(60 * question.sinceMinutes()))));
    }

    private static Understood unwatched(LineReading reading) {
        return new Understood(
                reading.text(),
                reading.food().orElseThrow(),
                reading.massG(),
                Math.hypot(reading.logSd(), UNWATCHED_LOG_SD));
    }

    private List<LineReading> readings(Kitchen kitchen, List<String> typed, List<Fault> faults) {
        List<LineReading> readings = new ArrayList<>();
        for (int i = 0; i < Math.min(SauceLimits.MOST_LINES, typed.size()); i++) {
            String text = typed.get(i);
            LineReading reading = lines.read(kitchen, LineReader.head(text));
            if (!reading.usable() || !(reading.massG() > 0)) {
                faults.add(new Fault(
                        "lines",
                        Told.of(
                                "already-on.line-no-food-and-amount-found",
                                (i + 1),
                                reading.text().strip())));
            } else {
                readings.add(reading);
            }
        }
        if (typed.isEmpty()
                || typed.size() > SauceLimits.MOST_LINES
                || new Ingredients(readings, Texture.CHUNKY).mixture().waterG() <= 1 && faults.isEmpty()) {
            faults.add(new Fault("lines", Told.of("already-on.write-what-went-in-a-line")));
        }
        return readings;
    }

    private static void range(List<Fault> faults, String field, double value, double low, double high) {
        if (!(value >= low && value <= high)) {
            faults.add(new Fault(field, new Wrong.Range(field, value, low, high, "")));
        }
    }
}

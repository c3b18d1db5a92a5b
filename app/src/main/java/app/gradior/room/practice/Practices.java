package app.gradior.room.practice;

import app.gradior.estimate.Learning;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.kept.Inserted;
import app.gradior.kept.Utc;
import app.gradior.practice.CookEye;
import app.gradior.practice.Deed;
import app.gradior.practice.Practice;
import app.gradior.practice.PracticeFinding;
import app.gradior.practice.Reveal;
import app.gradior.practice.Said;
import app.gradior.practice.Scenario;
import app.gradior.reading.ReadingKind;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Practice pots: begun, worked at, taken off; and what they show of a cook's eye. Each cook sees their own alone. */
@Service
public class Practices {
    /** A pot of the cook's own making, and the one of the week. */
    public static final String FREE = "free";

    public static final String WEEKLY = "weekly";
    /** More is no judging. */
    private static final int MOST_SAID = 40;

    private static final int MOST_RUNS = 60;
    private static final int MOST_JUDGED = 400;
    /** A pot that nobody took off is forgotten after so many days. */
    private static final int FORGOTTEN_DAYS = 30;

    private final PracticeMapper rows;
    private final JsonMapper json;
    private final Clock clock;

    Practices(PracticeMapper rows, JsonMapper json, Clock clock) {
        this.rows = rows;
        this.json = json;
        this.clock = clock;
    }

    /** A cook of a kitchen; a device at the stove is one without an account. */
    public record Cook(long kitchenId, long accountId) {}

    /** What was practised, without what was done. */
    public record Past(long id, String what, String name, Optional<Double> score) {}

    @Transactional
    public long start(Cook cook, String what, String name, Scenario scenario, long seed) {
        rows.forgetLeft(cook.kitchenId(), cook.accountId(), Utc.now(clock).minusDays(FORGOTTEN_DAYS));
        Inserted key = new Inserted();
        rows.start(
                new PracticeRow(
                        0,
                        cook.kitchenId(),
                        cook.accountId(),
                        what,
                        name,
                        seed,
                        json.writeValueAsString(scenario),
                        json.writeValueAsString(List.of()),
                        json.writeValueAsString(List.of()),
                        Utc.now(clock),
                        null,
                        null),
                key);
        return key.getId();
    }

    /** @throws Refusal when this cook has no such practice */
    public PracticeRun run(Cook cook, long id) {
        return of(found(rows.run(cook.kitchenId(), cook.accountId(), id)));
    }

    private static PracticeRow found(@Nullable PracticeRow row) {
        if (row == null) {
            throw Refusal.missing(Thing.PRACTICE);
        }
        return row;
    }

    private PracticeRun of(PracticeRow row) {
        return new PracticeRun(
                row.id(),
                row.what(),
                row.name(),
                new Practice(
                        json.readValue(row.scenario(), Scenario.class),
                        row.seed(),
                        Arrays.asList(json.readValue(row.deeds(), Deed[].class))),
                Arrays.asList(json.readValue(row.said(), Said[].class)),
                Utc.instant(row.startedAt()),
                Optional.ofNullable(row.score()));
    }

    /** The latest, the newest first. */
    public List<Past> latest(Cook cook) {
        return rows.latest(cook.kitchenId(), cook.accountId(), MOST_RUNS).stream()
                .map(row -> new Past(row.id(), row.what(), row.name(), Optional.ofNullable(row.score())))
                .toList();
    }

    /** The best score of each thing that was practised. */
    public Map<String, Double> best(Cook cook) {
        Map<String, Double> best = new LinkedHashMap<>();
        rows.best(cook.kitchenId(), cook.accountId()).forEach(one -> best.put(one.what(), one.score()));
        return best;
    }

    /**
     * Does something at a pot.
     *
     * @throws Refusal when it is over, or more was done than a cook can
     */
    @Transactional
    public PracticeRun does(Cook cook, long id, Deed deed) {
        return changed(cook, id, run -> run.with(run.practice().with(deed)));
    }

    /** Says what a pot is before its truth is shown. */
    @Transactional
    public void says(Cook cook, long id, Said said) {
        changed(cook, id, run -> {
            if (run.said().size() >= MOST_SAID) {
                throw Refusal.conflict("said", new PracticeFinding.TooMuch(MOST_SAID));
            }
            List<Said> all = new ArrayList<>(run.said());
            all.add(said);
            return run.with(all);
        });
    }

    /**
     * Reads a pot by one sense: what is said of it stands beside what it was.
     *
     * @param atS when it was looked at
     */
    @Transactional
    public void reads(Cook cook, long id, CookEye.Sense sense, int pot, double atS, double said) {
        Practice practice = run(cook, id).practice();
        double then = Refusal.inRange("atS", atS, 0, Deed.LONGEST_S, " s");
        practice.truth(sense, pot, then)
                .ifPresent(truth -> rows.judge(
                        cook.kitchenId(),
                        cook.accountId(),
                        id,
                        new CookEye.Judgement(sense, said, truth, practice.stepHot(pot, then))));
    }

    private PracticeRun changed(Cook cook, long id, UnaryOperator<PracticeRun> change) {
        PracticeRow row = found(rows.locked(cook.kitchenId(), cook.accountId(), id));
        PracticeRun before = of(row);
        if (before.isOver()) {
            throw Refusal.conflict("pot", new PracticeFinding.IsOff());
        }
        PracticeRun after = change.apply(before);
        boolean over = after.practice().isOver();
        Optional<Double> score = over ? Optional.of(finish(cook, after)) : Optional.empty();
        rows.keep(new PracticeRow(
                row.id(),
                row.kitchenId(),
                row.accountId(),
                row.what(),
                row.name(),
                row.seed(),
                row.scenario(),
                json.writeValueAsString(after.practice().deeds()),
                json.writeValueAsString(after.said()),
                row.startedAt(),
                over ? Utc.now(clock) : null,
                score.orElse(null)));
        return score.map(after::scored).orElse(after);
    }

    /** Keeps what was said beside what was; the score of all pots together. */
    private double finish(Cook cook, PracticeRun run) {
        double total = 0;
        int pots = run.practice().scenario().pots().size();
        for (int pot = 0; pot < pots; pot++) {
            total += Reveal.score(run.practice(), pot).total();
            for (Reveal.Judged judged : Reveal.judged(run.practice(), pot, run.said())) {
                for (CookEye.Judgement one : judged.judgements()) {
                    rows.judge(cook.kitchenId(), cook.accountId(), run.id(), one);
                }
            }
        }
        return total / pots;
    }

    /** What this cook judged, the oldest first. */
    public List<CookEye.Judgement> judged(Cook cook) {
        return rows.judged(cook.kitchenId(), cook.accountId(), MOST_JUDGED);
    }

    /**
     * What is kept of a cook's practice, for a file of all that is theirs.
     *
     * @param used whether forecasts reckon with their eye
     */
    public record AsKept(boolean used, List<Past> pots, List<CookEye.Judgement> judged) {}

    public AsKept asKept(Cook cook) {
        return new AsKept(isUsed(cook), latest(cook), judged(cook));
    }

    /** Whether forecasts of real pots reckon with this cook's eye. */
    public boolean isUsed(Cook cook) {
        return rows.consented(cook.kitchenId()).contains(cook.accountId());
    }

    @Transactional
    public void use(Cook cook, boolean used) {
        if (used) {
            rows.consent(cook.kitchenId(), cook.accountId());
        } else {
            rows.noConsent(cook.kitchenId(), cook.accountId());
        }
    }

    /** Un-learns it: what was judged is gone, and no forecast reckons with it. */
    @Transactional
    public void forget(Cook cook) {
        rows.noConsent(cook.kitchenId(), cook.accountId());
        rows.forgetJudged(cook.kitchenId(), cook.accountId());
    }

    /** What the eyes of those cooks who allow it say of readings in this kitchen, each cook's apart. */
    public Map<ReadingKind, List<Learning.HandLesson>> hands(long kitchenId) {
        Map<ReadingKind, List<Learning.HandLesson>> hands = new LinkedHashMap<>();
        for (long account : rows.consented(kitchenId)) {
            CookEye.lessons(judged(new Cook(kitchenId, account)))
                    .forEach((kind, lesson) ->
                            hands.computeIfAbsent(kind, k -> new ArrayList<>()).add(lesson));
        }
        return hands;
    }
}

package app.gradior.room.plan;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchPlan;
import app.gradior.clock.ClockPlan;
import app.gradior.clock.Task;
import app.gradior.clock.TaskName;
import app.gradior.estimate.StageBands;
import app.gradior.room.batch.Batches;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.Equipment;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitchenKit;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The day of several plans: those that are served within half a day of one another are planned together. */
@Service
public class ClockPlans {
    private static final Duration TOGETHER = Duration.ofHours(12);
    private static final int MOST_TOGETHER = 8;
    private static final int ROUND_MIN = 5;
    /** A live pot that should be done is taken to be on for so long yet. */
    private static final int STILL_ON_MIN = 10;

    private final Plans plans;
    private final Planning planning;
    private final KitchenKit kit;
    private final Batches batches;
    private final Clock clock;

    ClockPlans(Plans plans, Planning planning, KitchenKit kit, Batches batches, Clock clock) {
        this.plans = plans;
        this.planning = planning;
        this.kit = kit;
        this.batches = batches;
        this.clock = clock;
    }

    /**
     * A sauce of the day.
     *
     * @param planId 0 for one that is not kept
     * @param inHandMinutes kept in hand for a pot that is slower than most
     * @param serveAt in the kitchen's own time
     */
    public record Entry(long planId, PlanWork work, double inHandMinutes, LocalDateTime serveAt) {}

    /**
     * A day.
     *
     * @param origin the moment that the day's minutes count from, in the kitchen's own time
     * @param entries in the order of the day's rows
     * @param nowMinute now, on the day's scale
     * @param burners their names, in the order of their numbers
     */
    public record Day(
            LocalDateTime origin, List<Entry> entries, ClockPlan.Day plan, int nowMinute, List<String> burners) {
        public Day {
            entries = List.copyOf(entries);
        }

        /** The moment of a minute. */
        public LocalDateTime at(int minute) {
            return origin.plusMinutes(minute);
        }
    }

    /** The day around a plan: itself, and the kept ones that are served near it. */
    public Optional<Day> around(Kitchen kitchen, Equipment ware, long planId, PlanAnswer answer) {
        if (answer.done().isEmpty()) {
            return Optional.empty();
        }
        PlanAnswer.Done done = answer.done().get();
        Planning.Course course = new Planning.Course(answer.setting(), done.way(), done.bands());
        LocalDateTime serveAt = servedAt(kitchen, course);
        List<Entry> entries = new ArrayList<>();
        entries.add(entry(planId, course, serveAt));
        List<Odd> odd = new ArrayList<>();
        for (Plans.Saved other : plans.waiting(kitchen, odd)) {
            LocalDateTime at = other.draft().serveAt();
            if (other.id() != planId && at != null && near(at, serveAt) && entries.size() < MOST_TOGETHER) {
                kept(kitchen, ware, other, at, odd).ifPresent(entries::add);
            }
        }
        return Optional.of(day(kitchen, ware, entries));
    }

    /** All days of the kept plans, the next first. */
    public List<Day> all(Kitchen kitchen) {
        return all(kitchen, new ArrayList<>());
    }

    /**
     * The same.
     *
     * @param odd takes the plans that cannot be worked out
     */
    public List<Day> all(Kitchen kitchen, List<Odd> odd) {
        Equipment ware = kit.ware(kitchen.id());
        List<Day> days = new ArrayList<>();
        List<Entry> entries = new ArrayList<>();
        for (Plans.Saved saved : plans.waiting(kitchen, odd)) {
            LocalDateTime at = saved.draft().serveAt();
            Optional<Entry> entry = at == null ? Optional.empty() : kept(kitchen, ware, saved, at, odd);
            if (entry.isEmpty()) {
                continue;
            }
            boolean together = !entries.isEmpty()
                    && near(entries.get(0).serveAt(), entry.get().serveAt())
                    && entries.size() < MOST_TOGETHER;
            if (!together && !entries.isEmpty()) {
                days.add(day(kitchen, ware, entries));
                entries = new ArrayList<>();
            }
            entries.add(entry.get());
        }
        if (!entries.isEmpty()) {
            days.add(day(kitchen, ware, entries));
        }
        return days;
    }

    private Optional<Entry> kept(Kitchen kitchen, Equipment ware, Plans.Saved saved, LocalDateTime at, List<Odd> odd) {
        return Odd.tried(
                        odd,
                        saved.name(),
                        "/plan/" + saved.id(),
                        () -> planning.course(kitchen, ware, saved.draft())
                                .map(course -> entry(saved.id(), course, at)))
                .flatMap(entry -> entry);
    }

    private static Entry entry(long planId, Planning.Course course, LocalDateTime serveAt) {
        return new Entry(planId, PlanWork.of(course.setting(), course.way()), inHand(course.bands()), serveAt);
    }

    private static boolean near(LocalDateTime a, LocalDateTime b) {
        return Duration.between(a, b).abs().compareTo(TOGETHER) <= 0;
    }

    /** When it is served: as wished, or as soon as it can be. */
    private LocalDateTime servedAt(Kitchen kitchen, Planning.Course course) {
        @Nullable LocalDateTime wished = course.setting().draft().serveAt();
        if (wished != null) {
            return wished;
        }
        double minutes = PlanWork.of(course.setting(), course.way()).tasks(inHand(course.bands())).stream()
                .mapToDouble(t -> Math.ceil(t.minutes()))
                .sum();
        LocalDateTime ready = now(kitchen).plusMinutes((long) Math.ceil(minutes) + 1);
        return ready.plusMinutes((ROUND_MIN - ready.getMinute() % ROUND_MIN) % ROUND_MIN);
    }

    /** What is kept in hand for a pot that is slower than most: half of what the slow end of the band would take. */
    private static double inHand(StageBands.Bands bands) {
        return (bands.all().high() - bands.all().middle()) / 2;
    }

    private LocalDateTime now(Kitchen kitchen) {
        return LocalDateTime.ofInstant(clock.instant(), kitchen.zone()).truncatedTo(ChronoUnit.MINUTES);
    }

    private Day day(Kitchen kitchen, Equipment ware, List<Entry> entries) {
        LocalDateTime origin = entries.get(0).serveAt();
        List<ClockPlan.Job> jobs = entries.stream()
                .map(e -> e.work().job((int) ChronoUnit.MINUTES.between(origin, e.serveAt()), e.inHandMinutes()))
                .toList();
        int now = (int) ChronoUnit.MINUTES.between(origin, now(kitchen));
        int burners = Math.max(1, ware.burners().size());
        return new Day(
                origin,
                entries,
                ClockPlan.of(jobs, burners, now, busy(kitchen, ware, origin, now)),
                now,
                ware.burners().stream().map(KitBurner::name).toList());
    }

    /** Burners with a live pot on them, until the slow end of what its plan said, or a little longer than now. */
    private List<ClockPlan.Placed> busy(Kitchen kitchen, Equipment ware, LocalDateTime origin, int now) {
        List<Long> ids = ware.burners().stream().map(KitBurner::id).toList();
        List<ClockPlan.Placed> busy = new ArrayList<>();
        for (Batch batch : batches.livePlans(kitchen.id())) {
            int burner = ids.indexOf(batch.origin().burnerId());
            BatchPlan.Planned planned = batch.plan().planned();
            if (burner < 0 || planned == null) {
                continue;
            }
            LocalDateTime end = LocalDateTime.ofInstant(batch.momentOf(planned.minutesHigh()), kitchen.zone());
            int until = Math.max(now + STILL_ON_MIN, (int) ChronoUnit.MINUTES.between(origin, end));
            busy.add(new ClockPlan.Placed(
                    new Task(new TaskName.Called(batch.name()), until - now, false, true, false),
                    now,
                    until,
                    burner,
                    batch.plan().pot().shape().burners()));
        }
        return busy;
    }
}

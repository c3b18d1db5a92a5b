package app.gradior.room.plan;

import app.gradior.care.Storage;
import app.gradior.clock.ClockPlan;
import app.gradior.clock.CoatTasks;
import app.gradior.clock.Cooling;
import app.gradior.clock.CoolingIn;
import app.gradior.clock.Preparation;
import app.gradior.clock.StageTasks;
import app.gradior.clock.Task;
import app.gradior.clock.TaskName;
import app.gradior.course.StageResult;
import app.gradior.glaze.Brushing;
import app.gradior.glaze.Coats;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificHeat;
import app.gradior.plan.SauceRoutes;
import app.gradior.room.words.Words;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;

/**
 * The work that a plan is: jobs before the heat, its stages, and what comes after it is off the heat.
 *
 * @param preparations jobs before the heat
 * @param coolingMinutes how long it must cool; 0 when it is eaten hot
 * @param container what it cools in, in words; empty when it is eaten hot
 * @param cooling its course, when it cools
 */
public record PlanWork(
        PlanAnswer.Setting setting,
        SauceRoutes.Way way,
        List<Preparation> preparations,
        double coolingMinutes,
        String container,
        Optional<Cooling.Course> cooling) {
    private static final double OVERNIGHT_MIN = 12 * 60;
    private static final double HOT_FROM_C = 45;
    private static final double FRIDGE_C = 4;
    private static final double USUAL_NET_W = 1000;
    private static final double PACK_MIN = 4;
    /** More than this is not kept in hand for a slow pot, min; arbitrary. */
    private static final double MOST_IN_HAND_MIN = 20;

    private static final int HOT_HOLD_MIN = 30;
    private static final int COLD_HOLD_MIN = 4 * 60;
    private static final int STORED_HOLD_MIN = 24 * 60;

    public PlanWork {
        preparations = List.copyOf(preparations);
    }

    /** The work of a way of a plan. */
    public static PlanWork of(PlanAnswer.Setting setting, SauceRoutes.Way way) {
        List<Preparation> preparations = new ArrayList<>();
        for (LineReading reading : setting.readings()) {
            Preparation.of(reading.text(), reading.massG() * setting.factor()).ifPresent(preparations::add);
        }
        Mixture out = way.cooked().out();
        Storage storage = setting.draft().storage();
        boolean coldOnTheTable = setting.draft().servedC() < HOT_FROM_C;
        if (!storage.cools() && !coldOnTheTable && !setting.draft().nextDay()) {
            return new PlanWork(setting, way, preparations, 0, "", Optional.empty());
        }
        Chilling chilling = chilling(out, storage);
        Cooling.Course course = chilling.course();
        double untilC = storage.cools() || setting.draft().nextDay()
                ? Cooling.COLD_LIMIT_C
                : Math.max(Cooling.COLD_LIMIT_C, setting.draft().servedC() + 1);
        double minutes = course.points().stream()
                .filter(p -> p.tempC() <= untilC)
                .mapToDouble(Cooling.Point::minute)
                .findFirst()
                .orElse(course.minutesTo5());
        return new PlanWork(setting, way, preparations, minutes, chilling.container(), Optional.of(course));
    }

    /** The first way of cooling that keeps both limits; the last if none does. */
    private static Chilling chilling(Mixture out, Storage storage) {
        EnumSet<CoolingIn> fit = storage == Storage.JARS
                ? EnumSet.range(CoolingIn.JARS, CoolingIn.JARS_ICED)
                : EnumSet.range(CoolingIn.TRAY, CoolingIn.SHALLOW_ICED);
        List<Chilling> ways = fit.stream()
                .map(in -> new Chilling(
                        Words.say(in), in.course(out, 0, 0, CoolingIn.USUAL_JAR_ML, CoolingIn.OFF_THE_HEAT_C)))
                .toList();
        return ways.stream()
                .filter(w -> w.course().warmInTime() && w.course().coldInTime())
                .findFirst()
                .orElse(ways.get(ways.size() - 1));
    }

    /** A way of cooling. */
    private record Chilling(String container, Cooling.Course course) {}

    /**
     * All of it in order.
     *
     * @param inHandMinutes how much longer than it should it may take, kept in hand at the end
     */
    public List<Task> tasks(double inHandMinutes) {
        List<Task> tasks = new ArrayList<>();
        double prepare = preparations.stream().mapToDouble(Preparation::minutes).sum();
        double soaks =
                preparations.stream().mapToDouble(Preparation::soaksMin).max().orElse(0);
        if (soaks > prepare) {
            // The rest is prepared while it soaks.
            tasks.add(Task.standing(new TaskName.Soak(), soaks - prepare));
        }
        if (prepare > 0) {
            tasks.add(Task.byHand(new TaskName.Prepare(), prepare));
        }
        List<StageResult> stages = way.cooked().stages();
        tasks.addAll(StageTasks.of(stages, setting.names(way)));
        double inHand = Math.min(MOST_IN_HAND_MIN, Math.floor(inHandMinutes));
        if (inHand >= 1) {
            tasks.add(Task.standing(new TaskName.InHand(), inHand));
        }
        Storage storage = setting.draft().storage();
        tasks.addAll(coats());
        if (storage.cools()) {
            double jars =
                    storage == Storage.JARS ? Math.ceil(way.cooked().out().volumeMl20c() / CoolingIn.USUAL_JAR_ML) : 0;
            tasks.add(Task.byHand(
                    storage == Storage.JARS ? new TaskName.FillJars() : new TaskName.Pack(), PACK_MIN + jars));
        }
        if (coolingMinutes > 0) {
            tasks.add(Task.standing(new TaskName.Cool(), coolingMinutes));
        }
        if (setting.draft().nextDay()) {
            tasks.add(Task.standing(new TaskName.RestOvernight(), OVERNIGHT_MIN));
            double warm = warmMinutes();
            if (warm > 0 && !storage.cools()) {
                tasks.add(new Task(new TaskName.WarmThrough(), warm, true, true, true));
            }
        }
        return tasks;
    }

    /** Brushed when it is made; what is kept for another day is brushed then. */
    private List<Task> coats() {
        Brushing brushing = setting.draft().brushing();
        if (brushing == null
                || setting.draft().storage().cools()
                || setting.draft().nextDay()) {
            return List.of();
        }
        Coats coats = brushing.of(way.cooked().out(), setting.prior().bodyFactor());
        return CoatTasks.of(coats.beforeDoneMin(), brushing.tableMl() > 0);
    }

    private double warmMinutes() {
        double servedC = setting.draft().servedC();
        if (servedC < HOT_FROM_C) {
            return 0;
        }
        double watts = setting.burner().map(b -> b.netPowerW()).orElse(USUAL_NET_W);
        // Gently, at half the power, so that nothing catches.
        return SpecificHeat.joulePerK(way.cooked().out()) * (servedC - FRIDGE_C) / (watts / 2) / 60;
    }

    /** The plan as a job of the day. */
    public ClockPlan.Job job(int dueMinute, double inHandMinutes) {
        Storage storage = setting.draft().storage();
        boolean hot = !storage.cools() && setting.draft().servedC() >= HOT_FROM_C;
        int hold = storage.cools() ? STORED_HOLD_MIN : hot ? HOT_HOLD_MIN : COLD_HOLD_MIN;
        return new ClockPlan.Job(
                setting.sauce().name(),
                tasks(inHandMinutes),
                dueMinute,
                hold,
                setting.draft().movedMinutes(),
                setting.pot().shape().burners());
    }
}

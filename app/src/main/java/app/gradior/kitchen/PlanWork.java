package app.gradior.kitchen;

import app.gradior.care.Storage;
import app.gradior.clock.ClockPlan;
import app.gradior.clock.Container;
import app.gradior.clock.Cooling;
import app.gradior.clock.Preparation;
import app.gradior.clock.StageTasks;
import app.gradior.clock.Surroundings;
import app.gradior.clock.Task;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificHeat;
import app.gradior.simmer.StageResult;
import app.gradior.solve.SauceRoutes;
import app.gradior.texture.Consistency;
import app.gradior.texture.Stair;
import java.util.ArrayList;
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
    private static final double OFF_THE_HEAT_C = 95;
    private static final double INTO_THE_FRIDGE_C = 30;
    private static final double INTO_THE_FRIDGE_MIN = 60;
    private static final double TRAY_MM = 40;
    private static final double SHALLOW_MM = 20;
    private static final double ICE_BATH_MIN = 40;
    private static final double JAR_ML = 250;
    private static final double HALF_COOLED_C = 50;
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
        double viscosity = Stair.viscosityPaS(Consistency.step(out, 1, HALF_COOLED_C));
        List<Cooling.Leg> gently = List.of(
                new Cooling.Leg(Surroundings.COUNTER, INTO_THE_FRIDGE_C, INTO_THE_FRIDGE_MIN),
                Cooling.Leg.toTheEnd(Surroundings.FRIDGE));
        List<Cooling.Leg> icy = List.of(
                new Cooling.Leg(Surroundings.ICE_BATH, Cooling.COLD_LIMIT_C + 1, ICE_BATH_MIN),
                Cooling.Leg.toTheEnd(Surroundings.FRIDGE));
        List<Chilling> ways = new ArrayList<>();
        if (storage == Storage.JARS) {
            Container jars = new Container.Jars(JAR_ML);
            ways.add(cooled("in jars of 250 mL", out, viscosity, jars, gently));
            ways.add(cooled("in jars of 250 mL, in iced water at first,", out, viscosity, jars, icy));
        } else {
            Container shallow = new Container.Tray(SHALLOW_MM);
            ways.add(cooled("in trays 4 cm deep", out, viscosity, new Container.Tray(TRAY_MM), gently));
            ways.add(cooled("in trays 2 cm deep", out, viscosity, shallow, gently));
            ways.add(cooled("in trays 2 cm deep, in iced water at first,", out, viscosity, shallow, icy));
        }
        return ways.stream()
                .filter(w -> w.course().warmInTime() && w.course().coldInTime())
                .findFirst()
                .orElse(ways.get(ways.size() - 1));
    }

    /** A way of cooling. */
    private record Chilling(String container, Cooling.Course course) {}

    private static Chilling cooled(
            String words, Mixture out, double viscosity, Container container, List<Cooling.Leg> legs) {
        return new Chilling(words, new Cooling(out, viscosity, container, false).course(OFF_THE_HEAT_C, legs));
    }

    /**
     * All of it in order.
     *
     * @param inHandMinutes how much longer than it should it may take, kept in hand at the end
     */
    public List<Task> tasks(double inHandMinutes) {
        List<Task> tasks = new ArrayList<>();
        double prepare = preparations.stream().mapToDouble(Preparation::minutes).sum();
        if (prepare > 0) {
            tasks.add(Task.byHand("prepare", prepare));
        }
        List<StageResult> stages = way.cooked().stages();
        tasks.addAll(StageTasks.of(stages, setting.names(way)));
        double inHand = Math.min(MOST_IN_HAND_MIN, Math.floor(inHandMinutes));
        if (inHand >= 1) {
            tasks.add(Task.standing("in hand", inHand));
        }
        Storage storage = setting.draft().storage();
        if (storage.cools()) {
            double jars = storage == Storage.JARS ? Math.ceil(way.cooked().out().volumeMl20c() / JAR_ML) : 0;
            tasks.add(Task.byHand(storage == Storage.JARS ? "fill jars, label" : "pack, label", PACK_MIN + jars));
        }
        if (coolingMinutes > 0) {
            tasks.add(Task.standing("cool", coolingMinutes));
        }
        if (setting.draft().nextDay()) {
            tasks.add(Task.standing("rest overnight", OVERNIGHT_MIN));
            double warm = warmMinutes();
            if (warm > 0 && !storage.cools()) {
                tasks.add(new Task("warm through", warm, true, true, true));
            }
        }
        return tasks;
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
                setting.draft().movedMinutes());
    }
}

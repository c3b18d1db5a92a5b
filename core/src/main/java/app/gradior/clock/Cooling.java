package app.gradior.clock;

import app.gradior.finding.Unfit;
import app.gradior.heat.CoolingLaw;
import app.gradior.heat.WaterProperties;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificHeat;
import java.util.ArrayList;
import java.util.List;

/**
 * Temperature over time of a sauce that cools, through one or more places, against the two-hour and six-hour marks: from 60
 * to 21 °C within two hours, and to 5 °C within four more (food code of the US FDA, 3-501.14).
 */
public final class Cooling {
    public static final double HOT_LIMIT_C = 60;
    public static final double WARM_LIMIT_C = 21;
    public static final double COLD_LIMIT_C = 5;
    public static final double WARM_WITHIN_MIN = 120;
    public static final double COLD_WITHIN_MIN = 360;

    private static final double MOVING_INSIDE_W_PER_M2_K = 300;
    private static final double CONDUCTIVITY_W_PER_M_K = 0.55;
    /** A sauce thicker than this no longer turns over by itself, Pa·s; arbitrary, about step 5. */
    private static final double STILL_PA_S = 0.25;
    /** Vapour from an open surface in still air, kg/(m²·s·Pa) of vapour pressure above the room's: 8.8 kg/(m²·h) of water at 85 °C. */
    private static final double VAPOUR_KG_PER_M2_S_PA = 8.8 / 3600 / 56_600;

    /** A thick sauce has a cool skin: a third of that. */
    private static final double STILL_VAPOUR_SHARE = 1.0 / 3;

    private static final double ROOM_VAPOUR_PA = 1170;
    private static final double STEP_S = 30;
    private static final int MOST_LEGS = 10;
    private static final double SECONDS_PER_MINUTE = 60;
    private static final double MM_PER_M = 1000;
    private static final double LONGEST_MIN = 3 * 24 * 60;

    private final double heatCapacityJPerK;
    private final double volumeM3;
    private final boolean moves;
    private final Container container;

    /**
     * A sauce in a container.
     *
     * @param viscosityPaS of the sauce half-way cooled, above 0
     * @param stirred whether someone stirs it now and then
     */
    public Cooling(Mixture sauce, double viscosityPaS, Container container, boolean stirred) {
        if (!(sauce.massG() > 0)) {
            throw new Unfit(new NothingToCool());
        }
        this.heatCapacityJPerK = SpecificHeat.joulePerK(sauce);
        this.volumeM3 = sauce.volumeMl20c() * 1e-6;
        this.moves = stirred || viscosityPaS < STILL_PA_S;
        this.container = container;
    }

    /**
     * One leg of the way: in that place until so cold, or until so late.
     *
     * @param untilC go on when it is at or below this
     * @param untilMinute ... or at this minute since the start of the cooling, whichever comes first
     */
    public record Leg(Surroundings place, double untilC, double untilMinute) {
        /** In that place to the end. */
        public static Leg toTheEnd(Surroundings place) {
            return new Leg(place, -273, Double.POSITIVE_INFINITY);
        }
    }

    /** Temperature at a minute. */
    public record Point(double minute, double tempC, Surroundings place) {}

    /**
     * How the cooling goes.
     *
     * @param points every half minute at first, then wider
     * @param minutesTo21 from 60 °C, or from the start if cooler; infinite when it never gets there
     * @param minutesTo5 likewise
     */
    public record Course(List<Point> points, double minutesTo21, double minutesTo5) {
        public Course {
            points = List.copyOf(points);
        }

        /** Whether 21 °C is reached within two hours of 60 °C. */
        public boolean warmInTime() {
            return minutesTo21 <= WARM_WITHIN_MIN;
        }

        /** Whether 5 °C is reached within six hours of 60 °C. */
        public boolean coldInTime() {
            return minutesTo5 <= COLD_WITHIN_MIN;
        }
    }

    /**
     * The course from a temperature through the legs.
     *
     * @param startC −20 to 110 °C
     */
    public Course course(double startC, List<Leg> legs) {
        Unfit.inRange("startC", startC, -20, 110, " °C");
        Unfit.inRange("legs", legs.size(), 1, MOST_LEGS, "");
        List<Point> points = new ArrayList<>();
        double tempC = startC;
        double minute = 0;
        double hotAt = startC <= HOT_LIMIT_C ? 0 : Double.NaN;
        double warmAt = startC <= WARM_LIMIT_C ? 0 : Double.POSITIVE_INFINITY;
        double coldAt = startC <= COLD_LIMIT_C ? 0 : Double.POSITIVE_INFINITY;
        int leg = 0;
        points.add(new Point(0, tempC, legs.get(0).place()));
        while (minute < LONGEST_MIN && Double.isInfinite(coldAt)) {
            while (leg + 1 < legs.size()
                    && (tempC <= legs.get(leg).untilC()
                            || minute >= legs.get(leg).untilMinute())) {
                leg++;
            }
            Surroundings place = legs.get(leg).place();
            if (tempC - place.tempC() < 0.05 && leg == legs.size() - 1) {
                break;
            }
            double next = law(tempC, place).tempC(tempC, place.tempC(), STEP_S);
            double after = minute + STEP_S / SECONDS_PER_MINUTE;
            hotAt = Double.isNaN(hotAt) ? crossing(tempC, next, HOT_LIMIT_C, minute, Double.NaN) : hotAt;
            warmAt = Double.isInfinite(warmAt) ? crossing(tempC, next, WARM_LIMIT_C, minute, warmAt) : warmAt;
            coldAt = crossing(tempC, next, COLD_LIMIT_C, minute, coldAt);
            tempC = next;
            minute = after;
            points.add(new Point(minute, tempC, place));
        }
        double from = Double.isNaN(hotAt) ? 0 : hotAt;
        return new Course(points, warmAt - from, coldAt - from);
    }

    private static double crossing(double before, double after, double limit, double minute, double otherwise) {
        return before > limit && after <= limit
                ? minute + (before - limit) / (before - after) * STEP_S / SECONDS_PER_MINUTE
                : otherwise;
    }

    /** Newton's law as it holds about a temperature. */
    private CoolingLaw law(double tempC, Surroundings place) {
        double conductance = wallM2() * overall(place.filmWPerM2K());
        if (place != Surroundings.ICE_BATH) {
            conductance += topM2() * overall(place.filmWPerM2K() + vapourWPerM2K(tempC, place.tempC()));
        }
        return new CoolingLaw(heatCapacityJPerK, conductance);
    }

    private double overall(double outside) {
        double inside = moves ? MOVING_INSIDE_W_PER_M2_K : CONDUCTIVITY_W_PER_M_K / (halfThicknessM() / 3);
        return 1 / (1 / outside + 1 / inside);
    }

    /** What vapour takes with it, as a film coefficient; none under a lid. */
    private double vapourWPerM2K(double tempC, double aroundC) {
        boolean open = container instanceof Container.Tray || container instanceof Container.Pot pot && !pot.lidded();
        if (!open || tempC <= aroundC) {
            return 0;
        }
        double excessPa = Math.max(0, WaterProperties.saturationPressurePa(Math.max(0.1, tempC)) - ROOM_VAPOUR_PA);
        return (moves ? 1 : STILL_VAPOUR_SHARE)
                * VAPOUR_KG_PER_M2_S_PA
                * excessPa
                * WaterProperties.latentHeatJPerKg(Math.max(0, tempC))
                / (tempC - aroundC);
    }

    private double halfThicknessM() {
        if (container instanceof Container.Pot pot) {
            return Math.min(pot.levelMm(), pot.diameterMm() / 2) / 2 / MM_PER_M;
        }
        if (container instanceof Container.Tray tray) {
            return tray.depthMm() / 2 / MM_PER_M;
        }
        return jarRadiusM();
    }

    /** Radius of a jar as high as twice its radius times 1.25. */
    private double jarRadiusM() {
        double eachM3 = ((Container.Jars) container).eachMl() * 1e-6;
        return Math.cbrt(eachM3 / (2.5 * Math.PI));
    }

    /** Walls and floor, which an ice bath reaches, m². */
    private double wallM2() {
        if (container instanceof Container.Pot pot) {
            double radius = pot.diameterMm() / 2 / MM_PER_M;
            return Math.PI * radius * radius + 2 * Math.PI * radius * pot.levelMm() / MM_PER_M;
        }
        if (container instanceof Container.Tray tray) {
            return volumeM3 / (tray.depthMm() / MM_PER_M);
        }
        double r = jarRadiusM();
        double jars = volumeM3 / (2.5 * Math.PI * r * r * r);
        return jars * (2 * Math.PI * r * 2.5 * r + Math.PI * r * r);
    }

    /** The surface, m². */
    private double topM2() {
        if (container instanceof Container.Pot pot) {
            double radius = pot.diameterMm() / 2 / MM_PER_M;
            return Math.PI * radius * radius;
        }
        if (container instanceof Container.Tray tray) {
            return volumeM3 / (tray.depthMm() / MM_PER_M);
        }
        double r = jarRadiusM();
        return volumeM3 / (2.5 * r);
    }
}

package app.gradior.clock;

import app.gradior.mixture.Mixture;
import app.gradior.texture.Consistency;
import app.gradior.texture.Stair;
import java.util.List;

/** What a sauce may cool in, as a cook chooses it. */
public enum CoolingIn {
    POT,
    JARS,
    JARS_ICED,
    TRAY,
    SHALLOW,
    SHALLOW_ICED;

    private static final double INTO_THE_FRIDGE_C = 30;
    private static final double INTO_THE_FRIDGE_MIN = 60;
    private static final double ICE_BATH_MIN = 40;
    private static final double TRAY_MM = 40;
    private static final double SHALLOW_MM = 20;
    /** The temperature at which a sauce is filled or left to cool, °C. */
    public static final double OFF_THE_HEAT_C = 95;

    /** What the kitchen's ordinary jar holds when none is known, mL. */
    public static final double USUAL_JAR_ML = 250;

    private static final double HALF_COOLED_C = 50;

    /**
     * The container.
     *
     * @param diameterMm of the pot at the sauce's level
     * @param levelMm of the sauce in it
     * @param jarMl what an ordinary jar of the kit holds
     */
    private Container container(double diameterMm, double levelMm, double jarMl) {
        return switch (this) {
            case POT -> new Container.Pot(diameterMm, Math.max(1, levelMm), true);
            case JARS, JARS_ICED -> new Container.Jars(jarMl);
            case TRAY -> new Container.Tray(TRAY_MM);
            case SHALLOW, SHALLOW_ICED -> new Container.Tray(SHALLOW_MM);
        };
    }

    /** Where it stands, one place after the other. */
    private List<Cooling.Leg> legs() {
        return switch (this) {
            case POT -> List.of(Cooling.Leg.toTheEnd(Surroundings.COUNTER));
            case JARS, TRAY, SHALLOW ->
                List.of(
                        new Cooling.Leg(Surroundings.COUNTER, INTO_THE_FRIDGE_C, INTO_THE_FRIDGE_MIN),
                        Cooling.Leg.toTheEnd(Surroundings.FRIDGE));
            case JARS_ICED, SHALLOW_ICED ->
                List.of(
                        new Cooling.Leg(Surroundings.ICE_BATH, Cooling.COLD_LIMIT_C + 1, ICE_BATH_MIN),
                        Cooling.Leg.toTheEnd(Surroundings.FRIDGE));
        };
    }

    /**
     * How a sauce cools in it.
     *
     * @param diameterMm of the pot at the sauce's level; only the pot asks
     * @param levelMm of the sauce in it; only the pot asks
     * @param jarMl what an ordinary jar of the kit holds; only jars ask
     * @param fromC where it begins
     */
    public Cooling.Course course(Mixture sauce, double diameterMm, double levelMm, double jarMl, double fromC) {
        double viscosity = Stair.viscosityPaS(Math.max(0, Consistency.step(sauce, 1, HALF_COOLED_C)));
        return new Cooling(sauce, viscosity, container(diameterMm, levelMm, jarMl), false).course(fromC, legs());
    }
}

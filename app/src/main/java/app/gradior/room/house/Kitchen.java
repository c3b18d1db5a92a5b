package app.gradior.room.house;

import app.gradior.finding.Refusal;
import app.gradior.heat.Atmosphere;
import app.gradior.measure.MeasureSystem;
import java.time.DateTimeException;
import java.time.ZoneId;

/** A kitchen: it owns all its data, and says which measures it thinks in. */
public record Kitchen(
        long id, String name, MeasureSystem measures, boolean fahrenheit, double altitudeM, ZoneId zone, boolean demo) {

    public static Kitchen of(KitchenRow row) {
        return new Kitchen(
                row.id(),
                row.name(),
                MeasureSystem.valueOf(row.measures()),
                row.fahrenheit(),
                row.altitudeM(),
                ZoneId.of(row.timeZone()),
                row.demo());
    }

    /** A checked altitude, metres. */
    public static double altitude(double altitudeM) {
        return Refusal.inRange("altitudeM", altitudeM, Atmosphere.LOWEST_M, Atmosphere.HIGHEST_M, " m");
    }

    public static ZoneId zone(String name) {
        try {
            return ZoneId.of(name.strip());
        } catch (DateTimeException e) {
            throw Refusal.unfit("timeZone", "'" + name + "' is no time zone: choose one such as Europe/London.");
        }
    }
}

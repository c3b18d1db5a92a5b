package app.gradior.room.house;

import app.gradior.finding.Refusal;
import app.gradior.heat.Atmosphere;
import app.gradior.measure.MeasureSystem;
import app.gradior.room.words.Language;
import app.gradior.room.words.Told;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;

/**
 * A kitchen: it owns all its data, and says which measures it thinks in.
 *
 * @param ounces whether it weighs in ounces and pounds, whatever its cups and spoons are; grams otherwise
 * @param language the one it chose; empty for what each browser asks for
 */
public record Kitchen(
        long id,
        String name,
        MeasureSystem measures,
        boolean fahrenheit,
        boolean ounces,
        double altitudeM,
        ZoneId zone,
        boolean demo,
        Optional<Language> language,
        int revision) {

    /** What is shown to whoever is in no kitchen: metric, at sea level, in universal time. */
    public static final Kitchen NONE =
            new Kitchen(0, "", MeasureSystem.METRIC, false, false, 0, ZoneOffset.UTC, false, Optional.empty(), 0);

    static Kitchen of(KitchenRow row) {
        return new Kitchen(
                row.id(),
                row.name(),
                MeasureSystem.valueOf(row.measures()),
                row.fahrenheit(),
                row.ounces(),
                row.altitudeM(),
                ZoneId.of(row.timeZone()),
                row.demo(),
                Language.ofTag(row.language()),
                row.revision());
    }

    /** The same kitchen for what is written in other cups and spoons. */
    public Kitchen measuring(MeasureSystem system) {
        return new Kitchen(id, name, system, fahrenheit, ounces, altitudeM, zone, demo, language, revision);
    }

    /** A checked altitude, metres. */
    public static double altitude(double altitudeM) {
        return Refusal.inRange("altitudeM", altitudeM, Atmosphere.LOWEST_M, Atmosphere.HIGHEST_M, " m");
    }

    public static ZoneId zone(String name) {
        try {
            return ZoneId.of(name.strip());
        } catch (DateTimeException e) {
            throw Refusal.unfit("timeZone", Told.of("kitchen.is-no-time-zone-choose-one", name));
        }
    }
}

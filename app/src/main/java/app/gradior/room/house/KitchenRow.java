package app.gradior.room.house;

/**
 * A row as its table holds it; times are UTC.
 *
 * @param language tag of the language it chose; empty for what each browser asks for
 */
record KitchenRow(
        long id,
        String name,
        String measures,
        boolean fahrenheit,
        boolean ounces,
        double altitudeM,
        String timeZone,
        boolean demo,
        String language,
        int revision) {}

package app.gradior.room.house;

/** A row as its table holds it; times are UTC. */
public record KitchenRow(
        long id, String name, String measures, boolean fahrenheit, double altitudeM, String timeZone, boolean demo) {}

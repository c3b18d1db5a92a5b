package app.gradior.finding;

/** What a kitchen has, as it is asked for by its id. */
public enum Thing {
    BATCH,
    BENCH_QUESTION,
    BURNER,
    CALENDAR,
    CERTIFICATE,
    CONTAINER,
    DEMO_KITCHEN,
    FOOD,
    JAR,
    KITCHEN,
    ODD_FOOD,
    PHOTOGRAPH,
    PLAN,
    POT,
    PRACTICE,
    SAUCE,
    SERVED_PLAN,
    TOKEN,
    WATER_TEST
}

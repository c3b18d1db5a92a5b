package app.gradior.web.care;

/** Words of the trade that the screens use; the bundles have a line for each. */
enum Term {
    STEP,
    SPOON_LINE,
    TRAIL,
    STREAM,
    RING,
    DIPSTICK,
    BRIX,
    BAND,
    REDUCE,
    BARE,
    SLURRY,
    DEGLAZE,
    SWEAT,
    WATER_TEST,
    PAIR,
    BODY,
    YIELD,
    GEL,
    PH,
    PUNGENCY,
    GUM,
    REPLAY
}

package app.gradior.plan;

import app.gradior.larder.Composition;
import app.gradior.larder.Food;

/** What a food is mainly there for, and so what its substitute must keep. */
public enum Keeps {
    SWEETNESS(3),
    SHARPNESS(4),
    SALT(12),
    THICKNESS(8),
    HEAT(60),
    FAT(2.1),
    AROMA(25),
    VOLUME(70),
    WEIGHT(3);

    private static final double SWEET_PERCENT = 30;
    private static final double SHARP_PERCENT = 3;
    private static final double SALTY_PERCENT = 8;
    private static final double STARCHY_PERCENT = 50;
    private static final double FATTY_PERCENT = 60;
    private static final double HOT_SHU = 1000;

    private final double mostTimes;

    Keeps(double mostTimes) {
        this.mostTimes = mostTimes;
    }

    /** What a food of no known job is mainly there for, by its composition. */
    public static Keeps of(Food food) {
        Composition c = food.per100g();
        if (food.starchKind().isPresent() && c.starch() >= STARCHY_PERCENT) {
            return THICKNESS;
        }
        if (food.scovilleUnits() >= HOT_SHU) {
            return HEAT;
        }
        if (c.salt() >= SALTY_PERCENT) {
            return SALT;
        }
        if (c.fat() >= FATTY_PERCENT) {
            return FAT;
        }
        if (c.sugars() >= SWEET_PERCENT) {
            return SWEETNESS;
        }
        return c.acids() >= SHARP_PERCENT ? SHARPNESS : VOLUME;
    }

    /** Most grams in place of one that a cook would take. */
    double mostTimes() {
        return mostTimes;
    }
}

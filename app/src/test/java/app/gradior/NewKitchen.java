package app.gradior;

import app.gradior.measure.MeasureSystem;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;

/** A kitchen of a test's own, with an account that nobody else has: metric, at sea level. */
public final class NewKitchen {
    private NewKitchen() {}

    public static Kitchen of(Kitchens kitchens) {
        return kitchens.kitchen(kitchens.setUp(
                new Kitchens.SetUp(
                        "cook-" + System.nanoTime(), "a long password", "Test", MeasureSystem.METRIC, false, 0, "UTC"),
                false));
    }
}

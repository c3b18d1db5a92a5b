package app.gradior.room.house;

import app.gradior.heat.BurnerKind;

/** Puts into a new kitchen what most kitchens have. */
@FunctionalInterface
public interface Furnishing {
    void furnish(long kitchenId, BurnerKind hob);
}

package app.gradior.room.house;

/** Puts into a new kitchen what most kitchens have. */
@FunctionalInterface
public interface Furnishing {
    void furnish(long kitchenId);
}

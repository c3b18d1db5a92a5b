package app.gradior.room.house;

/** Puts into a new kitchen what most kitchens have. */
@FunctionalInterface
public interface Furnishing {
    /** What a kitchen cooks on. */
    enum Hob {
        GAS,
        INDUCTION,
        CERAMIC,
        OTHER
    }

    void furnish(long kitchenId, Hob hob);
}

package app.gradior.room.larder;

/** A row as its table holds it: a food that there is. */
public record LarderInHouse(long kitchenId, String foodId) {
    /** The same in a kitchen. */
    public LarderInHouse in(long kitchen) {
        return new LarderInHouse(kitchen, foodId);
    }
}

package app.gradior.room.larder;

/** A row as its table holds it; times are UTC. */
public record LarderName(long kitchenId, String words, String foodId) {
    /** The same in a kitchen. */
    public LarderName in(long kitchen) {
        return new LarderName(kitchen, words, foodId);
    }
}

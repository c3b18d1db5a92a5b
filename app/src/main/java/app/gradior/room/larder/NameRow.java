package app.gradior.room.larder;

/** A row as its table holds it; times are UTC. */
public record NameRow(long kitchenId, String words, String foodId) {
    /** The same in a kitchen. */
    public NameRow in(long kitchen) {
        return new NameRow(kitchen, words, foodId);
    }
}

package app.gradior.room.larder;

/** A row as its table holds it; times are UTC. */
public record MeasureRow(long kitchenId, String word, double ml) {
    /** The same in a kitchen. */
    public MeasureRow in(long kitchen) {
        return new MeasureRow(kitchen, word, ml);
    }
}

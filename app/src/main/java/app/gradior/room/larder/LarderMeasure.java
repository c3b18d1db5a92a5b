package app.gradior.room.larder;

/** A row as its table holds it; times are UTC. */
public record LarderMeasure(long kitchenId, String word, double ml) {
    /** The same in a kitchen. */
    public LarderMeasure in(long kitchen) {
        return new LarderMeasure(kitchen, word, ml);
    }
}

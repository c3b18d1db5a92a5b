package app.gradior.room.kit;

/** A row as its table holds it; times are UTC. */
public record KeptJar(long id, long kitchenId, String name, double brimMl, double fillMl, int count, int revision) {
    /** The same, new in a kitchen. */
    public KeptJar in(long kitchen) {
        return new KeptJar(0, kitchen, name, brimMl, fillMl, count, 0);
    }
}

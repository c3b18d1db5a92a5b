package app.gradior.room.kit;

/** A row as its table holds it; times are UTC. */
public record KitBurner(
        long id, long kitchenId, String name, String type, double netPowerW, boolean retired, int revision) {
    /** The same, new in a kitchen. */
    public KitBurner in(long kitchen) {
        return new KitBurner(0, kitchen, name, type, netPowerW, retired, 0);
    }
}

package app.gradior.room.kit;

/** A row as its table holds it; times are UTC. */
public record KeptPot(
        long id,
        long kitchenId,
        String name,
        double topDiameterMm,
        double baseDiameterMm,
        double heightMm,
        double cornerMm,
        double emptyG,
        String material,
        boolean lid,
        boolean retired,
        int revision) {
    /** The same, new in a kitchen. */
    public KeptPot in(long kitchen) {
        return new KeptPot(
                0, kitchen, name, topDiameterMm, baseDiameterMm, heightMm, cornerMm, emptyG, material, lid, retired, 0);
    }
}

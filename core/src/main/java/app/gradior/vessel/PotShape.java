package app.gradior.vessel;

/**
 * The inside of a round pot with straight or evenly sloped walls.
 *
 * @param topDiameterMm inner diameter at the rim, 50 to 1000 mm
 * @param baseDiameterMm inner diameter at the floor, 50 to 1000 mm
 * @param heightMm inner height, 20 to 600 mm
 */
public record PotShape(double topDiameterMm, double baseDiameterMm, double heightMm) {
    private static final double MM3_PER_ML = 1000;
    private static final double MM2_PER_M2 = 1e6;

    public PotShape {
        check("topDiameterMm", topDiameterMm, 50, 1000);
        check("baseDiameterMm", baseDiameterMm, 50, 1000);
        check("heightMm", heightMm, 20, 600);
    }

    private static void check(String name, double value, double low, double high) {
        if (!(value >= low && value <= high)) {
            throw new IllegalArgumentException(name + " is " + value + " mm: " + low + " to " + high + " mm expected");
        }
    }

    private double slope() {
        return (topDiameterMm - baseDiameterMm) / (2 * heightMm);
    }

    /** Inner radius at a height above the floor, mm. */
    public double radiusMm(double levelMm) {
        return baseDiameterMm / 2 + slope() * levelMm;
    }

    /** Volume up to a level, mL. */
    public double volumeMl(double levelMm) {
        double r0 = baseDiameterMm / 2;
        double r1 = radiusMm(levelMm);
        return Math.PI * levelMm * (r0 * r0 + r0 * r1 + r1 * r1) / 3 / MM3_PER_ML;
    }

    /** Volume to the brim, mL. */
    public double capacityMl() {
        return volumeMl(heightMm);
    }

    /**
     * Level of a volume, mm above the floor: the inverse of {@link #volumeMl}. A volume over the brim gives a level above
     * {@link #heightMm}, as if the walls went on, so that a trajectory stays smooth; callers ask {@link #holds} first.
     */
    public double levelMm(double volumeMl) {
        double volumeMm3 = Math.max(0, volumeMl) * MM3_PER_ML;
        double r0 = baseDiameterMm / 2;
        double k = slope();
        if (Math.abs(k) < 1e-6) {
            return volumeMm3 / (Math.PI * r0 * r0);
        }
        double cube = r0 * r0 * r0 + 3 * k * volumeMm3 / Math.PI;
        return (Math.cbrt(Math.max(0, cube)) - r0) / k;
    }

    /** Free surface at a level, m². */
    public double surfaceM2(double levelMm) {
        double r = radiusMm(Math.min(levelMm, heightMm));
        return Math.PI * r * r / MM2_PER_M2;
    }

    /** Whether the pot holds that volume at all. */
    public boolean holds(double volumeMl) {
        return volumeMl <= capacityMl();
    }
}

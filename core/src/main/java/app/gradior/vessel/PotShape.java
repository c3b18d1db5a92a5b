package app.gradior.vessel;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;

/**
 * The inside of a round pot with straight or evenly sloped walls, its floor's edge sharp or rounded.
 *
 * @param topDiameterMm inner diameter at the rim, 50 to 1000 mm
 * @param baseDiameterMm inner diameter where the wall begins, 50 to 1000 mm
 * @param heightMm inner height, 20 to 600 mm
 * @param cornerMm radius of the rounding between floor and wall; 0 for a sharp edge, at most half the base and 0.9 of the height
 */
public record PotShape(double topDiameterMm, double baseDiameterMm, double heightMm, double cornerMm) {
    private static final double MM3_PER_ML = 1000;
    private static final double MM2_PER_M2 = 1e6;
    private static final double MOST_CORNER_OF_HEIGHT = 0.9;
    private static final int BISECTIONS = 40;

    public PotShape {
        check("topDiameterMm", topDiameterMm, 50, 1000);
        check("baseDiameterMm", baseDiameterMm, 50, 1000);
        check("heightMm", heightMm, 20, 600);
        check("cornerMm", cornerMm, 0, Math.min(baseDiameterMm / 2, MOST_CORNER_OF_HEIGHT * heightMm));
    }

    /** A pot whose floor meets its wall at a sharp edge. */
    public PotShape(double topDiameterMm, double baseDiameterMm, double heightMm) {
        this(topDiameterMm, baseDiameterMm, heightMm, 0);
    }

    private static void check(String name, double value, double low, double high) {
        if (!(value >= low && value <= high)) {
            throw new Unfit(name, new Wrong.Range(name, value, low, high, " mm"));
        }
    }

    private double slope() {
        return (topDiameterMm - baseDiameterMm) / (2 * (heightMm - cornerMm));
    }

    /** Inner radius at a height above the floor, mm. */
    public double radiusMm(double levelMm) {
        double base = baseDiameterMm / 2;
        if (levelMm < cornerMm) {
            double z = Math.max(0, levelMm);
            return base - cornerMm + Math.sqrt(2 * cornerMm * z - z * z);
        }
        return base + slope() * (levelMm - cornerMm);
    }

    /** Volume up to a level, mL. */
    public double volumeMl(double levelMm) {
        if (levelMm < cornerMm) {
            return cornerMl(levelMm);
        }
        double r0 = baseDiameterMm / 2;
        double r1 = radiusMm(levelMm);
        double frustum = Math.PI * (levelMm - cornerMm) * (r0 * r0 + r0 * r1 + r1 * r1) / 3 / MM3_PER_ML;
        return cornerMm > 0 ? cornerMl(cornerMm) + frustum : frustum;
    }

    /** Volume below a level within the rounding: π∫(a + √(2cz − z²))² dz, a being the flat floor's radius. */
    private double cornerMl(double levelMm) {
        double c = cornerMm;
        double z = Math.max(0, levelMm);
        double a = baseDiameterMm / 2 - c;
        double chord = Math.sqrt(Math.max(0, 2 * c * z - z * z));
        double arc = ((z - c) * chord + c * c * (Math.asin((z - c) / c) + Math.PI / 2)) / 2;
        return Math.PI * (a * a * z + 2 * a * arc + c * z * z - z * z * z / 3) / MM3_PER_ML;
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
        double rest = Math.max(0, volumeMl);
        if (cornerMm > 0) {
            double inCorner = cornerMl(cornerMm);
            if (rest < inCorner) {
                return levelInCorner(rest);
            }
            rest -= inCorner;
        }
        double volumeMm3 = rest * MM3_PER_ML;
        double r0 = baseDiameterMm / 2;
        double k = slope();
        if (Math.abs(k) < 1e-6) {
            return cornerMm + volumeMm3 / (Math.PI * r0 * r0);
        }
        double cube = r0 * r0 * r0 + 3 * k * volumeMm3 / Math.PI;
        return cornerMm + (Math.cbrt(Math.max(0, cube)) - r0) / k;
    }

    private double levelInCorner(double volumeMl) {
        double low = 0;
        double high = cornerMm;
        for (int i = 0; i < BISECTIONS; i++) {
            double middle = (low + high) / 2;
            if (cornerMl(middle) < volumeMl) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** Free surface at a level, m². */
    public double surfaceM2(double levelMm) {
        double r = radiusMm(Math.min(levelMm, heightMm));
        return Math.PI * r * r / MM2_PER_M2;
    }

    /** Wall below a level, m². */
    public double wallM2(double levelMm) {
        double level = Math.min(levelMm, heightMm);
        double rise = Math.hypot(level, radiusMm(level) - radiusMm(0));
        return Math.PI * (radiusMm(0) + radiusMm(level)) * rise / MM2_PER_M2;
    }

    /** What a lid covers, m². */
    public double mouthM2() {
        return Math.PI * topDiameterMm * topDiameterMm / 4 / MM2_PER_M2;
    }

    /** Whether the pot holds that volume at all. */
    public boolean holds(double volumeMl) {
        return volumeMl <= capacityMl();
    }
}

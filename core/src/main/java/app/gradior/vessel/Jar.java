package app.gradior.vessel;

import app.gradior.finding.Unfit;

/**
 * A kind of jar or bottle.
 *
 * @param brimMl volume to the brim, 5 to 20000 mL
 * @param fillMl volume to which it is filled hot, above 0, at most the brim
 * @param count how many there are, 0 to 1000
 */
public record Jar(String name, double brimMl, double fillMl, int count) {
    /** Height over inner diameter of an ordinary jam jar; arbitrary. */
    private static final double SLENDERNESS = 1.25;

    private static final double MM3_PER_ML = 1000;
    private static final double LEAST_ML = 5;
    private static final double MOST_ML = 20_000;
    private static final int MOST_OF_A_KIND = 1000;

    public Jar {
        Unfit.inRange("brimMl", brimMl, LEAST_ML, MOST_ML, " mL");
        if (!(fillMl > 0 && fillMl <= brimMl)) {
            throw new Unfit("fillMl", new JarFinding.OverTheBrim(fillMl, brimMl));
        }
        Unfit.inRange("count", count, 0, MOST_OF_A_KIND, "");
    }

    /**
     * A jar filled to so many millimetres below the brim, taken for a cylinder 1¼ times as high as wide.
     *
     * @param headspaceMm 0 to less than its height
     */
    public static Jar withHeadspace(String name, double brimMl, double headspaceMm, int count) {
        Unfit.inRange("brimMl", brimMl, LEAST_ML, MOST_ML, " mL");
        double diameterMm = Math.cbrt(4 * brimMl * MM3_PER_ML / (Math.PI * SLENDERNESS));
        double heightMm = SLENDERNESS * diameterMm;
        if (!(headspaceMm >= 0 && headspaceMm < heightMm)) {
            throw new Unfit("headspaceMm", new JarFinding.Headspace(headspaceMm, Math.floor(heightMm), brimMl));
        }
        return new Jar(name, brimMl, brimMl * (1 - headspaceMm / heightMm), count);
    }

    /** How far below the brim so much reaches, mm, were it a cylinder 1¼ times as high as wide. */
    public double belowBrimMm(double ml) {
        double diameterMm = Math.cbrt(4 * brimMl * MM3_PER_ML / (Math.PI * SLENDERNESS));
        return SLENDERNESS * diameterMm * (1 - Math.max(0, Math.min(1, ml / brimMl)));
    }
}

package app.gradior.vessel;

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

    public Jar {
        if (!(brimMl >= 5 && brimMl <= 20_000)) {
            throw new IllegalArgumentException("brimMl is " + brimMl + " mL: 5 to 20000 mL expected");
        }
        if (!(fillMl > 0 && fillMl <= brimMl)) {
            throw new IllegalArgumentException(
                    "fillMl is " + fillMl + " mL: above 0 and at most the brim, " + brimMl + " mL, expected");
        }
        if (count < 0 || count > 1000) {
            throw new IllegalArgumentException("count is " + count + ": 0 to 1000 expected");
        }
    }

    /**
     * A jar filled to so many millimetres below the brim, taken for a cylinder 1¼ times as high as wide.
     *
     * @param headspaceMm 0 to less than its height
     */
    public static Jar withHeadspace(String name, double brimMl, double headspaceMm, int count) {
        if (!(brimMl >= 5 && brimMl <= 20_000)) {
            throw new IllegalArgumentException("brimMl is " + brimMl + " mL: 5 to 20000 mL expected");
        }
        double diameterMm = Math.cbrt(4 * brimMl * MM3_PER_ML / (Math.PI * SLENDERNESS));
        double heightMm = SLENDERNESS * diameterMm;
        if (!(headspaceMm >= 0 && headspaceMm < heightMm)) {
            throw new IllegalArgumentException("headspaceMm is " + headspaceMm + " mm: 0 to " + Math.floor(heightMm)
                    + " mm expected for a jar of " + brimMl + " mL");
        }
        return new Jar(name, brimMl, brimMl * (1 - headspaceMm / heightMm), count);
    }

    /** How far below the brim so much reaches, mm, were it a cylinder 1¼ times as high as wide. */
    public double belowBrimMm(double ml) {
        double diameterMm = Math.cbrt(4 * brimMl * MM3_PER_ML / (Math.PI * SLENDERNESS));
        return SLENDERNESS * diameterMm * (1 - Math.max(0, Math.min(1, ml / brimMl)));
    }
}

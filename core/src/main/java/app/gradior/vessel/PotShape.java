package app.gradior.vessel;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import java.util.Locale;

/**
 * The inside of a pot or pan, with straight or evenly sloped walls whose edge with the floor is sharp or rounded, or with a bowl's round wall.
 *
 * @param outline as it is seen from above
 * @param topLengthMm inside at the rim, the longer way, 50 to 1000 mm; of what is round its diameter
 * @param topWidthMm inside at the rim, the other way; of what is round the same
 * @param baseLengthMm inside where the wall begins, the longer way, 50 to 1000 mm; of a bowl the diameter of its flat floor, 0 to its rim's
 * @param baseWidthMm inside where the wall begins, the other way
 * @param heightMm inner height, 20 to 600 mm
 * @param cornerMm radius of the rounding between floor and wall, which the upright edges of what is rectangular have too; 0 for a sharp edge, at
 *     most half the base's width and 0.9 of the height; 0 of a bowl
 * @param burners how many it stands across, 1 or 2
 */
public record PotShape(
        Outline outline,
        double topLengthMm,
        double topWidthMm,
        double baseLengthMm,
        double baseWidthMm,
        double heightMm,
        double cornerMm,
        int burners) {
    /** What of a ring's heat reaches a pan that stands across two of them: each is partly beside it. Estimate from practice. */
    public static final double PART_OF_EACH_BURNER = 0.8;

    private static final double MM3_PER_ML = 1000;
    private static final double MM2_PER_M2 = 1e6;
    private static final double MOST_CORNER_OF_HEIGHT = 0.9;
    private static final double NEAR_MM = 1e-9;
    private static final int MOST_STEPS = 100;
    private static final double LEAST_MM = 50;
    private static final double MOST_MM = 1000;
    private static final double SQUARE_LESS_ROUND = 4 - Math.PI;

    /** A pot from above. */
    public enum Outline {
        ROUND,
        RECTANGULAR,
        OVAL,
        /** Round, its wall a part of a sphere: a wok, a sauteuse. */
        BOWL;

        /** As the API has it. */
        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        /**
         * The outline of that name.
         *
         * @throws IllegalArgumentException when there is none
         */
        public static Outline ofKey(String key) {
            return valueOf(key.toUpperCase(Locale.ROOT));
        }

        /** Whether length and width are two. */
        public boolean isLong() {
            return this == RECTANGULAR || this == OVAL;
        }
    }

    public PotShape {
        String top = outline.isLong() ? "topLengthMm" : "topDiameterMm";
        String base =
                outline == Outline.BOWL ? "floorDiameterMm" : outline.isLong() ? "baseLengthMm" : "baseDiameterMm";
        check(top, topLengthMm, LEAST_MM, MOST_MM);
        check("topWidthMm", topWidthMm, LEAST_MM, MOST_MM);
        check(
                base,
                baseLengthMm,
                outline == Outline.BOWL ? 0 : LEAST_MM,
                outline == Outline.BOWL ? topLengthMm : MOST_MM);
        check("baseWidthMm", baseWidthMm, outline == Outline.BOWL ? 0 : LEAST_MM, MOST_MM);
        check("heightMm", heightMm, 20, 600);
        double half = Math.min(baseLengthMm, baseWidthMm) / 2;
        check("cornerMm", cornerMm, 0, outline == Outline.BOWL ? 0 : Math.min(half, MOST_CORNER_OF_HEIGHT * heightMm));
        if (burners < 1 || burners > 2) {
            throw new Unfit("burners", new Wrong.Range("burners", burners, 1, 2, ""));
        }
    }

    /** A round pot. */
    public PotShape(double topDiameterMm, double baseDiameterMm, double heightMm, double cornerMm) {
        this(Outline.ROUND, topDiameterMm, topDiameterMm, baseDiameterMm, baseDiameterMm, heightMm, cornerMm, 1);
    }

    /** A round pot whose floor meets its wall at a sharp edge. */
    public PotShape(double topDiameterMm, double baseDiameterMm, double heightMm) {
        this(topDiameterMm, baseDiameterMm, heightMm, 0);
    }

    /** A bowl: its wall is a part of a sphere from the flat floor's edge to the rim. */
    public static PotShape bowl(double topDiameterMm, double floorDiameterMm, double heightMm) {
        return new PotShape(
                Outline.BOWL, topDiameterMm, topDiameterMm, floorDiameterMm, floorDiameterMm, heightMm, 0, 1);
    }

    private static void check(String name, double value, double low, double high) {
        if (!(value >= low && value <= high)) {
            throw new Unfit(name, new Wrong.Range(name, value, low, high, " mm"));
        }
    }

    /** The same across so many burners. */
    public PotShape across(int otherBurners) {
        return new PotShape(
                outline, topLengthMm, topWidthMm, baseLengthMm, baseWidthMm, heightMm, cornerMm, otherBurners);
    }

    /** The same so many times as wide, at most a metre, its edges sharp. */
    public PotShape wider(double factor) {
        return new PotShape(
                outline,
                Math.min(MOST_MM, topLengthMm * factor),
                Math.min(MOST_MM, topWidthMm * factor),
                Math.min(MOST_MM, baseLengthMm * factor),
                Math.min(MOST_MM, baseWidthMm * factor),
                heightMm,
                0,
                burners);
    }

    /** Heat into it from burners that bring so much each, W. */
    public double heatFrom(double netPowerW) {
        return burners == 1 ? netPowerW : burners * PART_OF_EACH_BURNER * netPowerW;
    }

    /** Half of what it is long, or wide, at a height above the floor, mm. */
    private double half(double levelMm, double topMm, double baseMm) {
        double base = baseMm / 2;
        if (outline == Outline.BOWL) {
            double z = levelMm - sphereCentreMm();
            return Math.sqrt(Math.max(0, sphereMm2() - z * z));
        }
        if (levelMm < cornerMm) {
            double z = Math.max(0, levelMm);
            return base - cornerMm + Math.sqrt(2 * cornerMm * z - z * z);
        }
        return base + slope(topMm, baseMm) * (levelMm - cornerMm);
    }

    private double slope(double topMm, double baseMm) {
        return (topMm - baseMm) / (2 * (heightMm - cornerMm));
    }

    /** Height of the centre of a bowl's sphere: on it lie the floor's edge and the rim. */
    private double sphereCentreMm() {
        double rim = topLengthMm / 2;
        double floor = baseLengthMm / 2;
        return (rim * rim - floor * floor + heightMm * heightMm) / (2 * heightMm);
    }

    private double sphereMm2() {
        double centre = sphereCentreMm();
        return baseLengthMm * baseLengthMm / 4 + centre * centre;
    }

    /** Half of its length at a height above the floor, mm; of what is round its radius. */
    public double radiusMm(double levelMm) {
        return half(levelMm, topLengthMm, baseLengthMm);
    }

    /** Half of its width at a height above the floor, mm. */
    public double halfWidthMm(double levelMm) {
        return half(levelMm, topWidthMm, baseWidthMm);
    }

    /** Radius of what is rectangular where its upright edges are, mm. */
    public double uprightMm(double levelMm) {
        if (outline != Outline.RECTANGULAR) {
            return 0;
        }
        double z = Math.max(0, levelMm);
        return z < cornerMm ? Math.sqrt(2 * cornerMm * z - z * z) : cornerMm;
    }

    private double areaMm2(double levelMm) {
        double across = radiusMm(levelMm) * halfWidthMm(levelMm);
        double upright = uprightMm(levelMm);
        return outline == Outline.RECTANGULAR ? 4 * across - SQUARE_LESS_ROUND * upright * upright : Math.PI * across;
    }

    /** Volume up to a level, mL. */
    public double volumeMl(double levelMm) {
        if (outline == Outline.BOWL) {
            double centre = sphereCentreMm();
            double z = Math.max(0, levelMm);
            double cubes = (Math.pow(z - centre, 3) + Math.pow(centre, 3)) / 3;
            return Math.PI * (sphereMm2() * z - cubes) / MM3_PER_ML;
        }
        if (levelMm < cornerMm) {
            return cornerMl(levelMm);
        }
        double s = levelMm - cornerMm;
        double a = baseLengthMm / 2;
        double b = baseWidthMm / 2;
        double ka = slope(topLengthMm, baseLengthMm);
        double kb = slope(topWidthMm, baseWidthMm);
        double across = a * b * s + (a * kb + b * ka) * s * s / 2 + ka * kb * s * s * s / 3;
        double walls = outline == Outline.RECTANGULAR
                ? 4 * across - SQUARE_LESS_ROUND * cornerMm * cornerMm * s
                : Math.PI * across;
        return cornerMm > 0 ? cornerMl(cornerMm) + walls / MM3_PER_ML : walls / MM3_PER_ML;
    }

    /** Volume below a level within the rounding: ∫(α + q)(β + q) dz with q = √(2cz − z²), α and β being half the flat floor. */
    private double cornerMl(double levelMm) {
        double c = cornerMm;
        double z = Math.max(0, levelMm);
        double alpha = baseLengthMm / 2 - c;
        double beta = baseWidthMm / 2 - c;
        double chord = Math.sqrt(Math.max(0, 2 * c * z - z * z));
        double arc = ((z - c) * chord + c * c * (Math.asin((z - c) / c) + Math.PI / 2)) / 2;
        double rounds = c * z * z - z * z * z / 3;
        double across = alpha * beta * z + (alpha + beta) * arc + rounds;
        double mm3 = outline == Outline.RECTANGULAR ? 4 * across - SQUARE_LESS_ROUND * rounds : Math.PI * across;
        return mm3 / MM3_PER_ML;
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
        if (outline == Outline.BOWL) {
            return rest <= capacityMl()
                    ? between(0, heightMm, rest)
                    : heightMm + (rest - capacityMl()) * MM3_PER_ML / areaMm2(heightMm);
        }
        if (cornerMm > 0) {
            double inCorner = cornerMl(cornerMm);
            if (rest < inCorner) {
                return between(0, cornerMm, rest);
            }
            rest -= inCorner;
        }
        return outline == Outline.ROUND ? cornerMm + roundMm(rest * MM3_PER_ML) : longMm(volumeMl);
    }

    /** Height of a volume above the rounding of a round pot. */
    private double roundMm(double volumeMm3) {
        double r0 = baseLengthMm / 2;
        double k = slope(topLengthMm, baseLengthMm);
        if (Math.abs(k) < 1e-6) {
            return volumeMm3 / (Math.PI * r0 * r0);
        }
        double cube = r0 * r0 * r0 + 3 * k * volumeMm3 / Math.PI;
        return (Math.cbrt(Math.max(0, cube)) - r0) / k;
    }

    /** Level in what is long: within the brim by search, over it as if the wall went straight up. */
    private double longMm(double volumeMl) {
        double brim = capacityMl();
        return volumeMl <= brim
                ? between(cornerMm, heightMm, volumeMl)
                : heightMm + (volumeMl - brim) * MM3_PER_ML / areaMm2(heightMm);
    }

    /** Newton's steps, the surface being the volume's slope; halved where one would lead out. */
    private double between(double lowMm, double highMm, double volumeMl) {
        double low = lowMm;
        double high = highMm;
        double level = (low + high) / 2;
        for (int i = 0; i < MOST_STEPS && high - low > NEAR_MM; i++) {
            double over = volumeMl(level) - volumeMl;
            if (over < 0) {
                low = level;
            } else {
                high = level;
            }
            double next = level - over * MM3_PER_ML / areaMm2(level);
            if (Math.abs(next - level) < NEAR_MM) {
                return Math.max(lowMm, Math.min(highMm, next));
            }
            level = next > low && next < high ? next : (low + high) / 2;
        }
        return level;
    }

    /** Free surface at a level, m². */
    public double surfaceM2(double levelMm) {
        return areaMm2(Math.min(levelMm, heightMm)) / MM2_PER_M2;
    }

    /** Wall below a level, m². */
    public double wallM2(double levelMm) {
        double level = Math.min(levelMm, heightMm);
        if (outline == Outline.BOWL) {
            return 2 * Math.PI * Math.sqrt(sphereMm2()) * level / MM2_PER_M2;
        }
        double out = (radiusMm(level) - radiusMm(0) + halfWidthMm(level) - halfWidthMm(0)) / 2;
        return (perimeterMm(0) + perimeterMm(level)) / 2 * Math.sqrt(level * level + out * out) / MM2_PER_M2;
    }

    /** The way round at a level, mm: of an ellipse after Ramanujan. */
    private double perimeterMm(double levelMm) {
        double a = radiusMm(levelMm);
        double b = halfWidthMm(levelMm);
        if (outline == Outline.RECTANGULAR) {
            return 4 * (a + b) - 2 * SQUARE_LESS_ROUND * uprightMm(levelMm);
        }
        double h = Math.pow((a - b) / (a + b), 2);
        return Math.PI * (a + b) * (1 + 3 * h / (10 + Math.sqrt(4 - 3 * h)));
    }

    /** What a lid covers, m². */
    public double mouthM2() {
        return areaMm2(heightMm) / MM2_PER_M2;
    }

    /** Whether the pot holds that volume at all. */
    public boolean holds(double volumeMl) {
        return volumeMl <= capacityMl();
    }
}

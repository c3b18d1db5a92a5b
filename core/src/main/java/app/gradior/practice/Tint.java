package app.gradior.practice;

import java.util.Map;

/**
 * A colour, by what a sauce is made of: the strongest dyes win; it deepens as water goes, and browns as it burns.
 *
 * @param red 0 to 255
 * @param green 0 to 255
 * @param blue 0 to 255
 */
record Tint(int red, int green, int blue) {
    private static final Tint PALE = new Tint(226, 204, 158);
    private static final Tint BURNT = new Tint(46, 26, 16);
    /** The share of solids at which a sauce has its own colour. */
    private static final double USUAL_SOLIDS = 0.3;

    private static final double DEEPENS = 0.55;

    /** What dyes, by a part of its food's id, and how strongly a gram of it does; kitchen estimate. */
    private record Dye(String part, Tint tint, double strength) {}

    private static final Dye[] DYES = {
        new Dye("tomato", new Tint(190, 52, 30), 1),
        new Dye("passata", new Tint(190, 52, 30), 1),
        new Dye("damson", new Tint(96, 22, 58), 2.5),
        new Dye("blackcurrant", new Tint(62, 14, 44), 4),
        new Dye("plum", new Tint(120, 34, 54), 1.5),
        new Dye("wine-red", new Tint(98, 20, 40), 1.6),
        new Dye("pepper-red", new Tint(186, 62, 26), 1),
        new Dye("chilli", new Tint(176, 40, 20), 3),
        new Dye("saffron", new Tint(228, 172, 40), 60),
        new Dye("cream", new Tint(244, 234, 208), 1.4),
        new Dye("milk", new Tint(246, 240, 224), 1),
        new Dye("leek", new Tint(196, 204, 140), 0.7),
        new Dye("gooseberry", new Tint(188, 186, 92), 0.8),
        new Dye("mushroom", new Tint(122, 92, 66), 1.2),
        new Dye("beef-stock", new Tint(108, 66, 34), 0.9),
        new Dye("stock", new Tint(206, 166, 92), 0.5),
        new Dye("soy", new Tint(52, 28, 16), 5),
        new Dye("treacle", new Tint(40, 22, 14), 6),
        new Dye("cocoa", new Tint(72, 42, 28), 8),
        new Dye("vinegar-balsamic", new Tint(58, 32, 24), 3),
        new Dye("sugar-brown", new Tint(150, 92, 40), 0.6),
        new Dye("mustard", new Tint(206, 164, 52), 1.5)
    };

    static Tint of(Map<String, Double> foods) {
        double[] sum = {0, 0, 0};
        double weights = 0.02 * foods.values().stream().mapToDouble(g -> g).sum();
        sum[0] = weights * PALE.red;
        sum[1] = weights * PALE.green;
        sum[2] = weights * PALE.blue;
        for (Map.Entry<String, Double> food : foods.entrySet()) {
            for (Dye dye : DYES) {
                if (food.getKey().contains(dye.part)) {
                    double weight = food.getValue() * dye.strength;
                    sum[0] += weight * dye.tint.red;
                    sum[1] += weight * dye.tint.green;
                    sum[2] += weight * dye.tint.blue;
                    weights += weight;
                    break;
                }
            }
        }
        return new Tint(round(sum[0] / weights), round(sum[1] / weights), round(sum[2] / weights));
    }

    /**
     * The same sauce as it stands.
     *
     * @param solids share of it that is not water, 0 to 1
     * @param burnt 0 not at all, 1 ruined
     */
    Tint of(double solids, double burnt) {
        double deep = Math.max(0, Math.min(1, (solids - 0.5 * USUAL_SOLIDS) / (1 - 0.5 * USUAL_SOLIDS)));
        double keeps = 1 - DEEPENS * deep;
        double browns = Math.max(0, Math.min(0.85, 0.7 * burnt));
        return new Tint(
                mixed(red * Math.sqrt(keeps), BURNT.red, browns),
                mixed(green * keeps, BURNT.green, browns),
                mixed(blue * keeps, BURNT.blue, browns));
    }

    private static int mixed(double from, double to, double share) {
        return round(from + (to - from) * share);
    }

    private static int round(double value) {
        return (int) Math.round(Math.max(0, Math.min(255, value)));
    }
}

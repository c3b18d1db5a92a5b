package app.gradior.web.draw;

import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.room.words.Words;

/**
 * Sweet, sour, salt and heat side by side, each a reed as tall as it tastes. Full height is where most people call it very
 * sweet (40 % sugar), very sour (3 % acid), very salty (3 % salt), very hot (30,000 Scoville units, by its logarithm); ours.
 */
public final class TasteDrawing {
    private static final double WIDTH = 300;
    private static final double HEIGHT = 132;
    private static final double GROUND = 96;
    private static final double TALLEST = 74;
    private static final double FULL_SUGAR = 40;
    private static final double FULL_ACID = 3;
    private static final double FULL_SALT = 3;
    private static final double FULL_LOG_SHU = Math.log10(30_000);

    private TasteDrawing() {}

    /** The taste of a mixture. */
    public static String draw(Mixture m) {
        double massG = m.massG();
        double sugar = 100 * m.sugarsG() / massG;
        double acid = 100 * (m.aceticG() + m.otherAcidsG()) / massG;
        double salt = m.saltPercent();
        double shu = m.pungencyShu();
        String[] words = {
            Words.text("taste-drawing.sweet", Numbers.plain(sugar, 1)),
                    Words.text("taste-drawing.sour", Numbers.plain(acid, 2)),
            Words.text("taste-drawing.salt", Numbers.plain(salt, 2)),
                    Words.text("taste-drawing.heat-shu", Numbers.plain(Math.round(shu / 10) * 10.0, 0))
        };
        Svg svg = new Svg("taste", WIDTH, HEIGHT, Words.text("taste-drawing.taste", String.join(", ", words)));
        double[] shares = {
            sugar / FULL_SUGAR, acid / FULL_ACID, salt / FULL_SALT, shu < 10 ? 0 : Math.log10(shu) / FULL_LOG_SHU
        };
        String[] names = {"sweet", "sour", "salt", "heat"};
        svg.line("ground", 6, GROUND, WIDTH - 6, GROUND);
        for (int i = 0; i < shares.length; i++) {
            double x = WIDTH / 8 + i * WIDTH / 4;
            double top = GROUND - TALLEST * Math.max(0.02, Math.min(1, shares[i]));
            svg.line("reed " + names[i], x, GROUND, x, top);
            svg.circle("head " + names[i], x, top, 6);
            svg.text("word", x, GROUND + 17, "middle", names[i]);
            svg.text("value", x, GROUND + 33, "middle", words[i].substring(names[i].length() + 1));
        }
        return svg.done();
    }
}

package app.gradior.web.practice;

import app.gradior.measure.Numbers;
import app.gradior.practice.CookEye;
import app.gradior.room.words.Words;
import java.util.OptionalDouble;

/** What practice showed of an eye, in words. */
final class EyeWords {
    /** What is too little to speak of, steps. */
    private static final double SOME = 0.15;

    private EyeWords() {}

    static String of(CookEye.Eye eye, OptionalDouble learnt) {
        boolean steps = eye.sense().isInSteps();
        double bias = steps ? eye.bias() : Math.expm1(eye.bias());
        double spread = steps ? eye.spread() : Math.expm1(eye.spread());
        String by = figure(Math.abs(bias), steps);
        String way = Math.abs(bias) < SOME ? "right" : bias > 0 ? "more" : "less";
        String says =
                Words.text("eye." + (steps ? "steps-" : "share-") + way, by, figure(spread, steps), eye.readings());
        if (learnt.isPresent() && Math.abs(learnt.getAsDouble()) >= SOME) {
            return says + " " + Words.text(learnt.getAsDouble() < 0 ? "eye.better" : "eye.worse");
        }
        return says;
    }

    private static String figure(double value, boolean steps) {
        return steps ? Numbers.plain(value, 1) : Numbers.plain(100 * value, 0) + " %";
    }
}

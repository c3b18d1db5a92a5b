package app.gradior.web.practice;

import app.gradior.measure.Numbers;
import app.gradior.practice.CookEye;
import app.gradior.room.words.Words;
import java.util.OptionalDouble;

/** What practice showed of an eye, in words. */
final class EyeWords {
    /** What has become better or worse by less is as it was: steps, looks, or in logarithms. */
    private static final double SOME = 0.15;

    private EyeWords() {}

    static String of(CookEye.Eye eye, OptionalDouble learnt) {
        String scale = eye.sense().scale().name();
        String says = Words.text(
                "eye." + scale + "-" + eye.lean(),
                figure(Math.abs(eye.saidOver()), eye),
                figure(eye.giveOrTake(), eye),
                eye.readings());
        if (learnt.isPresent() && Math.abs(learnt.getAsDouble()) >= SOME) {
            return says + " " + Words.text(learnt.getAsDouble() < 0 ? "eye.better" : "eye.worse");
        }
        return says;
    }

    private static String figure(double value, CookEye.Eye eye) {
        return eye.sense().scale() == CookEye.Scale.SHARE
                ? Numbers.plain(100 * value, 0) + " %"
                : Numbers.plain(value, 1);
    }
}

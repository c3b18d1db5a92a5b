package app.gradior.web.log;

import app.gradior.estimate.Hand;
import app.gradior.measure.Numbers;
import app.gradior.reading.ReadingKind;
import app.gradior.room.words.Words;

/** How a cook's own hand and eye read, in words: steps for a look, shares for a time. */
final class HandWords {
    /** Less than this part of the spread is nothing to speak of. */
    private static final double SOME = 0.15;

    private HandWords() {}

    static String bias(ReadingKind kind, Hand hand) {
        if (Math.abs(hand.bias()) < SOME * hand.sd()) {
            return Words.text("hand-words.as-the-model");
        }
        String much = much(kind, Math.abs(hand.bias()));
        if (kind.isTimed()) {
            return Words.text(hand.bias() > 0 ? "hand-words.longer" : "hand-words.shorter", much);
        }
        return Words.text(hand.bias() > 0 ? "hand-words.thicker" : "hand-words.thinner", much);
    }

    static String spread(ReadingKind kind, Hand hand) {
        return much(kind, hand.sd());
    }

    private static String much(ReadingKind kind, double told) {
        if (kind.isTimed()) {
            return Words.text("hand-words.share", Math.round(100 * Math.expm1(told)));
        }
        return Words.text(kind.isLook() ? "hand-words.sizes" : "hand-words.steps", Numbers.fixed(told, 1));
    }
}

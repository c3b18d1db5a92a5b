package app.gradior.room.words;

import org.jspecify.annotations.Nullable;

/** What templates call to word things, as {@code #say}: {@code ${#say.it(look)}}. */
public final class Say {
    /** A finding, a named constant, a food; nothing for nothing. */
    public String it(@Nullable Object what) {
        return what == null ? "" : Words.say(what);
    }

    /** The same with volumes and temperatures as a kitchen wants them. */
    public String it(@Nullable Object what, @Nullable Units units) {
        return what == null ? "" : Words.say(what, units == null ? Units.METRIC : units);
    }

    /** Another text that belongs to it. */
    public String its(String part, @Nullable Object what) {
        return what == null ? "" : Words.say(what, part);
    }

    /** The same as a kitchen wants it. */
    public String its(String part, @Nullable Object what, @Nullable Units units) {
        return what == null ? "" : Words.say(what, part, units == null ? Units.METRIC : units);
    }

    /** A text by its key. */
    public String text(String key, @Nullable Object... figures) {
        return Words.text(key, figures);
    }

    /** What scripts say, as JSON that a page can hold: its keys without their first part, one and several apart. */
    public String forScripts() {
        return Scripts.texts(Language.now());
    }

    /** The tag of the language at hand, for a page's {@code lang}. */
    public String language() {
        return Language.now().tag();
    }
}

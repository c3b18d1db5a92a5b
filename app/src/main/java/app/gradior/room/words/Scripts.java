package app.gradior.room.words;

import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.json.JsonMapper;

/** Texts of the bundles that scripts say: patterns so simple that a script can fill them in itself. */
final class Scripts {
    private static final String PREFIX = "script.";
    private static final Pattern PLURAL = Pattern.compile("\\{0, plural, one \\{(.*)} other \\{(.*)}}");
    private static final Map<Language, String> TEXTS = new ConcurrentHashMap<>();

    private Scripts() {}

    static String texts(Language language) {
        return TEXTS.computeIfAbsent(language, Scripts::written);
    }

    private static String written(Language language) {
        Map<String, Object> texts = new TreeMap<>();
        for (String key : Words.keys(language)) {
            if (key.startsWith(PREFIX)) {
                String text = Words.raw(language, key);
                Matcher plural = PLURAL.matcher(text);
                texts.put(
                        key.substring(PREFIX.length()),
                        plural.matches()
                                ? Map.of(
                                        "one", plural.group(1),
                                        "other", plural.group(2).replace("#", "{0}"))
                                : text);
            }
        }
        // Nothing in it can end the element that holds it.
        return JsonMapper.shared().writeValueAsString(texts).replace("<", "\\u003c");
    }
}

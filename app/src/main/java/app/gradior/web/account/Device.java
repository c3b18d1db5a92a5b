package app.gradior.web.account;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a browser may say that it runs on; how each is told to trust us is in the words. */
enum Device {
    IPHONE("iphone", "ipad"),
    ANDROID("android"),
    WINDOWS("windows"),
    MAC("macintosh"),
    LINUX("linux", "x11");

    private final List<String> signs;

    Device(String... signs) {
        this.signs = List.of(signs);
    }

    /** The one that a browser says it is; nothing of it is believed. */
    static Optional<Device> of(String agent) {
        String says = agent.toLowerCase(Locale.ROOT);
        return Arrays.stream(values())
                .filter(one -> one.signs.stream().anyMatch(says::contains))
                .findFirst();
    }
}

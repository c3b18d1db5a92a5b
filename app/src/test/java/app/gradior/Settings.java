package app.gradior;

import app.gradior.room.house.GradiorProperties;
import java.util.HashMap;
import java.util.Map;
import org.springframework.boot.context.properties.bind.Binder;
import org.springframework.boot.context.properties.source.MapConfigurationPropertySource;

/** Settings of a start as they are bound from names and values; what is not named is as usual. */
public final class Settings {
    private Settings() {}

    /** Names without {@code gradior.} and their values, in turn. */
    public static GradiorProperties of(String... namesAndValues) {
        Map<String, String> values = new HashMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            values.put("gradior." + namesAndValues[i], namesAndValues[i + 1]);
        }
        return new Binder(new MapConfigurationPropertySource(values)).bindOrCreate("gradior", GradiorProperties.class);
    }
}

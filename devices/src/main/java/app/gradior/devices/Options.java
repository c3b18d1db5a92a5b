package app.gradior.devices;

import java.util.HashMap;
import java.util.Map;

/** Options of a command line: pairs of --name and value. */
final class Options {
    private final Map<String, String> values = new HashMap<>();

    private Options() {}

    static Options of(String... args) {
        Options options = new Options();
        for (int i = 0; i + 1 < args.length; i += 2) {
            if (!args[i].startsWith("--")) {
                throw new IllegalArgumentException("'" + args[i] + "' is no option: --name value expected");
            }
            options.values.put(args[i].substring(2), args[i + 1]);
        }
        return options;
    }

    boolean has(String name) {
        return values.containsKey(name);
    }

    String or(String name, String usual) {
        return values.getOrDefault(name, usual);
    }

    String needed(String name) {
        String value = values.get(name);
        if (value == null) {
            throw new IllegalArgumentException("--" + name + " is missing");
        }
        return value;
    }
}

package app.gradior.clock;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Jobs before the heat, as ingredient lines name them: "peeled and diced", "stoned", "juice of a lemon". Minutes are those of
 * an unhurried cook, ours, rounded.
 *
 * @param what the line it belongs to
 * @param job what is done, "peel, dice"
 * @param minutes of the cook's hands
 */
public record Preparation(String what, String job, double minutes) {
    private static final double G_PER_PORTION = 100;
    private static final double LONGEST_MIN = 60;

    /** A kind of job: the words that name it, minutes to begin with, and for each 100 g. */
    private enum Kind {
        SOAK("soak", "soaked", 1, 0),
        WASH("wash", "washed|rinsed|scrubbed", 0.5, 0.2),
        STONE("stone", "stoned|pitted|cored|deseeded|seeded|topped and tailed|trimmed|destemmed", 0.5, 0.9),
        PEEL("peel", "peeled|skinned|shelled", 0.5, 0.8),
        CHAR("char and skin", "charred", 5, 1.2),
        TOAST("toast", "toasted", 3, 0.3),
        GRIND("grind", "ground to order|freshly ground|pounded|crushed", 0.5, 1),
        CHOP("chop", "chopped|diced|sliced|minced|shredded|julienned|cubed|halved|quartered", 0.5, 0.8),
        GRATE("grate", "grated|zested|zest of", 0.5, 1.5),
        SQUEEZE("squeeze", "juiced|squeezed|juice of", 0.5, 0.5),
        DRAIN("drain", "drained", 0.5, 0);

        private final String job;
        private final Pattern words;
        private final double beginMin;
        private final double perPortionMin;

        Kind(String job, String words, double beginMin, double perPortionMin) {
            this.job = job;
            this.words = Pattern.compile("\\b(" + words + ")\\b");
            this.beginMin = beginMin;
            this.perPortionMin = perPortionMin;
        }
    }

    /**
     * The job that a line asks for.
     *
     * @param line as typed, at most a few hundred characters
     * @param massG of the food, 0 or more
     * @return empty when it is used as it comes
     */
    public static Optional<Preparation> of(String line, double massG) {
        String words = line.toLowerCase(Locale.ROOT);
        List<String> jobs = new ArrayList<>();
        double minutes = 0;
        for (Kind kind : Kind.values()) {
            if (kind.words.matcher(words).find()) {
                jobs.add(kind.job);
                minutes += kind.beginMin + kind.perPortionMin * massG / G_PER_PORTION;
            }
        }
        return jobs.isEmpty()
                ? Optional.empty()
                : Optional.of(new Preparation(line.strip(), String.join(", ", jobs), Math.min(LONGEST_MIN, minutes)));
    }
}

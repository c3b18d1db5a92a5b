package app.gradior.clock;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Jobs before the heat, as ingredient lines name them: "peeled and diced", "stoned", "juice of a lemon". Minutes are those of
 * an unhurried cook, ours, rounded.
 *
 * @param what the line it belongs to
 * @param jobs what is done, one after the other
 * @param minutes of the cook's hands
 * @param soaksMin that it stands in water before, which takes no hands
 */
public record Preparation(String what, List<Job> jobs, double minutes, double soaksMin) {
    /** Dried chillies, mushrooms, nuts; and pulses, over night. Kitchen teaching. */
    private static final double USUAL_SOAK_MIN = 20;

    private static final double OVERNIGHT_MIN = 8 * 60;
    private static final double LONGEST_SOAK_MIN = 24 * 60;
    private static final Pattern SOAKS = Pattern.compile(
            "\\bsoaked\\b[^.;]{0,40}?\\b(\\d{1,3})(?: ?(?:to|-|–) ?(\\d{1,3}))? ?(min|minutes?|hours?|hrs?|h)\\b");
    private static final Pattern OVERNIGHT = Pattern.compile("\\bsoaked\\b.*\\bover ?night\\b");
    private static final Pattern PULSE = Pattern.compile("\\b(beans?|chickpeas?|peas|lentils?|pulses?)\\b");

    private static final double G_PER_PORTION = 100;
    private static final double LONGEST_MIN = 60;

    public Preparation {
        jobs = List.copyOf(jobs);
    }

    /** A kind of job: the words that name it, minutes to begin with, and for each 100 g. */
    public enum Job {
        SOAK("soaked", 1, 0),
        WASH("washed|rinsed|scrubbed", 0.5, 0.2),
        STONE("stoned|pitted|cored|deseeded|seeded|topped and tailed|trimmed|destemmed", 0.5, 0.9),
        PEEL("peeled|skinned|shelled", 0.5, 0.8),
        CHAR("charred", 5, 1.2),
        TOAST("toasted", 3, 0.3),
        GRIND(
                "ground to order|freshly ground|pounded|crushed|(?:ground|blitzed|blended) to a (?:coarse |smooth |fine )?(?:paste|powder)",
                0.5,
                1),
        CHOP("chopped|diced|sliced|minced|shredded|julienned|cubed|halved|quartered", 0.5, 0.8),
        GRATE("grated|zested|zest of", 0.5, 1.5),
        SQUEEZE("juiced|squeezed|juice of", 0.5, 0.5),
        DRAIN("drained", 0.5, 0);

        private final Pattern words;
        private final double beginMin;
        private final double perPortionMin;

        Job(String words, double beginMin, double perPortionMin) {
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
        List<Job> jobs = new ArrayList<>();
        double minutes = 0;
        for (Job job : Job.values()) {
            if (job.words.matcher(words).find()) {
                jobs.add(job);
                minutes += job.beginMin + job.perPortionMin * massG / G_PER_PORTION;
            }
        }
        return jobs.isEmpty()
                ? Optional.empty()
                : Optional.of(new Preparation(
                        line.strip(),
                        jobs,
                        Math.min(LONGEST_MIN, minutes),
                        jobs.contains(Job.SOAK) ? soaks(words) : 0));
    }

    /** As the line says, the middle of a range; else over night for pulses, and a while for the rest. */
    private static double soaks(String words) {
        Matcher said = SOAKS.matcher(words);
        if (said.find()) {
            double from = Double.parseDouble(said.group(1));
            double to = said.group(2) == null ? from : Double.parseDouble(said.group(2));
            double each = said.group(3).startsWith("m") ? 1 : 60;
            return Math.min(LONGEST_SOAK_MIN, each * (from + to) / 2);
        }
        return OVERNIGHT.matcher(words).find() || PULSE.matcher(words).find() ? OVERNIGHT_MIN : USUAL_SOAK_MIN;
    }
}

package app.gradior.sauce;

import java.util.List;

/** Questions on which good cooks differ, with our default first in each list and why. */
public enum School {
    THICKENING("reduce only", "starch only", "reduce, then starch"),
    SLURRY("at a bubble", "off the heat, then back"),
    SPICES("toasted in fat first", "all in together"),
    LID("off", "ajar", "on"),
    BASE("from raw", "plain purée or paste", "a seasoned bottled base"),
    HERBS("fresh at the end", "dried at the start", "fresh half-way"),
    ALCOHOL("cooked down first, alone", "added with the rest"),
    DONE("look", "time", "level", "weight", "spoon or plate test");

    private final List<String> answers;

    School(String... answers) {
        this.answers = List.of(answers);
    }

    /** The schools; the first is our default. */
    public List<String> answers() {
        return answers;
    }
}

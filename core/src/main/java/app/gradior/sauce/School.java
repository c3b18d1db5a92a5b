package app.gradior.sauce;

import java.util.List;

/** Questions on which good cooks differ, with our default first in each list and why. */
public enum School {
    THICKENING(
            "Reduce or thicken",
            "shown side by side as routes: you pick",
            "reduce only",
            "starch only",
            "reduce, then starch"),
    SLURRY(
            "The slurry goes in",
            "each portion shows its effect within a minute",
            "at a bubble",
            "off the heat, then back"),
    SPICES("Spices", "30 to 60 seconds in fat opens them", "toasted in fat first", "all in together"),
    LID("Lid", "off while reducing; ajar only to keep a flavour simmering", "off", "ajar", "on"),
    BASE(
            "Fruit or tomato base",
            "sugar and salt of each are counted",
            "from raw",
            "plain purée or paste",
            "a seasoned bottled base"),
    HERBS(
            "Herbs",
            "fresh ones brown, dried ones need time",
            "fresh at the end",
            "dried at the start",
            "fresh half-way"),
    ALCOHOL("Alcohol", "the model shows what is left either way", "cooked down first, alone", "added with the rest"),
    DONE("Done is judged by", "all are accepted as readings", "look", "time", "level", "weight", "spoon or plate test");

    private final String question;
    private final String why;
    private final List<String> answers;

    School(String question, String why, String... answers) {
        this.question = question;
        this.why = why;
        this.answers = List.of(answers);
    }

    public String question() {
        return question;
    }

    /** Why the first answer is our default. */
    public String why() {
        return why;
    }

    /** The schools; the first is our default. */
    public List<String> answers() {
        return answers;
    }
}

package app.gradior.room.larder;

import app.gradior.finding.Refusal;
import app.gradior.larder.Allergen;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.plan.BalanceFinding;
import app.gradior.plan.Substitution;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.FoodNames;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.texture.Consistency;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Foods of a sauce in place of others, in words. */
@Service
public class Swaps {
    private static final double SHOWN_STEP = 0.05;
    private static final double COLD_C = 5;
    private static final double LEAST_WARM_C = 10;
    private static final double SMALL_G = 20;

    private final Lines lines;

    Swaps(Lines lines) {
        this.lines = lines;
    }

    /**
     * What else a swap changes.
     *
     * @param what of the sauce; a key of the API
     * @param from figure as the sauce is written, in the unit of what it is: g, steps, minutes, SHU; 0 for the minutes, which are more or fewer
     * @param words for the cook
     */
    public record Change(String what, double from, double to, String words) {}

    /**
     * A swap.
     *
     * @param to name of the food that is taken, as {@link #of} finds it again; empty when what is missing is made up from others
     * @param saying what to take instead
     * @param newLines the lines that stand in the sauce then
     * @param allergensNew those that nothing else in the sauce has
     */
    public record Swap(
            Substitution.Answer answer,
            String to,
            String saying,
            List<String> newLines,
            List<Change> changes,
            Set<Allergen> allergensNew,
            Set<Allergen> allergensGone) {
        /** All of it as one line. */
        public String newLine() {
            return String.join(" and ", newLines);
        }
    }

    /**
     * A sauce of which something is missing.
     *
     * @param allergens of all else in it
     */
    private record Asked(Mixture without, Set<Allergen> allergens, List<Substitution.Part> missing, String text) {
        Set<Allergen> onlyOf(Set<Allergen> some) {
            Set<Allergen> only = EnumSet.noneOf(Allergen.class);
            only.addAll(some);
            only.removeAll(allergens);
            return only;
        }
    }

    /** What of a sauce stays. */
    public record Rest(Mixture mixture, Set<Allergen> allergens) {}

    private static Asked asked(List<LineReading> readings, int line) {
        boolean there = line >= 0
                && line < readings.size()
                && readings.get(line).food().isPresent()
                && readings.get(line).massG() > 0;
        if (!there) {
            throw Refusal.unfit("line", Told.of("swaps.choose-one-of-the-lines"));
        }
        Mixture without = Mixture.EMPTY;
        Set<Allergen> allergens = EnumSet.noneOf(Allergen.class);
        for (int i = 0; i < readings.size(); i++) {
            Optional<Food> food = readings.get(i).food();
            if (i != line && food.isPresent()) {
                without = without.plus(Mixture.of(food.get(), readings.get(i).massG()));
                allergens.addAll(food.get().allergens());
            }
        }
        LineReading missing = readings.get(line);
        return new Asked(
                without,
                allergens,
                List.of(new Substitution.Part(missing.food().orElseThrow(), missing.massG())),
                missing.text());
    }

    /**
     * What takes the place of a line.
     *
     * @param line its place, from 0
     * @param to name of a food of the larder; empty for what is missing made up from others
     * @throws Refusal when there is no such line or food, or it cannot do what is needed, and why
     */
    public Swap of(Kitchen kitchen, List<LineReading> readings, int line, String to, double servedC) {
        Asked asked = asked(readings, line);
        if (to.isBlank()) {
            return Substitution.options(asked.without(), asked.missing(), lines.catalogue(kitchen), servedC).stream()
                    .filter(Swaps::isMadeUp)
                    .findFirst()
                    .map(answer -> swap(answer, asked, servedC))
                    .orElseThrow(() -> Refusal.unfit("to", nothingFits(asked)));
        }
        Food substitute = FoodNames.named(lines.catalogue(kitchen), to)
                .orElseThrow(() -> Refusal.unfit("to", Told.of("swaps.is-no-food-of-the-larder", to)));
        return swap(
                Refusal.checked(
                        "to",
                        () -> Substitution.of(asked.without(), asked.missing(), substitute, Optional.empty(), servedC)),
                asked,
                servedC);
    }

    /**
     * What a page shows of a line: the swap that was asked, else all that a cook may take.
     *
     * @param to as in {@link #of}; blank for all
     * @throws Refusal as in {@link #of}
     */
    public List<Swap> shown(Kitchen kitchen, List<LineReading> readings, int line, String to, double servedC) {
        return to.isBlank()
                ? options(kitchen, readings, line, servedC)
                : List.of(of(kitchen, readings, line, to, servedC));
    }

    /** What a cook may take in place of a line, the most alike first. */
    public List<Swap> options(Kitchen kitchen, List<LineReading> readings, int line, double servedC) {
        Asked asked = asked(readings, line);
        return Substitution.options(asked.without(), asked.missing(), lines.catalogue(kitchen), servedC).stream()
                .map(answer -> swap(answer, asked, servedC))
                .toList();
    }

    /**
     * The same for a line that stands by itself.
     *
     * @param missing what the line reads, food by food
     * @param sauce without the line's foods
     * @param substitute the food to take; absent for all that a cook may
     * @throws Refusal with the reason when nothing fits
     */
    public List<Swap> options(
            Kitchen kitchen, List<LineReading> missing, Rest sauce, @Nullable Food substitute, double servedC) {
        List<Substitution.Part> parts = missing.stream()
                .filter(reading -> reading.food().isPresent() && reading.massG() > 0)
                .map(reading -> new Substitution.Part(reading.food().orElseThrow(), reading.massG()))
                .toList();
        if (parts.isEmpty()) {
            throw Refusal.unfit("line", Told.of("swaps.the-line-says-no-amount-of-a-food"));
        }
        Mixture rest = sauce.mixture();
        Asked asked = new Asked(rest, sauce.allergens(), parts, missing.get(0).text());
        List<Substitution.Answer> answers = new ArrayList<>();
        if (substitute == null) {
            answers.addAll(Substitution.options(rest, parts, lines.catalogue(kitchen), servedC));
            if (answers.isEmpty()) {
                throw Refusal.unfit("line", nothingFits(asked));
            }
        } else {
            answers.add(
                    Refusal.checked("with", () -> Substitution.of(rest, parts, substitute, Optional.empty(), servedC)));
        }
        return answers.stream().map(answer -> swap(answer, asked, servedC)).toList();
    }

    private static BalanceFinding nothingFits(Asked asked) {
        return new BalanceFinding.NothingStandsIn(asked.missing().get(0).food());
    }

    /** Of several foods, and not only with water. */
    private static boolean isMadeUp(Substitution.Answer answer) {
        return answer.parts().stream().filter(part -> !part.food().plainWater()).count() > 1;
    }

    private static Swap swap(Substitution.Answer answer, Asked asked, double servedC) {
        List<String> newLines = answer.parts().stream().map(Swaps::line).toList();
        String saying = Words.text(
                isMadeUp(answer) ? "swaps.make-it-up" : "swaps.take-instead-of-the-same",
                String.join(", ", newLines),
                asked.text(),
                Words.say(answer.keeps()));
        String to = isMadeUp(answer) ? "" : Words.say(answer.parts().get(0).food());
        Set<Allergen> come = asked.onlyOf(answer.allergensNew());
        Set<Allergen> gone = asked.onlyOf(answer.allergensGone());
        List<Change> changes = changes(answer, servedC);
        allergens(changes, "allergensNew", come);
        allergens(changes, "allergensGone", gone);
        return new Swap(answer, to, saying, newLines, changes, come, gone);
    }

    private static String line(Substitution.Part part) {
        double g = part.massG();
        return Numbers.plain(g, g < SMALL_G ? 1 : 0).replace(",", "") + " g " + Words.say(part.food());
    }

    private static List<Change> changes(Substitution.Answer answer, double servedC) {
        List<Change> changes = new ArrayList<>();
        for (Substitution.Difference difference : answer.differences()) {
            changes.add(
                    difference.what() == Substitution.Changed.HEAT
                            ? change(difference, Words.text("swaps.heat", rounded(difference), more(difference)))
                            : grams(difference));
            if (difference.what() == Substitution.Changed.WATER) {
                longer(changes, difference.change());
            }
        }
        Mixture before = answer.before();
        Mixture after = answer.sauce();
        if (before.waterG() > 0 && after.waterG() > 0) {
            step(changes, "stepServed", answer, servedC);
            if (servedC > LEAST_WARM_C) {
                step(changes, "stepCold", answer, COLD_C);
            }
        }
        return changes;
    }

    private static void longer(List<Change> changes, double waterG) {
        double minutes = Substitution.minutes(waterG);
        if (Math.abs(minutes) >= 1) {
            changes.add(new Change(
                    "minutes",
                    0,
                    minutes,
                    Words.text("swaps.minutes", Math.round(Math.abs(minutes)), minutes > 0 ? "more" : "less")));
        }
    }

    private static Change grams(Substitution.Difference difference) {
        double grams = Math.abs(difference.change());
        return change(
                difference,
                Words.text(
                        "swaps.grams",
                        Numbers.plain(grams, grams < SMALL_G ? 1 : 0),
                        more(difference),
                        Words.text("swaps." + key(difference))));
    }

    private static Change change(Substitution.Difference difference, String words) {
        return new Change(key(difference), difference.before(), difference.after(), words);
    }

    private static String key(Substitution.Difference difference) {
        return difference.what().name().toLowerCase(Locale.ROOT);
    }

    private static long rounded(Substitution.Difference difference) {
        return Math.round(Math.abs(difference.change()));
    }

    private static String more(Substitution.Difference difference) {
        return difference.change() > 0 ? "more" : "less";
    }

    private static void step(List<Change> changes, String what, Substitution.Answer answer, double tempC) {
        DoubleFunction<Double> rounded = step -> Math.round(100 * step) / 100.0;
        double change = answer.stepChange(tempC);
        if (Math.abs(change) >= SHOWN_STEP) {
            double after = Consistency.step(answer.sauce(), 1, tempC);
            changes.add(new Change(
                    what,
                    rounded.apply(after - change),
                    rounded.apply(after),
                    Words.text(
                            what.equals("stepCold") ? "swaps.step-cold" : "swaps.step-served",
                            Numbers.fixed(Math.abs(change), 1),
                            change > 0 ? "more" : "less")));
        }
    }

    private static void allergens(List<Change> changes, String what, Set<Allergen> allergens) {
        if (!allergens.isEmpty()) {
            List<String> names = allergens.stream()
                    .map(a -> Words.say(a))
                    .sorted(Comparator.naturalOrder())
                    .toList();
            boolean gone = what.equals("allergensGone");
            changes.add(new Change(
                    what,
                    gone ? allergens.size() : 0,
                    gone ? 0 : allergens.size(),
                    Words.text(gone ? "swaps.allergens-gone" : "swaps.allergens-new", String.join(", ", names))));
        }
    }

    /** Whether a refusal says that nothing does the job, and not that the question was wrong. */
    public static Optional<String> reason(Refusal refusal) {
        return refusal.faults().stream()
                .filter(fault -> fault.why() instanceof BalanceFinding)
                .map(fault -> Words.say(fault.why()))
                .findFirst();
    }
}

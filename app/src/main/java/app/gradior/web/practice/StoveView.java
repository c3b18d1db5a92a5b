package app.gradior.web.practice;

import app.gradior.larder.Catalogue;
import app.gradior.measure.Numbers;
import app.gradior.practice.Deed;
import app.gradior.practice.Lesson;
import app.gradior.practice.PotSetting;
import app.gradior.practice.Practice;
import app.gradior.practice.Said;
import app.gradior.practice.Scenario;
import app.gradior.room.practice.PracticeRun;
import app.gradior.room.words.Words;
import app.gradior.vessel.PotShape;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The stove as a page brings it: what its script needs to draw the pots and to know what can be done.
 *
 * @param atS the moment that it was left at, s of the pots' own time
 * @param goal what is wanted
 * @param tools what can be done, beside heat, lid and taking off
 */
public record StoveView(long id, double atS, List<Pot> pots, Scenario.Goal goal, List<Deed.Kind> tools) {
    private static final Set<Deed.Kind> APART = EnumSet.of(Deed.Kind.HEAT, Deed.Kind.LID, Deed.Kind.OFF);

    /**
     * @param shape "top base height" in mm, as the script draws it
     * @param said what pot it is, in words
     * @param holds what is in it at the start, in words
     */
    public record Pot(int number, String shape, String said, String holds, boolean off) {}

    /** Seconds from one frame to the next. */
    public double frameS() {
        return Practice.FRAME_S;
    }

    /** A pot that was judged no longer ago, s, is not asked about again as it comes off. */
    public double latelyS() {
        return Said.LATELY_S;
    }

    static StoveView of(PracticeRun run, Optional<Lesson> lesson) {
        List<PotSetting> settings = run.practice().scenario().pots();
        List<Pot> pots = IntStream.range(0, settings.size())
                .mapToObj(i -> pot(i, settings.get(i), run.practice().isOff(i)))
                .toList();
        Set<Deed.Kind> tools = lesson.map(Lesson::tools).orElseGet(() -> EnumSet.allOf(Deed.Kind.class));
        return new StoveView(
                run.id(),
                run.practice().freeAtS(),
                pots,
                run.practice().scenario().goal(),
                Arrays.stream(Deed.Kind.values())
                        .filter(kind -> tools.contains(kind) && !APART.contains(kind))
                        .toList());
    }

    private static Pot pot(int number, PotSetting setting, boolean off) {
        PotShape shape = setting.shape();
        double base = 2 * shape.radiusMm(0);
        double top = 2 * shape.radiusMm(shape.heightMm());
        double grams = setting.foods().values().stream().mapToDouble(g -> g).sum();
        return new Pot(
                number,
                String.format(Locale.ROOT, "%.0f %.0f %.0f", top, base, shape.heightMm()),
                Numbers.plain(top / 10, 0) + " cm, " + Numbers.plain(grams, 0) + " g",
                holds(setting),
                off);
    }

    private static String holds(PotSetting setting) {
        return setting.foods().entrySet().stream()
                .sorted(Map.Entry.<String, Double>comparingByValue().reversed())
                .map(food -> Numbers.plain(food.getValue(), 0) + " g "
                        + Catalogue.standard()
                                .food(food.getKey())
                                .map(Words::say)
                                .orElse(food.getKey()))
                .collect(Collectors.joining(", "));
    }
}

package app.gradior.method;

import app.gradior.method.ReadRecipe.EndWord;
import app.gradior.method.ReadRecipe.StageWord;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Which kind of stage it is, by what goes in, what is done to it, and what is in the pot already. */
final class StageSort {
    private static final Pattern BOILS =
            Pattern.compile("\\b(?:simmer|boil|bubble|bubbling|simmering|boiling(?! (?:water|stock|hot))|reduce)\\b");
    private static final Pattern PASTE = Pattern.compile("\\b(?:paste|puree)\\b");
    private static final Pattern MOUNTS = Pattern.compile("\\b(?:whisk|swirl|beat|mount)\\w*\\b");
    private static final Set<String> AROMATICS = Set.of(
            "garlic",
            "garlic-paste",
            "ginger",
            "chilli-red",
            "chilli-green",
            "chilli-bird",
            "galangal",
            "lemongrass",
            "turmeric-fresh");
    private static final double PART_WAY_MIN = 3;
    private static final double LONGEST_DEGLAZE_MIN = 12;
    private static final double SYRUP = 5;

    private final LineBook book;
    private boolean wet;
    private boolean fried;
    private Optional<StageWord> last = Optional.empty();

    StageSort(LineBook book) {
        this.book = book;
    }

    /** Takes note of a stage that is over. */
    void after(OpenStage draft, StageWord kind) {
        wet |= isWet(draft, classes(draft.lines))
                || kind == StageWord.SIMMER
                || kind == StageWord.REDUCE
                || kind == StageWord.DEGLAZE;
        fried |=
                kind == StageWord.SWEAT || kind == StageWord.TOAST || kind == StageWord.FRY || kind == StageWord.RENDER;
        last = Optional.of(kind);
    }

    private Set<FoodClass> classes(List<Integer> lines) {
        Set<FoodClass> classes = EnumSet.noneOf(FoodClass.class);
        for (int line : lines) {
            book.entries().get(line).food().map(FoodClass::of).ifPresent(classes::add);
        }
        return classes;
    }

    /** Whether there is fat or cream among them. */
    boolean richness(List<Integer> lines) {
        Set<FoodClass> classes = classes(lines);
        return classes.contains(FoodClass.RICH) || classes.contains(FoodClass.FAT);
    }

    /** Whether all of them are what is stirred in at the end. */
    boolean isFinish(List<Integer> lines) {
        return !lines.isEmpty()
                && EnumSet.of(
                                FoodClass.RICH,
                                FoodClass.FAT,
                                FoodClass.SALT,
                                FoodClass.SHARP,
                                FoodClass.SPICE,
                                FoodClass.HERB,
                                FoodClass.SWEET,
                                FoodClass.OTHER)
                        .containsAll(classes(lines));
    }

    private boolean isWet(OpenStage draft, Set<FoodClass> classes) {
        return classes.contains(FoodClass.STOCK)
                || classes.contains(FoodClass.ALCOHOL)
                || draft.lines.stream()
                        .map(line -> book.entries().get(line))
                        .anyMatch(entry -> entry.food()
                                        .filter(f -> f.per100g().water() > 60 && f.pourable())
                                        .isPresent()
                                && entry.reading.massG() > 25);
    }

    /** What kind of stage it is. */
    StageWord kind(OpenStage draft) {
        if (draft.fixed != null) {
            return draft.fixed;
        }
        Set<FoodClass> classes = classes(draft.lines);
        boolean mounts = wet
                && !classes.isEmpty()
                && EnumSet.of(FoodClass.RICH, FoodClass.FAT).containsAll(classes)
                && MOUNTS.matcher(draft.norm).find()
                && !BOILS.matcher(draft.norm).find();
        if (mounts) {
            return StageWord.ENRICH;
        }
        if (classes.contains(FoodClass.STARCH) || draft.slakes) {
            return StageWord.SLURRY;
        }
        if (!draft.cooked) {
            boolean finishing = wet || fried && draft.offHeat;
            if (draft.boils && !finishing) {
                return StageWord.SIMMER;
            }
            if (classes.contains(FoodClass.RICH) || classes.contains(FoodClass.FAT)) {
                return StageWord.ENRICH;
            }
            if (draft.boils) {
                return StageWord.ADD;
            }
            boolean only = EnumSet.of(FoodClass.STOCK).containsAll(classes) && !classes.isEmpty();
            return only ? StageWord.ADD : StageWord.SEASON;
        }
        boolean wetNow = wet
                || isWet(draft, classes)
                || BOILS.matcher(draft.norm).find() && !classes.isEmpty()
                || draft.reduces && classes.isEmpty();
        boolean rendersCream = draft.fries
                && !wet
                && !classes.isEmpty()
                && EnumSet.of(FoodClass.RICH, FoodClass.FAT).containsAll(classes);
        if (rendersCream) {
            return dry(draft, bulk(draft.lines));
        }
        return wetNow ? wet(draft, classes) : dry(draft, bulk(draft.lines));
    }

    /** Whether it is garlic or the like that joins what is sweating for less than three minutes: no stage of its own. */
    boolean joinsPartWay(OpenStage draft, StageWord kind) {
        boolean aromatic = !draft.lines.isEmpty()
                && draft.lines.stream()
                        .allMatch(line -> book.entries()
                                .get(line)
                                .food()
                                .filter(f -> AROMATICS.contains(f.id()) || FoodClass.of(f) == FoodClass.HERB)
                                .isPresent());
        return (kind == StageWord.SWEAT || kind == StageWord.TOAST)
                && aromatic
                && last.filter(before -> before == StageWord.SWEAT).isPresent()
                && draft.minutes.filter(m -> m.high() < PART_WAY_MIN).isPresent();
    }

    /** The classes of what makes a stage up: a clove of garlic beside other things is not its main thing. */
    private Set<FoodClass> bulk(List<Integer> lines) {
        List<Integer> main = lines.stream()
                .filter(line -> book.entries()
                        .get(line)
                        .food()
                        .filter(f -> AROMATICS.contains(f.id()))
                        .isEmpty())
                .toList();
        Set<FoodClass> classes = classes(main);
        classes.remove(FoodClass.FAT);
        classes.remove(FoodClass.SALT);
        return classes.isEmpty() ? classes(lines) : classes;
    }

    private static StageWord dry(OpenStage draft, Set<FoodClass> classes) {
        if (classes.contains(FoodClass.CURED) && draft.norm.matches(".*\\b(?:fat|crisp|render)\\b.*")) {
            return StageWord.RENDER;
        }
        if (classes.contains(FoodClass.PASTE)
                || draft.fries && PASTE.matcher(draft.norm).find()) {
            return StageWord.FRY;
        }
        boolean vegetables = classes.contains(FoodClass.PRODUCE);
        boolean toasted = classes.contains(FoodClass.SPICE)
                || classes.contains(FoodClass.NUT)
                || classes.contains(FoodClass.FLOUR)
                || classes.contains(FoodClass.MEAT)
                || classes.contains(FoodClass.HERB);
        if (vegetables) {
            return StageWord.SWEAT;
        }
        return toasted || classes.contains(FoodClass.SWEET) || draft.norm.contains("brown")
                ? StageWord.TOAST
                : StageWord.SWEAT;
    }

    private StageWord wet(OpenStage draft, Set<FoodClass> classes) {
        if (draft.fries && last.filter(before -> before != StageWord.SIMMER).isPresent()
                || classes.contains(FoodClass.PASTE) && !isWet(draft, classes)) {
            return StageWord.FRY;
        }
        boolean strong = classes.contains(FoodClass.ALCOHOL) || classes.contains(FoodClass.SHARP);
        boolean alone = EnumSet.of(
                        FoodClass.ALCOHOL,
                        FoodClass.SHARP,
                        FoodClass.SPICE,
                        FoodClass.HERB,
                        FoodClass.SWEET,
                        FoodClass.SALT)
                .containsAll(classes);
        boolean brief =
                draft.minutes.filter(m -> m.high() > LONGEST_DEGLAZE_MIN).isEmpty()
                        && draft.end
                                .filter(end ->
                                        end.by() == EndWord.STEP && end.value().orElse(0) > SYRUP)
                                .isEmpty();
        if (!wet && fried && strong && alone && brief) {
            return StageWord.DEGLAZE;
        }
        boolean amount = draft.end
                .filter(end -> OpenStage.rank(end) >= 4
                        || end.by() == EndWord.BOIL && end.value().isPresent())
                .isPresent();
        return amount || draft.reduces ? StageWord.REDUCE : StageWord.SIMMER;
    }
}

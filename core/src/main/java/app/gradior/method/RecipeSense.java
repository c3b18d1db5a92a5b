package app.gradior.method;

import app.gradior.heat.LidState;
import app.gradior.larder.Food;
import app.gradior.method.ReadRecipe.EndWord;
import app.gradior.method.ReadRecipe.ReadLine;
import app.gradior.method.ReadRecipe.ReadStage;
import app.gradior.method.ReadRecipe.StageWord;
import app.gradior.sauce.School;
import app.gradior.sauce.SchoolAnswer;
import app.gradior.sauce.Use;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** What a recipe that was read says of itself beside its lines and stages: what it is for, how thick and how warm, which school its cook is of, its tags. */
public final class RecipeSense {
    private static final double HOT_C = 65;
    private static final double COLD_C = 5;
    private static final double ROOM_C = 20;
    private static final int MOST_TAGS = 8;
    private static final double MAIN_SHARE = 0.3;
    private static final Set<String> PUREES =
            Set.of("passata", "tomato-canned", "tomato-crushed", "tomato-puree", "tomato-paste");
    private static final Set<String> BOTTLED =
            Set.of("ketchup", "tomato-pasta-sauce", "salsa", "barbecue-sauce", "brown-sauce");
    private static final Pattern TAGGED =
            Pattern.compile("(?im)^\\W*(?:tags?|keywords?|cuisine|category|course)\\s*[:–-]\\s*(.{2,200})$");
    /** Words of its name by which a sauce is for something; the first that is found counts. */
    private static final List<Sign> NAMED = List.of(
            new Sign(Use.DRESSING, "dressing|vinaigrette"),
            new Sign(
                    Use.POUR_OVER,
                    "gravy|jus|veloute|bechamel|cheese sauce|bread sauce|cream sauce|pepper sauce|beurre blanc"),
            new Sign(Use.PASTA, "pasta|ragu|bolognese|marinara|red sauce"),
            new Sign(Use.DIP, "dip|salsa"),
            new Sign(Use.GLAZE, "glaze|barbecue|bbq|sticky|teriyaki"),
            new Sign(Use.SPREAD, "spread|jam|butter"),
            new Sign(Use.KEEP, "ketchup|relish|chutney|bottled"));
    /** The same of what is told of the meal. */
    private static final List<Sign> TOLD = List.of(
            new Sign(
                    Use.POUR_OVER,
                    "spoon (?:it |some )?over|pour (?:it |some )?over|in a (?:warm )?jug|roast potato|carve|carved|steak|duck breast"),
            new Sign(Use.PASTA, "pasta|spaghetti|tagliatelle|penne|rigatoni"),
            new Sign(Use.DIP, "for dipping|dip (?:the|them)|dunk"),
            new Sign(Use.GLAZE, "brush(?:ed)? (?:it |them )?(?:on|over|it)|glaze|baste|rib"),
            new Sign(Use.TOSS, "toss (?:the|them|with|wing)|coat the (?:wing|noodle|rib)|wing"));

    private static final Pattern COLD_WORDS =
            Pattern.compile("\\b(?:cold|cool|fridge|refrigerator|stand|bottle|jar|chill|set)");

    private final ReadRecipe read;
    private final String norm;
    private final String text;

    private RecipeSense(ReadRecipe read, String text) {
        this.read = read;
        this.text = text;
        this.norm = Norm.of(text);
    }

    /**
     * How thick it is to be, and where: on the stove, or once it is cold.
     *
     * @param step of the stair
     * @param servedC °C at which it has it
     */
    public record Target(double step, double servedC) {}

    /**
     * What it says.
     *
     * @param use what it is for; empty when it does not say
     * @param target how thick; empty when it does not say
     * @param schools how its cook does it, where the text tells
     * @param tags as the text has them
     */
    public record Said(
            Optional<Use> use, Optional<Target> target, Map<School, SchoolAnswer> schools, List<String> tags) {}

    /** What a text says of itself that was read. */
    public static Said of(ReadRecipe read, String text) {
        RecipeSense sense = new RecipeSense(read, text);
        Optional<Use> use = sense.use();
        return new Said(use, sense.target(use), sense.schools(), sense.tags());
    }

    /** Words that tell what a sauce is for. */
    private record Sign(Use use, Pattern words) {
        Sign(Use use, String words) {
            this(use, Pattern.compile("\\b(?:" + words + ")\\b"));
        }

        static Optional<Use> in(List<Sign> signs, String text) {
            return signs.stream()
                    .filter(sign -> sign.words().matcher(text).find())
                    .map(Sign::use)
                    .findFirst();
        }
    }

    private boolean has(StageWord kind) {
        return read.stages().stream().anyMatch(stage -> stage.kind() == kind);
    }

    /** By its name, by jars, by the meal that the text tells of. */
    private Optional<Use> use() {
        Optional<Use> named = Sign.in(NAMED, Norm.of(read.name()));
        if (named.isPresent()) {
            return named;
        }
        if (has(StageWord.PACK)) {
            return Optional.of(Use.KEEP);
        }
        String meal = read.left().stream()
                .filter(left -> left.why() == ReadRecipe.Why.THE_MEAL || left.why() == ReadRecipe.Why.NOTHING_TO_DO)
                .map(left -> Norm.of(left.text()))
                .collect(Collectors.joining(" "));
        return Sign.in(TOLD, meal);
    }

    /** What it sets to in the cold, else the last thickness that is looked for on the heat, else the usual of its use. */
    private Optional<Target> target(Optional<Use> use) {
        Optional<Double> cold = read.left().stream()
                .map(left -> Norm.of(left.text()))
                .filter(words ->
                        Act.SETS.isIn(words) && COLD_WORDS.matcher(words).find())
                .flatMap(words -> Ends.step(words).stream())
                .flatMap(end -> end.value().stream().boxed())
                .findFirst();
        if (cold.isPresent()) {
            boolean fridge = norm.contains("fridge") || norm.contains("refrigerat") || norm.contains("chill");
            return Optional.of(new Target(cold.get(), fridge ? COLD_C : ROOM_C));
        }
        Optional<Target> hot = read.stages().stream()
                .filter(stage -> stage.end().by() == EndWord.STEP)
                .flatMap(stage -> stage.end().value().stream().boxed())
                .reduce((first, second) -> second)
                .map(step -> new Target(step, HOT_C));
        return hot.or(() -> use.map(u -> new Target(u.step(), u.servedC())));
    }

    private Map<School, SchoolAnswer> schools() {
        Map<School, SchoolAnswer> schools = new EnumMap<>(School.class);
        thickening().ifPresent(answer -> schools.put(School.THICKENING, answer));
        stage(StageWord.SLURRY)
                .map(stage -> OpenStage.OFF_HEAT.matcher(within(stage)).find()
                        ? SchoolAnswer.OFF_THE_HEAT_THEN_BACK
                        : SchoolAnswer.AT_A_BUBBLE)
                .ifPresent(answer -> schools.put(School.SLURRY, answer));
        where(food -> FoodClass.of(food) == FoodClass.SPICE && !FoodClass.isToTaste(food))
                .map(kind -> isDry(kind) ? SchoolAnswer.TOASTED_IN_FAT_FIRST : SchoolAnswer.ALL_IN_TOGETHER)
                .ifPresent(answer -> schools.put(School.SPICES, answer));
        longest()
                .flatMap(ReadStage::lid)
                .flatMap(RecipeSense::lid)
                .ifPresent(answer -> schools.put(School.LID, answer));
        base().ifPresent(answer -> schools.put(School.BASE, answer));
        herbs().ifPresent(answer -> schools.put(School.HERBS, answer));
        where(food -> FoodClass.of(food) == FoodClass.ALCOHOL)
                .map(kind -> kind == StageWord.DEGLAZE
                        ? SchoolAnswer.COOKED_DOWN_FIRST_ALONE
                        : SchoolAnswer.ADDED_WITH_THE_REST)
                .ifPresent(answer -> schools.put(School.ALCOHOL, answer));
        done().ifPresent(answer -> schools.put(School.DONE, answer));
        return schools;
    }

    private Optional<SchoolAnswer> thickening() {
        boolean starch = has(StageWord.SLURRY)
                || read.lines().stream()
                        .anyMatch(line -> FoodClass.is(line.reading().food(), FoodClass.FLOUR));
        boolean reduced = has(StageWord.REDUCE);
        if (starch) {
            return Optional.of(reduced ? SchoolAnswer.REDUCE_THEN_STARCH : SchoolAnswer.STARCH_ONLY);
        }
        return reduced ? Optional.of(SchoolAnswer.REDUCE_ONLY) : Optional.empty();
    }

    private static Optional<SchoolAnswer> lid(LidState lid) {
        return switch (lid) {
            case OPEN -> Optional.of(SchoolAnswer.OFF);
            case AJAR -> Optional.of(SchoolAnswer.AJAR);
            case CLOSED, FOIL -> Optional.of(SchoolAnswer.ON);
            default -> Optional.empty();
        };
    }

    /** What it is made of most, when that is fruit or vegetables. */
    private Optional<SchoolAnswer> base() {
        double all = read.lines().stream()
                .mapToDouble(line -> line.reading().massG())
                .sum();
        return read.lines().stream()
                .filter(line -> line.reading().massG() > MAIN_SHARE * all)
                .flatMap(line -> line.reading().food().stream())
                .findFirst()
                .flatMap(food -> BOTTLED.contains(food.id())
                        ? Optional.of(SchoolAnswer.A_SEASONED_BOTTLED_BASE)
                        : PUREES.contains(food.id())
                                ? Optional.of(SchoolAnswer.PLAIN_PUREE_OR_PASTE)
                                : FoodClass.of(food) == FoodClass.PRODUCE
                                        ? Optional.of(SchoolAnswer.FROM_RAW)
                                        : Optional.empty());
    }

    private Optional<SchoolAnswer> herbs() {
        for (ReadLine line : read.lines()) {
            Optional<Food> herb =
                    line.reading().food().filter(f -> Homes.isFreshHerb(f) || f.id().equals("herb-dried"));
            if (herb.isPresent() && line.stage() > 0) {
                boolean fresh = Homes.isFreshHerb(herb.get());
                boolean atTheEnd = line.stage() > read.stages().size() - 2;
                return Optional.of(
                        fresh
                                ? atTheEnd ? SchoolAnswer.FRESH_AT_THE_END : SchoolAnswer.FRESH_HALF_WAY
                                : SchoolAnswer.DRIED_AT_THE_START);
            }
        }
        return Optional.empty();
    }

    /** By what the last cooking that has an end is known to be done. */
    private Optional<SchoolAnswer> done() {
        return read.stages().stream()
                .filter(stage -> stage.kind() == StageWord.REDUCE
                        || stage.kind() == StageWord.SIMMER
                        || stage.kind() == StageWord.SLURRY)
                .reduce((first, second) -> second)
                .map(stage -> switch (stage.end().by()) {
                    case STEP -> SchoolAnswer.SPOON_OR_PLATE_TEST;
                    case LEVEL -> SchoolAnswer.LEVEL;
                    case WEIGHT -> SchoolAnswer.WEIGHT;
                    case MINUTES -> SchoolAnswer.TIME;
                    default -> SchoolAnswer.LOOK;
                });
    }

    private List<String> tags() {
        Matcher m = TAGGED.matcher(text);
        return m.results()
                .flatMap(found -> List.of(found.group(1).split("[,;#]+")).stream())
                .map(tag -> tag.replaceAll("[^\\p{L}\\p{N} '-]", "").strip().toLowerCase(Locale.ROOT))
                .filter(tag -> !tag.isEmpty() && tag.length() <= 40)
                .distinct()
                .limit(MOST_TAGS)
                .toList();
    }

    private Optional<ReadStage> stage(StageWord kind) {
        return read.stages().stream().filter(stage -> stage.kind() == kind).findFirst();
    }

    private Optional<ReadStage> longest() {
        return read.stages().stream()
                .filter(stage -> stage.kind() == StageWord.REDUCE || stage.kind() == StageWord.SIMMER)
                .reduce((a, b) -> minutes(b) > minutes(a) ? b : a);
    }

    private static double minutes(ReadStage stage) {
        return stage.minutes().map(ReadRecipe.Range::high).orElse(0.0);
    }

    /** The kind of stage that the first such food goes in at. */
    private Optional<StageWord> where(Predicate<Food> which) {
        return read.lines().stream()
                .filter(line ->
                        line.stage() > 0 && line.reading().food().filter(which).isPresent())
                .findFirst()
                .map(line -> read.stages().get(line.stage() - 1).kind());
    }

    private static boolean isDry(StageWord kind) {
        return kind == StageWord.TOAST || kind == StageWord.SWEAT || kind == StageWord.FRY || kind == StageWord.RENDER;
    }

    private String within(ReadStage stage) {
        return Norm.of(text.substring(stage.at().from(), stage.at().to()));
    }
}

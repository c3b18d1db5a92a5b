package app.gradior.plan;

import app.gradior.finding.Unfit;
import app.gradior.heat.Atmosphere;
import app.gradior.heat.EvaporationRate;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.Allergen;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.mixture.Mixture;
import app.gradior.texture.Consistency;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/**
 * Foods of a sauce in place of others: who can do the job ({@link StandIns}), how much keeps what mattered, what water must make up for a strong
 * one, and what else changes. What does another job is refused.
 */
public final class Substitution {
    private static final double FIRST_SPAN_G = 1;
    private static final double MOST_G = 20_000;
    /** Less water than so much of what is missing is not made up. */
    private static final double MADE_UP_SHARE = 0.4;

    private static final double LEAST_MADE_UP_G = 8;
    private static final double SAME_VOLUME = 0.25;
    private static final double DRY_PERCENT = 20;
    private static final double MOST_TIMES_DRY_ACID = 24;
    private static final double THICKENED_G = 1000;
    private static final double PAN_MM = 240;
    private static final double BOIL_C = 100;
    private static final int MOST_OPTIONS = 8;

    /** So much of a food. */
    public record Part(Food food, double massG) {
        Mixture mixture() {
            return Mixture.of(food, massG);
        }
    }

    /** What of a sauce another food changes. */
    public enum Changed {
        WATER(1, 0.2, Mixture::waterG),
        SUGAR(0.5, 1, Mixture::sugarsG),
        SALT(0.1, 6, Mixture::saltG),
        ACID(0.1, 8, Substitution::acidG),
        FAT(0.5, 1, Substitution::fatG),
        ALCOHOL(0.1, 2, Mixture::ethanolG),
        /** Of the whole sauce, in Scoville heat units; the others in g. */
        HEAT(50, 0, Mixture::pungencyShu);

        private final double noticed;
        private final double tasted;
        private final ToDoubleFunction<Mixture> of;

        Changed(double noticed, double tasted, ToDoubleFunction<Mixture> of) {
            this.noticed = noticed;
            this.tasted = tasted;
            this.of = of;
        }

        private double in(Mixture mixture) {
            return of.applyAsDouble(mixture);
        }
    }

    /** So much of it as written, and as swapped. */
    public record Difference(Changed what, double before, double after) {
        public double change() {
            return after - before;
        }
    }

    /**
     * The answer; changes are new minus old, for the whole sauce before any change of cooking.
     *
     * @param parts what is taken instead, the food itself first
     * @param before the sauce as written, cooked
     * @param sauce with them in place, cooked
     */
    public record Answer(Keeps keeps, List<Part> parts, List<Part> missing, Mixture before, Mixture sauce) {
        public Answer {
            parts = List.copyOf(parts);
            missing = List.copyOf(missing);
        }

        /** Grams of the first food. */
        public double massG() {
            return parts.get(0).massG();
        }

        /** What a cook would notice of it, in the order of {@link Changed}. */
        public List<Difference> differences() {
            return Arrays.stream(Changed.values())
                    .map(what -> new Difference(what, what.in(before), what.in(sauce)))
                    .filter(d -> Math.abs(d.change()) >= d.what().noticed)
                    .toList();
        }

        /** How much more of it there is; less than 0 for less. */
        public double change(Changed what) {
            return what.in(sauce) - what.in(before);
        }

        /** How much thicker it is at that temperature. */
        public double stepChange(double tempC) {
            return step(sauce, tempC) - step(before, tempC);
        }

        /** Allergens that the sauce did not have by what is missing. */
        public Set<Allergen> allergensNew() {
            return beyond(parts, missing);
        }

        public Set<Allergen> allergensGone() {
            return beyond(missing, parts);
        }

        private static Set<Allergen> beyond(List<Part> of, List<Part> without) {
            Set<Allergen> all = EnumSet.noneOf(Allergen.class);
            of.forEach(part -> all.addAll(part.food().allergens()));
            without.forEach(part -> all.removeAll(part.food().allergens()));
            return all;
        }

        /**
         * How unlike the sauce as written it is: weighed by what a cook would taste, g in 100 g of what was missing, and by how far apart
         * the two stand in the list of those who do that job, where the like stand together.
         */
        double unlike() {
            double of = missing.stream().mapToDouble(Part::massG).sum() / 100;
            double tasted = Arrays.stream(Changed.values())
                    .mapToDouble(what -> what.tasted * Math.abs(change(what)))
                    .sum();
            long foods =
                    parts.stream().filter(part -> !part.food().plainWater()).count();
            int apart = missing.size() > 1
                    ? 0
                    : StandIns.apart(missing.get(0).food(), parts.get(0).food());
            return tasted / of + 5 * allergensNew().size() + 4 * (foods - 1) + apart;
        }
    }

    private Substitution() {}

    /**
     * Puts a food in place of others.
     *
     * @param without the sauce without what is missing
     * @param missing what a line would have been, food by food
     * @param keeps what must be kept; empty for what it is there for
     * @throws Unfit when the substitute cannot do it, and why
     */
    public static Answer of(
            Mixture without, List<Part> missing, Food substitute, Optional<Keeps> keeps, double servedC) {
        if (missing.size() > 1) {
            return oneForMany(without, missing, substitute);
        }
        Part gone = missing.get(0);
        Optional<StandIns.Job> job = keeps.isPresent() ? Optional.empty() : StandIns.ofBoth(gone.food(), substitute);
        Keeps kept = keeps.or(() -> job.map(StandIns.Job::keeps)).orElseGet(() -> main(gone.food()));
        if (keeps.isEmpty() && job.isEmpty() && AnotherSauce.isMadeBy(gone.food(), substitute, kept)) {
            throw new Unfit("food", new BalanceFinding.NotInItsPlace(substitute, gone.food(), kept));
        }
        double grams = grams(without, gone, substitute, kept, job, servedC);
        if (keeps.isEmpty() && grams > mostTimes(gone.food(), kept) * gone.massG()) {
            throw new Unfit("food", new BalanceFinding.TooMuchOfIt(substitute, gone.food(), kept, grams));
        }
        List<Part> parts = new ArrayList<>(List.of(new Part(substitute, grams)));
        double lacking = gone.mixture().waterG() - parts.get(0).mixture().waterG();
        if (keeps.isEmpty() && isMadeUp(gone, kept, lacking)) {
            parts.add(new Part(Catalogue.standard().water(), lacking));
        }
        return answer(said(kept, gone, parts), without, missing, parts);
    }

    /** How many times its grams a cook would take in its place: of a juice for a dry acid, many. */
    private static double mostTimes(Food gone, Keeps keeps) {
        boolean dryAcid = keeps == Keeps.SHARPNESS && gone.per100g().water() < DRY_PERCENT;
        return dryAcid ? MOST_TIMES_DRY_ACID : keeps.mostTimes();
    }

    /** What a food by itself is weighed in: a thickener needs something to thicken, and a litre of water stands for the sauce. */
    public static Mixture alone(Food missing, Optional<Keeps> keeps) {
        return keeps.orElseGet(() -> Keeps.of(missing)) == Keeps.THICKNESS
                ? Mixture.of(Catalogue.standard().water(), THICKENED_G)
                : Mixture.EMPTY;
    }

    /** Whether water makes up for what the other food lacks of it: of a liquid, and where its volume counts. */
    private static boolean isMadeUp(Part gone, Keeps keeps, double lackingG) {
        boolean liquid = gone.food().pourable() || keeps == Keeps.VOLUME || keeps == Keeps.FAT;
        return keeps != Keeps.THICKNESS
                && lackingG > MADE_UP_SHARE * gone.massG()
                && liquid
                && lackingG > LEAST_MADE_UP_G;
    }

    /** More of a thin one, for a strong one, keeps its flavour and not its volume. */
    private static Keeps said(Keeps keeps, Part gone, List<Part> parts) {
        double ml =
                parts.stream().mapToDouble(part -> part.mixture().volumeMl20c()).sum();
        boolean same = Math.abs(ml / gone.mixture().volumeMl20c() - 1) < SAME_VOLUME;
        return keeps == Keeps.VOLUME && !same ? Keeps.AROMA : keeps;
    }

    /** What a food is mainly there for: the job it is first in, else what its composition says. */
    private static Keeps main(Food food) {
        return StandIns.of(food).stream().map(StandIns.Job::keeps).findFirst().orElseGet(() -> Keeps.of(food));
    }

    /** So many minutes more, or fewer, at a lively boil in an open pan 24 cm wide: what a change of water costs there. */
    public static double minutes(double waterG) {
        double radiusM = PAN_MM / 2000.0;
        double areaM2 = Math.PI * radiusM * radiusM;
        double kgPerS = EvaporationRate.kgPerS(
                new EvaporationRate.Pot(areaM2, 0, areaM2, 1, Double.POSITIVE_INFINITY, Atmosphere.pressurePa(0)),
                new EvaporationRate.Sauce(BOIL_C, 1, 0),
                Look.LIVELY,
                LidState.OPEN,
                1);
        return waterG / 1000 / kgPerS / 60;
    }

    /** One food for several: one of them, or what they together make. */
    private static Answer oneForMany(Mixture without, List<Part> missing, Food substitute) {
        Set<String> gone = new HashSet<>();
        missing.forEach(part -> gone.add(part.food().id()));
        double together = missing.stream().mapToDouble(Part::massG).sum();
        double shares = 0;
        Set<String> others = new HashSet<>(gone);
        others.remove(substitute.id());
        for (StandIns.Share share : StandIns.madeFrom(substitute)) {
            shares += gone.contains(share.food()) ? share.gramsPerGram() : 0;
            others.remove(share.food());
        }
        if (!others.isEmpty()) {
            throw new Unfit(
                    "food",
                    new BalanceFinding.NotInItsPlace(
                            substitute,
                            missing.get(0).food(),
                            main(missing.get(0).food())));
        }
        double grams = gone.contains(substitute.id()) ? together : together / shares;
        return answer(Keeps.AROMA, without, missing, List.of(new Part(substitute, grams)));
    }

    /**
     * What a cook may take instead, the most alike first; empty when nothing is known that does the job.
     *
     * @param missing what a line would have been, food by food
     */
    public static List<Answer> options(Mixture without, List<Part> missing, Catalogue larder, double servedC) {
        List<Answer> options = new ArrayList<>();
        if (missing.size() > 1) {
            List<String> ids = new ArrayList<>(StandIns.thatCanBeMade());
            missing.forEach(part -> ids.add(part.food().id()));
            ids.stream().distinct().flatMap(id -> larder.food(id).stream()).forEach(food -> {
                tried(without, missing, food, servedC).ifPresent(options::add);
            });
        } else {
            Food gone = missing.get(0).food();
            StandIns.of(gone).stream()
                    .flatMap(job -> job.strengths().keySet().stream())
                    .distinct()
                    .filter(id -> !id.equals(gone.id()))
                    .flatMap(id -> larder.food(id).stream())
                    .forEach(food -> tried(without, missing, food, servedC).ifPresent(options::add));
            made(without, missing, larder).ifPresent(options::add);
        }
        return options.stream()
                .sorted(Comparator.comparingDouble(Answer::unlike))
                .limit(MOST_OPTIONS)
                .toList();
    }

    private static Optional<Answer> tried(Mixture without, List<Part> missing, Food substitute, double servedC) {
        try {
            return Optional.of(of(without, missing, substitute, Optional.empty(), servedC));
        } catch (Unfit unfit) {
            return Optional.empty();
        }
    }

    /** What is missing, made up from other foods. */
    private static Optional<Answer> made(Mixture without, List<Part> missing, Catalogue larder) {
        Part gone = missing.get(0);
        List<Part> parts = new ArrayList<>();
        for (StandIns.Share share : StandIns.madeFrom(gone.food())) {
            larder.food(share.food()).ifPresent(food -> parts.add(new Part(food, share.gramsPerGram() * gone.massG())));
        }
        return parts.isEmpty() ? Optional.empty() : Optional.of(answer(main(gone.food()), without, missing, parts));
    }

    private static Answer answer(Keeps keeps, Mixture without, List<Part> missing, List<Part> parts) {
        return new Answer(keeps, parts, missing, with(without, missing), with(without, parts));
    }

    private static Mixture with(Mixture without, List<Part> parts) {
        Mixture all = without;
        for (Part part : parts) {
            all = all.plus(part.mixture());
        }
        return all.cooked();
    }

    private static double grams(
            Mixture without, Part gone, Food substitute, Keeps keeps, Optional<StandIns.Job> job, double servedC) {
        Mixture old = gone.mixture();
        Mixture gram = Mixture.of(substitute, 1);
        OptionalDouble strong = job.map(j -> j.strength(gone.food())).orElse(OptionalDouble.empty());
        OptionalDouble other = job.map(j -> j.strength(substitute)).orElse(OptionalDouble.empty());
        boolean thin = keeps == Keeps.VOLUME && strong.equals(other);
        if (strong.isPresent() && other.isPresent() && !thin) {
            return gone.massG() * strong.getAsDouble() / other.getAsDouble();
        }
        return switch (keeps) {
            case SWEETNESS -> ratio(old.sugarsG(), gram.sugarsG(), substitute, keeps);
            case SHARPNESS -> ratio(acidG(old), acidG(gram), substitute, keeps);
            case SALT -> ratio(old.saltG(), gram.saltG(), substitute, keeps);
            case FAT -> ratio(fatG(old), fatG(gram), substitute, keeps);
            case HEAT ->
                ratio(gone.food().scovilleUnits() * gone.massG(), substitute.scovilleUnits(), substitute, keeps);
            case VOLUME -> ratio(old.volumeMl20c(), gram.volumeMl20c(), substitute, keeps);
            case AROMA, WEIGHT -> gone.massG();
            case THICKNESS -> {
                double wanted = step(without.plus(old).cooked(), servedC);
                OptionalDouble found = Roots.upward(
                        FIRST_SPAN_G,
                        MOST_G,
                        g -> step(without.plus(gram.times(g)).cooked(), servedC) - wanted);
                yield found.orElseThrow(() -> nothing(substitute, keeps));
            }
        };
    }

    private static double ratio(double oldAmount, double perGram, Food substitute, Keeps keeps) {
        if (!(perGram > 0) || oldAmount / perGram > MOST_G) {
            throw nothing(substitute, keeps);
        }
        return oldAmount / perGram;
    }

    private static IllegalArgumentException nothing(Food substitute, Keeps keeps) {
        return new Unfit("food", new BalanceFinding.BringsNone(substitute, keeps, MOST_G / 1000));
    }

    private static double step(Mixture m, double tempC) {
        return m.massG() > 0 && m.waterG() > 0 ? Consistency.step(m, 1, tempC) : 1;
    }

    private static double acidG(Mixture m) {
        return m.aceticG() + m.otherAcidsG();
    }

    private static double fatG(Mixture m) {
        return m.emulsifiedFatG() + m.freeFatG();
    }

    /** The jobs that foods do in a sauce, by their names in the table. */
    public static List<String> jobs() {
        return StandIns.names();
    }

    /** Whether a food does that job. */
    public static boolean does(Food food, String job) {
        return StandIns.of(food).stream().anyMatch(one -> one.name().equals(job));
    }
}

package app.gradior.measure;

import app.gradior.larder.Food;
import app.gradior.larder.FoodMeasure;
import app.gradior.measure.LineReading.Sureness;
import app.gradior.measure.Words.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Turns an amount of a food into grams, with how far they may be off. */
final class Weigher {
    /** Spread of a piece that the food's row does not list, and the grams it is then taken for; arbitrary. */
    private static final double UNKNOWN_PIECE_LOG_SD = 0.6;

    private static final double UNKNOWN_PIECE_G = 50;
    private static final double SMALL_PIECE = 0.65;
    private static final double LARGE_PIECE = 1.4;
    private static final double LEAST_LOOSE_LOG_SD = 0.3;
    private static final double LABEL_LOG_SD = 0.03;
    /** A label says what several usual tins hold when it is within so much of that, as a share: two of 14½ oz are no tin of 28. */
    private static final double AS_USUAL = 0.02;

    /** A root's piece or knob in a food's row is so long, cm. */
    private static final double KNOB_CM = 2.5;
    /** A stick of cinnamon. */
    private static final double STICK_CM = 8;

    private static final double UNKNOWN_PART_G = 40;
    /** Ends the name of a measure as it is sold in America. */
    private static final String AMERICAN = "-us";

    private final MeasureSystem system;

    Weigher(MeasureSystem system) {
        this.system = system;
    }

    /**
     * Grams.
     *
     * @param words how the amount was read, for the cook
     */
    record Weighed(double grams, double logSd, Sureness sureness, String words, Optional<LineRemark> remark) {
        Weighed(double grams, double logSd, Sureness sureness, String words) {
            this(grams, logSd, sureness, words, Optional.empty());
        }
    }

    Weighed weigh(Food food, List<Token> tokens, int afterFood, Bracket bracket, Amount amount) {
        boolean weighedInBracket = bracket.measured()
                .filter(measured -> measured.unit().kind() == Unit.Kind.WEIGHT)
                .isPresent();
        // A weight in a bracket wins over a cup.
        boolean exact = amount.unit()
                .filter(unit -> unit.isExact() && !(weighedInBracket && unit.kind() == Unit.Kind.VOLUME))
                .isPresent();
        if (bracket.measured().isPresent() && !exact) {
            Amount.Measured label = bracket.measured().get();
            // What a label says in ounces is a weight, whatever is in the can.
            double one = label.unit().kind() == Unit.Kind.WEIGHT
                    ? label.count() * label.unit().grams()
                    : volume(food, label.unit(), label.count(), amount, "").grams();
            boolean ofOne = bracket.isOfOne(amount) && !isOfAll(food, bracket, amount, one);
            double grams = ofOne ? one * amount.count().orElse(1) : one;
            return new Weighed(grams, LABEL_LOG_SD, Sureness.SURE, Numbers.plain(grams, 0) + " g");
        }
        Optional<Weighed> behind = exact ? Optional.empty() : weightBehindComma(tokens, afterFood);
        if (behind.isPresent()) {
            return behind.get();
        }
        if (!amount.isGiven()) {
            return new Weighed(0, 0, Sureness.UNSURE, "", Optional.of(new LineRemark.NoAmount()));
        }
        return given(food, tokens, afterFood, bracket, amount);
    }

    /** "2 tins (800 g)": where each is known to hold half of that, it is what both of them hold. */
    private boolean isOfAll(Food food, Bracket bracket, Amount amount, double labelG) {
        double count = amount.count().orElse(1);
        return count > 1
                && bracket.from() > 1
                && !bracket.saysEach()
                && amount.unit()
                        .filter(unit -> unit.kind() == Unit.Kind.CONTAINER)
                        .flatMap(unit -> ofCountry(food, unit.key()))
                        .filter(usual -> Math.abs(labelG / (count * usual.massG()) - 1) < AS_USUAL)
                        .isPresent();
    }

    private Weighed given(Food food, List<Token> tokens, int afterFood, Bracket bracket, Amount amount) {
        double count = amount.count().orElse(1) * amount.fill();
        List<Amount.Part> parts = parts(food, tokens, afterFood, bracket, amount);
        Optional<Unit> unit = amount.unit().isPresent() ? amount.unit() : unitAfterFood(food, tokens, amount.end());
        String words = Numbers.cooks(amount.count().orElse(1))
                + unit.map(u -> " " + u.key()).orElse(amount.size().isEmpty() ? "" : " " + amount.size());
        if (!parts.isEmpty() && (unit.isEmpty() || unit.get().kind() == Unit.Kind.COUNT)) {
            return parts(food, parts, count, amount, words);
        }
        if (amount.lengthCm().isPresent()) {
            return length(food, count * amount.lengthCm().getAsDouble(), amount)
                    .or(() -> unit.map(one -> measured(food, one, count, amount, words)))
                    .orElseGet(() -> unknownLength(count * amount.lengthCm().getAsDouble(), amount));
        }
        if (unit.isEmpty()) {
            return pieces(food, count, amount, words);
        }
        Weighed first = measured(food, unit.get(), count, amount, words);
        if (amount.more().isEmpty()) {
            return first;
        }
        Amount.Measured more = amount.more().get();
        Weighed second = measured(food, more.unit(), more.count(), amount, "");
        return new Weighed(
                first.grams() + second.grams(),
                first.logSd(),
                first.sureness(),
                words + " and " + Numbers.cooks(more.count()) + " "
                        + more.unit().key(),
                first.remark());
    }

    private Weighed measured(Food food, Unit unit, double count, Amount amount, String words) {
        return switch (unit.kind()) {
            case WEIGHT -> weight(food, unit, count, amount, words);
            case VOLUME -> volume(food, unit, count, amount, words);
            case CONTAINER, COUNT -> counted(food, unit.key(), count, unit.logSd(), unit.grams(), amount, words);
        };
    }

    private Weighed weight(Food food, Unit unit, double count, Amount amount, String words) {
        if (unit == Unit.OUNCE && food.pourable() && amount.more().isEmpty()) {
            Weighed fluid = volume(food, Unit.FLUID_OUNCE, count, amount, words);
            return new Weighed(
                    fluid.grams(),
                    fluid.logSd(),
                    Sureness.LIKELY,
                    words.replace("oz", "fl oz"),
                    Optional.of(new LineRemark.FluidOunces()));
        }
        return new Weighed(count * unit.grams(), amount.spread(unit.logSd()), Sureness.SURE, words);
    }

    private Weighed volume(Food food, Unit unit, double count, Amount amount, String words) {
        Optional<FoodMeasure> own = food.measure(unit.key());
        double packing = amount.packing() * (unit.isExact() ? 1 : sizeFactor(amount.size()));
        if (own.isPresent()) {
            // A food's cups and spoons are US ones; pinches, glugs and glasses are what they are.
            double ratio = unit.millilitres(system) / unit.millilitres(MeasureSystem.US);
            return new Weighed(
                    count * own.get().massG() * ratio * packing,
                    amount.spread(own.get().logSd()),
                    Sureness.SURE,
                    words);
        }
        double grams = count * unit.millilitres(system) * food.densityGPerMl() * packing;
        return new Weighed(grams, amount.spread(unit.logSd()), Sureness.SURE, words);
    }

    // Wide: all that a line says of an amount.
    private Weighed counted(
            Food food, String key, double count, double logSd, double fallbackG, Amount amount, String words) {
        Optional<FoodMeasure> own = ofCountry(food, key);
        if (own.isEmpty() && key.equals(Unit.KNOB.key())) {
            own = food.measure("piece");
        }
        double sized = count * sizeFactor(amount.size());
        if (own.isPresent()) {
            return new Weighed(
                    sized * own.get().massG(), amount.spread(own.get().logSd()), Sureness.SURE, words);
        }
        Optional<LineRemark> remark = Optional.of(new LineRemark.EachTakenAs(fallbackG));
        return new Weighed(
                sized * fallbackG, amount.spread(Math.max(LEAST_LOOSE_LOG_SD, logSd)), Sureness.LIKELY, words, remark);
    }

    /** Cans are of other sizes in America. */
    private Optional<FoodMeasure> ofCountry(Food food, String key) {
        Optional<FoodMeasure> american = system == MeasureSystem.US ? food.measure(key + AMERICAN) : Optional.empty();
        return american.isPresent() ? american : food.measure(key);
    }

    private Weighed pieces(Food food, double count, Amount amount, String words) {
        String size = amount.size();
        Optional<FoodMeasure> sized = size.isEmpty() ? Optional.empty() : food.measure("piece-" + size);
        Optional<FoodMeasure> piece = sized.isPresent() ? sized : food.measure("piece");
        if (piece.isEmpty()) {
            Optional<FoodMeasure> fruit = food.measure("fruit");
            if (fruit.isPresent()) {
                return new Weighed(
                        count * fruit.get().massG(), amount.spread(fruit.get().logSd()), Sureness.LIKELY, words);
            }
            return new Weighed(
                    count * UNKNOWN_PIECE_G,
                    UNKNOWN_PIECE_LOG_SD,
                    Sureness.UNSURE,
                    words,
                    Optional.of(new LineRemark.NoUnit(UNKNOWN_PIECE_G)));
        }
        double factor = sized.isPresent() ? 1 : sizeFactor(size);
        return new Weighed(
                count * piece.get().massG() * factor, amount.spread(piece.get().logSd()), Sureness.SURE, words);
    }

    /** By what a piece or a stick of it weighs; empty where neither is known. */
    private Optional<Weighed> length(Food food, double cm, Amount amount) {
        Optional<FoodMeasure> knob = food.measure("knob").or(() -> food.measure("piece"));
        Optional<FoodMeasure> stick = food.measure("knob").isPresent() ? Optional.empty() : food.measure("stick");
        Optional<Double> perCm =
                stick.map(one -> one.massG() / STICK_CM).or(() -> knob.map(one -> one.massG() / KNOB_CM));
        return perCm.map(each -> new Weighed(
                cm * each,
                amount.spread(LEAST_LOOSE_LOG_SD),
                knob.isPresent() ? Sureness.SURE : Sureness.LIKELY,
                Numbers.plain(cm, 1) + " cm"));
    }

    private static Weighed unknownLength(double cm, Amount amount) {
        double grams = cm / KNOB_CM * UNKNOWN_PIECE_G / 3;
        return new Weighed(
                grams,
                amount.spread(LEAST_LOOSE_LOG_SD),
                Sureness.UNSURE,
                Numbers.plain(cm, 1) + " cm",
                Optional.of(new LineRemark.EachTakenAs(grams)));
    }

    /** Juice and zest asked for before the food, or behind it: "1 lemon, juiced". */
    private static List<Amount.Part> parts(
            Food food, List<Token> tokens, int afterFood, Bracket bracket, Amount amount) {
        if (!amount.parts().isEmpty()) {
            return List.copyOf(amount.parts());
        }
        boolean juice = false;
        boolean zest = false;
        List<Token> behind = new ArrayList<>(tokens.subList(Math.min(afterFood, tokens.size()), tokens.size()));
        behind.addAll(bracket.words());
        for (Token token : behind) {
            juice |= token.is("juiced") || token.is("juice") || token.is("squeezed");
            zest |= token.is("zested") || token.is("zest");
        }
        List<Amount.Part> found = new ArrayList<>();
        if (juice && food.measure("juice").isPresent()) {
            found.add(Amount.Part.JUICE);
        }
        if (zest && food.measure("zest").isPresent()) {
            found.add(Amount.Part.ZEST);
        }
        return found;
    }

    private Weighed parts(Food food, List<Amount.Part> parts, double count, Amount amount, String words) {
        double grams = 0;
        double logSd = 0;
        Sureness sureness = Sureness.SURE;
        StringBuilder names = new StringBuilder(words).append(" (");
        for (Amount.Part part : parts) {
            String key = part.name().toLowerCase(java.util.Locale.ROOT);
            Optional<FoodMeasure> own = food.measure(key);
            if (own.isEmpty()) {
                own = food.measure("fruit");
            }
            grams += count
                    * sizeFactor(amount.size())
                    * own.map(FoodMeasure::massG).orElse(UNKNOWN_PART_G);
            logSd = Math.max(logSd, own.map(FoodMeasure::logSd).orElse(UNKNOWN_PIECE_LOG_SD));
            if (own.isEmpty()) {
                sureness = Sureness.UNSURE;
            }
            names.append(names.charAt(names.length() - 1) == '(' ? "" : ", ").append(key);
        }
        return new Weighed(
                grams, amount.spread(logSd), sureness, names.append(')').toString());
    }

    /** "2 carrots, about 200 g": a weight behind a comma says what all of them weigh. */
    private static Optional<Weighed> weightBehindComma(List<Token> tokens, int from) {
        boolean comma = false;
        for (int i = from; i + 1 < tokens.size(); i++) {
            comma |= tokens.get(i).is(",");
            Optional<Unit> unit = Unit.named(tokens.get(i + 1).text());
            if (comma
                    && tokens.get(i).isNumber()
                    && unit.isPresent()
                    && unit.get().kind() == Unit.Kind.WEIGHT) {
                double grams = tokens.get(i).number().getAsDouble() * unit.get().grams();
                return Optional.of(new Weighed(grams, LABEL_LOG_SD, Sureness.SURE, Numbers.plain(grams, 0) + " g"));
            }
        }
        return Optional.empty();
    }

    /** "2 celery sticks", "3 garlic cloves": the unit stands behind the food. */
    private static Optional<Unit> unitAfterFood(Food food, List<Token> tokens, int from) {
        for (int i = from; i < tokens.size(); i++) {
            Optional<Unit> unit = Unit.named(tokens.get(i).text());
            if (unit.isPresent()
                    && food.measure(unit.get().key()).isPresent()
                    && !food.name().contains(unit.get().key())) {
                return unit;
            }
        }
        return Optional.empty();
    }

    private static double sizeFactor(String size) {
        return switch (size) {
            case "small" -> SMALL_PIECE;
            case "large" -> LARGE_PIECE;
            default -> 1;
        };
    }
}

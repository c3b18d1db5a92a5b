package app.gradior.plan;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Lifting;
import app.gradior.mixture.Mixture;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a cook wishes of a sauce beyond its step, and the way that meets it, or why none does and what would.
 *
 * @param yieldMl mL at 20 °C; empty to take it as it is written
 * @param reduceMinutes minutes there are for reducing; empty without a serving time
 * @param limits how much of each taste it may have
 * @param starchAllowed whether starch may help
 */
public record Wish(
        OptionalDouble yieldMl, OptionalDouble reduceMinutes, List<TasteLimit> limits, boolean starchAllowed) {
    /** Less starch than this is none, g. */
    private static final double SOME_STARCH_G = 0.05;
    /** No cook tells yields apart that are this near, as a share. */
    private static final double NEAR_END_SHARE = 0.02;

    /** What stands in the way. */
    public enum Obstacle {
        YIELD,
        STARCH,
        TIME,
        SALT,
        SUGAR,
        SHARPNESS
    }

    /**
     * The answer.
     *
     * @param point the way that comes nearest
     * @param obstacle what the wish fails on; empty when it is met
     * @param why when it is not met
     * @param instead the nearest things that can
     */
    public record Answer(
            Routes.Point point, Optional<Obstacle> obstacle, Optional<WishFinding> why, List<WishFinding> instead) {
        public Answer {
            instead = List.copyOf(instead);
        }

        public boolean met() {
            return obstacle.isEmpty();
        }

        static Answer met(Routes.Point point) {
            return new Answer(point, Optional.empty(), Optional.empty(), List.of());
        }
    }

    /**
     * The way that meets it, or the nearest.
     *
     * @param starch the one that may help
     */
    public Answer of(SauceRoutes.Ways ways, StarchKind starch) {
        Routes.Curve curve = ways.curve();
        Routes.Point least = curve.mostReduced();
        Routes.Point most = curve.leastReduced();
        Routes.Point point = starchAllowed ? ways.written() : least;
        if (yieldMl.isPresent()) {
            double wanted = nearEnd(curve, yieldMl.getAsDouble());
            Routes.Choice choice = ways.routes().forYield(curve, wanted, OptionalDouble.empty());
            if (choice.chosen().isEmpty()) {
                Routes.Point nearest = wanted > least.volumeMl20c() && starchAllowed ? most : least;
                double gives = (wanted > least.volumeMl20c() ? most : least).volumeMl20c();
                return unmet(
                        nearest,
                        Obstacle.YIELD,
                        wanted > gives
                                ? new WishFinding.GivesLess(gives, wanted)
                                : new WishFinding.GivesMore(gives, wanted),
                        List.of(new WishFinding.MakeTimes(wanted / gives)));
            }
            point = choice.chosen().get(0);
        }
        if (!starchAllowed && point.starchG() > SOME_STARCH_G) {
            return withoutStarch(least, point, starch);
        }
        if (reduceMinutes.isPresent() && point.minutes() > reduceMinutes.getAsDouble() + 0.5) {
            return tooLate(ways, point, starch);
        }
        Mixture sauce = point.sauce();
        Optional<TasteLimit> over = limits.stream()
                .filter(limit -> limit.isOver(limit.taste().percent(sauce)))
                .findFirst();
        return over.isPresent() ? tooMuch(over.get(), ways, point, starch) : Answer.met(point);
    }

    /** A yield that an end of the curve all but gives is that end's. */
    public static double nearEnd(Routes.Curve curve, double ml) {
        double least = curve.mostReduced().volumeMl20c();
        double most = curve.leastReduced().volumeMl20c();
        double inside = Math.max(least, Math.min(most, ml));
        return Math.abs(inside - ml) <= NEAR_END_SHARE * ml ? inside : ml;
    }

    private static Answer withoutStarch(Routes.Point least, Routes.Point point, StarchKind starch) {
        if (least.starchG() > SOME_STARCH_G) {
            return unmet(
                    least,
                    Obstacle.STARCH,
                    new WishFinding.NeedsStarch(),
                    List.of(new WishFinding.AllowStarch(least.starchG(), starch), new WishFinding.LowerStep()));
        }
        return unmet(
                least,
                Obstacle.STARCH,
                new WishFinding.YieldWithoutStarch(least.volumeMl20c(), point.volumeMl20c()),
                List.of(
                        new WishFinding.AllowStarch(point.starchG(), starch),
                        new WishFinding.MakeTimes(point.volumeMl20c() / least.volumeMl20c())));
    }

    private Answer tooLate(SauceRoutes.Ways ways, Routes.Point point, StarchKind starch) {
        double there = Math.max(0, reduceMinutes.orElse(0));
        List<WishFinding> instead = new ArrayList<>();
        instead.add(new WishFinding.StartEarlier(Math.ceil(point.minutes() - reduceMinutes.orElse(0))));
        if (starchAllowed) {
            ways.routes().forDeadline(ways.curve(), there).chosen().stream()
                    .findFirst()
                    .filter(p -> p.starchG() > point.starchG() + SOME_STARCH_G)
                    .ifPresent(p -> instead.add(new WishFinding.TakeStarch(p.starchG(), starch, p.volumeMl20c())));
        }
        return unmet(
                point,
                Obstacle.TIME,
                there < 1
                        ? new WishFinding.NoTime(Math.ceil(point.minutes()))
                        : new WishFinding.TakesLonger(Math.ceil(point.minutes()), Math.floor(there)),
                instead);
    }

    private Answer tooMuch(TasteLimit limit, SauceRoutes.Ways ways, Routes.Point point, StarchKind starch) {
        Taste taste = limit.taste();
        Mixture sauce = point.sauce();
        double percent = taste.percent(sauce);
        double overG = (percent - limit.mostPercent()) / 100 * sauce.massG();
        List<WishFinding> instead = new ArrayList<>();
        for (TasteLimit.Less less : limit.less(overG, taste.g(sauce))) {
            instead.add(less.food()
                    .map(food -> lessOf(taste, food, less, ways, point, starch))
                    .orElseGet(() -> new WishFinding.HoldBackSalt(less.massG())));
        }
        limit.milder(sauce).ifPresent(instead::add);
        if (starchAllowed) {
            ways.curve().points().stream()
                    .filter(p -> !limit.isOver(taste.percent(p.sauce())))
                    .findFirst()
                    .ifPresent(p -> instead.add(new WishFinding.StopAt(p.volumeMl20c(), p.starchG(), starch)));
        }
        return unmet(
                point,
                Obstacle.valueOf(taste.name()),
                limit.usual()
                        ? new WishFinding.SaltierThanUsual(percent, limit.mostPercent())
                        : new WishFinding.TooMuch(taste, percent, limit.mostPercent()),
                instead);
    }

    // Wide: what of a food, and the way it is taken from.
    private WishFinding lessOf(
            Taste taste,
            Food food,
            TasteLimit.Less less,
            SauceRoutes.Ways ways,
            Routes.Point point,
            StarchKind starch) {
        double starchG = starchAllowed ? makesUpG(food, less, ways, point) : 0;
        return less.withWater()
                ? new WishFinding.PourLess(
                        taste, food, less.share(), less.massG() / food.densityGPerMl(), starchG, starch)
                : new WishFinding.TakeLess(taste, food, less.share(), less.massG(), starchG, starch);
    }

    /** Powder that keeps it as thick and as much without so much of a food, g; water goes in for what is left out. */
    private static double makesUpG(Food food, TasteLimit.Less less, SauceRoutes.Ways ways, Routes.Point point) {
        Routes routes = ways.routes();
        Mixture gone = Mixture.of(food, less.massG()).cooked();
        Mixture without = Lifting.without(point.sauce(), gone);
        double waterG = Math.max(0, point.volumeMl20c() - without.volumeMl20c());
        Mixture again = without.plus(Mixture.of(Catalogue.standard().water(), waterG));
        double grams = new Thickening(again, routes.mix(), routes.servedC(), routes.servedC(), routes.bodyFactor())
                .starchG(routes.targetStep())
                .orElse(0);
        return grams < SOME_STARCH_G ? 0 : grams;
    }

    private static Answer unmet(Routes.Point point, Obstacle obstacle, WishFinding why, List<WishFinding> instead) {
        return new Answer(point, Optional.of(obstacle), Optional.of(why), instead);
    }
}

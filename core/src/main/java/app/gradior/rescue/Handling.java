package app.gradior.rescue;

import app.gradior.larder.Catalogue;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.Pressing;
import java.util.Optional;

/**
 * What is done by hand, or by the spoon and tasted: it covers or mends, and no wish in figures is met by it. Amounts are what a cook begins
 * with; kitchen teaching, rounded.
 */
public enum Handling {
    WHISK,
    WARM_AND_WHISK,
    SIEVE(Pressing.SIEVED),
    BLEND(Pressing.BLENDED),
    /** A spoonful of hot water in a clean bowl, the sauce whisked into it. */
    WARM_WATER("water", 0.04),
    /** One yolk to 300 g. */
    NEW_YOLK("egg-yolk", 0.06),
    COOL_BOWL,
    CHANGE_POTS,
    /** Nothing takes a burnt taste out again. */
    BEGIN_AGAIN,
    LIFT_SKIN,
    CHILL_AND_LIFT,
    SIMMER_ON,
    STARCH_AGAIN(Optional.empty(), Optional.empty(), 0.006),
    LEMON("lemon-juice", 0.008),
    SUGAR("sugar", 0.008),
    SODA("baking-soda", 0.0006),
    PINCH_OF_SALT("salt", 0.001),
    BUTTER("butter", 0.02);

    /** What sticks to the floor of a scorched pot and is left there, mm. */
    private static final double STUCK_MM = 3;
    /** Minutes in which a starch loses its floury taste at a simmer. */
    private static final double FLOUR_MIN = 10;

    private static final double OTHER_MIN = 2;

    private final Optional<Pressing> tool;
    private final Optional<String> food;
    private final double share;

    Handling() {
        this(Optional.empty(), Optional.empty(), 0);
    }

    Handling(Pressing tool) {
        this(Optional.of(tool), Optional.empty(), 0);
    }

    Handling(String food, double share) {
        this(Optional.empty(), Optional.of(food), share);
    }

    Handling(Optional<Pressing> tool, Optional<String> food, double share) {
        this.tool = tool;
        this.food = food;
        this.share = share;
    }

    /** What goes in to begin with, if something does. */
    public Optional<Move> adds(Mixture sauce) {
        if (this == STARCH_AGAIN) {
            return Optional.of(new Move.Thicken(StarchKind.TAPIOCA, share * sauce.massG()));
        }
        return food.flatMap(id -> Catalogue.standard().food(id)).map(one -> new Move.Add(one, share * sauce.massG()));
    }

    /** What its tool does. */
    public Optional<Pressing> tool() {
        return tool;
    }

    /** The sauce after it. */
    public Mixture on(Sauce sauce) {
        Mixture now = sauce.mixture();
        if (tool.isPresent()) {
            return tool.get().of(now).kept();
        }
        if (this == CHANGE_POTS) {
            return now.times(1 - lostShare(sauce));
        }
        return adds(now).map(move -> move.on(now)).orElse(now);
    }

    /** Share of a scorched sauce that is left in its pot; a tenth where the pot is not known. */
    private static double lostShare(Sauce sauce) {
        double ml = sauce.mixture().volumeMl20c();
        return sauce.hob()
                .map(hob -> Math.min(0.5, hob.pot().shape().volumeMl(STUCK_MM) / ml))
                .orElse(0.1);
    }

    /** Minutes at a simmer that it takes; 0 for what takes none that count. */
    public double minutes(Mixture sauce) {
        if (this != SIMMER_ON) {
            return 0;
        }
        boolean flour =
                sauce.starchPowderG(StarchKind.WHEAT_FLOUR) > sauce.starch().totalG() / 2;
        return flour ? FLOUR_MIN : OTHER_MIN;
    }
}

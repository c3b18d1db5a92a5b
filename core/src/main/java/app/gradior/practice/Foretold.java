package app.gradior.practice;

import app.gradior.estimate.BatchStory;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.Estimator;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Prior;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.Catalogue;
import app.gradior.mixture.Mixture;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.PotOnHeat;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a forecast would have said of a practice pot: it is told what a cook at a real pot would have told it, the recipe as written, how the
 * pot looked, what went in and what was read; nothing of the truth.
 */
public final class Foretold {
    private static final double LOOKED_EVERY_S = 60;
    /** From here on a boil is called rolling, kg/(m²·h). */
    private static final double ROLLING_FLUX = 27;

    private static final LidState[] LIDS = {LidState.OPEN, LidState.AJAR, LidState.CLOSED};

    private Foretold() {}

    /**
     * The forecast at a moment.
     *
     * @return none for a pot whose foods the model has not
     */
    public static Optional<Forecast> at(Practice practice, int pot, double atS) {
        PotSetting setting = practice.scenario().pots().get(pot);
        Scenario.Goal goal = practice.scenario().goal();
        return mixture(setting.foods()).map(foods -> {
            List<Happening> told = new ArrayList<>();
            Look first = looks(practice, pot, atS, told);
            happenings(practice, pot, atS, told);
            Stage reduce = new Stage(
                    StageKind.REDUCE, foods, first, LIDS[setting.lid()], new StageEnd.StepServed(goal.step()));
            BatchStory story = new BatchStory(
                    List.of(BatchStory.StoryStage.of(reduce)),
                    Ingredients.Spread.EXACT,
                    PotOnHeat.unknownPair(setting.shape(), 0),
                    Prior.UNKNOWN,
                    setting.emptyG(),
                    goal.servedC(),
                    true,
                    told);
            return Estimator.forecast(story, atS / 60);
        });
    }

    /** How it looked, minute by minute, where that changed; answers with how it looked after the first. */
    private static Look looks(Practice practice, int pot, double untilS, List<Happening> told) {
        List<Look> seen = new ArrayList<>();
        practice.follow(pot, untilS, LOOKED_EVERY_S, (s, now) -> {
            Look look = look(now);
            if (s > 0 && !seen.isEmpty() && seen.get(seen.size() - 1) != look) {
                told.add(new Happening(s / 60, new BatchStory.LookSet(look)));
            }
            // At its very beginning nothing bubbles yet that will in a moment.
            if (s > 0 || untilS == 0) {
                seen.add(look);
            }
        });
        return seen.get(0);
    }

    private static void happenings(Practice practice, int pot, double untilS, List<Happening> told) {
        for (Deed deed : practice.deeds()) {
            if (deed.pot() == pot && deed.atS() <= untilS) {
                told(practice, deed).ifPresent(what -> told.add(new Happening(deed.atS() / 60, what)));
            }
        }
    }

    private static Optional<BatchStory.What> told(Practice practice, Deed deed) {
        return switch (deed.kind()) {
            case LID -> Optional.of(new BatchStory.LidSet(LIDS[(int) deed.value()]));
            case SPLASH, SALT, BUTTER, SLURRY ->
                mixture(deed.foods(practice.scenario().starch())).map(BatchStory.Added::new);
            case WEIGH -> read(practice, deed, ReadingKind.WEIGHT);
            case DIP -> read(practice, deed, ReadingKind.LEVEL);
            case RING -> read(practice, deed, ReadingKind.RING);
            case TRAIL -> read(practice, deed, ReadingKind.TRAIL);
            case DRIP -> read(practice, deed, ReadingKind.DRIP);
            default -> Optional.empty();
        };
    }

    private static Optional<BatchStory.What> read(Practice practice, Deed deed, ReadingKind kind) {
        Practice then = practice.upTo(deed);
        return then.lastShown()
                .map(Shown::figure)
                .filter(figure -> figure >= kind.least() && figure <= kind.most())
                .map(figure -> new BatchStory.Reading(kind, figure));
    }

    private static Look look(PracticePot pot) {
        if (pot.boiledOffKgPerM2H() > ROLLING_FLUX) {
            return Look.ROLLING;
        }
        if (pot.boiledOffKgPerM2H() > 1) {
            return Look.LIVELY;
        }
        return Arrays.stream(Look.values())
                .filter(look -> !look.boils())
                .min(Comparator.comparingDouble(look -> Math.abs(pot.belowBoilK() + look.potTempC(0))))
                .orElseThrow();
    }

    private static Optional<Mixture> mixture(Map<String, Double> foods) {
        Mixture all = Mixture.EMPTY;
        for (Map.Entry<String, Double> food : foods.entrySet()) {
            Optional<Mixture> one =
                    Catalogue.standard().food(food.getKey()).map(known -> Mixture.of(known, food.getValue()));
            if (one.isEmpty()) {
                return Optional.empty();
            }
            all = all.plus(one.get());
        }
        return Optional.of(all);
    }
}

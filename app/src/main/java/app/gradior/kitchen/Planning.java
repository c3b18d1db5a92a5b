package app.gradior.kitchen;

import app.gradior.care.Caution;
import app.gradior.care.Cautions;
import app.gradior.estimate.Band;
import app.gradior.estimate.ReductionForecast;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;
import app.gradior.sauce.Ingredients;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.solve.Reduction;
import app.gradior.solve.StopAt;
import app.gradior.store.Rows.BurnerRow;
import app.gradior.texture.Consistency;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;

/** Answers a plan: when to stop, at which level, after how long, with what in the pot. */
@Service
public class Planning {

    /** What the cook chose; the pair's factor if a water test knows it. */
    public record Question(
            SauceBook.Sauce sauce,
            KitchenKit.KitPot pot,
            Optional<BurnerRow> burner,
            Look look,
            LidState lid,
            double altitudeM,
            double targetStep,
            double servedC,
            OptionalDouble pairFactor) {}

    /**
     * What comes out.
     *
     * @param startServedStep step of the mixture as it goes in, at the serving temperature; NaN without liquid
     * @param outcome done or impossible
     * @param minutes band, present when done
     */
    public record Answer(
            Mixture start,
            double startVolumeMlHot,
            double startServedStep,
            Reduction.Outcome outcome,
            Optional<Band> minutes,
            List<Caution> cautions) {
        public Optional<Reduction.Done> done() {
            return outcome instanceof Reduction.Done done ? Optional.of(done) : Optional.empty();
        }

        public Optional<Reduction.Impossible> impossible() {
            return outcome instanceof Reduction.Impossible no ? Optional.of(no) : Optional.empty();
        }
    }

    /** Works the plan out. */
    public Answer answer(Question question) {
        Ingredients ingredients = question.sauce().ingredients();
        Mixture start = ingredients.mixture();
        PotOnHeat pot = potOnHeat(question);
        Reduction reduction = Refusal.checked(
                "servedC",
                () -> new Reduction(
                        start, pot, new Heat(question.look(), question.lid()), question.servedC(), 1, true));
        StopAt target = Refusal.checked("targetStep", () -> new StopAt.StepServed(question.targetStep()));
        Reduction.Outcome outcome = reduction.solve(target);
        Optional<Band> minutes = outcome instanceof Reduction.Done done
                ? Optional.of(ReductionForecast.minutes(
                        reduction,
                        target,
                        done,
                        ingredients.spread(),
                        question.pairFactor().isPresent()))
                : Optional.empty();
        double hotMl = outcome instanceof Reduction.Done done
                ? done.first().volumeMlHot()
                : start.volumeMl20c() * SpecificVolume.expansion(100);
        double served = start.serumG() > 0 ? Consistency.stepCooked(start, question.servedC()) : Double.NaN;
        List<Caution> cautions =
                Cautions.of(ingredients, question.pot().shape(), question.pot().material(), hotMl);
        return new Answer(start, hotMl, served, outcome, minutes, cautions);
    }

    private static PotOnHeat potOnHeat(Question question) {
        double power = question.burner().map(BurnerRow::netPowerW).orElse(Double.POSITIVE_INFINITY);
        return new PotOnHeat(
                question.pot().shape(),
                question.altitudeM(),
                question.pairFactor().orElse(1),
                power);
    }

    /** The plan as a batch keeps it. */
    public BatchPlan plan(Question question, Answer answer) {
        KitchenKit.KitPot pot = question.pot();
        return new BatchPlan(
                question.sauce().ingredients().usable().stream()
                        .map((LineReading reading) -> BatchPlan.PlanLine.of(reading))
                        .toList(),
                question.sauce().draft().texture(),
                0,
                BatchPlan.PlanPot.of(pot.name(), pot.shape(), pot.emptyG(), pot.material()),
                question.burner().map(BurnerRow::name).orElse(null),
                question.burner().map(BurnerRow::netPowerW).orElse(null),
                question.pairFactor().isPresent() ? question.pairFactor().getAsDouble() : null,
                question.look(),
                question.lid(),
                question.altitudeM(),
                question.targetStep(),
                question.servedC(),
                answer.done()
                        .map(done -> planned(done, answer.minutes().orElseThrow()))
                        .orElse(null));
    }

    static BatchPlan.Planned planned(Reduction.Done done, Band minutes) {
        return new BatchPlan.Planned(
                minutes.middle(),
                minutes.low(),
                minutes.high(),
                done.last().volumeMl20c(),
                done.last().volumeMlHot(),
                done.last().levelMm(),
                done.first().levelMm(),
                done.last().stepHot(),
                done.last().mixture().saltPercent());
    }
}

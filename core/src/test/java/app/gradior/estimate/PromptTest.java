package app.gradior.estimate;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.Sauces;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.Kind;
import app.gradior.estimate.BatchStory.Reading;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Ingredients;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.Stirring;
import app.gradior.vessel.PotShape;
import java.util.List;
import org.junit.jupiter.api.Test;

class PromptTest {
    private static final double NEVER = Double.POSITIVE_INFINITY;
    private static final Stirring OFTEN = new Stirring(2);
    private static final Stirring SELDOM = new Stirring(10);

    private static Forecast forecast(Mixture start, double now, double target, Happening... happenings) {
        return Estimator.forecast(
                new BatchStory(
                        start,
                        Ingredients.Spread.EXACT,
                        PotOnHeat.unknownPair(new PotShape(240, 232, 130), 0),
                        false,
                        1950,
                        new Heat(Look.LIVELY, LidState.OPEN),
                        20,
                        List.of(happenings)),
                now,
                target);
    }

    private static final Forecast ON_THE_WAY = forecast(Sauces.damson(), 5, 7);

    @Test
    void whatCannotWaitComesFirst() {
        assertThat(Prompt.of(ON_THE_WAY, 200, 0, SELDOM, 0)).satisfies(p -> {
            assertThat(p.doNow()).contains("still on");
            assertThat(p.urgent()).isTrue();
        });
        Prompt done = Prompt.of(forecast(Sauces.damson(), 5, 4), 1, 1, OFTEN, 60);
        assertThat(done.doNow()).isEqualTo("Take it off the heat");
        assertThat(done.urgent()).isTrue();
        assertThat(Prompt.of(forecast(Sauces.of("water", 800), 5, 6), 1, 1, OFTEN, 60)
                        .doNow())
                .contains("not get there");
    }

    @Test
    void stirringIsAskedForWhenItIsDueAndNotBefore() {
        Prompt due = Prompt.of(ON_THE_WAY, 1, 1, OFTEN, 2.5);
        assertThat(due.doNow()).isEqualTo("Stir to the edges");
        assertThat(due.action()).isEqualTo("stir");
        assertThat(due.why()).contains("every 2 min");
        assertThat(Prompt.of(ON_THE_WAY, 1, 1, OFTEN, 1).doNow()).isEqualTo("Let it be");
        assertThat(Prompt.of(ON_THE_WAY, 1, 1, SELDOM, 60).doNow()).isEqualTo("Let it be");
        assertThat(Prompt.of(ON_THE_WAY, 1, 1, new Stirring(0.25), 1).why()).contains("all the while");
    }

    @Test
    void aReadingIsAskedForWhileTheBandIsWideAndAWildOneIsNamed() {
        Prompt weigh = Prompt.of(ON_THE_WAY, 1, NEVER, SELDOM, 0);
        assertThat(weigh.action()).isEqualTo("weight");
        double gross = Sauces.damson().massG() + 1950;
        Forecast wild = forecast(
                Sauces.damson(),
                6,
                7,
                new Happening(1, new Reading(Kind.WEIGHT, gross)),
                new Happening(3, new Reading(Kind.WEIGHT, gross - 20)),
                new Happening(4, new Reading(Kind.WEIGHT, 900)),
                new Happening(5, new Reading(Kind.WEIGHT, gross - 40)));
        assertThat(Prompt.of(wild, 1, 1, SELDOM, 0).doNow()).isEqualTo("Read it once more");
    }

    @Test
    void besideTheHeatItSaysHowMuchMoreItNeeds() {
        Prompt off = Prompt.offTheHeat(ON_THE_WAY);
        assertThat(off.doNow()).contains("off the heat");
        assertThat(off.why()).contains("min more on the heat");
    }
}

package app.gradior.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Bounds;
import app.gradior.Sauces;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.Reading;
import app.gradior.estimate.Judgement.Amount;
import app.gradior.estimate.Judgement.Why;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.Ingredients;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.util.List;
import org.junit.jupiter.api.Test;

class JudgementTest {
    private static final Forecast END = Estimator.forecast(
            BatchStory.reducing(
                    Sauces.damson(),
                    Ingredients.Spread.EXACT,
                    PotOnHeat.unknownPair(new PotShape(240, 210, 130), 0),
                    Prior.UNKNOWN,
                    1400,
                    new Heat(Look.LIVELY, LidState.OPEN),
                    20,
                    6,
                    List.of(new Happening(
                            10,
                            new Reading(
                                    ReadingKind.WEIGHT,
                                    1400 + 0.9 * Sauces.damson().massG())))),
            15);
    private static final double FORETOLD = END.stepServed().middle();

    @Test
    void aThicknessIsJudgedByWhatWasForetoldAndTheReasonByWhereItCameOff() {
        assertThat(Judgement.thickness(END, FORETOLD, FORETOLD + 0.2).why()).isEqualTo(Why.AS_FORETOLD);
        Judgement.Thickness thick = Judgement.thickness(END, FORETOLD + 0.1, FORETOLD + 0.6);
        assertThat(thick.why()).isEqualTo(Why.ANOTHER_BODY);
        assertThat(thick.off()).isPositive();
        assertThat(thick.inBand()).isEqualTo(FORETOLD + 0.6 <= END.stepServed().high());
        assertThat(Judgement.thickness(END, FORETOLD - 1, FORETOLD + 0.6).why()).isEqualTo(Why.OFF_LATE);
        assertThat(Judgement.thickness(END, FORETOLD + 1, FORETOLD - 0.6).why()).isEqualTo(Why.OFF_EARLY);
        assertThat(Judgement.thickness(END, FORETOLD, END.stepServed().high() + 0.5)
                        .inBand())
                .isFalse();
    }

    /** In the band with its ends; some step is half of one, to a hair. */
    @Test
    void theBoundsOfAJudgement() {
        Band band = END.stepServed();
        assertThat(Judgement.thickness(END, FORETOLD, band.low()).inBand()).isTrue();
        assertThat(Judgement.thickness(END, FORETOLD, band.high()).inBand()).isTrue();
        assertThat(Judgement.thickness(END, FORETOLD, band.low() - 1e-9).inBand())
                .isFalse();
        Judgement.Thickness thin = Judgement.thickness(END, FORETOLD, FORETOLD - 1.25);
        assertThat(thin.off()).isEqualTo(-1.25, within(1e-12));
        assertThat(thin.foretold()).isEqualTo(FORETOLD);
        double some = Bounds.of(
                0, 20, by -> Judgement.thickness(END, FORETOLD, FORETOLD + by).why() != Why.AS_FORETOLD);
        assertThat(some)
                .isEqualTo(
                        Bounds.of(
                                0,
                                20,
                                by -> Judgement.thickness(END, FORETOLD + by, FORETOLD + 3)
                                                .why()
                                        != Why.ANOTHER_BODY),
                        within(1e-6));
        assertThat(Bounds.of(
                        0,
                        20,
                        by -> Judgement.thickness(END, FORETOLD, FORETOLD - by).why() != Why.AS_FORETOLD))
                .isEqualTo(some, within(1e-6));
        double mm = Judgement.ringMm(END);
        assertThat(Bounds.of(0, 20, by -> Judgement.ringIsOff(END, mm + by)))
                .isEqualTo(ReadingKind.RING.sd(mm), within(1.0));
        assertThat(Bounds.of(0, 20, by -> Judgement.ringIsOff(END, mm - by)))
                .isEqualTo(ReadingKind.RING.sd(mm), within(1.0));
    }

    @Test
    void anAmountAndARingAreOffByMoreThanTheyCanBeRead() {
        double ml = END.volumeMl20c().middle();
        assertThat(Judgement.amount(END, 1.05 * ml)).isEqualTo(Amount.AS_FORETOLD);
        assertThat(Judgement.amount(END, 1.07 * ml)).isEqualTo(Amount.MORE);
        assertThat(Judgement.amount(END, 0.93 * ml)).isEqualTo(Amount.LESS);
        double mm = Judgement.ringMm(END);
        assertThat(mm).as("a loose compote runs some way").isBetween(25.0, 150.0);
        assertThat(Judgement.ringIsOff(END, mm + 4)).isFalse();
        assertThat(Judgement.ringIsOff(END, mm - 6)).isTrue();
    }
}

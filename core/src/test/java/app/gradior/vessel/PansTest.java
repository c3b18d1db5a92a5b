package app.gradior.vessel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.batch.BatchPlan;
import app.gradior.finding.Refused;
import app.gradior.vessel.PotShape.Outline;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Pans that are not round: their volume is the sum of their slices, their level its inverse, their surface and wall those of geometry. */
class PansTest {
    private static final PotShape ROASTING = new PotShape(Outline.RECTANGULAR, 380, 270, 350, 240, 70, 25, 2);
    private static final PotShape FISH_KETTLE = new PotShape(Outline.OVAL, 420, 180, 400, 160, 110, 15, 1);
    private static final PotShape WOK = PotShape.bowl(320, 90, 95);

    static List<PotShape> pans() {
        return List.of(
                ROASTING,
                FISH_KETTLE,
                WOK,
                new PotShape(Outline.RECTANGULAR, 300, 200, 300, 200, 60, 0, 1),
                new PotShape(Outline.OVAL, 260, 200, 280, 220, 80, 30, 1),
                PotShape.bowl(200, 150, 80),
                PotShape.bowl(180, 0, 90));
    }

    /** Up to any level, in the rounding of its floor too. */
    @ParameterizedTest
    @MethodSource("pans")
    void volumeIsTheSumOfItsSlices(PotShape pan) {
        int slices = 40_000;
        double mm = pan.heightMm() / slices;
        double sum = 0;
        for (int i = 1; i <= slices; i++) {
            sum += pan.surfaceM2((i - 0.5) * mm) * 1e6 * mm / 1000;
            if (i % 1000 == 0) {
                assertThat(pan.volumeMl(i * mm)).as("at %s mm", i * mm).isCloseTo(sum, within(2e-6 * sum + 0.002));
            }
        }
        assertThat(pan.capacityMl()).isEqualTo(pan.volumeMl(pan.heightMm()));
    }

    /** The floor is where it is said to be, and the rim; between them a bowl's wall is a sphere's. */
    @ParameterizedTest
    @MethodSource("pans")
    void fromItsFloorToItsRim(PotShape pan) {
        assertThat(pan.radiusMm(pan.heightMm())).isCloseTo(pan.topLengthMm() / 2, within(1e-9));
        assertThat(pan.halfWidthMm(pan.heightMm())).isCloseTo(pan.topWidthMm() / 2, within(1e-9));
        assertThat(pan.radiusMm(0)).isCloseTo(pan.baseLengthMm() / 2 - pan.cornerMm(), within(1e-6));
        assertThat(pan.radiusMm(pan.cornerMm())).isCloseTo(pan.baseLengthMm() / 2, within(1e-6));
        assertThat(pan.uprightMm(pan.heightMm())).isEqualTo(pan.outline() == Outline.RECTANGULAR ? pan.cornerMm() : 0);
        assertThat(pan.mouthM2()).isEqualTo(pan.surfaceM2(pan.heightMm())).isEqualTo(pan.surfaceM2(2 * pan.heightMm()));
    }

    /** What is too much for it stands over the brim as if its walls went on: a round pot's slope on, the others' go straight up. */
    @Test
    void overTheBrim() {
        PotShape round = new PotShape(260, 200, 120, 20);
        assertThat(round.levelMm(round.volumeMl(150))).isCloseTo(150, within(1e-9));
        for (PotShape pan : List.of(ROASTING, FISH_KETTLE, WOK)) {
            double over = pan.mouthM2() * 1e6 * 7 / 1000;
            assertThat(pan.levelMm(pan.capacityMl() + over)).isCloseTo(pan.heightMm() + 7, within(1e-9));
            assertThat(pan.holds(pan.capacityMl())).isTrue();
            assertThat(pan.holds(pan.capacityMl() + 1e-6)).isFalse();
        }
    }

    @ParameterizedTest
    @MethodSource("pans")
    void levelIsTheInverseOfVolume(PotShape pan) {
        for (double share : new double[] {0, 0.001, 0.1, 0.3, 0.5, 0.9, 1, 1.1}) {
            double ml = share * pan.capacityMl();
            double level = pan.levelMm(ml);
            assertThat(level).isGreaterThanOrEqualTo(0);
            if (share <= 1) {
                assertThat(pan.volumeMl(level)).isCloseTo(ml, within(1e-6 * pan.capacityMl()));
            } else {
                assertThat(level).isGreaterThan(pan.heightMm());
            }
        }
        assertThat(pan.holds(0.999 * pan.capacityMl())).isTrue();
        assertThat(pan.holds(1.001 * pan.capacityMl())).isFalse();
    }

    @Test
    void areasAreThoseOfGeometry() {
        PotShape box = new PotShape(Outline.RECTANGULAR, 300, 200, 300, 200, 60, 0, 1);
        assertThat(box.capacityMl()).isCloseTo(3600, within(1e-9));
        assertThat(box.surfaceM2(30)).isCloseTo(0.06, within(1e-12));
        assertThat(box.wallM2(30)).isCloseTo(2 * (0.3 + 0.2) * 0.03, within(1e-12));
        PotShape rounded = new PotShape(Outline.RECTANGULAR, 300, 200, 300, 200, 60, 20, 1);
        assertThat(rounded.mouthM2()).isCloseTo(0.06 - (4 - Math.PI) * 0.02 * 0.02, within(1e-12));
        PotShape ellipse = new PotShape(Outline.OVAL, 400, 200, 400, 200, 100, 0, 1);
        assertThat(ellipse.capacityMl()).isCloseTo(Math.PI * 200 * 100 * 100 / 1000, within(1e-6));
        // The way round an ellipse of 200 and 100 is 968.845 mm.
        assertThat(ellipse.wallM2(50)).isCloseTo(0.968845 * 0.05, within(1e-6));
        PotShape half = PotShape.bowl(200, 0, 100);
        assertThat(half.capacityMl()).isCloseTo(2 * Math.PI * 1e6 / 3 / 1000, within(1e-6));
        assertThat(half.wallM2(100)).isCloseTo(2 * Math.PI * 0.01, within(1e-9));
        assertThat(half.radiusMm(50)).isCloseTo(Math.sqrt(7500), within(1e-9));
    }

    /** A circle is an oval of one width, and stays what it was. */
    @Test
    void aRoundPotIsAnOvalOfOneWidth() {
        PotShape round = new PotShape(240, 210, 130, 20);
        PotShape oval = new PotShape(Outline.OVAL, 240, 240, 210, 210, 130, 20, 1);
        for (double level : new double[] {5, 20, 60, 130}) {
            assertThat(oval.volumeMl(level)).isCloseTo(round.volumeMl(level), within(1e-9));
            assertThat(oval.wallM2(level)).isCloseTo(round.wallM2(level), within(1e-12));
            assertThat(oval.levelMm(round.volumeMl(level))).isCloseTo(level, within(1e-6));
        }
    }

    @Test
    void twoBurnersBringAPartOfEach() {
        assertThat(ROASTING.heatFrom(1000)).isEqualTo(1600);
        assertThat(ROASTING.across(1).heatFrom(1000)).isEqualTo(1000);
        assertThat(ROASTING.wider(2).topLengthMm()).isEqualTo(760);
        assertThat(ROASTING.wider(9).topLengthMm()).isEqualTo(1000);
        assertThat(ROASTING.wider(2).burners()).isEqualTo(2);
    }

    @ParameterizedTest
    @MethodSource("pans")
    void aBatchKeepsItsPan(PotShape pan) {
        assertThat(BatchPlan.PlanPot.of("Pan", pan, 900, PotMaterial.STAINLESS).shape())
                .isEqualTo(pan);
    }

    @Test
    void whatNoPanIsLikeIsRefusedByItsField() {
        assertThat(Refused.range(() -> new PotShape(Outline.RECTANGULAR, 1200, 270, 350, 240, 70, 0, 1))
                        .field())
                .isEqualTo("topLengthMm");
        assertThat(Refused.range(() -> new PotShape(Outline.OVAL, 380, 20, 350, 240, 70, 0, 1))
                        .field())
                .isEqualTo("topWidthMm");
        assertThat(Refused.range(() -> PotShape.bowl(200, 210, 80)).field()).isEqualTo("floorDiameterMm");
        assertThat(Refused.range(() -> ROASTING.across(3)).field()).isEqualTo("burners");
        assertThat(Refused.range(() -> new PotShape(Outline.RECTANGULAR, 380, 270, 350, 60, 70, 31, 1))
                        .field())
                .isEqualTo("cornerMm");
        assertThat(Outline.ofKey("oval")).isEqualTo(Outline.OVAL);
    }
}

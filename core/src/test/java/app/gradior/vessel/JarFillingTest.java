package app.gradior.vessel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.finding.Refused;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class JarFillingTest {
    private static double total(JarFilling.Answer answer) {
        return answer.fills().stream().mapToDouble(JarFilling.Fill::fillMl).sum();
    }

    private static double room(JarFilling.Answer answer) {
        return answer.fills().stream().mapToDouble(f -> f.jar().fillMl()).sum();
    }

    /** Against every combination there is. */
    @Test
    void noOtherChoiceOfJarsLeavesLessRoom() {
        Random random = new Random(3);
        for (int round = 0; round < 200; round++) {
            List<Jar> jars = List.of(
                    new Jar("small", 200, 60 + random.nextInt(100), random.nextInt(5)),
                    new Jar("middle", 400, 170 + random.nextInt(150), random.nextInt(4)),
                    new Jar("large", 800, 350 + random.nextInt(400), random.nextInt(3)));
            double volume = 50 + random.nextInt(1500);
            JarFilling.Answer answer = JarFilling.of(volume, jars);
            assertThat(total(answer) + answer.leftoverMl()).isCloseTo(volume, within(1e-9));
            double all = jars.stream().mapToDouble(j -> j.count() * j.fillMl()).sum();
            if (all <= volume) {
                assertThat(answer.leftoverMl()).isCloseTo(volume - all, within(1e-9));
            } else {
                assertThat(answer.leftoverMl()).isZero();
                assertThat(room(answer)).isCloseTo(bestRoom(volume, jars), within(1e-9));
                assertThat(answer.fills().stream().filter(f -> f.share() < 0.999))
                        .hasSizeLessThanOrEqualTo(1);
            }
        }
    }

    private static double bestRoom(double volume, List<Jar> jars) {
        double best = Double.MAX_VALUE;
        for (int a = 0; a <= jars.get(0).count(); a++) {
            for (int b = 0; b <= jars.get(1).count(); b++) {
                for (int c = 0; c <= jars.get(2).count(); c++) {
                    double room = a * jars.get(0).fillMl()
                            + b * jars.get(1).fillMl()
                            + c * jars.get(2).fillMl();
                    if (room >= volume) {
                        best = Math.min(best, room);
                    }
                }
            }
        }
        return best;
    }

    @Test
    void headspaceIsTakenOffTheBrim() {
        Jar jar = Jar.withHeadspace("jam", 370, 10, 3);
        assertThat(jar.fillMl()).isBetween(310.0, 340.0);
        assertThat(Jar.withHeadspace("jam", 370, 0, 3).fillMl()).isEqualTo(370);
        assertThat(Refused.why(() -> Jar.withHeadspace("jam", 370, 200, 3)))
                .isEqualTo(new JarFinding.Headspace(200, 90, 370));
        assertThat(Refused.why(() -> new Jar("x", 100, 120, 1))).isEqualTo(new JarFinding.OverTheBrim(120, 100));
        assertThatThrownBy(() -> JarFilling.of(Double.NaN, List.of(jar))).hasMessageContaining("volumeMlHot");
        assertThat(Refused.why(() -> JarFilling.of(20_000, List.of(new Jar("tiny", 5, 5, 1000)))))
                .isEqualTo(new JarFinding.TooMany(1000, 500));
    }
}

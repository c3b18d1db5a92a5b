package app.gradior.web.draw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.clock.ClockPlan;
import app.gradior.clock.Task;
import app.gradior.clock.TaskName;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.Catalogue;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Routes;
import app.gradior.plan.Thickening;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class PlanDrawingsTest {
    private static Mixture of(String food, double g) {
        return Mixture.of(Catalogue.standard().food(food).orElseThrow(), g);
    }

    private static final List<Routes.Point> POINTS = ((Routes.Curve) new Routes(
                            of("passata", 800).plus(of("vegetable-stock", 500)),
                            PotOnHeat.unknownPair(new PotShape(240, 232, 130), 0),
                            new Heat(Look.LIVELY, LidState.OPEN),
                            Thickening.Mix.slurry(StarchKind.MAIZE),
                            6,
                            60,
                            1)
                    .curve())
            .points();

    private static String chart(Routes.Point chosen, List<RoutesDrawing.Shade> shades) {
        return RoutesDrawing.draw(new RoutesDrawing.Chart(
                POINTS,
                chosen,
                List.of(),
                "",
                OptionalDouble.of(900),
                "cornflour",
                shades,
                ml -> Math.round(ml) + " mL",
                ml -> String.valueOf(ml),
                1,
                "33 min · 900 mL"));
    }

    private static List<double[]> dots(String svg) {
        Matcher m = Pattern.compile("<circle class=\"way-point\" cx=\"([0-9.]+)\" cy=\"([0-9.]+)\"")
                .matcher(svg);
        List<double[]> dots = new ArrayList<>();
        while (m.find()) {
            dots.add(new double[] {Double.parseDouble(m.group(1)), Double.parseDouble(m.group(2))});
        }
        return dots;
    }

    @Test
    void everyWayIsADotInItsPlace() {
        List<double[]> dots = dots(chart(POINTS.get(12), List.of()));
        assertThat(dots).hasSize(25);
        double perMinute = (dots.get(0)[0] - dots.get(24)[0])
                / (POINTS.get(0).minutes() - POINTS.get(24).minutes());
        double perMl = (dots.get(0)[1] - dots.get(24)[1])
                / (POINTS.get(24).volumeMl20c() - POINTS.get(0).volumeMl20c());
        for (int i = 0; i < 25; i++) {
            assertThat(dots.get(i)[0] - dots.get(24)[0])
                    .isCloseTo(
                            perMinute
                                    * (POINTS.get(i).minutes() - POINTS.get(24).minutes()),
                            within(0.2));
            assertThat(dots.get(i)[1] - dots.get(24)[1])
                    .isCloseTo(
                            perMl
                                    * (POINTS.get(24).volumeMl20c()
                                            - POINTS.get(i).volumeMl20c()),
                            within(0.2));
        }
    }

    @Test
    void anEndThatIsChosenSpeaksForItselfAndWordsOfShadesStandApart() {
        assertThat(chart(POINTS.get(12), List.of())).contains(">reduce only<").contains(">starch only<");
        assertThat(chart(POINTS.get(0), List.of())).doesNotContain(">reduce only<");
        assertThat(chart(POINTS.get(24), List.of())).doesNotContain(">starch only<");
        String shaded = chart(
                POINTS.get(12),
                List.of(
                        new RoutesDrawing.Shade(10, "later than 19:30"),
                        new RoutesDrawing.Shade(20, "over 2 % salt"),
                        new RoutesDrawing.Shade(9999, "never on the chart")));
        Matcher words = Pattern.compile("class=\"shade-word\" x=\"[0-9.]+\" y=\"([0-9.]+)\"")
                .matcher(shaded);
        assertThat(words.find()).isTrue();
        double first = Double.parseDouble(words.group(1));
        assertThat(words.find()).isTrue();
        assertThat(Double.parseDouble(words.group(1)) - first).isGreaterThanOrEqualTo(14);
        assertThat(shaded).doesNotContain("never on the chart");
    }

    private static ClockDrawing.Lane lane(String name, int due, Task... tasks) {
        ClockPlan.Day day = ClockPlan.of(List.of(new ClockPlan.Job(name, List.of(tasks), due, 30, 0)), 1, -9999);
        return new ClockDrawing.Lane(3, day.rows().get(0));
    }

    private static List<double[]> bars(String svg, String kind) {
        Matcher m = Pattern.compile(
                        "<rect class=\"work " + kind + "\" x=\"([0-9.]+)\" y=\"[0-9.]+\" width=\"([0-9.]+)\"")
                .matcher(svg);
        List<double[]> bars = new ArrayList<>();
        while (m.find()) {
            bars.add(new double[] {Double.parseDouble(m.group(1)), Double.parseDouble(m.group(2))});
        }
        return bars;
    }

    @Test
    void barsAreAsLongAsTheirMinutesAndALongNightIsCutOut() {
        ClockDrawing.Lane tonight = lane(
                "gravy",
                0,
                new Task(new TaskName.Called("sweat"), 10, true, true, false),
                new Task(new TaskName.Called("simmer"), 30, false, true, true));
        String plain = ClockDrawing.draw(List.of(tonight), -20, m -> "t" + m, List.of("Front left"));
        double hands = bars(plain, "hands").get(0)[1];
        assertThat(bars(plain, "free").get(0)[1]).isCloseTo(3 * hands, within(0.3));
        assertThat(plain).contains(">now<").contains(">Front left<").contains("data-plan=\"3\"");
        ClockDrawing.Lane overnight = lane(
                "pepper <b>sauce</b>",
                0,
                new Task(new TaskName.Called("reduce"), 30, false, true, true),
                Task.standing(new TaskName.Called("rest"), 12 * 60),
                new Task(new TaskName.Called("warm"), 10, true, true, true));
        String cut = ClockDrawing.draw(List.of(overnight), -5000, m -> "t" + m, List.of());
        assertThat(cut).contains("· · ·").doesNotContain(">now<").contains("&lt;b&gt;");
        double free = bars(cut, "free").get(0)[1];
        assertThat(bars(cut, "hands").get(0)[1]).isCloseTo(free / 3, within(0.3));
        assertThat(bars(cut, "standing").get(0)[1])
                .as("the night takes little paper")
                .isLessThan(3 * free);
    }
}

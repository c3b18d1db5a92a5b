package app.gradior.web.draw;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.estimate.Band;
import app.gradior.estimate.Forecast;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DrawingsTest {
    private static final PotShape POT = new PotShape(240, 210, 130);

    private static List<Double> all(String svg, String pattern) {
        List<Double> found = new ArrayList<>();
        Matcher matcher = Pattern.compile(pattern).matcher(svg);
        while (matcher.find()) {
            found.add(Double.parseDouble(matcher.group(1)));
        }
        return found;
    }

    @ParameterizedTest
    @CsvSource({"60, 58, 57", "60, 60, 60", "10, 6, 2", "120, 80, 30", "3, 2, 1"})
    void levelLabelsNeverCollideHoweverCloseTheLevels(double start, double now, double stop) {
        String svg = SectionDrawing.draw(POT, start, now, OptionalDouble.of(stop), true);
        List<Double> y = all(svg, "<text class=\"level [a-z]+\" x=\"[0-9.]+\" y=\"([0-9.]+)\"");
        assertThat(y).hasSize(3);
        assertThat(y.get(1) - y.get(0)).isGreaterThanOrEqualTo(29.9);
        assertThat(y.get(2) - y.get(1)).isGreaterThanOrEqualTo(29.9);
        assertThat(svg).contains("stop at " + Math.round(stop) + " mm");
    }

    @Test
    void numbersOfADrawingAreShort() {
        assertThat(java.util.stream.DoubleStream.of(0, 12, 12.04, 12.06, 99.95, -0.04, -0.06, -3.25, 100_000)
                        .mapToObj(Svg::n))
                .containsExactly("0", "12", "12", "12.1", "100", "0", "-0.1", "-3.3", "100000");
    }

    @Test
    void theSectionIsToScale() {
        String svg = SectionDrawing.draw(POT, 65, 65, OptionalDouble.of(32.5), true);
        List<Double> goal = all(svg, "<path class=\"goal\" d=\"M[0-9.]+ ([0-9.]+)L");
        List<Double> wall = all(svg, "<path class=\"wall\" d=\"M[0-9.]+ ([0-9.]+)L");
        List<Double> floor = all(svg, "<path class=\"wall\" d=\"M[0-9.]+ [0-9.]+L[0-9.]+ ([0-9.]+)L");
        double height = floor.get(0) - wall.get(0);
        assertThat((floor.get(0) - goal.get(0)) / height).isBetween(0.245, 0.255);
    }

    @Test
    void theStairShowsItsEndsForWhatIsBeyondThem() {
        String svg = StairDrawing.draw(-1.6, new Band(9.2, 9.8, 11), 9, "in the pot", "at the table");
        assertThat(svg).contains(">1.0<").contains(">9.0<").contains("tread wanted");
        assertThat(all(svg, "<circle class=\"now dot\" cx=\"([0-9.]+)\"")).allMatch(x -> x > 0 && x < 612);
    }

    @Test
    void textCannotBreakOutOfADrawing() {
        String svg = StairDrawing.draw(4, new Band(5, 5, 5), 5, "<script>alert(1)</script>", "\"&\"");
        assertThat(svg).doesNotContain("<script>").contains("&lt;script&gt;").contains("&quot;&amp;&quot;");
    }

    @Test
    void theDescentStaysOnItsPaperAndNamesWhatHappened() {
        List<Forecast.CurvePoint> points = new ArrayList<>();
        for (int minute = 0; minute <= 60; minute += 5) {
            double mass = 1500 - 8 * minute;
            double spread = minute < 20 ? 0 : minute - 20;
            points.add(new Forecast.CurvePoint(minute, new Band(mass - spread, mass, mass + spread)));
        }
        String svg = DescentDrawing.draw(
                points,
                20,
                1100,
                List.of(new DescentDrawing.Tick(10, "weighed"), new DescentDrawing.Tick(11, "dipped")),
                minute -> minute + " min",
                "words");
        assertThat(svg).contains("weighed").contains("dipped").contains("stop at 1,100 g");
        List<Double> words = all(svg, "<text class=\"event-word\" x=\"[0-9.]+\" y=\"([0-9.]+)\"");
        assertThat(Math.abs(words.get(0) - words.get(1)))
                .as("close ticks stand in two rows")
                .isGreaterThan(8);
        assertThat(all(svg, "L[0-9.]+ ([0-9.]+)")).allMatch(y -> y >= 0 && y <= 236);
    }

    @Test
    void earlierBandsEndWhereTheBatchDidAndWordsStayOnThePaper() {
        List<Forecast.CurvePoint> came = List.of(point(0, 1500, 0), point(30, 1200, 0));
        List<Forecast.CurvePoint> start = List.of(point(0, 1500, 20), point(20, 1350, 60), point(60, 900, 200));
        String svg = DescentDrawing.draw(
                came,
                List.of(start, start.subList(1, 3)),
                31,
                Double.NaN,
                List.of(new DescentDrawing.Tick(30, "off the heat")),
                minute -> minute + " min",
                "words");
        List<Double> bands = all(svg, "<path class=\"band\" d=\"M([0-9.]+) ");
        assertThat(bands).hasSize(2);
        List<Double> ends = all(svg, "[ML]([0-9.]+) [0-9.]+");
        double right = 590;
        assertThat(ends).as("nothing past the last minute").allMatch(x -> x <= right + 1e-9);
        assertThat(svg).contains("text-anchor=\"end\">off the heat<");
    }

    private static Forecast.CurvePoint point(double minute, double mass, double spread) {
        return new Forecast.CurvePoint(minute, new Band(mass - spread, mass, mass + spread));
    }

    /** A sauce before its slurry shows where it will end; one that is there shows the night instead. */
    @Test
    void theStairShowsTheEndWhileItIsAnother() {
        Band now = new Band(1, 1.1, 1.2);
        Optional<StairDrawing.Night> night = Optional.of(new StairDrawing.Night(1.2, "after a night: thin"));
        String before = StairDrawing.draw(
                1, now, 5, "pot", "table", StairDrawing.Later.of(Optional.of(new Band(4.6, 5.1, 5.4)), now, night));
        assertThat(before)
                .contains("at the end, 4.6 to 5.4")
                .contains("end dot")
                .doesNotContain("after a night");
        String there = StairDrawing.draw(
                1, now, 5, "pot", "table", StairDrawing.Later.of(Optional.of(new Band(1.1, 1.3, 1.4)), now, night));
        assertThat(there).contains("after a night").doesNotContain("end dot");
        assertThat(StairDrawing.draw(1, now, 5, "pot", "table", StairDrawing.Later.of(Optional.empty(), now, night)))
                .contains("after a night");
    }

    @Test
    void aLongPanIsDrawnFromAbove() {
        PotShape tin = new PotShape(PotShape.Outline.RECTANGULAR, 380, 270, 350, 240, 70, 20, 2);
        assertThat(FromAboveDrawing.draw(tin)).contains("380 by 270 mm").contains("class=\"sauce\"");
        assertThat(FromAboveDrawing.draw(new PotShape(PotShape.Outline.OVAL, 380, 270, 350, 240, 70, 0, 1)))
                .contains("class=\"wall\"");
        assertThat(FromAboveDrawing.draw(PotShape.bowl(300, 90, 90))).isEmpty();
        assertThat(SectionDrawing.halfFull(PotShape.bowl(300, 90, 90))).contains("class=\"wall\"");
    }
}

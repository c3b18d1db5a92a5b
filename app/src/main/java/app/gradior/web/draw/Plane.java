package app.gradior.web.draw;

import java.util.Collection;
import java.util.function.ToDoubleFunction;

/** A chart's two axes. */
record Plane(Axis x, Axis y) {
    /** The way through points as a path; one that draws nothing when there are none. */
    <T> String line(Collection<T> points, ToDoubleFunction<T> figureX, ToDoubleFunction<T> figureY) {
        StringBuilder d = new StringBuilder();
        for (T point : points) {
            d.append(d.isEmpty() ? "M" : "L")
                    .append(Svg.n(x.at(figureX.applyAsDouble(point))))
                    .append(' ')
                    .append(Svg.n(y.at(figureY.applyAsDouble(point))));
        }
        return d.isEmpty() ? "M0 0" : d.toString();
    }
}

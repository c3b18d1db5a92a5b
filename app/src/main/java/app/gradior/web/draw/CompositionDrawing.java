package app.gradior.web.draw;

import app.gradior.larder.Composition;
import app.gradior.measure.Numbers;
import app.gradior.room.words.Words;
import java.util.ArrayList;
import java.util.List;

/** What 100 g of a food is, drawn as one beam cut to scale, with the parts named beneath. */
public final class CompositionDrawing {
    private static final double WIDTH = 600;
    private static final double BEAM = 34;
    private static final double ROW = 27;
    private static final int COLUMNS = 2;

    private CompositionDrawing() {}

    private record Part(String name, String cssClass, double grams) {}

    /** A composition. */
    public static String draw(Composition c) {
        List<Part> parts = List.of(
                new Part(Words.text("composition-drawing.water"), "water", c.water()),
                new Part(Words.text("composition-drawing.alcohol"), "ethanol", c.ethanol()),
                new Part(Words.text("composition-drawing.sugars"), "sugars", c.sugars()),
                new Part(Words.text("composition-drawing.other-solubles"), "solubles", c.otherSolubles()),
                new Part(Words.text("composition-drawing.salt"), "salt", c.salt()),
                new Part(Words.text("composition-drawing.acids"), "acids", c.acids()),
                new Part(Words.text("composition-drawing.fat"), "fat", c.fat()),
                new Part(Words.text("composition-drawing.starch"), "starch", c.starch()),
                new Part(Words.text("composition-drawing.pulp"), "pulp", c.pulp()),
                new Part(Words.text("composition-drawing.coarse"), "coarse", c.coarse()));
        List<Part> there = new ArrayList<>(
                parts.stream().filter(part -> part.grams() >= 0.05).toList());
        StringBuilder words = new StringBuilder("In 100 g: ");
        there.forEach(p -> words.append(Numbers.plain(p.grams(), 1))
                .append(" g ")
                .append(p.name())
                .append(", "));
        int rows = (there.size() + COLUMNS - 1) / COLUMNS;
        Svg svg = new Svg("composition", WIDTH, BEAM + 12 + rows * ROW, words.substring(0, words.length() - 2));
        double x = 0;
        double total = c.totalG();
        for (Part part : there) {
            double width = WIDTH * part.grams() / total;
            svg.rect("part " + part.cssClass(), x, 0, width, BEAM);
            x += width;
        }
        for (int i = 0; i < there.size(); i++) {
            Part part = there.get(i);
            double left = i % COLUMNS * WIDTH / COLUMNS;
            double y = BEAM + 26 + i / COLUMNS * ROW;
            svg.rect("part " + part.cssClass(), left, y - 13, 15, 15);
            svg.text("word", left + 24, y, "start", Numbers.plain(part.grams(), 1) + " " + part.name());
        }
        return svg.done();
    }
}

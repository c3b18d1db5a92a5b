package app.gradior.web.bench;

import app.gradior.care.Caution;
import java.util.ArrayList;
import java.util.List;

/**
 * An answer, in the same form for every question.
 *
 * @param saying the answer in a sentence
 * @param big the figures that matter most, at most three
 * @param facts what else is worth knowing
 * @param table rows under a head; empty for none
 * @param drawings SVG
 * @param cautions where they apply
 * @param ways to do it, to be chosen from
 */
record Reply(
        String saying,
        List<Figure> big,
        List<Fact> facts,
        Table table,
        List<String> drawings,
        List<Caution> cautions,
        List<Choice> ways) {
    /**
     * One way of several.
     *
     * @param mark its number, or another sign
     * @param how it is done; may be empty
     * @param take what a tap records in a live pot; empty where there is none
     */
    record Choice(String mark, String title, String how, List<Effect> effects, String take) {}

    /** What a way does to something, and whether that is worth a look. */
    record Effect(String word, String value, boolean changed) {}

    /** A figure with its unit. */
    record Figure(String word, String figure, String unit) {}

    record Fact(String word, String value) {}

    record Table(String caption, List<String> head, List<List<String>> rows) {
        static final Table NONE = new Table("", List.of(), List.of());
    }

    /** Puts an answer together. */
    static final class Builder {
        private final String saying;
        private final List<Figure> big = new ArrayList<>();
        private final List<Fact> facts = new ArrayList<>();
        private final List<String> drawings = new ArrayList<>();
        private final List<Caution> cautions = new ArrayList<>();
        private final List<Choice> ways = new ArrayList<>();
        private Table table = Table.NONE;

        Builder(String saying) {
            this.saying = saying;
        }

        Builder big(String word, String figure, String unit) {
            big.add(new Figure(word, figure, unit));
            return this;
        }

        Builder fact(String word, String value) {
            facts.add(new Fact(word, value));
            return this;
        }

        Builder table(String caption, List<String> head, List<List<String>> rows) {
            table = new Table(caption, head, rows);
            return this;
        }

        Builder drawing(String svg) {
            drawings.add(svg);
            return this;
        }

        Builder cautions(List<Caution> more) {
            cautions.addAll(more);
            return this;
        }

        Builder way(Choice way) {
            ways.add(way);
            return this;
        }

        Reply done() {
            return new Reply(saying, big, facts, table, drawings, cautions, ways);
        }
    }
}

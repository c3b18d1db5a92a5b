package app.gradior.method;

import app.gradior.method.ReadRecipe.EndWord;
import app.gradior.method.ReadRecipe.Range;
import app.gradior.method.ReadRecipe.ReadEnd;
import app.gradior.method.ReadRecipe.ReadLine;
import app.gradior.method.ReadRecipe.ReadStage;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A text and what a careful cook reads in it. Scored as the annotation says: a line is found when food and grams (within a tenth) are right;
 * stages by the longest common run of kinds; ends of the stages so matched.
 */
record GoldText(
        String id,
        String text,
        String shape,
        String measures,
        Optional<Range> yieldMl,
        List<Line> lines,
        List<Stage> stages) {
    private static final double ROOM = 0.1;

    record Line(String food, Optional<Range> grams, int stage) {}

    record Stage(List<String> kinds, List<End> ends, Optional<Range> minutes) {}

    record End(EndWord by, double value) {}

    /** What was found of how much. */
    record Score(int found, int wanted, int given, double stages, int endsRight, int matched) {}

    static GoldText of(String id) {
        List<Line> lines = new ArrayList<>();
        List<Stage> stages = new ArrayList<>();
        String shape = "";
        String measures = "";
        Optional<Range> yield = Optional.empty();
        for (String row : resource(id + ".gold").split("\n")) {
            String[] f = row.split("\t", -1);
            switch (f[0]) {
                case "shape" -> shape = f[1];
                case "measures" -> measures = f[1];
                case "yield" -> yield = f.length > 2 ? Optional.of(range(f[1], f[2])) : yield;
                case "line" ->
                    lines.add(new Line(
                            f[1],
                            f[2].isEmpty() ? Optional.empty() : Optional.of(range(f[2], f[3])),
                            Integer.parseInt(f[4])));
                case "stage" ->
                    stages.add(new Stage(
                            List.of(f[1].split(" ")),
                            ends(f[2]),
                            f[3].isEmpty() ? Optional.empty() : Optional.of(range(f[3], f[4]))));
                default -> {}
            }
        }
        return new GoldText(id, resource(id + ".txt"), shape, measures, yield, lines, stages);
    }

    private static List<End> ends(String field) {
        List<End> ends = new ArrayList<>();
        for (String end : field.split(" ")) {
            String[] parts = end.split("=");
            ends.add(new End(
                    EndWord.valueOf(parts[0].toUpperCase(Locale.ROOT)),
                    parts.length > 1 ? Double.parseDouble(parts[1]) : Double.NaN));
        }
        return ends;
    }

    private static Range range(String low, String high) {
        return new Range(Double.parseDouble(low), Double.parseDouble(high));
    }

    private static String resource(String name) {
        try (InputStream in = GoldText.class.getResourceAsStream("/method/" + name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    Score score(ReadRecipe read) {
        List<ReadLine> free = new ArrayList<>(read.lines());
        int found = 0;
        for (Line line : lines) {
            Optional<ReadLine> match =
                    free.stream().filter(l -> isRight(line, l)).findFirst();
            if (match.isPresent()) {
                free.remove(match.get());
                found++;
            }
        }
        List<int[]> pairs = common(read.stages());
        int right = 0;
        for (int[] pair : pairs) {
            right += endRight(stages.get(pair[0]), read.stages().get(pair[1])) ? 1 : 0;
        }
        double share = pairs.size()
                / (double) Math.max(1, Math.max(stages.size(), read.stages().size()));
        return new Score(found, lines.size(), read.lines().size(), share, right, pairs.size());
    }

    private static boolean isRight(Line line, ReadLine read) {
        boolean food =
                read.reading().food().filter(f -> f.id().equals(line.food())).isPresent();
        double grams = read.reading().massG();
        return food
                && line.grams()
                        .map(g -> grams >= (1 - ROOM) * g.low() && grams <= (1 + ROOM) * g.high())
                        .orElse(true);
    }

    /** The longest run of kinds that both have, in order. */
    private List<int[]> common(List<ReadStage> read) {
        int[][] best = new int[stages.size() + 1][read.size() + 1];
        for (int i = stages.size() - 1; i >= 0; i--) {
            for (int j = read.size() - 1; j >= 0; j--) {
                best[i][j] = same(i, read.get(j)) ? 1 + best[i + 1][j + 1] : Math.max(best[i + 1][j], best[i][j + 1]);
            }
        }
        List<int[]> pairs = new ArrayList<>();
        int i = 0;
        int j = 0;
        while (i < stages.size() && j < read.size()) {
            if (same(i, read.get(j))) {
                pairs.add(new int[] {i++, j++});
            } else if (best[i + 1][j] >= best[i][j + 1]) {
                i++;
            } else {
                j++;
            }
        }
        return pairs;
    }

    private boolean same(int gold, ReadStage read) {
        return stages.get(gold).kinds().contains(read.kind().key());
    }

    private static boolean endRight(Stage gold, ReadStage read) {
        return gold.ends().stream().anyMatch(end -> one(end, gold, read.end()));
    }

    private static boolean one(End gold, Stage stage, ReadEnd read) {
        double value = read.value().orElse(Double.NaN);
        boolean minutes = stage.minutes()
                .map(m -> value >= (1 - ROOM) * m.low() && value <= (1 + ROOM) * m.high())
                .orElse(Math.abs(value - gold.value()) <= ROOM * gold.value());
        if (gold.by() != read.by()) {
            return gold.by() == EndWord.WORD
                    && read.by() == EndWord.MINUTES
                    && stage.minutes().isPresent()
                    && minutes;
        }
        if (gold.by() == EndWord.WORD || Double.isNaN(gold.value())) {
            return true;
        }
        if (gold.by() == EndWord.MINUTES) {
            return minutes;
        }
        double room = switch (gold.by()) {
            case STEP, BOIL -> 1;
            case COOLED -> 3;
            default -> ROOM * gold.value();
        };
        return Math.abs(value - gold.value()) <= room + 1e-9;
    }
}

package app.gradior.method;

import app.gradior.measure.MeasureSystem;
import app.gradior.method.ReadRecipe.Left;
import app.gradior.method.ReadRecipe.Range;
import app.gradior.method.ReadRecipe.ReadLine;
import app.gradior.method.ReadRecipe.ReadStage;
import app.gradior.method.ReadRecipe.Span;
import app.gradior.method.ReadRecipe.StageWord;
import app.gradior.method.ReadRecipe.Why;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** All that was read of a text, put together, so that nothing of it is lost. */
final class Gathered {
    private static final Pattern LINE = Pattern.compile("[^\\r\\n]+");

    private final String text;
    private final List<Left> left;

    /**
     * A text that was read.
     *
     * @param left what was left before its stages were read
     */
    Gathered(String text, List<Left> left) {
        this.text = text;
        this.left = new ArrayList<>(left);
    }

    /** What is said of the whole. */
    record Head(String name, boolean spoken, MeasureSystem measures, Optional<Range> yield) {}

    /** The recipe of the lines and stages that were read. */
    ReadRecipe recipe(LineBook book, StageBuilder builder, Head head) {
        List<ReadLine> lines = new ArrayList<>();
        int last = 1;
        int stages = builder.list().stages().size();
        for (int i = 0; i < book.entries().size(); i++) {
            MethodLine entry = book.entries().get(i);
            if (entry.thrown) {
                left.add(new Left(entry.text, Why.BESIDE_THE_POT, entry.at));
                continue;
            }
            int stage = builder.list().stageOf(i);
            if (stage == 0 && stages > 0) {
                stage = seasons(entry) ? lastSeason(builder).orElse(last) : last;
            }
            last = stage;
            lines.add(
                    new ReadLine(entry.text, entry.reading, stage, entry.optional, entry.part, entry.group, entry.at));
        }
        left.addAll(builder.list().left());
        unsaid(lines, builder.list().stages());
        left.sort(Comparator.comparingInt(piece -> piece.at().from()));
        return new ReadRecipe(
                head.name(),
                head.spoken(),
                head.measures(),
                lines,
                builder.list().stages(),
                head.yield(),
                together(left));
    }

    /** Pieces that follow one another for the same reason are one. */
    private List<Left> together(List<Left> pieces) {
        List<Left> joined = new ArrayList<>();
        for (Left piece : pieces) {
            Left before = joined.isEmpty() ? null : joined.get(joined.size() - 1);
            boolean goesOn = before != null
                    && before.why() == piece.why()
                    && piece.at().from() >= before.at().to()
                    && text.substring(before.at().to(), piece.at().from())
                            .chars()
                            .noneMatch(c -> c == '\n' || Character.isLetterOrDigit(c));
            if (before != null && goesOn) {
                Span at = new Span(before.at().from(), piece.at().to());
                joined.set(
                        joined.size() - 1,
                        new Left(text.substring(at.from(), at.to()).strip(), piece.why(), at));
            } else {
                joined.add(piece);
            }
        }
        return joined;
    }

    /** What of the text is in nothing that was read or left: left too, so that nothing is lost. */
    private void unsaid(List<ReadLine> lines, List<ReadStage> stages) {
        BitSet said = new BitSet(text.length());
        lines.forEach(line -> said.set(line.at().from(), line.at().to()));
        stages.forEach(stage -> said.set(stage.at().from(), stage.at().to()));
        left.forEach(piece -> said.set(piece.at().from(), piece.at().to()));
        for (int from = said.nextClearBit(0); from < text.length(); ) {
            int next = said.nextSetBit(from);
            int to = next < 0 ? text.length() : next;
            leaveLines(from, to);
            from = said.nextClearBit(to);
        }
    }

    private void leaveLines(int from, int to) {
        Matcher line = LINE.matcher(text).region(from, to);
        while (line.find()) {
            if (line.group().chars().anyMatch(Character::isLetterOrDigit)) {
                left.add(new Left(line.group().strip(), Why.NOTHING_TO_DO, new Span(line.start(), line.end())));
            }
        }
    }

    private static boolean seasons(MethodLine entry) {
        return FoodClass.is(entry.food(), FoodClass.SALT) || FoodClass.is(entry.food(), FoodClass.SPICE);
    }

    private static Optional<Integer> lastSeason(StageBuilder builder) {
        for (int s = builder.list().stages().size() - 1; s >= 0; s--) {
            if (builder.list().stages().get(s).kind() == StageWord.SEASON) {
                return Optional.of(s + 1);
            }
        }
        return Optional.empty();
    }
}

package app.gradior.sauce;

import app.gradior.finding.Unfit;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.IntFunction;
import org.jspecify.annotations.Nullable;

/**
 * What a stage does with what went in before, as a cook writes it and as it is kept.
 *
 * @param lines places of the lines whose pieces come out or go back; none for the whole pot, or for all that stands beside it
 * @param share of them that comes out, more than 0 and at most 1; absent for all
 * @param keepFatG fat that stays in the pan, g; absent when nobody weighs it
 * @param keepFatShare share of the fat that stays in the pan, 0 to 1; absent for all of it
 * @param ovenC heat of the oven that it stands in, °C; absent for the usual
 */
public record StageWork(
        List<Integer> lines,
        @Nullable Double share,
        @Nullable Double keepFatG,
        @Nullable Double keepFatShare,
        @Nullable Double ovenC) {
    /** More fat than any pan at home gives, g; arbitrary. */
    public static final double MOST_FAT_G = 20_000;

    public static final StageWork NONE = new StageWork(List.of(), null, null, null, null);
    /** The oven of a braise that nobody sets otherwise, °C; kitchen practice. */
    public static final double USUAL_OVEN_C = 160;

    private static final double LEAST_SHARE = 0.01;
    private static final double LEAST_OVEN_C = 50;
    private static final double MOST_OVEN_C = 300;

    public StageWork {
        lines = List.copyOf(lines);
        if (share != null) {
            Unfit.inRange("share", share, LEAST_SHARE, 1, "");
        }
        if (keepFatG != null) {
            Unfit.inRange("keepFatG", keepFatG, 0, MOST_FAT_G, " g");
        }
        if (keepFatShare != null) {
            Unfit.inRange("keepFatShare", keepFatShare, 0, 1, "");
        }
        if (ovenC != null) {
            Unfit.inRange("ovenC", ovenC, LEAST_OVEN_C, MOST_OVEN_C, " °C");
        }
    }

    /** A stage that does nothing in an oven. */
    public StageWork(
            List<Integer> lines, @Nullable Double share, @Nullable Double keepFatG, @Nullable Double keepFatShare) {
        this(lines, share, keepFatG, keepFatShare, null);
    }

    /** In an oven of that heat, °C. */
    public static StageWork inOven(double ovenC) {
        return new StageWork(List.of(), null, null, null, ovenC);
    }

    /** Heat of its oven, °C. */
    public double oven() {
        return ovenC == null ? USUAL_OVEN_C : ovenC;
    }

    /** Of pieces that come out or go back, by the places of their lines. */
    public static StageWork of(List<Integer> lines) {
        return new StageWork(lines, null, null, null, null);
    }

    /** The same with its lines at other places. */
    public StageWork at(IntFunction<@Nullable Integer> place) {
        return new StageWork(
                lines.stream().map(place::apply).filter(Objects::nonNull).toList(),
                share,
                keepFatG,
                keepFatShare,
                ovenC);
    }

    /** The same of a pot of so many times as much. */
    public StageWork times(double factor) {
        return new StageWork(lines, share, keepFatG == null ? null : keepFatG * factor, keepFatShare, ovenC);
    }

    /** As the engine does it in a stage of that kind. */
    public Work in(StageKind kind) {
        return switch (kind) {
            case TAKE_OUT -> new Work.TakeOut(Set.copyOf(lines), share != null ? share : lines.isEmpty() ? 0 : 1);
            case PUT_BACK -> new Work.PutBack(Set.copyOf(lines));
            case RENDER ->
                keepFatG != null
                        ? new Work.PourFat(keepFatG, Double.NaN)
                        : new Work.PourFat(Double.NaN, keepFatShare == null ? 1 : keepFatShare);
            case OVEN -> new Work.InOven(oven());
            default -> Work.NONE;
        };
    }
}

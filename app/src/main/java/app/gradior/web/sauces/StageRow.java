package app.gradior.web.sauces;

import app.gradior.finding.Unfit;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.measure.Numbers;
import app.gradior.room.book.StageDraft;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Told;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.Outline;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageWork;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A stage of the form, its figures as typed.
 *
 * @param pieces names of what comes out or goes back
 * @param share of it, percent
 * @param keep fat that stays in the pan, g, or with a percent sign its share
 * @param oven heat of the oven, °C, or with an F °F
 */
// Wide: fields of one form.
record StageRow(
        String kind,
        String title,
        String end,
        String value,
        String look,
        String lid,
        String pieces,
        String share,
        String keep,
        String oven) {
    private static final double PERCENT = 100;
    private static final double F_AT_0_C = 32;
    private static final double F_PER_C = 1.8;

    /** One that does nothing with what went in before. */
    static StageRow plain(Outline.Step step) {
        return new StageRow(
                step.kind().key(),
                "",
                step.end().name(),
                Numbers.plain(step.value(), 2),
                step.kind().usualLook().key(),
                step.kind().usualLid().key(),
                "",
                "",
                "",
                "");
    }

    static StageRow of(StageDraft stage, List<Lines.Typed> lines) {
        StageWork work = stage.working();
        return new StageRow(
                stage.kind().key(),
                stage.title(),
                stage.end().name(),
                Numbers.plain(stage.value(), 2).replace(",", ""),
                stage.look().key(),
                stage.lid().key(),
                work.lines().stream()
                        .filter(line -> line < lines.size())
                        .map(line -> lines.get(line).text().strip())
                        .collect(Collectors.joining(", ")),
                percent(work.share()),
                work.keepFatG() != null
                        ? Numbers.plain(work.keepFatG(), 1)
                        : work.keepFatShare() == null ? "" : percent(work.keepFatShare()) + " %",
                work.ovenC() == null ? "" : Numbers.plain(work.ovenC(), 0));
    }

    private static String percent(@Nullable Double share) {
        return share == null ? "" : Numbers.plain(PERCENT * share, 1);
    }

    /**
     * The stage that the row says.
     *
     * @param in places of the lines that go in
     * @param named finds the lines in the pot that words name
     * @throws Unfit when a figure is none, or a name is no piece's
     * @throws IllegalArgumentException when its end is none there is
     */
    StageDraft draft(List<Integer> in, Function<String, List<Integer>> named) {
        double figure = Numbers.parse(value).orElseThrow(() -> noFigure(value));
        StageKind does = StageKind.ofKey(kind);
        return new StageDraft(
                        does,
                        title.strip(),
                        does.movesPieces() ? List.of() : in,
                        Look.ofKey(look),
                        LidState.ofKey(lid),
                        EndKind.valueOf(end),
                        figure)
                .with(work(does, named));
    }

    private StageWork work(StageKind does, Function<String, List<Integer>> named) {
        if (does.movesPieces()) {
            return moved(does, named);
        }
        return does == StageKind.RENDER ? kept() : does == StageKind.OVEN ? inOven() : StageWork.NONE;
    }

    private StageWork inOven() {
        return oven.isBlank() ? StageWork.NONE : StageWork.inOven(ovenC());
    }

    /** Heat of the oven as typed, °C. */
    double ovenC() {
        double figure =
                Numbers.parse(oven.replaceAll("(?i)(°|deg)?\\s*[cf]\\s*$", "")).orElseThrow(() -> noFigure(oven));
        boolean fahrenheit = oven.strip().toLowerCase(Locale.ROOT).endsWith("f");
        return fahrenheit ? (figure - F_AT_0_C) / F_PER_C : figure;
    }

    private StageWork moved(StageKind does, Function<String, List<Integer>> named) {
        Double part = share.isBlank() || does == StageKind.PUT_BACK
                ? null
                : Numbers.parse(share.replace("%", "")).orElseThrow(() -> noFigure(share)) / PERCENT;
        List<Integer> which = pieces.isBlank() ? List.of() : named.apply(pieces.strip());
        if (!pieces.isBlank() && which.isEmpty()) {
            throw new Unfit(Told.of("stage.no-such-piece", pieces.strip()));
        }
        return new StageWork(which, part, null, null);
    }

    private StageWork kept() {
        if (keep.isBlank()) {
            return StageWork.NONE;
        }
        double figure =
                Numbers.parse(keep.replace("%", "").replaceAll("g\\s*$", "")).orElseThrow(() -> noFigure(keep));
        return keep.contains("%")
                ? new StageWork(List.of(), null, null, figure / PERCENT)
                : new StageWork(List.of(), null, figure, null);
    }

    private static Unfit noFigure(String typed) {
        return new Unfit(Told.of("stage.no-end", typed.strip()));
    }
}

package app.gradior.web.sauces;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.measure.Numbers;
import app.gradior.room.words.Words;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageWork;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** A stage of the form as a sentence: "Reduce until half of it is left, lively, lid off". */
final class StageSentence {
    private StageSentence() {}

    /** The sentence; what is not understood of a stage is left out. */
    static String of(StageRow row, Figures figures) {
        try {
            StageKind kind = StageKind.ofKey(row.kind());
            List<String> words = new ArrayList<>(List.of(Words.say(kind)));
            OptionalDouble value = Numbers.parse(row.value());
            EndKind end = EndKind.valueOf(row.end());
            boolean atOnce = end == EndKind.MINUTES && kind.tool().isPresent();
            if (kind.movesPieces()) {
                return moving(kind, row);
            }
            if (value.isPresent() && !atOnce) {
                words.add(end(end, value.getAsDouble(), figures));
            }
            if (kind.treatment() != StageKind.Treatment.OFF_THE_HEAT
                    && kind.tool().isEmpty()) {
                if (kind.treatment() == StageKind.Treatment.BOILING && kind.needsBurner()) {
                    words.add(Words.say(Look.ofKey(row.look())));
                }
                words.add(Words.text("check.lid", LidState.ofKey(row.lid())));
            }
            if (kind == StageKind.OVEN) {
                words.add(Words.text(
                        "stage-sentence.oven",
                        figures.temp(row.oven().isBlank() ? StageWork.USUAL_OVEN_C : row.ovenC())));
            }
            if (kind == StageKind.RENDER && !row.keep().isBlank()) {
                words.add(Words.text(
                        "stage-sentence.keep-fat",
                        row.keep().contains("%")
                                ? row.keep()
                                : figures.mass(Numbers.parse(row.keep()).orElse(0))));
            }
            return String.join(", ", words);
        } catch (IllegalArgumentException e) {
            return "";
        }
    }

    /** "Take out: the bay leaf". */
    private static String moving(StageKind kind, StageRow row) {
        String which = row.pieces().isBlank()
                ? Words.text(
                        "stage-sentence.unnamed." + kind.name(), row.share().isBlank() ? "none" : "some")
                : row.pieces().strip();
        String share = kind == StageKind.TAKE_OUT && !row.share().isBlank()
                ? ", "
                        + Words.text(
                                "stage-sentence.so-much",
                                row.share().replace("%", "").strip())
                : "";
        return Words.say(kind) + ": " + which + share;
    }

    /** What a stage ends by: "until half of it is left". */
    static String end(EndKind end, double value, Figures figures) {
        return Words.text("stage-sentence." + end.name(), figure(end, value, figures));
    }

    private static String figure(EndKind end, double value, Figures figures) {
        return switch (end) {
            case FRACTION, FRACTION_ADDED -> Numbers.cooks(value);
            case VOLUME -> figures.volume(value);
            case WEIGHT -> figures.mass(value);
            case STEP_HOT, STEP_SERVED -> figures.stepWords(value);
            case BOILING, COOLED -> figures.temp(value);
            case MINUTES, WORD, LEVEL -> Numbers.plain(value, value < 3 ? 1 : 0);
        };
    }
}

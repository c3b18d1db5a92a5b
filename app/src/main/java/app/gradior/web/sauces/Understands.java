package app.gradior.web.sauces;

import app.gradior.larder.Catalogue;
import app.gradior.measure.MeasureSystem;
import app.gradior.method.PieceWords;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import java.util.ArrayList;
import java.util.List;

/** What a form of a sauce needs of the larder to become a draft. */
record Understands(Lines lines, Kitchen kitchen) {
    Catalogue catalogue() {
        return lines.catalogue(kitchen);
    }

    /** A line of several foods as lines of one. */
    List<Lines.Typed> parts(Lines.Typed typed) {
        return lines.parts(kitchen, typed);
    }

    /** What finds pieces by their names. */
    PieceWords pieces(MeasureSystem written) {
        return lines.methods(kitchen).pieces(written);
    }

    /**
     * The lines that are in by a stage.
     *
     * @param stageOfLine the stage of each, from 1; 0 for none
     */
    List<PieceWords.In> inBy(int stage, List<Lines.Typed> typed, List<Integer> stageOfLine, MeasureSystem written) {
        List<PieceWords.In> in = new ArrayList<>();
        for (int line = 0; line < typed.size(); line++) {
            int of = stageOfLine.get(line);
            if (of > 0 && of <= stage) {
                in.add(new PieceWords.In(
                        line,
                        of,
                        typed.get(line).text(),
                        lines.read(kitchen.measuring(written), typed.get(line)).food()));
            }
        }
        return in;
    }
}

package app.gradior.web.plan;

import app.gradior.care.Caution;
import app.gradior.course.StageResult;
import app.gradior.estimate.Band;
import app.gradior.measure.Numbers;
import app.gradior.room.plan.PlanAnswer;
import app.gradior.room.words.Words;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.Work;
import app.gradior.simmer.PotState;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;

/** A stage of a plan's way, as a row of its table. */
// Wide: cells of a row.
public record PlanStageRow(
        int number,
        String name,
        String heat,
        String minutes,
        String band,
        String volume,
        String level,
        String hot,
        String served,
        String alcohol,
        String stir,
        String risk,
        boolean main,
        List<Caution> cautions) {
    private static final double SOME_LEAVES_G = 0.5;
    private static final double SOME_ALCOHOL_G = 0.5;

    /** The stages of the way. */
    static List<PlanStageRow> all(PlanAnswer answer, Figures figures) {
        PlanAnswer.Done done = answer.done().orElseThrow();
        List<String> names =
                answer.setting().names(done.way()).stream().map(Words::say).toList();
        List<PlanStageRow> rows = new ArrayList<>();
        for (int i = 0; i < done.way().cooked().stages().size(); i++) {
            StageResult stage = done.way().cooked().stages().get(i);
            Band band = done.bands().stages().get(i);
            PotState end = stage.end();
            boolean sauce = StageKind.makeSauce(done.way().stages().subList(0, i + 1).stream()
                    .map(Stage::kind)
                    .toList());
            boolean boils = stage.stage().kind().treatment() == StageKind.Treatment.BOILING;
            rows.add(new PlanStageRow(
                    i + 1,
                    names.get(i),
                    boils
                            ? Words.text(
                                    "plan-view.lid",
                                    heat(stage, figures),
                                    Words.say(stage.stage().lid()))
                            : leaves(stage, figures),
                    band.middle() < PlanView.FEW_MIN
                            ? Words.text("plan-view.at-once")
                            : figures.minutes(Math.max(1, band.middle())),
                    band.width() >= 1 ? figures.minutesBand(band, false) : "",
                    figures.volume(stage.out().volumeMl20c()),
                    PlanView.mm(end.levelMm()),
                    !sauce || Double.isNaN(end.stepHot()) ? "—" : figures.step(end.stepHot()),
                    !sauce || Double.isNaN(end.stepServed()) ? "—" : figures.stepWords(end.stepServed()),
                    stage.out().ethanolG() > SOME_ALCOHOL_G
                            ? figures.mass(stage.out().ethanolG())
                            : "",
                    boils ? every(stage.stirring().everyMinutes()) : "",
                    boils ? Words.say(stage.stirring().risk()) : "",
                    i == done.way().main(),
                    done.stageCautions().get(i)));
        }
        return rows;
    }

    /** How it looks, or the oven that it stands in. */
    private static String heat(StageResult stage, Figures figures) {
        return stage.stage().work() instanceof Work.InOven oven
                ? Words.text("plan-view.oven", figures.temp(oven.airC()))
                : Words.say(stage.stage().look());
    }

    /** What is poured off, lifted out, or stays in a tool. */
    private static String leaves(StageResult stage, Figures figures) {
        double massG = stage.leftBehind().massG();
        return massG < SOME_LEAVES_G
                ? ""
                : Words.text("plan-view.leaves", stage.stage().kind(), figures.mass(massG));
    }

    private static String every(double minutes) {
        if (minutes < 0.5) {
            return Words.text("plan-view.all-the-time");
        }
        return minutes >= 9.5
                ? Words.text("plan-view.now-and-then")
                : Words.text("plan-view.every-min", Numbers.cooks(minutes));
    }
}

package app.gradior.clock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.clock.Preparation.Job;
import app.gradior.course.SauceRun;
import app.gradior.course.StageResult;
import app.gradior.course.Stirring;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageName;
import app.gradior.simmer.PotOnHeat;
import app.gradior.texture.Stair;
import app.gradior.vessel.PotShape;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StageTasksTest {
    @Test
    void handsBurnerAndStandingFollowFromWhatIsDoneAndHowThickItIs() {
        SauceRun.Cooked cooked = SauceRun.cook(
                List.of(
                        Stage.of(
                                StageKind.SIMMER,
                                Sauces.of("damson", 1000).plus(Sauces.of("water", 300)),
                                new StageEnd.Minutes(18)),
                        Stage.of(StageKind.MILL, new StageEnd.Minutes(6)),
                        Stage.of(StageKind.REDUCE, Sauces.of("sugar", 250), new StageEnd.StepServed(7)),
                        Stage.of(StageKind.SEASON, Sauces.of("salt", 4), new StageEnd.CooksWord(1))),
                PotOnHeat.unknownPair(new PotShape(240, 232, 130), 0),
                1,
                20);
        List<StageName> names = Stream.of("soften", "mill", "reduce", "season")
                .<StageName>map(StageName.Titled::new)
                .toList();
        List<Task> tasks = StageTasks.of(cooked.stages(), names);
        assertThat(tasks)
                .extracting(Task::name)
                .containsExactly(
                        new TaskName.Stage(names.get(0)),
                        new TaskName.Stage(names.get(1)),
                        new TaskName.Stage(names.get(2)),
                        new TaskName.Stirring(names.get(2)),
                        new TaskName.Stage(names.get(3)));
        assertThat(tasks).extracting(Task::handsOn).containsExactly(false, true, false, true, true);
        assertThat(tasks).extracting(Task::onHeat).containsExactly(true, false, true, true, false);
        assertThat(tasks)
                .as("it may stand before and after the mill, not in the middle of reducing")
                .extracting(Task::mayWaitAfter)
                .containsExactly(true, true, false, false, true);
        double sum = tasks.stream().mapToDouble(Task::minutes).sum();
        assertThat(sum).isCloseTo(cooked.minutes(), within(1e-9));
    }

    private static Task after(Stage stage) {
        Stage before = Stage.of(StageKind.SIMMER, Sauces.of("water", 1000), new StageEnd.Minutes(10));
        SauceRun.Cooked cooked =
                SauceRun.cook(List.of(before, stage), PotOnHeat.unknownPair(new PotShape(240, 232, 130), 0), 1, 20);
        List<Task> tasks =
                StageTasks.of(cooked.stages(), List.of(new StageName.Titled("before"), new StageName.Titled("after")));
        assertThat(tasks).hasSize(2);
        return tasks.get(1);
    }

    /** Simmering for less than three minutes is not worth walking away from; a rest as short is. */
    @Test
    void shortTimesOnTheHeatTakeTheHands() {
        assertThat(after(Stage.of(StageKind.SIMMER, new StageEnd.Minutes(2.5))).handsOn())
                .isTrue();
        assertThat(after(Stage.of(StageKind.SIMMER, new StageEnd.Minutes(3.5))).handsOn())
                .isFalse();
        assertThat(after(Stage.of(StageKind.REST, new StageEnd.Minutes(2))).handsOn())
                .isFalse();
    }

    /** It is walked away from until it would have to be stirred every two minutes. */
    @Test
    void theHandsAreFreeUntilItHasToBeStirredAllTheTime() {
        SauceRun.Cooked cooked = SauceRun.cook(
                List.of(
                        Stage.of(StageKind.SIMMER, Sauces.of("damson", 1600), new StageEnd.Minutes(18)),
                        Stage.of(StageKind.REDUCE, Sauces.of("sugar", 250), new StageEnd.StepServed(7))),
                PotOnHeat.unknownPair(new PotShape(240, 232, 130), 0),
                1,
                20);
        StageResult reduced = cooked.stages().get(1);
        double free = reduced.curve().stream()
                .filter(p -> Stirring.of(
                                        Stair.viscosityPaS(p.stepHot()),
                                        p.mixture().brixPercent(),
                                        p.levelMm(),
                                        reduced.stage().look())
                                .everyMinutes()
                        < 2)
                .findFirst()
                .orElseThrow()
                .minute();
        List<Task> tasks =
                StageTasks.of(cooked.stages(), List.of(new StageName.Titled("soften"), new StageName.Titled("reduce")));
        assertThat(tasks).hasSize(3);
        assertThat(tasks.get(1).minutes())
                .isCloseTo(reduced.warmUpMinutes() + free, within(1e-9))
                .isGreaterThan(5);
        assertThat(tasks.get(1).mayWaitAfter()).isFalse();
        assertThat(tasks.get(2).mayWaitAfter()).isTrue();
    }

    @Test
    void jobsBeforeTheHeatAreReadOffTheLines() {
        assertThat(Preparation.of("1 kg damsons, stoned", 1000)).hasValueSatisfying(job -> {
            assertThat(job.jobs()).containsExactly(Job.STONE);
            assertThat(job.minutes()).isBetween(5.0, 15.0);
        });
        assertThat(Preparation.of("2 shallots, peeled and finely diced", 60)
                        .orElseThrow()
                        .jobs())
                .containsExactly(Job.PEEL, Job.CHOP);
        assertThat(Preparation.of("juice of half a lemon", 20).orElseThrow().jobs())
                .containsExactly(Job.SQUEEZE);
        assertThat(Preparation.of("4 dried chillies, toasted and ground to a paste", 20)
                        .orElseThrow()
                        .jobs())
                .containsExactly(Job.TOAST, Job.GRIND);
        assertThat(Preparation.of("300 ml water", 300)).isEmpty();
        assertThat(Preparation.of("600 ml groundnut oil", 500)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "20 g dried mushrooms, soaked in hot water for 30 minutes|30",
                "3 dried chillies, soaked 15 to 25 min|20",
                "200 g cashews, soaked for 4 hours|240",
                "2 dried chillies, soaked|20",
                "250 g dried white beans, soaked|480",
                "100 g almonds, soaked overnight|480",
                "2 onions, sliced|0"
            })
    void whatIsSoakedStandsWithoutHands(String line, double minutes) {
        Preparation job = Preparation.of(line, 100).orElseThrow();
        assertThat(job.soaksMin()).isEqualTo(minutes);
        assertThat(job.minutes()).as("of hands").isLessThan(5);
    }
}

package app.gradior.clock;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.clock.ClockPlan.Conflict;
import app.gradior.clock.ClockPlan.Day;
import app.gradior.clock.ClockPlan.Job;
import app.gradior.clock.ClockPlan.Placed;
import app.gradior.clock.ClockPlan.Row;
import app.gradior.clock.ClockPlan.Trouble;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ClockPlanTest {
    private static final int SUPPER = 19 * 60 + 30;
    private static final int LONG_AGO = -3 * 24 * 60;

    private static TaskName called(String name) {
        return new TaskName.Called(name);
    }

    private static Task hot(String name, double minutes, boolean handsOn) {
        return new Task(called(name), minutes, handsOn, true, false);
    }

    private static Job gravy(int due) {
        return new Job(
                "gravy",
                List.of(
                        Task.byHand(called("chop"), 8),
                        hot("sweat", 12, true),
                        hot("simmer", 25, false),
                        new Task(called("slurry"), 3, true, true, true)),
                due,
                30,
                0);
    }

    private static Job glaze(int due) {
        return new Job(
                "glaze",
                List.of(
                        new Task(called("soften"), 18, false, true, true),
                        Task.byHand(called("mill"), 6),
                        hot("reduce", 40, false),
                        new Task(called("reduce, stirring"), 9, true, true, true)),
                due,
                60,
                0);
    }

    private static Job fish(int due) {
        return new Job(
                "fish sauce",
                List.of(hot("sweat", 10, true), new Task(called("reduce"), 15, false, true, true)),
                due,
                20,
                0);
    }

    private static List<Placed> all(Day day) {
        List<Placed> all = new ArrayList<>();
        day.rows().forEach(row -> all.addAll(row.placed()));
        return all;
    }

    /** No two hands-on pieces, no two on one burner; each sauce in order and in time. */
    private static void checkClear(Day day) {
        List<Placed> all = all(day);
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                Placed a = all.get(i);
                Placed b = all.get(j);
                boolean together = a.startMinute() < b.endMinute() && b.startMinute() < a.endMinute();
                if (together) {
                    assertThat(a.task().handsOn() && b.task().handsOn())
                            .as(a + " and " + b)
                            .isFalse();
                    assertThat(a.burner() >= 0 && a.burner() == b.burner())
                            .as(a + " and " + b)
                            .isFalse();
                }
            }
        }
        for (Row row : day.rows()) {
            for (int i = 1; i < row.placed().size(); i++) {
                Placed before = row.placed().get(i - 1);
                int gap = row.placed().get(i).startMinute() - before.endMinute();
                assertThat(gap).isGreaterThanOrEqualTo(0);
                if (!before.task().mayWaitAfter()) {
                    assertThat(gap).as("hot work goes straight on").isZero();
                }
            }
            assertThat(row.readyMinute()).isLessThanOrEqualTo(row.job().dueMinute());
        }
    }

    @Test
    void oneSauceEndsWhenItIsServedAndNotBefore() {
        Day day = ClockPlan.of(List.of(gravy(SUPPER)), 1, LONG_AGO);
        assertThat(day.rows().get(0).readyMinute()).isEqualTo(SUPPER);
        assertThat(day.startMinute()).isEqualTo(SUPPER - 48);
        assertThat(day.conflicts()).isEmpty();
    }

    @Test
    void twoSaucesOnTwoBurnersShareOnePairOfHands() {
        Day day = ClockPlan.of(List.of(gravy(SUPPER), glaze(SUPPER)), 2, LONG_AGO);
        checkClear(day);
        assertThat(day.conflicts()).isEmpty();
        assertThat(day.rows().get(0).placed().get(1).burner())
                .isNotEqualTo(day.rows().get(1).placed().get(0).burner());
        assertThat(day.rows().stream().mapToInt(Row::spareMinutes).max().orElseThrow())
                .as("one of them is ready a little early: hands are shared")
                .isBetween(1, 15);
        assertThat(day.rows().stream().mapToInt(Row::spareMinutes).min().orElseThrow())
                .isZero();
    }

    @Test
    void threeSaucesOnTwoBurnersAreFittedBehindOneAnother() {
        Day day = ClockPlan.of(List.of(gravy(SUPPER), glaze(SUPPER), fish(SUPPER)), 2, LONG_AGO);
        checkClear(day);
        assertThat(day.conflicts())
                .as("what must stand longer than is good for it is named")
                .allMatch(c -> c.trouble() == Trouble.HELD);
        assertThat(all(day).stream().map(Placed::burner).filter(b -> b >= 0)).allMatch(b -> b < 2);
    }

    @Test
    void aPanAcrossTwoBurnersLeavesNoneForAnotherPotBesideIt() {
        Job roast = new Job(
                "roasting juices", List.of(new Task(called("reduce"), 30, false, true, true)), SUPPER, 60, 0, 2);
        Day two = ClockPlan.of(List.of(roast, fish(SUPPER)), 2, LONG_AGO);
        checkClear(two);
        Placed pan = two.rows().get(0).placed().get(0);
        assertThat(pan.across()).isEqualTo(2);
        assertThat(two.rows().get(1).placed())
                .allMatch(p -> p.endMinute() <= pan.startMinute() || p.startMinute() >= pan.endMinute());
        Day three = ClockPlan.of(List.of(roast, fish(SUPPER)), 3, LONG_AGO);
        assertThat(three.rows().stream().mapToInt(Row::readyMinute))
                .as("beside it on the third")
                .containsOnly(SUPPER);
        Day one = ClockPlan.of(List.of(roast), 1, LONG_AGO);
        assertThat(one.rows().get(0).readyMinute())
                .as("a kitchen with one burner cooks it all the same")
                .isEqualTo(SUPPER);
    }

    @Test
    void oneWithAnOvernightRestBeginsTheDayBefore() {
        Job overnight = new Job(
                "pepper sauce",
                List.of(
                        hot("reduce", 35, false),
                        Task.standing(called("cool"), 90),
                        Task.standing(called("rest overnight"), 12 * 60),
                        new Task(called("warm"), 8, true, true, true)),
                SUPPER,
                30,
                0);
        Day day = ClockPlan.of(List.of(overnight, gravy(SUPPER)), 1, LONG_AGO);
        checkClear(day);
        assertThat(day.rows().get(0).startMinute()).isLessThan(SUPPER - 12 * 60);
        assertThat(day.rows().get(1).startMinute()).isGreaterThan(SUPPER - 120);
    }

    @Test
    void whatIsMovedStaysAndWhatItRunsIntoIsNamed() {
        Job moved = new Job("gravy", gravy(SUPPER).tasks(), SUPPER, 30, 5);
        Job also = new Job("fish sauce", fish(SUPPER).tasks(), SUPPER, 20, 28);
        Day day = ClockPlan.of(List.of(moved, also), 1, LONG_AGO);
        assertThat(day.rows().get(0).readyMinute()).isEqualTo(SUPPER - 5);
        assertThat(day.rows().get(1).readyMinute()).isEqualTo(SUPPER - 28);
        assertThat(day.conflicts()).extracting(Conflict::trouble).contains(Trouble.BURNER, Trouble.HELD);
        Conflict held = day.conflicts().stream()
                .filter(c -> c.trouble() == Trouble.HELD)
                .findFirst()
                .orElseThrow();
        assertThat(held.job()).isEqualTo(1);
        assertThat(held.fromMinute()).isEqualTo(SUPPER - 28);
    }

    @Test
    void aDayThatShouldHaveBegunAlreadySaysSo() {
        Day day = ClockPlan.of(List.of(gravy(SUPPER)), 1, SUPPER - 30);
        assertThat(day.conflicts()).singleElement().satisfies(c -> {
            assertThat(c.trouble()).isEqualTo(Trouble.LATE);
            assertThat(c.toMinute() - c.fromMinute()).isEqualTo(18);
        });
    }

    private static Job potOf(String name, int minutes, int hold) {
        return new Job(name, List.of(hot(name, minutes, false)), SUPPER, hold, 0);
    }

    private static int ready(Day day, int job) {
        return day.rows().get(job).readyMinute() - SUPPER;
    }

    /** On one burner one of two has to be early: the one that bears it, however they are listed and however long they take. */
    @Test
    void whatBearsStandingIsReadyFirst() {
        for (int longer : new int[] {0, 5, 15}) {
            Job custard = potOf("custard", 20, 0);
            Job chutney = potOf("chutney", 20 + longer, 60);
            Day one = ClockPlan.of(List.of(custard, chutney), 1, LONG_AGO);
            Day other = ClockPlan.of(List.of(chutney, custard), 1, LONG_AGO);
            assertThat(ready(one, 0)).as("the custard").isZero();
            assertThat(ready(one, 1)).as("the chutney").isEqualTo(-20);
            assertThat(one.conflicts()).isEmpty();
            assertThat(ready(other, 1)).isZero();
        }
    }

    /** Both bear it: then the fewest minutes of standing, all sauces together. */
    @Test
    void theShorterOneIsLastWhenBothBearStanding() {
        Day day = ClockPlan.of(List.of(potOf("short", 10, 90), potOf("long", 40, 90)), 1, LONG_AGO);
        assertThat(ready(day, 0)).isZero();
        assertThat(ready(day, 1)).isEqualTo(-10);
    }

    @Test
    void aFreeBurnerIsTakenBeforeAnythingStands() {
        Day day = ClockPlan.of(List.of(potOf("a", 30, 60), potOf("b", 20, 60), potOf("c", 10, 60)), 3, LONG_AGO);
        assertThat(List.of(ready(day, 0), ready(day, 1), ready(day, 2))).containsOnly(0);
        assertThat(all(day)).extracting(Placed::burner).containsExactlyInAnyOrder(0, 1, 2);
        Day two = ClockPlan.of(List.of(potOf("a", 30, 60), potOf("b", 20, 60), potOf("c", 10, 60)), 2, LONG_AGO);
        assertThat(List.of(ready(two, 0), ready(two, 1), ready(two, 2)))
                .as("one is ten minutes early, behind the shortest")
                .containsExactlyInAnyOrder(0, 0, -10);
    }

    @Test
    void boundsOfConflictsStandWhereTheySay() {
        Job early = new Job("early", List.of(hot("early", 10, false)), SUPPER, 5, 5);
        assertThat(ClockPlan.of(List.of(early), 1, LONG_AGO).conflicts())
                .as("as long as it bears")
                .isEmpty();
        Job tooEarly = new Job("too early", List.of(hot("early", 10, false)), SUPPER, 5, 6);
        assertThat(ClockPlan.of(List.of(tooEarly), 1, LONG_AGO).conflicts())
                .containsExactly(new Conflict(Trouble.HELD, 0, -1, SUPPER - 6, SUPPER));
        Job pot = potOf("pot", 10, 0);
        assertThat(ClockPlan.of(List.of(pot), 1, SUPPER - 10).conflicts())
                .as("begins now")
                .isEmpty();
        assertThat(ClockPlan.of(List.of(pot), 1, SUPPER - 9).conflicts())
                .containsExactly(new Conflict(Trouble.LATE, 0, -1, SUPPER - 10, SUPPER - 9));
        Job first = new Job("first", List.of(hot("first", 10, true)), SUPPER, 60, 12);
        Job second = new Job("second", List.of(hot("second", 10, true)), SUPPER, 60, 3);
        assertThat(ClockPlan.of(List.of(first, second), 2, LONG_AGO).conflicts())
                .as("both want the hands for a minute, on two burners")
                .containsExactly(new Conflict(Trouble.HANDS, 0, 1, SUPPER - 13, SUPPER - 12));
        Job after = new Job("after", List.of(hot("after", 9, true)), SUPPER, 60, 3);
        assertThat(ClockPlan.of(List.of(first, after), 1, LONG_AGO).conflicts())
                .as("one begins as the other ends")
                .isEmpty();
    }

    /** Whatever the sauces, nothing overlaps that must not, and each is in time. */
    @Test
    void anyDayIsClear() {
        Random random = new Random(11);
        for (int round = 0; round < 60; round++) {
            List<Job> jobs = new ArrayList<>();
            for (int j = 0; j < 1 + random.nextInt(5); j++) {
                List<Task> tasks = new ArrayList<>();
                for (int t = 0; t < 1 + random.nextInt(6); t++) {
                    tasks.add(new Task(
                            called("t" + t),
                            random.nextInt(30),
                            random.nextBoolean(),
                            random.nextInt(3) > 0,
                            random.nextInt(3) == 0));
                }
                jobs.add(new Job("j" + j, tasks, SUPPER + random.nextInt(60), 30, 0));
            }
            checkClear(ClockPlan.of(jobs, 1 + random.nextInt(3), LONG_AGO));
        }
    }

    @Test
    void aBurnerWithAPotOnItIsLeftAlone() {
        ClockPlan.Placed on =
                new ClockPlan.Placed(new Task(called("on"), 600, false, true, false), SUPPER - 540, SUPPER + 60, 0);
        Day two = ClockPlan.of(List.of(gravy(SUPPER)), 2, LONG_AGO, List.of(on));
        assertThat(two.rows().get(0).placed()).noneMatch(p -> p.burner() == 0);
        assertThat(two.rows().get(0).readyMinute())
                .as("the other burner is free")
                .isEqualTo(SUPPER);
        Day one = ClockPlan.of(List.of(gravy(SUPPER)), 1, LONG_AGO, List.of(on));
        assertThat(one.rows().get(0).readyMinute() <= SUPPER - 540
                        || !one.conflicts().isEmpty())
                .as("before the pot goes on, or named")
                .isTrue();
    }

    private static int start(Day day, int job) {
        return day.rows().get(job).startMinute() - SUPPER;
    }

    private static List<Job> pots(int... minutes) {
        return java.util.Arrays.stream(minutes)
                .mapToObj(m -> potOf("p" + m, m, 24 * 60))
                .toList();
    }

    /** Five sauces are tried in every order; of more, the longest go last without trying. */
    @Test
    void everyOrderOfFiveIsTriedAndSixGoByLength() {
        Day five = ClockPlan.of(pots(30, 50, 10, 40, 20), 1, LONG_AGO);
        assertThat(List.of(ready(five, 0), ready(five, 1), ready(five, 2), ready(five, 3), ready(five, 4)))
                .as("the shortest last, so that the least stands")
                .containsExactly(-30, -100, 0, -60, -10);
        Day six = ClockPlan.of(pots(30, 50, 10, 60, 40, 20), 1, LONG_AGO);
        assertThat(List.of(ready(six, 0), ready(six, 1), ready(six, 2), ready(six, 3), ready(six, 4), ready(six, 5)))
                .containsExactly(-150, -60, -200, 0, -110, -180);
    }

    @Test
    void ofTwoLikeSaucesTheFirstListedIsLastOnTheBurner() {
        Day day = ClockPlan.of(List.of(potOf("a", 20, 90), potOf("b", 20, 90)), 1, LONG_AGO);
        assertThat(ready(day, 0)).isZero();
        assertThat(ready(day, 1)).isEqualTo(-20);
    }

    private static Job inTwo(String name, int first, int then) {
        return new Job(
                name,
                List.of(new Task(called("first"), first, false, true, true), hot("then", then, false)),
                SUPPER,
                60,
                0);
    }

    private static Job early(int minutes) {
        return new Job("early", List.of(hot("early", minutes, false)), SUPPER - 10, 60, 0);
    }

    /** A half-made sauce that stands for 20 minutes costs as much as a finished one that stands for six. */
    @Test
    void standingHalfMadeIsWeighedAgainstStandingFinished() {
        Day finished = ClockPlan.of(List.of(inTwo("two", 5, 10), early(20)), 1, LONG_AGO);
        assertThat(ready(finished, 1)).as("5 minutes before it is served").isEqualTo(-15);
        assertThat(start(finished, 0)).isEqualTo(-15);
        Day halfMade = ClockPlan.of(List.of(inTwo("two", 10, 10), early(20)), 1, LONG_AGO);
        assertThat(ready(halfMade, 1)).as("when it is served").isEqualTo(-10);
        assertThat(start(halfMade, 0))
                .as("its first part before the other goes on")
                .isEqualTo(-40);
        assertThat(ready(halfMade, 0)).isZero();
    }

    private static Placed pot(int from, int to, int burner) {
        return new Placed(new Task(called("on"), 1, false, true, false), SUPPER + from, SUPPER + to, burner);
    }

    private static List<Integer> burners(Day day, int job) {
        return day.rows().get(job).placed().stream().map(Placed::burner).toList();
    }

    @Test
    void aBurnerIsTakenWhereItIsReadyLatestAndBegunLatest() {
        Job two = inTwo("two", 18, 20);
        assertThat(burners(ClockPlan.of(List.of(two), 2, LONG_AGO), 0))
                .as("the first, when both are alike")
                .containsExactly(0, 0);
        Day behind = ClockPlan.of(List.of(two), 2, LONG_AGO, List.of(pot(-60, -30, 0)));
        assertThat(burners(behind, 0)).as("ready at once, begun later").containsExactly(1, 1);
        assertThat(start(behind, 0)).isEqualTo(-38);
        Day before = ClockPlan.of(List.of(two), 2, LONG_AGO, List.of(pot(-60, -30, 1)));
        assertThat(burners(before, 0)).containsExactly(0, 0);
        Day late = ClockPlan.of(List.of(two), 2, LONG_AGO, List.of(pot(-5, 5, 0), pot(-60, -30, 1)));
        assertThat(burners(late, 0))
                .as("ready later, though it is begun earlier")
                .containsExactly(1, 1);
    }

    @Test
    void aPinnedSauceTakesTheBurnerWhereItRunsIntoLeast() {
        Job pinned = new Job("pinned", List.of(hot("pinned", 10, false)), SUPPER, 60, 5);
        Day first = ClockPlan.of(List.of(pinned), 2, LONG_AGO, List.of(pot(-20, 0, 0)));
        assertThat(burners(first, 0)).containsExactly(1);
        assertThat(first.conflicts()).isEmpty();
        Day second = ClockPlan.of(List.of(pinned), 2, LONG_AGO, List.of(pot(-20, 0, 1)));
        assertThat(burners(second, 0)).containsExactly(0);
        Day both = ClockPlan.of(List.of(pinned), 2, LONG_AGO, List.of(pot(-20, -8, 0), pot(-9, 0, 0), pot(-20, 0, 1)));
        assertThat(burners(both, 0)).as("one pot in the way rather than two").containsExactly(1);
        assertThat(both.conflicts()).containsExactly(new Conflict(Trouble.BURNER, 0, -1, SUPPER - 15, SUPPER - 5));
    }

    @Test
    void withoutAFreeBurnerForThreeDaysItStandsInItsPlaceAndIsNamed() {
        Day day = ClockPlan.of(List.of(potOf("a", 20, 60)), 1, LONG_AGO, List.of(pot(-5 * 24 * 60, 60, 0)));
        assertThat(ready(day, 0)).isZero();
        assertThat(day.conflicts()).containsExactly(new Conflict(Trouble.BURNER, 0, -1, SUPPER - 20, SUPPER));
        Day hands = ClockPlan.of(
                List.of(potOf("a", 20, 60)),
                1,
                LONG_AGO,
                List.of(new Placed(Task.byHand(called("hands"), 90), SUPPER - 60, SUPPER + 30, -1)));
        assertThat(hands.conflicts()).as("somebody's hands are no burner").isEmpty();
    }

    @Test
    void whatTakesNoTimeHasNoPlace() {
        Job job = new Job(
                "quick",
                List.of(Task.standing(called("nothing"), 0), hot("simmer", 10, false), hot("salt", 0.04, true)),
                SUPPER,
                60,
                0);
        assertThat(all(ClockPlan.of(List.of(job), 1, LONG_AGO)))
                .singleElement()
                .satisfies(p -> assertThat(p.endMinute() - p.startMinute()).isEqualTo(10));
    }
}

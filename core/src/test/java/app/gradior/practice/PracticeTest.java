package app.gradior.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.estimate.Forecast;
import app.gradior.finding.Refusal;
import app.gradior.finding.Unfit;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Practice pots: the same by seed, honest to what is done, and scored so that care pays. */
class PracticeTest {
    private static final long SEED = 11;

    private static Practice of(Lesson lesson) {
        return new Practice(lesson.scenario(), SEED, List.of());
    }

    private static Deed deed(double atS, Deed.Kind kind, double value) {
        return new Deed(atS, 0, kind, value);
    }

    /** Sees the truth: sets the heat by thickness, stirs enough, thickens, thins and salts by half what is missing, and takes it off in time. */
    private static Practice perfect(Practice practice, int pot) {
        Scenario.Goal goal = practice.scenario().goal();
        Practice now = practice.with(new Deed(1, pot, Deed.Kind.LID, 0));
        int knob = -1;
        double slurryG = 0;
        for (double s = 10; s < 3000; s += 20) {
            PracticePot truth = now.at(pot, s);
            double served = truth.stepAt(goal.servedC());
            boolean settled = s > 120;
            if (served > goal.step() + 0.15 && settled) {
                now = now.with(new Deed(s, pot, Deed.Kind.SPLASH, 12));
            } else if (served >= goal.step() - 0.1 && settled) {
                if (truth.saltPercent() < goal.saltPercent() - 0.05) {
                    double missing = (goal.saltPercent() - truth.saltPercent()) / 100 * truth.massG();
                    now = now.with(new Deed(s, pot, Deed.Kind.SALT, Math.max(0.1, missing)));
                }
                return now.with(new Deed(s + 2, pot, Deed.Kind.OFF, 0));
            } else if (served < 1 && settled && slurryG < 9 && truth.stepHot() < 1 && goal.servedC() > 60) {
                slurryG = 13;
                now = now.with(new Deed(s, pot, Deed.Kind.SLURRY, slurryG));
            }
            int wanted = truth.stepHot() > 3.5 ? 4 : 6;
            if (wanted != knob) {
                knob = wanted;
                now = now.with(new Deed(s, pot, Deed.Kind.HEAT, knob));
            }
            if (truth.stepHot() > 3 && s % 40 < 20) {
                now = now.with(new Deed(s, pot, Deed.Kind.STIR, 0));
            }
            if (goal.servedC() < 30 && s % 120 < 20) {
                now = now.with(new Deed(s, pot, Deed.Kind.WIPE, 0));
            }
        }
        return now.with(new Deed(3000, pot, Deed.Kind.OFF, 0));
    }

    @ParameterizedTest
    @EnumSource(Lesson.class)
    void carePaysInEveryLesson(Lesson lesson) {
        for (int pot = 0; pot < lesson.scenario().pots().size(); pot++) {
            Reveal good = Reveal.of(perfect(of(lesson), pot), pot, List.of());
            Practice left = of(lesson)
                    .with(new Deed(1, pot, Deed.Kind.HEAT, 9))
                    .with(new Deed(60 * Math.max(6, 1.4 * good.minutes()), pot, Deed.Kind.OFF, 0));
            Reveal careless = Reveal.of(left, pot, List.of());
            assertThat(good.score().total())
                    .as(lesson + " pot " + pot + " " + good)
                    .isGreaterThan(82)
                    .isLessThanOrEqualTo(100);
            assertThat(careless.score().total())
                    .as(lesson + " careless " + careless.score())
                    .isLessThan(good.score().total() - 20);
        }
    }

    @Test
    void theSameSeedIsTheSamePotAndAnotherIsNot() {
        Practice once = of(Lesson.COLD).with(deed(30, Deed.Kind.WEIGH, 0));
        Practice again = of(Lesson.COLD).with(deed(30, Deed.Kind.WEIGH, 0));
        assertThat(again.sights(0, 300, 120).equals(once.sights(0, 300, 120))).isTrue();
        assertThat(again.lastShown().orElseThrow().figure())
                .isEqualTo(once.lastShown().orElseThrow().figure());
        assertThat(once.lastShown().orElseThrow().figure())
                .as("and on every machine, after every start")
                .isCloseTo(2084.3094940948567, within(1e-6));
        Practice other = new Practice(Lesson.COLD.scenario(), SEED + 1, List.of());
        assertThat(other.at(0, 600).massG()).isNotEqualTo(once.at(0, 600).massG());
    }

    /** A look into the future is what the future is: the frames sent ahead are those that a later reload gets. */
    @Test
    void whatIsSentAheadComesTrue() {
        Practice practice = of(Lesson.BUBBLES).with(deed(12, Deed.Kind.HEAT, 7));
        List<Sight> ahead = practice.sights(0, 20, 200);
        assertThat(practice.sights(0, 120, 100).equals(ahead.subList(25, 51))).isTrue();
    }

    /** What is read once more, or left out, changes nothing of what is poured at another time. */
    @Test
    void eachDeedHasAChanceOfItsOwn() {
        Practice poured = of(Lesson.HALVES).with(deed(200, Deed.Kind.SLURRY, 9));
        Practice weighed = of(Lesson.HALVES)
                .with(deed(30, Deed.Kind.WEIGH, 0))
                .with(deed(60, Deed.Kind.DIP, 0))
                .with(deed(200, Deed.Kind.SLURRY, 9));
        assertThat(weighed.at(0, 600).massG()).isEqualTo(poured.at(0, 600).massG());
        assertThat(weighed.at(0, 600).stepHot()).isEqualTo(poured.at(0, 600).stepHot());
    }

    @Test
    void whatCannotBeDoneIsRefused() {
        Practice off = of(Lesson.COLD).with(deed(10, Deed.Kind.OFF, 0));
        assertThatThrownBy(() -> off.with(deed(20, Deed.Kind.STIR, 0)))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        refusal -> assertThat(refusal.faults().get(0).why()).isEqualTo(new PracticeFinding.IsOff()));
        assertThatThrownBy(() -> of(Lesson.COLD).with(new Deed(1, 1, Deed.Kind.STIR, 0)))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> of(Lesson.COLD).sights(-1, 0, 10)).isInstanceOf(Refusal.class);
        Practice busy = of(Lesson.COLD);
        for (int i = 0; i < 400; i++) {
            busy = busy.with(deed(i, Deed.Kind.LID, i % 3));
        }
        Practice full = busy;
        assertThatThrownBy(() -> full.with(deed(2000, Deed.Kind.STIR, 0))).isInstanceOf(Refusal.class);
    }

    @Test
    void tastesAreNamed() {
        assertThat(List.of(Salty.of(0.3), Salty.of(0.7), Salty.of(1.4), Salty.of(1.5), Salty.of(2)))
                .containsExactly(Salty.FLAT, Salty.WANTS_SOME, Salty.RIGHT, Salty.SALTY, Salty.FAR_TOO_SALTY);
        assertThat(List.of(Burnt.of(0.2), Burnt.of(0.3), Burnt.of(0.8)))
                .containsExactly(Burnt.CLEAN, Burnt.CAUGHT, Burnt.RUINED);
    }

    @Test
    void handsDoOneThingAtATime() {
        Practice practice = of(Lesson.THREE)
                .with(deed(10, Deed.Kind.STIR, 0))
                .with(new Deed(11, 1, Deed.Kind.STIR, 0))
                .with(new Deed(40, 2, Deed.Kind.HEAT, 3));
        assertThat(practice.deeds()).extracting(Deed::atS).containsExactly(10.0, 18.0, 40.0);
    }

    @Test
    void whatIsDoneIsSeen() {
        Practice thick = new Practice(Lesson.RESCUE.scenario(), SEED, List.of());
        Sight before = thick.sights(0, 240, 0).get(0);
        Sight splashed =
                thick.with(deed(200, Deed.Kind.SPLASH, 200)).sights(0, 240, 0).get(0);
        assertThat(splashed.levelMm()).isGreaterThan(before.levelMm() + 2);
        assertThat(splashed.bubbleMm()).as("thinner bubbles smaller").isLessThan(before.bubbleMm());
        Practice thin = of(Lesson.COLD);
        Sight boiling = thin.sights(0, 400, 0).get(0);
        assertThat(boiling.bubbles()).as("small and many").isGreaterThan(10 * before.bubbles() + 50);
        assertThat(boiling.bubbleS()).isLessThan(0.4);
        Sight off = thin.with(deed(100, Deed.Kind.OFF, 0)).sights(0, 400, 0).get(0);
        assertThat(off.off()).isTrue();
        assertThat(off.bubbles()).isZero();
        assertThat(off.steamGPerMin()).isZero();
    }

    /** A spoon's coat is thicker and its line stays longer the thicker the sauce; a stream and a trail take longer; a ring spreads less. */
    @Test
    void readingsFollowThickness() {
        List<Deed.Kind> kinds = List.of(Deed.Kind.SPOON, Deed.Kind.TRAIL, Deed.Kind.DRIP, Deed.Kind.RING);
        for (Deed.Kind kind : kinds) {
            Shown early =
                    of(Lesson.BUBBLES).with(deed(300, kind, 0)).lastShown().orElseThrow();
            Shown late = of(Lesson.BUBBLES)
                    .with(deed(5, Deed.Kind.STIR, 0))
                    .with(deed(1500, kind, 0))
                    .lastShown()
                    .orElseThrow();
            if (kind == Deed.Kind.SPOON) {
                assertThat(late.lineS()).isGreaterThan(2 * early.lineS());
                assertThat(late.coatMm()[1]).isGreaterThan(1.3 * early.coatMm()[1]);
                assertThat(late.coatMm()[0]).as("it runs off").isGreaterThanOrEqualTo(late.coatMm()[2]);
            } else if (kind == Deed.Kind.RING) {
                assertThat(late.figure()).isLessThan(early.figure() - 3);
            } else {
                assertThat(late.figure()).as(kind.key()).isGreaterThan(1.5 * early.figure());
            }
        }
    }

    @Test
    void stirringKeepsItFromCatchingAndWipingFromBrowning() {
        Practice hot = of(Lesson.BUBBLES).with(deed(1, Deed.Kind.HEAT, 8));
        Practice stirred = hot;
        for (int s = 30; s < 900; s += 30) {
            stirred = stirred.with(deed(s, Deed.Kind.STIR, 0));
        }
        assertThat(hot.at(0, 900).burnt()).isGreaterThan(0.5);
        assertThat(stirred.at(0, 900).burnt()).isLessThan(0.4 * hot.at(0, 900).burnt());
        Practice edge = of(Lesson.EDGE).with(deed(1, Deed.Kind.HEAT, 7));
        Practice wiped = edge;
        for (int s = 60; s < 360; s += 40) {
            wiped = wiped.with(deed(s, Deed.Kind.WIPE, 0));
        }
        assertThat(wiped.sights(0, 360, 0).get(0).edge())
                .isLessThan(0.5 * edge.sights(0, 360, 0).get(0).edge());
    }

    @Test
    void potatoStarchGoesThinUnderALid() {
        Practice practice = of(Lesson.WORN);
        double best = practice.at(0, 480).stepAt(65);
        assertThat(practice.at(0, 3000).stepAt(65)).isLessThan(best - 0.3);
    }

    /** The truth beside what was said: now, cold, and how long it would still have taken. */
    @Test
    void whatWasSaidStandsBesideTheTruth() {
        Practice practice = of(Lesson.COLD).with(deed(1200, Deed.Kind.OFF, 0));
        Said said = new Said(300, 0, 3, 5, 6);
        Reveal reveal = Reveal.of(practice, 0, List.of(said, new Said(900, 1, 1, 1, 1)));
        assertThat(reveal.judged()).hasSize(1);
        Reveal.Judged judged = reveal.judged().get(0);
        PracticePot then = practice.at(0, 300);
        assertThat(judged.stepNow()).isEqualTo(then.stepHot());
        assertThat(judged.stepCold()).isEqualTo(then.stepAt(20)).isGreaterThan(then.stepHot() + 1);
        PracticePot later = practice.at(0, 300 + 60 * judged.minutesLeft());
        assertThat(later.stepAt(20)).isCloseTo(6, within(0.15));
        Reveal atTheEnd =
                Reveal.of(of(Lesson.COLD).with(deed(400, Deed.Kind.OFF, 0)), 0, List.of(new Said(400, 0, 3, 5, 0)));
        assertThat(atTheEnd.judged().get(0).minutesLeft())
                .as("said just before it came off")
                .isBetween(1.0, 15.0);
        assertThat(reveal.curve().get(reveal.curve().size() - 1).minute()).isEqualTo(20);
        assertThat(reveal.stepServed()).isCloseTo(practice.at(0, 1200).stepAt(20), within(1e-9));
    }

    /** What cost most is told first: a knob turned up that burnt it, and taking it off too late. */
    @Test
    void whatEachDecisionCost() {
        Practice practice = of(Lesson.BUBBLES)
                .with(deed(60, Deed.Kind.LID, 1))
                .with(deed(240, Deed.Kind.HEAT, 9))
                .with(deed(1200, Deed.Kind.OFF, 0));
        List<Reveal.Cost> costs = Reveal.of(practice, 0, List.of()).costs();
        assertThat(costs).extracting(cost -> cost.deed().kind()).contains(Deed.Kind.HEAT, Deed.Kind.OFF);
        assertThat(costs).extracting(Reveal.Cost::points).isSortedAccordingTo((a, b) -> Double.compare(b, a));
        assertThat(costs.get(0).points()).isGreaterThan(20);
    }

    @Test
    void aScoreGrowsWithEachOfItsParts() {
        double[] worse = {0.5, 0.5, 0.5, 0.5, 0.5};
        double base = score(worse).total();
        for (int i = 0; i < worse.length; i++) {
            double[] better = worse.clone();
            better[i] = 0.6;
            assertThat(score(better).total()).isGreaterThan(base + 0.9);
        }
        assertThat(score(new double[] {1, 1, 1, 1, 1}).total()).isEqualTo(100);
        assertThat(Score.of(new Score.Outcome(1, 1, 5, 10, 0, 0, 4)).total())
                .as("quick and too thick is worse than slow and right")
                .isLessThan(Score.of(new Score.Outcome(0, 1, 20, 10, 0, 0, 4)).total());
        assertThat(Score.of(new Score.Outcome(0, 1, 10, 10, 0, 0.5, 4)).clean()).isLessThan(0.6);
        assertThat(Score.of(new Score.Outcome(0, 1, 10, 10, 0, 0, 200)).calm()).isZero();
    }

    private static Score score(double[] parts) {
        return new Score(parts[0], parts[1], parts[2], parts[3], parts[4]);
    }

    @Test
    void aWeekIsOnePotForEverybody() {
        LocalDate monday = LocalDate.of(2026, 11, 23);
        assertThat(Weekly.seed(monday.plusDays(6))).isEqualTo(Weekly.seed(monday));
        assertThat(Weekly.seed(monday.plusDays(7))).isNotEqualTo(Weekly.seed(monday));
        Set<String> seen = new TreeSet<>();
        for (int week = 0; week < 40; week++) {
            long seed = Weekly.seed(monday.plusWeeks(week));
            Scenario scenario = Weekly.scenario(seed);
            assertThat(Weekly.scenario(seed)).isEqualTo(scenario);
            PotSetting pot = scenario.pots().get(0);
            assertThat(pot.foods().values().stream().mapToDouble(g -> g).sum())
                    .isLessThan(0.67 * pot.shape().capacityMl());
            assertThat(Steady.of(new Practice(scenario, seed, List.of()), 0).minutes())
                    .as("can be cooked: " + scenario)
                    .isLessThan(100);
            seen.add(pot.foods().keySet().toString());
        }
        assertThat(seen).hasSize(7);
    }

    /** A forecast knows the recipe and what was read, not the truth: with a weighing it is nearer. */
    @Test
    void whatAForecastWouldHaveSaid() {
        double blind = 0;
        double weighed = 0;
        for (long seed = 1; seed <= 6; seed++) {
            Practice practice = new Practice(Lesson.COLD.scenario(), seed, List.of());
            double truth = practice.at(0, 720).stepAt(20);
            Forecast forecast = Foretold.at(practice, 0, 720).orElseThrow();
            blind += Math.abs(forecast.stepServed().middle() - truth);
            Practice read = practice.with(deed(300, Deed.Kind.WEIGH, 0)).with(deed(700, Deed.Kind.WEIGH, 0));
            Forecast knows = Foretold.at(read, 0, 720).orElseThrow();
            weighed += Math.abs(knows.stepServed().middle() - truth);
            assertThat(knows.stepServed().high() - knows.stepServed().low())
                    .isLessThan(
                            forecast.stepServed().high() - forecast.stepServed().low());
        }
        assertThat(weighed / 6).isLessThan(0.8);
        assertThat(blind / 6).as("of another physics and other fruit").isBetween(0.05, 1.2);
    }

    @Test
    void nonsenseIsRefused() {
        List<Runnable> nonsense = new ArrayList<>();
        nonsense.add(() -> deed(-1, Deed.Kind.STIR, 0));
        nonsense.add(() -> deed(1, Deed.Kind.HEAT, 10));
        nonsense.add(() -> deed(1, Deed.Kind.SALT, Double.NaN));
        nonsense.add(() -> Deed.Kind.ofKey("dance"));
        nonsense.add(() -> new Said(1, 0, 12, 1, 1));
        for (Runnable one : nonsense) {
            assertThatThrownBy(one::run).isInstanceOf(Unfit.class);
        }
    }
}

package app.gradior.web.plan;

import app.gradior.course.StageResult;
import app.gradior.glaze.Brushing;
import app.gradior.glaze.Coats;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.room.plan.PlanAnswer;
import app.gradior.room.words.Words;
import app.gradior.simmer.PotState;
import app.gradior.texture.AsMet;
import app.gradior.texture.Cold;
import app.gradior.web.frame.ColdWords;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What stands beside the chart of a plan: where to stop, what it is then, what it is the next day. */
final class PlanFacts {
    private static final double SOME_ALCOHOL_G = 0.5;

    private final PlanAnswer answer;
    private final Figures figures;

    PlanFacts(PlanAnswer answer, Figures figures) {
        this.answer = answer;
        this.figures = figures;
    }

    /** All of them, in the order of what is done with them. */
    List<PlanView.Fact> all() {
        PlanAnswer.Done done = answer.done().orElseThrow();
        List<PlanView.Fact> facts = new ArrayList<>();
        PotState main = done.main().end();
        StageResult last = done.last();
        if (done.way().starchG() > PlanView.SOME_STARCH_G) {
            facts.add(new PlanView.Fact(
                    Words.text("plan-view.starch-in-cold-liquid"),
                    Words.text(
                            "plan-view.in",
                            PlanView.starch(done.way().starchG(), figures),
                            PlanView.starch(done.way().coldLiquidG(), figures))));
        }
        facts.add(new PlanView.Fact(
                Words.text("plan-view.stop-reducing-at"),
                Words.text("plan-view.hot", PlanView.mm(main.levelMm()), figures.volume(main.volumeMlHot()))));
        facts.add(new PlanView.Fact(
                Words.text("plan-view.on-the-scale-then"),
                Words.text(
                        "plan-view.g-with-the-pot",
                        Numbers.plain(main.massG() + answer.setting().pot().emptyG(), 0))));
        facts.add(new PlanView.Fact(Words.text("plan-view.in-the-pot-then"), figures.stepWords(main.stepHot())));
        for (AsMet time : later(last)) {
            facts.add(new PlanView.Fact(
                    Words.say(time.when()),
                    Words.text(
                            "plan-view.step-and-what-it-is",
                            figures.stepWords(time.step()),
                            time.flow().structure())));
        }
        Cold.change(
                        last.out(),
                        answer.setting().prior().bodyFactor(),
                        answer.setting().draft().servedC())
                .ifPresent(change -> facts.add(
                        new PlanView.Fact(Words.text("cold-tool.what-would-change-it"), ColdWords.of(change))));
        Optional.ofNullable(answer.setting().draft().brushing())
                .ifPresent(brushing -> facts.addAll(onFood(brushing, last.out())));
        if (last.out().ethanolG() > SOME_ALCOHOL_G) {
            facts.add(new PlanView.Fact(
                    Words.text("plan-view.alcohol-left"),
                    Words.text("plan-view.in-the-pot", figures.mass(last.out().ethanolG()))));
        }
        double spoons = last.out().volumeMl20c() / figures.tablespoonMl();
        facts.add(new PlanView.Fact(
                Words.text("plan-view.salt"),
                Words.text("plan-view.season-last", Numbers.fixed(last.out().saltPercent(), 1))));
        facts.add(new PlanView.Fact(
                Words.text("plan-view.sugar-in-a-tablespoon"),
                Numbers.plain(last.out().sugarsG() / spoons, 1) + " g"));
        if (answer.setting().draft().storage().cools()) {
            facts.add(new PlanView.Fact(
                    Words.text(
                            "plan-view.keeps",
                            Words.say(answer.setting().draft().storage(), "kept")),
                    Words.text(
                            "plan-view.days",
                            done.shelfLife().days(),
                            Words.say(done.shelfLife().kind()))));
        }
        return facts;
    }

    /** What its coats take, and when they go on. */
    private List<PlanView.Fact> onFood(Brushing brushing, Mixture out) {
        Coats coats = brushing.of(out, answer.setting().prior().bodyFactor());
        double gPerMl = out.massG() / out.volumeMl20c();
        List<Double> before = coats.beforeDoneMin();
        String next = before.size() > 1 ? Words.text("plan-view.next-coats", before.get(0) - before.get(1)) : "";
        return List.of(
                new PlanView.Fact(
                        Words.text("plan-view.on-the-food", Words.say(brushing.food())),
                        Words.text(
                                "plan-view.coats-take",
                                before.size(),
                                figures.mass(coats.brushedG()),
                                figures.volume(coats.needG() / gPerMl),
                                figures.volume(out.volumeMl20c()))),
                new PlanView.Fact(
                        Words.text("plan-view.first-coat"), Words.text("plan-view.before-done", before.get(0), next)),
                new PlanView.Fact(
                        Words.text("plan-view.its-film"),
                        Words.text(
                                coats.scorches() ? "plan-view.film-burns" : "plan-view.film",
                                coats.film().sticksMin(),
                                coats.film().burnsMin())));
    }

    /** How it is met after the table: cold, and the next day. */
    private List<AsMet> later(StageResult last) {
        if (!(last.out().serumG() > 0)) {
            return List.of();
        }
        double servedC = answer.setting().draft().servedC();
        return AsMet.all(
                        last.out(),
                        answer.setting().prior().bodyFactor(),
                        last.end().tempC(),
                        servedC)
                .stream()
                .filter(m -> m.when() == AsMet.When.COLD || m.when() == AsMet.When.NIGHT)
                .toList();
    }
}

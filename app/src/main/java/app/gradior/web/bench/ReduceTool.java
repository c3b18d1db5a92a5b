package app.gradior.web.bench;

import app.gradior.care.Cautions;
import app.gradior.estimate.Band;
import app.gradior.estimate.Prior;
import app.gradior.estimate.ReductionForecast;
import app.gradior.finding.Refusal;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;
import app.gradior.plan.Reduction;
import app.gradior.plan.StopAt;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.words.Words;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.PotState;
import app.gradior.web.draw.SectionDrawing;
import app.gradior.web.frame.Figures;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Reduce by a fraction, to a volume, or to a thickness. */
@Component
@Order(3)
class ReduceTool implements Tool {
    private final WhatIHave have;
    private final KitchenKit kit;

    ReduceTool(WhatIHave have, KitchenKit kit) {
        this.have = have;
        this.kit = kit;
    }

    @Override
    public String key() {
        return "reduce";
    }

    @Override
    public String title() {
        return Words.text("reduce-tool.reduce-it");
    }

    @Override
    public String lead() {
        return Words.text("reduce-tool.minutes-and-the-level-to-stop");
    }

    @Override
    public List<Field> fields(BenchForm asked, Kitchen kitchen) {
        String until = asked.text("until", "fraction");
        Field target = switch (until) {
            case "volume" -> Field.number("toMl", Words.text("reduce-tool.down-to-ml"), asked.text("toMl", "500"));
            case "step" -> Ask.step(asked, "5");
            default -> Field.number("left", Words.text("reduce-tool.share-left-is-by-half"), asked.text("left", "1/2"));
        };
        return List.of(
                Field.choice(
                        "until",
                        Words.text("reduce-tool.reduce"),
                        until,
                        List.of(
                                new Field.Choice("fraction", Words.text("reduce-tool.to-a-share-of-it")),
                                new Field.Choice("volume", Words.text("reduce-tool.to-a-volume")),
                                new Field.Choice("step", Words.text("reduce-tool.to-a-thickness")))),
                target,
                Ask.served(asked, kitchen),
                Ask.pot(asked, kitchen, kit),
                Ask.look(asked),
                Ask.lid(asked));
    }

    @Override
    public Reply answer(BenchForm asked, Kitchen kitchen) {
        WhatIHave.Have what = have.have(asked, kitchen);
        Mixture start = what.mixture();
        double hotMl = start.volumeMl20c() * SpecificVolume.expansion(100);
        KitchenKit.KitPot pot = Ask.kitPot(asked, kitchen, kit, hotMl);
        StopAt target = switch (asked.text("until", "fraction")) {
            case "volume" -> new StopAt.Volume(asked.number("toMl", "reduce-tool.the-volume", 500, 1, 50_000, " mL"));
            case "step" -> new StopAt.StepServed(Ask.stepWanted(asked, 5));
            default -> new StopAt.Fraction(asked.number("left", "reduce-tool.the-share-left", 0.5, 0.01, 1, ""));
        };
        Reduction reduction = new Reduction(
                start,
                PotOnHeat.unknownPair(pot.shape(), kitchen.altitudeM()),
                new Heat(Ask.lookOf(asked), Ask.lidOf(asked)),
                Ask.servedC(asked, kitchen),
                1);
        Reduction.Outcome outcome = Refusal.checked("lines", () -> reduction.solve(target));
        if (outcome instanceof Reduction.Impossible no) {
            throw Refusal.unfit(no.field(), no.why());
        }
        Reduction.Done done = (Reduction.Done) outcome;
        Band minutes = ReductionForecast.minutes(
                reduction, target, done, what.ingredients().spread(), Prior.UNKNOWN);
        return reply(what, pot, done, minutes, new Figures(kitchen));
    }

    private static Reply reply(
            WhatIHave.Have what, KitchenKit.KitPot pot, Reduction.Done done, Band minutes, Figures figures) {
        PotState begin = done.first();
        PotState end = done.last();
        return new Reply.Builder(Words.text(
                        "reduce-tool.in-the-stop-at-mm-from",
                        pot.name(),
                        Numbers.plain(end.levelMm(), 0),
                        Numbers.plain(begin.levelMm(), 0)))
                .big(Words.text("reduce-tool.on-the-heat-for-about"), Numbers.plain(minutes.middle(), 0), "min")
                .big(Words.text("reduce-tool.stop-at"), Numbers.plain(end.levelMm(), 0), "mm")
                .big(
                        Words.text("reduce-tool.will-give-cold"),
                        figures.volumeFigure(end.volumeMl20c()),
                        figures.volumeUnit(end.volumeMl20c()))
                .fact(Words.text("reduce-tool.likely-between"), figures.minutesBand(minutes, minutes.high() >= 1439))
                .fact(
                        Words.text("reduce-tool.on-the-scale-then"),
                        Words.text(
                                "reduce-tool.and-g-of-pot", figures.mass(end.massG()), Numbers.plain(pot.emptyG(), 0)))
                .fact(Words.text("reduce-tool.in-the-pot-then"), Ask.stepWords(end.stepHot()))
                .fact(Words.text("reduce-tool.when-served"), Ask.stepWords(end.stepServed()))
                .fact(
                        Words.text("reduce-tool.salt-then"),
                        Numbers.fixed(end.mixture().saltPercent(), 2) + " %")
                .drawing(SectionDrawing.draw(
                        pot.shape(), begin.levelMm(), begin.levelMm(), OptionalDouble.of(end.levelMm()), false))
                .cautions(Cautions.of(what.ingredients(), pot.shape(), pot.material(), begin.volumeMlHot()))
                .done();
    }
}

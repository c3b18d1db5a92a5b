package app.gradior.web.api;

import static app.gradior.web.api.ApiModel.need;
import static app.gradior.web.api.ApiModel.needed;

import app.gradior.finding.Refusal;
import app.gradior.heat.Atmosphere;
import app.gradior.heat.BoilingPoint;
import app.gradior.larder.Food;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Routes;
import app.gradior.plan.StopAt;
import app.gradior.plan.Thickening;
import app.gradior.plan.Thinning;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Tokens;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.sauce.SauceLimits;
import app.gradior.simmer.PotOnHeat;
import app.gradior.texture.Consistency;
import app.gradior.web.api.ApiModel.MixtureInput;
import app.gradior.web.api.ApiModel.PotInput;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Starch in, liquid in, and every mix of starch and time: the bench's answers about a wished step. */
@RestController
@RequestMapping("/api/v1/bench")
class ThickeningApi {
    private final ApiCaller caller;
    private final Lines lines;

    ThickeningApi(ApiCaller caller, Lines lines) {
        this.caller = caller;
        this.lines = lines;
    }

    record ThickenQuestion(
            @Nullable MixtureInput mixture,
            @Nullable String starch,
            @Nullable Double liquidRatio,
            @Nullable Double targetStep,
            @Nullable Double servedC) {}

    record PortionAnswer(double starchG, double coldLiquidG, double totalStarchG, double stepHot, double stepServed) {}

    record ThickenAnswer(
            double starchG,
            double coldLiquidG,
            List<PortionAnswer> portions,
            double finalMassG,
            double volumeMl20c,
            double stepHot,
            double stepServed) {}

    @PostMapping("/thicken")
    ThickenAnswer thicken(@RequestBody ThickenQuestion question, HttpServletRequest request) {
        Kitchen kitchen = caller.kitchen(request, Tokens.Scope.BENCH);
        Mixture sauce = mixture(question.mixture(), kitchen);
        Thickening.Mix mix = mix(question.starch(), question.liquidRatio());
        double step = step(question.targetStep());
        double servedC = servedC(question.servedC());
        double hotC = Refusal.checked("mixture", () -> boilingC(sauce, kitchen));
        Refusal.checked("mixture", () -> Consistency.stepCooked(sauce, servedC));
        Thickening.Answer answer =
                Refusal.checked("targetStep", () -> new Thickening(sauce, mix, hotC, servedC, 1).toStep(step));
        return new ThickenAnswer(
                answer.starchG(),
                answer.coldLiquidG(),
                answer.portions().stream()
                        .map(p -> new PortionAnswer(
                                p.starchG(), p.coldLiquidG(), p.totalStarchG(), p.stepHot(), p.stepServed()))
                        .toList(),
                answer.sauce().massG(),
                answer.sauce().volumeMl20c(),
                answer.stepHot(),
                answer.stepServed());
    }

    record ThinQuestion(
            @Nullable MixtureInput mixture,
            @Nullable String with,
            @Nullable Double targetStep,
            @Nullable Double servedC) {}

    record ThinAnswer(double addG, double finalMassG, double volumeMl20c, double stepHot, double stepServed) {}

    @PostMapping("/thin")
    ThinAnswer thin(@RequestBody ThinQuestion question, HttpServletRequest request) {
        Kitchen kitchen = caller.kitchen(request, Tokens.Scope.BENCH);
        Mixture sauce = mixture(question.mixture(), kitchen);
        Food with = lines.food(kitchen, needed("with", question.with()), "with");
        double step = step(question.targetStep());
        double servedC = servedC(question.servedC());
        double now = Refusal.checked("mixture", () -> Consistency.stepCooked(sauce, servedC));
        OptionalDouble add = Thinning.toStep(sauce, with, step, servedC, 1);
        if (add.isEmpty()) {
            throw now <= step
                    ? Refusal.unfit(
                            "targetStep",
                            Told.of(
                                    "thickening-api.targetstep-is-the-sauce-is-already",
                                    step,
                                    Math.round(10 * now) / 10.0,
                                    servedC))
                    : Refusal.unfit("with", Told.of("thickening-api.with-is-no-amount-of-it", with.id()));
        }
        Mixture thinned =
                sauce.plus(Mixture.of(with, Math.min(1e6, add.getAsDouble()))).cooked();
        return new ThinAnswer(
                add.getAsDouble(),
                thinned.massG(),
                thinned.volumeMl20c(),
                Consistency.step(thinned, 1, boilingC(thinned, kitchen)),
                Consistency.step(thinned, 1, servedC));
    }

    // Wide: as the API has it.
    record RoutesQuestion(
            @Nullable MixtureInput mixture,
            @Nullable PotInput pot,
            @Nullable String look,
            @Nullable String lid,
            @Nullable Double altitudeM,
            @Nullable Double pairFactor,
            @Nullable Double burnerNetW,
            @Nullable String starch,
            @Nullable Double liquidRatio,
            @Nullable Double targetStep,
            @Nullable Double servedC,
            @Nullable Double yieldMl,
            @Nullable Double deadlineMinutes) {}

    record RoutePoint(
            double minutes,
            double evaporatedG,
            double starchG,
            double coldLiquidG,
            double volumeMl20c,
            double finalMassG,
            double saltPercent,
            double sugarsG,
            double alcoholG,
            double stepHot) {
        static RoutePoint of(Routes.Point point) {
            return new RoutePoint(
                    point.minutes(),
                    point.evaporatedG(),
                    point.starchG(),
                    point.coldLiquidG(),
                    point.volumeMl20c(),
                    point.sauce().massG(),
                    point.sauce().saltPercent(),
                    point.sauce().sugarsG(),
                    point.sauce().ethanolG(),
                    point.stepHot());
        }
    }

    record RoutesAnswer(
            List<RoutePoint> points,
            @Nullable RoutePoint chosen,
            @Nullable String reason) {}

    @PostMapping("/routes")
    RoutesAnswer routes(@RequestBody RoutesQuestion question, HttpServletRequest request) {
        Kitchen kitchen = caller.kitchen(request, Tokens.Scope.BENCH);
        Mixture start = mixture(question.mixture(), kitchen);
        PotOnHeat pot = ApiModel.potOnHeat(
                question.pot(), question.altitudeM(), question.pairFactor(), question.burnerNetW(), kitchen);
        Routes routes = new Routes(
                start,
                pot,
                ApiModel.heat(question.look(), question.lid()),
                mix(question.starch(), question.liquidRatio()),
                step(question.targetStep()),
                servedC(question.servedC()),
                1);
        Routes.Outcome outcome = Refusal.checked("mixture", routes::curve);
        if (outcome instanceof Routes.NoWay no) {
            String field = no.field().equals("start") ? "mixture" : no.field().equals("pot") ? "pot" : "targetStep";
            throw Refusal.unfit(field, no.why());
        }
        Routes.Curve curve = (Routes.Curve) outcome;
        List<RoutePoint> points = curve.points().stream().map(RoutePoint::of).toList();
        Routes.Choice choice = choice(routes, curve, question);
        return new RoutesAnswer(
                points,
                choice.chosen().isEmpty() ? null : RoutePoint.of(choice.chosen().get(0)),
                choice.why().map(Words::say).orElse(null));
    }

    private static Routes.Choice choice(Routes routes, Routes.Curve curve, RoutesQuestion question) {
        Double yieldMl = question.yieldMl();
        Double deadline = question.deadlineMinutes();
        OptionalDouble minutes = deadline == null
                ? OptionalDouble.empty()
                : OptionalDouble.of(Refusal.inRange("deadlineMinutes", deadline, 0, StopAt.MOST_MINUTES, " min"));
        if (yieldMl != null) {
            return routes.forYield(curve, Refusal.inRange("yieldMl", yieldMl, 1, 1e6, " mL"), minutes);
        }
        return minutes.isPresent()
                ? routes.forDeadline(curve, minutes.getAsDouble())
                : new Routes.Choice(List.of(), Optional.empty());
    }

    private Mixture mixture(@Nullable MixtureInput mixture, Kitchen kitchen) {
        MixtureInput input = needed("mixture", mixture);
        return input.mixture(input.understood(lines, kitchen, "mixture."), "mixture.");
    }

    private static Thickening.Mix mix(@Nullable String starch, @Nullable Double liquidRatio) {
        StarchKind kind = Refusal.checked("starch", () -> StarchKind.ofKey(needed("starch", starch)));
        double ratio = liquidRatio == null ? Thickening.Mix.USUAL_RATIO : liquidRatio;
        return Refusal.checked("liquidRatio", () -> new Thickening.Mix(kind, Thickening.Form.SLURRY, ratio));
    }

    private static double step(@Nullable Double targetStep) {
        return Refusal.inRange("targetStep", need("targetStep", targetStep), 0, 9.5, "");
    }

    private static double servedC(@Nullable Double servedC) {
        return SauceLimits.servedC("servedC", need("servedC", servedC));
    }

    private static double boilingC(Mixture m, Kitchen kitchen) {
        double activity = new Consistency(m, 1).waterActivity(m.waterG(), m.aceticG());
        return BoilingPoint.boilingC(activity, Atmosphere.pressurePa(kitchen.altitudeM()));
    }
}

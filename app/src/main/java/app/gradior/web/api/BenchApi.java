package app.gradior.web.api;

import static app.gradior.web.api.ApiModel.need;
import static app.gradior.web.api.ApiModel.needed;

import app.gradior.batch.IngredientInput;
import app.gradior.estimate.Band;
import app.gradior.estimate.Prior;
import app.gradior.estimate.ReductionForecast;
import app.gradior.finding.Refusal;
import app.gradior.heat.Atmosphere;
import app.gradior.heat.BoilingPoint;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;
import app.gradior.plan.Reduction;
import app.gradior.plan.StopAt;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Tokens;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.SauceLimits;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.PotState;
import app.gradior.texture.Consistency;
import app.gradior.texture.Doubt;
import app.gradior.texture.RingTest;
import app.gradior.texture.Stair;
import app.gradior.web.api.ApiModel.MixtureInput;
import app.gradior.web.api.ApiModel.PotInput;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Quick answers without a batch. */
@RestController
@RequestMapping("/api/v1/bench")
class BenchApi {
    private static final double MOST_HELD_H = 720;

    private final ApiCaller caller;
    private final Lines lines;

    BenchApi(ApiCaller caller, Lines lines) {
        this.caller = caller;
        this.lines = lines;
    }

    record MixtureQuestion(
            @Nullable List<IngredientInput> ingredients,
            @Nullable Double evaporatedG,
            @Nullable Boolean blended,
            @Nullable Double cookedMin,
            @Nullable String measures,
            @Nullable Boolean strict,
            @Nullable Double altitudeM) {}

    /**
     * A line as understood; line and sureness are text and sure by their older names.
     *
     * @param sure sure, likely, unsure, or none where no food was found
     * @param also when one line is several foods: the others
     */
    // Wide: as the API has it.
    record LineAnswer(
            String line,
            String text,
            String food,
            String foodName,
            double massG,
            double lowG,
            double highG,
            String sureness,
            String sure,
            String amount,
            List<String> unknown,
            String remark,
            List<LineAnswer> also) {
        static LineAnswer of(List<LineReading> readings) {
            LineReading reading = readings.get(0);
            String sureness = reading.sureness().name().toLowerCase(Locale.ROOT);
            return new LineAnswer(
                    reading.text(),
                    reading.text(),
                    reading.food().map(Food::id).orElse(""),
                    reading.food().map(Words::say).orElse(""),
                    reading.massG(),
                    reading.lowG(),
                    reading.highG(),
                    sureness,
                    reading.usable() ? sureness : "none",
                    reading.amount(),
                    reading.unknownWords(),
                    reading.remark().map(Words::say).orElse(""),
                    readings.stream().skip(1).map(also -> of(List.of(also))).toList());
        }
    }

    // Wide: as the API has it.
    record MixtureAnswer(
            double massG,
            double volumeMl20c,
            double volumeMlHot,
            double waterG,
            double brixPercent,
            double saltPercent,
            double aceticPercent,
            double alcoholG,
            double sugarsPerTablespoonG,
            double saltPerTablespoonG,
            double waterActivity,
            double boilingC,
            double pungencyShu,
            List<String> allergens,
            List<LineAnswer> lines) {
        /** Of lines that say no amount of any food. */
        static MixtureAnswer nothing(List<LineAnswer> lines) {
            return new MixtureAnswer(0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 1, BOILS_C, 0, List.of(), lines);
        }

        private static final double BOILS_C = 100;
    }

    @PostMapping("/mixture")
    MixtureAnswer mixture(@RequestBody MixtureQuestion question, HttpServletRequest request) {
        Kitchen kitchen = caller.kitchen(request, Tokens.Scope.BENCH);
        MixtureInput input = new MixtureInput(
                question.ingredients(),
                question.evaporatedG(),
                question.blended(),
                question.cookedMin(),
                question.measures());
        List<List<LineReading>> readings = input.readings(lines, kitchen, "");
        if (Boolean.TRUE.equals(question.strict())) {
            MixtureInput.notUnderstood(readings, "");
        }
        List<LineAnswer> answers = readings.stream().map(LineAnswer::of).toList();
        Ingredients understood = input.of(readings);
        if (!(understood.mixture().massG() > 0)) {
            return MixtureAnswer.nothing(answers);
        }
        Mixture m = input.mixture(understood, "");
        double activity = new Consistency(m, 1).waterActivity(m.waterG(), m.aceticG());
        double boilingC = BoilingPoint.boilingC(
                activity, Atmosphere.pressurePa(ApiModel.altitude(question.altitudeM(), kitchen)));
        double spoons = m.volumeMl20c() / kitchen.measures().tablespoonMl();
        return new MixtureAnswer(
                m.massG(),
                m.volumeMl20c(),
                m.volumeMl20c() * SpecificVolume.expansion(boilingC),
                m.waterG(),
                m.brixPercent(),
                m.saltPercent(),
                m.aceticPercent(),
                m.ethanolG(),
                m.sugarsG() / spoons,
                m.saltG() / spoons,
                activity,
                boilingC,
                m.pungencyShu(),
                understood.allergens().stream()
                        .map(a -> a.name().toLowerCase(Locale.ROOT))
                        .sorted()
                        .toList(),
                answers);
    }

    record ThicknessQuestion(
            @Nullable MixtureInput mixture,
            @Nullable List<Double> temperaturesC,
            @Nullable Double heldH) {}

    record ThicknessPoint(
            double temperatureC,
            double heldH,
            double viscosityPaS,
            double step,
            double stepLow,
            double stepHigh,
            String stepName,
            String structure,
            String doubt,
            double ringRadiusMm) {}

    record ThicknessAnswer(List<ThicknessPoint> temperatures) {}

    @PostMapping("/thickness")
    ThicknessAnswer thickness(@RequestBody ThicknessQuestion question, HttpServletRequest request) {
        Kitchen kitchen = caller.kitchen(request, Tokens.Scope.BENCH);
        MixtureInput input = needed("mixture", question.mixture());
        Mixture m = input.mixture(input.understood(lines, kitchen, "mixture."), "mixture.");
        List<Double> temperatures = question.temperaturesC();
        if (temperatures == null || temperatures.isEmpty() || temperatures.size() > 50) {
            throw Refusal.unfit("temperaturesC", Told.of("bench-api.to-temperatures-expected"));
        }
        List<ThicknessPoint> points = new ArrayList<>();
        for (int i = 0; i < temperatures.size(); i++) {
            double tempC = Refusal.inRange(
                    "temperaturesC[" + i + "]", need("temperaturesC[" + i + "]", temperatures.get(i)), 0, 130, " °C");
            double heldH = question.heldH() == null
                    ? Consistency.usualHeldH(tempC)
                    : Refusal.inRange("heldH", question.heldH(), 0, MOST_HELD_H, " h");
            points.add(Refusal.checked("mixture", () -> point(m, tempC, heldH)));
        }
        return new ThicknessAnswer(points);
    }

    private static ThicknessPoint point(Mixture m, double tempC, double heldH) {
        Consistency.Flow flow = Consistency.flowAsked(m, 1, tempC, heldH);
        double step = Stair.step(flow.viscosityPaS());
        Doubt doubt = Consistency.doubtNow(m, tempC, heldH);
        return new ThicknessPoint(
                tempC,
                heldH,
                flow.viscosityPaS(),
                step,
                step - doubt.steps(),
                step + doubt.steps(),
                Words.say(Stair.Tread.of(step)),
                key(flow.structure()),
                key(doubt.cause()),
                RingTest.radiusMm(flow, m, tempC));
    }

    private static String key(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    // Wide: as the API has it.
    record ReduceQuestion(
            @Nullable MixtureInput mixture,
            @Nullable PotInput pot,
            @Nullable String look,
            @Nullable String lid,
            @Nullable Double altitudeM,
            @Nullable Double pairFactor,
            @Nullable Double burnerNetW,
            @Nullable Double toStep,
            @Nullable Double servedC,
            @Nullable Double toVolumeMl,
            @Nullable Double toFraction,
            @Nullable Double toMassG,
            @Nullable Double minutes) {

        StopAt target() {
            List<StopAt> targets = new ArrayList<>();
            if (toStep != null) {
                double step = toStep;
                need("servedC", servedC);
                targets.add(Refusal.checked("toStep", () -> new StopAt.StepServed(step)));
            }
            if (toVolumeMl != null) {
                double ml = toVolumeMl;
                targets.add(Refusal.checked("toVolumeMl", () -> new StopAt.Volume(ml)));
            }
            if (toFraction != null) {
                double left = toFraction;
                targets.add(Refusal.checked("toFraction", () -> new StopAt.Fraction(left)));
            }
            if (toMassG != null) {
                double grams = toMassG;
                targets.add(Refusal.checked("toMassG", () -> new StopAt.Mass(grams)));
            }
            if (minutes != null) {
                double min = minutes;
                targets.add(Refusal.checked("minutes", () -> new StopAt.Minutes(min)));
            }
            if (targets.size() != 1) {
                throw Refusal.unfit("toStep", Told.of("bench-api.give-exactly-one-of-tostep-with"));
            }
            return targets.get(0);
        }
    }

    record TrajectoryPoint(double minute, double massG, double levelMm, double stepHot, double stepServed) {}

    // Wide: as the API has it.
    record ReduceAnswer(
            double minutes,
            double minutesLow,
            double minutesHigh,
            double evaporatedG,
            double finalMassG,
            double volumeMl20c,
            double levelStartMm,
            double levelEndMm,
            double stepHot,
            double stepServed,
            double alcoholG,
            double saltPercent,
            List<TrajectoryPoint> trajectory) {}

    /** Serving temperature when only a volume, mass or time is asked for, °C. */
    private static final double ROOM_C = 20;

    @PostMapping("/reduce")
    ReduceAnswer reduce(@RequestBody ReduceQuestion question, HttpServletRequest request) {
        Kitchen kitchen = caller.kitchen(request, Tokens.Scope.BENCH);
        MixtureInput input = needed("mixture", question.mixture());
        Ingredients understood = input.understood(lines, kitchen, "mixture.");
        Mixture start = input.mixture(understood, "mixture.");
        Heat heat = ApiModel.heat(question.look(), question.lid());
        StopAt target = question.target();
        double servedC = question.servedC() == null ? ROOM_C : SauceLimits.servedC("servedC", question.servedC());
        PotOnHeat pot = ApiModel.potOnHeat(
                question.pot(), question.altitudeM(), question.pairFactor(), question.burnerNetW(), kitchen);
        Reduction reduction = new Reduction(start, pot, heat, servedC, 1);
        Reduction.Outcome outcome = Refusal.checked("mixture", () -> reduction.solve(target));
        if (outcome instanceof Reduction.Impossible no) {
            throw Refusal.unfit(field(no.field(), question), no.why());
        }
        Reduction.Done done = (Reduction.Done) outcome;
        Band minutes = ReductionForecast.minutes(
                reduction, target, done, understood.spread(), Prior.of(question.pairFactor() != null));
        PotState end = done.last();
        return new ReduceAnswer(
                minutes.middle(),
                minutes.low(),
                minutes.high(),
                start.massG() - end.massG(),
                end.massG(),
                end.volumeMl20c(),
                done.first().levelMm(),
                end.levelMm(),
                end.stepHot(),
                end.stepServed(),
                end.mixture().ethanolG(),
                end.mixture().saltPercent(),
                done.trajectory().stream()
                        .map(s -> new TrajectoryPoint(s.minute(), s.massG(), s.levelMm(), s.stepHot(), s.stepServed()))
                        .toList());
    }

    /** The request's own name for what the core says must change. */
    private static String field(String core, ReduceQuestion question) {
        return switch (core) {
            case "start" -> "mixture";
            case "heat" -> "look";
            case "target" ->
                question.toStep() != null
                        ? "toStep"
                        : question.toVolumeMl() != null
                                ? "toVolumeMl"
                                : question.toMassG() != null ? "toMassG" : "toFraction";
            default -> core;
        };
    }
}

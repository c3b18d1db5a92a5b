package app.gradior.web.api;

import app.gradior.course.StageResult;
import app.gradior.estimate.Band;
import app.gradior.finding.Refusal;
import app.gradior.larder.StarchKind;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.StagePlan;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Tokens;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.plan.PlanAnswer;
import app.gradior.room.plan.PlanDraft;
import app.gradior.room.plan.Planning;
import app.gradior.room.words.Words;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the plan's page shows, for programs. */
@RestController
@RequestMapping("/api/v1/plan")
class PlanApi {
    private final ApiCaller caller;
    private final SauceBook book;
    private final KitchenKit kit;
    private final Planning planning;

    PlanApi(ApiCaller caller, SauceBook book, KitchenKit kit, Planning planning) {
        this.caller = caller;
        this.book = book;
        this.kit = kit;
        this.planning = planning;
    }

    // Wide: all that may be asked of a plan.
    record PlanQuestion(
            @Nullable Long sauceId,
            @Nullable Integer version,
            @Nullable Double factor,
            @Nullable Long potId,
            @Nullable Long burnerId,
            @Nullable Double altitudeM,
            @Nullable Double targetStep,
            @Nullable Double servedC,
            @Nullable Double yieldMl,
            @Nullable String starch,
            @Nullable Double mostSaltPercent,
            @Nullable Double mostSugarPercent,
            @Nullable Double mostAcidPercent) {}

    record StageAnswer(
            String kind,
            double minutes,
            double minutesLow,
            double minutesHigh,
            double massG,
            double volumeMl20c,
            double levelMm,
            @Nullable Double stepHot,
            @Nullable Double stepServed,
            double alcoholG,
            double stirEveryMinutes,
            String scorchRisk) {
        static StageAnswer of(StageResult stage, Band minutes) {
            return new StageAnswer(
                    stage.stage().kind().key(),
                    minutes.middle(),
                    minutes.low(),
                    minutes.high(),
                    stage.out().massG(),
                    stage.out().volumeMl20c(),
                    stage.end().levelMm(),
                    number(stage.end().stepHot()),
                    number(stage.end().stepServed()),
                    stage.out().ethanolG(),
                    stage.stirring().everyMinutes(),
                    Words.say(stage.stirring().risk()));
        }

        private static @Nullable Double number(double value) {
            return Double.isNaN(value) ? null : value;
        }
    }

    record PotAnswer(
            long potId,
            String name,
            boolean fits,
            String reason,
            @Nullable Double minutes) {}

    /**
     * @param toReduceG what comes to the main reduction, g: {@code evaporatedG} of the points counts from there
     * @param reason why the wish is not met; absent when it is
     */
    // Wide: as the API has it.
    record PlanAnswerBody(
            double factor,
            double toReduceG,
            List<ThickeningApi.RoutePoint> points,
            ThickeningApi.RoutePoint chosen,
            @Nullable String reason,
            List<String> instead,
            double starchG,
            double minutes,
            double minutesLow,
            double minutesHigh,
            double volumeMl20c,
            List<StageAnswer> stages,
            List<PotAnswer> pots) {}

    @PostMapping
    PlanAnswerBody plan(@RequestBody PlanQuestion question, HttpServletRequest request) {
        Kitchen kitchen = caller.kitchen(request, Tokens.Scope.READ);
        PlanAnswer answer = planning.answer(kitchen, draft(kitchen, question));
        if (answer.noWay().isPresent()) {
            throw Refusal.unfit(
                    answer.noWay().get().field().equals("target")
                            ? "targetStep"
                            : answer.noWay().get().field(),
                    answer.noWay().get().why());
        }
        PlanAnswer.Done done = answer.done().orElseThrow();
        List<StageAnswer> stages = new ArrayList<>();
        for (int i = 0; i < done.way().cooked().stages().size(); i++) {
            stages.add(StageAnswer.of(
                    done.way().cooked().stages().get(i), done.bands().stages().get(i)));
        }
        return new PlanAnswerBody(
                answer.setting().factor(),
                done.ways().before().massG(),
                done.ways().curve().points().stream()
                        .map(ThickeningApi.RoutePoint::of)
                        .toList(),
                ThickeningApi.RoutePoint.of(done.wish().point()),
                done.wish().why().map(Words::say).orElse(null),
                done.wish().instead().stream().map(Words::say).toList(),
                done.way().starchG(),
                done.bands().all().middle(),
                done.bands().all().low(),
                done.bands().all().high(),
                done.last().out().volumeMl20c(),
                stages,
                answer.pots().stream()
                        .map(r -> new PotAnswer(
                                r.candidate().id(),
                                r.candidate().name(),
                                r.fits(),
                                r.why().map(Words::say).orElse(""),
                                Double.isInfinite(r.minutes()) ? null : r.minutes()))
                        .toList());
    }

    private PlanDraft draft(Kitchen kitchen, PlanQuestion q) {
        long sauceId = ApiModel.needed("sauceId", q.sauceId());
        SauceBook.Sauce sauce = book.sauce(kitchen, sauceId);
        KitchenKit.KitPot pot = kit.pot(kitchen.id(), ApiModel.needed("potId", q.potId()));
        StarchKind written = sauce.ingredients().usable().stream()
                .flatMap(line -> StagePlan.powder(line).stream())
                .findFirst()
                .orElse(null);
        String starch = q.starch();
        StarchKind allowed = starch == null
                ? written
                : starch.equals("none") ? null : Refusal.checked("starch", () -> StarchKind.ofKey(starch));
        PlanDraft base = PlanDraft.asWritten(
                sauce,
                pot.id(),
                Optional.ofNullable(q.burnerId()).orElse(0L),
                ApiModel.altitude(q.altitudeM(), kitchen),
                allowed);
        Double yieldMl = q.yieldMl();
        return new PlanDraft(
                sauceId,
                q.version(),
                PlanDraft.ScaleBy.FACTOR,
                Refusal.inRange("factor", or(q.factor(), 1), 0.01, 100, ""),
                0,
                null,
                base.potId(),
                base.burnerId(),
                Map.of(),
                base.altitudeM(),
                or(q.targetStep(), base.targetStep()),
                or(q.servedC(), base.servedC()),
                yieldMl == null ? null : Refusal.inRange("yieldMl", yieldMl, 1, 1e6, " mL"),
                allowed,
                base.liquidRatio(),
                or(q.mostSaltPercent(), base.mostSaltPercent()),
                null,
                base.storage(),
                false,
                0,
                Map.of(),
                0,
                0,
                null,
                q.mostSugarPercent(),
                q.mostAcidPercent(),
                null);
    }

    private static double or(@Nullable Double value, double otherwise) {
        return value == null ? otherwise : value;
    }
}

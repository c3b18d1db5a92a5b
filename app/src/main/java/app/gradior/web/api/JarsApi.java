package app.gradior.web.api;

import static app.gradior.web.api.ApiModel.need;
import static app.gradior.web.api.ApiModel.needed;

import app.gradior.finding.Refusal;
import app.gradior.room.house.Tokens;
import app.gradior.room.words.Told;
import app.gradior.vessel.Jar;
import app.gradior.vessel.JarFilling;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which jars to fill. */
@RestController
@RequestMapping("/api/v1/bench")
class JarsApi {
    private static final int MOST_KINDS = 20;

    private final ApiCaller caller;

    JarsApi(ApiCaller caller) {
        this.caller = caller;
    }

    record JarInput(
            @Nullable String name,
            @Nullable Double brimMl,
            @Nullable Double headspaceMm,
            @Nullable Double fillMl,
            @Nullable Integer count) {
        Jar jar(String path) {
            double brim = need(path + ".brimMl", brimMl);
            int many = needed(path + ".count", count);
            String label = Refusal.text(path + ".name", needed(path + ".name", name), 80);
            if ((headspaceMm == null) == (fillMl == null)) {
                throw Refusal.unfit(path + ".fillMl", Told.of("jars-api.give-either-headspacemm-or-fillml"));
            }
            Double headspace = headspaceMm;
            Double fill = fillMl;
            return Refusal.checked(
                    path,
                    () -> fill != null
                            ? new Jar(label, brim, fill, many)
                            : Jar.withHeadspace(label, brim, need(path + ".headspaceMm", headspace), many));
        }
    }

    record JarsQuestion(
            @Nullable Double volumeMlHot, @Nullable List<@Nullable JarInput> jars) {}

    record FillAnswer(String name, double fillMl, double brimMl, double sharePercent) {}

    record JarsAnswer(List<FillAnswer> fills, double leftoverMl) {}

    @PostMapping("/jars")
    JarsAnswer jars(@RequestBody JarsQuestion question, HttpServletRequest request) {
        caller.kitchen(request, Tokens.Scope.BENCH);
        double volume = need("volumeMlHot", question.volumeMlHot());
        List<@Nullable JarInput> inputs = needed("jars", question.jars());
        if (inputs.isEmpty() || inputs.size() > MOST_KINDS) {
            throw Refusal.unfit("jars", Told.of("jars-api.to-kinds-of-jar-expected", MOST_KINDS));
        }
        List<Jar> jars = new ArrayList<>();
        for (int i = 0; i < inputs.size(); i++) {
            String path = "jars[" + i + "]";
            jars.add(needed(path, inputs.get(i)).jar(path));
        }
        JarFilling.Answer answer = Refusal.checked("", () -> JarFilling.of(volume, jars));
        return new JarsAnswer(
                answer.fills().stream()
                        .map(f -> new FillAnswer(
                                f.jar().name(), f.fillMl(), f.jar().brimMl(), 100 * f.share()))
                        .toList(),
                answer.leftoverMl());
    }
}

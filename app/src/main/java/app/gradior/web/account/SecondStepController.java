package app.gradior.web.account;

import app.gradior.access.Audit;
import app.gradior.access.Right;
import app.gradior.access.SecondStep;
import app.gradior.access.SignIn;
import app.gradior.access.TooManyTries;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.room.house.GradiorProperties;
import app.gradior.room.words.Told;
import app.gradior.web.draw.QrDrawing;
import app.gradior.web.frame.Audited;
import app.gradior.web.frame.Entrance;
import app.gradior.web.frame.KitchenUser;
import app.gradior.web.frame.Needs;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One's own second step: a code after the password, and words on paper. Each change asks for the password again. */
@Controller
@RequestMapping("/account/second")
@Needs(Right.SELF)
class SecondStepController {
    private final SecondStep second;
    private final SignIn signIn;
    private final Entrance entrance;
    private final DemoCook demo;
    private final GradiorProperties properties;

    SecondStepController(
            SecondStep second, SignIn signIn, Entrance entrance, DemoCook demo, GradiorProperties properties) {
        this.second = second;
        this.signIn = signIn;
        this.entrance = entrance;
        this.demo = demo;
        this.properties = properties;
    }

    /**
     * Who asks, and from where.
     *
     * @param password theirs, as typed
     */
    private record Asked(KitchenUser user, String password, HttpServletRequest request, HttpServletResponse response) {}

    @ModelAttribute
    Asked asked(
            @AuthenticationPrincipal KitchenUser user,
            @RequestParam(defaultValue = "") String password,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (demo.is(user)) {
            throw Refusal.unfit("password", Told.of("account.the-demo-has-none"));
        }
        return new Asked(user, password, request, response);
    }

    @GetMapping
    String page(@ModelAttribute(binding = false) Asked asked, Model model) {
        return page(asked, List.of(), model);
    }

    private String page(Asked asked, List<Fault> faults, Model model) {
        KitchenUser user = asked.user();
        boolean on = second.isOn(user.accountId());
        if (!on) {
            String secret = second.secret(user.accountId());
            model.addAttribute("secret", secret.replaceAll("(.{4})(?=.)", "$1 "));
            model.addAttribute("address", address(user.username(), secret));
            model.addAttribute("qr", QrDrawing.draw(address(user.username(), secret), "Gradior"));
        }
        model.addAttribute("on", on);
        model.addAttribute("needed", properties.needsTwo());
        model.addAttribute("wanted", properties.needsTwo() && !user.byTwo());
        model.addAttribute("left", second.wordsLeft(user.accountId()));
        model.addAttribute("most", SecondStep.WORDS);
        model.addAttribute("faults", faults);
        return "second";
    }

    /** As apps that count codes read it. */
    private static String address(String login, String secret) {
        String name = URLEncoder.encode(login, StandardCharsets.UTF_8).replace("+", "%20");
        return "otpauth://totp/Gradior:" + name + "?secret=" + secret + "&issuer=Gradior";
    }

    /** What a change does, once the password fits. */
    private String withPassword(Asked asked, Model model, Supplier<String> change) {
        try {
            signIn.check(asked.user().username(), asked.password(), Entrance.from(asked.request()));
            return change.get();
        } catch (TooManyTries wait) {
            return page(asked, Waits.told(wait, "password", asked.response()), model);
        } catch (Refusal refusal) {
            asked.response().setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(asked, refusal.faults(), model);
        }
    }

    @PostMapping
    @Audited(Audit.What.SECOND_STEP_BEGUN)
    String begin(
            @ModelAttribute(binding = false) Asked asked, @RequestParam(defaultValue = "") String code, Model model) {
        return withPassword(asked, model, () -> {
            second.begin(asked.user().accountId(), code);
            entrance.strengthen(asked.user(), asked.request(), asked.response());
            return "redirect:/account/second?begun";
        });
    }

    @PostMapping("/end")
    @Audited(Audit.What.SECOND_STEP_ENDED)
    String end(@ModelAttribute(binding = false) Asked asked, Model model) {
        return withPassword(asked, model, () -> {
            second.end(asked.user().accountId());
            return "redirect:/account/second?ended";
        });
    }

    /** Words on paper, told this once. */
    @PostMapping("/paper")
    @Audited(Audit.What.PAPER_MADE)
    String paper(@ModelAttribute(binding = false) Asked asked, Model model) {
        return withPassword(asked, model, () -> {
            model.addAttribute("words", second.words(asked.user().accountId()));
            return page(asked, List.of(), model);
        });
    }
}

package app.gradior.web.account;

import app.gradior.access.Members;
import app.gradior.access.Right;
import app.gradior.access.TooManyTries;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.heat.BurnerKind;
import app.gradior.measure.MeasureSystem;
import app.gradior.room.house.GradiorProperties;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.words.Language;
import app.gradior.web.form.Bound;
import app.gradior.web.form.TypedNumber;
import app.gradior.web.frame.Entrance;
import app.gradior.web.frame.KitchenUser;
import app.gradior.web.frame.Needs;
import app.gradior.web.frame.PasswordSignIn;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** Sign in, set up a kitchen, enter the demo. */
@Controller
@Needs(Right.NONE)
class AccountController {
    private final Kitchens kitchens;
    private final GradiorProperties properties;
    private final Entrance entrance;
    private final Members members;

    AccountController(Kitchens kitchens, GradiorProperties properties, Entrance entrance, Members members) {
        this.kitchens = kitchens;
        this.properties = properties;
        this.entrance = entrance;
        this.members = members;
    }

    @GetMapping("/login")
    String login(Model model, HttpServletRequest request, HttpServletResponse response) {
        if (!properties.demo() && kitchens.isEmpty()) {
            return "redirect:/setup";
        }
        boolean cooking = properties.demo() && kitchens.demo().isEmpty();
        if (cooking) {
            response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
            response.setHeader(HttpHeaders.RETRY_AFTER, "2");
        }
        return door(cooking, request, model);
    }

    private String door(boolean cooking, HttpServletRequest request, Model model) {
        model.addAttribute("hasName", PasskeyController.at(request).hasName());
        model.addAttribute("demo", properties.demo() && !cooking);
        model.addAttribute("cooking", cooking);
        return "login";
    }

    /** The door again after a sign-in that was refused; the name stays as it was typed. */
    @PostMapping("/login/refused")
    String refused(
            @RequestAttribute(required = false) @Nullable AuthenticationException refused,
            @RequestParam(defaultValue = "") String username,
            @RequestParam(defaultValue = "") String word,
            HttpServletRequest request,
            Model model,
            HttpServletResponse response) {
        if (refused == null) {
            return "redirect:/login";
        }
        if (refused instanceof TooManyTries wait) {
            response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
            response.setHeader(HttpHeaders.RETRY_AFTER, Long.toString(wait.seconds()));
            model.addAttribute("waitS", wait.seconds());
        } else if (refused instanceof PasswordSignIn.OnlyByPasskey) {
            response.setStatus(HttpStatus.UNAUTHORIZED.value());
            model.addAttribute("byPasskey", true);
        } else {
            response.setStatus(HttpStatus.UNAUTHORIZED.value());
            model.addAttribute("wrong", true);
        }
        model.addAttribute("typed", username);
        model.addAttribute("word", word);
        model.addAttribute("asksForWord", refused instanceof TooManyTries || !word.isBlank());
        return door(false, request, model);
    }

    /**
     * Who is signed in here: for pages that find their forms refused.
     *
     * @param account empty when nobody is
     * @param csrf what forms of this sign-in carry
     */
    record WhoAmI(String account, String csrf) {}

    @GetMapping("/whoami")
    @ResponseBody
    ResponseEntity<WhoAmI> whoAmI(@AuthenticationPrincipal @Nullable KitchenUser user, CsrfToken csrf) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .body(user == null ? new WhoAmI("", "") : new WhoAmI(user.mark(), csrf.getToken()));
    }

    /** The form as the cook left it. */
    record Form(
            @Nullable String name,
            @Nullable String login,
            @Nullable String password,
            @Nullable MeasureSystem measures,
            @Nullable Boolean fahrenheit,
            @Nullable TypedNumber altitude,
            @Nullable String timeZone,
            @Nullable BurnerKind hob,
            @Nullable String word) {
        /** As the readers of the browser's language cook: American ones by cups and °F. */
        static Form blank() {
            boolean american = Language.now() == Language.AMERICAN;
            return new Form(
                    "",
                    "",
                    "",
                    american ? MeasureSystem.US : MeasureSystem.METRIC,
                    null,
                    new TypedNumber("0"),
                    american ? "America/New_York" : "Europe/London",
                    null,
                    "");
        }

        Kitchens.SetUp wanted() {
            return new Kitchens.SetUp(
                    said(login),
                    said(password),
                    said(name),
                    Refusal.given("measures", measures),
                    fahrenheit == null ? measures == MeasureSystem.US : fahrenheit,
                    TypedNumber.of(altitude).value(),
                    said(timeZone),
                    hob == null ? BurnerKind.GAS : hob);
        }

        private static String said(@Nullable String text) {
            return text == null ? "" : text;
        }
    }

    @GetMapping("/setup")
    String setUp(Model model) {
        return form(model, Form.blank(), List.of());
    }

    private String form(Model model, Form form, List<Fault> faults) {
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        model.addAttribute("systems", MeasureSystem.values());
        model.addAttribute("hobs", BurnerKind.values());
        model.addAttribute("asksForWord", kitchens.asksForWord());
        return "setup";
    }

    @PostMapping("/setup")
    String setUp(
            @ModelAttribute("form") Form form,
            BindingResult bound,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        try {
            Bound.check(bound);
            kitchens.signUp(form.wanted(), Form.said(form.word()));
            entrance.enter(Form.said(form.login()), request, response);
            return "redirect:/";
        } catch (Refusal refusal) {
            response.setStatus(422);
            return form(model, form, refusal.faults());
        }
    }

    @PostMapping("/demo")
    String demo(HttpServletRequest request, HttpServletResponse response) {
        @Nullable Kitchen demo = properties.demo() ? kitchens.demo().orElse(null) : null;
        if (demo == null) {
            throw Refusal.missing(Thing.DEMO_KITCHEN);
        }
        // Its first member is the one it was made with.
        entrance.enterByTwo(members.of(demo.id()).get(0).login(), request, response);
        return "redirect:/";
    }
}

package app.gradior.web.account;

import app.gradior.kitchen.Fault;
import app.gradior.kitchen.GradiorProperties;
import app.gradior.kitchen.Kitchen;
import app.gradior.kitchen.Kitchens;
import app.gradior.kitchen.Refusal;
import app.gradior.measure.MeasureSystem;
import app.gradior.measure.Numbers;
import app.gradior.store.Rows.AccountRow;
import app.gradior.web.frame.KitchenUser;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Sign in, set up a kitchen, enter the demo. */
@Controller
class AccountController {
    private final Kitchens kitchens;
    private final GradiorProperties properties;
    private final SecurityContextRepository contexts;

    AccountController(Kitchens kitchens, GradiorProperties properties, SecurityContextRepository contexts) {
        this.kitchens = kitchens;
        this.properties = properties;
        this.contexts = contexts;
    }

    @GetMapping("/login")
    String login(Model model, HttpServletResponse response) {
        if (!properties.demo() && kitchens.isEmpty()) {
            return "redirect:/setup";
        }
        boolean cooking = properties.demo() && kitchens.demo().isEmpty();
        if (cooking) {
            response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
            response.setHeader(HttpHeaders.RETRY_AFTER, "2");
        }
        model.addAttribute("demo", properties.demo() && !cooking);
        model.addAttribute("cooking", cooking);
        return "login";
    }

    /** The form as the cook left it. */
    record Form(
            String name, String login, MeasureSystem measures, boolean fahrenheit, String altitude, String timeZone) {}

    @GetMapping("/setup")
    String setUp(Model model) {
        return form(model, new Form("", "", MeasureSystem.METRIC, false, "0", "Europe/London"), List.of());
    }

    private static String form(Model model, Form form, List<Fault> faults) {
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        model.addAttribute("systems", MeasureSystem.values());
        return "setup";
    }

    @PostMapping("/setup")
    String setUp(
            @RequestParam String name,
            @RequestParam String login,
            @RequestParam String password,
            @RequestParam MeasureSystem measures,
            @RequestParam(defaultValue = "false") boolean fahrenheit,
            @RequestParam String altitude,
            @RequestParam String timeZone,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        double altitudeM = Numbers.parse(altitude).orElse(Double.NaN);
        try {
            long id = kitchens.setUp(
                    new Kitchens.SetUp(login, password, name, measures, fahrenheit, altitudeM, timeZone), false);
            enter(id, request, response);
            return "redirect:/";
        } catch (Refusal refusal) {
            response.setStatus(422);
            return form(model, new Form(name, login, measures, fahrenheit, altitude, timeZone), refusal.faults());
        }
    }

    @PostMapping("/demo")
    String demo(HttpServletRequest request, HttpServletResponse response) {
        @Nullable Kitchen demo = properties.demo() ? kitchens.demo().orElse(null) : null;
        if (demo == null) {
            throw Refusal.missing("demo kitchen");
        }
        enter(demo.id(), request, response);
        return "redirect:/";
    }

    private void enter(long kitchenId, HttpServletRequest request, HttpServletResponse response) {
        AccountRow account = kitchens.accountOf(kitchenId).orElseThrow(() -> Refusal.missing("account"));
        KitchenUser user = new KitchenUser(kitchenId, account.login(), account.passwordHash());
        request.getSession(true);
        request.changeSessionId();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(user, null, user.getAuthorities()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }
}

package app.gradior.web.account;

import app.gradior.access.PasswordChange;
import app.gradior.access.SignIn;
import app.gradior.access.TooManyTries;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.web.frame.Entrance;
import app.gradior.web.frame.Figures;
import app.gradior.web.frame.KitchenUser;
import app.gradior.web.frame.SessionsOfMine;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One's own account: its password, and where it is signed in. */
@Controller
@RequestMapping("/account")
class MyAccountController {
    private final PasswordChange passwords;
    private final SessionsOfMine sessions;

    MyAccountController(PasswordChange passwords, SessionsOfMine sessions) {
        this.passwords = passwords;
        this.sessions = sessions;
    }

    /** A place where the account is signed in, in words. */
    record Place(String key, String browser, String began, String used, boolean here) {}

    @GetMapping
    String page(
            @AuthenticationPrincipal KitchenUser user,
            @ModelAttribute("kitchen") Kitchen kitchen,
            HttpServletRequest request,
            Model model) {
        return page(user, kitchen, List.of(), request, model);
    }

    // Wide: whose page, and what it says.
    private String page(
            KitchenUser user, Kitchen kitchen, List<Fault> faults, HttpServletRequest request, Model model) {
        Figures figures = new Figures(kitchen);
        model.addAttribute("login", user.username());
        model.addAttribute("demo", kitchen.demo());
        model.addAttribute("faults", faults);
        model.addAttribute(
                "signedIn",
                sessions.of(user.username(), request).stream()
                        .map(one -> new Place(
                                one.key(),
                                Device.of(one.agent()).map(Words::say).orElseGet(() -> Words.text("account.a-browser")),
                                figures.dayAndTime(one.began()),
                                figures.dayAndTime(one.used()),
                                one.here()))
                        .toList());
        return "account";
    }

    // Wide: what is typed, by whom, from where.
    @PostMapping("/password")
    String password(
            @AuthenticationPrincipal KitchenUser user,
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam(defaultValue = "") String old,
            @RequestParam(defaultValue = "") String wanted,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        try {
            if (kitchen.demo()) {
                throw Refusal.unfit("old", Told.of("account.the-demo-has-none"));
            }
            passwords.change(
                    user.username(),
                    old,
                    wanted,
                    new SignIn.From(request.getRemoteAddr(), Entrance.device(request), ""));
            sessions.endOthers(user.username(), request);
            return "redirect:/account?changed";
        } catch (TooManyTries wait) {
            response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
            response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(wait.seconds()));
            return page(
                    user,
                    kitchen,
                    List.of(new Fault("old", Told.of("account.wait-before-another-try", wait.seconds()))),
                    request,
                    model);
        } catch (Refusal refusal) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(user, kitchen, refusal.faults(), request, model);
        }
    }

    @PostMapping("/sessions/end")
    String end(@AuthenticationPrincipal KitchenUser user, @RequestParam String key) {
        sessions.end(user.username(), key);
        return "redirect:/account";
    }

    @PostMapping("/sessions/end-others")
    String endOthers(@AuthenticationPrincipal KitchenUser user, HttpServletRequest request) {
        sessions.endOthers(user.username(), request);
        return "redirect:/account";
    }
}

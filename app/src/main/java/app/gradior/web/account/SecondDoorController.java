package app.gradior.web.account;

import app.gradior.access.Audit;
import app.gradior.access.Right;
import app.gradior.access.SecondFinding;
import app.gradior.access.SecondStep;
import app.gradior.access.SignIn;
import app.gradior.access.TooManyTries;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.web.frame.Entrance;
import app.gradior.web.frame.Needs;
import app.gradior.web.frame.SessionsOfMine;
import app.gradior.web.frame.WantedPage;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.NoSuchElementException;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The rest of the door: the code after a password, and a new password by a word on paper. */
@Controller
@RequestMapping("/login")
@Needs(Right.NONE)
class SecondDoorController {
    private final SignIn signIn;
    private final SecondStep second;
    private final Entrance entrance;
    private final SessionsOfMine sessions;
    private final Audit audit;

    SecondDoorController(SignIn signIn, SecondStep second, Entrance entrance, SessionsOfMine sessions, Audit audit) {
        this.signIn = signIn;
        this.second = second;
        this.entrance = entrance;
        this.sessions = sessions;
        this.audit = audit;
    }

    @GetMapping("/second")
    String code(HttpServletRequest request, Model model) {
        return second.half(Entrance.halfIn(request)).isEmpty() ? "redirect:/login" : code(List.of(), model);
    }

    private static String code(List<Fault> faults, Model model) {
        model.addAttribute("faults", faults);
        return "second-door";
    }

    @PostMapping("/second")
    String code(
            @RequestParam(defaultValue = "") String code,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        try {
            SignIn.@Nullable Account account = signIn.secondStep(Entrance.halfIn(request), code, Entrance.from(request))
                    .orElse(null);
            if (account == null) {
                response.setStatus(HttpStatus.UNAUTHORIZED.value());
                return code(List.of(new Fault("code", new SecondFinding.OtherCode())), model);
            }
            entrance.enterByTwo(account.login(), request, response);
            return "redirect:" + WantedPage.of(request, response);
        } catch (NoSuchElementException over) {
            return "redirect:/login";
        } catch (TooManyTries wait) {
            model.addAttribute("asksForWord", true);
            return code(Waits.told(wait, "code", response), model);
        }
    }

    @GetMapping("/forgotten")
    String forgotten(Model model) {
        return forgotten("", List.of(), model);
    }

    private static String forgotten(String username, List<Fault> faults, Model model) {
        model.addAttribute("typed", username);
        model.addAttribute("faults", faults);
        return "forgotten";
    }

    /** A new password; every session of the account ends. */
    // Wide: what is typed.
    @PostMapping("/forgotten")
    String forgotten(
            @RequestParam(defaultValue = "") String username,
            @RequestParam(defaultValue = "") String paper,
            @RequestParam(defaultValue = "") String code,
            @RequestParam(defaultValue = "") String wanted,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        try {
            SignIn.Account account = signIn.recover(username, paper, code, wanted, Entrance.from(request));
            sessions.endAll(account.login());
            audit.note(account.kitchenId(), account.id(), account.login(), Audit.What.PASSWORD_RECOVERED, "");
            return "redirect:/login?recovered";
        } catch (TooManyTries wait) {
            return forgotten(username, Waits.told(wait, "paper", response), model);
        } catch (Refusal refusal) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return forgotten(username, refusal.faults(), model);
        }
    }
}

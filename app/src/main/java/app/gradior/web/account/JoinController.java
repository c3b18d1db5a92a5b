package app.gradior.web.account;

import app.gradior.access.Audit;
import app.gradior.access.Invitations;
import app.gradior.access.Right;
import app.gradior.access.SignIn;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.room.house.Kitchens;
import app.gradior.web.frame.Audited;
import app.gradior.web.frame.Entrance;
import app.gradior.web.frame.KitchenUser;
import app.gradior.web.frame.Needs;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Coming in by an invitation: as who one is, with a new name, or as a device. Looking at the page uses nothing up. */
@Controller
@RequestMapping("/join/{word}")
@Needs(Right.NONE)
class JoinController {
    private static final Logger LOG = LoggerFactory.getLogger(JoinController.class);

    private final Invitations invitations;
    private final Kitchens kitchens;
    private final Entrance entrance;
    private final DemoCook demo;

    JoinController(Invitations invitations, Kitchens kitchens, Entrance entrance, DemoCook demo) {
        this.invitations = invitations;
        this.kitchens = kitchens;
        this.entrance = entrance;
        this.demo = demo;
    }

    @GetMapping
    String page(@PathVariable String word, HttpServletRequest request, HttpServletResponse response, Model model) {
        return page(word, "", List.of(), request, response, model);
    }

    // Wide: what is shown again, and what was wrong.
    private String page(
            String word,
            String login,
            List<Fault> faults,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Optional<Invitations.Invitation> invitation = invitations.find(word);
        model.addAttribute("faults", faults);
        model.addAttribute("word", word);
        model.addAttribute("typed", login);
        if (invitation.isEmpty()) {
            LOG.warn("an invitation that is none was tried from {}", request.getRemoteAddr());
            response.setStatus(HttpStatus.NOT_FOUND.value());
            return "joinover";
        }
        if (!faults.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        }
        response.setHeader("Cache-Control", "no-store");
        model.addAttribute("invitation", invitation.get());
        model.addAttribute(
                "into", kitchens.kitchen(invitation.get().kitchenId()).name());
        model.addAttribute("me", someone().map(KitchenUser::username).orElse(""));
        return "join";
    }

    /** Whoever is signed in here and may join something: no device, and not the demo's cook, whom anybody may be. */
    private Optional<KitchenUser> someone() {
        return KitchenUser.signedIn().filter(user -> !user.isDevice()).filter(user -> !demo.is(user));
    }

    /** Whoever is not signed in is led through the door first. */
    @GetMapping("/sign-in")
    String signIn(@PathVariable String word) {
        return "redirect:/join/" + word;
    }

    /** As who is signed in here. */
    @PostMapping
    @Audited(value = Audit.What.JOINED, comesIn = true)
    String join(@PathVariable String word, HttpServletRequest request, HttpServletResponse response, Model model) {
        KitchenUser user = someone().orElse(null);
        if (user == null) {
            return "redirect:/join/" + word;
        }
        try {
            entrance.go(user, invitations.join(word, user.accountId()), request, response);
            return "redirect:/";
        } catch (Refusal refusal) {
            return page(word, "", refusal.faults(), request, response, model);
        }
    }

    /** With a new name and password. */
    // Wide: what is typed, and where it leads.
    @PostMapping("/new")
    @Audited(value = Audit.What.JOINED, comesIn = true)
    String fresh(
            @PathVariable String word,
            @RequestParam(defaultValue = "") String login,
            @RequestParam(defaultValue = "") String password,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        try {
            invitations.joinAsNew(word, login, password);
            entrance.enter(SignIn.plain(login), request, response);
            return "redirect:/";
        } catch (Refusal refusal) {
            return page(word, login, refusal.faults(), request, response, model);
        }
    }

    /** As a device at the stove. */
    @PostMapping("/device")
    @Audited(value = Audit.What.PAIRED, comesIn = true)
    String device(@PathVariable String word, HttpServletRequest request, HttpServletResponse response, Model model) {
        try {
            entrance.enterDevice(invitations.pair(word), request, response);
            return "redirect:/";
        } catch (Refusal refusal) {
            return page(word, "", refusal.faults(), request, response, model);
        }
    }
}

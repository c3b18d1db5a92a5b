package app.gradior.web.account;

import app.gradior.access.Audit;
import app.gradior.access.Leaving;
import app.gradior.access.Members;
import app.gradior.access.Passkeys;
import app.gradior.access.PasswordChange;
import app.gradior.access.Right;
import app.gradior.access.SecondStep;
import app.gradior.access.StoveDevices;
import app.gradior.access.TooManyTries;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.web.frame.AuditTrail;
import app.gradior.web.frame.Audited;
import app.gradior.web.frame.Entrance;
import app.gradior.web.frame.Figures;
import app.gradior.web.frame.KitchenUser;
import app.gradior.web.frame.Needs;
import app.gradior.web.frame.SessionsOfMine;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One's own account: its password, where it is signed in, and the kitchens it belongs to. */
@Controller
@RequestMapping("/account")
@Needs(Right.SELF)
class MyAccountController {
    private final PasswordChange passwords;
    private final SessionsOfMine sessions;
    private final Members members;
    private final StoveDevices devices;
    private final Kitchens kitchens;
    private final Entrance entrance;
    private final Passkeys passkeys;
    private final DemoCook demo;
    private final AuditTrail trail;
    private final Leaving leaving;
    private final SecondStep second;

    // Wide: an account is a piece of many things.
    MyAccountController(
            PasswordChange passwords,
            SessionsOfMine sessions,
            Members members,
            StoveDevices devices,
            Kitchens kitchens,
            Entrance entrance,
            Passkeys passkeys,
            DemoCook demo,
            AuditTrail trail,
            Leaving leaving,
            SecondStep second) {
        this.passwords = passwords;
        this.sessions = sessions;
        this.members = members;
        this.devices = devices;
        this.kitchens = kitchens;
        this.entrance = entrance;
        this.passkeys = passkeys;
        this.demo = demo;
        this.trail = trail;
        this.leaving = leaving;
        this.second = second;
    }

    /** A place where the account is signed in, in words. */
    record Place(String key, String browser, String began, String used, boolean here) {}

    /** A passkey, in words. */
    record KeyLine(String id, String label, String made, String used) {}

    @GetMapping
    String page(@AuthenticationPrincipal KitchenUser user, HttpServletRequest request, Model model) {
        return page(user, List.of(), request, model);
    }

    private String page(KitchenUser user, List<Fault> faults, HttpServletRequest request, Model model) {
        List<Members.Place> places = members.places(user.accountId());
        Optional<Members.Place> at = places.stream()
                .filter(one -> one.kitchenId() == user.kitchenId())
                .findFirst();
        Figures figures =
                new Figures(at.map(one -> kitchens.kitchen(one.kitchenId())).orElse(Kitchen.NONE));
        model.addAttribute("login", user.username());
        model.addAttribute("demo", demo.is(user));
        model.addAttribute("faults", faults);
        model.addAttribute("kitchens", places);
        model.addAttribute("at", user.kitchenId());
        model.addAttribute("asksForWord", kitchens.asksForWord());
        model.addAttribute(
                "tablets",
                at.filter(one -> one.role().may(Right.OWN)).stream()
                        .flatMap(one -> devices.of(one.kitchenId()).stream())
                        .map(one -> PeopleController.Tablet.of(one, figures))
                        .toList());
        model.addAttribute(
                "along",
                leaving.goAlong(user.accountId()).stream()
                        .map(Members.Place::name)
                        .toList());
        model.addAttribute(
                "goes", leaving.goes(user.accountId()).map(figures::dayAndTime).orElse(null));
        model.addAttribute("second", second.isOn(user.accountId()));
        model.addAttribute("paper", second.wordsLeft(user.accountId()));
        model.addAttribute("hasName", PasskeyController.at(request).hasName());
        model.addAttribute(
                "passkeys",
                passkeys.of(user.username()).stream()
                        .map(one -> new KeyLine(
                                one.id(), one.label(), figures.dayAndTime(one.made()), figures.dayAndTime(one.used())))
                        .toList());
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
    @Audited(Audit.What.PASSWORD_CHANGED)
    String password(
            @AuthenticationPrincipal KitchenUser user,
            @RequestParam(defaultValue = "") String old,
            @RequestParam(defaultValue = "") String wanted,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        try {
            if (demo.is(user)) {
                throw Refusal.unfit("old", Told.of("account.the-demo-has-none"));
            }
            passwords.change(user.username(), old, wanted, Entrance.from(request));
            sessions.endOthers(user.username(), request);
            return "redirect:/account?changed";
        } catch (TooManyTries wait) {
            return page(user, Waits.told(wait, "old", response), request, model);
        } catch (Refusal refusal) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(user, refusal.faults(), request, model);
        }
    }

    @PostMapping("/sessions/end")
    @Audited(Audit.What.SESSIONS_ENDED)
    String end(@AuthenticationPrincipal KitchenUser user, @RequestParam String key) {
        sessions.end(user.username(), key);
        return "redirect:/account";
    }

    @PostMapping("/sessions/end-others")
    @Audited(Audit.What.SESSIONS_ENDED)
    String endOthers(@AuthenticationPrincipal KitchenUser user, HttpServletRequest request) {
        sessions.endOthers(user.username(), request);
        return "redirect:/account";
    }

    /** One more kitchen of one's own, like the one that one is in; one is there at once. */
    // Wide: what is typed, by whom, and where it leads.
    @PostMapping("/kitchens")
    String another(
            @AuthenticationPrincipal KitchenUser user,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String word,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        try {
            if (demo.is(user)) {
                throw Refusal.unfit("name", Told.of("leaving.the-demo-stays"));
            }
            Kitchen like = kitchens.find(user.kitchenId())
                    .filter(kitchen ->
                            members.role(kitchen.id(), user.accountId()).isPresent())
                    .orElse(Kitchen.NONE);
            entrance.go(user, kitchens.another(user.accountId(), name, like, word), request, response);
            return "redirect:/";
        } catch (Refusal refusal) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("newName", name);
            return page(user, refusal.faults(), request, model);
        }
    }

    /** Over to another of one's kitchens. */
    @PostMapping("/kitchens/{id}/go")
    String go(
            @AuthenticationPrincipal KitchenUser user,
            @PathVariable long id,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (members.role(id, user.accountId()).isEmpty()) {
            throw Refusal.missing(Thing.KITCHEN);
        }
        entrance.go(user, id, request, response);
        return "redirect:/";
    }

    /** Out of a kitchen; whoever was in it goes to another of theirs. */
    @PostMapping("/kitchens/{id}/leave")
    String leave(
            @AuthenticationPrincipal KitchenUser user,
            @PathVariable long id,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        try {
            Optional<Long> other = members.remove(id, user.accountId());
            trail.noteOf(id, Audit.What.LEFT);
            other.filter(next -> user.kitchenId() == id).ifPresent(next -> entrance.go(user, next, request, response));
        } catch (Refusal refusal) {
            response.setStatus(HttpStatus.CONFLICT.value());
            return page(user, refusal.faults(), request, model);
        }
        return "redirect:/account";
    }
}

package app.gradior.web.account;

import app.gradior.access.Audit;
import app.gradior.access.Invitations;
import app.gradior.access.Members;
import app.gradior.access.Right;
import app.gradior.access.Role;
import app.gradior.access.StoveDevices;
import app.gradior.finding.Refusal;
import app.gradior.finding.Wrong;
import app.gradior.room.house.GradiorProperties;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Words;
import app.gradior.web.draw.QrDrawing;
import app.gradior.web.frame.AuditTrail;
import app.gradior.web.frame.Audited;
import app.gradior.web.frame.Figures;
import app.gradior.web.frame.KitchenUser;
import app.gradior.web.frame.Needs;
import app.gradior.web.frame.SessionsOfMine;
import app.gradior.web.guard.ThisMachine;
import jakarta.servlet.http.HttpServletRequest;
import java.io.Serializable;
import java.util.ArrayList;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Who is in the kitchen, who is invited, and the devices at its stove. */
@Controller
@RequestMapping("/kitchen/people")
class PeopleController {
    private static final String PAGE = "redirect:/kitchen/people";

    private final Members members;
    private final Invitations invitations;
    private final StoveDevices devices;
    private final SessionsOfMine sessions;
    private final GradiorProperties.House house;

    PeopleController(
            Members members,
            Invitations invitations,
            StoveDevices devices,
            SessionsOfMine sessions,
            GradiorProperties properties) {
        this.members = members;
        this.invitations = invitations;
        this.devices = devices;
        this.sessions = sessions;
        this.house = properties.house();
    }

    /**
     * An invitation just made: the only time its link is seen.
     *
     * @param here whether only this machine can open it
     */
    record Link(String address, boolean device, boolean here) implements Serializable {
        private static final long serialVersionUID = 1L;
    }

    /** A device, in words. */
    record Tablet(long id, String name, String paired, String used) {
        static Tablet of(StoveDevices.Device device, Figures figures) {
            return new Tablet(
                    device.id(),
                    device.name(),
                    figures.dayAndTime(device.pairedAt()),
                    figures.dayAndTime(device.usedAt()));
        }
    }

    /** An open invitation, in words. */
    record Open(long id, String name, Role role, String ends, String by) {}

    @GetMapping
    String page(@AuthenticationPrincipal KitchenUser user, @ModelAttribute("kitchen") Kitchen kitchen, Model model) {
        Figures figures = new Figures(kitchen);
        model.addAttribute("me", user.accountId());
        model.addAttribute("members", members.of(kitchen.id()));
        model.addAttribute("roles", Role.OF_PEOPLE);
        model.addAttribute(
                "tablets",
                devices.of(kitchen.id()).stream()
                        .map(one -> Tablet.of(one, figures))
                        .toList());
        model.addAttribute(
                "invited",
                invitations.of(kitchen.id()).stream()
                        .map(one ->
                                new Open(one.id(), one.name(), one.role(), figures.dayAndTime(one.endsAt()), one.by()))
                        .toList());
        if (model.getAttribute("link") instanceof Link link) {
            model.addAttribute("drawing", QrDrawing.draw(link.address(), Words.text("people.link-for-a-camera")));
        }
        if (!model.containsAttribute("faults")) {
            model.addAttribute("faults", List.of());
        }
        return "people";
    }

    // Wide: who asks, for whom, and where the link leads.
    @PostMapping("/invite")
    @Audited(Audit.What.INVITED)
    @Needs(Right.OWN)
    String invite(
            @AuthenticationPrincipal KitchenUser user,
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam Role role,
            @RequestParam(defaultValue = "") String name,
            HttpServletRequest request,
            RedirectAttributes flash) {
        String whom = name.isBlank() ? "" : Refusal.text("name", name, 80);
        String word = invitations.make(kitchen.id(), ofPeople(role), whom, user.username());
        AuditTrail.about(Words.text("audit.as", whom, role));
        flash.addFlashAttribute("link", link(word, false, request));
        return PAGE;
    }

    @PostMapping("/pair")
    @Audited(value = Audit.What.DEVICE_INVITED, about = "name")
    @Needs(Right.OWN)
    String pair(
            @AuthenticationPrincipal KitchenUser user,
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam(defaultValue = "") String name,
            HttpServletRequest request,
            RedirectAttributes flash) {
        String word = invitations.make(kitchen.id(), Role.STOVE, Refusal.text("name", name, 80), user.username());
        flash.addFlashAttribute("link", link(word, true, request));
        return PAGE;
    }

    private Link link(String word, boolean device, HttpServletRequest request) {
        boolean here = ThisMachine.NAMES.contains(request.getServerName());
        boolean elsewhere = here && house.open() && !house.addresses().isEmpty();
        String base = elsewhere
                ? house.addresses().get(0)
                : ServletUriComponentsBuilder.fromContextPath(request).build().toUriString();
        return new Link(base + "/join/" + word, device, here && !elsewhere);
    }

    @PostMapping("/invitations/{id}/end")
    @Audited(Audit.What.INVITATION_ENDED)
    @Needs(Right.OWN)
    String endInvitation(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        invitations.end(kitchen.id(), id);
        return PAGE;
    }

    @PostMapping("/devices/{id}/end")
    @Audited(Audit.What.DEVICE_ENDED)
    @Needs(Right.OWN)
    String endDevice(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean ofAccount) {
        devices.device(kitchen.id(), id).ifPresent(device -> AuditTrail.about(device.name()));
        devices.end(kitchen.id(), id);
        sessions.endDevice(id);
        return ofAccount ? "redirect:/account" : PAGE;
    }

    @PostMapping("/members/{id}/role")
    @Audited(Audit.What.ROLE_CHANGED)
    @Needs(Right.OWN)
    String role(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, @RequestParam Role role) {
        members.change(kitchen.id(), id, ofPeople(role));
        AuditTrail.about(Words.text("audit.as", login(kitchen, id), role));
        return PAGE;
    }

    private static Role ofPeople(Role role) {
        if (!Role.OF_PEOPLE.contains(role)) {
            throw Refusal.unfit("role", new Wrong.NotTaken());
        }
        return role;
    }

    @PostMapping("/members/{id}/remove")
    @Audited(Audit.What.TAKEN_OUT)
    @Needs(Right.OWN)
    String remove(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        String login = login(kitchen, id);
        members.remove(kitchen.id(), id);
        sessions.endAll(login);
        AuditTrail.about(login);
        return PAGE;
    }

    private String login(Kitchen kitchen, long accountId) {
        return members.of(kitchen.id()).stream()
                .filter(one -> one.accountId() == accountId)
                .map(Members.Member::login)
                .findFirst()
                .orElse("");
    }

    /** What is wrong stands on the page. */
    @ExceptionHandler
    String refused(Refusal refusal, RedirectAttributes flash) {
        flash.addFlashAttribute(
                "faults",
                new ArrayList<>(refusal.faults().stream().map(Words::say).toList()));
        return PAGE;
    }
}

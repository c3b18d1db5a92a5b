package app.gradior.web.account;

import app.gradior.access.Audit;
import app.gradior.access.Leaving;
import app.gradior.access.Right;
import app.gradior.access.TooManyTries;
import app.gradior.finding.Refusal;
import app.gradior.room.exchange.Everything;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Told;
import app.gradior.web.frame.AuditTrail;
import app.gradior.web.frame.Audited;
import app.gradior.web.frame.Entrance;
import app.gradior.web.frame.KitchenUser;
import app.gradior.web.frame.Needs;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Going for good, a kitchen or a person: what is theirs is taken along first, and for a week it can be taken back. */
@Controller
class LeavingController {
    private static final String KITCHEN = "redirect:/kitchen";
    private static final String ACCOUNT = "redirect:/account";

    private final Leaving leaving;
    private final Everything everything;
    private final DemoCook demo;
    private final AuditTrail trail;

    LeavingController(Leaving leaving, Everything everything, DemoCook demo, AuditTrail trail) {
        this.leaving = leaving;
        this.everything = everything;
        this.demo = demo;
        this.trail = trail;
    }

    @PostMapping("/kitchen/close")
    @Needs(Right.OWN)
    String closeKitchen(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam(defaultValue = "") String typed,
            RedirectAttributes flash) {
        try {
            if (kitchen.demo()) {
                throw Refusal.unfit("typed", Told.of("leaving.the-demo-stays"));
            }
            leaving.closeKitchen(kitchen.id(), kitchen.name(), typed);
            trail.note(Audit.What.CLOSING, "");
        } catch (Refusal refusal) {
            NextPage.says(refusal.faults(), flash);
        }
        return KITCHEN;
    }

    @PostMapping("/kitchen/keep")
    @Audited(Audit.What.KEPT_OPEN)
    @Needs(Right.OWN)
    String keepKitchen(@ModelAttribute("kitchen") Kitchen kitchen) {
        leaving.keepKitchen(kitchen.id());
        return KITCHEN;
    }

    @PostMapping("/account/close")
    @Needs(Right.SELF)
    String closeAccount(
            @AuthenticationPrincipal KitchenUser user,
            @RequestParam(defaultValue = "") String password,
            HttpServletRequest request,
            RedirectAttributes flash) {
        try {
            if (demo.is(user)) {
                throw Refusal.unfit("password", Told.of("leaving.the-demo-stays"));
            }
            leaving.closeAccount(user.accountId(), user.username(), password, Entrance.from(request));
            trail.note(Audit.What.ACCOUNT_CLOSING, "");
        } catch (TooManyTries wait) {
            NextPage.says(List.of(Waits.fault(wait, "password")), flash);
        } catch (Refusal refusal) {
            NextPage.says(refusal.faults(), flash);
        }
        return ACCOUNT;
    }

    @PostMapping("/account/keep")
    @Audited(Audit.What.ACCOUNT_KEPT)
    @Needs(Right.SELF)
    String keepAccount(@AuthenticationPrincipal KitchenUser user) {
        leaving.keepAccount(user.accountId());
        return ACCOUNT;
    }

    /** All that is this person's, and the kitchens they own. */
    @GetMapping("/account/everything.zip")
    @Needs(Right.SELF)
    ResponseEntity<StreamingResponseBody> everything(@AuthenticationPrincipal KitchenUser user) {
        trail.note(Audit.What.EXPORTED, "gradior.zip");
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"gradior.zip\"")
                .body(out -> everything.write(user.accountId(), user.username(), out));
    }
}

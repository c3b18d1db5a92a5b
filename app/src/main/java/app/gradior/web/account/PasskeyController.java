package app.gradior.web.account;

import app.gradior.access.Audit;
import app.gradior.access.Passkeys;
import app.gradior.access.Right;
import app.gradior.access.SignIn;
import app.gradior.access.TooManyTries;
import app.gradior.finding.Refusal;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.web.frame.AuditTrail;
import app.gradior.web.frame.Audited;
import app.gradior.web.frame.Entrance;
import app.gradior.web.frame.KitchenUser;
import app.gradior.web.frame.Needs;
import app.gradior.web.guard.Quotas;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import tools.jackson.databind.JsonNode;

/** Passkeys: made and removed by whoever is signed in and knows the password, and signed in by. */
@Controller
class PasskeyController {
    /** Of an address's share: sixty at once, then one a second, so that nobody takes all that may be open. */
    private static final int COST_OF_A_CHALLENGE = 100;

    private final Passkeys passkeys;
    private final Entrance entrance;
    private final DemoCook demo;
    private final Quotas quotas;
    private final SignIn signIn;
    private final AuditTrail trail;

    PasskeyController(
            Passkeys passkeys, Entrance entrance, DemoCook demo, Quotas quotas, SignIn signIn, AuditTrail trail) {
        this.passkeys = passkeys;
        this.entrance = entrance;
        this.demo = demo;
        this.quotas = quotas;
        this.signIn = signIn;
        this.trail = trail;
    }

    static Passkeys.At at(HttpServletRequest request) {
        return new Passkeys.At(
                request.getServerName(),
                ServletUriComponentsBuilder.fromContextPath(request).build().toUriString());
    }

    /**
     * What a browser made.
     *
     * @param label what the key is called
     * @param credential as the browser wrote it
     */
    record Made(String label, JsonNode credential) {}

    /**
     * Who wants one.
     *
     * @param password theirs, as typed
     */
    record Wanted(@Nullable String password) {}

    @PostMapping("/account/passkeys/options")
    @Needs(Right.SELF)
    ResponseEntity<String> toMake(
            Authentication who,
            @AuthenticationPrincipal KitchenUser user,
            @RequestBody Wanted wanted,
            HttpServletRequest request) {
        ask(user, wanted.password(), request);
        return options(passkeys.toMake(who, at(request)));
    }

    /** A way in is added or taken by nobody who only found the session open. */
    private void ask(KitchenUser user, @Nullable String password, HttpServletRequest request) {
        if (demo.is(user)) {
            throw Refusal.unfit("passkeys", Told.of("account.the-demo-has-none"));
        }
        signIn.check(user.username(), password == null ? "" : password, Entrance.from(request));
    }

    @PostMapping("/account/passkeys")
    @Audited(Audit.What.PASSKEY_ADDED)
    @Needs(Right.SELF)
    ResponseEntity<Map<String, String>> keep(
            Authentication who,
            @AuthenticationPrincipal KitchenUser user,
            @RequestBody Made made,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (demo.is(user)) {
            throw Refusal.unfit("passkeys", Told.of("account.the-demo-has-none"));
        }
        passkeys.keep(who, at(request), made.label(), made.credential().toString());
        entrance.strengthen(user, request, response);
        return ResponseEntity.ok(Map.of("to", "/account"));
    }

    @PostMapping("/account/passkeys/remove")
    @Needs(Right.SELF)
    String remove(
            @AuthenticationPrincipal KitchenUser user,
            @RequestParam String key,
            @RequestParam(defaultValue = "") String password,
            HttpServletRequest request,
            RedirectAttributes flash) {
        try {
            ask(user, password, request);
            passkeys.remove(user.username(), key);
            trail.note(Audit.What.PASSKEY_REMOVED, "");
        } catch (TooManyTries wait) {
            NextPage.says(List.of(Waits.fault(wait, "password")), flash);
        } catch (Refusal refusal) {
            if (refusal.kind() != Refusal.Kind.UNFIT) {
                throw refusal;
            }
            NextPage.says(refusal.faults(), flash);
        }
        return "redirect:/account";
    }

    @PostMapping("/login/passkey/options")
    @Needs(Right.NONE)
    ResponseEntity<String> toSignIn(HttpServletRequest request) {
        quotas.take("passkey:" + request.getRemoteAddr(), COST_OF_A_CHALLENGE);
        return options(passkeys.toSignIn(at(request)));
    }

    @PostMapping("/login/passkey")
    @Needs(Right.NONE)
    ResponseEntity<Map<String, String>> signIn(
            @RequestBody JsonNode signed, HttpServletRequest request, HttpServletResponse response) {
        SignIn.Account account = passkeys.account(at(request), signed.toString(), request.getRemoteAddr())
                .orElseThrow(() -> Refusal.unfit("passkey", Told.of("account.no-such-passkey")));
        entrance.enterByTwo(account.login(), request, response);
        return ResponseEntity.ok(Map.of("to", "/"));
    }

    private static ResponseEntity<String> options(String json) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .cacheControl(CacheControl.noStore())
                .body(json);
    }

    @ExceptionHandler
    ResponseEntity<Map<String, String>> tooMany(TooManyTries wait) {
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(wait.seconds()))
                .body(Map.of("detail", Words.say(Waits.fault(wait, "password"))));
    }
}

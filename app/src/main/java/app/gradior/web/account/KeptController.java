package app.gradior.web.account;

import app.gradior.access.Right;
import app.gradior.web.frame.Needs;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** What is kept of a person, why, and for how long. */
@Controller
class KeptController {
    /** Kinds of it, by the names of their texts. */
    static final List<String> KINDS = List.of(
            "account",
            "passkeys",
            "second",
            "sessions",
            "devices",
            "tries",
            "events",
            "audit",
            "practice",
            "photos",
            "browser",
            "log",
            "backups");

    @GetMapping("/account/kept")
    @Needs(Right.SELF)
    String page(Model model) {
        model.addAttribute("kinds", KINDS);
        return "kept";
    }
}

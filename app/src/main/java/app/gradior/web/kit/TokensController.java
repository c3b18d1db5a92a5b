package app.gradior.web.kit;

import app.gradior.access.Audit;
import app.gradior.access.Right;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Tokens;
import app.gradior.web.frame.Audited;
import app.gradior.web.frame.Needs;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Tokens for scales, probes and scripts, made and revoked on the kit's page. */
@Controller
@RequestMapping("/kit/tokens")
@Needs(Right.OWN)
class TokensController {
    private static final String PAGE = "redirect:/kit#tokens";

    private final Tokens tokens;

    TokensController(Tokens tokens) {
        this.tokens = tokens;
    }

    @PostMapping
    @Audited(value = Audit.What.TOKEN_MADE, about = "label")
    String make(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam String label,
            @RequestParam Tokens.Scope scope,
            @RequestParam(defaultValue = "YEAR") Tokens.Life life,
            RedirectAttributes flash) {
        flash.addFlashAttribute("newToken", tokens.make(kitchen.id(), label, scope, life));
        return PAGE;
    }

    @PostMapping("/{id}/remove")
    @Audited(Audit.What.TOKEN_ENDED)
    String remove(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        tokens.remove(kitchen.id(), id);
        return PAGE;
    }
}

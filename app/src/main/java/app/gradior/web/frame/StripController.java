package app.gradior.web.frame;

import app.gradior.finding.Refusal;
import app.gradior.finding.Wrong;
import app.gradior.room.batch.Heard;
import app.gradior.room.house.Kitchen;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;

/** The strip of live pots alone, for pages that keep it fresh; and what was heard of them. */
@Controller
class StripController {
    private final Heard heard;

    StripController(Heard heard) {
        this.heard = heard;
    }

    @GetMapping("/strip")
    String strip() {
        return "layout :: strip";
    }

    /**
     * An alarm was heard.
     *
     * @param told the key that its chip has
     */
    @PostMapping("/strip/heard")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void heard(@ModelAttribute("kitchen") Kitchen kitchen, @RequestParam long pot, @RequestParam String told) {
        if (!told.matches("[0-9a-f]{64}")) {
            throw Refusal.unfit("told", new Wrong.NotTaken());
        }
        heard.hear(kitchen.id(), pot, told);
    }
}

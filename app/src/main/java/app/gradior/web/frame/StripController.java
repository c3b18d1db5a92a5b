package app.gradior.web.frame;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The strip of live pots alone, for pages that keep it fresh. */
@Controller
class StripController {
    @GetMapping("/strip")
    String strip() {
        return "layout :: strip";
    }
}

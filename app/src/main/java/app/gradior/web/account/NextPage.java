package app.gradior.web.account;

import app.gradior.finding.Fault;
import app.gradior.room.words.Words;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What was wrong with a form, on the page that is shown next. */
final class NextPage {
    private NextPage() {}

    static void says(List<Fault> faults, RedirectAttributes flash) {
        flash.addFlashAttribute(
                "said", new ArrayList<>(faults.stream().map(Words::say).toList()));
    }
}

package app.gradior.web.account;

import app.gradior.access.Audit;
import app.gradior.access.Right;
import app.gradior.room.house.Kitchen;
import app.gradior.web.frame.Figures;
import app.gradior.web.frame.Needs;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestParam;

/** What happened at a kitchen's doors, for its owners. */
@Controller
@Needs(Right.OWN)
class AuditController {
    private static final int A_PAGE = 100;

    private final Audit audit;

    AuditController(Audit audit) {
        this.audit = audit;
    }

    /** An entry as it is listed. */
    record Row(String at, String who, Audit.What what, String about) {}

    /** @param before entries before that one; 0 for the latest */
    @GetMapping("/kitchen/audit")
    String page(
            @ModelAttribute("kitchen") Kitchen kitchen, @RequestParam(defaultValue = "0") long before, Model model) {
        Figures figures = new Figures(kitchen);
        List<Audit.Entry> entries = audit.of(kitchen.id(), Math.max(0, before), A_PAGE);
        model.addAttribute(
                "rows",
                entries.stream()
                        .map(one -> new Row(figures.dayAndTime(one.at()), one.who(), one.what(), one.about()))
                        .toList());
        model.addAttribute(
                "older",
                entries.size() < A_PAGE ? 0 : entries.get(entries.size() - 1).id());
        return "audit";
    }
}

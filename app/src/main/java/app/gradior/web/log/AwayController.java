package app.gradior.web.log;

import app.gradior.access.Audit;
import app.gradior.batch.Batch;
import app.gradior.batch.EventBody;
import app.gradior.room.batch.Batches;
import app.gradior.room.house.Kitchen;
import app.gradior.web.frame.AuditTrail;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A batch out of the way: set aside and taken up again, ended without more ado, or deleted, which is asked twice. */
@Controller
@RequestMapping("/log/{id}/away")
class AwayController {
    private final Batches batches;
    private final AuditTrail trail;

    AwayController(Batches batches, AuditTrail trail) {
        this.batches = batches;
        this.trail = trail;
    }

    @GetMapping
    String page(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean sure,
            Model model) {
        Batches.Glance batch = batches.glance(kitchen.id(), id);
        model.addAttribute("batch", batch);
        model.addAttribute("live", batch.state() == Batch.State.LIVE);
        model.addAttribute("aside", batch.state() == Batch.State.ASIDE);
        model.addAttribute("kept", batches.kept(kitchen.id(), id));
        model.addAttribute("sure", sure);
        return "log/away";
    }

    private void record(Kitchen kitchen, long id, EventBody body) {
        batches.record(kitchen, id, new Batches.Draft(body.type() + "-" + UUID.randomUUID(), batches.now(), body));
    }

    @PostMapping("/aside")
    String aside(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        record(kitchen, id, new EventBody.SetAside());
        return "redirect:/";
    }

    @PostMapping("/up")
    String takeUp(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        record(kitchen, id, new EventBody.TakenUp());
        return "redirect:/pot/" + id;
    }

    /** Ends it where its own finish page cannot be shown. */
    @PostMapping("/finish")
    String finish(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        record(kitchen, id, new EventBody.Finished(null, null));
        return "redirect:/log";
    }

    @PostMapping("/delete")
    String delete(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean sure) {
        if (!sure) {
            return "redirect:/log/" + id + "/away?sure=true";
        }
        String name = batches.glance(kitchen.id(), id).name();
        batches.delete(kitchen.id(), id);
        trail.note(Audit.What.BATCH_DELETED, name);
        return "redirect:/log";
    }
}

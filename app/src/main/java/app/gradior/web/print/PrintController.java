package app.gradior.web.print;

import app.gradior.measure.Numbers;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.words.Words;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** Printables as PDF. */
@Controller
class PrintController {
    private final KitchenKit kit;

    PrintController(KitchenKit kit) {
        this.kit = kit;
    }

    /** The dipstick of a pot, with the start and the stop of a plan when they are named, mm. */
    @GetMapping("/kit/print/dipstick/{pot}.pdf")
    ResponseEntity<byte[]> dipstick(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long pot,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "") String start,
            @RequestParam(defaultValue = "") String stop) {
        KitchenKit.KitPot kitPot = kit.pot(kitchen.id(), pot);
        List<Paper.Mark> marks = new ArrayList<>();
        Numbers.parse(start).ifPresent(mm -> marks.add(new Paper.Mark(mm, "start")));
        Numbers.parse(stop).ifPresent(mm -> marks.add(new Paper.Mark(mm, Words.text("print-controller.stop-at"))));
        return pdf("dipstick.pdf", Paper.dipstick(kitPot.name(), kitPot.shape(), marks, isLetter(paper)));
    }

    @GetMapping("/kit/print/rings.pdf")
    ResponseEntity<byte[]> rings(@RequestParam(defaultValue = "a4") String paper) {
        return pdf("rings.pdf", Paper.ringTarget(isLetter(paper)));
    }

    /** What to do when it has happened, for the wall. */
    @GetMapping("/care/sheet.pdf")
    ResponseEntity<byte[]> wall(
            @ModelAttribute("figures") Figures figures, @RequestParam(defaultValue = "a4") String paper) {
        return pdf("care.pdf", WallSheet.draw(isLetter(paper), figures));
    }

    private static boolean isLetter(String paper) {
        return paper.equals("letter");
    }

    private static ResponseEntity<byte[]> pdf(String name, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + "\"")
                .body(bytes);
    }
}

package app.gradior.web.pot;

import app.gradior.batch.Batch;
import app.gradior.estimate.Forecast;
import app.gradior.measure.Numbers;
import app.gradior.room.batch.Batches;
import app.gradior.room.house.Kitchen;
import app.gradior.web.frame.Figures;
import app.gradior.web.frame.Forecasts;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A way to put a live sauce right, taken with one tap: what goes in, is taken out or blended is recorded as if it had been typed. */
@Controller
class RightController {
    private final Batches batches;
    private final Forecasts forecasts;

    RightController(Batches batches, Forecasts forecasts) {
        this.batches = batches;
        this.forecasts = forecasts;
    }

    /**
     * Records a way.
     *
     * @param take the batch's number, a space, and the way as {@link Taking} writes it
     */
    @PostMapping("/pot/right")
    String take(@ModelAttribute("kitchen") Kitchen kitchen, @RequestParam String take) {
        String[] parts = take.split(" ", 2);
        long id = (long) Numbers.parse(parts[0]).orElse(0);
        Batch batch = batches.batch(kitchen.id(), id);
        Forecast forecast = forecasts.now(kitchen, batch);
        String way = parts.length > 1 ? parts[1] : "";
        batches.recordNow(kitchen, id, Taking.events(way, forecast.massG().middle(), new Figures(kitchen)));
        return "redirect:/pot/" + id;
    }
}

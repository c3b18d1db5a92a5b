package app.gradior.web.log;

import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.house.Tokens;
import app.gradior.room.shelf.Shelf;
import app.gradior.room.shelf.ShelfCalendar;
import app.gradior.room.words.Language;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** Shelf dates for a calendar program, which cannot sign in: the address holds a token of its own. */
@Controller
class FeedController {
    private static final MediaType CALENDAR = MediaType.parseMediaType("text/calendar; charset=utf-8");

    private final Tokens tokens;
    private final Kitchens kitchens;
    private final Shelf shelf;

    FeedController(Tokens tokens, Kitchens kitchens, Shelf shelf) {
        this.tokens = tokens;
        this.kitchens = kitchens;
        this.shelf = shelf;
    }

    @GetMapping("/feed/{token}/shelf.ics")
    ResponseEntity<String> shelf(@PathVariable String token) {
        long kitchenId = tokens.calendar(token).orElseThrow(() -> Refusal.missing(Thing.CALENDAR));
        Kitchen kitchen = kitchens.kitchen(kitchenId);
        Language language = kitchen.language().orElse(Language.now());
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .cacheControl(CacheControl.noStore())
                .body(language.speaking(() -> ShelfCalendar.of(shelf.kept(kitchen))));
    }
}

package app.gradior.web.frame;

import app.gradior.room.batch.Batches;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.words.Language;
import app.gradior.room.words.Words;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a device needs to put Gradior on its home screen: name, icons, colours, where it begins, and the live pots as shortcuts. */
@RestController
class ManifestController {
    private static final int MOST_SHORTCUTS = 4;
    private static final String BAY = "#245347";
    private static final String PORCELAIN = "#F5F3EC";

    private final Batches batches;
    private final Kitchens kitchens;

    ManifestController(Batches batches, Kitchens kitchens) {
        this.batches = batches;
        this.kitchens = kitchens;
    }

    /** An icon of the manifest. */
    record Icon(String src, String sizes, String type, String purpose) {}

    /** A live pot, one tap from the home screen. */
    record Shortcut(String name, String url) {}

    /** The manifest, by the names of its standard. */
    // Wide: as the standard has it.
    record Manifest(
            String id,
            String name,
            String short_name,
            String description,
            String lang,
            String start_url,
            String scope,
            String display,
            String theme_color,
            String background_color,
            List<Icon> icons,
            List<Shortcut> shortcuts) {}

    @GetMapping("/manifest.webmanifest")
    ResponseEntity<Manifest> manifest(@AuthenticationPrincipal @Nullable KitchenUser user) {
        List<Shortcut> pots = user == null ? List.of() : live(kitchens.kitchen(user.kitchenId()));
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .contentType(MediaType.parseMediaType("application/manifest+json"))
                .body(new Manifest(
                        "/",
                        "Gradior",
                        "Gradior",
                        Words.text("manifest.what-it-is"),
                        Language.now().tag(),
                        "/",
                        "/",
                        "standalone",
                        BAY,
                        PORCELAIN,
                        List.of(
                                new Icon("/icons/any-192.png", "192x192", MediaType.IMAGE_PNG_VALUE, "any"),
                                new Icon("/icons/any-512.png", "512x512", MediaType.IMAGE_PNG_VALUE, "any"),
                                new Icon("/icons/maskable-512.png", "512x512", MediaType.IMAGE_PNG_VALUE, "maskable"),
                                new Icon("/icon.svg", "any", "image/svg+xml", "any")),
                        pots));
    }

    private List<Shortcut> live(Kitchen kitchen) {
        return batches.liveHeads(kitchen.id()).stream()
                .limit(MOST_SHORTCUTS)
                .map(pot -> new Shortcut(pot.name(), "/pot/" + pot.id()))
                .toList();
    }
}

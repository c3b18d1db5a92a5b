package app.gradior.web.care;

import app.gradior.care.CareTopic;
import app.gradior.room.words.Units;
import app.gradior.room.words.Words;
import app.gradior.web.frame.Figures;
import java.net.URI;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Every caution in one place, to be read, searched and printed. */
@Controller
@RequestMapping("/care")
class CareController {
    /** What is told of a topic, besides its name. */
    static final List<String> TOLD = List.of("happened", "happens", "does", "rests", "ask");

    /** A page of ours: no host, nothing that a browser reads as one. */
    private static final Pattern OUR_PAGE = Pattern.compile("/(?![/\\\\])[\\w\\-./?=&%+]*");

    /** Topics of a part that were looked for. */
    record PartOfCare(CareTopic.Part part, List<CareTopic> topics) {}

    /**
     * The page.
     *
     * @param q what is looked for: topics with all of its words
     * @param from the page that a cook came from, a path of ours; else nothing leads back
     */
    @GetMapping
    String care(
            @ModelAttribute("figures") Figures figures,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String from,
            @RequestHeader(name = HttpHeaders.REFERER, required = false) @Nullable String referer,
            Model model) {
        model.addAttribute("q", q);
        model.addAttribute("from", cameFrom(from, referer));
        model.addAttribute("parts", found(q, figures));
        return "care/care";
    }

    static List<PartOfCare> found(String q, Units units) {
        List<String> wanted = Arrays.stream(q.toLowerCase(Locale.ROOT).strip().split("\\s+"))
                .filter(word -> !word.isEmpty())
                .toList();
        List<PartOfCare> parts = new ArrayList<>();
        for (CareTopic.Part part : CareTopic.Part.values()) {
            List<CareTopic> topics = CareTopic.of(part).stream()
                    .filter(topic -> wanted.stream().allMatch(text(topic, units)::contains))
                    .toList();
            if (!topics.isEmpty()) {
                parts.add(new PartOfCare(part, topics));
            }
        }
        return parts;
    }

    private static String text(CareTopic topic, Units units) {
        StringBuilder all = new StringBuilder(Words.say(topic));
        TOLD.forEach(part -> all.append(' ').append(Words.say(topic, part, units)));
        return all.toString().toLowerCase(Locale.ROOT);
    }

    /** A page of ours that a cook came from, else nothing. */
    static String cameFrom(String from, @Nullable String referer) {
        return Optional.of(from)
                .filter(path -> !path.isEmpty())
                .or(() -> Optional.ofNullable(referer).flatMap(CareController::path))
                .filter(path -> OUR_PAGE.matcher(path).matches() && !path.startsWith("/care"))
                .orElse("");
    }

    private static Optional<String> path(String referer) {
        try {
            URI uri = URI.create(referer);
            String query = uri.getRawQuery();
            return Optional.ofNullable(uri.getRawPath()).map(path -> query == null ? path : path + "?" + query);
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}

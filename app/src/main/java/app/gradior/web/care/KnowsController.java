package app.gradior.web.care;

import app.gradior.room.words.Words;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** What the model knows and how, its limits, and the words and keys of the screens. */
@Controller
@RequestMapping("/care/knows")
class KnowsController {
    /** Drawings of the page, by the name of their texts. */
    record Picture(String key, String svg) {}

    /** What the model does not know, by the name of its text. */
    private static final List<String> LIMITS = List.of("pot", "food", "taste", "scorch", "pressure", "oven", "safety");

    @GetMapping
    String knows(Model model) {
        model.addAttribute(
                "pictures",
                List.of(
                        new Picture("cold-later", ModelPictures.coldLater()),
                        new Picture("pots", ModelPictures.pots()),
                        new Picture("heats", ModelPictures.heats())));
        model.addAttribute("limits", LIMITS);
        model.addAttribute(
                "terms",
                Arrays.stream(Term.values())
                        .sorted(Comparator.comparing(Words::say, String.CASE_INSENSITIVE_ORDER))
                        .toList());
        return "care/knows";
    }
}

package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.regex.Pattern;

/** A live pot gone through stage by stage. */
final class Stages {
    private Stages() {}

    /** On to the next stage, whether its lines were ticked or not. */
    static void onTo(Page page) {
        String stage = page.locator("#stage").getAttribute("data-stage");
        String missing = page.locator("#stage").getAttribute("data-missing");
        page.keyboard().press("m");
        if (missing != null && !missing.isEmpty()) {
            page.locator("#dlg-forgot [data-forgot=ticked]").click();
        }
        assertThat(page.locator("#stage")).not().hasAttribute("data-stage", stage);
    }

    /** What the page says is in the pot, g. */
    static double massG(Page page) {
        String says = page.locator(".pot-left > .hint").textContent();
        var found = Pattern.compile("([0-9,.]+) (k?g) in the pot").matcher(says);
        assertThat(found.find()).as(says).isTrue();
        double figure = Double.parseDouble(found.group(1).replace(",", ""));
        return found.group(2).equals("kg") ? 1000 * figure : figure;
    }
}

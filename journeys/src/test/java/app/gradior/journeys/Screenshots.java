package app.gradior.journeys;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Rewrites the pictures of the main views from the demo data; run by {@code ./gradior shots}. */
@EnabledIfSystemProperty(named = "gradior.shots", matches = ".+")
class Screenshots {
    private final Path folder = Path.of(System.getProperty("gradior.shots", "."));

    @Test
    void takeThem() {
        try (RunningApplication application = RunningApplication.demo();
                Browser browser = new Browser()) {
            Page wide = browser.demo(application, 1280, 800, ColorScheme.LIGHT);
            shot(wide, "/", "hob");
            shot(wide, "/sauces", "sauces");
            shot(wide, "/sauces/1", "sauce");
            shot(wide, "/plan?sauce=3", "plan");
            shot(wide, "/plan/clock", "clock");
            shot(wide, "/pot/41", "pot");
            shot(wide, "/log", "log");
            shot(wide, "/log/1", "batch");
            wide.navigate("/log/38/finish");
            wide.click(".intent button[value=FRIDGE]");
            shot(wide, "/log/38/finish", "finish");
            shot(wide, "/log/shelf", "shelf");
            shot(wide, "/log/learning", "learning");
            shot(wide, "/kit", "kit");
            shot(wide, "/bench/thicken", "bench");
            shot(wide, "/bench/cold?have=look&kind=syrup&looksStep=2&looksC=100&served=20", "bench-cold");
            shot(wide, "/larder", "larder");
            shot(wide, "/care", "care");
            wide.navigate("/practice");
            wide.click("text=Read the bubbles");
            wide.waitForSelector(
                    "[name=heat]:checked", new Page.WaitForSelectorOptions().setState(WaitForSelectorState.ATTACHED));
            wide.keyboard().press("+");
            wide.keyboard().press("+");
            wide.keyboard().press(" ");
            PlaywrightAssertions.assertThat(wide.locator("#minute")).hasText(Pattern.compile("^1\\d:.*"));
            wide.keyboard().press(" ");
            wide.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve("practice.png")));
            Page phone = browser.demo(application, 390, 844, ColorScheme.LIGHT);
            shot(phone, "/pot/41", "pot-phone");
            Page dark = browser.demo(application, 1280, 800, ColorScheme.DARK);
            shot(dark, "/pot/41", "pot-dark");
        }
    }

    private void shot(Page page, String path, String name) {
        page.navigate(path);
        page.evaluate("document.fonts.ready");
        PlaywrightAssertions.assertThat(page.locator("[data-later]")).hasCount(0);
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}

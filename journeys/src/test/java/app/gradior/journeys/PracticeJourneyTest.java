package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A lesson by keys alone, a free pot by taps, the reveal, the eye; and the cautions from a pot and back. */
class PracticeJourneyTest {
    private static void runUntil(Page page, String minutes) {
        assertThat(page.locator("[name=heat]:checked")).hasCount(1);
        page.keyboard().press("+");
        page.keyboard().press("+");
        assertThat(page.locator("[name=speed][value='60']")).isChecked();
        page.keyboard().press(" ");
        assertThat(page.locator("#minute")).hasText(Pattern.compile(minutes));
        page.keyboard().press(" ");
        assertThat(page.locator("[data-pause]")).hasText("Go");
    }

    /** How many of a canvas' points have a colour. */
    private static int drawn(Page page, String canvas) {
        return ((Number)
                        page.evalOnSelector(
                                canvas,
                                "c => c.getContext('2d').getImageData(0, 0, c.width, c.height).data.filter((v, i) => i % 4 === 3 && v > 0).length"))
                .intValue();
    }

    /** Time stands still where nothing more is known, and goes on by itself when the server is there again. */
    private static void withoutAConnection(Page page) {
        page.keyboard().press("+");
        page.keyboard().press("+");
        page.context().setOffline(true);
        page.keyboard().press(" ");
        page.waitForFunction("""
                () => {
                  const shown = document.querySelector('#minute').textContent;
                  if (window.shownLast !== shown) {
                    window.shownLast = shown;
                    window.shownSince = performance.now();
                  }
                  return performance.now() - window.shownSince > 3000;
                }""", null, new Page.WaitForFunctionOptions().setTimeout(60_000));
        String stood = page.locator("#minute").textContent();
        page.context().setOffline(false);
        assertThat(page.locator("#minute")).not().hasText(stood);
        page.keyboard().press(" ");
    }

    private static void spoon(Page page, String step) {
        page.keyboard().press("c");
        assertThat(page.locator("#dlg-look")).isVisible();
        assertThat(page.locator("#look-says")).containsText("watch whether it fills");
        page.click("#dlg-look [data-step='" + step + "']");
        assertThat(page.locator("#dlg-look")).isHidden();
    }

    private static void judgeAndTakeOff(Page page, String cold) {
        assertThat(page.locator("#dlg-judge")).isVisible();
        Browser.checkScreen(page);
        page.locator("#dlg-judge [name=stepCold]").fill(cold);
        page.click("[data-say]");
        assertThat(page.locator(".verdict")).isVisible();
    }

    @Test
    void aLessonAFreePotTheRevealAndTheEye() {
        OwnKitchen kitchen = OwnKitchen.take();
        try (Browser browser = new Browser()) {
            Page page = kitchen.hob(browser, 1280, 800, ColorScheme.LIGHT);
            page.navigate("/practice");
            page.click("text=Read the bubbles");
            assertThat(page.locator("h1")).hasText("Read the bubbles");
            assertThat(page.locator("[name=heat][value='5']")).isChecked();
            page.keyboard().press("7");
            assertThat(page.locator("[name=heat][value='7']")).isChecked();
            runUntil(page, "^([5-9]|\\d\\d):.*");
            assertThat(page.locator("#told")).hasText(Pattern.compile("bubble", Pattern.CASE_INSENSITIVE));
            assertThat(drawn(page, "#side")).isGreaterThan(8000);
            assertThat(drawn(page, "#above")).isGreaterThan(8000);
            Browser.checkScreen(page);
            spoon(page, "5");
            page.keyboard().press("e");
            assertThat(page.locator("#dlg-look [data-now]")).hasText("Closed now");
            page.click("#dlg-look [data-now]");
            assertThat(page.locator("#look-says")).containsText("You counted");
            page.click("#dlg-look [data-away]");
            page.reload();
            assertThat(page.locator("[name=heat][value='7']")).isChecked();
            assertThat(page.locator("#minute")).hasText(Pattern.compile("^([5-9]|\\d\\d):.*"));
            withoutAConnection(page);
            page.keyboard().press("o");
            judgeAndTakeOff(page, "5.5");
            assertThat(page.locator("main")).containsText("A forecast told only the recipe");
            assertThat(page.locator(".reveal svg.curves")).isVisible();
            Browser.checkScreen(page);

            Page phone = kitchen.hob(browser, 390, 844, ColorScheme.DARK);
            phone.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
            phone.navigate("/practice");
            phone.selectOption("[name=pot]", new com.microsoft.playwright.options.SelectOption().setIndex(0));
            phone.locator("form:has([value=free]) button").click();
            assertThat(phone.locator("#stove")).isVisible();
            runUntil(phone, "^[2-9]:.*");
            assertThat(drawn(phone, "#above")).as("a still").isGreaterThan(8000);
            spoon(phone, "4");
            spoon(phone, "4");
            phone.click("[data-do=splash]");
            phone.fill("[name=amount]", "35");
            phone.click("[data-amount-do]");
            assertThat(phone.locator("[data-amount]")).isHidden();
            Browser.checkScreen(phone);
            phone.click("[data-sound]");
            assertThat(phone.locator("[data-sound]")).hasText("Sound off");
            phone.click("[data-take-off]");
            judgeAndTakeOff(phone, "7");
            phone.navigate("/practice#eye");
            assertThat(phone.locator("#eye")).containsText("Back of a spoon");
            Browser.checkScreen(phone);
            phone.click("text=Let forecasts reckon with my eye");
            assertThat(phone.locator("#eye")).containsText("No longer reckon with my eye");
            phone.click("text=Un-learn all of it");
            assertThat(phone.locator("#eye")).not().containsText("Back of a spoon");
            assertThat(browser.errors()).isEmpty();
        }
    }

    @Test
    void fromACautionToItsReasonsAndBack() {
        OwnKitchen kitchen = OwnKitchen.take();
        try (Browser browser = new Browser()) {
            Page page = kitchen.hob(browser, 1280, 800, ColorScheme.LIGHT);
            page.navigate("/plan?sauce=" + kitchen.id(3));
            page.locator("main .caution .why:visible").first().click();
            assertThat(page).hasURL(Pattern.compile(".*/care#[a-z-]+$"));
            String topic = page.url().replaceAll(".*#", "#");
            assertThat(page.locator(topic)).isInViewport();
            page.fill("[data-find]", "infants");
            assertThat(page.locator(".care article:visible")).hasCount(1);
            page.fill("[data-find]", "zeppelin");
            assertThat(page.locator("[data-none]")).isVisible();
            page.click("text=Back to where you were");
            assertThat(page).hasURL(Pattern.compile(".*/plan\\?sauce=\\d*3\\b.*"));
            assertThat(browser.errors()).isEmpty();
        }
    }
}

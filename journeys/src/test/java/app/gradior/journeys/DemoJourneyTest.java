package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The demo kitchen: one click in, two pots on, honest past batches; every screen at both sizes and in the dark. */
class DemoJourneyTest {
    private static final List<String> SCREENS = List.of(
            "/",
            "/sauces",
            "/sauces/1",
            "/sauces/1/scale",
            "/sauces/1/swap?line=2&to=lemon+juice",
            "/sauces/1/versions",
            "/sauces/import",
            "/plan?sauce=3",
            "/plan/clock",
            "/plan/1/gather",
            "/pot/41",
            "/pot/41/finish",
            "/pot/41/in",
            "/pot/already",
            "/log/1/replay?minute=20",
            "/log",
            "/log/1",
            "/log/38/finish",
            "/log/learning",
            "/log/shelf",
            "/log/compare?ids=1,9,17",
            "/log/sauce/1?by=share",
            "/bench",
            "/bench/thicken",
            "/bench/reduce",
            "/bench/cold",
            "/bench/jars",
            "/bench/season",
            "/larder",
            "/larder/damson",
            "/larder/add",
            "/kit",
            "/kitchen");

    /** One screen of each look: colours are the same on the others. */
    private static final List<String> IN_THE_DARK = List.of(
            "/",
            "/sauces/1",
            "/sauces/1/scale",
            "/plan?sauce=3",
            "/plan/clock",
            "/pot/41",
            "/log/1",
            "/log/38/finish",
            "/log/learning",
            "/log/compare?ids=1,9,17",
            "/bench/cold",
            "/larder/damson",
            "/kit");

    @Test
    void everyScreenOfTheDemo() {
        try (RunningApplication application = RunningApplication.demo();
                Browser browser = new Browser()) {
            Page page = browser.demo(application, 1280, 800, ColorScheme.LIGHT);
            assertThat(page.locator(".potcard")).hasCount(2);
            page.navigate("/log");
            assertThat(page.locator("table.book tbody tr")).hasCount(40);
            assertThat(page.locator(".pager")).containsText("1 to 40 of 42");
            page.navigate("/sauces");
            assertThat(page.locator(".book li")).hasCount(8);
            for (Locator plan : page.locator(".book li a.plain").all()) {
                Page one = page.context().newPage();
                one.navigate(plan.getAttribute("href"));
                assertThat(one.locator(".saying")).containsText("on the table");
                one.close();
            }
            checkAll(page, SCREENS);
            checkAll(browser.demo(application, 390, 844, ColorScheme.LIGHT), SCREENS);
            checkAll(browser.demo(application, 320, 700, ColorScheme.LIGHT), List.of("/", "/pot/41"));
            checkAll(browser.demo(application, 1280, 800, ColorScheme.DARK), IN_THE_DARK);
            Page pot = browser.demo(application, 1280, 800, ColorScheme.LIGHT);
            pot.navigate("/pot/41");
            Object scroll = pot.evaluate("document.documentElement.scrollHeight - window.innerHeight");
            assertThat(((Number) scroll).intValue())
                    .as("the pot needs no scrolling")
                    .isLessThanOrEqualTo(0);
            assertThat(browser.errors()).isEmpty();
        }
    }

    private static void checkAll(Page page, List<String> screens) {
        for (String screen : screens) {
            assertThat(page.navigate(screen).status()).as(screen).isEqualTo(200);
            Browser.checkScreen(page);
        }
    }
}

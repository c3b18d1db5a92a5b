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
            "/practice",
            "/care",
            "/care/knows",
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
            "/practice",
            "/care",
            "/kit");

    @Test
    void everyScreenOfTheDemo() {
        RunningApplication application = OwnKitchen.shared(); // nothing is changed here
        try (Browser browser = new Browser()) {
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
            for (String screen : BY_ONE_SWITCH) {
                pot.navigate(screen);
                assertThat(pot.evaluate(WALK_BEGINS))
                        .as("no control: " + screen)
                        .isEqualTo(List.of());
                for (int i = 0; i < MOST_CONTROLS && !Boolean.TRUE.equals(pot.evaluate(WALK_IS_DONE)); i++) {
                    pot.keyboard().press("Tab");
                    pot.evaluate("document.activeElement.dataset.seen = '1'");
                }
                assertThat(pot.evaluate(NOT_REACHED))
                        .as("never reached on " + screen)
                        .isEqualTo(List.of());
            }
            assertThat(browser.errors()).isEmpty();
        }
    }

    /** Screens with the most controls of each kind: whoever has one switch steps from control to control. */
    private static final List<String> BY_ONE_SWITCH = List.of(
            "/",
            "/sauces/1",
            "/plan?sauce=3",
            "/plan/clock",
            "/pot/41",
            "/log/1/replay?minute=20",
            "/bench/reduce",
            "/kit",
            "/practice",
            "/account");

    private static final int MOST_CONTROLS = 160;
    /** Marks all that can be used; answers with what looks as if it could be, and is no control. */
    private static final String WALK_BEGINS = """
            () => {
              const seen = (e) => e.checkVisibility({ visibilityProperty: true }) && e.getClientRects().length > 0;
              const controls = 'a[href],button,input,select,textarea,summary,[tabindex]:not([tabindex="-1"])';
              document.querySelectorAll(controls).forEach((e) => {
                if (!e.disabled && e.type !== 'hidden' && e.tabIndex >= 0 && seen(e)) { e.dataset.walk = '1'; }
              });
              return [...document.querySelectorAll('main *')]
                .filter((e) => seen(e) && ['pointer', 'grab', 'move', 'ew-resize', 'ns-resize'].includes(getComputedStyle(e).cursor))
                .filter((e) => !e.closest(controls + ',label,[role=slider]'))
                .map((e) => e.outerHTML.slice(0, 90));
            }
            """;

    /** Of a group of which one is chosen, that one is reached, and the others by its arrows. */
    private static final String NOT_REACHED = """
            () => [...document.querySelectorAll('[data-walk]')]
              .filter((e) => !e.dataset.seen && !(e.type === 'radio'
                && document.querySelector(`input[type=radio][name="${e.name}"][data-seen]`)))
              .map((e) => e.outerHTML.slice(0, 90))
            """;

    private static final String WALK_IS_DONE = "() => (" + NOT_REACHED.strip() + ")().length === 0";

    private static void checkAll(Page page, List<String> screens) {
        for (String screen : screens) {
            assertThat(page.navigate(screen).status()).as(screen).isEqualTo(200);
            Browser.checkScreen(page);
        }
    }
}

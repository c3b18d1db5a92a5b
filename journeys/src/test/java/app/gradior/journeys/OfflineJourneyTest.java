package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A phone whose network is cut for a quarter of an hour, across the ends of two stages: it rings for both by itself. */
class OfflineJourneyTest {
    /** Longer than the page waits between two looks at the server, ms. */
    private static final long A_LOOK_MS = 13_000;

    @Test
    void whatWasForetoldRingsWithoutANetworkAndWhatWasTappedIsSentAfterwards() {
        OwnKitchen kitchen = OwnKitchen.take();
        try (Browser browser = new Browser()) {
            Page phone = browser.page(kitchen.url(), 390, 844, ColorScheme.LIGHT);
            phone.clock().install();
            kitchen.enter(phone);
            phone.locator("main a:has-text('Damson & star anise glaze')")
                    .first()
                    .click();
            assertThat(phone.locator("#panel")).isVisible();
            phone.evaluate("navigator.serviceWorker.ready.then(() => true)");
            phone.reload();
            assertThat(phone.locator("#panel")).isVisible();
            phone.clock().runFor(A_LOOK_MS);
            phone.waitForFunction(
                    "() => Object.keys(localStorage).some((key) => key.endsWith(':coming') && JSON.parse(localStorage[key]).length > 3)");
            double first = inMinutes(phone, "Reduce");
            double second = inMinutes(phone, "Sweat");
            assertThat(first).isBetween(1.0, second - 1);
            assertThat(second).as("within a quarter of an hour").isLessThan(15);

            phone.context().setOffline(true);
            phone.clock().fastForward((long) ((first - 0.7) * 60_000));
            assertThat(phone.locator("#alarm")).isHidden();
            phone.clock().fastForward(60_000);
            phone.clock().runFor(A_LOOK_MS);
            assertThat(phone.locator("#alarm .what"))
                    .hasText("Damson & star anise glaze: Reduce should be over: look at it, and take it off when it is"
                            + " done (no connection: as foretold before)");
            assertThat(phone.locator("#line")).isVisible();
            Browser.checkScreen(phone);
            phone.click("[data-heard]");
            assertThat(phone.locator("#alarm")).isHidden();
            phone.keyboard().press("t");
            assertThat(phone.locator("#line")).containsText(Pattern.compile("kept here"));

            phone.clock().fastForward((long) ((second - first) * 60_000));
            phone.clock().runFor(A_LOOK_MS);
            assertThat(phone.locator("#alarm .what")).containsText("Mushroom & perry gravy: Sweat should be over");

            // Back again: what was tapped is recorded at the minute it was tapped, and what was only foretold is
            // silent.
            phone.context().setOffline(false);
            phone.clock().runFor(A_LOOK_MS);
            assertThat(phone.locator(".log li").first()).containsText("Stirred");
            assertThat(phone.locator("#alarm:not([hidden]) .what:has-text('as foretold before')"))
                    .hasCount(0);
            assertThat(kitchen.ask("select timestampdiff(second, happened_at, recorded_at) > 240 from batch_event"
                            + " where type = 'stir' order by id desc limit 1"))
                    .containsExactly("1");
        }
    }

    private static double inMinutes(Page page, String stage) {
        Object minutes = page.evaluate(
                "(stage) => { const key = Object.keys(localStorage).find((one) => one.endsWith(':coming'));"
                        + " return (JSON.parse(localStorage[key]).find((one) => one.says.startsWith(stage)).at - Date.now()) / 60000; }",
                stage);
        return ((Number) minutes).doubleValue();
    }
}

package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.gradior.testing.PrivateMariaDb;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.WaitUntilState;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Without a network, without a database, with a clock that is wrong: what is tapped is kept, and counts once. */
class NeverLostJourneyTest {
    private static OwnKitchen kitchen;

    @BeforeAll
    static void start() {
        kitchen = OwnKitchen.take();
    }

    private static Page pot(Browser browser) {
        Page page = kitchen.hob(browser, 390, 844, ColorScheme.LIGHT);
        page.navigate("/pot/" + kitchen.id(41));
        assertThat(page.locator(".donow h2")).isVisible();
        return page;
    }

    private static void weigh(Page page, String grams) {
        page.keyboard().press("w");
        page.keyboard().type(grams);
        page.keyboard().press("Enter");
    }

    private static Locator weighed(Page page, String grams) {
        return page.locator(".log li").filter(new Locator.FilterOptions().setHasText(grams));
    }

    @Test
    void withoutANetworkThePageGoesOnAndComesBackFromAReload() {
        try (Browser browser = new Browser()) {
            Page page = pot(browser);
            page.evaluate("navigator.serviceWorker.ready.then(() => true)");
            page.reload();
            assertThat(page.locator(".clock")).hasText(Pattern.compile("\\d+:\\d\\d"));
            page.context().setOffline(true);
            weigh(page, "3191");
            assertThat(page.locator("#line")).containsText("No connection: the figures are of");
            assertThat(page.locator("#line")).containsText("One entry is kept here");
            String clock = page.locator(".clock").textContent();
            assertThat(page.locator(".clock")).not().hasText(clock);
            page.reload();
            assertThat(page.locator(".donow h2")).isVisible();
            assertThat(page.locator("#line")).containsText("One entry is kept here");
            weigh(page, "3189");
            assertThat(page.locator("#line")).containsText("2 entries are kept here");
            page.context().setOffline(false);
            assertThat(page.locator(".log")).containsText("Weighed: 3,189 g");
            assertThat(page.locator("#line")).isHidden();
            assertThat(weighed(page, "3,191 g")).hasCount(1);
            assertThat(weighed(page, "3,189 g")).hasCount(1);
        }
    }

    @Test
    void aKilledDatabaseLosesNothing() {
        try (Browser browser = new Browser()) {
            Page page = pot(browser);
            weigh(page, "3186");
            assertThat(page.locator(".log")).containsText("Weighed: 3,186 g");
            PrivateMariaDb.get().kill();
            try {
                weigh(page, "3184");
                assertThat(page.locator("#line")).containsText("One entry is kept here");
            } finally {
                PrivateMariaDb.get().restart();
            }
            assertThat(page.locator(".log")).containsText("Weighed: 3,184 g");
            page.reload();
            assertThat(weighed(page, "3,186 g")).hasCount(1);
            assertThat(weighed(page, "3,184 g")).hasCount(1);
        }
    }

    @Test
    void aDeviceWhoseClockIsFiveMinutesWrongRecordsAtTheRightTime() {
        try (Browser browser = new Browser()) {
            Page right = pot(browser);
            Page wrong = kitchen.hob(browser, 390, 844, ColorScheme.LIGHT);
            wrong.addInitScript("const real = Date.now.bind(Date); Date.now = () => real() + 300000;");
            wrong.navigate("/pot/" + kitchen.id(41));
            assertThat(wrong.locator(".clock")).hasText(Pattern.compile("\\d+:\\d\\d"));
            weigh(wrong, "3182");
            assertThat(right.locator(".log")).containsText("Weighed: 3,182 g");
            weigh(right, "3181");
            assertThat(wrong.locator(".log")).containsText("Weighed: 3,181 g");
            assertThat(right.locator(".log li").first()).containsText("3,181 g");
            int seconds = seconds(right.locator(".clock").textContent());
            int seen = seconds(wrong.locator(".clock").textContent());
            org.assertj.core.api.Assertions.assertThat(seen).isBetween(seconds - 5, seconds + 15);
        }
    }

    private static int seconds(String clock) {
        String[] parts = clock.split(":");
        return 60 * Integer.parseInt(parts[0]) + Integer.parseInt(parts[1]);
    }

    private static void signOut(Page page) {
        page.navigate("/kitchen");
        page.click("text=Sign out");
        assertThat(page.locator("input[name=username]")).isVisible();
    }

    @Test
    void signedOutElsewhereItSaysSoAndWhatWasTappedIsSentFromAnyPageAfterwards() {
        try (Browser browser = new Browser()) {
            Page page = pot(browser);
            Page other = page.context().newPage();
            signOut(other);
            weigh(page, "3178");
            assertThat(page.locator("#line")).containsText("You are signed out");
            assertThat(page.locator("#line")).containsText("One entry is kept here");
            assertThat(page.locator("#line a")).hasAttribute("href", "/login");
            kitchen.enter(other);
            // The pot's page carries the form token of the old sign-in: it finds the new one by itself.
            weigh(page, "3177");
            assertThat(page.locator(".log")).containsText("Weighed: 3,177 g");
            assertThat(weighed(page, "3,178 g")).hasCount(1);
            assertThat(page.locator("#line")).isHidden();
            signOut(other);
            org.assertj.core.api.Assertions.assertThat(
                            page.evaluate("Object.keys(localStorage).filter(k => k.startsWith('gradior:')).length"))
                    .as("nothing of this account stays")
                    .isEqualTo(0);
        }
    }

    /** A hand is quicker than a slow line: what it tapped counts when the page's script is there, and once, however often it tapped. */
    @Test
    void whatIsTappedBeforeTheScriptIsThereCountsOnce() {
        try (Browser browser = new Browser()) {
            Page page = browser.page(kitchen.url(), 390, 844);
            page.addInitScript("delete Navigator.prototype.serviceWorker"); // what it asks for could not be held here
            kitchen.enter(page);
            List<Route> held = new ArrayList<>();
            page.route("**/js/pot.js", held::add);
            page.navigate("/pot/" + kitchen.id(41), new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
            Locator stirred = page.locator(".readings [data-event=stir]");
            stirred.click();
            stirred.click();
            page.keyboard().press("h");
            page.keyboard().press("2");
            page.keyboard().press("w");
            page.waitForCondition(() -> !held.isEmpty());
            int before = page.locator(".log li").count();
            held.forEach(Route::resume);
            assertThat(page.locator(".log li").first()).containsText("Heat: bare");
            assertThat(page.locator(".log li").nth(1)).containsText("Stirred");
            assertThat(page.locator("#dlg-weight")).isVisible();
            assertThat(page.locator(".log li")).hasCount(before + 2);
        }
    }

    /** What the page asks of a server that breaks before it puts the entry aside. */
    private static final int TRIES = 3;

    private static void breaks(Route route) {
        route.fulfill(new Route.FulfillOptions().setStatus(500).setBody("{}"));
    }

    @Test
    void anEntryThatBreaksTheServerIsPutAsideAndBlocksNothing() {
        try (Browser browser = new Browser()) {
            Page page = pot(browser);
            List<Route> broken = new ArrayList<>();
            page.route("**/pot/" + kitchen.id(41) + "/events", route -> {
                if (!route.request().postData().contains("3176")) {
                    route.resume();
                    return;
                }
                broken.add(route);
                if (broken.size() < 2 * TRIES) {
                    breaks(route);
                }
            });
            weigh(page, "3176");
            assertThat(page.locator("#dlg-weight .fault")).containsText("The server broke on this entry");
            assertThat(page.locator("#dlg-weight input[name=grossG]")).hasValue("3176");
            page.keyboard().press("Enter");
            page.waitForCondition(() -> broken.size() == 2 * TRIES);
            assertThat(page.locator("#dlg-weight")).isHidden();
            page.keyboard().press("w");
            page.keyboard().type("31");
            breaks(broken.get(2 * TRIES - 1));
            assertThat(page.locator("#aside")).containsText("Not taken: “weight 3176”");
            assertThat(page.locator("#dlg-weight input[name=grossG]")).hasValue("31");
            page.keyboard().type("75");
            page.keyboard().press("Enter");
            assertThat(page.locator(".log")).containsText("Weighed: 3,175 g");
            page.click("#aside [data-letgo]");
            assertThat(page.locator("#aside")).isHidden();
            page.evaluate(
                    "const q = 'gradior:' + document.querySelector('meta[name=account]').content + ':refused-"
                            + kitchen.id(41) + "';"
                            + "localStorage.setItem(q, JSON.stringify([{tap: {clientKey: 'old-1', type: 'weight',"
                            + " fields: {grossG: '3174'}, tappedAt: Date.now() - 300000}, message: 'The server broke on this entry.'}]))");
            page.reload();
            assertThat(page.locator("#aside"))
                    .containsText("Not taken: “weight 3174”. The server broke on this entry.");
            page.click("#aside [data-again]");
            assertThat(page.locator(".log")).containsText("Weighed: 3,174 g");
            assertThat(page.locator("#aside")).isHidden();
        }
    }
}

package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Two people and a tablet in one kitchen, over https with an authority that their browsers trust. */
class PeopleJourneyTest {
    @TempDir
    Path folder;

    @Test
    void twoPeopleAndAPairedTabletCookOnePot() throws Exception {
        HttpsHouse house = new HttpsHouse(folder);
        try (RunningApplication application = house.application();
                Browser browser = new Browser(house.trusting())) {
            Page owner = browser.page(house.stove(), 1280, 800, ColorScheme.LIGHT);
            owner.navigate("/setup");
            owner.fill("[name=name]", "Harbour kitchen");
            owner.fill("[name=login]", "marta");
            owner.fill("[name=password]", "a quince in the window");
            owner.click("main button.act");
            assertThat(owner.locator("h1")).hasText("On the heat");
            owner.navigate("/pot/already");
            owner.fill("textarea[name=lines]", "700 g passata\n40 g olive oil");
            owner.fill("input[name=since]", "5");
            owner.click("text=Follow it");
            assertThat(owner.locator("#panel")).isVisible();
            String pot = owner.url();

            // Jonas comes in by a link, with a name of his own.
            Page jonas = browser.page(house.stove(), 390, 844, ColorScheme.LIGHT);
            jonas.navigate(link(owner, "invite"));
            assertThat(jonas.locator("h1")).hasText("Come into Harbour kitchen");
            Browser.checkScreen(jonas);
            jonas.fill("[name=login]", "jonas");
            jonas.fill("[name=password]", "a ladle behind the door");
            jonas.click("main button.act");
            assertThat(jonas.locator("h1")).hasText("On the heat");

            // The tablet needs no password, not even after its session is over.
            Page tablet = browser.page(house.stove(), 1024, 768, ColorScheme.DARK);
            tablet.navigate(link(owner, "pair"));
            Browser.checkScreen(tablet);
            tablet.click("text=Pair this device");
            assertThat(tablet.locator("h1")).hasText("On the heat");
            BrowserContext cookies = tablet.context();
            cookies.clearCookies(new BrowserContext.ClearCookiesOptions().setName("__Host-gradior"));
            tablet.navigate(pot);
            assertThat(tablet.locator("#panel")).isVisible();
            assertThat(tablet.locator(".who")).containsText("stove device");

            // What one does the others see, with who did it.
            tablet.keyboard().press("t");
            jonas.navigate(pot);
            assertThat(jonas.locator("#panel")).isVisible();
            jonas.keyboard().press("w");
            jonas.fill("#dlg-weight input", "1900");
            jonas.click("#dlg-weight [type=submit]");
            owner.navigate(pot);
            for (Page page : new Page[] {owner, jonas, tablet}) {
                assertThat(line(page, "Stirred")).containsText("Tablet at the stove");
                assertThat(line(page, "Weighed")).containsText("jonas");
            }
            assertThat(owner.locator(".also")).hasText("Also open: Tablet at the stove, jonas");
            assertThat(tablet.locator(".also")).hasText("Also open: jonas, marta");
            tablet.click("text=Take this pot");
            assertThat(owner.locator(".hand")).containsText("In hand: Tablet at the stove.");
            assertThat(jonas.locator(".hand button")).isVisible();
            assertThat(tablet.locator(".hand button")).hasCount(0);
            Browser.checkScreen(jonas);
            owner.navigate("/kitchen/people");
            assertThat(tablet.locator(".also")).hasText("Also open: jonas");
            assertThat(owner.locator(".people li")).hasCount(2);
            Browser.checkScreen(owner);

            // Jonas looks on from now on: his page offers nothing, and his keys do nothing.
            owner.locator(".people li:has-text('jonas') select").selectOption("LOOKER_ON");
            owner.locator(".people li:has-text('jonas') button:has-text('Keep')")
                    .click();
            assertThat(owner.locator(".people li:has-text('jonas') select")).hasValue("LOOKER_ON");
            jonas.reload();
            assertThat(jonas.locator("#panel")).isVisible();
            assertThat(jonas.locator(".readings")).isHidden();
            assertThat(jonas.locator(".donow .act")).isHidden();
            jonas.keyboard().press("w");
            assertThat(jonas.locator("#dlg-weight")).isHidden();
            Browser.checkScreen(jonas);

            // Both are ended: the tablet stands at the door, and so does he.
            owner.navigate("/account");
            owner.locator("li:has-text('Tablet at the stove') button").click();
            assertThat(owner.locator("li:has-text('Tablet at the stove')")).hasCount(0);
            Browser.checkScreen(owner);
            tablet.navigate("/");
            assertThat(tablet.locator("h1")).hasText("Stop at the right moment");
            owner.navigate("/kitchen/people");
            owner.click("text=Take jonas out");
            owner.click("text=Take them out");
            assertThat(owner.locator(".people li")).hasCount(1);
            jonas.navigate(pot);
            assertThat(jonas.locator("h1")).hasText("Stop at the right moment");
            owner.navigate(pot);
            assertThat(line(owner, "Weighed")).containsText("jonas");
            assertThat(browser.errors()).isEmpty();
        }
    }

    private static String link(Page owner, String form) {
        owner.navigate("/kitchen/people");
        owner.locator("form[action$='/" + form + "'] button").click();
        Locator link = owner.locator("#link");
        assertThat(link).isVisible();
        Browser.checkScreen(owner);
        return link.textContent();
    }

    private static Locator line(Page page, String words) {
        return page.locator(".log li:has-text('" + words + "')").first();
    }
}

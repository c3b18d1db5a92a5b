package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A cook plans: moves along the ways, wishes for what cannot be, keeps the plan, gathers, moves the day, and starts. */
class PlanJourneyTest {
    private static OwnKitchen kitchen;
    private static Browser browser;

    @BeforeAll
    static void start() {
        kitchen = OwnKitchen.take();
        browser = new Browser();
    }

    @AfterAll
    static void end() {
        assertThat(browser.errors()).isEmpty();
        browser.close();
    }

    private static Page enter() {
        return kitchen.hob(browser, 1280, 800, ColorScheme.LIGHT);
    }

    private static Locator slider(Page page) {
        return page.locator("#ways");
    }

    @Test
    void alongTheWaysByKeysOnly() {
        Page page = enter();
        page.navigate("/plan?sauce=" + kitchen.id(3));
        assertThat(page.locator(".saying")).containsText("Reduce to");
        for (int i = 0; i < 60; i++) {
            if ("ways".equals(page.evaluate("document.activeElement.id"))) {
                break;
            }
            page.keyboard().press("Tab");
        }
        assertThat(slider(page)).isFocused();
        String before = slider(page).getAttribute("aria-valuenow");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        int two = Integer.parseInt(before) - 2;
        assertThat(slider(page)).hasAttribute("aria-valuenow", String.valueOf(two));
        assertThat(page).hasURL(Pattern.compile("wish=\\d"));
        assertThat(slider(page)).isFocused();
        page.keyboard().press("End");
        assertThat(page.locator(".saying")).not().containsText("of potato starch");
        page.keyboard().press("Home");
        assertThat(page.locator(".saying")).containsText("of potato starch");
        page.reload();
        assertThat(page.locator(".saying")).containsText("of potato starch");
        assertThat(slider(page)).hasAttribute("aria-valuenow", slider(page).getAttribute("aria-valuemax"));
    }

    @Test
    void byDragAndAnImpossibleWish() {
        Page page = enter();
        page.navigate("/plan?sauce=" + kitchen.id(3));
        BoundingBox box = slider(page).boundingBox();
        page.mouse().move(box.x + 0.5 * box.width, box.y + 0.4 * box.height);
        page.mouse().down();
        page.mouse().move(box.x + 0.7 * box.width, box.y + 0.4 * box.height);
        page.mouse().up();
        assertThat(page).hasURL(Pattern.compile("wish=\\d"));
        page.fill("input[name=wish]", "9000");
        assertThat(page.locator(".unmet").first()).containsText("times as much");
        page.fill("input[name=wish]", "");
        page.selectOption("select[name=starch]", "none");
        page.fill("input[name=step]", "8");
        assertThat(page.locator("#answer")).containsText("too shallow here");
        page.locator(".pickpot", new Page.LocatorOptions().setHasText("16 cm milk pan"))
                .click();
        assertThat(page.locator("select[name=pot] option:checked")).hasText("16 cm milk pan");
        assertThat(page.locator("#answer")).containsText("too full");
        page.fill("input[name=amount]", "6");
        assertThat(page.locator(".fault.big")).containsText("to the brim");
        assertThat(page.locator(".fault.big")).containsText("Preserving pan");
        page.fill("input[name=amount]", "not a number");
        assertThat(page.locator("#answer .fault")).containsText("“not a number”");
        Browser.checkScreen(page);
    }

    @Test
    void keptGatheredMovedAndStarted() {
        Page page = enter();
        page.navigate("/plan?sauce=" + kitchen.id(1));
        page.selectOption("select[name=by]", "GUESTS");
        page.fill("input[name=amount]", "18");
        assertThat(page.locator("#answer")).containsText("× as written");
        page.locator("summary", new Page.LocatorOptions().setHasText("More: heat"))
                .click();
        page.check("input[name=nextDay]");
        // Towards evening the day drawn is long, and the words are cut wherever their lane is narrow.
        assertThat(page.locator("#answer svg.clock")).containsText(Pattern.compile("rest( overnight|[ a-z]*…)"));
        page.selectOption(
                "select[name=pot2]", new com.microsoft.playwright.options.SelectOption().setLabel("Preserving pan"));
        assertThat(page.locator("#answer")).containsText("of reducing for the same yield");
        page.click("text=Keep this plan");
        assertThat(page.locator(".saved")).containsText("Kept");
        assertThat(page.locator("input[name=amount]")).hasValue("18");
        page.click("text=Gather");
        Locator first = page.locator(".ticklist input").first();
        page.waitForResponse(answer -> answer.url().endsWith("/tick"), first::check);
        page.reload();
        assertThat(page.locator(".ticklist input").first()).isChecked();
        Browser.checkScreen(page);

        page.navigate("/plan/clock");
        assertThat(page.locator(".lanes li")).hasCount(3);
        Locator lane = page.locator(".lanes li").first();
        String before = lane.textContent();
        page.locator("[aria-label='Five minutes earlier']").first().press("Enter");
        assertThat(page.locator(".lanes li").first()).not().hasText(before);
        assertThat(page.locator(".lanes li").first()).containsText("where it fits");
        assertThat(page.locator("[aria-label='Five minutes earlier']").first()).isFocused();
        Browser.checkScreen(page);
        page.locator(".lanes a.title").first().click();
        page.click("text=Start cooking");
        assertThat(page.locator(".donow h2")).isVisible();
        page.navigate("/plan/clock");
        assertThat(page.locator(".lanes li")).hasCount(2);
    }
}

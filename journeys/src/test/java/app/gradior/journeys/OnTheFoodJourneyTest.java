package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Meatballs that cook in a sauce and go on in the oven; a glaze that is made for wings and brushed on in coats; guests who come late. */
class OnTheFoodJourneyTest {
    private static final String MEATBALLS = """
            Meatballs in tomato

            700 ml passata
            1 onion, diced
            300 ml beef stock
            500 g minced beef

            Simmer the passata, onion and stock for 10 minutes.
            Add the minced beef and simmer for 20 minutes.
            Simmer for 45 minutes with the lid on.
            """;

    @Test
    void cookedInItAndInTheOven() {
        OwnKitchen kitchen = OwnKitchen.take();
        try (Browser browser = new Browser()) {
            Page page = kitchen.hob(browser, 1280, 800, ColorScheme.LIGHT);
            page.navigate("/sauces/import");
            page.fill("textarea[name=pasted]", MEATBALLS);
            page.click("main button.act");
            page.click("button[value=edit]");
            kind(page, 1, "cookIn");
            assertThat(page.locator(".stage-says").nth(1)).containsText("Cook food in it, 20 min");
            kind(page, 2, "oven");
            page.locator("input[name=stageOven]").nth(2).fill("300 F");
            assertThat(page.locator(".stage-says").nth(2)).containsText("at 149 °C");
            page.locator("input[name=stageOven]").nth(2).fill("hot");
            page.click("text=Save");
            assertThat(page.locator(".fault")).containsText("hot");
            page.locator(".stage-more summary").nth(2).click();
            page.locator("input[name=stageOven]").nth(2).fill("150");
            page.click("text=Save");
            assertThat(page.locator(".saved")).isVisible();

            page.click("text=Plan it");
            page.waitForURL(Pattern.compile("/plan\\?"));
            page.fill("input[name=step]", "6.2");
            assertThat(page.locator(".stagesec")).containsText("oven at 150 °C");
            assertThat(page.locator(".stagesec")).containsText("Safe at 71 °C in its middle: minced beef");
            assertThat(page.locator(".stagesec")).containsText("The handle stays as hot as the oven");
            assertThat(page.locator(".plan-stair svg")).isVisible();
            Browser.checkScreen(page);
            page.click("text=Start cooking");
            // A clicker under the foot does what is offered: all of it is in.
            assertThat(page.locator(".donow .act")).hasText("All of it is in");
            page.keyboard().press("PageDown");
            assertThat(page.locator(".log")).containsText("In: 700 ml passata");
            Stages.onTo(page);
            assertThat(page.locator(".pot-right .caution").first()).containsText("71 °C");
            double before = Stages.massG(page);
            Stages.onTo(page);
            assertThat(page.locator(".until")).containsText("In the oven at 150 °C");
            assertThat(Stages.massG(page) - before)
                    .as("the sauce alone: the meatballs are no part of it")
                    .isBetween(-60.0, 120.0);
            assertThat(page.locator(".readings .likely").first()).isVisible();
            page.keyboard().press("z");
            assertThat(page.locator("#stage")).hasAttribute("data-stage", "1");
            Browser.checkScreen(page);

            // One more guest while it cooks: as thick, and so much more of it.
            page.click("text=One more guest");
            assertThat(page.locator("input[name=guests]")).hasValue("1");
            assertThat(page.locator(".saying")).not().isEmpty();
            assertThat(page.locator("#answer")).containsText("For one more guest");
            page.fill("input[name=guests]", "-1");
            assertThat(page.locator("#answer .fault")).containsText("More guests");
            assertThat(browser.errors()).isEmpty();
        }
    }

    private static void kind(Page page, int stage, String kind) {
        page.locator(".stage-more summary").nth(stage).click();
        page.locator("select[name=stageKind]").nth(stage).selectOption(kind);
    }

    @Test
    void aGlazeIsMadeForTheFoodAndItsCoatsAreTimersOnThePot() {
        OwnKitchen kitchen = OwnKitchen.take();
        try (Browser browser = new Browser()) {
            Page page = kitchen.hob(browser, 1280, 800, ColorScheme.LIGHT);
            page.navigate("/plan");
            page.locator("select[name=sauce]").selectOption("Blackcurrant vinegar syrup");
            page.waitForURL(Pattern.compile("sauce="));
            page.locator("select[name=brush]").selectOption("ribs");
            assertThat(page.locator("select[name=by]")).hasValue("FOOD");
            assertThat(page.locator("input[name=step]")).hasValue("5.5");
            page.fill("input[name=table]", "100");
            assertThat(page.locator("#answer")).containsText("On the food: ribs");
            assertThat(page.locator("#answer")).containsText("The brush has touched raw meat");
            Browser.checkScreen(page);
            page.locator("select[name=brush]").selectOption("");
            assertThat(page.locator("select[name=by]")).hasValue("FACTOR");
            assertThat(page.locator("#answer")).not().containsText("On the food");
            page.locator("select[name=brush]").selectOption("ribs");
            assertThat(page.locator("#answer")).containsText("On the food: ribs");
            page.click("text=Start cooking");

            assertThat(page.locator(".coats li")).hasCount(3);
            assertThat(page.locator(".coats")).containsText("aside for the table");
            assertThat(page.locator(".coats .next")).containsText("before the food is done");
            double before = Stages.massG(page);
            page.locator(".coats .next button").click();
            assertThat(page.locator(".coats .done")).hasCount(1);
            assertThat(page.locator(".coats .next time")).not().isEmpty();
            assertThat(page.locator(".log")).containsText("A coat on the food");
            assertThat(before - Stages.massG(page)).as("what the coat took").isGreaterThan(2);
            page.keyboard().press("z");
            assertThat(page.locator(".coats .done")).hasCount(0);
            Browser.checkScreen(page);
            assertThat(browser.errors()).isEmpty();
        }
    }

    @Test
    void whatThereIsInTheHouseIsTickedOnAPhone() {
        OwnKitchen kitchen = OwnKitchen.take();
        try (Browser browser = new Browser()) {
            Page page = kitchen.hob(browser, 390, 844, ColorScheme.DARK);
            page.navigate("/larder?shelf=STOCKS_AND_JUICES");
            page.waitForResponse(
                    kept -> kept.url().contains("/larder"),
                    () -> page.locator("input[name=there][value=apple-juice]").check());
            assertThat(page.locator("#kept")).containsText("kept");
            Browser.checkScreen(page);
            page.navigate("/larder?house=true");
            assertThat(page.locator(".foods")).containsText("apple juice");
            assertThat(page.locator(".foods li")).hasCount(1);
            page.navigate("/larder?job=thickener");
            assertThat(page.locator(".foods")).containsText("cornflour");
            assertThat(browser.errors()).isEmpty();
        }
    }
}

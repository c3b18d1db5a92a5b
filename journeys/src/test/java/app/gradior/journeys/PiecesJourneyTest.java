package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import org.junit.jupiter.api.Test;

/** A sauce on rendered bacon: brought in as a text, its fat poured off, the bacon lifted out and put back, the bay leaf thrown away. */
class PiecesJourneyTest {
    private static final String TEXT = """
            Smoked bacon & cider cream

            150 g smoked bacon lardons
            1 onion, sliced
            2 bay leaves
            300 ml dry cider
            200 ml double cream

            Fry the bacon in a dry pan over a medium heat for 8 to 10 minutes until it is crisp and has given up its fat.
            Lift the bacon out with a slotted spoon.
            Sweat the onion in the fat for 8 minutes.
            Pour in the cider, add the bay leaves and reduce by half.
            Add the cream and simmer for 5 minutes.
            Take out the bay leaves.
            Return the bacon to the pan.
            """;

    @Test
    void renderedLiftedOutAndPutBack() {
        OwnKitchen kitchen = OwnKitchen.take();
        try (Browser browser = new Browser()) {
            Page page = kitchen.hob(browser, 1280, 800, ColorScheme.LIGHT);
            page.navigate("/sauces/import");
            page.fill("textarea[name=pasted]", TEXT);
            page.click("main button.act");
            assertThat(page.locator(".read-stages")).containsText("Take out: smoked bacon");
            assertThat(page.locator(".read-stages")).containsText("Take out: bay leaf");
            page.click("button[value=edit]");

            // The editor says what leaves, and takes how much fat stays.
            assertThat(page.locator(".stage-says").nth(1)).containsText("Take out: 150 g smoked bacon lardons");
            page.locator(".stage-more summary").first().click();
            page.locator("input[name=stageKeep]").first().fill("15");
            assertThat(page.locator(".stage-says").first()).containsText("pour off all fat but 15 g");
            page.locator("li.stage[data-kind=takeOut] summary").first().click();
            page.locator("li.stage[data-kind=takeOut] input[name=stagePieces]")
                    .first()
                    .fill("the haggis");
            page.click("text=Save");
            assertThat(page.locator(".fault")).containsText("nothing that went in before is called “the haggis”");
            page.locator("li.stage[data-kind=takeOut] summary").first().click();
            page.locator("li.stage[data-kind=takeOut] input[name=stagePieces]")
                    .first()
                    .fill("bacon");
            page.click("text=Save");
            assertThat(page.locator(".saved")).isVisible();
            assertThat(page.locator(".stage-says").nth(1)).containsText("Take out: 150 g smoked bacon lardons");
            Browser.checkScreen(page);

            page.click("text=Plan it");
            assertThat(page.locator(".stagesec")).containsText("of fat poured off");
            assertThat(page.locator(".stagesec")).containsText("comes out");
            Browser.checkScreen(page);
            page.click("text=Start cooking");
            assertThat(page.locator(".coursebar")).containsText("Take out");
            assertThat(page.locator(".until")).containsText("then pour off all fat but 15 g");
            assertThat(page.locator(".pot-right .caution")).containsText("Hot fat");

            double withBacon = Stages.massG(page);
            Stages.onTo(page);
            assertThat(page.locator(".until")).containsText("Lift out 150 g smoked bacon lardons");
            Stages.onTo(page);
            double without = Stages.massG(page);
            assertThat(withBacon - without)
                    .as("bacon and fat that left, onion that came")
                    .isGreaterThan(-90);
            for (int stage = 0; stage < 4; stage++) {
                Stages.onTo(page);
            }
            assertThat(page.locator(".until")).containsText("Put back 150 g smoked bacon lardons");
            double back = Stages.massG(page);
            page.keyboard().press("z");
            assertThat(page.locator(".until")).containsText("Lift out 2 bay leaves");
            assertThat(back - Stages.massG(page))
                    .as("the bacon, hardly fried at all")
                    .isBetween(120.0, 156.0);
            Browser.checkScreen(page);
            assertThat(browser.errors()).isEmpty();
        }
    }
}

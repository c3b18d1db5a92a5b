package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Sauces that went wrong, put right with several wishes at once: on the bench, by hand, and in a pot that is on with one tap. */
class RescueJourneyTest {
    private static final String GRAVY =
            "800 ml vegetable stock\n70 g soy sauce\n60 g onion\n30 g cornflour\n100 ml single cream";

    @Test
    void severalWishesTogether() {
        OwnKitchen kitchen = OwnKitchen.take();
        try (Browser browser = new Browser()) {
            Page page = kitchen.hob(browser, 1280, 800, ColorScheme.LIGHT);
            page.navigate("/bench/right");
            assertThat(page.locator(".saying")).hasText("Tick what is wrong with it.");
            page.fill("textarea[name=lines]", GRAVY);
            Locator says = page.locator(".saying");
            page.locator("textarea[name=lines]").blur();
            assertThat(page.locator("input[name=hand][value='cream-single']")).isChecked();
            assertThat(page.locator("input[name=hand][value=passata]")).not().isChecked();

            // Less salt, the same thickness, no less than 900 mL.
            tick(page, "too salty");
            assertThat(page.locator("select[name=less]")).isVisible();
            page.fill("input[name=leastMl]", "900");
            assertThat(says).containsText(Pattern.compile("[234] ways; the smallest change: .*, then .* of cornflour"));
            assertThat(page.locator(".ways article").first())
                    .containsText(Pattern.compile("Salt\\s*1\\.\\d+ % → 1\\.\\d+ %"));
            assertThat(page.locator(".ways button")).hasCount(0);
            assertThat(page.locator("#answer")).containsText("Nothing takes salt out");
            Browser.checkScreen(page);

            // Too thick as well: water is enough for both.
            tick(page, "too thick");
            assertThat(says).not().containsText("cornflour");
            assertThat(page.locator(".ways article").first()).containsText("Thickness");

            // By half, nothing to thicken with, and no more than there is: that cannot be had.
            tick(page, "too thick");
            Object ticked = page.locator("input[name=hand]:checked").evaluateAll("all => all.map(one => one.value)");
            for (Object food : (List<?>) ticked) {
                page.waitForResponse(
                        answer -> answer.url().contains("/bench/right/answer"),
                        () -> page.locator("input[name=hand][value='" + food + "']")
                                .uncheck());
            }
            page.selectOption("select[name=less]", "50");
            page.selectOption("select[name=starch]", "none");
            page.fill("input[name=mostMl]", "950");
            assertThat(says).containsText("All of that cannot be had");
            assertThat(says).containsText("at best");
            page.fill("input[name=mostMl]", "100");
            assertThat(page.locator("#answer .fault")).containsText("do not go together");

            page.navigate("/bench/right?wrong=scorched");
            assertThat(page.locator(".ways")).containsText("Pour it into another pot");
            assertThat(page.locator("#answer")).containsText("do not scrape");

            // In the pot: thinned with a tap, and taken back.
            page.navigate("/");
            page.locator("a[href^='/pot/']", new Page.LocatorOptions().setHasText("Damson"))
                    .first()
                    .click();
            page.click("text=Something is wrong: put it right");
            assertThat(page.locator("select[name=batch] option:checked")).hasText("Damson & star anise glaze");
            tick(page, "too sweet");
            tick(page, "too little");
            assertThat(page.locator(".ways button").first()).isVisible();
            Browser.checkScreen(page);
            page.locator(".ways button").first().click();
            assertThat(page.locator(".log")).containsText("Added:");
            Page phone = kitchen.hob(browser, 390, 844, ColorScheme.DARK);
            phone.navigate("/bench/right?have=pot&wrong=too_thick&wrong=lumpy");
            assertThat(phone.locator(".ways")).containsText("Through a fine sieve");
            Browser.checkScreen(phone);
            assertThat(browser.errors()).isEmpty();
        }
    }

    private static void tick(Page page, String wrong) {
        Locator chip =
                page.locator("label.chip", new Page.LocatorOptions().setHasText(Pattern.compile("^" + wrong + "$")));
        page.waitForResponse(answer -> answer.url().contains("/bench/right/answer"), chip::click);
    }
}

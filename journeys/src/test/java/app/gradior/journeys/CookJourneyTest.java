package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** From setting up a kitchen to the logged jar, through the real interface; and with the server killed in mid-batch. */
class CookJourneyTest {
    private static RunningApplication application;
    private static Browser browser;

    @BeforeAll
    static void start() {
        application = RunningApplication.empty(Map.of("GRADIOR_SIGNUP", "open"));
        browser = new Browser();
    }

    @AfterAll
    static void end() {
        browser.close();
        application.close();
    }

    private static void setUp(Page page, String login) {
        page.navigate("/setup");
        page.fill("input[name=name]", "Harbour Kitchen");
        page.fill("input[name=login]", login);
        page.fill("input[name=password]", "salt and vinegar");
        page.click("text=Set up the kitchen");
        assertThat(page.locator("h1")).hasText("On the heat");
    }

    private static void typeSauce(Page page) {
        page.navigate("/sauces/new");
        page.fill("input[name=name]", "Damson glaze");
        Locator lines = page.locator("input[name=text]");
        String[] typed = {"1 kg damsons, stoned", "1½ cups packed brown sugar", "3 flurbs of wug", "300 ml water"};
        for (int i = 0; i < typed.length; i++) {
            lines.nth(i).fill(typed[i]);
            lines.nth(i).press("Enter");
        }
    }

    @Test
    void fromTheFirstRunToTheLog() {
        Page page = browser.page(application.url(), 1280, 800);
        page.navigate("/");
        Browser.checkScreen(page);
        setUp(page, "first-cook");
        Browser.checkScreen(page);

        typeSauce(page);
        assertThat(page.locator("[data-understood='1']")).containsText("349 g");
        assertThat(page.locator("[data-understood='2']")).containsText("not understood");
        page.click("text=Save");
        assertThat(page.locator(".fault")).containsText("Line 3");
        assertThat(page.locator("input[name=text]").nth(0)).hasValue("1 kg damsons, stoned");
        page.locator("main summary").nth(2).click();
        page.locator("input[name=food]").nth(2).fill("cider vinegar");
        page.locator("input[name=grams]").nth(2).fill("120");
        assertThat(page.locator("[data-understood='2']")).containsText("cider vinegar");
        page.selectOption("select[name=targetStep]", "7");
        Browser.checkScreen(page);
        page.click("text=Save");
        assertThat(page.locator(".saved")).isVisible();

        page.click("text=Plan it");
        assertThat(page.locator(".saying")).containsText("Reduce to");
        Browser.checkScreen(page);
        page.selectOption(
                "select[name=pot]",
                page.locator("select[name=pot] option").first().getAttribute("value"));
        assertThat(page.locator("#answer .fault")).containsText("larger pot");
        page.selectOption(
                "select[name=pot]",
                page.locator("select[name=pot] option").nth(2).getAttribute("value"));
        assertThat(page.locator(".saying")).containsText("Reduce to");
        page.fill("input[name=step]", "1");
        assertThat(page.locator("#answer .fault")).containsText("already at step");
        page.fill("input[name=step]", "7");
        page.click("text=Start cooking");

        assertThat(page.locator(".donow h2")).isVisible();
        Browser.checkScreen(page);
        page.click("[data-event=heat][data-look=gentle]");
        assertThat(page.locator("[data-look=gentle]")).hasAttribute("aria-pressed", "true");
        page.keyboard().press("l");
        page.keyboard().press("3");
        assertThat(page.locator("[data-state=ajar]")).hasAttribute("aria-pressed", "true");
        weigh(page, "3,500");
        assertThat(page.locator(".log")).containsText("Weighed: 3,500 g");
        page.keyboard().press("s");
        page.click("#dlg-spoon button[data-value='4']");
        assertThat(page.locator(".log")).containsText("Spoon: step 4");
        weigh(page, "12");
        assertThat(page.locator("#dlg-weight .fault")).containsText("less than the empty pot");
        assertThat(page.locator("#dlg-weight input")).hasValue("12");
        Browser.checkScreen(page);
        page.click("#dlg-weight [data-close]");
        page.keyboard().press("z");
        assertThat(page.locator(".log")).not().containsText("Spoon: step 4");

        page.click("text=It is done");
        page.fill("input[name=yieldMl]", "1 020,5,");
        page.fill("textarea[name=note]", "Glossy.");
        page.click("text=Finish the batch");
        assertThat(page.locator(".fault")).containsText("no number");
        assertThat(page.locator("textarea[name=note]")).hasValue("Glossy.");
        page.fill("input[name=yieldMl]", "1,020");
        Browser.checkScreen(page);
        page.click("text=Finish the batch");
        assertThat(page.locator("#fill-h + p")).containsText("1,020 mL cold");
        assertThat(page.locator("h2").first()).hasText("Serve it");
        page.click(".intent button[value=FRIDGE]");
        assertThat(page.locator("h2").first()).hasText("Cool it");
        assertThat(page.locator(".donow-line")).containsText("limits");
        Browser.checkScreen(page);
        page.fill("input[name=name] >> nth=0", "Jam jar");
        page.fill("input[name=count] >> nth=0", "3");
        page.fill("input[name=ml] >> nth=0", "340");
        page.fill("input[name=useBy]", "2031-01-01");
        page.click("text=Put it on the shelf");
        assertThat(page.locator(".fault")).containsText("two years");
        assertThat(page.locator("input[name=count]").first()).hasValue("3");
        assertThat(page.locator("input[name=useBy]")).hasValue("2031-01-01");
        String tomorrow =
                java.time.LocalDate.now(java.time.Clock.systemUTC()).plusDays(1).toString();
        page.fill("input[name=useBy]", tomorrow);
        page.click("text=Put it on the shelf");
        assertThat(page.locator("#kept + ul")).containsText("Jam jar, 340 mL");
        int kept = page.locator("#kept + ul li").count();
        String id = page.url().replaceAll(".*/log/(\\d+)/.*", "$1");
        var labels = page.request().get(application.url() + "/log/" + id + "/labels.pdf?size=A4_14&count=3");
        org.assertj.core.api.Assertions.assertThat(labels.body()).startsWith('%', 'P', 'D', 'F');
        page.click("text=The batch");
        assertThat(page.locator("table.facts").first()).containsText("1,020 mL");
        page.fill("input[name=step]", "6½");
        page.click("text=Keep it");
        assertThat(page.locator("table.facts").first()).containsText("6.5");
        Browser.checkScreen(page);
        page.click("text=Make this again");
        assertThat(page.locator(".saying")).containsText("Reduce to");
        assertThat(page.locator("input[name=step]")).hasValue("7");
        page.navigate("/log/shelf");
        assertThat(page.locator("tbody tr")).hasCount(kept);
        page.locator("main summary").first().click();
        page.locator("button[value=USED]").first().click();
        assertThat(page.locator("tbody tr")).hasCount(kept - 1);
        page.click("text=Make an address for a calendar");
        assertThat(page.locator("code.feed")).containsText("/shelf.ics");
        Browser.checkScreen(page);
        page.navigate("/log");
        assertThat(page.locator("table.book")).containsText("Damson glaze");
        Browser.checkScreen(page);
        page.navigate("/kit");
        Browser.checkScreen(page);
        assertThat(page.navigate("/pot/999999").status()).isEqualTo(404);
        assertThat(browser.errors()).isEmpty();
    }

    private static void weigh(Page page, String grams) {
        page.click("[data-open=weight]:not(.act)");
        for (char key : grams.toCharArray()) {
            if (key == ',') {
                continue;
            }
            page.click("#dlg-weight .pad [data-key='" + key + "']");
        }
        page.click("#dlg-weight [type=submit]");
    }

    @Test
    void aKilledServerLosesNothingAndWhatWasTappedMeanwhileArrivesOnce() {
        Page page = browser.page(application.url(), 390, 844);
        setUp(page, "second-cook");
        typeSauce(page);
        page.locator("input[name=text]").nth(2).fill("50 ml cider vinegar");
        page.selectOption("select[name=targetStep]", "7");
        page.click("text=Save");
        page.click("text=Plan it");
        Browser.checkScreen(page);
        page.click("text=Start cooking");
        weigh(page, "3500");
        assertThat(page.locator(".log")).containsText("Weighed: 3,500 g");
        Browser.checkScreen(page);
        String pot = page.url();

        application.kill();
        weigh(page, "3450");
        assertThat(page.locator("#line")).containsText("One entry is kept here");
        assertThat(page.locator(".log")).containsText("Weighed: 3,500 g");
        application.restart();
        assertThat(page.locator(".log")).containsText("Weighed: 3,450 g");
        assertThat(page.locator("#line")).isHidden();
        page.navigate(pot);
        assertThat(page.locator(".log li").filter(new Locator.FilterOptions().setHasText(Pattern.compile("Weighed"))))
                .hasCount(2);
        assertThat(page.locator(".log")).containsText("Weighed: 3,500 g");
    }
}

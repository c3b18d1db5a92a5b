package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A sauce of eight stages from the first onion to off the heat, by the keyboard alone. */
class StagesJourneyTest {
    private static final String SAUCE = """
            {"format": "gradior.sauce", "formatVersion": 1, "name": "Eight-stage onion velvet", "texture": "chunky",
             "targetStep": 4.5, "servedC": 65,
             "lines": [{"text": "400 g onions, sliced"}, {"text": "40 g butter"}, {"text": "200 ml dry white wine"},
                       {"text": "900 ml vegetable stock"}, {"text": "1 tsp salt"}, {"text": "16 g cornflour"},
                       {"text": "80 ml double cream"}],
             "stages": [
               {"kind": "sweat", "look": "steaming", "lid": "open", "end": "minutes", "value": 12, "lines": [0, 1]},
               {"kind": "deglaze", "look": "lively", "lid": "open", "end": "fraction_added", "value": 0.5, "lines": [2]},
               {"kind": "simmer", "look": "gentle", "lid": "open", "end": "minutes", "value": 10, "lines": [3]},
               {"kind": "blend", "look": "steaming", "lid": "open", "end": "minutes", "value": 3, "lines": []},
               {"kind": "add", "look": "gentle", "lid": "open", "end": "minutes", "value": 1, "lines": [4]},
               {"kind": "reduce", "look": "lively", "lid": "open", "end": "fraction", "value": 0.8, "lines": []},
               {"kind": "slurry", "look": "gentle", "lid": "open", "end": "minutes", "value": 1, "lines": [5]},
               {"kind": "enrich", "look": "steaming", "lid": "open", "end": "word", "value": 2, "lines": [6]}]}
            """;
    private static final double EMPTY_G = 2100;

    @Test
    void eightStagesByTheKeyboard() throws IOException, InterruptedException {
        OwnKitchen kitchen = OwnKitchen.take();
        try (Browser browser = new Browser()) {
            Page page = begin(browser, kitchen);
            long id = Long.parseLong(page.url().replaceAll(".*/pot/(\\d+).*", "$1"));
            Browser.checkScreen(page);
            assertThat(page.locator(".donow h2")).containsText("Put in 400 g onions, sliced and 40 g butter");
            assertThat(page.locator(".coursebar li")).hasCount(8);

            // Only the butter is ticked; going on asks after the onions, and nothing moves until it is answered.
            press(page, "[data-event=ticked][data-lines='1']");
            assertThat(page.locator(".ticks .in")).hasCount(1);
            page.keyboard().press("m");
            assertThat(page.locator("#dlg-forgot")).containsText("400 g onions, sliced");
            Browser.checkScreen(page);
            press(page, "#dlg-forgot [data-forgot=ticked]");
            stageIs(page, "Deglaze");
            assertThat(page.locator(".log")).containsText("In: 400 g onions, sliced");

            onTo(page, "Simmer");
            hot(page, "3");
            page.keyboard().press("a");
            page.fill("#dlg-added input[name=line]", "100 ml water");
            page.keyboard().press("Enter");
            assertThat(page.locator("#said")).containsText("What went in:");
            assertThat(page.locator(".log")).containsText("Added: 100 ml water");
            double before = massG(kitchen, id);
            page.keyboard().press("z");
            assertThat(page.locator(".log")).not().containsText("Added: 100 ml water");
            double after = massG(kitchen, id);
            org.assertj.core.api.Assertions.assertThat(before - after).isBetween(80.0, 115.0);

            for (double off : new double[] {0, 3, 1800}) {
                weigh(page, Math.round(after + EMPTY_G + off));
            }
            assertThat(page.locator(".log li:has(em)")).hasCount(1);
            assertThat(page.locator(".donow h2")).hasText("Read it once more");
            weigh(page, Math.round(after + EMPTY_G - 2));
            assertThat(page.locator(".donow h2")).not().hasText("Read it once more");

            readAndTaken(page, Math.round(after * 1.02));
            onTo(page, "Blend");
            assertThat(page.locator("[data-heatkey]")).hasText(Pattern.compile("Back on.*"));
            onTo(page, "Add");
            onTo(page, "Reduce");
            onTo(page, "Thicken with slurry");
            hot(page, "3");
            slurryByPortions(page);
            onTo(page, "Enrich");
            assertThat(page.locator(".donow h2")).hasText("Put in 80 ml double cream");
            page.keyboard().press("Tab");
            // Whoever goes by keys stays where they are when the figures are renewed.
            for (String place : List.of("[data-undo] >> nth=0", ".foot a")) {
                page.locator(place).focus();
                page.evaluate("document.querySelector('#panel').dataset.before = 'yes'");
                assertThat(page.locator("#panel[data-before]")).hasCount(0);
                assertThat(page.locator(place)).isFocused();
            }
            press(page, ".foot a");
            assertThat(page.locator("h1")).containsText("Off the heat: Eight-stage onion velvet");
            assertThat(page.locator(".forgotten")).containsText("80 ml double cream");
            page.goBack();
            press(page, ".donow [data-event=ticked]");
            assertThat(page.locator(".donow h2")).hasText("Enrich");
            Browser.checkScreen(page);
            press(page, ".donow a.act");
            assertThat(page.locator(".forgotten")).hasCount(0);
            org.assertj.core.api.Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    private static Page begin(Browser browser, OwnKitchen kitchen) {
        Page page = kitchen.hob(browser, 1280, 800, ColorScheme.LIGHT);
        page.navigate("/sauces/import");
        page.fill("textarea[name=pasted]", SAUCE);
        page.click("text=Look at it");
        page.click("text=Save");
        page.click("text=Plan it");
        assertThat(page.locator("#answer")).containsText("Thicken");
        page.selectOption(
                "select[name=pot]",
                page.locator("select[name=pot] option", new Page.LocatorOptions().setHasText("28 cm"))
                        .first()
                        .getAttribute("value"));
        page.click("text=Start cooking");
        assertThat(page.locator("h1")).hasText("Eight-stage onion velvet");
        return page;
    }

    /** What has the focus is pressed with Enter, as one who has no pointer does. */
    private static void press(Page page, String button) {
        page.locator(button).first().focus();
        page.keyboard().press("Enter");
    }

    private static void stageIs(Page page, String name) {
        assertThat(page.locator(".coursebar .atwork")).containsText(name);
    }

    /** On to the next stage, its lines in. */
    private static void onTo(Page page, String next) {
        if (page.locator(".ticks:not(.complete)").count() > 0) {
            press(page, ".donow [data-event=ticked]");
            assertThat(page.locator(".ticks.complete")).hasCount(1);
        }
        page.keyboard().press("m");
        stageIs(page, next);
    }

    private static void hot(Page page, String look) {
        if (page.locator(".ticks:not(.complete)").count() > 0) {
            press(page, ".donow [data-event=ticked]");
        }
        page.keyboard().press("h");
        page.keyboard().press(look);
        assertThat(page.locator(".log")).containsText("Heat: gentle simmer");
    }

    private static void weigh(Page page, long grams) {
        page.keyboard().press("w");
        page.keyboard().type(String.valueOf(grams));
        page.keyboard().press("Enter");
        assertThat(page.locator(".log li").first()).containsText(String.format("%,d g", grams));
    }

    /** A thermometer, a jug, and a portion taken out by volume. */
    private static void readAndTaken(Page page, long jugMl) {
        page.keyboard().press("p");
        page.keyboard().type("98");
        page.keyboard().press("Enter");
        assertThat(page.locator(".log li").first()).containsText("98 °C");
        page.keyboard().press("j");
        Browser.checkScreen(page);
        page.keyboard().type("wug");
        page.keyboard().press("Enter");
        assertThat(page.locator("#dlg-volume .fault")).containsText("“wug” is no number");
        assertThat(page.locator("#dlg-volume input[name=ml]")).hasValue("wug");
        page.locator("#dlg-volume input[name=ml]").fill(String.valueOf(jugMl));
        page.keyboard().press("Enter");
        assertThat(page.locator(".log li").first()).containsText("Jug: ");
        page.keyboard().press("k");
        page.keyboard().press("Enter");
        assertThat(page.locator("#dlg-taken .fault")).containsText("grams");
        page.fill("#dlg-taken input[name=ml]", "50");
        page.keyboard().press("Enter");
        assertThat(page.locator(".log li").first()).containsText("Taken out: 50 mL");
    }

    private static void slurryByPortions(Page page) {
        assertThat(page.locator(".donow h2")).containsText("Pour ");
        String expected = page.locator(".donow p").first().textContent();
        Matcher step = Pattern.compile("step (\\d\\.\\d)").matcher(expected);
        org.assertj.core.api.Assertions.assertThat(step.find()).as(expected).isTrue();
        page.keyboard().press("y");
        assertThat(page.locator("#dlg-slurry input[name=starchG]")).hasValue(Pattern.compile("\\d.*"));
        assertThat(page.locator("#dlg-slurry [data-how]")).containsText("Bubble");
        Browser.checkScreen(page);
        page.locator("#dlg-slurry input[name=starchG]").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".log").first()).containsText("Slurry: ");
        assertThat(page.locator(".donow h2")).hasText(Pattern.compile("Whisk.*|Look at.*"));
        page.keyboard().press("s");
        press(page, "#dlg-spoon [data-value='3']");
        assertThat(page.locator(".log").first()).containsText("Spoon: step 3");
        assertThat(page.locator(".donow h2")).containsText("Pour ");
    }

    private static double massG(OwnKitchen kitchen, long id) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(kitchen.url() + "/api/v1/batches/" + id + "/forecast"))
                .header("Authorization", "Bearer " + kitchen.token())
                .build();
        String body = HttpClient.newHttpClient()
                .send(request, HttpResponse.BodyHandlers.ofString())
                .body();
        Matcher mass = Pattern.compile("\"massG\":([0-9.]+)").matcher(body);
        org.assertj.core.api.Assertions.assertThat(mass.find()).as(body).isTrue();
        return Double.parseDouble(mass.group(1));
    }
}

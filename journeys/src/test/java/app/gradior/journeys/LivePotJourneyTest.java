package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.devices.Devices;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A live pot on two devices and for a program: what one records the others have at once, and it says what it changed. */
class LivePotJourneyTest {
    /** Pages ask again after ten seconds when nothing tells them. Here they never do: what they show, the stream told them. */
    private static final String NEVER_ASKS_AGAIN =
            "const later = window.setTimeout; window.setTimeout = (f, ms, ...a) => (ms >= 10000 ? 0 : later(f, ms, ...a));";

    private static Page enter(Browser browser, OwnKitchen kitchen, int width) {
        Page page = kitchen.hob(browser, width, 800, ColorScheme.LIGHT);
        page.addInitScript(NEVER_ASKS_AGAIN);
        page.navigate("/pot/" + kitchen.id(41));
        return page;
    }

    @Test
    void twoDevicesAndAProgram() throws IOException, InterruptedException {
        OwnKitchen kitchen = OwnKitchen.take();
        try (Browser browser = new Browser()) {
            Page stove = enter(browser, kitchen, 1280);
            Page phone = enter(browser, kitchen, 390);
            try (BufferedReader stream = stream(kitchen)) {
                assertThat(named(stream, "forecast", "prompt")).isTrue();
                stove.keyboard().press("t");
                assertThat(stove.locator(".log")).containsText("Stirred");
                assertThat(phone.locator(".log")).containsText("Stirred");
                assertThat(named(stream, "event", "forecast", "prompt")).isTrue();
            }
            phone.click("[data-more]");
            phone.click("[data-open=added]");
            phone.fill("#dlg-added input[name=line]", "100 ml water");
            phone.selectOption("#dlg-added select[name=ago]", "2");
            phone.click("#dlg-added [type=submit]");
            assertThat(phone.locator("#said")).containsText("What went in:");
            assertThat(phone.locator("#said")).containsText("thinner now");
            assertThat(stove.locator(".log")).containsText("Added: 100 ml water");
            stove.keyboard().press("o");
            assertThat(stove.locator(".donow h2")).hasText("It is off the heat");
            assertThat(phone.locator(".donow h2")).hasText("It is off the heat");
            assertThat(stove.locator(".likely[data-heatkey]")).isVisible();
            stove.keyboard().press("o");
            assertThat(stove.locator(".donow h2")).not().hasText("It is off the heat");
            stove.keyboard().press("x");
            stove.fill("#dlg-texture input[name=leftG]", "45");
            stove.click("text=It is through");
            assertThat(stove.locator(".log")).containsText("Sieved, 45 g stayed behind");
            Browser.checkScreen(stove);
            phone.click("[data-open=drip]");
            Browser.checkScreen(phone);
            for (int half = 0; half < 5; half++) {
                phone.click("#dlg-drip [data-watch]");
            }
            assertThat(phone.locator("#dlg-drip [data-tries]")).containsText("Tries so far");
            phone.locator("#dlg-drip [data-watch]").press("Enter");
            assertThat(phone.locator("#dlg-drip")).isHidden();
            assertThat(phone.locator(".log")).containsText("Stream broke after");
            stove.keyboard().press("e");
            stove.click("#dlg-trail [data-watch]");
            stove.click("#dlg-trail [data-watch]");
            stove.click("#dlg-trail [data-enough]");
            assertThat(stove.locator(".log")).containsText("Line closed after");
            stove.keyboard().press("u");
            Browser.checkScreen(stove);
            stove.click("text=as wide as a thumb");
            assertThat(phone.locator(".log")).containsText("Bubbles: as wide as a thumb");
            stove.keyboard().press("f");
            assertThat(stove.locator(".readings")).isHidden();
            assertThat(stove.locator(".donow h2")).isVisible();
            Browser.checkScreen(stove);
            stove.reload();
            assertThat(stove.locator(".readings")).isHidden();
            stove.keyboard().press("f");
            assertThat(stove.locator(".readings")).isVisible();
            assertThat(browser.errors()).isEmpty();
        }
    }

    @Test
    void aTapCountsAlsoWhenWhatItWentDownOnIsPutAnewBeforeItComesUp() {
        OwnKitchen kitchen = OwnKitchen.take();
        try (Browser browser = new Browser()) {
            Page stove = enter(browser, kitchen, 1280);
            Page phone = enter(browser, kitchen, 390);

            stove.locator("[aria-pressed][data-look=rolling]").hover();
            stove.mouse().down();
            panelComesAnew(stove, phone);
            assertThat(stove.locator(".log").textContent())
                    .as("the panel waits for the finger")
                    .doesNotContain("Stirred");
            stove.mouse().up();
            assertThat(stove.locator("[aria-pressed][data-look=rolling]")).hasAttribute("aria-pressed", "true");
            assertThat(stove.locator(".log")).containsText("Stirred");

            stove.locator("[aria-pressed][data-look=gentle]").focus();
            stove.keyboard().down(" ");
            panelComesAnew(stove, phone);
            stove.keyboard().up(" ");
            assertThat(stove.locator("[aria-pressed][data-look=gentle]")).hasAttribute("aria-pressed", "true");

            stove.locator(".put-right a").first().hover();
            stove.mouse().down();
            panelComesAnew(stove, phone);
            stove.mouse().up();
            assertThat(stove).hasURL(java.util.regex.Pattern.compile("/bench/right"));
            assertThat(browser.errors()).isEmpty();
        }
    }

    /** What the other device records has the panel fetched, and put there if nothing keeps it from that. */
    private static void panelComesAnew(Page here, Page other) {
        here.waitForResponse(
                answer -> answer.url().endsWith("/panel"),
                () -> other.keyboard().press("t"));
        here.evaluate("() => new Promise((soon) => setTimeout(soon, 200))");
    }

    @Test
    void whatCannotWaitIsToldOnEveryPageUntilItIsHeard() {
        OwnKitchen kitchen = OwnKitchen.take();
        try (Browser browser = new Browser()) {
            Page page = enter(browser, kitchen, 1280);
            page.keyboard().press("y");
            page.fill("#dlg-slurry input[name=starchG]", "90");
            page.fill("#dlg-slurry input[name=liquidG]", "100");
            page.click("#dlg-slurry [type=submit]");
            assertThat(page.locator(".donow h2")).hasText("Take it off the heat");
            page.navigate("/larder");
            assertThat(page.locator("#alarm")).isVisible();
            assertThat(page.locator("#alarm .what")).containsText("Damson & star anise glaze: Take it off the heat");
            Browser.checkScreen(page);
            page.evaluate("scrollTo(0, document.body.scrollHeight)");
            assertThat(page.locator("#main").boundingBox().y
                            + page.locator("#main").boundingBox().height)
                    .as("the alarm covers nothing that cannot be scrolled out from under it")
                    .isLessThanOrEqualTo(page.locator("#alarm").boundingBox().y);
            page.click("[data-heard]");
            assertThat(page.locator("#alarm")).isHidden();
            page.navigate("/kit");
            assertThat(page.locator("#strip .urgent")).hasCount(1);
            assertThat(page.locator("#alarm")).isHidden();
            assertThat(browser.errors()).isEmpty();
        }
    }

    @Test
    void aPotAlreadyOnIsTakenUpAndAFinishedOneReplayed() {
        OwnKitchen kitchen = OwnKitchen.take();
        try (Browser browser = new Browser()) {
            Page page = enter(browser, kitchen, 1280);
            page.navigate("/");
            assertThat(page.locator("#day-h")).containsText("Planned next");
            page.click("text=Already on the stove");
            page.fill("textarea[name=lines]", "700 g passata\nsome wurzle");
            page.fill("input[name=since]", "12");
            page.click("text=Follow it");
            assertThat(page.locator(".fault")).containsText("Line 2");
            assertThat(page.locator("textarea[name=lines]")).hasValue("700 g passata\nsome wurzle");
            page.fill("textarea[name=lines]", "700 g passata\n300 ml vegetable stock");
            page.fill("input[name=name]", "Red one");
            page.click("text=Follow it");
            assertThat(page.locator("h1")).hasText("Red one");
            assertThat(page.locator(".donow h2"))
                    .hasText(java.util.regex.Pattern.compile("Stir, then weigh.*|Look at the back.*"));

            page.navigate("/log/" + kitchen.id(1));
            page.click("text=Replay");
            assertThat(page.locator(".log li")).hasCount(2);
            String first = page.locator(".three").textContent();
            page.click("[aria-label='The next entry']");
            assertThat(page.locator(".log li")).hasCount(3);
            assertThat(page).hasURL(java.util.regex.Pattern.compile("minute=[1-9]"));
            assertThat(page.locator(".three")).not().hasText(first);
            page.reload();
            assertThat(page.locator(".log li")).hasCount(3);
            Browser.checkScreen(page);
            assertThat(browser.errors()).isEmpty();
        }
    }

    @Test
    void aScaleAndAProbeReadThePotByTheApiAlone() {
        OwnKitchen kitchen = OwnKitchen.take();
        try (Browser browser = new Browser()) {
            Page page = enter(browser, kitchen, 1280);
            page.navigate("/pot/" + kitchen.id(42));
            Thread devices = new Thread(() -> {
                try {
                    Devices.main(new String[] {
                        "--url", kitchen.url(), "--token", kitchen.token(), "--name", "gravy", "--every", "1"
                    });
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                }
            });
            devices.setDaemon(true);
            devices.start();
            assertThat(page.locator(".log"))
                    .containsText(java.util.regex.Pattern.compile("Weighed: 2,[0-9]{3} g · [0-9]+ readings since"));
            assertThat(page.locator(".log")).containsText("In: 500 g chestnut mushrooms");
            devices.interrupt();
            assertThat(browser.errors()).isEmpty();
        }
    }

    private static BufferedReader stream(OwnKitchen kitchen) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(
                        URI.create(kitchen.url() + "/api/v1/batches/" + kitchen.id(41) + "/stream"))
                .header("Authorization", "Bearer " + kitchen.token())
                .timeout(Duration.ofSeconds(20))
                .build();
        return new BufferedReader(new InputStreamReader(
                HttpClient.newHttpClient()
                        .send(request, HttpResponse.BodyHandlers.ofInputStream())
                        .body(),
                StandardCharsets.UTF_8));
    }

    /** Reads on until events of all these names have come. */
    private static boolean named(BufferedReader stream, String... names) throws IOException {
        Set<String> wanted = new HashSet<>(Set.of(names));
        for (String line = stream.readLine(); line != null; line = stream.readLine()) {
            if (line.startsWith("event:")) {
                wanted.remove(line.substring(6).strip());
            }
            if (wanted.isEmpty()) {
                return true;
            }
        }
        return false;
    }
}

package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A tablet at the stove, over https, that was told to trust this machine; the house stands at another of its loopback addresses. */
class HouseJourneyTest {
    @TempDir
    Path folder;

    private HttpsHouse house;

    @BeforeEach
    void certificates() throws Exception {
        house = new HttpsHouse(folder);
    }

    @Test
    void theTabletTrustsThisMachineAndItsPotIsThereWithoutANetwork() throws Exception {
        try (RunningApplication application = house.application();
                Browser browser = new Browser(house.trusting())) {
            Page page = browser.page(house.stove(), 1024, 768, ColorScheme.LIGHT);
            page.navigate("/trust");
            assertThat(page.locator("h1")).hasText("Trust this kitchen");
            assertThat(page.locator(".mark")).hasText(Pattern.compile("([0-9A-F]{2}:){31}[0-9A-F]{2}"));
            assertThat(page.locator("main ol").first().locator("li")).hasCount(3);
            Browser.checkScreen(page);
            page.navigate("/login");
            page.click("text=Enter the demo kitchen");
            assertThat(page.locator("h1")).hasText("On the heat");
            page.navigate("/house");
            assertThat(page.locator(".addresses svg")).isVisible();
            assertThat(page.locator(".addresses a")).hasText(house.stove());
            Browser.checkScreen(page);

            // The pot of the gravy, kept by the worker, which only a trusted address may have.
            page.navigate("/");
            page.locator("main a:has-text('Mushroom & perry gravy')").first().click();
            assertThat(page.locator("#panel")).isVisible();
            page.evaluate("navigator.serviceWorker.ready.then(() => true)");
            page.reload();
            assertThat(page.locator("#panel")).isVisible();
            page.waitForFunction("(pot) => caches.match(pot).then((kept) => kept !== undefined)", page.url());
            page.navigate("/plan/clock");
            page.navigate("/bench/cold");
            page.navigate("/");
            page.waitForFunction("() => caches.match('/').then((kept) => kept !== undefined)");
            Object manifest = page.evaluate(
                    "fetch('/manifest.webmanifest').then((read) => read.json()).then((m) => m.shortcuts.map((s) => s.name).join())");
            assertThat(String.valueOf(manifest)).contains("Mushroom & perry gravy");
            application.kill();
            page.reload();
            assertThat(page.locator("h1")).hasText("On the heat");
            assertThat(page.locator("#aged")).containsText("No connection: this page is as it was at");
            page.navigate("/bench/cold");
            assertThat(page.locator("#aged")).isVisible();
            page.navigate("/");
            page.locator("main a:has-text('Mushroom & perry gravy')").first().click();
            assertThat(page.locator("#panel")).isVisible();
            assertThat(page.locator("#line")).isVisible();
            assertThat(page.locator("#aged")).isHidden();

            // Whoever signs out leaves nothing behind.
            application.restart();
            page.navigate("/");
            assertThat(page.locator("#aged")).isHidden();
            page.click("text=Sign out");
            assertThat(page.locator("main")).containsText("Enter the demo kitchen");
            page.waitForFunction(
                    "() => Promise.all(['/', '/bench/cold', '/plan/clock'].map((page) => caches.match(page)))"
                            + ".then((kept) => kept.every((page) => page === undefined))");
        }
    }

    @Test
    void plainHttpOnlyLeadsToHttpsAndOnlyOurNamesAreAnswered() throws Exception {
        try (RunningApplication application = house.application()) {
            String plain = "http://" + HttpsHouse.STOVE + ":" + application.port();
            HttpResponse<String> led = ask(plain + "/sauces?q=a%20b", "GET");
            assertThat(led.statusCode()).isEqualTo(308);
            assertThat(led.headers().firstValue("Location")).contains(house.stove() + "/sauces?q=a%20b");
            HttpResponse<String> done = ask(plain + "/api/v1/batches/1/events", "POST");
            assertThat(done.statusCode()).as("nothing is done by plain http").isEqualTo(426);
            HttpResponse<String> here = ask(application.url() + "/login", "GET");
            assertThat(here.statusCode()).as("this machine itself").isEqualTo(200);
            assertThat(ask("http://localhost:" + application.port() + "/login", "GET")
                            .statusCode())
                    .isEqualTo(200);
            assertThat(ask("http://127.0.0.3:" + application.port() + "/", "GET")
                            .statusCode())
                    .as("an address that is not among ours")
                    .isEqualTo(421);
            assertThatThrownBy(() -> ask(house.stove() + "/login", "GET"))
                    .as("who was told nothing does not trust it")
                    .isInstanceOf(IOException.class);
        }
    }

    private static HttpResponse<String> ask(String address, String method) throws IOException, InterruptedException {
        HttpRequest.BodyPublisher body =
                method.equals("POST") ? HttpRequest.BodyPublishers.ofString("{}") : HttpRequest.BodyPublishers.noBody();
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(address))
                                .method(method, body)
                                .header("Content-Type", "application/json")
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
    }
}

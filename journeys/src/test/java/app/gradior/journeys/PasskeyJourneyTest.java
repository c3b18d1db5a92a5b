package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Signing in by a passkey, which Chromium's virtual authenticator holds. */
class PasskeyJourneyTest {
    private static CDPSession finger(Page page, JsonObject held) {
        CDPSession session = page.context().newCDPSession(page);
        session.send("WebAuthn.enable");
        JsonObject options = new JsonObject();
        options.addProperty("protocol", "ctap2");
        options.addProperty("transport", "internal");
        options.addProperty("hasResidentKey", true);
        options.addProperty("hasUserVerification", true);
        options.addProperty("isUserVerified", true);
        options.addProperty("automaticPresenceSimulation", true);
        JsonObject asks = new JsonObject();
        asks.add("options", options);
        held.add("id", session.send("WebAuthn.addVirtualAuthenticator", asks).get("authenticatorId"));
        return session;
    }

    private static void verified(CDPSession session, JsonObject held, boolean is) {
        JsonObject asks = new JsonObject();
        asks.add("authenticatorId", held.get("id"));
        asks.addProperty("isUserVerified", is);
        session.send("WebAuthn.setUserVerified", asks);
    }

    @Test
    void aPasskeyIsMadeSignsInAndIsRemoved() throws Exception {
        RunningApplication application = OwnKitchen.shared();
        try (Browser browser = new Browser()) {
            String named = "http://localhost:" + application.port();
            Page page = browser.page(named, 1280, 800, ColorScheme.LIGHT);
            JsonObject held = new JsonObject();
            CDPSession finger = finger(page, held);
            page.navigate("/setup");
            page.fill("[name=name]", "Harbour kitchen");
            page.fill("[name=login]", "marta-by-finger");
            page.fill("[name=password]", "a quince in the window");
            page.click("main button.act");
            assertThat(page.locator("h1")).hasText("On the heat");
            page.navigate("/account");
            page.locator("#make-passkey input").first().fill("Marta’s finger");
            Browser.checkScreen(page);
            page.fill("#make-passkey [type=password]", "a medlar in the window");
            page.click("#make-passkey button");
            assertThat(page.locator("#make-passkey [role=alert]")).containsText("password");
            page.fill("#make-passkey [type=password]", "a quince in the window");
            page.click("#make-passkey button");
            assertThat(page.locator("main li:has-text('Marta’s finger')")).isVisible();
            page.click("text=Sign out");

            // The finger alone signs in; one that is not hers does not.
            verified(finger, held, false);
            page.click("#by-passkey button");
            assertThat(page.locator("#by-passkey button")).isEnabled();
            assertThat(page.locator("h1")).hasText("Stop at the right moment");
            verified(finger, held, true);
            Browser.checkScreen(page);
            page.click("#by-passkey button");
            assertThat(page.locator("h1")).hasText("On the heat");
            assertThat(page.locator(".who")).containsText("Harbour kitchen");

            // Once it is removed here, what the device holds opens nothing.
            page.navigate("/account");
            for (String password : List.of("a medlar in the window", "a quince in the window")) {
                assertThat(page.locator("main li:has-text('Marta’s finger')")).hasCount(1);
                page.click("[aria-label='Remove the passkey Marta’s finger']");
                page.fill("main li:has-text('Marta’s finger') [type=password]", password);
                page.click("text=Remove it");
                page.waitForLoadState();
            }
            assertThat(page.locator("main li:has-text('Marta’s finger')")).hasCount(0);
            page.click("text=Sign out");
            page.click("#by-passkey button");
            assertThat(page.locator("#by-passkey [role=alert]")).containsText("No account here has that passkey");
            assertThat(browser.errors()).isEmpty();

            Page byNumber = browser.page("http://127.0.0.1:" + application.port(), 390, 844, ColorScheme.LIGHT);
            byNumber.navigate("/login");
            assertThat(byNumber.locator("#by-passkey")).hasCount(0);
        }
    }
}

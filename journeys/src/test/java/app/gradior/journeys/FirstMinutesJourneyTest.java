package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import org.junit.jupiter.api.Test;

/** A newcomer is at a pot within two minutes: counted in what they tap and type, at a second and a half a tap and a word. */
class FirstMinutesJourneyTest {
    private static final double S_PER_TAP_OR_WORD = 1.5;
    private static final double TWO_MINUTES_S = 120;

    private int taps;
    private int words;

    private void type(Page page, String field, String text) {
        page.fill(field, text);
        taps++;
        words += text.trim().split("\\s+").length;
    }

    private void tap(Page page, String what) {
        page.locator(what).first().click();
        taps++;
    }

    private void setUp(Page page, String login) {
        page.navigate("/setup");
        type(page, "[name=login]", login);
        type(page, "[name=password]", "a quince in the window");
        type(page, "[name=name]", "Harbour kitchen");
        assertThat(page.locator("form.sheet > label:visible, form.sheet > .pair label:visible"))
                .hasCount(5); // who they are, and three questions
    }

    private double seconds() {
        return (taps + words) * S_PER_TAP_OR_WORD;
    }

    @Test
    void fromTheDoorToAPotInTwoMinutesByEachOfThreeWays() {
        RunningApplication application = OwnKitchen.shared();
        try (Browser browser = new Browser()) {
            Page page = browser.page(application.url(), 390, 844, ColorScheme.LIGHT);
            setUp(page, "marta");
            page.selectOption("[name=hob]", "INDUCTION");
            tap(page, "main button.act");
            assertThat(page.locator("h1")).hasText("On the heat");
            assertThat(page.locator(".looksof li")).hasCount(3);
            Browser.checkScreen(page);
            tap(page, "[aria-label='I have no 28 cm sauté pan']");
            assertThat(page.locator(".looksof li")).hasCount(2);
            tap(page, "text=Try a made-up pot");
            assertThat(page.locator("#panel")).isVisible();
            assertThat(page.locator("h1")).hasText("A made-up tomato sauce");
            assertThat(seconds()).as("a made-up pot").isLessThan(TWO_MINUTES_S / 2);
            page.navigate("/kit");
            assertThat(page.locator("main")).containsText("induction");

            Page other = browser.page(application.url(), 1280, 800, ColorScheme.LIGHT);
            taps = 0;
            words = 0;
            setUp(other, "jonas");
            other.selectOption("[name=measures]", "US");
            tap(other, "main button.act");
            assertThat(other.locator(".units")).hasText("US, °F");
            Browser.checkScreen(other);
            tap(other, ".ways >> text=Already on the stove");
            type(other, "textarea[name=lines]", "1 can crushed tomatoes, 28 oz\n2 tbsp butter\n1 onion");
            tap(other, "text=Follow it");
            assertThat(other.locator("#panel")).isVisible();
            assertThat(seconds()).as("a pot that is on").isLessThan(TWO_MINUTES_S);
            assertThat(browser.errors()).isEmpty();
        }
    }
}

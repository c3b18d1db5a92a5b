package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;

/**
 * A copy of the demo kitchen that nobody else comes into, its live pots as far on as they were, in an application that all journeys of a
 * process share. For journeys that neither end their application nor ask for settings of their own.
 */
final class OwnKitchen {
    private static final Clock CLOCK = Clock.systemUTC();
    private static final String PASSWORD = "a whisk in the umbrella stand";
    private static final String HASH = "{bcrypt}" + new BCryptPasswordEncoder(4).encode(PASSWORD);

    private static @Nullable RunningApplication shared;
    private static Instant laidAt = Instant.EPOCH;
    private static int taken;

    private final RunningApplication application;
    private final int number;

    private OwnKitchen(RunningApplication application, int number) {
        this.application = application;
        this.number = number;
    }

    /** The application that is shared, for whoever only looks at its demo kitchen, or sets up a new one: anybody may. */
    static synchronized RunningApplication shared() {
        if (shared == null) {
            shared = RunningApplication.demo(Map.of("GRADIOR_SIGNUP", "open"));
            laidAt = CLOCK.instant();
        }
        return shared;
    }

    /** The next one. */
    static synchronized OwnKitchen take() {
        OwnKitchen kitchen = new OwnKitchen(shared(), ++taken);
        kitchen.lay();
        return kitchen;
    }

    private void lay() {
        long seconds = Duration.between(laidAt, CLOCK.instant()).toSeconds();
        try (Connection database = application.database();
                Statement statement = database.createStatement()) {
            ManyKitchens.lay(database, number, number);
            statement.execute("update account set password_hash = '" + HASH + "' where id = " + id(0));
            DemoCopy.asFarOn(statement, "", id(0), seconds);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    String url() {
        return application.url();
    }

    /** Its id of what has that one in the demo kitchen. */
    long id(long original) {
        return ManyKitchens.id(original, number);
    }

    /** The first column of a query on the database of all of them. */
    List<String> ask(String query) {
        return application.ask(query);
    }

    /** The token of its programs. */
    String token() {
        return ManyKitchens.token(number);
    }

    /** A page on its hob. */
    Page hob(Browser browser, int width, int height, ColorScheme scheme) {
        return enter(browser.page(url(), width, height, scheme));
    }

    /** The same page, on its hob. */
    Page enter(Page page) {
        page.navigate("/login");
        page.fill("input[name=username]", "cook-" + number);
        page.fill("input[name=password]", PASSWORD);
        page.locator("form:has(input[name=username]) button").first().click();
        assertThat(page.locator("h1")).hasText("On the heat");
        return page;
    }
}

package app.gradior.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRuleOptions;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Debian's headless Chromium. */
final class Browser implements AutoCloseable {
    /** The longest wait for any state of a page: machines are shared, and slow at times. */
    static final int PATIENCE_MS = 90_000;

    /** The one without windows starts nothing that only they need; Debian has it beside the other. */
    private static final Path PROGRAM = Stream.of("/usr/bin/chromium-headless-shell", "/usr/bin/chromium")
            .map(Path::of)
            .filter(Files::isExecutable)
            .findFirst()
            .orElseThrow();

    /**
     * What passes is not written down: selectors of thousands of elements are most of the work. Whether all stands in a landmark is never
     * serious for axe, and would be a quarter of the rest.
     */
    private static final AxeRunOptions ONLY_WHAT_IS_WRONG = new AxeRunOptions();

    static {
        AxeRuleOptions off = new AxeRuleOptions();
        off.setEnabled(false);
        ONLY_WHAT_IS_WRONG.setResultTypes(List.of("violations"));
        ONLY_WHAT_IS_WRONG.setRules(Map.of("region", off));
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    /** The one that most tests share: each has contexts of its own in it, which know nothing of each other. */
    private static @Nullable Chromium shared;

    private final Chromium chromium;
    private final List<String> errors = new ArrayList<>();
    private final Evidence evidence;

    Browser() {
        if (shared == null || !shared.browser.isConnected()) {
            shared = Chromium.start(System.getenv());
        }
        chromium = shared;
        evidence = Evidence.of(() -> {});
    }

    /** One of its own, with an environment of its own: its home tells which authorities it trusts. */
    Browser(Map<String, String> environment) {
        Map<String, String> all = new HashMap<>(System.getenv());
        all.putAll(environment);
        chromium = Chromium.start(all);
        evidence = Evidence.of(chromium.playwright::close);
    }

    private record Chromium(Playwright playwright, com.microsoft.playwright.Browser browser) {
        static Chromium start(Map<String, String> environment) {
            Playwright playwright = Playwright.create(
                    new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
            return new Chromium(
                    playwright,
                    playwright
                            .chromium()
                            .launch(new BrowserType.LaunchOptions()
                                    .setExecutablePath(PROGRAM)
                                    .setEnv(environment)
                                    .setArgs(List.of(
                                            "--no-sandbox",
                                            "--disable-gpu",
                                            "--disable-quic",
                                            "--no-first-run",
                                            "--disable-background-networking",
                                            "--disable-component-update",
                                            "--disable-sync",
                                            "--disable-dev-shm-usage"))));
        }
    }

    Page page(String baseUrl, int width, int height) {
        return page(baseUrl, width, height, ColorScheme.LIGHT);
    }

    Page page(String baseUrl, int width, int height, ColorScheme scheme) {
        BrowserContext context = chromium.browser.newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                .setLocale("en-GB")
                .setBaseURL(baseUrl)
                .setColorScheme(scheme)
                .setViewportSize(width, height));
        context.setDefaultTimeout(PATIENCE_MS);
        evidence.follow(context);
        Page page = context.newPage();
        page.onPageError(errors::add);
        page.onRequest(request -> {
            if (!request.url().startsWith(baseUrl) && !request.url().startsWith("data:")) {
                errors.add("left the application: " + request.url());
            }
        });
        return page;
    }

    /** A page on the Hob of the demo kitchen. */
    Page demo(RunningApplication application, int width, int height, ColorScheme scheme) {
        return demo(page(application.url(), width, height, scheme));
    }

    /** The same page, on the Hob of the demo kitchen. */
    static Page demo(Page page) {
        page.navigate("/login");
        page.click("text=Enter the demo kitchen");
        PlaywrightAssertions.assertThat(page.locator("h1")).hasText("On the heat");
        return page;
    }

    /** Errors of scripts, and requests that left the application. */
    List<String> errors() {
        return errors;
    }

    /** Nothing serious or critical on this screen, and no sideways scrolling. */
    static void checkScreen(Page page) {
        // The other way opens a page of its own each time; that is for frames of other origins.
        AxeBuilder axe = new AxeBuilder(page).setLegacyMode(true).options(ONLY_WHAT_IS_WRONG);
        List<String> serious = axe.analyze().getViolations().stream()
                .filter(rule -> List.of("serious", "critical").contains(rule.getImpact()))
                .map((Rule rule) -> rule.getId() + ": " + rule.getNodes().get(0).getHtml())
                .toList();
        assertThat(serious).as("axe on " + page.url()).isEmpty();
        Object wide = page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
        assertThat(((Number) wide).intValue())
                .as("sideways scrolling on " + page.url())
                .isLessThanOrEqualTo(0);
    }

    @Override
    public void close() {
        evidence.over();
    }
}

package app.gradior.journeys;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Tracing;
import java.io.IOException;
import java.lang.reflect.Method;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/**
 * What a browser showed and said, kept as picture, page, console and trace under {@code var/log/journeys} when a journey fails. A browser
 * that a test closed stays open until it is known whether the test failed: taking everything down for those that do not cost minutes.
 */
final class Evidence {
    private static final Path KEPT = Path.of("../var/log/journeys").normalize();
    /** What every step looked like, too: half as slow again. */
    private static final boolean EVERY_STEP = "steps".equals(System.getenv("GRADIOR_EVIDENCE"));

    private static final List<Evidence> ALL = new CopyOnWriteArrayList<>();
    private static boolean watched;

    private final List<BrowserContext> contexts = new ArrayList<>();
    private final List<String> console = new CopyOnWriteArrayList<>();
    private final Runnable closes;
    private boolean over;

    private Evidence(Runnable closes) {
        this.closes = closes;
    }

    /**
     * Evidence of what is opened in a browser.
     *
     * @param closes what else there is to end
     */
    static Evidence of(Runnable closes) {
        Evidence evidence = new Evidence(closes);
        ALL.add(evidence);
        return evidence;
    }

    void follow(BrowserContext context) {
        contexts.add(context);
        context.onConsoleMessage(message -> console.add(message.type() + " " + message.text()));
        context.onWebError(error -> console.add("error " + error.error()));
        trace(context);
    }

    private static void trace(BrowserContext context) {
        context.tracing().start(new Tracing.StartOptions().setSnapshots(EVERY_STEP));
    }

    /** Its test needs the browser no more. */
    void over() {
        over = true;
        if (!watched) {
            end();
        }
    }

    private void end() {
        contexts.forEach(BrowserContext::close);
        closes.run();
        ALL.remove(this);
    }

    private void keep(Path folder) throws IOException {
        Files.write(folder.resolve("console.txt"), console);
        for (int i = 0; i < contexts.size(); i++) {
            BrowserContext context = contexts.get(i);
            for (int p = 0; p < context.pages().size(); p++) {
                Page page = context.pages().get(p);
                String name = "page-" + i + "-" + p;
                Files.writeString(folder.resolve(name + ".html"), "<!-- " + page.url() + " -->\n" + page.content());
                page.screenshot(new Page.ScreenshotOptions()
                        .setPath(folder.resolve(name + ".png"))
                        .setTimeout(Browser.PATIENCE_MS));
            }
            context.tracing().stop(new Tracing.StopOptions().setPath(folder.resolve("trace-" + i + ".zip")));
            trace(context); // its class may have another test that fails
        }
    }

    /** Keeps it of a test that fails; lets go of browsers whose tests are over. */
    public static final class OnFailure implements BeforeAllCallback, AfterEachCallback, AfterAllCallback {
        @Override
        public void beforeAll(ExtensionContext context) {
            watched = true;
        }

        @Override
        public void afterEach(ExtensionContext context) {
            after(context);
        }

        @Override
        public void afterAll(ExtensionContext context) {
            after(context);
        }

        private static void after(ExtensionContext context) {
            if (context.getExecutionException().isPresent()) {
                String test = context.getRequiredTestClass().getSimpleName() + "."
                        + context.getTestMethod().map(Method::getName).orElse("all");
                for (int i = 0; i < ALL.size(); i++) {
                    try {
                        ALL.get(i)
                                .keep(Files.createDirectories(KEPT.resolve(test).resolve("browser-" + i)));
                    } catch (IOException | PlaywrightException e) {
                        System.err.println("not all could be kept of " + test + ": " + e.getMessage());
                    }
                }
                System.err.println("what the browser showed is in " + KEPT.resolve(test));
            }
            ALL.stream().filter(evidence -> evidence.over).forEach(Evidence::end);
        }
    }
}

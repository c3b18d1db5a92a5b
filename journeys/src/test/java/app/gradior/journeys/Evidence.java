package app.gradior.journeys;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Tracing;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.TestWatcher;

/** What a browser showed and said, kept as picture, console and trace under {@code var/log/journeys} when a journey fails. */
final class Evidence {
    private static final Path KEPT = Path.of("../var/log/journeys").normalize();
    private static final List<Evidence> ALL = new CopyOnWriteArrayList<>();

    private final List<BrowserContext> contexts = new ArrayList<>();
    private final List<String> console = new CopyOnWriteArrayList<>();
    private final Path folder;
    private boolean closed;

    private Evidence(Path folder) {
        this.folder = folder;
    }

    /** Evidence of a browser that was just opened. */
    static Evidence open() {
        try {
            Evidence evidence = new Evidence(Files.createTempDirectory("gradior-journey-evidence"));
            ALL.add(evidence);
            return evidence;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    void follow(BrowserContext context) {
        contexts.add(context);
        context.onConsoleMessage(message -> console.add(message.type() + " " + message.text()));
        context.onWebError(error -> console.add("error " + error.error()));
        context.tracing().start(new Tracing.StartOptions().setSnapshots(true));
    }

    /** Takes down what there is before the browser goes. */
    void close() {
        write();
        closed = true;
    }

    private void write() {
        if (closed) {
            return;
        }
        try {
            Files.write(folder.resolve("console.txt"), console);
            for (int i = 0; i < contexts.size(); i++) {
                BrowserContext context = contexts.get(i);
                for (int p = 0; p < context.pages().size(); p++) {
                    context.pages()
                            .get(p)
                            .screenshot(new Page.ScreenshotOptions()
                                    .setPath(folder.resolve("page-" + i + "-" + p + ".png"))
                                    .setTimeout(Browser.PATIENCE_MS));
                }
                context.tracing().stop(new Tracing.StopOptions().setPath(folder.resolve("trace-" + i + ".zip")));
            }
        } catch (IOException | PlaywrightException e) {
            console.add("the rest could not be kept: " + e.getMessage());
        }
    }

    private static void each(Path folder, IO what) {
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.toList()) {
                what.with(file);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Something done with a file. */
    private interface IO {
        void with(Path file) throws IOException;
    }

    private void keep(String test) throws IOException {
        write();
        closed = true;
        Path kept = Files.createDirectories(KEPT.resolve(test));
        each(
                folder,
                file -> Files.move(
                        file, kept.resolve(file.getFileName()), java.nio.file.StandardCopyOption.REPLACE_EXISTING));
    }

    private void drop() {
        each(folder, Files::delete);
    }

    /** Keeps it of a test that fails, lets it go of one that does not. */
    public static final class OnFailure implements TestWatcher {
        @Override
        public void testFailed(ExtensionContext context, Throwable cause) {
            String test = context.getRequiredTestClass().getSimpleName() + "."
                    + context.getRequiredTestMethod().getName();
            try {
                for (Evidence evidence : ALL) {
                    evidence.keep(test);
                }
                System.err.println("what the browser showed is in " + KEPT.resolve(test));
            } catch (IOException e) {
                System.err.println("nothing could be kept of " + test + ": " + e);
            }
            ALL.clear();
        }

        @Override
        public void testSuccessful(ExtensionContext context) {
            ALL.stream().filter(evidence -> evidence.closed).forEach(Evidence::drop);
            ALL.removeIf(evidence -> evidence.closed);
        }
    }
}

package app.gradior.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What comes over the line for a browser that has nothing of it yet, and for one that has. */
class FirstViewJourneyTest {
    private static final int MOST_BYTES = 250_000;
    /** Of each thing that a page is made of, seen again: a question whether it is still the same. */
    private static final int MOST_BYTES_AGAIN = 600;

    @Test
    void aFirstViewIsLight() {
        OwnKitchen kitchen = OwnKitchen.take();
        try (Browser browser = new Browser()) {
            Page signedIn = kitchen.hob(browser, 1280, 800, ColorScheme.LIGHT);
            for (String path : List.of(
                    "/login", "/", "/pot/" + kitchen.id(41), "/sauces", "/plan?sauce=" + kitchen.id(1), "/log")) {
                Page page = browser.page(kitchen.url(), 1280, 800);
                if (!path.equals("/login")) {
                    page.context().addCookies(signedIn.context().cookies());
                }
                page.navigate(path);
                Map<String, Integer> first = bytes(page);
                assertThat(first).as("the whole of " + path).containsKeys("bootstrap.min.css", "text.woff2");
                assertThat(sum(first))
                        .as("bytes of a first %s: %s", path, first)
                        .isBetween(100_000, MOST_BYTES);
                page.navigate(path);
                Map<String, Integer> again = bytes(page);
                again.keySet().removeIf(name -> !name.contains("."));
                assertThat(again).as("%s seen again", path).containsKey("text.woff2");
                assertThat(again.values()).as("%s", again).allMatch(part -> part <= MOST_BYTES_AGAIN);
            }
            assertThat(browser.errors()).isEmpty();
        }
    }

    /** What came over the line for this page, with its heads, by the ends of addresses. */
    @SuppressWarnings("unchecked")
    private static Map<String, Integer> bytes(Page page) {
        List<Map<String, Object>> entries = (List<Map<String, Object>>) page.evaluate("""
                () => document.fonts.ready.then(() => ['navigation', 'resource'].flatMap((kind) => performance.getEntriesByType(kind))
                  .map((entry) => ({ name: new URL(entry.name).pathname.split('/').pop(), bytes: entry.transferSize })))
                """);
        return entries.stream()
                .collect(Collectors.toMap(
                        entry -> String.valueOf(entry.get("name")),
                        entry -> ((Number) entry.get("bytes")).intValue(),
                        Integer::sum));
    }

    private static int sum(Map<String, Integer> bytes) {
        return bytes.values().stream().mapToInt(Integer::intValue).sum();
    }
}

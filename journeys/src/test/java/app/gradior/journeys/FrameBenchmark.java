package app.gradior.journeys;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.List;

/** How many frames a second the practice stove draws at 1280×800 by software alone; run by {@code ./gradior bench}. */
final class FrameBenchmark {
    private static final double WATCHED_S = 5;

    private FrameBenchmark() {}

    public static void main(String[] args) {
        try (RunningApplication application = RunningApplication.demo();
                Browser browser = new Browser()) {
            Page page = browser.demo(application, 1280, 800, ColorScheme.LIGHT);
            System.out.printf(
                    "%n%-42s %10s %10s %10s%n",
                    "the practice stove, software drawing", "frames/s", "slowest", "budget");
            measure(page, "a pot, small quick bubbles all over", "Stop for the cold step", "^[3-9]:.*");
            measure(page, "a pot, thumb-wide and spitting", "Read the bubbles", "^(1[5-9]|[2-9]\\d):.*");
            measure(page, "three pots", "Three pots and two hands", "^[7-9]:.*");
        }
    }

    private static void measure(Page page, String what, String lesson, String minutes) {
        page.navigate("/practice");
        page.click("text=" + lesson);
        page.waitForSelector(
                "[name=heat]:checked", new Page.WaitForSelectorOptions().setState(WaitForSelectorState.ATTACHED));
        page.keyboard().press("+");
        page.keyboard().press("+");
        page.keyboard().press(" ");
        page.waitForFunction("m => new RegExp(m).test(document.querySelector('#minute').textContent)", minutes);
        for (int i = 0; i < 4; i++) {
            page.keyboard().press("-");
        }
        @SuppressWarnings("unchecked")
        List<Number> found = (List<Number>) page.evaluate("""
                (seconds) => new Promise((done) => {
                  let frames = 0;
                  let slowest = 0;
                  let last = performance.now();
                  const begin = last;
                  const step = (now) => {
                    frames += 1;
                    slowest = Math.max(slowest, now - last);
                    last = now;
                    if (now - begin > seconds * 1000) { done([frames / ((now - begin) / 1000), slowest]); } else { requestAnimationFrame(step); }
                  };
                  requestAnimationFrame(step);
                })
                """, WATCHED_S);
        System.out.printf(
                "%-42s %10.0f %7.0f ms %10s%n",
                what, found.get(0).doubleValue(), found.get(1).doubleValue(), "20");
    }
}
